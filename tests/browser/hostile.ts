/**
 * Requests that no page of ours would send, seeded: every route with wrong, huge, nested, torn and packed bodies,
 * null bytes, prototype keys, foreign ids, wrong types, impossible dates.
 */
import { request } from 'node:http'
import { gzipSync } from 'node:zlib'
import { createRandom } from '#core/foundation'
import { HEADERS } from './drive'

export interface Answered {
  readonly status: number
  readonly text: string
  readonly ms: number
}
export interface Knocked {
  readonly method: string
  readonly path: string
  readonly body: Buffer
  readonly headers: Readonly<Record<string, string>>
}

const ROUTES: readonly (readonly [string, string])[] = [
  ['GET', '/api/health'], ['GET', '/api/ready'], ['GET', '/api/today'], ['GET', '/api/sites'],
  ['GET', '/api/sites/:id'], ['GET', '/api/sites/:id/tabs'],
  ['GET', '/api/tabs/:id'], ['GET', '/api/tabs/:id/lines'], ['POST', '/api/tabs/:id/lines'], ['POST', '/api/tabs'],
  ['PUT', '/api/systems/:id'], ['GET', '/api/attachments/:id'], ['PUT', '/api/attachments/:id'],
  ['GET', '/api/attachments/:id/progress'], ['GET', '/api/devices/:id/lines'], ['GET', '/api/learned'],
  ['GET', '/api/practice'], ['POST', '/api/practice'], ['GET', '/api/books'], ['POST', '/api/books'],
  ['GET', '/api/me'], ['POST', '/api/me/sign-in'], ['POST', '/api/me/join'], ['POST', '/api/me/link'],
  ['POST', '/api/me/passkey'], ['POST', '/api/me/passkey/ask'], ['POST', '/api/me/passkey/sign-in'],
  ['POST', '/api/demo'], ['GET', '/api/people'], ['POST', '/api/people'], ['PUT', '/api/people/:id'],
  ['POST', '/api/people/:id/link'], ['GET', '/api/sessions'], ['DELETE', '/api/sessions/:id'], ['GET', '/api/audit'],
  ['GET', '/api/sheets/:id'], ['POST', '/api/tabs/:id/link'], ['GET', '/api/nowhere'],
  ['POST', '/api/ledger/lines'], ['GET', '/api/shelf'], ['GET', '/api/sums'], ['GET', '/api/calls'],
  ['GET', '/api/search'], ['GET', '/api/calendar'], ['PATCH', '/api/today'], ['GET', '/api/calendar/:id'],
  ['POST', '/api/calendar/link'], ['GET', '/api/tags'], ['GET', '/api/readings'], ['POST', '/api/tabs/:id/post'],
  ['GET', '/api/desk/quotes'], ['POST', '/api/desk/orders'],
]
const deep = (n: number) => `${'['.repeat(n)}${']'.repeat(n)}`
const IDS = [
  'tab-unknown', '..%2f..%2fetc%2fpasswd', '%00', '__proto__', 'constructor', '%F0%9F%94%A7', 'a'.repeat(3000), '%',
  '%E0%A4%A', '\'; DROP TABLE lines; --'.replaceAll(' ', '%20'), '-1', '0', 'null', '%0d%0aset-cookie:%20a=b', '.',
]
const QUERIES = [
  '', '', '?today=2026-02-31', '?after=-1', '?after=1e309', '?site=__proto__', '?as=csv', '?layTo=nonsense',
  '?from=99999999999&size=-4', '?q=%22)%20OR%20NEAR(*', '?q[]=a', '?table=lives&from=nonsense',
  '?tabs=,,%00,__proto__',
  '?seek=%00%22&after=[1,2]', '?most=0', '?most=1e9&after={}', '?number=', '?page=-1', '?page=1e9',
  '?kind=__proto__', '?today[]=a&today[]=b', `?x=${'y'.repeat(4000)}`,
]

const VALUES: readonly unknown[] = [
  null, true, '', 'x', '\u0000', '\ud800', -1, 0, 1e308, 1.5, [], {}, [[]], 'a'.repeat(100_000), '2026-02-30T25:61:00Z',
  { __proto__: { admin: true } }, { constructor: { prototype: {} } }, ['__proto__'], Number.MAX_SAFE_INTEGER + 2,
  { toString: 'no' }, { length: -1 }, '../../book.db', '=cmd|\' /C calc\'!A0',
]

