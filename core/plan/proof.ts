/**
 * What is proved of the system as it now stands: each reading of the proof run against its band, the hold, the cycles,
 * and what was said to be proved or not to hold; only lines since the last repair count.
 */
import { compare, judge, type Isolation, type Tables, type Unbalance } from '#core/isolation'
import { bandAsSet, modelAsSet, pressureWhen, setUpOf } from '#core/setup'
import { pointOf, testOf, type Band, type ClimbPoint, type SystemModel, type Test } from '#core/systems'
import { asFound, isKnownLine, type Evidence, type Line, type LineOf, type TabState } from '#core/tab'
import { PSI } from '#core/units'
import { after, opens } from './asks'
import type { PlannedRepair } from './repairs'

export interface ProofItem {
  readonly what: string
  readonly title: string
  readonly proved: boolean
  readonly test?: string
  readonly by?: string
  /** what it should read as the system is now fitted and set */
  readonly wanted?: Wanted
  /** what the gauge stood at, where that decides what is wanted, Pa */
  readonly at?: number
  /** why it is not, by a code: not read, out of its band, said not to hold, lost too much, too short, too few */
  readonly why?: 'not-read' | 'out-of-band' | 'does-not-hold' | 'lost-pressure' | 'too-short' | 'too-few' | 'left-out'
}
/** No high, and anything over the low will do. */
export interface Wanted {
  readonly low: number
  readonly high?: number
}
export interface ProofStatus {
  readonly items: readonly ProofItem[]
  /** what the clamp should show over the gauge, as the pressure climbs */
  readonly climb: readonly ClimbPoint[]
  readonly proved: number
  readonly open: number
  /** chance that nothing more is wrong, as far as the lines tell */
  readonly restored?: number
  /** a repair for the time being: it is proved as that */
  readonly temporary: boolean
}

/** The test that a hold stands for. */
const HELD = 'leak-down'
/** What a tight system may lose in ten minutes, by the gauge's reading; common practice, no source. */
const LOSES = 1.5 * PSI

/** @param repairs that the proof is of; none, and everything is to be proved */
export function proofOf(
  tables: Tables,
  state: TabState,
  isolation: Isolation,
  repairs: readonly PlannedRepair[],
): ProofStatus {
  const { kind, practice } = tables.model
  const since = linesSince(state)
  const setUp = setUpOf(tables.model, state)
  const air = setUp?.air
  const asSet = modelAsSet(tables.model, setUp)
  const said = since.filter(l => l.kind === 'proved')
  const own = kind.tests.filter(t =>
    (t.proves && t.id !== WORKS && belongs(tables, state, t, repairs)) || isAskedBy(t, repairs))
  const items: ProofItem[] = [
    ...own.map((test): ProofItem => {
      const band = test.kind === 'numeric' ? bandAsSet({ wanted: tables.model, asSet }, test) : undefined
      const base = { what: test.id, title: test.title, test: test.id, ...(band ? { wanted: asWanted(band) } : {}) }
      const line = state.evidence.findLast(e =>
        e.line.test === test.id && e.repaired.length === state.repaired.length)?.line
      if (line) return { ...base, by: line.id, ...judgeProof(tables, asSet, state, line) }
      if (test.id === 'precharge' && air?.do === 'leave') return { ...base, proved: true }
      const hold = test.id === HELD ? holdOf(since, practice.leakDownMinutes) : undefined
      if (hold?.by) return { ...base, ...hold, what: HELD }
      return { ...base, proved: false, why: state.skipped.has(test.id) ? 'left-out' : 'not-read' }
    }),
    ...(kind.tests.some(t => t.id === HELD) ? [] : [holdOf(since, practice.leakDownMinutes)]),
    cyclesOf(since, practice.proofCycles),
    ...balanceOf(isolation.unbalances, own),
  ].map(item => overruled(item, said))
  const proved = items.filter(i => i.proved).length
  return {
    items,
    climb: climbOf(asSet, own),
    proved,
    open: items.length - proved,
    ...(isolation.afterRepair ? { restored: isolation.afterRepair.restored } : {}),
    temporary: state.parts.some(p => p.temporary),
  }
}

/** Of every run (handbook §12): amps as it starts and as it climbs, cut-in, cut-out, hold, that it does its work. */
const OF_EVERY_RUN = /\.(?:start|run)$|^(?:cut-in|cut-out|leak-down)$/
const DELIVERY = /^(?:flow|fill|pulses)$/

/**
 * Besides the run itself: delivery where water or air was opened, the live readings of each part that was touched, and
 * what was found out of its band.
 */
function belongs(tables: Tables, state: TabState, test: Test, repairs: readonly PlannedRepair[]): boolean {
  if (repairs.length === 0 || OF_EVERY_RUN.test(test.id)) return true
  if (DELIVERY.test(test.id)) return opens(repairs, 'pressure') || after(repairs, 'air')
  const component = pointOf(tables.model.kind, test).component
  if (test.need === 'live' && repairs.some(r => r.mode.component === component)) return true
  const found = asFound(state, test.id)
  return found !== undefined && judge(tables, state, found).word !== 'in-band'
}

