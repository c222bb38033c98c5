/**
 * Who plays the calls: the engine; the same inference led by the handbook's fixed order of work; swapping parts by
 * base rate; and a player who knows the fault and only has to prove it. Minutes count tests with their states and
 * reach, what a wait loses, repairs that were not needed, and coming back from them; the needed repair and the proof
 * run cost all alike and are left out.
 */
import { createRandom } from '#core/foundation'
import {
  complaintChance,
  faultsOf,
  isolate,
  MINUTES_MORE,
  proposeScored,
  rankSuspects,
  testCost,
  type Decision,
  type Isolation,
  type Tables,
} from '#core/isolation'
import { isPutRight, type Need, type Test } from '#core/systems'
import { checkLine, createWriter, foldTab, type DraftLine, type Line, type TabState } from '#core/tab'
import type { Call } from './draw'

const MOST_TESTS = 45
const COMING_BACK = 35
const EXPENSIVE = 110
/** chance of nothing more being wrong at which a proof run ends the call */
const ENOUGH = 0.95

export interface Played {
  readonly right: boolean
  /** repairs done that nothing called for, and whether one of them was costly or under ground */
  readonly wrong: readonly string[]
  readonly condemned: boolean
  readonly decided: boolean
  readonly tests: number
  readonly minutes: number
  readonly missing: readonly string[]
  /** tests that the tab's own rules would have refused for want of a proof */
  readonly unsafe: number
  /** the tab that it wrote */
  readonly lines: readonly Line[]
}

/** The tests that are read in one go. */
export type Chooser = (tables: Tables, state: TabState, answer: Isolation) => readonly string[]

/** Plays a call to its end: test, decide, repair, prove, and on while it is not right. */
export async function playCall(call: Call, tables: Tables, choose: Chooser, seed: number): Promise<Played> {
  const random = createRandom(seed)
  const { world, kind } = call
  const lines: Line[] = []
  const write = createWriter('player-device')
  const add = (draft: DraftLine) => {
    lines.push(
      write({
        ...draft,
        id: `line-call-${lines.length}`,
        at: new Date(Date.UTC(2026, 5, 15, 10, lines.length)).toISOString(),
      }),
    )
  }
  add({ kind: 'opened', complaint: call.complaint, words: '' })
  const repaired: string[] = []
  const done: string[] = []
  const resets = new Set<string>()
  let tests = 0
  let minutes = 0
  let decided = false
  let unsafe = 0
  const perform = async (test: Test, proof = false, further = false) => {
    const state = foldTab(kind, lines)
    if (!proof) minutes += further ? MINUTES_MORE : testCost(tables.model, state, test).weighed - test.risk
    for (const draft of proofs(test.need, state)) add(draft)
    const draft: DraftLine
      = test.kind === 'seen'
        ? { kind: 'observation', test: test.id, outcome: await world.see(test, repaired, random) }
        : reading(test.id, await world.read(test, repaired, random))
    const checked = checkLine(kind, foldTab(kind, lines), draft)
    if (!checked.ok && checked.problem.code === 'state-needed') unsafe++
    add(draft)
    // what is read in one go is one test
    if (!proof && !further) tests++
  }
  const repair = async (fault: string, label: string) => {
    const mode = kind.faults.find(f => f.id === fault)!
    // what has let go must be reset whatever made it: that costs its minutes, but it is not a wrong repair
    if ((mode.protects || mode.id === 'switch.cut-off-tripped') && (await world.hasLetGo(repaired))) resets.add(label)
    done.push(label)
    repaired.push(fault)
    add({ kind: 'finding', role: 'failed', about: fault, text: '' })
    add({ kind: 'repair', component: mode.component, fault, text: label })
    if (call.planted.some(p => p.mode.repair.id === label)) return
    minutes += mode.repair.minutes + COMING_BACK
  }
  const lookedAgain = new Set<string>()
  const lookAgain = async ({ by }: Decision): Promise<boolean> => {
    const seen = by.flatMap(id => lines.find(l => l.id === id && l.kind === 'observation') ?? [])
    if (seen.length === 0 || seen.length < by.length) return true
    let same = true
    for (const line of seen) {
      const test = kind.tests.find(t => line.kind === 'observation' && t.id === line.test)!
      if (lookedAgain.has(test.id) || (test.kind === 'seen' && test.trial)) continue
      lookedAgain.add(test.id)
      // the hand is there already: it costs next to nothing
      await perform(test, false, true)
      tests++
      const again = lines.at(-1)!
      same &&= line.kind === 'observation' && again.kind === 'observation' && again.outcome === line.outcome
    }
    return same
  }
  while (tests < MOST_TESTS && done.length < 4) {
    const state = foldTab(kind, lines)
    const answer = isolate(tables, state)
    if (answer.decision) {
      // the hand that goes there to put right what was seen sees it once more
      if (!(await lookAgain(answer.decision))) continue
      decided = true
      const { fault, repairId } = cameUp(call, answer.decision, repaired)
      await repair(fault, repairId)
      if (await closeCall(call, tables, lines, perform, repair, repaired)) break
      continue
    }
    // once something has been put right and nothing is worth asking any more, what is left of the proof run is what
    // the screen shows; then whoever plays is done
    const proving = repaired.length > 0 && answer.next.length === 0
    const next = proving ? answer.proof.slice(0, 1).map(t => t.test) : choose(tables, state, answer)
    if (next.length === 0) break
    for (const [n, id] of next.entries()) await perform(kind.tests.find(t => t.id === id)!, proving, n > 0)
  }
  const needed = [...new Set(call.planted.map(p => p.mode.repair.id))]
  const wrong = done.filter(d => !needed.includes(d) && !resets.has(d))
  const condemned = wrong.some(d => kind.faults.some(f => f.repair.id === d && f.repair.minutes >= EXPENSIVE))
  // (a new motor brings its capacitor: what it put right was needed no more)
  const missing = call.planted.filter(p => !isPutRight(kind, p.mode, repaired)).map(p => p.mode.repair.id)
  return {
    right: wrong.length === 0 && missing.length === 0,
    wrong,
    condemned,
    decided,
    tests,
    minutes,
    missing,
    unsafe,
    lines,
  }
}

