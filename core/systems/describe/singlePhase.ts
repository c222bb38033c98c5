/**
 * A single-phase power path from its nameplate, and from tables where it does not say. What contradicts itself is
 * replaced and said; nothing is refused here.
 */
import { calibrateMotor, type MotorModel, type MotorNameplate } from '#core/circuit'
import {
  CAPACITOR_BANDS,
  CODE_LETTERS,
  codeLetterAmps,
  copperOhms,
  nearestSinglePhase,
  nearestSubmersible,
  type CodeLetter,
} from '#core/standards'
import { FOOT, formatLength, formatValue, HORSEPOWER } from '#core/units'
import { cableFigures } from '../blocks/splice'
import { motorFigures } from '../blocks/motor'
import { startFigures } from '../blocks/startFigures'
import { starterFigures } from '../blocks/starter'
import { supplyFigures } from '../blocks/supply'
import type { PilotPlan } from '../power/pilot'
import { AHEAD_OF_COIL } from '../power/pilot'
import { singleNetwork, singleWindings, turnSingle } from '../power/single'
import { staged, type FigureStem } from '../figures'
import type { ComponentId, FieldId, NameplateKey, StageId } from '../ids'
import { CLOSED, DRY, OPEN } from '../power/resistances'
import type { DescribedStage } from './whole'
import type { Plate } from './plate'

export interface SingleOptions {
  readonly startGear: 'box' | 'inside' | 'surface'
  readonly disconnect: boolean
  readonly neutral: boolean
  readonly runCapacitor: boolean
  readonly hp: number
  /** shaft load as a share of full load, and whether it stays the same at every speed */
  readonly load: number
  readonly constantLoad: boolean
  readonly pilot?: { readonly transformer: boolean, readonly float: boolean }
  /** a stage after the first: its parts and its figures are named after it */
  readonly stage?: StageId
}

/** The nameplate's name for a field of a component of this stage. */
type At = <C extends ComponentId>(component: C, field: FieldId<C>) => NameplateKey

export function describeSingle(plate: Plate, o: SingleOptions): DescribedStage {
  const at: At = (component, field) => `${o.stage ? `${o.stage}-` : ''}${component}.${field}` as NameplateKey
  const motor = describeMotor(plate, o, at)
  const volts = motor.nameplate.volts
  const service = o.neutral ? 120 : volts >= 195 && volts <= 215 ? 208 : 240
  // a motor in the open hangs on a yard of its own leads
  const open = o.startGear === 'surface'
  const metres = open
    ? 3 * FOOT
    : plate.take(at('cable', 'length'), 150 * FOOT, `cable length not given: `
    + `${formatLength(150 * FOOT, plate.units)} taken`, 0.2)
  const leadOhms = copperOhms(
    open ? 12 : plate.take(at('cable', 'gauge'), 12, 'cable size not given: 12 AWG taken', 0.2),
    metres,
  )
  const feedOhms = copperOhms(
    12,
    plate.take(at('breaker', 'feedLength'), 60 * FOOT, `length from the breaker not given: `
    + `${formatLength(60 * FOOT, plate.units)} taken`, 0.15),
  )
  const capBand = bandOf(plate, o, at, motor)
  const runCap = o.runCapacitor
    ? plate.take(
        o.startGear === 'box' ? at('box', 'runMicrofarads') : at('motor', 'runMicrofarads'),
        20e-6,
        'run capacitor not given: 20 µF taken',
        0.3,
      )
    : undefined
  const coilVolts = o.pilot ? (plate.value('starter.coilVolts') ?? (o.pilot.transformer ? 24 : service)) : service
  const pilot: PilotPlan | undefined = o.pilot
    ? { transformer: o.pilot.transformer, float: o.pilot.float, coilVolts, lineVolts: service }
    : undefined
  const known = (field: FieldId<'motor'>) => plate.known.has(at('motor', field))
  const maxAmps = plate.value(at('motor', 'maxAmps')) ?? motor.nameplate.fullLoadAmps * 1.15
  const breakerAmps
    = plate.value(at('breaker', 'amps')) ?? Math.max(20, Math.ceil((motor.nameplate.fullLoadAmps * 2.2) / 5) * 5)
  const healthy = {
    ...supplyFigures(o.neutral ? [service, 0] : [service / 2, service / 2], feedOhms),
    'switch.1': CLOSED,
    'switch.2': CLOSED,
    'switch.rest1': OPEN,
    'switch.rest2': OPEN,
    'run.1': 0.05,
    'run.2': 0.05,
    'run.earth': DRY,
    ...startFigures(capBand ? (capBand[0] + capBand[1]) / 2 : 0, runCap ?? 0),
    ...cableFigures(leadOhms),
    ...motorFigures(o.load),
    ...(pilot ? starterFigures(1, coilVolts) : {}),
  }
  const prefix = o.stage ? `${o.stage}:` : ''
  const besideLeads: FigureStem[] = o.startGear === 'box' ? [] : ['start.']
  const pilotStems: FigureStem[] = pilot ? ['pilot.', 'coil.', 'transformer.'] : []
  return {
    healthy: staged(healthy, prefix),
    stage: {
      id: o.stage ?? '',
      prefix,
      supplyVolts: service,
      power: {
        id: o.stage ?? '',
        turner: { ...turnSingle(motor), constantLoad: o.constantLoad },
        guarded: ['breaker pole 1', 'breaker pole 2'],
        tripAmps: Math.max(3 * breakerAmps, 1.6 * motor.nameplate.lockedRotorAmps),
        network: (f, state) =>
          singleNetwork(
            {
              hertz: 60,
              motor,
              startGear: o.startGear,
              disconnect: o.disconnect,
              cableMetres: metres,
              ...(pilot ? { pilot } : {}),
            },
            f,
            state,
          ),
        windings: (f, slip) => singleWindings(motor, f, slip),
        ...(pilot
          ? {
              coil: { a: 'qc', b: 'q0', depends: AHEAD_OF_COIL },
              overload: {
                elements: ['heater 1', 'heater 2'],
                amps: maxAmps,
                times: 'heater.trip',
                figure: 'pilot.overload',
              },
            }
          : { overload: { elements: ['overload'], amps: 1.35 * maxAmps, figure: 'start.overload' } }),
        depends: {
          'leads-off': ['cable.', 'motor.', ...besideLeads],
          'idle': [
            'supply.',
            'breaker.',
            'disconnect.',
            'feed.',
            'switch.rest',
            'starter.rest',
            'run.',
            ...pilotStems,
          ],
        },
      },
      spread: {
        volts: 0.025,
        amps: known('amps') ? 0.08 : 0.12,
        locked: known('lockedAmps') || known('codeLetter') ? 0.07 : 0.14,
        ohms: known('mainOhms') ? 0.06 : 0.16,
        farads: 0.06,
        flow: 0.2,
      },
      bands: {
        motorVolts: volts,
        maxAmps,
        ampsSource:
          known('maxAmps') || known('amps')
            ? 'nameplate'
            : o.startGear === 'surface'
              ? 'surfaceMotor'
              : 'submersible',
        cycle: 60,
        ...(capBand ? { capBand } : {}),
        ...(runCap ? { runCap } : {}),
        ...(pilot ? { controlVolts: coilVolts } : {}),
      },
    },
  }
}

