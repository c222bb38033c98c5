/** What is said by one who talks while he works, and what it is heard as; common practice, no source. Figures in SI. */
import { describe, expect, it } from 'vitest'
import { psi, told, hearsAs } from '../../../tests/told'

describe('what is said by one who talks while he works', () => {
  hearsAs([
    ['rv', 'so it\'s that switch, they\'re about fifteen bucks', 'remark'],
    ['well-3wire', 'supposed to be 105 to 126 microfarads and my meter\'s telling me 22', 'cap.farads 0.000022 |'
    + ' cap-label under'],
    ['holding-tank', 'discharged the cap and it reads 61, can says 161 to 193', 'cap.farads 0.000061 | cap-label'
    + ' under'],
    ['booster', 'inlet gauge is at 8 with it running, that\'s where 40 ought to be', 'inlet.pressure 55200 |'
    + ' sound runs'],
    ['well-3wire', 'hmm, red to black should be the two added up, and it is, fine', 'remark'],
    ['well-3wire', 'it\'s started ten times in a row', 'self-starts yes'],
    ['well-3wire', 'red went to zero after it got going', 'red.run 0'],
    ['booster', 'pump takes it to 66 now', 'gauge 455000'],
    ['jet', 'shaving cream on the union and it sucks it right in', 'seen-itself suction.air-leak'],
    ['jet', 'you can see bubbles going through the clear pipe', 'water-look air'],
    ['rv', 'unplugged the pump and it doesn\'t blow anymore', 'trip-motor-off holds'],
    ['rv', 'not to ground though, that\'s open', 'windings.ground OL'],
    ['rv', '5 amps and it\'s quiet', 'black.run 5'],
    ['rv', 'the motor turns free by hand, the wobble plate in the head is rusted solid', 'seen-itself motor.seized'],
    ['booster', 'well there you go, the impeller\'s stripped off the shaft', 'seen-itself pump.coupling'],
    ['three-phase', 'control voltage gets as far as the overload and stops there', 'aux.volts 0'],
    ['booster', 'neighbor across the street\'s got the same thing', 'neighbours no'],
    ['booster', 'they\'ve got a main break up the hill', 'neighbours no'],
    ['well-2wire', 'so that gauge is lying to me', 'gauge-agrees differ'],
    ['well-2wire', 'so I\'m gonna check the air, with the pump off and the water drained out', 'remark'],
    ['three-phase', '488 471 462, that\'s more than two percent', 'line.v12 488 | line.v23 471 | line.v31 462'],
    ['well-2wire', 'there\'s 4 pounds in it, and it\'s supposed to be 38', 'precharge 27600'],
    ['well-2wire', 'it takes a minute and a half to fill', 'cycle 90'],
    ['well-2wire', 'it goes 40 60 40 60 about every six seconds', 'cycle 6'],
    ['jet', '40 to 60 all by itself', 'cut-in 276000 | cut-out 414000'],
    ['jet', 'pulled the drop pipe and the foot valve\'s got a pebble in it', 'foot-look falls'],
    ['booster', 'it isn\'t getting past that check valve', 'check-look shut'],
    ['compressor-direct', 'so air\'s coming back from the tank, past the check valve', 'check-look open'],
    ['compressor-direct', 'it\'s got 110 in it and it won\'t quit hissing', 'gauge 758000'],
    ['compressor-direct', '118 at the outlet, 112 while it\'s humming', 'line.idle 118 | line.start 112 | sound'
    + ' groans'],
    ['compressor-direct', 'so I take the cover off the capacitor on top here', 'remark'],
    ['compressor-direct', 'starts like a champ, 14 amps', 'black.run 14'],
    ['compressor-direct', 'watched it for fifteen minutes, still 120', 'leak-down 0'],
    ['compressor-pilot', 'belts off, it\'s 16 by itself, that\'s way too much', 'belt-off heavy'],
    ['jet', 'if you look in the back of the motor here the plug\'s over on 230', 'links wrong'],
    ['jet', 'there you go, that\'s how it\'s supposed to sound', 'works yes'],
    ['jet', 'the impeller\'s wore down, there\'s a gap you can put a dime in', 'impeller-look worn'],
    ['rv', 'got 12.8 coming into the panel', 'fuse.volts 12.8'],
    ['rv', 'jumped across the rocker and the pump ran', 'panel-wiggle comes'],
    ['three-phase', '0.1 0.1 across the first two poles and 230 on the third', 'pole1.drop 0.1 | pole2.drop 0.1 '
    + '| pole3.drop 230'],
    ['well-3wire', 'pulled it and the pump\'s packed solid with sand', 'seen-itself motor.seized | water-look sand'],
    ['three-phase', 'ohmed it, it\'s open up or down', 'float-look dead'],
    ['well-3wire', 'ohms are 4.4 and 21 and 25, all right on', 'leads.by 4.4 | leads.ry 21 | leads.rb 25'],
    ['well-3wire', 'ohms 14.2/3.1/11', 'leads.by 3.1 | leads.ry 11 | leads.rb 14.2'],
    ['well-3wire', '241 at the box and it doesn\'t drop but two volts when it tries', 'box.volts 241'],
    ['well-2wire', 'two forty two on the line side of the pressure switch nothing on the load side', 'line.volts'
    + ' 242 | load.volts 0'],
    ['well-2wire', 'the gage says 40', 'gauge 276000'],
    ['well-2wire', 'comes up to 60 in a minute and kicks off', 'cut-out 414000'],
    ['well-2wire', 'six amps shut off at 50', 'black.run 6 | cut-out 345000'],
    ['well-3wire', 'black to yellow 2.4 red to yellow 9.8 red to black 12.2', 'leads.by 2.4 | leads.ry 9.8 |'
    + ' leads.rb 12.2'],
    ['well-3wire', '2.4 ohms black to yellow 9.8 ohms red to yellow', 'leads.by 2.4 | leads.ry 9.8'],
    ['well-3wire', 'black to yellow 2 point 4 red to yellow 9 point 8', 'leads.by 2.4 | leads.ry 9.8'],
    ['jet', 'sixty one pounds with the valve shut', 'peak 421000'],
    ['rv', 'turned the pump on it falls to 10 point 1 at the battery posts', 'battery.run 10.1'],
    ['rv', 'the black\'s broke off at the crimp', 'return-look rusty'],
    ['three-phase', 'ohmed the heaters third one\'s open', 'seen-itself starter.heater-open'],
    ['holding-tank', 'float has continuity up and down', 'well-float-look hung'],
    ['well-2wire', 'gave the range nut a turn, 40 on now', 'mended switch.out-of-setting | cut-in 276000'],
  ])

  it('is done, however he begins', () => {
    const burnt = { near: 'contacts', seen: 'contacts', shown: { test: 'contacts', outcome: 'burnt', said: 'burnt' } }
    const after = { ...burnt, said: 'burnt' }
    expect(told('well-2wire', 'so I put a new 40 60 switch in', after)).toMatch(/^mended switch\./)
    expect(told('well-2wire', 'put one in off the truck', after)).toMatch(/^mended switch\./)
    expect(told('well-2wire', 'turned it back on', after)).toBe('remark')
    expect(told('well-2wire', 'new switch set to 15.2', { ...after, mended: true })).toMatch(/^mended switch\./)
    expect(told('well-2wire', 'raised it twenty feet', after)).toBe('remark')
  })

  it('is of a capacitor told by its can', () => {
    const low = { test: 'cap.farads', near: 'cap', said: 'cap reads 9' }
    expect(told('compressor-direct', 'got a 216 259 in there now', low)).toBe('mended motor.cap-open')
  })

  it('is of the part last seen, where several have its name', () => {
    const seen = (test: string, outcome: string) => ({ near: 'x', said: 'it', shown: { test, outcome, said: 'it' } })
    expect(told('well-2wire', 'new pipe', seen('seen-itself', 'pipe.holed'))).toBe('mended pipe.holed')
    expect(told('compressor-pilot', 'crimped a new end on it', seen('seen-itself', 'starter.control-wire')))
      .toBe('mended starter.control-wire')
    expect(told('well-3wire', 'put in a one horse box', seen('box-seen', 'wrong'))).toBe('mended box.wrong-box')
    expect(told('booster', 'new check valve', seen('check-look', 'shut'))).toBe('mended check.stuck-shut')
  })

  it('is of others where it is theirs', () => {
    const low = { near: 'inlet', said: 'inlet is at 8', test: 'inlet.pressure' }
    expect(told('booster', 'they fixed it, inlet\'s back at 42', low))
      .toBe(`mended inlet.low | inlet.pressure ${psi(42)}`)
    expect(told('three-phase', 'they moved a tap', { near: 'line' })).toBe('mended undefined')
  })
})
