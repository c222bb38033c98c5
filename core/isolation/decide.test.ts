/**
 * When measuring stops, on chances given by hand: every expected minute below is worked out from the repair's own, with
 * fifty lost by one that was not it, and twice the work of one that takes the pump out of the well.
 */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { createWriter, foldTab, type DraftLine, type TabState } from '#core/tab'
import type { Complaint } from '#core/systems'
import { isolate } from '.'
import { prepareKept } from '../../tests/prepared'
import { decide } from './decide'
import type { Weighed } from './settle'
import { groupByRepair } from './groups'
import type { Suspect } from './suspects'

const tables = requireOk(prepareKept('well-3wire', {}))
const { model } = tables
const empty = foldTab(model.kind, [])
const write = createWriter('decide-test')
const at = '2026-06-15T10:00:00.000Z'
/** the relay's own contact, read open off the circuit: it shows itself */
const shown = foldTab(model.kind, [
  write({ id: 'line-shown', at, kind: 'reading', test: 'relay.ohms', value: null, ol: true, without: 'test' }),
])
const [RELAY, STUCK, BURIED] = ['box.relay-open', 'switch.stuck-open', 'motor.main-open']

const placeOf = (fault: string) => {
  const place = model.hypotheses.findIndex(h => h.fault === fault && !h.second)
  expect(place, fault).toBeGreaterThan(0)
  return place
}
const modeAt = (fault: string) => model.kind.faults.find(f => f.id === fault)!
const minutesOf = (fault: string) => modeAt(fault).repair.minutes

function chancesOf(shares: Readonly<Record<string, number>>) {
  const chances = new Float64Array(model.hypotheses.length)
  for (const [fault, share] of Object.entries(shares)) chances[placeOf(fault)] = share
  return chances
}
type Moves = Readonly<Record<string, Suspect['moves']>>
const moved = (line: string, bits: number) => ({ line, bits, before: 0.2, after: 0.2 * 2 ** bits })

function suspectsOf(shares: Readonly<Record<string, number>>, moves: Moves): Suspect[] {
  return Object.entries(shares).map(([fault, chance]) => ({
    ...modeAt(fault),
    fault,
    label: modeAt(fault).name,
    chance,
    ruledOut: false,
    moves: moves[fault] ?? [],
  }) as unknown as Suspect)
}

/** A test that tells one fault from all others without fail, and what it costs. */
function parts(fault: string, cost: number, bits = 0.5): Weighed {
  const own = placeOf(fault)
  const row = (h: number) => (h === own ? [1, 0] : [0, 1])
  return titled({ table: { bins: 2, row } as unknown as Weighed['table'], bits, cost }, 'a test')
}

const titled = (test: Weighed, title: string): Weighed =>
  ({ ...test, table: { ...test.table, test: { title } } as unknown as Weighed['table'] })

/** Two lines against each rival, as lines that exclude it are. */
const against = [moved('line-1', -3), moved('line-2', -2)]

interface Case {
  readonly tests?: readonly Weighed[]
  readonly rereads?: number
  readonly moves?: Moves
  readonly state?: TabState
}
function stand(shares: Readonly<Record<string, number>>, { tests = [], rereads = 0, moves = {}, state = empty }: Case) {
  const ranking = { chances: chancesOf(shares), suspects: suspectsOf(shares, moves), ruledOutBy: new Map() }
  return decide(tables, state, ranking, groupByRepair(model, model.hypotheses.length, []), tests, rereads)
}
const decided = (shares: Readonly<Record<string, number>>, given: Case) => stand(shares, given).decision

