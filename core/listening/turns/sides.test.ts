/** On which side it was read, what was tried and what was seen there: as it is said. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('where the leads of the meter were', () => {
  hearsAs([
    ['holding-tank', 'at the breaker with the pump wires off, one screw is 121 to ground and the other one is 2',
      'breaker.l1g 121 | breaker.l2g 2'],
    ['well-2wire', 'line side has 120 and 120', 'line.l1g 120 | line.l2g 120'],
    ['well-2wire', 'I\'m getting 120 from one load screw to ground and zero from the other',
      'load.l1g 120 | load.l2g 0'],
    ['well-3wire', 'each lead to ground: black 0.3 ohms, red 2.9, yellow 2.4', 'leads.ground 0.3'],
    ['three-phase', 'bottom of it 231 on one and two, 140 on the other two pairs',
      'load.v12 231 | load.v23 140 | load.v31 140'],
    ['three-phase', '118 into the 95 and nothing out of the 96', 'fuse.volts 118 | aux.volts 0'],
    ['compressor-pilot', 'nothing past the little glass fuse', 'fuse.volts 0'],
    ['compressor-pilot', 'control fuse good, 118 after it', 'fuse-look whole | fuse.volts 118'],
    ['compressor-pilot', '120 going out to the pressure switch, nothing coming back', 'coil.volts 0'],
    ['three-phase', 'reset\'s in, contact reads open', 'reset in | aux.ohms OL'],
    ['three-phase', 'amps are nothing on T3', 'amps3.run 0'],
    ['rv', '12.6 at the pump plug', 'line.volts 12.6'],
    ['rv', '10.2 on the clamp itself with the pump on', 'battery.run 10.2'],
    ['booster', 'suction gauge says 45, discharge side of the pump 110', `inlet.pressure ${psi(45)}`],
    // of another place nothing is claimed
    ['three-phase', 'weight on a string: 31 feet down to water at noon, 12 in the morning', 'remark'],
  ])
})

describe('what was tried there', () => {
  hearsAs([
    ['well-2wire', 'opened the wires at the pressure switch and reset the breaker, it held', 'trip-switch-open holds'],
    ['well-2wire', 'took the splice apart at the well and the two wires are still shorted on the house side',
      'short-again above'],
    ['holding-tank', 'waited an hour, well pump started again by itself', 'well-cool-ohms comes-back'],
    ['holding-tank', 'held a new float up and down, well pump kicks on and off', 'well-bypass runs'],
    ['rv', 'ran a jumper from the pump\'s black wire to the frame and it took off', 'second-return runs'],
    ['compressor-pilot', 'meg T1 0.01 T2 0.01 T3 0.01 at the motor box, feeder 500', 'ground-again motor'],
    ['holding-tank', 'pulled the motor leads, holds', 'trip-motor-off holds'],
    ['three-phase', 'swapped two of the leads at the starter and it\'s 81 again', 'swap-two more'],
  ])
})

describe('what was seen there', () => {
  hearsAs([
    ['well-2wire', 'it clicks in but nothing runs', 'switch-seen closed | sound silent'],
    ['well-2wire', 'it\'s humming away down there, 6.3 amps', 'black.run 6.3'],
    ['well-3wire', 'wire nuts in the well cap all green', 'seen-itself cable.high-resistance'],
    ['three-phase', 'pulled it and the cable is rubbed bare at the second clamp, two conductors touching',
      'seen-itself cable.leg-to-leg'],
    ['compressor-direct', 'belt\'s glazed and hanging loose', 'belt-look slack'],
    ['compressor-direct', 'air hisses out of the regulator\'s bonnet', 'seen-itself regulator.stuck'],
    ['jet', 'gets up to speed but it growls', 'sound runs'],
    ['jet', 'start switch points are welded', 'seen-itself motor.centrifugal-closed'],
    ['holding-tank', 'cistern was emptied for cleaning and they just refilled it', 'tank-level normal'],
    ['rv', 'suction hose is split at the barb', 'strainer-look bubbles'],
    ['booster', 'I can hear it going backwards through the pump', 'check-look open'],
    ['booster', 'white wire nut in the junction box fell apart in my hand', 'seen-itself feed.open'],
  ])
})

describe('what trips', () => {
  it('is the overload where that was complained of, and no breaker is named', () => {
    const complained = 'overload-trips'
    expect(told('booster', 'trips after ten minutes', { complained })).toBe('keeps-running minutes')
    expect(told('well-3wire', 'trips after ten minutes', { complained })).toBe('overload-seen lets-go')
    expect(told('three-phase', 'trips after ten minutes', { complained })).toBe('remark')
    expect(told('booster', 'breaker trips after ten minutes', { complained })).toBe('let-go minutes')
    expect(told('booster', 'trips after ten minutes')).toBe('let-go minutes')
  })
})
