/**
 * What made a part fail is told of it oftener than of others: under a fault, the answers that show one of its
 * catalogued causes are likelier. Rows that a block gives of its own stand.
 */
import { itemAt } from '#core/foundation'
import type { SeenTest, Test } from './testTypes'
import type { SystemKind } from './types'

/** Most of what fails has done its years: that tells of no part more than of another. */
const OF_ALL = 'age'

/** So many times as often as usual; judgement, no source. */
const OFTENER = 3
/** Where the answer stands that there was nothing new, and what is left of it at least. */
const [NOTHING, LEAST] = [0, 0.25]

type Told = Pick<SystemKind, 'faults' | 'causeNotes'>

export const withToldCauses = (tests: readonly Test[], kind: Told): readonly Test[] =>
  tests.map(t => (t.kind === 'seen' && t.id === 'asked' ? { ...t, chancesByFault: rowsOf(t, kind) } : t))

function rowsOf(test: SeenTest, { faults, causeNotes }: Told): SeenTest['chancesByFault'] {
  const answers = new Map(causeNotes.flatMap((n) => {
    const by = n.test === test.id ? n.shownBy : n.or?.test === test.id ? n.or.shownBy : undefined
    return by === undefined || n.id === OF_ALL ? [] : [[n.id, test.outcomes.findIndex(o => o.id === by)] as const]
  }))
  const rows = faults.flatMap((fault) => {
    const told = fault.causes.flatMap(c => answers.get(c.because) ?? [])
    return told.length > 0 ? [[fault.id, raised(test.usual, told)] as const] : []
  })
  return { ...Object.fromEntries(rows), ...test.chancesByFault }
}

/** What is told more is told where else nothing new was: not instead of the other answers, which may all be told. */
function raised(usual: readonly number[], told: readonly number[]): readonly number[] {
  const more = told.reduce((sum, i) => sum + (OFTENER - 1) * itemAt(usual, i, 'answer'), 0)
  const row = usual.map((chance, i) =>
    (told.includes(i) ? OFTENER * chance : i === NOTHING ? Math.max(LEAST * chance, chance - more) : chance))
  const all = row.reduce((a, b) => a + b, 0)
  return row.map(chance => chance / all)
}
