/**
 * The whole catalogue, with every option singly and in pairs: each fault solved, each test read, each thing named;
 * and the closed lists hold what the catalogue has, no more and no less.
 */
import { describe, expect, it } from 'vitest'
import { buildModel, CAUSE_IDS, KIND_IDS, kindFor, PARTS, withOptions, type KindId } from '.'
import { keyOf } from './fields'
import { FAULT_IDS, NAMEPLATE_KEYS, unstaged } from './ids'
import type { FaultMode } from './faultTypes'
import type { Test } from './testTypes'
import type { Nameplate, SystemKind } from './types'

/** Every choice of a kind, those that a choice brings included. */
function choicesOf(id: KindId): (readonly [string, number])[] {
  const found = new Map<string, number>()
  const look = (kind: SystemKind) => {
    for (const c of kind.components)
      for (const f of c.fields ?? []) if (f.choices) found.set(keyOf(c.id, f.id), f.choices.length)
  }
  look(kindFor(id))
  for (const [key, count] of [...found]) for (let i = 0; i < count; i++) look(kindFor(id, { [key]: i }))
  return [...found].flatMap(([key, count]) => Array.from({ length: count }, (_, i) => [key, i] as const))
}

function platesOf(id: KindId): Nameplate[] {
  const choices = choicesOf(id)
  const singly = choices.map(([key, i]) => ({ [key]: i }))
  const pairs = choices.flatMap(([a, i], at) =>
    choices.slice(at + 1).flatMap(([b, j]) => (a === b ? [] : [{ [a]: i, [b]: j }])),
  )
  return [{}, { 'motor.volts': id === 'rv' ? 24 : 115 }, ...singly, ...pairs]
}

interface Found<T> {
  readonly thing: T
  readonly kind: KindId
  readonly plate: Nameplate
}
const faults = new Map<string, Found<FaultMode>>()
const tests = new Map<string, Found<Test>>()
const lists = {
  components: new Set<string>(),
  faults: new Set<string>(),
  fields: new Set<string>(),
  causes: new Set<string>(),
}
let composed = 0
for (const id of KIND_IDS) {
  for (const plate of platesOf(id)) {
    const kind = kindFor(id, plate)
    composed++
    for (const f of kind.faults)
      if (!faults.has(`${id} ${f.id}`)) faults.set(`${id} ${f.id}`, { thing: f, kind: id, plate })
    for (const t of kind.tests)
      if (!tests.has(`${id} ${t.id}`)) tests.set(`${id} ${t.id}`, { thing: t, kind: id, plate })
    for (const f of kind.faults) lists.faults.add(unstaged(f.id))
    for (const n of kind.causeNotes) lists.causes.add(unstaged(n.id))
    for (const c of kind.components) {
      lists.components.add(unstaged(c.id))
      for (const f of c.fields ?? []) lists.fields.add(`${unstaged(c.id)}.${f.id}`)
    }
  }
}

const models = new Map<string, ReturnType<typeof buildModel>>()
function modelOf({ kind, plate }: Found<unknown>) {
  const key = kind + JSON.stringify(plate)
  const made = models.get(key) ?? buildModel(kind, plate)
  models.set(key, made)
  if (!made.ok) throw new Error(`${key}: ${made.problem.code}`)
  return made.value
}

describe('the catalogue', () => {
  it('is all of it here', () => {
    expect(composed).toBeGreaterThan(500)
    expect(faults.size).toBeGreaterThanOrEqual(490)
    expect(tests.size).toBeGreaterThanOrEqual(700)
  })
  it('has in its lists what the kinds have, no more and no less', () => {
    expect([...lists.components].toSorted()).toEqual(Object.keys(PARTS).toSorted())
    expect([...lists.faults].toSorted()).toEqual([...FAULT_IDS].toSorted())
    expect([...lists.causes].toSorted()).toEqual([...CAUSE_IDS].toSorted())
    const fields = [...NAMEPLATE_KEYS].filter(key => !key.startsWith('site.'))
    expect([...lists.fields].toSorted()).toEqual(fields.toSorted())
  })
  it('knows six hundred faults over its kinds, of them a hundred and fifty whatever the kind', () => {
    const all = KIND_IDS.flatMap(id => withOptions(kindFor(id, {})).faults.map(f => f.id))
    expect(all.length).toBeGreaterThanOrEqual(600)
    expect(new Set(all.map(unstaged)).size).toBeGreaterThanOrEqual(150)
  })
  it.each(KIND_IDS)('of %s: every fault is solved at every degree, and named', (id) => {
    for (const found of faults.values()) {
      if (found.kind !== id) continue
      const model = modelOf(found)
      const { thing: fault } = found
      const own = model.hypotheses.flatMap((h, i) => (h.fault === fault.id && !h.second ? [i] : []))
      expect(own.length, fault.id).toBe(fault.severities.length)
      for (const h of own) {
        expect(model.hypotheses[h]!.effect, fault.id).toBeTruthy()
        expect(Number.isFinite(model.story(h).delivery), fault.id).toBe(true)
      }
      expect(fault.name && fault.repair.name && fault.settledBy, fault.id).toBeTruthy()
      expect(fault.baseRate, fault.id).toBeGreaterThan(0)
    }
  })
  it.each(KIND_IDS)('of %s: every test is read, on a sound system and under the faults of its point', (id) => {
    for (const found of tests.values()) {
      if (found.kind !== id) continue
      const model = modelOf(found)
      const { thing: test } = found
      const component = model.kind.points.find(p => p.id === test.point)?.component
      const near = model.hypotheses.flatMap((h, i) =>
        h.fault.startsWith(`${component}.`) && !h.second ? [i] : [],
      )
      for (const h of [0, ...near.slice(0, 4)]) {
        if (test.kind === 'numeric') {
          const { mean, sigma, ol } = model.predict(h, test)
          expect(
            Number.isFinite(mean) && sigma > 0 && ol >= 0 && ol <= 1,
            `${test.id} ${mean} ${sigma} ${ol}`,
          ).toBe(true)
        }
        else
          expect(
            model.expect(h, test).reduce((a, b) => a + b, 0),
            test.id,
          ).toBeCloseTo(1, 9)
      }
      if (test.kind === 'numeric') expect(model.band(test), test.id).toBeDefined()
      expect(test.title && test.steps.length > 0, test.id).toBeTruthy()
    }
  })
})
