import { describe, expect, it } from 'vitest'
import { readBook } from '#core/formats'
import { requireOk } from '#core/foundation'
import { PSI, US } from '#core/units'
import { guessColumns, guessTable, orderOf, readDate, readNumber, readTable, takeTable, type Taking } from '.'

const utf8 = (text: string) => new TextEncoder().encode(text)
const table = (text: string) => requireOk(readTable(utf8(text)))
const KNOWN = [{
  site: 'site-weir', siteName: 'Otter Weir', system: 'system-yard', name: 'yard well', kind: 'well-3wire',
}]
const taking = (text: string, more: Partial<Taking> = {}) => {
  const read = table(text)
  const of = more.of ?? guessTable(read.heads)
  return takeTable(read, {
    of, columns: guessColumns(of, read.heads), order: 'month-first', units: US, known: KNOWN, listed: {},
    without: new Set(), now: '2026-06-15T10:00:00Z', ...more,
  })
}
const codes = (r: ReturnType<typeof taking>) => r.troubles.map(t => `${t.row} ${t.field} ${t.problem.code}`)

describe('a table out of a file', () => {
  it.each([
    ['commas', 'a,b\n1,2\n', ','],
    ['semicolons', 'a;b\n1,5;2\n', ';'],
    ['tabs', 'a\tb\n1\t2\n', '\t'],
    ['bars', 'a|b\n1|2\n', '|'],
  ])('is read with %s between', (_, text, separator) => {
    const read = table(text)
    expect(read.separator).toBe(separator)
    expect(read.heads).toEqual(['a', 'b'])
    expect(read.rows).toHaveLength(1)
  })
  it('is read in the encodings that spreadsheets write', () => {
    const cell = (bytes: Uint8Array) => requireOk(readTable(bytes)).rows[0]!.cells[0]
    const text = 'name;n\nMühle;1\n'
    expect(cell(utf8(text))).toBe('Mühle')
    expect(cell(new Uint8Array([0xef, 0xbb, 0xbf, ...utf8(text)]))).toBe('Mühle')
    const wide = new Uint8Array(new Uint16Array([...text].map(c => c.charCodeAt(0))).buffer)
    expect(cell(new Uint8Array([0xff, 0xfe, ...wide]))).toBe('Mühle')
    // ISO 8859-1 and its successor have ü at FC
    expect(cell(Uint8Array.from([...text].map(c => c.charCodeAt(0))))).toBe('Mühle')
  })
  it('keeps a separator within quotes (RFC 4180), and numbers rows as a spreadsheet does', () => {
    const read = table('name,number\n"valve, brass",A1\n\n"says ""ok""",A2\n')
    expect(read.rows.map(r => [r.number, ...r.cells])).toEqual([[2, 'valve, brass', 'A1'], [4, 'says "ok"', 'A2']])
  })
  it('is refused where it is none', () => {
    for (const odd of ['', 'a,b\n', 'one column\nonly\n', 'a\0b,c\n1,2\n'])
      expect(readTable(utf8(odd))).toMatchObject({ ok: false, problem: { code: 'table-none' } })
  })
})

describe('days and figures as people write them', () => {
  it.each([
    ['2026-06-15', '2026-06-15'], ['6/15/2026', '2026-06-15'], ['06/15/26 2:05 PM', '2026-06-15'],
    ['15 Jun 2026', '2026-06-15'], ['June 15, 2026', '2026-06-15'], ['2026-06-15T10:43:00Z', '2026-06-15'],
  ])('%s', (written, day) => expect(readDate(written, 'month-first')?.day).toBe(day))
  it('tell their order where one of them can be nothing else', () => {
    expect(orderOf(['3/4/2026', '15/6/2026'])).toBe('day-first')
    expect(orderOf(['3/4/2026', '6/15/2026'])).toBe('month-first')
    expect(orderOf(['3/4/2026'])).toBeUndefined()
    expect(readDate('15.6.2026', 'day-first')?.day).toBe('2026-06-15')
    expect(readDate('6/15/26 2:05 PM', 'month-first')?.time).toBe('14:05')
    for (const none of ['31.2.2026', 'soon', '13/13/2026', '']) expect(readDate(none, 'day-first')).toBeUndefined()
  })
  it.each([['1,234.50', 1234.5], ['1.234,50', 1234.5], ['12,5', 12.5], ['€ 18', 18], ['1,200', 1200], ['0', 0]])(
    '%s', (written, value) => expect(readNumber(written)).toBe(value))
  it('are none where they are words', () => expect(readNumber('two')).toBeUndefined())
})

