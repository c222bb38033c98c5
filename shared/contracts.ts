/** What the app and the server say to each other. No logic. */
import { z } from 'zod'
import { lineSchema, type Line } from '#core/tab'

const id = z.string().min(6).max(64).regex(/^[\w-]+$/)
const name = z.string().trim().min(1).max(120)
const text = z.string().max(2000)

export const openTabRequest = z.strictObject({
  site: z.strictObject({ id, name: name.optional(), place: text.optional(), contact: text.optional(), access: text.optional() }),
  system: z.strictObject({ id, name: name.optional(), kind: z.string().max(40).optional(), installed: z.iso.date().optional(), nameplate: z.record(z.string().max(60), z.union([z.string().max(60), z.number()])).optional() }),
  tab: z.strictObject({ id, opened: lineSchema }),
})
export type OpenTabRequest = z.infer<typeof openTabRequest>

export const addLinesRequest = z.strictObject({ lines: z.array(lineSchema).min(1).max(500) })
export type AddLinesRequest = z.infer<typeof addLinesRequest>

export const nameplateRequest = z.strictObject({ nameplate: z.record(z.string().max(60), z.union([z.string().max(60), z.number()])) })

export interface KeptLine { readonly seq: number, readonly line: Line }
export interface RefusedLine { readonly id: string, readonly problem: ProblemReply }
export interface AddLinesReply { readonly kept: readonly string[], readonly refused: readonly RefusedLine[] }
export interface ProblemReply { readonly code: string, readonly facts: Readonly<Record<string, string | number>> }

export interface SiteCard { readonly id: string, readonly name: string, readonly place: string }
export interface SystemCard { readonly id: string, readonly site: string, readonly name: string, readonly kind: string, readonly location: string, readonly installed: string | null, readonly nameplate: Readonly<Record<string, number>> }
export interface FittedPart { readonly component: string, readonly part: string, readonly number: string, readonly fitted: string | null, readonly removed: string | null, readonly why: string }
export interface TabCard { readonly id: string, readonly system: string, readonly openedAt: string, readonly status: 'open' | 'carried' | 'settled', readonly complaint: string, readonly words: string, readonly note: string }

export interface TabReply { readonly tab: TabCard, readonly site: SiteCard & { readonly access: string, readonly contact: string }, readonly system: SystemCard, readonly fitted: readonly FittedPart[], readonly lines: readonly KeptLine[], /** settled tabs of this kind by the fault they ended in, since the shop last began to count */ readonly learned: Readonly<Record<string, number>> }
export interface LearnedReply { readonly since: string, readonly kinds: readonly { readonly kind: string, readonly tabs: number, readonly counts: Readonly<Record<string, number>> }[] }
export interface ListedTab extends TabCard { readonly siteName: string, readonly systemName: string, readonly siteId: string }
export interface FollowUp { readonly tab: string, readonly siteName: string, readonly systemName: string, readonly text: string, readonly due: string }
export interface TodayReply { readonly today: string, readonly company: string, readonly tabs: readonly ListedTab[], readonly followUps: readonly FollowUp[], readonly bring: readonly { readonly tab: string, readonly siteName: string, readonly text: string }[] }
export interface ListedSite extends SiteCard { readonly systems: readonly { readonly id: string, readonly name: string, readonly kind: string }[], readonly tabs: number, readonly open: number }
export interface SiteReply { readonly site: SiteCard & { readonly access: string, readonly contact: string }, readonly systems: readonly { readonly system: SystemCard, readonly fitted: readonly FittedPart[], readonly tabs: readonly { readonly tab: TabCard, readonly lines: readonly Line[] }[] }[] }
export interface ImportReply { readonly sites: number, readonly systems: number, readonly tabs: number, readonly lines: number, readonly already: number }
