/**
 * The power path of a well as a network, from the service to the motor, alive or dead.
 * Node names follow the path: u utility, b breaker out, l switch line, d switch load, x box in, o after the overload,
 * k between start capacitor and contact; black, red, yellow at the box and with `.m` at the motor.
 * Insulation and the cable's capacitance are in it, so ghost and backfeed voltages come out of the solution.
 */
import { capacitor, EARTH, resistor, windingImpedances, type Element, type Network } from '#core/circuit'
import type { Scenario } from '../types'
import { OPEN, type WellDescription, type WellParams } from './params'

const LEAD_TO_EARTH = 60e-12 // F per metre of wet cable, common practice, no source
const LEAD_TO_LEAD = 40e-12 // F per metre, common practice, no source

export interface NetworkState { readonly scenario: Scenario, readonly slip: number, readonly tripped: boolean, readonly atSpeed: boolean }

export function wellNetwork(d: WellDescription, p: WellParams, state: NetworkState): Network {
  const live = state.scenario === 'starting' || state.scenario === 'running' || state.scenario === 'idle'
  const [black, yellow] = d.startGear === 'box' ? ['black', 'yellow'] as const : ['x1', 'x2'] as const
  const elements: Element[] = state.scenario === 'box-off'
    ? cableAndMotor(d, p, state, black, 'red', yellow, false)
    : [
        ...supply(d, p, live, state),
        ...switchAndRun(p, state),
        ...(d.startGear === 'box' ? controlBox(p, state) : []),
        ...cableAndMotor(d, p, state, black, 'red', yellow, live),
      ]
  return { hertz: live ? 60 : 0, elements: elements.filter(e => !(e.kind === 'capacitor' && !live)) }
}

const leak = (node: string, ohms: number) => resistor(`leak ${node}`, node, EARTH, ohms)

function supply(d: WellDescription, p: WellParams, live: boolean, state: NetworkState): Element[] {
  const open = !live || state.tripped
  const [b1, b2] = open ? [OPEN, OPEN] : p.breaker
  const service: Element[] = live
    ? [
        { kind: 'source', id: 'leg 1', a: 'u1', b: EARTH, volts: { re: p.legs[0], im: 0 }, z: { re: p.legs[0] > 0 ? p.sourceOhms : 1e6, im: p.legs[0] > 0 ? p.sourceOhms / 2 : 0 } },
        { kind: 'source', id: 'leg 2', a: 'u2', b: EARTH, volts: { re: -p.legs[1], im: 0 }, z: { re: p.legs[1] > 0 ? p.sourceOhms : 1e6, im: p.legs[1] > 0 ? p.sourceOhms / 2 : 0 } },
      ]
    : [leak('u1', 1e9), leak('u2', 1e9)]
  return [
    ...service,
    resistor('breaker pole 1', 'u1', 'b1', b1), resistor('breaker pole 2', 'u2', 'b2', b2),
    resistor('feed 1', 'b1', 'l1', p.feed[0]), resistor('feed 2', 'b2', 'l2', p.feed[1]),
    leak('l1', p.feedToEarth), leak('l2', 5e9), resistor('feed across', 'l1', 'l2', p.feedAcross),
    capacitor('feed 1 to earth', 'l1', EARTH, 18 * LEAD_TO_EARTH), capacitor('feed 2 to earth', 'l2', EARTH, 18 * LEAD_TO_EARTH), capacitor('feed to feed', 'l1', 'l2', 18 * LEAD_TO_LEAD),
  ]
}

function switchAndRun(p: WellParams, state: NetworkState): Element[] {
  const [p1, p2] = state.scenario === 'idle' ? p.polesAtRest : p.poles
  return [
    resistor('switch pole 1', 'l1', 'd1', p1), resistor('switch pole 2', 'l2', 'd2', p2),
    resistor('run 1', 'd1', 'x1', p.run[0]), resistor('run 2', 'd2', 'x2', p.run[1]),
    leak('d1', 5e9), leak('d2', 5e9), leak('x1', p.runToEarth), leak('x2', 5e9),
    capacitor('run 1 to earth', 'x1', EARTH, 6 * LEAD_TO_EARTH), capacitor('run 2 to earth', 'x2', EARTH, 6 * LEAD_TO_EARTH),
  ]
}

