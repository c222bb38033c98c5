/** What is said aloud at the work, and what it is heard as; common practice, no source. Figures in SI. */
import { describe, expect, it } from 'vitest'
import { hearsAs, told } from '../../../tests/told'

describe('a figure read aloud', () => {
  hearsAs([
    ['booster', '8.9 amps against a 6.5 plate', 'black.run 8.9'],
    ['compressor-direct', '130 volts at no load and 104 when it\'s starting', 'line.idle 130 | line.start 104'],
    ['compressor-direct', 'motor cap\'s reading zero', 'cap.farads 0'],
    ['compressor-direct', 'run cap\'s at 4 and it\'s a 30', 'runcap.farads 0.000004 | runcap-label under'],
    ['compressor-direct', 'switch stays closed at 150', 'gauge 1030000 | switch-seen closed'],
    ['compressor-pilot', 'coil says 240 and I\'ve got 171 on it', 'coil.volts 171'],
    [
      'compressor-pilot',
      'contactor\'s in but only two of the legs have power coming out',
      'coil-heard pulls | load.l1g 0',
    ],
    ['holding-tank', 'ground fault on the well wire, it\'s 2 ohms to ground at the box', 'well-leads.ground 2'],
    [
      'holding-tank',
      'pressure switch on the house pump is calling but there\'s no power getting to it',
      'line.volts 0',
    ],
    [
      'holding-tank',
      'reset the well breaker and the well pump runs and it\'s filling, 8 gpm',
      'mended well-breaker.off | well-heard runs | tank-fill 0.000505',
    ],
    ['jet', 'gauge on the tank reads 62 and the switch hasn\'t moved', 'gauge 427000 | switch-seen closed'],
    ['jet', 'motor hums, shaft spins by hand, cap\'s shorted', 'sound groans | shaft free | cap.ohms 0'],
    ['jet', 'pulled the capacitor off the top and the meter says nothing on microfarads', 'cap.farads 0'],
    [
      'rv',
      'switch won\'t shut it off, turned the screw in and it quits at 55',
      'mended switch.out-of-setting | cut-out 379000 | works yes',
    ],
    [
      'three-phase',
      'all three fuses check good but I only have 230 between A and C and 0 on the others',
      'fuses-look good | breaker.v12 0 | breaker.v23 0 | breaker.v31 230',
    ],
    ['three-phase', 'amps go up and down from 9 to 13', 'amps1.run 11'],
    ['three-phase', 'coil\'s getting 120 like it should and not pulling in', 'coil.volts 120 | coil-heard nothing'],
    ['three-phase', 'megged it, T1 500, T2 500, T3 0', 'leads.ground 0'],
    [
      'three-phase',
      'phase to phase on the motor is 2.2, 2.2 and open on T2 to T3',
      'leads.r12 2.2 | leads.r23 OL | leads.r31 2.2',
    ],
    [
      'well-2wire',
      'I\'m getting 120 from this one to ground and 120 from the other one to ground, but only 3 between'
      + ' the two',
      'line.l1g 120 | line.l2g 120 | line.volts 3',
    ],
    [
      'well-2wire',
      'I\'ve got 120 and 120 on the line side, 240 across them',
      'line.l1g 120 | line.l2g 120 | line.volts 240',
    ],
    [
      'well-2wire',
      'at the pressure switch I\'ve got 231 with it off and it drops to 188 once the pump\'s running',
      'line.idle 231 | line.volts 188',
    ],
    ['well-2wire', 'bus bar behind that breaker is good, 121', 'supply.l2g 121'],
    ['well-2wire', 'gauge is reading zero even though the pump\'s been running for ten minutes', 'gauge 0'],
    [
      'well-2wire',
      'leg to leg at the switch I\'m reading about 2 volts, to ground each one 120',
      'line.l1g 120 | line.l2g 120 | line.volts 2',
    ],
    [
      'well-2wire',
      'let\'s check the air charge, I drained the tank all the way down and put a gauge on it, and it\'s'
      + ' only got 12 pounds',
      'precharge 82700',
    ],
    ['well-2wire', 'low tank pressure, 8 pounds with the pump off and drained', 'precharge 55200'],
    [
      'well-2wire',
      'measuring across the contacts I\'m getting 14 ohms on one and zero on the other',
      'pole1.ohms 14 | pole2.ohms 0',
    ],
    ['well-2wire', 'never shut off all night, pressure\'s at 48 and it\'s a 50 cutout', 'gauge 331000'],
    [
      'well-2wire',
      'now moving over to the load side, those two bottom screws, and we\'ve got absolutely nothing',
      'load.volts 0',
    ],
    [
      'well-2wire',
      'so I\'ve got my meter on volts here and I\'m touching both of the line terminals and it\'s showing 243',
      'line.volts 243',
    ],
    ['well-2wire', 'so I\'ve got power in but I\'ve got no power out of the switch', 'line.volts 90 | load.volts 0'],
    [
      'well-2wire',
      'so both of those are the same leg, over at the panel one pole of the breaker shows nothing',
      'breaker.l1g 120 | breaker.l2g 0',
    ],
    [
      'well-2wire',
      'switch is not closing, the contacts are sitting open with no pressure',
      'switch-seen open | pole1.ohms OL',
    ],
    ['well-2wire', 'the gauge is broken, my good one reads 52', 'gauge-agrees differ | gauge 359000'],
    ['well-2wire', 'we\'ve got voltage coming in on both sides, 121 and 122', 'line.l1g 121 | line.l2g 122'],
    [
      'well-2wire',
      'with the power off I\'m gonna check continuity through the contacts, and it\'s open on the left and'
      + ' closed on the right',
      'pole1.ohms OL | pole2.ohms 0.1',
    ],
    ['well-3wire', 'black to yellow reads 9.5 where I should be about 2.9 with the wire', 'leads.by 9.5'],
    [
      'well-3wire',
      'clamp on the red wire and there\'s nothing when it tries, black goes to 27',
      'red.start 0 | black.run 27',
    ],
    [
      'well-3wire',
      'clamped black while it started, it hit 38 and stayed at 38 till the overload popped',
      'black.start 38 | overload-seen lets-go',
    ],
    ['well-3wire', 'megohmmeter on black says 0.3 and it\'s the same on the other two', 'leads.ground 300000'],
    ['well-3wire', 'ohms are right for a one horse, 2.2 and 8.1', 'leads.by 2.2 | leads.ry 8.1'],
  ])
})

