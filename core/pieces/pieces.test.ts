import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { hashOf, packArchive } from '#core/formats'
import { createPieceReader, type Pieces } from '.'

const bytes = (text: string) => new TextEncoder().encode(text)
/** In pieces of so many bytes. */
function readIn(all: Uint8Array, size: number) {
  const reader = createPieceReader()
  const out: Pieces[] = []
  for (let i = 0; i < all.length; i += size) {
    const told = reader.push(all.subarray(i, i + size))
    if (!told.ok) return told
    out.push(told.value)
  }
  const last = reader.end()
  if (!last.ok) return last
  out.push(last.value)
  return {
    ok: true as const,
    value: {
      head: Object.assign({}, ...out.map(o => o.head)) as Record<string, unknown>,
      ledger: out.flatMap(o => o.ledger),
      pieces: out.flatMap(o => o.pieces),
      pictures: out.flatMap(o => o.pictures),
    },
  }
}
const NURSERY = readFileSync('demo/books/nursery.json')

describe('a book read as it comes', () => {
  it.each([7, 1000, 1 << 20])('gives all that it holds, %d bytes at a time', (size) => {
    const told = requireOk(readIn(NURSERY, size))
    const whole = JSON.parse(NURSERY.toString()) as {
      sites: { name: string, systems: { name: string, tabs: object[] }[] }[]
      meters: object[]
      anchor: string
    }
    const { head } = told
    expect(head).toMatchObject({ format: 'keep-tab', version: 2, anchor: whole.anchor, meters: whole.meters })
    for (const [i, site] of whole.sites.entries()) {
      const own = told.pieces.filter(p => p.site === i)
      expect(own.find(p => p.system < 0)!.body).toMatchObject({ name: site.name })
      expect(own.find(p => p.system < 0)!.body).not.toHaveProperty('systems')
      for (const [j, system] of site.systems.entries()) {
        expect(own.find(p => p.system === j && p.tab < 0)!.body).toMatchObject({ name: system.name })
        expect(own.filter(p => p.system === j && p.tab >= 0).map(p => p.body)).toEqual(system.tabs)
      }
    }
  })
  it.each([
    ['sites', { sites: { nested: '', lines: { id: 9 } } }], ['sites', { sites: 5 }], ['sites', { sites: null }],
    ['ledger', { sites: [], ledger: { a: {} } }], ['ledger', { sites: [], ledger: 'x' }],
    ['sites › 0 › systems', { sites: [{ name: 'a', systems: { one: {} } }] }],
    ['sites › 0 › systems', { sites: [{ name: 'a', systems: true }] }],
    ['sites › 1 › systems › 0 › tabs', { sites: [{ name: 'a', systems: [] }, { name: 'b', systems: [{ tabs: 7 }] }] }],
  ])('says that %s are no list', (place, book) => {
    const told = readIn(bytes(JSON.stringify({ format: 'keep-tab', version: 2, ...book })), 16)
    expect(told).toMatchObject({ ok: false, problem: { code: 'bad-place', facts: { place } } })
  })
  it('gives the lines of the ledger, and the pictures of an archive by their hash', async () => {
    const picture = bytes('not really a picture, and its bytes all the same')
    const parts: Uint8Array[] = []
    const book = { format: 'keep-tab', version: 2, sites: [], ledger: [{ kind: 'x', id: 'line-1' }] }
    await packArchive(JSON.stringify(book),
      [{ hash: hashOf(picture), type: 'image/png', bytes: picture }], p => parts.push(p))
    const told = requireOk(readIn(Buffer.concat(parts), 11))
    expect(told.ledger).toEqual([{ kind: 'x', id: 'line-1' }])
    expect(told.pictures.map(([hash, b]) => [hash, new TextDecoder().decode(b)])).toEqual([
      [hashOf(picture), 'not really a picture, and its bytes all the same'],
    ])
  })
  it('says where it is none, or breaks off', async () => {
    const code = (all: Uint8Array, size = 64) => {
      const told = readIn(all, size)
      return told.ok ? 'ok' : told.problem.code
    }
    expect(code(bytes('hello'))).toBe('not-json')
    expect(code(NURSERY.subarray(0, 2000))).toBe('not-json')
    const parts: Uint8Array[] = []
    await packArchive('{"format":"keep-tab"}', [], p => parts.push(p))
    const zip = Buffer.concat(parts)
    expect(code(zip)).toBe('ok')
    expect(code(zip.subarray(0, 45), 20)).toBe('torn-archive')
    const other = Buffer.from(zip.toString('latin1').replaceAll('book.json', 'cook.json'), 'latin1')
    expect(code(other)).toBe('no-book')
    const wrong: Uint8Array[] = []
    await packArchive('{}', [{ hash: 'a'.repeat(64), type: 'image/png', bytes: bytes('x') }], p => wrong.push(p))
    expect(code(Buffer.concat(wrong))).toBe('hash-differs')
  })
})