function describeMotor(plate: Plate, o: SingleOptions, at: At): MotorModel {
  const surface = o.startGear === 'surface'
  const watts = plate.take(
    at('motor', 'power'),
    o.hp * HORSEPOWER,
    `motor power not given: ${o.hp} hp taken`,
    0.6,
  )
  const hp = watts / HORSEPOWER
  const volts = plate.take(
    at('motor', 'volts'),
    o.neutral ? 115 : 230,
    `motor voltage not given: ${o.neutral ? 115 : 230} V taken`,
    0.3,
  )
  const typical = surface ? surfaceTypical(hp, volts, watts) : drownedTypical(hp, volts, watts)
  const letter = plate.value(at('motor', 'codeLetter'))
  const code = letter === undefined ? undefined : (Object.keys(CODE_LETTERS) as CodeLetter[])[letter]
  const say = (what: string, quantity: 'amps' | 'ohms', value: number) =>
    `${what} not given: ${formatValue(quantity, value)} taken from the table for `
    + `${Number(typical.row.toPrecision(3))} hp`
  const fullLoadAmps = plate.take(
    at('motor', 'amps'),
    typical.fullLoadAmps,
    say('full-load amps', 'amps', typical.fullLoadAmps),
    1,
  )
  const lockedRotorAmps
    = plate.value(at('motor', 'lockedAmps'))
      ?? (code
        ? codeLetterAmps(code, hp, volts)
        : plate.take(
            at('motor', 'lockedAmps'),
            (typical.lockedRotorAmps * fullLoadAmps) / typical.fullLoadAmps,
            say('locked amps', 'amps', typical.lockedRotorAmps),
            0.7,
          ))
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
  const noLoad = typical.noLoadAmps / typical.fullLoadAmps
  if (startOhms < mainOhms)
    plate.assume(
      at('motor', 'startOhms'),
      `the start winding (${formatValue('ohms', startOhms)}) is given below the main winding `
      + `(${formatValue('ohms', mainOhms)}): on a single-phase motor it is the larger; check which is which`,
      0,
    )
  const fitted = calibrateMotor({
    ...typical.plate,
    fullLoadAmps,
    lockedRotorAmps,
    mainOhms,
    startOhms,
    noLoadAmps: fullLoadAmps * noLoad,
  })
  if (fitted.ok) return fitted.value
  plate.assume(
    at('motor', 'amps'),
    contradiction(fitted.problem.code, { fullLoadAmps, lockedRotorAmps, mainOhms, hp, volts }),
    1,
  )
  const table = calibrateMotor(typical.plate)
  const bare = table.ok ? table : calibrateMotor({ ...typical.plate, watts: 1 })
  if (!bare.ok)
    throw new Error(`the table row for ${hp} hp at ${volts} V does not make a motor: ${bare.problem.code}`)
  return bare.value
}

