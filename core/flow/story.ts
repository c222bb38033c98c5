/**
 * What the gauge, the switch, the taps and the stopwatch show of one plant: the answer of the water and of the air
 * model.
 */

export const FLOW_EFFECTS = [
  'runs',
  'runs-dry',
  'runs-weak',
  'runs-on',
  'rapid-cycles',
  'surges',
  'cuts-off',
  'starts-alone',
  'silent',
] as const
export type FlowEffect = (typeof FLOW_EFFECTS)[number]

/**
 * Gauge pressures in Pa, flows in m³/s (of free air for a compressor), times in s; undefined where it never happens.
 */
export interface FlowStory {
  readonly effect: FlowEffect
  readonly cutIn: number | undefined
  readonly cutOut: number | undefined
  /** highest pressure reached with everything shut */
  readonly peak: number
  /** from cut-in to cut-out with nothing drawn; Infinity if it never gets there */
  readonly fillTime: number
  /** start to start while half of what the pump gives is drawn; Infinity if it settles without cycling */
  readonly cycle: number
  /** what comes with the outlet wide open, and the pressure it comes at */
  readonly delivery: number
  readonly openPressure: number
  /** pressure lost in ten minutes, everything shut, machine off */
  readonly leakDown: number
  /** pressure fell to nothing before the switch called */
  readonly emptied: boolean
  /** the low-pressure cut-off opened under draw */
  readonly cutOffTripped: boolean
}

/** A switch as the plant drives it. Pressures gauge, Pa. */
export interface PressureSwitch {
  readonly cutIn: number
  readonly cutOut: number
  /** low-pressure cut-off; 0 for none */
  readonly cutOff: number
  /** seconds for the sensed pressure to follow the true one; Infinity for a blocked port */
  readonly delay: number
  /** what a blocked port holds */
  readonly held: number
  readonly welded: boolean
}

export interface SwitchState {
  readonly sensed: number
  readonly closed: boolean
  readonly tripped: boolean
}

/** The switch after `dt` seconds at a true pressure. */
export function stepSwitch(
  sw: PressureSwitch,
  { sensed, closed, tripped }: SwitchState,
  pressure: number,
  dt: number,
): SwitchState {
  const now = Number.isFinite(sw.delay)
    ? sensed + (pressure - sensed) * (1 - Math.exp(-dt / Math.max(sw.delay, 1e-3)))
    : sw.held
  const cut = tripped || (closed && sw.cutOff > 0 && now < sw.cutOff)
  const next = sw.welded ? true : cut ? false : now <= sw.cutIn ? true : now >= sw.cutOut ? false : closed
  return { sensed: now, closed: next, tripped: cut }
}
