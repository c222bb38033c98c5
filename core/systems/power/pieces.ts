/**
 * Pieces that every power path is made of. Node names are a letter and the pole's number; figures go by `thing.pole`.
 */
import { capacitor, EARTH, resistor, type Element } from '#core/circuit'
import { POLES, type FigureKey, type Figures, type PoleStem } from '../figures'
import type { Scenario } from '../testTypes'
import { DRY } from './resistances'

export const LEAD_TO_EARTH = 60e-12 // F per metre of cable, common practice, no source
export const LEAD_TO_LEAD = 40e-12 // F per metre, common practice, no source

/** What the network is drawn for: what is switched how, and how the shaft turns. */
export interface NetworkState {
  readonly scenario: Scenario
  readonly slip: number
  readonly tripped: boolean
  readonly atSpeed: boolean
  readonly pulledIn: boolean
}

export const isLive = (s: NetworkState) => s.scenario !== 'dead' && s.scenario !== 'leads-off'

export const leak = (node: string, ohms: number) => resistor(`leak ${node}`, node, EARTH, ohms)

/** One resistance a pole, from `from1…` to `to1…`. Names are made once, since networks are made by the hundred. */
export function series(
  name: string,
  stem: PoleStem,
  [from, to]: readonly [string, string],
  poles: 2 | 3,
): (f: Figures) => Element[] {
  const wires = POLES.slice(0, poles).map((i) => {
    const key = `${stem}${i}` as FigureKey
    return { id: `${name} ${i}`, key, a: `${from}${i}`, b: `${to}${i}` }
  })
  return f => wires.map(w => resistor(w.id, w.a, w.b, f[w.key]))
}

/** What is at the end of a run of so many metres: insulation and capacitance, pole by pole. */
export interface Insulation {
  readonly node: string
  readonly poles: 2 | 3
  readonly metres: number
  /** pole 1 may be down to earth, and across to pole 2 */
  readonly toEarth: FigureKey
  readonly across?: FigureKey
}

export function insulation({ node, poles, metres, toEarth, across }: Insulation): (f: Figures) => Element[] {
  const sound = POLES.slice(0, poles).flatMap((i): Element[] => [
    ...(i > 1 ? [leak(`${node}${i}`, DRY), between(node, i, metres)] : []),
    capacitor(`${node}${i} to earth`, `${node}${i}`, EARTH, metres * LEAD_TO_EARTH),
  ])
  const [down, bridged, one, two] = [`leak ${node}1`, `${node} across`, `${node}1`, `${node}2`]
  return f => [
    resistor(down, one, EARTH, f[toEarth]),
    ...sound,
    ...(across ? [resistor(bridged, one, two, f[across])] : []),
  ]
}

const between = (node: string, i: number, metres: number) =>
  capacitor(`${node}${i - 1} to ${node}${i}`, `${node}${i - 1}`, `${node}${i}`, metres * LEAD_TO_LEAD)
