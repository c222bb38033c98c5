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
    ['three-phase', 'at the splice box in the well cap the motor side reads 1.6 on all three pairs', 'open-apart whole'],
    ['holding-tank', 'one load terminal reads 121 to ground, the other 60', 'load.l1g 121 | load.l2g 60'],
    ['three-phase', '0 out of it, and it\'s closed', 'switch-seen closed'],
    ['holding-tank', 'float hanging straight down and the contacts read open', 'well-float-look dead'],
    ['compressor-direct', 'whip pinched flat under the tank foot', 'seen-itself run.leg-to-leg'],
  ])
})
