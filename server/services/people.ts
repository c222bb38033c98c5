/** People and their roles: the first owner, invitations, links that make a passphrase anew, leaving. */
import { and, eq, gt, ne } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import type { InviteReply, PersonCard, Role } from '#contracts'
import { invites, people, sessions } from '../database/schema'
import { isUnowned } from '../database/owned'
import type { Database } from '../database/types'
import { write, type Work } from '../database/write'
import { auditWork } from './audit'
import { notFound, Refusal } from './problems'
import { hashPassphrase, hashWord, isWeak, LEAST_PASSPHRASE, makeWord } from './secrets'
import { knownAs, type Who } from './sessions'

/** How long a link may wait, days. */
const LINK_DAYS = 7
const OWNER = 'Owner'

export async function listPeople(db: Database): Promise<PersonCard[]> {
  const rows = await db.select().from(people).orderBy(people.name)
  return rows.map(({ id, name, role, secret, left }) => ({ id, name, role, joined: secret !== '', left }))
}

/** The link that makes the first owner: made anew at each start until somebody has joined by it. */
export async function firstLink(db: Database): Promise<string | undefined> {
  if (!(await isUnowned(db))) return undefined
  const [waiting] = await db.select().from(people).where(eq(people.role, 'owner'))
  const { person, work } = waiting ? { person: waiting.id, work: [] } : newPerson(db, OWNER, 'owner')
  return linkFor(db, person, [...work, auditWork(db, 'the server', 'owner-link-made')])
}

/** For an owner who cannot sign in any more: made by a command on the server. */
export async function recoveryLink(db: Database, name: string): Promise<string> {
  const [person] = await db.select().from(people).where(eq(people.known, knownAs(name)))
  if (!person || person.left) throw notFound('person')
  return linkFor(db, person.id, [auditWork(db, 'the server', 'recovery-link-made', { for: person.name })])
}

export async function invite(db: Database, by: Who, name: string, role: Role): Promise<InviteReply> {
  await refuseTaken(db, name)
  const { person, work } = newPerson(db, name, role)
  return { word: await linkFor(db, person, [...work, auditWork(db, by.name, 'invited', { name, role })]) }
}

/** Another link for somebody: the first was lost, or the passphrase was. */
export async function inviteAgain(db: Database, by: Who, id: string): Promise<InviteReply> {
  const person = await findPerson(db, id)
  return { word: await linkFor(db, id, [auditWork(db, by.name, 'recovery-link-made', { for: person.name })]) }
}

function newPerson(db: Database, name: string, role: Role): { person: string, work: Work[] } {
  const person = uuid()
  const made = new Date().toISOString()
  const row = { id: person, name: name.trim(), known: knownAs(name), role, made }
  return { person, work: [db.insert(people).values(row)] }
}

/** Older links of the same person are spent. */
async function linkFor(db: Database, person: string, work: readonly Work[]): Promise<string> {
  const [word, now] = [makeWord(), Date.now()]
  const made = new Date(now).toISOString()
  await write(db, [
    ...work,
    db.update(invites).set({ used: made }).where(and(eq(invites.person, person), eq(invites.used, ''))),
    db.insert(invites).values({
      id: hashWord(word), person, made, until: new Date(now + LINK_DAYS * 86400e3).toISOString(),
    }),
  ])
  return word
}

/** Whose link it is. */
export async function readLink(db: Database, word: string): Promise<PersonCard> {
  const [row] = await db.select().from(invites).innerJoin(people, eq(people.id, invites.person))
    .where(and(eq(invites.id, hashWord(word)), eq(invites.used, ''), gt(invites.until, new Date().toISOString())))
  if (!row || row.people.left) throw new Refusal(410, { code: 'link-spent', facts: {} })
  const { id, name, role, secret } = row.people
  return { id, name, role, joined: secret !== '', left: '' }
}

/** Takes up a link: name and passphrase; every older session of that person ends. */
export async function join(db: Database, word: string, name: string, passphrase: string): Promise<PersonCard> {
  const person = await readLink(db, word)
  if (isWeak(passphrase, name))
    throw new Refusal(422, { code: 'weak-passphrase', facts: { least: LEAST_PASSPHRASE } })
  await refuseTaken(db, name, person.id)
  const secret = await hashPassphrase(passphrase)
  const now = new Date().toISOString()
  await write(db, [
    db.update(people).set({ name: name.trim(), known: knownAs(name), secret }).where(eq(people.id, person.id)),
    db.update(invites).set({ used: now }).where(eq(invites.id, hashWord(word))),
    endAll(db, person.id, now),
    auditWork(db, name, 'joined', { role: person.role }),
  ])
  return { ...person, name: name.trim(), joined: true }
}

export async function changeRole(db: Database, by: Who, id: string, role: Role): Promise<void> {
  const person = await findPerson(db, id)
  if (role !== 'owner') await refuseLastOwner(db, id)
  await write(db, [
    db.update(people).set({ role }).where(eq(people.id, id)),
    auditWork(db, by.name, 'role-changed', { of: person.name, role }),
  ])
}

/** From now on this person signs in no more; what was written stays. */
export async function leave(db: Database, by: Who, id: string): Promise<void> {
  const person = await findPerson(db, id)
  await refuseLastOwner(db, id)
  const now = new Date().toISOString()
  await write(db, [
    db.update(people).set({ left: now }).where(eq(people.id, id)),
    endAll(db, id, now),
    auditWork(db, by.name, 'left', { name: person.name }),
  ])
}

const endAll = (db: Database, person: string, now: string): Work =>
  db.update(sessions).set({ ended: now }).where(and(eq(sessions.person, person), eq(sessions.ended, '')))

async function findPerson(db: Database, id: string) {
  const [person] = await db.select().from(people).where(eq(people.id, id))
  if (!person) throw notFound('person')
  return person
}

async function refuseTaken(db: Database, name: string, own?: string) {
  const [taken] = await db.select().from(people).where(eq(people.known, knownAs(name)))
  if (taken && taken.id !== own) throw new Refusal(409, { code: 'name-taken', facts: { name } })
}

async function refuseLastOwner(db: Database, id: string) {
  const owners = await db.select({ id: people.id }).from(people)
    .where(and(eq(people.role, 'owner'), eq(people.left, ''), ne(people.secret, '')))
  if (owners.length === 1 && owners[0]!.id === id) throw new Refusal(409, { code: 'last-owner', facts: {} })
}
