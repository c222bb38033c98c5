/** What two leads read at one place in one go: which readings, in which order, and what each is called there. */
import type { NumericTest, Test } from './testTypes'

export interface ReadingSet {
  readonly title: string
  readonly tests: readonly NumericTest[]
  /** in the order of `tests` */
  readonly names: readonly string[]
  /**
   * what a hand reads only after the pairs: lines to ground hang on how the service is grounded, drops say little
   * before it is known what comes in and goes out
   */
  readonly later?: true
}

interface Row {
  /** what the names of its tests end in */
  readonly ends: readonly string[]
  readonly names: readonly string[]
  /** @param first the title of its first test */
  readonly title: (first: string) => string
  readonly later?: true
}

const placeIn = (title: string) => title.slice(0, title.lastIndexOf(','))
const PAIRS = ['1–2', '2–3', '3–1']
const numbered = (what: string) => [1, 2, 3].map(n => `${what} ${n}`)

/** Those of three come before those of two, so that each test is in one. */
const ROWS: readonly Row[] = [
  { ends: ['.v12', '.v23', '.v31'], names: PAIRS, title: t => `${placeIn(t)}, each pair` },
  {
    ends: ['.l1g', '.l2g', '.l3g'],
    names: numbered('line').map(n => `${n} to ground`),
    title: t => `${placeIn(t)}, each line to ground`,
    later: true,
  },
  {
    ends: ['.l1g', '.l2g', '.volts'],
    names: ['leg 1 to ground', 'leg 2 to ground', 'between the legs'],
    title: t => `${placeIn(t)}, each leg to ground and between`,
  },
  { ends: ['amps1.run', 'amps2.run', 'amps3.run'], names: numbered('line'), title: () => 'Clamp each line, running' },
  { ends: ['leads.r12', 'leads.r23', 'leads.r31'], names: PAIRS, title: () => 'Ohms of each pair of leads' },
  {
    ends: ['leads.by', 'leads.ry', 'leads.rb'],
    names: ['black–yellow', 'red–yellow', 'red–black'],
    title: () => 'Ohms of each pair of leads',
  },
  {
    ends: ['heater1.ohms', 'heater2.ohms', 'heater3.ohms'],
    names: numbered('heater'),
    title: () => 'Ohms across each heater',
  },
  ...['drop', 'ohms'].flatMap(how => [3, 2].map((n): Row => ({
    ends: [1, 2, 3].slice(0, n).map(pole => `pole${pole}.${how}`),
    names: numbered(n === 3 ? 'contact' : 'pole').slice(0, n),
    title: t => t.replace(/(pole|contact) 1/, 'each $1'),
    ...(how === 'drop' ? { later: true } : {}),
  }))),
]

const kept = new WeakMap<readonly Test[], ReadonlyMap<string, ReadingSet>>()

/** The readings of one go that a test is among. */
export function readingSetOf({ tests }: { readonly tests: readonly Test[] }, test: string): ReadingSet | undefined {
  const sets = kept.get(tests) ?? setsAmong(tests)
  kept.set(tests, sets)
  return sets.get(test)
}

function setsAmong(tests: readonly Test[]): ReadonlyMap<string, ReadingSet> {
  const byId = new Map(tests.flatMap(t => (t.kind === 'numeric' ? [[t.id, t] as const] : [])))
  const sets = new Map<string, ReadingSet>()
  for (const { ends: [first = '', ...others], names, title, later } of ROWS)
    for (const [id, test] of byId) {
      if (!id.endsWith(first) || sets.has(id)) continue
      const before = id.slice(0, -first.length)
      const all = [test, ...others.flatMap(end => byId.get(before + end) ?? [])]
      if (all.length !== names.length || all.some(t => sets.has(t.id))) continue
      const set = { title: title(test.title), tests: all, names, ...(later ? { later } : {}) }
      for (const t of all) sets.set(t.id, set)
    }
  return sets
}
