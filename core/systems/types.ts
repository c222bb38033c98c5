/**
 * What a system kind is made of. A kind is data: components with nameplates, test points, faults that change the
 * model's figures, tests that ask the model a question, and the order in which power and water or air run, from which
 * the path is drawn. Options on the nameplate (a cut-off, a filter, a third phase) decide what of it a system has.
 */
import type { Network, NetworkProblem } from '#core/circuit'
import type { FlowStory } from '#core/flow'
import type { Change, Figures, StagedKey } from './figures'
import type { NameplateKey } from './ids'
import type { ShopPractice } from './practice'
import type { Facts, Result } from '#core/foundation'
import type { SourceId } from '#core/standards'
import type { Quantity } from '#core/units'

export const LANES = ['power', 'water', 'air'] as const
export type Lane = (typeof LANES)[number]

export const GLYPHS = [
  'supply',
  'battery',
  'breaker',
  'fuse',
  'disconnect',
  'panel-switch',
  'pressure-switch',
  'float-switch',
  'starter',
  'transformer',
  'control-box',
  'protector',
  'cable',
  'motor',
  'return',
  'conductor',
  'pump',
  'check-valve',
  'drop-pipe',
  'gauge',
  'tank',
  'open-tank',
  'filter',
  'house',
  'compressor',
  'receiver',
  'regulator',
  'relief',
  'unloader',
  'source',
] as const
export type Glyph = (typeof GLYPHS)[number]

/** Where a thing is, which sets what it costs to reach it. */
export const PLACES = [
  'panel',
  'switch',
  'box',
  'tank',
  'well-head',
  'down-hole',
  'house',
  'machine',
  'bay',
] as const
export type Place = (typeof PLACES)[number]

/** What the technician sees the system do, worked out from the solved circuit and the flow model. */
export const EFFECTS = [
  'runs',
  'runs-dry',
  'runs-weak',
  'groans',
  'silent',
  'trips-breaker',
  'trips-overload',
  'chatters',
  'runs-on',
  'rapid-cycles',
  'surges',
  'cuts-off',
  'starts-alone',
] as const
export type Effect = (typeof EFFECTS)[number]

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

/** A figure that a nameplate, a chart or a tape measure can give, or a choice. Everything unknown is a spread. */
export interface NameplateField {
  readonly id: string
  readonly label: string
  readonly quantity:
    | Quantity
    | 'horsepower'
    | 'length'
    | 'bore'
    | 'volume'
    | 'gauge'
    | 'code-letter'
    | 'altitude'
    | 'air-flow'
    | 'battery-capacity'
    | 'choice'
  /** what it does to the readings, in a sentence */
  readonly bears?: string
  /** smallest and largest value that makes sense, in SI (horsepower, AWG and letters as written) */
  readonly range?: readonly [number, number]
  /** words of a choice; the nameplate holds its index */
  readonly choices?: readonly string[]
  /** the choice that holds unless another is made; the first unless said */
  readonly usual?: number
}

export interface ComponentDef {
  readonly id: string
  readonly name: string
  readonly glyph: Glyph
  readonly lane: Lane
  readonly place: Place
  readonly fields?: readonly NameplateField[]
}

/** Where on the drawing a point's flag stands: before, after or on a component, or on a part or a wire of it. */
export interface Spot {
  readonly on: string
  readonly side: 'in' | 'out' | 'on'
  readonly part?: string
  readonly wire?: number
}

export interface TestPoint {
  readonly id: string
  /** the number on its flag, in the order of flow */
  readonly number: number
  readonly name: string
  /** what a hand types for it, besides its id and number */
  readonly aliases: readonly string[]
  readonly component: string
  readonly spot: Spot
}

export const NEEDS = ['live', 'proven-dead', 'discharged', 'zero-pressure', 'any'] as const
export type Need = (typeof NEEDS)[number]

/** The conditions a reading was taken in; part of what names a test. */
export const CONDITIONS = [
  'calling',
  'starting',
  'running',
  'idle',
  'dead',
  'leads-off',
  'splice',
  'static',
] as const
export type Condition = (typeof CONDITIONS)[number]

