import { describe, expect, it } from 'vitest'
import { solveNetwork } from '#core/circuit'
import { requireOk } from '#core/foundation'
import { wellNetwork } from './network'
import { describeWell, type WellParams } from './params'
import { slipByFullSolve, solveWell } from './solve'

const CASES: readonly (readonly [string, Partial<WellParams>])[] = [
  ['sound', {}], ['binding', { load: 1.6 }], ['free', { load: 0 }], ['low volts', { legs: [100, 100] }], ['burnt pole', { poles: [1.5, 0.01] }], ['turn short', { mainTurns: 0.7 }], ['a joint in the winding', { mainJoint: 0.4 }],
]

describe.each([['box'], ['motor']] as const)('the running slip, start gear in the %s', (startGear) => {
  const d = describeWell({}, startGear, 13800)
  it.each(CASES)('found on the reduced circuit is that of the whole circuit: %s', (_, change) => {
    const params = { ...d.healthy, ...change }
    const quick = solveWell(d, params)
    expect(quick.turning).toBe('running')
    const plain = slipByFullSolve(d, params, slip => requireOk(solveNetwork(wellNetwork(d, params, { scenario: 'running', slip, tripped: false, atSpeed: true }))))
    expect(quick.slip / plain!).toBeCloseTo(1, 3)
  })
})
