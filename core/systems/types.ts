/**
 * What a system kind is made of, and the model that answers for it. A kind is data: components with nameplates
 * (componentTypes.ts), faults that change the model's figures (faultTypes.ts), tests that ask the model a question
 * (testTypes.ts), and the order in which power and water or air run. Options on the nameplate (a cut-off, a filter, a
 * third phase) decide what of it a system has.
 */
import type { Network, NetworkProblem } from '#core/circuit'
import type { FlowStory } from '#core/flow'
import type { Facts, Result } from '#core/foundation'
import type { SourceId } from '#core/standards'
import type { ComponentDef, Drawing, TestPoint } from './componentTypes'
import type { CauseNote, Effect, FaultMode } from './faultTypes'
import type { NameplateKey } from './ids'
import type { ShopPractice } from './practice'
import type { NumericTest, Prediction, Scenario, SeenTest, Test } from './testTypes'

export const COMPLAINTS = [
  'no-water',
  'no-air',
  'groans',
  'overload-trips',
  'breaker-trips',
  'chatters',
  'low-pressure',
  'slow-air',
  'rapid-cycles',
  'starts-alone',
  'stops-under-draw',
  'runs-on',
  'surges',
  'check-up',
] as const
export type Complaint = (typeof COMPLAINTS)[number]

export interface SystemKind {
  readonly id: string
  readonly name: string
  readonly medium: 'water' | 'air'
  readonly complaints: readonly Complaint[]
  readonly components: readonly ComponentDef[]
  readonly points: readonly TestPoint[]
  readonly faults: readonly FaultMode[]
  readonly tests: readonly Test[]
  readonly causeNotes: readonly CauseNote[]
  readonly drawing: Drawing
}

/** Nameplate figures by `component.field`, SI, as entered; choices by index. */
export type Nameplate = Readonly<Partial<Record<NameplateKey, number>>>

/** A healthy band for a test, with where it comes from. */
export interface Band {
  readonly low: number
  readonly high: number
  readonly source: SourceId
  readonly note?: string
}

/** What a running clamp shows at a pressure of the gauge: Pa, A. */
export interface ClimbPoint {
  readonly pressure: number
  readonly low: number
  readonly high: number
}

/** A described system ready to be asked: its networks, predictions and bands. */
export interface SystemModel {
  readonly kind: SystemKind
  readonly practice: ShopPractice
  readonly nameplate: Nameplate
  readonly hypotheses: readonly Hypothesis[]
  /** the one at a place; throws where there is none */
  hypothesis(at: number): Hypothesis
  /** what was assumed because the nameplate does not say, or contradicts itself */
  readonly assumptions: readonly Assumption[]
  predict(hypothesis: number, test: NumericTest): Prediction
  /** chance of each outcome of a seen test */
  expect(hypothesis: number, test: SeenTest): readonly number[]
  band(test: NumericTest): Band | undefined
  /** bands of a running clamp as pressure climbs to the cut-out; none for any other test */
  climb(test: NumericTest): readonly ClimbPoint[]
  /** nominal service volts, for catching values beyond the supply */
  readonly supplyVolts: number
  network(scenario: Scenario, hypothesis: number, stage?: string): Network
  readonly stages: readonly string[]
  /** how the flow side behaves under a hypothesis */
  story(hypothesis: number): FlowStory
  /** the bore of the hole that a leak of it is like, m; nothing where it leaks no more than a sound system */
  leaksLike(hypothesis: number): number | undefined
  /** what a bad joint or contact of it burns while the machine runs, W; nothing where there is none */
  burns(hypothesis: number): number | undefined
  /** the faults that these repairs have put right: each named by its fault, or by a whole component */
  putRight(repaired: readonly string[]): ReadonlySet<FaultMode>
  /** whether a trial takes the fault itself out, so that what then runs shows it */
  takesOut(test: SeenTest, mode: FaultMode): boolean
  /** the index of what is left of a hypothesis after these repairs */
  without(hypothesis: number, repaired: readonly string[]): number
  /** adds pairs of faults that were not foreseen; returns their indices */
  addPairs(pairs: readonly (readonly [number, number])[]): readonly number[]
}

/** `weight` says by how much the bands widen for want of it: what would sharpen the readings most comes first. */
export interface Assumption {
  readonly field: string
  readonly text: string
  readonly weight: number
}

/**
 * One fault at one degree, a plausible pair of them, or one of the two catch-alls: nothing wrong, or something
 * outside the catalogue.
 */
export interface Hypothesis {
  readonly id: string
  /** what failed: the fault, or in a pair the casualty */
  readonly fault: string | 'sound' | 'other'
  readonly severity: string
  /** of a bad joint or contact: where it is, and how bad */
  readonly joint?: { readonly place: string, readonly ohms: number }
  readonly prior: number
  readonly effect: Effect
  /** the second fault of a pair: its cause, or beside it */
  readonly second?: { readonly fault: string, readonly role: 'cause' | 'beside' }
  /** the single hypotheses that a pair is made of */
  readonly parts?: readonly [number, number]
}

export interface ModelProblem {
  readonly code: 'unknown-kind' | 'unknown-field' | 'figure-out-of-range'
  readonly facts: Facts
}

export type ModelResult = Result<SystemModel, ModelProblem | NetworkProblem>
