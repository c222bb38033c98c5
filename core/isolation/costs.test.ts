import { describe, expect, it } from 'vitest'
import { findTest, kindFor, type Need } from '#core/systems'
import { requireOk } from '#core/foundation'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { prepareKept } from '../../tests/prepared'
import { placeOf, stateMinutes, testCost } from './costs'

const kind = kindFor('well-3wire', {})
const { model } = requireOk(prepareKept('well-3wire', {}))
const write = createWriter('costs-test')
let n = 0
const after = (...drafts: DraftLine[]) =>
  foldTab(kind, drafts.map(d => write({ ...d, id: `line-cost-${++n}`, at: '2026-06-15T10:00:00.000Z' })))
const dead: DraftLine = { kind: 'state', to: 'proven-dead', proof: [240, 0.2, 240] }
const flat: DraftLine = { kind: 'state', to: 'discharged', proof: [0.1] }
const testOf = (id: string) => findTest(kind, id)!

describe('getting into a state', () => {
  // minutes: common practice, no source
  it.each([
    ['any', 0, 0],
    ['live', 0, 2],
    ['proven-dead', 3, 0],
    ['discharged', 5, 0],
    ['zero-pressure', 7, 7],
  ] as const)('takes for %s %i minutes from the start, and %i dead and discharged', (need: Need, first, then) => {
    expect(stateMinutes(after(), need)).toBe(first)
    expect(stateMinutes(after(dead, flat), need)).toBe(then)
  })
  it('takes two minutes more to discharge what is proven dead', () =>
    expect(stateMinutes(after(dead), 'discharged')).toBe(2))
})

describe('the place of a test', () => {
  it.each([
    ['contacts', 'switch'],
    ['cap.farads', 'box'],
    ['precharge', 'tank'],
  ])('is that of the part it is taken at: %s at the %s', (id, component) =>
    expect(placeOf(kind, testOf(id))).toBe(kind.components.find(c => c.id === component)!.place))
  it('costs the way to it, the state and the test', () => {
    const test = testOf('cap.farads')
    const { minutes, weighed } = testCost(model, after(), test)
    expect(minutes).toBeGreaterThanOrEqual(test.minutes + 5)
    expect(testCost(model, after(dead, flat), test).minutes).toBeCloseTo(minutes - 5, 9)
    expect(weighed).toBeGreaterThan(minutes)
  })
})
