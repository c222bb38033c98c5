/**
 * The fold, held to what must not depend on how lines came, and to an oracle written apart from it. `npm run trials`
 * runs more of it.
 */
import { describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { kindFor } from '#core/systems'
import { createFold, foldTab, LINE_KINDS, type AnyLine } from '#core/tab'
import { PHRASES, shuffle, writeHistory, type Written } from './histories'
import { tellWork } from './oracle'
import { plainState } from './plainState'

const kind = kindFor('well-3wire')
const LONG = process.env.TRIALS === 'long'
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
      }
      expect([...LINE_KINDS].filter(k => !kinds.has(k))).toEqual([])
      expect(strikesOfStrikes).toBeGreaterThan(300)
    },
    PATIENCE,
  )
})

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
