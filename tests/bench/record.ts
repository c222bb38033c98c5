/**
 * `npm run bench -- record`: a book of 500 sites, 20,000 tabs and 400,000 lines taken in, given out and asked over
 * HTTP, by the built server; then one of 200,000 lines with 240 pictures taken in. Client and server share the machine.
 */
import { createReadStream, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { createWriter } from '#core/tab'
import type { ImportReply, SitesReply, TodayReply } from '#contracts'
import { HEADERS, serveDemo, waitFor, type Served } from '../browser/drive'
import { writeWorld, type World } from './world'

type Row = (what: string, figure: string, wanted: string) => void
const LARGE: World = { sites: 500, tabs: 40, linesATab: 20, longest: 200, pictures: 0 }
const PICTURED: World = { sites: 250, tabs: 40, linesATab: 20, longest: 0, pictures: 240 }
const CLIENTS = 20
const WATCHERS = 500

const quantiles = (times: readonly number[]) => {
  const sorted = times.toSorted((a, b) => a - b)
  const at = (p: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * p))]!.toFixed(0)
  return `p50 ${at(0.5)}, p95 ${at(0.95)}, most ${at(1)} ms`
}
const timed = async (work: () => Promise<unknown>) => {
  const began = performance.now()
  await work()
  return performance.now() - began
}
const read = async (url: string) => {
  const reply = await fetch(url)
  if (!reply.ok) throw new Error(`${url}: ${reply.status}`)
  return reply.arrayBuffer()
}
const many = async (times: number, work: (i: number) => Promise<unknown>) => {
  const took: number[] = []
  for (let i = 0; i < times; i++) took.push(await timed(() => work(i)))
  return took
}

const lineOf = (put: ReturnType<typeof createWriter>, id: string) =>
  put({ id, at: new Date().toISOString(), kind: 'reading', test: 'line.volts', value: 230 })
async function post(url: string, tab: string, line: { readonly id: string }) {
  const reply = await fetch(`${url}/api/tabs/${tab}/lines`, {
    method: 'POST', headers: HEADERS, body: JSON.stringify({ lines: [line] }),
  })
  if (!(await reply.text()).includes(`"kept":["${line.id}"]`)) throw new Error('a line was not kept')
}
const openTabs = async (url: string) => ((await (await fetch(`${url}/api/today`)).json()) as TodayReply).tabs

/** One device all the while: it has seen what it wrote. */
const beside = createWriter('bench-beside')
let n = 0

