import { demoRequest } from '#contracts'
import { connectionOf } from '../../http/connection'
import { handleAnyone, readBodyAs } from '../../http/handle'
import { keepSession } from '../../http/who'
import { becomeInDemo } from '../../services/demo'
import { notFound } from '../../services/problems'

/** The demo's visitor becomes somebody else; anywhere else there is no such place. */
export default handleAnyone(async ({ db, event }) => {
  if (!process.env.KEEP_TAB_DEMO || !connectionOf(event).here) throw notFound('page')
  keepSession(event, await becomeInDemo(db, (await readBodyAs(event, demoRequest)).person))
  return { done: true }
})
