import { describe, expect, it } from 'vitest'
import { add, complex, divide, magnitude, multiply, requireOk } from '#core/foundation'
import { HORSEPOWER } from '#core/units'
import {
  airGapTorque,
  barsAt,
  calibrateMotor,
  calibrateThreePhase,
  operate,
  phaseImpedances,
  ROTATIONAL_LOSS,
  startSeries,
  threePhaseTorque,
  type MotorModel,
  type MotorNameplate,
  type ThreePhaseNameplate,
} from '.'

const deepWell: MotorNameplate = {
  volts: 230,
  hertz: 60,
  watts: 0.75 * HORSEPOWER,
  fullLoadAmps: 6.8,
  lockedRotorAmps: 34,
  mainOhms: 3.3,
  startOhms: 11.9,
  gear: 'capacitor',
  startFarads: 95e-6,
  runFarads: 0,
  feedOhms: 0.12,
}

/** What a fitted motor draws and gives at its plate volts: locked, and at its rated slip. */
function drawn(m: MotorModel) {
  const { volts } = m.nameplate
  const series = startSeries(m.nameplate)
  const stalled = operate(m, m.nameplate, volts, 1, series.starting)
  const loaded = operate(m, m.nameplate, volts, m.ratedSlip, series.running)
  const shaft = loaded.torque * (1 - m.ratedSlip) * (1 - ROTATIONAL_LOSS)
  return { locked: magnitude(stalled.line), amps: magnitude(loaded.line), shaft, stalled, loaded }
}

describe('a single-phase motor', () => {
  const motor = requireOk(calibrateMotor(deepWell))
  it('draws what its plate says: the whole motor locked, and loaded with its rated power', () => {
    const { locked, amps, shaft } = drawn(motor)
    expect(locked).toBeCloseTo(34, 1)
    expect(amps).toBeCloseTo(6.8, 2)
    expect(shaft / deepWell.watts).toBeCloseTo(1, 2)
  })
  it('has no torque on one winding at rest, and some as soon as it turns', () => {
    expect(Math.abs(airGapTorque(motor, 1, complex(33), complex(0)))).toBeLessThan(1e-9)
    expect(airGapTorque(motor, 0.3, complex(25), complex(0))).toBeGreaterThan(50)
  })
  it('turns the power that goes in into shaft power and heat, none left over and none made', () => {
    const { loaded } = drawn(motor)
    const into = 230 * loaded.line.re
    const copper = deepWell.mainOhms * magnitude(loaded.main) ** 2
    const turned = (1 - motor.ratedSlip) * loaded.torque
    expect(into).toBeGreaterThan(copper + turned)
    // handbook §4: ¾ hp, efficiency somewhere near 0.5 to 0.65 (common practice, no source)
    expect(deepWell.watts / into).toBeGreaterThan(0.45)
    expect(deepWell.watts / into).toBeLessThan(0.66)
  })
  it('has bars that resist more and leak less the faster the field sweeps them', () => {
    const [running, still] = [barsAt(motor, 0.03), barsAt(motor, 1)]
    expect(still.im).toBeLessThan(running.im)
    expect(still.im / motor.x).toBeCloseTo(motor.easing, 9)
    expect(still.re / motor.r2).toBeCloseTo(motor.deep, 9)
  })
  it('says by how much it misses what motors of its size usually do', () => {
    const told = Object.fromEntries(motor.misfits.map(m => [m.what, m.gives / m.usual]))
    expect(Object.keys(told)).toEqual(['no-load amps', 'watts in', 'locked torque', 'breakdown torque'])
    for (const [what, ratio] of Object.entries(told)) expect(Math.abs(Math.log(ratio)), what).toBeLessThan(0.35)
  })
  it('with a run capacitor alone starts softly (handbook §4: 0.3 to 1.0 of rated torque)', () => {
    const pump = requireOk(
      calibrateMotor({
        ...deepWell,
        hertz: 50,
        watts: 750,
        fullLoadAmps: 5.7,
        lockedRotorAmps: 19,
        startOhms: 6.2,
        gear: 'permanent',
        startFarads: 0,
        runFarads: 30e-6,
      }),
    )
    const { stalled, loaded } = drawn(pump)
    expect(stalled.torque / loaded.torque).toBeGreaterThan(0.3)
    expect(stalled.torque / loaded.torque).toBeLessThan(1)
  })
  it.each([
    ['locked-amps-too-low', { lockedRotorAmps: 9 }],
    ['full-load-amps-too-low', { fullLoadAmps: 2 }],
    ['main-ohms-too-high', { mainOhms: 12 }],
    ['nameplate-contradicts-itself', { mainOhms: 7.9 }],
  ] as const)('refuses a nameplate that no motor has: %s', (code, wrong) => {
    const refused = calibrateMotor({ ...deepWell, ...wrong })
    expect(refused.ok ? 'taken' : refused.problem.code).toBe(code)
  })
})

