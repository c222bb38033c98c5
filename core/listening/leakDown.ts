/** A hold on the gauge, as the leak-down that it is. */
import { findTest, type SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'

const LEAK_DOWN = 'leak-down'
const IN_TEN_MINUTES = 600

/** A hold that was watched from one pressure to another is a leak-down too. */
export function withLeakDown(kind: SystemKind, heard: { readonly lines: readonly DraftLine[], readonly say: string }) {
  const [hold] = heard.lines
  if (hold?.kind !== 'timed' || hold.what !== 'hold' || hold.from === undefined || !findTest(kind, LEAK_DOWN))
    return heard
  const lost = Math.max(0, hold.from - (hold.to ?? hold.from))
  const value = (lost * IN_TEN_MINUTES) / Math.max(hold.seconds, 1)
  const reading: DraftLine = { kind: 'reading', test: LEAK_DOWN, value, ...(hold.typed ? { typed: hold.typed } : {}) }
  return hold.seconds >= 120 ? { ...heard, lines: [hold, reading] } : heard
}
