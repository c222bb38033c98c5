/**
 * Figures the trade looks up, each row with where it comes from. Rows marked `memory` quote a published standard from
 * memory; `practice` rows are common practice with no published source.
 */
import { itemAt } from '#core/foundation'

export type Standing = 'published' | 'memory' | 'practice'
export interface Source {
  readonly text: string
  readonly standing: Standing
}

export const SOURCES = {
  nema430: { text: 'NFPA 70 tables 430.248 and 430.251(A), single-phase motors', standing: 'memory' },
  codeLetter: { text: 'NFPA 70 table 430.7(B), locked-rotor code letters', standing: 'memory' },
  service: { text: 'ANSI C84.1 service voltage, range A', standing: 'memory' },
  utilisation: { text: 'NEMA MG 1 12.44, ±10 % of nameplate volts', standing: 'memory' },
  submersible: { text: 'submersible service figures, as printed inside box lids', standing: 'memory' },
  capacitorBand: { text: 'usual start-capacitor bands', standing: 'memory' },
  capacitorOneValue: {
    text: 'start capacitor with one printed value, ±10 %, common practice, no source',
    standing: 'practice',
  },
  insulation: {
    text: 'submersible motor with its cable: 2 MΩ new, 0.5 MΩ serviceable, 0.02 MΩ failed, common practice, no source',
    standing: 'practice',
  },
  contact: { text: 'a closed contact drops under 0.2 V warm, common practice, no source', standing: 'practice' },
  dead: { text: 'dead is under 2 V on the meter, common practice, no source', standing: 'practice' },
  copper: {
    text: 'annealed copper 10.371 Ω·cmil/ft at 20 °C, 0.00393 per kelvin (IEC 60028)',
    standing: 'published',
  },
  awg: { text: 'wire diameter, ASTM B258', standing: 'published' },
  precharge: {
    text: 'as far under cut-in as this shop sets it, common practice, no source',
    standing: 'practice',
  },
  boyle: { text: 'Boyle\'s law on absolute pressures', standing: 'published' },
  cycling: {
    text: 'a minute\'s run at least under 1½ hp; cycles of about 10 s destroy contacts, common practice, no source',
    standing: 'practice',
  },
  switchTolerance: {
    text: 'pressure switch within about 3 psi of its setting, common practice, no source',
    standing: 'practice',
  },
  nameplate: { text: 'nameplate of this system', standing: 'published' },
  model: { text: 'circuit of this system, solved', standing: 'published' },
  phase430: { text: 'NFPA 70 table 430.250, three-phase motors', standing: 'memory' },
  battery: {
    text: 'rested 12 V battery: 12.6–12.7 V full, about 12.0 V spent, common practice, no source',
    standing: 'practice',
  },
  drop12: {
    text: '12 V circuits: 3 % drop critical, 10 % otherwise, common practice, no source',
    standing: 'practice',
  },
  coil: { text: 'a coil pulls in at 85 % of its rated volts (NEMA ICS 2)', standing: 'memory' },
  leakDown: {
    text: 'sound plumbing holds its pressure for as long as this shop watches it, common practice, no source',
    standing: 'practice',
  },
  surfaceMotor: {
    text: 'windings and running amps of surface motors by power, common practice, no source',
    standing: 'practice',
  },
  lineage: { text: 'what this system read before', standing: 'published' },
} as const satisfies Record<string, Source>
export type SourceId = keyof typeof SOURCES

/** Columns of the single-phase table, V. */
const SINGLE_PHASE_VOLTS = [115, 200, 208, 230] as const

/**
 * Single-phase motors: full-load amps at 115, 200, 208 and 230 V (NFPA 70 table 430.248; from memory) and locked-rotor
 * amps at 230 V (430.251(A), which begins at ½ hp; from memory).
 */
