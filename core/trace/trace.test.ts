import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor } from '#core/systems'
import { PSI, US } from '#core/units'
import { sayProblem, sayTrace } from '#core/words'
import { bestShare } from '../../tests/speed'
import { findInTrace, linesOfTrace, medianOf, readTrace } from '.'

interface Pump {
  readonly step?: number
  readonly cycles?: number
  readonly amps?: boolean
  readonly head?: string
  readonly noise?: number
}
/**
 * A pump as a logger sees it, by straight lines: 80 s of running from 40 to 60 psi at 6.4 A with 34 A for the first
 * 0.4 s, 120 s of rest. Its shape is the trade's and not our flow model's.
 */
function logged({ step = 0.2, cycles = 3, amps = true, head = 'time_s,psi,amps', noise = 0.15 }: Pump = {}): string {
  const rows = [head]
  let seed = 7
  const jitter = () => {
    seed = (seed * 16807) % 2147483647
    return noise * (seed / 2147483647 - 0.5) * 2
  }
  const [ran, rested] = [80, 120]
  for (let t = 0; t < 30 + cycles * (ran + rested); t += step) {
    const at = (t - 30) % (ran + rested)
    const runs = t >= 30 && at < ran
    const psi = t < 30 ? 45 - t / 6 : runs ? 40 + (20 * at) / ran : 60 - (20 * (at - ran)) / rested
    const current = runs ? (at < 0.4 ? 34 : 6.4) : 0
    const clamp = amps ? [(current + jitter() / 5).toFixed(2)] : []
    rows.push([t.toFixed(3), (psi + jitter()).toFixed(2), ...clamp].join())
  }
  return rows.join('\n')
}
const psi = (all: readonly number[]) => medianOf(all)! / PSI

describe('a trace with amps', () => {
  const found = findInTrace(requireOk(readTrace(logged())))
  it('has its starts and stops at their pressures', () => {
    expect(found.cutIns).toHaveLength(3)
    expect(psi(found.cutIns)).toBeCloseTo(40, 0)
    expect(psi(found.cutOuts)).toBeCloseTo(60, 0)
  })
  it('has its cycles, its inrush and its running amps', () => {
    expect(found.cycles.map(Math.round)).toEqual([200, 200])
    expect(medianOf(found.runs)).toBeCloseTo(80, 0)
    expect(medianOf(found.inrush)).toBeCloseTo(34, 0)
    expect(found.running).toBeCloseTo(6.4, 1)
  })
  it('says nothing of an inrush that it was too slow for', () => {
    expect(findInTrace(requireOk(readTrace(logged({ step: 1 })))).inrush).toEqual([])
  })
})

describe('a trace without amps', () => {
  const found = findInTrace(requireOk(readTrace(logged({ amps: false, head: 'time_s,psi', step: 1 }))))
  it('is read by the turns of the pressure', () => {
    expect(psi(found.cutIns)).toBeCloseTo(40, 0)
    expect(psi(found.cutOuts)).toBeCloseTo(60, 0)
    expect(found.cycles.every(c => Math.abs(c - 200) < 5)).toBe(true)
    expect(found.inrush).toEqual([])
  })
})

describe('a hold at the end', () => {
  it('is the longest rest, with what it lost', () => {
    // shut at its second cut-out
    const before = logged().split('\n').filter((r, i) => i === 0 || Number(r.split(',')[0]) < 310)
    const rows = Array.from({ length: 601 }, (_, i) => `${310 + i},${(60 - i / 300).toFixed(2)},0`)
    const { hold } = findInTrace(requireOk(readTrace([...before, ...rows].join('\n'))))
    expect(hold!.seconds).toBeGreaterThan(595)
    expect((hold!.from - hold!.to) / PSI).toBeGreaterThan(1.5)
  })
})

