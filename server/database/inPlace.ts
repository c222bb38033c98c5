/**
 * Whether the book is still the file that was opened. SQLite goes on writing into a file that was deleted or moved
 * away; what is kept there is lost with the process, so nothing is acknowledged any more once it is gone. Moved back it
 * goes on. Another book in its place is opened by the next start, never by this process: the two would share the name
 * of their logs, and the native client lets go of a file only when its memory is collected.
 */
import { statSync } from 'node:fs'
import { fileOf } from './fileUrl'
import type { Database } from './types'

export class BookGone extends Error {
  constructor() {
    super('the book is not where it was')
  }
}

interface Place {
  readonly path: string
  readonly file: string
}
const places = new WeakMap<Database, Place>()

function fileAt(path: string): string | undefined {
  const found = statSync(path, { bigint: true, throwIfNoEntry: false })
  return found && `${found.dev} ${found.ino}`
}

/** @param url of what was opened just now; a remote one is left to its server */
export function notePlace(db: Database, url: string) {
  const path = fileOf(url)
  if (path === undefined || url.includes(':memory:')) return
  const file = fileAt(path)
  if (file) places.set(db, { path, file })
}

/** @throws BookGone where the file is gone, or another one */
export function demandInPlace(db: Database) {
  const place = places.get(db)
  if (place && fileAt(place.path) !== place.file) throw new BookGone()
}
