/**
 * A link by which another calendar reads the plan: signed with the book's own key for one person, so that nothing is
 * kept and nobody guesses it. It holds until that person is let go, or the book's key is made anew.
 */
import { createPublicKey, sign, verify, type KeyObject } from 'node:crypto'
import { and, eq } from 'drizzle-orm'
import { people } from '../database/schema'
import type { Database } from '../database/types'
import { Refusal } from './problems'

const said = (person: string) => Buffer.from(`calendar ${person}`)

export const makeCalendarWord = (key: KeyObject, person: string): string =>
  `${person}.${sign(null, said(person), key).toString('base64url')}`

/** @throws where the link was not made here, or its person is gone */
export async function admitCalendar(db: Database, key: KeyObject, word: string): Promise<void> {
  const [person = '', signature = ''] = word.split('.')
  const holds = verify(null, said(person), createPublicKey(key), Buffer.from(signature, 'base64url'))
  const [row] = holds
    ? await db.select({ id: people.id }).from(people).where(and(eq(people.id, person), eq(people.left, '')))
    : []
  if (!row) throw new Refusal(410, { code: 'link-spent', facts: {} })
}
