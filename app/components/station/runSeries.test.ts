import { describe, expect, it } from 'vitest'
import { kindFor, outlineOf } from '#core/systems'
import { createWriter, type DraftLine, type Line } from '#core/tab'
import { PSI, US } from '#core/units'
import { labelled, runOf } from './runSeries'

const kind = outlineOf(kindFor('well-2wire'), new Set())
const write = createWriter('run-device')
const at = (minute: number, draft: object): Line =>
  write({
    ...draft,
    id: `line-${minute}-run`,
    at: `2026-06-15T10:${String(minute).padStart(2, '0')}:00Z`,
  } as DraftLine & { id: string, at: string })
const psi = (test: string, value: number) => ({ kind: 'reading', test, value: value * PSI })

describe('the run, as it is drawn', () => {
  const lines = [
    at(1, psi('gauge', 22)),
    at(2, { kind: 'part', component: 'switch', on: 'switch' }),
    at(3, psi('precharge', 28)),
    at(5, psi('cut-out', 60)),
    at(6, { kind: 'reading', test: 'black.run', value: 6.4 }),
    at(8, psi('cut-in', 38)),
    at(9, { kind: 'adjusted', component: 'switch', nut: 'range', turns: -1.5 }),
    at(10, psi('leak-down', 1)),
    at(30, { kind: 'timed', what: 'hold', seconds: 600, from: 58 * PSI, to: 57 * PSI }),
  ]
  const run = runOf(kind, lines, new Map(), US)
  it('begins at the last repair, and leaves out what was read at zero and what is a difference', () => {
    expect(run.pressure.map(p => p.label)).toEqual(['out 60', 'in 38', '58', '57'])
  })
  it('lays a hold over its own time', () => {
    expect(run.pressure[3]!.x - run.pressure[2]!.x).toBe(600e3)
  })
  it('has the amps beside, and the nut between', () => {
    expect(run.amps.map(a => a.y)).toEqual([6.4])
    expect(run.turns.map(t => t.label)).toEqual(['1½ turns anticlockwise'])
  })
  it('labels cut-in and cut-out first, and nothing over anything', () => {
    const at = (x: number, label: string) => ({ x, y: 50, label })
    const points = [at(0, '22'), at(40, 'in 38'), at(45, '41'), at(90, 'out 60'), at(99, '58'), at(200, '57')]
    expect([...labelled(points, 30)].map(p => p.label).sort()).toEqual(['22', '57', 'in 38', 'out 60'])
  })
  it('draws nothing that is struck', () => {
    expect(runOf(kind, lines, new Map([['line-5-run', {}]]), US).pressure.map(p => p.label)).not.toContain('out 60')
  })
})
