import { describe, expect, it } from 'vitest'
import { KIND_IDS, kindFor, type KindId, type Nameplate } from '#core/systems'
import { layOutPath } from './layout'
import { wrapped } from './names'
import { placeAmong, stackLabels } from './flags'
import { LINE, WIDTH, type Placed } from './placed'

/** Every kind bare, and with all that can be fitted to it. */
const FULL: Partial<Record<KindId, Nameplate>> = {
  'well-2wire': {
    'supply.disconnect': 1,
    'switch.protector': 1,
    'house.filter': 1,
    'switch.cutOff': 1,
    'tank.kind': 1,
  },
  'well-3wire': { 'supply.disconnect': 1, 'switch.protector': 1, 'house.filter': 2, 'box.runCapacitor': 1 },
  'jet': { 'supply.disconnect': 1, 'house.filter': 2, 'motor.volts': 115 },
  'booster': { 'house.filter': 1, 'motor.runCapacitor': 1 },
  'holding-tank': { 'house.filter': 2, 'supply.disconnect': 1 },
  'rv': { 'pump.accumulator': 1 },
  'compressor-pilot': { 'starter.control': 1, 'supply.phases': 1 },
  'three-phase': { 'starter.control': 1, 'starter.float': 1, 'house.filter': 1 },
}
const cases = KIND_IDS.flatMap(id =>
  [{}, FULL[id] ?? {}].map((plate, i) => [id, i === 0 ? 'bare' : 'with all options', plate] as const),
)

describe.each(cases)('the path of a %s, %s', (id, _, plate) => {
  const kind = kindFor(id, plate)
  const layout = layOutPath(kind)
  const lane = (of: Placed['lane']) => layout.placed.filter(p => p.lane === of)

  it('places every drawn component inside the drawing', () => {
    expect(lane('power').map(p => p.component.id)).toEqual(kind.drawing.power)
    expect(lane('flow').map(p => p.component.id)).toEqual(kind.drawing.flow)
    for (const p of layout.placed) {
      expect(p.x - p.width / 2, p.component.id).toBeGreaterThanOrEqual(0)
      expect(p.x + p.width / 2, p.component.id).toBeLessThanOrEqual(WIDTH)
      expect(p.y + p.height / 2, p.component.id).toBeLessThanOrEqual(layout.height)
    }
    // with a line of state under it
    for (const n of layout.names)
      if (!n.above) expect(n.y + LINE * n.lines.length + 2, n.component).toBeLessThanOrEqual(layout.height)
  })
  it('runs power left to right and water or air back right to left, without overlaps', () => {
    for (const [of, sign] of [
      ['power', 1],
      ['flow', -1],
    ] as const)
      lane(of)
        .slice(1)
        .forEach((p, i) =>
          expect(sign * (p.x - lane(of)[i]!.x), p.component.id).toBeGreaterThan(
            (p.width + lane(of)[i]!.width) / 2,
          ),
        )
  })
  it('keeps the pilot circuit clear of itself', () => {
    const pilot = lane('pilot').toSorted((a, b) => a.x - b.x)
    pilot
      .slice(1)
      .forEach((p, i) =>
        expect(p.x - pilot[i]!.x, p.component.id).toBeGreaterThan((p.width + pilot[i]!.width) / 2),
      )
  })
  it('joins the lanes: each pump under its motor, each port under its switch', () => {
    expect(layout.shafts).toHaveLength(kind.drawing.shafts.length)
    for (const s of layout.shafts)
      expect(Math.abs(layout.placed.find(p => p.component.id === s.ends[1])!.x - s.x)).toBeLessThan(1)
    for (const port of layout.ports) expect(port.to).toBeGreaterThan(port.from)
  })
  it('draws the conductors as the wires they are', () => {
    expect(layout.wires).toHaveLength(kind.drawing.stretches.reduce((sum, s) => sum + s.wires, 0))
  })
  it('gives every test point a place of its own, far enough from the next to press', () => {
    expect(layout.flags).toHaveLength(kind.points.length)
    for (const [i, a] of layout.flags.entries())
      for (const b of layout.flags.slice(i + 1))
        expect(Math.hypot(a.at[0] - b.at[0], a.at[1] - b.at[1]), `${a.point.id} ${b.point.id}`).toBeGreaterThan(
          16,
        )
  })
  it('writes no lead\'s name across a test point', () => {
    for (const { name } of layout.wires) {
      if (!name) continue
      for (const f of layout.flags)
        expect(
          f.at[0] + 8 > name.x - 36 && f.at[0] - 8 < name.x && Math.abs(f.at[1] - (name.y - 4)) < 12,
          `${name.text} ${f.point.id}`,
        ).toBe(false)
    }
  })
  it('puts a label of the pilot circuit on no name, and on no glyph but its own', () => {
    const wide = 66
    for (const flag of layout.flags.filter(f => f.lane === 'pilot')) {
      const { x, y } = placeAmong(flag, wide, layout)
      for (const p of layout.placed.filter(p => p.component.id !== flag.point.spot.on))
        expect(
          Math.abs(p.x - x) < (p.width + wide) / 2 && Math.abs(p.y - y) < p.height / 2 + 11,
          `${flag.point.id} ${p.component.id}`,
        ).toBe(false)
      for (const n of layout.names.filter(n => !n.above)) {
        const left = n.anchor === 'start' ? n.x : n.x - (n.anchor === 'end' ? n.width : n.width / 2)
        const bottom = n.y + 2 + (n.lines.length - 1) * LINE
        expect(
          x + wide / 2 > left && x - wide / 2 < left + n.width && y + 11 > n.y - 11 && y - 11 < bottom,
          `${flag.point.id} ${n.component}`,
        ).toBe(false)
      }
    }
  })
  it('writes no name across another', () => {
    const boxes = layout.names.map(n => ({
      id: n.component,
      from: n.anchor === 'start' ? n.x : n.x - (n.anchor === 'end' ? n.width : n.width / 2),
      to: n.anchor === 'end' ? n.x : n.x + (n.anchor === 'start' ? n.width : n.width / 2),
      top: n.y - 11 - (n.above ? (n.lines.length - 1) * LINE : 0),
      bottom: n.y + 2 + (n.above ? 0 : (n.lines.length - 1) * LINE),
    }))
    for (const [i, a] of boxes.entries())
      for (const b of boxes.slice(i + 1))
        expect(a.from < b.to && b.from < a.to && a.top < b.bottom && b.top < a.bottom, `${a.id} ${b.id}`).toBe(
          false,
        )
  })
})

