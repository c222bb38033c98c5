import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { findLeads, type Lead } from '.'

describe('three unlabelled leads', () => {
  // handbook §3: the largest pair is start and main, the lead missing from it is common; of the rest the larger is
  // start
  it('are told apart by their sum', () => {
    const found = findLeads({ oneTwo: 16.8, twoThree: 12.1, threeOne: 4.7 })
    expect(found).toMatchObject({
      ok: true,
      value: { common: 'three', start: 'two', main: 'one', mainOhms: 4.7, startOhms: 12.1 },
    })
  })
  it('come out right however they are numbered, with a meter that errs (seeded)', () => {
    const random = createRandom(11)
    const leads: Lead[] = ['one', 'two', 'three']
    for (let n = 0; n < 200; n++) {
      const main = 1 + 6 * random.uniform()
      const start = main * (1.6 + 2.5 * random.uniform())
      const order = leads
        .map(l => ({ l, k: random.uniform() }))
        .toSorted((a, b) => a.k - b.k)
        .map(x => x.l) as [Lead, Lead, Lead]
      const [common, s, m] = order
      const ohms = (a: Lead, b: Lead) => {
        const pair = new Set([a, b])
        const exact = pair.has(common) ? (pair.has(s) ? start : main) : start + main
        return exact * (1 + 0.01 * random.normal())
      }
      expect(
        findLeads({ oneTwo: ohms('one', 'two'), twoThree: ohms('two', 'three'), threeOne: ohms('three', 'one') }),
        `seed 11, trial ${n}`,
      ).toMatchObject({ ok: true, value: { common, start: s, main: m } })
    }
  })
  it.each([
    ['one lead open', { oneTwo: null, twoThree: 4.7, threeOne: null }, 'lead-open'],
    ['all open', { oneTwo: null, twoThree: null, threeOne: null }, 'leads-all-open'],
    [
      'an open between two leads that both read to the third',
      { oneTwo: null, twoThree: 4.7, threeOne: 12 },
      'leads-cannot-be',
    ],
    ['readings that do not add up', { oneTwo: 30, twoThree: 12, threeOne: 4.7 }, 'leads-sum'],
    ['two leads shorted', { oneTwo: 12, twoThree: 12, threeOne: 0.05 }, 'leads-shorted'],
    ['three alike, as a three-phase motor has', { oneTwo: 4.1, twoThree: 4, threeOne: 4.1 }, 'leads-sum'],
    ['windings alike', { oneTwo: 8, twoThree: 4, threeOne: 4.1 }, 'leads-alike'],
  ] as const)('with %s get a plain answer', (_, pairs, code) => {
    const found = findLeads(pairs)
    expect(found.ok ? 'found' : found.problem.code).toBe(code)
  })
})
