/**
 * Suspects: what the lines have not ruled out, ranked, each with the lines that moved it and by how much. A suspect's
 * chance is that of every hypothesis it is part of, alone, as casualty, as cause, or beside another fault.
 */
import { addAt, figureAt, itemAt } from '#core/foundation'
import type { SystemModel } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import { complaintChance, complaintMeant } from './complaints'
import { failedIn, faultsOf, foreseenOf, modeOf } from './hypothesis'
import { jointOf, type LikelyJoint } from './likelyJoint'
import { onTrial } from './onTrial'
import { FAR, likelyPairs } from './pairs'
import { startPosterior } from './posterior'
import { weightsOf, type Weights } from './likelihood'
import { isUnweighed } from './unweighed'
import { besideOthers } from './supplyLevel'
import { OTHER, type Tables } from './tables'

/**
 * What each line did to one suspect: its chance before and after, and the weight of evidence in bits (positive speaks
 * for it).
 */
export interface Move {
  readonly line: string
  readonly before: number
  readonly after: number
  readonly bits: number
}

export interface Suspect {
  readonly fault: string
  readonly label: string
  readonly component: string
  readonly chance: number
  /** the part of it in which it is what failed, not the cause behind a casualty */
  readonly failed: number
  /** most of it is as the cause behind a casualty */
  readonly asCause: boolean
  /** the likeliest degree, where the fault has several */
  readonly severity: string
  /** what a bad joint or contact of that degree burns while it runs, W */
  readonly watts?: number
  /** bore of the hole that a leak of that degree is like, m */
  readonly hole?: number
  /** how it most likely stands beside another fault: its cause, its casualty, or merely both there */
  readonly beside?: {
    readonly fault: string
    readonly label: string
    readonly role: 'cause' | 'casualty' | 'beside'
    readonly share: number
  }
  readonly moves: readonly Move[]
  readonly settledBy: string
  readonly repair: {
    readonly id: string
    readonly label: string
    readonly minutes: number
    readonly part: string
  }
  /** dropped by the lines to under a fifth of where it started, and under one in a hundred */
  readonly ruledOut: boolean
}

export interface Ranking {
  /** chance of each hypothesis, by its place in the model */
  readonly chances: Float64Array
  readonly suspects: readonly Suspect[]
  readonly ruledOutBy: ReadonlyMap<string, readonly string[]>
}

/** share of "something else" at which pairs are looked for further afield */
const UNEXPLAINED = 0.3

/** What is printed on a capacitor, by its microfarads, and where a nameplate gives them. */
const LABELS = new Map([
  ['cap.farads', { label: 'cap-label', plate: '.capLow' }],
  ['runcap.farads', { label: 'runcap-label', plate: '.runMicrofarads' }],
])

/** Microfarads that were held to the capacitor's own label, where no nameplate says what it should have. */
function besideLabel({ model }: Tables, all: readonly Evidence[], e: Evidence): Evidence {
  const own = LABELS.get(e.line.test)
  if (!own || Object.keys(model.nameplate).some(field => field.endsWith(own.plate))) return e
  const isHeld = all.some(o => o.line.test === own.label && o.repaired.length === e.repaired.length)
  return isHeld ? { ...e, labelled: true } : e
}

export function rankSuspects(tables: Tables, told: TabState): Ranking {
  const speaking = told.evidence.filter(e => !isUnweighed(tables.model, e, told.evidence))
  const state = { ...told, evidence: besideOthers(tables, speaking.map(e => besideLabel(tables, speaking, e))) }
  const tried = state.evidence.map(e => onTrial(tables.model, e, state.evidence))
  const perLine = tried.map(e => weightsOf(tables, e))
  const prior = priorWith(tables, state.opened?.complaint, tables.foreseen, [])
  const near = weigh(tables, state, perLine, likelyPairs(tables, prior, perLine, tried))
  return describeAll(
    tables,
    figureAt(near.chances, OTHER) < UNEXPLAINED
      ? near
      : weigh(tables, state, perLine, likelyPairs(tables, prior, perLine, tried, FAR)),
    state.repaired,
  )
}

