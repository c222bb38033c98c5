/** How a test is written down in the catalogue. Minutes and risk are common practice, no source. */
import type { Pole, StagedKey } from '../figures'
import type { FaultId, StageId } from '../ids'
import type { Effect } from '../faultTypes'
import type { BandRule, FlowAsk, Need, NumericTest, SeenTest, Through, Trial } from '../testTypes'
import { BLEED, DEAD_CAUTIONS, LIVE_CAUTIONS, NOT_THROUGH_ELECTRONICS, ONE_CONDUCTOR } from './cautions'

/** Where a test names no caution of its own, the state it needs does. */
const BY_NEED: Partial<Record<Need, readonly string[]>> = {
  'proven-dead': DEAD_CAUTIONS,
  'discharged': [...DEAD_CAUTIONS, BLEED],
  'zero-pressure': ['Pump locked off; gauge at zero and an outlet open before anything is undone.'],
}

const cautioned = <T extends { readonly need: Need, readonly cautions?: readonly string[] }>(test: T): T => {
  const cautions = BY_NEED[test.need]
  return cautions && !test.cautions ? { ...test, cautions } : test
}

type Given = 'id' | 'point' | 'title' | 'words'
type Named = Pick<NumericTest, Given>
type More = Partial<Omit<NumericTest, Given | 'kind'>>
type Row = Named & More & Pick<NumericTest, 'condition' | 'quantity' | 'minutes' | 'probe' | 'band'>

export const reading = (row: Row): NumericTest =>
  cautioned({ kind: 'numeric', need: 'any', risk: 0, meter: '', steps: [], ...row })

type Leads = readonly [red: string, black: string]
type LiveScenario = 'running' | 'idle' | 'starting' | 'splice'

export interface VoltsEntry extends Named, More {
  readonly between: Leads
  /** what the system does meanwhile: it calls and runs, unless said otherwise */
  readonly scenario?: LiveScenario
  /** volts along one part rather than between two: small, and known to a third */
  readonly drop?: boolean
  /** the leads where they may as well have stood, and how often */
  readonly or?: { readonly a: string, readonly b: string, readonly share: number }
}

/** Alternating volts between two nodes, the switch calling unless said otherwise. */
export function volts({ between: [a, b], scenario = 'running', drop, or, ...entry }: VoltsEntry): NumericTest {
  return reading({
    condition: scenario === 'idle' ? 'idle' : 'calling',
    quantity: 'volts',
    minutes: entry.variant && !drop ? 0.7 : 1,
    meter: 'V AC, 600 V',
    need: 'live',
    risk: 1,
    cautions: LIVE_CAUTIONS,
    steps: [`Leads: ${entry.title.replace(/^Volts /, '')}, switch calling.`],
    probe: { ask: 'volts', a, b, scenario, ...(drop ? { drop } : {}), ...(or ? { or } : {}) },
    band: 'utilisation',
    ...entry,
  })
}

export interface VoltsAtEntry {
  readonly point: string
  readonly where: string
  readonly legs: Leads
  readonly band?: BandRule
  readonly neutral?: boolean | undefined
}

/** Volts between legs and each leg to ground at one place of a two-pole path. */
export function voltsAt({
  point,
  where,
  legs,
  band = 'utilisation',
  neutral = false,
}: VoltsAtEntry): NumericTest[] {
  const [one, two] = legs
  return [
    volts({
      id: `${point}.volts`,
      point,
      title: `Volts ${where}`,
      words: ['l1-l2', 'legs', 'l1-n'],
      between: legs,
      band,
      ...(point === 'load' ? { proves: true } : {}),
    }),
    volts({
      id: `${point}.l1g`,
      point,
      title: `Volts ${where}, leg 1 to ground`,
      words: ['l1', 'l1-g', 'l1g', 'leg1', 'leg 1'],
      between: [one, '0'],
      variant: 'l1g',
      band,
    }),
    volts({
      id: `${point}.l2g`,
      point,
      title: `Volts ${where}, leg 2 to ground`,
      words: ['l2', 'l2-g', 'l2g', 'leg2', 'leg 2', 'n', 'n-g'],
      between: [two, '0'],
      variant: 'l2g',
      band: neutral ? 'model' : band,
    }),
  ]
}

