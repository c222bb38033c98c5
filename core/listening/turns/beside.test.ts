/**
 * What stands beside a figure or a finding and is none of it; what is tried by hand; what the line before named. As
 * technicians say it; common practice, no source.
 */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor, type KindId } from '#core/systems'
import { psi, told } from '../../../tests/told'
import { hear } from '..'

describe('a figure beside the one that was read', () => {
  it.each<[KindId, string, string]>([
    ['jet', 'amps are a bit low, 4.8 against 6.9', 'black.run 4.8'],
    ['booster', 'amps 4 on a motor that says 8', 'black.run 4'],
    ['three-phase', 'runs fine, amps low, 9 on a 15 plate', 'amps1.run 9'],
    ['rv', '14 volts... no sorry 12.4 at the motor', 'motor.volts 12.4'],
    ['well-3wire', 'cap says 105 to 126, meter says 71', 'cap.farads 0.000071 | cap-label under'],
    ['booster', 'capacitor 158 on a 145-174', 'cap.farads 0.000158 | cap-label within'],
    ['well-3wire', 'it\'s a 105 to 126 and my meter says 22', 'cap.farads 0.000022 | cap-label under'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it.each<[KindId, string]>([
    ['booster', 'switch cover says 50/70'],
    ['three-phase', 'amps are under the plate'],
    ['rv', '12.5 at the wire into the pump switch'],
  ])('%s: %s is no reading', (kind, said) => expect(told(kind, said)).toBe('remark'))
})

describe('a word of another thing', () => {
  it.each<[KindId, string, string]>([
    ['booster', 'holds at 63 and never shuts off', 'runs-past runs-on'],
    ['compressor-direct', 'leaks at the unloader after it shuts off and doesn\'t quit', 'unloader-stop hisses'],
    ['jet', 'power off, can\'t turn the shaft with a wrench', 'shaft seized'],
    ['well-2wire', 'dead, both leads to ground: 0.4 ohms', 'leads.ground 0.4'],
    ['well-2wire', 'meter on ohms, each pump lead to the pipe: 0.3', 'leads.ground 0.3'],
    ['well-3wire', 'the red and black are swapped at the box', 'seen-itself cable.mixed'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it('rocked with its leads reversed it shows no leads mixed up', () =>
    expect(told('well-3wire', 'rocked it with the leads reversed, no go')).toBe('remark'))
})

describe('what was tried by hand', () => {
  it.each<[KindId, string, string]>([
    ['compressor-pilot', 'pushed it in by hand and it runs', 'push-in runs'],
    ['booster', 'tap on the end bell and it goes', 'remark'],
    ['rv', 'rapped it with the screwdriver handle, it ran a second', 'tap-motor runs'],
    ['rv', 'ran a jumper from the pump\'s black to the battery, it runs', 'second-return runs'],
    ['compressor-direct', 'leaks under the pressure switch the whole time it\'s running', 'unloader-run blows'],
    ['holding-tank', 'opened the priming plug, air came out for a while then water', 'vent air | mended pump.air-lock'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it('is heard of a float where there is one', () => {
    const kind = kindFor('three-phase', { 'starter.float': 1 })
    const heard = requireOk(hear(kind, 'jumped the float contact and she pulls in'))
    expect(heard).toMatchObject({ kind: 'lines', lines: [{ test: 'float-bypass', outcome: 'runs' }] })
  })
})

describe('how far the pressure went', () => {
  it.each<[KindId, string, string]>([
    ['booster', 'tops out at 52 with everything shut', `climbs stalls | peak ${psi(52)}`],
    ['jet', 'builds to 35 and sits there', `climbs stalls | peak ${psi(35)}`],
    ['holding-tank', 'builds to 60 and quits', `cut-out ${psi(60)}`],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
})

describe('what was put right by a word that stands for it', () => {
  it.each<[KindId, string, string, string]>([
    ['jet', 'junction box halfway, wire nut melted', 'remade it', 'mended feed.high-resistance'],
    ['jet', 'somebody cranked the big nut way down', 'backed it off three turns', 'mended switch.out-of-setting'],
    ['rv', 'green fuzz on the positive clamp', 'cleaned it', 'mended battery.post'],
  ])('%s: %s; %s', (kind, before, said, expected) => {
    const near = kind === 'rv' ? { near: 'battery' } : {}
    expect(told(kind, said, { said: before, ...near })).toBe(expected)
  })
  it('is none where a new part only stands there', () => {
    expect(told('well-2wire', 'new switch, contacts wide open', { near: 'gauge' })).not.toContain('mended')
    expect(told('compressor-pilot', 'put a new belt on, now 4 minutes', { near: 'belt' })).toContain('mended head.belt')
  })
})
