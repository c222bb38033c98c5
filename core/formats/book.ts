/**
 * The open file of Keep Tab, version 1: sites with their systems, what is fitted, their tabs and lines.
 * Made to be written by hand too: figures may be text with a unit ("¾ hp", "180 ft", "130–156 µF" as two fields), lines may
 * be shorthand with a time in front ("10:44 line 238"). `anchor` is the day the file was laid to; loading may shift all days
 * by the difference to another day. Kept plain, so that the published JSON Schema says all of it.
 */
import { z } from 'zod'
import { lineSchema } from '#core/tab'

export const FORMAT = 'keep-tab'
export const VERSION = 1

const id = z.string().min(1).max(64)
const text = z.string().max(4000)

export const fittedSchema = z.strictObject({
  component: id, part: text, number: text.optional(), fitted: z.iso.date().optional(), removed: z.iso.date().optional(), why: text.optional(),
})

/** A line written short: "10:44 line 238", "+1 09:30 note …" for the next day; or a whole line. */
export const writtenLineSchema = z.union([z.string().max(2000), lineSchema])

/** A picture that a `photo` line names by its id. */
export const photoSchema = z.strictObject({ id, type: z.enum(['image/jpeg', 'image/png', 'image/webp']), base64: z.base64().max(2_700_000) })

export const tabSchema = z.strictObject({
  id: id.optional(),
  day: z.iso.date(),
  by: text.optional(),
  complaint: id,
  words: text,
  since: text.optional(),
  lines: z.array(writtenLineSchema).max(20000),
  photos: z.array(photoSchema).max(500).optional(),
})

export const systemSchema = z.strictObject({
  id: id.optional(),
  name: text,
  kind: id,
  location: text.optional(),
  installed: z.iso.date().optional(),
  nameplate: z.record(z.string(), z.union([z.number(), z.string()])).optional(),
  fitted: z.array(fittedSchema).optional(),
  tabs: z.array(tabSchema).optional(),
})

export const siteSchema = z.strictObject({
  id: id.optional(),
  name: text,
  place: text.optional(),
  contact: text.optional(),
  access: text.optional(),
  systems: z.array(systemSchema),
})

export const meterSchema = z.strictObject({ id, name: text, measures: text, accuracy: text.optional(), checked: z.iso.date().optional() })

export const bookSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  anchor: z.iso.date().optional(),
  company: text.optional(),
  meters: z.array(meterSchema).optional(),
  sites: z.array(siteSchema),
})

export type BookFile = z.infer<typeof bookSchema>
export type SiteFile = z.infer<typeof siteSchema>
export type SystemFile = z.infer<typeof systemSchema>
export type PhotoFile = z.infer<typeof photoSchema>
export type TabFile = z.infer<typeof tabSchema>

/** The JSON Schema (2020-12) published as docs/keep-tab.schema.json. */
export const bookJsonSchema = () => ({
  $id: 'keep-tab.schema.json', title: 'Keep Tab book, version 1',
  ...z.toJSONSchema(bookSchema, { target: 'draft-2020-12', io: 'input' }),
})
