/**
 * Loads the made-up company's books into a database, their days laid to today (or --today), through the importer
 * anyone's file takes.
 */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { sayProblem } from '#core/words'
import { attachmentsFolder, openFiles } from '../server/database/files'
import { openDatabase } from '../server/database/open'
import { importBook } from '../server/services/books'
import { addLedgerLines } from '../server/services/ledger'
import { Refusal } from '../server/services/problems'
import { listSites } from '../server/services/sites'
import { readToday } from '../server/services/today'
import { growBook } from './grow'
import { demoLedger } from './ledger'
import { addDemoPeople, DEMO_PASSPHRASE } from './people'

/** the last line of the books' own day is at eleven: before that, it was yesterday */
const DAY_ENDS = 11 * 3600e3
const BOOKS = fileURLToPath(new URL('./books', import.meta.url))

/**
 * @param today the day that the books' anchor is moved to, ISO date;
 * @param grown with three years at other sites besides, which take some seconds
 */
export async function loadDemo(
  url: string,
  today: string,
  grown = true,
): Promise<{ sites: number, systems: number, tabs: number, lines: number }> {
  const files = openFiles(attachmentsFolder(url))
  const { db, client } = await openDatabase(url, files)
  const sum = { sites: 0, systems: 0, tabs: 0, lines: 0 }
  const written = readdirSync(BOOKS).filter(f => f.endsWith('.json')).toSorted()
    .map(file => [file, readFileSync(join(BOOKS, file))] as const)
  const told = grown ? [['demo/grow.ts', new TextEncoder().encode(JSON.stringify(growBook()))] as const] : []
  for (const [file, bytes] of [...written, ...told]) {
    try {
      const count = await importBook(db, files, bytes, { layTo: today })
      for (const key of ['sites', 'systems', 'tabs', 'lines'] as const) sum[key] += count[key]
    }
    catch (error) {
      throw error instanceof Refusal ? new Error(`${file}: ${sayProblem(error.problem)}`) : error
    }
  }
  await addDemoPeople(db)
  const { sites: places } = await listSites(db)
  const { tabs } = await readToday(db, today)
  await addLedgerLines(db, demoLedger(
    today,
    name => places.find(s => s.name === name)?.id,
    words => tabs.find(t => t.words.startsWith(words))?.id,
    (site, name) => places.find(s => s.name === site)?.systems.find(y => y.name === name)?.id,
  ))
  client.close()
  return sum
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const option = (name: string) =>
    process.argv.includes(name) ? process.argv[process.argv.indexOf(name) + 1] : undefined
  const url = option('--database') ?? process.env.DATABASE_URL ?? 'file:data/demo.db'
  const sum = await loadDemo(url, option('--today') ?? new Date(Date.now() - DAY_ENDS).toISOString().slice(0, 10))
  console.log(
    `Demo data loaded: ${sum.sites} sites, ${sum.systems} systems, ${sum.tabs} tabs, ${sum.lines} lines.`,
  )
  console.log(`Its people sign in with the passphrase: ${DEMO_PASSPHRASE}`)
}
