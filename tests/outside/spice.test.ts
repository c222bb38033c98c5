/**
 * The same netlists in an independent SPICE engine (ngspice compiled to WebAssembly, from the registry): every node voltage
 * and branch current of both kinds, healthy and under every fault at every degree, in every scenario.
 */
import { Simulation } from 'eecircuit-engine'
import { beforeAll, describe, expect, it } from 'vitest'
import { EARTH, solveNetwork, spiceName, writeSpice, type Network } from '#core/circuit'
import { complex, magnitude, requireOk, subtract, type Complex } from '#core/foundation'
import { buildModel, KIND_IDS, type Scenario } from '#core/systems'

const spice = new Simulation()
beforeAll(() => spice.start())

/** Agreement asked for: 1e-6 of the figure, with a floor where the figure is rounding noise of the largest one. */
const TOLERANCE = 1e-6
const FLOOR = 1e-12

async function runSpice(netlist: string): Promise<Map<string, Complex>> {
  spice.setNetList(netlist)
  const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error('the SPICE engine did not answer')), 20000))
  const result = await Promise.race([spice.runSim(), late])
  return new Map(result.data.map((d) => {
    const value = d.values[0]
    return [d.name.toLowerCase(), typeof value === 'number' ? complex(value) : complex(value!.real, value!.img)] as const
  }))
}

const voltsAt = (outside: Map<string, Complex>, node: string) => outside.get(`v(n_${spiceName(node)})`) ?? outside.get(`n_${spiceName(node)}`)

/** Compares all that both know; returns how many figures were compared. */
async function compare(network: Network, title: string): Promise<number> {
  const solved = requireOk(solveNetwork(network))
  const outside = await runSpice(writeSpice(network, title))
  let compared = 0
  const near = (ours: Complex, theirs: Complex | undefined, scale: number, what: string) => {
    if (!theirs) throw new Error(`${title}: ${what} is missing outside`)
    const miss = magnitude(subtract(ours, theirs))
    if (!(miss <= TOLERANCE * magnitude(theirs) + FLOOR * scale)) throw new Error(`${title}: ${what} ours ${JSON.stringify(ours)} theirs ${JSON.stringify(theirs)}`)
    compared++
  }
  for (const node of solved.nodes) near(solved.voltage(node), voltsAt(outside, node), 240, `volts at ${node}`)
  for (const e of network.elements) {
    const sensed = outside.get(`i(v_${spiceName(e.id)}_s)`) ?? outside.get(`v_${spiceName(e.id)}_s#branch`)
    // a source's current is counted out of it by us and into it by SPICE
    near(solved.current(e.id), sensed && e.kind === 'source' ? complex(-sensed.re, -sensed.im) : sensed, 100, `amps in ${e.id}`)
  }
  return compared
}

describe.each(KIND_IDS.map(k => [k]))('%s against the SPICE engine', (kind) => {
  const model = requireOk(buildModel(kind, {}))
  const live: Scenario[] = ['starting', 'running', 'idle']

  it.each(live)('agrees on every voltage and current, %s, healthy and under every fault', async (scenario) => {
    let compared = 0
    for (const [h, hypothesis] of model.hypotheses.entries()) {
      if (hypothesis.fault === 'other') continue
      compared += await compare(model.network(scenario, h), `${kind} ${hypothesis.id} ${scenario}`)
    }
    expect(compared).toBeGreaterThan(40 * (model.hypotheses.length - 2))
  })

  it('agrees on what an ohmmeter sees of the dead leads', async () => {
    const [black, yellow] = kind === 'well-3wire' ? ['black', 'yellow'] : ['x1', 'x2']
    const pairs: [string, string][] = kind === 'well-3wire' ? [[black, yellow], ['red', yellow], ['red', black], [black, EARTH]] : [[black, yellow], [black, EARTH]]
    for (const [h, hypothesis] of model.hypotheses.entries()) {
      const network = model.network('box-off', h)
      const solved = requireOk(solveNetwork(network))
      for (const [a, b] of pairs) {
        const outside = await runSpice(writeSpice(network, `${hypothesis.id} ${a}-${b}`, { a, b }))
        const volt = (n: string) => n === EARTH ? 0 : voltsAt(outside, n)!.re
        const theirs = volt(a) - volt(b)
        // the difference of two node voltages loses digits when both stand far above earth
        const lost = 1e-9 * Math.max(Math.abs(volt(a)), Math.abs(volt(b)))
        expect(Math.abs(solved.portImpedance(a, b).re - theirs), `${hypothesis.id} ${a}-${b}`).toBeLessThanOrEqual(TOLERANCE * Math.abs(theirs) + lost)
      }
    }
  })
})