/** What a numeric test asks of the model, and where its leads go. */
export type Probe
  = | {
    readonly ask: 'volts'
    readonly a: string
    readonly b: string
    readonly scenario: Scenario
    readonly stage?: string
    readonly drop?: boolean
    /** where the other lead may as well have stood: the far side of a fuse beside it */
    readonly or?: { readonly a: string, readonly b: string, readonly share: number }
  }
  | { readonly ask: 'amps', readonly element: string, readonly scenario: Scenario, readonly stage?: string }
  | {
    readonly ask: 'ohms'
    readonly a: string
    readonly b: string
    readonly stage?: string
    readonly insulation?: boolean
  }
  /** ohms across one part off the circuit; `cold` after a reset or a rest, when what heals by itself is closed again */
  | { readonly ask: 'part', readonly figure: StagedKey, readonly spread?: number, readonly cold?: boolean }
  | { readonly ask: 'farads', readonly farads: StagedKey, readonly ohms: StagedKey }
  | { readonly ask: 'capacitor-ohms', readonly farads: StagedKey, readonly ohms: StagedKey }
  | { readonly ask: 'flow', readonly what: FlowAsk, /** seconds watched */ readonly over?: number }
export type FlowAsk
  = | 'gauge'
    | 'precharge'
    | 'cut-in'
    | 'cut-out'
    | 'cycle'
    | 'delivery'
    | 'leak-down'
    | 'fill-time'
    | 'open-pressure'
    | 'cut-off'
    | 'inlet'
    | 'tap-static'

/** By what rule the healthy band of a test is set. */
export const BAND_RULES = [
  'service',
  'utilisation',
  'dead',
  'contact-drop',
  'contact-ohms',
  'capacitor',
  'capacitor-ohms',
  'insulation',
  'winding',
  'running-amps',
  'no-current',
  'setting-in',
  'setting-out',
  'precharge',
  'cycle',
  'leak-down',
  'battery',
  'coil',
  'drop-12v',
  'model',
] as const
export type BandRule = (typeof BAND_RULES)[number]

/** A wait that is part of a test: what for, and how long; the next test fills it. */
export interface Wait {
  readonly minutes: number
  readonly why: string
}

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
  readonly words: readonly string[]
  readonly wait?: Wait
  /** only possible while the machine turns */
  readonly whileRunning?: boolean
  /** part of the proof run after a repair */
  readonly proves?: boolean
  /** taken when it is told, never proposed: nobody is sent to try it */
  readonly onlyTold?: boolean
  /** asked only once something has been put right */
  readonly afterRepair?: boolean
}

/** A test that gives a figure. */
export interface NumericTest extends TestBase {
  readonly kind: 'numeric'
  readonly quantity: Quantity
  readonly condition: Condition
  readonly meter: string
  /** a second reading at the same point and quantity, such as a leg to ground */
  readonly variant?: string
  readonly probe: Probe
  readonly band: BandRule
}

/** What an elimination test does to the system, and how it then behaves: worked out by the model, not tabled. */
export interface Trial {
  /** what the trial changes, from the healthy figures and the figures as they are */
  readonly change: (healthy: Figures, now: () => Figures) => Change
  readonly watch: 'effect' | 'odd-current' | 'letting-go'
  /** it only takes things off: what did not trip before does not trip after */
  readonly opens?: boolean
  readonly stage?: string
}

