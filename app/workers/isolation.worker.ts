/** The core's isolation off the main thread. A system's model is built once and kept for every later line and tab. */
import { expose } from 'comlink'
import { describeOne, findClearing, isolate, learnRates, lifeOf, prepareSystem, previewLine, rankSuspects, type FaultCounts, type Tables } from '#core/isolation'
import { isKindId, kindFor, type Nameplate } from '#core/systems'
import { foldTab, type DraftLine, type Evidence, type Line } from '#core/tab'

/** A system as a tab has it, with what shifts its base rates: the shop's own settled tabs and the system's life. */
export interface AskedSystem { readonly kind: string, readonly nameplate: Nameplate, readonly counts: FaultCounts, readonly installed: string | null, readonly today: string }

const kept = new Map<string, Tables>()

function prepare({ kind, nameplate, counts, installed, today }: AskedSystem) {
  const key = JSON.stringify([kind, nameplate, counts, installed, today.slice(0, 4)])
  const before = kept.get(key)
  if (before) return { ok: true as const, value: before }
  const rates = isKindId(kind) ? learnRates(kindFor(kind, nameplate), counts, lifeOf(nameplate, installed, today)) : {}
  const made = prepareSystem(kind, nameplate, undefined, { rates })
  if (made.ok) kept.set(key, made.value)
  return made
}

const api = {
  isolate(system: AskedSystem, lines: readonly Line[]) {
    const tables = prepare(system)
    return tables.ok ? { ok: true as const, value: isolate(tables.value, foldTab(lines)) } : tables
  },
  preview(system: AskedSystem, lines: readonly Line[], draft: DraftLine) {
    const tables = prepare(system)
    if (!tables.ok || (draft.kind !== 'reading' && draft.kind !== 'observation')) return []
    const line = { ...draft, id: 'preview-line', at: '2000-01-01T00:00:00Z' } as Evidence['line']
    return previewLine(tables.value, foldTab(lines), line)
  },
  describe(system: AskedSystem, lines: readonly Line[], test: string) {
    const tables = prepare(system)
    if (!tables.ok) return undefined
    const state = foldTab(lines)
    return describeOne(tables.value, state, rankSuspects(tables.value, state), test)
  },
  clearing(system: AskedSystem, lines: readonly Line[], fault: string) {
    const tables = prepare(system)
    return tables.ok ? findClearing(tables.value, foldTab(lines), fault) : undefined
  },
}
export type IsolationApi = typeof api

expose(api)
