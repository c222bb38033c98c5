/** A three-phase power path on a starter, from its nameplate and the full-load table. */
import { calibrateThreePhase, type ThreePhaseModel } from '#core/circuit'
import {
  CODE_LETTERS,
  codeLetterAmps,
  conductorOhms,
  gaugeForAmps,
  threePhaseAmps,
  threePhaseLockedAmps,
  type CodeLetter,
} from '#core/standards'
import { FOOT, formatLength, formatValue, HORSEPOWER } from '#core/units'
import { starterFigures } from '../blocks/starter'
import { threeFigures } from '../blocks/threeFigures'
import { AHEAD_OF_COIL } from '../power/pilot'
import { threeNetwork, threeWindings, turnThree, type ThreePlan } from '../power/three'
import type { FieldId } from '../ids'
import type { DescribedStage } from './whole'
import type { Plate } from './plate'
import { contradiction } from './contradiction'
import { contactOhms } from '../power/resistances'
import { slipOf } from './slip'
import { motorVoltsOn } from '../supplies'
import { describeSupply, feedOhmsOf, groundOf, panelDevice } from './supply'

export interface ThreeOptions {
  readonly drowned: boolean
  readonly disconnect: boolean
  readonly transformer: boolean
  readonly float: boolean
  readonly hp: number
  readonly load: number
  readonly constantLoad: boolean
}

/** As of single-phase motors (singlePhase.ts). */
const [SIZE_UNKNOWN, LOCKED_UNKNOWN] = [0.3, 0.2]

export function describeThree(plate: Plate, o: ThreeOptions): DescribedStage {
  const motor = describeMotor(plate, o)
  const { volts, fullLoadAmps, lockedRotorAmps } = motor.nameplate
  const lockedOhms = volts / Math.sqrt(3) / lockedRotorAmps
  const supply = describeSupply(plate, volts, { neutral: false, phases: 3 })
  const service = supply.volts
  const metres = plate.take(
    'cable.length',
    o.drowned ? 200 * FOOT : 15 * FOOT,
    o.drowned
      ? `cable length not given: ${formatLength(200 * FOOT, plate.units)} taken`
      : `length of the motor `
        + `leads not given: ${formatLength(15 * FOOT, plate.units)} taken`,
    o.drowned ? 0.2 : 0.05,
  )
  const usualGauge = Math.min(o.drowned ? 10 : 12, gaugeForAmps(1.25 * fullLoadAmps))
  const gauge = plate.take(
    'cable.gauge',
    usualGauge,
    `wire size not given: ${usualGauge} AWG taken`,
    0.1,
  )
  const feedOhms = feedOhmsOf(plate, fullLoadAmps, field => `breaker.${field}`)
  const coilVolts = plate.value('starter.coilVolts') ?? (o.transformer ? 24 : service)
  const maxAmps = plate.value('motor.maxAmps') ?? fullLoadAmps * (plate.value('motor.serviceFactor') ?? 1.15)
  const set = plate.value('starter.overloadAmps')
  const breakerAmps = plate.value('breaker.amps') ?? Math.max(15, Math.ceil((2.2 * fullLoadAmps) / 5) * 5)
  const known = (field: FieldId<'motor'>) => plate.known.has(`motor.${field}`)
  const grounded = groundOf(plate)
  const plan: ThreePlan = {
    hertz: supply.hertz,
    motor,
    disconnect: o.disconnect,
    cableMetres: metres,
    pilot: { transformer: o.transformer, float: o.float, coilVolts, lineVolts: service },
  }
  return {
    healthy: {
      ...threeFigures(service / Math.sqrt(3), feedOhms, conductorOhms(gauge, metres), lockedOhms, o.load),
      ...starterFigures({ phases: 3, coilVolts, contact: contactOhms(fullLoadAmps), dial: set ?? fullLoadAmps }),
    },
    stage: {
      id: '',
      prefix: '',
      supplyVolts: service,
      misfits: motor.misfits,
      power: {
        id: '',
        turner: { ...turnThree(motor), constantLoad: o.constantLoad },
        guarded: ['breaker pole 1', 'breaker pole 2', 'breaker pole 3'],
        panel: { device: panelDevice(plate, 'breaker.device'), rating: breakerAmps },
        others: [
          { device: 'overload relay', rating: set ?? maxAmps, elements: ['heater 1', 'heater 2', 'heater 3'] },
        ],
        tripAmps: Math.max(3 * breakerAmps, 1.6 * motor.nameplate.lockedRotorAmps),
        coil: { a: 'qc', b: 'qb', depends: AHEAD_OF_COIL },
        overload: {
          elements: ['heater 1', 'heater 2', 'heater 3'],
          amps: set !== undefined ? set / 1.1 : fullLoadAmps,
          times: 'heater.trip',
          figure: 'pilot.overload',
        },
        network: (f, state) => threeNetwork(plan, grounded(f, state), state),
        windings: (f, slip) => threeWindings(motor, f, slip),
        startsAlike: true,
        depends: { 'leads-off': ['cable.', 'motor.'], 'idle': AHEAD_OF_COIL },
      },
      spread: {
        volts: 0.02,
        amps: known('amps') ? 0.07 : known('power') ? 0.1 : SIZE_UNKNOWN,
        locked: known('lockedAmps') || known('codeLetter') ? 0.1 : known('power') ? 0.16 : LOCKED_UNKNOWN,
        ohms: known('leadOhms') ? 0.06 : known('power') ? 0.2 : SIZE_UNKNOWN,
        farads: 0.06,
        runFarads: 0.06,
        flow: 0.2,
      },
      bands: {
        motorVolts: volts,
        maxAmps,
        ampsSource: known('maxAmps') || known('amps') ? 'nameplate' : 'phase430',
        controlVolts: coilVolts,
        cycle: 60,
      },
    },
  }
}

