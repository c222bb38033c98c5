/** The made-up company's people, all with one passphrase that the demo says. */
import { v7 as uuid } from 'uuid'
import type { Role } from '#contracts'
import { people } from '../server/database/schema'
import type { Database } from '../server/database/types'
import { hashPassphrase } from '../server/services/secrets'
import { knownAs } from '../server/services/sessions'

export const DEMO_PASSPHRASE = 'tin roof and a kettle'
export const DEMO_VISITOR = 'R. Fennick'
export const DEMO_OWNER = 'E. Thornvale'
const PEOPLE: readonly (readonly [string, Role])[] = [
  [DEMO_OWNER, 'owner'], [DEMO_VISITOR, 'technician'], ['T. Oakhollow', 'technician'], ['S. Wrenfold', 'office'],
]

export async function addDemoPeople(db: Database): Promise<void> {
  const [secret, made] = [await hashPassphrase(DEMO_PASSPHRASE), new Date().toISOString()]
  await db.insert(people).values(PEOPLE.map(([name, role]) => ({
    id: uuid(), name, known: knownAs(name), role, secret, made,
  }))).onConflictDoNothing()
}
