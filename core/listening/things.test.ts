/** Things and how they are: each word for one with each for the other is heard, and never as its opposite. */
import { describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import { KIND_IDS, kindFor, unstaged, withOptions, type KindId } from '#core/systems'
import { hear } from '.'
import { lexiconOf } from './lexicon'
import { THINGS } from './said'

const kinds = KIND_IDS.map(id => withOptions(kindFor(id)))
const outcomesOf = (test: string) =>
  new Set(kinds.flatMap(k => k.tests.flatMap(t =>
    t.kind === 'seen' && unstaged(t.id) === test ? t.outcomes.map(o => o.id) : [])))

const told = (id: KindId, said: string, before = {}) => {
  const heard = requireOk(hear(kindFor(id), said, { before }))
  return heard.kind === 'lines'
    ? heard.lines.flatMap(l =>
        l.kind === 'observation' ? [`${l.test} ${l.outcome}`] : l.kind === 'reading' ? [`${l.test} ${l.value}`] : [])
    : []
}

describe('the tables of things', () => {
  it('name tests and answers that some kind has', () => {
    expect(Object.keys(THINGS).length).toBeGreaterThan(60)
    const strange = Object.entries(THINGS).flatMap(([test, { is }]) =>
      Object.keys(is).flatMap(o => (outcomesOf(test).has(o) ? [] : [`${test} ${o}`])))
    expect(strange).toEqual([])
  })
  it('say nothing of two answers', () => {
    for (const kind of kinds) {
      const said = new Map<string, string>()
      for (const e of lexiconOf(kind).seen)
        for (const phrase of e.phrases.slice(e.own)) {
          const key = `${e.staged} ${phrase.toSorted().join(' ')}`
          expect(said.get(key), `${kind.id}: ${key}`).toBeUndefined()
          said.set(key, `${e.test.id} ${e.outcome}`)
        }
      expect(said.size).toBeGreaterThan(1000)
    }
  })
})

describe.each(KIND_IDS)('a thing and its state on a %s', (id) => {
  const kind = kindFor(id)
  const random = createRandom(29)
  const pick = <T>(list: readonly T[]) => list[Math.floor(random.uniform() * list.length)]!
  const ownOutcomes = (id: string) =>
    new Set(kind.tests.flatMap(t => (t.id === id && t.kind === 'seen' ? t.outcomes.map(o => o.id) : [])))
  const own = Object.keys(THINGS).filter(t => kind.tests.some(k => k.id === t))
  it('are heard for what they are, and not as another answer of the same test', () => {
    let [right, wrong] = [0, 0]
    const ways = Array.from({ length: 120 }, () => {
      const test = pick(own)
      const { what, is } = THINGS[test]!
      // some answers are of other kinds only
      const outcome = pick(Object.keys(is).filter(o => ownOutcomes(test).has(o)))
      return { test, outcome, said: `${pick(what)} ${pick(is[outcome]!)}` }
    })
    for (const { test, outcome, said } of ways) {
      const lines = told(id, said)
      if (lines.includes(`${test} ${outcome}`)) right++
      else if (lines.some(l => l.startsWith(`${test} `))) wrong++
    }
    // two answers of one test may be meant by the same words: `contacts black`
    expect(wrong).toBeLessThanOrEqual(6)
    expect(right).toBeGreaterThan(75)
  })
})

// common practice, no source
describe('as it is said', () => {
  it.each([
    ['holding-tank', 'float is laid over on the inlet pipe, hung up high', 'well-float-look hung'],
    ['well-2wire', 'rapped on the tank, dull thud all the way to the top', 'knock dull'],
    ['booster', 'pulled the screen, packed solid with scale', 'strainer-look blocked'],
    ['three-phase', 'swapped L1 and L3 and it went straight to 60', 'swap-two more'],
    ['compressor-pilot', 'contacts are burned down to nothing on one side', 'starter-look burnt'],
  ] as const)('on a %s: %s', (id, said, line) => expect(told(id, said)).toContain(line))
  it('two sides of a switch are two readings', () => {
    expect(told('rv', 'one side of the pressure switch 12.5, other side nothing with a tap open'))
      .toEqual(['line.volts 12.5', 'motor.volts 0'])
  })
  it('a decimal may be spoken', () => {
    const [line = ''] = told('well-2wire', 'pump wires to ground zero point zero two meg')
    expect(Number(line.split(' ')[1])).toBeCloseTo(20e3, 0)
  })
  it('a pound a minute is ten in ten minutes', () => {
    const [line = ''] = told('booster', 'needle drops a pound a minute').filter(l => l.startsWith('leak-down'))
    expect(Number(line.split(' ')[1])).toBeCloseTo(10 * 6894.757, 0)
  })
  it('what it got up to and fell back from is no leak-down', () => {
    expect(told('jet', 'got up to 30 and then fell back').filter(l => l.startsWith('leak-down'))).toEqual([])
  })
})
