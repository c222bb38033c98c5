import { handle } from '../http/handle'
import { whoAsks } from '../http/who'
import { watchTabs } from '../services/watch'

/** How often a beat shows that the stream lives, ms; a session that has ended meanwhile is not watched on. */
const BEAT = 15000

/** Server-sent events: one message each time lines are added to a tab. One stream serves all windows of a browser. */
export default handle('read', async ({ db, event }) => {
  const stream = createEventStream(event)
  const stop = watchTabs(news => void stream.push(JSON.stringify(news)), () => void stream.close())
  const beat = setInterval(() => void whoAsks(db, event).then(
    who => (who ? stream.push({ event: 'beat', data: '' }) : stream.close()),
    () => undefined,
  ), BEAT)
  stream.onClosed(async () => {
    clearInterval(beat)
    stop()
    await stream.close()
  })
  void stream.push({ event: 'beat', data: '' })
  return stream.send()
})
