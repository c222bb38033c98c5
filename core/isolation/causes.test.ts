/** What made it fail, on whole calls: chains of the handbook, §7; the rest common practice, no source. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor, type KindId } from '#core/systems'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { isolate } from '.'
import { prepareKept } from '../../tests/prepared'

function answerOf(id: KindId, complaint: string, drafts: readonly DraftLine[]) {
  const tables = requireOk(prepareKept(id, {}))
  const write = createWriter('causes-test')
  const all = [{ kind: 'opened', complaint, words: '' } as DraftLine, ...drafts]
  const lines = all.map((d, i) => write({ ...d, id: `line-${i}-causes`, at: '2026-06-15T10:00:00Z' }))
  return isolate(tables, foldTab(tables.model.kind, lines))
}
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome, without: 'told' })
const read = (test: string, value: number | null): DraftLine =>
  ({ kind: 'reading', test, value, without: 'told', ...(value === null ? { ol: true as const } : {}) })

type Told = readonly [id: KindId, complaint: string, lines: readonly DraftLine[], fault: string, cause: string]
const standing = (...[id, complaint, lines, fault, cause]: Told) =>
  answerOf(id, complaint, lines).causes.find(c => c.fault === fault)?.causes.find(c => c.id === cause)?.standing

const WELDED = [saw('contacts', 'welded'), saw('runs-past', 'runs-on')]

describe('what the lines show to have made it', () => {
  it.each<Told>([
    ['well-2wire', 'runs-on', [...WELDED, read('precharge', 9 * PSI)], 'switch.welded', 'precharge-low'],
    ['jet', 'runs-on', [...WELDED, read('precharge', 52 * PSI)], 'switch.welded', 'precharge-high'],
    // both were seen at one look
    ['well-2wire', 'no-water', [
      saw('contacts', 'insects'), saw('contacts', 'burnt'), read('pole2.ohms', null), read('pole1.ohms', 0.2),
    ], 'switch.pole2-open', 'damp'],
    ['booster', 'runs-on', [...WELDED, saw('switch-place', 'far')], 'switch.welded', 'remote-switch'],
    ['well-2wire', 'runs-on', [...WELDED, saw('asked', 'cycled')], 'switch.welded', 'rapid-cycling'],
    ['compressor-direct', 'slow-air', [saw('soap', 'receiver'), saw('drain', 'water')], 'tank.leak', 'undrained'],
    ['three-phase', 'overload-trips', [
      read('leads.r12', null), read('leads.r23', null), read('leads.r31', 0.6), saw('open-apart', 'open'),
      saw('asked', 'lost-line'),
    ], 'motor.phase-open', 'single-phased'],
    // a fault that was seen, and what it did to another part
    ['compressor-pilot', 'overload-trips', [
      saw('starter-look', 'burnt'), read('leads.r12', null), read('leads.r23', null), read('leads.r31', 0.6),
      saw('open-apart', 'open'),
    ], 'motor.phase-open', 'starter.contact-burnt'],
  ])('%s, %s', (...told) => expect(standing(...told)).toBe('shown'))

  it('is told of what is only suspected yet, and no more than what they show', () => {
    const { causes, decision } = answerOf('well-2wire', 'breaker-trips', [
      saw('asked', 'storm'), read('leads.ground', 300), saw('ground-parted', 'below'),
    ])
    expect(decision).toBeUndefined()
    const motor = causes.find(c => c.fault === 'motor.ground')
    expect(motor?.suspected).toBe(true)
    expect(motor?.causes.map(c => [c.id, c.standing])).toEqual([['surge', 'shown']])
  })
  it('is not shown by what others explain: what never ran to a stop does not sigh either', () => {
    const tried = [saw('sound', 'groans'), saw('starts-empty', 'same'), saw('crack-line', 'same'), saw('spin', 'runs')]
    const lines = [saw('unloader-stop', 'nothing'), ...tried, saw('cap-label', 'under')]
    const all = [...lines, { kind: 'finding', role: 'failed', about: 'motor.cap-low', text: '' } as const]
    expect(standing('compressor-direct', 'groans', all, 'motor.cap-low', 'unloader.not-venting')).not.toBe('shown')
  })
  it('is excluded by what was looked at, and not by what explains the rest', () => {
    const { causes } = answerOf('jet', 'runs-on', [...WELDED])
    const leak = causes.find(c => c.fault === 'switch.welded')?.causes.find(c => c.id === 'house.leak')
    expect(leak?.standing).toBe('untested')
  })
  it('leaves what it shows no puzzle', () =>
    expect(answerOf('compressor-pilot', 'overload-trips', [
      saw('starter-look', 'burnt'), read('leads.r12', null), read('leads.r23', null), read('leads.r31', 0.6),
      saw('open-apart', 'open'),
    ]).puzzles).toEqual([]))
})

describe('what made it is told of it oftener', () => {
  const kind = kindFor('three-phase', {})
  const asked = kind.tests.find(t => t.id === 'asked')!
  const chance = (fault: string, outcome: string) => {
    if (asked.kind !== 'seen') throw new Error('asked is seen')
    const i = asked.outcomes.findIndex(o => o.id === outcome)
    return { told: asked.chancesByFault[fault]?.[i] ?? asked.usual[i]!, usual: asked.usual[i]! }
  }
  it('where the catalogue has it for a cause', () => {
    const { told, usual } = chance('motor.phase-open', 'lost-line')
    expect(told).toBeGreaterThan(1.8 * usual)
  })
  it('and of nothing else', () => {
    const { told, usual } = chance('pump.worn', 'lost-line')
    expect(told).toBeLessThanOrEqual(usual)
  })
  it('but years are told of all alike', () => {
    const { told, usual } = chance('motor.backwards', 'old')
    expect(told).toBeLessThanOrEqual(usual)
  })
})
