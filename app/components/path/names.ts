/** Names under and beside what is placed, and labels that stand clear of one another. */
import type { Glyph } from '#core/systems'
import { LINE, WIDTH, type Joint, type Name, type Placed } from './placed'

const CHAR = 7.1

/** Words that stand beside what comes down from them. */
const ASIDE: ReadonlySet<Glyph> = new Set(['pressure-switch', 'float-switch', 'unloader', 'starter'])

/**
 * Names under their glyphs, in two lines where one would touch its neighbour, and a step lower where two still would;
 * beside the port or wire that comes down from a switch or a starter, on the side that has room.
 */
export function nameAll(placed: readonly Placed[], shafts: readonly Joint[]): Name[] {
  return (['power', 'pilot', 'flow'] as const).flatMap((lane) => {
    const row = placed
      .filter(p => p.lane === lane && p.component.glyph !== 'supply')
      .toSorted((a, b) => a.x - b.x)
    const taken: Box[] = []
    const names = row.map((p, i) => nameOne(p, row[i - 1], row[i + 1], taken, shafts))
    return names.map(n => ({ ...n, room: roomOf(n, names, shafts) }))
  })
}
interface Box { readonly from: number, readonly to: number, readonly y: number }

function nameOne(
  p: Placed, before: Placed | undefined, after: Placed | undefined, taken: Box[], shafts: readonly Joint[],
): Name {
  const text = nameOf(p)
  const aside = ASIDE.has(p.component.glyph)
  const lines = text.length * CHAR > slotOf(p, before, after) ? wrap(text) : [text]
  const width = widest(lines)
  const above = p.component.glyph === 'motor' && p.lane === 'power'
  const blocked = shafts.some(s => s.x > p.x && s.x < p.x + width + 12)
  const anchor = !aside ? 'middle' : blocked ? 'end' : 'start'
  const x = !aside
    ? Math.max(width / 2 + 2, Math.min(WIDTH - width / 2 - 2, p.x))
    : p.component.glyph === 'starter' ? p.x - 26 : p.x + (blocked ? -8 : 8)
  const from = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2
  let y = above
    ? p.y - 44
    : p.y + (p.lane === 'pilot' && aside ? p.height / 2 + LINE : BELOW[p.component.glyph])
  while (
    !above
    && taken.some(t => Math.abs(t.y - y) < LINE * lines.length && t.from < from + width + 4 && from - 4 < t.to)
  )
    y += LINE
  lines.forEach((_, n) => taken.push({ from, to: from + width, y: y + n * LINE }))
  return { component: p.component.id, lines, x, y, anchor, above, width, room: WIDTH }
}

const nameOf = (p: Placed) => p.component.name.replace(/^Well: /, '').replace(/^./, c => c.toUpperCase())
const widest = (lines: readonly string[]) => Math.max(...lines.map(l => l.length)) * CHAR

/** What a name may take of the row: half way to its neighbours, or up to the next one's words. */
function slotOf(p: Placed, before: Placed | undefined, after: Placed | undefined): number {
  if (!ASIDE.has(p.component.glyph))
    return Math.min(before ? p.x - before.x : 200, after ? after.x - p.x : 200) - 6
  return after ? after.x - p.x - 12 - (ASIDE.has(after.component.glyph) ? 0 : widest(wrap(nameOf(after))) / 2) : 200
}

/** Of what is free between two names, words that stand beside a port take so much, those under their glyph the rest. */
const BESIDE = 0.8

/** Its words, and its share of what is free beside them; no further than a shaft or the edge. */
function roomOf(n: Name, row: readonly Name[], shafts: readonly Joint[]): number {
  const left = (o: Name) => (o.anchor === 'start' ? o.x : o.anchor === 'end' ? o.x - o.width : o.x - o.width / 2)
  const right = (o: Name) => left(o) + o.width
  const level = row.filter(o => o !== n && o.above === n.above)
  const after = Math.min(...level.filter(o => left(o) > n.x).map(left), Infinity) - right(n)
  const before = left(n) - Math.max(...level.filter(o => right(o) < n.x).map(right), -Infinity)
  if (n.anchor === 'middle')
    return Math.min(n.width + 2 * (1 - BESIDE) * Math.min(before, after), 2 * Math.min(n.x, WIDTH - n.x)) - 4
  const shaft = Math.min(...shafts.filter(s => s.x > n.x).map(s => s.x), WIDTH) - n.x
  return Math.min(n.width + BESIDE * after - 4, shaft - 6)
}

const BELOW: Record<Glyph, number> = {
  'supply': 34,
  'battery': 35,
  'breaker': 38,
  'fuse': 28,
  'disconnect': 38,
  'panel-switch': 35,
  'pressure-switch': 42,
  'float-switch': 38,
  'starter': 48,
  'transformer': 34,
  'control-box': 57,
  'protector': 36,
  'cable': 34,
  'motor': 52,
  'return': 30,
  'conductor': 30,
  'pump': 34,
  'check-valve': 29,
  'drop-pipe': 29,
  'gauge': 18,
  'tank': 18,
  'open-tank': 44,
  'filter': 36,
  'house': 36,
  'compressor': 38,
  'receiver': 36,
  'regulator': 31,
  'relief': 22,
  'unloader': 29,
  'source': 32,
}

function wrap(text: string): string[] {
  const words = text.split(' ')
  if (words.length === 1) return [text]
  let best = 1
  for (let i = 1; i < words.length; i++) {
    const longest = (k: number) => Math.max(words.slice(0, k).join(' ').length, words.slice(k).join(' ').length)
    if (longest(i) < longest(best)) best = i
  }
  return [words.slice(0, best).join(' '), words.slice(best).join(' ')]
}

const NOTE_CHAR = 6.4

/** A note, broken between its parts where it would run into what stands beside it. */
export function wrapped(text: string, room: number): string[] {
  const lines: string[] = []
  for (const part of text.split(' · ').filter(Boolean)) {
    const longer = [lines.at(-1), part].filter(Boolean).join(' · ')
    if (lines.length > 0 && longer.length * NOTE_CHAR <= room) lines[lines.length - 1] = longer
    else lines.push(part)
  }
  return lines
}
