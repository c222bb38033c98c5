/**
 * When measuring stops, on chances given by hand: every expected minute below is worked out from the repair's own, with
 * fifty lost by one that was not it, and twice the work of one that takes the pump out of the well.
 */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { foldTab } from '#core/tab'
import { prepareSystem } from '.'
import { decide, type Weighed } from './decide'
import { groupByRepair } from './groups'
import type { Suspect } from './suspects'

const { model } = requireOk(prepareSystem('well-3wire', {}))
const empty = foldTab(model.kind, [])
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
  return { table: { bins: 2, row } as unknown as Weighed['table'], bits, cost }
}

function decided(
  shares: Readonly<Record<string, number>>,
  tests: readonly Weighed[],
  rereads = 0,
  moves: Moves = {},
) {
  const ranking = { chances: chancesOf(shares), suspects: suspectsOf(shares, moves), ruledOutBy: new Map() }
  return decide(model, empty, ranking, groupByRepair(model, model.hypotheses.length, []), tests, rereads)
}

describe('a repair that is quickly done', () => {
  it('is found from 95 in 100, whatever could still be measured', () => {
    const found = decided({ [RELAY]: 0.95, [STUCK]: 0.05 }, [parts(RELAY, 0.1)])
    expect(found).toMatchObject({ kind: 'found', fault: RELAY, chance: 0.95, minutes: minutesOf(RELAY) })
    expect(found?.excludes).toBeUndefined()
    expect(decided({ [RELAY]: 0.949, [STUCK]: 0.051 }, [parts(RELAY, 0.1)])).toBeUndefined()
  })

  const shares = { [RELAY]: 0.92, [STUCK]: 0.08 }
  const atStake = 0.08 * (minutesOf(RELAY) + 50)
  it('is cheaper done at 92 where a test costs more than is at stake', () => {
    const cheaper = decided(shares, [parts(RELAY, atStake + 0.1)])
    expect(cheaper?.kind).toBe('cheaper')
    expect(cheaper?.why).toContain(`takes ${minutesOf(RELAY)} minutes`)
    expect(cheaper?.why).toContain(`cost ${Math.round(atStake + 0.1)} or more`)
  })
  it('waits for the test where that costs less', () => {
    expect(decided(shares, [parts(RELAY, atStake - 0.1)])).toBeUndefined()
    expect(decided(shares, [parts(RELAY, atStake + 9), parts(RELAY, atStake - 0.1)])).toBeUndefined()
  })
  it('does not wait for a test that tells nothing of it', () => {
    const blind = { ...parts(RELAY, 0.1), table: { bins: 1, row: () => [1] } as unknown as Weighed['table'] }
    expect(decided(shares, [blind])?.kind).toBe('cheaper')
  })
  it('is not tried at 89 while a test is left', () => {
    expect(decided({ [RELAY]: 0.89, [STUCK]: 0.11 }, [parts(RELAY, 90)])).toBeUndefined()
    expect(decided({ [RELAY]: 0.9, [STUCK]: 0.1 }, [parts(RELAY, 90)])?.kind).toBe('cheaper')
  })
  it('is one decision where no test is left that tells two hundredths of a bit', () => {
    const even = { [RELAY]: 0.6, [STUCK]: 0.4 }
    expect(decided(even, [])?.kind).toBe('inseparable')
    expect(decided(even, [parts(RELAY, 1, 0.02)])?.kind).toBe('inseparable')
    expect(decided(even, [parts(RELAY, 1, 0.021)])).toBeUndefined()
  })
  it('is nothing to decide on under even chances', () => {
    expect(decided({ [RELAY]: 0.49, [STUCK]: 0.3, [BURIED]: 0.21 }, [])).toBeUndefined()
  })
  it('waits for what must be read again, unless all but sure', () => {
    expect(decided({ [RELAY]: 0.994, [STUCK]: 0.006 }, [], 1)).toBeUndefined()
    expect(decided({ [RELAY]: 0.995, [STUCK]: 0.005 }, [], 1)?.kind).toBe('found')
  })
})

describe('a repair that takes the pump out of the well', () => {
  it('is a costly one', () => expect(minutesOf(BURIED)).toBeGreaterThanOrEqual(110))
  it('is not found while more than 3 in 100 are left above ground and a test is', () => {
    const shares = { [BURIED]: 0.96, [RELAY]: 0.04 }
    expect(decided(shares, [parts(BURIED, 900)])).toBeUndefined()
    expect(decided(shares, [])?.kind).toBe('found')
  })
  it('is asked of a test up to 99 in 100, where that costs less than is at stake', () => {
    const shares = { [BURIED]: 0.98, [RELAY]: 0.02 }
    const atStake = 0.02 * (2 * minutesOf(BURIED) + 50)
    expect(decided(shares, [parts(BURIED, atStake - 0.1)])).toBeUndefined()
    expect(decided(shares, [parts(BURIED, atStake + 0.1)])?.kind).toBe('found')
    expect(decided({ [BURIED]: 0.99, [RELAY]: 0.01 }, [parts(BURIED, 0.01)])?.kind).toBe('found')
  })
  it('is never merely cheaper', () => {
    expect(decided({ [BURIED]: 0.94, [STUCK]: 0.02 }, [parts(BURIED, 9000)])).toBeUndefined()
  })
  it('names what stands above ground and the lines that excluded it', () => {
    const shares = { [BURIED]: 0.98, [STUCK]: 0.01, [RELAY]: 0.01 }
    const moves = { [STUCK]: [moved('line-1', -1.1), moved('line-2', -1)] }
    const excluded = { label: 'Pressure switch', lines: ['line-1'] }
    expect(decided(shares, [], 0, moves)?.excludes).toEqual([excluded])
    expect(decided({ ...shares, [BURIED]: 0.96, [STUCK]: 0.03 }, [], 0, moves)?.excludes).toEqual([])
  })
})
