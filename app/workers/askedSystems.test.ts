import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { KIND_IDS, kindFor, type KindId } from '#core/systems'
import { createWriter } from '#core/tab'
import { US } from '#core/units'
import { USUAL_WRITTEN } from '#core/formats'
import { askedSystems } from './askedSystems'

const SI = { pressure: 'si', flow: 'si', length: 'si', volume: 'si', temperature: 'si' } as const

describe('of kinds', () => {
  it('every one is named, with what its customers say', () => {
    const kinds = structuredClone(askedSystems.kinds())
    expect(kinds.map(k => k.id)).toEqual([...KIND_IDS])
    expect(kinds.every(k => k.name && k.complaints.length > 0)).toBe(true)
  })
})

describe('of a nameplate that is being filled in', () => {
  const plate = (written: Record<string, string>, kind: KindId = 'well-2wire') =>
    structuredClone(askedSystems.plate(kind, written, USUAL_WRITTEN))
  const fields = (p: ReturnType<typeof plate>) =>
    p.outline.components.flatMap(c => (c.fields ?? []).map(f => `${c.id}.${f.id}`))

  it('an option brings its own fields, even while a figure is half typed', () => {
    const bare = fields(plate({}, 'rv'))
    const chosen = { 'pump.accumulator': 'yes' }
    const brought = fields(plate(chosen, 'rv')).filter(f => !bare.includes(f))
    expect(brought).not.toEqual([])
    const half = plate({ ...chosen, 'battery.capacity': '1oo' }, 'rv')
    expect(fields(half)).toEqual(expect.arrayContaining(brought))
    expect(half.problem).toMatchObject({ facts: { field: 'battery.capacity' } })
    expect(half.assumptions).toEqual([])
  })
  it('says what is wrong with a figure that cannot be, and what would sharpen', () => {
    expect(plate({ 'switch.cutIn': '4000 psi' }).problem?.code).toBe('figure-out-of-range')
    expect(plate({}).assumptions.length).toBeGreaterThan(0)
  })
  it('is written and read back in the units that it was meant in', () => {
    const spelled = askedSystems.spell('well-2wire', { 'switch.cutIn': '280', 'breaker.amps': ' ' }, SI)
    expect(spelled).toEqual({ 'switch.cutIn': '40.6 psi' })
    expect(askedSystems.spell('well-2wire', { 'switch.cutIn': '40' }, US)).toEqual({ 'switch.cutIn': '40' })
    expect(askedSystems.write('well-2wire', { 'switch.cutIn': 280000 }, SI)).toEqual({ 'switch.cutIn': '280 kPa' })
  })
})

describe('of the past', () => {
  const write = createWriter('dev-past')
  const at = '2026-01-01T10:00:00.000Z'
  const call = [
    write({ id: 'line-1', at, kind: 'opened', complaint: 'groans', words: '' }),
    write({ id: 'line-2', at, kind: 'finding', role: 'failed', about: 'box.cap-open', text: '' }),
    write({ id: 'line-3', at, kind: 'reading', test: 'battery.rest', value: 12.6 }),
  ]
  it('each call has its findings, and tests that the system lacks are named', () => {
    const told = structuredClone(requireOk(askedSystems.history('well-3wire', {}, USUAL_WRITTEN, [call, []])))
    expect(told.states.map(s => s.findings.failed.map(f => f.about))).toEqual([['box.cap-open'], []])
    expect(told.outline.otherTests?.map(t => t.id)).toEqual(['battery.rest'])
    expect(askedSystems.history('windmill', {}, USUAL_WRITTEN, [])).toMatchObject({ problem: { code: 'unknown-kind' } })
  })
  it('what was found often moves its base rate', () => {
    const [fault] = kindFor('well-3wire').faults
    const [most] = structuredClone(askedSystems.rates('well-3wire', { [fault!.id]: 9 }))
    expect(most).toMatchObject({ fault: fault!.id, seen: 9 })
    expect(most!.after).toBeGreaterThan(most!.before)
    expect(askedSystems.rates('windmill', {})).toEqual([])
  })
})
