/** The shop's practice goes through to what is read, asked and advised, and two practices never share an answer. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { PSI } from '#core/units'
import { buildModel, kindFor, USUAL_PRACTICE, type ShopPractice } from '.'

const by = (part: Partial<ShopPractice>) => ({ ...USUAL_PRACTICE, ...part })
const testOf = (part: Partial<ShopPractice>, id: string) =>
  kindFor('jet', {}, by(part)).tests.find(t => t.id === id)
const faultOf = (part: Partial<ShopPractice>, id: string) =>
  kindFor('jet', {}, by(part)).faults.find(f => f.id === id)

describe('the practice of a shop', () => {
  it('sets the healthy precharge, and the reading expected of it', () => {
    const bandAt = (psi: number) => {
      const model = requireOk(buildModel('jet', {}, by({ prechargeUnderCutIn: psi * PSI })))
      const test = model.kind.tests.find(t => t.id === 'precharge')
      return test?.kind === 'numeric' ? model.band(test) : undefined
    }
    expect((bandAt(2)?.high ?? 0) - (bandAt(5)?.high ?? 0)).toBeCloseTo(3 * PSI, 6)
  })
  it('says for how long a leak-down is watched, and reckons with it', () => {
    expect(testOf({ leakDownMinutes: 30 }, 'leak-down')).toMatchObject({
      title: 'Leak-down in thirty minutes',
      wait: { minutes: 30 },
    })
    const lost = (leakDownMinutes: 10 | 30) => {
      const model = requireOk(buildModel('jet', {}, by({ leakDownMinutes })))
      const test = model.kind.tests.find(t => t.id === 'leak-down')
      const h = model.hypotheses.findIndex(x => x.id === 'house.leak:1')
      return test?.kind === 'numeric' ? model.predict(h, test).mean : 0
    }
    expect(lost(30)).toBeGreaterThan(lost(10))
  })
  it('says how many cycles prove a repair', () => {
    expect(testOf({ proofCycles: 3 }, 'works')?.title).toContain('Three whole cycles')
    expect(testOf({ proofCycles: 1 }, 'works')?.title).toContain('One whole cycle:')
  })
  it('replaces burnt contacts or cleans them for the time being', () => {
    expect(faultOf({}, 'switch.pole1-burnt')?.repair.id).toBe('replace-pressure-switch')
    expect(faultOf({ burntContacts: 'clean' }, 'switch.pole1-burnt')?.repair.id).toBe('clean-switch-contacts')
  })
  it('brings tape or paste, and advises against running dry in its own way', () => {
    expect(faultOf({ threadSealant: 'paste' }, 'suction.air-leak')?.repair.part).toBe('pipe thread paste')
    const advice = (part: Partial<ShopPractice>) =>
      kindFor('jet', {}, by(part)).causeNotes.find(n => n.id === 'ran-dry')?.advice
    expect(advice({ cutOffAdvice: 'protector-only' })).not.toBe(advice({}))
  })
  it('gives one object for one practice, and another for another', () => {
    expect(kindFor('jet', {}, by({}))).toBe(kindFor('jet', {}))
    expect(kindFor('jet', {}, by({ proofCycles: 5 }))).not.toBe(kindFor('jet', {}))
  })
  it('says bands and assumptions in its own units', () => {
    const model = requireOk(
      buildModel('jet', {}, by({ units: { ...USUAL_PRACTICE.units, pressure: 'si', length: 'si' } })),
    )
    const said = model.assumptions.map(a => a.text).join()
    expect(said).toMatch(/\d kPa/)
    expect(said).not.toMatch(/psi| ft /)
  })
})
