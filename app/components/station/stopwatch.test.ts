import { describe, expect, it } from 'vitest'
import { beatOn, sayWatch, type Stopwatch } from './stopwatch'

const started: Stopwatch = { what: 'hold', elapsed: 0, beat: 1_000_000, from: '58' }

describe('a stopwatch', () => {
  it('adds up what passes between beats, whatever the wall clock is set to meanwhile', () => {
    const one = beatOn(started, 500, 1_000_500)
    const set = beatOn(one, 500, 5_000_000)
    const back = beatOn(set, 500, 10)
    expect(back.elapsed).toBe(1500)
  })
  it('goes on over a reload by the wall clock', () => {
    expect(beatOn(started, undefined, 1_000_000 + 90e3).elapsed).toBe(90e3)
  })
  it('counts nothing for the time away where the clock was set back, or lies days ahead', () => {
    expect(beatOn(started, undefined, 999_000).elapsed).toBe(0)
    expect(beatOn(started, undefined, 1_000_000 + 5 * 86400e3).elapsed).toBe(0)
  })
  it('carries the whole cycle along with the run in hand', () => {
    const off: Stopwatch = { ...started, what: 'off', cycle: 60e3 }
    expect(beatOn(off, 1000, 1_001_000)).toMatchObject({ elapsed: 1000, cycle: 61e3 })
  })
  it('is read in minutes and seconds', () => {
    expect([0, 59_999, 60_000, 612_400].map(sayWatch)).toEqual(['0:00', '0:59', '1:00', '10:12'])
  })
})
