/** The outside engine (ngspice compiled to WebAssembly) asked one network at a time; answers are kept by netlist. */
import { Simulation } from 'eecircuit-engine'
import { EARTH, spiceName, writeSpice, type Network } from '#core/circuit'
import { complex, subtract, type Complex } from '#core/foundation'

export interface OutsideAnswer {
  volts(node: string): Complex
  amps(element: string): Complex
}

/** The engine lets none of its memory go: a fresh one is taken after so many runs. */
const MOST_RUNS = 4000
let spice: Simulation | undefined
let runs = 0
const kept = new Map<string, Promise<Map<string, Complex>>>()
let last: Promise<unknown> = Promise.resolve()

async function run(netlist: string): Promise<Map<string, Complex>> {
  if (!spice || runs++ % MOST_RUNS === 0) {
    spice = new Simulation()
    await spice.start()
  }
  spice.setNetList(netlist)
  const result = await spice.runSim()
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

/** Solves a network outside. Calls queue, since the engine holds one circuit. */
export async function askSpice(
  network: Network,
  injected?: { readonly a: string, readonly b: string },
): Promise<OutsideAnswer> {
  const netlist = writeSpice(network, 'world', injected)
  let answer = kept.get(netlist)
  if (!answer) {
    if (kept.size > 400) kept.clear()
    answer = last.then(() => run(netlist))
    last = answer.catch(() => undefined)
    kept.set(netlist, answer)
  }
  const found = await answer
  const read = (...names: string[]): Complex => {
    for (const n of names) {
      const value = found.get(n)
      if (value) return value
    }
    throw new Error(`the outside engine does not know ${names[0]}`)
  }
  return {
    volts: node => (node === EARTH ? complex(0) : read(`v(n_${spiceName(node)})`, `n_${spiceName(node)}`)),
    amps: (element) => {
      const amps = read(`i(v_${spiceName(element)}_s)`, `v_${spiceName(element)}_s#branch`)
      // counted out of a source by us, into it by SPICE
      return network.elements.find(e => e.id === element)?.kind === 'source' ? subtract(complex(0), amps) : amps
    },
  }
}
