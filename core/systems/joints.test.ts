import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel, type KindId } from '.'

describe('a joint that a motor starts through', () => {
  const model = requireOk(buildModel('well-2wire', { 'motor.amps': 5, 'motor.lockedAmps': 32 }))
  const burns = (id: string) => model.burns(model.hypotheses.findIndex(h => h.id === id))
  // Ohm's law by hand: some 6 A through 1.5 Ω are 50 W, and a stalled motor's 17 A through 8 Ω over two kilowatts
  it('burns what its ohms and the amps make', () => {
    expect(burns('switch.pole1-burnt:1')).toBeGreaterThan(30)
    expect(burns('switch.pole1-burnt:1')).toBeLessThan(90)
    expect(burns('switch.pole1-burnt:3')).toBeGreaterThan(200)
  })
  it.each(['sound', 'motor.seized:full', 'pump.worn:1', 'switch.pole1-open:full', 'cable.to-earth:1'])(
    'is not told of where there is none: %s',
    id => expect(burns(id)).toBeUndefined(),
  )
})

describe('a leak', () => {
  it.each<[KindId, string, number, number]>([
    // a running toilet, 2 gpm or so at 50 psi; a weeping air fitting
    ['well-2wire', 'house.leak:1', 1, 6],
    ['compressor-direct', 'house.leak:1', 0.2, 1.5],
  ])('is said as the hole that it is like: %s, %s', (kind, id, low, high) => {
    const model = requireOk(buildModel(kind, {}))
    const hole = model.leaksLike(model.hypotheses.findIndex(h => h.id === id))!
    expect(1000 * hole).toBeGreaterThan(low)
    expect(1000 * hole).toBeLessThan(high)
    expect(model.leaksLike(0)).toBeUndefined()
  })
})