describe('parts out of a table', () => {
  const heads = 'Part number,Description,Type,Price,In the van,Min,capLow'
  it('are listed and counted, with the attributes that it tells', () => {
    const read = taking(`${heads}\nSC-130,start capacitor 130 µF,start capacitor,18.50,2,1,130 µF\n`)
    expect(codes(read)).toEqual([])
    const book = requireOk(readBook(JSON.stringify(read.book)))
    expect(book.ledger).toMatchObject([
      { kind: 'listed', type: 'start-capacitor', number: 'SC-130', price: 18.5, least: { shop: 1 } },
      { kind: 'counted', place: 'van', count: 2 },
    ])
    expect((book.ledger[0] as { attributes?: { capLow?: number } }).attributes?.capLow).toBeCloseTo(130e-6, 12)
  })
  it('go on the part that the shelf has under that number', () => {
    const read = taking('number,name\nSC-130,start capacitor\n', { listed: { 'SC-130': 'part-known' } })
    expect(read.book.ledger?.[0]).toMatchObject({ part: 'part-known' })
  })
  it('say of each wrong row which cell is wrong, and a number that stands twice', () => {
    const read = taking(`${heads}\n,nameless,,,,,\nA1,valve,,dear,,,\nA2,valve,,1,-2,,\nA3,valve,gizmo,1,,,\n`
      + 'A4,valve,,1,,,\nA4,other valve,,2,,,\nA5,short\nA4,valve,,1,,,\n')
    expect(codes(read).toSorted()).toEqual([
      '2 number cell-empty', '3 price not-a-figure', '4 van not-a-figure', '5 type not-a-choice',
      '7 number row-doubled', '8  row-ragged', '9  row-doubled',
    ])
    expect(read.taken).toBe(1)
    expect(codes(taking('number,colour\nA1,red\n', { of: 'parts' }))).toEqual(['0 name column-missing'])
  })
})

describe('readings out of a table', () => {
  const heads = 'Site;System;Kind;Date;Reading;Value;Unit'
  it('become one settled tab a system and day, at the system that is known by its name', () => {
    const read = taking(`${heads}\notter weir;Yard Well;;15.6.2025;black.run;7,4;A\n`
      + 'Otter Weir;yard well;;15.6.2025;precharge;38;psi\nHill Barn;spring;jet;16.6.2025;precharge;28;psi\n',
    { order: 'day-first' })
    expect(codes(read)).toEqual([])
    const { sites } = requireOk(readBook(JSON.stringify(read.book)))
    expect(sites.map(s => s.id)[0]).toBe('site-weir')
    const [weir, barn] = sites.map(s => s.systems[0]!)
    expect(weir!.id).toBe('system-yard')
    expect(weir!.tabs).toHaveLength(1)
    const values = weir!.tabs[0]!.lines.flatMap(l => (l.kind === 'reading' ? [(l as { value: number }).value] : []))
    expect(values[0]).toBeCloseTo(7.4, 9)
    expect(values[1]).toBeCloseTo(38 * PSI, 3)
    expect(weir!.tabs[0]!.lines.at(-1)!.kind).toBe('settled')
    expect(barn!.kind).toBe('jet')
  })
  it('taken in twice add nothing: every id is made of what it says', () => {
    const text = `${heads}\nOtter Weir;yard well;;15.6.2025;precharge;38;psi\n`
    const ids = (now: string) => JSON.stringify(taking(text, { order: 'day-first', now }).book)
    expect(ids('2026-06-15T10:00:00Z')).toBe(ids('2026-07-01T10:00:00Z'))
  })
  it('say what no system, no day, no reading and no figure is', () => {
    const rows = [
      'Nowhere;well;windmill;15.6.2025;precharge;38;psi', 'Otter Weir;yard well;;31.2.2025;precharge;38;psi',
      'Otter Weir;yard well;;15.6.2025;moonlight;38;psi', 'Otter Weir;yard well;;15.6.2025;precharge;38;V',
    ]
    const read = taking([heads, ...rows].join('\n'), { order: 'day-first' })
    expect(codes(read)).toEqual([
      '2 kind unknown-kind', '3 date not-a-date', '4 test unknown-test', '5 value wrong-unit',
    ])
  })
})

describe('calls out of a table', () => {
  it('have their finding by its name, and what has no name in their words', () => {
    const read = taking('site,system,date,complaint,failed,cause,part,number,done\n'
      + 'Otter Weir,yard well,6/15/2025,no water,Switch pole 1 burnt,gremlins,pressure switch,PS-4060,swapped it\n')
    expect(codes(read)).toEqual([])
    const lines = requireOk(readBook(JSON.stringify(read.book))).sites[0]!.systems[0]!.tabs[0]!.lines
    expect(lines.map(l => l.kind)).toEqual(['opened', 'finding', 'note', 'part', 'note', 'settled'])
    expect(lines[1]).toMatchObject({ role: 'failed', about: 'switch.pole1-burnt' })
    expect(lines[2]).toMatchObject({ text: 'cause: gremlins' })
  })
})
