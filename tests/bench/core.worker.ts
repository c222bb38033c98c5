/** Runs in a worker thread for the bench: builds the model once, cold, then isolates after every line of the nursery call. */
import { parentPort } from 'node:worker_threads'
import { isolate, prepareSystem } from '#core/isolation'
import { foldTab, type Line } from '#core/tab'

const started = performance.now()
const tables = prepareSystem('well-3wire', { 'motor.power': 559, 'motor.amps': 7.8, 'box.capLow': 130e-6, 'box.capHigh': 156e-6, 'cable.length': 55 })
if (!tables.ok) throw new Error(tables.problem.code)
const lines: Line[] = []
const at = '2026-06-15T10:00:00Z'
const add = (line: object) => lines.push({ id: `line-${lines.length}-bench`, at, ...line } as Line)
add({ kind: 'opened', complaint: 'overload-trips', words: '' })
isolate(tables.value, foldTab(lines))
const ready = performance.now() - started

const readings: [string, number | null][] = [['line.volts', 238], ['load.volts', 238], ['black.run', 33.1], ['cap.farads', 147e-6], ['red.start', 0], ['relay.ohms', null], ['leads.by', 3.4], ['leads.ry', 12.6], ['leads.ground', 4e7], ['pole1.drop', 0.05], ['precharge', 8e4], ['gauge', 2e5]]
const steps: number[] = []
for (let round = 0; round < 10; round++) {
  for (const [test, value] of readings) {
    add({ kind: 'reading', test, value, ...(value === null ? { ol: true } : {}) })
    const before = performance.now()
    isolate(tables.value, foldTab(lines))
    steps.push(performance.now() - before)
  }
}
parentPort?.postMessage({ ready, steps })
