/**
 * The line, version 2. A line is added and never changed; a mistake is struck by a later line that names it. Values are SI.
 * Each line carries who wrote it and when (`at`, `by`), and its place in the order: device, that device's counter, a hybrid
 * logical clock, and the lines last seen on the tab when it was written (`seen`: one, or one for each device that wrote
 * beside another). Kinds to come are foreseen: a kind that this version does not know is kept, shown and passed on as it is.
 */
import { z } from 'zod'
import { ok, type Result } from '#core/foundation'
import { CLOCK_PATTERN } from './clock'

export const LINE_VERSION = 2

const text = z.string().max(2000)
const short = z.string().min(1).max(200)
export const lineId = z.string().min(8).max(64).regex(/^[\w-]+$/)
export const deviceId = z.string().min(4).max(80).regex(/^[\w-]+$/)
export const contentHash = z.string().regex(/^[0-9a-f]{64}$/)

/** Something kept beside a line: named by the SHA-256 of its bytes. */
export const attachmentSchema = z.object({
  hash: contentHash,
  type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  bytes: z.number().int().positive(),
  width: z.number().int().positive().optional(),
  height: z.number().int().positive().optional(),
})
export type Attachment = z.infer<typeof attachmentSchema>

/** Where a line stands among the others. */
export const stampSchema = z.object({
  device: deviceId,
  counter: z.number().int().min(1).max(Number.MAX_SAFE_INTEGER),
  clock: z.string().regex(CLOCK_PATTERN),
  seen: z.array(lineId).max(16),
})
export type Stamp = z.infer<typeof stampSchema>

const spoken = { id: lineId, at: z.iso.datetime({ offset: true }), by: z.string().max(80).optional() }
const envelope = { ...spoken, ...stampSchema.shape, attachments: z.array(attachmentSchema).max(20).optional() }
/** several figures of one go share the name of their set */
const ofSet = { set: lineId.optional() }

export const WORK_STATES = ['live', 'proven-dead', 'discharged', 'zero-pressure'] as const
export type WorkState = typeof WORK_STATES[number]
export const FINDING_ROLES = ['failed', 'cause', 'also'] as const
export type FindingRole = typeof FINDING_ROLES[number]

/** The sheet as it was signed, with the version of the engine whose judgements it holds. */
export const sheetSchema = z.object({
  engine: z.string().max(40),
  entries: z.array(z.object({ head: text, text, found: text.optional(), left: text.optional() })).max(400),
})
export type SignedSheet = z.infer<typeof sheetSchema>

/** What each kind of line says, without who wrote it and where it stands. */
const BODIES = {
  'opened': z.object({ kind: z.literal('opened'), complaint: short, words: text, since: text.optional() }),
  'reading': z.object({
    kind: z.literal('reading'), test: short, value: z.number().nullable(), ol: z.boolean().optional(),
    /** half the width of what the meter swung over, in the value's unit */
    spread: z.number().nonnegative().optional(),
    ...ofSet, meter: short.optional(), asLeft: z.boolean().optional(), typed: text.optional(), without: text.optional(),
  }),
  'observation': z.object({ kind: z.literal('observation'), test: short, outcome: short, ...ofSet, asLeft: z.boolean().optional(), typed: text.optional(), without: text.optional() }),
  'state': z.object({ kind: z.literal('state'), to: z.enum(WORK_STATES), proof: z.array(z.number()).max(8).optional(), reason: text.optional() }),
  'part': z.object({
    kind: z.literal('part'), component: short, fault: short.optional(), off: text.optional(), on: text.optional(),
    number: text.optional(), from: z.enum(['van', 'ordered', 'site']).optional(), temporary: z.boolean().optional(),
  }),
  'repair': z.object({ kind: z.literal('repair'), component: short, fault: short.optional(), text }),
  'finding': z.object({ kind: z.literal('finding'), role: z.enum(FINDING_ROLES), about: short, text }),
  'skip': z.object({ kind: z.literal('skip'), test: short, reason: text }),
  'wait': z.object({ kind: z.literal('wait'), test: short, minutes: z.number().positive().max(1440) }),
  /** `photo` names a picture of a version 1 tab by its old id; since version 2 it is among the attachments */
  'photo': z.object({ kind: z.literal('photo'), photo: short.optional(), caption: text, width: z.number().int().positive().optional(), height: z.number().int().positive().optional() }),
  'note': z.object({ kind: z.literal('note'), text }),
  'strike': z.object({ kind: z.literal('strike'), line: lineId, reason: text }),
  'carried': z.object({ kind: z.literal('carried'), reason: text, bring: text.optional(), until: z.iso.date().optional() }),
  'resumed': z.object({ kind: z.literal('resumed') }),
  /** weighs a line that came after the tab had been settled, once the tab is open again */
  'taken-up': z.object({ kind: z.literal('taken-up'), line: lineId }),
  'follow-up': z.object({ kind: z.literal('follow-up'), text, due: z.iso.date() }),
  'advice': z.object({ kind: z.literal('advice'), text }),
  'settled': z.object({ kind: z.literal('settled'), summary: text, sheet: sheetSchema.optional() }),
} as const
export type LineKind = keyof typeof BODIES
export const LINE_KINDS = Object.keys(BODIES) as readonly LineKind[]

