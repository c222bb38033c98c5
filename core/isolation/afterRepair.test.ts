/**
 * Once something has been put right: the proof run, what made it fail, what else was found; and when measuring stops.
 */
import { describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import { createWriter, foldTab, type DraftLine } from '#core/tab'
import { PSI } from '#core/units'
import { isolate, judge, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'

const three = requireOk(prepareKept('well-3wire', { 'box.capLow': 130e-6, 'box.capHigh': 156e-6 }))

function answerTo(tables: Tables, ...drafts: DraftLine[]) {
  const write = createWriter('test-device')
  const at = '2026-06-15T10:00:00Z'
  const opening: DraftLine = { kind: 'opened', complaint: 'overload-trips', words: '' }
  const state = foldTab(
    tables.model.kind,
    [opening, ...drafts].map((d, i) => write({ ...d, id: `line-${i}`, at })),
  )
  return { ...isolate(tables, state), state }
}
const read = (test: string, value: number | null, more = {}): DraftLine => ({
  kind: 'reading',
  test,
  value,
  ...(value === null ? { ol: true } : {}),
  ...more,
})
const saw = (test: string, outcome: string): DraftLine => ({ kind: 'observation', test, outcome })
const fitted: DraftLine = {
  kind: 'part',
  component: 'box',
  from: 'van',
  fault: 'box.relay-open',
  off: 'relay',
  on: 'relay',
}
const proofAfter = (...drafts: DraftLine[]) => answerTo(three, ...drafts).proof.map(t => t.test)

describe('the proof run', () => {
  const all = three.model.kind.tests.filter(t => t.proves).map(t => t.id)
  it('is not asked for before anything is put right', () => {
    expect(proofAfter(read('relay.ohms', null))).toEqual([])
  })
  it('is then whatever proves, in the order of the path', () => {
    expect(all.length).toBeGreaterThan(8)
    expect(proofAfter(read('relay.ohms', null), fitted)).toEqual(all)
  })
  it('leaves out what has been read since, and not what was read before', () => {
    expect(proofAfter(read('black.run', 7.2), fitted)).toContain('black.run')
    const left = proofAfter(read('black.run', 7.2), fitted, read('cut-in', 40 * PSI))
    expect(left).toEqual(all.filter(id => id !== 'cut-in'))
  })
  it('leaves out what cannot be done there', () => {
    const skip: DraftLine = { kind: 'skip', test: 'flow', reason: 'no tap in reach' }
    expect(proofAfter(fitted, skip)).toEqual(all.filter(id => id !== 'flow'))
  })
  it('says whether that was all, and what else it could be', () => {
    const before = answerTo(three, read('relay.ohms', null))
    expect(before.afterRepair).toBeUndefined()
    const after = answerTo(three, read('relay.ohms', null), fitted).afterRepair
    expect(after?.restored).toBeGreaterThan(0.5)
    const runs = answerTo(three, read('relay.ohms', null), fitted, read('black.run', 7.2), saw('sound', 'runs'))
    expect(runs.afterRepair?.restored).toBeGreaterThan(after?.restored ?? 1)
  })
})

describe('what made it fail', () => {
  const failed: DraftLine = { kind: 'finding', role: 'failed', about: 'box.relay-open', text: '' }
  const standing = (id: string, ...drafts: DraftLine[]) =>
    answerTo(three, read('relay.ohms', null), ...drafts, failed).causes[0]?.causes.find(c => c.id === id)
  it('is untested until its test is done', () => {
    expect(standing('precharge-low')).toMatchObject({ standing: 'untested', lines: [] })
  })
  it('is shown by a figure that lies as it would, and by which line', () => {
    expect(standing('precharge-low', read('precharge', 11 * PSI))).toMatchObject({
      standing: 'shown',
      lines: ['line-2'],
    })
  })
  it('is excluded by one that does not', () => {
    expect(standing('precharge-low', read('precharge', 38 * PSI))).toMatchObject({
      standing: 'excluded',
      lines: ['line-2'],
    })
  })
  it('is shown or excluded by what was seen', () => {
    expect(standing('tank-waterlogged', saw('air-valve', 'water'))).toMatchObject({ standing: 'shown' })
    expect(standing('tank-waterlogged', saw('air-valve', 'air'))).toMatchObject({ standing: 'excluded' })
  })
  it('goes by what was found, not by how it was left', () => {
    const aired: DraftLine = { kind: 'repair', component: 'tank', fault: 'tank.precharge-low', text: 'aired' }
    const left = read('precharge', 38 * PSI, { asLeft: true })
    expect(standing('precharge-low', read('precharge', 11 * PSI), aired, left)).toMatchObject({
      standing: 'shown',
      lines: ['line-2'],
    })
  })
  it('is named by a finding, and the account is closed', () => {
    const named: DraftLine = { kind: 'finding', role: 'cause', about: 'precharge-low', text: '' }
    const account = answerTo(three, read('relay.ohms', null), failed, named).causes[0]
    expect(account?.open).toBe(false)
    expect(account?.causes[0]).toMatchObject({ id: 'precharge-low', standing: 'named' })
  })
})

describe('what else was found', () => {
  it('is each condition that a line shows, with the line and the advice', () => {
    const { alsoFound } = answerTo(three, saw('contacts', 'insects'), saw('water-look', 'clear'))
    expect(alsoFound).toMatchObject([{ id: 'damp', line: 'line-1' }])
    expect(alsoFound[0]?.advice.length).toBeGreaterThan(10)
  })
  it('is no longer listed once it is named', () => {
    const also: DraftLine = { kind: 'finding', role: 'also', about: 'damp', text: '' }
    expect(answerTo(three, saw('contacts', 'insects'), also).alsoFound).toEqual([])
    const byFault: DraftLine = { kind: 'finding', role: 'failed', about: 'tank.precharge-low', text: '' }
    expect(answerTo(three, read('precharge', 11 * PSI), byFault).alsoFound).toEqual([])
    expect(answerTo(three, read('precharge', 11 * PSI)).alsoFound.map(f => f.id)).toContain('precharge-low')
  })
})

describe('why a test is proposed', () => {
  it('is told from which to which, and for how long', () => {
    const { next } = answerTo(three, read('line.volts', 238), read('load.volts', 238))
    expect(next.length).toBeGreaterThan(2)
    for (const t of next) {
      const minutes = t.minutes < 1.5 ? 'a minute' : `${Math.round(t.minutes)} minutes`
      expect(t.why, t.test).toMatch(
        new RegExp(`^(Tells .+ from .+|Firms up .+) for ${minutes}( of work| at hand)`),
      )
      const tops = new Set(t.outcomes.map(o => o.leaves[0]?.fault).filter(f => f !== undefined))
      expect(t.why.startsWith('Tells'), t.test).toBe(tops.size >= 2)
    }
  })
})

describe('a meter that reads nothing', () => {
  const slipOf = (...drafts: DraftLine[]) => {
    const { state } = answerTo(three, ...drafts)
    const last = state.evidence.at(-1)?.line
    return last ? judge(three, state, last).slip?.code : undefined
  }
  it('is doubted where there was voltage further down', () => {
    expect(slipOf(read('load.volts', 238), read('line.volts', 0.4))).toBe('dead-meter')
  })
  it('is believed where the voltage was further up, was little, or was no voltage', () => {
    expect(slipOf(read('line.volts', 238), read('load.volts', 0.4))).toBeUndefined()
    expect(slipOf(read('load.volts', 60), read('line.volts', 0.4))).toBeUndefined()
    expect(slipOf(read('black.run', 120), read('line.volts', 0.4))).toBeUndefined()
    expect(slipOf(read('load.idle', 238), read('line.volts', 0.4))).toBeUndefined()
  })
})

describe('stopping', () => {
  // least: what was plainly seen, with nothing else near it
  const [SHOWN, LIKELY, COSTLY, SEEN] = [0.55, 0.9, 110, 0.2]
  it.each(['well-3wire', 'jet', 'rv'] as const)('on a %s goes by chance, cost and what is left to ask', (id) => {
    const tables = requireOk(prepareKept(id, {}))
    const random = createRandom(17)
    const seen = new Set<string>()
    for (let call = 0; call < 30; call++) {
      const truth = 2 + Math.floor(random.uniform() * (tables.foreseen - 2))
      const drafts: DraftLine[] = []
      for (let step = 0; step < 12; step++) {
        const { next, decision } = answerTo(tables, ...drafts)
        if (decision) {
          seen.add(decision.kind)
          const { kind, chance, minutes, covers } = decision
          expect(covers[0]?.fault).toBe(decision.fault)
          if (kind === 'found') {
            expect(chance).toBeGreaterThanOrEqual(SHOWN)
            // a number alone finds nothing
            expect(decision.by.length).toBeGreaterThan(0)
          }
          // likely enough, or seen and to be put right whatever else is wrong
          const isSeen = decision.by.length > 0 && chance >= SEEN
          if (kind === 'trial')
            expect([chance >= LIKELY || isSeen, minutes < COSTLY], `${chance} ${minutes}`).toEqual([true, true])
          if (kind === 'inseparable') expect(Math.max(0, ...next.map(t => t.bits))).toBeLessThan(0.03)
          break
        }
        const test = tables.tests.get(next[0]?.test ?? '')
        if (!test) break
        const row = test.row(truth)
        let bin = 0
        row.forEach((p, b) => {
          if (p > (row[bin] ?? 0)) bin = b
        })
        if (test.test.kind === 'seen') drafts.push(saw(test.test.id, test.test.outcomes[bin]?.id ?? ''))
        else {
          const p = test.prediction(truth)
          drafts.push(read(test.test.id, p.ol > 0.5 ? null : p.log ? Math.exp(p.mean) : Math.max(0, p.mean)))
        }
      }
    }
    expect([...seen]).toContain('found')
  })
})

describe('a breaker that let go for what was put right', () => {
  const two = requireOk(prepareKept('well-2wire', {}))
  const grounded = [
    read('line.l1g', 0), read('line.idle', 0), saw('breaker-seen', 'tripped'), read('black.start', 0),
    read('leads.ground', 34), read('leads.by', 3),
  ]
  const pulled: DraftLine = { kind: 'repair', component: 'motor', fault: 'motor.ground', text: 'pulled' }
  const reset: DraftLine = { kind: 'repair', component: 'breaker', fault: 'breaker.off', text: 'reset' }
  it('is put back next', () => {
    expect(answerTo(two, ...grounded).decision?.fault).toBe('motor.ground')
    expect(answerTo(two, ...grounded, pulled, saw('sound', 'silent')).decision?.fault).toBe('breaker.off')
  })
  it('is not asked for once it is', () =>
    expect(answerTo(two, ...grounded, pulled, reset, saw('sound', 'runs')).decision).toBeUndefined())
  it('was put back where it runs', () => {
    const { decision, afterRepair } = answerTo(two, ...grounded, pulled, saw('works', 'yes'))
    expect(decision).toBeUndefined()
    expect(afterRepair!.restored).toBeGreaterThan(0.9)
  })
})
