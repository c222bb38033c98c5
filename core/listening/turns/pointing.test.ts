/** Where a hand points, and what is told as a course; the opposites beside them. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('where a hand points', () => {
  hearsAs([
    ['well-2wire', 'go over to the inside two and there\'s 11 volts', 'load.volts 11'],
    ['well-2wire', 'on the two outside screws I\'m getting 243', 'line.volts 243'],
    ['booster', 'the gauge ahead of the pump drops from 50 down to 4 when it kicks in', `inlet.pressure ${psi(4)}`],
    ['booster', 'gauge after the pump only gets up to 22', `climbs stalls | peak ${psi(22)}`],
    ['compressor-direct', 'line gauge 30', `outlet.pressure ${psi(30)}`],
    ['rv', 'got 12.8 at the red wire going to the pump', 'line.volts 12.8'],
    ['booster', 'one of them to ground is 121, the other\'s got 2', 'line.l1g 121 | line.l2g 2'],
    ['holding-tank', 'down the well to ground reads zero on the meg', 'well-ground-parted below'],
    ['rv', '12.8 in, 9 out of the holder with the pump on', 'battery.run 12.8 | fuse.volts 9'],
    ['compressor-pilot', '120 into 95, nothing out of 96', 'fuse.volts 120 | aux.volts 0'],
  ])
  it('is not taken for the other side', () => {
    expect(told('three-phase', 'pump side of the splice good to ground')).toBe('ground-parted above')
    expect(told('three-phase', 'house side of the splice dead to ground')).toBe('ground-parted above')
    expect(told('three-phase', 'opened the splice, pump side zero to ground')).toContain('ground-parted below')
    expect(told('holding-tank', 'opened the splice, down the hole is over 200 meg, wire back to the building is a'
    + ' dead short')).toContain('well-ground-parted above')
  })
})

describe('pairs of lines', () => {
  hearsAs([
    [
      'compressor-pilot', 'below the contacts 238 between one and two, but one to three is 130 and two to three is 110',
      'load.v12 238 | load.v23 110 | load.v31 130',
    ],
    [
      'three-phase', 'bottom of the fuses I\'ve got 472 on AB but BC and AC are way down around 250',
      'breaker.v12 472 | breaker.v23 250 | breaker.v31 250',
    ],
    ['three-phase', 'one two is 4.1, two three is open, one three is 4.2', 'leads.r12 4.1 | leads.r23 OL '
    + '| leads.r31 4.2'],
    ['three-phase', '1-2 reads 0.2, 2-3 1.9, 1-3 1.8', 'leads.r12 0.2 | leads.r23 1.9 | leads.r31 1.8'],
  ])
})

describe('a course', () => {
  hearsAs([
    ['well-3wire', 'watched the gauge and it went from 50 to 41 in about ten minutes', `leak-down ${psi(9)}`],
    ['well-2wire', 'it\'ll be on for maybe four seconds and off for about ten', 'cycle 14'],
    ['jet', 'pump on at 29', `cut-in ${psi(29)}`],
    ['rv', 'gauge stops at 38 and sits there with the pump still running', `climbs stalls | peak ${psi(38)}`],
    ['well-3wire', 'tank\'s got 28 pounds of air in it when it\'s empty', `precharge ${psi(28)}`],
  ])
  it('that did not come about is none', () =>
    expect(told('well-2wire', 'ran up to 60 and shut off but then it won\'t come back on at'
    + ' 40')).not.toContain('cut-in'))
})

describe('an idiom', () => {
  hearsAs([
    ['well-3wire', 'off she went, 5.9 amps', 'black.run 5.9'],
    ['jet', 'gave it a spin with the power on and off it went and ran like normal', 'spin runs'],
    ['three-phase', 'lifted T1 T2 T3 off the starter and it holds', 'trip-load-off holds'],
    ['compressor-pilot', 'heaters in there are for a 12 amp motor', 'dial.amps 12'],
    [
      'compressor-pilot', 'primary of the control transformer has 475, secondary has 119',
      'line.v12 475 | control.volts 119',
    ],
    ['three-phase', 'moved all three motor leads over one and the 21 went to a different line', 'roll lead'],
    ['booster', 'pulled the motor off, motor shaft spins like a top', 'impeller-look jammed'],
    ['holding-tank', 'lifted the float by hand and the well pump kept right on going', 'well-float-look held'],
  ])
})
