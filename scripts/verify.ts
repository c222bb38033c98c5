/**
 * `npm run verify [-- HEAD]`: holds the book against its chain, names every line that was changed, moved or taken
 * away, and prints where each tab's chain stands. With a head from a sheet, an export or a backup it says where in the
 * book that head is. Ends with 1 where something is wrong.
 */
import { attachmentsFolder, openFiles } from '../server/database/files'
import { openDatabase } from '../server/database/open'
import { findHead, verifyBook, type BreakKind } from '../server/services/verify'

const WORDS: Readonly<Record<BreakKind, string>> = {
  changed: 'was changed after it was kept',
  missing: 'is gone: its link stands alone',
  moved: 'stands where it was not kept',
  unlinked: 'has no link: it was put in past the book',
}
const url = process.env.DATABASE_URL ?? 'file:data/keep-tab.db'
const [head] = process.argv.slice(2)
const { db, client } = await openDatabase(url, openFiles(attachmentsFolder(url)))
const started = performance.now()
const { tabs, lines, breaks, heads } = await verifyBook(db)
for (const b of breaks) console.log(`Tab ${b.tab}, place ${b.seq}: line ${b.line || '(unknown)'} ${WORDS[b.what]}.`)
if (head) {
  const found = await findHead(db, head)
  console.log(found
    ? `That head stands at line ${found.id ?? '(gone)'} of tab ${found.tab}, place ${found.seq}.`
    : 'That head is nowhere in this book: lines up to it are gone, or it is of another book.')
  if (!found) process.exitCode = 1
}
else {
  for (const [tab, at] of heads) console.log(`${tab} ${at}`)
}
const seconds = ((performance.now() - started) / 1000).toFixed(1)
console.log(`${lines} lines on ${tabs} tabs, ${breaks.length} not as they were kept, in ${seconds} s.`)
if (breaks.length > 0) process.exitCode = 1
client.close()
