/** What is complained of: each row names what some kind has, and speaks for it. */
import { describe, expect, it } from 'vitest'
import { KIND_IDS, kindFor, unstaged, withOptions } from '#core/systems'
import { COMPLAINT_GIVEN, complaintChance, complaintMeant } from './complaints'

const faults = KIND_IDS.flatMap(kind => withOptions(kindFor(kind, {})).faults)
const known = new Set(faults.flatMap(f => [f.id, ...f.severities.map(s => `${f.id}:${s.id}`)]))

describe('the chances of a complaint', () => {
  it('are given for faults and degrees that some kind has, and for no others', () => {
    const named = Object.values(COMPLAINT_GIVEN).flatMap(row => Object.keys(row).filter(key => key.includes('.')))
    expect(named.length).toBeGreaterThan(40)
    expect(named.filter(key => !known.has(key) && !known.has(unstaged(key)))).toEqual([])
  })
  it('tell a switch that the pump never opens from one that is set a little high', () => {
    const runsOn = (id: string) => complaintChance('runs-on', ['switch.out-of-setting', id], 'runs-weak')
    expect(runsOn('switch.out-of-setting:7')).toBeGreaterThan(2 * runsOn('switch.out-of-setting:3'))
  })
  it('are those of what is meant, by whatever name a file calls it', () => {
    expect(complaintMeant(kindFor('jet', {}), 'loses-prime')).toBe('no-water')
    expect(complaintMeant(kindFor('compressor-pilot', {}), 'silent')).toBe('no-air')
    expect(complaintMeant(kindFor('booster', {}), 'Short cycles')).toBe('rapid-cycles')
    expect(complaintMeant(kindFor('booster', {}), 'groans')).toBe('groans')
    expect(complaintMeant(kindFor('booster', {}), 'of-nothing-known')).toBeUndefined()
  })
})
