/**
 * What is told in whole sentences: what a hand did and what came of it, what a figure should have been, how far it fell
 * and how soon. As technicians say it; common practice, no source.
 */
import { describe, expect, it } from 'vitest'
import type { KindId } from '#core/systems'
import { psi, told } from '../../../tests/told'

describe('a line told in a sentence', () => {
  it.each<[KindId, string, string]>([
    [
      'well-2wire', 'put my meter across the left set of contacts and I\'m reading 11 volts with the pump calling',
      'pole1.drop 11',
    ],
    ['well-2wire', 'it\'s drawing zero', 'black.run 0'],
    ['well-2wire', 'no draw on either wire', 'black.run 0'],
    ['well-2wire', 'took the wires off the bottom of the switch, still kicks the breaker', 'trip-switch-open trips'],
    ['well-2wire', 'tapped the gauge and it dropped to zero', 'gauge-agrees differ'],
    ['well-2wire', 'tank pressure reads 38 with the water drained', `precharge ${psi(38)}`],
    ['well-2wire', 'runs constantly and never gets to 50', 'runs-past runs-on | climbs stalls'],
    [
      'well-2wire', 'switch won\'t shut off at 50, went up to 70 before I killed it',
      `runs-past runs-on | gauge ${psi(70)}`,
    ],
    [
      'well-2wire', '120 on each leg to ground at the switch but zero between them',
      'line.l1g 120 | line.l2g 120 | line.volts 0',
    ],
    ['well-2wire', 'waited twenty minutes and now it ohms at 3.3', 'leads.by 3.3'],
    ['well-2wire', 'pressure drops from 50 to 30 in five minutes with everything off', `leak-down ${psi(40)}`],
    ['well-2wire', 'lost 8 pounds in 20 minutes', `leak-down ${psi(4)}`],
    ['well-2wire', 'I\'ve got 240 in and 240 out of the switch', 'line.volts 240 | load.volts 240'],
    ['well-2wire', 'amps are normal, eight and change', 'black.run 8.5'],
    ['well-2wire', 'reads 0.4 megohms on both leads', 'leads.ground 400000'],
    ['well-2wire', 'pump won\'t come on until it gets down to 10', `cut-in ${psi(10)}`],
    ['well-2wire', 'cut in is 22 now, it\'s a 30/50', `cut-in ${psi(22)}`],
    ['well-2wire', 'takes about three seconds to trip', 'let-go seconds'],
    ['well-2wire', 'still trips with the pump unhooked at the well', 'trip-head-open trips'],
    ['well-2wire', 'looks like the points are stuck open', 'switch-seen open'],
    ['well-2wire', 'pump cycles with no water being used', 'self-starts yes'],
    ['well-3wire', 'all three wires to ground are clear', 'leads.ground OL'],
    ['well-3wire', 'pushed the reset in and it runs for ten seconds then pops', 'overload-seen lets-go'],
    ['well-3wire', 'with a good box on it she runs fine', 'box-swap runs'],
    ['well-3wire', 'drops to 190 when it tries to start', 'line.start 190'],
    ['well-3wire', 'cap tests at 42 microfarads, supposed to be 105 to 126', 'cap.farads 0.000042 | cap-label under'],
    ['well-3wire', 'common to start 12.2, common to run 2.4', 'leads.ry 12.2 | leads.by 2.4'],
    ['well-3wire', 'box hums', 'sound groans'],
    ['well-3wire', 'new tank, right out of the box', 'asked worked-on'],
    ['jet', 'took the end cap off and the centrifugal switch is gummed up', 'startswitch-look insects'],
    ['jet', 'points in the motor are burnt', 'startswitch-look burnt'],
    ['jet', '115 at rest, 96 when it\'s trying to start', 'line.idle 115 | line.start 96'],
    ['jet', 'lets go after about ten minutes, then restarts on its own', 'keeps-running minutes'],
    [
      'booster', 'held the lever up and it started, but as soon as I let go it quits',
      'mended switch.cut-off-tripped | keeps-running seconds',
    ],
    ['booster', 'suction gauge falls to nothing when it starts', 'inlet.pressure 0'],
    ['booster', 'pump boosts from 40 to 75', `gauge ${psi(75)}`],
    ['booster', 'tank pre-charge is 20, switch is 40/60', `precharge ${psi(20)}`],
    [
      'booster', 'inlet gauge 45 sitting, drops to 3 when the pump runs',
      `inlet.pressure ${psi(3)} | sound runs`,
    ],
    ['holding-tank', 'float is waterlogged and won\'t rise', 'well-float-look dead'],
    ['holding-tank', 'well pump\'s running but nothing\'s coming in', 'well-heard runs'],
    ['holding-tank', 'storage tank float switch reads 0 ohms up and OL down', 'well-float-look works'],
    ['rv', '12.6 going into the demand switch, 0 coming out', 'line.volts 12.6 | motor.volts 0'],
    ['rv', 'panel switch has 12.5 on one side and 12.4 on the other', 'fuse.volts 12.5 | panel.volts 12.4'],
    ['rv', '12.9 at the switch, 7 at the pump', 'line.volts 12.9 | motor.volts 7'],
    ['rv', 'amps 14, fuse is a 10', 'black.run 14'],
    ['rv', 'pump keeps running after I shut the faucet', 'runs-past runs-on'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
  it.each<[KindId, string, string]>([
    ['compressor-direct', 'tank drops from 120 to 80 in an hour, not using any', 'leak-down 46000'],
    ['compressor-direct', 'start cap 161 to 193 reads 30', 'cap.farads 0.00003 | cap-label under'],
    ['compressor-pilot', 'coil ohms 520', 'coil.ohms 520'],
    ['compressor-pilot', 'amps 30 starting falls to 18', 'amps1.start 30 | amps1.run 18'],
    ['compressor-pilot', 'contactor\'s pulling in and out', 'coil-heard chatters'],
    ['three-phase', '475 between L1 and L2, nothing to L3', 'line.v12 475 | line.v23 0 | line.v31 0'],
    ['three-phase', 'rolled the wires and the high amps stayed on L2', 'roll line'],
    ['three-phase', 'phase to phase 1.8 1.8 1.9', 'leads.r12 1.8 | leads.r23 1.8 | leads.r31 1.9'],
    ['three-phase', 'reads 460 to ground on one leg', 'line.l1g 460'],
    ['three-phase', 'volts 204, 238, 236', 'line.v12 204 | line.v23 238 | line.v31 236'],
    ['three-phase', 'motor\'s at 9.9, 3.1, 9.8', 'amps1.run 9.9 | amps2.run 3.1 | amps3.run 9.8'],
    ['three-phase', 'cable\'s bad, motor\'s good once I split them', 'ground-again cable'],
    ['three-phase', 'overload\'s set at 20, motor\'s 14', 'dial.amps 20'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
})

describe('what is tried, and how it goes on', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'alright, got no voltage on the bottom of the switch', 'load.volts 0'],
    ['well-2wire', 'pressure bleeds off 10 psi in 3 minutes', `leak-down ${psi(100 / 3)}`],
    ['well-2wire', 'with the tank drained the air gauge shows 15', `precharge ${psi(15)}`],
    ['well-2wire', 'pump never came on when it dropped below 30', `sound silent | gauge ${psi(30)}`],
    ['well-2wire', 'trips as soon as it tries to start', 'let-go at-once'],
    ['well-2wire', 'breaker holds with the pump disconnected at the pressure switch', 'trip-switch-open holds'],
    ['well-2wire', 'points are touching but there\'s no power through them', 'switch-seen closed | load.volts 0'],
    ['well-2wire', 'the pump is drawing locked rotor amps', 'sound groans'],
    [
      'well-2wire',
      'cut the splice at the well, the motor\'s clear to ground but the cable from the house is still dead to ground',
      'ground-parted above',
    ],
    ['well-2wire', 'shut the valve at the tank, still stops at 37', `climbs stalls | peak ${psi(37)}`],
    ['well-3wire', 'bled the cap, meter says 8 microfarads on a 161-193', 'cap.farads 0.000008 | cap-label under'],
    ['well-3wire', 'black pulls 33 and stays there till the overload goes', 'black.run 33 | overload-seen lets-go'],
    ['well-3wire', 'the red wire is open somewhere', 'seen-itself cable.red-open'],
    ['jet', 'give the shaft a spin and off she goes', 'spin runs'],
    ['jet', 'ran the garden hose into the well pipe and it held', 'foot-look holds'],
    ['jet', 'thermal keeps tripping', 'keeps-running seconds'],
    ['jet', 'had to prime it twice today', 'prime-look empty'],
    ['booster', 'took the check valve out and the flapper\'s rusted shut', 'check-look shut'],
    ['booster', 'it shut down on low pressure again', 'lever off'],
    ['booster', 'pressure in is 60, pressure out is 61', `inlet.pressure ${psi(60)} | gauge ${psi(61)}`],
    ['holding-tank', 'float\'s down and it\'s not calling', 'well-float-look dead'],
    ['rv', 'unplugged the pump and the next one blew too', 'trip-motor-off trips'],
    ['rv', 'pump keeps running after I shut the faucet', 'runs-past runs-on'],
    ['compressor-direct', '115 volts in and out of the switch', 'line.volts 115 | load.volts 115'],
    ['compressor-direct', 'pressure switch kicks out at 110', `cut-out ${psi(110)}`],
    ['compressor-direct', 'motor starts when I give the pulley a spin', 'spin runs'],
    [
      'compressor-pilot',
      'motor draws 30 on two legs and nothing on the other',
      'amps1.run 30 | amps2.run 30 | amps3.run 0',
    ],
    ['three-phase', 'L2 to ground zero', 'line.l2g 0'],
    ['three-phase', 'T1 T2 T3 all 460', 'load.v12 460 | load.v23 460 | load.v31 460'],
    ['three-phase', 'L1 to ground 277, L2 to ground 277, L3 to ground 0', 'line.l1g 277 | line.l2g 277 | line.l3g 0'],
    ['three-phase', 'low flow, high amps',
      'pulses weak | amps1.run high | amps2.run high | amps3.run high'],
    ['three-phase', 'ohms are even, 1.9', 'leads.r12 1.9 | leads.r23 1.9 | leads.r31 1.9'],
    ['well-2wire', '0.1 ohm between the pump wires, nothing to ground on either one', 'leads.by 0.1 | leads.ground OL'],
    ['well-2wire', 'you can see the contacts haven\'t come together', 'switch-seen open'],
    ['well-3wire', 'red to ground reads 15 thousand ohms', 'leads.ground 15000'],
    ['well-3wire', 'bled it, zero volts', 'discharged 0'],
    ['well-3wire', 'checked the start capacitor with my meter, it\'s at 4', 'cap.farads 0.000004'],
    ['jet', 'after it sat for half an hour it ran again', 'keeps-running minutes'],
    ['three-phase', 'winding resistance 1.4 on all', 'leads.r12 1.4 | leads.r23 1.4 | leads.r31 1.4'],
    ['compressor-pilot', 'motor\'s pulling 45 on two legs, third\'s zero', 'amps1.run 45 | amps2.run 45 | amps3.run 0'],
    ['compressor-pilot', '24 volt transformer\'s dead', 'control.volts 0'],
  ])('%s: %s', (kind, said, expected) => expect(told(kind, said)).toBe(expected))
})

describe('what stands in no test of the system', () => {
  it.each<[KindId, string]>([
    ['well-2wire', 'meter main is fine, 122 each side'],
    ['well-3wire', 'cap\'s got 240 volts on it, never bled it'],
    ['compressor-direct', 'breaker\'s a 15'],
    ['three-phase', 'L3 is dead'],
    ['three-phase', 'current unbalance 14 percent'],
    ['three-phase', 'pump\'s deadheading'],
    ['well-2wire', 'turned off the breaker and the pump finally quit'],
  ])('%s: %s is kept as it was said', (kind, said) => expect(told(kind, said)).toBe('remark'))
})
