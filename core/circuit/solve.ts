/**
 * Modified nodal analysis: Kirchhoff's current law at every node but earth, one extra row for each source and winding.
 *   Σ (Va − Vb)/Z = 0,   Va − Vb − Z·I − Zc·Iother = E
 * Assumes linear elements in the steady state at one frequency. Refuses, by name, a node with no path to earth, an
 * element without a finite impedance, and a network whose equations do not fix every voltage.
 * Worked example (repeated in the tests): 120 V behind 1 Ω into 11 Ω gives 10 A and 110 V.
 */
import { add, complex, createMatrix, divide, factor, fail, magnitude, multiply, ok, scale, solveFactored, subtract, ZERO, type Complex, type Factors, type Result } from '#core/foundation'
import { EARTH, type Element, type Network } from './network'

export type NetworkProblem = { readonly code: 'floating-node' | 'singular' | 'bad-element' | 'repeated-element' | 'unknown-coupling', readonly facts: Readonly<Record<string, string | number>> }

/** A network factored once: its solution, and what any meter laid across two of its nodes would do. */
export interface SolvedNetwork {
  /** volts of a node against earth */
  voltage(node: string): Complex
  /** amps through an element from its `a` to its `b` */
  current(element: string): Complex
  /** open-circuit impedance seen between two nodes, ohms (the dead network of an ohmmeter) */
  portImpedance(a: string, b: string): Complex
  /** volts shown by a meter of that input resistance across a and b, meter current included */
  meterVolts(a: string, b: string, meterOhms: number): Complex
  /** largest unbalanced current at any node, amps */
  residual(): number
  readonly nodes: readonly string[]
}

export function solveNetwork(network: Network): Result<SolvedNetwork, NetworkProblem> {
  const { elements, hertz } = network
  const index = new Map<string, number>()
  const branches = new Map<string, number>()
  const byId = new Map<string, Element>()
  for (const e of elements) {
    if (byId.has(e.id)) return fail('repeated-element', { element: e.id })
    byId.set(e.id, e)
    for (const node of [e.a, e.b]) if (node !== EARTH && !index.has(node)) index.set(node, index.size)
    const refused = checkElement(e)
    if (refused) return refused
  }
  const floating = findFloating(network, index)
  if (floating) return fail('floating-node', { node: floating })

  for (const e of elements) if (e.kind === 'source' || e.kind === 'winding') branches.set(e.id, index.size + branches.size)
  const n = index.size + branches.size
  const matrix = createMatrix(n)
  const rhsRe = new Float64Array(n)
  const rhsIm = new Float64Array(n)
  const at = (node: string) => node === EARTH ? -1 : index.get(node)!
  const stamp = (row: number, column: number, value: Complex) => {
    if (row < 0 || column < 0) return
    matrix.re[row * n + column]! += value.re
    matrix.im[row * n + column]! += value.im
  }
  for (const e of elements) {
    const [a, b] = [at(e.a), at(e.b)]
    if (e.kind === 'impedance' || e.kind === 'capacitor') {
      const y = admittance(e, hertz)
      stamp(a, a, y)
      stamp(b, b, y)
      stamp(a, b, scale(y, -1))
      stamp(b, a, scale(y, -1))
      continue
    }
    const row = branches.get(e.id)!
    stamp(a, row, complex(1))
    stamp(b, row, complex(-1))
    stamp(row, a, complex(1))
    stamp(row, b, complex(-1))
    stamp(row, row, scale(e.z, e.kind === 'source' ? 1 : -1))
    if (e.kind === 'source') {
      rhsRe[row] = e.volts.re
      rhsIm[row] = e.volts.im
      // a source drives its current out of `a`: turn the sign of its column so that current() is a → b through the network
      for (let i = 0; i < index.size; i++) {
        matrix.re[i * n + row]! *= -1
        matrix.im[i * n + row]! *= -1
      }
    }
    else if (e.coupling) {
      const other = branches.get(e.coupling.to)
      if (other === undefined) return fail('unknown-coupling', { element: e.id, to: e.coupling.to })
      stamp(row, other, scale(e.coupling.z, -1))
    }
  }
  const factors = factor(matrix)
  if ('singularColumn' in factors) return fail('singular', { unknown: nameUnknown(factors.singularColumn, index, branches) })
  return ok(createSolution(network, factors, rhsRe, rhsIm, index, branches, byId))
}

