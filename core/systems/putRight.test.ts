import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel, faultId, isPutRight, isWorkedOn, KIND_IDS, kindFor, type FaultMode, type KindId } from '.'

const mode = (kind: KindId, id: string): FaultMode => kindFor(kind, {}).faults.find(f => faultId(f) === id)!
const right = (kind: KindId, fault: string, ...repaired: string[]) => isPutRight(kindFor(kind, {}), mode(kind, fault), repaired)

describe('what a repair puts right', () => {
  it.each(KIND_IDS)('%s: every fault by its own repair, and none by nothing', (kind) => {
    for (const f of kindFor(kind, {}).faults) {
      expect(isPutRight(kindFor(kind, {}), f, [faultId(f)]), faultId(f)).toBe(true)
      expect(isPutRight(kindFor(kind, {}), f, [f.component]), faultId(f)).toBe(true)
      expect(isPutRight(kindFor(kind, {}), f, []), faultId(f)).toBe(false)
    }
  })
  it('leaves what stands beside it in the same box as it was', () => {
    expect(right('well-3wire', 'box.cap-low', 'box.relay-open')).toBe(false)
    expect(right('well-3wire', 'box.cap-low', 'box.cap-open')).toBe(true)
  })
  it('does not mend a bad pole by resetting the breaker, but resets it by replacing it', () => {
    expect(right('well-3wire', 'breaker.pole-open', 'breaker.off')).toBe(false)
    expect(right('well-3wire', 'breaker.off', 'breaker.pole-open')).toBe(true)
  })
  it('does not clear the port with a new switch', () => {
    expect(right('well-3wire', 'switch.pole2-burnt', 'switch.welded')).toBe(true)
    expect(right('well-3wire', 'switch.port-blocked', 'switch.welded')).toBe(false)
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
  it('does not mistake one story of the flow side for another: what a welded switch does is not what a sound one does', () => {
    const test = model.kind.tests.find(t => t.id === 'cut-out')!
    if (test.kind !== 'numeric') throw new Error('cut-out is measured')
    expect(model.predict(at('switch.welded:full'), test).mean).not.toBeCloseTo(model.predict(0, test).mean, -3)
    expect(model.predict(model.without(at('switch.welded:full'), ['switch.welded']), test)).toEqual(model.predict(0, test))
  })
})
