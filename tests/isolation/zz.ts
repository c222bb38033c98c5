import { createRandom, requireOk } from '#core/foundation'
import { isolate, prepareSystem } from '#core/isolation'
import { KIND_IDS, type KindId } from '#core/systems'
import { foldTab } from '#core/tab'
import { drawCall } from './draw'
import { byEngine, playCall } from './players'
const [kind, ...want] = process.argv.slice(2) as [KindId, ...string[]]
for (let n = 0; n < 12; n++) { const seed = 7919 * (KIND_IDS.indexOf(kind) + 1) + n; const call = await drawCall(kind, createRandom(seed))
 const truth = call.planted.map(p => `${p.mode.id}:${p.mode.severities[p.degree]!.id}`).join(' + '); if (want.length && !want.some(w => truth.includes(w))) continue
 const tables = requireOk(prepareSystem(kind, call.nameplate)); const p = await playCall(call, tables, byEngine, seed); if (p.right && !want.length) continue
 console.log('\n##', n, call.complaint, truth, p.right, 'wrong', p.wrong, 'missing', p.missing)
 p.lines.forEach((l: any, i) => { const before = isolate(tables, foldTab(call.kind, p.lines.slice(0, i))); const d = before.decision; console.log(`  ${l.kind} ${l.test ?? l.about ?? l.fault ?? l.to ?? l.complaint} ${l.outcome ?? (l.value === null ? 'OL' : l.value?.toPrecision?.(3)) ?? ''}`, d ? `   [${d.kind} ${d.fault} ${d.chance.toFixed(2)} by ${d.by.length}]` : '') })
}
process.exit(0)
