/**
 * Single lines as they are said, each with what a master would take it for. One file a kind: a test and its answer, or
 * the readings that stand in the line, then the lines beneath it; `|` parts what may as well be meant.
 *
 *   let-go at-once
 *     the breaker jumps the moment I throw it
 *   line.l1g; line.l2g
 *     121 to ground on one line screw and 120 on the other
 */
import { hear, type Heard } from '#core/listening'
import { kindFor, withOptions, type KindId, type SystemKind } from '#core/systems'
import { textsByKind } from '../byKind'

export interface LabelledLine {
  readonly kind: KindId
  readonly said: string
  /** one of these, each of one or more readings or answers */
  readonly meant: readonly (readonly string[])[]
}

/** All of what was meant was heard and nothing else; some of it, or more besides; none of it; nothing; asked back. */
export type Outcome = 'right' | 'part' | 'misheard' | 'remark' | 'asked'

const HERE = new URL('.', import.meta.url).pathname

export function readLines(folder = HERE): readonly LabelledLine[] {
  return textsByKind(folder).flatMap(({ kind, text }) => {
    let meant: readonly (readonly string[])[] = []
    return text.split('\n').flatMap((row): LabelledLine[] => {
      if (row.startsWith('  ')) return [{ kind, said: row.trim(), meant }]
      if (row.trim()) meant = row.split('|').map(one => one.split(';').map(m => m.trim()))
      return []
    })
  })
}

const kinds = new Map<KindId, SystemKind>()

/** The kind with all that it may have. */
export function wholeKind(id: KindId): SystemKind {
  const known = kinds.get(id) ?? withOptions(kindFor(id, {}))
  kinds.set(id, known)
  return known
}

export function judgeLine({ kind, said, meant }: LabelledLine): { readonly outcome: Outcome, readonly heard: string } {
  const result = hear(wholeKind(kind), said, { before: {} })
  if (!result.ok) return { outcome: 'remark', heard: result.problem.code }
  const heard = heardIn(result.value)
  const outcomes = meant.map(one => outcomeOf(result.value, one, heard))
  const order: readonly Outcome[] = ['right', 'part', 'asked', 'remark', 'misheard']
  return { outcome: order.find(o => outcomes.includes(o)) ?? 'misheard', heard: heard.join('; ') }
}

const heardIn = (heard: Heard): readonly string[] =>
  heard.kind !== 'lines'
    ? []
    : heard.lines.map(l =>
        (l.kind === 'observation' ? `${l.test} ${l.outcome}` : l.kind === 'reading' ? l.test : l.kind))

/** That it runs is told along with much else, and so is what was done. */
const BESIDES = /^(?:sound |repair$)/

function outcomeOf(value: Heard, meant: readonly string[], heard: readonly string[]): Outcome {
  if (value.kind !== 'lines') return value.kind === 'ask' ? 'asked' : 'remark'
  const found = meant.filter(m => heard.includes(m)).length
  if (found === 0) return 'misheard'
  const isAll = found === meant.length && heard.every(h => meant.includes(h) || BESIDES.test(h))
  return isAll ? 'right' : 'part'
}
