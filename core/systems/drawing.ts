/** How a drilled well is drawn, with a control box or without. */
import { filterOf, yes } from './kinds'
import type { ComponentDef, Drawing, DrawnStretch, Nameplate } from './types'

export function wellDrawing(n: Nameplate, box: boolean): Drawing {
  const disconnect = yes(n, 'supply.disconnect')
  const guarded = yes(n, 'switch.protector')
  const filter = filterOf(n)
  const power = ['supply', 'breaker', ...(disconnect ? ['disconnect'] : []), 'switch', ...(guarded ? ['protector'] : []), ...(box ? ['box'] : []), 'cable', 'motor']
  return {
    power, stretches: stretchesOf(power, box ? { 'box>cable': 3, 'cable>motor': 3 } : {}, { switch: 'feed', protector: 'run', box: 'run', cable: box ? 'cable' : 'run', motor: 'cable' }),
    flow: ['pump', 'check', 'pipe', ...(filter === 'before' ? ['filter'] : []), 'tank', 'gauge', 'relief', ...(filter === 'after' ? ['filter'] : []), 'house'],
    shafts: [{ motor: 'motor', pump: 'pump' }], ports: [{ from: 'gauge', to: 'switch' }],
  }
}

/** Two wires between neighbours unless said otherwise; the conductor is named by where the stretch ends. */
export function stretchesOf(power: readonly string[], wires: Readonly<Record<string, number>>, conductors: Readonly<Record<string, string>>, usual = 2): DrawnStretch[] {
  return power.slice(1).map((to, i) => {
    const from = power[i]!
    return { from, to, wires: wires[`${from}>${to}`] ?? usual, ...(conductors[to] ? { conductor: conductors[to] } : {}) }
  })
}

/** What is wrong with the paths of a kind: a part that no source feeds, or a path that comes back to where it was. */
export function findPathProblem({ power, flow, stretches }: Drawing, components: readonly ComponentDef[]): string | undefined {
  const fed = new Set(components.filter(c => c.glyph === 'supply' || c.glyph === 'battery').map(c => c.id))
  for (let before = -1; before < fed.size;) {
    before = fed.size
    for (const s of stretches) if (fed.has(s.from)) fed.add(s.to)
  }
  const unfed = power.find(id => !fed.has(id))
  if (unfed) return `no source feeds ${unfed}`
  for (const [name, path] of [['power', power], ['flow', flow]] as const) {
    const again = path.find((id, i) => path.indexOf(id) < i)
    if (again) return `the ${name} path is a loop: it comes back to ${again}`
  }
  return undefined
}
