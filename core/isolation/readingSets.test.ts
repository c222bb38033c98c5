/** Readings of one go: which they are, what they tell together, and the patterns that a hand sees in them. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor, KIND_IDS, readingSetOf, withOptions } from '#core/systems'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { groupByRepair, isolate, rankSuspects } from '.'
import { prepareKept } from '../../tests/prepared'
import { expectedBits, inPlay } from './information'
import { together } from './together'

const three = requireOk(prepareKept('three-phase', {}))
const well = requireOk(prepareKept('well-3wire', {}))
const read = (test: string, value: number): DraftLine => ({ kind: 'reading', test, value })

function stateAfter(tables: typeof well, complaint: string, drafts: readonly DraftLine[]) {
  const write = createWriter('test-device')
  const lines = [{ kind: 'opened', complaint, words: '' } as const, ...drafts]
    .map((d, i) => write({ ...d, id: `line-${i}`, at: `2026-06-15T10:0${i}:00Z` }))
  return foldTab(tables.model.kind, lines)
}
const nextOf = (tables: typeof well, complaint: string, ...drafts: readonly DraftLine[]) =>
  isolate(tables, stateAfter(tables, complaint, drafts)).next

describe('which readings are of one go', () => {
  const idsOf = (kind: (typeof KIND_IDS)[number], test: string) =>
    readingSetOf(withOptions(kindFor(kind, {})), test)?.tests.map(t => t.id)

  it('is all that two leads reach at one place, in the order in which it is said', () => {
    expect(idsOf('well-2wire', 'load.volts')).toEqual(['load.l1g', 'load.l2g', 'load.volts'])
    expect(idsOf('three-phase', 'line.v31')).toEqual(['line.v12', 'line.v23', 'line.v31'])
    expect(idsOf('three-phase', 'line.l2g')).toEqual(['line.l1g', 'line.l2g', 'line.l3g'])
    expect(idsOf('three-phase', 'amps2.run')).toEqual(['amps1.run', 'amps2.run', 'amps3.run'])
    expect(idsOf('well-3wire', 'leads.rb')).toEqual(['leads.by', 'leads.ry', 'leads.rb'])
    expect(idsOf('holding-tank', 'well-line.l1g')).toEqual(['well-line.l1g', 'well-line.l2g', 'well-line.volts'])
    expect(idsOf('jet', 'pole2.drop')).toEqual(['pole1.drop', 'pole2.drop'])
    expect(idsOf('rv', 'motor.volts')).toBeUndefined()
  })
  it('has them at one point but for clamps, in one state of the work, each with its name', () => {
    for (const id of KIND_IDS) {
      const kind = withOptions(kindFor(id, {}))
      for (const test of kind.tests) {
        const set = readingSetOf(kind, test.id)
        if (!set) continue
        expect(new Set(set.names).size, test.id).toBe(set.tests.length)
        expect(new Set(set.tests.map(t => t.need)).size, test.id).toBe(1)
        expect(new Set(set.tests.map(t => t.quantity)).size, test.id).toBe(1)
        if (!/amps|leads/.test(test.id)) expect(new Set(set.tests.map(t => t.point)).size, test.id).toBe(1)
        expect(set.title).not.toMatch(/, (?:leg|line) 1|1–2/)
      }
    }
  })
})

describe('what they tell together', () => {
  const ofSet = (ids: readonly string[], apart = false) => {
    const state = stateAfter(three, 'groans', [])
    const { chances } = rankSuspects(three, state)
    const byRepair = groupByRepair(three.model, chances.length, []).of
    const counted = inPlay(chances, apart ? Int32Array.from(chances, (_, h) => h) : byRepair)
    const tables = ids.flatMap(id => three.tests.get(id) ?? [])
    return {
      alone: tables.map(t => expectedBits(t, counted)),
      together: expectedBits(together(three.model, tables), counted),
    }
  }
  it('is what a single one tells, of a single one', () => {
    const { alone: [bits = 0], together } = ofSet(['load.v12'])
    expect(together).toBeGreaterThan(0.9 * bits)
    expect(together).toBeLessThan(bits + 1e-9)
  })
  it('is more than the best of them, and of each degree of a fault no more than their sum', () => {
    for (const set of [['load.v12', 'load.v23', 'load.v31'], ['amps1.run', 'amps2.run', 'amps3.run']]) {
      const { alone, together } = ofSet(set)
      expect(together).toBeGreaterThan(Math.max(...alone))
      // which line it is no repair tells apart: of repairs alone three together may tell more than each by itself
      const each = ofSet(set, true)
      expect(each.together).toBeLessThan(each.alone.reduce((a, b) => a + b, 0))
    }
  })
})

describe('what is proposed in one go', () => {
  it('is one proposal of three figures, for little more than the minutes of one', () => {
    const [first] = nextOf(three, 'groans')
    expect(first?.title).toMatch(/^Volts on the starter load side, each (?:pair|line to ground)$/)
    expect(first?.set?.map(s => s.name).join(', ')).toMatch(/^(?:1–2, 2–3, 3–1|(?:line \d to ground(?:, )?){3})$/)
    expect(first?.test).toBe(first?.set?.[0]?.test)
    expect(first?.minutes).toBeLessThan(2.5)
    expect(first?.steps.join(' ')).toMatch(/Then (?:2–3 and 3–1|line 2 to ground and line 3 to ground)\./)
  })
  it('says its outcomes as patterns, with what a meter would show', () => {
    const labels = nextOf(three, 'groans').flatMap(t => (t.set ? t.outcomes.map(o => o.label) : []))
    expect(labels.join('\n')).toMatch(/all there: 2\d\d \/ 2\d\d \/ 2\d\d V/)
    expect(labels.join('\n')).toMatch(/line 3 missing: 2\d\d \/ 1\d\d \/ 1\d\d V/)
    const ofWell = nextOf(well, 'silent').flatMap(t => (t.set ? t.outcomes.map(o => o.label) : []))
    expect(ofWell).toContain('nothing')
    expect(ofWell.join('\n')).toMatch(/both legs the same leg: 12\d \/ 12\d \/ 0 V/)
  })
  it('has each outcome leave what it leaves: a line that is missing, no seized motor', () => {
    const outcomes = nextOf(three, 'groans').flatMap(t => (t.set ? t.outcomes : []))
    const missing = outcomes.find(o => o.label.startsWith('line 3 missing'))
    expect(missing?.leaves[0]?.fault).toBe('supply.leg-lost')
    expect(missing?.leaves.map(l => l.fault)).not.toContain('motor.seized')
  })
  it('is none once one of them was read: then the others stand alone', () => {
    const next = nextOf(three, 'groans', read('load.v12', 230), read('load.l1g', 133))
    expect(next.filter(t => t.set?.some(s => /^load\.(?:v|l)/.test(s.test)))).toEqual([])
  })
})
