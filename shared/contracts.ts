/**
 * What the app and the server say to each other. Every answer is parsed by its schema: what does not fit is no answer
 * of this server.
 */
import { z } from 'zod'
import { practiceSchema } from '#core/formats'
import { readProblem } from '#core/foundation'
import { parseLine, type AnyLine } from '#core/tab'

import { dayParts, siteFact, systemCheck } from './record'

export * from './people'
export * from './record'

const id = z
  .string()
  .min(6)
  .max(64)
  .regex(/^[\w-]+$/)
const name = z.string().trim().min(1).max(120)
const text = z.string().max(2000)
const plate = z.record(z.string().max(60), z.union([z.string().max(60), z.number()]))

/** A header that only this application's own pages send: a form or a link of another page cannot. */
export const OWN_HEADER = 'x-keep-tab'
/** The most lines that are posted at once. */
export const MOST_LINES = 100
/** Pictures are sent in pieces of at most this many bytes. */
export const PIECE_BYTES = 128 * 1024

export const openTabRequest = z.strictObject({
  site: z.strictObject({
    id,
    name: name.optional(),
    place: text.optional(),
    contact: text.optional(),
    access: text.optional(),
  }),
  system: z.strictObject({
    id,
    name: name.optional(),
    kind: z.string().max(40).optional(),
    installed: z.iso.date().optional(),
    nameplate: plate.optional(),
  }),
  tab: z.strictObject({ id, opened: z.unknown() }),
})
export type OpenTabRequest = z.infer<typeof openTabRequest>

/** Lines are parsed one by one where they are kept: a bad one is refused alone. */
export const addLinesRequest = z.strictObject({ lines: z.array(z.unknown()).min(1).max(MOST_LINES) })
export const nameplateRequest = z.strictObject({ nameplate: plate })
export const practiceRequest = z.strictObject({ practice: practiceSchema })

const facts = z.record(z.string(), z.union([z.string(), z.number()]))
const written = z.object({ code: z.string(), facts })
const problem = written.transform(p => readProblem(p.code, p.facts))
/** A refusal of this server, and of nothing that may stand between. */
export const problemReply = written.extend({ from: z.literal('keep-tab') }).transform(p => readProblem(p.code, p.facts))
export type ProblemReply = z.infer<typeof problem>

export const healthReply = z.object({ ok: z.literal(true), now: z.string() })
export const openTabReply = z.object({ tab: z.string() })
export const refusedLine = z.object({ id: z.string(), problem })
export const addLinesReply = z.object({ kept: z.array(z.string()), refused: z.array(refusedLine) })
export const heldReply = z.object({ ranges: z.array(z.tuple([z.number(), z.number()])) })
export const attachmentProgress = z.object({ have: z.union([z.literal('all'), z.number()]) })
export const watchMessage = z.object({ tab: z.string(), lines: z.array(z.string()) })

