/**
 * The open file of Keep Tab, version 2: sites with their systems, what is fitted, their tabs and lines, the records
 * of nameplates and of the shop's practice. A book with pictures is an archive (archive.ts); version 1 is read too
 * (version1.ts). Made to be written by hand too: figures may be text with a unit ("¾ hp", "180 ft", "130–156 µF" as
 * two fields), lines may be shorthand with a time in front ("10:44 line 238") or objects without device and clock.
 * `anchor` is the day the file was laid to; loading may shift all days by the difference to another day. Kept plain,
 * so that the published JSON Schema says all of it.
 */
import { z } from 'zod'
import { CONTACTS, CUT_OFF_ADVICE, LEAK_DOWN_MINUTES, PROOF_CYCLES, SEALANTS } from '#core/systems'
import { SYSTEMS_OF_UNITS } from '#core/units'
import { writtenObjectSchema } from '#core/tab'
import type { Practice } from './practice'

export const FORMAT = 'keep-tab'
export const VERSION = 2

const id = z.string().min(1).max(64)
const text = z.string().max(4000)

export const fittedSchema = z.strictObject({
  component: id,
  part: text,
  number: text.optional(),
  fitted: z.iso.date().optional(),
  removed: z.iso.date().optional(),
  why: text.optional(),
})

/**
 * A line written short: "10:44 line 238", "+1 09:30 note …" for the next day; or a whole line, parsed one by one
 * (readTab.ts).
 */
export const writtenLineSchema = z.union([z.string().max(2000), z.looseObject({ kind: z.string() })])

export const tabSchema = z.strictObject({
  id: id.optional(),
  day: z.iso.date(),
  by: text.optional(),
  complaint: id,
  words: text,
  since: text.optional(),
  lines: z.array(writtenLineSchema).max(20000),
})

/** Figures and choices as people write them, by `component.field`. */
const plateSchema = z.record(z.string(), z.union([z.number(), z.string()]))

/** A nameplate as it was known from an instant on, and by whom. */
export const plateRecordSchema = z.strictObject({
  from: z.iso.datetime({ offset: true }),
  by: text.optional(),
  nameplate: plateSchema,
})

/** The shop's practice as files and requests write it. */
const unitSystem = z.enum(SYSTEMS_OF_UNITS)

/** What is left out is as usual. */
export const practiceSchema = z.strictObject({
  prechargeOffsetPsi: z.number().min(0).max(10),
  threadSealant: z.enum(SEALANTS).exactOptional(),
  burntContacts: z.enum(CONTACTS).exactOptional(),
  cutOffAdvice: z.enum(CUT_OFF_ADVICE).exactOptional(),
  proofCycles: z.literal(PROOF_CYCLES).exactOptional(),
  leakDownMinutes: z.literal(LEAK_DOWN_MINUTES).exactOptional(),
  hourRate: z.number().min(0).max(10_000).exactOptional(),
  units: z.strictObject({
    pressure: unitSystem.exactOptional(),
    flow: unitSystem.exactOptional(),
    length: unitSystem.exactOptional(),
    volume: unitSystem.exactOptional(),
  }).exactOptional(),
}) satisfies z.ZodType<Practice>

/** The shop's practice from an instant on. */
export const practiceRecordSchema = z.strictObject({
  from: z.iso.datetime({ offset: true }),
  by: text.optional(),
  practice: practiceSchema,
})

export const systemSchema = z.strictObject({
  id: id.optional(),
  name: text,
  kind: id,
  location: text.optional(),
  installed: z.iso.date().optional(),
  nameplate: plateSchema.optional(),
  plates: z.array(plateRecordSchema).max(2000).optional(),
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

export const meterSchema = z.strictObject({
  id,
  name: text,
  measures: text,
  accuracy: text.optional(),
  checked: z.iso.date().optional(),
})

/** Where the chain of each tab stood when the file was written, signed by the book it comes from. Not read back. */
export const sealSchema = z.strictObject({
  at: z.iso.datetime(),
  heads: z.record(z.string().max(64), z.string().max(64)),
  key: z.string().max(400),
  signature: z.string().max(200),
})

export const bookSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  anchor: z.iso.date().optional(),
  company: text.optional(),
  meters: z.array(meterSchema).optional(),
  practice: z.array(practiceRecordSchema).max(2000).optional(),
  sites: z.array(siteSchema),
  /** lines that belong to no tab: parts, stock, facts of sites, the plan; parsed one by one */
  ledger: z.array(z.looseObject({ kind: z.string(), id: z.string() })).max(1_000_000).optional(),
  seal: sealSchema.optional(),
})

export type BookFile = z.infer<typeof bookSchema>
export type SiteFile = z.infer<typeof siteSchema>
export type SystemFile = z.infer<typeof systemSchema>
export type PlateRecord = z.infer<typeof plateRecordSchema>
export type PracticeRecord = z.infer<typeof practiceRecordSchema>
export type TabFile = z.infer<typeof tabSchema>

/** The JSON Schema (2020-12) published as docs/keep-tab.schema.json: the file, with every line spelled out. */
export const bookJsonSchema = () => {
  const told = tabSchema.extend({
    lines: z.array(z.union([z.string().max(2000), writtenObjectSchema])).max(20000),
  })
  const site = siteSchema.extend({ systems: z.array(systemSchema.extend({ tabs: z.array(told).optional() })) })
  const whole = bookSchema.extend({ sites: z.array(site) })
  return {
    $id: 'keep-tab.schema.json',
    title: 'Keep Tab book, version 2',
    ...z.toJSONSchema(whole, { target: 'draft-2020-12', io: 'input', reused: 'ref' }),
  }
}
