/**
 * What was seen or read out of band and is not the fault: listed by itself with what to do, until it is named in a
 * finding or put right. Conditions that wear other parts out have their own name and advice; the rest goes by the test
 * that showed it.
 */
import { itemAt } from '#core/foundation'
import { componentAt, type SystemModel, type Test } from '#core/systems'
import type { Evidence, TabState } from '#core/tab'
import { standingOf } from './causes'
import { explains } from './direct'
import type { Tables } from './tables'
import { wordFor } from './verdict'

export interface AlsoFound {
  readonly id: string
  readonly label: string
  readonly line: string
  readonly test: string
  readonly advice: string
}

/** Looks that show how a thing is, not what the machine does just now. */
const HOW_IT_IS = new Set([
  'terminals', 'contacts', 'relay-seen', 'box-seen', 'cap-seen', 'motor-look', 'water-look', 'knock', 'air-valve',
  'gauge-agrees', 'leaks-look', 'port-look', 'strainer-look', 'shaft', 'oil', 'drain', 'belt-look', 'soap',
  'head-heard', 'starter-look', 'reset', 'return-look', 'posts-look', 'wires-look', 'weep', 'jet-look', 'foot-look',
  'asked', 'runcap-seen',
  'disconnect-look', 'switch-heat', 'level-look', 'links', 'prime-look', 'motor-heat',
])
/** Readings of a part by itself. */
const OF_A_PART = ['precharge', 'cap.farads', 'leads.ground', 'pole1.drop', 'pole2.drop', 'pole3.drop', 'battery.rest']

export function alsoFound(tables: Tables, state: TabState, faults: readonly string[]): readonly AlsoFound[] {
  const { model } = tables
  const named = new Set(
    [...state.findings.cause, ...state.findings.also, ...state.findings.failed].map(f => f.about),
  )
  const notes = notesShown(model, state, named)
  // a condition that is named, or is a note of its own, is not listed once more by its test
  const told = new Set([
    ...notes.map(n => n.line),
    ...model.kind.causeNotes.flatMap((n) => {
      const { standing, lines } = standingOf(model, state, n)
      return standing === 'shown' ? lines : []
    }),
  ])
  const shownFaults = model.kind.causeNotes.flatMap(n => (notes.some(s => s.id === n.id) && n.fault ? [n.fault] : []))
  const right = model.putRight(state.repaired)
  const rest = state.evidence.flatMap((e): AlsoFound[] => {
    const test = tables.tests.get(e.line.test)?.test
    if (!test || told.has(e.line.id) || e.line.asLeft || !isOdd(model, test, e)) return []
    if ([...faults, ...shownFaults].some(f => explains(tables, e, f))) return []
    if ([...right].some(f => explains(tables, e, f.id))) return []
    return [{ id: `${test.id}:${answerOf(model, e)}`, line: e.line.id, test: test.id, ...sayFound(model, test, e) }]
  })
  return [...notes, ...rest.filter(r => !named.has(r.id))]
}

function notesShown(model: SystemModel, state: TabState, named: ReadonlySet<string>): AlsoFound[] {
  return model.kind.causeNotes.flatMap((note) => {
    const { standing, lines } = standingOf(model, state, note)
    const [line] = lines
    if (standing !== 'shown' || !line || named.has(note.id) || (note.fault && named.has(note.fault))) return []
    const test = state.evidence.find(e => e.line.id === line)!.line.test
    return [{ id: note.id, label: note.name, line, test, advice: note.advice }]
  })
}

/** An answer that a sound system seldom gives, a figure out of its band. */
function isOdd(model: SystemModel, test: Test, { line }: Evidence): boolean {
  if (line.kind === 'reading')
    return OF_A_PART.includes(test.id) && !['in-band', 'unknown'].includes(wordFor(model, line))
  if (test.kind !== 'seen' || !HOW_IT_IS.has(test.id)) return false
  const i = test.outcomes.findIndex(o => o.id === line.outcome)
  return i >= 0 && itemAt(test.usual, i, 'chance') < 0.3
}

const answerOf = (model: SystemModel, { line }: Evidence) =>
  line.kind === 'observation' ? line.outcome : wordFor(model, line)

function sayFound(model: SystemModel, test: Test, { line }: Evidence): Pick<AlsoFound, 'label' | 'advice'> {
  const place = componentAt(model.kind, test)
  const answer
    = line.kind === 'observation' && test.kind === 'seen'
      ? test.outcomes.find(o => o.id === line.outcome)?.label
      : wordFor(model, line as Extract<typeof line, { kind: 'reading' }>)
  return {
    label: `${place.name}: ${answer ?? ''}`,
    advice: 'Put it right while it is open, or say why it is left.',
  }
}
