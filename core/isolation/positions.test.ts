import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { PSI } from '#core/units'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { isolate, readPositions } from '.'
import { prepareKept } from '../../tests/prepared'

const tables = requireOk(prepareKept('well-3wire', {}))
const { kind } = tables.model

function positionsAfter(...drafts: DraftLine[]) {
  const write = createWriter('test-device')
  const at = '2026-06-15T10:00:00Z'
  const opening: DraftLine = { kind: 'opened', complaint: 'groans', words: '' }
  const state = foldTab(kind, [opening, ...drafts].map((d, i) => write({ ...d, id: `line-${i}`, at })))
  return readPositions(state, isolate(tables, state).suspects)
}
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })

describe('how the parts stand', () => {
  it('is closed where nothing speaks against it', () => {
    expect(positionsAfter()).toEqual({ open: new Set(), startOpen: false, overloadTripped: false, tankDull: false })
  })
  it('goes by what was seen', () => {
    const seen = positionsAfter(saw('switch-seen', 'open'), saw('overload-seen', 'lets-go'), saw('knock', 'dull'))
    expect([...seen.open]).toContain('switch')
    expect([seen.overloadTripped, seen.tankDull]).toEqual([true, true])
    expect([...positionsAfter(saw('breaker-seen', 'tripped')).open]).toContain('breaker')
  })
  it('goes by a suspect that is likelier than not by far', () => {
    const relay: DraftLine = { kind: 'reading', test: 'relay.ohms', value: null, ol: true }
    expect(positionsAfter(relay).startOpen).toBe(true)
    const fitted: DraftLine = { kind: 'part', component: 'box', from: 'van', off: 'relay', on: 'relay' }
    expect(positionsAfter(relay, fitted).startOpen).toBe(false)
  })
  it('is open ahead of the work once dead is proven, and the gauge as read', () => {
    const dead = positionsAfter({ kind: 'state', to: 'proven-dead', proof: [238, 0.2, 238] })
    expect([...dead.open]).toEqual(expect.arrayContaining(['breaker', 'starter']))
    expect(positionsAfter({ kind: 'reading', test: 'gauge', value: 30 * PSI }).gauge).toBe(30 * PSI)
  })
})
