/**
 * The same netlists in an independent SPICE engine (ngspice compiled to WebAssembly, from the registry): every node
 * voltage and branch current of all kinds, healthy and under every fault at every degree, in every scenario; of their
 * options every third network, and all of them with TRIALS=long.
 */
import { Simulation } from 'eecircuit-engine'
import { beforeAll, describe, expect, it } from 'vitest'
import { EARTH, solveNetwork, spiceName, writeSpice, type Network } from '#core/circuit'
import { complex, magnitude, requireOk, subtract, type Complex } from '#core/foundation'
import { buildModel, KIND_IDS, type KindId, type Nameplate, type Scenario } from '#core/systems'
import { circuitAsLanded } from '#core/wiring'
import { forLength } from '../length'
import { landingsOf, LAWFUL, WRONG } from '../wiring/cases'

const spice = new Simulation()
beforeAll(() => spice.start())

/** Agreement asked for: 1e-6 of the figure, with a floor where the figure is rounding noise of the largest one. */
const TOLERANCE = 1e-6
const FLOOR = 1e-10 // of 240 V or 100 A: what stands behind gigohms has no more digits

async function runSpice(netlist: string): Promise<Map<string, Complex>> {
  spice.setNetList(netlist)
  const late = new Promise<never>((_, reject) =>
    setTimeout(() => reject(new Error('the SPICE engine did not answer')), 20000),
  )
  const result = await Promise.race([spice.runSim(), late])
  return new Map(
    result.data.map((d) => {
      const value = d.values[0]
      return [
        d.name.toLowerCase(),
        typeof value === 'number' ? complex(value) : complex(value!.real, value!.img),
      ] as const
    }),
  )
}

const voltsAt = (outside: Map<string, Complex>, node: string) =>
  outside.get(`v(n_${spiceName(node)})`) ?? outside.get(`n_${spiceName(node)}`)

/** Compares all that both know; returns how many figures were compared. */
async function compare(network: Network, title: string): Promise<number> {
  const solved = requireOk(solveNetwork(network))
  const outside = await runSpice(writeSpice(network, title))
  let compared = 0
  const near = (ours: Complex, theirs: Complex | undefined, scale: number, what: string) => {
    if (!theirs) throw new Error(`${title}: ${what} is missing outside`)
    const miss = magnitude(subtract(ours, theirs))
    if (!(miss <= TOLERANCE * magnitude(theirs) + FLOOR * scale))
      throw new Error(`${title}: ${what} ours ${JSON.stringify(ours)} theirs ${JSON.stringify(theirs)}`)
    compared++
  }
  for (const node of solved.nodes) near(solved.voltage(node), voltsAt(outside, node), 240, `volts at ${node}`)
  for (const e of network.elements) {
    const sensed = outside.get(`i(v_${spiceName(e.id)}_s)`) ?? outside.get(`v_${spiceName(e.id)}_s#branch`)
    // a source's current is counted out of it by us and into it by SPICE
    near(
      solved.current(e.id),
      sensed && e.kind === 'source' ? complex(-sensed.re, -sensed.im) : sensed,
      100,
      `amps in ${e.id}`,
    )
  }
  return compared
}

/** Options that bring in other circuits: a transformer, one phase on a starter, a neutral, a run capacitor, 50 Hz. */
const PLATES: readonly (readonly [KindId, string, Nameplate])[] = [
  ...KIND_IDS.map(k => [k, 'as it comes', {}] as const),
  ['well-3wire', 'run capacitor and disconnect', { 'box.runCapacitor': 1, 'supply.disconnect': 1 }],
  ['jet', 'on 115 V', { 'motor.volts': 115 }],
  ['jet', 'links for 230 V, on two legs of 208 V', { 'supply.volts': 208, 'motor.dualVoltage': 1 }],
  ['well-3wire', 'permanent split on 50 Hz', { 'supply.hertz': 1, 'box.startGear': 1, 'motor.rpm': 2860 }],
  ['booster', 'permanent split', { 'motor.startGear': 1, 'supply.hertz': 1 }],
  ['compressor-pilot', 'one phase', { 'supply.phases': 1 }],
  [
    'three-phase',
    'transformer and float, 460 V',
    { 'motor.volts': 460, 'starter.control': 1, 'starter.float': 1 },
  ],
]

