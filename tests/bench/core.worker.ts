/**
 * Runs in a worker of the browser for the bench: builds a kind's model once, after those that came first, then
 * isolates after every line of a call.
 */
import { isolate, prepareSystem } from '#core/isolation'
import { kindFor, type KindId } from '#core/systems'
import { createFold, createWriter, foldTab, type Fold, type Line } from '#core/tab'

export interface Asked {
  readonly kind: KindId
  readonly first: readonly KindId[]
}
export interface Timed {
  readonly ready: number
  readonly steps: readonly number[]
  readonly fold: number
  /** one more line on a tab of 500, and of 20,000 */ readonly more: number
  readonly late: number
}

self.onmessage = ({ data: { kind, first } }: MessageEvent<Asked>) => {
  for (const other of first) work(other)
  const { ready, steps, lines } = work(kind)
  const write = createWriter('bench-device')
  const all = lines.map(write)
  const note = () =>
    write({
      kind: 'note',
      text: `note ${all.length}`,
      id: `line-${all.length}-bench`,
      at: '2026-06-15T10:00:00Z',
    })
  while (all.length < 500) all.push(note())
  const system = kindFor(kind)
  const before = performance.now()
  foldTab(system, all)
  const fold = performance.now() - before
  const more = timeOneMore(createFold(system, all), note)
  while (all.length < 20000) all.push(note())
  self.postMessage({ ready, steps, fold, more, late: timeOneMore(createFold(system, all), note) } satisfies Timed)
}

/** The time of one more line, the median of fifty. */
function timeOneMore(fold: Fold, note: () => Line): number {
  const times = Array.from({ length: 50 }, () => {
    const line = note()
    const before = performance.now()
    fold.append([line])
    return performance.now() - before
  })
  return times.toSorted((a, b) => a - b)[25]!
}

/**
 * Prepares a kind and isolates after every line of a call on it: each reads as one fault would, and every fourth as
 * another, so that pairs come into play.
 */
function work(kind: KindId) {
  const started = performance.now()
  const tables = prepareSystem(kind, {})
  if (!tables.ok) throw new Error(tables.problem.code)
  const ready = performance.now() - started
  const lines: Line[] = []
  const write = createWriter('call-device')
  const steps: number[] = []
  const step = (line: object) => {
    lines.push(write({ id: `line-${lines.length}-bench`, at: '2026-06-15T10:00:00Z', ...line } as Line))
    const before = performance.now()
    isolate(tables.value, foldTab(tables.value.model.kind, lines))
    steps.push(performance.now() - before)
  }
  step({ kind: 'opened', complaint: kindFor(kind).complaints[0], words: '' })
  const { model } = tables.value
  const [one, two] = [Math.floor(model.hypotheses.length * 0.2), Math.floor(model.hypotheses.length * 0.45)]
  const tests = model.kind.tests.filter(t => t.kind === 'numeric').slice(0, 24)
  for (let round = 0; round < 2; round++) {
    for (const [i, test] of tests.entries()) {
      const p = tables.value.tests.get(test.id)!.prediction(i % 4 === 3 ? two : one)
      step({
        kind: 'reading',
        test: test.id,
        ...(p.ol > 0.5 ? { value: null, ol: true } : { value: p.log ? Math.exp(p.mean) : p.mean }),
      })
    }
  }
  return { ready, steps, lines }
}