function describeMotor(plate: Plate, o: ThreeOptions): ThreePhaseModel {
  const watts = plate.take('motor.power', o.hp * HORSEPOWER, `motor power not given: ${o.hp} hp taken`, 0.6)
  const hp = watts / HORSEPOWER
  const usual = motorVoltsOn(plate.value('supply.volts'), 230)
  const volts = plate.take('motor.volts', usual, `motor voltage not given: ${usual} V taken`, 0.4)
  const table = threePhaseAmps(hp, volts)
  const fullLoadAmps = plate.take(
    'motor.amps',
    table,
    `full-load amps not given: ${formatValue('amps', table)} taken from the table for ${Number(hp.toPrecision(3))} hp`,
    1,
  )
  const letter = plate.value('motor.codeLetter')
  const code = letter === undefined ? undefined : (Object.keys(CODE_LETTERS) as CodeLetter[])[letter]
  const usualLocked = (threePhaseLockedAmps(hp, volts) * fullLoadAmps) / table
  const lockedRotorAmps
    = plate.value('motor.lockedAmps')
      ?? (code
        ? codeLetterAmps(code, hp, volts, 3)
        : plate.take(
            'motor.lockedAmps',
            usualLocked,
            `locked amps not given: ${formatValue('amps', usualLocked)} taken from the table`,
            0.5,
          ))
  const usualOhms = (amps: number) => (0.045 * 2 * volts) / Math.sqrt(3) / amps
  const leadOhms = plate.take(
    'motor.leadOhms',
    usualOhms(fullLoadAmps),
    `ohms lead to lead not given: ${formatValue('ohms', usualOhms(fullLoadAmps))} taken`,
    0.6,
  )
  const slip = slipOf(plate, 'motor.rpm', plate.value('supply.hertz') === 1 ? 50 : 60)
  const asked = { volts, watts, fullLoadAmps, lockedRotorAmps, leadOhms, ...(slip === undefined ? {} : { slip }) }
  const fitted = calibrateThreePhase(asked)
  if (fitted.ok) return fitted.value
  plate.assume('motor.amps', contradiction(fitted.problem.code, { ...asked, mainOhms: leadOhms, hp }), 1)
  const plain = {
    volts,
    fullLoadAmps: table,
    lockedRotorAmps: threePhaseLockedAmps(hp, volts),
    leadOhms: usualOhms(table),
  }
  for (const share of [1, 0.5, 0.2]) {
    const usual = calibrateThreePhase({ ...plain, watts: share * watts })
    if (usual.ok) return usual.value
  }
  throw new Error(`the table row for ${hp} hp at ${volts} V does not make a motor: ${fitted.problem.code}`)
}
