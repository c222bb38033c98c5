/** A single-phase motor from its plate, and from tables where it does not say. What contradicts itself is said. */
import { calibrateMotor, type MotorModel, type MotorNameplate, type StartGear } from '#core/circuit'
import {
  CODE_LETTERS,
  codeLetterAmps,
  nearestBySize,
  SINGLE_PHASE_MOTORS,
  singlePhaseAmps,
  SURFACE_START_CAPACITORS,
  SURFACE_START_CAPACITORS_230,
  THREE_WIRE_MOTORS,
  TWO_WIRE_MOTORS,
  type CodeLetter,
} from '#core/standards'
import { formatValue, HORSEPOWER } from '#core/units'
import { START_OHMS } from '../blocks/startFigures'
import { CLOSED } from '../power/resistances'
import { contradiction } from './contradiction'
import type { Plate } from './plate'
import { slipOf } from './slip'
import type { At, SingleOptions } from './singleOptions'

export interface SingleMotor {
  readonly model: MotorModel
  readonly maxAmps: number
  /** µF as farads, from and to; none without a start capacitor */
  readonly startBand?: readonly [number, number]
  readonly runFarads?: number
  /** volts that the start winding sees, of the motor's: half on the high tap of a dual-voltage motor */
  readonly startTap: number
}

interface Typical {
  readonly row: number
  readonly fullLoadAmps: number
  readonly maxAmps: number
  readonly lockedRotorAmps: number
  readonly mainOhms: number
  readonly startOhms: number
  readonly startBand: readonly [number, number]
}

const mid = ([low, high]: readonly [number, number]) => (low + high) / 2

export function describeMotor(plate: Plate, o: SingleOptions, at: At, hertz: number): SingleMotor {
  const watts = plate.take(
    at('motor', 'power'),
    o.hp * HORSEPOWER,
    `motor power not given: ${o.hp} hp taken`,
    0.6,
  )
  const hp = watts / HORSEPOWER
  const usualVolts = o.neutral && hertz === 60 ? 115 : 230
  const volts = plate.take(at('motor', 'volts'), usualVolts, `motor voltage not given: ${usualVolts} V taken`, 0.3)
  const dual = o.startGear === 'surface' && isDual(plate, hp, at)
  const startTap = dual && volts > 150 ? 0.5 : 1
  const typical = o.startGear === 'surface' ? surfaceTypical(hp, volts, startTap) : drownedTypical(hp, volts, o)
  const gear: StartGear = o.permanentSplit ? 'permanent' : o.startGear === 'inside' ? 'split' : 'capacitor'
  const startBand = gear === 'capacitor' ? startBandOf(plate, o, at, typical, hp) : undefined
  const runFarads = runFaradsOf(plate, o, at, { hp, startTap })
  const stated = statedFigures(plate, at, typical, hp, volts)
  const slip = slipOf(plate, at('motor', 'rpm'), hertz)
  const capacitors = {
    startFarads: startBand ? mid(startBand) * startTap ** 2 : 0,
    runFarads: (runFarads ?? 0) * startTap ** 2,
  }
  const asked: MotorNameplate = {
    volts,
    hertz,
    watts,
    gear,
    ...capacitors,
    feedOhms: (START_OHMS + CLOSED) / startTap ** 2,
    ...stated,
    startOhms: stated.startOhms / startTap ** 2,
    ...(slip === undefined ? {} : { slip }),
  }
  const model = fit(plate, asked, at, typical, hp)
  return {
    model,
    maxAmps: plate.value(at('motor', 'maxAmps')) ?? maxAmpsOf(plate, at, typical, model),
    ...(startBand ? { startBand } : {}),
    ...(runFarads === undefined ? {} : { runFarads }),
    startTap,
  }
}

/** Small motors in the open are wound for both voltages unless the plate says otherwise. */
function isDual(plate: Plate, hp: number, at: At): boolean {
  const said = plate.value(at('motor', 'dualVoltage'))
  return said === undefined ? hp < 2.5 : said === 1
}

const maxAmpsOf = (plate: Plate, at: At, typical: Typical, { nameplate }: MotorModel) => {
  const factor = plate.value(at('motor', 'serviceFactor'))
  return nameplate.fullLoadAmps * (factor ?? typical.maxAmps / typical.fullLoadAmps)
}

function statedFigures(plate: Plate, at: At, typical: Typical, hp: number, volts: number) {
  const say = (what: string, quantity: 'amps' | 'ohms', value: number) =>
    `${what} not given: ${formatValue(quantity, value)} taken from the table for `
    + `${Number(typical.row.toPrecision(3))} hp`
  const letter = plate.value(at('motor', 'codeLetter'))
  const code = letter === undefined ? undefined : (Object.keys(CODE_LETTERS) as CodeLetter[])[letter]
  const fullLoadAmps = plate.take(
    at('motor', 'amps'),
    typical.fullLoadAmps,
    say('full-load amps', 'amps', typical.fullLoadAmps),
    1,
  )
  const usualLocked = (typical.lockedRotorAmps * fullLoadAmps) / typical.fullLoadAmps
  const lockedRotorAmps
    = plate.value(at('motor', 'lockedAmps'))
      ?? (code
        ? codeLetterAmps(code, hp, volts)
        : plate.take(at('motor', 'lockedAmps'), usualLocked, say('locked amps', 'amps', usualLocked), 0.7))
  const mainOhms = plate.take(
    at('motor', 'mainOhms'),
    typical.mainOhms,
    say('main winding', 'ohms', typical.mainOhms),
    0.9,
  )
  const startOhms = plate.take(
    at('motor', 'startOhms'),
    typical.startOhms,
    say('start winding', 'ohms', typical.startOhms),
    0.4,
  )
  if (startOhms < mainOhms)
    plate.assume(
      at('motor', 'startOhms'),
      `the start winding (${formatValue('ohms', startOhms)}) is given below the main winding `
      + `(${formatValue('ohms', mainOhms)}): on a single-phase motor it is the larger; check which is which`,
      0,
    )
  return { fullLoadAmps, lockedRotorAmps, mainOhms, startOhms }
}

