/** Sessions: who is signed in on which device, until when. The cookie holds a random word, the table its hash. */
import { and, desc, eq, gt } from 'drizzle-orm'
import type { Role, SessionCard } from '#contracts'
import { people, sessions } from '../database/schema'
import type { Database } from '../database/types'
import { write } from '../database/write'
import { auditWork } from './audit'
import { notFound, Refusal } from './problems'
import { checkPassphrase, hashWord, makeWord } from './secrets'

export interface Who {
  readonly session: string
  readonly person: string
  readonly name: string
  readonly role: Role
}
export interface Begun {
  /** what the cookie holds */
  readonly word: string
  readonly until: string
  readonly who: Who
}

/** A device that is trusted stays signed in; another for a working day. Days. */
const [TRUSTED, OTHER] = [90, 0.5]
/** `seen` is written at most so often, ms. */
const SEEN_EVERY = 3600e3

export const knownAs = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase()

export async function signIn(
  db: Database,
  { name, passphrase, trusted, device }: {
    readonly name: string
    readonly passphrase: string
    readonly trusted: boolean
    readonly device: string
  },
): Promise<Begun> {
  const [person] = await db.select().from(people).where(eq(people.known, knownAs(name)))
  const holds = await checkPassphrase(passphrase, person?.left ? '' : person?.secret)
  if (!holds || !person) {
    // the name as it was typed may be a passphrase: only one that somebody has is written down
    await write(db, [auditWork(db, person?.name ?? 'nobody known', 'sign-in-failed')])
    throw new Refusal(401, { code: 'wrong-sign-in', facts: {} })
  }
  return beginSession(db, person, { trusted, device })
}

/** @param how `passkey`, `link` or nothing for a passphrase */
export async function beginSession(
  db: Database,
  { id, name, role }: { readonly id: string, readonly name: string, readonly role: Role },
  { trusted, device, how = 'passphrase' }: {
    readonly trusted: boolean
    readonly device: string
    readonly how?: string
  },
): Promise<Begun> {
  const [word, now] = [makeWord(), Date.now()]
  const session = hashWord(word)
  const until = new Date(now + (trusted ? TRUSTED : OTHER) * 86400e3).toISOString()
  const made = new Date(now).toISOString()
  await write(db, [
    db.insert(sessions).values({ id: session, person: id, device: device.slice(0, 120), made, seen: made, until }),
    auditWork(db, name, 'signed-in', { how, device: device.slice(0, 120) }),
  ])
  return { word, until, who: { session, person: id, name, role } }
}

/** Who holds the word of a cookie, or nobody: ended, run out, left. */
export async function findWho(db: Database, word: string): Promise<Who | undefined> {
  const now = new Date().toISOString()
  const session = hashWord(word)
  const [row] = await db.select().from(sessions).innerJoin(people, eq(people.id, sessions.person))
    .where(and(eq(sessions.id, session), eq(sessions.ended, ''), gt(sessions.until, now), eq(people.left, '')))
  if (!row) return undefined
  if (Date.parse(now) - Date.parse(row.sessions.seen) > SEEN_EVERY)
    await write(db, [db.update(sessions).set({ seen: now }).where(eq(sessions.id, session))]).catch(() => undefined)
  const { id: person, name, role } = row.people
  return { session, person, name, role }
}

/** Sessions in force: one's own, or everybody's. */
export async function listSessions(db: Database, own: Who, everybody: boolean): Promise<SessionCard[]> {
  const rows = await db.select().from(sessions).innerJoin(people, eq(people.id, sessions.person))
    .where(and(eq(sessions.ended, ''), gt(sessions.until, new Date().toISOString()))).orderBy(desc(sessions.seen))
  return rows.filter(r => everybody || r.people.id === own.person).map(({ sessions: s, people: p }) => ({
    id: s.id, name: p.name, device: s.device, seen: s.seen, until: s.until, here: s.id === own.session,
  }))
}

/** One's own session, or with the right to it anybody's. */
export async function endSession(db: Database, own: Who, id: string, anybody: boolean): Promise<void> {
  const [row] = await db.select().from(sessions).innerJoin(people, eq(people.id, sessions.person))
    .where(eq(sessions.id, id))
  if (!row || (row.people.id !== own.person && !anybody)) throw notFound('session')
  await write(db, [
    db.update(sessions).set({ ended: new Date().toISOString() }).where(eq(sessions.id, id)),
    auditWork(db, own.name, id === own.session ? 'signed-out' : 'session-ended', { of: row.people.name }),
  ])
}
