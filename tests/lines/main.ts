/** `npm run lines [-- show] [-- KIND…]`: hears the labelled lines and prints how many are taken for what they are. */
import { isKindId } from '#core/systems'
import { judgeLine, readLines, type Outcome } from './read'

const wanted = process.argv.slice(2)
const kinds = wanted.filter(isKindId)
const lines = readLines().filter(l => kinds.length === 0 || kinds.includes(l.kind))
const judged = lines.map(line => ({ line, ...judgeLine(line) }))
if (wanted.includes('show'))
  for (const { line, outcome, heard } of judged)
    if (outcome !== 'right') console.log(`${outcome.padEnd(8)} ${line.kind} › ${line.said} → ${heard}`)
const share = (outcome: Outcome) => {
  const n = judged.filter(j => j.outcome === outcome).length
  return `${outcome} ${n} (${Math.round((100 * n) / judged.length)} %)`
}
const all: readonly Outcome[] = ['right', 'part', 'misheard', 'remark', 'asked']
console.log(`${judged.length} lines: ${all.map(share).join(', ')}`)
