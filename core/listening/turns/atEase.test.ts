/** Whole sentences, as somebody writes them down in the evening. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs } from '../../../tests/told'

describe('what is written at ease', () => {
  hearsAs([
    ['rv', 'The water pump doesn\'t do anything when I turn the switch on. The fuse is good.',
      'sound silent | fuse-look good'],
    ['rv', 'I have 12.6 volts on the red wire at the pump measured to the battery negative', 'feed.drop 0'],
    ['rv', 'only 2 volts between the red and the black at the pump', 'motor.volts 2'],
    ['well-2wire', 'Disconnected the two wires that go to the well and now the breaker stays on.',
      'trip-switch-open holds'],
    ['well-2wire',
      'Opened the splice at the well head. The wires back to the house are clear to ground. '
      + 'The ones going down read 200 ohms.',
      'ground-parted below'],
    ['jet', 'Put shaving cream on the fittings between the well and the pump. At one of the unions it got sucked in.',
      'seen-itself suction.air-leak'],
    ['compressor-pilot', 'With the power off I measured the coil and it reads open.', 'coil.ohms OL'],
    ['booster', 'Took the cartridge out and put the housing back on empty. The flow came right back.',
      'filter-out back'],
  ])
})