describe('how it is written', () => {
  it.each([
    ['semicolons and decimal commas, bar', 'Zeit time;Druck bar\n0;4,0\n1;3,0\n2;2,8', 4e5],
    ['minutes and kPa', 'elapsed min,pressure kPa\n0,400\n1,300\n2,280', 4e5],
    ['clock times, tabs', 'time\tpsi\n10:00:00\t58\n10:00:01\t57', 58 * PSI],
    ['quotes', '"time","psi"\n"0","58"\n"1","57"', 58 * PSI],
    ['no heads', '0,58\n1,57\n2,56', 58 * PSI],
  ])('%s', (_, text, first) => {
    const trace = requireOk(readTrace(text))
    expect(trace.pressure[0]).toBeCloseTo(first, 0)
    expect(trace.notes).toEqual([])
  })
  it('counts minutes as sixty seconds', () => {
    expect([...requireOk(readTrace('elapsed min,psi\n0,58\n1,57\n2,56')).seconds]).toEqual([0, 60, 120])
  })
})

describe('what is odd about it', () => {
  it('time that goes back is left out, and said', () => {
    const trace = requireOk(readTrace('t,psi\n0,58\n1,57\n0.5,99\n2,56'))
    expect(trace.seconds).toHaveLength(3)
    expect(sayTrace(findInTrace(trace), trace.notes)).toContain('time goes back, first in row 4')
  })
  it('a gap is not read across', () => {
    const [first, second] = [logged({ cycles: 1 }), logged({ cycles: 1 })]
    const later = second.split('\n').slice(1).map((r) => {
      const [t, ...rest] = r.split(',')
      return [Number(t) + 5000, ...rest].join()
    })
    const trace = requireOk(readTrace([first, ...later].join('\n')))
    expect(trace.notes.map(n => n.code)).toEqual(['gaps'])
    expect(findInTrace(trace).cycles).toEqual([])
  })
  it.each([
    ['', 'trace-empty', 'no rows'],
    ['time,psi', 'trace-empty', 'no rows'],
    ['hour,rain\n1,2\n2,3', 'trace-no-pressure', 'hour, rain'],
    ['time,psi\n0,58\n1,57 psi\n2,4.1 bar', 'trace-units-mixed', 'row 4 is in bar'],
  ])('%j is refused', (text, code, says) => {
    const read = readTrace(text)
    expect(read.ok).toBe(false)
    if (read.ok) return
    expect(read.problem.code).toBe(code)
    expect(sayProblem(read.problem, US)).toContain(says)
  })
})

it('leaves out a row whose pressure is blank, and reads no nought there', () => {
  const trace = requireOk(readTrace('t,psi\n0,40\n1,   \n2,42\n3,43'))
  expect([...trace.pressure].map(p => Math.round(p / PSI))).toEqual([40, 42, 43])
  expect(trace.notes).toMatchObject([{ code: 'rows-left-out', count: 1 }])
})

describe('its lines', () => {
  it('are a note that carries it, readings, times and the hold', () => {
    const trace = requireOk(readTrace(logged()))
    const found = findInTrace(trace)
    const lines = linesOfTrace(kindFor('well-2wire'), found, { text: sayTrace(found, trace.notes) })
    expect(lines.map(l => ('test' in l ? l.test : l.kind === 'timed' ? l.what : l.kind))).toEqual([
      'note', 'cut-in', 'cut-out', 'black.start', 'black.run', 'cycle', 'cycle',
    ])
    const three = linesOfTrace(kindFor('three-phase'), found, { text: '' })
    expect(three.some(l => l.kind === 'reading' && l.test === 'amps1.run')).toBe(true)
  })
})

it('takes in 200,000 rows in half a second, and tells how far it is', async () => {
  const text = logged({ step: 0.05, cycles: 50 })
  expect(text.split('\n').length).toBeGreaterThan(200_000)
  const shares: number[] = []
  const take = () =>
    expect(findInTrace(requireOk(readTrace(text, US, s => shares.push(s)))).cutIns).toHaveLength(50)
  expect(await bestShare(500, take)).toBeLessThan(1)
  expect(shares.at(-1)).toBe(1)
})
