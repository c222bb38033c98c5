/**
 * Three-phase motors, protection and starters. All rows quote NFPA 70 and NEMA from memory; the local code in force
 * decides.
 */
import { itemAt } from '#core/foundation'
import { ampsByColumn } from './tables'

/** Columns of the two tables, V; the last of the first, 115 V, ends at 2 hp. */
const [FULL_VOLTS, LOCKED_VOLTS] = [[200, 208, 230, 460, 575, 115], [230, 460]] as const

/**
 * Three-phase induction motors: full-load amps at 200, 208, 230, 460, 575 and 115 V (NFPA 70 table 430.250; from
 * memory) and locked-rotor amps at 230 and 460 V, designs B to D (430.251(B); from memory).
 */
export const THREE_PHASE_MOTORS: readonly {
  readonly hp: number
  readonly full: readonly number[]
  readonly locked: readonly [number, number]
}[] = [
  { hp: 0.5, full: [2.5, 2.4, 2.2, 1.1, 0.9, 4.4], locked: [20, 10] },
  { hp: 0.75, full: [3.7, 3.5, 3.2, 1.6, 1.3, 6.4], locked: [25, 12.5] },
  { hp: 1, full: [4.8, 4.6, 4.2, 2.1, 1.7, 8.4], locked: [30, 15] },
  { hp: 1.5, full: [6.9, 6.6, 6, 3, 2.4, 12], locked: [40, 20] },
  { hp: 2, full: [7.8, 7.5, 6.8, 3.4, 2.7, 13.6], locked: [50, 25] },
  { hp: 3, full: [11, 10.6, 9.6, 4.8, 3.9], locked: [64, 32] },
  { hp: 5, full: [17.5, 16.7, 15.2, 7.6, 6.1], locked: [92, 46] },
  { hp: 7.5, full: [25.3, 24.2, 22, 11, 9], locked: [127, 63.5] },
  { hp: 10, full: [32.2, 30.8, 28, 14, 11], locked: [162, 81] },
  { hp: 15, full: [48.3, 46.2, 42, 21, 17], locked: [232, 116] },
  { hp: 20, full: [62.1, 59.4, 54, 27, 22], locked: [290, 145] },
  { hp: 25, full: [78.2, 74.8, 68, 34, 27], locked: [365, 183] },
  { hp: 30, full: [92, 88, 80, 40, 32], locked: [435, 218] },
  { hp: 40, full: [120, 114, 104, 52, 41], locked: [580, 290] },
  { hp: 50, full: [150, 143, 130, 65, 52], locked: [725, 363] },
]

/** A figure of the table at a power and volts: between rows by power, between columns by volts. */
function byPower(hp: number, figure: (row: (typeof THREE_PHASE_MOTORS)[number]) => number): number {
  const over = THREE_PHASE_MOTORS.findIndex(row => row.hp >= hp * 0.999)
  const above = THREE_PHASE_MOTORS[over] ?? THREE_PHASE_MOTORS.at(-1)!
  const below = over > 0 ? itemAt(THREE_PHASE_MOTORS, over - 1, 'THREE_PHASE_MOTORS') : above
  const within = below.hp < above.hp && hp < above.hp * 0.999
  const share = (hp - below.hp) / (above.hp - below.hp)
  return within ? figure(below) + (figure(above) - figure(below)) * share : (figure(above) * hp) / above.hp
}

/** Full-load line amps of a three-phase motor for sizing (430.250). */
export const threePhaseAmps = (hp: number, volts: number) =>
  byPower(hp, row => ampsByColumn(FULL_VOLTS, row.full, volts))
/** Locked-rotor line amps (430.251(B)); submersibles usually lie below it. */
export const threePhaseLockedAmps = (hp: number, volts: number) =>
  byPower(hp, row => ampsByColumn(LOCKED_VOLTS, row.locked, volts))

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
  15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600,
  700, 800, 1000, 1200, 1600, 2000, 2500, 3000, 4000, 5000, 6000,
] as const
/** Fuses come in these sizes too (240.6(A); from memory). */
export const FUSE_RATINGS = [1, 3, 6, 10, ...DEVICE_RATINGS, 601] as const
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
  const device = (kind: DeviceKind) => {
    const ratings: readonly number[] = kind === 'breaker' ? DEVICE_RATINGS : FUSE_RATINGS
    return ratings.toSorted((a, b) => a - b).find(r => r >= DEVICE_SHARE[kind] * fullLoadAmps) ?? DEVICE_RATINGS.at(-1)!
  }
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
 * Largest horsepower of each starter size: single-phase 115 and 230 V, three-phase 208, 230 and 460/575 V, and the
 * continuous amps (NEMA ICS 2; from memory).
 */
export const STARTER_SIZES = [
  { size: '00', amps: 9, single115: 1 / 3, single: 1, three208: 1.5, three230: 1.5, three460: 2 },
  { size: '0', amps: 18, single115: 1, single: 2, three208: 3, three230: 3, three460: 5 },
  { size: '1', amps: 27, single115: 2, single: 3, three208: 7.5, three230: 7.5, three460: 10 },
  { size: '2', amps: 45, single115: 3, single: 7.5, three208: 10, three230: 15, three460: 25 },
  { size: '3', amps: 90, single115: 7.5, single: 15, three208: 25, three230: 30, three460: 50 },
  { size: '4', amps: 135, three208: 40, three230: 50, three460: 100 },
] as const
export type StarterColumn = 'single115' | 'single' | 'three208' | 'three230' | 'three460'

/** The smallest starter for a motor; nothing where the table has none. */
export const starterSize = (hp: number, supply: StarterColumn): string | undefined =>
  STARTER_SIZES.find(s => ((s as Partial<Record<StarterColumn, number>>)[supply] ?? 0) >= hp)?.size

/** Most starts in a day by power; common practice, no source. */
export function startsADay(hp: number, phases: 1 | 3): number {
  if (hp <= 0.75) return 300
  if (hp <= 5.5) return phases === 3 ? 300 : 100
  return phases === 3 ? 100 : 50
}

/** Voltage drop along a run: 2·L·I·R single-phase or direct, √3·L·I·R three-phase. Metres, amps, ohms per metre. */
export const voltageDrop = (phases: 1 | 3, metres: number, amps: number, ohmsPerMetre: number) =>
  (phases === 3 ? Math.sqrt(3) : 2) * metres * amps * ohmsPerMetre
