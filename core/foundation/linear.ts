/**
 * Dense complex linear systems A·x = b by LU with partial pivoting. Networks leave most of a matrix empty, so that what
 * is kept of its factors is only what is not nought, row by row, in one array of figures and one of places.
 * Range: a few dozen unknowns. Relative residual near 1e-12 for well-scaled networks.
 * A pivot below 1e-13 of its row's largest entry is called singular and names its column.
 */
import { figureAt, placeAt } from './lists'

export interface ComplexMatrix {
  readonly n: number
  readonly re: Float64Array
  readonly im: Float64Array
}

export const createMatrix = (n: number): ComplexMatrix => ({
  n,
  re: new Float64Array(n * n),
  im: new Float64Array(n * n),
})

export interface Factors {
  readonly n: number
  /** pairs of real and imaginary parts: every row's entries, then one over each diagonal entry */
  readonly figures: Float64Array
  /** column of each entry; then where each row begins and where its diagonal would stand; then the order of the rows */
  readonly places: Int32Array
  readonly entries: number
}

/** Factors `m`, which is used up by it. Returns the factors, or the column whose pivot vanished. */
export function factor(m: ComplexMatrix): Factors | { readonly singularColumn: number } {
  const { n, re, im } = m
  const order = new Int32Array(n)
  const rowScale = new Float64Array(n)
  const columns = new Int32Array(n)
  for (let i = 0; i < n; i++) {
    order[i] = i
    let largest = 0
    for (let at = i * n; at < (i + 1) * n; at++) {
      const size = Math.abs(figureAt(re, at)) + Math.abs(figureAt(im, at))
      if (size > largest) largest = size
    }
    rowScale[i] = largest || 1
  }
  let entries = 0
  for (let k = 0; k < n; k++) {
    let pivot = k
    let best = -1
    for (let i = k; i < n; i++) {
      const size = (Math.abs(figureAt(re, i * n + k)) + Math.abs(figureAt(im, i * n + k))) / figureAt(rowScale, i)
      if (size > best) {
        best = size
        pivot = i
      }
    }
    if (!(best > 1e-13)) return { singularColumn: k }
    if (pivot !== k) swapRows(m, order, rowScale, pivot, k)
    const own = k * n
    const pr = figureAt(re, own + k)
    const pi = figureAt(im, own + k)
    const d = pr * pr + pi * pi
    let filled = 0
    for (let j = k + 1; j < n; j++) if (re[own + j] !== 0 || im[own + j] !== 0) columns[filled++] = j
    entries += filled
    for (let row = own + n; row < n * n; row += n) {
      const ar = figureAt(re, row + k)
      const ai = figureAt(im, row + k)
      if (ar === 0 && ai === 0) continue
      entries++
      const fr = (ar * pr + ai * pi) / d
      const fi = (ai * pr - ar * pi) / d
      re[row + k] = fr
      im[row + k] = fi
      for (let c = 0; c < filled; c++) {
        const j = placeAt(columns, c)
        const br = figureAt(re, own + j)
        const bi = figureAt(im, own + j)
        re[row + j] = figureAt(re, row + j) - (fr * br - fi * bi)
        im[row + j] = figureAt(im, row + j) - (fr * bi + fi * br)
      }
    }
  }
  return pack(m, order, entries)
}

function pack({ n, re, im }: ComplexMatrix, order: Int32Array, entries: number): Factors {
  const figures = new Float64Array(2 * (entries + n))
  const places = new Int32Array(entries + 2 * n + 1 + n)
  let at = 0
  for (let i = 0; i < n; i++) {
    places[entries + 2 * i] = at
    for (let j = 0; j < n; j++) {
      if (j === i) {
        places[entries + 2 * i + 1] = at
        continue
      }
      const r = figureAt(re, i * n + j)
      const x = figureAt(im, i * n + j)
      if (r === 0 && x === 0) continue
      figures[2 * at] = r
      figures[2 * at + 1] = x
      places[at++] = j
    }
    const r = figureAt(re, i * n + i)
    const x = figureAt(im, i * n + i)
    const d = r * r + x * x
    figures[2 * (entries + i)] = r / d
    figures[2 * (entries + i) + 1] = -x / d
  }
  places[entries + 2 * n] = at
  places.set(order, entries + 2 * n + 1)
  return { n, figures, places, entries }
}

/** Solves for one right-hand side given as two flat arrays; returns fresh arrays. */
export function solveFactored({ n, figures, places, entries }: Factors, bRe: Float64Array, bIm: Float64Array) {
  const re = new Float64Array(n)
  const im = new Float64Array(n)
  const order = entries + 2 * n + 1
  for (let i = 0; i < n; i++) {
    const from = placeAt(places, order + i)
    let sr = figureAt(bRe, from)
    let si = figureAt(bIm, from)
    for (let at = placeAt(places, entries + 2 * i); at < placeAt(places, entries + 2 * i + 1); at++) {
      const j = placeAt(places, at)
      const fr = figureAt(figures, 2 * at)
      const fi = figureAt(figures, 2 * at + 1)
      sr -= fr * figureAt(re, j) - fi * figureAt(im, j)
      si -= fr * figureAt(im, j) + fi * figureAt(re, j)
    }
    re[i] = sr
    im[i] = si
  }
  for (let i = n - 1; i >= 0; i--) {
    let sr = figureAt(re, i)
    let si = figureAt(im, i)
    for (let at = placeAt(places, entries + 2 * i + 1); at < placeAt(places, entries + 2 * i + 2); at++) {
      const j = placeAt(places, at)
      const fr = figureAt(figures, 2 * at)
      const fi = figureAt(figures, 2 * at + 1)
      sr -= fr * figureAt(re, j) - fi * figureAt(im, j)
      si -= fr * figureAt(im, j) + fi * figureAt(re, j)
    }
    const dr = figureAt(figures, 2 * (entries + i))
    const di = figureAt(figures, 2 * (entries + i) + 1)
    re[i] = sr * dr - si * di
    im[i] = sr * di + si * dr
  }
  return { re, im }
}

function swapRows({ n, re, im }: ComplexMatrix, order: Int32Array, rowScale: Float64Array, a: number, b: number) {
  for (let j = 0; j < n; j++) {
    swap(re, a * n + j, b * n + j)
    swap(im, a * n + j, b * n + j)
  }
  swap(rowScale, a, b)
  const place = placeAt(order, a)
  order[a] = placeAt(order, b)
  order[b] = place
}

function swap(list: Float64Array, i: number, j: number) {
  const kept = figureAt(list, i)
  list[i] = figureAt(list, j)
  list[j] = kept
}
