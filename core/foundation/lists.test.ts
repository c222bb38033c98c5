/** Lists that have a first, and what stands at a place. */
import { describe, expect, it } from 'vitest'
import { groupBy, isNonEmpty, itemAt, mapEach } from '.'

describe('lists', () => {
  it('are grouped in the order they came, under each key that they have', () => {
    const calls = [{ of: 'a', by: ['x'] }, { of: 'b', by: [] }, { of: 'a', by: ['x', 'y'] }]
    expect([...groupBy(calls, c => c.of)].map(([key, own]) => [key, own.length])).toEqual([['a', 2], ['b', 1]])
    expect([...groupBy(calls, c => c.by)].map(([key, own]) => [key, own.length])).toEqual([['x', 2], ['y', 1]])
    expect(groupBy([], () => 'a').size).toBe(0)
  })
  it('keep their first where each is made into something else', () => {
    expect(mapEach(['psi', 'kPa'], (unit, i) => `${i} ${unit}`)).toEqual(['0 psi', '1 kPa'])
    expect([isNonEmpty([]), isNonEmpty([0])]).toEqual([false, true])
  })
  it('say by name what does not stand there', () => {
    expect(itemAt(['sound', 'other'], 1, 'hypothesis')).toBe('other')
    expect(() => itemAt(['sound'], 812, 'hypothesis')).toThrow('there is no hypothesis 812')
  })
})
