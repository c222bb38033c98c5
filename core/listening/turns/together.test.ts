/** Two things at once, and what was only tried: rows of what is heard. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs } from '../../../tests/told'

describe('two things at once', () => {
  hearsAs([
    ['jet', 'water\'s dripping out between the motor and the pump', 'seen-itself pump.seal'],
    ['compressor-direct', 'check valve at the tank was gummed open with carbon', 'check-look open'],
    ['rv', 'green crud under the positive clamp', 'posts-look furred'],
    ['booster', '58 before the cartridge and 21 after', 'filter-sides drops'],
    ['holding-tank', 'start cap 12 mike, can says 216', 'cap.farads 0.000012 | cap-label under'],
    ['well-3wire', 'relay in the box is burnt black and the points are stuck', 'relay-seen welded'],
    ['three-phase', 'meg 200', 'leads.ground 200000000'],
  ])
})

describe('what was tried', () => {
  hearsAs([
    ['compressor-pilot', 'belt off and it drops to 9 on all three', 'belt-off runs'],
    ['compressor-pilot', 'pilot\'s closed, contactor doesn\'t pull', 'switch-seen closed | coil-heard nothing'],
    ['compressor-direct', 'bled the tank and it starts right up', 'starts-empty empty'],
    ['holding-tank', 'jumped the float, well pump runs, 6.1 amps', 'well-bypass runs | well-black.run 6.1'],
    ['three-phase', 'sounder says 9 feet over the pump, then nothing', 'remark'],
    ['three-phase', 'let it sit an hour and it\'s back to 40 gallons a minute', 'rest-well back'],
    ['three-phase', '14 amps with water and 8.6 when it goes dry', 'amps1.run 8.6'],
  ])
})
