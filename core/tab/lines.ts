/**
 * The line, version 2. A line is added and never changed; a mistake is struck by a later line that names it. Values
 * are SI. Each line carries who wrote it and when (`at`, `by`), and its place in the order: device, that device's
 * counter, a hybrid logical clock, and the lines last seen on the tab when it was written (`seen`: one, or one for
 * each device that wrote beside another). Kinds to come are foreseen: a kind that this version does not know is kept,
 * shown and passed on as it is.
 */
import { isKnownKind, type LineKind } from './kinds'
import type { Attachment, BodyOf, Envelope } from './schema'

export type Body = { [K in LineKind]: BodyOf<K> }[LineKind]
export type LineOf<K extends LineKind> = Envelope & BodyOf<K>
/** A line of a kind that this version knows. */
export type Line = { [K in LineKind]: LineOf<K> }[LineKind]
/** A line of a kind to come: kept and passed on whole, read by nobody here. */
export type ForeignLine = Envelope & { readonly kind: string }
export type AnyLine = Line | ForeignLine

/** A line without what only its writer knows: id, instant, person, place in the order. */
export type DraftLine = Body & { readonly attachments?: readonly Attachment[] }
/** A draft with its id and instant, as files of version 1 and hand-written ones have it. */
export type UnplacedLine = Body & {
  readonly id: string
  readonly at: string
  readonly by?: string | undefined
  readonly attachments?: readonly Attachment[]
}

export const isKnownLine = (line: AnyLine): line is Line => isKnownKind(line.kind)
