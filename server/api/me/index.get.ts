import type { MeReply } from '#contracts'
import { isUnowned } from '../../database/owned'
import { connectionOf } from '../../http/connection'
import { handleAnyone } from '../../http/handle'
import { whoAsks } from '../../http/who'
import { lastBackup } from '../../services/audit'
import { demoPeople } from '../../services/demo'

/** Who is signed in here, and what a page for signing in has to know. */
export default handleAnyone(async ({ db, event }): Promise<MeReply> => {
  const who = await whoAsks(db, event)
  const { secure, here } = connectionOf(event)
  return {
    me: who ? { name: who.name, role: who.role } : null,
    backedUpAt: who ? await lastBackup(db) : '',
    unowned: await isUnowned(db),
    bare: !secure && !here,
    demo: await demoPeople(db, here ? process.env.KEEP_TAB_DEMO : undefined),
  }
})
