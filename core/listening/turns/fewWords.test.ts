/** What is said by one who has few words, and what it is heard as; common practice, no source. Figures in SI. */
import { describe, expect, it } from 'vitest'
import { hearsAs, told } from '../../../tests/told'

describe('what is said by one who has few words of the language', () => {
  hearsAs([
    ['well-2wire', 'no have nothing in load', 'load.volts 0'],
    ['well-2wire', 'contact is black, very burn', 'contacts burnt'],
    ['well-2wire', 'now is 75 seconds', 'cycle 75'],
    ['well-2wire', 'no volt in the switch, nothing', 'line.volts 0 | sound silent'],
    ['well-2wire', 'breaker is on but only one side have 121, other side zero', 'breaker.l1g 121 | breaker.l2g 0'],
    ['well-2wire', 'up of the breaker have 242', 'supply.volts 242'],
    ['well-2wire', '60 and no move in half hour', 'leak-down 0'],
    ['well-2wire', 'pressure go down from 60 to 40 in six minute', 'leak-down 230000'],
    ['well-3wire', 'start fast, 7.7 amp', 'black.run 7.7'],
    ['booster', 'before the pump is only 6 when open the shower', 'inlet.pressure 41400'],
    ['booster', 'now before the pump 41, after pump 62', 'inlet.pressure 283000 | gauge 427000'],
    ['compressor-direct', 'at 90 want to start, only noise and breaker jump', 'sound groans | breaker-seen tripped'],
    ['compressor-direct', 'I open the small tube, air go out, then start', 'crack-line starts'],
    ['compressor-direct', 'at 125 stop, no make psss', 'cut-out 862000 | unloader-stop nothing'],
    ['compressor-direct', '125 start, 155 stop', 'cut-in 862000 | cut-out 1070000'],
    ['compressor-pilot', '120 enter to pressure switch and not go out', 'aux.volts 120 | pilot.volts 0'],
    ['compressor-pilot', 'tank is 30 psi', 'gauge 207000'],
    ['compressor-pilot', '3 phase good 240', 'line.v12 240 | line.v23 240 | line.v31 240'],
    ['holding-tank', '120 in switch, in and out', 'line.volts 120 | load.volts 120'],
    ['holding-tank', 'thermal no have continuity and is cold', 'thermal.ohms OL | cool-ohms stays-ol'],
    ['holding-tank', 'I put together two wire of float and the well pump start', 'well-bypass runs'],
    ['rv', 'before holder 12.6, after 7 when pump on', 'battery.rest 12.6 | fuse.volts 7'],
    ['three-phase', 'in coil is 118 when switch close, no move', 'coil.volts 118 | coil-heard nothing'],
    ['three-phase', 'is turning contrary', 'seen-itself motor.backwards'],
  ])

  it('is done, told in the present, once something was read', () => {
    const open = { near: 'coil', test: 'coil.ohms', said: 'coil is open' }
    expect(told('three-phase', 'change coil', open)).toBe('mended starter.coil-open')
    expect(told('three-phase', 'I put one new', open)).toBe('mended starter.coil-open')
    expect(told('three-phase', 'change coil next week', open)).not.toMatch(/mended/)
    const atBreaker = { near: 'breaker', said: 'breaker' }
    expect(told('well-2wire', 'clean contacts', atBreaker)).toBe('contacts clean')
    expect(told('well-2wire', 'swap to other breaker holds', atBreaker)).toBe('breaker-other holds')
    const shown = { test: 'strainer-look', outcome: 'blocked', said: 'full' }
    const packed = { near: 'strainer', shown, said: 'full' }
    expect(told('booster', 'clean', packed)).toBe('mended strainer.blocked')
    expect(told('booster', 'clean', { near: 'strainer', said: 'strainer' })).not.toMatch(/mended/)
  })
})
