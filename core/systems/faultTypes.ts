/** What can be wrong, by which degrees, what made it so and what puts it right. */
import type { Change, Figures } from './figures'
import type { FaultId } from './ids'

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
  /** so slight that the machine does what it did, whatever the fault does else */
  readonly slight?: boolean
}

/** A way a fault can have come about: another fault or condition, with the evidence that would show it. */
export interface CauseLink {
  readonly because: string
  readonly why: string
  /** share of the fault's calls where this is still there to be found; a tenth where nothing is said */
  readonly stillThere?: number
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
  /** it is put back to see whether it stays so: who does it has judged nothing by it */
  readonly putBack?: boolean
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

/** What is seen of a broken part itself, and how it is said. */
export interface SeenPart {
  readonly label: string
  /** the part, in the words of the trade, and what is wrong with it: each with each is a way to say it */
  readonly what: readonly string[]
  readonly how: readonly string[]
  /** other ways, whole */
  readonly or?: readonly string[]
}

export type SeenParts = Readonly<Partial<Record<FaultId, SeenPart>>>
