/** Figures that are told and were not read are no readings. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, hearsNext, psi, told } from '../../tests/told'

describe('what is written somewhere, or should be, or once was', () => {
  hearsAs([
    ['well-3wire', 'chart says 1.7 to 2.2 main and 6 to 8 start', 'remark'],
    ['well-3wire', 'book says 8.0 on the yellow', 'remark'],
    ['well-3wire', '1 hp, 230 volt, made in 2009', 'remark'],
    ['well-3wire', 'I expected 240 there', 'remark'],
    ['well-3wire', 'needs 5 more psi', 'remark'],
    ['well-3wire', 'breaker is a 20 and wire is 12', 'remark'],
    ['well-2wire', 'customer says gauge was at 20 this morning', 'remark'],
    ['well-2wire', '9.6 when it was put in, 13 today', 'remark'],
    ['well-2wire', 'been off since 10 last night', 'remark'],
    ['well-2wire', 'quits around 45', `cut-out ${psi(45)}`],
    ['three-phase', 'nameplate 460 volts 12.4 amps', 'remark'],
    ['three-phase', 'motor\'s good for 16 amps', 'remark'],
    ['three-phase', 'FLA\'s 12.4, dial\'s at 12', 'dial.amps 12'],
    ['three-phase', '13.1 13.0 13.4, plate says 12.4', 'amps1.run 13.1 | amps2.run 13 | amps3.run 13.4'],
    ['three-phase', 'pulling 15 on a 12.4 amp motor', 'amps1.run 15'],
    ['well-3wire', 'it used to pull 8 and now it\'s 11', 'black.run 11'],
  ])
})

describe('a capacitor and its label, in two lines', () => {
  hearsNext([
    ['well-3wire', 'cap reads 61', 'it\'s an 86 to 103', 'cap-label under'],
    ['well-3wire', 'cap reads 61', 'label says 86 to 103', 'cap-label under'],
    ['well-3wire', 'cap reads 92', 'supposed to be 86-103', 'cap-label within'],
    ['compressor-direct', 'run cap 4', 'label says 30 mfd', 'runcap-label under'],
    ['compressor-direct', 'run cap 29', 'it\'s a 30', 'runcap-label within'],
    // read once more, it is no label
    ['well-3wire', 'cap reads 61', 'cap says 84', 'cap.farads 0.000084'],
  ])
  it('may be told ahead of what it reads', () => {
    expect(told('well-3wire', 'cap is marked 86-103')).toBe('remark')
    // so many volts would not be flat
    expect(told('well-3wire', 'bled it down and it reads 38', { action: 'it\'s marked 105 to 126' }))
      .toBe('cap.farads 0.000038 | cap-label under')
    const action = 'cap is marked 86-103'
    expect(told('well-3wire', 'cap 61', { action })).toBe('cap.farads 0.000061 | cap-label under')
  })
})

describe('what is asked of the tool, and what it costs', () => {
  hearsAs([
    ['well-3wire', 'cap reads 90, is that ok?', 'cap.farads 0.00009'],
    ['well-3wire', 'is 9 amps high for a 3/4', 'black.run 9'],
    ['well-3wire', '45 minute drive', 'remark'],
    ['well-3wire', 'told the customer 400 for a new switch', 'remark'],
    ['well-3wire', 'should I replace the cap', 'remark'],
    ['well-3wire', 'why would it draw 12', 'remark'],
  ])
})
