/**
 * Chance of each complaint being voiced when the system does a thing, or has a fault; judgement of the trade, no
 * source.
 */
import type { Complaint, Effect, SystemKind } from '#core/systems'

type Row = Readonly<Partial<Record<Effect | `${string}.${string}`, number>>> & { readonly usual: number }

export const COMPLAINT_GIVEN: Record<Complaint, Row> = {
  'no-water': {
    'usual': 0.05,
    'pump.cracked': 0.15,
    'well-pump.worn': 0.2,
    'well-pump.dry-well': 0.4,
    'well-pipe.holed': 0.25,
    'well-motor.binding': 0.1,
    'house.shut': 0.75,
    'runs-dry': 0.7,
    'groans': 0.35,
    'silent': 0.75,
    'trips-breaker': 0.3,
    'runs-weak': 0.1,
    'surges': 0.03,
    'runs': 0.015,
    'rapid-cycles': 0.01,
    'cuts-off': 0.35,
    'chatters': 0.3,
    'trips-overload': 0.3,
    'starts-alone': 0.01,
  },
  'no-air': {
    'usual': 0.05,
    'regulator.stuck': 0.35,
    'runs-dry': 0.6,
    'groans': 0.4,
    'silent': 0.8,
    'trips-breaker': 0.35,
    'runs-weak': 0.12,
    'runs': 0.015,
    'chatters': 0.35,
    'trips-overload': 0.35,
    'starts-alone': 0.01,
    'rapid-cycles': 0.01,
  },
  'groans': {
    'usual': 0.005,
    'motor.wrong-tap': 0.25,
    // it starts by day, and with cold oil or a low supply it does not
    'feed.high-resistance': 0.06,
    'run.high-resistance': 0.06,
    'supply.low-volts': 0.06,
    'box.cap-shorted': 0.2,
    'motor.cap-shorted': 0.2,
    'groans': 0.35,
    'runs-weak': 0.03,
    'runs': 0.002,
    'silent': 0.008,
    'trips-overload': 0.03,
    'chatters': 0.05,
  },
  'overload-trips': {
    'usual': 0.004,
    'groans': 0.3,
    'trips-overload': 0.5,
    'motor.binding': 0.35,
    'box.relay-closed': 0.35,
    'box.overload-failed': 0.35,
    'motor.overload-failed': 0.35,
    'motor.overload-hot': 0.3,
    // without its run capacitor it runs hot on more amps
    'motor.runcap-open': 0.3,
    'box.cap-low': 0.1,
    'motor.cap-low': 0.1,
    'motor.wrong-tap': 0.2,
    'motor.runcap-shorted': 0.2,
    'box.runcap-open': 0.15,
    'box.overload-hot': 0.3,
    'box.cap-shorted': 0.3,
    'motor.cap-shorted': 0.3,
    'runs-weak': 0.01,
    'silent': 0.02,
    'starter.overload-tripped': 0.35,
    'starter.overload-set': 0.35,
    'supply.low-volts': 0.15,
    'supply.unbalanced': 0.15,
    'feed.high-resistance': 0.12,
    'run.high-resistance': 0.12,
    'cable.high-resistance': 0.05,
    // two lines carry what three should
    'starter.contact-burnt': 0.12,
    'motor.turn-short': 0.2,
    'motor.centrifugal-closed': 0.35,
    'runs': 0.003,
    'rapid-cycles': 0.02,
  },
  'breaker-trips': {
    'usual': 0.003,
    // the start winding straight across the line, until something lets go
    'box.cap-shorted': 0.2,
    'motor.cap-shorted': 0.2,
    'trips-breaker': 0.68,
    'groans': 0.06,
    'runs-weak': 0.02,
    'runs': 0.004,
    'breaker.off': 0.2,
    'breaker.weak': 0.68,
    'fuse.blown': 0.35,
    'trips-overload': 0.04,
  },
  'chatters': { 'usual': 0.002, 'switch.bounces': 0.5, 'chatters': 0.7, 'rapid-cycles': 0.06, 'runs': 0.002 },
  'low-pressure': {
    'usual': 0.02,
    'runs-weak': 0.6,
    'runs-dry': 0.12,
    'rapid-cycles': 0.1,
    'surges': 0.2,
    'runs': 0.04,
    'filter.blocked': 0.6,
    'house.reducer': 0.5,
    'house.shut': 0.15,
    'house.leak': 0.1,
    'pipe.pitless': 0.15,
    'pump.cracked': 0.3,
    'cuts-off': 0.1,
  },
  'slow-air': {
    'usual': 0.01,
    'runs-weak': 0.75,
    'runs-dry': 0.2,
    'starts-alone': 0.08,
    'regulator.stuck': 0.6,
    'runs': 0.02,
    'trips-overload': 0.03,
  },
  'rapid-cycles': { 'usual': 0.01, 'rapid-cycles': 0.6, 'surges': 0.2, 'starts-alone': 0.15, 'runs': 0.02 },
  'starts-alone': { 'usual': 0.004, 'starts-alone': 0.6, 'rapid-cycles': 0.08, 'runs': 0.01 },
  'stops-under-draw': {
    'usual': 0.003,
    'cuts-off': 0.55,
    'surges': 0.1,
    'trips-overload': 0.04,
    'switch.cut-off-tripped': 0.2,
    'runs': 0.004,
  },
  'runs-on': {
    'usual': 0.01,
    'well-switch.stuck-down': 0.6,
    'well-switch.wrong-sense': 0.3,
    'switch.out-of-setting': 0.15,
    'switch.out-of-setting:7': 0.7,
    // what is torn is not pushed
    'switch.diaphragm': 0.2,
    // nothing gets to the switch behind it
    'check.stuck-shut': 0.12,
    'runs-on': 0.85,
    'runs-dry': 0.12,
    'runs-weak': 0.18,
    'runs': 0.004,
  },
  'surges': {
    'usual': 0.01,
    'surges': 0.55,
    'rapid-cycles': 0.2,
    'cuts-off': 0.08,
    'runs-dry': 0.05,
    'suction.dry-well': 0.2,
    'suction.air-leak': 0.25,
    'pump.dry-well': 0.15,
    'well-pump.dry-well': 0.15,
  },
  'check-up': { 'usual': 0.02, 'runs': 0.8, 'starts-alone': 0.06 },
}

