/** Each step said as it is taken, and what it showed. */
import { describe } from 'vitest'
import { hearsAs, hearsNext, psi } from '../../../tests/told'

describe('steps as they are taken', () => {
  hearsAs([
    ['well-2wire', 'I\'m gonna check continuity across this set of points, and I get nothing', 'pole1.ohms OL'],
    ['well-2wire', 'this set beeps and the other one doesn\'t', 'pole1.ohms 0 | pole2.ohms OL'],
    ['well-2wire', 'with the pressure drained the points should be closed but they\'re still open', 'pole1.ohms OL'],
    ['well-2wire', 'then it drops right back down to 40 in about ten seconds with nothing running', 'falls-how once'],
    ['well-2wire', 'let the air out of the top and water came out', 'air-valve water'],
    ['well-2wire', 'went out to the well cap and separated the wires, still holds', 'trip-head-open holds'],
    ['well-2wire', 'pump runs for a second then stops, then runs', 'cycles-how rapid'],
    ['well-2wire', 'I\'ve got 120 on this one to ground, 120 on that one to ground, and 240 across',
      'line.l1g 120 | line.l2g 120 | line.volts 240'],
    ['well-3wire', 'that relay is stuck open, it\'s not sending anything to the start winding', 'relay.ohms OL'],
    ['well-3wire', 'amps are 12 on black 12 on yellow and 0 on red', 'black.run 12 | yellow.run 12 | red.run 0'],
    ['well-3wire', 'red to yellow and black to yellow both read open', 'leads.ry OL | leads.by OL'],
    ['well-2wire', 'put an amp meter on it and it\'s drawing zero amps', 'black.run 0'],
    ['well-2wire', 'turned off the power and checked resistance on the two wires, infinite', 'leads.by OL'],
    ['well-2wire', 'checked for 240 at the bottom, good', 'load.volts 240'],
    ['well-3wire', 'checked the start cap with a meter and it\'s open', 'cap.farads OL'],
    ['well-3wire', 'at well head motor side r-y ol too', 'open-again open'],
    ['compressor-direct', 'took the pressure off and it started fine', 'starts-empty empty'],
    ['three-phase', 'overload is a 20 amp and it\'s pulling 26', 'amps1.run 26 | dial.amps 20'],
    ['holding-tank', 'float switch tests closed in both positions', 'well-float-look held'],
    ['jet', 'suction pipe\'s got a pinhole, you can hear it hiss', 'seen-itself suction.air-leak'],
    ['jet', 'I see bubbles coming up through the prime hole', 'water-look air'],
    ['booster', 'pull the lever up and hold it there till it comes up past 20', 'keeps-running keeps'],
    ['booster', 'soon as I let go of the lever it quits', 'keeps-running seconds'],
    ['booster', 'the low pressure switch has kicked out', 'lever off'],
    ['rv', 'I\'ve got 12.4 volts right at the pump on the two wires', 'motor.volts 12.4'],
    ['rv', 'test light doesn\'t light at the pump', 'motor.volts 0'],
    ['compressor-direct', 'leaks for like ten seconds when it shuts off and then quits', 'unloader-stop sigh'],
    ['compressor-direct', 'motor just hums and the belt doesn\'t move', 'sound groans'],
    ['compressor-direct', 'I can\'t turn the pump over by hand', 'shaft seized'],
    ['compressor-pilot', 'jump the pressure switch out and she pulls in', 'bypass runs'],
    ['compressor-pilot', 'I\'ve got 120 on one side of the coil and nothing on the other', 'coil.volts 120'],
    ['compressor-pilot', 'amps are 22, 23 and 31, line volts are 238, 240, 229',
      'amps1.run 22 | amps2.run 23 | amps3.run 31 | line.v12 238 | line.v23 240 | line.v31 229'],
    ['three-phase', 'leg one to two, 208. leg two to three, 209. one to three, 120',
      'line.v12 208 | line.v23 209 | line.v31 120'],
    ['three-phase', 'phase to phase I get 1.2, 1.2 and 1.3', 'leads.r12 1.2 | leads.r23 1.2 | leads.r31 1.3'],
    ['holding-tank', 'lift up the float and the pump keeps going', 'well-float-look held'],
    ['holding-tank', 'unplug the float and it quits', 'well-float-look held'],
  ])
})

describe('what follows on what was read or done', () => {
  hearsNext([
    ['well-2wire', 'contacts burnt', 'new switch, fixed it', 'mended switch.pole1-burnt | works yes'],
    ['well-2wire', 'gauge 30', 'shuts off at 50', `cut-out ${psi(50)}`],
    ['well-2wire', 'gauge 92', 'kicks off at 50 now', `cut-out ${psi(50)}`],
    ['well-2wire', 'gauge 40', 'won\'t shut off at 50', 'runs-past runs-on'],
    ['well-2wire', '121 on the left screw and 121 on the right to ground', 'across the two of them it\'s zero',
      'line.volts 0'],
    ['booster', 'screen packed with rust flakes', 'cleaned it, quiet and 52 pounds',
      `mended strainer.blocked | gauge ${psi(52)}`],
    ['holding-tank', '240 in to the switch, nothing out', 'took it apart, lever\'s rusted and hangs up',
      'seen-itself switch.stuck-open'],
    ['well-3wire', 'red to yellow open, red to black open', 'so the red\'s open between the house and the well',
      'seen-itself cable.red-open'],
    ['well-2wire', 'cut-in 22', 'turned the big nut three turns clockwise, now 41 and 60',
      `mended switch.out-of-setting | cut-in ${psi(41)} | cut-out ${psi(60)}`],
  ])
})
