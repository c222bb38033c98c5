import { create, type Font } from 'fontkit'
import jsQR from 'jsqr'
import encodeQR from 'qr'
import { describe, expect, it } from 'vitest'
import { makeToken } from '#core/tags'
import { FACES } from '../../tests/papers/faces'
import { readPdf } from '../../tests/papers/read'
import { layLines } from './bidi'
import { dayPaper } from './dayPaper'
import { drawPdf, HOUSE } from './draw'
import { fileName } from './paper'
import { sheetPaper, workPaper, type WorkOf } from './tabPapers'
import { LABELS, tagPaper } from './tagPaper'

const about = {
  company: 'Hollow Reach Pump & Motor', site: 'Otter Weir Bakery', system: 'yard well', day: '15 Jun 2026',
  date: '2026-06-15', sheet: 'LETTER',
} as const
const entries = [
  { head: 'What you told us', text: 'No water since breakfast' },
  { head: 'What we found', text: 'Failed: Switch pole 1 burnt' },
  { head: 'What we found', text: 'Because: Tank waterlogged' },
  { head: 'How it was left', text: 'Running amps', found: '0 A', left: '8.2 A' },
]
const row = (n: number, more: object = {}) =>
  ({ id: `line-${n}`, kind: 'reading', time: '10:04', title: `Volts ${n}`, digits: '240', unit: 'V', ...more })
const work = (rows: WorkOf['rows']): WorkOf => ({ ...about, complaint: 'No water', rows, entries })

describe('the house’s face', () => {
  it('is asked for no letter that it lacks', () => {
    for (const face of [FACES.plain, FACES.bold]) {
      const font = create(Buffer.from(face, 'base64')) as Font
      const has = new Set(font.characterSet)
      for (let c = 0x20; c < 0x2300; c++)
        if (HOUSE.test(String.fromCharCode(c))) expect(has, c.toString(16)).toContain(c)
    }
    expect(HOUSE.test('270–324 µF')).toBe(false)
  })
})

describe('a sheet on paper', () => {
  it('has the words of the screen, its figures found and left, and is read back by another reader', async () => {
    const paper = sheetPaper({ ...about, entries, standing: 'As signed on 15 Jun 2026 by Ann.' })
    const { text, title, pages, size } = await readPdf(await drawPdf(paper, FACES))
    for (const said of [
      'Otter Weir Bakery', 'yard well · 15 Jun 2026', 'What you told us', 'No water since breakfast',
      'Failed: Switch pole 1 burnt', 'Because: Tank waterlogged', 'Running amps', '8.2 A',
      'As signed on 15 Jun 2026 by Ann.', 'licensed people', '1 of 1',
    ]) expect(text).toContain(said)
    expect(title).toBe('Otter Weir Bakery: sheet of 15 Jun 2026')
    expect(pages).toHaveLength(1)
    // US letter, points
    expect(size.map(Math.round)).toEqual([612, 792])
    expect(paper.name).toBe('2026-06-15-otter-weir-bakery-sheet')
  })
  it('has letters that the house’s face lacks', async () => {
    const said = 'Leads read 1.2 MΩ, ≥ 1; precharge → 38 psi; Łódź'
    const paper = sheetPaper({ ...about, entries: [{ head: 'In short', text: said }], standing: '' })
    const { text } = await readPdf(await drawPdf(paper, FACES))
    for (const word of ['MΩ', '≥', '→', 'Łódź']) expect(text).toContain(word)
  })
  it('has a tape of 2,000 lines, every one of them, over as many pages as it takes', async () => {
    const rows = Array.from({ length: 2000 }, (_, n) => row(n, n === 7 ? { struck: 'meter on the wrong pair' } : {}))
    const { text, pages } = await readPdf(await drawPdf(workPaper(work(rows)), FACES))
    for (let n = 0; n < 2000; n++) expect(text).toContain(`Volts ${n}`)
    expect(text).toContain('struck: meter on the wrong pair')
    expect(pages.length).toBeGreaterThan(30)
    expect(pages.at(-1)).toContain(`${pages.length} of ${pages.length}`)
  }, 60_000)
})

