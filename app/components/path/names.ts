/** Names under and beside what is placed, and labels that stand clear of one another. */
import type { Glyph } from '#core/systems'
import { WIDTH, type Joint, type Name, type Placed } from './placed'

const CHAR = 6.5

/**
 * Names under their glyphs, in two lines where one would touch its neighbour, and a step lower where two still would.
 */
export function nameAll(placed: readonly Placed[], shafts: readonly Joint[]): Name[] {
  const out: Name[] = []
  for (const lane of ['power', 'pilot', 'flow'] as const) {
    const row = placed
      .filter(p => p.lane === lane && p.component.glyph !== 'supply')
      .toSorted((a, b) => a.x - b.x)
    const taken: { from: number, to: number, y: number }[] = []
    row.forEach((p, i) => {
      const text = p.component.name.replace(/^Well: /, '').replace(/^./, c => c.toUpperCase())
      const [before, after] = [row[i - 1], row[i + 1]]
      const slot = Math.min(before ? p.x - before.x : 200, after ? after.x - p.x : 200) - 6
      const lines = text.length * CHAR > slot ? wrap(text) : [text]
      const width = Math.max(...lines.map(l => l.length)) * CHAR
      const above = p.component.glyph === 'motor' && lane === 'power'
      const aside
        = p.component.glyph === 'pressure-switch'
          || p.component.glyph === 'unloader'
          || p.component.glyph === 'float-switch'
      const x = aside ? p.x + 8 : Math.max(width / 2 + 2, Math.min(WIDTH - width / 2 - 2, p.x))
      const base = above
        ? p.y - 46
        : p.y + (lane === 'pilot' && aside ? p.height / 2 + 13 : BELOW[p.component.glyph]!)
      const [from, to] = aside ? [x, x + width] : [x - width / 2, x + width / 2]
      let y = base
      while (
        !above
        && taken.some(t => Math.abs(t.y - y) < 13 * lines.length && t.from < to + 4 && from - 4 < t.to)
      )
        y += 13
      lines.forEach((_, n) => taken.push({ from, to, y: y + n * 13 }))
      out.push({
        component: p.component.id,
        lines,
        x,
        y,
        anchor: aside ? 'start' : 'middle',
        above,
        width,
        room: aside ? Math.min(...shafts.filter(s => s.x > x).map(s => s.x), WIDTH) - x - 6 : WIDTH,
      })
    })
  }
  return out
}

const BELOW: Record<Glyph, number> = {
  'supply': 34,
  'battery': 35,
  'breaker': 38,
  'fuse': 28,
  'disconnect': 38,
  'panel-switch': 35,
  'pressure-switch': 43,
  'float-switch': 38,
  'starter': 48,
  'transformer': 34,
  'control-box': 62,
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
  'house': 37,
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
