/**
 * Finds the circuit of a single-phase motor from its plate. What the plate states must be met: locked line amps of
 * the whole motor, line amps at rated shaft power, shaft watts; winding ohms and microfarads stand as given. What it
 * does not state is wished for, softly, as motors of that size usually are; by how much a wish is missed is told.
 */
import { fail, magnitude, ok, type Result } from '#core/foundation'
import { HORSEPOWER } from '#core/units'
import { bySize, keepLast, leastSquares, miss, WITHIN } from './leastSquares'
import {
  operate,
  ROTATIONAL_LOSS,
  startSeries,
  type Misfit,
  type MotorFigures,
  type MotorModel,
  type MotorNameplate,
} from './motor'

/** What motors usually do, by size and start gear: common practice, no source. */
interface Usual {
  readonly noLoadShare: number
  readonly efficiency: number
  readonly lockedTorque: number
  readonly breakdown: number
  readonly slip: number
  readonly turnsRatio: number
}

function usualOf(p: MotorNameplate): Usual {
  const hp = p.watts / HORSEPOWER
  const helped = p.runFarads > 0
  return {
    noLoadShare: helped ? bySize(hp, [[0.5, 0.6], [5, 0.4]]) : bySize(hp, [[0.5, 0.72], [2, 0.6], [5, 0.5]]),
    efficiency: helped
      ? bySize(hp, [[0.5, 0.6], [1, 0.66], [2, 0.74], [5, 0.77]])
      : bySize(hp, [[0.5, 0.56], [1, 0.64], [2, 0.7], [5, 0.76]]),
    lockedTorque: { capacitor: 2.8, split: 1.5, permanent: 0.6 }[p.gear],
    breakdown: 2.4,
    slip: p.slip ?? bySize(hp, [[0.5, 0.045], [5, 0.04]]),
    turnsRatio: { capacitor: 1.25, split: 0.95, permanent: 1.25 }[p.gear],
  }
}

const NO_LOAD_SLIP = 0.2
const BREAKDOWN_SLIPS = [0.12, 0.2, 0.3]

/** Motors that were fitted before: a plate is read anew whenever its system is, and takes milliseconds to fit. */
const keptFit = keepLast<MotorNameplate, Result<MotorModel>>(fitMotor)

/** Fits the circuit; refuses a plate that no such motor can have, by the figure that is least possible. */
export const calibrateMotor = (nameplate: MotorNameplate): Result<MotorModel> => keptFit(nameplate)

function fitMotor(nameplate: MotorNameplate): Result<MotorModel> {
  const { volts, watts, fullLoadAmps, lockedRotorAmps, mainOhms } = nameplate
  if (!(volts * fullLoadAmps > 1.05 * watts)) return fail('full-load-amps-too-low', { fullLoadAmps, volts, watts })
  if (!(lockedRotorAmps > 1.5 * fullLoadAmps)) return fail('locked-amps-too-low', { lockedRotorAmps, fullLoadAmps })
  const locked = volts / lockedRotorAmps
  if (!(mainOhms < 1.2 * locked)) return fail('main-ohms-too-high', { mainOhms, lockedOhms: locked })
  const usual = usualOf(nameplate)
  const series = startSeries(nameplate)
  const state = (at: readonly number[]) => {
    const [x = 0, xm = 0, r2 = 0, slip = 0, turnsRatio = 0, deep = 0, easing = 0, iron = 0] = at.map(Math.exp)
    const figures: MotorFigures = { x, xm, r2, deep, easing, iron, turnsRatio }
    const stalled = operate(figures, nameplate, volts, 1, series.starting)
    const loaded = operate(figures, nameplate, volts, slip, series.running)
    const free = operate(figures, nameplate, volts, NO_LOAD_SLIP * slip, series.running)
    return {
      figures,
      slip,
      torque: loaded.torque,
      shaft: loaded.torque * (1 - slip) * (1 - ROTATIONAL_LOSS),
      locked: magnitude(stalled.line),
      amps: magnitude(loaded.line),
      wattsIn: loaded.line.re * volts,
      noLoad: magnitude(free.line),
      lockedTorque: stalled.torque / loaded.torque,
      breakdown: Math.max(...BREAKDOWN_SLIPS.map(at => operate(figures, nameplate, volts, at, series.running).torque))
        / loaded.torque,
    }
  }
  const ironOhms = volts ** 2 / (0.06 * volts * fullLoadAmps)
  const misses = (at: readonly number[]) => {
    const s = state(at)
    const { figures: f } = s
    return [
      miss(s.locked, lockedRotorAmps, WITHIN),
      miss(s.amps, fullLoadAmps, WITHIN),
      miss(s.shaft, watts, WITHIN),
      miss(s.noLoad, usual.noLoadShare * fullLoadAmps, 0.045),
      miss(s.wattsIn, watts / usual.efficiency, 0.12),
      miss(s.lockedTorque, usual.lockedTorque, 0.3),
      miss(s.breakdown, usual.breakdown, 0.2),
      miss(s.slip, usual.slip, nameplate.slip === undefined ? 0.25 : 0.05),
      miss(f.turnsRatio, usual.turnsRatio, 0.12),
      miss(f.deep, 1.4, 0.35),
      miss(f.easing, 0.6, 0.25),
      miss(f.iron, ironOhms, 0.5),
    ]
  }
  const start = [
    0.4 * locked,
    (1.8 * volts) / (usual.noLoadShare * fullLoadAmps),
    0.35 * locked,
    usual.slip,
    usual.turnsRatio,
    1.4,
    0.85,
    ironOhms,
  ].map(Math.log)
  const fitted = state(leastSquares(misses, start).at)
  const off = {
    locked: Math.abs(fitted.locked / lockedRotorAmps - 1),
    amps: Math.abs(fitted.amps / fullLoadAmps - 1),
    shaft: Math.abs(fitted.shaft / watts - 1),
  }
  const residual = Math.max(off.locked, off.amps, off.shaft)
  if (!(residual < 0.03))
    return fail('nameplate-contradicts-itself', { residual, fullLoadAmps, lockedRotorAmps, ohms: mainOhms })
  const misfits: readonly Misfit[] = [
    { what: 'no-load amps', gives: fitted.noLoad, usual: usual.noLoadShare * fullLoadAmps },
    { what: 'watts in', gives: fitted.wattsIn, usual: watts / usual.efficiency },
    { what: 'locked torque', gives: fitted.lockedTorque, usual: usual.lockedTorque },
    { what: 'breakdown torque', gives: fitted.breakdown, usual: usual.breakdown },
  ]
  return ok({ nameplate, ...fitted.figures, ratedSlip: fitted.slip, ratedTorque: fitted.torque, residual, misfits })
}
