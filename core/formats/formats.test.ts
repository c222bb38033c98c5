import { readdirSync, readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020'
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { zipSync } from 'fflate'
import { kindFor, wholeCatalogue } from '#core/systems'
import { ALIASES, createWriter, foldTab, isKnownLine, type UnplacedLine } from '#core/tab'
import { sayProblem } from '#core/words'
import { bestShare } from '../../tests/speed'
import {
  bookJsonSchema,
  formatFigureOf,
  hashOf,
  packArchive,
  parseFigure,
  parseNameplate,
  readBook,
  readFile,
  writeBook,
  writeNameplate,
  type Packed,
} from '.'

const book = (over: object = {}, system: object = {}) =>
  JSON.stringify({
    format: 'keep-tab',
    version: 2,
    sites: [
      {
        name: 'Hill Farm',
        systems: [
          {
            name: 'well',
            kind: 'well-3wire',
            nameplate: { 'motor.power': '3/4 hp' },
            tabs: [
              {
                day: '2026-01-10',
                complaint: 'groans',
                words: 'groans',
                lines: ['10:44 line 238', '+1 09:00 resume', 'note back on day two'],
              },
            ],
            ...system,
          },
        ],
      },
    ],
    ...over,
  })
const problem = (content: string) => {
  const r = readBook(content)
  if (r.ok) throw new Error('the file was taken')
  return r.problem
}
/** An archive held whole. */
async function pack(content: string, attachments: readonly Packed[]): Promise<Uint8Array> {
  const pieces: number[] = []
  await packArchive(content, attachments, piece => pieces.push(...piece))
  return Uint8Array.from(pieces)
}
const packNoBook = () => zipSync({ 'other.txt': new Uint8Array(3) })
const sample = (name: string) => readFileSync(`core/formats/samples/${name}`, 'utf8')
const demoFiles = readdirSync('demo/books')
  .filter(f => f.endsWith('.json'))
  .map(f => [f, readFileSync(`demo/books/${f}`, 'utf8')] as const)

describe('reading a book', () => {
  it('reads shorthand lines with their times, and days after the first', () => {
    const tab = requireOk(readBook(book())).sites[0]!.systems[0]!.tabs[0]!
    expect(tab.lines.map(l => [l.kind, l.at.slice(0, 16)])).toEqual([
      ['opened', '2026-01-10T10:43'],
      ['reading', '2026-01-10T10:44'],
      ['resumed', '2026-01-11T09:00'],
      ['note', '2026-01-11T09:00'],
    ])
  })
  it('hears lines written short by the words that were placed where it comes from', () => {
    const put = createWriter('dev-of-a-book')
    const draft = { id: 'saying-1', at: '2026-01-01T07:00:00.000Z', kind: 'saying', words: 'she yodels' }
    const saying = put({ ...draft, test: 'sound', outcome: 'groans' } as unknown as UnplacedLine)
    const tabs = [{ day: '2026-01-10', complaint: 'groans', words: 'groans', lines: ['she yodels'] }]
    const lineOf = (ledger: readonly unknown[]) =>
      requireOk(readBook(book({ ledger }, { tabs }))).sites[0]!.systems[0]!.tabs[0]!.lines[1]
    expect(lineOf([])).toMatchObject({ kind: 'remark', text: 'she yodels' })
    expect(lineOf([saying])).toMatchObject({ kind: 'observation', test: 'sound', outcome: 'groans' })
    const strike = { id: 'struck-1', at: draft.at, kind: 'struck', line: 'saying-1', reason: 'not so' }
    const struck = put(strike as unknown as UnplacedLine)
    expect(lineOf([saying, struck])).toMatchObject({ kind: 'remark' })
  })
  it('gives the same ids each time, so that a file can be taken twice', () => {
    const ids = () => requireOk(readBook(book())).sites[0]!.systems[0]!.tabs[0]!.lines.map(l => l.id)
    expect(ids()).toEqual(ids())
    expect(new Set(ids()).size).toBe(4)
  })
  it('moves the whole file by days to a new anchor', () => {
    const moved = requireOk(readBook(book({ anchor: '2026-01-10' }), '2026-02-01')).sites[0]!.systems[0]!.tabs[0]!
    expect(moved.day).toBe('2026-02-01')
    expect(moved.lines[1]!.at.slice(0, 10)).toBe('2026-02-01')
  })
  it.each(demoFiles)('writes back what it read: %s', (_, content) => {
    const once = requireOk(readBook(content))
    const twice = requireOk(readBook(JSON.stringify(writeBook(once))))
    for (const [i, site] of once.sites.entries()) {
      for (const [j, system] of site.systems.entries()) {
        const back = twice.sites[i]!.systems[j]!
        expect(back.tabs.map(t => t.lines)).toEqual(system.tabs.map(t => t.lines))
        expect({ ...back, tabs: [], nameplate: {} }).toEqual({ ...system, tabs: [], nameplate: {} })
        const again: Readonly<Record<string, number>> = back.nameplate
        for (const [field, si] of Object.entries(system.nameplate))
          expect(Math.abs(again[field]! - si), field).toBeLessThan(2e-3 * Math.max(1e-9, Math.abs(si)) + 1e-12)
      }
    }
  })
  it('settles, carries and opens in the demo as it says', () => {
    const states = demoFiles.flatMap(([, c]) =>
      requireOk(readBook(c)).sites.flatMap(s =>
        s.systems.flatMap(x => x.tabs.map(t => foldTab(kindFor(x.kind, x.nameplate), t.lines).status)),
      ),
    )
    expect(states.filter(s => s === 'open')).toHaveLength(5)
    expect(states.filter(s => s === 'carried')).toHaveLength(2)
    expect(states.length).toBeGreaterThan(38)
  })
})

describe('lines that cannot be placed', () => {
  it('are kept as remarks, each by itself, and refuse nothing', () => {
    const lines = ['10:00 frobnicate 3', '10:01 red 0', '10:02 line 240', '10:03 el motor no arranca']
    const tabs = [{ day: '2026-01-10', complaint: 'groans', words: 'x', lines }]
    const read = requireOk(readBook(book({}, { tabs })))
    const kept = read.sites[0]!.systems[0]!.tabs[0]!.lines.slice(1)
    expect(kept.map(l => l.kind)).toEqual(['remark', 'remark', 'reading', 'remark'])
    const texts = kept.flatMap(l => ('text' in l ? [l.text] : []))
    expect(texts).toEqual([lines[0]!.slice(6), lines[1]!.slice(6), lines[3]!.slice(6)])
  })
})

describe('refusing a file, and saying where', () => {
  it.each([
    ['not JSON at all', '{ oops', 'not-json'],
    ['something else\'s JSON', '{"a":1}', 'not-a-book'],
    ['a format that is no text', '{"format":{"toString":"no"},"version":2}', 'not-a-book'],
    ['a newer version', book({ version: 3 }), 'newer-version'],
    ['a missing part', book({ sites: [{ systems: [] }] }), 'bad-place'],
    ['an unknown kind', book({}, { kind: 'windmill' }), 'unknown-kind'],
    ['an unknown figure', book({}, { nameplate: { 'motor.colour': 'blue' } }), 'bad-nameplate'],
    ['a figure that is none', book({}, { nameplate: { 'motor.power': 'strong' } }), 'bad-nameplate'],
    [
      'a time that there is not',
      book({}, { tabs: [{ day: '2026-01-10', complaint: 'groans', words: 'x', lines: ['25:99 line 240'] }] }),
      'bad-line',
    ],
    [
      'a whole line with a figure in words',
      book(
        {},
        {
          tabs: [
            {
              day: '2026-01-10',
              complaint: 'groans',
              words: 'x',
              lines: [
                {
                  kind: 'reading',
                  test: 'line.volts',
                  value: 'high',
                  id: 'line-in-words',
                  at: '2026-01-10T10:00:00Z',
                },
              ],
            },
          ],
        },
      ),
      'bad-line',
    ],
    [
      'a practice that is none',
      book({ practice: [{ from: '2026-01-01T00:00:00Z', practice: { prechargeOffsetPsi: 40 } }] }),
      'bad-place',
    ],
  ])('%s', (_, content, code) => {
    const p = problem(content)
    expect(p.code).toBe(code)
    expect(sayProblem(p).length).toBeGreaterThan(20)
    expect(sayProblem(p)).not.toContain('undefined')
  })
  it('names the place of a wrong part', () =>
    expect(sayProblem(problem(book({ sites: [{ systems: [] }] })))).toContain('sites › 0 › name'))
})

describe('a file of version 1, frozen', () => {
  const byHand = requireOk(readBook(sample('v1-by-hand.json')))
  const givenOut = requireOk(readBook(sample('v1-given-out.json')))
  const tabsOf = (b: typeof byHand) => b.sites[0]!.systems[0]!.tabs
  it('gives the same lines, written short or whole, each after the one before', () => {
    const said = (b: typeof byHand) => tabsOf(b)[0]!.lines.map(({ id, at, kind }) => [id, at, kind])
    expect(said(byHand)).toHaveLength(17)
    expect(said(givenOut)).toEqual(said(byHand))
    for (const tab of [...tabsOf(byHand), ...tabsOf(givenOut)])
      tab.lines.forEach((l, i) => expect(l.seen).toEqual(i === 0 ? [] : [tab.lines[i - 1]!.id]))
  })
  it('gives its picture as an attachment, by its hash', () => {
    const [picture] = [...givenOut.attachments]
    const line = tabsOf(givenOut)[1]!
      .lines.filter(isKnownLine)
      .find(l => l.kind === 'photo')!
    expect(line).toMatchObject({
      photo: 'photo-of-plate',
      attachments: [{ hash: picture![0], type: 'image/png', bytes: 70, width: 1 }],
    })
    expect(hashOf(picture![1])).toBe(picture![0])
  })
  it('is folded as it was: settled, one struck, nothing marked but what was always out of place', () => {
    const [settled, open] = tabsOf(givenOut).map(t => foldTab(kindFor('compressor-direct'), t.lines))
    expect([settled!.status, open!.status, open!.struck.size, settled!.marks.size]).toEqual([
      'settled',
      'open',
      1,
      0,
    ])
  })
  it('named ids that are known still, every one', () => {
    const ids = JSON.parse(sample('ids-1.json')) as {
      tests: Record<string, string[]>
      components: string[]
      faults: string[]
      causes: string[]
      points: string[]
    }
    const { tests, components, faults, causes, points } = wholeCatalogue()
    expect(Object.keys(ids.tests).length).toBe(202)
    for (const [id, outcomes] of Object.entries(ids.tests)) {
      const test = tests.get(ALIASES.tests[id] ?? id)
      expect(test, id).toBeDefined()
      for (const o of outcomes)
        expect(wholeCatalogue().outcomes.get(test!.id), id).toContain(ALIASES.outcomes[`${test!.id}:${o}`] ?? o)
    }
    for (const c of ids.components) expect(components.has(ALIASES.components[c] ?? c), c).toBe(true)
    for (const f of ids.faults) expect(faults.has(ALIASES.faults[f] ?? f), f).toBe(true)
    for (const c of ids.causes) expect(causes.has(ALIASES.faults[c] ?? c), c).toBe(true)
    for (const p of ids.points) expect(points.has(p), p).toBe(true)
  })
})

describe('a book with pictures', async () => {
  const picture = Uint8Array.from([1, 2, 3, 4])
  const whole = await pack(book(), [{ hash: hashOf(picture), type: 'image/jpeg', bytes: picture }])
  it('is a zip that comes back as it went in', () => {
    const read = requireOk(readFile(whole))
    expect([...read.attachments]).toEqual([[hashOf(picture), picture]])
    expect(read.sites[0]!.name).toBe('Hill Farm')
  })
  it.each<[string, Uint8Array, string]>([
    ['torn', whole.slice(0, whole.length - 40), 'torn-archive'],
    ['torn in its middle', Uint8Array.from([...whole.slice(0, 30), ...whole.slice(90)]), 'torn-archive'],
    ['without a book', packNoBook(), 'no-book'],
    [
      'with a picture that is not the one it is named for',
      await pack(book(), [{ hash: 'a'.repeat(64), type: 'image/png', bytes: picture }]),
      'hash-differs',
    ],
  ])('that is %s is refused whole, in a sentence', (_, bytes, code) => {
    const read = readFile(bytes)
    if (read.ok) throw new Error('it was taken')
    expect(read.problem.code).toBe(code)
    expect(sayProblem(read.problem)).toMatch(/Nothing was taken from it\.$/)
  })
  it('is read as plain JSON where it is that', () =>
    expect(requireOk(readFile(new TextEncoder().encode(book()))).sites).toHaveLength(1))
})

describe('a tab of 6,000 notes', () => {
  it('is read in under a second', async () => {
    const lines = Array.from({ length: 6000 }, (_, i) => `note number ${i}`)
    const content = book({}, { tabs: [{ day: '2026-01-10', complaint: 'groans', words: 'x', lines }] })
    const read = () => {
      const tab = requireOk(readBook(content)).sites[0]!.systems[0]!.tabs[0]!
      foldTab(kindFor('well-3wire'), tab.lines)
      expect(tab.lines).toHaveLength(6001)
    }
    expect(await bestShare(1000, read)).toBeLessThan(1)
  })
})

describe('the published schema', () => {
  const validate = new Ajv({ strict: false, validateFormats: false }).compile(bookJsonSchema())
  it('is the one in docs', () =>
    expect(JSON.parse(readFileSync('docs/keep-tab.schema.json', 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(bookJsonSchema())),
    ))
  it.each(demoFiles)('takes %s and what is written from it', (_, content) => {
    expect(validate(JSON.parse(content)), JSON.stringify(validate.errors?.slice(0, 2))).toBe(true)
    expect(
      validate(JSON.parse(JSON.stringify(writeBook(requireOk(readBook(content)))))),
      JSON.stringify(validate.errors?.slice(0, 2)),
    ).toBe(true)
  })
  it('refuses a book without a version and one with a stray field', () => {
    expect(validate({ format: 'keep-tab', sites: [] })).toBe(false)
    expect(validate({ format: 'keep-tab', version: 2, sites: [], extra: 1 })).toBe(false)
  })
})

describe('nameplate figures', () => {
  it.each([
    ['horsepower', '3/4 hp', 559.27],
    ['horsepower', '1 1/2 hp', 1118.55],
    ['horsepower', '¾', 559.27],
    ['length', '180 ft', 54.864],
    ['length', '55 m', 55],
    ['farads', '130 µF', 130e-6],
    ['farads', 130, 130e-6],
    ['gauge', '12 AWG', 12],
    ['pressure', '40', 275790],
    ['volume', '44 gal', 0.16656],
    ['code-letter', 'l', 10],
  ] as const)('reads %s %s', (quantity, written, si) => {
    expect(requireOk(parseFigure(quantity, written)) / si).toBeCloseTo(1, 3)
  })
  it.each([
    ['horsepower', 'strong'],
    ['length', '12 psi'],
    ['code-letter', 'Q'],
    ['amps', ''],
  ] as const)('refuses %s “%s”', (quantity, written) => expect(parseFigure(quantity, written).ok).toBe(false))
  it.each([
    ['compressor-pilot', 'supply.phases', '3', 'three'],
    ['compressor-pilot', 'supply.phases', 3, 'three'],
    ['compressor-pilot', 'supply.phases', 'Single phase', 'one'],
    ['booster', 'switch.cutOff', 'Y', 'yes'],
    ['booster', 'switch.cutOff', 'none', 'no'],
    ['booster', 'supply.hertz', '50 Hz', '50'],
    ['booster', 'supply.hertz', 50, '50'],
  ] as const)('takes of %s %s “%s” for %s', (kind, field, written, choice) => {
    const read = requireOk(parseNameplate(kind, { [field]: written }))
    expect(writeNameplate(kind, read)).toEqual({ [field]: choice })
  })
  it('names a choice that there is not', () =>
    expect(parseNameplate('booster', { 'supply.hertz': '55' })).toMatchObject({
      problem: { code: 'not-a-choice', facts: { field: 'supply.hertz', written: '55' } },
    }))
  it('writes what it reads', () => {
    const plate = {
      'motor.power': '0.75 hp',
      'cable.length': '180 ft',
      'tank.volume': '44 gal',
      'motor.codeLetter': 'L',
    }
    expect(writeNameplate('well-3wire', requireOk(parseNameplate('well-3wire', plate)))).toEqual(plate)
    expect(formatFigureOf('pressure', 275790)).toBe('40 psi')
  })
  it('takes the start gear’s figures by the motor or by its box, whichever the system has', () => {
    expect(requireOk(parseNameplate('well-3wire', { 'motor.capLow': '59 µF' }))).toEqual({ 'box.capLow': 59e-6 })
    expect(requireOk(parseNameplate('jet', { 'box.capHigh': '227 µF' }))).toEqual({ 'motor.capHigh': 227e-6 })
    expect(parseNameplate('rv', { 'box.capLow': '59 µF' })).toMatchObject({ ok: false })
  })
})
