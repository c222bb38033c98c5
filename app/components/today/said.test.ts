import { describe, expect, it } from 'vitest'
import { readCall } from './said'

const SITES = [
  { id: 'a', words: 'Larkmead Nursery' }, { id: 'b', words: 'Willow Bend Caravan Park' },
  { id: 'c', words: 'Willow Farm' },
]
const COMPLAINTS = [
  { id: 'no-water', words: 'no water' }, { id: 'no-water', words: 'dry' }, { id: 'groans', words: 'groans' },
  { id: 'no-air', words: 'no air' },
]
const read = (said: string) => readCall(said, SITES, COMPLAINTS)

describe('a call as it is said', () => {
  it('names the site by the beginnings of its words, and the complaint by what is left', () => {
    expect(read('willow bend no water')).toEqual({ site: 'b', complaint: 'no-water', rest: 'no water' })
    expect(read('lark groans at night')).toEqual({ site: 'a', complaint: 'groans', rest: 'groans at night' })
    expect(read('Larkmead Nursery dry')).toMatchObject({ site: 'a', complaint: 'no-water' })
  })
  it('names no site where two begin alike, and none that is not there', () => {
    expect(read('willow no air')).toEqual({ complaint: 'no-air', rest: 'willow no air' })
    expect(read('quarry dry')).toEqual({ complaint: 'no-water', rest: 'quarry dry' })
    expect(read('')).toEqual({ rest: '' })
  })
})
