import { readFile, USUAL_WRITTEN, practiceOf } from '#core/formats'
import { requireOk } from '#core/foundation'
import { isolate, prepareSystem } from '#core/isolation'
import { kindFor } from '#core/systems'
import { foldTab } from '#core/tab'
import { bookOf } from './play'
import { readCalls } from './read'
const want = process.argv.slice(2)
for (const call of readCalls().filter(c => want.some(w => c.title.includes(w)))) {
  const book = requireOk(readFile(new TextEncoder().encode(JSON.stringify(bookOf(call)))))
  const system = book.sites[0]!.systems[0]!; const tab = system.tabs[0]!
  const kind = kindFor(system.kind, system.nameplate)
  const tables = requireOk(prepareSystem(system.kind, system.nameplate, practiceOf(USUAL_WRITTEN)))
  const state = foldTab(kind, tab.lines); const a = isolate(tables, state)
  console.log('\n#', call.kind, call.title, 'decision', a.decision?.kind, a.decision?.fault, 'leading', a.leading?.fault)
  const lab = (id: string) => { const l: any = tab.lines.find(x => x.id === id); return `${l.test}=${l.outcome ?? (l.value === null ? 'OL' : Number(l.value).toPrecision(3))}` }
  for (const s of a.suspects.slice(0, 6)) console.log(`  ${s.fault} ${s.severity} ${(100 * s.chance).toFixed(1)} failed ${(100 * s.failed).toFixed(1)} from ${(100*(s.moves[0]?.before ?? 0)).toFixed(2)}`, s.beside ? `[${s.beside.role} ${s.beside.fault}]` : '', s.moves.map(m => `${lab(m.line)}:${m.bits.toFixed(1)}`).join(' '))
  console.log('  next:', a.next.map(n => n.test).join(', '), '| puzzles', a.puzzles.map(p => p.test + ':' + p.slip).join(' '), '| also', a.alsoFound.map(x => x.id).join(' '))
}