function createSolution(network: Network, factors: Factors, rhsRe: Float64Array, rhsIm: Float64Array, index: Map<string, number>, branches: Map<string, number>, byId: Map<string, Element>): SolvedNetwork {
  const x = solveFactored(factors, rhsRe, rhsIm)
  const unknown = (name: string): never => {
    throw new Error(`no such node or element in the network: ${name}`)
  }
  const voltage = (node: string): Complex => {
    if (node === EARTH) return ZERO
    const i = index.get(node) ?? unknown(node)
    return complex(x.re[i]!, x.im[i]!)
  }
  const current = (id: string): Complex => {
    const e = byId.get(id) ?? unknown(id)
    const row = branches.get(id)
    if (row !== undefined) return complex(x.re[row]!, x.im[row]!)
    return multiply(subtract(voltage(e.a), voltage(e.b)), admittance(e as PassiveElement, network.hertz))
  }
  const portImpedance = (a: string, b: string): Complex => {
    const n = rhsRe.length
    const injection = new Float64Array(n)
    const [ia, ib] = [a === EARTH ? -1 : index.get(a) ?? unknown(a), b === EARTH ? -1 : index.get(b) ?? unknown(b)]
    if (ia >= 0) injection[ia] = 1
    if (ib >= 0) injection[ib] = -1
    const v = solveFactored(factors, injection, new Float64Array(n))
    const part = (i: number) => i < 0 ? ZERO : complex(v.re[i]!, v.im[i]!)
    return subtract(part(ia), part(ib))
  }
  return {
    voltage,
    current,
    portImpedance,
    meterVolts: (a, b, meterOhms) => {
      const open = subtract(voltage(a), voltage(b))
      return divide(scale(open, meterOhms), add(complex(meterOhms), portImpedance(a, b)))
    },
    residual: () => {
      const sums = new Map<string, Complex>()
      for (const e of network.elements) {
        const i = e.kind === 'source' ? scale(current(e.id), -1) : current(e.id)
        sums.set(e.a, add(sums.get(e.a) ?? ZERO, i))
        sums.set(e.b, subtract(sums.get(e.b) ?? ZERO, i))
      }
      sums.delete(EARTH)
      return Math.max(0, ...[...sums.values()].map(magnitude))
    },
    nodes: [...index.keys()],
  }
}

type PassiveElement = Extract<Element, { kind: 'impedance' | 'capacitor' }>

function admittance(e: PassiveElement, hertz: number): Complex {
  return e.kind === 'capacitor' ? complex(0, 2 * Math.PI * hertz * e.farads) : divide(complex(1), e.z)
}

function checkElement(e: Element) {
  if (e.kind === 'capacitor') return e.farads > 0 && Number.isFinite(e.farads) ? undefined : fail('bad-element', { element: e.id, farads: e.farads })
  const finite = Number.isFinite(e.z.re) && Number.isFinite(e.z.im)
  const zero = e.kind === 'impedance' && e.z.re === 0 && e.z.im === 0
  return finite && !zero && e.z.re >= 0 ? undefined : fail('bad-element', { element: e.id, ohms: e.z.re, reactance: e.z.im })
}

/** The first node that no conducting element ties to earth. */
function findFloating({ elements, hertz }: Network, index: Map<string, number>): string | undefined {
  const neighbours = new Map<string, string[]>()
  for (const e of elements) {
    if (e.kind === 'capacitor' && hertz === 0) continue
    neighbours.set(e.a, [...neighbours.get(e.a) ?? [], e.b])
    neighbours.set(e.b, [...neighbours.get(e.b) ?? [], e.a])
  }
  const reached = new Set([EARTH])
  const queue = [EARTH]
  for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
    for (const next of neighbours.get(node) ?? []) {
      if (!reached.has(next)) {
        reached.add(next)
        queue.push(next)
      }
    }
  }
  return [...index.keys()].find(node => !reached.has(node))
}

function nameUnknown(column: number, index: Map<string, number>, branches: Map<string, number>): string {
  return [...index, ...branches].find(([, i]) => i === column)?.[0] ?? String(column)
}