describe('text from right to left', () => {
  it('stands word by word in the order in which it is read on paper (UAX #9)', () => {
    expect(layLines('שלום עולם', 80)).toEqual([{ text: 'עולם שלום', right: true }])
    // the base runs left: only what runs right is turned
    expect(layLines('note: שלום עולם ok', 80)).toEqual([{ text: 'note: עולם שלום ok', right: false }])
    // figures within it keep their own direction
    expect(layLines('משאבה 240 וולט', 80)[0]!.text).toBe('וולט 240 משאבה')
    expect(layLines('one two three four', 9).map(l => l.text)).toEqual(['one two', 'three', 'four'])
  })
  it('is on the paper, with its letters', async () => {
    const paper = workPaper(work([row(1, { title: 'הערה: אין מים מהבוקר' }), row(2, { title: 'لا يوجد ماء' })]))
    const { text } = await readPdf(await drawPdf(paper, FACES))
    for (const word of ['מים', 'מהבוקר']) expect(text).toContain(word)
    // Arabic is shaped: its letters are there in one form or another
    expect(text.normalize('NFKC')).toContain('ماء')
  })
})

describe('a tag', () => {
  const token = makeToken(Uint8Array.from({ length: 26 }, (_, i) => (i * 37 + 11) % 256))
  it('is read by a decoder that has nothing to do with the writer', () => {
    const cells = encodeQR(token, 'raw', { ecc: 'medium', border: 2 })
    const [scale, side] = [4, cells.length * 4]
    const pixels = new Uint8ClampedArray(side * side * 4).fill(255)
    for (let y = 0; y < side; y++)
      for (let x = 0; x < side; x++) {
        const at = 4 * (y * side + x)
        if (cells[Math.floor(y / scale)]![Math.floor(x / scale)]) pixels.fill(0, at, at + 3)
      }
    expect(jsQR(pixels, side, side)?.data).toBe(token)
  })
  it.each(Object.entries(LABELS))('fits a label of %s, with its code and nothing of the place', async (id, label) => {
    const { width, height } = label
    const paper = tagPaper(token, ['yard well', 'Hollow Reach Pump & Motor'], id as keyof typeof LABELS)
    const { pages, text, size } = await readPdf(await drawPdf(paper, FACES))
    expect(pages).toHaveLength(1)
    expect(size.map(p => Math.round(p * 25.4 / 72))).toEqual([Math.round(width), Math.round(height)])
    expect(text).toContain(`${token.slice(0, 4)}-${token.slice(4, 8)}`)
    expect(text).not.toContain(token)
  })
})

describe('a day on paper', () => {
  it('has its calls in their order, what can hurt, and what to load', async () => {
    const call = {
      item: 'tab:1', to: '', title: 'Overload lets go', site: 's', siteName: 'Otter Weir Bakery',
      systemName: 'yard well',
      standing: 'open', since: '', note: '', hazards: ['bees at the panel'], waits: false, bring: ['relay'],
      minutes: { isolate: 10, mend: 20, prove: 15 }, by: 'usual', complaint: 'no-water',
    } as const
    const { text } = await readPdf(await drawPdf(dayPaper({
      company: about.company, title: 'Monday 15 Jun', date: '2026-06-15', person: 'Ann', rows: [call],
      from: new Map([['tab:1', 510]]), sheet: 'A4',
      load: [{ text: 'relay', siteName: 'Otter Weir Bakery', done: true }],
    }), FACES))
    const all = ['Monday 15 Jun', 'Ann', '08:30', 'Overload lets go', 'bees at the panel', '45 min', '[x] relay']
    for (const said of all)
      expect(text).toContain(said)
  })
  it('is named so that a folder sorts it', () =>
    expect(fileName('2026-06-15', 'Böcks Mühle & Söhne', 'sheet')).toBe('2026-06-15-bocks-muhle-sohne-sheet'))
})