/** Black is line 1 behind the overload, yellow is line 2, red is fed through start capacitor and start contact. */
function controlBox(p: WellParams, state: NetworkState): Element[] {
  return [
    resistor('overload', 'x1', 'black', p.overload),
    ...startFeed(p, state, 'black', 'red'),
    resistor('yellow terminal', 'x2', 'yellow', 0.005),
  ]
}

function startFeed(p: WellParams, state: NetworkState, from: string, to: string): Element[] {
  const contact = state.atSpeed ? p.startContactRunning : p.startContact
  const feed: Element[] = p.startFarads > 0
    ? [resistor('start capacitor resistance', from, 'kc', p.startCapOhms), capacitor('start capacitor', 'kc', 'k', p.startFarads), leak('kc', 1e10)]
    : [resistor('start capacitor resistance', from, 'k', p.startCapOhms)]
  return [...feed, resistor('start contact', 'k', to, contact), leak('k', 1e10)]
}

function cableAndMotor(d: WellDescription, p: WellParams, state: NetworkState, black: string, red: string, yellow: string, live: boolean): Element[] {
  const boxed = d.startGear === 'box'
  const earth = d.cableMetres * LEAD_TO_EARTH
  const between = d.cableMetres * LEAD_TO_LEAD
  const blackEnd = boxed ? 'black.m' : 'black.t'
  const elements: Element[] = [
    resistor('black lead', black, blackEnd, p.leads.black), resistor('yellow lead', yellow, 'yellow.m', p.leads.yellow),
    leak('black.m', p.windingToEarth), leak('yellow.m', 2e9), resistor('cable across', black, yellow, p.cableAcross),
    resistor('cable to earth', black, EARTH, p.cableToEarth), resistor('cable to earth, yellow', yellow, EARTH, 2e9),
    capacitor('black to earth', black, EARTH, earth), capacitor('yellow to earth', yellow, EARTH, earth), capacitor('black to yellow', black, yellow, between),
    capacitor('black end to earth', 'black.m', EARTH, earth / 2), capacitor('yellow end to earth', 'yellow.m', EARTH, earth / 2),
  ]
  if (boxed) {
    elements.push(resistor('red lead', red, 'red.m', p.leads.red), resistor('cable to earth, red', red, EARTH, 2e9), leak('red.m', 2e9))
    elements.push(capacitor('red to earth', red, EARTH, earth), capacitor('red to yellow', red, yellow, between), capacitor('red to black', red, black, between))
  }
  else {
    // the start gear sits in the motor: overload, then start switch (a resistance-start circuit unless a capacitor is given)
    elements.push(resistor('overload', 'black.t', 'black.m', p.overload), leak('black.t', 2e9), ...startFeed(p, state, 'black.m', 'red.m'), leak('red.m', 2e9))
  }
  return [...elements, ...windings(d, p, state, live)]
}

function windings(d: WellDescription, p: WellParams, state: NetworkState, live: boolean): Element[] {
  const { mainOhms, startOhms } = d.motor.nameplate
  const turns = p.mainTurns
  if (!live) {
    return [resistor('main winding', 'black.m', 'yellow.m', mainOhms * turns + p.mainJoint), resistor('start winding', 'red.m', 'yellow.m', startOhms + p.startJoint)]
  }
  const z = windingImpedances(d.motor, state.slip)
  const turned = (k: number, c: { re: number, im: number }) => ({ re: c.re * k, im: c.im * k })
  const main = turned(turns * turns, z.main)
  return [
    { kind: 'winding', id: 'main winding', a: 'black.m', b: 'yellow.m', z: { re: main.re + p.mainJoint, im: main.im }, coupling: { to: 'start winding', z: turned(turns, z.startIntoMain) } },
    { kind: 'winding', id: 'start winding', a: 'red.m', b: 'yellow.m', z: { re: z.start.re + p.startJoint, im: z.start.im }, coupling: { to: 'main winding', z: turned(turns, z.mainIntoStart) } },
  ]
}
