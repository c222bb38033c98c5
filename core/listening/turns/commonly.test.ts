/** What is met most, as yet another hand puts it: rows of what is heard. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('wires by where they go', () => {
  hearsAs([
    ['well-2wire', '238 going down the hole', 'head.volts 238'],
    ['well-2wire', 'clamp meter on the black says nothing, zero', 'black.run 0'],
    ['well-2wire', 'killed it and ohmed the pair: no reading', 'leads.by OL'],
    ['well-2wire', 'the butt splice had come apart', 'seen-itself cable.open'],
    ['well-2wire', 'across the top screws I get 240 and across the bottom screws 238',
      'line.volts 240 | load.volts 238'],
    ['well-3wire', 'each one to ground: 400 ohms, 400 ohms, 380', 'leads.ground 400'],
    ['well-3wire', 'at the main it\'s 213 and the house is only pulling 40 amps', 'supply.volts 213'],
    ['well-3wire', '7.6 on the yellow... I mean on the black', 'black.run 7.6'],
    ['holding-tank', 'leads off at the well cap, black and red to ground both zero', 'well-leads.ground 0'],
    ['three-phase', 'up top 238 all round', 'line.v12 238 | line.v23 238 | line.v31 238'],
    ['three-phase', 'power company had a cutout open', 'seen-itself supply.leg-lost'],
    ['compressor-direct', '119 not running, 92 at the plug when it starts, 98 going',
      'line.idle 119 | line.start 92 | line.volts 98'],
    ['compressor-direct', '100 feet of 16 gauge', 'cord-look long'],
    ['rv', 'pump lead worn bare against the frame', 'wires-look chafed'],
  ])
})

describe('what became of a part', () => {
  hearsAs([
    ['well-3wire', 'opened the cover and the cap blew its guts out', 'cap-seen bulged'],
    ['well-3wire', 'relay points don\'t make', 'relay.ohms OL'],
    ['compressor-pilot', 'points on three eaten away to nothing', 'starter-look burnt'],
    ['compressor-pilot', 'pulley\'s shiny and hot', 'belt-look slack'],
    ['holding-tank', 'seal faces are grooved', 'seen-itself pump.seal'],
    ['holding-tank', 'coming out where the shaft goes in', 'seen-itself pump.seal'],
    ['jet', 'shaving cream on the union and it sucks a hole in it', 'seen-itself suction.air-leak'],
    ['jet', 'sight tube full of bubbles', 'water-look air'],
    ['rv', 'brushes down to nothing', 'seen-itself motor.brushes'],
    ['rv', 'monitor says two thirds but the tank sounds hollow', 'tank-look empty'],
    ['compressor-direct', 'start switch is stuck shut, full of sawdust', 'seen-itself motor.centrifugal-closed'],
    ['compressor-direct', 'dumped the tank, still just hums', 'starts-empty same'],
    ['well-2wire', 'cup of water has an eighth inch of sand in the bottom', 'water-look sand'],
  ])
  it('is open where something holds it, and not sound', () => {
    expect(told('jet', 'twig stuck in the foot valve')).toBe('seen-itself check.leaking')
    expect(told('jet', 'foot valve held open by a twig')).toBe('foot-look falls')
    expect(told('holding-tank', 'poppet in the check has a piece of tape on it')).toBe('check-look open')
  })
})

describe('what it should be', () => {
  hearsAs([
    ['holding-tank', 'stops at 31, switch is 40 60', `cut-out ${psi(31)}`],
    ['jet', 'my own gauge on the tee shows 68, cutout\'s supposed to be 50', `gauge ${psi(68)}`],
    ['holding-tank', 'float hanging straight down with a cracked housing, full of water', 'remark'],
  ])
})
