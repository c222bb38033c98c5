/**
 * The record as a circuit: each conductor joins its far end to the terminal that it is landed on, and the part stands
 * with its contacts open or closed. Far ends: the legs of the supply behind their impedance, the neutral, ground; the
 * motor's leads; the pilot's and the coil's. Every node leaks to earth through 10 MΩ, so that what hangs in the air has
 * a voltage; an open contact is 1 GΩ, a closed one and a conductor a few milliohms.
 */
import { solveNetwork, EARTH, resistor, type Element, type Network, type SolvedNetwork } from '#core/circuit'
import { type Complex, itemAt, requireOk } from '#core/foundation'
import { PARTS_WIRED, type WiredPartId } from './parts'
import { conductorOf, type Landing } from './record'

export const SUPPLIES = ['split', 'line-neutral', 'three-phase', 'direct'] as const
export type WiredSupply = (typeof SUPPLIES)[number]

/** What the part is wired into. */
export interface WiredCircuit {
  readonly part: WiredPartId
  readonly supply: WiredSupply
  /** line to line; line to neutral or across the battery where there is only that */
  readonly volts: number
  readonly hertz: number
  readonly runningAmps: number
  readonly lockedAmps: number
  /** ohms of the start winding over those of the main one, of a three-wire motor */
  readonly startRatio?: number
  readonly startFarads?: number
  readonly coilVolts?: number
  /** whether one pole alone may control it here: then its other leg stays live */
  readonly onePoleLawful?: boolean
  /** a float that is to call when it hangs (a well pump that fills) or when it floats (a pump that empties) */
  readonly callsWhen?: 'down' | 'up'
}

export interface Position {
  /** contacts that the part moves by itself */
  readonly closed: boolean
  /** the pilot that drives a coil */
  readonly pilot?: boolean
  /** a start button that is held */
  readonly start?: boolean
  readonly overloadOpen?: boolean
}

/** Ohms; judgement, no source: what is asked of them is only small against a motor, or large. */
const [WIRE, CLOSED, OPEN, LEAK, SOURCE, EARTHING] = [0.002, 0.005, 1e9, 1e7, 0.13, 0.2]
const COIL_OHMS = 800
const BETWEEN_TAPS = 150

const GROUND_COLOURS = new Set(['green', 'bare'])
const NEUTRAL_COLOURS = new Set(['white', 'gray'])
/** Colours that a plus has by habit; with none of them there, what is named first is plus. */
const PLUS_COLOURS = ['red', 'black', 'brown', 'yellow', 'blue', 'white']

/** The far end of each conductor, by its name. */
export function farEnds(circuit: WiredCircuit, landings: readonly Landing[]): ReadonlyMap<string, string> {
  const ends = new Map<string, string>()
  const of = (to: string) => landings.filter(l => l.to === to && !GROUND_COLOURS.has(l.colour))
  const name = (own: readonly Landing[], ids: readonly string[]) =>
    own.forEach((l, i) => ends.set(conductorOf(l), itemAt(ids, Math.min(i, ids.length - 1), 'id')))
  name(supplyInOrder(circuit, of('supply')), LEGS[circuit.supply])
  name(of('neutral'), ['neutral'])
  name(motorInOrder(circuit, of('motor')), MOTOR_LEADS)
  name(of('pilot'), ['pilot1', 'pilot2'])
  name(of('coil'), ['coil1', 'coil2'])
  name(of('float'), ['pilot1', 'pilot2'])
  for (const l of landings) {
    if (GROUND_COLOURS.has(l.colour) || l.to === 'ground')
      ends.set(conductorOf(l), l.to === 'motor' ? 'frame' : 'ground')
    else if (!ends.has(conductorOf(l))) ends.set(conductorOf(l), nodeOf(circuit.part, l.to))
  }
  return ends
}

const LEGS: Readonly<Record<WiredSupply, readonly string[]>> = {
  'split': ['leg1', 'leg2'],
  'line-neutral': ['leg1', 'neutral'],
  'three-phase': ['leg1', 'leg2', 'leg3'],
  'direct': ['plus', 'minus'],
}
const MOTOR_LEADS = ['m1', 'm2', 'm3']