export type Envelope = z.infer<z.ZodObject<typeof envelope>>
export type Body = { [K in LineKind]: z.infer<typeof BODIES[K]> }[LineKind]
export type LineOf<K extends LineKind> = Envelope & z.infer<typeof BODIES[K]>
/** A line of a kind that this version knows. */
export type Line = { [K in LineKind]: LineOf<K> }[LineKind]
/** A line of a kind to come: kept and passed on whole, read by nobody here. */
export type ForeignLine = Envelope & { readonly kind: string }
export type AnyLine = Line | ForeignLine

/** A line without what only its writer knows: id, instant, person, place in the order. */
export type DraftLine = Body & { readonly attachments?: readonly Attachment[] }
/** A draft with its id and instant, as files of version 1 and hand-written ones have it. */
export type UnplacedLine = Body & { readonly id: string, readonly at: string, readonly by?: string | undefined, readonly attachments?: readonly Attachment[] }

export const isKnownKind = (kind: string): kind is LineKind => Object.hasOwn(BODIES, kind)
export const isKnownLine = (line: AnyLine): line is Line => isKnownKind(line.kind)

const whole = Object.fromEntries(LINE_KINDS.map(k => [k, z.object({ ...envelope, ...BODIES[k].shape })])) as unknown as Record<LineKind, z.ZodType>
const foreign = z.looseObject({ ...envelope, kind: z.string().min(1).max(60) })
const unplaced = Object.fromEntries(LINE_KINDS.map(k => [k, z.object({ ...spoken, attachments: envelope.attachments, ...BODIES[k].shape })])) as unknown as Record<LineKind, z.ZodType>
/** Of all lines that a file may hold, in or out of their place: for the published schema. */
export const writtenObjectSchema = z.union([...Object.values(whole), foreign, ...Object.values(unplaced)] as unknown as readonly [z.ZodType, z.ZodType])

/** The longest line, as JSON: text of every field at its limit fits several times over. */
export const MOST_LINE_LENGTH = 64_000

export type BadLine = { readonly code: 'bad-form', readonly facts: Readonly<Record<'id' | 'place' | 'why', string>> }

/** One line from a file, a request or a device's store. What it carries besides what is known here stays on it. */
export function parseLine(raw: unknown): Result<AnyLine, BadLine> {
  const kind = kindOf(raw)
  return parseAs(raw, isKnownKind(kind) ? whole[kind] : foreign)
}

/** A line as it stands in a file, with or without its place in the order. */
export function parseUnplaced(raw: unknown): Result<UnplacedLine, BadLine> {
  const kind = kindOf(raw)
  if (!isKnownKind(kind)) return badForm(raw, 'kind', kind ? `“${kind}” is no kind of line that can be written without its device and clock` : 'it is missing')
  return parseAs(raw, unplaced[kind])
}

export const isPlaced = (raw: unknown): boolean => typeof raw === 'object' && raw !== null && 'clock' in raw

function parseAs<T>(raw: unknown, schema: z.ZodType): Result<T, BadLine> {
  const parsed = schema.safeParse(raw)
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!
    return badForm(raw, issue.path.join(' › ') || 'the line', issue.message.includes('received undefined') ? 'it is missing' : issue.message.replace(/^Invalid input: /, ''))
  }
  const length = JSON.stringify(raw).length
  if (length > MOST_LINE_LENGTH) return badForm(raw, 'the line', `it has ${length} characters, and ${MOST_LINE_LENGTH} is the most`)
  return ok(raw as T)
}

const kindOf = (raw: unknown): string => typeof raw === 'object' && raw !== null && typeof (raw as { kind?: unknown }).kind === 'string' ? (raw as { kind: string }).kind : ''

function badForm(raw: unknown, place: string, why: string): Result<never, BadLine> {
  const id = (raw as { id?: unknown } | null | undefined)?.id
  return { ok: false, problem: { code: 'bad-form', facts: { id: typeof id === 'string' ? id.slice(0, 64) : '', place, why } } }
}
