/** The demo's visitor: signed in as one of its technicians, and as whom they choose. Only `npm run demo` says so. */
import { eq } from 'drizzle-orm'
import type { PersonCard } from '#contracts'
import { people } from '../database/schema'
import type { Database } from '../database/types'
import { listPeople } from './people'
import { notFound } from './problems'
import { beginSession, knownAs, type Begun } from './sessions'

const DEVICE = 'a visitor of the demo'
const begun = new WeakMap<Database, Promise<Begun | undefined>>()

/** @param name whom a visitor is at first: KEEP_TAB_DEMO */
export function demoSession(db: Database, name: string | undefined): Promise<Begun | undefined> {
  if (!name) return Promise.resolve(undefined)
  const known = begun.get(db)
  if (known) return known
  const mine = begin(db, name)
  begun.set(db, mine)
  return mine
}

async function begin(db: Database, name: string): Promise<Begun | undefined> {
  const [person] = await db.select().from(people).where(eq(people.known, knownAs(name)))
  return person && beginSession(db, person, { trusted: true, device: DEVICE, how: 'demo' })
}

/** Whom the visitor may be. */
export const demoPeople = async (db: Database, name: string | undefined): Promise<PersonCard[]> =>
  (name ? (await listPeople(db)).filter(p => p.joined && !p.left) : [])

export async function becomeInDemo(db: Database, id: string): Promise<Begun> {
  const [person] = await db.select().from(people).where(eq(people.id, id))
  if (!person || !person.secret || person.left) throw notFound('person')
  return beginSession(db, person, { trusted: true, device: DEVICE, how: 'demo' })
}