describe('a repair that is quickly done', () => {
  const all = { [RELAY]: 0.995, [STUCK]: 0.005 }
  it('is found from 95 in 100 once a line shows it, whatever could still be measured', () => {
    const found = decided({ [RELAY]: 0.95, [STUCK]: 0.05 }, { tests: [parts(RELAY, 0.1)], state: shown })
    expect(found).toMatchObject({ kind: 'found', fault: RELAY, chance: 0.95, by: ['line-shown'] })
    expect(found?.minutes).toBe(minutesOf(RELAY))
    expect(found?.excludes).toBeUndefined()
  })
  it('is found from 75 on where a line shows it', () => {
    expect(decided({ [RELAY]: 0.75, [STUCK]: 0.25 }, { tests: [parts(RELAY, 90)], state: shown })?.kind).toBe('found')
    expect(decided({ [RELAY]: 0.74, [STUCK]: 0.26 }, { tests: [parts(RELAY, 90)], state: shown })).toBeUndefined()
  })
  it('is never found by its number alone: it leads, with what would settle it', () => {
    const { decision, leading } = stand(all, { tests: [titled(parts(RELAY, 0.1), 'Look at the relay')] })
    expect(decision?.kind).not.toBe('found')
    expect(stand({ [RELAY]: 0.92, [STUCK]: 0.08 }, { tests: [titled(parts(RELAY, 0.1), 'Look at the relay')] }).leading)
      .toMatchObject({ fault: RELAY, settleBy: 'Look at the relay' })
    expect(leading === undefined || leading.fault === RELAY).toBe(true)
  })
  it('is found once each rival is excluded by more than one line', () => {
    expect(decided(all, { tests: [parts(RELAY, 0.1)], moves: { [STUCK]: against } }))
      .toMatchObject({ kind: 'found', by: ['line-1', 'line-2'] })
    const one = decided(all, { tests: [parts(RELAY, 0.1)], moves: { [STUCK]: [moved('line-1', -3)] } })
    expect(one?.kind).not.toBe('found')
    // a rival that no line speaks against is left standing
    const left = { [RELAY]: 0.96, [STUCK]: 0.02, [BURIED]: 0.02 }
    expect(decided(left, { tests: [parts(RELAY, 0.1)], moves: { [STUCK]: against } })?.kind).not.toBe('found')
  })

  const shares = { [RELAY]: 0.92, [STUCK]: 0.08 }
  const atStake = 0.08 * (minutesOf(RELAY) + 50)
  it('is tried at 92 where a test costs more than is at stake', () => {
    const trial = decided(shares, { tests: [parts(RELAY, atStake + 0.1)] })
    expect(trial?.kind).toBe('trial')
    expect(trial?.why).toContain(`takes ${minutesOf(RELAY)} minutes`)
    expect(trial?.why).toContain(`cost ${Math.round(atStake + 0.1)} or more`)
  })
  it('waits for the test where that costs less', () => {
    expect(decided(shares, { tests: [parts(RELAY, atStake - 0.1)] })).toBeUndefined()
    expect(decided(shares, { tests: [parts(RELAY, atStake + 9), parts(RELAY, atStake - 0.1)] })).toBeUndefined()
  })
  it('does not wait for a test that tells nothing of it', () => {
    const blind = { ...parts(RELAY, 0.1), table: { bins: 1, row: () => [1] } as unknown as Weighed['table'] }
    expect(decided(shares, { tests: [titled(blind, 'x')] })?.kind).toBe('trial')
  })
  it('is not tried at 89 while a test is left', () => {
    expect(decided({ [RELAY]: 0.89, [STUCK]: 0.11 }, { tests: [parts(RELAY, 90)] })).toBeUndefined()
    expect(decided({ [RELAY]: 0.9, [STUCK]: 0.1 }, { tests: [parts(RELAY, 90)] })?.kind).toBe('trial')
  })
  it('is not tried where only amps speak for it', () => {
    const amps = foldTab(model.kind, [
      write({ id: 'line-amps', at, kind: 'reading', test: 'black.run', value: 24, without: 'test' }),
    ])
    const moves = { [RELAY]: [moved('line-amps', 4)] }
    expect(decided(shares, { tests: [parts(RELAY, atStake + 0.1)], moves, state: amps })).toBeUndefined()
  })
  it('is one decision where no test is left that tells two hundredths of a bit', () => {
    const even = { [RELAY]: 0.6, [STUCK]: 0.4 }
    expect(decided(even, {})?.kind).toBe('inseparable')
    expect(decided(even, { tests: [parts(RELAY, 1, 0.02)] })?.kind).toBe('inseparable')
    expect(decided(even, { tests: [parts(RELAY, 1, 0.021)] })).toBeUndefined()
  })
  it('is tried from 40 on where nothing tells more, and the pump is not', () => {
    const tried = decided({ [RELAY]: 0.42, [STUCK]: 0.3, [BURIED]: 0.28 }, {})
    expect(tried).toMatchObject({ kind: 'trial', fault: RELAY, by: [] })
    expect(decided({ [RELAY]: 0.39, [STUCK]: 0.33, [BURIED]: 0.28 }, {})).toBeUndefined()
    expect(decided({ [RELAY]: 0.42, [STUCK]: 0.3, [BURIED]: 0.28 }, { tests: [parts(RELAY, 1)] })).toBeUndefined()
    expect(decided({ [BURIED]: 0.49, [STUCK]: 0.3, [RELAY]: 0.21 }, {})).toBeUndefined()
  })
  it('waits for what must be read again, unless all but sure', () => {
    const moves = { [STUCK]: against }
    expect(decided({ [RELAY]: 0.994, [STUCK]: 0.006 }, { rereads: 1, moves })).toBeUndefined()
    expect(decided({ [RELAY]: 0.995, [STUCK]: 0.005 }, { rereads: 1, moves })?.kind).toBe('found')
  })
})

