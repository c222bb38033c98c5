/** How kinds are drawn: the parts along the power and the flow path, and what joins them. */
import { filterOf, yes } from './kinds'
import type { ComponentId } from './ids'
import type { ComponentDef, Drawing, DrawnStretch, WireCount } from './componentTypes'
import type { Nameplate } from './types'

/** Parts in the order of flow; what is false is not there. */
export const inOrder = (...ids: readonly (ComponentId | false)[]): ComponentId[] => ids.filter(id => id !== false)

/** A drilled well, with a control box or without. */
export function wellDrawing(n: Nameplate, box: boolean): Drawing {
  const power = inOrder(
    'supply',
    'breaker',
    yes(n, 'supply.disconnect') && 'disconnect',
    'switch',
    yes(n, 'switch.protector') && 'protector',
    box && 'box',
    'cable',
    'motor',
  )
  return {
    power,
    flow: wellFlow(n),
    stretches: stretchesOf(power, {
      wires: box ? { 'box>cable': 3, 'cable>motor': 3 } : {},
      conductors: { switch: 'feed', protector: 'run', box: 'run', cable: box ? 'cable' : 'run', motor: 'cable' },
    }),
    shafts: [{ motor: 'motor', pump: 'pump' }],
    ports: [{ from: 'gauge', to: 'switch' }],
  }
}

export const wellFlow = (n: Nameplate) =>
  ['pump', 'check', 'pipe', ...tankToHouse(n, { relief: true })] satisfies readonly ComponentId[]

/** From the pressure tank on, with a filter ahead of the switch or behind it. */
export function tankToHouse(n: Nameplate, { relief }: { readonly relief: boolean }): ComponentId[] {
  const filter = filterOf(n)
  return inOrder(
    filter === 'before' && 'filter',
    'tank',
    'gauge',
    relief && 'relief',
    filter === 'after' && 'filter',
    'house',
  )
}

/** A motor in the open behind a pressure switch. */
export function surfaceDrawing(n: Nameplate): Pick<Drawing, 'power' | 'stretches' | 'shafts' | 'ports'> {
  const power = inOrder(
    'supply',
    'breaker',
    yes(n, 'supply.disconnect') && 'disconnect',
    'switch',
    yes(n, 'switch.protector') && 'protector',
    'motor',
  )
  return {
    power,
    stretches: stretchesOf(power, { conductors: { switch: 'feed', protector: 'run', motor: 'run' } }),
    shafts: [{ motor: 'motor', pump: 'pump' }],
    ports: [{ from: 'gauge', to: 'switch' }],
  }
}

export interface Stretches {
  /** wires between neighbours, where they are not the usual number */
  readonly wires?: Readonly<Record<string, WireCount>>
  /** the conductor, by where the stretch ends */
  readonly conductors?: Readonly<Record<string, string>>
  readonly usual?: WireCount
}

/** Two wires between neighbours unless said otherwise. */
export function stretchesOf(
  path: readonly string[],
  { wires = {}, conductors = {}, usual = 2 }: Stretches,
): DrawnStretch[] {
  return pairsOf(path).map(([from, to]) => {
    const conductor = conductors[to]
    return { from, to, wires: wires[`${from}>${to}`] ?? usual, ...(conductor ? { conductor } : {}) }
  })
}

/** The thin control circuit, from part to part. */
export const pilotStretches = (path: readonly string[]): DrawnStretch[] =>
  pairsOf(path).map(([from, to]) => ({ from, to, wires: 1, route: 'pilot' }))

const pairsOf = (path: readonly string[]) => path.slice(1).map((to, i) => [path[i] ?? to, to] as const)

/** What is wrong with the paths of a kind: a part that no source feeds, or a path that comes back to where it was. */
export function findPathProblem(
  { power, flow, stretches }: Drawing,
  components: readonly ComponentDef[],
): string | undefined {
  const fed = new Set(components.filter(c => c.glyph === 'supply' || c.glyph === 'battery').map(c => c.id))
  for (let before = -1; before < fed.size;) {
    before = fed.size
    for (const s of stretches) if (fed.has(s.from)) fed.add(s.to)
  }
  const unfed = power.find(id => !fed.has(id))
  if (unfed) return `no source feeds ${unfed}`
  for (const [name, path] of [
    ['power', power],
    ['flow', flow],
  ] as const) {
    const again = path.find((id, i) => path.indexOf(id) < i)
    if (again) return `the ${name} path is a loop: it comes back to ${again}`
  }
  return undefined
}