/** Which figure of a nameplate cannot be, and what is used instead, in the technician's words. */
export function contradiction(
  code: string,
  m: { fullLoadAmps: number, lockedRotorAmps: number, mainOhms: number, hp: number, volts: number },
): string {
  const motor = `${Number(m.hp.toPrecision(3))} hp at ${Math.round(m.volts)} V`
  const instead = 'table figures are used instead'
  switch (code) {
    case 'full-load-amps-too-low':
      return `${formatValue('amps', m.fullLoadAmps)} cannot make ${motor}: no motor is that good; ${instead}`
    case 'locked-amps-too-low':
      return `locked amps of ${formatValue('amps', m.lockedRotorAmps)} are hardly above the full-load `
        + `${formatValue('amps', m.fullLoadAmps)}: no motor of ${motor} does that; ${instead}`
    case 'main-ohms-too-high':
      return `a main winding of ${formatValue('ohms', m.mainOhms)} cannot let `
        + `${formatValue('amps', m.lockedRotorAmps)} through when locked; ${instead}`
    default:
      return `the motor's figures contradict each other (${formatValue('amps', m.fullLoadAmps)} full load, `
        + `${formatValue('amps', m.lockedRotorAmps)} locked, ${formatValue('ohms', m.mainOhms)} for ${motor}); `
        + `${instead}`
  }
}

interface Typical {
  readonly plate: MotorNameplate
  readonly row: number
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  readonly noLoadAmps: number
  readonly mainOhms: number
  readonly startOhms: number
}

const typicalOf = (row: number, plate: MotorNameplate): Typical => ({
  plate,
  row,
  fullLoadAmps: plate.fullLoadAmps,
  lockedRotorAmps: plate.lockedRotorAmps,
  noLoadAmps: plate.noLoadAmps,
  mainOhms: plate.mainOhms,
  startOhms: plate.startOhms,
})

function drownedTypical(hp: number, volts: number, watts: number): Typical {
  const row = nearestSubmersible(hp)
  const k = hp / row.hp > 1.6 || hp / row.hp < 0.6 ? hp / row.hp : 1
  const amps = (a: number) => (a * k * 230) / volts
  const ohms = (r: number) => (r / k) * (volts / 230) ** 2
  return typicalOf(row.hp, {
    volts,
    watts,
    turnsRatio: 1.3,
    fullLoadAmps: amps(row.fullLoadAmps),
    lockedRotorAmps: amps(row.lockedRotorAmps),
    mainOhms: ohms(row.mainOhms),
    startOhms: ohms(row.startOhms),
    noLoadAmps: amps(row.fullLoadAmps) * 0.42,
  })
}

/** Windings of a motor in the open: main about 0.07·V/FLA, start four times that; common practice, no source. */
function surfaceTypical(hp: number, volts: number, watts: number): Typical {
  const row = nearestSinglePhase(hp)
  const fullLoadAmps = (((row.fullLoadAmps * hp) / row.hp) * 230) / volts
  const mainOhms = (0.07 * volts) / fullLoadAmps
  return typicalOf(row.hp, {
    volts,
    watts,
    turnsRatio: 1.3,
    fullLoadAmps,
    lockedRotorAmps: (fullLoadAmps * row.lockedRotorAmps) / row.fullLoadAmps,
    mainOhms,
    startOhms: 4 * mainOhms,
    noLoadAmps: 0.5 * fullLoadAmps,
  })
}

function bandOf(
  plate: Plate,
  o: SingleOptions,
  at: At,
  motor: MotorModel,
): readonly [number, number] | undefined {
  if (o.startGear === 'inside') return undefined
  const holder = o.startGear === 'box' ? ('box' as const) : ('motor' as const)
  const low = plate.value(at(holder, 'capLow'))
  if (low !== undefined) return [low, plate.value(at(holder, 'capHigh')) ?? low * 1.2]
  const hp = motor.nameplate.watts / HORSEPOWER
  const [a, b] = o.startGear === 'box' ? nearestSubmersible(hp).startMicrofarads : usualBand(motor)
  plate.assume(
    at(holder, 'capLow'),
    `start capacitor not given: ${a}–${b} µF taken for ${Number(hp.toPrecision(3))} hp`,
    0.6,
  )
  return [a * 1e-6, b * 1e-6]
}

/** The usual band whose reactance is nearest to the locked impedance of the start winding. */
function usualBand(motor: MotorModel): readonly [number, number] {
  const { volts, lockedRotorAmps, turnsRatio } = motor.nameplate
  const wanted = 1e6 / (2 * Math.PI * 60 * (volts / lockedRotorAmps) * turnsRatio ** 2)
  return CAPACITOR_BANDS.reduce(
    (best, b) => (Math.abs(b[0] - wanted) < Math.abs(best[0] - wanted) ? b : best),
    CAPACITOR_BANDS[0] as readonly [number, number],
  )
}
