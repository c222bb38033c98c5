import { describe, expect, it } from 'vitest'
import { firstProof, holdsNeed, nextProof, type Work } from '.'

const held = { since: '2026-06-15T10:00:00.000Z', line: 'line-1' } as unknown as NonNullable<Work['live']>
const bare = { work: {} as Work }
const dead = { work: { 'proven-dead': held } as Work }
const flat = { work: { 'proven-dead': held, 'discharged': held } as Work }

describe('the order of proofs', () => {
  it('is dead, then discharged, then power on again', () =>
    expect([bare, dead, flat].map(nextProof)).toEqual(['proven-dead', 'discharged', 'live']))
  it('asks for dead before discharged, and for nothing where nothing is needed', () => {
    expect(firstProof(bare, 'discharged')).toBe('proven-dead')
    expect(firstProof(dead, 'discharged')).toBe('discharged')
    expect(firstProof(bare, 'zero-pressure')).toBe('zero-pressure')
    expect(firstProof(bare, 'any')).toBeUndefined()
  })
  it('holds discharged only while dead holds too; unknown power counts as live', () => {
    expect(holdsNeed(bare, 'live')).toBe(true)
    expect(holdsNeed(dead, 'live')).toBe(false)
    expect([bare, dead, flat].map(s => holdsNeed(s, 'discharged'))).toEqual([false, false, true])
    expect(holdsNeed({ work: { discharged: held } as Work }, 'discharged')).toBe(false)
    expect(holdsNeed({ work: { 'zero-pressure': held } as Work }, 'zero-pressure')).toBe(true)
  })
})
