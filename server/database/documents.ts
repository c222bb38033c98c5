/** What search finds, one document each: written with what it tells of, indexed by the database itself. */
import { sql } from 'drizzle-orm'
import { documents } from './schema'
import type { Database } from './types'
import type { Work } from './write'

export type Document = Omit<typeof documents.$inferInsert, 'id'>

export const documentWork = (db: Database, document: Document): Work =>
  db.insert(documents).values(document).onConflictDoUpdate({
    target: documents.about,
    set: { title: document.title, detail: document.detail ?? '', words: document.words ?? '' },
    setWhere: sql`title <> excluded.title OR detail <> excluded.detail OR words <> excluded.words`,
  })

interface SiteWords { readonly id: string, readonly name: string, readonly place?: string, readonly contact?: string }
export const siteDocument = ({ id, name, place = '', contact = '' }: SiteWords, facts: readonly string[] = []) =>
  ({ what: 'site', about: id, title: name, detail: place, words: [contact, ...facts].join(' ') }) satisfies Document

interface SystemWords { readonly id: string, readonly name: string, readonly location?: string }
export const systemDocument = ({ id, name, location = '' }: SystemWords, site: string, parts: readonly string[] = []) =>
  ({ what: 'system', about: id, title: name, detail: site, words: [location, ...parts].join(' ') }) satisfies Document

interface PartWords { readonly part: string, readonly name: string, readonly number: string, readonly type: string }
export const partDocument = ({ part, name, number, type, maker = '' }: PartWords & { readonly maker?: string }) =>
  ({ what: 'part', about: part, title: name, detail: number, words: `${type} ${maker}` }) satisfies Document

/** @param words what was written on it, whole or what came first */
export const tabDocument = (id: string, opened: { readonly at: string, readonly words: string }, words: string) =>
  ({ what: 'tab', about: id, title: opened.words, detail: opened.at.slice(0, 10), words }) satisfies Document
