/**
 * The power path of a single-phase motor as a network, from the service to the windings, alive or dead.
 * Nodes follow the path: u service, b breaker out, e disconnect out, l line side, d load side, x motor end of the run;
 * k between start capacitor and start contact; `.m` marks the motor's own terminals.
 */
import {
  airGapTorque,
  barsAt,
  capacitor,
  EARTH,
  resistor,
  windingImpedances,
  type Element,
  type MotorModel,
  type Network,
  type Winding,
} from '#core/circuit'
import { add, complex, type Complex, itemAt, scale } from '#core/foundation'
import { completeFigures, poles, type Figures } from '../figures'
import { pilotElements, type PilotPlan } from './pilot'
import { insulation, isLive, leak, LEAD_TO_EARTH, LEAD_TO_LEAD, series, type NetworkState } from './pieces'
import { DRY, OPEN } from './resistances'
import type { SupplyForm } from '../supplies'
import type { Turner } from './stage'

export interface SinglePlan {
  readonly hertz: number
  readonly motor: MotorModel
  readonly supply: SupplyForm
  /** volts that the start winding sees, of the motor's: half on the high tap of a dual-voltage motor */
  readonly startTap: number
  /** where the start gear sits: in a box ahead of the cable, inside a drowned motor, or on a motor in the open */
  readonly startGear: 'box' | 'inside' | 'surface'
  readonly disconnect: boolean
  readonly cableMetres: number
  /** a contactor with its pilot circuit in place of the pressure switch's own poles */
  readonly pilot?: PilotPlan
}

export function singleNetwork(d: SinglePlan, f: Figures, state: NetworkState): Network {
  const live = isLive(state)
  const elements
    = state.scenario === 'leads-off'
      ? motorSide(d, f, state, false)
      : [
          ...serviceSide(d, f, live, state),
          ...(d.pilot ? pilotElements(d.pilot, f, state) : []),
          ...(d.startGear === 'box' ? controlBox(d, f, state, live) : []),
          ...motorSide(d, f, state, live),
        ]
  return { hertz: live ? d.hertz : 0, elements: live ? elements : elements.filter(e => e.kind !== 'capacitor') }
}

const BREAKER = series('breaker pole', 'breaker.', ['u', 'b'], 2)
const OPENED = BREAKER(completeFigures(poles('breaker.', 2, OPEN)))
const DISCONNECT = series('disconnect pole', 'disconnect.', ['b', 'e'], 2)
const [FEED, FEED_BEHIND] = [series('feed', 'feed.', ['b', 'l'], 2), series('feed', 'feed.', ['e', 'l'], 2)]
const [SWITCHED, RESTING] = [
  series('switch pole', 'switch.', ['l', 'd'], 2),
  series('switch pole', 'switch.rest', ['l', 'd'], 2),
]
const [PULLED, DROPPED] = [
  series('starter pole', 'starter.', ['l', 'c'], 2),
  series('starter pole', 'starter.rest', ['l', 'c'], 2),
]
const HEATERS = series('heater', 'heater.', ['c', 'd'], 2)
const RUN = series('run', 'run.', ['d', 'x'], 2)
const [FEED_EARTH, RUN_EARTH] = [
  insulation({ node: 'l', poles: 2, metres: 18, toEarth: 'feed.earth', across: 'feed.across' }),
  insulation({ node: 'x', poles: 2, metres: 6, toEarth: 'run.earth', across: 'run.across' }),
]
const DEAD_LEGS = [leak('u1', 1e9), leak('u2', 1e9)]
const BEHIND_CONTACTS = [leak('c1', DRY), leak('c2', DRY)]
const BEHIND_SWITCH = [leak('d1', DRY), leak('d2', DRY)]

/** A third of a turn behind. */
const BEHIND = complex(-0.5, -Math.sqrt(3) / 2)

function serviceSide(d: SinglePlan, f: Figures, live: boolean, state: NetworkState): Element[] {
  const second = f['supply.leg2']
  const secondLeg = d.supply === 'two legs of three' ? scale(BEHIND, second) : complex(-second)
  const leg = (id: string, a: string, volts: Complex, ohms: number): Element => ({
    kind: 'source',
    id,
    a,
    b: EARTH,
    volts,
    z: complex(ohms, ohms < 1e3 ? ohms / 2 : 0),
  })
  return [
    ...(live
      ? [
          leg('leg 1', 'u1', complex(f['supply.leg1']), f['supply.z1']),
          leg('leg 2', 'u2', secondLeg, f['supply.z2']),
        ]
      : DEAD_LEGS),
    ...(live && !state.tripped ? BREAKER(f) : OPENED),
    ...(d.disconnect ? [...DISCONNECT(f), ...FEED_BEHIND(f)] : FEED(f)),
    ...FEED_EARTH(f),
    ...switching(d, f, state),
    ...RUN(f),
    ...BEHIND_SWITCH,
    ...(d.pilot ? [] : [resistor('as landed', 'd1', 'd2', f['switch.across'])]),
    ...RUN_EARTH(f),
  ]
}

