/** What is fitted on a system: a part line takes the old piece off and puts the new one on. */
import { and, eq, isNull } from 'drizzle-orm'
import type { LineOf } from '#core/tab'
import type { Database } from '../database/open'
import { fitted, partsUsed } from '../database/schema'

/** Undoes what a part line did, when that line is struck. */
export function fittedUndone(db: Database, system: string, line: LineOf<'part'>) {
  return [
    db.delete(fitted).where(eq(fitted.id, line.id)),
    db.delete(partsUsed).where(eq(partsUsed.line, line.id)),
    ...(line.off ? [db.update(fitted).set({ removed: null, why: '' }).where(and(eq(fitted.system, system), eq(fitted.component, line.component), eq(fitted.part, line.off), eq(fitted.removed, line.at.slice(0, 10))))] : []),
  ]
}

export function fittedChanges(db: Database, system: string, line: LineOf<'part'>) {
  const day = line.at.slice(0, 10)
  return [
    ...(line.off ? [db.update(fitted).set({ removed: day, why: line.fault ?? '' }).where(and(eq(fitted.system, system), eq(fitted.component, line.component), isNull(fitted.removed), eq(fitted.part, line.off)))] : []),
    ...(line.on ? [db.insert(fitted).values({ id: line.id, system, component: line.component, part: line.on, number: line.number ?? '', fitted: day }).onConflictDoNothing()] : []),
  ]
}
