/** `npm run restore -- FROM`: a backup put back to where no book is (DATABASE_URL), held against its seal first. */
import { BackupTrouble, restore } from '../server/services/backup'

const [from] = process.argv.slice(2)
if (!from) {
  console.error('Say which backup: npm run restore -- FOLDER')
  process.exit(1)
}
try {
  const { place, lines, tabs, pictures } = await restore(from, process.env.DATABASE_URL ?? 'file:data/keep-tab.db')
  console.log(`${lines} lines on ${tabs} tabs and ${pictures} pictures are back, in ${place}.`)
  console.log('What was written after the backup comes back from the devices that wrote it.')
}
catch (error) {
  if (!(error instanceof BackupTrouble)) throw error
  console.error(`Nothing was restored: ${error.message}.`)
  process.exitCode = 1
}
