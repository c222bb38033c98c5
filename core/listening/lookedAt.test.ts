/** That a thing was looked at says nothing yet; the next line is of it. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, hearsNext, psi, told } from '../../tests/told'
import { isOnlyLooked, ofWhatWasLookedAt } from './lookedAt'

describe('a look that tells of nothing yet', () => {
  hearsAs([
    ['well-3wire', 'checked the cap', 'remark'],
    ['three-phase', 'checked the fuses', 'remark'],
    ['booster', 'looked at the filter', 'remark'],
    ['well-2wire', 'ohmed the motor', 'remark'],
    ['well-2wire', 'checked motor to ground', 'remark'],
  ])
  it('is none where it says what was seen', () => {
    expect(isOnlyLooked('checked the cap and it was swelled')).toBe(false)
    expect(isOnlyLooked('checked everything')).toBe(false)
    expect(isOnlyLooked('looked at it')).toBe(false)
  })
})

describe('what is said of the thing that was looked at', () => {
  hearsNext([
    ['well-3wire', 'looked at the contacts', 'they\'re black', 'contacts burnt'],
    ['well-3wire', 'pulled the cover', 'they\'re burnt up', 'contacts burnt'],
    ['well-3wire', 'opened the box', 'it\'s burnt in there', 'box-seen burnt'],
    ['well-3wire', 'checked the precharge', 'it\'s at 10', `precharge ${psi(10)}`],
    ['well-3wire', 'checked the voltage', 'it\'s 241', 'line.volts 241'],
    ['well-2wire', 'checked the nipple', 'it\'s plugged', 'port-look blocked'],
    ['well-2wire', 'ohmed the motor', 'it\'s 3.1', 'leads.by 3.1'],
    ['well-2wire', 'checked motor to ground', 'it\'s clean', 'leads.ground OL'],
    ['booster', 'checked the inlet valve', 'it was half shut', 'valve-under shut'],
    ['rv', 'looked in the strainer', 'it\'s full of sand', 'strainer-look packed'],
    ['rv', 'checked the fuse', 'it\'s blown', 'fuse-look blown'],
    ['holding-tank', 'checked the float', 'it was tangled', 'well-float-look hung'],
    ['three-phase', 'looked at the overloads', 'they\'re set at 12', 'dial.amps 12'],
    // of one thing that is good, not all works
    ['well-3wire', 'checked the fuses', 'they\'re good', 'remark'],
  ])
  it('is asked where it is near to two', () => {
    expect(told('booster', 'it\'s brown', { action: 'looked at the filter' })).toBe('ask')
  })
  it('is left as it is where nothing was looked at, or it is of the whole', () => {
    expect(ofWhatWasLookedAt('it\'s black', { action: 'drove out there' })).toBe('it\'s black')
    expect(ofWhatWasLookedAt('it\'s working', { action: 'checked the cap' })).toBe('it\'s working')
    expect(ofWhatWasLookedAt('it\'s 71', {})).toBe('it\'s 71')
  })
})
