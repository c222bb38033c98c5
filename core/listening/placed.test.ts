import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor } from '#core/systems'
import { PSI } from '#core/units'
import { bestShare } from '../../tests/speed'
import { hear, isPlaceable, type Saying } from '.'

const sayings: Saying[] = [
  { words: 'she is yodelling', test: 'sound', outcome: 'groans', at: '2026-06-12T08:00:00Z', by: 'R. Fennick' },
  { words: 'gizmo says 42', test: 'gauge' },
  { words: 'the doodah and the thingumabob are gone', test: 'contacts', outcome: 'burnt' },
]
const booster = kindFor('booster', {})
const heard = (text: string, own = sayings, kind = booster) => requireOk(hear(kind, text, { sayings: own }))

describe('words that a hand has placed', () => {
  it('are heard so from then on, with whose they are', () => {
    expect(requireOk(hear(booster, 'she is yodelling')).kind).toBe('remark')
    expect(heard('she is yodelling')).toMatchObject({
      kind: 'lines', lines: [{ test: 'sound', outcome: 'groans', typed: 'she is yodelling' }], placed: [sayings[0]],
    })
    expect(heard('She’s yodelling.')).toMatchObject({ lines: [{ outcome: 'groans' }] })
  })
  it('take the figure that stands in them, in its unit', () => {
    expect(heard('gizmo says 38 psi')).toMatchObject({ lines: [{ test: 'gauge', value: 38 * PSI }] })
    expect(heard('gizmo says 38')).toMatchObject({ lines: [{ test: 'gauge' }] })
    // volts are no pressure, and no figure is none
    for (const no of ['gizmo says 38 volts', 'gizmo says'])
      expect(JSON.stringify(heard(no)), no).not.toContain('"placed"')
  })
  it('stand beside what else a line says', () => {
    const both = heard('239 on the line side, she is yodelling')
    expect(both).toMatchObject({ lines: [{ kind: 'reading' }, { outcome: 'groans' }] })
  })
  it('of more than one clause are taken whole', () =>
    expect(heard('the doodah, and the thingumabob are gone')).toMatchObject({ lines: [{ test: 'contacts' }] }))
  it('are never heard of the opposite', () =>
    expect(JSON.stringify(heard('she is not yodelling'))).not.toContain('groans'))
  it('mean what was placed last, and nothing on a kind that has no such test', () => {
    const last = [...sayings, { words: 'She’s yodelling', test: 'sound', outcome: 'silent' }]
    expect(heard('she is yodelling', last)).toMatchObject({ lines: [{ outcome: 'silent' }] })
    const odd = [{ words: 'she is yodelling', test: 'receiver-soap', outcome: 'bubbles' }]
    expect(heard('she is yodelling', odd).kind).toBe('remark')
  })
  it('by the thousand cost a line next to nothing', async () => {
    const many = Array.from({ length: 2000 }, (_, i) =>
      ({ words: `gizmo of sort ${'abcdefgh'[i % 8]} ${i.toString(36)} yodels`, test: 'sound', outcome: 'groans' }))
    heard('she is yodelling', [...many, ...sayings])
    expect(await bestShare(20, () => heard('she is yodelling', [...many, ...sayings]))).toBeLessThan(1)
  })
  it('must say something', () => {
    expect(isPlaceable('she is yodelling')).toBe(true)
    expect(isPlaceable('12')).toBe(false)
    expect(isPlaceable('that is it')).toBe(false)
    expect(heard('42', [{ words: '42', test: 'gauge' }])).not.toHaveProperty('placed')
  })
})
