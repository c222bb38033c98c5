/**
 * `npm run proposals [-- KIND…]`: what is proposed first for each complaint on each kind, before a line is written.
 * Read them as a master would: is it what one looks at first?
 */
import { requireOk } from '#core/foundation'
import { isolate } from '#core/isolation'
import { prepareKept } from '../prepared'
import { isKindId, KIND_IDS, kindFor } from '#core/systems'
import { createWriter, foldTab } from '#core/tab'

const MOST = 3
const named = process.argv.slice(2).filter(isKindId)
for (const id of named.length > 0 ? named : KIND_IDS) {
  const tables = requireOk(prepareKept(id, {}))
  const kind = kindFor(id, {})
  console.log(`\n${kind.name}`)
  for (const complaint of kind.complaints) {
    const write = createWriter('proposals')
    const at = '2026-06-15T08:00:00.000Z'
    const opened = write({ kind: 'opened', complaint, words: '', id: 'line-opened', at })
    const { next } = isolate(tables, foldTab(kind, [opened]))
    const say = next.slice(0, MOST).map(t => `${t.title} (${t.minutes} min)`)
    console.log(`  ${complaint.padEnd(16)} ${say.join(' · ')}`)
  }
}
