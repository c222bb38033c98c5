import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor, KIND_IDS, unstaged, withOptions, type KindId } from '#core/systems'
import { hear } from '.'
import { findDone, REPAIRS_SAID } from './done'
import type { Spoken } from './spoken'

const kindOf = (id: KindId) => kindFor(id, { 'switch.cutOff': 1, 'motor.dualVoltage': 1 })
const FOUND: Spoken = { near: 'gauge' }

/** What was heard after something was found: repairs by their fault, the rest by its test. */
function told(id: KindId, said: string, before: Spoken = FOUND): string {
  const heard = requireOk(hear(kindOf(id), said, { before }))
  if (heard.kind !== 'lines') return heard.kind
  return heard.lines
    .map(l => (l.kind === 'repair' ? `put right ${l.fault}` : 'test' in l ? l.test : l.kind))
    .join(' | ')
}

describe('what was put right', () => {
  it.each([
    ['booster', 'cleaned the strainer out and it makes 70', 'put right strainer.blocked | gauge'],
    ['booster', 'held the lever up and it runs', 'put right switch.cut-off-tripped | sound'],
    ['compressor-direct', 'new check valve in, quiet now', 'put right check.leaking | works'],
    ['well-2wire', 'replaced the pressure switch, pump runs now', 'put right switch.pole1-burnt | sound'],
    ['jet', 'primed the pump and it builds to 50', 'prime-look | put right pump.prime-lost | gauge'],
    ['rv', 'tightened the hose clamps', 'put right strainer.air-leak'],
    ['holding-tank', 'flipped the well breaker on and the well pump runs', 'put right well-breaker.off | well-heard'],
    ['well-2wire', 'aired the tank up to 38', 'put right tank.precharge-low'],
  ] as const)('on a %s: %s', (id, said, line) => {
    expect(told(id, said)).toBe(line)
  })
  it('is what was spoken of before, where it is only called it', () => {
    const near = kindOf('booster').tests.find(t => t.id === 'strainer-look')!.point
    expect(told('booster', 'cleaned it out', { near })).toBe('put right strainer.blocked')
    expect(told('compressor-pilot', 'belts are slack, tightened them')).toBe('belt-look | put right head.belt')
    expect(told('booster', 'cleaned it out', { near: 'gauge' })).toBe('remark')
  })
  it('is a test where a spare is put in to see', () => {
    expect(told('well-3wire', 'known good cap in and it starts')).toBe('cap-swap')
    expect(told('compressor-direct', 'drained the tank, still hums')).toBe('starts-empty')
  })
  it.each([
    ['told of another day', 'the plumber changed the tank last month'],
    ['told of another hand', 'owner replaced the pressure switch'],
    ['wished', 'it needs a new pressure switch'],
    ['asked', 'should I replace the pressure switch'],
    ['refused', 'I did not replace the pressure switch'],
  ])('is none where it is %s', (_, said) => {
    expect(told('well-2wire', said)).not.toContain('put right')
  })
  it('is of another day where a new part is told of before anything was found', () => {
    expect(told('well-2wire', 'put in a new pressure switch', {})).not.toContain('put right')
    expect(told('well-2wire', 'put in a new pressure switch')).toBe('put right switch.pole1-burnt')
    expect(told('booster', 'cleaned the strainer', {})).toBe('put right strainer.blocked')
  })
  it.each([
    ['well-2wire', 'contacts', 'new 30/50 switch put on', 'put right switch.pole1-burnt'],
    ['well-2wire', 'contacts', 'put in a new 40/60', 'put right switch.pole1-burnt'],
    ['well-2wire', 'valve', 'put a new one in, set to 38', 'put right tank.waterlogged'],
    ['compressor-pilot', 'contacts', 'new contact kit', 'put right starter.contact-burnt'],
    ['compressor-pilot', 'coil', 'new coil, pulls right in', 'put right starter.coil-open | coil-heard'],
    ['compressor-direct', 'head', 'new valve plate and gasket', 'put right head.reed'],
    ['three-phase', 'breaker', 'new clips and three fuses', 'put right breaker.pole-open'],
    ['three-phase', 'line', 'swapped two leads at the starter', 'put right motor.backwards'],
    ['compressor-pilot', 'line', 'swapped two leads at the starter', 'remark'],
    ['rv', 'fuse', 'new fuse, held', 'put right fuse.blown | let-go'],
    ['well-2wire', 'contacts', 'put a new switch on it, exactly the same', 'put right switch.pole1-burnt | works'],
    ['well-2wire', 'gauge', 'left a new switch on order', 'remark'],
    ['well-3wire', 'box', 'cut it back, new box, stripped fresh', 'put right box.terminal-burnt'],
    ['well-2wire', 'leads', 'two new checks', 'put right check.leaking'],
    ['well-3wire', 'leads', 'new gel nut', 'put right cable.black-open'],
    ['jet', 'cap', 'new 189 in', 'put right motor.cap-open'],
    ['compressor-direct', 'unloader', 'new pressure switch with the unloader', 'put right unloader.not-venting'],
    ['holding-tank', 'well-leads', 'new motor, kept the wet end', 'put right well-motor.main-open'],
  ] as const)('on a %s, at the %s: %s', (id, near, said, line) => {
    expect(told(id, said, { near })).toBe(line)
  })
  it('is for the fault that was just seen, of several that are put right alike', () => {
    const shown = { test: 'port-look', outcome: 'blocked' }
    expect(told('compressor-pilot', 'blew it out', { near: 'poles', said: 'cracked the line to the switch', shown }))
      .toBe('put right switch.port-blocked')
  })
  it('is of the first of two pumps where its own was just seen', () => {
    const said = 'intake screen is coated in iron'
    const own = (test: string, outcome: string) =>
      told('holding-tank', 'cleaned the screen', { near: 'gauge', said, shown: { test, outcome, said } })
    expect(own('seen-itself', 'well-pump.intake-blocked')).toBe('put right well-pump.intake-blocked')
    expect(own('strainer-look', 'blocked')).toBe('put right strainer.blocked')
    expect(own('strainer-look', 'of-no-strainer')).toBe('put right strainer.blocked')
  })
  it('is not of others once something was put right', () => {
    expect(told('well-2wire', 'new torque arrestor', { near: 'leads', mended: true })).toBe('remark')
    expect(told('well-2wire', 'they put on a new switch last week', { near: 'leads', mended: true })).toBe('asked')
  })
  it('names repairs that there are, and most of those', () => {
    const kinds = KIND_IDS.flatMap(id => [kindOf(id), withOptions(kindOf(id))])
    const repairs = new Set(kinds.flatMap(kind => kind.faults.map(f => unstaged(f.repair.id))))
    expect(REPAIRS_SAID.filter(id => !repairs.has(id))).toEqual([])
    expect(REPAIRS_SAID.length / repairs.size).toBeGreaterThan(0.8)
  })
  it('leaves what stands before and behind it as it was said', () => {
    expect(findDone(kindOf('booster'), 'Packed solid. Cleaned the strainer, Now 70')).toMatchObject({
      before: 'Packed solid',
      after: 'Now 70',
    })
  })
})

describe('what says nothing of how it is', () => {
  it('is that it runs with something bridged that no test bridges', () => {
    expect(told('three-phase', 'jumped the contact and it starts', { near: 'aux' })).toBe('remark')
    expect(told('rv', 'jumped across it and the pump runs', { near: 'panel' })).toBe('remark')
    expect(told('rv', 'jumped the pressure switch and it runs')).toBe('bypass')
  })
  it('is that the breaker holds with the pump taken off', () => {
    expect(told('well-2wire', 'disconnected it at the pole, breaker holds')).toBe('remark')
  })
  it('is what is denied besides: a lever that will not stay', () => {
    expect(told('compressor-direct', 'lever won\'t stay on auto')).toBe('remark')
  })
})