/** What was lifted out of the well because nothing from above parted it is seen for what it is. */
function cameUp({ kind, planted }: Call, decision: Decision, done: readonly string[]) {
  const { kind: how, excludes, covers, fault, repairId } = decision
  const shown = how === 'inseparable' && excludes
    ? planted.find(p => covers.some(c => c.fault === p.mode.id) && !isPutRight(kind, p.mode, done))
    : undefined
  return shown ? { fault: shown.mode.id, repairId: shown.mode.repair.id } : { fault, repairId }
}

/**
 * After a repair: what made it fail, looked for and put right, then the proof run. True when it runs and nothing is
 * open.
 */
async function closeCall(
  call: Call,
  tables: Tables,
  lines: Line[],
  perform: (t: Test, proof?: boolean) => Promise<void>,
  repair: (fault: string, label: string) => Promise<void>,
  repaired: readonly string[],
): Promise<boolean> {
  const { kind, world } = call
  for (let n = 0; n < 3; n++) {
    const answer = isolate(tables, foldTab(kind, lines))
    const shown = answer.causes
      .flatMap(c => c.causes)
      .find(c => c.standing === 'shown' && isLeft(call, c.id, repaired))
    if (shown) {
      const mode = causeFault(call, shown.id)!
      await repair(mode.id, mode.repair.id)
      break
    }
    const next = answer.causeTests.find(t => !t.again && causeIsFault(call, tables, t.test))
    if (!next) break
    await perform(kind.tests.find(t => t.id === next.test)!)
  }
  // the proof run of the handbook: does it run, what does it draw, where does it stop, what does it give? The same
  // for all.
  const effect = await world.effect(repaired)
  const still = ['silent', 'groans', 'trips-breaker', 'chatters'].includes(effect)
  const proof = kind.tests.filter(t => t.id === 'sound' || (t.proves && !still))
  for (const t of proof) await perform(t, true)
  const after = isolate(tables, foldTab(kind, lines))
  return effect === 'runs' && after.afterRepair!.restored > ENOUGH && !after.puzzles.some(p => p.reread)
}

function causeFault(call: Call, id: string) {
  const fault = call.kind.causeNotes.find(n => n.id === id)?.fault ?? id
  return call.kind.faults.find(f => f.id === fault)
}

function isLeft(call: Call, cause: string, repaired: readonly string[]): boolean {
  const mode = causeFault(call, cause)
  return mode !== undefined && !isPutRight(call.kind, mode, repaired)
}

const causeIsFault = (call: Call, tables: Tables, test: string) =>
  tables.tests.get(test)?.test.minutes !== undefined && call.kind.tests.some(t => t.id === test && t.minutes <= 8)

const reading = (test: string, value: number | null): DraftLine => ({
  kind: 'reading',
  test,
  value,
  ...(value === null ? { ol: true } : {}),
})

