/**
 * `npm run recover -- NAME`: on the server's own machine, a link by which somebody chooses a passphrase anew. For an
 * owner who cannot sign in any more; everybody else asks the owner.
 */
import { sayProblem } from '#core/words'
import { attachmentsFolder, openFiles } from '../server/database/files'
import { openDatabase } from '../server/database/open'
import { recoveryLink } from '../server/services/people'
import { Refusal } from '../server/services/problems'

const name = process.argv.slice(2).join(' ').trim()
if (!name) {
  console.error('Say whose link: npm run recover -- NAME')
  process.exit(1)
}
const url = process.env.DATABASE_URL ?? 'file:data/keep-tab.db'
const { db, client } = await openDatabase(url, openFiles(attachmentsFolder(url)))
try {
  const word = await recoveryLink(db, name)
  const address = process.env.KEEP_TAB_ADDRESS ?? `http://localhost:${process.env.PORT ?? 4300}`
  console.log(`Within seven days, once: ${address}/join#${word}`)
}
catch (error) {
  if (!(error instanceof Refusal)) throw error
  console.error(`Nobody here is called “${name}”. ${sayProblem(error.problem)}`)
  process.exitCode = 1
}
client.close()
