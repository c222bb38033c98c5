/** Numbers as they are said over a meter; how they are said is common practice, no source. */
import { describe, expect, it } from 'vitest'
import { inDecades } from './decades'
import { inNumbers } from './spokenNumbers'

describe('numbers in words', () => {
  it.each([
    ['one twenty on one leg', '120 on one leg'],
    ['one seventeen at the motor', '117 at the motor'],
    ['two hundred and eight volts', '208 volts'],
    ['two oh eight', '208'],
    ['over a hundred meg', 'over 100 meg'],
    ['two thousand ohms', '2000 ohms'],
    ['point four megohms', '0.4 megohms'],
    ['zero point oh two', '0.02'],
    ['four point two', '4.2'],
    ['battery is twelve six', 'battery is 12.6'],
    ['sixty on the gauge', '60 on the gauge'],
    ['fourteen and a half', '14 and a half'],
  ])('%s', (said, figures) => expect(inNumbers(said)).toBe(figures))

  it('of several in a row take each what is its own', () => {
    expect(inNumbers('two forty two forty one and two twenty two')).toBe('240 241 and 222')
    expect(inNumbers('thirty one twenty six and twenty two')).toBe('31 26 and 22')
    expect(inNumbers('forty forty one forty two')).toBe('40 41 42')
    expect(inNumbers('one thirty on two to three')).toBe('130 on two to three')
  })
  it('stay words where they count no reading', () => {
    for (const said of ['one and two', 'one of the two', 'three pump wires', 'fifteen years old', 'ten below', 'zero'])
      expect(inNumbers(said)).toBe(said)
  })
})

describe('decades', () => {
  it.each([
    ['gauge is in the high 30s', 'gauge is 38'],
    ['mid two thirties at the switch', '235 at the switch'],
    ['high 470s on all three', '478 on all three'],
    ['low to mid 40s', '42'],
    ['pump\'s from the 80s', 'pump\'s from the 80s'],
  ])('%s', (said, is) => expect(inDecades(said)).toBe(is))
})
