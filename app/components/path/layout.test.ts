import { describe, expect, it } from 'vitest'
import { KIND_IDS, kindOf } from '#core/systems'
import { HEIGHT, layOutPath, POWER_Y, stackLabels, WATER_Y, WIDTH } from './layout'

describe.each(KIND_IDS.map(k => [k]))('the path of a %s', (id) => {
  const layout = layOutPath(kindOf(id))
  it('places every component of both lanes inside the drawing', () => {
    expect(layout.power.map(p => p.component.id)).toEqual(kindOf(id).powerOrder)
    expect(layout.water.map(p => p.component.id)).toEqual(kindOf(id).waterOrder)
    for (const p of [...layout.power, ...layout.water]) {
      expect(p.x - p.width / 2).toBeGreaterThanOrEqual(0)
      expect(p.x + p.width / 2).toBeLessThanOrEqual(WIDTH)
      expect(p.y + p.height / 2).toBeLessThanOrEqual(HEIGHT)
    }
  })
  it('runs power left to right and water back right to left, without overlaps', () => {
    for (const [lane, sign] of [[layout.power, 1], [layout.water, -1]] as const) {
      lane.slice(1).forEach((p, i) => expect(sign * (p.x - lane[i]!.x)).toBeGreaterThan((p.width + lane[i]!.width) / 2))
    }
  })
  it('joins the lanes at the switch and at the pump', () => {
    expect(layout.port[0]).toBe(layout.power.find(p => p.component.id === 'switch')!.x)
    expect(layout.shaft[0]).toBe(layout.water.find(p => p.component.id === 'pump')!.x)
    expect([layout.port[2], layout.power[0]!.y]).toEqual([WATER_Y, POWER_Y])
  })
  it('draws the conductors as the wires they are', () => {
    const wires = kindOf(id).powerStretches.reduce((sum, s) => sum + s.wires, 0)
    expect(layout.wires).toHaveLength(wires)
    for (const w of layout.wires) expect(w.to[0]).toBeGreaterThan(w.from[0])
  })
  it('gives every test point a place of its own', () => {
    const places = layout.flags.map(f => f.at.map(Math.round).join())
    expect(new Set(places).size).toBe(kindOf(id).points.length)
    expect(places).not.toContain('20,20')
  })
  it('keeps dots far enough apart to press', () => {
    for (const [i, a] of layout.flags.entries()) for (const b of layout.flags.slice(i + 1)) expect(Math.hypot(a.at[0] - b.at[0], a.at[1] - b.at[1]), `${a.point.id} ${b.point.id}`).toBeGreaterThan(16)
  })
})

describe('flags', () => {
  it('stand apart on their levels', () => {
    const stacked = stackLabels([10, 30, 50, 300, 310].map(x => ({ x, width: 60 })), 0, 890, 2)
    for (const [i, a] of stacked.entries()) for (const b of stacked.slice(i + 1)) if (a.level === b.level) expect(Math.abs(a.x - b.x)).toBeGreaterThanOrEqual(60)
  })
  it('stay inside the drawing', () => {
    for (const s of stackLabels([{ x: 2, width: 80 }, { x: 888, width: 80 }], 0, 890, 2)) {
      expect(s.x - 40).toBeGreaterThanOrEqual(0)
      expect(s.x + 40).toBeLessThanOrEqual(890)
    }
  })
})
