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
    ['well-2wire', 'pump is from 1987', 'asked old'],
    ['jet', 'pump house was 10 degrees', 'asked frozen'],
    ['rv', 'left the pump switch on with the tank empty', 'asked ran-dry'],
    ['booster', 'sits in a hot attic', 'asked hot'],
    ['three-phase', 'generator\'s been feeding it since the outage', 'fed-by generator'],
    ['well-2wire', 'no water since the storm Saturday', 'pulses none | asked storm'],
    ['well-2wire', 'no power at the switch since they put the fence in', 'line.volts 0 | asked dug'],
    ['well-3wire', 'breaker trips at once since the trench was dug', 'let-go at-once | asked dug'],
    ['booster', 'low pressure ever since the freeze', 'pulses weak | asked frozen'],
    ['jet', 'hums after the electrician was here', 'sound groans | asked worked-on'],
    ['holding-tank', 'pump runs but nothing', 'sound runs | pulses none'],
    ['well-2wire', 'trips after a while', 'let-go minutes'],
    // no hand of ours set it, no gauge was watched, no switch stopped it
    ['well-2wire', 'he adjusted the pressure switch himself', 'asked worked-on'],
    ['well-2wire', 'pressure\'s been dropping off for months', 'remark'],
    ['rv', 'we hit a big bump and it quit', 'remark'],
    ['three-phase', 'running it on a phase converter', 'remark'],
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

describe('what goes with it', () => {
  hearsAs([
    ['compressor-direct', 'compressor\'s been kicking on every minute for weeks, coupler leaks',
      'asked cycled | soap line'],
    ['three-phase', 'tank\'s waterlogged, it\'s been starting every fifteen seconds for months',
      'knock dull | asked cycled'],
    ['rv', 'tank was empty and they left the switch on all night', 'asked ran-dry'],
    ['booster', 'they boxed it in, no air gets to it, it\'s hot as a stove', 'asked hot'],
    ['compressor-pilot', 'coil only gets 180, it\'s a 240', 'coil.volts 180'],
    ['compressor-pilot', 'starter contacts are beat up too', 'starter-look burnt'],
    ['compressor-pilot', 'pressure switch points are sooty, 55 volts dropped across them closed',
      'contacts sooty | pilot.drop 55'],
    ['three-phase', 'leads off at the starter: T1 T2 1.6, T2 T3 0.2, T3 T1 1.5',
      'leads.r12 1.6 | leads.r23 0.2 | leads.r31 1.5'],
    ['well-2wire', 'somebody pumped the tank up, 46 psi in it drained', `asked worked-on | precharge ${psi(46)}`],
    ['well-2wire', 'tank air 27 with the pump off and the water let out, switch 30/50', `precharge ${psi(27)}`],
    ['well-2wire', 'switch cuts in at 40', `cut-in ${psi(40)}`],
    ['well-3wire', 'relay is blown apart inside, black soot', 'box-seen burnt'],
    ['well-3wire', 'red stays at 14 amps after it\'s running, never drops off', 'red.run 14'],
    ['well-3wire', 'relay swapped w/ known good, same', 'box-swap groans'],
    ['booster', 'shaft won\'t budge by hand, even split from the pump', 'seen-itself motor.seized'],
  ])
})
