import { watchTabs } from '../services/watch'

/** Server-sent events: one message each time lines are added to a tab. One stream serves all windows of a browser. */
export default defineEventHandler((event) => {
  const stream = createEventStream(event)
  const stop = watchTabs(news => void stream.push(JSON.stringify(news)))
  const beat = setInterval(() => void stream.push({ event: 'beat', data: '' }), 15000)
  stream.onClosed(async () => {
    clearInterval(beat)
    stop()
    await stream.close()
  })
  void stream.push({ event: 'beat', data: '' })
  return stream.send()
})
