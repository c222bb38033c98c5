/** What app and server say about the day, the shelf, the books and what is searched for. */
import { z } from 'zod'

const count = z.number().int().nonnegative()
const minutes = z.object({ isolate: z.number().optional(), mend: z.number().optional(), prove: z.number().optional() })
/** Where an item of the plan stands (core/ledger, `planned`). */
export const planned = z.object({ item: z.string(), day: z.string(), person: z.string(), rank: z.number() })
const stock = z.object({
  van: count, shop: count, onOrder: count, counted: z.object({ van: z.string(), shop: z.string() }),
})
export const listedPart = z.object({
  part: z.string(),
  type: z.string(),
  name: z.string(),
  number: z.string(),
  maker: z.string().optional(),
  attributes: z.record(z.string(), z.number()).optional(),
  price: z.number().optional(),
  minutes: z.number().optional(),
  life: z.number().optional(),
  least: z.object({ van: count.optional(), shop: count.optional() }).optional(),
  stock,
})
export const shelfReply = z.object({
  parts: z.array(listedPart),
  /** years that half of the shop's own lasted, by component */
  lives: z.record(z.string(), z.number()).default({}),
})

/** What to have on the van: asked for by a carried tab, or less than the shop wants there. */
export const toLoad = z.object({
  what: z.string(),
  text: z.string(),
  /** the tab that it is for; blank where the van itself lacks it */
  tab: z.string(),
  siteName: z.string(),
  part: z.string(),
  stock: stock.optional(),
  wanted: count,
})
/** A copy that an older program left on the device lacks them. */
export const dayParts = {
  /** minutes that such calls took, by kind of system: medians of the shop's own settled tabs */
  expected: z.record(z.string(), minutes).default({}),
  hazards: z.record(z.string(), z.array(z.string())).default({}),
  planned: z.array(planned).default([]),
  people: z.array(z.string()).default([]),
  ticked: z.array(z.string()).default([]),
  load: z.array(toLoad).default([]),
  /** what falls due on systems by the rules for checks, and the working day it is laid to */
  checks: z.array(z.object({
    system: z.string(), siteId: z.string(), siteName: z.string(), systemName: z.string(),
    checks: z.array(z.string()), due: z.string(), on: z.string(),
  })).default([]),
  /** months between checks by the shop's rule, where it has one */
  rules: z.record(z.string(), z.number()).default({}),
  /** systems whose cause was left open again and again */
  recurring: z.array(z.object({
    system: z.string(), systemName: z.string(), siteId: z.string(), siteName: z.string(), fault: z.string(),
    times: count, years: z.number(), closed: z.boolean(),
  })).default([]),
}

const share = z.object({
  count, of: count, share: z.number(), low: z.number(), high: z.number(), small: z.boolean(),
  tabs: z.array(z.string()),
})
/** The tabs behind a figure: the latest of them, where there are many. */
const counted = z.object({ about: z.string(), name: z.string(), count, tabs: z.array(z.string()) })
const step = z.object({
  age: z.number(), share: z.number(), low: z.number(), high: z.number(), atRisk: count, ended: count,
})
export const booksReply = z.object({
  calls: count,
  from: z.string(),
  to: z.string(),
  kinds: z.array(z.object({ id: z.string(), name: z.string() })),
  sites: z.array(z.object({ id: z.string(), name: z.string() })),
  people: z.array(z.string()),
  faults: z.array(counted.extend({
    share: share.omit({ tabs: true }), causes: z.array(counted), openCount: count,
    open: z.array(z.string()), minutes,
  })),
  tests: z.array(counted.extend({ closedCount: count, closed: z.array(z.string()) })),
  firstVisit: share,
  comebacks: share,
  causesOpen: share,
  minutes,
  lives: z.array(z.object({
    about: z.string(), name: z.string(), parts: count, ended: count, median: z.number().optional(),
    steps: z.array(step),
  })),
})
export const FOUND_KINDS = ['site', 'system', 'tab', 'part'] as const
export const searchReply = z.object({
  found: z.array(z.object({
    what: z.enum(FOUND_KINDS), about: z.string(), title: z.string(), detail: z.string(),
    /** the words around what was found, with what matched between ‹ and › */
    near: z.string(),
    /** where it is opened: a site's or a system's id */
    site: z.string(),
    siteName: z.string(),
  })),
})
/** Which settled tabs the books are of. */
export const booksQuery = z.object({
  kind: z.string().max(40).optional(),
  site: z.string().max(64).optional(),
  person: z.string().max(80).optional(),
  from: z.iso.date().optional(),
  to: z.iso.date().optional(),
})

export const SUM_TABLES = ['calls', 'faults', 'tests', 'lives', 'parts'] as const
/** Settled tabs by name, for the figure that they stand behind. */
export const callsReply = z.object({
  calls: z.array(z.object({
    tab: z.string(), words: z.string(), siteName: z.string(), day: z.string(), by: z.string(), failed: z.string(),
  })),
})
export const MOST_NAMED = 60

/** How often something is looked at on a system, when it was last, and when it is due. */
export const systemCheck = z.object({
  check: z.string(), months: count, last: z.string(), due: z.string(),
  /** whether the system has a rule of its own */
  own: z.boolean(), tests: z.array(z.string()),
})
/** A sheet by mail: a PDF in base 64, as the device has drawn it. */
export const postRequest = z.strictObject({
  to: z.email().max(200),
  subject: z.string().trim().min(1).max(200).regex(/^[^\r\n]*$/),
  text: z.string().max(5000),
  name: z.string().regex(/^[\p{L}\p{N}-]{1,90}\.pdf$/u),
  pdf: z.string().regex(/^JVBERi[A-Za-z0-9+/]*={0,2}$/),
})
export const deskQuery = z.object({ number: z.string().trim().min(1).max(80) })
export const orderRequest = z.strictObject({
  key: z.string().min(6).max(64), number: z.string().trim().min(1).max(80), count: z.number().int().min(1).max(1000),
})
/** What a supplier's desk says of a number: money, pieces, days. */
export const quoteReply = z.object({ number: z.string(), price: z.number(), available: z.number(), days: z.number() })
export const orderedReply = z.object({ order: z.string(), days: z.number() })
/** A link to the plan as a calendar feed. */
export const calendarLinkReply = z.object({ word: z.string() })
export const postReply = z.object({ told: z.string() })
/** Labels that are stuck on systems: what each opens. */
export const tagsReply = z.object({
  tags: z.array(z.object({
    token: z.string(), system: z.string(), systemName: z.string(), kind: z.string(), site: z.string(),
    siteName: z.string(),
  })),
})
/** What is known of a site: the line of the ledger that says it, when and by whom. */
export const siteFact = z.object({
  fact: z.string(), text: z.string(), at: z.string(), by: z.string().optional(),
})

type Said<S extends z.ZodType> = Readonly<z.infer<S>>
export type PlannedItem = Said<typeof planned>
export type ShelfPart = Said<typeof listedPart>
export type ShelfReply = Said<typeof shelfReply>
export type ToLoad = Said<typeof toLoad>
export type BooksReply = Said<typeof booksReply>
export type BooksQuery = Said<typeof booksQuery>
export type SearchReply = Said<typeof searchReply>
export type SystemCheck = Said<typeof systemCheck>
export type TagsReply = Said<typeof tagsReply>
export type SiteFact = Said<typeof siteFact>
export type CallsReply = Said<typeof callsReply>
