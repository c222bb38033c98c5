import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { PSI } from '#core/units'
import { advise, learn, startCoach, type CoachState } from './coach'

/**
 * A switch of metal, made apart from the coach: gains of 1 to 5 psi a turn, slack of up to a quarter turn on going
 * back, and a gauge read to within 1 psi.
 */
function simulate(seed: number) {
  const random = createRandom(seed)
  const between = (low: number, high: number) => low + (high - low) * random.uniform()
  const gain = { range: between(1, 5), differential: between(1, 5) }
  const slack = { range: between(0, 0.25), differential: between(0, 0.25) }
  const at = { cutIn: between(20, 42), cutOut: 0 }
  at.cutOut = at.cutIn + between(12, 28)
  const target = { cutIn: 30 * PSI, cutOut: 50 * PSI, tolerance: 2 * PSI }
  const last = { range: 0, differential: 0 }
  const count = { range: 0, differential: 0 }
  const look = (state: CoachState, what: 'cut-in' | 'cut-out') => {
    const shown = (what === 'cut-in' ? at.cutIn : at.cutOut) + between(-1, 1)
    return learn(state, { kind: 'read', what, pressure: shown * PSI })
  }
  let state = startCoach(30 * PSI, 50 * PSI)
  let wrongWay = 0
  for (let step = 0; step < 40; step++) {
    const advice = advise(state, target)
    if (advice.do === 'done') break
    if (advice.do === 'watch') {
      state = look(state, advice.what)
      continue
    }
    const { nut, turns } = advice
    if (count[nut] >= 3) break
    count[nut]++
    const off = nut === 'range' ? 30 - at.cutIn : 50 - at.cutOut
    if (Math.abs(off) > 2 && Math.sign(off) !== Math.sign(turns)) wrongWay++
    const back = last[nut] !== 0 && last[nut] !== Math.sign(turns)
    const real = Math.sign(turns) * Math.max(0, Math.abs(turns) - (back ? slack[nut] : 0))
    last[nut] = Math.sign(turns)
    if (nut === 'range') at.cutIn += real * gain.range
    at.cutOut += real * gain[nut]
    state = learn(state, { kind: 'turned', nut, turns })
  }
  return { inside: Math.abs(at.cutIn - 30) <= 2 && Math.abs(at.cutOut - 50) <= 2, wrongWay, count }
}

describe('the adjusting coach', () => {
  it('comes within 2 psi by three turns of each nut on 95 switches of 100, and never the wrong way', () => {
    const runs = Array.from({ length: 1000 }, (_, i) => simulate(9100 + i))
    const inside = runs.filter(r => r.inside).length
    expect(runs.reduce((sum, r) => sum + r.wrongWay, 0), 'turns the wrong way').toBe(0)
    expect(inside, `${inside} of 1000 inside`).toBeGreaterThanOrEqual(950)
  })

  it('learns what a turn does from one turn: 8 psi for two turns is 4 a turn, within half', () => {
    let state = startCoach(30 * PSI, 50 * PSI)
    state = learn(state, { kind: 'read', what: 'cut-in', pressure: 38 * PSI })
    state = learn(state, { kind: 'turned', nut: 'range', turns: -2 })
    state = learn(state, { kind: 'read', what: 'cut-in', pressure: 30 * PSI })
    expect(state.mean[2] / PSI).toBeGreaterThan(3.5)
    expect(state.mean[2] / PSI).toBeLessThan(4.5)
  })

  it('asks for the cut-in before it turns anything, and for the cut-out after', () => {
    const target = { cutIn: 30 * PSI, cutOut: 50 * PSI, tolerance: 2 * PSI }
    const first = startCoach(30 * PSI, 50 * PSI)
    expect(advise(first, target)).toEqual({ do: 'watch', what: 'cut-in' })
    const high = learn(first, { kind: 'read', what: 'cut-in', pressure: 38 * PSI })
    expect(advise(high, target)).toMatchObject({ do: 'turn', nut: 'range' })
    const right = learn(first, { kind: 'read', what: 'cut-in', pressure: 30 * PSI })
    expect(advise(right, target)).toEqual({ do: 'watch', what: 'cut-out' })
  })

  it('turns the range nut anticlockwise where cut-in is too high, and leaves the small one for the cut-out', () => {
    const target = { cutIn: 30 * PSI, cutOut: 50 * PSI, tolerance: 2 * PSI }
    const read = (cutIn: number, cutOut: number) =>
      [['cut-in', cutIn], ['cut-out', cutOut]].reduce(
        (s, [what, p]) => learn(s, { kind: 'read', what: what as 'cut-in', pressure: Number(p) * PSI }),
        startCoach(30 * PSI, 50 * PSI),
      )
    const advice = advise(read(38, 60), target)
    expect(advice).toMatchObject({ do: 'turn', nut: 'range' })
    expect(advice.do === 'turn' && advice.turns).toBeLessThan(0)
    const small = advise(read(30, 56), target)
    expect(small).toMatchObject({ do: 'turn', nut: 'differential' })
    expect(small.do === 'turn' && small.turns).toBeLessThan(0)
    expect(advise(read(30, 50), target)).toMatchObject({ do: 'done' })
  })

  it('takes a reading that no turn explains as it stands, and forgets what it had learnt', () => {
    const target = { cutIn: 125 * PSI, cutOut: 155 * PSI, tolerance: 2 * PSI }
    const read = (what: 'cut-in' | 'cut-out', psi: number) => ({ kind: 'read', what, pressure: psi * PSI }) as const
    const events = [
      read('cut-in', 120), read('cut-out', 165), { kind: 'turned', nut: 'range', turns: 2 } as const,
      // somebody turned the small nut too, and said nothing
      read('cut-in', 125), read('cut-out', 155),
    ]
    const state = events.reduce(learn, startCoach(125 * PSI, 155 * PSI))
    expect(advise(state, target).do).toBe('done')
    expect(state.mean[0] / PSI).toBeCloseTo(125, 0)
    expect(state.mean[1] / PSI).toBeCloseTo(155, 0)
  })
  it('says done with one nut alone once cut-in is right, whatever the cut-out', () => {
    const target = { cutIn: 30 * PSI, cutOut: 50 * PSI, tolerance: 2 * PSI, oneNut: true }
    const state = learn(startCoach(30 * PSI, 50 * PSI), { kind: 'read', what: 'cut-in', pressure: 30.5 * PSI })
    expect(advise(state, target)).toMatchObject({ do: 'done' })
  })
})
