/** What went before the call, as it is told. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, psi } from '../../../tests/told'

describe('what it did before it failed', () => {
  hearsAs([
    ['jet', 'been short cycling since spring he says', 'asked cycled'],
    ['well-2wire', 'she says it\'s been kicking on and off every few seconds for a month', 'asked cycled'],
    ['three-phase', 'been cycling every ten seconds since the tank lost its air', 'asked cycled'],
    ['well-2wire', 'been running non-stop for three days', 'asked ran-on'],
    ['booster', 'they left it running wide open all weekend', 'asked ran-on'],
    ['well-3wire', 'pump was run dry for hours', 'asked ran-dry'],
    ['well-3wire', 'customer kept resetting it for two days', 'asked retries'],
    ['compressor-direct', 'it hummed all week before it quit', 'asked retries'],
  ])
})

describe('what came upon it', () => {
  hearsAs([
    ['holding-tank', 'thunderstorm on Saturday', 'asked storm'],
    ['three-phase', 'pole fuse was out on the utility side, they just fixed it', 'asked lost-line'],
    ['compressor-pilot', 'utility lost a leg last night', 'asked lost-line'],
    ['three-phase', 'line fuse blown', 'fuses-look one'],
    ['booster', 'city had the main off Tuesday and it ran dry', 'asked outage | asked ran-dry'],
    ['rv', 'sat outside all winter', 'asked frozen'],
    ['rv', 'pump labors since we drove the gravel road', 'speed slow | asked vibration'],
    ['well-2wire', 'pump\'s been in since 1994', 'asked old'],
    // what runs out of the ground ran not dry
    ['well-2wire', 'water\'s been running out of the ground for a week', 'leaks-look leak'],
  ])
})

describe('what is told of a part beside it', () => {
  hearsAs([
    ['jet', 'tank\'s 4 psi, water side drained', `precharge ${psi(4)}`],
    ['well-2wire', 'tapped the air valve on the tank and got water out of it', 'air-valve water'],
    ['well-3wire', 'ohms good, 1.9 main 9.8 start, no ground', 'leads.by 1.9 | leads.ry 9.8'],
    ['well-2wire', 'the run from house to casing by itself still reads 2 ohms to ground', 'ground-parted above'],
    ['well-2wire', 'the underground from the switch reads over 200 meg', 'ground-parted below'],
    ['three-phase', 'megged the T leads at 500 volts: 0.1, 0.1, 0.1', 'leads.ground 100000'],
    ['three-phase', 'motor alone megs 500', 'ground-again cable'],
    ['compressor-direct', 'unloader doesn\'t spit when it stops', 'unloader-stop nothing'],
    ['compressor-pilot', 'coil is a 240 coil, reading 171 across it pulled in', 'coil.volts 171'],
    ['rv', 'pinched the hose on the outlet side of the pump and it still cycles', 'outlet-shut starts'],
    ['booster', 'dripping steady from behind the volute', 'seen-itself pump.seal'],
    // where nobody measures, nothing is claimed
    ['well-3wire', 'across that terminal, wire to screw, I get 6 volts running', 'remark'],
    ['jet', 'bushing\'s missing in the side of the switch', 'remark'],
  ])
})
