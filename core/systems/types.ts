/**
 * What a system kind is made of. A kind is data: components with nameplates, test points, faults that change the model,
 * tests that ask the model a question, and the order in which power and water run, from which the path is drawn.
 */
import type { Network, NetworkProblem } from '#core/circuit'
import type { Result } from '#core/foundation'
import type { SourceId } from '#core/standards'
import type { Quantity } from '#core/units'

export const LANES = ['power', 'water'] as const
export type Lane = typeof LANES[number]

export const GLYPHS = ['supply', 'breaker', 'disconnect', 'pressure-switch', 'control-box', 'cable', 'motor', 'pump', 'check-valve', 'drop-pipe', 'gauge', 'tank', 'filter', 'house', 'conductor'] as const
export type Glyph = typeof GLYPHS[number]

/** Where a thing is, which sets what it costs to reach it. */
export const PLACES = ['panel', 'switch', 'box', 'tank', 'well-head', 'down-hole', 'house'] as const
export type Place = typeof PLACES[number]

/** What the technician sees the system do, worked out from the solved circuit or given by a water fault. */
export const EFFECTS = ['runs', 'runs-dry', 'runs-weak', 'groans', 'silent', 'trips-breaker', 'runs-on', 'rapid-cycles', 'surges'] as const
export type Effect = typeof EFFECTS[number]

export const COMPLAINTS = ['no-water', 'groans', 'overload-trips', 'breaker-trips', 'low-pressure', 'rapid-cycles', 'runs-on', 'surges', 'check-up'] as const
export type Complaint = typeof COMPLAINTS[number]

/** A figure that a nameplate, a chart or a tape measure can give. Everything unknown is a spread. */
export interface NameplateField {
  readonly id: string
  readonly label: string
  readonly quantity: Quantity | 'horsepower' | 'length' | 'volume' | 'gauge' | 'code-letter' | 'altitude'
  /** smallest and largest value that makes sense, in SI (horsepower, AWG and letters as written) */
  readonly range?: readonly [number, number]
}

export interface ComponentDef {
  readonly id: string
  readonly name: string
  readonly glyph: Glyph
  readonly lane: Lane
  readonly place: Place
  readonly fields?: readonly NameplateField[]
}

export interface TestPoint {
  readonly id: string
  /** the number on its flag, in the order of flow */
  readonly number: number
  readonly name: string
  /** what a hand types for it, besides its id and number */
  readonly aliases: readonly string[]
  readonly component: string
}

export const NEEDS = ['live', 'proven-dead', 'discharged', 'zero-pressure', 'any'] as const
export type Need = typeof NEEDS[number]

/** The conditions a reading was taken in; part of what names a test. */
export const CONDITIONS = ['calling', 'starting', 'running', 'idle', 'dead', 'box-off', 'static'] as const
export type Condition = typeof CONDITIONS[number]

interface TestBase {
  readonly id: string
  readonly point: string
  readonly title: string
  readonly steps: readonly string[]
  readonly need: Need
  readonly minutes: number
  /** 0 nothing, 1 live covers off, 2 live with hands near moving or repeated starts */
  readonly risk: 0 | 1 | 2
  readonly cautions?: readonly string[]
}

/** A test that gives a figure. */
export interface NumericTest extends TestBase {
  readonly kind: 'numeric'
  readonly quantity: Quantity
  readonly condition: Condition
  readonly meter: string
  /** a second point name for the same quantity, such as a leg to ground */
  readonly variant?: string
  readonly words: readonly string[]
}

/** A thing seen, heard or felt. */
export interface SeenTest extends TestBase {
  readonly kind: 'seen'
  readonly words: readonly string[]
  readonly outcomes: readonly { readonly id: string, readonly label: string, readonly words: readonly string[] }[]
  /** chance of each outcome when nothing bears on it, in the order of `outcomes` */
  readonly usual: readonly number[]
  /** chances under a fault (`component.mode`) or an effect (`effect:groans`); the most specific wins */
  readonly given: Readonly<Record<string, readonly number[]>>
}