const line = z.custom<AnyLine>(raw => parseLine(raw).ok)
/** A line as the server keeps it: its place in arrival, when it came and who sent it. */
const keptLine = z.object({ seq: z.number(), received: z.string(), sender: z.string().optional(), line })
/** One by one: a line that this version cannot read leaves the others readable. */
const keptLines = z.array(z.unknown()).transform(list =>
  list.flatMap((raw) => {
    const kept = keptLine.safeParse(raw)
    return kept.success ? [kept.data] : []
  }),
)
const siteCard = z.object({ id: z.string(), name: z.string(), place: z.string() })
const siteFile = siteCard.extend({ access: z.string(), contact: z.string() })
const systemCard = z.object({
  id: z.string(),
  site: z.string(),
  name: z.string(),
  kind: z.string(),
  location: z.string(),
  installed: z.string().nullable(),
  retired: z.string().default(''),
  nameplate: z.record(z.string(), z.number()),
})
const fittedPart = z.object({
  component: z.string(),
  part: z.string(),
  number: z.string(),
  fitted: z.string().nullable(),
  removed: z.string().nullable(),
  why: z.string(),
  /** years that such a part lasts: as the shop lists it, else half of the shop's own */
  life: z.number().optional(),
  lifeBy: z.enum(['shelf', 'books']).optional(),
})
const tabCard = z.object({
  id: z.string(),
  system: z.string(),
  openedAt: z.string(),
  status: z.enum(['open', 'carried', 'settled']),
  complaint: z.string(),
  words: z.string(),
  note: z.string(),
})
/** The settled call that a tab may come back from. */
const comeback = z.object({ tab: z.string(), words: z.string(), settledAt: z.string() })
/** Where a tab's chain stands, signed with the book's key. */
const record = z.object({ at: z.string(), head: z.string(), signature: z.string() })
/** Words that a hand has placed, with who placed them and when. */
const placedWords = z.object({
  id: z.string(), at: z.string(), by: z.string().optional(),
  words: z.string(), test: z.string(), outcome: z.string().optional(),
})
export const wordsReply = z.array(placedWords)
export const tabReply = z.object({
  tab: tabCard,
  record: record.optional(),
  comebackOf: comeback.optional(),
  site: siteFile,
  /** what is known of the site, hazards first */
  facts: z.array(siteFact).default([]),
  /** with the nameplate in force at the tab's time */
  system: systemCard,
  practice: practiceSchema,
  fitted: z.array(fittedPart),
  lines: keptLines,
  /** hashes of the pictures that have come */
  attachments: z.array(z.string()),
  /** settled tabs of this kind by the fault they ended in, since the shop last began to count */
  learned: z.record(z.string(), z.number()),
  sayings: wordsReply.default([]),
})
export const tabLinesReply = z.object({ tab: tabCard, lines: keptLines, attachments: z.array(z.string()) })
const listedTab = tabCard.extend({
  siteName: z.string(), systemName: z.string(), siteId: z.string(), kind: z.string().default(''),
})
const followUp = z.object({
  line: z.string().default(''),
  tab: z.string(),
  system: z.string().default(''),
  siteId: z.string().default(''),
  siteName: z.string(),
  systemName: z.string(),
  text: z.string(),
  due: z.string(),
})
export const todayReply = z.object({
  today: z.string(),
  company: z.string(),
  tabs: z.array(listedTab),
  followUps: z.array(followUp),
  bring: z.array(z.object({ tab: z.string(), siteName: z.string(), text: z.string() })),
  ...dayParts,
})
const listedSite = siteCard.extend({
  systems: z.array(z.object({
    id: z.string(), name: z.string(), kind: z.string(), retired: z.string().default(''),
  })),
  tabs: z.number(),
  open: z.number(),
})
/** A page of them, by name; what the next one begins after, where there is one. */
export const sitesReply = z.object({ sites: z.array(listedSite), next: z.string().optional() })
export const sitesQuery = z.object({
  seek: z.string().max(200).optional(),
  kind: z.string().max(40).optional(),
  after: z.string().max(400).optional(),
  most: z.coerce.number().int().min(1).max(1000).optional(),
})
export const SITES_A_PAGE = 60
const toldTab = z.object({ tab: tabCard, lines: z.array(line) })
/** Its newest tabs; `older` pages of those before, the oldest on page 0, are asked for one by one. */
export const siteReply = z.object({
  site: siteFile,
  older: z.number().default(0),
  /** others of the same name: opened twice, as on two devices without a signal */
  alike: z.array(siteCard).default([]),
  facts: z.array(siteFact).default([]),
  systems: z.array(
    z.object({
      system: systemCard,
      fitted: z.array(fittedPart),
      checks: z.array(systemCheck).default([]),
      /** its latest tag */
      token: z.string().optional(),
      tabs: z.array(toldTab),
    }),
  ),
})
export const TABS_A_PAGE = 30
export const olderTabsQuery = z.object({ page: z.coerce.number().int().min(0).max(100_000).default(0) })
export const olderTabsReply = z.object({ tabs: z.array(toldTab) })
export const systemReply = systemCard
const importCounts = {
  sites: z.number(),
  systems: z.number(),
  tabs: z.number(),
  lines: z.number(),
  already: z.number(),
  /** what of the file stayed out, since its number is another's here */
  refused: z.array(z.string()),
}
/** A file that is taken in: done, or how far it is. */
export const importReply = z.object({
  ...importCounts,
  id: z.string(),
  state: z.enum(['staging', 'applying', 'done', 'failed', 'cancelled']),
  total: z.number(),
  done: z.number(),
  problem: problem.optional(),
})
export const learnedReply = z.object({
  since: z.string(),
  kinds: z.array(z.object({ kind: z.string(), tabs: z.number(), counts: z.record(z.string(), z.number()) })),
})
export const practicesReply = z.array(
  z.object({ from: z.string(), by: z.string().optional(), practice: practiceSchema }),
)

type Said<S extends z.ZodType> = Readonly<z.infer<S>>
export type AddLinesReply = { readonly kept: readonly string[], readonly refused: readonly RefusedLine[] }
export type RefusedLine = Said<typeof refusedLine>
export type AttachmentProgress = Said<typeof attachmentProgress>
export type KeptLine = Said<typeof keptLine>
export type SiteCard = Said<typeof siteCard>
export type SystemCard = Said<typeof systemCard>
export type FittedPart = Said<typeof fittedPart>
export type TabCard = Said<typeof tabCard>
export type PlacedWords = Said<typeof placedWords>
export type TabReply = Said<typeof tabReply>
export type TabLinesReply = Said<typeof tabLinesReply>
export type LearnedReply = Said<typeof learnedReply>
export type ListedTab = Said<typeof listedTab>
export type FollowUp = Said<typeof followUp>
export type TodayReply = Said<typeof todayReply>
export type SitesQuery = Said<typeof sitesQuery>
export type SitesReply = Said<typeof sitesReply>
export type ListedSite = Said<typeof listedSite>
export type SiteReply = Said<typeof siteReply>
export type OlderTabsReply = Said<typeof olderTabsReply>
export type ImportCounts = Readonly<z.infer<z.ZodObject<typeof importCounts>>>
export type ImportReply = Said<typeof importReply>
