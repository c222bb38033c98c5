import { describe, expect, it } from 'vitest'
import { dayOf, sayDay, setClock, timeOf, useClock } from './useClock'

describe('the shop\'s clock', () => {
  it('writes an instant that means now, with the wall\'s own hours', () => {
    const now = useClock().now()
    expect(Math.abs(Date.parse(now) - Date.now())).toBeLessThan(2000)
    expect(timeOf(now)).toBe(new Date().toTimeString().slice(0, 5))
  })
  it('follows the server\'s clock once set, and ignores one that makes no sense', () => {
    setClock('2030-05-06T07:08:09.000Z')
    setClock('yesterday')
    expect(Date.parse(useClock().now()) - Date.parse('2030-05-06T07:08:09.000Z')).toBeLessThan(2000)
    setClock(new Date().toISOString())
  })
  it('says a day as people do', () => {
    expect(sayDay('2026-06-15', '2026-06-15')).toBe('today')
    expect(sayDay('2026-06-14', '2026-06-15')).toBe('14 Jun')
    expect(sayDay('2025-12-01', '2026-06-15')).toBe('1 Dec 2025')
    expect(dayOf('2026-06-15T10:44:00+02:00')).toBe('2026-06-15')
  })
})
