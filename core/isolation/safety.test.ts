import { describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import { KIND_IDS, kindFor, repairCautions, type KindId, type Test } from '#core/systems'
import { checkLine, createWriter, foldTab, type DraftLine, type Line, type WorkState } from '#core/tab'
import { describeOne, isolate, rankSuspects, type Isolation, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'
import { forLength, SWEPT } from '../../tests/length'

const folded = (t: Tables, lines: readonly Line[]) =>
  foldTab(t.model.kind, lines.map(createWriter('test-device')))

const tablesOf = (kind: KindId) => requireOk(prepareKept(kind, {}))
let n = 0
const add = (draft: DraftLine) => ({ ...draft, id: `line-${++n}-safe`, at: '2026-06-15T10:00:00Z' }) as Line
const opened = (kind: KindId) => add({ kind: 'opened', complaint: kindFor(kind, {}).complaints[0]!, words: '' })
const STATES: readonly { readonly to: WorkState, readonly proof: number[] }[] = [
  { to: 'live', proof: [] },
  { to: 'proven-dead', proof: [240, 0.2, 240] },
  { to: 'discharged', proof: [0.3] },
  { to: 'zero-pressure', proof: [0] },
]

/** Something that could be logged next: any outcome of any test, whether or not it makes sense. */
function anything(kind: KindId, random: ReturnType<typeof createRandom>): DraftLine {
  const { tests } = kindFor(kind, {})
  const test = tests[random.below(tests.length)]!
  if (test.kind === 'seen')
    return { kind: 'observation', test: test.id, outcome: test.outcomes[random.below(test.outcomes.length)]!.id }
  const p = tablesOf(kind).tests.get(test.id)!.prediction(random.below(40))
  const value = Math.max(0, (p.log ? Math.exp(p.mean) : p.mean) * (0.5 + random.uniform()))
  return random.uniform() < 0.1 && test.quantity === 'ohms'
    ? { kind: 'reading', test: test.id, value: null, ol: true }
    : { kind: 'reading', test: test.id, value }
}

const offered = (a: Isolation) => [...a.next, ...a.causeTests, ...a.proof]

describe.each(SWEPT)('%s, whatever is logged', (kind) => {
  const tables = tablesOf(kind)
  it('never offers a test in a state that was not proven, but with the proof as its first step', () => {
    const random = createRandom(4711 + KIND_IDS.indexOf(kind))
    for (let call = 0; call < 4; call++) {
      const lines: Line[] = [opened(kind)]
      for (let step = 0; step < 9; step++) {
        const state = folded(tables, lines)
        for (const t of offered(isolate(tables, state))) {
          const held
            = t.need === 'any'
              || (t.need === 'live' ? !state.work['proven-dead'] : state.work[t.need] !== undefined)
          expect(held || t.first.length > 0, `${t.test} needs ${t.need}`).toBe(true)
        }
        if (random.uniform() < 0.3) {
          const draft: DraftLine = { kind: 'state', ...STATES[random.below(STATES.length)]! }
          if (checkLine(tables.model.kind, state, draft).ok) lines.push(add(draft))
        }
        const draft = anything(kind, random)
        if (checkLine(tables.model.kind, folded(tables, lines), draft).ok) lines.push(add(draft))
      }
    }
  })
  it('keeps every chance between nothing and certainty, and their sum over what failed at about one', () => {
    const random = createRandom(99 + KIND_IDS.indexOf(kind))
    const lines: Line[] = [opened(kind)]
    for (let step = 0; step < 12; step++) lines.push(add(anything(kind, random)))
    const { chances, suspects } = rankSuspects(tables, folded(tables, lines))
    expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
    for (const s of suspects) {
      expect(Number.isFinite(s.chance), s.fault).toBe(true)
      expect(s.chance).toBeGreaterThanOrEqual(0)
      expect(s.chance).toBeLessThanOrEqual(1 + 1e-9)
    }
  })
  it('does not bring up a pump on one reading', () => {
    const costly = tables.model.kind.components.filter(c => c.place === 'down-hole').map(c => c.id)
    const numeric = tables.model.kind.tests.filter(t => t.kind === 'numeric' && t.need !== 'zero-pressure')
    for (const [i, test] of numeric.entries()) {
      for (const value of figuresFor(i)) {
        const { decision } = isolate(
          tables,
          folded(tables, [opened(kind), add({ kind: 'reading', test: test.id, value })]),
        )
        const down
          = decision && costly.includes(tables.model.kind.faults.find(f => f.id === decision.fault)!.component)
        expect(down ?? false, `${test.id} ${value}: ${decision?.repair}`).toBe(false)
      }
    }
  })
})

/** readings tried on every test: the ends and one between in turn, or all of them */
const FIGURES = forLength({ usual: [0, 12, 236], long: [0, 0.3, 1, 12, 60, 118, 236] })
const figuresFor = (i: number): readonly number[] =>
  forLength({ usual: FIGURES.slice(i % FIGURES.length, (i % FIGURES.length) + 1), long: FIGURES })

describe('cautions stand where the hand is', () => {
  const tests = KIND_IDS.flatMap(kind => kindFor(kind, {}).tests.map(t => [kind, t] as const))
  const wanting = (what: (t: Test) => boolean) =>
    tests.filter(([, t]) => what(t) && (t.cautions?.length ?? 0) === 0).map(([kind, t]) => `${kind} ${t.id}`)
  it('at every reading taken alive with covers off at the mains', () =>
    expect(
      wanting(t => t.kind === 'numeric' && t.need === 'live' && t.quantity === 'volts').filter(
        id => !id.startsWith('rv '),
      ),
    ).toEqual([]))
  it('at every capacitor', () => expect(wanting(t => t.need === 'discharged' && t.point === 'cap')).toEqual([]))
  it('at every test that opens what is alive or under pressure', () =>
    expect(wanting(t => t.need !== 'any' && t.need !== 'live')).toEqual([]))
  it('at every repair, and overhead lines named before a pump comes up', () => {
    for (const id of KIND_IDS) {
      const kind = kindFor(id, {})
      for (const mode of kind.faults) {
        const said = repairCautions(kind, mode)
        expect(said.length, `${id} ${mode.id}`).toBeGreaterThan(0)
        if (mode.repair.id === 'pull-pump') expect(said.join(' '), `${id} ${mode.id}`).toMatch(/overhead lines/)
      }
    }
  })
  it('with the state needed said before the first step of a dead test', () => {
    const tables = tablesOf('well-3wire')
    const state = folded(tables, [opened('well-3wire')])
    const ranking = rankSuspects(tables, state)
    expect(describeOne(tables, state, ranking, 'cap.farads')!.first.join(' ')).toMatch(/dead/i)
    expect(describeOne(tables, state, ranking, 'precharge')!.first.join(' ')).toMatch(/zero|drain|pressure/i)
  })
})
