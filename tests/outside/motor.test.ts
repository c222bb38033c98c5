/**
 * The motor with turns shorted among themselves, against a circuit that is written down independently of ours and
 * solved by the SPICE engine: each part of the winding behind an ideal transformer of its own turns, on one common
 * field branch (the transformer equivalent circuit of the textbooks; the double revolving field of the rotor as two
 * loops in series, slip s and 2 − s). Our solver knows the same thing only as a matrix of coupled impedances.
 */
import { Simulation } from 'eecircuit-engine'
import { beforeAll, describe, expect, it } from 'vitest'
import { barsAt, calibrateMotor, solveNetwork, type MotorNameplate } from '#core/circuit'
import { complex, magnitude, requireOk, subtract, type Complex } from '#core/foundation'
import { describeSystem, type Figures } from '#core/systems'
import { singleNetwork, type SinglePlan } from '../../core/systems/power/single'

const spice = new Simulation()
beforeAll(() => spice.start())
const OMEGA = 2 * Math.PI * 60
const SHORT = 1e-3 // Ω where the turns touch, as the model has it

const nameplate: MotorNameplate = {
  volts: 230,
  hertz: 60,
  watts: 559,
  fullLoadAmps: 7.8,
  lockedRotorAmps: 33,
  mainOhms: 3.2,
  startOhms: 12,
  gear: 'capacitor',
  startFarads: 95e-6,
  runFarads: 0,
  feedOhms: 0.12,
}
const motor = requireOk(calibrateMotor(nameplate))
const healthy = describeSystem('jet', {}).healthy
const plan: SinglePlan = {
  hertz: 60,
  motor,
  supply: 'split',
  startTap: 1,
  startGear: 'surface',
  disconnect: false,
  cableMetres: 3,
}

/** Volts at the terminals and amps in the two parts, as our own network of the whole path gives them. */
function ours(shorted: number, slip: number) {
  const f: Figures = { ...healthy, 'motor.shorted': shorted, 'start.contact': 1e10 }
  const scenario = slip === 1 ? ('starting' as const) : ('running' as const)
  const solved = requireOk(
    solveNetwork(
      singleNetwork(plan, f, {
        scenario,
        slip,
        tripped: false,
        atSpeed: slip < 1,
        pulledIn: true,
      }),
    ),
  )
  return {
    volts: subtract(solved.voltage('black.m'), solved.voltage('yellow.m')),
    main: solved.current('main winding'),
    loop: shorted ? solved.current('shorted turns') : complex(0),
  }
}

/** The same motor by ideal transformers on one field branch, fed with the same volts. */
async function theirs(volts: Complex, shorted: number, slip: number) {
  const left = 1 - shorted
  const leakage = barsAt(motor, slip).im
  const deck = [
    '* turns shorted among themselves, by ideal transformers',
    `V_in in 0 dc 0 ac ${magnitude(volts)} ${(Math.atan2(volts.im, volts.re) * 180) / Math.PI}`,
    `V_m in m1 dc 0 ac 0`,
    `R_m m1 m2 ${nameplate.mainOhms * left}`,
    `L_m m2 m3 ${(leakage * left ** 2) / OMEGA}`,
    `E_m m3 0 field 0 ${left}`,
    `F_m 0 field V_m ${left}`,
    ...(shorted
      ? [
          `E_s s1 0 field 0 ${shorted}`,
          'V_s s1 s2 dc 0 ac 0',
          `R_s s2 s3 ${nameplate.mainOhms * shorted + SHORT}`,
          `L_s s3 0 ${(leakage * shorted ** 2) / OMEGA}`,
          `F_s field 0 V_s ${shorted}`,
        ]
      : []),
    ...rotor('f', 'field', 'mid', slip),
    ...rotor('b', 'mid', '0', 2 - slip),
    '.ac lin 1 60 60',
    '.end',
    '',
  ]
  spice.setNetList(deck.join('\n'))
  const result = await spice.runSim()
  const amps = (name: string) => {
    const value = result.data.find(d => [`i(${name})`, `${name}#branch`].includes(d.name.toLowerCase()))
      ?.values[0]
    if (value === undefined || typeof value === 'number') throw new Error(`the engine gives no ${name}`)
    return complex(value.real, value.img)
  }
  return { main: amps('v_m'), loop: shorted ? amps('v_s') : complex(0) }
}

/** One revolving field: half the magnetising reactance and half the iron beside the rotor's bars at its slip. */
function rotor(id: string, a: string, b: string, slip: number) {
  const bars = barsAt(motor, slip)
  return [
    `L_${id} ${a} ${b} ${motor.xm / 2 / OMEGA}`,
    `R_${id}i ${a} ${b} ${motor.iron / 2}`,
    `R_${id} ${a} ${id}1 ${bars.re / (2 * slip)}`,
    `L_${id}r ${id}1 ${b} ${bars.im / 2 / OMEGA}`,
  ]
}

describe('turns shorted among themselves, against ideal transformers in SPICE', () => {
  it.each([
    [0, 1],
    [0, 0.05],
    [0.03, 1],
    [0.03, 0.05],
    [0.12, 1],
    [0.12, 0.05],
    [0.34, 0.08],
  ])('share %d at slip %d: the same amps in what is left and in the loop', async (shorted, slip) => {
    const mine = ours(shorted, slip)
    const other = await theirs(mine.volts, shorted, slip)
    expect(magnitude(subtract(mine.main, other.main)) / magnitude(other.main)).toBeLessThan(1e-6)
    // a loop is counted round one way by us, the other way outside
    if (shorted)
      expect(
        magnitude(subtract(complex(-mine.loop.re, -mine.loop.im), other.loop)) / magnitude(other.loop),
      ).toBeLessThan(1e-6)
  })
  it('draws more the more turns are shorted; the ohms fall only by the turns (common practice, no source)', () => {
    const amps = [0, 0.03, 0.12].map(share => magnitude(ours(share, 0.05).main))
    expect(amps[1]! / amps[0]!).toBeGreaterThan(1.15)
    expect(amps[2]! / amps[1]!).toBeGreaterThan(1.3)
  })
  it('puts nothing extra through a sound winding: the loop is not there', () => {
    const plain = solveNetwork(
      singleNetwork(
        plan,
        healthy,
        { scenario: 'running', slip: 0.05, tripped: false, atSpeed: true, pulledIn: true },
      ),
    )
    expect(requireOk(plain).nodes).not.toContain('turns')
  })
})
