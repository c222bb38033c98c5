/** What is seen of a broken part itself: heard by its part and what is wrong with it, and never for something done. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { forLength, SWEPT } from '../../tests/length'
import { kindFor, SEEN_ITSELF, SEEN_PARTS, unstaged, withOptions, type KindId } from '#core/systems'
import { hear } from '.'

const told = (id: KindId, said: string) => {
  const heard = requireOk(hear(kindFor(id), said))
  return heard.kind === 'lines'
    ? heard.lines.flatMap(l => (l.kind === 'observation' ? [`${l.test} ${l.outcome}`] : [])).join(' | ')
    : heard.kind
}

// common practice, no source
describe('a part seen broken', () => {
  it.each([
    ['rv', 'opened it up, brushes are worn down to nothing', 'seen-itself motor.brushes'],
    ['rv', 'red wire rubbed bare on a bracket', 'seen-itself feed.to-chassis'],
    ['compressor-direct', 'pulled the head, reed\'s snapped', 'valves-look reed'],
    ['three-phase', 'heater on T3 is burnt open', 'seen-itself starter.heater-open'],
    ['well-3wire', 'pulled it, coupling is stripped', 'seen-itself pump.coupling'],
    ['well-3wire', 'stages full of sand', 'seen-itself motor.seized'],
    ['jet', 'union sucked in the soap', 'seen-itself suction.air-leak'],
  ] as const)('on a %s: %s', (id, said, line) => expect(told(id, said)).toContain(line))
  it.each([
    ['well-3wire', 'cut the splice'],
    ['well-2wire', 'took the motor wire off the switch'],
    ['well-3wire', 'pulled the pump'],
    ['three-phase', 'took the heater out'],
    ['rv', 'no wear on the brushes'],
    ['well-3wire', 'coupling is not stripped'],
  ] as const)('is not heard on a %s in what was done or denied: %s', (id, said) =>
    expect(told(id, said)).not.toContain(SEEN_ITSELF))
})

/** Of the ways to say a thing so many are heard: all, or every third. */
const EVERY = forLength({ long: 1, usual: 3 })

describe.each(SWEPT)('the parts of a %s', (id) => {
  const kind = withOptions(kindFor(id))
  const test = kind.tests.find(t => t.id === SEEN_ITSELF)
  const outcomes = test?.kind === 'seen' ? test.outcomes.map(o => o.id).filter(o => o !== 'nothing') : []
  const waysOf = (fault: string) => {
    const part = (SEEN_PARTS as Readonly<Record<string, (typeof SEEN_PARTS)['feed.open']>>)[unstaged(fault)]!
    return [...part.what.flatMap(what => part.how.map(how => `${what} ${how}`)), ...(part.or ?? [])]
  }
  it('have one answer for each fault that shows, each with five ways', () => {
    expect(outcomes.length).toBeGreaterThan(3)
    for (const o of outcomes) expect(waysOf(o).length, o).toBeGreaterThanOrEqual(5)
    expect(new Set(outcomes).size).toBe(outcomes.length)
  })
  it('are not taken for one another in silence', () => {
    const wrong = outcomes.flatMap(o => waysOf(o).filter((_, i) => i % EVERY === 0).flatMap((way) => {
      const heard = requireOk(hear(kind, o === unstaged(o) ? way : `well ${way}`))
      if (heard.kind !== 'lines') return []
      const other = heard.lines.find(l => l.kind === 'observation' && l.test === SEEN_ITSELF && l.outcome !== o)
      return other ? [`${way}: ${o}, heard as ${(other as { outcome?: string }).outcome}`] : []
    }))
    expect(wrong).toEqual([])
  })
})