/** Of the networks of an option each so-manieth. */
const OF_OPTIONS = forLength({ long: 1, usual: 5 })

describe.each(PLATES)('%s, %s, against the SPICE engine', (kind, _, plate) => {
  const model = requireOk(buildModel(kind, plate))
  const faults = [...model.hypotheses.entries()].filter(([, h]) => h.fault !== 'other' && !h.second)
  const step = Object.keys(plate).length > 0 ? OF_OPTIONS : 1
  /** Networks that faults share are compared once. */
  const each = (scenario: Scenario) => {
    const seen = new Map<string, { network: Network, title: string }>()
    for (const [h, hypothesis] of faults)
      for (const stage of model.stages) {
        const network = model.network(scenario, h, stage)
        const key = JSON.stringify(network)
        if (!seen.has(key)) seen.set(key, { network, title: `${kind} ${stage} ${hypothesis.id} ${scenario}` })
      }
    return [...seen.values()].filter((_, n) => n % step === 0)
  }

  it.each<Scenario>(['starting', 'running', 'idle'])(
    'agrees on every voltage and current, %s, healthy and under every fault',
    async (scenario) => {
      let compared = 0
      const networks = each(scenario)
      for (const { network, title } of networks) compared += await compare(network, title)
      expect(compared).toBeGreaterThan(15 * networks.length)
    },
  )

  it('agrees on what an ohmmeter sees of the dead leads', async () => {
    const pairs = [
      ...new Map(
        model.kind.tests.flatMap(t =>
          t.kind === 'numeric' && t.probe.ask === 'ohms'
            ? [[`${t.probe.stage ?? ''} ${t.probe.a} ${t.probe.b}`, t.probe] as const]
            : [],
        ),
      ).values(),
    ]
    expect(pairs.length).toBeGreaterThan(0)
    const seen = new Set<string>()
    for (const [h, hypothesis] of faults) {
      for (const { a, b, stage } of pairs) {
        const network = model.network('leads-off', h, stage)
        const key = JSON.stringify([network, a, b])
        if (seen.has(key)) continue
        seen.add(key)
        if (seen.size % step !== 0) continue
        const outside = await runSpice(writeSpice(network, `${hypothesis.id} ${a}-${b}`, { a, b }))
        const volt = (n: string) => (n === EARTH ? 0 : voltsAt(outside, n)!.re)
        const theirs = volt(a) - volt(b)
        // an insulation of megohms beside joints of milliohms leaves any elimination only the digits that their ratio
        // spares
        const stiffest = Math.max(
          ...network.elements.map(e => (e.kind === 'impedance' ? 1 / Math.hypot(e.z.re, e.z.im) : 0)),
        )
        const far = Math.max(Math.abs(volt(a)), Math.abs(volt(b)))
        const lost = (1e-9 + 2 * Number.EPSILON * stiffest * far) * far
        expect(
          Math.abs(requireOk(solveNetwork(network)).portImpedance(a, b).re - theirs),
          `${hypothesis.id} ${a}-${b}`,
        ).toBeLessThanOrEqual(TOLERANCE * Math.abs(theirs) + lost)
      }
    }
  })
})

describe('wires as landed, against the SPICE engine', () => {
  it('agree on every voltage and current of every miswiring and of every lawful variant, open and closed', async () => {
    const cases = [...WRONG, ...LAWFUL]
    let compared = 0
    for (const { name, circuit, landed } of cases)
      for (const closed of [false, true]) {
        const network = circuitAsLanded(circuit, landingsOf(landed), { closed, pilot: closed })
        compared += await compare(network, `${name} ${closed ? 'closed' : 'open'}`)
      }
    expect(cases.length).toBeGreaterThanOrEqual(80)
    expect(compared).toBeGreaterThan(15 * 2 * cases.length)
  })
})
