/** What is said while the work is shown, and what is told of it afterwards. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('what is said while it is shown', () => {
  hearsAs([
    ['well-2wire', 'got my meter on AC volts and I\'m going across the line terminals, 242', 'line.volts 242'],
    [
      'well-2wire', 'I\'m going to push in this valve on top just like on your car tire, and look at that, water',
      'air-valve water',
    ],
    ['three-phase', 'power off, wire off the coil, put the meter on ohms, she\'s open', 'coil.ohms OL'],
    ['well-2wire', 'ohmed between the two pump wires, 4.1 ohms, that\'s about right for this size', 'leads.by 4.1'],
    ['well-2wire', 'went up to 34 amps and sat there till the breaker popped', 'black.run 34 | let-go seconds'],
    ['booster', 'hose bib upstream of the pump has good pressure', 'inlet-tap strong'],
    ['booster', 'there\'s water dripping right between the motor and the pump', 'seen-itself pump.seal'],
    ['compressor-pilot', 'the control fuse has 120 on top and nothing on the bottom', 'fuse-look blown'],
    [
      'well-2wire', 'power on both legs ahead of the breaker',
      'supply.l1g 90 | supply.l2g 90',
    ],
  ])
  it('a repair is no part that moved', () =>
    expect(told('compressor-direct', 'cover off, the bar\'s moved over but one contact\'s still stuck together'))
      .toBe('contacts welded'))
  it('what was taken off only to be read is no loose terminal', () =>
    expect(told('well-2wire', 'took the wires off at the switch and megged both to the ground wire and got point four'))
      .toBe('leads.ground 400000'))
})

describe('what is told of it afterwards', () => {
  hearsAs([
    ['well-2wire', 'it only gets up to 28 on the gauge and just sits', `climbs stalls | peak ${psi(28)}`],
    ['well-2wire', 'there\'s water spraying out sideways five feet down', 'casing-look adapter'],
    ['well-3wire', 'red wire has nothing on it when it tries to start, clamp says zero', 'red.start 0'],
    ['three-phase', 'pulled all three fuses and ohmed them, middle one\'s open', 'fuses-look one'],
    ['three-phase', 'swapped two of the wires and now it shoots up to 70', 'swap-two more'],
    ['compressor-pilot', 'somebody put the wrong heaters in, they\'re for 12 amps', 'dial.amps 12'],
    [
      'jet', 'took the ejector apart and the little hole in the middle\'s got a flake of rust jammed in it',
      'jet-look blocked',
    ],
    ['jet', 'dropped a string down the well and the water\'s two feet below the foot valve', 'level-look low'],
    ['booster', 'there\'s a plastic bag wound up in the impeller', 'impeller-look jammed'],
    ['holding-tank', 'it only puts in about a gallon a minute', 'tank-fill 0.0000631'],
    ['compressor-direct', 'breather puffs hard', 'breather puffs'],
    ['rv', 'took the fill cap off and it pumps', 'tank-vent better'],
  ])
})
