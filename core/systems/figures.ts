/**
 * Every figure of the model: what faults change and what networks and plants are built from. SI units; shares and
 * yes–no figures have none. `sound` is what it is where a system does not say otherwise. A key that is not in these
 * tables does not compile; a sweep (figures.test.ts) checks that each one is read by the solver that its row names.
 */
import { CLOSED, DRY, OPEN } from './power/resistances'
import type { StageId } from './ids'

/** Delay of a port that passes nothing, s. */
export const BLOCKED = 1e9
/** Where a relief valve stands that never opens, Pa. */
export const NEVER_OPENS = 1e9

export const POLES = [1, 2, 3] as const
export type Pole = (typeof POLES)[number]

/**
 * Who reads a figure: the circuit's network, the shaft (does it start, at what slip), a meter on the part, the plant,
 * the faults that are measured by it.
 */
export type Reader = 'network' | 'shaft' | 'meter' | 'plant' | 'faults'
export interface FigureRow {
  readonly unit: 'Ω' | 'V' | 'A' | 'F' | 'Pa' | 'm³' | 'm³/s' | 's' | 'Pa/(m³/s)²' | ''
  readonly means: string
  readonly sound: number
  readonly readBy: Reader
}

const ohms = (means: string, sound: number): FigureRow => ({ unit: 'Ω', means, sound, readBy: 'network' })
const share = (means: string, sound: number, readBy: Reader = 'network'): FigureRow => ({
  unit: '',
  means,
  sound,
  readBy,
})
const pressure = (means: string, sound: number): FigureRow => ({ unit: 'Pa', means, sound, readBy: 'plant' })
const flow = (means: string, sound: number): FigureRow => ({ unit: 'm³/s', means, sound, readBy: 'plant' })

type Rows<Stem extends string, P extends Pole> = { readonly [K in P as `${Stem}${K}`]: FigureRow }

/** The same row for each line of three. */
const three = <const Stem extends string>(stem: Stem, row: FigureRow) =>
  Object.fromEntries(POLES.map(pole => [stem + pole, row])) as Rows<Stem, Pole>

/** The same row for each pole of two. */
const two = <const Stem extends string>(stem: Stem, row: FigureRow) =>
  ({ [`${stem}1`]: row, [`${stem}2`]: row }) as Rows<Stem, 1 | 2>

