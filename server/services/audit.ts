/** The audit record: acts that are no line of a tab, who did them and when. It is only ever added to. */
import { desc, eq } from 'drizzle-orm'
import type { AuditReply } from '#contracts'
import type { Facts } from '#core/foundation'
import { audit } from '../database/schema'
import type { Database } from '../database/types'
import type { Work } from '../database/write'

export type Act
  = | 'signed-in' | 'sign-in-failed' | 'signed-out' | 'session-ended' | 'owner-link-made' | 'invited' | 'joined'
    | 'role-changed' | 'left' | 'recovery-link-made' | 'passkey-added' | 'site-added' | 'system-added'
    | 'nameplate-changed' | 'practice-changed'
    | 'imported' | 'exported' | 'forgot-learned' | 'sheet-link-made' | 'sheet-sent'
    | 'calendar-link-made' | 'part-ordered' | 'backed-up' | 'restored'

export const auditWork = (db: Database, who: string, act: Act, facts: Facts = {}): Work =>
  db.insert(audit).values({ at: new Date().toISOString(), who, act, facts })

/** When a backup was last made; blank where none was. */
export async function lastBackup(db: Database): Promise<string> {
  const [last] = await db.select({ at: audit.at }).from(audit).where(eq(audit.act, 'backed-up'))
    .orderBy(desc(audit.seq)).limit(1)
  return last?.at ?? ''
}

/** The latest first. */
export const readAudit = (db: Database, most = 1000): Promise<AuditReply> =>
  db.select().from(audit).orderBy(desc(audit.seq)).limit(Math.min(most, MOST_ACTS))
const MOST_ACTS = 1_000_000
