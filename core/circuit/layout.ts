/**
 * Where the unknowns of a network stand in its equations: a row for each node but earth, then one for each source and
 * winding.
 */
import { fail, itemAt, ok, type Problem, type Result } from '#core/foundation'
import { EARTH, type Element } from './network'

export interface Layout {
  readonly size: number
  readonly index: ReadonlyMap<string, number>
  readonly branches: ReadonlyMap<string, number>
  /** where each element stands in the list */
  readonly positions: ReadonlyMap<string, number>
  /** rows of each element's two nodes, −1 for earth, and its own row, −1 where it has none */
  readonly a: Int32Array
  readonly b: Int32Array
  readonly row: Int32Array
  readonly elements: readonly Element[]
}

const kept: Layout[] = []
const MOST_KEPT = 24

/**
 * The layout of a list of elements; lists of the same elements between the same nodes, whatever their figures, share
 * one.
 */
export function layOut(
  elements: readonly Element[],
): Result<Layout, { readonly code: 'repeated-element', readonly facts: Problem['facts'] }> {
  for (let i = 0; i < kept.length; i++) {
    const layout = itemAt(kept, i, 'layout')
    if (!isAlike(layout.elements, elements)) continue
    // what was asked for last is asked for next
    if (i > 0) kept.unshift(itemAt(kept.splice(i, 1), 0, 'splicei1'))
    return ok(layout)
  }
  const index = new Map<string, number>()
  const branches = new Map<string, number>()
  const positions = new Map<string, number>()
  for (let i = 0; i < elements.length; i++) {
    const { id, a, b } = itemAt(elements, i, 'element')
    if (positions.has(id)) return fail('repeated-element', { element: id })
    positions.set(id, i)
    if (a !== EARTH && !index.has(a)) index.set(a, index.size)
    if (b !== EARTH && !index.has(b)) index.set(b, index.size)
  }
  for (const e of elements) if (hasRow(e)) branches.set(e.id, index.size + branches.size)
  const rowOf = (node: string) => (node === EARTH ? -1 : index.get(node)!)
  const layout: Layout = {
    size: index.size + branches.size,
    index,
    branches,
    positions,
    elements,
    a: Int32Array.from(elements, e => rowOf(e.a)),
    b: Int32Array.from(elements, e => rowOf(e.b)),
    row: Int32Array.from(elements, e => branches.get(e.id) ?? -1),
  }
  kept.unshift(layout)
  if (kept.length > MOST_KEPT) kept.pop()
  return ok(layout)
}

const hasRow = (e: Element) => e.kind === 'source' || e.kind === 'winding'

function isAlike(one: readonly Element[], two: readonly Element[]): boolean {
  if (one.length !== two.length) return false
  for (let i = one.length - 1; i >= 0; i--) {
    const p = itemAt(one, i, 'node')
    const q = itemAt(two, i, 'node')
    if (p.id !== q.id || p.a !== q.a || p.b !== q.b || p.kind !== q.kind) return false
  }
  return true
}