/** Others at work all the while: one posts, one reads Today. Their waits, and the most memory that the server took. */
function besides({ url, pid }: Served) {
  let going = true
  let memory = 0
  const waits = { post: [] as number[], today: [] as number[] }
  const again = async (took: number[], pause: number, work: () => Promise<unknown>) => {
    while (going) {
      took.push(await timed(work))
      const said = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid()}/status`, 'utf8'))?.[1]
      memory = Math.max(memory, Number(said) / 1024)
      await new Promise(resolve => setTimeout(resolve, pause))
    }
  }
  const done = openTabs(url).then(([tab]) => Promise.all([
    again(waits.post, 40, () => post(url, tab!.id, lineOf(beside, `bench-beside-${n++}`))),
    again(waits.today, 1000, () => read(`${url}/api/today`)),
  ]))
  return async () => {
    going = false
    await done
    const late = waits.post.filter(w => w > 50).length
    return `${memory.toFixed(0)} MB; posts ${quantiles(waits.post)}, ${late} of ${waits.post.length} over 50; `
      + `Today ${quantiles(waits.today)}`
  }
}

async function takeIn(served: Served, path: string) {
  const { url } = served
  const stop = besides(served)
  let told: ImportReply | undefined
  const took = await timed(async () => {
    const reply = await fetch(`${url}/api/books`, {
      method: 'POST', headers: { ...HEADERS, 'content-type': 'application/octet-stream' },
      body: Readable.toWeb(createReadStream(path)) as BodyInit, duplex: 'half',
    } as RequestInit)
    told = (await reply.json()) as ImportReply
    while (told.state !== 'done') {
      if (told.problem || !['staging', 'applying'].includes(told.state)) throw new Error(JSON.stringify(told))
      await new Promise(resolve => setTimeout(resolve, 250))
      told = (await (await fetch(`${url}/api/imports/${told.id}`)).json()) as ImportReply
    }
  })
  return { what: `${told!.tabs} tabs, ${told!.lines} lines`, figure: `${(took / 1000).toFixed(0)} s, ${await stop()}` }
}

export async function benchRecord(folder: string, row: Row) {
  const served = await serveDemo({ env: { KEEP_TAB_LIMITS: '0' } })
  const path = join(folder, 'large.json')
  await writeWorld(path, LARGE)
  const large = await takeIn(served, path)
  row(`taken in: ${large.what}, ${megabytes(path)}`, large.figure, '≤ 250 MB, others ≤ 50 ms')
  await asked(served, row)
  const stop = besides(served)
  const out = await timed(() => read(`${served.url}/api/books`))
  row('given out', `${(out / 1000).toFixed(0)} s, ${await stop()}`, '≤ 250 MB, others ≤ 50 ms')
  await clients(served, row)
  await watchers(served, row)
  await served.remove()
  const other = await serveDemo({ env: { KEEP_TAB_LIMITS: '0' } })
  const archive = join(folder, 'pictured.zip')
  await writeWorld(archive, PICTURED)
  const pictured = await takeIn(other, archive)
  row(`taken in: ${pictured.what}, 240 pictures, ${megabytes(archive)}`, pictured.figure, '≤ 250 MB, others ≤ 50 ms')
  await other.remove()
}

const megabytes = (path: string) => `${(statSync(path).size / 1e6).toFixed(0)} MB`

async function asked({ url }: Served, row: Row) {
  row('Today', quantiles(await many(60, () => read(`${url}/api/today`))), 'p95 ≤ 20 ms')
  const { sites } = (await (await fetch(`${url}/api/sites?most=1000`)).json()) as SitesReply
  for (const n of [40, 200]) {
    const own = sites.filter(s => s.tabs === n).slice(0, 5)
    row(`a site with ${n} tabs`, quantiles(await many(60, i => read(`${url}/api/sites/${own[i % own.length]!.id}`))),
      'p95 ≤ 30 ms')
  }
  for (const q of ['gorse', 'pressure switch', 'settle in band', 'yearly check', 's', 'oakhollow 2023']) {
    const times = await many(40, () => read(`${url}/api/search?q=${encodeURIComponent(q)}`))
    row(`search: ${q}`, quantiles(times), 'p95 ≤ 50 ms')
  }
  row('books, the first time', quantiles(await many(1, () => read(`${url}/api/sums`))), '')
  row('books after the first', quantiles(await many(40, () => read(`${url}/api/sums`))), 'p95 ≤ 200 ms')
}

const PAUSE = 200
/** Devices at work, each posting a line to a tab of its own five times a second. */
async function clients({ url }: Served, row: Row) {
  const tabs = await openTabs(url)
  const took = await Promise.all(Array.from({ length: CLIENTS }, async (_, c) => {
    const put = createWriter(`bench-device-${c}`)
    const own: number[] = []
    for (let i = 0; i < 60; i++) {
      await new Promise(resolve => setTimeout(resolve, (i ? 1 : c / CLIENTS) * PAUSE))
      own.push(await timed(() => post(url, tabs[c % tabs.length]!.id, lineOf(put, `bench-${c}-${i}`))))
    }
    return own
  }))
  row(`${CLIENTS} clients posting, each five times a second`, quantiles(took.flat()), 'p95 ≤ 50 ms')
}

async function watchers({ url }: Served, row: Row) {
  const heard: number[] = []
  let began = 0
  const stop = new AbortController()
  let ready = 0
  for (let i = 0; i < WATCHERS; i++) void (async () => {
    const reply = await fetch(`${url}/api/watch`, { signal: stop.signal })
    ready++
    const decoder = new TextDecoder()
    for await (const bytes of reply.body as unknown as AsyncIterable<Uint8Array>)
      if (decoder.decode(bytes).includes('bench-watched')) heard.push(performance.now() - began)
  })().catch(() => undefined)
  await waitFor(() => Promise.resolve(ready === WATCHERS), 30000, 'the watchers')
  const [tab] = await openTabs(url)
  const line = lineOf(createWriter('bench-watched'), 'bench-watched-1')
  began = performance.now()
  await post(url, tab!.id, line)
  await waitFor(() => Promise.resolve(heard.length === WATCHERS), 30000, 'all to hear')
  stop.abort()
  row(`${WATCHERS} watchers hear of a line`, quantiles(heard), '≤ 1000 ms')
}
