import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { createWriter, foldTab, type DraftLine, type Line } from '#core/tab'
import { isolate, type Tables } from '.'
import { prepareKept } from '../../tests/prepared'
import { startPosterior } from './posterior'
import { readingChance, weightsOf } from './likelihood'
import { OTHER } from './tables'

const folded = (t: Tables, lines: readonly Line[]) =>
  foldTab(t.model.kind, lines.map(createWriter('test-device')))

const tables = requireOk(prepareKept('well-3wire', { 'box.capLow': 130e-6, 'box.capHigh': 156e-6 }))
const { model } = tables
const at = (id: string) => model.hypotheses.findIndex(h => h.id === id)
let n = 0
const add = (draft: DraftLine) => ({ ...draft, id: `line-${++n}-post`, at: '2026-06-15T10:00:00Z' }) as Line

describe('the chances, line by line', () => {
  const prior = () => {
    const p = new Float64Array(model.hypotheses.length)
    p[at('box.relay-open:1')] = 0.6
    p[at('tank.waterlogged:full')] = 0.3
    p[OTHER] = 0.1
    return p
  }
  const flat = (value: number) => new Float64Array(model.hypotheses.length).fill(value)
  const sum = (c: Float64Array) => c.reduce((a, b) => a + b, 0)

  it('follow Bayes: what is twice as likely to have been read gains twice the odds', () => {
    const posterior = startPosterior(model, prior())
    const given = flat(0.2)
    given[at('tank.waterlogged:full')] = 0.4
    posterior.take(given)
    expect(
      posterior.chances[at('tank.waterlogged:full')]! / posterior.chances[at('box.relay-open:1')]!,
    ).toBeCloseTo(1, 12)
    expect(sum(posterior.chances)).toBeCloseTo(1, 12)
  })
  it('let a repair not have taken: one in a hundred, and more with every line that reads as before', () => {
    const posterior = startPosterior(model, prior())
    posterior.repair(['box.relay-open'])
    // who put it right had cause to: three times as likely
    expect(posterior.chances[at('box.relay-open:1')]).toBeCloseTo((3 * 0.6 * 0.99) / (3 * 0.6 + 0.4), 12)
    expect(sum(posterior.chances)).toBeCloseTo(1, 12)
    const [as, still] = [flat(0.01), flat(0.01)]
    still[at('box.relay-open:1')] = 0.9
    const before = 0.1
    posterior.take(as, still)
    const once = posterior.chances[OTHER]!
    posterior.take(as, still)
    expect(once).toBeGreaterThan(before)
    expect(posterior.chances[OTHER]).toBeGreaterThan(0.9)
    expect(sum(posterior.chances)).toBeCloseTo(1, 12)
  })
  it('lets what did not take the first time take the second', () => {
    const posterior = startPosterior(model, prior())
    const [given, still] = [new Float64Array(model.hypotheses.length), new Float64Array(model.hypotheses.length)]
    given.fill(0.01)
    still.fill(1)
    posterior.repair(['box.relay-open'])
    posterior.take(given, still)
    const once = posterior.chances[at('box.relay-open:1')]!
    posterior.repair(['box.relay-open', 'box.relay-open'])
    expect(posterior.chances[at('box.relay-open:1')]).toBeGreaterThan(1.5 * once)
    expect(sum(posterior.chances)).toBeCloseTo(1, 9)
  })
  it('count a repair once, however many lines follow it', () => {
    const posterior = startPosterior(model, prior())
    posterior.repair(['box.relay-open'])
    posterior.repair(['box.relay-open'])
    expect(posterior.chances[at('box.relay-open:1')]).toBeCloseTo((3 * 0.6 * 0.99) / (3 * 0.6 + 0.4), 12)
  })
})

describe('slips', () => {
  const table = tables.tests.get('cap.farads')!
  const chance = (value: number | null) => readingChance(table, 0, value)
  it('take a prefix misread for likelier than a figure from nowhere', () => {
    expect(chance(143e-9)).toBeGreaterThan(20 * chance(90e-9))
    expect(chance(143e-3)).toBeGreaterThan(0)
  })
  it('know that a lead may not have touched: nothing read is likelier than something odd', () => {
    const volts = tables.tests.get('line.volts')!
    expect(readingChance(volts, 0, 0)).toBeGreaterThan(10 * readingChance(volts, 0, 60))
  })
  it('still believe the plain figure most: by the chance of reading within a tenth of it', () => {
    const near = (value: number) => chance(value) * 0.2 * value
    for (const odd of [143e-9, 90e-9, 400e-6, 143e-3]) expect(near(143e-6)).toBeGreaterThan(30 * near(odd))
  })
})

describe('looking twice', () => {
  const look = (test: string, outcome: string, earlier: readonly string[] = []) =>
    weightsOf(tables, {
      line: add({ kind: 'observation', test, outcome }) as never,
      repaired: [],
      confirmed: earlier.length,
      earlier,
    }).foreseen
  it('counts every look at what it does, and not only the last', () => {
    const [once, twice, mixed] = [
      look('works', 'no'),
      look('works', 'no', ['no']),
      look('works', 'yes', ['no', 'no']),
    ]
    const [sound, welded] = [0, at('switch.welded:full')]
    const odds = (l: Float64Array) => l[welded]! / l[sound]!
    expect(odds(twice)).toBeGreaterThan(5 * odds(once))
    expect(odds(mixed)).toBeGreaterThan(1)
  })
  it('takes what it looks like as one thing, looked at again', () => {
    const [once, twice] = [look('contacts', 'pitted'), look('contacts', 'pitted', ['pitted'])]
    const odds = (l: Float64Array) => l[at('switch.pole1-burnt:2')]! / l[0]!
    expect(odds(once)).toBeGreaterThan(1.2)
    expect(odds(twice)).toBeLessThan(1.3 * odds(once))
  })
  it('is kept by the fold with what was seen before, until something is put right', () => {
    const lines = [
      add({ kind: 'opened', complaint: 'no-water', words: '' }),
      add({ kind: 'observation', test: 'sound', outcome: 'silent' }),
      add({ kind: 'observation', test: 'sound', outcome: 'groans' }),
    ]
    expect(folded(tables, lines).evidence).toMatchObject([
      { line: { outcome: 'groans' }, confirmed: 0, earlier: ['silent'] },
    ])
    const after = folded(tables, [
      ...lines,
      add({ kind: 'repair', component: 'breaker', text: 'reset' }),
      add({ kind: 'observation', test: 'sound', outcome: 'runs' }),
    ])
    expect(after.evidence.at(-1)).toMatchObject({ line: { outcome: 'runs' } })
    expect(after.evidence.at(-1)!.earlier).toBeUndefined()
  })
})

describe('lines that the catalogue does not explain', () => {
  it('still have a test proposed: the one that tells most among what it explains best', () => {
    const odd = [
      add({ kind: 'opened', complaint: 'check-up', words: '' }),
      ...['line.volts', 'load.volts', 'box.volts'].flatMap(test =>
        [405, 406].map(value => add({ kind: 'reading', test, value })),
      ),
    ]
    const answer = isolate(tables, folded(tables, odd))
    expect(answer.suspects.find(s => s.fault === 'other')!.chance).toBeGreaterThan(0.3)
    expect(answer.next.length).toBeGreaterThan(0)
    expect(answer.decision).toBeUndefined()
  })
})
