/** Tables. Lines are the record; tab status and fitted parts are projections of them, kept in the same transaction. */
import { blob, index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'

export const shop = sqliteTable('shop', { id: text().primaryKey(), company: text().notNull().default(''), /** instant from which settled tabs are counted */ learnedSince: text('learned_since').notNull().default('') })

/** Pictures kept with a tab; the line names one by its id. */
export const photos = sqliteTable('photos', {
  id: text().primaryKey(),
  tab: text().notNull().references(() => tabs.id),
  type: text().notNull(), bytes: blob({ mode: 'buffer' }).notNull(),
}, t => [index('photos_tab').on(t.tab)])

export const sites = sqliteTable('sites', {
  id: text().primaryKey(), name: text().notNull(), place: text().notNull().default(''), contact: text().notNull().default(''), access: text().notNull().default(''),
})

export const systems = sqliteTable('systems', {
  id: text().primaryKey(),
  site: text().notNull().references(() => sites.id),
  name: text().notNull(), kind: text().notNull(), location: text().notNull().default(''), installed: text(),
  nameplate: text({ mode: 'json' }).$type<Record<string, number>>().notNull(),
}, t => [index('systems_site').on(t.site)])

export const fitted = sqliteTable('fitted', {
  id: text().primaryKey(),
  system: text().notNull().references(() => systems.id),
  component: text().notNull(), part: text().notNull(), number: text().notNull().default(''), fitted: text(), removed: text(), why: text().notNull().default(''),
}, t => [index('fitted_system').on(t.system)])

export const tabs = sqliteTable('tabs', {
  id: text().primaryKey(),
  system: text().notNull().references(() => systems.id),
  openedAt: text().notNull(), status: text({ enum: ['open', 'carried', 'settled'] }).notNull(), complaint: text().notNull(), words: text().notNull(),
  note: text().notNull().default(''),
}, t => [index('tabs_system').on(t.system), index('tabs_status').on(t.status)])

export const lines = sqliteTable('lines', {
  seq: integer().primaryKey({ autoIncrement: true }),
  id: text().notNull().unique(),
  tab: text().notNull().references(() => tabs.id),
  at: text().notNull(), kind: text().notNull(), body: text().notNull(),
}, t => [index('lines_tab').on(t.tab, t.seq), index('lines_kind').on(t.kind)])

export const partsUsed = sqliteTable('parts_used', {
  line: text().primaryKey(),
  system: text().notNull().references(() => systems.id),
  component: text().notNull(), off: text().notNull().default(''), on: text().notNull().default(''), number: text().notNull().default(''), at: text().notNull(),
}, t => [index('parts_system').on(t.system)])

export const meters = sqliteTable('meters', {
  id: text().primaryKey(), name: text().notNull(), measures: text().notNull(), accuracy: text().notNull().default(''), checked: text(),
})
