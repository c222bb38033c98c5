/**
 * Shorts from leg to leg, wires landed wrong, a supply that sags and a breaker that is tired, held against what two
 * resistors in a row or side by side give, and against who must notice.
 */
import { describe, expect, it } from 'vitest'
import { magnitude, requireOk } from '#core/foundation'
import { buildModel, describeSystem, type NumericTest, type SystemModel } from '.'
import type { Change } from './figures'
import { solveStage } from './power/stage'

const well = requireOk(buildModel('well-2wire', { 'motor.amps': 8, 'breaker.amps': 20 }))
const three = requireOk(buildModel('three-phase', { 'starter.float': 1 }))
const air = requireOk(buildModel('compressor-direct', {}))
const hut = requireOk(buildModel('holding-tank', {}))
const find = (m: SystemModel, id: string) => {
  const found = m.hypotheses.findIndex(h => h.id === id || h.fault === id)
  if (found < 0) throw new Error(`no hypothesis ${id}`)
  return found
}
const effect = (m: SystemModel, id: string) => m.hypotheses[find(m, id)]!.effect
const reads = (m: SystemModel, id: string, test: string) => {
  const p = m.predict(find(m, id), m.kind.tests.find(t => t.id === test) as NumericTest)
  return p.ol > 0.5 ? Infinity : p.log ? Math.exp(p.mean) : p.mean
}
/** The chance of one answer. */
function says(m: SystemModel, id: string, test: string, outcome: string): number {
  const t = m.kind.tests.find(k => k.id === test)
  if (t?.kind !== 'seen') throw new Error(`${test} is no look`)
  return m.expect(find(m, id), t)[t.outcomes.findIndex(o => o.id === outcome)]!
}

describe('wires behind the switch shorted together', () => {
  it('let go as the switch closes, and not once they are off it', () => {
    expect(effect(well, 'run.leg-to-leg')).toBe('trips-breaker')
    expect(says(well, 'run.leg-to-leg', 'trip-switch-open', 'holds')).toBeGreaterThan(0.9)
    // the far end off leaves the short where it is
    expect(says(well, 'run.leg-to-leg', 'trip-head-open', 'trips')).toBeGreaterThan(0.9)
    expect(says(well, 'cable.leg-to-leg', 'trip-head-open', 'holds')).toBeGreaterThan(0.9)
  })
  it('are near no ohms to each other, and sound ones open', () => {
    expect(reads(well, 'run.leg-to-leg', 'run.between')).toBeLessThan(1)
    expect(reads(well, 'sound', 'run.between')).toBe(Infinity)
  })
})

describe('a switch landed wrong', () => {
  it('shorts its feeds as it closes, or feeds the motor for good', () => {
    expect(effect(well, 'switch.miswired:1')).toBe('trips-breaker')
    expect(effect(well, 'switch.miswired:2')).toBe('runs-on')
    expect(reads(well, 'switch.miswired:2', 'load.idle')).toBeGreaterThan(220)
    for (const degree of [1, 2])
      expect(says(well, `switch.miswired:${degree}`, 'wiring-look', 'wrong')).toBeGreaterThan(0.9)
  })
})

describe('a supply that sags', () => {
  it('by what lies ahead of it in the row with the motor, and stands at rest', () => {
    expect(reads(well, 'supply.generator:2', 'breaker.idle')).toBeGreaterThan(230)
    // two legs of 0.25 each ahead of a locked motor of 1: it keeps 1 / 1.5 of its volts, impedances in line
    const kept = reads(well, 'supply.generator:2', 'breaker.volts') / reads(well, 'sound', 'breaker.idle')
    expect(kept).toBeGreaterThan(0.6)
    expect(kept).toBeLessThan(0.75)
    expect(effect(well, 'supply.generator:2')).toBe('groans')
    expect(effect(well, 'supply.generator:1')).toBe('runs')
  })
})

describe('a tired breaker', () => {
  it('lets go in minutes at the plate’s amps, where a sound one never does', () => {
    expect(effect(well, 'breaker.weak')).toBe('runs')
    expect(reads(well, 'breaker.weak', 'black.run')).toBeCloseTo(reads(well, 'sound', 'black.run'), 6)
    expect(says(well, 'breaker.weak', 'let-go', 'holds')).toBeLessThan(0.3)
    expect(says(well, 'sound', 'let-go', 'holds')).toBeGreaterThan(0.9)
    expect(says(well, 'breaker.weak', 'let-go', 'at-once')).toBeLessThan(0.1)
  })
  it('takes no start for a short', () => expect(says(three, 'breaker.weak', 'let-go', 'at-once')).toBeLessThan(0.2))
})