export interface VoltsThreeEntry {
  readonly point: string
  readonly where: string
  /** letter of the nodes there */
  readonly node: string
  readonly band?: BandRule
}

export const PAIRS: readonly (readonly [Pole, Pole])[] = [
  [1, 2],
  [2, 3],
  [3, 1],
]
const LINES: readonly Pole[] = [1, 2, 3]

/** The three pairs of a three-phase path, and each line to ground. */
export function voltsThree({ point, where, node, band = 'utilisation' }: VoltsThreeEntry): NumericTest[] {
  return [
    ...PAIRS.map(([i, j]) =>
      volts({
        id: `${point}.v${i}${j}`,
        point,
        title: `Volts ${where}, ${i}–${j}`,
        words: [`l${i}-l${j}`, `${i}-${j}`, `l${j}-l${i}`, `${j}-${i}`],
        between: [`${node}${i}`, `${node}${j}`],
        band,
        variant: `v${i}${j}`,
        ...(point === 'load' ? { proves: true } : {}),
      }),
    ),
    ...LINES.map(i =>
      volts({
        id: `${point}.l${i}g`,
        point,
        title: `Volts ${where}, line ${i} to ground`,
        words: [`l${i}`, `l${i}-g`, `l${i}g`, `leg ${i}`],
        between: [`${node}${i}`, '0'],
        variant: `l${i}g`,
        band: 'model',
      }),
    ),
  ]
}

export interface AmpsEntry extends Named, More {
  /** the conductor in the jaw */
  readonly conductor: string
  readonly condition: 'starting' | 'running'
}

export function amps({ conductor, ...entry }: AmpsEntry): NumericTest {
  const starting = entry.condition === 'starting'
  return reading({
    quantity: 'amps',
    minutes: 1.5,
    meter: starting ? 'A AC, inrush hold' : 'A AC',
    need: 'live',
    risk: starting ? 2 : 1,
    cautions: [...LIVE_CAUTIONS, ONE_CONDUCTOR],
    probe: { ask: 'amps', element: conductor, scenario: entry.condition },
    band: 'model',
    ...entry,
  })
}

export interface LeadOhmsEntry extends Named, More {
  readonly between: Leads
  readonly minutes: number
  readonly through?: Through
}

/** What wires are read with once they are off: to ground the insulation tester, else an ohmmeter. */
const wiresOff = (toGround: boolean) => ({
  condition: 'leads-off',
  quantity: 'ohms',
  meter: toGround ? 'insulation 500 V DC' : 'Ω',
  need: 'proven-dead',
  cautions: toGround ? [...DEAD_CAUTIONS, NOT_THROUGH_ELECTRONICS] : DEAD_CAUTIONS,
}) as const

/** Ohms between two nodes with the leads off. To ground, by the insulation tester. */
export function leadOhms({ between: [a, b], through, ...entry }: LeadOhmsEntry): NumericTest {
  const toGround = entry.variant === 'ground'
  return reading({
    ...wiresOff(toGround),
    probe: { ask: 'ohms', a, b, ...(toGround ? { insulation: true } : {}), ...(through ? { through } : {}) },
    band: toGround ? 'insulation' : 'winding',
    ...entry,
  })
}

export interface PartOhmsEntry extends Named, More {
  readonly figure: StagedKey
  readonly minutes: number
  /** what heals by itself is closed again */
  readonly cold?: boolean
  readonly asFound?: number
  /** how far sound parts differ, as a share */
  readonly spread?: number
}

export interface WireOhmsEntry extends Named, More {
  readonly figure: StagedKey
  readonly variant: 'between' | 'ground'
  readonly minutes: number
}

/** Ohms between wires that are off at both ends; to ground, by the insulation tester. */
export function wireOhms({ figure, ...entry }: WireOhmsEntry): NumericTest {
  const toGround = entry.variant === 'ground'
  return reading({
    ...wiresOff(toGround),
    probe: { ask: 'part', figure, ...(toGround ? { insulation: true } : {}) },
    band: 'insulation',
    ...entry,
  })
}

