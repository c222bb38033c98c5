/**
 * The closed set of lines. A line is added and never changed; a mistake is struck by a later line that names it.
 * Values are SI. `at` is an ISO 8601 instant given by whoever writes the line.
 */
import { z } from 'zod'

const text = z.string().max(2000)
const short = z.string().min(1).max(200)
export const lineId = z.string().min(8).max(64).regex(/^[\w-]+$/)
const base = { id: lineId, at: z.iso.datetime({ offset: true }), by: z.string().max(80).optional() }

export const WORK_STATES = ['live', 'proven-dead', 'discharged', 'zero-pressure'] as const
export type WorkState = typeof WORK_STATES[number]
export const FINDING_ROLES = ['failed', 'cause', 'also'] as const
export type FindingRole = typeof FINDING_ROLES[number]

export const lineSchema = z.discriminatedUnion('kind', [
  z.strictObject({ ...base, kind: z.literal('opened'), complaint: short, words: text, since: text.optional() }),
  z.strictObject({ ...base, kind: z.literal('reading'), test: short, value: z.number().nullable(), ol: z.boolean().optional(), meter: short.optional(), asLeft: z.boolean().optional(), typed: text.optional(), without: text.optional() }),
  z.strictObject({ ...base, kind: z.literal('observation'), test: short, outcome: short, asLeft: z.boolean().optional(), typed: text.optional(), without: text.optional() }),
  z.strictObject({ ...base, kind: z.literal('state'), to: z.enum(WORK_STATES), proof: z.array(z.number()).max(8).optional(), reason: text.optional() }),
  z.strictObject({ ...base, kind: z.literal('part'), component: short, fault: short.optional(), off: text.optional(), on: text.optional(), number: text.optional(), from: z.enum(['van', 'ordered', 'site']).optional(), temporary: z.boolean().optional() }),
  z.strictObject({ ...base, kind: z.literal('repair'), component: short, fault: short.optional(), text }),
  z.strictObject({ ...base, kind: z.literal('finding'), role: z.enum(FINDING_ROLES), about: short, text }),
  z.strictObject({ ...base, kind: z.literal('skip'), test: short, reason: text }),
  z.strictObject({ ...base, kind: z.literal('wait'), test: short, minutes: z.number().positive().max(1440) }),
  z.strictObject({ ...base, kind: z.literal('photo'), photo: short, caption: text, width: z.number().int().positive(), height: z.number().int().positive() }),
  z.strictObject({ ...base, kind: z.literal('note'), text }),
  z.strictObject({ ...base, kind: z.literal('strike'), line: lineId, reason: text }),
  z.strictObject({ ...base, kind: z.literal('carried'), reason: text, bring: text.optional(), until: z.iso.date().optional() }),
  z.strictObject({ ...base, kind: z.literal('resumed') }),
  z.strictObject({ ...base, kind: z.literal('follow-up'), text, due: z.iso.date() }),
  z.strictObject({ ...base, kind: z.literal('advice'), text }),
  z.strictObject({ ...base, kind: z.literal('settled'), summary: text }),
])
export type Line = z.infer<typeof lineSchema>
export type LineKind = Line['kind']
export type LineOf<K extends LineKind> = Extract<Line, { kind: K }>

/** A line without what only its writer knows: id, instant, person. */
export type DraftLine = { [K in LineKind]: Omit<LineOf<K>, 'id' | 'at' | 'by'> }[LineKind]
