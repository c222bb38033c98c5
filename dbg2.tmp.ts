import { KIND_IDS, kindFor } from '#core/systems'
const seen = new Map<string, Set<string>>()
for (const id of KIND_IDS) for (const np of [{}, { 'supply.phases': 1 }, { 'starter.control': 1, 'starter.float': 1 }, {'house.filter':2},{'switch.cutOff':1,'supply.disconnect':1,'tank.type':1}] as any[]) {
  let k; try { k = kindFor(id, np) } catch { continue }
  for (const f of k.faults) { const key = f.component; if (!seen.has(key)) seen.set(key, new Set()); seen.get(key)!.add(`${f.repair.label} [${f.repair.minutes}, ${f.repair.part}]  ← ${f.mode}`) }
}
for (const [c, s] of seen) { console.log(c); for (const x of s) console.log('   ', x) }
