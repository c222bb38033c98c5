/**
 * The power path of a three-phase motor on a magnetic starter: service → breaker or fuses → disconnect → contactor →
 * overload heaters → cable → motor, with the pilot circuit beside it. Nodes as in the single-phase path, poles 1 to 3:
 * u, b, e, l line side of the starter, c between contacts and heaters, d load side, m motor.
 */
import {
  capacitor,
  EARTH,
  phaseImpedances,
  resistor,
  threePhaseTorque,
  type Element,
  type Network,
  type ThreePhaseModel,
  type Winding,
} from '#core/circuit'
import { complex, itemAt, scale } from '#core/foundation'
import { completeFigures, POLES, poles, type FigureKey, type Figures, type Pole } from '../figures'
import { pilotElements, type PilotPlan } from './pilot'
import { insulation, isLive, leak, LEAD_TO_EARTH, LEAD_TO_LEAD, series, type NetworkState } from './pieces'
import { DRY, OPEN } from './resistances'
import type { Turner } from './stage'

export interface ThreePlan {
  readonly hertz: number
  readonly motor: ThreePhaseModel
  readonly disconnect: boolean
  readonly cableMetres: number
  readonly pilot: PilotPlan
}

export function threeNetwork(d: ThreePlan, f: Figures, state: NetworkState): Network {
  const live = isLive(state)
  const elements
    = state.scenario === 'leads-off'
      ? motorSide(d, f, state, false)
      : [...serviceSide(d, f, state, live), ...pilotElements(d.pilot, f, state), ...motorSide(d, f, state, live)]
  return { hertz: live ? d.hertz : 0, elements: live ? elements : elements.filter(e => e.kind !== 'capacitor') }
}

const BREAKER = series('breaker pole', 'breaker.', ['u', 'b'], 3)
const OPENED = BREAKER(completeFigures(poles('breaker.', 3, OPEN)))
const DISCONNECT = series('disconnect pole', 'disconnect.', ['b', 'e'], 3)
const [FEED, FEED_BEHIND] = [series('feed', 'feed.', ['b', 'l'], 3), series('feed', 'feed.', ['e', 'l'], 3)]
const FEED_EARTH = insulation({ node: 'l', poles: 3, metres: 18, toEarth: 'feed.earth' })
const [PULLED, DROPPED] = [
  series('starter pole', 'starter.', ['l', 'c'], 3),
  series('starter pole', 'starter.rest', ['l', 'c'], 3),
]
const HEATERS = series('heater', 'heater.', ['c', 'd'], 3)
const LEADS = series('lead', 'cable.', ['d', 'm'], 3)
const DEAD_LINES = POLES.map(i => leak(`u${i}`, 1e9))
const BEHIND_CONTACTS = POLES.map(i => leak(`c${i}`, DRY))
interface Leg {
  readonly id: string
  readonly a: string
  readonly volts: FigureKey
  readonly ohms: FigureKey
  readonly re: number
  readonly im: number
}

const LEGS = POLES.map((i): Leg => ({
  id: `leg ${i}`,
  a: `u${i}`,
  volts: `supply.leg${i}`,
  ohms: `supply.z${i}`,
  re: Math.cos((-2 * Math.PI * (i - 1)) / 3),
  im: Math.sin((-2 * Math.PI * (i - 1)) / 3),
}))
interface WindingOf {
  readonly id: string
  readonly a: string
  readonly joint: FigureKey
  readonly next: Pole
  readonly previous: Pole
}

const NEXT = { 1: 2, 2: 3, 3: 1 } as const
const PREVIOUS = { 1: 3, 2: 1, 3: 2 } as const

const WINDINGS = POLES.map((i): WindingOf => ({
  id: `winding ${i}`,
  a: `m${i}`,
  joint: `motor.joint${i}`,
  next: NEXT[i],
  previous: PREVIOUS[i],
}))

