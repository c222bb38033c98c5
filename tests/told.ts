/** What the listener makes of a line, in a row of tests with what they read or saw: for tables of things said. */
import { expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { hear, spokenAfter, type Spoken } from '#core/listening'
import { kindFor, type KindId } from '#core/systems'
import { PSI } from '#core/units'

/** @returns `line.volts 238 | contacts burnt`, figures in SI to three digits; else `ask` or `remark` */
export function told(id: KindId, said: string, before: Spoken = {}): string {
  const heard = requireOk(hear(kindFor(id), said, { before }))
  if (heard.kind !== 'lines') return heard.kind
  return heard.lines.map((l) => {
    if (l.kind === 'reading')
      return `${l.test} ${l.judged ?? (l.value === null ? 'OL' : Number(l.value.toPrecision(3)))}`
    if (l.kind === 'state') return `${l.to} ${(l.proof ?? []).join('/')}`
    return l.kind === 'observation' ? `${l.test} ${l.outcome}` : l.kind === 'repair' ? `mended ${l.fault}` : l.kind
  }).join(' | ')
}

/** So many psi as `told` says them. */
export const psi = (n: number) => Number((n * PSI).toPrecision(3))

/** Rows of a kind, what is said of it, and all that it is heard as. */
export const hearsAs = (rows: readonly (readonly [KindId, said: string, lines: string])[]) =>
  it.each(rows)('%s: %s', (kind, said, lines) => expect(told(kind, said)).toBe(lines))

/** What is known after a first line, as the tab has it. */
export function after(id: KindId, first: string): Spoken {
  const kind = kindFor(id)
  const heard = requireOk(hear(kind, first))
  const lines = heard.kind === 'lines' ? heard.lines : heard.kind === 'remark' ? [heard.line] : []
  return lines.reduce((before: Spoken, line) => spokenAfter(kind, before, line), {})
}

/** Rows of a kind, a first line, the next, and all that the next is heard as. */
export const hearsNext = (rows: readonly (readonly [KindId, first: string, said: string, lines: string])[]) =>
  it.each(rows)('%s: %s // %s', (kind, first, said, lines) => expect(told(kind, said, after(kind, first))).toBe(lines))
