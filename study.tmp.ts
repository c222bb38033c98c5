import { createRandom, requireOk } from '#core/foundation'
import { prepareSystem, isolate } from '#core/isolation'
import { faultId, isKindId, KIND_IDS, type KindId } from '#core/systems'
import { foldTab } from '#core/tab'
import { drawCall } from './tests/isolation/draw'
import { byEngine, byKnowing, playCall } from './tests/isolation/players'
const [n0, dbl, detail, ...named] = process.argv.slice(2)
const calls = Number(n0)
const kinds = named.filter(isKindId).length > 0 ? named.filter(isKindId) : KIND_IDS
let right = 0, all = 0, tests = 0, bt = 0, min = 0, cond = 0
for (const kind of kinds) {
  let kr = 0
  for (let n = 0; n < calls; n++) {
    const seed = 15485863 * (KIND_IDS.indexOf(kind) + 1) + n
    const call = await drawCall(kind, createRandom(seed), Number(dbl))
    const tables = requireOk(prepareSystem(kind, call.nameplate))
    const p = await playCall(call, tables, byEngine, seed)
    all++; tests += p.tests; min += p.minutes; cond += Number(p.condemned)
    if (process.env.BOUND) bt += (await playCall(call, tables, byKnowing(call), seed)).tests
    if (p.right) { right++; kr++ }
    else {
      console.log(`\n## ${kind} ${n}: ${call.planted.map(q => `${faultId(q.mode)}:${q.mode.severities[q.degree]!.id}`).join(' + ')} complaint ${call.complaint} → wrong [${p.wrong}] missing [${p.missing}] tests ${p.tests}`)
      if (detail === '1') for (const [i, l] of p.lines.entries()) {
        if (i === 0) continue
        const st = foldTab(p.lines.slice(0, i + 1))
        const a = isolate(tables, st)
        const d: any = l
        console.log(`  ${l.kind} ${d.test ?? ''}${d.about ?? ''}${d.component ?? ''}${d.to ?? ''} ${d.value !== undefined ? (d.value === null ? 'OL' : Number(d.value).toPrecision(4)) : d.outcome ?? d.text ?? ''} | ${a.suspects.slice(0, 4).map(s => `${s.fault} ${(100 * s.chance).toFixed(0)}`).join(', ')}${a.decision ? ` DECIDE ${a.decision.kind} ${a.decision.repair}` : ''}`)
      }
    }
  }
  console.log(`${kind}: ${kr}/${calls}`)
}
console.log(`right ${right}/${all} tests ${(tests / all).toFixed(2)} bound ${(bt / all).toFixed(2)} minutes ${(min / all).toFixed(1)} condemned ${cond}`)
process.exit(0)
