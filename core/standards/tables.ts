/**
 * Figures the trade looks up, each row with where it comes from. Rows marked `memory` quote a published standard from
 * memory; `practice` rows are common practice with no published source.
 */
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
  submersible: {
    text: 'running amps and windings of submersible motors, common practice, no source',
    standing: 'practice',
  },
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

/**
 * Single-phase motors at 230 V: full-load amps (NFPA 70 table 430.248) and locked-rotor amps (430.251(A)); at 115 V
 * twice as much.
 */
export const SINGLE_PHASE_MOTORS = [
  { hp: 1 / 6, fullLoadAmps: 2.2, lockedRotorAmps: 13 },
  { hp: 0.25, fullLoadAmps: 2.9, lockedRotorAmps: 17 },
  { hp: 1 / 3, fullLoadAmps: 3.6, lockedRotorAmps: 21.5 },
  { hp: 0.5, fullLoadAmps: 4.9, lockedRotorAmps: 29.4 },
  { hp: 0.75, fullLoadAmps: 6.9, lockedRotorAmps: 41.4 },
  { hp: 1, fullLoadAmps: 8, lockedRotorAmps: 48 },
  { hp: 1.5, fullLoadAmps: 10, lockedRotorAmps: 60 },
  { hp: 2, fullLoadAmps: 12, lockedRotorAmps: 72 },
  { hp: 3, fullLoadAmps: 17, lockedRotorAmps: 102 },
  { hp: 5, fullLoadAmps: 28, lockedRotorAmps: 168 },
  { hp: 7.5, fullLoadAmps: 40, lockedRotorAmps: 240 },
  { hp: 10, fullLoadAmps: 50, lockedRotorAmps: 300 },
] as const

/** The row for a horsepower, or the nearest one. */
export const nearestSinglePhase = (hp: number) =>
  SINGLE_PHASE_MOTORS.reduce((best, row) => (Math.abs(row.hp - hp) < Math.abs(best.hp - hp) ? row : best))

/**
 * What to expect of a submersible at 230 V when its nameplate is not to hand. Common practice, no source; the spread
 * that goes with it is wide. `startMicrofarads` is the box's start-capacitor band.
 */
export const SUBMERSIBLE_MOTORS = [
  { hp: 0.33, fullLoadAmps: 5, lockedRotorAmps: 20, mainOhms: 6.4, startOhms: 24, startMicrofarads: [59, 71] },
  { hp: 0.5, fullLoadAmps: 6.5, lockedRotorAmps: 27, mainOhms: 4.5, startOhms: 18, startMicrofarads: [88, 108] },
  {
    hp: 0.75,
    fullLoadAmps: 7.8,
    lockedRotorAmps: 33,
    mainOhms: 3.2,
    startOhms: 12,
    startMicrofarads: [130, 156],
  },
  { hp: 1, fullLoadAmps: 9.3, lockedRotorAmps: 41, mainOhms: 2.5, startOhms: 10, startMicrofarads: [161, 193] },
  { hp: 1.5, fullLoadAmps: 11, lockedRotorAmps: 54, mainOhms: 1.8, startOhms: 7, startMicrofarads: [216, 259] },
  { hp: 2, fullLoadAmps: 13, lockedRotorAmps: 64, mainOhms: 1.4, startOhms: 5.5, startMicrofarads: [233, 280] },
] as const

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
} as const
export type CodeLetter = keyof typeof CODE_LETTERS

/** Locked-rotor amps from a code letter: kVA/hp × hp × 1000 / V, at the middle of the letter's band. */
export function codeLetterAmps(letter: CodeLetter, hp: number, volts: number): number {
  const letters = Object.keys(CODE_LETTERS) as CodeLetter[]
  const top = CODE_LETTERS[letter]
  const before = letters[letters.indexOf(letter) - 1]
  const bottom = before ? CODE_LETTERS[before] : 2.5
  return (((top + bottom) / 2) * hp * 1000) / volts
}

/** The row for a horsepower, or the nearest one. */
export function nearestSubmersible(hp: number) {
  return SUBMERSIBLE_MOTORS.reduce((best, row) => (Math.abs(row.hp - hp) < Math.abs(best.hp - hp) ? row : best))
}

/** Insulation of a submersible motor with its cable, ohms to earth. */
export const INSULATION = { good: 2e6, serviceable: 0.5e6, failed: 0.02e6 } as const

export const WIRE_GAUGES = [14, 12, 10, 8, 6, 4, 2] as const
export type WireGauge = (typeof WIRE_GAUGES)[number]

/**
 * Resistance of one copper conductor in ohms: 10.371 Ω·cmil/ft at 20 °C, α = 0.00393/K; diameter 5 mil ×
 * 92^((36−n)/39).
 * @param metres length of the single conductor, one way
 * @param celsius conductor temperature
 */
export function copperOhms(gauge: number, metres: number, celsius = 15): number {
  const mils = 5 * 92 ** ((36 - gauge) / 39)
  return (10.371 / mils ** 2) * (metres / 0.3048) * (1 + 0.00393 * (celsius - 20))
}