/** The pressure switch's two poles, or a contactor's with the overload relay's heaters behind them. */
function switching(d: SinglePlan, f: Figures, state: NetworkState): Element[] {
  if (!d.pilot) return (state.scenario === 'idle' ? RESTING : SWITCHED)(f)
  return [...(state.pulledIn ? PULLED : DROPPED)(f), ...HEATERS(f), ...BEHIND_CONTACTS]
}

/** Black is line 1 behind the overload, yellow is line 2, red is fed through start capacitor and start contact. */
function controlBox(d: SinglePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  return [
    resistor('overload', 'x1', 'black', f['start.overload']),
    ...startFeed({ d, f, state, live }, 'black', 'red'),
    resistor('yellow terminal', 'x2', 'yellow', 0.005),
  ]
}

interface Feed {
  readonly d: SinglePlan
  readonly f: Figures
  readonly state: NetworkState
  readonly live: boolean
}

/**
 * Start capacitor, run capacitor and start contact. A start winding across half of the main one is the same as one of
 * twice the turns across all of it, behind four times the impedance; dead, a meter sees the parts as they are.
 */
function startFeed({ d, f, state, live }: Feed, from: string, to: string): Element[] {
  const tap = live ? (d.startTap / f['motor.turns']) ** 2 : 1
  // a drowned motor's own start switch is electronic: at rest an ohmmeter finds it open unless it is stuck
  const open = state.atSpeed || (!live && d.startGear === 'inside')
  const contact = f[open ? 'start.contactRunning' : 'start.contact'] / tap
  const farads = f['start.farads'] * tap
  const startOhms = f['start.ohms'] / tap
  const feed: Element[]
    = farads > 0
      ? [
          resistor('start capacitor resistance', from, 'kc', startOhms),
          capacitor('start capacitor', 'kc', 'k', farads),
          leak('kc', 1e10),
        ]
      : [resistor('start capacitor resistance', from, 'k', startOhms)]
  const runFarads = f['start.runFarads'] * tap
  const always: Element[]
    = runFarads > 0
      ? [
          resistor('run capacitor resistance', from, 'kr', f['start.runOhms'] / tap),
          capacitor('run capacitor', 'kr', to, runFarads),
          leak('kr', 1e10),
        ]
      : []
  return [...feed, resistor('start contact', 'k', to, contact), leak('k', 1e10), ...always]
}

/** Motor ends that black, yellow and red reach: as they should, and the five ways to mix three leads up. */
export const LEAD_ORDERS: readonly (readonly [black: string, yellow: string, red: string])[] = [
  ['black.m', 'yellow.m', 'red.m'],
  ['red.m', 'yellow.m', 'black.m'],
  ['black.m', 'red.m', 'yellow.m'],
  ['yellow.m', 'black.m', 'red.m'],
  ['yellow.m', 'red.m', 'black.m'],
  ['red.m', 'black.m', 'yellow.m'],
]

function motorSide(d: SinglePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  const boxed = d.startGear === 'box'
  const [black, yellow] = boxed ? (['black', 'yellow'] as const) : (['x1', 'x2'] as const)
  const earth = d.cableMetres * LEAD_TO_EARTH
  const between = d.cableMetres * LEAD_TO_LEAD
  // what is burnt in the box is not read at leads that are taken off it
  const landed = boxed && state.scenario !== 'leads-off' ? 1 : 0
  const blackLead = state.scenario === 'splice' ? OPEN : f['cable.black'] + landed * f['box.black']
  const [blackEnd, yellowEnd, redEnd] = LEAD_ORDERS[f['cable.swap']] ?? itemAt(LEAD_ORDERS, 0, 'LEAD_ORDERS')
  const elements: Element[] = [
    resistor('black lead', black, boxed ? blackEnd : 'black.t', blackLead),
    resistor('yellow lead', yellow, boxed ? yellowEnd : 'yellow.m', f['cable.yellow'] + landed * f['box.yellow']),
    leak('black.m', f['motor.earth']),
    leak('yellow.m', 2e9),
    resistor('cable across', black, yellow, f['cable.across']),
    resistor('cable to earth', black, EARTH, f['cable.earth']),
    resistor('cable to earth, yellow', yellow, EARTH, 2e9),
    capacitor('black to earth', black, EARTH, earth),
    capacitor('yellow to earth', yellow, EARTH, earth),
    capacitor('black to yellow', black, yellow, between),
    capacitor('black end to earth', 'black.m', EARTH, earth / 2),
    capacitor('yellow end to earth', 'yellow.m', EARTH, earth / 2),
  ]
  if (boxed) {
    elements.push(
      resistor('red lead', 'red', redEnd, f['cable.red'] + landed * f['box.red']),
      resistor('cable to earth, red', 'red', EARTH, 2e9),
      leak('red.m', 2e9),
    )
    elements.push(
      capacitor('red to earth', 'red', EARTH, earth),
      capacitor('red to yellow', 'red', yellow, between),
      capacitor('red to black', 'red', black, between),
    )
  }
  else {
    // the start gear sits on or in the motor: overload, then start switch (without a capacitor, a resistance start)
    elements.push(
      resistor('overload', 'black.t', 'black.m', f['start.overload']),
      leak('black.t', 2e9),
      ...startFeed({ d, f, state, live }, 'black.m', 'red.m'),
      leak('red.m', 2e9),
    )
  }
  return [...elements, ...windings(d, f, state, live)]
}

