/**
 * A well system's figures in SI: from its nameplate where given, from tables where not, with the spread each carries.
 * Says what was assumed and why. Faults change these figures; the networks and the water side are built from them.
 */
import { calibrateMotor, type MotorModel } from '#core/circuit'
import { airPressureAt } from '#core/flow'
import { codeLetterAmps, CODE_LETTERS, copperOhms, nearestSubmersible, type CodeLetter } from '#core/standards'
import { FOOT, formatValue, GALLON, HORSEPOWER, PSI } from '#core/units'
import type { Assumption, Nameplate } from '../types'

export const OPEN = 1e10 // Ω, an open contact or a broken wire
export const CLOSED = 0.01 // Ω, a good contact or joint

export type Pair = readonly [number, number]

export interface WellParams {
  /** volts of each leg to neutral */
  readonly legs: Pair
  /** ohms of the service behind each leg */
  readonly sourceOhms: number
  readonly breaker: Pair
  readonly feed: Pair
  readonly feedToEarth: number
  readonly feedAcross: number
  /** switch poles while the switch is called to close, and while it is called to open */
  readonly poles: Pair
  readonly polesAtRest: Pair
  readonly run: Pair
  readonly runToEarth: number
  readonly overload: number
  /** start contact at rest and with the motor up to speed */
  readonly startContact: number
  readonly startContactRunning: number
  /** start capacitor; 0 F is a start circuit without one */
  readonly startFarads: number
  readonly startCapOhms: number
  readonly leads: { readonly black: number, readonly yellow: number, readonly red: number }
  readonly cableToEarth: number
  readonly cableAcross: number
  /** share of the main winding still in circuit, and the two windings' continuity */
  readonly mainTurns: number
  readonly mainJoint: number
  readonly startJoint: number
  readonly windingToEarth: number
  readonly seized: boolean
  /** shaft load as a share of the load at full-load amps */
  readonly load: number
  // water side
  readonly tankVolume: number
  readonly precharge: number
  readonly waterlogged: boolean
  readonly cutIn: number
  readonly cutOut: number
  readonly pumpFlow: number
  readonly leakFlow: number
}

/** Healthy figures, the motor fitted to them, and relative spreads for what was not measured here. */
export interface WellDescription {
  readonly healthy: WellParams
  readonly motor: MotorModel
  readonly startGear: 'box' | 'motor'
  readonly cableMetres: number
  readonly airPressure: number
  readonly volts: number
  readonly breakerAmps: number
  readonly capBand: Pair
  readonly maxAmps: number
  readonly prechargeOffset: number
  readonly spread: { readonly volts: number, readonly amps: number, readonly locked: number, readonly ohms: number, readonly farads: number, readonly flow: number }
  readonly known: ReadonlySet<string>
  readonly assumptions: readonly Assumption[]
}

