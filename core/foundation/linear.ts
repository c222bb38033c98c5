/**
 * Dense complex linear systems A·x = b by LU with partial pivoting, in place on flat arrays.
 * Range: a few dozen unknowns. Relative residual near 1e-12 for well-scaled networks.
 * A pivot below 1e-13 of its row's largest entry is called singular and names its column.
 */
export interface ComplexMatrix { readonly n: number, readonly re: Float64Array, readonly im: Float64Array }

export const createMatrix = (n: number): ComplexMatrix => ({ n, re: new Float64Array(n * n), im: new Float64Array(n * n) })

/** The factors, and where each row of them is not nought: networks leave most of it empty. */
export interface Factors { readonly matrix: ComplexMatrix, readonly order: Int32Array, readonly lower: readonly Int32Array[], readonly upper: readonly Int32Array[] }

/** Factors `m` in place. Returns the factors, or the column whose pivot vanished. */
export function factor(m: ComplexMatrix): Factors | { readonly singularColumn: number } {
  const { n, re, im } = m
  const order = new Int32Array(n)
  const rowScale = new Float64Array(n)
  const columns = new Int32Array(n)
  for (let i = 0; i < n; i++) {
    order[i] = i
    let largest = 0
    for (let j = 0; j < n; j++) largest = Math.max(largest, Math.abs(re[i * n + j]!) + Math.abs(im[i * n + j]!))
    rowScale[i] = largest || 1
  }
  for (let k = 0; k < n; k++) {
    let pivot = k
    let best = -1
    for (let i = k; i < n; i++) {
      const size = (Math.abs(re[i * n + k]!) + Math.abs(im[i * n + k]!)) / rowScale[i]!
      if (size > best) {
        best = size
        pivot = i
      }
    }
    if (!(best > 1e-13)) return { singularColumn: k }
    if (pivot !== k) swapRows(m, rowScale, order, pivot, k)
    const pr = re[k * n + k]!
    const pi = im[k * n + k]!
    const d = pr * pr + pi * pi
    let filled = 0
    for (let j = k + 1; j < n; j++) if (re[k * n + j] !== 0 || im[k * n + j] !== 0) columns[filled++] = j
    for (let i = k + 1; i < n; i++) {
      const ar = re[i * n + k]!
      const ai = im[i * n + k]!
      if (ar === 0 && ai === 0) continue
      const fr = (ar * pr + ai * pi) / d
      const fi = (ai * pr - ar * pi) / d
      re[i * n + k] = fr
      im[i * n + k] = fi
      for (let c = 0; c < filled; c++) {
        const j = columns[c]!
        const br = re[k * n + j]!
        const bi = im[k * n + j]!
        re[i * n + j]! -= fr * br - fi * bi
        im[i * n + j]! -= fr * bi + fi * br
      }
    }
  }
  return { matrix: m, order, lower: filledIn(m, 0), upper: filledIn(m, 1) }
}

/** The columns that are not nought left of the diagonal (side 0) or right of it (side 1), row by row. */
function filledIn({ n, re, im }: ComplexMatrix, side: 0 | 1): Int32Array[] {
  const buffer = new Int32Array(n)
  return Array.from({ length: n }, (_, i) => {
    let count = 0
    const [from, to] = side === 0 ? [0, i] : [i + 1, n]
    for (let j = from; j < to; j++) if (re[i * n + j] !== 0 || im[i * n + j] !== 0) buffer[count++] = j
    return buffer.slice(0, count)
  })
}

/** Solves for one right-hand side given as two flat arrays; returns fresh arrays. */
export function solveFactored({ matrix: { n, re, im }, order, lower, upper }: Factors, bRe: Float64Array, bIm: Float64Array) {
  const xr = new Float64Array(n)
  const xi = new Float64Array(n)
  for (let i = 0; i < n; i++) {
    let sr = bRe[order[i]!]!
    let si = bIm[order[i]!]!
    for (const j of lower[i]!) {
      const lr = re[i * n + j]!
      const li = im[i * n + j]!
      sr -= lr * xr[j]! - li * xi[j]!
      si -= lr * xi[j]! + li * xr[j]!
    }
    xr[i] = sr
    xi[i] = si
  }
  for (let i = n - 1; i >= 0; i--) {
    let sr = xr[i]!
    let si = xi[i]!
    for (const j of upper[i]!) {
      const ur = re[i * n + j]!
      const ui = im[i * n + j]!
      sr -= ur * xr[j]! - ui * xi[j]!
      si -= ur * xi[j]! + ui * xr[j]!
    }
    const pr = re[i * n + i]!
    const pi = im[i * n + i]!
    const d = pr * pr + pi * pi
    xr[i] = (sr * pr + si * pi) / d
    xi[i] = (si * pr - sr * pi) / d
  }
  return { re: xr, im: xi }
}

function swapRows({ n, re, im }: ComplexMatrix, rowScale: Float64Array, order: Int32Array, a: number, b: number) {
  for (let j = 0; j < n; j++) {
    const r = re[a * n + j]!
    re[a * n + j] = re[b * n + j]!
    re[b * n + j] = r
    const i = im[a * n + j]!
    im[a * n + j] = im[b * n + j]!
    im[b * n + j] = i
  }
  const s = rowScale[a]!
  rowScale[a] = rowScale[b]!
  rowScale[b] = s
  const o = order[a]!
  order[a] = order[b]!
  order[b] = o
}
