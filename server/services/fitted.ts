/** What is fitted on a system: a part line takes the old piece off and puts the new one on. */
import { and, eq, isNull } from 'drizzle-orm'
import type { LineOf } from '#core/tab'
import type { Database } from '../database/open'
import { fitted } from '../database/schema'

export function fittedChanges(db: Database, system: string, line: LineOf<'part'>) {
  const day = line.at.slice(0, 10)
  const same = line.off ? and(eq(fitted.part, line.off)) : undefined
  return [
    ...(line.off ? [db.update(fitted).set({ removed: day, why: line.fault ?? '' }).where(and(eq(fitted.system, system), eq(fitted.component, line.component), isNull(fitted.removed), same))] : []),
    ...(line.on ? [db.insert(fitted).values({ id: line.id, system, component: line.component, part: line.on, number: line.number ?? '', fitted: day }).onConflictDoNothing()] : []),
  ]
}