/** Ohms across one part, off the circuit. */
export function partOhms({ figure, cold, asFound, spread, ...entry }: PartOhmsEntry): NumericTest {
  return reading({
    condition: 'dead',
    quantity: 'ohms',
    meter: 'Ω',
    need: 'proven-dead',
    cautions: DEAD_CAUTIONS,
    probe: {
      ask: 'part',
      figure,
      ...(spread ? { spread } : {}),
      ...(cold ? { cold } : {}),
      ...(asFound ? { asFound } : {}),
    },
    band: 'contact-ohms',
    ...entry,
  })
}

export interface FlowEntry extends Named, More {
  readonly ask: FlowAsk
  /** seconds that it is watched for, where that is the shop's own choice */
  readonly over?: number
  /** of a later stage: the pump in the well */
  readonly stage?: string
  readonly quantity: NumericTest['quantity']
  readonly minutes: number
}

/** What a gauge, a stopwatch or a bucket shows. */
export const flow = ({ ask, over, stage, ...entry }: FlowEntry): NumericTest =>
  reading({
    condition: 'running',
    probe: { ask: 'flow', what: ask, ...(over ? { over } : {}), ...(stage ? { stage } : {}) },
    band: 'model',
    ...entry,
  })

/** Chances of the answers of a test, by the answer. */
export type Chances<Outcome extends string> = Readonly<Record<Outcome, number>>
type AnyFault = FaultId | `${StageId}-${FaultId}`
type ByFault<Row> = Readonly<Partial<Record<AnyFault | `${AnyFault}:${1 | 2 | 3 | 4 | 5 | 6 | 7}`, Row>>>
type ByEffect<Row> = Readonly<Partial<Record<Effect | `${StageId}:${Effect}`, Row>>>

export interface OutcomeEntry {
  readonly label: string
  /** what else a hand says for it, besides its id */
  readonly words?: readonly string[]
}

type SeenGiven = 'id' | 'point' | 'title' | 'words' | 'steps' | 'cautions' | 'wait' | 'whileRunning' | 'proves'
type SeenMore = Pick<SeenTest, SeenGiven>
  & Partial<Pick<SeenTest, 'minutes' | 'risk' | 'need' | 'afterRepair' | 'onlyTold' | 'several' | 'pointsTo'>>

export interface SeenEntry<Outcome extends string> extends SeenMore {
  readonly outcomes: Readonly<Record<Outcome, OutcomeEntry>>
  /** when nothing bears on it */
  readonly usual: Chances<NoInfer<Outcome>>
  readonly chancesByFault?: ByFault<Chances<NoInfer<Outcome>>>
  readonly chancesByEffect?: ByEffect<Chances<NoInfer<Outcome>>>
  readonly trial?: Trial
  readonly points?: 'all' | readonly NoInfer<Outcome>[]
  readonly beside?: SeenTest['beside']
}

/** A thing seen, heard, felt or tried, and what comes of it. */
export function seen<const Outcome extends string>(entry: SeenEntry<Outcome>): SeenTest {
  const { outcomes, usual, chancesByFault, chancesByEffect, ...rest } = entry
  const ids = Object.keys(outcomes) as Outcome[]
  const inOrder = (row: Chances<Outcome>) => ids.map(id => row[id])
  const table = (rows: Readonly<Record<string, Chances<Outcome> | undefined>> = {}) =>
    Object.fromEntries(Object.entries(rows).flatMap(([key, row]) => (row ? [[key, inOrder(row)]] : [])))
  return cautioned({
    kind: 'seen',
    risk: 0,
    need: 'any',
    minutes: 0.5,
    ...rest,
    outcomes: ids.map(id => ({ id, label: outcomes[id].label, words: [id, ...(outcomes[id].words ?? [])] })),
    usual: inOrder(usual),
    chancesByFault: table(chancesByFault),
    chancesByEffect: table(chancesByEffect),
  })
}

/** The same row for several effects or faults. */
export const alike = <const E extends string, Row>(keys: readonly E[], row: Row) =>
  Object.fromEntries(keys.map(key => [key, row])) as Record<E, Row>

/** Effects with the motor turning. */
export const TURNING = [
  'runs',
  'runs-dry',
  'runs-weak',
  'runs-on',
  'rapid-cycles',
  'surges',
  'starts-alone',
  'trips-overload',
] as const satisfies readonly Effect[]