describe('words beside a switch', () => {
  it('have room up to the shaft that comes down next to them, and no further', () => {
    const layout = layOutPath(kindFor('rv'))
    const name = layout.names.find(n => n.component === 'switch')!
    const shaft = layout.shafts[0]!
    expect(shaft.x).toBeGreaterThan(name.x)
    expect(name.x + name.room).toBeLessThan(shaft.x)
    expect(name.x + name.room).toBeGreaterThan(shaft.x - 10)
  })
})

describe('flags', () => {
  it('stand apart on their levels', () => {
    const stacked = stackLabels(
      [10, 30, 50, 300, 310].map(x => ({ x, width: 60 })),
      0,
      890,
      2,
    )
    for (const [i, a] of stacked.entries())
      for (const b of stacked.slice(i + 1))
        if (a.level === b.level) expect(Math.abs(a.x - b.x)).toBeGreaterThanOrEqual(60)
  })
  it('stay inside the drawing', () => {
    for (const s of stackLabels(
      [
        { x: 2, width: 80 },
        { x: 888, width: 80 },
      ],
      0,
      890,
      2,
    )) {
      expect(s.x - 40).toBeGreaterThanOrEqual(0)
      expect(s.x + 40).toBeLessThanOrEqual(890)
    }
  })
})

describe('a note', () => {
  it('is broken between its parts where both have no room', () => {
    expect(wrapped('suspect 18 · 7 gpm', 200)).toEqual(['suspect 18 · 7 gpm'])
    expect(wrapped('suspect 18 · 7 gpm', 80)).toEqual(['suspect 18', '7 gpm'])
    expect(wrapped('', 80)).toEqual([])
  })
})
