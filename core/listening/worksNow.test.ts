import { describe, expect, it } from 'vitest'
import { hearsAs, psi } from '../../tests/told'
import { saysItWorks } from './worksNow'

describe('that it works again', () => {
  it.each([
    'pump\'s strong', 'pressure\'s smooth now all the way through', 'hiss is gone and it restarts every time',
    'it\'s filling in three minutes', 'it spins up right', 'no more chatter', 'smooth stream',
  ])('is said by: %s', said => expect(saysItWorks(said)).toBe(true))
  it.each([
    'it still runs good for a minute', 'hiss is gone but it hums', 'no better', 'it isn\'t quiet', 'it hums',
    'good luck with that',
  ])('is not said by: %s', said => expect(saysItWorks(said)).toBe(false))
  it('is that it stops, of what would not', () => {
    expect(saysItWorks('it shut off at 48')).toBe(false)
    expect(saysItWorks('it shut off at 48', true)).toBe(true)
    expect(saysItWorks('it still shut off at 48', true)).toBe(false)
  })
})

describe('what was put right and works', () => {
  hearsAs([
    ['rv', 'charged it overnight, pump\'s strong', 'mended battery.low | works yes'],
    ['compressor-direct', 'tightened the belt and it\'s filling in three minutes',
      'mended head.belt | fill 180 | works yes'],
    ['booster', 'backed the nut off and it shut off at 50',
      `mended switch.out-of-setting | cut-out ${psi(50)} | works yes`],
    // before anything was put right it is only how it is
    ['compressor-direct', 'hiss is gone', 'remark'],
  ])
})
