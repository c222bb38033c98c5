/**
 * What is told as it goes along; numbers as they are spoken; the two sides of a 12 V supply. Common practice, no
 * source.
 */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('numbers as they are spoken', () => {
  hearsAs([
    ['three-phase', 'won\'t go past twenty pounds', `climbs stalls | peak ${psi(20)}`],
    ['rv', 'from the pump negative over to the frame there\'s a volt and a half', 'return.drop 1.5'],
    ['rv', 'drops a tenth of a volt across the switch', 'switch.drop 0.1'],
    [
      'jet', 'on the motor side I\'ve got one twenty on the left and nothing on the right',
      'motor.l1g 120 | motor.l2g 0',
    ],
    [
      'compressor-pilot', 'amps are 24 on one, 25 on two and nothing on three',
      'amps1.run 24 | amps2.run 25 | amps3.run 0',
    ],
  ])
  it('are no numbers where they count nothing', () =>
    expect(told('well-2wire', 'one of them is dead')).not.toContain('1'))
})

describe('the two sides of a 12 V supply', () => {
  hearsAs([
    ['rv', 'from the battery positive to the pump positive I lose two tenths', 'feed.drop 0.2'],
    ['rv', 'red side\'s only dropping two tenths', 'feed.drop 0.2'],
    ['rv', 'ground side drops 1.4 volts', 'return.drop 1.4'],
    ['rv', '12.5 on the red at the pump', 'line.volts 12.5'],
  ])
})

describe('what is told as it goes along', () => {
  hearsAs([
    ['booster', 'not drawing anything', 'black.run 0'],
    ['compressor-pilot', 'the reset was popped out', 'reset tripped'],
    ['compressor-pilot', 'took the coil out and it\'s open on the ohmmeter', 'coil.ohms OL'],
    ['compressor-direct', 'with air in the tank it just hums', 'starts-empty empty'],
    ['rv', 'the fuse is burned through', 'fuse-look blown'],
    ['jet', 'shut it down and watched the level in the priming hole and it just drains away', 'foot-look falls'],
    ['holding-tank', 'the float is caught on the ladder', 'well-float-look hung'],
    ['holding-tank', 'float is stuck', 'well-float-look dead'],
    ['booster', 'when the pump runs the gauge ahead of it falls nearly to zero', 'inlet.pressure 0 | sound runs'],
  ])
})
