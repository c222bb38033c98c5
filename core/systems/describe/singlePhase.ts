/**
 * A single-phase power path from its nameplate, and from tables where it does not say. What contradicts itself is
 * replaced and said; nothing is refused here.
 */
import { conductorOhms } from '#core/standards'
import { FOOT, formatLength } from '#core/units'
import { cableFigures } from '../blocks/splice'
import { motorFigures } from '../blocks/motor'
import { startFigures } from '../blocks/startFigures'
import { starterFigures } from '../blocks/starter'
import { supplyFigures } from '../blocks/supply'
import { staged, type FigureStem } from '../figures'
import type { FieldId, NameplateKey } from '../ids'
import type { PilotPlan } from '../power/pilot'
import { AHEAD_OF_COIL } from '../power/pilot'
import { contactOhms, DRY, OPEN } from '../power/resistances'
import { singleNetwork, singleWindings, turnSingle, type SinglePlan } from '../power/single'
import type { Plate } from './plate'
import { describeMotor } from './singleMotor'
import type { At, SingleOptions } from './singleOptions'
import { describeSupply, feedOhmsOf, groundOf, panelDevice, type Supply } from './supply'
import type { DescribedStage } from './whole'

/** Some 12 ft of 12 AWG from the switch to the motor or its box. */
const RUN_OHMS = 0.02
const SQRT3 = Math.sqrt(3)
/** Volts of each leg to ground. */
function legsOf({ form, volts }: Supply): readonly [number, number] {
  if (form === 'leg and neutral') return [volts, 0]
  const leg = form === 'two legs of three' ? volts / SQRT3 : volts / 2
  return [leg, leg]
}

/** Share by which the figures of neighbouring sizes of motors lie apart; after handbook §4, service figures. */
const SIZE_UNKNOWN = 0.3
/** Locked amps are told by less: what flows at all and what does not is a matter of their order;
 * common practice, no source. */
const LOCKED_UNKNOWN = 0.2

export function describeSingle(plate: Plate, o: SingleOptions): DescribedStage {
  const at: At = (component, field) => `${o.stage ? `${o.stage}-` : ''}${component}.${field}` as NameplateKey
  const hertz = plate.value('supply.hertz') === 1 ? 50 : 60
  const { model: motor, maxAmps, startBand: capBand, runFarads: runCap, startTap } = describeMotor(plate, o, at, hertz)
  const { volts, fullLoadAmps } = motor.nameplate
  const supply = describeSupply(plate, volts, {
    neutral: o.neutral,
    phases: 1,
    further: o.stage !== undefined,
  })
  const service = supply.volts
  // a motor in the open hangs on a yard of its own leads
  const open = o.startGear === 'surface'
  const metres = open
    ? 3 * FOOT
    : plate.take(at('cable', 'length'), 150 * FOOT, `cable length not given: `
    + `${formatLength(150 * FOOT, plate.units)} taken`, 0.2)
  const leadOhms = conductorOhms(
    open ? 12 : plate.take(at('cable', 'gauge'), 12, 'cable size not given: 12 AWG taken', 0.2),
    metres,
  )
  const feedOhms = feedOhmsOf(plate, fullLoadAmps, field => at('breaker', field))
  const coilVolts = o.pilot ? (plate.value('starter.coilVolts') ?? (o.pilot.transformer ? 24 : service)) : service
  const pilot: PilotPlan | undefined = o.pilot
    ? { transformer: o.pilot.transformer, float: o.pilot.float, coilVolts, lineVolts: service }
    : undefined
  const known = (field: FieldId<'motor'>) => plate.known.has(at('motor', field))
  const capKnown = known('capLow') || plate.known.has(at('box', 'capLow'))
  const breakerAmps
    = plate.value(at('breaker', 'amps')) ?? Math.max(20, Math.ceil((fullLoadAmps * 2.2) / 5) * 5)
  const contact = contactOhms(fullLoadAmps)
  const healthy = {
    ...supplyFigures(legsOf(supply), feedOhms),
    'switch.1': contact,
    'switch.2': contact,
    'switch.rest1': OPEN,
    'switch.rest2': OPEN,
    'run.1': RUN_OHMS,
    'run.2': RUN_OHMS,
    'run.earth': DRY,
    'run.across': DRY,
    'switch.across': DRY,
    ...startFigures({
      farads: capBand ? (capBand[0] + capBand[1]) / 2 : 0,
      runFarads: runCap ?? 0,
      contact: !o.permanentSplit,
    }),
    ...cableFigures(leadOhms),
    ...motorFigures(volts / motor.nameplate.lockedRotorAmps, o.load),
    ...(pilot ? starterFigures({ phases: 1, coilVolts, contact, dial: fullLoadAmps }) : {}),
  }
  const plan: SinglePlan = {
    hertz: supply.hertz,
    motor,
    supply: supply.form,
    startTap,
    startGear: o.startGear,
    disconnect: o.disconnect,
    cableMetres: metres,
    ...(pilot ? { pilot } : {}),
  }
  const grounded = groundOf(plate)
  const prefix = o.stage ? `${o.stage}:` : ''
  const besideLeads: FigureStem[] = o.startGear === 'box' ? [] : ['start.']
  const pilotStems: FigureStem[] = pilot ? ['pilot.', 'coil.', 'transformer.'] : []
  return {
    healthy: staged(healthy, prefix),
    stage: {
      id: o.stage ?? '',
      prefix,
      supplyVolts: service,
      misfits: motor.misfits,
      power: {
        id: o.stage ?? '',
        turner: { ...turnSingle(motor), constantLoad: o.constantLoad },
        guarded: ['breaker pole 1', 'breaker pole 2'],
        panel: { device: panelDevice(plate, at('breaker', 'device')), rating: breakerAmps },
        others: pilot
          ? [{ device: 'overload relay', rating: maxAmps, elements: ['heater 1', 'heater 2'] }]
          : [{ device: 'motor protector', rating: maxAmps, elements: ['overload'] }],
        tripAmps: Math.max(3 * breakerAmps, 1.6 * motor.nameplate.lockedRotorAmps),
        network: (f, state) => singleNetwork(plan, grounded(f, state), state),
        windings: (f, slip) => singleWindings(motor, f, slip),
        ...(pilot
          ? {
              coil: { a: 'qc', b: 'qb', depends: AHEAD_OF_COIL },
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
        // of a motor whose size nobody gave the next size up or down may stand there
        amps: known('amps') ? 0.08 : known('power') ? 0.12 : SIZE_UNKNOWN,
        locked: known('lockedAmps') || known('codeLetter') ? 0.1 : known('power') ? 0.18 : LOCKED_UNKNOWN,
        ohms: known('mainOhms') ? 0.06 : known('power') ? 0.16 : SIZE_UNKNOWN,
        // a capacitor whose band is not given may be any of the usual ones; common practice, no source
        farads: capKnown ? 0.06 : 0.35,
        runFarads: known('runMicrofarads') || plate.known.has(at('box', 'runMicrofarads')) ? 0.06 : 0.35,
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