type Judged = Pick<ProofItem, 'proved' | 'why' | 'wanted' | 'at'>
/** Looks that the work itself asks for: every joint that was open (to air a tank none is), the sigh of an unloader. */
const isAskedBy = (test: Test, repairs: readonly PlannedRepair[]): boolean =>
  (JOINTS.has(test.id) && opens(repairs.filter(r => !r.recipe.later), 'pressure'))
  || (test.id === 'unloader-stop' && after(repairs, 'unloader'))
const JOINTS: ReadonlySet<string> = new Set(['leaks-look', 'soap'])

function judgeProof(tables: Tables, asSet: SystemModel, state: TabState, line: Evidence['line']): Judged {
  const { sound, ...seen } = line.kind === 'observation'
    ? { sound: isSound(tables, line) }
    : judgeReading(tables.model, asSet, state, line)
  return sound ? { ...seen, proved: true } : { ...seen, proved: false, why: 'out-of-band' }
}

function judgeReading(wanted: SystemModel, asSet: SystemModel, state: TabState, line: LineOf<'reading'>) {
  const test = testOf(wanted.kind, line.test)
  if (test?.kind !== 'numeric') return { sound: false }
  const at = asSet.climb(test).length > 0 ? pressureWhen(wanted, state, line) : undefined
  const band = bandAsSet({ wanted, asSet }, test, at)
  return {
    sound: compare(line.value, band) === 'in-band',
    ...(band ? { wanted: asWanted(band) } : {}),
    ...(at === undefined ? {} : { at }),
  }
}

const asWanted = ({ low, high }: Pick<Band, 'low' | 'high'>): Wanted =>
  ({ low, ...(Number.isFinite(high) ? { high } : {}) })

const climbOf = (asSet: SystemModel, own: readonly Test[]): readonly ClimbPoint[] =>
  own.map(t => (t.kind === 'numeric' ? asSet.climb(t) : [])).find(c => c.length > 0) ?? []

/** What is mostly seen where the system does its work. */
function isSound({ model }: Tables, line: LineOf<'observation'>): boolean {
  const test = testOf(model.kind, line.test)
  if (test?.kind !== 'seen') return false
  const chances = test.chancesByEffect.runs ?? test.usual
  return test.outcomes[chances.indexOf(Math.max(...chances))]?.id === line.outcome
}

/** Lines since the last thing that was put right. */
function linesSince(state: TabState): readonly Line[] {
  const own = state.lines.filter((l): l is Line => isKnownLine(l) && !state.struck.has(l.id))
  return own.slice(own.findLastIndex(l => l.kind === 'part' || l.kind === 'repair') + 1)
}

function holdOf(since: readonly Line[], minutes: number): ProofItem {
  const item = { what: 'hold', title: 'Holds with everything shut' }
  const hold = since.findLast(l => l.kind === 'timed' && l.what === 'hold')
  if (hold?.kind !== 'timed') return { ...item, proved: false, why: 'not-read' }
  const lost = (hold.from ?? 0) - (hold.to ?? 0)
  if (lost > (LOSES * hold.seconds) / 600) return { ...item, proved: false, by: hold.id, why: 'lost-pressure' }
  return hold.seconds < minutes * 60
    ? { ...item, proved: false, by: hold.id, why: 'too-short' }
    : { ...item, proved: true, by: hold.id }
}

/** Three currents that differ no more than they may, where a motor has three. */
function balanceOf(unbalances: readonly Unbalance[], own: readonly Test[]): ProofItem[] {
  if (!own.some(t => t.id === 'amps3.run')) return []
  const item = { what: 'unbalance', title: 'Three currents alike' }
  const read = unbalances.find(u => u.of === 'amps' && u.now)
  if (!read) return [{ ...item, proved: false, why: 'not-read' }]
  return [read.standing === 'good'
    ? { ...item, proved: true, by: read.lines.at(-1)! }
    : { ...item, proved: false, by: read.lines.at(-1)!, why: 'out-of-band' }]
}

/** The question that asks for all of it at once. */
const WORKS = 'works'

/** A cut-out after a cut-in is a whole cycle; a cycle that was timed is one too; or it was said of all of them. */
function cyclesOf(since: readonly Line[], wanted: number): ProofItem {
  const told = since.findLast(l => l.kind === 'observation' && l.test === WORKS)
  const read = (test: string) => since.filter(l => l.kind === 'reading' && l.test === test)
  const timed = since.filter(l => l.kind === 'timed' && l.what === 'cycle').length + read('cycle').length
  const seen = Math.min(read('cut-in').length, read('cut-out').length)
  const item = { what: 'cycles', title: `Whole cycles: ${wanted}` }
  if (told?.kind === 'observation')
    return told.outcome === 'yes'
      ? { ...item, proved: true, by: told.id }
      : { ...item, proved: false, by: told.id, why: 'does-not-hold' }
  return seen + timed >= wanted ? { ...item, proved: true } : { ...item, proved: false, why: 'too-few' }
}

function overruled(item: ProofItem, said: readonly Line[]): ProofItem {
  const line = said.findLast(l => l.kind === 'proved' && l.what === item.what)
  if (line?.kind !== 'proved') return item
  return line.holds
    ? { what: item.what, title: item.title, ...(item.test ? { test: item.test } : {}), proved: true, by: line.id }
    : { ...item, proved: false, by: line.id, why: 'does-not-hold' }
}
