/** Whole plain sentences: rows of what is heard. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, hearsNext, psi } from '../../../tests/told'

describe('how high it climbs', () => {
  hearsAs([
    ['well-2wire', 'gauge creeps from 30 to 41 and sits there', `climbs stalls | peak ${psi(41)}`],
    ['well-2wire', 'crawls up to 41 and quits climbing', `climbs stalls | peak ${psi(41)}`],
    ['well-2wire', 'nothing at the gauge', 'gauge 0'],
    ['booster', '58 with two taps running', `gauge ${psi(58)}`],
    ['booster', 'open two taps, street side goes to 7', `inlet.pressure ${psi(7)}`],
  ])
})

describe('what the meter says', () => {
  hearsAs([
    ['well-2wire', '246 and 243 running', 'line.idle 246 | line.volts 243'],
    ['well-2wire', '6.2 a on one leg, 6.2 on the other', 'black.run 6.2'],
    ['well-2wire', '6.2 on one leg, 6.1 on the other', 'black.run 6.2'],
    ['three-phase', '31 amps on one leg and 19 and 18 on the others', 'amps1.run 31 | amps2.run 19 | amps3.run 18'],
    ['well-3wire', 'y 9.8 b 8.9 r 2.1', 'yellow.run 9.8 | black.run 8.9 | red.run 2.1'],
    ['well-3wire', 'y 2.3 ohms to b', 'leads.by 2.3'],
    ['well-3wire', '200 megs to dirt', 'leads.ground 200000000'],
    ['well-3wire', 'run cap looks bulged', 'runcap-seen bulged'],
    ['well-3wire', 'cap\'s bulged', 'cap-seen bulged'],
  ])
  hearsNext([
    ['well-3wire', 'run cap looks bulged', 'reads 3 microfarads', 'runcap.farads 0.000003'],
    ['well-3wire', 'start cap is bulged', 'reads 30 microfarads', 'cap.farads 0.00003'],
  ])
})

describe('prime, joints and wire', () => {
  hearsAs([
    ['jet', 'water in the prime hole drops as I watch', 'foot-look falls'],
    ['jet', 'pulled the foot valve, pebble under the flapper', 'foot-look falls'],
    ['jet', 'soaped every suction joint, nothing', 'leaks-look dry'],
    ['rv', 'he ran 18 gauge thirty feet back there', 'seen-itself feed.high-resistance'],
    ['rv', 'temporary jumper straight from the battery, pump\'s like new', 'straight-feed runs'],
    ['compressor-direct', '100 feet of 16 gauge', 'cord-look long'],
  ])
})

describe('a pump on a main, in a vehicle, beside a cistern', () => {
  hearsAs([
    ['booster', '55 in and 58 out', `inlet.pressure ${psi(55)} | gauge ${psi(58)}`],
    ['booster', 'pump adds nothing, 55 in 55 out', `inlet.pressure ${psi(55)} | gauge ${psi(55)}`],
    ['booster', '30 in and 50 out', `cut-in ${psi(30)} | cut-out ${psi(50)}`],
    ['well-2wire', '30 in and 50 out', `cut-in ${psi(30)} | cut-out ${psi(50)}`],
    ['booster', 'display shows low water', 'asked ran-dry'],
    ['rv', 'strainer bowl\'s empty', 'strainer-look bubbles'],
    ['rv', 'cleaned the ground, 12.5 now', 'mended return.bad | motor.volts 12.5'],
    ['holding-tank', 'fill line\'s dry', 'tank-fill 0'],
    ['holding-tank', 'it\'s the well side that\'s dead', 'remark'],
  ])
})

describe('as it goes', () => {
  hearsAs([
    // that it starts as water is drawn is no finding
    ['well-2wire', 'cycles every time somebody flushes', 'remark'],
    ['jet', 'gauge goes to zero in a minute', 'falls-how once'],
    ['jet', 'have to prime it every morning', 'prime-look empty'],
    ['three-phase', 'hums loud, doesn\'t pull all the way in', 'sound chatters'],
    ['three-phase', 'drops out when I let go of the button', 'push-in runs'],
    ['three-phase', 'runs as long as I push it in', 'push-in runs'],
    ['well-2wire', 'on 90 seconds, off 3 minutes', 'cycle 270'],
    ['well-2wire', 'runs a minute, off a minute', 'cycle 120'],
    ['well-2wire', '2 minutes on, 5 minutes off', 'cycle 420'],
    ['well-2wire', 'on six seconds, off four', 'cycle 10'],
    ['well-2wire', 'on a minute fifty, off two minutes', 'cycle 230'],
  ])
})

describe('what tells of no reading and no look', () => {
  hearsAs([
    ['well-2wire', 'it quit', 'remark'],
    ['well-2wire', 'pump quit', 'remark'],
    ['well-2wire', 'it broke free', 'remark'],
    ['three-phase', 'contactor won\'t hold in', 'remark'],
    ['booster', 'house has no pressure upstairs', 'remark'],
    ['booster', 'filter hasn\'t been changed in 2 years', 'remark'],
    ['compressor-direct', 'oil\'s black', 'remark'],
    ['compressor-direct', 'oil\'s milky', 'oil milky'],
    ['well-3wire', 'pressure switch buzzes and arcs', 'sound chatters'],
    ['booster', 'on for a minute and a half, off three', 'cycle 270'],
  ])
  hearsNext([['well-2wire', 'motor to ground 0', 'it\'s the same with the wires apart', 'remark']])
})

describe('three ohms of a motor of three phases', () => {
  hearsAs([
    // an open delta: two make the third, and they are no start winding
    ['three-phase', 'ohms 0.9, 1.9, 1.0', 'leads.r12 0.9 | leads.r23 1.9 | leads.r31 1'],
    ['three-phase', '0.9 1.9 1.0 ohms', 'leads.r12 0.9 | leads.r23 1.9 | leads.r31 1'],
    ['well-3wire', '2.1 6.3 8.4 ohms', 'leads.by 2.1 | leads.ry 6.3 | leads.rb 8.4'],
  ])
})

describe('pressures and wires in plain words', () => {
  hearsAs([
    ['booster', '60 before the filter, 22 after with a tap open', 'filter-sides drops'],
    // from where is not said: no leak of 100 psi
    ['compressor-pilot', 'leaks down to 100 in ten minutes', 'falls-how slow'],
    ['compressor-pilot', 'shuts off at 125, leaks down to 100 in ten minutes',
      `cut-out ${psi(125)} | leak-down ${psi(25)}`],
    ['well-2wire', '38 psi with everything shut', `gauge ${psi(38)}`],
    ['well-2wire', 'runs smooth to 50 and stays off', `cut-out ${psi(50)}`],
    ['well-3wire', 'amps zero on all three', 'black.run 0'],
    ['jet', 'shut it off, water in the hole goes down in five minutes', 'foot-look falls'],
    ['three-phase', '480 on A-B, 210 on the other two', 'line.v12 480 | line.v23 210 | line.v31 210'],
    ['three-phase', '480 on L1-L3, 210 on the other two', 'line.v12 210 | line.v23 210 | line.v31 480'],
  ])
  hearsNext([
    ['well-2wire', 'cleaned out the nipple', 'runs smooth to 50 and stays off', `cut-out ${psi(50)} | works yes`],
    ['well-2wire', 'pumped the tank up to 28', 'now it runs two minutes', 'works yes'],
  ])
})

describe('parts in plain words', () => {
  hearsAs([
    ['well-2wire', 'both wires off at the switch, breaker holds', 'trip-head-open holds'],
    ['well-2wire', 'motor reads 300 meg', 'leads.ground 300000000'],
    ['rv', 'ohmed it off, 0.2 across it with pressure up', 'contacts welded'],
    ['holding-tank', 'ohmed the float down, it\'s open', 'well-float-look dead'],
    ['booster', 'drips from behind the pump, in front of the motor', 'seen-itself pump.seal'],
    ['booster', 'motor bearings sound ok', 'remark'],
    ['compressor-direct', '20 minutes to get to 100', 'fill 1200'],
    ['well-3wire', 'starts now, 8.2', 'black.run 8.2'],
    ['well-3wire', 'pulled the cap, water spraying at the pitless', 'casing-look adapter'],
  ])
  hearsNext([
    ['three-phase', 'T1 to ground zero, T2 zero, T3 zero', 'motor side zero', 'ground-parted below'],
    ['three-phase', 'load 460/461/459', 'motor side zero', 'load.v12 0'],
  ])
})