describe('what hands do and find, said aloud', () => {
  hearsAs([
    ['booster', 'as soon as somebody flushes a toilet the whole thing cuts out', 'pulses pulses'],
    ['booster', 'bearing\'s rough when you turn it by hand', 'motor-look rumbles'],
    [
      'booster',
      'held the lever halfway until it came up past 30 and let go, and it stayed running',
      'mended switch.cut-off-tripped | works yes',
    ],
    ['booster', 'past the whole house filter I\'ve only got 25 with the water on', 'filter-sides drops'],
    ['booster', 'pressure gauge at the tank and the one at the sink don\'t agree', 'gauge-agrees differ'],
    ['booster', 'shut the valve on the inlet side and it held 50', 'falls-how once'],
    ['booster', 'so it\'s going back through the check valve', 'falls-how once'],
    ['booster', 'the cutoff lever won\'t stay up by itself', 'lever off'],
    [
      'booster',
      'with the lever held it builds right up to 60 and when I let go it keeps running',
      'lever off | works yes',
    ],
    [
      'compressor-direct',
      'drained the head line by cracking the fitting and it starts fine against 90 in the tank',
      'crack-line starts',
    ],
    ['compressor-direct', 'motor trips its own button after half an hour', 'let-go minutes'],
    ['holding-tank', 'contacts are pitted so bad there\'s nothing there', 'contacts burnt'],
    ['holding-tank', 'it\'s a pump-down float, needs the other kind', 'well-float-look wrong'],
    [
      'holding-tank',
      'lifted the float out and it was hung up on the ladder, let it hang down and the well pump kicked on',
      'well-float-look hung | well-heard runs',
    ],
    ['holding-tank', 'lowered the float and the well pump quits, raised it and it starts', 'well-float-look wrong'],
    [
      'holding-tank',
      'no power to the well pump, breaker\'s off, turned it on and it\'s filling',
      'well-breaker-seen off',
    ],
    [
      'jet',
      'motor gets really hot and shuts itself off, twenty minutes later it goes again',
      'motor-heat hot | runs-past stops | cool-ohms comes-back',
    ],
    ['jet', 'pump and tank are fine, it\'s the suction line that froze', 'seen-itself suction.blocked'],
    ['jet', 'there\'s a little stream of bubbles coming in through the clear pipe', 'water-look air'],
    ['jet', 'took the little quarter inch tube off and it\'s packed with rust', 'water-look sand | port-look blocked'],
    ['jet', 'yeah there\'s a split in the casing', 'seen-itself pump.cracked'],
    ['rv', 'on the pump, water\'s coming out of the city water hookup outside', 'seen-itself house.city-check'],
    ['rv', 'pulled the fuse and it\'s burnt in half', 'fuse-look blown'],
    ['rv', 'the connector on the pump is melted', 'seen-itself feed.high-resistance'],
    ['rv', 'turned the faucet on and nothing happens, no sound out of the pump at all', 'pulses none | sound silent'],
    ['rv', 'you can hear the pump running but nothing\'s coming out', 'sound runs | pulses none'],
    ['three-phase', 'contact two\'s burnt, there\'s nothing left of it', 'starter-look burnt'],
    ['three-phase', 'float switch for low water is open', 'float-look dead'],
    ['three-phase', 'it single phased and cooked the motor, you can smell it', 'asked lost-line'],
    ['three-phase', 'line side of the meter the power company says their fuse is out', 'lights street'],
    ['three-phase', 'pulled the coil and it\'s open', 'coil.ohms OL'],
    ['three-phase', 'pumps about a third of what it did and noisy', 'pulses weak'],
    ['three-phase', 'swapped two leads at the starter, 62 pounds and quiet', 'swap-two more'],
    ['three-phase', 'turns the wrong direction', 'seen-itself motor.backwards'],
    [
      'well-2wire',
      'I can hear the pump kick on and then kick right back off again about every three seconds',
      'cycles-how rapid',
    ],
    ['well-2wire', 'I stuck a pressure gauge on the schrader valve, zero air in it', 'air-valve nothing'],
    ['well-2wire', 'after it sits for a half hour it\'ll run again', 'cool-ohms comes-back'],
    ['well-2wire', 'from each of those wires to the ground wire I\'ve got nothing, open line', 'leads.ground OL'],
    [
      'well-2wire',
      'one of the lugs at the switch on the line side is brown and the plastic\'s melted',
      'terminals burnt',
    ],
    ['well-2wire', 'power\'s off, checked it with my tester, it\'s dead', 'breaker-seen off'],
    ['well-2wire', 'pump will come on and run for a couple minutes, then the breaker kicks', 'let-go minutes'],
    ['well-2wire', 'put air in it and water came out the valve', 'air-valve water'],
    ['well-2wire', 'the gauge needle doesn\'t even move when I let water out', 'gauge-agrees differ'],
    ['well-2wire', 'there\'s a green wire with the insulation rubbed off down at the well cap', 'terminals chafed'],
    ['well-2wire', 'unscrewed the switch and blew through the nipple and nothing goes through', 'port-look blocked'],
    [
      'well-2wire',
      'went out to the well head, undid the splices, the pump side reads open to ground, 200 megs',
      'ground-parted above',
    ],
    [
      'well-3wire',
      'pulled it up to the splice, the yellow butt connector\'s all green and corroded',
      'seen-itself cable.high-resistance',
    ],
    ['well-3wire', 'relay contacts are burned, ohm meter across them reads open', 'relay-seen pitted | relay.ohms OL'],
    ['well-3wire', 'so it\'s open between the box and the well head', 'open-again whole'],
    ['well-3wire', 'starts, runs for about ten minutes then the overload trips', 'overload-seen lets-go'],
    ['well-3wire', 'the splice at the top of the well was hanging by a strand', 'seen-itself cable.high-resistance'],
    ['well-3wire', 'yellow to black is wide open and so is red to black', 'leads.by OL | leads.rb OL'],
  ])
})

describe('what is concluded or said on the way', () => {
  hearsAs([
    ['well-2wire', 'so the power\'s making it in but not out', 'line.volts 90 | load.volts 0'],
    ['well-2wire', 'so I\'m thinking the pump\'s bad or the wire\'s nicked', 'remark'],
    ['well-3wire', 'no hum, no click, nothing out of the box', 'sound silent'],
    ['compressor-direct', 'it trips the breaker when I plug it in', 'let-go at-once'],
    ['three-phase', 'the number 2 overload heater\'s burnt open', 'heater2.ohms OL'],
    ['holding-tank', 'well pump\'s running but no water coming in', 'well-heard runs'],
  ])
})

describe('what is about to be done, or what a thing is like', () => {
  it.each([
    ['booster', 'it\'s one of those switches with the little lever on the side'],
    ['booster', 'it\'s one of them low pressure cutoff switches so I gotta hold the lever up'],
    ['booster', 'it bangs every time it shuts off'],
    ['well-3wire', 'pump\'s locked up, reversed the leads and it bumped loose'],
  ] as const)('is no finding on a %s: %s', (kind, said) => {
    expect(told(kind, said)).toBe('remark')
  })
})
