import { idOf } from '../../../http/handle'
import { watchTab } from '../../../services/watch'

/** Server-sent events: one message with the new lines' ids each time lines are added to the tab. */
export default defineEventHandler((event) => {
  const stream = createEventStream(event)
  const stop = watchTab(idOf(event), ids => void stream.push(JSON.stringify(ids)))
  const beat = setInterval(() => void stream.push({ event: 'beat', data: '' }), 15000)
  stream.onClosed(async () => {
    clearInterval(beat)
    stop()
    await stream.close()
  })
  void stream.push({ event: 'beat', data: '' })
  return stream.send()
})