export const SINGLE_PHASE_MOTORS: readonly {
  readonly hp: number
  readonly fullLoadAmps: readonly [number, number, number, number]
  readonly lockedRotorAmps?: number
}[] = [
  { hp: 1 / 6, fullLoadAmps: [4.4, 2.5, 2.4, 2.2] },
  { hp: 0.25, fullLoadAmps: [5.8, 3.3, 3.2, 2.9] },
  { hp: 1 / 3, fullLoadAmps: [7.2, 4.1, 4, 3.6] },
  { hp: 0.5, fullLoadAmps: [9.8, 5.6, 5.4, 4.9], lockedRotorAmps: 29.4 },
  { hp: 0.75, fullLoadAmps: [13.8, 7.9, 7.6, 6.9], lockedRotorAmps: 41.4 },
  { hp: 1, fullLoadAmps: [16, 9.2, 8.8, 8], lockedRotorAmps: 48 },
  { hp: 1.5, fullLoadAmps: [20, 11.5, 11, 10], lockedRotorAmps: 60 },
  { hp: 2, fullLoadAmps: [24, 13.8, 13.2, 12], lockedRotorAmps: 72 },
  { hp: 3, fullLoadAmps: [34, 19.6, 18.7, 17], lockedRotorAmps: 102 },
  { hp: 5, fullLoadAmps: [56, 32.2, 30.8, 28], lockedRotorAmps: 168 },
  { hp: 7.5, fullLoadAmps: [80, 46, 44, 40], lockedRotorAmps: 240 },
  { hp: 10, fullLoadAmps: [100, 57.5, 55, 50], lockedRotorAmps: 300 },
]
export type SinglePhaseMotor = (typeof SINGLE_PHASE_MOTORS)[number]

/** Full-load amps of a row at any volts: as printed in its own column, else from the nearest column by volts. */
export const singlePhaseAmps = (row: SinglePhaseMotor, volts: number): number =>
  ampsByColumn(SINGLE_PHASE_VOLTS, row.fullLoadAmps, volts)

/** A figure of the column nearest in volts (by ratio), brought to the volts asked for. Amps and volts. */
export function ampsByColumn(columns: readonly number[], amps: readonly number[], volts: number): number {
  const away = columns.slice(0, amps.length).map(c => Math.abs(Math.log(c / volts)))
  const nearest = away.indexOf(Math.min(...away))
  return (itemAt(amps, nearest, 'row') * itemAt(columns, nearest, 'column')) / volts
}

/** Upper end of the kVA per horsepower of each code letter; the band starts where the letter before ends. */
export const CODE_LETTERS = {
  A: 3.15,
  B: 3.55,
  C: 4,
  D: 4.5,
  E: 5,
  F: 5.6,
  G: 6.3,
  H: 7.1,
  J: 8,
  K: 9,
  L: 10,
  M: 11.2,
  N: 12.5,
  P: 14,
  R: 16,
  S: 18,
  T: 20,
  U: 22.4,
  V: Infinity,
} as const
export type CodeLetter = keyof typeof CODE_LETTERS

/** kVA/hp of a code letter: the middle of its band; of A its upper half, of V, which has no end, its beginning. */
function kvaPerHp(letter: CodeLetter): number {
  const letters = Object.keys(CODE_LETTERS) as CodeLetter[]
  const top = CODE_LETTERS[letter]
  const before = letters[letters.indexOf(letter) - 1]
  const bottom = before ? CODE_LETTERS[before] : 2.5
  return top === Infinity ? bottom : (top + bottom) / 2
}

/** Locked-rotor line amps from a code letter (430.7(B)): kVA/hp × hp × 1000 / V, on three phases over √3. */
export const codeLetterAmps = (letter: CodeLetter, hp: number, volts: number, phases: 1 | 3 = 1): number =>
  (kvaPerHp(letter) * hp * 1000) / volts / (phases === 3 ? Math.sqrt(3) : 1)

/** Insulation of a submersible motor with its cable, ohms to earth. */
export const INSULATION = { good: 2e6, serviceable: 0.5e6, failed: 0.02e6 } as const
