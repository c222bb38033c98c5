/**
 * What a line says of the work's state, whatever else it is for: that there is power, that the pump ran or there is
 * pressure, that a capacitor holds a charge; or that something is proven. Each of the first three ends proofs
 * (work.ts).
 *
 * Volts of 2 and more are power, since dead means under about 2 V on the meter (common practice, no source); amps
 * from 0.1 A, under which a clamp meter shows noise (common practice, no source). What is tried with the leads put
 * apart and the power on again says power whatever came of it. A line of a kind to come may say anything.
 */
import { findTest, type SeenTest, type SystemKind, type Test } from '#core/systems'
import { PSI } from '#core/units'
import { isKnownLine, type AnyLine, type LineOf } from './lines'

export const DEAD_VOLTS = 2
const LEAST_AMPS = 0.1
const KNOWN_VOLTS = 50
const KNOWN_BATTERY_VOLTS = 8

export interface Says {
  /** there is or was power */
  readonly power?: true
  /** the pump ran, or there is pressure */
  readonly pressure?: true
  /** a capacitor holds a charge */
  readonly charge?: true
  readonly proves?: 'proven-dead' | 'discharged' | 'zero-pressure'
}

const NOTHING: Says = {}
const POWER: Says = { power: true }
const RAN: Says = { power: true, pressure: true }

/** Steps of a plan that bring power or pressure back, by their ids (core/plan). */
const STEP_SAYS: Readonly<Record<string, Says>> = {
  'power-on': RAN,
  'water-back': { pressure: true },
  'air-back': RAN,
}

/** outcomes that are only seen or heard with the power on, by whichever test */
const WITH_POWER = new Set([
  'runs',
  'groans',
  'chatters',
  'starts',
  'trips',
  'lets-go',
  'clicks',
  'pulls',
  'rumbles',
  'runs-on',
])

export function saysOf(kind: SystemKind, line: AnyLine): Says {
  if (!isKnownLine(line)) return RAN
  if (line.kind === 'state') return stateSays(kind, line)
  if (line.kind === 'remark') return remarkSays(line.text)
  // what is timed or proved has run; power and water come back by these steps
  if (line.kind === 'timed' || line.kind === 'proved') return RAN
  if (line.kind === 'step') return line.done ? (STEP_SAYS[line.step] ?? NOTHING) : NOTHING
  if (line.kind !== 'reading' && line.kind !== 'observation') return NOTHING
  const test = findTest(kind, line.test)
  if (line.kind === 'observation') return seenSays(test, line.outcome)
  // what was found as it should be was there
  return line.value === null ? (line.judged ? readingSays(test, JUDGED) : NOTHING) : readingSays(test, line.value)
}

/**
 * Words that tell of power, of running or of tripping, whatever else is said: a remark with one of them ends proofs.
 * A false alarm costs a proof; what is missed can cost a hand.
 */
const TELLS_OF_POWER = new RegExp(
  '\\b(?:'
  + [
    'power(?:ed)?|live|hot|energi[sz]\\w*|volts?|amps?|current|juice|switched on|turned on|plugged in|on again',
    'r[ua]n(?:s|ning)?|start(?:s|ed|ing)?|trip(?:s|ped|ping)?|hum(?:s|med|ming)?|groans?|buzz\\w*|chatter\\w*',
    'spark\\w*|arc(?:s|ed|ing)?|shock|reset|blew|blown?|bang|kick(?:s|ed)? in|pulls? in|flip(?:s|ped)?|works?|smok\\w*',
  ].join('|')
  + ')\\b',
  'i',
)
/** What takes the power away is no such word. */
const POWER_OFF
  = /\b(?:power|breaker|disconnect|supply|main)s?(?: (?:is|was|now))? (?:off|out|down|killed|locked|pulled)\b[^,;.]*/gi

/** A figure that nobody told, of what was there: live, turning, under pressure. */
const JUDGED = 1e6

const remarkSays = (text: string): Says => (TELLS_OF_POWER.test(text.replace(POWER_OFF, '')) ? RAN : NOTHING)

