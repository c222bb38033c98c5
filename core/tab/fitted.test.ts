import { describe, expect, it } from 'vitest'
import { foldFitted, type FittedPiece, type PartUsed } from '.'

const piece = (over: Partial<FittedPiece>): FittedPiece => ({
  component: 'box',
  part: 'start relay',
  number: 'SR-1',
  fitted: '2020-05-01',
  removed: null,
  why: '',
  ...over,
})
const used = (over: Partial<PartUsed>): PartUsed => ({
  component: 'box',
  off: '',
  on: '',
  number: '',
  why: '',
  at: '2026-06-15T10:00:00.000Z',
  ...over,
})
const removedOf = (known: FittedPiece, part: Partial<PartUsed>) => foldFitted([known], [used(part)])[0]!.removed

describe('what is fitted', () => {
  it('loses what a line took off, on its day and for its fault, and gains what it put on', () => {
    const swap = used({ off: 'start relay', on: 'start relay', number: 'SR-2', why: 'box.relay-open' })
    expect(foldFitted([piece({})], [swap])).toEqual([
      piece({ number: 'SR-2', fitted: '2026-06-15' }),
      piece({ removed: '2026-06-15', why: 'box.relay-open' }),
    ])
  })
  it.each<[string, Partial<FittedPiece>, Partial<PartUsed>]>([
    ['nothing was taken off', {}, { on: 'run capacitor' }],
    ['it is another component’s', { component: 'switch' }, { off: 'start relay' }],
    ['it is another part', { part: 'start capacitor' }, { off: 'start relay' }],
    ['it was fitted after that day', { fitted: '2026-06-16' }, { off: 'start relay' }],
  ])('keeps a piece where %s', (_, known, part) => expect(removedOf(piece(known), part)).toBeNull())
  it('takes off what was fitted that very day, or on a day not known', () => {
    expect(removedOf(piece({ fitted: '2026-06-15' }), { off: 'start relay' })).toBe('2026-06-15')
    expect(removedOf(piece({ fitted: null }), { off: 'start relay' })).toBe('2026-06-15')
  })
  it('leaves a piece that was taken off before as it was', () => {
    const gone = piece({ removed: '2022-01-01', why: 'age' })
    expect(foldFitted([gone], [used({ off: 'start relay', why: 'box.relay-open' })])).toEqual([gone])
  })
  it('does not count twice a piece that the file tells of and a line put on', () => {
    const told = piece({ fitted: '2026-06-15' })
    expect(foldFitted([told], [used({ on: 'start relay' })])).toEqual([told])
  })
  it.each<[string, Partial<PartUsed>]>([
    ['on another component', { component: 'switch', on: 'start relay' }],
    ['of another name', { on: 'start capacitor' }],
    ['on another day', { on: 'start relay', at: '2026-06-16T10:00:00.000Z' }],
  ])('counts apart a piece put on %s', (_, part) =>
    expect(foldFitted([piece({ fitted: '2026-06-15' })], [used(part)])).toHaveLength(2))
  it('takes lines by their time, whatever order they come in, and lists the newest first', () => {
    const first = used({ on: 'start relay', number: 'SR-2', at: '2024-01-02T09:00:00.000Z' })
    const second = used({ off: 'start relay', on: 'start relay', number: 'SR-3', why: 'age' })
    const fitted = foldFitted([piece({ fitted: null, number: 'SR-0', removed: '2024-01-02' })], [second, first])
    expect(fitted.map(p => [p.number, p.removed])).toEqual([
      ['SR-3', null],
      ['SR-2', '2026-06-15'],
      ['SR-0', '2024-01-02'],
    ])
  })
  it('changes nothing in what it was given', () => {
    const known = piece({})
    foldFitted([known], [used({ off: 'start relay' })])
    expect(known.removed).toBeNull()
  })
})
