/** Odd books, by seed: whatever goes in comes out, and what came out goes in again somewhere else, the same. */
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { afterAll, describe, expect, it } from 'vitest'
import { packArchive } from '#core/formats'
import { createWriter } from '#core/tab'
import { forLength } from '../../tests/length'
import { filesInMemory } from '../database/files'
import { openDatabase } from '../database/open'
import { exportBook, importBook, readAttachments } from './books'
import { verifyBook } from './verify'

const home = mkdtempSync(join(tmpdir(), 'keep-tab-odd-'))
afterAll(() => rmSync(home, { recursive: true, force: true }))
let n = 0

/** Words as people and programs write them: of any script, empty, of spaces, of markup and of formulas. */
const words = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 40 }),
  fc.constantFrom('', ' ', '=1+1', '"', '\u0000', '<b>', '⚡ 230 V', 'O’Neil\r\n', '__proto__', 'x'.repeat(1500)),
)
const name = words.filter(w => w.trim().length > 0).map(w => w.slice(0, 100))
const bodies = fc.oneof(
  words.map(text => ({ kind: 'note', text })),
  words.map(text => ({ kind: 'remark', text })),
  fc.double({ noNaN: true, noDefaultInfinity: true }).map(value => ({ kind: 'reading', test: 'line.volts', value })),
  fc.constantFrom(
    { kind: 'reading', test: 'no.such-test', value: null }, { kind: 'state', to: 'live' },
    { kind: 'carried', reason: 'x' },
    { kind: 'settled', summary: '' }, { kind: 'resumed' }, { kind: 'weather', rain: [1, { deep: true }] },
    { kind: 'strike', line: 'line-of-nobody', reason: '' }, { kind: 'observation', test: 'tank.sound', outcome: 'odd' },
  ),
)
const systems = fc.record({
  name, kind: fc.constantFrom('well-2wire', 'rv', 'three-phase', 'compressor-direct', 'holding-tank'),
  location: words,
  tabs: fc.array(fc.array(bodies, { maxLength: 6 }), { maxLength: 3 }),
})
const site = fc.record({
  name, place: words, contact: words, access: words, systems: fc.array(systems, { maxLength: 3 }),
})
const sites = fc.array(site, { maxLength: 3 })

type Drawn = typeof sites extends fc.Arbitrary<infer T> ? T : never
/** The book that these make: each with ids of its own. */
function bookOf(drawn: Drawn) {
  const id = (what: string) => `${what}-odd-${++n}`
  return {
    format: 'keep-tab', version: 2,
    sites: drawn.map(site => ({
      ...site, id: id('site'),
      systems: site.systems.map(system => ({
        ...system, id: id('system'), nameplate: {},
        tabs: system.tabs.map((lines) => {
          const write = createWriter(id('dev'))
          const first = { kind: 'opened', complaint: 'check-up', words: 'x' }
          return {
            id: id('tab'), day: '2026-06-15', complaint: 'check-up', words: 'x',
            lines: [first, ...lines].map(body =>
              write({ ...body, id: id('line'), at: '2026-06-15T10:00:00.000Z' } as never)),
          }
        }),
      })),
    })),
  }
}

async function fresh() {
  const files = filesInMemory()
  const { db, client } = await openDatabase(`file:${join(home, `odd-${++n}.db`)}`, files)
  return { db, files, close: () => client.close() }
}
async function giveOut({ db, files }: Awaited<ReturnType<typeof fresh>>) {
  const { book, attachments } = await exportBook(db)
  const pieces: Uint8Array[] = []
  await packArchive(JSON.stringify(book), readAttachments(files, attachments), piece => pieces.push(piece))
  return { book, bytes: Buffer.concat(pieces) }
}

describe('any book', () => {
  it('that goes in comes out, and goes in again elsewhere as the same', { timeout: 120_000 }, async () => {
    await fc.assert(
      fc.asyncProperty(sites, async (drawn) => {
        const [one, two] = [await fresh(), await fresh()]
        const given = bookOf(drawn)
        const count = await importBook(one.db, one.files, new TextEncoder().encode(JSON.stringify(given)))
        expect(count).toMatchObject({
          sites: given.sites.length, refused: [],
          lines: given.sites.flatMap(s => s.systems.flatMap(y => y.tabs.flatMap(t => t.lines))).length,
        })
        const first = await giveOut(one)
        await importBook(two.db, two.files, first.bytes)
        const second = await giveOut(two)
        expect(second.book).toEqual(first.book)
        // and where it came from nothing is new
        expect(await importBook(one.db, one.files, second.bytes)).toMatchObject({ tabs: 0, lines: 0, refused: [] })
        expect((await verifyBook(two.db)).breaks).toEqual([])
        one.close()
        two.close()
      }),
      { numRuns: forLength({ long: 400, usual: 25 }), seed: 1127 },
    )
  })
})
