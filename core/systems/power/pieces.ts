/** Pieces that every power path is made of. Node names are a letter and the pole's number; figures go by `thing.pole`. */
import { capacitor, EARTH, resistor, type Element } from '#core/circuit'
import type { Figures, Scenario } from '../types'

export const OPEN = 1e10 // Ω, an open contact or a broken wire
export const CLOSED = 0.01 // Ω, a good contact or joint
export const DRY = 5e9 // Ω, sound insulation of a short run
export const LEAD_TO_EARTH = 60e-12 // F per metre of cable, common practice, no source
export const LEAD_TO_LEAD = 40e-12 // F per metre, common practice, no source

/** What the network is drawn for: what is switched how, and how the shaft turns. */
export interface NetworkState { readonly scenario: Scenario, readonly slip: number, readonly tripped: boolean, readonly atSpeed: boolean, readonly pulledIn: boolean }

export const isLive = (s: NetworkState) => s.scenario !== 'dead' && s.scenario !== 'leads-off'

export const leak = (node: string, ohms: number) => resistor(`leak ${node}`, node, EARTH, ohms)

export const poleNumbers = (n: number) => Array.from({ length: n }, (_, i) => i + 1)

/** One resistance a pole, from `from1…` to `to1…`; `figure` is the key's stem. Names are made once, since networks are made by the hundred. */
export function series(name: string, figure: string, from: string, to: string, poles: number): (f: Figures) => Element[] {
  const wires = poleNumbers(poles).map(i => ({ id: `${name} ${i}`, key: `${figure}${i}`, a: `${from}${i}`, b: `${to}${i}` }))
  return f => wires.map(w => resistor(w.id, w.a, w.b, f[w.key]!))
}

/** Insulation and capacitance at the end of a run of so many metres: pole 1 may be down to earth, or across to pole 2. */
export function insulation(figure: string, node: string, poles: number, metres: number): (f: Figures) => Element[] {
  const sound = poleNumbers(poles).flatMap((i): Element[] => [
    ...(i > 1 ? [leak(`${node}${i}`, DRY), capacitor(`${node}${i - 1} to ${node}${i}`, `${node}${i - 1}`, `${node}${i}`, metres * LEAD_TO_LEAD)] : []),
    capacitor(`${node}${i} to earth`, `${node}${i}`, EARTH, metres * LEAD_TO_EARTH),
  ])
  const [down, bridged, one, two] = [`leak ${node}1`, `${figure} across`, `${node}1`, `${node}2`]
  const [toEarth, across] = [`${figure}.earth`, `${figure}.across`]
  return f => [resistor(down, one, EARTH, f[toEarth]!), ...sound, ...(f[across] !== undefined ? [resistor(bridged, one, two, f[across])] : [])]
}

const scopes = new WeakMap<Figures, Map<string, Figures>>()

/** The same figures seen from a stage with a prefix of its own: `well:breaker.1` is its `breaker.1`. Kept for each set of figures. */
export function scoped(f: Figures, prefix: string): Figures {
  if (!prefix) return f
  const kept = scopes.get(f)?.get(prefix)
  if (kept) return kept
  const own: Record<string, number> = { ...f }
  for (const key in f) if (key.startsWith(prefix)) own[key.slice(prefix.length)] = f[key]!
  scopes.set(f, new Map(scopes.get(f)).set(prefix, own))
  return own
}

/** Healthy figures for so many poles under one stem. */
export const poles = (stem: string, n: number, ohms: number): Record<string, number> => Object.fromEntries(poleNumbers(n).map(i => [`${stem}${i}`, ohms]))