function serviceSide(d: ThreePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  const leg = ({ id, a, volts, ohms, re, im }: Leg): Element => {
    const z = f[ohms]
    return {
      kind: 'source',
      id,
      a,
      b: EARTH,
      volts: complex(f[volts] * re, f[volts] * im),
      z: complex(z, z < 1e3 ? z / 2 : 0),
    }
  }
  return [
    ...(live ? LEGS.map(leg) : DEAD_LINES),
    ...(live && !state.tripped ? BREAKER(f) : OPENED),
    ...(d.disconnect ? [...DISCONNECT(f), ...FEED_BEHIND(f)] : FEED(f)),
    ...FEED_EARTH(f),
    ...(state.pulledIn ? PULLED : DROPPED)(f),
    ...HEATERS(f),
    ...BEHIND_CONTACTS,
  ]
}

const cables = new Map<number, readonly Element[]>()

/** What a cable of a length has to earth and between its leads when it is sound. */
function cable(metres: number): readonly Element[] {
  const kept = cables.get(metres)
  if (kept) return kept
  const fresh = POLES.flatMap(i => [
    ...(i > 1 ? [resistor(`cable to earth ${i}`, `d${i}`, EARTH, 2e9), leak(`m${i}`, 2e9)] : []),
    capacitor(`lead ${i} to earth`, `d${i}`, EARTH, metres * LEAD_TO_EARTH),
    capacitor(`lead ${i} to next`, `d${i}`, `d${(i % 3) + 1}`, metres * LEAD_TO_LEAD),
  ])
  cables.set(metres, fresh)
  return fresh
}

const STAR = leak('star', 2e9)

function motorSide(d: ThreePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  return [
    ...LEADS(state.scenario === 'splice' ? { ...f, 'cable.1': OPEN } : f),
    ...cable(d.cableMetres),
    resistor('cable to earth 1', 'd1', EARTH, f['cable.earth']),
    leak('m1', f['motor.earth']),
    ...POLES.flatMap(i => [
      resistor(`cable across ${i}`, `d${i}`, `d${(i % 3) + 1}`, f[`cable.across${i}`]),
      resistor(`windings across ${i}`, `m${i}`, `m${(i % 3) + 1}`, f[`motor.across${i}`]),
    ]),
    ...windings(d.motor, f, state, live),
    STAR,
  ]
}

/** Turns of winding 1 lost to a short between turns scale its own impedance and what couples with it. */
function windings(motor: ThreePhaseModel, f: Figures, state: NetworkState, live: boolean): Element[] {
  if (live) return threeWindings(motor, f, state.slip)
  return WINDINGS.map(({ id, a, joint }, i) =>
    resistor(id, a, 'star', (motor.nameplate.leadOhms / 2) * turnsOf(f, i + 1) + f[joint]),
  )
}

/**
 * Under other hertz than the plate's reactances go with them, and rotor resistance over slip too where slip is of the
 * plate's hertz, as the torque's is; the ohms of the winding stay.
 */
export function threeWindings(motor: ThreePhaseModel, f: Figures, slip: number): Winding[] {
  const z = phaseImpedances(motor, slip)
  const n = f['motor.hertz']
  const ohms = (1 - n) * (motor.nameplate.leadOhms / 2)
  return WINDINGS.map(({ id, a, joint, next, previous }, i) => {
    const k = turnsOf(f, i + 1)
    return {
      kind: 'winding',
      id,
      a,
      b: 'star',
      z: complex((n * z.own.re + ohms) * k * k + f[joint], n * z.own.im * k * k),
      couplings: [
        { to: itemAt(WINDINGS, next - 1, 'winding').id, z: scale(z.next, n * k * turnsOf(f, next)) },
        { to: itemAt(WINDINGS, previous - 1, 'winding').id, z: scale(z.previous, n * k * turnsOf(f, previous)) },
      ],
    }
  })
}

const LEFT = ['motor.left1', 'motor.left2', 'motor.left3'] as const
/** A winding short of turns moves one terminal on where the leads are rolled. */
const turnsOf = (f: Figures, i: number) => f[itemAt(LEFT, (i - 1 + (f['motor.rolled'] ? 2 : 0)) % 3, 'LEFT')]

export const turnThree = (motor: ThreePhaseModel): Turner => ({
  ratedSlip: motor.ratedSlip,
  ratedTorque: motor.ratedTorque,
  fullLoadAmps: motor.nameplate.fullLoadAmps,
  energisedBy: ['winding 1', 'winding 2', 'winding 3'],
  torque: (slip, at) =>
    threePhaseTorque(motor, slip, [at.current('winding 1'), at.current('winding 2'), at.current('winding 3')]),
})
