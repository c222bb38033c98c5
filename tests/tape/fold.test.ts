/**
 * The fold, held to what must not depend on how lines came, and to an oracle written apart from it. `npm run trials`
 * runs more of it.
 */
import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { kindFor } from '#core/systems'
import { createFold, createWriter, foldTab, LINE_KINDS, type AnyLine } from '#core/tab'
import { createArrivals } from '../../core/tab/arrivals'
import { orderLines } from '../../core/tab/order'
import { LENGTH } from '../length'
import { PHRASES, shuffle, writeHistory, type Random, type Written } from './histories'
import { tellWork } from './oracle'
import { plainState } from './plainState'

const kind = kindFor('well-3wire')
const LONG = LENGTH === 'long'
const PATIENCE = LONG ? 1_800_000 : 60_000
const SEED = Number(process.env.TRIALS_SEED ?? 20261125)

describe('the same lines', () => {
  it(
    'give the same state in whatever order and portions they arrive',
    () => {
      const random = createRandom(SEED)
      const kinds = new Set<string>()
      let strikesOfStrikes = 0
      const count = LONG ? 20000 : 1000
      for (let i = 0; i < count; i++) {
        const lines = writeHistory(random, 4 + random.below(i % 50 === 0 ? 400 : 40)).map(w => w.line)
        lines.forEach(l => kinds.add(l.kind))
        const ids = new Set(lines.filter(l => l.kind === 'strike').map(l => l.id))
        strikesOfStrikes += lines.filter(
          l => l.kind === 'strike' && ids.has((l as AnyLine & { line: string }).line),
        ).length
        const whole = plainState(foldTab(kind, lines))
        const fold = createFold(kind)
        const arriving = shuffle(random, [...lines, ...lines.slice(0, 3)])
        while (arriving.length > 0) fold.append(arriving.splice(0, 1 + random.below(6)))
        expect(plainState(fold.state()), `seed ${SEED}, history ${i}`).toEqual(whole)
        expect(fold.state().lines).toEqual(orderLines(lines))
      }
      expect([...LINE_KINDS].filter(k => !kinds.has(k))).toEqual([])
      expect(strikesOfStrikes).toBeGreaterThan(300)
    },
    PATIENCE,
  )
})

describe('a late line', () => {
  it('is put where it goes when all are ordered anew, or all are', () => {
    const random = createRandom(SEED + 2)
    let [between, last, anew] = [0, 0, 0]
    for (let i = 0; i < 1000; i++) {
      const arrivals = createArrivals()
      let order: AnyLine[] = []
      for (const { line } of shuffleSome(random, writeHistory(random, 20))) {
        const place = arrivals.placeIn(order, line)
        arrivals.add(line)
        const whole = orderLines([...arrivals.byId.values()])
        if (place === undefined) anew++
        else {
          if (place < order.length) between++
          else last++
          expect(order.toSpliced(place, 0, line), `seed ${SEED + 2}, history ${i}`).toEqual(whole)
        }
        order = whole
      }
    }
    expect([between > 300, last > 3000, anew > 300], `${between}, ${last}, ${anew}`).toEqual([true, true, true])
  })
  it('costs no more on a long tab than its place is deep', () => {
    const at = (i: number) => new Date(Date.parse('2026-06-15T08:00:00Z') + i * 1000).toISOString()
    const [ours, theirs] = [createWriter('van-one'), createWriter('van-two')]
    const note = (put: typeof ours, i: number) =>
      put({ id: `line-${i}-${put === ours ? 'ours' : 'theirs'}`, at: at(i), kind: 'note', text: `${i}` })
    const lines = Array.from({ length: 10000 }, (_, i) => note(ours, i))
    const kept = Array.from({ length: 20 }, (_, i) => note(theirs, 9900 + i))
    const fold = createFold(kind, lines)
    const started = performance.now()
    for (const line of kept) fold.append([line])
    expect((performance.now() - started) / kept.length).toBeLessThan(4)
    expect(fold.state().lines).toEqual(orderLines([...lines, ...kept]))
  })
})

/** In the order in which they were written, but each third device-wise late: others overtake it. */
function shuffleSome(random: Random, written: readonly Written[]): readonly Written[] {
  const out = [...written]
  for (let i = out.length - 1; i > 0; i--) {
    const to = i - random.below(4)
    if (to >= 0 && out[to]!.line.device !== out[i]!.line.device) out.splice(to, 0, ...out.splice(i, 1))
  }
  return out
}

describe('what is proven of the work', () => {
  it(
    'is what a plain table of rules says, over random histories that reach every rule',
    () => {
      const random = createRandom(SEED + 1)
      const reached = new Map<string, number>()
      const work = PHRASES.filter(p => p.says !== 'nothing')
      const proofs = PHRASES.filter(p => p.says === 'dead' || p.says === 'discharged' || p.says === 'zero')
      const count = LONG ? 100000 : 10000
      for (let i = 0; i < count; i++) {
        const written = writeHistory(
          random,
          4 + random.below(16),
          [...work, ...proofs, ...proofs, ...PHRASES.slice(6, 8)],
          0.35,
        )
        const { held, rules } = tellWork(written)
        rules.forEach(r => reached.set(r, (reached.get(r) ?? 0) + 1))
        const state = foldTab(
          kind,
          shuffle(
            random,
            written.map(w => w.line),
          ),
        )
        const found = (['proven-dead', 'discharged', 'zero-pressure'] as const).filter(p => state.work[p])
        expect(new Set(found), `seed ${SEED + 1}, history ${i}: ${tell(written)}`).toEqual(held)
        for (const p of found) expect(state.work[p]!.line, `history ${i}`).toMatch(/^line-/)
      }
      const least = [...reached].toSorted((a, b) => a[1] - b[1])
      expect(reached.size).toBeGreaterThanOrEqual(40)
      expect(least.filter(([, n]) => n < 300)).toEqual([])
    },
    PATIENCE,
  )
})

const tell = (written: readonly Written[]) =>
  written.map(w => `${w.line.device} ${w.name} seen ${w.line.seen.join()}`).join(' · ')
