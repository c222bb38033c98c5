/** A float switch that calls a supply pump as the level falls in an open tank, and the tank itself. */
import { GALLON } from '#core/units'
import { CLOSED, OPEN } from '../power/pieces'
import { CAUSES } from './causes'
import { JUMPER, always, degrees, fault, fit, outcome, partOhms, point, renew, seen, swapTrial, thing, tripTrial, voltsAt, type Block } from './rows'

const newFloat = renew('Replace the float switch', 40, 'float switch', 'switch')

export const floatSwitch = (): Block => ({
  components: [thing('switch', 'Float switch', 'float-switch', 'power', 'tank')],
  points: [point('poles', 'float contact', 'switch', ['switch', 'on', 'poles'], 'float contact'), point('load', 'float switch load', 'switch', ['switch', 'out'], 'load', 'float out')],
  faults: [
    fault('switch', 'contact-burnt', 'Float contact burnt', 0.03, degrees(['2 Ω', 0.5, { 'switch.1': 2 }], ['20 Ω', 0.5, { 'switch.1': 20 }]), { repair: newFloat, causes: [CAUSES.age, CAUSES.damp], settledBy: 'volts across it while it carries the pump', wears: ['starts', 'damp'] }),
    fault('switch', 'stuck-up', 'Float stuck up: never calls', 0.05, always({ 'switch.1': OPEN, 'switch.2': OPEN }), { repair: fit('Free or replace the float', 30, 'float switch'), causes: [CAUSES.damp, CAUSES.age], settledBy: 'level low and its contact open; lift and drop it by hand', wears: ['damp', 'age'] }),
    fault('switch', 'stuck-down', 'Float stuck down: never stops', 0.03, always({ 'switch.rest1': CLOSED, 'switch.rest2': CLOSED }), { effect: 'runs', repair: fit('Free or replace the float', 30, 'float switch'), causes: [CAUSES.damp, CAUSES.age], settledBy: 'water at the overflow', wears: ['damp', 'age'] }),
  ],
  tests: [
    ...voltsAt('load', 'on the float switch load side', ['d1', 'd2'], 'utilisation'),
    partOhms('float.ohms', 'poles', 'Ohms across the float contact, float hanging', ['contact', 'ohms'], 'switch.1', 3, 'One wire off; float hanging down; across its contact.'),
    seen({ id: 'float-look', point: 'poles', title: 'Lift and drop the float by hand', words: ['float'], minutes: 3, steps: ['Hand or hook, no lean over the water: does it click and call as it drops, and stop as it lifts?'], cautions: ['Nobody alone over an open tank; power off before a hand goes in.'], outcomes: [outcome('works', 'calls and stops', 'good', 'clicks'), outcome('dead', 'does not call'), outcome('held', 'does not stop', 'stuck down')], usual: [0.9, 0.08, 0.02], given: { 'switch.stuck-up': [0.03, 0.96, 0.01], 'switch.stuck-down': [0.03, 0.01, 0.96], 'switch.contact-burnt': [0.6, 0.38, 0.02], 'effect:silent': [0.15, 0.83, 0.02], 'effect:groans': [0.8, 0.18, 0.02], 'effect:trips-breaker': [0.3, 0.68, 0.02] } }),
    swapTrial({ id: 'bypass', point: 'poles', title: 'Bridge the float switch with a rated lead: does the pump run?', words: ['bridged', 'bypass', 'jumpered'], need: 'proven-dead', minutes: 6, risk: 2, steps: ['Dead: rated leads line to load, clipped on. Energise, watch the level.'], cautions: [JUMPER] }, ['switch.'], { 'switch.1': CLOSED, 'switch.2': CLOSED }),
    tripTrial('trip-switch-open', 'load', 'Load wires off at the float switch: does it still trip?', ['trips switch open', 'load wires off'], ['Dead: load wires off, made safe and apart.', 'Stand clear and reset the breaker once.'], ['run.', 'start.', 'cable.', 'motor.'], ['run.1', 'run.2']),
  ],
})

/** The open tank between the two pumps: what its level says of the pump that fills it. */
export const openTank = (): Block => ({
  components: [thing('cistern', 'Holding tank', 'open-tank', 'water', 'tank', [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [20 * GALLON, 20000 * GALLON] }])],
  points: [point('level', 'holding tank', 'cistern', ['cistern', 'on'], 'level', 'cistern')],
  tests: [seen({
    id: 'tank-level', point: 'level', title: 'Look into the holding tank', words: ['level', 'holding tank', 'cistern'], minutes: 1.5, steps: ['Hatch open, from the side: where does the water stand?'], cautions: ['Never climb in: a tank is a confined space.'],
    outcomes: [outcome('normal', 'between the floats', 'normal', 'full'), outcome('low', 'low or empty', 'empty', 'low'), outcome('over', 'at the overflow', 'overflows')], usual: [0.93, 0.05, 0.02],
    given: { ...Object.fromEntries(['silent', 'groans', 'trips-breaker', 'trips-overload', 'runs-dry'].map(e => [`well:${e}`, [0.06, 0.93, 0.01]])), 'well:runs-weak': [0.5, 0.49, 0.01], 'well-switch.stuck-down': [0.06, 0.01, 0.93] },
  })],
})
