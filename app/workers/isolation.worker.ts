/** The core's isolation off the main thread. A system's model is built once and kept for every later line. */
import { expose } from 'comlink'
import { describeOne, isolate, prepareSystem, previewLine, rankSuspects, type Tables } from '#core/isolation'
import type { Nameplate } from '#core/systems'
import { foldTab, type DraftLine, type Evidence, type Line } from '#core/tab'

const kept = new Map<string, Tables>()

function prepare(kind: string, nameplate: Nameplate) {
  const key = JSON.stringify([kind, nameplate])
  const before = kept.get(key)
  if (before) return { ok: true as const, value: before }
  const made = prepareSystem(kind, nameplate)
  if (made.ok) kept.set(key, made.value)
  return made
}

const api = {
  isolate(kind: string, nameplate: Nameplate, lines: readonly Line[]) {
    const tables = prepare(kind, nameplate)
    return tables.ok ? { ok: true as const, value: isolate(tables.value, foldTab(lines)) } : tables
  },
  preview(kind: string, nameplate: Nameplate, lines: readonly Line[], draft: DraftLine) {
    const tables = prepare(kind, nameplate)
    if (!tables.ok || (draft.kind !== 'reading' && draft.kind !== 'observation')) return []
    const line = { ...draft, id: 'preview-line', at: '2000-01-01T00:00:00Z' } as Evidence['line']
    return previewLine(tables.value, foldTab(lines), line)
  },
  describe(kind: string, nameplate: Nameplate, lines: readonly Line[], test: string) {
    const tables = prepare(kind, nameplate)
    if (!tables.ok) return undefined
    const state = foldTab(lines)
    return describeOne(tables.value, state, rankSuspects(tables.value, state), test)
  },
}
export type IsolationApi = typeof api

expose(api)