/** Of a line and a neutral the white is the neutral; of plus and minus the red is plus. */
function supplyInOrder({ supply }: WiredCircuit, own: readonly Landing[]): readonly Landing[] {
  if (supply === 'line-neutral')
    return own.toSorted((a, b) => Number(NEUTRAL_COLOURS.has(a.colour)) - Number(NEUTRAL_COLOURS.has(b.colour)))
  if (supply === 'direct') return inPlusOrder(own)
  return own
}

const inPlusOrder = (own: readonly Landing[]) =>
  own.toSorted((a, b) => PLUS_COLOURS.indexOf(a.colour) - PLUS_COLOURS.indexOf(b.colour))

/** Three leads of a well motor are known by their colours: yellow common, black main, red start. */
function motorInOrder({ part, supply }: WiredCircuit, own: readonly Landing[]): readonly Landing[] {
  if (part === 'control-box') {
    const place = ['yellow', 'black', 'red']
    return own.toSorted((a, b) => place.indexOf(a.colour) - place.indexOf(b.colour))
  }
  return supply === 'direct' ? inPlusOrder(own) : own
}

/** Another terminal; of voltage links, a lead of the motor. */
const nodeOf = (part: WiredPartId, to: string) =>
  part === 'voltage-links' && /^t[1-4]$/.test(to) ? leadNode(to.slice(1)) : terminalNode(to)

export const terminalNode = (terminal: string) => `t:${terminal}`

export function circuitAsLanded(circuit: WiredCircuit, landings: readonly Landing[], position: Position): Network {
  const ends = farEnds(circuit, landings)
  const elements: Element[] = [
    ...supplyOf(circuit),
    resistor('earthing', 'ground', EARTH, EARTHING),
    ...landings.map((l, i) =>
      resistor(`wire${i}`, ends.get(conductorOf(l))!, terminalNode(l.terminal), WIRE)),
    ...insideOf(circuit, position),
    ...motorOf(circuit),
    ...restOf(circuit, landings),
    ...bondOf(landings),
    resistor('pilot', 'pilot1', 'pilot2', position.pilot ? CLOSED : OPEN),
  ]
  const nodes = new Set(elements.flatMap(e => [e.a, e.b]))
  nodes.delete(EARTH)
  const leaks = [...nodes].map(n => resistor(`leak ${n}`, n, EARTH, LEAK))
  return { hertz: circuit.supply === 'direct' ? 0 : circuit.hertz, elements: [...elements, ...leaks] }
}

export const solveAsLanded = (
  circuit: WiredCircuit,
  landings: readonly Landing[],
  position: Position,
): SolvedNetwork => requireOk(solveNetwork(circuitAsLanded(circuit, landings, position)))

const phasor = (volts: number, degrees: number): Complex => ({
  re: volts * Math.cos((degrees * Math.PI) / 180),
  im: volts * Math.sin((degrees * Math.PI) / 180),
})

function supplyOf({ supply, volts }: WiredCircuit): Element[] {
  const source = (id: string, v: Complex): Element => ({
    kind: 'source', id: `supply ${id}`, a: id, b: EARTH, volts: v, z: { re: SOURCE, im: 0 },
  })
  const neutral = resistor('neutral', 'neutral', EARTH, SOURCE / 2)
  switch (supply) {
    case 'split':
      return [source('leg1', phasor(volts / 2, 0)), source('leg2', phasor(volts / 2, 180)), neutral]
    case 'line-neutral':
      return [source('leg1', phasor(volts, 0)), neutral]
    case 'three-phase': {
      const leg = volts / Math.sqrt(3)
      return [
        source('leg1', phasor(leg, 0)), source('leg2', phasor(leg, -120)), source('leg3', phasor(leg, 120)), neutral,
      ]
    }
    case 'direct':
      return [source('plus', phasor(volts, 0)), resistor('minus', 'minus', EARTH, 0.01), neutral]
  }
}

