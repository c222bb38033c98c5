/**
 * Runs in a worker of the browser for the bench: from a found fault to the plan, the verdict on the wires, the coach's
 * advice, the bands of the proof run on a system newly set, and a logger's trace of 200,000 rows.
 */
import { requireOk } from '#core/foundation'
import { isolate, prepareSystem } from '#core/isolation'
import { judgeRecords, planFor, proofOf, repairsFor } from '#core/plan'
import { advise, learn, setUpOf, startCoach } from '#core/setup'
import { createWriter, foldTab, parseShorthand, type DraftLine, type Line } from '#core/tab'
import { findInTrace, readTrace } from '#core/trace'
import { PSI, US } from '#core/units'

export interface TimedStations {
  readonly plan: number
  readonly wiring: number
  readonly coach: number
  readonly bands: number
  readonly trace: number
}
const WIRES = [
  't1 black supply', 't2 white supply', 't3 white motor', 't4 black motor', 'g green supply', 'g green motor',
]
const ROWS = 200_000

self.onmessage = () => self.postMessage(timeStations())

function timeStations(): TimedStations {
  const tables = requireOk(prepareSystem('well-3wire', {}))
  const { model } = tables
  const write = createWriter('bench-device')
  const lines: Line[] = []
  const say = (draft: DraftLine) =>
    lines.push(write({ ...draft, id: `line-${lines.length}-bench`, at: '2026-06-15T10:00:00Z' } as Line))
  say({ kind: 'opened', complaint: 'no-water', words: '' })
  say({ kind: 'finding', role: 'failed', about: 'switch.burnt', text: '' })
  for (const text of WIRES) {
    const heard = requireOk(parseShorthand(model.kind, text))
    if (heard.kind === 'line') say(heard.line)
  }
  const now = () => foldTab(model.kind, lines)
  const read = (test: string, psi: number) => say({ kind: 'reading', test, value: psi * PSI })
  const state = now()
  const isolation = isolate(tables, state)
  const repairs = repairsFor(model, state, isolation)
  const coached = startCoach(40 * PSI, 60 * PSI)
  const target = { cutIn: 40 * PSI, cutOut: 60 * PSI, tolerance: 2 * PSI, oneNut: false }
  let set = 0
  return {
    plan: median(() => planFor(tables, state, isolation)),
    wiring: median(() => judgeRecords(model, state)),
    coach: median(() => advise(learn(coached, { kind: 'read', what: 'cut-in', pressure: 46 * PSI }), target)),
    // new settings each time: nothing of them is kept
    bands: median(() => {
      read('cut-in', 38 + 0.1 * ++set)
      read('cut-out', 60 + 0.1 * set)
      const later = now()
      setUpOf(model, later)
      proofOf(tables, later, isolation, repairs)
    }),
    trace: median(() => findInTrace(requireOk(readTrace(logged(), US, () => undefined)))),
  }
}

/** ms, the median of nine. */
function median(work: () => unknown): number {
  const times = Array.from({ length: 9 }, () => {
    const before = performance.now()
    work()
    return performance.now() - before
  })
  return times.toSorted((a, b) => a - b)[4]!
}

let text = ''
/** Twenty rows a second: 100 s up from 40 to 60 psi on 6.4 A, 100 s down. */
function logged(): string {
  if (text) return text
  const rows = Array.from({ length: ROWS }, (_, i) => {
    const at = (i / 20 + 120) % 200
    return `${(i / 20).toFixed(2)},${(at < 100 ? 40 + at / 5 : 80 - at / 5).toFixed(2)},${at < 100 ? 6.4 : 0}`
  })
  text = ['time_s,psi,amps', ...rows].join('\n')
  return text
}
