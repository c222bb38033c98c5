/** Lists that have a first, and what stands at a place. */
import { describe, expect, it } from 'vitest'
import { addAt, entryOf, figureAt, groupBy, isNonEmpty, itemAt, mapEach, placeAt } from '.'

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
    expect(() => entryOf({ half: 0.5 }, 'third')).toThrow('no “third”')
    expect(entryOf({ half: 0.5 }, 'half')).toBe(0.5)
  })
  it('of figures and of places end where they end', () => {
    const sums = Float64Array.of(0, 2)
    addAt(sums, 1, 3)
    expect([figureAt(sums, 0), figureAt(sums, 1), placeAt(Int32Array.of(7), 0)]).toEqual([0, 5, 7])
    expect(() => figureAt(sums, 2)).toThrow('there is no figure 2 among 2')
    expect(() => addAt(sums, 2, 1)).toThrow(RangeError)
    expect(() => placeAt(Int32Array.of(7), 1)).toThrow('there is no place 1 among 1')
  })
})