/**
 * Turns count by the share of the plate's: `motor.turns` for the links as they are set, less `motor.shorted`, the share
 * of the main winding that a short between turns cuts out. Those close on themselves: a second winding in the same
 * field, loaded by nothing but its own resistance, so that the amps rise although fewer turns are left. (The loop
 * touches nothing else; it stands on earth only for its volts to be counted from somewhere.)
 */
function windings({ motor, startTap }: SinglePlan, f: Figures, state: NetworkState, live: boolean): Element[] {
  if (live)
    return [
      ...singleWindings(motor, f, state.slip),
      ...(f['motor.shorted'] ? [resistor('between turns', 'turns', EARTH, 1e-3)] : []),
    ]
  const { mainOhms, startOhms } = motor.nameplate
  const main = mainOhms * f['motor.turns'] ** 2 * (1 - f['motor.shorted'])
  return [
    resistor('main winding', 'black.m', 'yellow.m', main + f['motor.mainJoint']),
    resistor(
      'start winding', 'red.m', 'yellow.m',
      startOhms * startTap ** 2 * f['motor.startLeft'] + f['motor.startJoint'],
    ),
  ]
}

export function singleWindings(motor: MotorModel, f: Figures, slip: number): Winding[] {
  const { mainOhms } = motor.nameplate
  const shorted = f['motor.shorted']
  const links = f['motor.turns']
  const left = 1 - shorted
  const z = windingImpedances(motor, slip)
  const turned = (k: number, c: Complex) => scale(c, k * links ** 2)
  const leakage = barsAt(motor, slip).im
  const field = complex(z.main.re - mainOhms, z.main.im - leakage)
  const own = (k: number) => complex(field.re * k * k + mainOhms * k, z.main.im * k * k)
  const main = turned(1, own(left))
  // fewer turns of the start winding: its own goes by them, what it has of the field by their square
  const startLeft = f['motor.startLeft']
  const start = turned(1, complex(z.start.re * startLeft, z.start.im * startLeft ** 2))
  const loop = turned(left * shorted, field)
  return [
    {
      kind: 'winding',
      id: 'main winding',
      a: 'black.m',
      b: 'yellow.m',
      z: complex(main.re + f['motor.mainJoint'], main.im),
      couplings: [
        { to: 'start winding', z: turned(left * startLeft, z.startIntoMain) },
        ...(shorted ? [{ to: 'shorted turns', z: loop }] : []),
      ],
    },
    {
      kind: 'winding',
      id: 'start winding',
      a: 'red.m',
      b: 'yellow.m',
      z: complex(start.re + f['motor.startJoint'], start.im),
      couplings: [
        { to: 'main winding', z: turned(left * startLeft, z.mainIntoStart) },
        ...(shorted ? [{ to: 'shorted turns', z: turned(shorted * startLeft, z.mainIntoStart) }] : []),
      ],
    },
    ...(shorted
      ? [
          {
            kind: 'winding' as const,
            id: 'shorted turns',
            a: EARTH,
            b: 'turns',
            z: turned(1, own(shorted)),
            couplings: [
              { to: 'main winding', z: loop },
              { to: 'start winding', z: turned(shorted * startLeft, z.startIntoMain) },
            ],
          },
        ]
      : []),
  ]
}

export const turnSingle = (motor: MotorModel): Turner => ({
  ratedSlip: motor.ratedSlip,
  ratedTorque: motor.ratedTorque,
  fullLoadAmps: motor.nameplate.fullLoadAmps,
  energisedBy: ['main winding'],
  torque: (slip, at, f) => {
    const links = f['motor.turns']
    const main = scale(at.current('main winding'), links * (1 - f['motor.shorted']))
    return airGapTorque(
      motor,
      slip,
      f['motor.shorted'] ? add(main, scale(at.current('shorted turns'), links * f['motor.shorted'])) : main,
      scale(at.current('start winding'), links * f['motor.startLeft']),
    )
  },
})
