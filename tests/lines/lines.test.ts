/** Single lines with what they mean: most are heard, few are taken for something else, none opposite to a proof. */
import { describe, expect, it } from 'vitest'
import { KIND_IDS } from '#core/systems'
import { judgeLine, readLines, wholeKind } from './read'

const lines = readLines()

describe('labelled lines', () => {
  const judged = lines.map(line => ({ line, ...judgeLine(line) }))
  const shareOf = (outcome: string) => judged.filter(j => j.outcome === outcome).length / judged.length
  it('are many, of every kind, and name only what there is', () => {
    expect(lines.length).toBeGreaterThan(1200)
    expect(new Set(lines.map(l => l.kind))).toEqual(new Set(KIND_IDS))
    const strange = lines.filter(({ kind, meant }) => {
      const { tests } = wholeKind(kind)
      const isThere = (m: string) => {
        const [id = '', outcome] = m.split(' ')
        const test = tests.find(t => t.id === id)
        return test?.kind === 'seen' ? test.outcomes.some(o => o.id === outcome) : test !== undefined && !outcome
      }
      return !meant.flat().every(isThere)
    })
    expect(strange).toEqual([])
  })
  it('are heard as they are meant four times in five and more', () => {
    expect(shareOf('right')).toBeGreaterThan(0.82)
  })
  it('are seldom misheard', () => {
    const wrong = judged.filter(j => j.outcome === 'misheard').map(j => `${j.line.kind} › ${j.line.said} → ${j.heard}`)
    expect(wrong.length / judged.length, wrong.join('\n')).toBeLessThan(0.08)
  })
})
