/**
 * `npm run backup [-- TO]`: a backup of the running book into TO (KEEP_TAB_BACKUP_TO, or `backups`), held against its
 * chain before it counts. The newest KEEP_TAB_BACKUPS are kept, 14 unless told.
 */
import { existsSync } from 'node:fs'
import { attachmentsFolder, openFiles } from '../server/database/files'
import { openDatabase } from '../server/database/open'
import { backUp } from '../server/services/backup'
import { bookKey } from '../server/services/bookKey'

const url = process.env.DATABASE_URL ?? 'file:data/keep-tab.db'
const to = process.argv[2] ?? process.env.KEEP_TAB_BACKUP_TO ?? 'backups'
const file = url.slice('file:'.length).split('?')[0]!
if (!url.startsWith('file:') || !existsSync(file)) {
  console.error(`There is no local book at ${url} (DATABASE_URL): nothing was backed up.`)
  process.exit(1)
}
const { db, client } = await openDatabase(url, openFiles(attachmentsFolder(url)))
try {
  const most = Number(process.env.KEEP_TAB_BACKUPS) || 14
  const { place, lines, tabs, pictures, odd } = await backUp({ db, url, to, key: bookKey(url), most })
  console.log(`${lines} lines on ${tabs} tabs and ${pictures} pictures are in ${place}.`)
  if (odd.length > 0) console.log(`${odd.length} pictures have not come or are torn: ${odd.slice(0, 5).join(', ')}`)
}
catch (error) {
  console.error(`No backup was made: ${error instanceof Error ? error.message : String(error)}.`)
  process.exitCode = 1
}
client.close()
