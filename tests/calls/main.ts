/** `npm run calls [-- sealed] [-- KIND…]`: plays the told calls and prints the score. */
import { isKindId } from '#core/systems'
import { playTold, type Scored } from './play'
import { readCalls } from './read'

const wanted = process.argv.slice(2)
const kinds = wanted.filter(isKindId)
const calls = readCalls().filter(
  c =>
    (wanted.includes('all') || c.sealed === wanted.includes('sealed'))
    && (kinds.length === 0 || kinds.includes(c.kind)),
)
const scored: Scored[] = calls.map(c => playTold(c))
const of = (n: number, all: number) => `${n} of ${all} (${all > 0 ? Math.round((100 * n) / all) : 0} %)`
for (const s of scored) {
  if (s.short.length === 0 && s.lost.length === 0) continue
  console.log(`\n${s.short.length > 0 ? 'SHORT' : 'right'}  ${s.call.kind} › ${s.call.title}`)
  for (const l of s.lost) console.log(`   not understood: ${l}`)
  for (const l of s.short) console.log(`   ${l}`)
}
const lines = scored.reduce((n, s) => n + s.call.lines.length, 0)
console.log(`\nlines understood: ${of(scored.reduce((n, s) => n + s.understood, 0), lines)}`)
console.log(`calls right: ${of(scored.filter(s => s.short.length === 0).length, scored.length)}`)
console.log(`dangerous or costly wrong decisions: ${scored.filter(s => s.wrong).length}`)
