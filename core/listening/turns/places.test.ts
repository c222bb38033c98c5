/** Places by other names, proofs in any words, and what is done in passing. As technicians say it; no source. */
import { describe, expect, it } from 'vitest'
import type { KindId } from '#core/systems'
import { psi, told } from '../../../tests/told'

describe('dead, proven, in any words', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'shut it off and proved it dead 238 0.2 238', 'proven-dead 238/0.2/238'],
    ['compressor-pilot', 'killed it, locked, proved dead 480 0 480', 'proven-dead 480/0/480'],
    ['well-3wire', 'power’s off, 240 0 240', 'proven-dead 240/0/240'],
    ['booster', 'off and locked, checked 237 0 237', 'proven-dead 237/0/237'],
    ['rv', 'locked out, 12.6 then 0 then 12.6', 'proven-dead 12.6/0/12.6'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it.each<[KindId, string]>([
    // a live source between, another source after, or three lines that are read
    ['three-phase', 'power’s off, 240 120 240'], ['well-2wire', 'locked, 238 0 120'],
    ['three-phase', '240 0 240 at the starter'],
  ])('%s: %s is none', (kind, said) => expect(told(kind, said)).not.toContain('proven-dead'))
  it('is no proof of a capacitor that its microfarads are read', () =>
    expect(told('compressor-direct', 'bled it, cap reads 60')).toBe('cap.farads 0.00006'))
})

describe('a place by another name', () => {
  it.each<[KindId, string, string]>([
    ['booster', 'incoming pressure is 40', `inlet.pressure ${psi(40)}`],
    ['compressor-direct', '120 at the wall socket', 'supply.volts 120'],
    ['rv', '10.4 between the cable clamps', 'battery.run 10.4'],
    ['three-phase', 'voltage across the contacts: 0.2, 0.1, 6', 'pole1.drop 0.2 | pole2.drop 0.1 | pole3.drop 6'],
    ['well-3wire', 'ohms are right, 4.3 and 17', 'leads.by 4.3 | leads.ry 17'],
    ['well-3wire', 'emptied it, tyre gauge says 4 psi on the tank', `precharge ${psi(4)}`],
    ['three-phase', 'megged T leads from the starter to ground, all three 0.0', 'leads.ground 0'],
    ['well-2wire', 'megged it from the switch, half a meg', 'leads.ground 500000'],
    ['holding-tank', 'capacitor’s dead, 2 microfarad on a 25', 'cap-label under | cap.farads 0.000002'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
})

describe('what is tried, and what came of it', () => {
  it.each<[KindId, string, string]>([
    ['three-phase', 'swapped two legs at the starter and she went right up to 60', 'swap-two more'],
    ['rv', 'lead straight across the switch and it runs', 'bypass runs'],
    ['rv', 'ran a jumper from the black to the battery negative and she perked right up', 'second-return runs'],
    ['holding-tank', 'house shut off, drops from 50 to 30 in ten minutes', `house-shut falls | leak-down ${psi(20)}`],
    ['holding-tank', 'lifted the float by hand all the way and it kept right on running', 'well-float-look held'],
    ['well-2wire', 'breaker holds a minute sometimes', 'let-go minutes'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it('says nothing where it is as before, and what was before was never said', () => {
    const said = 'swapped in a known good box and it does exactly the same thing'
    expect(told('well-3wire', said)).toBe('remark')
    expect(told('well-3wire', said, { does: 'groans' })).toBe('box-swap groans')
  })
})

describe('what must not be taken for another thing', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'windings are 2.1 ohms and clear to ground', 'leads.by 2.1 | leads.ground OL'],
    ['jet', '1.9 ohms across the motor, zip to ground', 'leads.by 1.9 | leads.ground OL'],
    ['jet', 'hums, 119 at the motor', 'motor.volts 119 | sound groans'],
    ['compressor-direct', 'dead 118 0 118, bled 0.1', 'proven-dead 118/0/118 | discharged 0.1'],
    ['well-2wire', 'cut off lever was tripped', 'lever off'],
    ['well-3wire', 'run cap measured 4 on a 15', 'runcap.farads 0.000004 | runcap-label under'],
    ['rv', 'motor reads open', 'windings.ohms OL'],
    ['booster', '3 amps where it did 6', 'black.run 3'],
    ['holding-tank', 'on at 40 off at 60', `cut-in ${psi(40)} | cut-out ${psi(60)}`],
    ['well-2wire', '241 across the two motor screws on the switch', 'load.volts 241'],
    ['well-3wire', 'red to yellow is wide open looking down the hole', 'open-again open'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it('leaves a point that only another kind has to that kind', () =>
    expect(told('well-2wire', 'swapped it for a new one', { near: 'pilot' })).toBeTruthy())
})
