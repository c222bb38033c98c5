/** How a line is written: the schema of each kind, without and with its place in the order. */
import { z } from 'zod'
import { CLOCK_PATTERN } from './clock'
import { FINDING_ROLES, LINE_KINDS, NUTS, STATIONS, TIMED, WORK_STATES, type LineKind } from './kinds'

const text = z.string().max(2000)
const short = z.string().min(1).max(200)
export const lineId = z
  .string()
  .min(8)
  .max(64)
  .regex(/^[\w-]+$/)
export const deviceId = z
  .string()
  .min(4)
  .max(80)
  .regex(/^[\w-]+$/)
export const contentHash = z.string().regex(/^[0-9a-f]{64}$/)

/** Something kept beside a line: named by the SHA-256 of its bytes. */
export const attachmentSchema = z.object({
  hash: contentHash,
  type: z.enum(['image/jpeg', 'image/png', 'image/webp', 'text/csv']),
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

/** The sheet as it was signed, with the version of the engine whose judgements it holds. */
export const sheetSchema = z.object({
  engine: z.string().max(40),
  entries: z.array(z.object({ head: text, text, found: text.optional(), left: text.optional() })).max(400),
})
export type SignedSheet = z.infer<typeof sheetSchema>

/** What each kind of line says, without who wrote it and where it stands. */
export const BODIES = {
  'opened': z.object({ kind: z.literal('opened'), complaint: short, words: text, since: text.optional() }),
  'reading': z.object({
    kind: z.literal('reading'),
    test: short,
    value: z.number().nullable(),
    ol: z.boolean().optional(),
    /** half the width of what the meter swung over, in the value's unit */
    spread: z.number().nonnegative().optional(),
    /** the figure is only a limit: it was over it, or under it */
    bound: z.enum(['over', 'under']).optional(),
    /** no figure was told, only how it was found: as it should be, or not; the value is null then */
    judged: z.enum(['usual', 'low', 'high']).optional(),
    ...ofSet,
    meter: short.optional(),
    asLeft: z.boolean().optional(),
    typed: text.optional(),
    without: text.optional(),
  }),
  'observation': z.object({
    kind: z.literal('observation'),
    test: short,
    outcome: short,
    ...ofSet,
    asLeft: z.boolean().optional(),
    typed: text.optional(),
    without: text.optional(),
  }),
  'state': z.object({
    kind: z.literal('state'),
    to: z.enum(WORK_STATES),
    proof: z.array(z.number()).max(8).optional(),
    reason: text.optional(),
  }),
  'part': z.object({
    kind: z.literal('part'),
    component: short,
    fault: short.optional(),
    off: text.optional(),
    on: text.optional(),
    number: text.optional(),
    from: z.enum(['van', 'ordered', 'site']).optional(),
    temporary: z.boolean().optional(),
  }),
  'repair': z.object({ kind: z.literal('repair'), component: short, fault: short.optional(), text }),
  'finding': z.object({ kind: z.literal('finding'), role: z.enum(FINDING_ROLES), about: short, text }),
  'skip': z.object({ kind: z.literal('skip'), test: short, reason: text }),
  'wait': z.object({ kind: z.literal('wait'), test: short, minutes: z.number().positive().max(1440) }),
  /** `photo` names a picture of a version 1 tab by its old id; since version 2 it is among the attachments */
  'photo': z.object({
    kind: z.literal('photo'),
    photo: short.optional(),
    caption: text,
    width: z.number().int().positive().optional(),
    height: z.number().int().positive().optional(),
  }),
  'note': z.object({ kind: z.literal('note'), text }),
  /** said, and not placed: kept, not weighed */
  'remark': z.object({ kind: z.literal('remark'), text }),
  'strike': z.object({ kind: z.literal('strike'), line: lineId, reason: text }),
  'carried': z.object({
    kind: z.literal('carried'),
    reason: text,
    bring: text.optional(),
    until: z.iso.date().optional(),
  }),
  'resumed': z.object({ kind: z.literal('resumed') }),
  /** weighs a line that came after the tab had been settled, once the tab is open again */
  'taken-up': z.object({ kind: z.literal('taken-up'), line: lineId }),
  /** a step of the plan, done or left out with a reason */
  'step': z.object({
    kind: z.literal('step'),
    station: z.enum(STATIONS),
    step: short,
    done: z.boolean(),
    reason: text.optional(),
  }),
  /** a conductor under a terminal, as it was found or as it is left; `off` takes it from there */
  'landed': z.object({
    kind: z.literal('landed'),
    part: short.optional(),
    terminal: short,
    colour: short,
    /** where it goes: the supply, the motor, ground, another terminal */
    to: short,
    as: z.enum(['found', 'left']).optional(),
    off: z.boolean().optional(),
    /** where the terminal is on a picture of the tab, in shares of its width and height */
    on: z.object({
      picture: short,
      x: z.number().min(0).max(1),
      y: z.number().min(0).max(1),
    }).optional(),
    typed: text.optional(),
  }),
  /** a nut of the switch, turned: clockwise counts up */
  'adjusted': z.object({
    kind: z.literal('adjusted'),
    component: short,
    nut: z.enum(NUTS),
    turns: z.number().min(-40).max(40),
    typed: text.optional(),
  }),
  /** what a stopwatch and a gauge showed: seconds, and pressure before and after where it was a hold, Pa */
  'timed': z.object({
    kind: z.literal('timed'),
    what: z.enum(TIMED),
    seconds: z.number().nonnegative(),
    from: z.number().optional(),
    to: z.number().optional(),
    typed: text.optional(),
  }),
  /** that something was proved, or was tried and does not hold */
  'proved': z.object({ kind: z.literal('proved'), what: short, holds: z.boolean(), text: text.optional() }),
  'follow-up': z.object({ kind: z.literal('follow-up'), text, due: z.iso.date() }),
  'advice': z.object({ kind: z.literal('advice'), text }),
  'settled': z.object({ kind: z.literal('settled'), summary: text, sheet: sheetSchema.optional() }),
} as const satisfies Record<LineKind, z.ZodType>

export type Envelope = z.infer<z.ZodObject<typeof envelope>>
export type BodyOf<K extends LineKind> = z.infer<(typeof BODIES)[K]>

export const whole = Object.fromEntries(
  LINE_KINDS.map(k => [k, z.object({ ...envelope, ...BODIES[k].shape })]),
) as unknown as Record<LineKind, z.ZodType>
export const foreign = z.looseObject({ ...envelope, kind: z.string().min(1).max(60) })
export const unplaced = Object.fromEntries(
  LINE_KINDS.map(k => [k, z.object({ ...spoken, attachments: envelope.attachments, ...BODIES[k].shape })]),
) as unknown as Record<LineKind, z.ZodType>
/** Of all lines that a file may hold, in or out of their place: for the published schema. */
export const writtenObjectSchema = z.union([
  ...Object.values(whole),
  foreign,
  ...Object.values(unplaced),
] as unknown as readonly [z.ZodType, z.ZodType])
