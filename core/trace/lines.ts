/** What a trace shows, as lines: a note that carries it, and the readings and times found in it. */
import type { SystemKind } from '#core/systems'
import type { Attachment, DraftLine } from '#core/tab'
import { medianOf, type TraceFindings } from './find'

/** So many times are kept as lines; the rest are in the trace. */
const MOST_TIMES = 6

export function linesOfTrace(
  kind: SystemKind,
  found: TraceFindings,
  { text, attachment }: { readonly text: string, readonly attachment?: Attachment | undefined },
): readonly DraftLine[] {
  const has = (id: string) => kind.tests.some(t => t.id === id)
  const read = (tests: readonly string[], value: number | undefined): DraftLine[] => {
    const test = tests.find(has)
    return test && value !== undefined ? [{ kind: 'reading', test, value }] : []
  }
  const timed = (what: 'run' | 'cycle', all: readonly number[]): DraftLine[] =>
    all.slice(-MOST_TIMES).map(s => ({ kind: 'timed', what, seconds: Math.round(s) }))
  const { hold } = found
  return [
    { kind: 'note', text, ...(attachment ? { attachments: [attachment] } : {}) },
    ...read(['cut-in'], medianOf(found.cutIns)),
    ...read(['cut-out'], medianOf(found.cutOuts)),
    ...read(['black.start', 'amps1.start'], medianOf(found.inrush)),
    ...read(['black.run', 'amps1.run'], found.running),
    ...timed('cycle', found.cycles),
    ...(hold ? [{ kind: 'timed', what: 'hold', ...hold, seconds: Math.round(hold.seconds) } as const] : []),
  ]
}