function proofs(need: Need, state: TabState): DraftLine[] {
  const dead: DraftLine = { kind: 'state', to: 'proven-dead', proof: [240, 0.2, 240] }
  if (need === 'live') return state.work['proven-dead'] ? [{ kind: 'state', to: 'live' }] : []
  if (need === 'proven-dead') return state.work['proven-dead'] ? [] : [dead]
  if (need === 'discharged')
    return [
      ...(state.work['proven-dead'] ? [] : [dead]),
      ...(state.work.discharged ? [] : [{ kind: 'state' as const, to: 'discharged' as const, proof: [0.3] }]),
    ]
  if (need === 'zero-pressure')
    return state.work['zero-pressure'] ? [] : [{ kind: 'state', to: 'zero-pressure', proof: [0] }]
  return []
}

/** The engine: what it proposes first. */
export const byEngine: Chooser = (_, __, { next: [first] }) =>
  first?.set?.map(s => s.test) ?? (first ? [first.test] : [])

/**
 * Handbook §3: look and listen, then volts along the path, amps, then dead tests, then elimination; skipping what
 * cannot tell.
 */
export const byFixedOrder: Chooser = (tables, state) => {
  const ranking = rankSuspects(tables, state)
  const possible = proposeScored(tables, state, ranking)
  const rank = (t: Test) =>
    t.kind === 'seen'
      ? t.trial
        ? 500
        : t.need === 'any'
          ? 0
          : 300
      : t.quantity === 'volts'
        ? 100
        : t.quantity === 'amps'
          ? 200
          : ['pressure', 'time', 'flow'].includes(t.quantity)
              ? 150
              : 400
  const order = (t: Test) => rank(t) + tables.model.kind.tests.indexOf(t) / 1000
  return possible
    .filter(s => s.bits > 0.005)
    .map(s => s.table.test)
    .toSorted((a, b) => order(a) - order(b))
    .slice(0, 1)
    .map(t => t.id)
}

/** Knows what is wrong: takes the test that most raises it for its minutes, until the same rule of deciding is met. */
export const byKnowing
  = (call: Call): Chooser =>
    (tables, state, answer) => {
      const { model } = tables
      const ranking = rankSuspects(tables, state)
      const truth = call.planted.map(p => p.mode.id)
      const still = call.planted.filter(p => !isPutRight(call.kind, p.mode, state.repaired)).map(p => p.mode.id)
      const own = [...ranking.chances.keys()].filter(
        h =>
          ranking.chances[h]! > 0
          && h > 1
          && faultsOf(model.hypotheses[h]!).some(f => still.includes(f))
          && faultsOf(model.hypotheses[h]!).every(f => truth.includes(f)),
      )
      const h = own.toSorted((a, b) => ranking.chances[b]! - ranking.chances[a]!)[0]
      if (h === undefined) return byEngine(tables, state, answer)
      const scored = proposeScored(tables, state, ranking).map(({ table, cost }) => {
        const row = table.row(h)
        let gain = 0
        for (let b = 0; b < table.bins; b++) {
          let all = 0
          for (const [i, c] of ranking.chances.entries()) if (c > 1e-4) all += c * table.row(i)[b]!
          if (row[b]! > 0) gain += row[b]! * Math.log2(row[b]! / Math.max(all, 1e-9))
        }
        return { id: table.test.id, score: gain / cost }
      })
      return scored.toSorted((a, b) => b.score - a.score).filter(s => s.score > 0.001).slice(0, 1).map(s => s.id)
    }

/** Parts swapped in the order of their base rate under the complaint, until it works. */
export function swapParts(call: Call): Played {
  const needed = [...new Set(call.planted.map(p => p.mode.repair.id))]
  const worth = new Map<string, { rate: number, minutes: number }>()
  for (const f of call.kind.faults) {
    const rate = f.baseRate * complaintChance(call.complaint, [f.id], f.effect ?? 'silent')
    const kept = worth.get(f.repair.id)
    worth.set(f.repair.id, { rate: (kept?.rate ?? 0) + rate, minutes: f.repair.minutes })
  }
  const wrong: string[] = []
  let minutes = 0
  let left = needed.length
  for (const [label, { minutes: m }] of [...worth].toSorted((a, b) => b[1].rate - a[1].rate)) {
    if (needed.includes(label)) {
      if (--left === 0) break
      continue
    }
    wrong.push(label)
    minutes += m + COMING_BACK
  }
  return {
    right: wrong.length === 0,
    wrong,
    condemned: wrong.some(d => call.kind.faults.some(f => f.repair.id === d && f.repair.minutes >= EXPENSIVE)),
    decided: true,
    tests: 0,
    minutes,
    missing: [],
    unsafe: 0,
    lines: [],
  }
}
