import { describe, expect, it } from 'vitest'
import { sayAfterRepair } from './afterRepair'

const left = [
  { fault: 'tank.waterlogged', label: 'Tank waterlogged', chance: 0.2 },
  { fault: 'relief.weeping', label: 'Relief valve weeping', chance: 0.1 },
  { fault: 'other', label: 'Something else', chance: 0.05 },
]

describe('after a repair', () => {
  it('is silent before one, and where the lines leave no doubt', () => {
    expect(sayAfterRepair(undefined)).toBeUndefined()
    expect(sayAfterRepair({ restored: 0.97, left })).toBeUndefined()
    expect(sayAfterRepair({ restored: 0.2, left: [] })).toBeUndefined()
  })
  it('gives a doubt its chance and its two likeliest names', () => {
    expect(sayAfterRepair({ restored: 0.65, left })).toBe(
      'Perhaps not the only fault, 35 in 100 by the lines: tank waterlogged, or relief valve weeping.',
    )
  })
  it('says it outright when it is likelier than not', () => {
    expect(sayAfterRepair({ restored: 0.01, left })).toBe(
      'By the lines something is still wrong: tank waterlogged, or relief valve weeping.',
    )
  })
})
