/** Who asks, and what each role may. A session's word travels in a cookie that scripts cannot read. */
import type { H3Event } from 'h3'
import type { Role } from '#contracts'
import type { AnyLine } from '#core/tab'
import type { Database } from '../database/types'
import { demoSession } from '../services/demo'
import { Refusal } from '../services/problems'
import { findWho, type Begun, type Who } from '../services/sessions'
import { connectionOf } from './connection'

/**
 * What a route is for: reading the book, writing on a tab, opening tabs and changing a system's facts, taking files in
 * and out, keeping the book itself.
 */
export const RIGHTS = {
  read: ['owner', 'technician', 'office'],
  write: ['owner', 'technician', 'office'],
  call: ['owner', 'technician'],
  papers: ['owner', 'office'],
  keep: ['owner'],
} as const satisfies Readonly<Record<string, readonly Role[]>>
export type Right = keyof typeof RIGHTS

export const mayDo = (role: Role, right: Right): boolean => (RIGHTS[right] as readonly Role[]).includes(role)

/** The office writes what it is asked to see to; what was measured and done is the technicians'. */
const OF_THE_OFFICE: ReadonlySet<string> = new Set(['note', 'remark', 'follow-up', 'advice'])
export const mayWriteLine = (role: Role) => (line: AnyLine): boolean =>
  mayDo(role, 'call') || OF_THE_OFFICE.has(line.kind)

const COOKIE = 'keep-tab-session'
/** Left by signing out: the demo does not sign its visitor in again. */
const OUT = 'out'

export async function whoAsks(db: Database, event: H3Event): Promise<Who | undefined> {
  const word = getCookie(event, COOKIE)
  if (word === OUT) return undefined
  const who = word ? await findWho(db, word) : undefined
  if (who) return who
  const demo = connectionOf(event).here ? await demoSession(db, process.env.KEEP_TAB_DEMO) : undefined
  if (demo) keepSession(event, demo)
  return demo?.who
}

export async function enter(db: Database, event: H3Event, right: Right): Promise<Who> {
  const who = await whoAsks(db, event)
  if (!who) throw new Refusal(401, { code: 'sign-in-first', facts: {} })
  if (!mayDo(who.role, right))
    throw new Refusal(403, { code: 'no-right', facts: { role: who.role, roles: RIGHTS[right].join(' or ') } })
  return who
}

/** Strict: no other site's page or link comes in with it. */
const options = (event: H3Event) =>
  ({ httpOnly: true, sameSite: 'strict', path: '/', secure: connectionOf(event).secure }) as const

export const keepSession = (event: H3Event, { word, until }: Begun) =>
  setCookie(event, COOKIE, word, { ...options(event), expires: new Date(until) })
export const dropSession = (event: H3Event) =>
  setCookie(event, COOKIE, OUT, { ...options(event), maxAge: 3600 })

/** A passphrase over a line that others can read is refused before it is looked at. */
export function refuseBare(event: H3Event) {
  const { secure, here } = connectionOf(event)
  if (!secure && !here) throw new Refusal(403, { code: 'needs-tls', facts: {} })
}