describe('a repair that takes the pump out of the well', () => {
  const three = [...against, moved('line-3', -2)]
  it('is a costly one', () => expect(minutesOf(BURIED)).toBeGreaterThanOrEqual(110))
  it('is not found while more than 3 in 100 are left above ground and a test is', () => {
    expect(decided({ [BURIED]: 0.96, [RELAY]: 0.04 }, { tests: [parts(BURIED, 900)], moves: { [RELAY]: three } }))
      .toBeUndefined()
  })
  it('is condemned by three lines that exclude the rest, never by two', () => {
    const shares = { [BURIED]: 0.992, [RELAY]: 0.008 }
    const tests = [parts(BURIED, 900)]
    expect(decided(shares, { tests, moves: { [RELAY]: three } })?.kind).toBe('found')
    expect(decided(shares, { tests, moves: { [RELAY]: against } })).toBeUndefined()
  })
  it('is asked of a test up to 99 in 100, where that costs less than is at stake', () => {
    const shares = { [BURIED]: 0.989, [RELAY]: 0.01 }
    const moves = { [RELAY]: three }
    const atStake = 0.011 * (2 * minutesOf(BURIED) + 50)
    expect(decided(shares, { tests: [parts(BURIED, atStake - 0.1)], moves })).toBeUndefined()
    expect(decided(shares, { tests: [parts(BURIED, atStake + 0.1)], moves })?.kind).toBe('found')
  })
  it('is never merely tried', () => {
    expect(decided({ [BURIED]: 0.94, [STUCK]: 0.02 }, { tests: [parts(BURIED, 9000)] })).toBeUndefined()
  })
  it('names what stands above ground and the lines that excluded it', () => {
    const shares = { [BURIED]: 0.98, [STUCK]: 0.01, [RELAY]: 0.01 }
    const moves = { [STUCK]: [moved('line-1', -1.1), moved('line-2', -1)] }
    const excluded = { label: 'Pressure switch', lines: ['line-1'] }
    expect(decided(shares, { moves })?.excludes).toEqual([excluded])
    expect(decided({ ...shares, [BURIED]: 0.96, [STUCK]: 0.03 }, { moves })?.excludes).toEqual([])
  })
})

describe('what comes up out of the ground', () => {
  /** its own winding, seen burnt in two: it shows itself */
  const open = foldTab(model.kind, [
    write({ id: 'line-open-0', at, kind: 'observation', test: 'seen-itself', outcome: BURIED, without: 'test' }),
  ])
  const speaking = [moved('line-open-0', 3), moved('line-open-1', 3)]
  const telling = [parts(BURIED, 500)]
  const given = (rivals: Readonly<Record<string, number>>) =>
    stand(
      { [BURIED]: 1 - Object.values(rivals).reduce((a, b) => a + b, 0), ...rivals },
      {
        tests: telling,
        state: open,
        moves: { [BURIED]: speaking, ...Object.fromEntries(Object.keys(rivals).map(r => [r, against])) },
      },
    )
  const down = new Set(model.kind.components.filter(c => c.place === 'down-hole').map(c => c.id))
  const BESIDE = model.kind.faults.find(f =>
    down.has(f.component) && f.repair.minutes >= 110 && f.repair.id !== modeAt(BURIED).repair.id)!.id

  it('waits while more than three in a hundred stand above it', () => {
    expect(given({ [RELAY]: 0.04 })).toMatchObject({ leading: { fault: BURIED } })
    expect(given({ [RELAY]: 0.04 }).decision).toBeUndefined()
    expect(given({ [RELAY]: 0.02, [STUCK]: 0.02 }).decision).toBeUndefined()
  })
  it('is found with less than that above it', () =>
    expect(given({ [RELAY]: 0.025 }).decision).toMatchObject({ kind: 'found', fault: BURIED }))
  it('does not wait for what is down there with it', () =>
    expect(given({ [BESIDE]: 0.04 }).decision).toMatchObject({ kind: 'found', fault: BURIED }))
  it('waits no longer once it is all but sure, whatever stands above', () => {
    const shares = { [BURIED]: 0.985, [RELAY]: 0.015 }
    expect(stand(shares, { tests: telling, state: open, moves: { [BURIED]: speaking, [RELAY]: against } }).decision)
      .toMatchObject({ fault: BURIED })
  })
  it('says what above it was ruled out, and by which lines', () => {
    const excludes = given({ [RELAY]: 0.025 }).decision?.excludes
    expect(excludes?.flatMap(e => e.lines)).toEqual(expect.arrayContaining(['line-1', 'line-2']))
  })
  it('does not wait for what was put right above it, though that had failed', () => {
    const mended = foldTab(model.kind, [
      write({ id: 'line-open-0', at, kind: 'observation', test: 'seen-itself', outcome: BURIED, without: 'test' }),
      write({ id: 'line-open-1', at, kind: 'repair', component: 'box', fault: RELAY, text: 'relay' }),
    ])
    const suspects = suspectsOf({ [BURIED]: 0.96, [RELAY]: 0.7, [STUCK]: 0.01 }, { [BURIED]: speaking })
    const ranking = { chances: chancesOf({ [BURIED]: 0.96, [STUCK]: 0.01 }), suspects, ruledOutBy: new Map() }
    const groups = groupByRepair(model, model.hypotheses.length, [RELAY])
    expect(decide(tables, mended, ranking, groups, telling, 0).decision).toMatchObject({ fault: BURIED })
  })
})

