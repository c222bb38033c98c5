/** How a drilled well is drawn, with a control box or without. */
import { filterOf, yes } from './kinds'
import type { Drawing, DrawnStretch, Nameplate } from './types'

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