/** What the lines did, by the faults' places in the catalogue. */
interface Weighing extends Pick<Ranking, 'chances' | 'ruledOutBy'> {
  readonly start: Float64Array
  readonly end: Float64Array
  readonly moves: readonly (readonly Move[])[]
}

function weigh(
  tables: Tables,
  state: TabState,
  perLine: readonly Weights[],
  pairs: readonly number[],
): Weighing {
  const { model } = tables
  const n = model.hypotheses.length
  const { faults, members } = catalogueOf(tables)
  const posterior = startPosterior(model, priorWith(tables, state.opened?.complaint, n, pairs))
  const { chances } = posterior
  const start = byFault(chances, members, faults.length)
  const moves = faults.map(() => [] as Move[])
  const ruledOutBy = new Map<string, string[]>()
  const seenRuled = new Set<number>()
  let before = start
  state.evidence.forEach((evidence, e) => {
    posterior.repair(evidence.repaired)
    const asBefore = evidence.repaired.length > 0 ? { ...evidence, repaired: [] } : undefined
    posterior.take(
      extend(itemAt(perLine, e, 'line'), pairs, n),
      asBefore && extend(weightsOf(tables, asBefore), pairs, n),
    )
    const after = byFault(chances, members, faults.length)
    const { id } = evidence.line
    faults.forEach((fault, f) => {
      const [was, is] = [figureAt(before, f), figureAt(after, f)]
      const change = odds(is) / odds(was)
      if (change > MOVED || change < 1 / MOVED)
        itemAt(moves, f, 'fault').push({ line: id, before: was, after: is, bits: Math.log2(change) })
      if (!isRuledOut(is, figureAt(start, f))) seenRuled.delete(f)
      else if (!seenRuled.has(f)) {
        seenRuled.add(f)
        ruledOutBy.set(id, [...(ruledOutBy.get(id) ?? []), fault])
      }
    })
    before = after
  })
  // what was put right last, with nothing read since
  posterior.repair(state.repaired)
  return { chances, ruledOutBy, start, end: byFault(chances, members, faults.length), moves }
}

function describeAll(
  tables: Tables,
  { chances, ruledOutBy, start, end, moves }: Weighing,
  repaired: readonly string[],
): Ranking {
  const { model } = tables
  const { faults, members, failed, said } = catalogueOf(tables)
  const parts = partsOf(model, chances, { members, failed, repaired }, faults.length)
  const pairs: number[] = []
  chances.forEach((c, h) => c > 0 && model.hypothesis(h).second && pairs.push(h))
  const suspects = faults.map((fault, f) => {
    const moved = { fault, chance: figureAt(end, f), start: figureAt(start, f), moves: itemAt(moves, f, 'move') }
    return describe(model, itemAt(said, f, 'phrase'), moved, { chances, pairs }, itemAt(parts, f, 'part'))
  })
  return { chances, ruledOutBy, suspects: suspects.toSorted((a, b) => b.chance - a.chance) }
}

interface Catalogue {
  readonly faults: readonly string[]
  readonly place: ReadonlyMap<string, number>
  /** places of each hypothesis's faults, its first one first */ readonly members: (readonly number[])[]
  /** places of those that would have failed */ readonly failed: (readonly number[])[]
  /** what a complaint makes of each hypothesis */ readonly voiced: Map<string, number[]>
  /** what is said of each fault whatever the lines say */ readonly said: readonly Said[]
}

type Said = Pick<Suspect, 'label' | 'component' | 'settledBy' | 'repair'>

const catalogues = new WeakMap<Tables, Catalogue>()