const fivePhase: ThreePhaseNameplate = {
  volts: 230,
  watts: 5 * HORSEPOWER,
  fullLoadAmps: 15.2,
  lockedRotorAmps: 92,
  leadOhms: 0.65,
}

/** Amps in a line, and the torque, at plate volts and a slip. */
function three(plate: ThreePhaseNameplate, slip: number | 'rated') {
  const m = requireOk(calibrateThreePhase(plate))
  const s = slip === 'rated' ? m.ratedSlip : slip
  const z = phaseImpedances(m, s)
  const [behind, ahead] = [complex(-0.5, -Math.sqrt(3) / 2), complex(-0.5, Math.sqrt(3) / 2)]
  // all three alike, each a third of a turn behind the one before
  const alike = add(z.own, add(multiply(z.next, behind), multiply(z.previous, ahead)))
  const amps = divide(complex(plate.volts / Math.sqrt(3)), alike)
  const torque = threePhaseTorque(m, s, [amps, multiply(amps, behind), multiply(amps, ahead)])
  return { m, amps: magnitude(amps), torque, slip: s }
}

describe('a plate that no motor can have', () => {
  const refused = (over: Partial<MotorNameplate>) => {
    const fitted = calibrateMotor({ ...deepWell, ...over })
    return fitted.ok ? undefined : fitted.problem
  }
  const { watts, volts, fullLoadAmps } = deepWell
  it('is refused by the amps that do not carry its power', () => {
    const amps = (1.05 * watts) / volts
    expect(refused({ fullLoadAmps: amps })).toEqual({
      code: 'full-load-amps-too-low',
      facts: { fullLoadAmps: amps, volts, watts },
    })
  })
  it('is refused by locked amps of one and a half times the running ones', () => {
    const lockedRotorAmps = 1.5 * fullLoadAmps
    expect(refused({ lockedRotorAmps })).toEqual({
      code: 'locked-amps-too-low',
      facts: { lockedRotorAmps, fullLoadAmps },
    })
  })
  it('is refused by ohms that would not let its locked amps flow', () => {
    const lockedOhms = volts / deepWell.lockedRotorAmps
    expect(refused({ mainOhms: 1.2 * lockedOhms })).toEqual({
      code: 'main-ohms-too-high',
      facts: { mainOhms: 1.2 * lockedOhms, lockedOhms },
    })
  })
  it('is refused as a whole where no circuit meets all of it', () => {
    const problem = refused({ lockedRotorAmps: 1.6 * fullLoadAmps, mainOhms: 1.19 * (volts / (1.6 * fullLoadAmps)) })
    expect(problem).toMatchObject({
      code: 'nameplate-contradicts-itself',
      facts: { fullLoadAmps, lockedRotorAmps: 1.6 * fullLoadAmps },
    })
    expect(problem?.facts.residual).toBeGreaterThan(0.03)
  })
  it('says what the usual no-load amps would be beside those it gives', () => {
    const { misfits } = requireOk(calibrateMotor(deepWell))
    const noLoad = misfits.find(m => m.what === 'no-load amps')!
    expect(noLoad.usual / fullLoadAmps).toBeGreaterThan(0.3)
    expect(noLoad.usual / fullLoadAmps).toBeLessThan(1)
  })
})

describe('a three-phase motor', () => {
  it('draws what its plate says, locked and with its rated power', () => {
    expect(three(fivePhase, 1).amps).toBeCloseTo(92, 0)
    const { m, amps, torque, slip } = three(fivePhase, 'rated')
    expect(amps).toBeCloseTo(15.2, 1)
    expect((torque * (1 - slip) * (1 - ROTATIONAL_LOSS)) / fivePhase.watts).toBeCloseTo(1, 2)
    expect(m.residual).toBeLessThan(0.03)
  })
  // handbook §4: locked torque 1.5–1.85 of the rated at 5 hp, no-load amps 30–50 % (common practice, no source)
  it('has the locked torque and the no-load amps of its size', () => {
    const told = Object.fromEntries(three(fivePhase, 'rated').m.misfits.map(m => [m.what, m.gives]))
    expect(told['locked torque']).toBeGreaterThan(1.5)
    expect(told['locked torque']).toBeLessThan(1.85)
    expect(told['no-load amps']! / 15.2).toBeGreaterThan(0.3)
    expect(told['no-load amps']! / 15.2).toBeLessThan(0.5)
  })
  it.each([
    ['too few amps for the power', { fullLoadAmps: 5 }, 'full-load-amps-too-low'],
    ['locked amps hardly above the running', { lockedRotorAmps: 20 }, 'locked-amps-too-low'],
    ['windings that let no locked amps through', { leadOhms: 9 }, 'main-ohms-too-high'],
  ] as const)('is refused by name and with its figures: %s', (_, odd, code) => {
    const fitted = calibrateThreePhase({ ...fivePhase, ...odd })
    expect(fitted.ok ? 'fitted' : fitted.problem.code).toBe(code)
    if (!fitted.ok) expect(Object.keys(fitted.problem.facts).length).toBeGreaterThanOrEqual(2)
  })
})
