import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { isolate, prepareWith } from '.'
import { prepareKept } from '../../tests/prepared'

const tables = requireOk(prepareKept('booster', { 'motor.power': 559, 'motor.volts': 230 }))
const folded = (kind: typeof tables.model.kind, drafts: readonly DraftLine[]) => {
  const write = createWriter('test-device')
  return foldTab(kind, drafts.map((d, i) => write({ ...d, id: `line-${i}-mended`, at: '2026-06-15T10:00:00Z' })))
}
const opened: DraftLine = { kind: 'opened', complaint: 'low-pressure', words: '' }
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })
const read = (test: string, value: number): DraftLine => ({ kind: 'reading', test, value })
const cleaned: DraftLine = { kind: 'repair', component: 'strainer', fault: 'strainer.blocked', text: 'cleaned it' }
const after = (...drafts: DraftLine[]) => isolate(tables, folded(tables.model.kind, [opened, ...drafts]))

describe('what was put right and was it', () => {
  it('stands once it was put right, with what shows it since', () => {
    const shown = after(saw('strainer-look', 'blocked'), cleaned, saw('works', 'yes'))
    expect(shown.mended).toMatchObject({ fault: 'strainer.blocked', by: ['line-3-mended'] })
    expect(shown.mended?.why).toContain('went with it')
    expect(shown.decision).toBeUndefined()
  })
  it('says so where nothing has been read since', () => {
    const { mended } = after(saw('strainer-look', 'blocked'), cleaned)
    expect(mended).toMatchObject({ fault: 'strainer.blocked', by: [] })
    expect(mended?.why).toContain('nothing has been read since')
  })
  it('is no longer what the answers of the next test would leave', () => {
    const leavesOf = (drafts: DraftLine[]) => {
      const { next, proof } = after(...drafts)
      return [...next, ...proof].flatMap(t => t.outcomes.flatMap(o => o.leaves))
    }
    expect(leavesOf([saw('strainer-look', 'blocked')]).some(l => l.fault === 'strainer.blocked')).toBe(true)
    const left = leavesOf([saw('strainer-look', 'blocked'), cleaned])
    expect(left.length).toBeGreaterThan(2)
    expect(left.filter(l => l.fault === 'strainer.blocked' && l.chance > 0.3)).toEqual([])
    expect(left.some(l => l.fault === 'sound')).toBe(true)
  })
  it('is nothing before a repair, nor after one that was of something else', () => {
    expect(after(saw('strainer-look', 'blocked')).mended).toBeUndefined()
    const other: DraftLine = { kind: 'repair', component: 'gauge', fault: 'gauge.stuck', text: 'new gauge' }
    expect(after(saw('strainer-look', 'blocked'), other).mended).toBeUndefined()
  })
})

describe('of one part', () => {
  it('it was what was done to it, where its other faults would have taken other work', () => {
    const pilot = requireOk(prepareKept('compressor-pilot', {}))
    const { mended } = isolate(pilot, folded(pilot.model.kind, [
      { kind: 'opened', complaint: 'no-air', words: '' }, saw('push-in', 'runs'), read('aux.volts', 120),
      read('pilot.volts', 0), read('gauge', 20 * PSI),
      { kind: 'repair', component: 'switch', fault: 'switch.contact-dirty', text: 'cleaned the contact' },
      saw('works', 'yes'),
    ]))
    expect(mended?.repairId).toBe('replace-pressure-switch')
    expect(mended?.covers.map(c => c.fault)).toContain('switch.contact-dirty')
  })
})

