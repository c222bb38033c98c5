/** Where the terminals of a part stand, and how its conductors run to them. Pure geometry, in pixels of its view. */
import { PARTS_WIRED, type Landing } from '#core/wiring'
import type { PlanView } from '~/workers/openTabs'

interface Spot {
  readonly x: number
  readonly y: number
}
export interface TerminalsDrawing {
  readonly width: number
  readonly height: number
  readonly box: Spot & { readonly width: number, readonly height: number }
  readonly terminals: readonly (Spot & { readonly id: string, readonly label: string })[]
  readonly poles: readonly string[]
  readonly wires: readonly {
    readonly key: string
    readonly path: string
    readonly colour: string
    readonly thin: boolean
  }[]
  readonly ends: readonly (Spot & { readonly key: string, readonly text: string, readonly anchor: string })[]
  readonly say: string
}

/** Of a screen, and of a phone in the hand: there the names of the conductors stand above them. */
const WIDE = { width: 860, left: 300, right: 560, from: 110, name: 100, above: -5 }
const NARROW = { width: 360, left: 118, right: 242, from: 4, name: 4, above: 9 }
const [ROW, TOP, INSET] = [46, 34, 32]
const LABELS: Readonly<Record<string, string>> = { plus: '+', minus: '−' }

/** In pairs where a part has poles; the ground screw last, between the two columns. */
export function drawTerminals(
  { circuit, record, of }: PlanView['wiring'][number],
  narrow = false,
): TerminalsDrawing {
  const { width, left, right, from, name, above } = narrow ? NARROW : WIDE
  const part = PARTS_WIRED[circuit.part]
  const paired = part.poles.flat()
  const rest = part.terminals.filter(t => t !== 'g' && !paired.includes(t))
  const rows: (readonly (string | undefined)[])[] = [
    ...part.poles,
    ...Array.from({ length: Math.ceil(rest.length / 2) }, (_, i) => [rest[2 * i], rest[2 * i + 1]]),
  ]
  const at = new Map<string, Spot>()
  rows.forEach(([a, b], i) => {
    if (a) at.set(a, { x: left + INSET, y: TOP + i * ROW })
    if (b) at.set(b, { x: right - INSET, y: TOP + i * ROW })
  })
  const height = TOP + (rows.length + 1) * ROW
  if (part.terminals.includes('g')) at.set('g', { x: (left + right) / 2, y: TOP + rows.length * ROW })
  const ends: TerminalsDrawing['ends'][number][] = []
  const wires: TerminalsDrawing['wires'][number][] = []
  const shown = record[of]
  const sides = { left: sideOf(shown, record.found, true), right: sideOf(shown, record.found, false) }
  const run = (l: Landing, thin: boolean) => {
    const screw = at.get(l.terminal)
    const other = at.get(l.to)
    if (!screw) return
    if (other) return void wires.push({ key: keyOf(l, thin), colour: l.colour, thin, path: bend(screw, other) })
    const fromLeft = isLeft(l)
    const place = (fromLeft ? sides.left : sides.right).indexOf(nameOf(l))
    const y = TOP + place * (height - TOP) / Math.max(1, (fromLeft ? sides.left : sides.right).length) + 6
    const x = fromLeft ? from : width - from
    wires.push({ key: keyOf(l, thin), colour: l.colour, thin, path: bend({ x, y }, screw) })
    if (!ends.some(e => e.key === nameOf(l)))
      ends.push({
        key: nameOf(l),
        x: fromLeft ? name : width - name,
        y: y - above,
        text: narrow ? `${l.to} ${l.colour}` : `${l.to} · ${l.colour}`,
        anchor: fromLeft === narrow ? 'end-left' : 'end-right',
      })
  }
  if (of === 'left') for (const l of record.found) if (!shown.some(s => isSame(s, l))) run(l, true)
  for (const l of shown) run(l, false)
  return {
    width,
    height,
    box: { x: left, y: 6, width: right - left, height: height - 12 },
    terminals: [...at].map(([id, p]) => ({ id, label: LABELS[id] ?? id.toUpperCase(), ...p })),
    poles: part.poles.flatMap(([a, b]) => {
      const [p, q] = [at.get(a), at.get(b)]
      return p && q ? [`M${p.x} ${p.y}L${q.x} ${q.y}`] : []
    }),
    wires,
    ends,
    say: shown.map(l => `terminal ${l.terminal}: ${l.colour} to ${l.to}`).join('; '),
  }
}

const nameOf = (l: Landing) => `${l.to} ${l.colour}`
const keyOf = (l: Landing, thin: boolean) => `${nameOf(l)} ${l.terminal} ${thin}`
const isLeft = ({ to }: Landing) => to === 'supply' || to === 'neutral' || to === 'pilot'
const isSame = (a: Landing, b: Landing) => nameOf(a) === nameOf(b) && a.terminal === b.terminal

const sideOf = (shown: readonly Landing[], found: readonly Landing[], left: boolean) =>
  [...new Set([...shown, ...found].filter(l => isLeft(l) === left).map(nameOf))]

function bend(a: Spot, b: Spot): string {
  const mid = (a.x + b.x) / 2
  return `M${a.x} ${a.y}C${mid} ${a.y} ${mid} ${b.y} ${b.x} ${b.y}`
}
