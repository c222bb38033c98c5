/** Parts by what was done to them and what came of it, and their opposites. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import type { KindId } from '#core/systems'
import { told } from '../../../tests/told'

describe('a part by what came of it', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'both hots are landed on the same pole', 'wiring-look wrong'],
    ['jet', 'hot and neutral both go to the same side of the switch', 'wiring-look wrong'],
    ['well-2wire', 'somebody had closed the valve to the house', 'house-valve was-shut'],
    ['well-3wire', 'the main valve after the tank was closed', 'house-valve was-shut'],
    ['well-2wire', 'put the pump on another 20 amp breaker and it holds all day', 'breaker-other holds'],
    ['jet', 'swapped in a new 15 and it\'s been running an hour', 'breaker-other holds'],
    ['well-2wire', 'took the wires off at the well head, still trips', 'trip-head-open trips'],
    ['well-2wire', 'with the load side of the switch unhooked it\'s fine', 'trip-switch-open holds'],
    ['well-2wire', 'switch chatters a few times when the pump kicks on then it\'s fine', 'switch-heard bounces'],
    ['holding-tank', 'pump runs when the float is up and stops when it hangs down', 'well-float-look wrong'],
    ['rv', '12.7 one side of the fuse and 4 on the other', 'fuse.volts 4'],
    ['jet', 'whole house filter looks like chocolate', 'filter-look dirty'],
    ['jet', 'took the cartridge out and it\'s like a fire hose', 'filter-out back'],
    ['compressor-direct', 'flipped the lever to off and it keeps going', 'contacts welded'],
    ['compressor-direct', 'slipped the belt off and the motor runs fine', 'belt-off runs'],
    ['rv', 'the winterizing valve is turned to the antifreeze hose', 'winter-valve hose'],
    ['booster', '25 volts across the left set of points', 'pole1.drop 25'],
    ['booster', '0.3 across the right', 'pole2.drop 0.3'],
    [
      'compressor-pilot', '1 to 2 is 0.1 ohms, 1 to 3 is 1.4, 2 to 3 is 1.4',
      'leads.r12 0.1 | leads.r23 1.4 | leads.r31 1.4',
    ],
    ['well-2wire', 'the breaker trips the minute the pressure switch closes', 'let-go at-once'],
    ['well-3wire', 'red wire has zero amps on it when it tries to start', 'red.start 0'],
    ['three-phase', 'all three legs meg over 500', 'leads.ground 500000000'],
    ['booster', 'took the motor wires loose and the breaker holds', 'trip-motor-off holds'],
    ['jet', 'run cap says 30, meter says 17', 'runcap.farads 0.000017 | runcap-label under'],
    ['well-2wire', '241 at the panel with the pump off', 'breaker.idle 241'],
  ])('%s: %s', (kind, said, lines) => {
    expect(told(kind, said)).toBe(lines)
  })
})

describe('what is done to see is not how it was found', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'shut the house valve and the gauge holds steady', 'house-valve'],
    ['well-2wire', 'closed the valve to the house, still sits at 42', 'house-valve'],
    ['jet', '240 on the line, nothing on the load when it\'s closed', 'wiring-look'],
    ['well-2wire', '119 at the panel with it running', 'breaker.idle'],
    ['compressor-direct', 'gave the pulley a spin and it took right off', 'pump-turn'],
    ['three-phase', 'lots of sand in the filter', 'filter-look'],
  ])('%s: %s', (kind, said, test) => {
    expect(told(kind, said)).not.toContain(`${test} `)
  })
  it('a turn of the lever to off puts nothing right', () => {
    expect(told('compressor-direct', 'flipped the lever to off and it keeps going')).not.toContain('repair')
  })
  it('2.4 ohms beside what is clear to ground is one figure', () => {
    expect(told('well-2wire', 'megs clear to ground, 2.4 ohms between the pump wires')).toContain('leads.by 2.4')
  })
})
