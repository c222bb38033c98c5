import { describe, expect, it } from 'vitest'
import { KIND_IDS, kindFor } from '#core/systems'
import { US } from '#core/units'
import { meaningsOf } from './clause'
import type { Lexicon } from './entries'
import { lexiconOf, phraseOf } from './lexicon'
import { likenessOf, meantBy } from './likened'
import { SAID } from './said'
import { weigh, type Clause } from './score'
import { join } from './joining'
import { wordsOf } from './words'

const clauseOf = (said: string): Clause => ({ text: said, figures: [], rows: [], words: wordsOf(join(said)) })
const sorted = (words: readonly string[]) => words.toSorted().join(' ')

/** A lexicon that was never told one of its ways to say an answer. */
function without(lexicon: Lexicon, test: string, outcome: string, said: string): Lexicon {
  const way = sorted(phraseOf(said).filter(w => !['into', 'behind', 'across', 'past', 'ahead', 'through', 'after',
    'before', 'below', 'to'].includes(w)))
  const isIt = (e: Lexicon['seen'][number]) => e.test.id === test && e.outcome === outcome
  const seen = lexicon.seen.map(e => (isIt(e) ? { ...e, phrases: e.phrases.filter(p => sorted(p) !== way) } : e))
  const saidWith = new Map([...lexicon.saidWith].map(([word, entries]) => [
    word,
    new Map([...entries].map(([e, ways]) => [e, isIt(e) ? ways.filter(p => sorted(p) !== way) : ways])),
  ]))
  const ownWays = seen.map(e => ({ ...e, phrases: e.phrases.slice(0, isIt(e) ? e.own - 1 : e.own) }))
  return { ...lexicon, seen, saidWith, likeness: likenessOf(ownWays) }
}

/** Every so many ways to say a thing are left out, one after the other. */
const EVERY = 3

function leaveOneOut() {
  const count = { right: 0, wrong: 0, none: 0 }
  const done = new Set<string>()
  let n = 0
  for (const id of KIND_IDS) {
    const kind = kindFor(id)
    const lexicon = lexiconOf(kind)
    for (const { test, outcome } of lexicon.seen) {
      if (done.has(`${test.id}.${outcome}`)) continue
      done.add(`${test.id}.${outcome}`)
      for (const said of SAID[test.id]?.[outcome] ?? []) {
        if (n++ % EVERY !== 0 || /\d/.test(said)) continue
        const poorer = without(lexicon, test.id, outcome, said)
        const line = meaningsOf(poorer, clauseOf(said), { units: US })[0]?.lines[0]
        const right = line?.kind === 'observation' && line.test === test.id && line.outcome === outcome
        count[!line ? 'none' : right ? 'right' : 'wrong']++
      }
    }
  }
  return count
}

describe('what was never told', () => {
  it('is heard from its likes more often than not, and wrongly in one of ten', () => {
    const { right, wrong, none } = leaveOneOut()
    const all = right + wrong + none
    const shares = `${right} right, ${wrong} wrong, ${none} not heard`
    expect(all).toBeGreaterThan(200)
    expect(right / all, shares).toBeGreaterThan(0.5)
    expect(wrong / all, shares).toBeLessThan(0.12)
  })

  const { likeness, ...lexicon } = lexiconOf(kindFor('well-2wire'))
  const meant = (said: string) => {
    const found = meantBy(likeness, weigh(clauseOf(said), { ...lexicon, likeness }))
    return found && `${found.entry.test.id} ${found.entry.outcome}`
  }

  it.each([
    ['never trips when reset at once'],
    ['no water falls in the well, only air'],
    ['ein Kontakt ist verbrannt'],
    ['the customer called on his way home'],
  ])('is not guessed where words deny, limit or are strange: %s', (said) => {
    expect(meant(said)).toBeUndefined()
  })
})