/** Contacts, links, coil and capacitor of the part itself. */
function insideOf({ part, startFarads = 100e-6, hertz }: WiredCircuit, position: Position): Element[] {
  const { poles, joined } = PARTS_WIRED[part]
  const between = (id: string, [a, b]: readonly [string, string], ohms: number) =>
    resistor(id, terminalNode(a), terminalNode(b), ohms)
  const contacts = poles.map((p, i) => between(`pole${i}`, p, position.closed ? CLOSED : OPEN))
  const links = joined.map((p, i) => between(`link${i}`, p, CLOSED))
  const ground = resistor('ground screw', terminalNode('g'), 'case', WIRE)
  switch (part) {
    case 'starter':
      return [
        ...contacts,
        between('overload', ['95', '96'], position.overloadOpen ? OPEN : CLOSED),
        between('coil', ['a1', 'a2'], COIL_OHMS),
        resistor('coil leads', 'coil1', 'coil2', COIL_OHMS),
        ground,
      ]
    case 'control-box':
      return [
        ...links,
        {
          kind: 'impedance',
          id: 'capacitor',
          a: terminalNode('l1'),
          b: terminalNode('r'),
          z: { re: 0.2, im: -1 / (2 * Math.PI * hertz * startFarads) },
        },
        ground,
      ]
    case 'float-switch':
      return [...contacts, between('up', ['c', 'up'], position.closed ? OPEN : CLOSED), ground]
    case 'plug':
      return []
    default:
      return [...contacts, ...links, ground]
  }
}

/**
 * Of a part with one pole the other conductor does not come to it: where nothing is said of it, it is taken to be
 * joined as it should be.
 */
function restOf({ part, supply }: WiredCircuit, landings: readonly Landing[]): Element[] {
  const leads = landings.filter(l => l.to === 'motor' && !GROUND_COLOURS.has(l.colour))
  const isSingle = part === 'one-pole-switch' || part === 'float-switch'
  if (!isSingle || leads.length !== 1) return []
  return [resistor('rest', 'm2', itemAt(LEGS[supply], 1, 'leg of the supply'), WIRE)]
}

/** `the ground is on the ground screw`: said of all of them, where none is said of the motor's by itself. */
function bondOf(landings: readonly Landing[]): Element[] {
  const all = landings.some(l => l.to === 'ground' && l.terminal === 'g')
  const own = landings.some(l => l.to === 'motor' && GROUND_COLOURS.has(l.colour))
  return all && !own ? [resistor('bond', 'frame', terminalNode('g'), WIRE)] : []
}

/** Standing still, as it is in the first instant: half its locked impedance is resistance. */
function motorOf({ part, supply, volts, runningAmps, lockedAmps, startRatio = 2.2 }: WiredCircuit): Element[] {
  const at = (id: string, a: string, b: string, ohms: number): Element => ({
    kind: 'impedance',
    id,
    a,
    b,
    z: supply === 'direct' ? { re: ohms, im: 0 } : { re: ohms * 0.6, im: ohms * 0.8 },
  })
  const z = volts / (supply === 'direct' ? runningAmps : lockedAmps)
  // side by side at the low voltage, one behind the other at the high one
  const half = volts < BETWEEN_TAPS ? 2 * z : z / 2
  if (part === 'voltage-links')
    return [at('half 1', leadNode('1'), leadNode('2'), half),
      at('half 2', leadNode('3'), leadNode('4'), half)]
  if (part === 'control-box')
    return [at('main', 'm2', 'm1', z), at('start', 'm3', 'm1', startRatio * z)]
  if (supply === 'three-phase') {
    const star = z / Math.sqrt(3)
    return [at('u', 'm1', 'star', star), at('v', 'm2', 'star', star), at('w', 'm3', 'star', star)]
  }
  return [at('motor', 'm1', 'm2', z)]
}

/** Ends of the halves of a dual-voltage motor, which are leads of their own. */
export const leadNode = (lead: string) => `lead ${lead}`