/** @param known ids that are there, among them those of other things than the route asks for */
export function createKnocks(seed: number, known: readonly string[]) {
  const { uniform: random } = createRandom(seed)
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!
  const value = (depth = 0): unknown => {
    if (depth > 3 || random() < 0.5) return pick(VALUES)
    if (random() < 0.3) return Array.from({ length: Math.floor(random() * 5) }, () => value(depth + 1))
    return Object.fromEntries(Array.from({ length: Math.floor(random() * 5) }, () => [pick(KEYS), value(depth + 1)]))
  }
  const number = () => Math.floor(random() * 1e9)
  /** something whole with one thing wrong */
  const spoil = <T extends object>(whole: T): object =>
    ({ ...whole, [pick([...Object.keys(whole), ...KEYS])]: value(2) })
  const line = () => ({
    kind: pick(['note', 'reading', 'state', 'settled', 'strike', 'future']), id: `line-hostile-${number()}`,
    at: '2026-06-15T10:54:00.000Z', device: 'dev-hostile', counter: number() + 1, clock: '01781517600000.0001',
    seen: [], text: 'x', test: 'line.volts', value: 230,
  })
  const entry = () => ({
    ...line(),
    kind: pick(['listed', 'counted', 'moved', 'fact', 'planned', 'ticked', 'check', 'system', 'struck', 'x']),
    part: 'part-hostile', type: 'pressure-switch', name: 'x', number: '1', place: 'van', count: 1, do: 'used',
    site: pick(known), fact: 'hazard', item: 'tab:x', day: '2026-06-15', person: '', rank: 1, what: 'x', done: true,
    system: pick(known), check: 'filter', months: 1, line: 'line-hostile', reason: '',
  })
  const book = () => {
    const tab = spoil({ id: pick(known), day: '2026-06-15', lines: [line()] })
    const system = spoil({ id: pick(known), name: 'x', kind: 'well-3wire', nameplate: {}, tabs: [tab] })
    const site = spoil({ id: 'site-hostile', name: 'x', systems: [system] })
    return spoil({ format: 'keep-tab', version: 2, sites: [site] })
  }
  const opening = () => spoil({
    site: { id: pick(known), name: 'x' },
    system: { id: pick(known), name: 'x', kind: 'well-3wire' },
    tab: {
      id: `tab-hostile-${number()}`,
      opened: spoil({ ...line(), kind: 'opened', complaint: 'groans', words: 'x' }),
    },
  })
  /** near to what is asked for */
  const near = (path: string): unknown => {
    if (path === '/api/ledger/lines') return { lines: Array.from({ length: 4 }, () => spoil(entry())) }
    if (path.endsWith('/lines')) return { lines: Array.from({ length: 4 }, () => spoil(line())) }
    if (path === '/api/tabs') return opening()
    if (path === '/api/books') return book()
    if (path.startsWith('/api/systems')) return { nameplate: { 'motor.power': value(2), [pick(KEYS)]: value(3) } }
    if (path.includes('/people')) return spoil({ name: 'N. Obody', role: 'office' })
    return spoil({ name: 'x', passphrase: 'y', trusted: true, word: 'z'.repeat(30), person: pick(known) })
  }
  const body = (path: string): Buffer => {
    const roll = random()
    if (roll < 0.45) return Buffer.from(JSON.stringify(near(path)))
    if (roll < 0.65) return Buffer.from(JSON.stringify(value()))
    if (roll < 0.72) return Buffer.from(JSON.stringify(near(path)).slice(0, Math.floor(random() * 80)))
    if (roll < 0.78) return Buffer.from(deep(Math.floor(random() * 20000)))
    if (roll < 0.84) return Buffer.from(Array.from({ length: 200 }, () => Math.floor(random() * 256)))
    if (roll < 0.87) return Buffer.alloc(Math.floor(random() * 300_000), 97)
    if (roll < 0.9) return Buffer.from(`PK\u0003\u0004${'x'.repeat(100)}`)
    return Buffer.alloc(0)
  }
  return (): Knocked => {
    const [method, route] = pick(ROUTES)
    const id = random() < 0.5 ? pick(known) : pick(IDS)
    const path = route.replace(':id', id) + pick(QUERIES)
    const bare = method === 'GET' || method === 'DELETE'
    const content = bare ? Buffer.alloc(0) : body(route)
    const packed = !bare && random() < 0.05
    return {
      method,
      path,
      body: packed ? gzipSync(content) : content,
      headers: {
        ...HEADERS,
        ...(packed ? { 'content-encoding': 'gzip' } : {}),
        ...(random() < 0.05 ? { 'content-type': 'text/plain' } : {}),
        ...(random() < 0.03 ? { cookie: 'keep-tab-session=%00%ff; keep-tab-session=x' } : {}),
      },
    }
  }
}
const KEYS = [
  'id', 'name', 'kind', '__proto__', 'constructor', 'lines', 'value', 'test', 'nested', 'role', 'line', '\u0000',
]

/** Sends it as it is: no client of ours would. */
export function knock(url: string, { method, path, body, headers }: Knocked): Promise<Answered> {
  const { hostname, port } = new URL(url)
  const began = performance.now()
  return new Promise((resolve, reject) => {
    const asked = request({
      hostname, port, method, path, timeout: 20000,
      headers: { ...headers, 'host': `${hostname}:${port}`, 'content-length': body.length },
    }, (answer) => {
      let text = ''
      answer.setEncoding('utf8').on('data', (piece: string) => {
        if (text.length < 2000) text += piece
      }).on('end', () => resolve({ status: answer.statusCode ?? 0, text, ms: performance.now() - began }))
    })
    asked.on('timeout', () => asked.destroy(new Error('no answer within 20 s')))
    // a body that is given up on is answered all the same, or cut
    asked.on('error', (error) => {
      if (/ECONNRESET|EPIPE/.test(String(error))) resolve({ status: 413, text: '', ms: 0 })
      else reject(error)
    })
    asked.end(body)
  })
}
