/** What app and server say about people, sessions, and acts on record. */
import { z } from 'zod'

export const ROLES = ['owner', 'technician', 'office'] as const
export type Role = (typeof ROLES)[number]

const name = z.string().trim().min(1).max(80)
/** How strong it must be is said by a refusal of its own. */
const passphrase = z.string().min(1).max(1024)
const word = z.string().regex(/^[\w-]{20,100}$/)
const role = z.enum(ROLES)

export const signInRequest = z.strictObject({ name, passphrase, trusted: z.boolean() })
export const inviteRequest = z.strictObject({ name, role })
export const roleRequest = z.strictObject({ role: z.enum([...ROLES, 'left']) })
export const joinRequest = z.strictObject({ word, name, passphrase, trusted: z.boolean() })
export const wordRequest = z.strictObject({ word })
/** What the browser's own dialog gave: read by the library. */
export const passkeyRequest = z.strictObject({
  response: z.looseObject({ id: z.string().max(1024) }),
  trusted: z.boolean().optional(),
})
export const demoRequest = z.strictObject({ person: z.string().max(64) })

const person = z.object({
  id: z.string(),
  name: z.string(),
  role,
  /** has a passphrase */
  joined: z.boolean(),
  /** since when no longer here; blank while here */
  left: z.string(),
})
export const personReply = person
export const peopleReply = z.array(person)
export const inviteReply = z.object({ word: z.string() })
export const meReply = z.object({
  me: z.object({ name: z.string(), role }).nullable(),
  /** the instant of the last backup: what was kept before it is safe elsewhere; blank where there is none */
  backedUpAt: z.string(),
  /** nobody has joined yet: the server's first words hold the owner's link */
  unowned: z.boolean(),
  /** whether signing in over this connection would show the passphrase */
  bare: z.boolean(),
  /** in the demo: whom its visitor may be */
  demo: z.array(person),
})
const session = z.object({
  id: z.string(),
  name: z.string(),
  device: z.string(),
  seen: z.string(),
  until: z.string(),
  /** the one that asks */
  here: z.boolean(),
})
export const sessionsReply = z.array(session)
const act = z.object({
  seq: z.number(),
  at: z.string(),
  who: z.string(),
  act: z.string(),
  facts: z.record(z.string(), z.union([z.string(), z.number()])),
})
export const auditReply = z.array(act)
/** What the browser's own dialog is asked with. */
export const passkeyOptions = z.looseObject({ challenge: z.string() })
/** A settled tab's sheet, for its customer. */
export const sheetReply = z.object({
  company: z.string(),
  site: z.string(),
  system: z.string(),
  openedAt: z.string(),
  settledAt: z.string(),
  by: z.string(),
  entries: z.array(z.object({
    head: z.string(), text: z.string(), found: z.string().optional(), left: z.string().optional(),
  })),
})
export type SheetReply = z.infer<typeof sheetReply>
export const doneReply = z.object({ done: z.literal(true) })

export type PersonCard = Readonly<z.infer<typeof person>>
export type SessionCard = Readonly<z.infer<typeof session>>
export type AuditReply = z.infer<typeof auditReply>
export type InviteReply = Readonly<z.infer<typeof inviteReply>>
export type MeReply = Readonly<z.infer<typeof meReply>>
