/**
 * Lines from outside, one at a time: a bad one is refused alone, and what a line carries besides what is known here
 * stays on it.
 */
import type { z } from 'zod'
import { itemAt, ok, type Result } from '#core/foundation'
import { isKnownKind } from './kinds'
import type { AnyLine, UnplacedLine } from './lines'
import { foreign, unplaced, whole } from './schema'

/** The longest line, as JSON: text of every field at its limit fits several times over. */
export const MOST_LINE_LENGTH = 64_000

export type BadLine = {
  readonly code: 'bad-form'
  readonly facts: Readonly<Record<'id' | 'place' | 'why', string>>
}

/** One line from a file, a request or a device's store. What it carries besides what is known here stays on it. */
export function parseLine(raw: unknown): Result<AnyLine, BadLine> {
  const kind = kindOf(raw)
  return parseAs(raw, isKnownKind(kind) ? whole[kind] : foreign)
}

/** A line as it stands in a file, with or without its place in the order. */
export function parseUnplaced(raw: unknown): Result<UnplacedLine, BadLine> {
  const kind = kindOf(raw)
  if (!isKnownKind(kind))
    return badForm(
      raw,
      'kind',
      kind ? `“${kind}” is no kind of line that can be written without its device and clock` : 'it is missing',
    )
  return parseAs(raw, unplaced[kind])
}

export const isPlaced = (raw: unknown): boolean => typeof raw === 'object' && raw !== null && 'clock' in raw

function parseAs<T>(raw: unknown, schema: z.ZodType): Result<T, BadLine> {
  const parsed = schema.safeParse(raw)
  if (!parsed.success) {
    const issue = itemAt(parsed.error.issues, 0, 'issue')
    return badForm(
      raw,
      issue.path.join(' › ') || 'the line',
      issue.message.includes('received undefined')
        ? 'it is missing'
        : issue.message.replace(/^Invalid input: /, ''),
    )
  }
  const length = JSON.stringify(raw).length
  if (length > MOST_LINE_LENGTH)
    return badForm(raw, 'the line', `it has ${length} characters, and ${MOST_LINE_LENGTH} is the most`)
  return ok(raw as T)
}

const kindOf = (raw: unknown): string =>
  typeof raw === 'object' && raw !== null && typeof (raw as { kind?: unknown }).kind === 'string'
    ? (raw as { kind: string }).kind
    : ''

function badForm(raw: unknown, place: string, why: string): Result<never, BadLine> {
  const id = (raw as { id?: unknown } | null | undefined)?.id
  return {
    ok: false,
    problem: { code: 'bad-form', facts: { id: typeof id === 'string' ? id.slice(0, 64) : '', place, why } },
  }
}