export const ELECTRICAL = {
  ...three('supply.leg', { unit: 'V', means: 'volts of a leg to ground', sound: 120, readBy: 'network' }),
  ...three('supply.z', ohms('the supply behind a leg', 0.06)),
  ...three('breaker.', ohms('breaker pole or fuse, closed', CLOSED)),
  ...three('disconnect.', ohms('disconnect pole, closed', CLOSED)),
  ...three('feed.', ohms('conductor ahead of the switch or starter', CLOSED)),
  'feed.earth': ohms('feed to earth', DRY),
  'feed.across': ohms('feed, leg to leg', DRY),
  ...two('switch.', ohms('pole of the pressure switch, calling', CLOSED)),
  ...two('switch.rest', ohms('the same at rest', OPEN)),
  'switch.across': ohms('behind the switch, leg to leg, as its wires are landed', DRY),
  ...two('run.', ohms('conductor behind the switch', CLOSED)),
  'run.earth': ohms('run to earth', DRY),
  'run.across': ohms('run, leg to leg', DRY),
  ...three('starter.', ohms('contact of the starter, pulled in', CLOSED)),
  ...three('starter.rest', ohms('the same, dropped out', OPEN)),
  ...three('heater.', ohms('heater of the overload relay', CLOSED)),
  'heater.trip': share('setting of the overload relay, of what it should be', 1, 'shaft'),
  'heater.dial': { unit: 'A', means: 'where the dial of the overload relay stands', sound: 10, readBy: 'meter' },
  'coil.rated': { unit: 'V', means: 'volts that the coil is wound for', sound: 240, readBy: 'network' },
  'coil.joint': ohms('a break or bad joint in the coil', 0),
  'coil.turns': share('turns of the coil left', 1),
  'coil.cold': { unit: 'Ω', means: 'coil cold, off the circuit', sound: 0, readBy: 'meter' },
  'pilot.switch': ohms('pilot contact of the pressure switch, calling', CLOSED),
  'pilot.switchRest': ohms('the same at rest', OPEN),
  'pilot.overload': ohms('contact of the overload relay', CLOSED),
  'pilot.overloadBehind': share('1: that contact stands between coil and return', 0, 'network'),
  'pilot.tap': share('lines that feed the control: 0 first and second, 1 second and third, 2 first and third', 0),
  'pilot.fuse': ohms('control fuse', CLOSED),
  'pilot.float': ohms('contact of the low-level float', CLOSED),
  'pilot.wire': ohms('control wire to the coil', CLOSED),
  'transformer.primary': ohms('added to the primary of the control transformer', 0),
  'transformer.secondary': ohms('added to its secondary', 0),
  'start.overload': ohms('overload in the box or on the motor', 0.02),
  'start.contact': ohms('start relay or start switch, at a start', 0.02),
  'start.contactRunning': ohms('the same once it runs', OPEN),
  'start.farads': { unit: 'F', means: 'start capacitor; none at 0', sound: 0, readBy: 'network' },
  'start.ohms': ohms('in series with it', 0.1),
  'start.runFarads': { unit: 'F', means: 'run capacitor; none at 0', sound: 0, readBy: 'network' },
  'start.runOhms': ohms('in series with it', 0.1),
  'box.black': ohms('terminal of the black lead in the box, added to the lead as landed', 0),
  'box.yellow': ohms('the same of the yellow lead', 0),
  'box.red': ohms('the same of the red lead', 0),
  'cable.black': ohms('black lead', CLOSED),
  'cable.yellow': ohms('yellow lead', CLOSED),
  'cable.red': ohms('red lead', CLOSED),
  ...three('cable.', ohms('lead of a three-phase motor', CLOSED)),
  'cable.earth': ohms('cable to earth', 2e9),
  'cable.across': ohms('cable, lead to lead', DRY),
  ...three('cable.across', ohms('lead of three to the next lead', DRY)),
  'cable.swap': share('which lead lies where another belongs at the box: LEAD_ORDERS', 0),
  'motor.turns': share('turns as the links are set, of the plate’s', 1),
  'motor.hertz': share('hertz that reach a motor of three phases, of the plate’s', 1, 'network'),
  'motor.shorted': share('turns of the main winding shorted', 0),
  'motor.mainJoint': ohms('added to the main winding', 0),
  'motor.startJoint': ohms('added to the start winding', 0),
  'motor.startLeft': share('turns left of the start winding, of all', 1),
  ...three('motor.joint', ohms('added to a winding, or to the brushes', 0)),
  'motor.earth': ohms('winding to frame', 50e6),
  ...three('motor.across', ohms('winding of three to the next winding', DRY)),
  'motor.rolled': share('1: the leads have been moved one terminal on', 0),
  ...three('motor.left', share('turns left of one of three windings, of all', 1)),
  'motor.locked': { unit: 'Ω', means: 'volts over amps, locked, on each line', sound: 6, readBy: 'faults' },
  'motor.seized': share('1: the shaft does not turn', 0, 'shaft'),
  'motor.load': share('shaft load at rated speed, of full load', 0.9, 'shaft'),
  'motor.startLoad': share('added to what breaks it away, of full-load torque', 0, 'shaft'),
  'battery.volts': { unit: 'V', means: 'battery at rest', sound: 12.7, readBy: 'network' },
  'battery.ohms': ohms('battery itself', 0.012),
  'battery.post': ohms('battery post to clamp', 0.003),
  'fuse.1': ohms('fuse and holder', 0.008),
  'panel.1': ohms('panel switch', 0.012),
  'return.1': ohms('chassis return', 0.012),
} as const satisfies Readonly<Record<string, FigureRow>>

/** What water and air have in common: the switch, the vessel, what is pumped into it and what leaks out of it. */
const PLANT = {
  'set.cutIn': pressure('cut-in', 0),
  'set.cutOut': pressure('cut-out', 0),
  'set.cutOff': pressure('low-pressure cut-off; none at 0', 0),
  'port.delay': { unit: 's', means: 'by how much the switch feels late', sound: 0, readBy: 'plant' },
  'port.held': pressure('what a blocked port holds', 0),
  'tank.volume': { unit: 'm³', means: 'volume of tank or receiver', sound: 0, readBy: 'plant' },
  'pump.flow': flow('water half-way between cut-in and cut-out; free air', 0),
  'pump.turns': share('0: coupling or belt off', 1, 'plant'),
  'check.leak': flow('back through the check valve', 0),
  'leak.house': flow('out of the plumbing or the air line', 0),
  'gauge.stuck': share('1: the gauge does not move', 0, 'meter'),
  'relief.opens': pressure('where the relief valve opens', NEVER_OPENS),
} as const satisfies Readonly<Record<string, FigureRow>>

export const WATER = {
  ...PLANT,
  'tank.precharge': pressure('air in the tank with the water side at zero', 0),
  'pump.shutOff': pressure('pump against a shut valve', 0),
  'pump.inlet': pressure('at the pump’s inlet', 0),
  'source.yield': flow('what the source can give', 0),
  'check.stuck': share('1: the check valve does not open', 0, 'plant'),
  'filter.before': { unit: 'Pa/(m³/s)²', means: 'loss ahead of the switch', sound: 0, readBy: 'plant' },
  'filter.after': { unit: 'Pa/(m³/s)²', means: 'loss behind the switch', sound: 0, readBy: 'plant' },
} as const satisfies Readonly<Record<string, FigureRow>>