describe('two phases shorted inside the motor', () => {
  it('are far less on their pair than the others, and the others nearly whole', () => {
    const whole = reads(three, 'sound', 'leads.r12')
    expect(effect(three, 'motor.phase-short')).toBe('trips-breaker')
    expect(reads(three, 'motor.phase-short', 'leads.r12')).toBeLessThan(0.6 * whole)
    // the third winding sees the first two side by side behind the short: three quarters of two in a row
    expect(reads(three, 'motor.phase-short', 'leads.r23')).toBeLessThan(whole)
    expect(reads(three, 'motor.phase-short', 'leads.r23')).toBeGreaterThan(0.6 * whole)
  })
})

describe('a compressor’s pump that is seized', () => {
  it('locks its motor, which runs free without the belt', () => {
    expect(effect(air, 'head.seized:1')).toBe('groans')
    expect(says(air, 'head.seized:1', 'belt-off', 'runs')).toBeGreaterThan(0.9)
    expect(says(air, 'motor.seized', 'belt-off', 'runs')).toBeLessThan(0.1)
    expect(says(air, 'head.seized:1', 'pump-turn', 'locked')).toBeGreaterThan(0.8)
    expect(says(air, 'motor.seized', 'pump-turn', 'locked')).toBeLessThan(0.05)
  })
})

describe('a float in the wrong sense', () => {
  it('keeps a low tank low and a full one running', () => {
    expect(effect(three, 'float.wrong-sense')).toBe('silent')
    expect(says(hut, 'well-switch.wrong-sense:1', 'tank-level', 'low')).toBeGreaterThan(0.9)
    expect(says(hut, 'well-switch.wrong-sense:2', 'tank-level', 'over')).toBeGreaterThan(0.9)
    expect(says(hut, 'well-switch.stuck-up', 'well-float-look', 'wrong')).toBeLessThan(0.02)
  })
})

describe('a house valve found shut', () => {
  it('leaves the pressure at the tank and nothing in the house', () => {
    expect(reads(well, 'house.shut:1', 'flow')).toBeLessThan(0.05 * reads(well, 'sound', 'flow'))
    expect(reads(well, 'house.shut:1', 'cut-out')).toBeCloseTo(reads(well, 'sound', 'cut-out'), 0)
    expect(says(well, 'house.shut:1', 'tank-tap', 'only')).toBeGreaterThan(0.9)
  })
})

describe('a drive turned down', () => {
  const { healthy, stages } = describeSystem('three-phase', {})
  const [stage] = stages
  const amps = (change: Change) => {
    const solved = solveStage(stage!.power, { ...healthy, ...change })
    return { turning: solved.turning, amps: magnitude(solved.solved('running').current('winding 1')) }
  }
  const down = (n: number): Change => ({
    'supply.leg1': healthy['supply.leg1'] * n,
    'supply.leg2': healthy['supply.leg2'] * n,
    'supply.leg3': healthy['supply.leg3'] * n,
    'coil.rated': healthy['coil.rated'] * n,
    'motor.hertz': n,
    'motor.load': healthy['motor.load'] * n ** 2,
  })
  // volts over hertz held, the field stays, and amps follow the torque alone (P. C. Sen, from memory)
  it.each([0.9, 0.75, 0.6])('draws at %f of its speed what it does at full speed under that torque', (n) => {
    const slow = amps(down(n))
    const light = amps({ 'motor.load': healthy['motor.load'] * n ** 2 })
    expect(slow.turning).toBe('running')
    expect(slow.amps / light.amps).toBeGreaterThan(0.93)
    expect(slow.amps / light.amps).toBeLessThan(1.07)
  })
  it('is told by its hertz, and leaves no dry well', () => {
    expect(says(three, 'supply.drive:2', 'fed-by', 'slow')).toBeGreaterThan(0.5)
    expect(reads(three, 'supply.drive:3', 'amps1.run')).toBeLessThan(0.75 * reads(three, 'sound', 'amps1.run'))
    expect(reads(three, 'supply.drive:4', 'amps1.run')).toBeGreaterThan(0.3 * reads(three, 'sound', 'amps1.run'))
  })
})

describe('a winding that shorts a little and one that lets the breaker go', () => {
  it('are two things: short a little, its supply stands as it does under a sound motor', () => {
    for (const test of ['line.v12', 'line.v23', 'line.v31'])
      expect(reads(three, 'motor.turn-short:1', test) / reads(three, 'sound', test)).toBeCloseTo(1, 1)
  })
})
