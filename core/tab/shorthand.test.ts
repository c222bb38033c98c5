import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { kindFor } from '#core/systems'
import { PSI } from '#core/units'
import { completeShorthand, parseShorthand } from '.'

const three = kindFor('well-3wire')
const read = (typed: string, expected?: string) => parseShorthand(three, typed, { expected: expected })
const line = (typed: string, expected?: string) => {
  const r = read(typed, expected)
  return r.ok && r.value.kind === 'line' ? r.value.line : r
}

describe('shorthand', () => {
  it.each([
    ['load 0v', 'load.volts', 0],
    ['line 241', 'line.volts', 241],
    ['y-b 4.8', 'leads.by', 4.8],
    ['cap 118uf', 'cap.farads', 118e-6],
    ['CAP 118 µF', 'cap.farads', 118e-6],
    ['run 7.4a', 'black.run', 7.4],
    ['start 33.1', 'black.start', 33.1],
    ['black 33 held', 'black.run', 33],
    ['cut in 32', 'cut-in', 32 * PSI],
    ['pre 21', 'precharge', 21 * PSI],
    ['red start 0', 'red.start', 0],
    ['line l1 120', 'line.l1g', 120],
    ['#3 241', 'line.volts', 241],
    ['p5 0v', 'load.volts', 0],
    ['gauge 12 1/2', 'gauge', 12.5 * PSI],
    ['pre 2½ bar', 'precharge', 250000],
    ['pole 1 45mv', 'pole1.drop', 0.045],
    ['y-g 2 meg', 'leads.ground', 2e6],
    ['ins 400k', 'leads.ground', 400e3],
    ['cycle 9 s', 'cycle', 9],
    ['load idle 0', 'load.idle', 0],
    ['main 3,3', 'leads.by', 3.3],
    ['flow 8gpm', 'flow', (8 * 231 * 0.0254 ** 3) / 60],
  ])('reads “%s”', (typed, test, value) => {
    const l = line(typed)
    expect(l).toMatchObject({ kind: 'reading', test })
    expect('value' in l ? l.value : undefined).toBeCloseTo(value, 9)
  })
  it.each([
    ['5 238', 'load.volts', 238],
    ['pole 1 0.045v', 'pole1.drop', 0.045],
    ['idle 0', 'load.idle', 0],
    ['load 0', 'load.volts', 0],
    ['LOAD 0', 'load.volts', 0],
  ])('takes a bare number ahead of a figure for a point or a pole: “%s”', (typed, test, value) =>
    expect(line(typed)).toMatchObject({ test, value }))
  it.each(['99 33a', '1.5 238', '5v 33a', 'pole 7 0.045v'])('does not guess which of two figures is meant: “%s”', t =>
    expect(read(t)).toMatchObject({ ok: false, problem: { code: 'two-values' } }))
  it.each(['live', 'LIVE', 'power on', 'Power ON'])('hears “%s” as power on', t =>
    expect(line(t)).toEqual({ kind: 'state', to: 'live' }))
  it('takes zero pressure without a figure as nought, and with one as that many psi', () => {
    expect(line('zero pressure')).toMatchObject({ to: 'zero-pressure', proof: [0] })
    expect(line('zero pressure 0.5')).toMatchObject({ to: 'zero-pressure', proof: [0.5 * PSI] })
  })
  it('keeps OL apart from zero and from nothing', () => {
    expect(line('relay ol')).toMatchObject({ test: 'relay.ohms', value: null, ol: true })
    expect(line('ol y-g')).toMatchObject({ test: 'leads.ground', value: null, ol: true })
    expect(line('relay 0')).toMatchObject({ test: 'relay.ohms', value: 0 })
    expect(read('relay')).toMatchObject({ ok: false, problem: { code: 'no-value' } })
  })
  it.each([
    ['contacts burnt', 'contacts', 'burnt'],
    ['breaker on', 'breaker-seen', 'on'],
    ['overload lets go', 'overload-seen', 'lets-go'],
    ['groans', 'sound', 'groans'],
    ['tank dull', 'knock', 'dull'],
    ['relay pitted', 'relay-seen', 'pitted'],
  ])('reads what is seen: “%s”', (typed, test, outcome) => {
    expect(line(typed)).toMatchObject({ kind: 'observation', test, outcome })
  })
  it.each([
    ['dead 238 .4 238', { to: 'proven-dead', proof: [238, 0.4, 238] }],
    ['bled 0.3', { to: 'discharged', proof: [0.3] }],
    ['zero pressure', { to: 'zero-pressure', proof: [0] }],
    ['live', { to: 'live' }],
  ])('reads a state of the work: “%s”', (typed, state) => {
    expect(line(typed)).toMatchObject({ kind: 'state', ...state })
  })
  it.each(['red 0', 'burnt', 'y-g 0.4', '12 psi'])('asks back rather than guess: “%s”', (typed) => {
    const r = read(typed)
    expect(r.ok && r.value.kind).toBe('ask')
    expect(r.ok && r.value.kind === 'ask' ? r.value.choices.length : 0).toBeGreaterThan(1)
  })
  it('lets the test in hand settle a tie, and a bare figure go to it', () => {
    expect(line('red 0', 'red.start')).toMatchObject({ test: 'red.start' })
    expect(line('147', 'cap.farads')).toMatchObject({ test: 'cap.farads', value: 147e-6 })
    expect(line('load 0', 'red.start')).toMatchObject({ test: 'load.volts' })
  })
  it.each([
    ['foo 3', 'unknown-word'],
    ['line 3a', 'no-such-reading'],
    ['line', 'no-value'],
    ['', 'empty'],
    ['line 230 238', 'two-values'],
    ['line 3xyz', 'wrong-unit'],
    ['gauge 3 4 5 psi', 'two-values'],
  ])('names what is wrong with “%s”', (typed, code) => {
    const r = read(typed)
    expect(r.ok ? 'understood' : r.problem.code).toBe(code)
  })
  it('does not know the box of a two-wire well', () => {
    const r = parseShorthand(kindFor('well-2wire'), 'cap 118uf')
    expect(r.ok ? 'understood' : r.problem.code).toBe('unknown-word')
  })
  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (typed) => {
        const r = read(typed)
        if (r.ok && r.value.kind === 'line' && r.value.line.kind === 'reading')
          expect(r.value.line.value === null || Number.isFinite(r.value.line.value)).toBe(true)
      }),
      { seed: 5, numRuns: 800 },
    )
  })
  it('keeps a note as it was written, and asks for one that is empty', () => {
    expect(line('note  Cover cracked, L2 side ')).toEqual({ kind: 'note', text: 'Cover cracked, L2 side' })
    expect(line('" Cover cracked')).toEqual({ kind: 'note', text: 'Cover cracked' })
    expect(read('note')).toMatchObject({ ok: false, problem: { code: 'no-value', facts: { what: 'the note' } } })
  })
  it('says what it took for a proof', () => {
    expect(read('dead 238 .4 238')).toMatchObject({ value: { say: 'proven dead: 238 V → 0.4 V → 238 V' } })
    expect(read('bled 0.3')).toMatchObject({ value: { say: 'discharged: 0.3 V left' } })
    expect(line('dead')).not.toMatchObject({ kind: 'state' })
    expect(line('dead in the water')).not.toMatchObject({ kind: 'state' })
  })
  it('takes the plain test of a point before the one that has to be named', () => {
    // volts across a contact that ought to be closed are another test than volts behind it
    expect(line('load 3v')).toMatchObject({ test: 'load.volts' })
    expect(line('idle load 3v')).toMatchObject({ test: 'load.idle' })
  })
  it('names a test by a word of its own only where the word is long enough to be no other', () => {
    expect(line('cycle 9 s')).toMatchObject({ test: 'cycle' })
    for (const short of ['l1 3', 'n 3', 'g 3', 'one 3'])
      expect(read(short)).toMatchObject({ ok: false, problem: { code: 'unknown-point' } })
  })
  it('completes what is seen by its words, each once, and no more than asked for', () => {
    const all = completeShorthand(three, 'contacts ').map(c => c.insert)
    expect(all).toContain('contacts burnt')
    expect(new Set(all).size).toBe(all.length)
    expect(completeShorthand(three, 'contacts ', 2)).toHaveLength(2)
    expect(completeShorthand(three, 'conta').map(c => c.insert)).toContain('contacts ')
    expect(completeShorthand(three, 'tacts')).toEqual([])
    expect(completeShorthand(three, 'prech').map(c => c.insert)).toContain('precharge ')
    expect(completeShorthand(three, '')).toEqual([])
    const [load] = completeShorthand(three, 'load')
    expect(load).toMatchObject({ insert: 'load ', say: expect.stringMatching(/^#\d+ /) })
  })
  it('completes from the first letters', () => {
    expect(completeShorthand(three, 'lo').map(c => c.insert)).toContain('load ')
    expect(completeShorthand(three, 'contacts b').map(c => c.insert)).toContain('contacts burnt')
    expect(completeShorthand(three, 'load 0')).toEqual([])
  })
})