export type Test = NumericTest | SeenTest

/** What a test is expected to read: a figure with its spread, or OL, or a mixture of the two. */
export interface Prediction {
  readonly mean: number
  /** standard deviation, of the value itself or of its natural logarithm when `log` */
  readonly sigma: number
  readonly log: boolean
  /** chance that the meter shows OL instead */
  readonly ol: number
  /** a second figure that it may show, such as full volts once an overload has let go; only for plain figures */
  readonly or?: { readonly share: number, readonly mean: number, readonly sigma: number }
}

/** One degree of a fault: how it changes the model, and what share of such faults it stands for. */
export interface Severity<P> { readonly id: string, readonly label: string, readonly share: number, readonly apply: (healthy: P) => Partial<P> }

/** A way a fault can have come about: another fault or condition, with the evidence that would show it. */
export interface CauseLink { readonly because: string, readonly why: string }

export interface FaultMode<P> {
  readonly component: string
  readonly mode: string
  readonly label: string
  /** share of calls on this kind that end here, before anything is known; common practice, no source */
  readonly baseRate: number
  readonly severities: readonly Severity<P>[]
  /** the effect, where the circuit alone does not show it */
  readonly effect?: Effect
  readonly repair: { readonly label: string, readonly minutes: number, readonly part: string }
  readonly causes: readonly CauseLink[]
  /** what else would settle it, in the technician's words */
  readonly settledBy: string
}

/** A condition that wears other parts out and is found beside the fault, such as a low precharge. */
export interface CauseNote { readonly id: string, readonly label: string, readonly test: string, readonly shownBy: string, readonly advice: string }

export interface DrawnStretch { readonly from: string, readonly to: string, readonly wires: number, readonly conductor?: string }

export interface SystemKind<P = never> {
  readonly id: string
  readonly name: string
  readonly components: readonly ComponentDef[]
  readonly points: readonly TestPoint[]
  readonly faults: readonly FaultMode<P>[]
  readonly tests: readonly Test[]
  readonly causeNotes: readonly CauseNote[]
  /** power from left to right, water back from right to left */
  readonly powerOrder: readonly string[]
  readonly waterOrder: readonly string[]
  readonly powerStretches: readonly DrawnStretch[]
}

/** Nameplate figures by `component.field`, SI, as entered. */
export type Nameplate = Readonly<Record<string, number>>

export const faultId = (f: Pick<FaultMode<never>, 'component' | 'mode'>) => `${f.component}.${f.mode}`

/** A healthy band for a test, with where it comes from. */
export interface Band { readonly low: number, readonly high: number, readonly source: SourceId, readonly note?: string }

/** A described system ready to be asked: its networks, predictions and bands. */
export interface SystemModel {
  readonly kind: SystemKind<never>
  readonly nameplate: Nameplate
  readonly hypotheses: readonly Hypothesis[]
  /** what was assumed because the nameplate does not say, or contradicts itself */
  readonly assumptions: readonly Assumption[]
  predict(hypothesis: number, test: NumericTest): Prediction
  band(test: NumericTest): Band | undefined
  /** nominal service volts, for catching values beyond the supply */
  readonly supplyVolts: number
  network(scenario: Scenario, hypothesis: number): Network
}

export interface Assumption { readonly field: string, readonly text: string }

/** One fault at one severity, or one of the two catch-alls: nothing wrong, or something outside the catalogue. */
export interface Hypothesis {
  readonly id: string
  readonly fault: string | 'sound' | 'other'
  readonly severity: string
  readonly prior: number
  readonly effect: Effect
}

export const SCENARIOS = ['starting', 'running', 'idle', 'dead', 'box-off'] as const
export type Scenario = typeof SCENARIOS[number]

export type ModelProblem = { readonly code: 'unknown-kind' | 'nameplate' | 'network', readonly facts: Readonly<Record<string, string | number>> }
export type ModelResult = Result<SystemModel, ModelProblem | NetworkProblem>
