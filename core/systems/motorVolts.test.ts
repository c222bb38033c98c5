import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { buildModel } from './registry'
import { motorVoltsOn } from './supplies'

describe('a motor that nobody has described', () => {
  it.each([[120, 115], [208, 208], [240, 230], [400, 400], [480, 460], [600, 575]])(
    'is made for the %i V that it hangs on (table 430.250, MG 1 10.30, from memory)',
    (service, volts) => expect(motorVoltsOn(service, 230)).toBe(volts),
  )
  it('is the usual one where the supply is not known either', () => {
    expect(motorVoltsOn(undefined, 230)).toBe(230)
  })
  it.each([208, 240, 400, 480, 600])('hums on two legs of %i V when one is lost, and trips no breaker', (volts) => {
    const model = requireOk(buildModel('three-phase', { 'supply.volts': volts }))
    const lost = model.hypotheses.filter(h => h.fault === 'supply.leg-lost' && !h.parts)
    // the third line, or one of the others where the control hangs on the two that are left
    expect(lost.map(h => h.effect)).toEqual(['silent', 'silent', 'groans', 'groans', 'groans'])
    const low = model.hypotheses.filter(h => h.fault === 'supply.low-volts')
    expect(low.map(h => h.effect)).not.toContain('trips-breaker')
  })
})