/** A thing seen, heard or felt, or what happened when something was tried. */
export interface SeenTest extends TestBase {
  readonly kind: 'seen'
  /** more than one answer may hold at a time: each stands by itself */
  readonly several?: boolean
  readonly outcomes: readonly { readonly id: string, readonly label: string, readonly words: readonly string[] }[]
  /** chance of each outcome when nothing bears on it, in the order of `outcomes` */
  readonly usual: readonly number[]
  /** the same by fault (`pump.worn`), or by fault at one degree (`pump.worn:1`) */
  readonly chancesByFault: Readonly<Record<string, readonly number[]>>
  /** the same by what the system is seen to do (`groans`, `well:silent` for a later stage) */
  readonly chancesByEffect: Readonly<Record<string, readonly number[]>>
  readonly trial?: Trial
  /** a figure of this is told along with it, and is no reading of its own */
  readonly beside?: NumericTest['quantity']
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

/** One degree of a fault: how it changes the figures, and what share of such faults it stands for. */
export interface Severity {
  readonly id: string
  readonly name: string
  /** of a bad joint or contact, on this system */
  readonly ohms?: (healthy: Figures) => number
  readonly share: number
  readonly change: (healthy: Figures) => Change
  /** nothing made it so: it stands in no chain */
  readonly alone?: boolean
}

/** A way a fault can have come about: another fault or condition, with the evidence that would show it. */
export interface CauseLink {
  readonly because: string
  readonly why: string
}

/** What wears a part out; age, duty and water move the base rate by these. */
export const WEARS = ['age', 'starts', 'sand', 'damp'] as const
export type Wear = (typeof WEARS)[number]

/**
 * What puts a fault right. Repairs of one id are one repair. `renews` names the components that are new afterwards,
 * with all their faults gone; a lesser repair puts right what it is the repair for.
 */
export interface Repair {
  readonly id: string
  readonly name: string
  readonly minutes: number
  /** what has to be brought, in a word; empty where nothing has */
  readonly part: string
  readonly renews?: readonly string[]
  /** stays though its component is renewed: it sits beside it */
  readonly outlives?: true
}

export interface FaultMode {
  /** its component and what is wrong with it: `pump.worn` */
  readonly id: string
  readonly component: string
  readonly name: string
  /** share of calls on this kind that end here, before anything is known; common practice, no source */
  readonly baseRate: number
  readonly severities: readonly Severity[]
  /** the effect, where neither the circuit nor the flow model shows it */
  readonly effect?: Effect
  readonly repair: Repair
  readonly causes: readonly CauseLink[]
  /** what else would settle it, in the technician's words */
  readonly settledBy: string
  readonly wears?: readonly Wear[]
  /** heals by itself for a while: an overload that has only let go */
  readonly heals?: boolean
  /** it has let go to protect: what it protected from is what failed */
  readonly protects?: boolean
}

/** A condition that wears other parts out and is found beside the fault, such as a low precharge. */
export interface CauseNote {
  readonly id: string
  readonly name: string
  readonly test: string
  readonly shownBy: string
  /** another test that shows it, where the system has it */
  readonly or?: { readonly test: string, readonly shownBy: string }
  readonly advice: string
  /** the fault that is this condition, where there is one */
  readonly fault?: string
}

/**
 * A stretch of conductors on the drawing. `over` runs above what stands between; `pilot` is the thin control circuit.
 */
export interface DrawnStretch {
  readonly from: string
  readonly to: string
  readonly wires: number
  readonly conductor?: string
  readonly route?: 'over' | 'pilot'
}

/** How a kind is drawn: the power lane left to right, the flow lane right to left, and what joins them. */
export interface Drawing {
  readonly power: readonly string[]
  readonly flow: readonly string[]
  readonly stretches: readonly DrawnStretch[]
  /** shafts from a motor to what it turns, ports from a flow component up to a switch */
  readonly shafts: readonly { readonly motor: string, readonly pump: string }[]
  readonly ports: readonly { readonly from: string, readonly to: string }[]
  /** components that stand between the lanes, in the pilot circuit */
  readonly pilot?: readonly string[]
}

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

/** A described system ready to be asked: its networks, predictions and bands. */
export interface SystemModel {
  readonly kind: SystemKind
  readonly practice: ShopPractice
  readonly nameplate: Nameplate
  readonly hypotheses: readonly Hypothesis[]
  /** what was assumed because the nameplate does not say, or contradicts itself */
  readonly assumptions: readonly Assumption[]
  predict(hypothesis: number, test: NumericTest): Prediction
  /** chance of each outcome of a seen test */
  expect(hypothesis: number, test: SeenTest): readonly number[]
  band(test: NumericTest): Band | undefined
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

export const SCENARIOS = ['starting', 'running', 'idle', 'dead', 'leads-off', 'splice'] as const
export type Scenario = (typeof SCENARIOS)[number]

export interface ModelProblem {
  readonly code: 'unknown-kind' | 'unknown-field' | 'figure-out-of-range'
  readonly facts: Facts
}
export type ModelResult = Result<SystemModel, ModelProblem | NetworkProblem>