/** Describes a well system from its nameplate. Never refuses: what contradicts itself is replaced and said. */
export function describeWell(plate: Nameplate, startGear: 'box' | 'motor', prechargeOffset: number): WellDescription {
  const assumptions: Assumption[] = []
  const given = (field: string) => plate[field]
  const assume = (field: string, text: string) => assumptions.push({ field, text })
  const take = (field: string, otherwise: number, say: string) => given(field) ?? (assume(field, say), otherwise)

  const hp = take('motor.power', 0.75 * HORSEPOWER, 'motor power not given: ¾ hp taken') / HORSEPOWER
  const volts = take('motor.volts', 230, 'motor voltage not given: 230 V taken')
  const row = nearestSubmersible(hp)
  const at230 = (amps: number) => amps * 230 / volts
  const letter = given('motor.codeLetter') !== undefined ? (Object.keys(CODE_LETTERS) as CodeLetter[])[given('motor.codeLetter')!] : undefined
  const typical = {
    volts, watts: hp * HORSEPOWER, turnsRatio: 1.3,
    fullLoadAmps: at230(row.fullLoadAmps), lockedRotorAmps: at230(row.lockedRotorAmps),
    mainOhms: row.mainOhms * (volts / 230) ** 2, startOhms: row.startOhms * (volts / 230) ** 2, noLoadAmps: at230(row.fullLoadAmps) * 0.42,
  }
  const fullLoadAmps = take('motor.amps', typical.fullLoadAmps, `full-load amps not given: ${formatValue('amps', typical.fullLoadAmps)} taken from the table for ${row.hp} hp`)
  const lockedRotorAmps = given('motor.lockedAmps') ?? (letter ? codeLetterAmps(letter, hp, volts) : take('motor.lockedAmps', typical.lockedRotorAmps, `locked amps not given: ${formatValue('amps', typical.lockedRotorAmps)} taken from the table`))
  const mainOhms = take('motor.mainOhms', typical.mainOhms, `main winding not given: ${formatValue('ohms', typical.mainOhms)} taken from the table`)
  const startOhms = take('motor.startOhms', typical.startOhms, `start winding not given: ${formatValue('ohms', typical.startOhms)} taken from the table`)
  const asked = { ...typical, fullLoadAmps, lockedRotorAmps, mainOhms, startOhms, noLoadAmps: fullLoadAmps * 0.42 }
  let fitted = calibrateMotor(asked)
  if (!fitted.ok) {
    assume('motor.amps', `the motor's figures contradict each other (${fitted.problem.code.replaceAll('-', ' ')}): table figures for ${row.hp} hp taken instead`)
    fitted = calibrateMotor(typical)
  }
  if (!fitted.ok) fitted = calibrateMotor({ ...typical, watts: 1 })
  if (!fitted.ok) throw new Error(`the table row for ${row.hp} hp does not make a motor`)
  const motor = fitted.value
  if (startOhms < mainOhms) assume('motor.startOhms', 'the start winding reads below the main winding: check which is which')

  const metres = take('cable.length', 150 * FOOT, 'cable length not given: 150 ft taken')
  const gauge = take('cable.gauge', 12, 'cable size not given: 12 AWG taken')
  const leadOhms = copperOhms(gauge, metres)
  const feedOhms = copperOhms(12, take('breaker.feedLength', 60 * FOOT, 'length from the breaker not given: 60 ft taken'))
  const capBand: Pair = startGear === 'motor'
    ? [0, 0]
    : given('box.capLow') !== undefined
      ? [given('box.capLow')!, given('box.capHigh') ?? given('box.capLow')! * 1.2]
      : (assume('box.capLow', `start capacitor not given: ${row.startMicrofarads.join('–')} µF taken for ${row.hp} hp`), [row.startMicrofarads[0] * 1e-6, row.startMicrofarads[1] * 1e-6])
  const cutIn = take('switch.cutIn', 40 * PSI, 'cut-in not given: 40 psi taken')
  const cutOut = given('switch.cutOut') ?? cutIn + 20 * PSI
  const pumpFlow = take('pump.flow', 10 * GALLON / 60, 'pump delivery not given: 10 gpm taken')
  const serviceVolts = volts <= 130 ? 120 : volts >= 205 && volts <= 215 ? 208 : 240
  const known = new Set(Object.keys(plate))
  return {
    motor, startGear, cableMetres: metres, volts: serviceVolts, capBand, prechargeOffset, assumptions, known,
    airPressure: airPressureAt(given('site.altitude') ?? 0),
    breakerAmps: given('breaker.amps') ?? 20,
    maxAmps: given('motor.maxAmps') ?? motor.nameplate.fullLoadAmps * 1.15,
    healthy: {
      legs: [serviceVolts / 2, serviceVolts / 2], sourceOhms: 0.06, breaker: [CLOSED, CLOSED], feed: [feedOhms, feedOhms], feedToEarth: 5e9, feedAcross: 5e9,
      poles: [CLOSED, CLOSED], polesAtRest: [OPEN, OPEN], run: [0.05, 0.05], runToEarth: 5e9,
      overload: 0.02, startContact: 0.02, startContactRunning: OPEN,
      startFarads: (capBand[0] + capBand[1]) / 2, startCapOhms: 0.1,
      leads: { black: leadOhms, yellow: leadOhms, red: leadOhms }, cableToEarth: 2e9, cableAcross: 5e9,
      mainTurns: 1, mainJoint: 0, startJoint: 0, windingToEarth: 50e6, seized: false, load: 0.9,
      tankVolume: take('tank.volume', 44 * GALLON, 'tank size not given: 44 gal taken'), precharge: cutIn - prechargeOffset, waterlogged: false,
      cutIn, cutOut, pumpFlow, leakFlow: 0,
    },
    spread: {
      volts: 0.025, amps: known.has('motor.amps') ? 0.08 : 0.12, locked: known.has('motor.lockedAmps') ? 0.07 : 0.14,
      ohms: known.has('motor.mainOhms') ? 0.06 : 0.16, farads: 0.06, flow: 0.2,
    },
  }
}
