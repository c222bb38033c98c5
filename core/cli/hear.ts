/**
 * `npm run -s hear -- KIND [LINE…]`: what each line means on a kind of system, one JSON object a line; lines come from
 * standard input where none is given. Ends with 2 for a kind that there is not.
 */
import { readFileSync } from 'node:fs'
import { hear, spokenAfter, type Spoken } from '#core/listening'
import { isKindId, KIND_IDS, kindFor } from '#core/systems'

const [id = '', ...given] = process.argv.slice(2)
if (!isKindId(id)) {
  process.stderr.write(`Name a kind: ${KIND_IDS.join(', ')}\n`)
  process.exit(2)
}
const kind = kindFor(id, {})
const lines = given.length > 0 ? given : readFileSync(0, 'utf8').split('\n').filter(l => l.trim())
let before: Spoken = {}
for (const said of lines) {
  const heard = hear(kind, said, { before })
  if (!heard.ok) {
    process.stdout.write(`${JSON.stringify({ said, problem: heard.problem })}\n`)
    continue
  }
  const { value } = heard
  const told = value.kind === 'lines' ? value.lines : value.kind === 'remark' ? [value.line] : []
  for (const line of told) before = spokenAfter(kind, before, line)
  process.stdout.write(`${JSON.stringify({ said, ...value })}\n`)
}
