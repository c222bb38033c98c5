/** `npm run -s isolate -- FILE`: reads a book file, prints suspects, verdicts and next tests of every tab that is not settled (or of all with --all) as JSON. */
import { readFileSync } from 'node:fs'
import { readBook } from '#core/formats'
import { isolate, prepareSystem } from '#core/isolation'
import { foldTab } from '#core/tab'
import { sayProblem } from '#core/words'

const args = process.argv.slice(2)
const file = args.find(a => !a.startsWith('--'))
if (!file) stop('Name a file: npm run -s isolate -- FILE [--all]')
const content = readOrStop(file!)
const book = readBook(content)
if (!book.ok) stop(sayProblem(book.problem))
else {
  const out = []
  for (const site of book.value.sites) {
    for (const system of site.systems) {
      const tables = prepareSystem(system.kind, system.nameplate)
      if (!tables.ok) {
        stop(`${site.name} › ${system.name}: ${sayProblem(tables.problem)}`)
        continue
      }
      for (const tab of system.tabs) {
        const state = foldTab(tab.lines)
        if (state.status === 'settled' && !args.includes('--all')) continue
        const { suspects, ...rest } = isolate(tables.value, state)
        out.push({ site: site.name, system: system.name, kind: system.kind, tab: tab.id, day: tab.day, status: state.status, suspects: suspects.filter(s => s.chance > 0.001), ...rest })
      }
    }
  }
  process.stdout.write(`${JSON.stringify(out, null, 2)}\n`)
}

function readOrStop(path: string): string {
  try {
    return readFileSync(path, 'utf8')
  }
  catch (error) {
    return stop(`${path} cannot be read: ${error instanceof Error ? error.message : 'unknown reason'}`)
  }
}

function stop(message: string): never {
  process.stderr.write(`${message}\n`)
  process.exit(2)
}