/** The faults of a system in one order, and which of them each hypothesis is made of. */
function catalogueOf(tables: Tables): Catalogue {
  const { hypotheses } = tables.model
  let known = catalogues.get(tables)
  if (!known) {
    const { faults, place } = foreseenOf(tables)
    known = {
      faults,
      place,
      members: [],
      failed: [],
      voiced: new Map(),
      said: faults.map(f => sayFault(tables.model, f)),
    }
    catalogues.set(tables, known)
  }
  const { place, members, failed } = known
  for (let h = members.length; h < hypotheses.length; h++) {
    members.push(faultsOf(tables.model.hypothesis(h)).map(f => place.get(f)!))
    failed.push(failedIn(tables.model, tables.model.hypothesis(h)).map(f => place.get(f)!))
  }
  return known
}

const odds = (p: number) => (p + 1e-9) / (1 - p + 1e-9)
/** By so much odds have to change for a line to have moved a suspect: 0.07 bits. */
const MOVED = 2 ** 0.07

/** Multiplies in one piece of evidence and rescales to a sum of one. */
export function applyEvidence(tables: Tables, evidence: Evidence, chances: Float64Array) {
  const given = weightsOf(tables, evidence)
  let total = 0
  chances.forEach((chance, h) => (total += chance > 0 ? (chances[h] = chance * given.of(h)) : 0))
  chances.forEach((chance, h) => (chances[h] = chance / total))
}

/** With the pairs that were not foreseen. */
function extend({ foreseen, of }: Weights, pairs: readonly number[], n: number): Float64Array {
  if (pairs.length === 0) return foreseen
  const out = new Float64Array(n)
  out.set(foreseen)
  for (const h of pairs) out[h] = of(h)
  return out
}

/** Its faults, and how far it has gone: a row may stand for either. */
const named = (hypothesis: ReturnType<SystemModel['hypothesis']>) => [...faultsOf(hypothesis), hypothesis.id]

/** Priors under a complaint; of the pairs that were not foreseen only those asked for count. */
function priorWith(
  tables: Tables,
  complaint: string | undefined,
  n: number,
  pairs: readonly number[],
): Float64Array {
  const { model } = tables
  const known = complaintMeant(model.kind, complaint)
  const wanted = new Set(pairs)
  const { voiced } = catalogueOf(tables)
  const factors = voiced.get(known ?? '') ?? []
  voiced.set(known ?? '', factors)
  const factor = (h: number) =>
    known === undefined
      ? 1
      : h === OTHER
        ? 0.1
        : complaintChance(known, named(model.hypothesis(h)), model.hypothesis(h).effect)
  const chances = new Float64Array(n)
  let total = 0
  for (let h = 0; h < n; h++) {
    const hypothesis = model.hypothesis(h)
    if (hypothesis.second?.role === 'beside' && !wanted.has(h)) continue
    chances[h] = hypothesis.prior * (factors[h] ??= factor(h))
    total += figureAt(chances, h)
  }
  return chances.map(c => c / total)
}

function byFault(chances: Float64Array, members: readonly (readonly number[])[], n: number): Float64Array {
  const sums = new Float64Array(n)
  chances.forEach((chance, h) => {
    if (chance > 0) for (const f of itemAt(members, h, 'hypothesis')) addAt(sums, f, chance)
  })
  return sums
}

const isRuledOut = (chance: number, start: number) => chance < 0.01 && chance < start / 5

/** Chances from which it is worth saying what a joint burns, and what a fault stands beside. */
const [WORTH_SAYING, LEAST_BESIDE] = [0.05, 0.02]

interface Part {
  failed: number
  severity: string
  best: number
  /** the likeliest hypothesis with it alone */
  alone: number
  readonly joints: LikelyJoint[]
}

/** For each fault, in one pass: the chance in which it is what failed, and its likeliest degree. */
function partsOf(
  model: SystemModel,
  chances: Float64Array,
  { members, failed, repaired }: Pick<Catalogue, 'members' | 'failed'> & { readonly repaired: readonly string[] },
  n: number,
): readonly Part[] {
  const parts = Array.from({ length: n }, (): Part => ({ failed: 0, severity: '', best: -1, alone: -1, joints: [] }))
  chances.forEach((chance, h) => {
    const { second, severity, joint } = model.hypothesis(h)
    const [first = 0] = itemAt(members, h, 'hypothesis')
    const own = itemAt(parts, first, 'fault')
    if (joint && chance > 0) own.joints.push({ ...joint, chance })
    // of what was put right what is left is what has failed now
    const still = second && chance > 0 && repaired.length > 0 ? model.without(h, repaired) : h
    for (const f of itemAt(failed, still === 0 ? h : still, 'hypothesis')) itemAt(parts, f, 'fault').failed += chance
    if (chance <= own.best) return
    own.best = chance
    own.severity = severity
    if (!second) own.alone = h
  })
  return parts
}