/** The plate's motor; where it contradicts itself that is said, and the table's motor stands in. */
function fit(plate: Plate, asked: MotorNameplate, at: At, typical: Typical, hp: number): MotorModel {
  const fitted = calibrateMotor(asked)
  if (fitted.ok) return fitted.value
  plate.assume(at('motor', 'amps'), contradiction(fitted.problem.code, { ...asked, hp }), 1)
  const table = {
    ...asked,
    fullLoadAmps: typical.fullLoadAmps,
    lockedRotorAmps: typical.lockedRotorAmps,
    mainOhms: typical.mainOhms,
  }
  for (const watts of [asked.watts, 0.5 * asked.watts, 0.2 * asked.watts]) {
    const usual = calibrateMotor({ ...table, watts })
    if (usual.ok) return usual.value
  }
  throw new Error(`the table row for ${hp} hp at ${asked.volts} V does not make a motor: ${fitted.problem.code}`)
}

/** Figures between rows go by power, between voltages by volts. */
function drownedTypical(hp: number, volts: number, o: SingleOptions): Typical {
  const row = nearestBySize(o.startGear === 'inside' ? TWO_WIRE_MOTORS : THREE_WIRE_MOTORS, hp)
  const startRow = nearestBySize(THREE_WIRE_MOTORS, hp)
  const k = hp / row.hp
  const amps = (a: number) => (a * k * 230) / volts
  const ohms = (r: number) => (r / k) * (volts / 230) ** 2
  const [low, high] = startRow.startMicrofarads ?? [105, 126]
  // a run capacitor alone starts softly: four times full load (common practice, no source)
  const locked = o.permanentSplit ? 4 * row.fullLoadAmps : row.lockedRotorAmps
  return {
    row: row.hp,
    fullLoadAmps: amps(row.fullLoadAmps),
    maxAmps: amps(row.maxAmps),
    lockedRotorAmps: amps(locked),
    mainOhms: ohms(mid(row.mainOhms)),
    startOhms: ohms(mid(startRow.startOhms ?? [16.7, 20.5])),
    startBand: [low * 1e-6, high * 1e-6],
  }
}

/** Windings of a motor in the open: main about 0.07·V/FLA, start four times that; common practice, no source. */
function surfaceTypical(hp: number, volts: number, startTap: number): Typical {
  const row = nearestBySize(SINGLE_PHASE_MOTORS, hp)
  const fullLoadAmps = (singlePhaseAmps(row, volts) * hp) / row.hp
  const at230 = singlePhaseAmps(row, 230)
  const mainOhms = (0.07 * volts) / fullLoadAmps
  const rows: readonly { readonly hp: number, readonly band: readonly [number, number] }[]
    = volts * startTap < 150 ? SURFACE_START_CAPACITORS : SURFACE_START_CAPACITORS_230
  const [low, high] = nearestBySize(rows, hp).band
  return {
    row: row.hp,
    fullLoadAmps,
    maxAmps: 1.15 * fullLoadAmps,
    // 430.251(A) begins at ½ hp: below it six times full load (common practice, no source)
    lockedRotorAmps: fullLoadAmps * ((row.lockedRotorAmps ?? 6 * at230) / at230),
    mainOhms,
    startOhms: 4 * mainOhms * startTap ** 2,
    startBand: [low * 1e-6, high * 1e-6],
  }
}

function startBandOf(plate: Plate, o: SingleOptions, at: At, typical: Typical, hp: number): readonly [number, number] {
  const holder = o.startGear === 'box' ? ('box' as const) : ('motor' as const)
  const low = plate.value(at(holder, 'capLow'))
  if (low !== undefined) return [low, plate.value(at(holder, 'capHigh')) ?? low * 1.2]
  const [a, b] = typical.startBand.map(f => Math.round(f * 1e6))
  plate.assume(
    at(holder, 'capLow'),
    `start capacitor not given: ${a}–${b} µF taken for ${Number(hp.toPrecision(3))} hp`,
    0.6,
  )
  return typical.startBand
}

/** A start winding on half of the volts has twice the capacitor; common practice, no source. */
function runFaradsOf(
  plate: Plate, o: SingleOptions, at: At, { hp, startTap }: { readonly hp: number, readonly startTap: number },
): number | undefined {
  if (!o.runCapacitor && !o.permanentSplit) return undefined
  const row = nearestBySize(THREE_WIRE_MOTORS, hp)
  const usual = o.permanentSplit ? Math.max(12, 40 * hp) : (row.runMicrofarads ?? 20) / startTap
  const field = o.startGear === 'box' ? at('box', 'runMicrofarads') : at('motor', 'runMicrofarads')
  return plate.take(field, usual * 1e-6, `run capacitor not given: ${Math.round(usual)} µF taken`, 0.3)
}
