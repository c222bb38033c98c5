import { complex, type Complex, createMatrix, factor, figureAt, itemAt, solveFactored, ZERO } from '#core/foundation'
import type { Layout } from './layout'
import type { Winding } from './network'

export interface Vector {
  readonly re: Float64Array
  readonly im: Float64Array
}

/** How a network is solved: for its own sources, and for anything driven into it. */
export interface Solving {
  own(): Vector
  driven(re: Float64Array, im: Float64Array): Vector
  /** currents that are known without the rest */
  known?(element: string): Complex | undefined
}

/**
 * Other impedances ΔZ in some windings, by the matrix inversion lemma: a volt in winding k drives the currents G·k, so
 *   I′ = I + G·ΔZ·I′,   x′ = x + Σ (volt in k everywhere)·(ΔZ·I′)k
 * @param old the winding as it was, by its id; @param volt what a volt driven into a row does everywhere
 */
export function revise(
  windings: readonly Winding[],
  old: (id: string) => Winding,
  { branches, size }: Layout,
  before: Solving,
  volt: (row: number) => Vector,
): Solving {
  const n = windings.length
  const rows = windings.map(w => branches.get(w.id)!)
  const volts = rows.map(volt)
  // ΔZ, pairs of real and imaginary parts
  const change = new Float64Array(2 * n * n)
  for (let j = 0; j < n; j++) {
    const now = itemAt(windings, j, 'winding')
    const was = old(now.id)
    for (let k = 0; k < n; k++) {
      const { id } = itemAt(windings, k, 'winding')
      const [z, z0] = [impedance(now, id), impedance(was, id)]
      change[2 * (j * n + k)] = z.re - z0.re
      change[2 * (j * n + k) + 1] = z.im - z0.im
    }
  }
  const matrix = createMatrix(n)
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < n; k++) {
      let re = i === k ? 1 : 0
      let im = 0
      for (let j = 0; j < n; j++) {
        const gr = figureAt(itemAt(volts, j, 'response').re, itemAt(rows, i, 'row'))
        const gi = figureAt(itemAt(volts, j, 'response').im, itemAt(rows, i, 'row'))
        const zr = figureAt(change, 2 * (j * n + k))
        const zi = figureAt(change, 2 * (j * n + k) + 1)
        re -= gr * zr - gi * zi
        im -= gr * zi + gi * zr
      }
      matrix.re[i * n + k] = re
      matrix.im[i * n + k] = im
    }
  }
  const factors = factor(matrix)
  if ('singularColumn' in factors)
    throw new Error(`no current can be found for ${itemAt(windings, factors.singularColumn, 'winding').id}`)
  const currentsIn = (v: Vector): Vector => {
    const re = new Float64Array(n)
    const im = new Float64Array(n)
    for (let k = 0; k < n; k++) {
      re[k] = figureAt(v.re, itemAt(rows, k, 'row'))
      im[k] = figureAt(v.im, itemAt(rows, k, 'row'))
    }
    return solveFactored(factors, re, im)
  }
  const after = (v: Vector, currents = currentsIn(v)): Vector => {
    const re = v.re.slice()
    const im = v.im.slice()
    for (let j = 0; j < n; j++) {
      let dr = 0
      let di = 0
      for (let k = 0; k < n; k++) {
        const zr = figureAt(change, 2 * (j * n + k))
        const zi = figureAt(change, 2 * (j * n + k) + 1)
        dr += zr * figureAt(currents.re, k) - zi * figureAt(currents.im, k)
        di += zr * figureAt(currents.im, k) + zi * figureAt(currents.re, k)
      }
      const column = itemAt(volts, j, 'response')
      for (let i = 0; i < size; i++) {
        re[i] = figureAt(re, i) + (figureAt(column.re, i) * dr - figureAt(column.im, i) * di)
        im[i] = figureAt(im, i) + (figureAt(column.re, i) * di + figureAt(column.im, i) * dr)
      }
    }
    return { re, im }
  }
  const currents = currentsIn(before.own())
  let own: Vector | undefined
  return {
    own: () => (own ??= after(before.own(), currents)),
    driven: (re, im) => after(before.driven(re, im)),
    known: (element) => {
      for (let k = 0; k < n; k++)
        if (itemAt(windings, k, 'winding').id === element)
          return complex(figureAt(currents.re, k), figureAt(currents.im, k))
      return undefined
    },
  }
}

const impedance = (w: Winding, to: string): Complex =>
  w.id === to ? w.z : (w.couplings?.find(c => c.to === to)?.z ?? ZERO)