describe('that it works', () => {
  const kind = kindFor('booster')
  const tables = requireOk(prepareKept('booster', {}))
  const leading = (...drafts: DraftLine[]) => {
    const { suspects, puzzles } = isolate(tables, folded(kind, [opened, ...drafts]))
    return { chances: suspects.map(s => [s.fault, s.chance]), puzzles }
  }
  it('said before anything was put right is weighed for nothing, and puzzles nobody', () => {
    const vent = saw('vent', 'air')
    expect(leading(vent, saw('works', 'yes'))).toEqual(leading(vent))
    const bled: DraftLine = { kind: 'repair', component: 'pump', fault: 'pump.air-lock', text: 'bled' }
    expect(leading(vent, bled, saw('works', 'yes')).chances).not.toEqual(leading(vent, bled).chances)
  })
})

describe('what the lines make of a nameplate that leaves a thing open', () => {
  const supposed = (kind: 'booster' | 'jet', drafts: readonly DraftLine[], nameplate = {}) =>
    requireOk(
      prepareWith(nameplate, folded(kindFor(kind), [opened, ...drafts]), (plate, fields) =>
        prepareKept(kind, plate, undefined, { supposed: fields })),
    ).model
  // ANSI C84.1 service voltages, from memory
  it('takes 238 V at the line side for a 230 V motor, and says so', () => {
    const model = supposed('booster', [read('line.volts', 238)])
    expect(model.supplyVolts).toBe(240)
    expect(model.assumptions.some(a => a.text.includes('230 V taken, as the lines have it'))).toBe(true)
  })
  it('takes nothing from a reading that fits, from half the volts, or against what is given', () => {
    expect(supposed('booster', [read('line.volts', 118)]).supplyVolts).toBe(120)
    expect(supposed('jet', [read('line.volts', 121)]).supplyVolts).toBe(240)
    expect(supposed('booster', [read('gauge', 55 * PSI)]).supplyVolts).toBe(120)
  })
  it('sees one that is set for the high one on the low, where its links were seen wrong', () => {
    const drafts = [read('motor.volts', 119), saw('links', 'wrong')]
    expect(supposed('jet', drafts, { 'motor.volts': 230 }).supplyVolts).toBe(120)
    // half of the volts alone may be a leg that is lost
    expect(supposed('jet', drafts.slice(0, 1), { 'motor.volts': 230 }).supplyVolts).toBe(240)
  })
  it('sees a motor for two volts that is set for the low one on the high', () => {
    expect(supposed('booster', [read('line.volts', 238)], { 'motor.volts': 115 }).supplyVolts).toBe(240)
    expect(supposed('booster', [read('line.volts', 238)], { 'motor.volts': 115, 'motor.dualVoltage': 0 }).supplyVolts)
      .toBe(120)
  })
  it('takes 55 psi ahead of a booster for a good main; not a weak one, nor against its plate', () => {
    const taken = (psi: number, plate = {}) => supposed('booster', [read('inlet.pressure', psi * PSI)], plate)
    const good = taken(55)
    expect([good.nameplate['inlet.pressure'], good.nameplate['switch.cutIn']]).toEqual([55 * PSI, 63 * PSI])
    expect(good.assumptions.map(a => a.text).join()).toContain('55 psi taken, as the lines have it')
    expect(taken(12).nameplate['inlet.pressure']).toBeUndefined()
    expect(taken(55, { 'switch.cutIn': 40 * PSI }).nameplate['inlet.pressure']).toBeUndefined()
    expect(taken(35, { 'switch.cutIn': 40 * PSI }).nameplate).toMatchObject({ 'inlet.pressure': 35 * PSI })
  })
  it('adds a run capacitor that was read, and takes no permanent split for it', () => {
    const model = supposed('booster', [read('runcap.farads', 12e-6)])
    expect(model.nameplate).toMatchObject({ 'motor.runCapacitor': 1 })
    expect(model.nameplate['motor.startGear']).toBeUndefined()
  })
  it('has the cut-off whose lever was looked at', () => {
    const model = supposed('jet', [saw('lever', 'off')])
    expect(model.kind.faults.some(f => f.id === 'switch.cut-off-tripped')).toBe(true)
    expect(model.nameplate['switch.cutOff']).toBe(1)
  })
})
