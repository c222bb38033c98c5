import { spawn } from 'node:child_process'
import { emptyLog } from '../database/pragmas'
import { useOpenedDatabase } from '../database/use'
import { createOthers, LOOK_EVERY } from '../services/others'
import { endWatching } from '../services/watch'

const HOUR = 3600e3

/**
 * What goes on beside requests: another process's lines are told, a backup is made every so many hours
 * (KEEP_TAB_BACKUP_EVERY), and when the server is asked to stop its streams end at once.
 */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  void useOpenedDatabase().then(({ db }) => {
    const look = createOthers(db)
    setInterval(() => void look().catch(() => undefined), LOOK_EVERY).unref()
  }, () => undefined)
  const hours = Number(process.env.KEEP_TAB_BACKUP_EVERY)
  if (hours > 0) setInterval(backUp, hours * HOUR).unref()
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endWatching)
  nitro.hooks.hook('close', async () => {
    endWatching()
    await useOpenedDatabase().then(({ client }) => emptyLog(client)).catch(() => undefined)
  })
})

/** In a process of its own, so that no post waits for it. */
function backUp() {
  spawn(process.execPath, ['--import', 'tsx', 'scripts/backup.ts'], { stdio: 'inherit' })
    .on('error', error => console.error(`The backup could not begin: ${error.message}`))
}
