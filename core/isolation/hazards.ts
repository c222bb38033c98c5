/**
 * What must not be proposed, whatever it would tell. A plain reading of the lines, before any chance is weighed:
 *   1. Something has let go: before it is closed for the first time, the leads are tried dead, to ground and lead to
 *      lead (OSHA 1910.334(b)(2)). A breaker that the customer says trips has let go, until a line shows it on.
 *   2. A section is shown grounded, shorted or flooded: no power onto it, but for the halving test with it taken off.
 *      Grounded is under 20 kΩ in a well, under 0.5 MΩ where a hand can touch (handbook §4, common practice).
 * A repair behind the switch, in the same section, clears both: what is proved afterwards is proved on what was put
 * right. Air in a tank clears nothing, nor does putting back what had let go, until it has been seen to run since:
 * then the first reclosing is past.
 */
import {
  componentAt,
  testOf,
  unstaged,
  type NumericTest,
  type SystemKind,
  type SystemModel,
  type Test,
} from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import type { Tables } from './tables'

export interface Hazards {
  /** by the prefix of a stage: the dead tests that come before the first reclosing */
  readonly first: ReadonlyMap<string, readonly string[]>
  /** it was not seen to let go: that is what was complained of */
  readonly onlySaid: boolean
  /** prefixes of the stages that are shown grounded, shorted or flooded */
  readonly shown: ReadonlySet<string>
}

const [GROUNDED_DOWN, GROUNDED_IN_REACH, SHORTED] = [20e3, 0.5e6, 0.15]
/** Volts or amps that are more than a ghost. */
const ON = 1
const LET_GO = new Set(['at-once', 'seconds', 'tripped', 'blown', 'trips', 'more', 'one'])
const FLOODED = new Set(['motor-look:wet', 'ground-again:cable', 'ground-again:motor'])

/** `well-` for what belongs to the pump behind the tank, nothing for the rest. */
export const stageOf = (kind: SystemKind, id: string): string =>
  kind.components.some(c => c.id !== unstaged(c.id)) ? id.slice(0, id.length - unstaged(id).length) : ''

export function hazardsOf({ model }: Tables, state: TabState): Hazards {
  const { kind } = model
  const first = new Map<string, readonly string[]>()
  const shown = new Set<string>()
  const mended = (repaired: readonly string[], stage: string) =>
    repaired.filter(id => isBehindSwitch(model, id, stage)).length
  const ran = state.evidence.findLast(e => e.repaired.length === state.repaired.length && showsItOn(kind, e.line))
  const now = state.evidence.filter((e) => {
    const stage = stageOf(kind, e.line.test)
    if (mended(e.repaired, stage) !== mended(state.repaired, stage)) return false
    return !ran || e.repaired.length === state.repaired.length
  })
  const read = new Set([...now.map(e => e.line.test), ...state.skipped.keys()])
  const bar = (stage: string) => {
    const dead = leadTests(kind, stage).filter(id => !read.has(id))
    if (dead.length > 0) first.set(stage, dead)
  }
  const said = state.opened?.complaint === 'breaker-trips' && !now.some(e => showsItOn(kind, e.line))
  if (said)
    for (const stage of new Set(kind.tests.map(t => stageOf(kind, t.id)))) bar(stage)
  let seen = false
  for (const { line } of now) {
    const stage = stageOf(kind, line.test)
    const test = testOf(kind, line.test)
    if (!test) continue
    if (isShown(kind, test, line)) shown.add(stage)
    if (!hasLetGo(test, line)) continue
    seen = true
    bar(stage)
  }
  return { first, shown, onlySaid: said && !seen }
}

/** What leads are tried on: wires, motor and what stands between. */
const BEHIND = new Set(['feed', 'run', 'cable', 'box', 'motor', 'return'])

/** Whether a repair was of what is behind the switch of a section, and not only put back what had let go. */
function isBehindSwitch(model: SystemModel, repaired: string, stage: string): boolean {
  const mode = model.kind.faults.find(f => f.id === repaired)
  if (mode?.protects) return false
  const parts = mode ? [mode.component, ...(mode.repair.renews ?? [])] : [repaired]
  return parts.some(c => stageOf(model.kind, c) === stage && BEHIND.has(unstaged(c)))
}

function hasLetGo(test: Test, line: Evidence['line']): boolean {
  if (line.kind !== 'observation' || test.kind !== 'seen' || !LET_GO.has(line.outcome)) return false
  return test.trial !== undefined || ['breaker-seen', 'fuse-look', 'fuses-look'].includes(unstaged(test.id))
}

/** Volts or amps are there, it was heard to run, or the breaker was told to hold. */
function showsItOn(kind: SystemKind, line: Evidence['line']): boolean {
  const test = testOf(kind, line.test)
  if (!test) return false
  if (line.kind === 'observation')
    return (test.id === 'let-go' && ['holds',
      'minutes'].includes(line.outcome)) || (isPowered(test) && line.outcome === 'runs')
  return test.need === 'live' && test.point !== 'supply' && (line.judged !== undefined || (line.value ?? 0) > ON)
}

function isShown(kind: SystemKind, test: Test, line: Evidence['line']): boolean {
  if (line.kind === 'observation') return FLOODED.has(`${unstaged(test.id)}:${line.outcome}`)
  if (test.kind !== 'numeric' || !isOff(test)) return false
  if (line.value === null) return line.judged === 'low'
  if (test.variant !== 'ground') return line.value < SHORTED
  const down = componentAt(kind, test).place === 'down-hole'
  return line.value < (down ? GROUNDED_DOWN : GROUNDED_IN_REACH) && line.bound !== 'over'
}

/** Wires that are off: leads, or the feed or the run by itself. */
const isOff = (t: NumericTest) => t.quantity === 'ohms' && t.condition === 'leads-off'
const isLeads = (t: Test): t is NumericTest => t.kind === 'numeric' && isOff(t) && t.probe.ask === 'ohms'

/** Each lead to ground, and lead to lead: one of each. */
function leadTests(kind: SystemKind, stage: string): readonly string[] {
  const leads = kind.tests.filter(t => isLeads(t) && stageOf(kind, t.id) === stage)
  const toGround = leads.find(t => t.kind === 'numeric' && t.variant === 'ground')
  const across = leads.find(t => t.kind === 'numeric' && t.variant !== 'ground')
  return [toGround, across].flatMap(t => (t ? [t.id] : []))
}

/** Heard or watched while it calls, though no hand is at the wires. */
const CALLS = new Set('sound heard coil-heard overload-seen starts-empty keeps-running unloader-stop'.split(' '))

/** Whether a test needs power on the section behind the breaker. */
export function isPowered(test: Test): boolean {
  if (test.kind === 'numeric' && test.point === 'supply') return false
  return test.need === 'live' || test.whileRunning === true || CALLS.has(unstaged(test.id)) || isTrial(test)
}

const isTrial = (test: Test) => test.kind === 'seen' && test.trial !== undefined
/** The section is off while it is tried. */
const isHalving = (test: Test) => test.kind === 'seen' && test.trial?.opens === true

/** Whether a test may not be proposed as things stand. */
export function isBarred(kind: SystemKind, { first, shown }: Hazards, test: Test): boolean {
  if (!isPowered(test)) return false
  const stage = stageOf(kind, test.id)
  return first.has(stage) || (shown.has(stage) && !isHalving(test))
}
