/**
 * Ninety of the told calls that are worked with, spread evenly over all, through the same door as a file: most lines
 * are understood, most calls come out as a master would have them, and none ends in a dangerous or costly wrong
 * decision. `npm run calls` plays them all.
 */
import { describe, expect, it } from 'vitest'
import { parseNameplate } from '#core/formats'
import { requireOk } from '#core/foundation'
import { kindFor, withOptions } from '#core/systems'
import { playTold } from './play'
import { readCalls } from './read'

const worked = readCalls().filter(c => !c.sealed)

describe('calls as they are told', () => {
  const every = Math.floor(worked.length / 90)
  const scored = worked.filter((_, i) => i % every === 0).map(c => playTold(c))
  const said = (s: (typeof scored)[number]) => `${s.call.kind} › ${s.call.title}: ${[...s.short, ...s.lost].join('; ')}`
  it('are many, of every kind', () => {
    expect(readCalls().length).toBeGreaterThanOrEqual(320)
    expect(new Set(worked.map(c => c.kind)).size).toBe(9)
    expect(scored.length).toBeGreaterThan(40)
  })
  it('name what there is: each has a suspect that its kind of system can have', () => {
    const missing = readCalls().flatMap(({ kind, title, plate, suspects, found }) => {
      const own = kindFor(kind, requireOk(parseNameplate(kind, plate)))
      const faults = new Set([own, withOptions(own)].flatMap(k => k.faults.map(f => f.id)))
      const rows = [...suspects, ...(found.length > 0 ? [found] : [])]
      return rows.some(row => !row.some(f => faults.has(f))) ? [`${kind} › ${title}`] : []
    })
    expect(missing).toEqual([])
  })
  it('are understood in most of their lines', () => {
    const lines = scored.reduce((n, s) => n + s.call.lines.length, 0)
    const understood = scored.reduce((n, s) => n + s.understood, 0)
    // two standard errors of a share of 92 in 100: who tells one line in words of his own tells the next one so, and
    // what counts is the calls (a ratio of sums over clusters, as textbooks of sampling have it)
    const off = scored.reduce((sum, s) => sum + (s.understood - 0.92 * s.call.lines.length) ** 2, 0)
    const near = 2 * Math.sqrt(off) / lines
    const lost = scored.filter(s => s.lost.length > 0).map(said).join('\n')
    expect(understood / lines, lost).toBeGreaterThanOrEqual(0.92 - near)
  })
  it('come out right four times in five, as near as a sample of them tells', () => {
    const short = scored.filter(s => s.short.length > 0)
    // two standard errors of a share of four in five
    const near = 2 * Math.sqrt((0.8 * 0.2) / scored.length)
    expect(1 - short.length / scored.length, short.map(said).join('\n')).toBeGreaterThanOrEqual(0.8 - near)
  })
  it('never end in what must not be decided', () => {
    expect(scored.filter(s => s.wrong).map(said)).toEqual([])
  })
})

describe('how bad a joint is', () => {
  // Ohm's law: 18 V over the 10 A that it carries
  it('is said by its ohms, between the points that the engine knows', () => {
    const call = worked.find(c => c.title === 'burnt pole drops the volts')!
    const { severity } = playTold(call).answer.suspects[0]!
    const ohms = Number(/^about ([\d.]+) Ω$/.exec(severity)?.[1])
    expect(ohms, severity).toBeGreaterThan(1.2)
    expect(ohms, severity).toBeLessThan(2.7)
  })
})
