/** What is said with a tool in the hand. */
import { describe } from 'vitest'
import { hearsAs, hearsNext } from '../../../tests/told'

describe('what is said with a tool in the hand', () => {
  hearsAs([
    ['booster', 'lever\'s tripped, held it up till it got to 40 and it ran', 'lever off | keeps-running keeps'],
    ['booster', 'hear water hissing backward at the check', 'falls-how once'],
    ['booster', 'city had the street valve shut', 'seen-itself inlet.low'],
    ['compressor-direct', 'pulled the copper line off and air is coming back from the tank', 'falls-how once'],
    ['compressor-direct', 'drain won\'t seat', 'soap drain'],
    ['three-phase', 'probe relay light is red, says low water', 'float-look held'],
    ['three-phase', 'the lower probe wire\'s broke off', 'float-look dead'],
    ['three-phase', 'C leg to ground is 12', 'line.l3g 12'],
    ['well-3wire', '9 amps on yellow, 8 on black and red stays at 6', 'yellow.run 9 | black.run 8 | red.run 6'],
    ['well-3wire', 'ohms out to the motor look right: 4.6 yellow to black, 18.5 yellow to red and 23 red to black',
      'leads.by 4.6 | leads.ry 18.5 | leads.rb 23'],
    ['well-3wire', 'checked black to red, it\'s open', 'leads.rb OL'],
    ['well-3wire', 'black to the casing reads 2 ohms, and about the same on the other two', 'leads.ground 2'],
    ['well-3wire', '240 into the control box and nothing coming out', 'box.volts 240 | box-out.volts 0'],
    ['well-3wire', '240 black to yellow at the box', 'box-out.volts 240'],
    ['well-3wire', 'pulled it, won\'t turn by hand', 'seen-itself motor.seized'],
    ['well-2wire', 'neither one to ground either, way up in the megs', 'leads.ground 20000000'],
    ['well-2wire', 'pulled it, motor lead was pinched at the clamp', 'seen-itself cable.to-earth'],
    ['jet', '240 on one side of the switch and 0 on the other', 'line.volts 240 | load.volts 0'],
    ['jet', 'it\'s still set up for 115', 'links wrong'],
    ['rv', '12.6 at the battery and nothing at the pump', 'battery.rest 12.6 | motor.volts 0'],
    ['holding-tank', '240 going to the float switch, nothing coming back', 'well-line.volts 240 | well-load.volts 0'],
    ['compressor-pilot', '240 at the disconnect going in, 195 coming out', 'breaker.v12 240 | disconnect.v12 195'],
  ])
})

describe('what was put right with it', () => {
  hearsNext([
    ['jet', 'the suction hose collapsed', 'put in a piece of hard pipe', 'mended suction.blocked'],
    ['jet', 'stone in the nozzle', 'dug it out with a wire and it is back to 50', 'mended pump.nozzle | works yes'],
    ['rv', 'the bowl on the strainer is full of bubbles', 'new o-ring, smooth as silk',
      'mended strainer.air-leak | works yes'],
    ['compressor-pilot', 'out of the disconnect 240, 0, 130', 'new fuses all three', 'mended disconnect.pole-open'],
    ['well-2wire', 'pulled it, motor lead was pinched at the clamp', 'fixed the wire, breaker holds',
      'mended cable.to-earth | let-go holds'],
    ['well-2wire', 'both sets of contacts welded', 'put in a new switch, 40/60, holds',
      'mended switch.welded | let-go holds'],
  ])
})
