/** What a hand does as it goes, and what came of it: rows of what is heard. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs } from '../../../tests/told'

describe('what is only done', () => {
  hearsAs([
    ['well-2wire', 'ran a hose wide open', 'remark'],
    ['well-2wire', 'let it sit overnight', 'remark'],
    ['well-2wire', 'bumped the pressure up', 'remark'],
    ['well-2wire', 'pulled the disconnect', 'remark'],
    ['well-2wire', 'unplugged the treatment system, no change', 'remark'],
    ['well-2wire', 'shut off the irrigation, still cycling', 'remark'],
    ['well-2wire', 'cut the splice out and it\'s dry inside', 'remark'],
    ['well-2wire', 'ran a temporary wire to the pump and it runs', 'remark'],
  ])
})

describe('what came of it', () => {
  hearsAs([
    ['well-2wire', 'disconnected the pump and the breaker holds', 'trip-switch-open holds'],
    ['compressor-direct', 'disconnected the motor and the breaker still trips', 'trip-motor-off trips'],
    ['well-2wire', 'jumped it straight to the breaker and it runs', 'bypass runs'],
    ['well-2wire', 'dug up the line by the barn, found a wet spot', 'leaks-look leak'],
  ])
})
