import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel } from '.'

describe('a joint that a motor starts through', () => {
  const model = requireOk(buildModel('well-2wire', { 'motor.amps': 5, 'motor.lockedAmps': 32 }))
  const burns = (id: string) => model.burns(model.hypotheses.findIndex(h => h.id === id))
  // Ohm's law by hand: some 6 A through 1.5 Ω are 50 W, and a stalled motor's 17 A through 8 Ω over two kilowatts
  it('burns what its ohms and the amps make', () => {
    expect(burns('switch.pole1-burnt:1')).toBeGreaterThan(30)
    expect(burns('switch.pole1-burnt:1')).toBeLessThan(90)
    expect(burns('switch.pole1-burnt:2')).toBeGreaterThan(200)
  })
  it.each(['sound', 'motor.seized:full', 'pump.worn:1', 'switch.pole1-open:full', 'cable.to-earth:1'])(
    'is not told of where there is none: %s',
    id => expect(burns(id)).toBeUndefined(),
  )
})
