/**
 * Three-phase motors, protection and starters. All rows quote NFPA 70 and NEMA from memory; the local code in force
 * decides.
 */
/** Three-phase induction motors: full-load amps at 230 V and 460 V (NFPA 70 table 430.250; from memory). */
export const THREE_PHASE_MOTORS = [
  { hp: 0.5, at230: 2.2, at460: 1.1 },
  { hp: 0.75, at230: 3.2, at460: 1.6 },
  { hp: 1, at230: 4.2, at460: 2.1 },
  { hp: 1.5, at230: 6, at460: 3 },
  { hp: 2, at230: 6.8, at460: 3.4 },
  { hp: 3, at230: 9.6, at460: 4.8 },
  { hp: 5, at230: 15.2, at460: 7.6 },
  { hp: 7.5, at230: 22, at460: 11 },
  { hp: 10, at230: 28, at460: 14 },
  { hp: 15, at230: 42, at460: 21 },
  { hp: 20, at230: 54, at460: 27 },
] as const

/**
 * Full-load amps of a three-phase motor for sizing, scaled from 230 V between rows. Nearest row above the power
 * asked.
 */
export function threePhaseAmps(hp: number, volts: number): number {
  const row = THREE_PHASE_MOTORS.find(r => r.hp >= hp * 0.97) ?? THREE_PHASE_MOTORS.at(-1)!
  return ((volts > 400 ? row.at460 * 460 : row.at230 * 230) / volts) * (hp > row.hp ? hp / row.hp : 1)
}

/**
 * Unbalance of three voltages or currents: largest deviation from the mean over the mean (NEMA MG 1 14.36: 460, 467,
 * 450 V → 1.96 %).
 */
export function unbalance(values: readonly [number, number, number]): {
  readonly mean: number
  readonly share: number
} {
  const mean = (values[0] + values[1] + values[2]) / 3
  return { mean, share: mean > 0 ? Math.max(...values.map(v => Math.abs(v - mean))) / mean : 0 }
}
export const UNBALANCE_LIMITS = { volts: { derate: 0.01, stop: 0.05 }, amps: { look: 0.05, stop: 0.1 } } as const

/** Standard ratings of fuses and inverse-time breakers, A (NFPA 70 240.6(A); from memory). */
export const DEVICE_RATINGS = [
  15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400,
] as const
const DEVICE_SHARE = { 'breaker': 2.5, 'dual-element-fuse': 1.75, 'fuse': 3 } as const
export type DeviceKind = keyof typeof DEVICE_SHARE

/**
 * Conductors at 125 % of full-load amps (430.22), overload by service factor or rise (430.32), branch device (430.52,
 * next size up).
 */
export function protectMotor(
  fullLoadAmps: number,
  motor: { readonly serviceFactor: number, readonly rise40?: boolean },
) {
  const device = (kind: DeviceKind) =>
    DEVICE_RATINGS.find(r => r >= DEVICE_SHARE[kind] * fullLoadAmps) ?? DEVICE_RATINGS.at(-1)!
  return {
    conductorAmps: 1.25 * fullLoadAmps,
    overloadAmps: (motor.serviceFactor >= 1.15 || motor.rise40 ? 1.25 : 1.15) * fullLoadAmps,
    device: {
      'breaker': device('breaker'),
      'dual-element-fuse': device('dual-element-fuse'),
      'fuse': device('fuse'),
    },
  }
}

/**
 * Largest horsepower of each starter size: single-phase 230 V, three-phase 230 V and 460 V (NEMA ICS 2; from memory).
 */
export const STARTER_SIZES = [
  { size: '00', single: 1, three230: 1.5, three460: 2 },
  { size: '0', single: 2, three230: 3, three460: 5 },
  { size: '1', single: 3, three230: 7.5, three460: 10 },
  { size: '2', single: 7.5, three230: 15, three460: 25 },
] as const

export function starterSize(hp: number, supply: 'single' | 'three230' | 'three460'): string | undefined {
  return STARTER_SIZES.find(s => s[supply] >= hp)?.size
}

/** Voltage drop along a run: 2·L·I·R single-phase or direct, √3·L·I·R three-phase. Metres, amps, ohms per metre. */
export const voltageDrop = (phases: 1 | 3, metres: number, amps: number, ohmsPerMetre: number) =>
  (phases === 3 ? Math.sqrt(3) : 2) * metres * amps * ohmsPerMetre
