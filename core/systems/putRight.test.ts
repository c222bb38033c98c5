import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel, isPutRight, isWorkedOn, KIND_IDS, kindFor, type FaultMode, type KindId } from '.'

const mode = (kind: KindId, id: string): FaultMode => kindFor(kind, {}).faults.find(f => f.id === id)!
const right = (kind: KindId, fault: string, ...repaired: string[]) =>
  isPutRight(kindFor(kind, {}), mode(kind, fault), repaired)

describe('what a repair puts right', () => {
  it.each(KIND_IDS)('%s: every fault by its own repair, and none by nothing', (kind) => {
    for (const f of kindFor(kind, {}).faults) {
      expect(isPutRight(kindFor(kind, {}), f, [f.id]), f.id).toBe(true)
      expect(isPutRight(kindFor(kind, {}), f, [f.component]), f.id).toBe(true)
      expect(isPutRight(kindFor(kind, {}), f, []), f.id).toBe(false)
    }
  })
  it.each([
    ['box.relay-open', 'box.cap-low', false, 'a new relay leaves the capacitor beside it as it was'],
    ['box.cap-open', 'box.cap-low', true, 'a new capacitor is not low'],
    ['breaker.off', 'breaker.pole-open', false, 'resetting does not mend a bad pole'],
    ['breaker.pole-open', 'breaker.off', true, 'a new breaker is on'],
    ['switch.welded', 'switch.pole2-burnt', true, 'a new switch has two new poles'],
    ['switch.welded', 'switch.port-blocked', false, 'and the old port'],
  ])('%s put right, %s: %s, for %s', (repaired, fault, gone) => {
    expect(right('well-3wire', fault, repaired)).toBe(gone)
  })
  it('takes a line without a fault for the whole component', () => {
    expect(right('well-3wire', 'box.cap-low', 'box')).toBe(true)
    expect(right('well-3wire', 'breaker.pole-open', 'box')).toBe(false)
    expect(isWorkedOn('box', ['box.relay-open'])).toBe(true)
    expect(isWorkedOn('box', ['boxed.relay-open', 'switch'])).toBe(false)
  })
})

describe('a model with something put right', () => {
  const model = requireOk(buildModel('well-3wire', {}))
  const at = (id: string) => model.hypotheses.findIndex(h => h.id === id)
  it('is the sound system once its only fault is', () => {
    expect(model.without(at('box.relay-open:1'), ['box.relay-open'])).toBe(0)
    expect(model.without(at('box.relay-open:1'), ['breaker.off'])).toBe(at('box.relay-open:1'))
  })
  it('is what is left of a pair', () => {
    const [pair] = model.addPairs([[at('box.cap-low:2'), at('tank.waterlogged:full')]])
    expect(model.without(pair!, ['tank.waterlogged'])).toBe(at('box.cap-low:2'))
    expect(model.without(pair!, ['box.cap-low'])).toBe(at('tank.waterlogged:full'))
    expect(model.without(pair!, ['box', 'tank'])).toBe(0)
    expect(model.without(pair!, ['switch'])).toBe(pair)
  })
  it('does not mistake one story of the flow side for another: a welded switch is not a sound one', () => {
    const test = model.kind.tests.find(t => t.id === 'cut-out')!
    if (test.kind !== 'numeric') throw new Error('cut-out is measured')
    expect(model.predict(at('switch.welded:full'), test).mean).not.toBeCloseTo(model.predict(0, test).mean, -3)
    expect(model.predict(model.without(at('switch.welded:full'), ['switch.welded']), test)).toEqual(
      model.predict(0, test),
    )
  })
})
