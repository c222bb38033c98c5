/**
 * `npm run -s isolate -- FILE`: reads a book file, prints suspects, verdicts and next tests of every tab that is not
 * settled (or of all with --all) as JSON, with what was understood of each line.
 */
import { isolate } from '#core/isolation'
import { sayHeard } from './heard'
import { readTabs, stop } from './tabs'

const args = process.argv.slice(2)
const file = args.find(a => !a.startsWith('--')) ?? stop('Name a file: npm run -s isolate -- FILE [--all]')

const out = readTabs(file, args.includes('--all')).map(({ site, system, kind, tab, day, state, tables }) => {
  const { suspects, decision, mended, ...rest } = isolate(tables, state)
  return {
    site,
    system,
    kind: kind.id,
    tab,
    day,
    status: state.status,
    work: state.work,
    ended: state.ended,
    heard: sayHeard(kind, state),
    marks: Object.fromEntries(state.marks),
    suspects: suspects.filter(s => s.chance > 0.001),
    // once it was put right there is nothing left to decide
    decision: decision ?? mended,
    ...rest,
  }
})
process.stdout.write(`${JSON.stringify(out, null, 2)}\n`)
