/**
 * Modified nodal analysis: Kirchhoff's current law at every node but earth, one extra row for each source and winding.
 *   Σ (Va − Vb)/Z = 0,   Va − Vb − Z·I − ΣZc·Iother = E
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
  /** volts shown by a meter of that input resistance across a and b, its own current included, and the impedance it looks into */
  meterReading(a: string, b: string, meterOhms: number): { readonly volts: Complex, readonly behind: Complex }
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
  for (const e of elements) if (e.kind === 'source' || e.kind === 'winding') branches.set(e.id, index.size + branches.size)
  const n = index.size + branches.size
  const matrix = createMatrix(n)
  const rhsRe = new Float64Array(n)
  const rhsIm = new Float64Array(n)
  const at = (node: string) => node === EARTH ? -1 : index.get(node)!
  const stamp = (row: number, column: number, re: number, im: number) => {
    if (row < 0 || column < 0) return
    matrix.re[row * n + column]! += re
    matrix.im[row * n + column]! += im
  }
  for (const e of elements) {
    const [a, b] = [at(e.a), at(e.b)]
    if (e.kind === 'impedance' || e.kind === 'capacitor') {
      const y = admittance(e, hertz)
      stamp(a, a, y.re, y.im)
      stamp(b, b, y.re, y.im)
      stamp(a, b, -y.re, -y.im)
      stamp(b, a, -y.re, -y.im)
      continue
    }
    const row = branches.get(e.id)!
    // a source drives its current out of `a`, a winding takes it in there
    const into = e.kind === 'source' ? -1 : 1
    stamp(a, row, into, 0)
    stamp(b, row, -into, 0)
    stamp(row, a, 1, 0)
    stamp(row, b, -1, 0)
    stamp(row, row, -into * e.z.re, -into * e.z.im)
    if (e.kind === 'source') {
      rhsRe[row] = e.volts.re
      rhsIm[row] = e.volts.im
    }
    else {
      for (const { to, z } of e.couplings ?? []) {
        const other = branches.get(to)
        if (other === undefined) return fail('unknown-coupling', { element: e.id, to })
        stamp(row, other, -z.re, -z.im)
      }
    }
  }
  const factors = factor(matrix)
  // what is tied to nothing makes the matrix singular: then it is looked for, and named
  const floating = 'singularColumn' in factors ? findFloating(network, index) : undefined
  if (floating) return fail('floating-node', { node: floating })
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
  // one amp driven in at a and out at b together: what both nodes share far above earth never enters the difference
  const ports = new Map<string, Complex>()
  const portImpedance = (a: string, b: string): Complex => {
    const key = `${a} ${b}`
    const kept = ports.get(key)
    if (kept) return kept
    const [ia, ib] = [a === EARTH ? -1 : index.get(a) ?? unknown(a), b === EARTH ? -1 : index.get(b) ?? unknown(b)]
    const injection = new Float64Array(rhsRe.length)
    if (ia >= 0) injection[ia] = 1
    if (ib >= 0) injection[ib]! -= 1
    const volts = solveFactored(factors, injection, new Float64Array(rhsRe.length))
    const at = (i: number) => i < 0 ? ZERO : complex(volts.re[i]!, volts.im[i]!)
    const seen = subtract(at(ia), at(ib))
    ports.set(key, seen)
    return seen
  }
  // volts everywhere for one amp driven into a node; kept, since several meter readings share a node
  const columns = new Map<number, { re: Float64Array, im: Float64Array }>()
  const column = (i: number) => {
    const kept = columns.get(i)
    if (kept) return kept
    const injection = new Float64Array(rhsRe.length)
    injection[i] = 1
    const fresh = solveFactored(factors, injection, new Float64Array(rhsRe.length))
    columns.set(i, fresh)
    return fresh
  }
  /** The same as the port, from shared columns: enough for what a voltmeter of megohms looks into. */
  const behindMeter = (a: string, b: string): Complex => {
    const [ia, ib] = [a === EARTH ? -1 : index.get(a) ?? unknown(a), b === EARTH ? -1 : index.get(b) ?? unknown(b)]
    const transfer = (from: number, to: number) => from < 0 || to < 0 ? ZERO : complex(column(from).re[to]!, column(from).im[to]!)
    return subtract(add(transfer(ia, ia), transfer(ib, ib)), add(transfer(ia, ib), transfer(ib, ia)))
  }
  return {
    voltage,
    current,
    portImpedance,
    meterReading: (a, b, meterOhms) => {
      const open = subtract(voltage(a), voltage(b))
      const behind = behindMeter(a, b)
      return { volts: divide(scale(open, meterOhms), add(complex(meterOhms), behind)), behind }
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

/** The first node that no conducting element ties to earth, by joining the ends of each element into one group. */
function findFloating({ elements, hertz }: Network, index: Map<string, number>): string | undefined {
  const leader = Int32Array.from({ length: index.size + 1 }, (_, i) => i)
  const find = (i: number): number => {
    let at = i
    while (leader[at] !== at) at = leader[at] = leader[leader[at]!]!
    return at
  }
  const place = (node: string) => node === EARTH ? index.size : index.get(node)!
  for (const e of elements) if (e.kind !== 'capacitor' || hertz > 0) leader[find(place(e.a))] = find(place(e.b))
  const earth = find(index.size)
  for (const [node, i] of index) if (find(i) !== earth) return node
  return undefined
}

function nameUnknown(column: number, index: Map<string, number>, branches: Map<string, number>): string {
  return [...index, ...branches].find(([, i]) => i === column)?.[0] ?? String(column)
}
