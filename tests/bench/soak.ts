/**
 * `npm run soak [-- MINUTES]`: mixed load on the built server (lists, tabs, lines, pictures asked for, streams that
 * come and go, wrong requests) and how its memory goes: less than 1 MB a minute is wanted once it is warm.
 */
import { setTimeout as wait } from 'node:timers/promises'
import { createRandom } from '#core/foundation'
import { HEADERS, otherDevice, serveDemo } from '../browser/drive'

const MINUTES = Number(process.argv[2] ?? 20)
const [WARM, MOST] = [0.25, 1]
const served = await serveDemo({ env: { KEEP_TAB_METRICS: '1', KEEP_TAB_LIMITS: '0' } })
const random = createRandom(20)
const put = otherDevice()
const { tabs } = await (await fetch(`${served.url}/api/today`)).json() as { tabs: { id: string }[] }
let asked = 0

async function one() {
  const tab = tabs[random.below(tabs.length)]!.id
  const get = (path: string) => fetch(`${served.url}${path}`).then(r => r.arrayBuffer())
  asked++
  switch (random.below(8)) {
    case 0:
      return get('/api/today')
    case 1:
      return get('/api/sites')
    case 2:
    case 3:
      return get(`/api/tabs/${tab}/lines?after=400`)
    case 4:
      return served.post(tab, [put(`line-soak-${asked}`, { kind: 'note', text: `note ${asked}` })])
    case 5:
      return get(`/api/attachments/${'a'.repeat(64)}`)
    case 6: {
      const stop = new AbortController()
      await fetch(`${served.url}/api/watch`, { signal: stop.signal })
      return stop.abort()
    }
    default:
      return fetch(`${served.url}/api/people`, { method: 'POST', headers: HEADERS, body: '{"name":7}' })
  }
}
const memory = async () =>
  Number(/keep_tab_memory_bytes (\d+)/.exec(await (await fetch(`${served.url}/metrics`)).text())![1]) / 1e6

const began = Date.now()
const points: [number, number][] = []
let last = 0
while (Date.now() - began < MINUTES * 60e3) {
  await Promise.all([one(), one()])
  await wait(40)
  const minute = Math.floor((Date.now() - began) / 60e3)
  if (minute > last) {
    last = minute
    points.push([minute, await memory()])
    console.log(`minute ${minute}: ${points.at(-1)![1].toFixed(1)} MB, ${asked} requests`)
  }
}
const warm = points.filter(([m]) => m > MINUTES * WARM)
const mean = (of: readonly number[]) => of.reduce((a, b) => a + b, 0) / of.length
const [mx, my] = [mean(warm.map(p => p[0])), mean(warm.map(p => p[1]))]
const slope = warm.reduce((s, [x, y]) => s + (x - mx) * (y - my), 0) / warm.reduce((s, [x]) => s + (x - mx) ** 2, 0)
console.log(`${slope.toFixed(2)} MB a minute once warm, wanted < ${MOST}`)
await served.remove()
process.exit(slope < MOST ? 0 : 1)
