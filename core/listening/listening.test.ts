import { describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import { kindFor, KIND_IDS, type KindId, type Nameplate } from '#core/systems'
import { parseShorthand } from '#core/tab'
import { bestShare } from '../../tests/speed'
import { hear, lexiconOf, SAID, type Heard, type HearingOf } from '.'

const EVERYTHING: Nameplate = {
  'switch.cutOff': 1,
  'switch.valve': 1,
  'motor.dualVoltage': 1,
  'starter.float': 1,
  'starter.control': 1,
  'supply.disconnect': 1,
  'house.filter': 1,
  'box.runCapacitor': 1,
  'pump.accumulator': 1,
}
const kindOf = (id: KindId) => kindFor(id, EVERYTHING)
const heard = (id: KindId, said: string, listening: HearingOf = {}): Heard =>
  requireOk(hear(kindOf(id), said, listening))
/** What was heard, in few words: `test value` or `test outcome`, several parted by a stroke. */
function told(id: KindId, said: string, listening: HearingOf = {}): string {
  const h = heard(id, said, listening)
  if (h.kind !== 'lines') return h.kind
  return h.lines
    .map(l =>
      l.kind === 'reading'
        ? `${l.test} ${l.bound ? `${l.bound} ` : ''}${l.value === null ? 'OL' : Number(l.value.toPrecision(4))}`
        : l.kind === 'observation'
          ? `${l.test} ${l.outcome}`
          : l.kind,
    )
    .join(' | ')
}

// told as to a camera, in whole sentences; common practice, no source
describe('long speech', () => {
  it.each([
    ['well-2wire', 'there\'s a wasp nest in the switch', 'contacts insects'],
    ['well-2wire', 'one of these contacts is burned right through', 'contacts burnt'],
    ['well-2wire', 'I\'m not getting anything on the load side of the switch', 'load.volts 0'],
    ['well-2wire', 'and across the two going out to the pump I\'ve got nothing', 'load.volts 0'],
    ['well-2wire', 'it\'s pulling about 7 amps and steady', 'black.run 7'],
    ['well-2wire', 'to ground it\'s wide open, good', 'leads.ground OL'],
    ['well-2wire', 'breaker trips the second you flip it', 'let-go at-once'],
    ['well-2wire', 'so I\'ve got 120 to ground on both of these', 'remark'],
    ['well-2wire', 'waited an hour, still infinite', 'cool-ohms stays-ol'],
    ['well-3wire', 'red to yellow 14, black to yellow 2.4', 'leads.ry 14 | leads.by 2.4'],
    ['well-3wire', 'start winding reads 17, main reads 4', 'leads.ry 17 | leads.by 4'],
    ['jet', 'vacuum pulls up to 27 and then it loses it', 'vacuum high'],
    ['jet', 'can\'t turn the shaft with a wrench', 'shaft seized'],
    ['jet', '9.8 amps where the plate says 6.9', 'black.run 9.8'],
    ['booster', '121 on one side of the breaker and 3 volts on the other', 'breaker.l1g 121 | breaker.l2g 3'],
    ['booster', 'cap is good, 150', 'cap.farads 0.00015 | cap-label within'],
    ['holding-tank', '240 into the float box, zero out', 'well-line.volts 240 | well-load.volts 0'],
    ['holding-tank', 'reservoir\'s empty', 'tank-level low'],
    ['rv', '12.8 going into the panel switch and nothing coming out', 'fuse.volts 12.8 | panel.volts 0'],
    ['compressor-direct', 'takes about nine minutes to get to 125', 'fill 540'],
    ['compressor-direct', 'plugged it right into the wall and it starts fine', 'known-feed runs'],
    ['compressor-pilot', 'got 120 up to the pressure switch', 'aux.volts 120'],
    ['three-phase', '470 between a and b', 'line.v12 470'],
    ['three-phase', '9 amps, 9 amps, 0', 'amps1.run 9 | amps2.run 9 | amps3.run 0'],
    ['three-phase', 'second fuse is blown', 'fuses-look one'],
    ['three-phase', 'no control voltage', 'control.volts 0'],
  ] as const)('on a %s: %s', (id, said, line) => {
    expect(told(id, said)).toBe(line)
  })
})

// handbook §9 and §3: how technicians say it
describe('short speech', () => {
  it.each([
    ['well-3wire', 'no amps on black', 'black.run 0'],
    ['well-3wire', 'nothing on red at the start', 'red.start 0'],
    ['well-2wire', 'trips at once', 'let-go at-once'],
    ['well-2wire', 'holds with the leads off', 'trip-head-open holds'],
    ['three-phase', '460/467/450', 'line.v12 460 | line.v23 467 | line.v31 450'],
    ['three-phase', '7.1/6.0/6.9', 'amps1.run 7.1 | amps2.run 6 | amps3.run 6.9'],
    ['well-2wire', 'switch clicks on and off every 3–5 s', 'cycle 4'],
    ['well-2wire', 'about 12 amps', 'black.run 12'],
    ['well-2wire', 'over 20 meg to ground', 'leads.ground over 20000000'],
    ['well-2wire', '241 in, nothing out', 'line.volts 241 | load.volts 0'],
    ['well-2wire', 'both load legs 120 to ground', 'load.l1g 120 | load.l2g 120'],
    ['well-2wire', '120 leg one to ground at the switch, 3 volts leg two to ground', 'line.l1g 120 | line.l2g 3'],
    ['well-2wire', 'L1 to ground 2 meg', 'leads.ground 2000000'],
    ['well-3wire', 'shut it off, 0 volts at the box', 'remark'],
    ['well-3wire', 'killed the power, nothing at the box', 'remark'],
    ['well-3wire', 'cap marked 130 and reads 118', 'cap.farads 0.000118 | cap-label within'],
    ['well-2wire', 'water out of the air stem', 'air-valve water'],
    ['well-3wire', 'cut the splice, motor alone 80 meg', 'ground-again cable'],
    ['jet', 'motor hot', 'motor-heat hot'],
    ['jet', 'known good pump runs on the same plug', 'known-motor runs'],
    ['well-2wire', '3.3 gpm after 2 h', `flow ${Number(((3.3 * 231 * 0.0254 ** 3) / 60).toPrecision(4))}`],
    ['well-2wire', 'contacts sooty', 'contacts sooty'],
    ['well-2wire', 'one pole burnt', 'contacts burnt'],
    ['well-3wire', 'b-y 3.3, r-y 11.8, r-b 15', 'leads.by 3.3 | leads.ry 11.8 | leads.rb 15'],
    ['rv', '9.4 across the motor', 'motor.volts 9.4'],
    ['compressor-pilot', '0 volts behind the pressure switch', 'pilot.volts 0'],
    ['well-3wire', 'dead short red to ground', 'leads.ground 0'],
    ['well-3wire', 'winding clear, nothing to ground on the leads', 'leads.ground OL'],
    ['holding-tank', 'well load 241', 'well-load.volts 241'],
    ['holding-tank', 'booster hums', 'sound groans'],
    ['well-2wire', 'bled the cap, meter flat', 'state'],
    ['well-2wire', 'drained to zero', 'state'],
  ] as const)('on a %s: %s', (id, said, means) => {
    expect(told(id, said)).toBe(means)
  })
  it('goes by what was spoken of last', () => {
    expect(told('well-3wire', 'second meter says 240 there', { before: { near: 'line' } })).toBe('line.volts 240')
    expect(told('well-3wire', 'second meter says 240 there', { before: { near: 'load' } })).toBe('load.volts 240')
  })
  it('keeps what a range or an "about" leaves open as a spread', () => {
    const h = heard('well-2wire', 'about 12 amps')
    expect(h.kind === 'lines' && h.lines[0]).toMatchObject({ value: 12, spread: expect.closeTo(1.2, 9) })
    const range = heard('well-2wire', 'cycles every 3 to 5 s')
    expect(range.kind === 'lines' && range.lines[0]).toMatchObject({ value: 4, spread: 1 })
  })
})

describe('an opposite', () => {
  it.each([
    ['well-2wire', 'it runs', 'sound runs', 'it runs on', 'runs-past runs-on'],
    ['well-2wire', 'breaker trips at once', 'let-go at-once', 'breaker does not trip', 'let-go holds'],
    ['well-2wire', 'contacts clean', 'contacts clean', 'contacts not clean', 'remark'],
    [
      'well-3wire',
      'splice open: cable good, motor is down',
      'ground-again motor',
      'splice open: motor good, cable is down',
      'ground-again cable',
    ],
    ['jet', 'start switch clicks', 'click clicks', 'no click from the start switch', 'click no-click'],
    ['jet', 'shaft turns', 'shaft free', 'shaft will not turn', 'shaft seized'],
    ['booster', 'it stops at cut out', 'runs-past stops', 'it does not stop', 'runs-past runs-on'],
    ['rv', 'fuse good', 'fuse-look good', 'fuse blown', 'fuse-look blown'],
  ] as const)('on a %s: “%s” is %s, “%s” is %s', (id, one, means, other, opposite) => {
    expect([told(id, one), told(id, other)]).toEqual([means, opposite])
  })
  it('of what was done is no finding', () => {
    for (const said of ['shut the breaker off', 'killed the breaker', 'pulled the breaker off and locked it'])
      expect(told('well-2wire', said), said).not.toContain('breaker-seen')
  })
  it('what a plate says is not what was read', () => {
    expect(told('booster', 'motor pulls 14 amps, plate says 9.8')).toContain('black.run 14')
    expect(told('booster', 'motor pulls 14 amps, plate says 9.8')).not.toContain('9.8')
  })
})

describe('what is not understood', () => {
  it.each([
    'el motor no arranca',
    'die Pumpe läuft nicht an',
    '7',
    '12 30 9 4',
    'x'.repeat(2000),
    'the dog bit me',
    '240 bananas',
    'frobnicate the gimbal',
  ])('is a remark with its own words, never a guess: %s', (said) => {
    const h = heard('well-3wire', said)
    expect(h.kind).toBe('remark')
    expect(h.kind === 'remark' && h.line).toEqual({ kind: 'remark', text: said })
  })
  it('beside what is, is kept', () => {
    const h = heard('well-2wire', 'neighbour brought cake, gauge 44 psi')
    expect(h.kind === 'lines' && [h.lines[0], h.left]).toMatchObject([{ test: 'gauge' }, 'neighbour brought cake'])
  })
  it('never throws, and takes under 5 ms a phrase, whatever is said (seed 21)', async () => {
    const kind = kindOf('holding-tank')
    const words = [...lexiconOf(kind).known, '240', '3-5 s', 'nothing', 'no', ',', 'and', 'over 20 meg', 'OL', '/', '½']
    const random = createRandom(21)
    hear(kind, 'warm up')
    const said = Array.from({ length: 400 }, () =>
      Array.from({ length: 2 + random.below(9) }, () => words[random.below(words.length)]).join(' '))
    const share = await bestShare(5 * said.length, () => {
      for (const s of said) expect(hear(kind, s).ok).toBe(true)
    })
    expect(share).toBeLessThan(1)
  })
})

describe.each(KIND_IDS)('every way to say a thing on a %s', (id) => {
  const kind = kindOf(id)
  const { seen, read } = lexiconOf(kind)
  it('is there: each answer has a way of its own, and nearly all have five', () => {
    const few = seen.filter(e => e.phrases.length < 5).map(e => `${e.test.id}:${e.outcome}`)
    expect(seen.filter(e => e.phrases.length === 0).map(e => e.test.id)).toEqual([])
    expect(few.length / seen.length, few.join(' ')).toBeLessThan(0.35)
    for (const e of read)
      expect(e.places.length + e.variants.length + e.quantities.length, e.test.id).toBeGreaterThanOrEqual(5)
  })
  it('belongs to no two answers in silence: the same words for two are asked', () => {
    const owners = new Map<string, Set<string>>()
    for (const e of seen) {
      for (const p of e.phrases) {
        const key = `${e.staged} ${p.toSorted().join(' ')}`
        owners.set(key, (owners.get(key) ?? new Set()).add(`${e.test.id}:${e.outcome}`))
      }
    }
    for (const [key, own] of owners) {
      if (own.size < 2) continue
      const said = key.replace(/^(?:true|false) /, '').replaceAll('!', 'not ')
      // what the exact shorthand names by a word of the test's own is no tie
      const exact = parseShorthand(kind, said)
      if (exact.ok && exact.value.kind === 'line') continue
      const h = heard(id, key.startsWith('true') ? `well ${said}` : said)
      // contacts are the starter's unless the switch is named
      const starters = [...own].some(o => o.startsWith('starter-look'))
      if (h.kind === 'lines' && !starters) expect([said, h.lines.length], [...own].join()).not.toEqual([said, 1])
    }
  })
})

it('every key of the table of phrases is an answer of some kind', () => {
  const all = new Set(
    KIND_IDS.flatMap(id => [
      {}, EVERYTHING, { 'tank.kind': 1 }, { 'supply.phases': 1 }, { 'switch.protector': 1 },
    ].flatMap((n) => {
      const { seen } = lexiconOf(kindFor(id, n as Nameplate))
      return seen.flatMap(e => [e.test.id, e.test.id.replace(/^well-/, '')].map(t => `${t}:${e.outcome}`))
    })),
  )
  const strange = Object.entries(SAID).flatMap(([test, rows]) =>
    Object.keys(rows).map(o => `${test}:${o}`).filter(key => !all.has(key)))
  expect(strange).toEqual([])
})