function readingSays(test: Test | undefined, value: number): Says {
  // a test that nobody here knows may have been taken with the power on
  if (test?.kind !== 'numeric') return RAN
  switch (test.quantity) {
    case 'volts':
      return value >= DEAD_VOLTS ? POWER : NOTHING
    case 'amps':
      // where a dial stands is seen, and flows nowhere
      return value >= LEAST_AMPS && test.probe.ask !== 'dial' ? RAN : NOTHING
    case 'pressure':
      return test.need === 'live'
        ? RAN
        : test.need !== 'zero-pressure' && value >= PSI
          ? { pressure: true }
          : NOTHING
    case 'flow':
      return value > 0 ? RAN : NOTHING
    case 'ohms':
    case 'farads':
      return NOTHING
    case 'time':
    case 'count':
      return test.need === 'live' ? RAN : NOTHING
  }
}

function seenSays(test: Test | undefined, outcome: string): Says {
  if (test?.kind !== 'seen') return RAN
  if (test.trial || test.whileRunning) return RAN
  if (outcome === 'on' && isBreakerLook(test)) return POWER
  return WITH_POWER.has(outcome) ? RAN : NOTHING
}

const isBreakerLook = (test: SeenTest) =>
  test.outcomes.some(o => o.id === 'tripped') && test.outcomes.some(o => o.id === 'off')

function stateSays(kind: SystemKind, line: LineOf<'state'>): Says {
  if (line.to === 'live') return RAN
  const failure = findProofFailure(kind, line)
  if (failure === undefined) return { proves: line.to }
  if (line.to === 'proven-dead') return failure.shows ? POWER : NOTHING
  if (line.to === 'discharged') return failure.shows ? { charge: true } : NOTHING
  return failure.shows ? { pressure: true } : NOTHING
}

/** Why a proof does not prove, and whether its figures show the opposite rather than being too few. */
export interface ProofFailure {
  readonly why: ProofFault
  /** the figure that shows it, in the unit of the reading; nought where none does */
  readonly value: number
  readonly shows: boolean
}

export const PROOF_FAULTS = [
  'dead-first', 'no-reading', 'three-readings', 'source-silent', 'volts-here', 'capacitor-charged', 'pressure-here',
] as const
export type ProofFault = typeof PROOF_FAULTS[number]

/**
 * Dead is proven live–dead–live: a known source reads, every pair at the point of work reads under 2 V, the known
 * source reads again. Discharged is under 2 V across the capacitor. Zero pressure is the gauge under 1 psi. With a
 * reason a state is taken without its proof.
 */
export function findProofFailure(
  kind: Pick<SystemKind, 'components'>,
  { to, proof = [], reason }: Pick<LineOf<'state'>, 'to' | 'proof' | 'reason'>,
): ProofFailure | undefined {
  if (to === 'live') return undefined
  const [first] = proof
  if (to === 'proven-dead' && proof.length > 0) return findLive(kind, proof, reason)
  if (first === undefined) return reason?.trim() ? undefined : { why: 'no-reading', value: 0, shows: false }
  if (to === 'discharged')
    return first < DEAD_VOLTS ? undefined : { why: 'capacitor-charged', value: first, shows: true }
  return first < PSI
    ? undefined
    : { why: 'pressure-here', value: first, shows: true }
}

function findLive(
  kind: Pick<SystemKind, 'components'>,
  proof: readonly number[],
  reason: string | undefined,
): ProofFailure | undefined {
  const [before, ...rest] = proof
  const after = rest.at(-1)
  const here = rest.slice(0, -1)
  if (after === undefined || here.length === 0) {
    const shows = proof.some(v => v >= DEAD_VOLTS) && proof.length === 1
    return reason?.trim() && !shows
      ? undefined
      : { why: 'three-readings', value: 0, shows }
  }
  const known = kind.components.some(c => c.glyph === 'battery') ? KNOWN_BATTERY_VOLTS : KNOWN_VOLTS
  if (before! < known || after < known)
    return { why: 'source-silent', value: 0, shows: true }
  const worst = Math.max(...here)
  return worst < DEAD_VOLTS ? undefined : { why: 'volts-here', value: worst, shows: true }
}
