import { randomUUID } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { setTimeout as wait } from 'node:timers/promises'
import { besideBook } from '../database/files'
import { handle, writeBytes } from '../http/handle'
import { limits } from '../http/limits'
import { askJob } from '../jobs/ask'
import { beginImport, readImport } from '../services/imports'
import { Refusal } from '../services/problems'

/** A book with its pictures. */
const MOST = 2 * 1024 * 1024 * 1024
/** A small one is waited for, ms. */
const PATIENCE = 8000

/** Takes in a file: put down whole first, then read in a thread. Answers once it is done, else how far it is. */
export default handle('papers', async ({ db, url, event, files, who }) => {
  limits.count('imports', who.session)
  const { layTo } = getQuery(event)
  const id = randomUUID()
  const path = besideBook(url, `incoming/${id}`)
  await mkdir(besideBook(url, 'incoming'), { recursive: true })
  try {
    await writeBytes(event, createWriteStream(path), MOST)
    await beginImport(db, id, {
      layTo: typeof layTo === 'string' ? layTo : undefined, session: who.session, sender: who.name,
    })
  }
  catch (error) {
    await rm(path, { force: true })
    if ((error as { code?: string }).code === 'ENOSPC') throw new Refusal(507, { code: 'disk-full', facts: {} })
    throw error
  }
  const going = askJob('import', { db, files, url }, { id, path })
    // what stops it stands beside it, and it is gone on with (server/plugins/running.ts)
    .catch((error: unknown) => console.error(`import ${id}: ${error instanceof Error ? error.message : ''}`))
  await Promise.race([going, wait(PATIENCE)])
  const told = await readImport(db, id)
  if (told.state === 'failed' && told.problem) throw new Refusal(422, told.problem)
  return told
})
