/**
 * Modified nodal analysis: Kirchhoff's current law at every node but earth, one extra row for each source and winding.
 *   Σ (Va − Vb)/Z = 0,   Va − Vb − Z·I − ΣZc·Iother = E
 * Assumes linear elements in the steady state at one frequency. Refuses, by name, a node with no path to earth, an
 * element without a finite impedance, and a network whose equations do not fix every voltage.
 * Worked example (repeated in the tests): 120 V behind 1 Ω into 11 Ω gives 10 A and 110 V.
 */
import {
  type ComplexMatrix, createMatrix, factor, fail, figureAt, itemAt, ok, placeAt, type Result, solveFactored,
} from '#core/foundation'
import { layOut, type Layout } from './layout'
import { EARTH, type Element, type Network } from './network'
import { createSolution, type SolvedNetwork } from './solution'

export type NetworkProblem = {
  readonly code: 'floating-node' | 'singular' | 'bad-element' | 'repeated-element' | 'unknown-coupling'
  readonly facts: Readonly<Record<string, string | number>>
}

export function solveNetwork(network: Network): Result<SolvedNetwork, NetworkProblem> {
  const laid = layOut(network.elements)
  if (!laid.ok) return laid
  const { size, index, branches } = laid.value
  const matrix = clearMatrix(size)
  const re = new Float64Array(size)
  const im = new Float64Array(size)
  const refused = stamp(network, laid.value, matrix, re, im)
  if (refused) return refused
  const factors = factor(matrix)
  // what is tied to nothing makes the matrix singular: then it is looked for, and named
  const floating = 'singularColumn' in factors ? findFloating(network, index) : undefined
  if (floating) return fail('floating-node', { node: floating })
  if ('singularColumn' in factors)
    return fail('singular', { unknown: nameUnknown(factors.singularColumn, index, branches) })
  const own = solveFactored(factors, re, im)
  return ok(
    createSolution(network, { own: () => own, driven: (re, im) => solveFactored(factors, re, im) }, laid.value),
  )
}

/** Writes the equations; returns the problem of an element that cannot stand in them. */
function stamp(
  { elements, hertz }: Network,
  { a, b, row, size, branches }: Layout,
  matrix: ComplexMatrix,
  rhsRe: Float64Array,
  rhsIm: Float64Array,
) {
  const { re, im } = matrix
  for (let i = 0; i < elements.length; i++) {
    const e = itemAt(elements, i, 'element')
    const refused = checkElement(e)
    if (refused) return refused
    const p = placeAt(a, i)
    const q = placeAt(b, i)
    if (e.kind === 'impedance' || e.kind === 'capacitor') {
      const square = e.kind === 'capacitor' ? 1 : e.z.re * e.z.re + e.z.im * e.z.im
      const yr = e.kind === 'capacitor' ? 0 : e.z.re / square
      const yi = e.kind === 'capacitor' ? 2 * Math.PI * hertz * e.farads : -e.z.im / square
      if (p >= 0) {
        re[p * size + p] = figureAt(re, p * size + p) + yr
        im[p * size + p] = figureAt(im, p * size + p) + yi
      }
      if (q >= 0) {
        re[q * size + q] = figureAt(re, q * size + q) + yr
        im[q * size + q] = figureAt(im, q * size + q) + yi
      }
      if (p < 0 || q < 0) continue
      re[p * size + q] = figureAt(re, p * size + q) - yr
      im[p * size + q] = figureAt(im, p * size + q) - yi
      re[q * size + p] = figureAt(re, q * size + p) - yr
      im[q * size + p] = figureAt(im, q * size + p) - yi
      continue
    }
    const own = placeAt(row, i)
    // a source drives its current out of `a`, a winding takes it in there
    const into = e.kind === 'source' ? -1 : 1
    if (p >= 0) {
      re[p * size + own] = figureAt(re, p * size + own) + into
      re[own * size + p] = figureAt(re, own * size + p) + 1
    }
    if (q >= 0) {
      re[q * size + own] = figureAt(re, q * size + own) - into
      re[own * size + q] = figureAt(re, own * size + q) - 1
    }
    re[own * size + own] = figureAt(re, own * size + own) - into * e.z.re
    im[own * size + own] = figureAt(im, own * size + own) - into * e.z.im
    if (e.kind === 'source') {
      rhsRe[own] = e.volts.re
      rhsIm[own] = e.volts.im
      continue
    }
    for (const { to, z } of e.couplings ?? []) {
      const other = branches.get(to)
      if (other === undefined) return fail('unknown-coupling', { element: e.id, to })
      re[own * size + other] = figureAt(re, own * size + other) - z.re
      im[own * size + other] = figureAt(im, own * size + other) - z.im
    }
  }
  return undefined
}

const scratch = new Map<number, ComplexMatrix>()

/** A matrix of noughts; one of each size serves every network, since factoring keeps nothing of it. */
function clearMatrix(n: number): ComplexMatrix {
  const kept = scratch.get(n) ?? createMatrix(n)
  scratch.set(n, kept)
  kept.re.fill(0)
  kept.im.fill(0)
  return kept
}

function checkElement(e: Element) {
  if (e.kind === 'capacitor')
    return e.farads > 0 && Number.isFinite(e.farads)
      ? undefined
      : fail('bad-element', { element: e.id, farads: e.farads })
  const finite = Number.isFinite(e.z.re) && Number.isFinite(e.z.im)
  const zero = e.kind === 'impedance' && e.z.re === 0 && e.z.im === 0
  return finite && !zero && e.z.re >= 0
    ? undefined
    : fail('bad-element', { element: e.id, ohms: e.z.re, reactance: e.z.im })
}

/** The first node that no conducting element ties to earth, by joining the ends of each element into one group. */
function findFloating({ elements, hertz }: Network, index: ReadonlyMap<string, number>): string | undefined {
  const leader = Int32Array.from({ length: index.size + 1 }, (_, i) => i)
  const find = (i: number): number => {
    let at = i
    while (leader[at] !== at) at = leader[at] = placeAt(leader, placeAt(leader, at))
    return at
  }
  const place = (node: string) => (node === EARTH ? index.size : index.get(node)!)
  for (const e of elements) if (e.kind !== 'capacitor' || hertz > 0) leader[find(place(e.a))] = find(place(e.b))
  const earth = find(index.size)
  for (const [node, i] of index) if (find(i) !== earth) return node
  return undefined
}

function nameUnknown(
  column: number,
  index: ReadonlyMap<string, number>,
  branches: ReadonlyMap<string, number>,
): string {
  return [...index, ...branches].find(([, i]) => i === column)?.[0] ?? String(column)
}
