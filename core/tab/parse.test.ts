import { describe, expect, it } from 'vitest'
import { createWriter, isPlaced, MOST_LINE_LENGTH, parseLine, parseUnplaced } from '.'

const draft = { id: 'line-of-parse', at: '2026-06-15T10:00:00.000Z', kind: 'note', text: 'as written' } as const
const placed = createWriter('dev-parse')(draft)
const factsOf = (raw: unknown) => {
  const parsed = parseLine(raw)
  return parsed.ok ? undefined : parsed.problem.facts
}

describe('whether a line has its place', () => {
  it.each([
    ['a line as a device writes it', placed, true],
    ['a line of a file by hand', draft, false],
    ['nothing', null, false],
    ['a word', 'clock', false],
  ])('is seen from its clock: %s', (_what, raw, expected) => expect(isPlaced(raw)).toBe(expected))
})

describe('a line as it comes in', () => {
  it('is taken as it is', () => expect(parseLine(placed)).toEqual({ ok: true, value: placed }))
  it('of a file needs no place', () => expect(parseUnplaced(draft)).toEqual({ ok: true, value: draft }))
  it('of a kind to come is taken with its place, and refused without one', () => {
    expect(parseLine({ ...placed, kind: 'to-come', more: 1 })).toMatchObject({ ok: true, value: { more: 1 } })
    expect(parseUnplaced({ ...draft, kind: 'to-come' })).toMatchObject({
      ok: false,
      problem: { code: 'bad-form', facts: { id: draft.id, place: 'kind' } },
    })
  })
  it('says what is missing and where, without the words of the checker', () => {
    expect(factsOf({ ...placed, text: undefined })).toEqual({ id: draft.id, place: 'text', why: 'it is missing' })
    const wrong = factsOf({ ...placed, text: 5 })
    expect(wrong).toMatchObject({ place: 'text' })
    expect(wrong?.why).toMatch(/^expected string/)
  })
  it.each([[null], [undefined], [7], ['note'], [[]]])('that is no line at all is refused with no id: %j', raw =>
    expect(factsOf(raw)).toMatchObject({ id: '' }))
  it('of a kind without a name says that the kind is missing', () =>
    expect(parseUnplaced({ ...draft, kind: 3 })).toMatchObject({
      problem: { facts: { place: 'kind', why: 'it is missing' } },
    }))
  it('keeps an id in the refusal, cut at 64 characters', () =>
    expect(factsOf({ id: 'x'.repeat(80), kind: 'note' })?.id).toHaveLength(64))
  it('longer than a line may be is refused by its length', () => {
    const long = { ...placed, kind: 'to-come', more: 'x'.repeat(MOST_LINE_LENGTH) }
    expect(factsOf(long)?.why).toContain(`${MOST_LINE_LENGTH} is the most`)
  })
})