export const AIR = {
  ...PLANT,
  'line.loss': { unit: 'Pa', means: 'lost in the air line while a tool is open', sound: 0, readBy: 'meter' },
  'regulator.share': share('of the receiver’s pressure behind the regulator', 1, 'meter'),
} as const satisfies Readonly<Record<string, FigureRow>>

export const FIGURES = { ...ELECTRICAL, ...WATER, ...AIR } as const
export type FigureKey = keyof typeof FIGURES
/** The figure of a stage after the first: `well:motor.earth`. */
export type StagedKey = FigureKey | `${StageId}:${FigureKey}`
/** The thing that a figure belongs to: `start` of `start.farads`. */
export type FigureGroup = FigureKey extends `${infer Group}.${string}` ? Group : never

/** The figures of one system, or of one stage of it, all of them. */
export type Figures = Readonly<Record<FigureKey, number>>
/** Some of them: what a fault or a trial changes, what a kind describes. */
export type Change = Readonly<Partial<Record<StagedKey, number>>>

const KEYS = Object.keys(FIGURES) as FigureKey[]
const SOUND = Object.fromEntries(KEYS.map(key => [key, FIGURES[key].sound])) as Figures

/** Whether a figure belongs to the plant alone, so that a change to it leaves the circuits as they were. */
export const isPlantFigure = (key: string): boolean => {
  const bare = key.slice(key.indexOf(':') + 1)
  return bare in WATER || bare in AIR
}

/**
 * All figures of a system from those that its kind describes; the others are sound. Throws for one that is no figure.
 */
export function completeFigures(described: Change): Figures {
  return requireFinite({ ...SOUND, ...described })
}

/** Throws by name for a figure that is not finite: no solver goes on with it. */
export function requireFinite<F extends Change>(figures: F): F {
  for (const key in figures)
    if (!Number.isFinite(figures[key])) throw new Error(`the figure ${key} is ${figures[key]}`)
  return figures
}

/** One figure by a key that may be of a later stage. Throws by name where the system has none such. */
export function figureOf(figures: Change, key: StagedKey): number {
  const value = figures[key]
  if (value === undefined) throw new Error(`this system has no figure ${key}`)
  return value
}

/** Sound figures with a change laid over them: to be read one by one, since a copy has only what was changed. */
export const over = (healthy: Figures & Change, change: Change): Figures & Change =>
  Object.assign(Object.create(healthy) as Figures & Change, change)

/** A change of one figure whose key is put together, such as a pole's. */
export const only = (key: FigureKey, value: number): Change => ({ [key]: value })

/** Stems of the figures that there is one of for each pole. */
type StemOf<K> = K extends `${infer Stem}2` ? Stem : never
export type PoleStem = StemOf<FigureKey>

/** What the keys of a group, or of its poles, begin with. */
export type FigureStem = `${FigureGroup}.` | PoleStem

/** The same value for so many poles. Throws where there are not so many. */
export function poles(stem: PoleStem, count: number, value: number): Change {
  const keys = POLES.slice(0, count).map(pole => stem + pole)
  const odd = keys.find(key => !(key in FIGURES))
  if (odd) throw new Error(`there is no figure ${odd}`)
  return Object.fromEntries(keys.map(key => [key, value]))
}

const scopes = new WeakMap<Change, Map<string, Figures>>()

/** The figures seen from a later stage: `well:breaker.1` is its `breaker.1`. Kept for each set of figures. */
export function scoped(figures: Figures & Change, prefix: string): Figures {
  if (!prefix) return figures
  const kept = scopes.get(figures)?.get(prefix)
  if (kept) return kept
  const own: Record<string, number> = { ...figures }
  for (const key in figures)
    if (key.startsWith(prefix)) own[key.slice(prefix.length)] = figureOf(figures, key as StagedKey)
  scopes.set(figures, new Map(scopes.get(figures)).set(prefix, own as Figures))
  return own as Figures
}

/** The same change for a stage whose figures have a prefix. */
export function staged(change: Change, prefix: string): Change {
  return Object.fromEntries(Object.entries(change).map(([key, value]) => [prefix + key, value]))
}

const sounds = new WeakMap<Change, Map<string, Change>>()

/** Those figures as they are in a sound system: by their groups, or named whole. Put together once for each list. */
export function soundOf(healthy: Figures, named: readonly (FigureGroup | FigureKey)[]): Change {
  const list = named.join()
  const known = sounds.get(healthy) ?? new Map<string, Change>()
  sounds.set(healthy, known)
  const is = (key: FigureKey) => named.some(name => key === name || key.startsWith(`${name}.`))
  const sound = known.get(list) ?? Object.fromEntries(KEYS.filter(is).map(key => [key, healthy[key]]))
  known.set(list, sound)
  return sound
}
