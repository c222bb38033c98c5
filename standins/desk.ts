/**
 * A stand-in for a supplier's desk: a small HTTP service that quotes and takes orders for any number it is asked for.
 * What it says of a number is worked out of the number, so that it always says the same; nothing is delivered.
 *   GET  /quotes?number=…          → { number, price, available, days }
 *   POST /orders { key, number, count } → { order, days }; the same key is the same order
 * Run by itself: `npm run desk -- --port 4390`.
 */
import { createHash } from 'node:crypto'
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http'
import { fileURLToPath } from 'node:url'

/** Of a number, between nought and one. */
const shareOf = (text: string): number => createHash('sha256').update(text).digest().readUInt32BE() / 2 ** 32

export function quote(number: string) {
  const price = Math.round(100 * (8 + 180 * shareOf(`${number} price`) ** 2)) / 100
  const available = Math.floor(24 * shareOf(`${number} stock`)) - 4
  const days = available > 0 ? 1 + Math.floor(3 * shareOf(number)) : 12
  return { number, price, available: Math.max(0, available), days }
}

export function createDesk(): Server {
  const orders = new Map<string, { readonly order: string, readonly days: number }>()
  return createServer((request, response) => {
    const url = new URL(request.url ?? '/', 'http://desk')
    if (request.method === 'GET' && url.pathname === '/quotes') {
      const number = url.searchParams.get('number') ?? ''
      return number ? answer(response, 200, quote(number)) : answer(response, 400, { why: 'no number' })
    }
    if (request.method === 'POST' && url.pathname === '/orders') {
      void readJson(request).then((body) => {
        const { key, number, count } = (body ?? {}) as { key?: string, number?: string, count?: number }
        if (!key || !number || !(Number(count) > 0)) return answer(response, 400, { why: 'key, number and count' })
        const known = orders.get(key)
        const made = known ?? { order: `D-${1000 + orders.size}`, days: quote(number).days }
        orders.set(key, made)
        answer(response, 200, made)
      })
      return
    }
    answer(response, 404, { why: 'there is no such thing here' })
  })
}

function answer(response: ServerResponse, status: number, body: unknown) {
  response.writeHead(status, { 'content-type': 'application/json' })
  response.end(JSON.stringify(body))
}

async function readJson(request: IncomingMessage): Promise<unknown> {
  let text = ''
  for await (const piece of request) text += String(piece)
  try {
    return JSON.parse(text)
  }
  catch {
    return undefined
  }
}

function isRunning(pid: number): boolean {
  try {
    return process.kill(pid, 0)
  }
  catch {
    return false
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const at = process.argv.indexOf('--port')
  const port = at > 0 ? Number(process.argv[at + 1]) : 4390
  const whose = process.argv.indexOf('--with')
  // it ends with the server that it was started for
  if (whose > 0) setInterval(() => isRunning(Number(process.argv[whose + 1])) || process.exit(), 1000)
  createDesk().listen(port, '127.0.0.1', () =>
    console.log(`The supplier’s desk (a stand-in) is at http://127.0.0.1:${port}`))
}
