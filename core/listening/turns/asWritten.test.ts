/** Two gauges, meters' own leads, wires by their size: rows of what is heard. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, psi } from '../../../tests/told'

describe('a gauge beside another', () => {
  hearsAs([
    ['well-2wire', 'truck gauge says 42, his says 58', `gauge ${psi(58)} | gauge-agrees differ`],
    ['well-2wire', 'his gauge says 58, mine says 42', `gauge ${psi(58)} | gauge-agrees differ`],
    ['jet', 'gauge on the tee is 10 pounds off', 'gauge-agrees differ'],
  ])
})

describe('what things are', () => {
  hearsAs([
    ['well-2wire', '30 amp breaker on a 12 wire', 'remark'],
    ['well-2wire', 'my meter has 0.3 in the leads', 'remark'],
    ['well-2wire', 'subtract 0.3 for the leads', 'remark'],
    ['well-2wire', '44 gallon tank, 38 psi in it', `precharge ${psi(38)}`],
    ['well-2wire', '230 volt pump getting 208', 'line.volts 208'],
  ])
})

describe('inches of mercury', () => {
  hearsAs([
    ['jet', '25 inches on the vacuum gauge', 'vacuum high'],
    ['jet', 'suction reads 25 inches', 'vacuum high'],
    ['jet', 'suction\'s only pulling 4 inches', 'vacuum low'],
    ['jet', 'needle jumps between 5 and 15 on the vacuum gauge', 'vacuum low'],
  ])
})

describe('the little fuse of a control circuit', () => {
  hearsAs([
    ['compressor-pilot', '240 going in the little fuse and nothing out of it', 'control.volts 240 | fuse.volts 0'],
    ['compressor-pilot', '120 at the control fuse, nothing past it', 'control.volts 120 | fuse.volts 0'],
    ['compressor-pilot', '240 into the transformer, 120 out', 'line.v12 240 | control.volts 120'],
    ['compressor-pilot', 'ohmed the contact and it\'s open with the button in', 'aux.ohms OL'],
  ])
})
