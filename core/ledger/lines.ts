/**
 * Lines of the ledger: what the shop writes that belongs to no tab. Parts it lists, stock counted and moved, what is
 * known of a site, a system renamed or retired, the day's plan, what was loaded, how often something is checked. Only
 * ever added, in the envelope of a tab's line, so that a device keeps and sends them the same way.
 */
import { z } from 'zod'
import { fail, itemAt, ok, type Result } from '#core/foundation'
import { ATTRIBUTES, PART_TYPE_IDS } from '#core/parts'
import { TOKEN } from '#core/tags'
import { lineId, MOST_LINE_LENGTH, stampSchema, type Stamp } from '#core/tab'

export const LEDGER = 'ledger'
export const PLACES_OF_STOCK = ['van', 'shop'] as const
export type StockPlace = (typeof PLACES_OF_STOCK)[number]

/** What is known of a site, and in which order it is read on arrival: hazards before anything else. */
export const FACTS = [
  'hazard', 'access', 'key', 'panel', 'breaker', 'disconnect', 'contact', 'pays', 'tell', 'well', 'level', 'pump',
  'tank', 'switch', 'filter', 'water', 'note',
] as const
export type FactId = (typeof FACTS)[number]

/** What is looked at again and again (handbook §14). */
export const CHECKS = [
  'precharge', 'contacts', 'filter', 'insulation', 'amps', 'relief', 'tank', 'yield',
] as const
export type CheckId = (typeof CHECKS)[number]

/** Stands for every system, where a check's interval is the shop's rule. */
export const EVERY_SYSTEM = 'every-system'

const short = z.string().min(1).max(200)
const text = z.string().max(2000)
const id = z.string().min(6).max(64).regex(/^[\w-]+$/)
const count = z.number().int().min(0).max(100_000)
const some = z.number().int().min(1).max(100_000)
const money = z.number().min(0).max(1e7)
const day = z.iso.date()
const place = z.enum(PLACES_OF_STOCK)
const attributes = z.partialRecord(
  z.enum(Object.keys(ATTRIBUTES) as [keyof typeof ATTRIBUTES]), z.number().refine(Number.isFinite),
)

const BODIES = {
  /** a part as the shop lists it, whole: the last line of it holds */
  listed: z.object({
    kind: z.literal('listed'),
    part: id,
    type: z.enum(PART_TYPE_IDS as readonly [string, ...string[]]),
    name: short,
    number: z.string().max(80),
    /** in the shop's own words */
    maker: z.string().max(200).optional(),
    attributes: attributes.optional(),
    price: money.optional(),
    /** to fit it */
    minutes: z.number().min(0).max(10_000).optional(),
    /** years that it lasts */
    life: z.number().min(0).max(200).optional(),
    least: z.object({ van: count.optional(), shop: count.optional() }).optional(),
    gone: z.boolean().optional(),
  }),
  /** how many there are: everything before it is forgotten */
  counted: z.object({ kind: z.literal('counted'), part: id, place, count }),
  /** ordered adds to what is on order; brought comes in, from the order or from the other place; used goes */
  moved: z.object({
    kind: z.literal('moved'),
    part: id,
    do: z.enum(['ordered', 'brought', 'loaded', 'returned', 'used', 'cancelled']),
    count: some,
    place: place.optional(),
    tab: id.optional(),
    order: z.string().max(120).optional(),
  }),
  fact: z.object({ kind: z.literal('fact'), site: id, fact: z.enum(FACTS), text }),
  system: z.object({
    kind: z.literal('system'),
    system: id,
    name: short.optional(),
    location: text.optional(),
    site: id.optional(),
    /** the day; blank takes it back into service */
    retired: z.union([day, z.literal('')]).optional(),
  }),
  /** where an item of the plan stands: a tab, a follow-up, a check. A blank day takes it off */
  planned: z.object({
    kind: z.literal('planned'),
    item: short,
    day: z.union([day, z.literal('')]),
    person: z.string().max(80),
    /** between two others: any number between theirs */
    rank: z.number().refine(Number.isFinite),
  }),
  /** a label stuck on a system: its token opens it from then on, and so do those stuck on before it */
  tag: z.object({ kind: z.literal('tag'), system: id, token: z.string().regex(TOKEN) }),
  ticked: z.object({ kind: z.literal('ticked'), day, what: short, done: z.boolean() }),
  /** months between, of one system or of every one; nought: not at all */
  check: z.object({
    kind: z.literal('check'), system: id, check: z.enum(CHECKS), months: z.number().int().min(0).max(240),
  }),
  /** words that a hand has placed: heard from then on as this answer, or as the figure of this reading */
  saying: z.object({ kind: z.literal('saying'), words: short, test: short, outcome: short.optional() }),
  struck: z.object({ kind: z.literal('struck'), line: lineId, reason: text }),
} as const
export type LedgerKind = keyof typeof BODIES
export const LEDGER_KINDS = Object.keys(BODIES) as readonly LedgerKind[]

type BodyOf<K extends LedgerKind> = z.infer<(typeof BODIES)[K]>
export type LedgerDraft = { [K in LedgerKind]: BodyOf<K> }[LedgerKind]
type Written = Stamp & { readonly id: string, readonly at: string, readonly by?: string | undefined }
export type LedgerLine = { [K in LedgerKind]: Written & BodyOf<K> }[LedgerKind]
export type LedgerLineOf<K extends LedgerKind> = Written & BodyOf<K>
/** Of a kind to come: kept and passed on, read by nobody here. */
export type AnyLedgerLine = LedgerLine | (Written & { readonly kind: string })

const envelope = {
  id: lineId, at: z.iso.datetime({ offset: true }), by: z.string().max(80).optional(), ...stampSchema.shape,
}
const whole = Object.fromEntries(
  LEDGER_KINDS.map(k => [k, z.object({ ...envelope, ...BODIES[k].shape })]),
) as unknown as Record<LedgerKind, z.ZodType>
const foreign = z.looseObject({ ...envelope, kind: z.string().min(1).max(60) })

export const isLedgerLine = (line: AnyLedgerLine): line is LedgerLine => line.kind in BODIES

/** One line from outside: a bad one is refused alone. What it carries besides stays on it. */
export function parseLedgerLine(raw: unknown): Result<AnyLedgerLine> {
  const kind = (raw as { kind?: unknown } | null)?.kind
  const schema = typeof kind === 'string' && kind in BODIES ? whole[kind as LedgerKind] : foreign
  const parsed = schema.safeParse(raw)
  const told = (raw as { id?: unknown } | null)?.id
  const bad = (place: string, why: string) => fail('bad-form', { id: typeof told === 'string' ? told : '', place, why })
  const length = parsed.success ? JSON.stringify(raw).length : 0
  if (length > MOST_LINE_LENGTH)
    return bad('the line', `it has ${length} characters, and ${MOST_LINE_LENGTH} is the most`)
  if (parsed.success) return ok(raw as AnyLedgerLine)
  const issue = itemAt(parsed.error.issues, 0, 'issue')
  return bad(issue.path.join(' › ') || 'the line', issue.message)
}