describe('a motor that nothing more tells of', () => {
  const air = requireOk(prepareKept('compressor-pilot', { 'motor.power': 3728, 'motor.amps': 15.2 }))
  const lines: readonly DraftLine[] = [
    { kind: 'opened', complaint: 'no-air', words: '' },
    ...Object.entries({
      'disconnect.v12': 236, 'disconnect.v23': 239, 'disconnect.v31': 0.2, 'coil.volts': 238, 'load.l3g': 137,
      'load.v31': 0.2, 'amps1.run': 0, 'amps2.run': 0, 'amps3.run': 0,
    }).map(([test, value]) => ({ kind: 'reading' as const, test, value, without: 'told' })),
  ]
  const { decision, next } = isolate(air, foldTab(air.model.kind, lines.map((l, i) =>
    write({ ...l, id: `line-air-${i}`, at }))))
  it('is not condemned before its windings were read', () => {
    expect(decision?.fault).not.toBe('motor.phase-open')
    expect(next[0]?.test).toMatch(/^leads\./)
  })
})

/** What is concluded of lines as they are told, on a system of its own. */
function concluded(kind: 'compressor-pilot' | 'booster', complaint: Complaint, told: readonly DraftLine[]) {
  const own = requireOk(prepareKept(kind, {}))
  const lines: readonly DraftLine[] = [{ kind: 'opened', complaint, words: '' }, ...told]
  return isolate(own, foldTab(own.model.kind, lines.map((l, i) => write({ ...l, id: `line-told-${i}`, at }))))
}
const readings = (of: Readonly<Record<string, number>>): DraftLine[] =>
  Object.entries(of).map(([test, value]) => ({ kind: 'reading', test, value, without: 'told' }))

describe('a supply that is blamed', () => {
  const low = { 'load.v12': 217, 'load.v23': 225.5, 'load.v31': 238, 'amps1.run': 13.6, 'amps2.run': 13.2,
    'pole2.drop': 0.2, 'amps3.run': 18 }
  it('is read where it comes in before anybody is sent for', () => {
    const { decision, leading, next } = concluded('compressor-pilot', 'check-up', readings(low))
    expect(decision).toBeUndefined()
    expect(leading?.fault).toBe('supply.unbalanced')
    expect(next[0]?.test).toMatch(/^supply\./)
  })
  it('is found once it was', () => {
    const above = { ...low, 'supply.v12': 218, 'supply.v23': 226, 'supply.v31': 239 }
    expect(concluded('compressor-pilot', 'check-up', readings(above)).decision?.fault).toBe('supply.unbalanced')
  })
})

describe('two things that may be wrong with one part', () => {
  it('has the cheap one tried before the dear, though that is likelier', () => {
    const shares = { 'tank.waterlogged': 0.78, 'tank.precharge-low': 0.2 }
    expect(stand(shares, { tests: [] }).decision).toMatchObject({ kind: 'trial', fault: 'tank.precharge-low' })
    const apart = { 'tank.waterlogged': 0.78, [RELAY]: 0.2 }
    expect(stand(apart, { tests: [] }).decision).toBeUndefined()
  })
})
