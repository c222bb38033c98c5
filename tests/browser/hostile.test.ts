/**
 * Hostile requests, seeded: a thousand in every run, 50,000 with TRIALS=long (`npm run trials`). Each is answered
 * by a code of this server's and none by a 500; nothing hangs, memory does not grow, and the book holds afterwards.
 */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { filesInMemory } from '../../server/database/files'
import { openDatabase } from '../../server/database/open'
import { verifyBook } from '../../server/services/verify'
import { forLength } from '../length'
import { serveDemo, type Served } from './drive'
import { createKnocks, knock, type Answered, type Knocked } from './hostile'

const MANY = forLength({ long: 50_000, usual: 1000 })
/** At once: as many as a handful of browsers. */
const ABREAST = 6
/** What a run may add once the server is warm, bytes. */
const MOST_GROWN = 160e6

let served: Served
beforeAll(async () => {
  served = await serveDemo({ env: { KEEP_TAB_LIMITS: '0', KEEP_TAB_METRICS: '1' } })
})
afterAll(() => served?.remove())

const memory = async () =>
  Number(/keep_tab_memory_bytes (\d+)/.exec(await (await fetch(`${served.url}/metrics`)).text())![1])
const ids = async () => {
  const today = await (await fetch(`${served.url}/api/today`)).json() as { tabs: { id: string }[] }
  const listed = await (await fetch(`${served.url}/api/sites`)).json()
  const { sites } = listed as { sites: { id: string, systems: { id: string }[] }[] }
  return [...today.tabs.map(t => t.id), ...sites.slice(0, 5).flatMap(s => [s.id, ...s.systems.map(y => y.id)])]
}

/** An answer takes no longer, ms. */
const LONGEST = 5000

describe('whatever is asked', () => {
  it(`is answered by a code: ${MANY} requests`, { timeout: MANY * 80 }, async () => {
    const next = createKnocks(1126, await ids())
    const statuses = new Map<number, number>()
    const odd: string[] = []
    let warm = 0
    const slow: Knocked[] = []
    const isWrong = ({ status, text }: Answered) =>
      status >= 500 || (status >= 400 && status !== 413 && !text.includes('"code"'))
    const one = async (asked: Knocked) => {
      const answer = await knock(served.url, asked)
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1)
      // many are asked at once, beside other tests: how long one takes is taken once more by itself
      if (answer.ms > LONGEST) slow.push(asked)
      if (isWrong(answer))
        odd.push(`${answer.status} in ${answer.ms} ms: ${asked.method} ${asked.path.slice(0, 90)} `
          + `${asked.body.toString().slice(0, 200)} → ${answer.text.slice(0, 200)}`)
    }
    for (let i = 0; i < MANY; i += ABREAST) {
      await Promise.all(Array.from({ length: ABREAST }, () => one(next())))
      if (i < MANY / 4 && i + ABREAST >= MANY / 4) warm = await memory()
    }
    for (const asked of slow) {
      const { ms } = await knock(served.url, asked)
      if (ms > LONGEST) odd.push(`${asked.method} ${asked.path.slice(0, 90)} took ${ms} ms, and nothing beside it`)
    }
    expect(odd.slice(0, 5)).toEqual([])
    // every sort of answer came, so that the routes behind the door were reached
    for (const status of [200, 400, 404, 413, 415, 422]) expect(statuses.get(status), String(status)).toBeGreaterThan(0)
    expect(await memory() - warm).toBeLessThan(MOST_GROWN)
  })
  it('is refused to a visitor of the demo who came through a proxy', async () => {
    expect((await fetch(`${served.url}/api/today`)).status).toBe(200)
    for (const header of ['x-forwarded-for', 'forwarded', 'via', 'x-real-ip']) {
      const answer = await fetch(`${served.url}/api/today`, { headers: { [header]: '203.0.113.9' } })
      expect(answer.status, header).toBe(401)
    }
  })
  it('leaves a book that holds, and that can be taken in again', async () => {
    expect((await fetch(`${served.url}/api/ready`)).status).toBe(200)
    const { db, client } = await openDatabase(served.database, filesInMemory())
    expect((await verifyBook(db)).breaks).toEqual([])
    client.close()
  })
})
