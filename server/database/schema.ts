/**
 * Tables. Lines are the record; what stands beside them (a tab's status, follow-ups, failures, parts used) is what
 * the fold of its lines gives, written in the lines' own transaction so that lists need not fold every tab.
 */
import { blob, index, integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import { ROLES } from '#contracts'
import type { SettledCall } from '#core/books'
import type { Facts } from '#core/foundation'
import type { ImportCounts } from '#contracts'
import type { Practice } from '#core/formats'

export const shop = sqliteTable('shop', {
  id: text().primaryKey(),
  company: text().notNull().default(''),
  /** instant from which settled tabs are counted */ learnedSince: text('learned_since').notNull().default(''),
})

/** The shop's practice from an instant on: recorded, never changed. */
export const practices = sqliteTable('practices', {
  id: text().primaryKey(),
  from: text().notNull(),
  by: text().notNull().default(''),
  recorded: text().notNull(),
  practice: text({ mode: 'json' }).$type<Practice>().notNull(),
})

export const sites = sqliteTable(
  'sites',
  {
    id: text().primaryKey(),
    name: text().notNull(),
    place: text().notNull().default(''),
    contact: text().notNull().default(''),
    access: text().notNull().default(''),
  },
  t => [index('sites_name').on(t.name, t.id)],
)

export const systems = sqliteTable(
  'systems',
  {
    id: text().primaryKey(),
    site: text()
      .notNull()
      .references(() => sites.id),
    name: text().notNull(),
    kind: text().notNull(),
    location: text().notNull().default(''),
    installed: text(),
    /** the day; blank while it is in service */
    retired: text().notNull().default(''),
    /** the nameplate in force now: the last of its records */
    nameplate: text({ mode: 'json' }).$type<Record<string, number>>().notNull(),
  },
  t => [index('systems_site').on(t.site)],
)

/** A system's nameplate and options as they were known from an instant on. */
export const plates = sqliteTable(
  'plates',
  {
    id: text().primaryKey(),
    system: text()
      .notNull()
      .references(() => systems.id),
    from: text().notNull(),
    by: text().notNull().default(''),
    recorded: text().notNull(),
    nameplate: text({ mode: 'json' }).$type<Record<string, number>>().notNull(),
  },
  t => [index('plates_system').on(t.system, t.from)],
)

/** What was fitted before there were lines of it, as files tell. */
export const fitted = sqliteTable(
  'fitted',
  {
    id: text().primaryKey(),
    system: text()
      .notNull()
      .references(() => systems.id),
    component: text().notNull(),
    part: text().notNull(),
    number: text().notNull().default(''),
    fitted: text(),
    removed: text(),
    why: text().notNull().default(''),
  },
  t => [index('fitted_system').on(t.system)],
)

export const tabs = sqliteTable(
  'tabs',
  {
    id: text().primaryKey(),
    system: text()
      .notNull()
      .references(() => systems.id),
    openedAt: text().notNull(),
    status: text({ enum: ['open', 'carried', 'settled'] }).notNull(),
    complaint: text().notNull(),
    words: text().notNull(),
    note: text().notNull().default(''),
    bring: text().notNull().default(''),
    settledAt: text('settled_at').notNull().default(''),
  },
  t => [index('tabs_system').on(t.system), index('tabs_status').on(t.status)],
)

export const lines = sqliteTable(
  'lines',
  {
    /** the order they were kept in; none is ever given twice, since lines never go */
    seq: integer().primaryKey(),
    id: text().notNull().unique(),
    tab: text()
      .notNull()
      .references(() => tabs.id),
    device: text().notNull(),
    counter: integer().notNull(),
    at: text().notNull(),
    kind: text().notNull(),
    body: text().notNull(),
  },
  t => [index('lines_of_tab').on(t.tab, t.seq), index('lines_of_device').on(t.device, t.counter)],
)

/** What the server adds to a line: when it came, and by whose session. */
export const receipts = sqliteTable('receipts', {
  seq: integer().primaryKey(),
  received: text().notNull(),
  session: text().notNull().default(''),
  /** who sent it, by name: another than the line's own claim where a device was handed over */
  sender: text().notNull().default(''),
})

/** The chain of a tab's stored lines, in order of arrival: each link over the one before and the line's bytes. */
export const links = sqliteTable(
  'links',
  {
    seq: integer().primaryKey(),
    tab: text().notNull(),
    /** the head before it, blank at the first: two cannot stand on one */
    prev: text().notNull(),
    head: text().notNull(),
  },
  t => [uniqueIndex('links_prev').on(t.tab, t.prev)],
)

export const people = sqliteTable('people', {
  id: text().primaryKey(),
  name: text().notNull(),
  /** the name as it is looked up: small letters, single spaces */
  known: text().notNull().unique(),
  role: text({ enum: ROLES }).notNull(),
  /** what the passphrase is checked by (secrets.ts); blank until it is chosen */
  secret: text().notNull().default(''),
  made: text().notNull(),
  /** from when on this person signs in no more */
  left: text().notNull().default(''),
})

export const sessions = sqliteTable(
  'sessions',
  {
    /** SHA-256 of what the cookie holds */
    id: text().primaryKey(),
    person: text().notNull().references(() => people.id),
    device: text().notNull().default(''),
    made: text().notNull(),
    seen: text().notNull(),
    until: text().notNull(),
    ended: text().notNull().default(''),
  },
  t => [index('sessions_person').on(t.person)],
)

/** One-time links: the first owner, people invited, a passphrase made anew. */
export const invites = sqliteTable('invites', {
  /** SHA-256 of what the link holds */
  id: text().primaryKey(),
  person: text().notNull().references(() => people.id),
  made: text().notNull(),
  until: text().notNull(),
  used: text().notNull().default(''),
})

export const passkeys = sqliteTable(
  'passkeys',
  {
    id: text().primaryKey(),
    person: text().notNull().references(() => people.id),
    publicKey: text('public_key').notNull(),
    counter: integer().notNull(),
    made: text().notNull(),
  },
  t => [index('passkeys_person').on(t.person)],
)

/** Acts that are no line of a tab: sign-in, invite, role, facts, import, export, restore, forget, settings. */
export const audit = sqliteTable('audit', {
  seq: integer().primaryKey({ autoIncrement: true }),
  at: text().notNull(),
  who: text().notNull(),
  act: text().notNull(),
  facts: text({ mode: 'json' }).$type<Readonly<Record<string, string | number>>>().notNull(),
})

/** Pictures by the hash of their bytes; the bytes are in the file store. */
export const attachments = sqliteTable('attachments', {
  hash: text().primaryKey(),
  type: text().notNull(),
  bytes: integer().notNull(),
  received: text().notNull(),
})
/** Names that version 1 gave to pictures. */
export const attachmentNames = sqliteTable('attachment_names', {
  name: text().primaryKey(),
  hash: text().notNull(),
})

export const followUps = sqliteTable(
  'follow_ups',
  {
    line: text().primaryKey(),
    tab: text()
      .notNull()
      .references(() => tabs.id),
    text: text().notNull(),
    due: text().notNull(),
  },
  t => [index('follow_ups_due').on(t.due), index('follow_ups_tab').on(t.tab)],
)

/** What settled tabs ended in, each fault once a tab. */
export const failures = sqliteTable(
  'failures',
  {
    tab: text()
      .notNull()
      .references(() => tabs.id),
    fault: text().notNull(),
    at: text().notNull(),
  },
  t => [primaryKey({ columns: [t.tab, t.fault] })],
)

export const partsUsed = sqliteTable(
  'parts_used',
  {
    line: text().primaryKey(),
    tab: text().notNull().default(''),
    system: text()
      .notNull()
      .references(() => systems.id),
    component: text().notNull(),
    off: text().notNull().default(''),
    on: text().notNull().default(''),
    number: text().notNull().default(''),
    why: text().notNull().default(''),
    at: text().notNull(),
    /** where the part came from: van, ordered, site */
    source: text().notNull().default(''),
  },
  t => [
    index('parts_system').on(t.system),
    index('parts_tab').on(t.tab),
    index('parts_number').on(t.number, t.source, t.at),
  ],
)

/** What each settled tab adds to the books (core/books). */
export const settledCalls = sqliteTable(
  'settled_calls',
  {
    tab: text()
      .primaryKey()
      .references(() => tabs.id),
    at: text().notNull(),
    call: text({ mode: 'json' }).$type<SettledCall>().notNull(),
  },
  t => [index('settled_calls_at').on(t.at)],
)

/** Lines that belong to no tab: parts listed, stock, facts of sites, the plan (core/ledger). */
export const ledger = sqliteTable(
  'ledger',
  {
    seq: integer().primaryKey(),
    id: text().notNull().unique(),
    device: text().notNull(),
    counter: integer().notNull(),
    at: text().notNull(),
    kind: text().notNull(),
    body: text().notNull(),
    received: text().notNull(),
    session: text().notNull().default(''),
    sender: text().notNull().default(''),
  },
  t => [index('ledger_device').on(t.device, t.counter), index('ledger_kind').on(t.kind)],
)

/** Of which kinds documents are. */
export const FOUND = ['site', 'system', 'tab', 'part'] as const
/** What can be searched for; the full-text index `found` is kept beside it by triggers (migration 0006). */
export const documents = sqliteTable('documents', {
  id: integer().primaryKey(),
  what: text({ enum: FOUND }).notNull(),
  about: text().notNull().unique(),
  title: text().notNull(),
  detail: text().notNull().default(''),
  words: text().notNull().default(''),
})

export const IMPORT_STATES = ['staging', 'applying', 'done', 'failed', 'cancelled'] as const
/** Files that are taken in: how far each is. The journal by which one goes on after a stop. */
export const imports = sqliteTable('imports', {
  id: text().primaryKey(),
  at: text().notNull(),
  sender: text().notNull().default(''),
  session: text().notNull().default(''),
  layTo: text('lay_to').notNull().default(''),
  state: text({ enum: IMPORT_STATES }).notNull(),
  /** pieces that there are, and those that are in the book */
  total: integer().notNull().default(0),
  done: integer().notNull().default(0),
  counts: text({ mode: 'json' }).$type<ImportCounts>().notNull(),
  problem: text({ mode: 'json' }).$type<{ readonly code: string, readonly facts: Facts }>(),
  /** which run has it in hand, and until when that is believed, ms since 1970 */
  holder: text().notNull().default(''),
  held: integer().notNull().default(0),
})
/** Pieces of a file that is being taken in: read by nobody else, gone once it is done. */
export const staged = sqliteTable(
  'staged',
  {
    import: text().notNull(),
    site: integer().notNull(),
    system: integer().notNull(),
    tab: integer().notNull(),
    body: text().notNull(),
  },
  t => [primaryKey({ columns: [t.import, t.site, t.system, t.tab] })],
)

export const meters = sqliteTable('meters', {
  id: text().primaryKey(),
  name: text().notNull(),
  measures: text().notNull(),
  accuracy: text().notNull().default(''),
  checked: text(),
})

/** Lines and pictures as version 1 kept them, until they have been read into the tables above (version1.ts). */
export const linesOfVersion1 = sqliteTable('lines_v1', {
  seq: integer().primaryKey(),
  id: text().notNull(),
  tab: text().notNull(),
  at: text().notNull(),
  kind: text().notNull(),
  body: text().notNull(),
})
export const photos = sqliteTable(
  'photos',
  {
    id: text().primaryKey(),
    tab: text()
      .notNull()
      .references(() => tabs.id),
    type: text().notNull(),
    bytes: blob({ mode: 'buffer' }).notNull(),
  },
  t => [index('photos_tab').on(t.tab)],
)
