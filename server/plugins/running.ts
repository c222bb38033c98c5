import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { readdir, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { besideBook } from '../database/files'
import { emptyLog } from '../database/pragmas'
import { useFiles, useOpenedDatabase } from '../database/use'
import type { Database } from '../database/types'
import { askJob, endJobs } from '../jobs/ask'
import { clearStaged, HELD, leftImports, unfinishedImports } from '../services/imports'
import { createOthers, LOOK_EVERY } from '../services/others'
import { endWatching } from '../services/watch'

const HOUR = 3600e3

/**
 * What goes on beside requests: another process's lines are told, a backup is made every so many hours
 * (KEEP_TAB_BACKUP_EVERY), and when the server is asked to stop its streams end at once.
 */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  void useOpenedDatabase().then(({ db, url }) => {
    goOn(db, url).catch((error: unknown) => console.error(`imports: ${error instanceof Error ? error.message : ''}`))
    const look = createOthers(db)
    setInterval(() => void look().catch(() => undefined), LOOK_EVERY).unref()
  }, () => undefined)
  const hours = Number(process.env.KEEP_TAB_BACKUP_EVERY)
  if (hours > 0) setInterval(backUp, hours * HOUR).unref()
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endWatching)
  nitro.hooks.hook('close', async () => {
    endWatching()
    endJobs()
    await useOpenedDatabase().then(({ client }) => emptyLog(client)).catch(() => undefined)
  })
})

/** What a process puts down beside the book for so long is nobody's any more, ms. */
const LEFT = HOUR

/**
 * Files whose taking in has stopped: with a server, or for want of room. One that another run has in hand is left to
 * it, and taken up once that has not been heard of.
 */
async function goOn(db: Database, url: string) {
  await tidy(besideBook(url, 'outgoing'), [])
  await tidy(besideBook(url, 'incoming'), await unfinishedImports(db))
  await clearStaged(db)
  for (;;) {
    // another machine's file is not here: it goes on there
    const left = (await leftImports(db)).filter(id => existsSync(besideBook(url, `incoming/${id}`)))
    for (const id of left)
      await askJob('import', { db, files: useFiles(), url }, { id, path: besideBook(url, `incoming/${id}`) })
        .catch((error: unknown) => console.error(`import ${id}: ${error instanceof Error ? error.message : ''}`))
    await wait(HELD / 4, undefined, { ref: false })
  }
}

async function tidy(folder: string, kept: readonly string[]) {
  for (const file of await readdir(folder).catch(() => [])) {
    const path = join(folder, file)
    const put = await stat(path).catch(() => undefined)
    if (put && !kept.includes(file) && put.mtimeMs < Date.now() - LEFT) await rm(path, { force: true })
  }
}

/** In a process of its own, so that no post waits for it. */
function backUp() {
  spawn(process.execPath, ['--import', 'tsx', 'scripts/backup.ts'], { stdio: 'inherit' })
    .on('error', error => console.error(`The backup could not begin: ${error.message}`))
}
