/** Where a thing was read or seen, told by what lies beside it: rows of what is heard. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, psi } from '../../../tests/told'

describe('water, by where it comes from', () => {
  hearsAs([
    ['holding-tank', 'tank full to the overflow', 'tank-level normal'],
    ['well-2wire', 'pulled it, pinhole in the poly at a clamp 40 ft down', 'seen-itself pipe.holed'],
    ['rv', 'water weeping out of the city water inlet when the pump\'s on', 'seen-itself house.city-check'],
    ['rv', 'builds to 62 psi and keeps going, it should quit at 45', `gauge ${psi(62)} | sound runs`],
    ['well-2wire', 'gauge stops at 54 and the pump just stays on', `gauge ${psi(54)} | sound runs`],
    ['jet', 'steady drip from behind the pump where it meets the motor', 'seen-itself pump.seal'],
    ['booster', 'cycle time 2 seconds on, 2 off', 'cycle 4'],
    ['compressor-pilot', 'check valve quiet, no air at the unloader', 'remark'],
    ['compressor-pilot', 'no air at the unloader while it runs', 'unloader-run still'],
    ['rv', 'it froze up over winter', 'asked frozen'],
    ['compressor-direct', 'tank 125', `gauge ${psi(125)}`],
  ])
})

describe('wires, by the place', () => {
  hearsAs([
    ['well-3wire', 'yellow to ground 1.2k, black 1.3k, red 5k', 'leads.ground 1200'],
    ['well-2wire', 'zero amps on both legs', 'black.run 0'],
    ['well-2wire', 'pulled it, splice good, motor itself open', 'motor-alone open'],
    ['three-phase', 'at the splice box in the well cap the motor side reads 1.6 on all three pairs',
      'open-apart whole'],
    ['holding-tank', 'one load terminal reads 121 to ground, the other 60', 'load.l1g 121 | load.l2g 60'],
    ['three-phase', '0 out of it, and it\'s closed', 'switch-seen closed'],
    ['holding-tank', 'float hanging straight down and the contacts read open', 'well-float-look dead'],
    ['well-3wire', 'red wire was on the wrong terminal', 'seen-itself cable.mixed'],
    ['rv', 'red to the frame 12.7', 'line.volts 12.7'],
    ['compressor-direct', 'whip pinched flat under the tank foot', 'seen-itself run.leg-to-leg'],
  ])
})

describe('in one breath', () => {
  hearsAs([
    ['booster', 'pump discharge 72 and steady', `gauge ${psi(72)}`],
    ['booster', 'took the reducing valve apart, seat full of grit', 'seen-itself house.reducer'],
    ['three-phase', 'amps 0, 48, 47', 'amps1.run 0 | amps2.run 48 | amps3.run 47'],
    ['jet', 'four seconds between starts', 'cycle 4'],
    ['jet', 'no air came out, just water', 'air-valve nothing'],
    ['well-2wire', 'swapped breakers with a spare, same thing', 'breaker-other trips'],
    ['well-2wire', 'locks at 36 amps', 'black.run 36'],
    ['well-3wire', 'after twenty minutes of running the tape says 158 and it\'s blowing air', 'water-look air'],
    ['well-2wire', 'the main valve to the house was closed, opened it and the water is back',
      'house-valve was-shut | mended house.shut | works yes'],
  ])
})
