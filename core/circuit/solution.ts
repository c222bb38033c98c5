/**
 * What is read off a network once its equations are factored: volts, amps, and what a meter laid across two nodes
 * shows.
 */
import {
  add, complex, type Complex, divide, figureAt, itemAt, magnitude, multiply, placeAt, scale, subtract, ZERO,
} from '#core/foundation'
import type { Layout } from './layout'
import { EARTH, type Element, type Network, type Winding } from './network'
import { revise, type Solving, type Vector } from './revise'

/** A network factored once: its solution, and what any meter laid across two of its nodes would do. */
export interface SolvedNetwork {
  /** volts of a node against earth */
  voltage(node: string): Complex
  /** amps through an element from its `a` to its `b` */
  current(element: string): Complex
  /** open-circuit impedance seen between two nodes, ohms (the dead network of an ohmmeter) */
  portImpedance(a: string, b: string): Complex
  /**
   * volts shown by a meter of that input resistance across a and b, its own current included, and the impedance it
   * looks into; a node that impedances of under 100 Ω each tie to earth counts as none (for a meter of 10 MΩ within 3
   * parts in 10⁴)
   */
  meterReading(a: string, b: string, meterOhms: number): { readonly volts: Complex, readonly behind: Complex }
  /** the same network with other impedances of some windings and of the couplings among them, from the same factors */
  revised(windings: readonly Winding[]): SolvedNetwork
  /** largest unbalanced current at any node, amps */
  residual(): number
  readonly nodes: readonly string[]
}

const LOW = 100

export function createSolution(
  network: Network,
  solving: Solving,
  layout: Layout,
  revised: readonly Winding[] = [],
): SolvedNetwork {
  const { index, branches, positions, size } = layout
  const { elements, hertz } = network
  const unknown = (name: string): never => {
    throw new Error(`no such node or element in the network: ${name}`)
  }
  const place = (node: string) => (node === EARTH ? -1 : (index.get(node) ?? unknown(node)))
  const pick = (v: Vector, i: number): Complex => (i < 0 ? ZERO : complex(figureAt(v.re, i), figureAt(v.im, i)))
  const voltage = (node: string): Complex => pick(solving.own(), place(node))
  const current = (id: string): Complex => {
    const known = solving.known?.(id)
    if (known) return known
    const row = branches.get(id)
    if (row !== undefined) return pick(solving.own(), row)
    const e = elements[positions.get(id) ?? unknown(id)] as PassiveElement
    return multiply(subtract(voltage(e.a), voltage(e.b)), admittance(e, hertz))
  }
  const drive = (i: number, j = -1) => {
    const injection = new Float64Array(size)
    if (i >= 0) injection[i] = 1
    if (j >= 0) injection[j] = figureAt(injection, j) - 1
    return solving.driven(injection, new Float64Array(size))
  }
  // one amp driven in at a and out at b together: what both nodes share far above earth never enters the difference
  const ports = new Map<string, Complex>()
  const portImpedance = (a: string, b: string): Complex => {
    const key = `${a} ${b}`
    const kept = ports.get(key)
    if (kept) return kept
    const [i, j] = [place(a), place(b)]
    const volts = drive(i, j)
    const seen = subtract(pick(volts, i), pick(volts, j))
    ports.set(key, seen)
    return seen
  }
  // what one amp, or one volt in a winding, driven into one unknown does everywhere; kept, since several readings
  // share it
  const columns = new Map<number, Vector>()
  const column = (i: number) => {
    const kept = columns.get(i)
    if (kept) return kept
    const fresh = drive(i)
    columns.set(i, fresh)
    return fresh
  }
  let tied: Uint8Array | undefined
  /** The same as the port, from shared columns: enough for what a voltmeter of megohms looks into. */
  const behindMeter = (a: string, b: string): Complex => {
    tied ??= findTied(elements, layout, hertz)
    const free = (node: string) => (node === EARTH || tied![place(node)] ? -1 : place(node))
    const [i, j] = [free(a), free(b)]
    const alone = (at: number) => (at < 0 ? ZERO : pick(column(at), at))
    const apart = add(alone(i), alone(j))
    return i < 0 || j < 0 ? apart : subtract(apart, add(pick(column(i), j), pick(column(j), i)))
  }
  return {
    voltage,
    current,
    portImpedance,
    meterReading: (a, b, meterOhms) => {
      const open = subtract(voltage(a), voltage(b))
      const behind = behindMeter(a, b)
      return behind === ZERO
        ? { volts: open, behind }
        : { volts: divide(scale(open, meterOhms), add(complex(meterOhms), behind)), behind }
    },
    revised: windings =>
      createSolution(
        network,
        revise(
          windings,
          id => revised.find(w => w.id === id) ?? (elements[positions.get(id)!] as Winding),
          layout,
          solving,
          column,
        ),
        layout,
        windings,
      ),
    residual: () => {
      const sums = new Map<string, Complex>()
      for (const e of elements) {
        const i = e.kind === 'source' ? scale(current(e.id), -1) : current(e.id)
        sums.set(e.a, add(sums.get(e.a) ?? ZERO, i))
        sums.set(e.b, subtract(sums.get(e.b) ?? ZERO, i))
      }
      sums.delete(EARTH)
      return Math.max(0, ...[...sums.values()].map(magnitude))
    },
    get nodes() {
      return [...index.keys()]
    },
  }
}

/** Nodes from which a path of low impedances leads to earth. */
function findTied(elements: readonly Element[], { a, b, index }: Layout, hertz: number): Uint8Array {
  const tied = new Uint8Array(index.size)
  for (let more = true; more;) {
    more = false
    for (let i = 0; i < elements.length; i++) {
      const p = placeAt(a, i)
      const q = placeAt(b, i)
      const one = p < 0 || tied[p] === 1
      const two = q < 0 || tied[q] === 1
      if (one === two || !isLow(itemAt(elements, i, 'element'), hertz)) continue
      tied[one ? q : p] = 1
      more = true
    }
  }
  return tied
}

const isLow = (e: Element, hertz: number) =>
  e.kind === 'capacitor'
    ? 2 * Math.PI * hertz * e.farads > 1 / LOW
    : e.kind !== 'winding' && Math.abs(e.z.re) + Math.abs(e.z.im) < LOW

export type PassiveElement = Extract<Element, { kind: 'impedance' | 'capacitor' }>

export function admittance(e: PassiveElement, hertz: number): Complex {
  return e.kind === 'capacitor' ? complex(0, 2 * Math.PI * hertz * e.farads) : divide(complex(1), e.z)
}