/** What the lines did to one fault, from the chance that it started with. */
interface Moved {
  readonly fault: string
  readonly chance: number
  readonly start: number
  readonly moves: readonly Move[]
}

/** The chances of the hypotheses, and the places of those of two faults that still count. */
interface Standing {
  readonly chances: Float64Array
  readonly pairs: readonly number[]
}

/** Whatever a suspect's chance. */
const UNPLACED: Readonly<Record<string, Said>> = {
  sound: {
    label: 'Nothing wrong that shows now',
    component: '',
    settledBy: 'watching it through several cycles',
    repair: { id: 'watch', label: 'Watch it run', minutes: 20, part: '' },
  },
  other: {
    label: 'Something not in the catalogue',
    component: '',
    settledBy: 'a second look, or a second meter',
    repair: { id: 'look-again', label: 'Look again', minutes: 30, part: '' },
  },
}

function sayFault(model: SystemModel, fault: string): Said {
  const unplaced = UNPLACED[fault]
  if (unplaced) return unplaced
  const { name, component, settledBy, repair: { id, name: label, minutes, part } } = modeOf(model, fault)
  return { label: name, component, settledBy, repair: { id, label, minutes, part } }
}

function describe(
  model: SystemModel,
  { label, component, settledBy, repair }: Said,
  { fault, chance, start, moves }: Moved,
  standing: Standing,
  part: Part,
): Suspect {
  const suspect: Suspect = {
    fault,
    label,
    component,
    chance,
    failed: part.failed,
    asCause: part.failed < 0.5 * chance,
    severity: component ? (jointOf(part.joints) ?? part.severity) : '',
    moves,
    settledBy,
    repair,
    ruledOut: isRuledOut(chance, start),
  }
  if (!component || chance <= LEAST_BESIDE) return suspect
  const beside = besideOf(model, fault, chance, standing)
  return { ...suspect, ...likeOf(model, part.alone, chance), ...(beside ? { beside } : {}) }
}

/** What a fault of its likeliest degree is like: the watts of a joint, the bore of a leak. */
function likeOf(model: SystemModel, alone: number, chance: number): Pick<Suspect, 'watts' | 'hole'> {
  if (alone <= 0 || chance <= WORTH_SAYING) return {}
  const [watts, hole] = [model.burns(alone), model.leaksLike(alone)]
  return { ...(watts === undefined ? {} : { watts }), ...(hole === undefined ? {} : { hole }) }
}

/** The pair that carries most of a suspect's chance, where pairs carry a good part of it. */
function besideOf(
  model: SystemModel,
  fault: string,
  chance: number,
  { chances, pairs }: Standing,
): Suspect['beside'] {
  const shares = new Map<string, { fault: string, role: 'cause' | 'casualty' | 'beside', share: number }>()
  for (const h of pairs) {
    const { fault: first, second } = model.hypothesis(h)
    if (!second || (first !== fault && second.fault !== fault)) continue
    const other = first === fault ? second.fault : first
    const role = second.role === 'beside' ? 'beside' : first === fault ? 'cause' : 'casualty'
    const kept = shares.get(other + role)
    shares.set(other + role, { fault: other, role, share: (kept?.share ?? 0) + figureAt(chances, h) })
  }
  const best = [...shares.values()].toSorted((a, b) => b.share - a.share)[0]
  return best && best.share > 0.35 * chance ? { ...best, label: modeOf(model, best.fault).name } : undefined
}
