/** What can be read or seen, in which state, and what is expected there. */
import type { Quantity } from '#core/units'
import type { Change, Figures, StagedKey } from './figures'
import type { FaultId } from './ids'

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

/** In what condition of the circuit a test is solved. */
export const SCENARIOS = ['starting', 'running', 'idle', 'dead', 'leads-off', 'splice'] as const
export type Scenario = (typeof SCENARIOS)[number]

/**
 * The wires that are in a reading of ohms where it was taken at their near end: in series, and beside them what leaks
 * to earth and from wire to wire; and how often it is taken there.
 */
export interface Through {
  readonly series: readonly StagedKey[]
  readonly earth: StagedKey
  readonly across: StagedKey
  readonly share: number
}

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
    readonly through?: Through
  }
  /**
   * ohms across one part off the circuit; `cold` after a reset or a rest, when what heals by itself is closed again;
   * `asFound` how often it is read before that all the same
   */
  | {
    readonly ask: 'part'
    readonly figure: StagedKey
    readonly spread?: number
    readonly cold?: boolean
    readonly asFound?: number
    /** to ground, as `ohms` are */
    readonly insulation?: boolean
  }
  /** amps at which a dial stands: read with the eyes */
  | { readonly ask: 'dial', readonly figure: StagedKey }
  | { readonly ask: 'farads', readonly farads: StagedKey, readonly ohms: StagedKey }
  | { readonly ask: 'capacitor-ohms', readonly farads: StagedKey, readonly ohms: StagedKey }
  | FlowProbe

export interface FlowProbe {
  readonly ask: 'flow'
  readonly what: FlowAsk
  /** seconds watched */
  readonly over?: number
  readonly stage?: string
}

export type FlowAsk
  = | 'gauge'
    | 'precharge'
    | 'cut-in'
    | 'cut-out'
    | 'peak'
    | 'cycle'
    | 'delivery'
    | 'leak-down'
    | 'fill-time'
    | 'open-pressure'
    | 'cut-off'
    | 'inlet'
    | 'tap-static'
    | 'supplied'

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
  /** heat, pace, where a thing stands, a smell: what points at a fault and shows none, or which of its answers do */
  readonly points?: 'all' | readonly string[]
  /** faults of its table at which it only points: another has this look as its own */
  readonly pointsTo?: readonly FaultId[]
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
  /** a second figure that it may show, such as full volts once an overload has let go; plain, or a logarithm too */
  readonly or?: { readonly share: number, readonly mean: number, readonly sigma: number, readonly log?: true }
}
