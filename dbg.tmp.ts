import { createRandom, requireOk } from '#core/foundation'
import { prepareSystem, isolate, rankSuspects } from '#core/isolation'
import { likelihoods } from './core/isolation/tables'
import { KIND_IDS } from '#core/systems'
import { foldTab } from '#core/tab'
import { drawCall } from './tests/isolation/draw'
import { byEngine, playCall } from './tests/isolation/players'
const [kind, n] = ['jet', 6] as const
const seed = 15485863 * (KIND_IDS.indexOf(kind) + 1) + n
const call = await drawCall(kind, createRandom(seed), 1)
const tables = requireOk(prepareSystem(kind, call.nameplate))
const p = await playCall(call, tables, byEngine, seed)
const st = foldTab(p.lines)
const r = rankSuspects(tables, st)
const H = tables.model.hypotheses
const want = H.map((h, i) => [i, h.id] as const).filter(([, id]) => id === 'supply.leg-lost:1' || id.startsWith('tank.precharge-high') || id.startsWith('tank.precharge-high:full+supply') || (id.includes('leg-lost') && id.includes('precharge-high')))
console.log(want)
for (const e of st.evidence) {
  const l = likelihoods(tables, e)
  console.log(e.line.test, (e.line as any).value ?? (e.line as any).outcome, 'conf', e.confirmed, 'rep', e.repaired.join(), want.map(([i]) => l[i]!.toExponential(2)).join(' '))
}
console.log(want.map(([i]) => r.chances[i]), H.filter((h, i) => i >= tables.foreseen).map(h => h.id))

const h76 = H[76]!, h2 = H[2]!
console.log(h2.prior, h76.prior, h76.effect, st.opened?.complaint)
console.log(tables.tests.get('precharge')!.prediction(0), tables.tests.get('precharge')!.prediction(76), tables.tests.get('cut-in')!.prediction(0))
console.log(r.suspects.find(s => s.fault === 'tank.precharge-high'))
process.exit(0)
