import { describe, expect, it } from 'vitest'
import { foretell } from './foretold'

const trend = (id: string, values: readonly number[]) => ({
  id, name: '', unit: '', perUnit: 1,
  points: values.map((value, i) => ({ day: `${2022 + i}-05-01`, value, left: true, run: 0 })),
})

describe('what the years foretell', () => {
  it('is said with how early and how late it may be, and of how many readings', () => {
    const said = foretell(trend('leads.ground', [16, 8.2, 4, 2.1, 1.9]), {}, '2026-06-15')
    expect(said).toMatch(/^If it goes on like this it is under 1 MΩ about \w+ 20\d\d: /)
    expect(said).toMatch(/: (?:between|not before) .*, by 5 readings\.$/)
    expect(foretell(trend('black.run', [7, 7.4, 7.9, 8.2, 8.6]), { 'motor.amps': 8 }, '2026-06-15'))
      .toBe('By its own line it is over the plate’s amps now.')
  })
  it('is nothing of too few, of what has no limit, and of a plate that nobody read', () => {
    expect(foretell(trend('leads.ground', [16, 8]), {}, '2026-06-15')).toBe('')
    expect(foretell(trend('cut-in', [40, 39, 38, 37]), {}, '2026-06-15')).toBe('')
    expect(foretell(trend('black.run', [7, 7.4, 7.9, 8.2]), {}, '2026-06-15')).toBe('')
  })
})
