/** What was watched, and what only leads up to a finding; the opposites beside them. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import type { KindId } from '#core/systems'
import { psi, told } from '../../../tests/told'

describe('what was watched', () => {
  it.each<[KindId, string, string]>([
    ['jet', '121 sitting still, 88 when it tries to start', 'line.idle 121 | line.start 88'],
    ['well-2wire', 'at the line side zero between and 121 to ground on both', 'line.volts 0 | line.l1g 121'],
    ['well-3wire', 'shut the main to the house and it goes straight to 60 and clicks off', 'house-shut builds'],
    ['well-2wire', 'hose bib by the tank has tons of pressure', 'tank-tap only'],
    ['well-2wire', 'pulled the cartridge and the shower\'s back', 'filter-out back'],
    ['rv', '18 psi max, should shut off at 45', `climbs stalls | peak ${psi(18)}`],
    ['well-3wire', 'splice cut at head: up 500M, down 0', 'ground-parted below'],
    ['three-phase', 'splice open at the well: down the hole 200, up to the panel 0.3', 'ground-parted above'],
    ['holding-tank', 'nothing coming back from the float with it hanging down', 'well-load.volts 0'],
    ['well-3wire', 'relay ohmed closed with power off', 'relay.ohms 0'],
    ['well-2wire', 'at the well head with the splice apart the pump side is open', 'open-again open'],
    ['well-3wire', 'I opened the splice at the well head and going down black to yellow is 2.9', 'open-again whole'],
    ['well-3wire', 'black to yellow should be about three ohms and I\'m getting thirteen', 'leads.by 13'],
    ['three-phase', 'switched two of the wires and now it\'s making 75', 'swap-two more'],
    ['compressor-direct', 'if I drain the tank it starts right up no problem', 'starts-empty empty'],
    ['compressor-direct', 'bypassed the regulator and it blows', 'seen-itself regulator.stuck'],
  ])('%s: %s', (kind, said, lines) => expect(told(kind, said)).toContain(lines))
})

describe('an opposite', () => {
  it.each<[KindId, string, string]>([
    [
      'well-2wire', 'splice open at the well, the run to the house megs out perfect and down the hole is zero',
      'ground-parted below',
    ],
    ['well-2wire', 'at the well with the splice apart it\'s the house side that\'s grounded', 'ground-parted above'],
    ['three-phase', 'swapped two leads and it got worse', 'swap-two less'],
    ['three-phase', 'swapped two leads and it came right up to 70', 'swap-two more'],
    ['three-phase', 'coil\'s marked 120, that\'s right', 'coil-figure right'],
    ['jet', 'somebody wired the motor for 230 and it\'s on 120', 'links wrong'],
    ['three-phase', '18 volts across the third contact', 'pole3.drop 18'],
  ])('%s: %s is not taken for its like', (kind, said, lines) => expect(told(kind, said)).toBe(lines))
})

describe('what only leads up to a finding', () => {
  it.each<[KindId, string, string]>([
    ['compressor-direct', 'took the head off, one of the reeds is snapped', 'valves-look reed'],
    ['well-2wire', 'alright so I\'m here at the pressure tank and the gauge is dead zero', 'gauge 0'],
    ['well-2wire', 'now I move over to where the pump wires go and I\'ve got nothing', 'load.volts 0'],
    ['jet', 'smeared shaving cream on the suction line fittings and it sucked it in at one of the elbows',
      'seen-itself suction.air-leak'],
    ['jet', 'it\'s on 115 and the motor\'s set up for 230', 'links wrong'],
    ['well-2wire', 'somebody shut the main valve after the tank', 'house-valve was-shut'],
  ])('%s: %s', (kind, said, lines) => expect(told(kind, said)).toBe(lines))
})

describe('a word that is left over', () => {
  it('weighs by what of its company is said with it', () => {
    expect(told('compressor-pilot', 'called the power company, blown cutout on the pole'))
      .toContain('seen-itself supply.leg-lost')
    expect(told('jet', 'poked it out with a wire')).toBe('remark')
  })
  it('of a line before is heard with this one only where something was tried', () => {
    expect(told('compressor-pilot', 'the pressure switch is open', { action: 'the safety is popping' }))
      .toBe('switch-seen open')
  })
})
