/**
 * Dated records: a system's nameplate and the shop's practice, from when on and by whom. A tab is judged by those in
 * force at its time: a settled one by those of its settlement, an open one by those of now.
 */
import { asc, desc, eq } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import {
  inForce,
  parseNameplate,
  USUAL_WRITTEN,
  type Practice,
  type PracticeRecord,
  type ReadPlate,
} from '#core/formats'
import { isKindId, reviewNameplate, type Nameplate } from '#core/systems'
import type { SystemCard } from '#contracts'
import type { Database } from '../database/open'
import { plates, practices, systems } from '../database/schema'
import { write } from '../database/write'
import { auditWork } from './audit'
import { notFound, Refusal } from './problems'

export interface Recorded {
  readonly from: string
  readonly by: string
}

/**
 * Takes written figures ("3/4 hp"); refuses the figure that it cannot read or that makes no sense, and changes
 * nothing then.
 */
export async function saveNameplate(
  db: Database,
  id: string,
  written: Readonly<Record<string, string | number>>,
  { from, by }: Recorded,
): Promise<SystemCard> {
  const [system] = await db.select().from(systems).where(eq(systems.id, id))
  if (!system) throw notFound('system')
  const nameplate = readNameplate(system.kind, written)
  await write(db, [
    db
      .insert(plates)
      .values({
        id: uuid(),
        system: id,
        from,
        by,
        recorded: new Date().toISOString(),
        nameplate: { ...nameplate },
      }),
    db
      .update(systems)
      .set({ nameplate: { ...nameplate } })
      .where(eq(systems.id, id)),
    auditWork(db, by, 'nameplate-changed', { system: id }),
  ])
  return { ...system, nameplate }
}

/** Written figures into SI, refused by name where they cannot be read or make no sense. */
export function readNameplate(kind: string, written: Readonly<Record<string, string | number>>): Nameplate {
  const parsed = parseNameplate(kind, written)
  if (!parsed.ok) throw new Refusal(422, parsed.problem)
  const reviewed = isKindId(kind) ? reviewNameplate(kind, parsed.value) : undefined
  if (reviewed && !reviewed.ok) throw new Refusal(422, reviewed.problem)
  return parsed.value
}

/** @param settledAt the instant of the settlement, or nothing while the tab is open */
export async function nameplateAt(
  db: Database,
  system: { readonly id: string, readonly nameplate: Nameplate },
  settledAt: string,
): Promise<Nameplate> {
  if (!settledAt) return system.nameplate
  const records = await db
    .select()
    .from(plates)
    .where(eq(plates.system, system.id))
    .orderBy(asc(plates.from), asc(plates.recorded))
  return (inForce(records, settledAt) ?? records[0])?.nameplate ?? system.nameplate
}

export async function practiceAt(db: Database, settledAt = ''): Promise<Practice> {
  if (!settledAt) {
    const [last] = await db
      .select()
      .from(practices)
      .orderBy(desc(practices.from), desc(practices.recorded))
      .limit(1)
    return last?.practice ?? USUAL_WRITTEN
  }
  const records = await db.select().from(practices).orderBy(asc(practices.from), asc(practices.recorded))
  return inForce(records, settledAt)?.practice ?? USUAL_WRITTEN
}

export async function savePractice(
  db: Database,
  practice: Practice,
  { from, by }: Recorded,
): Promise<PracticeRecord[]> {
  await write(db, [
    db.insert(practices).values({ id: uuid(), from, by, recorded: new Date().toISOString(), practice }),
    auditWork(db, by, 'practice-changed'),
  ])
  return readPractices(db)
}

export async function readPractices(db: Database): Promise<PracticeRecord[]> {
  const rows = await db.select().from(practices).orderBy(asc(practices.from), asc(practices.recorded))
  return rows.map(({ from, by, practice }) => ({ from, ...(by ? { by } : {}), practice }))
}

export async function readPlates(db: Database, system: string): Promise<ReadPlate[]> {
  const rows = await db
    .select()
    .from(plates)
    .where(eq(plates.system, system))
    .orderBy(asc(plates.from), asc(plates.recorded))
  return rows.map(({ from, by, nameplate }) => ({ from, ...(by ? { by } : {}), nameplate }))
}
