/**
 * Whole calls, played by the engine alone: every fault of both kinds, at every degree, with seeded readings drawn about what
 * the model predicts. The world here is the engine's own model, so this shows that it finds what it can know, not that the
 * model is right; the model is held to an outside engine elsewhere.
 */
import { describe, expect, it } from 'vitest'
import { createRandom, requireOk, type Random } from '#core/foundation'
import { KIND_IDS, type NumericTest, type SeenTest } from '#core/systems'
import { checkLine, foldTab, type DraftLine, type Line, type TabState } from '#core/tab'
import { isolate, prepareSystem, type Isolation, type Tables } from '.'

const MOST_TESTS = 16
const COMPLAINT: Record<string, string> = { 'groans': 'groans', 'silent': 'no-water', 'trips-breaker': 'breaker-trips', 'runs-dry': 'no-water', 'runs-weak': 'low-pressure', 'runs-on': 'runs-on', 'rapid-cycles': 'rapid-cycles', 'surges': 'surges', 'runs': 'check-up' }

interface Played { readonly tests: number, readonly answer: Isolation, readonly state: TabState, readonly unsafe: number }

function play(tables: Tables, truth: number, random: Random): Played {
  const { model } = tables
  const lines: Line[] = []
  const add = (draft: DraftLine) => lines.push({ ...draft, id: `line-call-${lines.length}`, at: '2026-06-15T10:00:00Z' } as Line)
  add({ kind: 'opened', complaint: COMPLAINT[model.hypotheses[truth]!.effect]!, words: '' })
  let unsafe = 0
  for (let n = 0; ; n++) {
    const state = foldTab(lines)
    const answer = isolate(tables, state)
    const proposed = answer.next[0]
    if (answer.decision || !proposed || n === MOST_TESTS) return { tests: n, answer, state, unsafe }
    for (const draft of proofs(proposed.need, state)) add(draft)
    const test = model.kind.tests.find(t => t.id === proposed.test)!
    const draft = test.kind === 'seen' ? see(tables, test, truth, random) : read(tables, test, truth, random)
    if (!checkLine(model.kind, foldTab(lines), draft).ok) unsafe++
    add(draft)
  }
}

function proofs(need: string, state: TabState): DraftLine[] {
  const dead: DraftLine = { kind: 'state', to: 'proven-dead', proof: [240, 0.2, 240] }
  if (need === 'live' && state.work['proven-dead']) return [{ kind: 'state', to: 'live' }]
  if (need === 'proven-dead' && !state.work['proven-dead']) return [dead]
  if (need === 'discharged') return [...(state.work['proven-dead'] ? [] : [dead]), ...(state.work.discharged ? [] : [{ kind: 'state' as const, to: 'discharged' as const, proof: [0.3] }])]
  if (need === 'zero-pressure' && !state.work['zero-pressure']) return [{ kind: 'state', to: 'zero-pressure', proof: [0] }]
  return []
}

function read(tables: Tables, test: NumericTest, truth: number, random: Random): DraftLine {
  const p = tables.model.predict(truth, test)
  if (random.uniform() < p.ol) return { kind: 'reading', test: test.id, value: null, ol: true }
  const drawn = p.mean + 0.7 * p.sigma * random.normal()
  return { kind: 'reading', test: test.id, value: Math.max(0, p.log ? Math.exp(drawn) : drawn) }
}

function see(tables: Tables, test: SeenTest, truth: number, random: Random): DraftLine {
  const table = tables.tests.get(test.id)!
  let left = random.uniform()
  const i = test.outcomes.findIndex((_, b) => (left -= table.chances[truth * table.bins + b]!) <= 0)
  return { kind: 'observation', test: test.id, outcome: test.outcomes[Math.max(0, i)]!.id }
}

describe.each(KIND_IDS.map(k => [k]))('calls on a %s', (kind) => {
  const tables = requireOk(prepareSystem(kind, { 'motor.amps': 7.8, 'motor.mainOhms': 3.2 }))
  const { hypotheses } = tables.model
  const played = hypotheses.map((h, i) => h.fault === 'sound' || h.fault === 'other' ? undefined : play(tables, i, createRandom(1000 + i)))
  const repairOf = (fault: string) => tables.model.kind.faults.find(f => `${f.component}.${f.mode}` === fault)?.repair.label

  it('never propose a test whose state was not proven first', () => {
    expect(played.filter(p => p).length).toBeGreaterThan(50)
    for (const [i, p] of played.entries()) expect(p?.unsafe ?? 0, hypotheses[i]!.id).toBe(0)
  })
  it('end in the right repair, or with it among the three likeliest, nine times in ten', () => {
    const missed = hypotheses.filter((h, i) => {
      const p = played[i]
      if (!p) return false
      return !p.answer.suspects.slice(0, 3).some(s => s.repair.label === repairOf(h.fault))
    })
    expect(missed.length / played.filter(p => p).length, `missed: ${missed.map(h => h.id).join(', ')}`).toBeLessThan(0.1)
  })
  it('decide, and rightly, for most faults; a wrong decision is rare', () => {
    const decided = hypotheses.flatMap((h, i) => played[i]?.answer.decision ? [{ id: h.id, right: played[i].answer.decision.repair === repairOf(h.fault) }] : [])
    const all = played.filter(p => p).length
    expect(decided.filter(d => d.right).length / all, `right ${decided.filter(d => d.right).length} of ${all}`).toBeGreaterThan(0.55)
    expect(decided.filter(d => !d.right).length / all, `wrong: ${decided.filter(d => !d.right).map(d => d.id).join(', ')}`).toBeLessThan(0.08)
  })
  it('take few tests', () => {
    const counts = played.flatMap(p => p ? [p.tests] : []).toSorted((a, b) => a - b)
    expect(counts[Math.floor(counts.length / 2)]).toBeLessThanOrEqual(12)
  })
})