/** Chance of a complaint under a hypothesis's effect and its faults, or a degree of one. */
export function complaintChance(complaint: Complaint, faults: readonly string[], effect: Effect): number {
  const row = COMPLAINT_GIVEN[complaint]
  const own = faults.flatMap(f => row[f as `${string}.${string}`] ?? [])
  return own.length > 0 ? Math.max(...own, row[effect] ?? 0) : (row[effect] ?? row.usual)
}

/** What files call it by other names: the first of these that the kind has. Common practice, no source. */
const ALSO_CALLED: Readonly<Record<string, readonly Complaint[]>> = {
  'silent': ['no-water', 'no-air'],
  'dead': ['no-water', 'no-air'],
  'no-pressure': ['no-water', 'no-air'],
  'loses-prime': ['no-water'],
  'weak': ['low-pressure', 'slow-air'],
  'slow': ['slow-air', 'low-pressure'],
  'slow-fill': ['slow-air', 'low-pressure'],
  'hums': ['groans'],
  'trips': ['breaker-trips'],
  'trips-breaker': ['breaker-trips'],
  'fuse-blows': ['breaker-trips'],
  'cycles': ['rapid-cycles'],
  'short-cycles': ['rapid-cycles'],
  'cycles-often': ['starts-alone'],
  'leaks-down': ['starts-alone'],
  'loses-air': ['starts-alone'],
  'will-not-stop': ['runs-on'],
  'tank-overflows': ['runs-on'],
}

/** The complaint of the catalogue that is meant; none where nothing is known of it. */
export function complaintMeant({ complaints }: SystemKind, said: string | undefined): Complaint | undefined {
  if (said === undefined || said in COMPLAINT_GIVEN) return said as Complaint | undefined
  return ALSO_CALLED[said.toLowerCase().trim().replace(/[\s_]+/g, '-')]?.find(c => complaints.includes(c))
}
