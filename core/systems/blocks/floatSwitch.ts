/** A float switch that calls a supply pump as the level falls in an open tank, and the tank itself. */
import { GALLON } from '#core/units'
import { CLOSED, OPEN } from '../power/resistances'
import { type Block, component, point } from './block'
import { CAUSES } from './causes'
import { JUMPER } from './cautions'
import { always, degrees, fault, repair } from './faultEntry'
import { alike, flow, partOhms, seen, voltsAt } from './testEntry'
import { swapTrial, tripTrial } from './trials'

const newFloat = repair({
  id: 'replace-float-switch',
  name: 'Replace the float switch',
  minutes: 40,
  part: 'float switch',
  renews: ['switch'],
})

const freeFloat = repair({
  id: 'free-or-replace-float',
  name: 'Free or replace the float',
  minutes: 30,
  part: 'float switch',
})

export const floatSwitch = (): Block => ({
  components: [
    component({
      id: 'switch',
      name: 'Float switch',
      glyph: 'float-switch',
      lane: 'power',
      place: 'tank',
    }),
  ],
  points: [
    point({
      id: 'poles',
      name: 'float contact',
      component: 'switch',
      spot: { on: 'switch', side: 'on', part: 'poles' },
      aliases: ['float contact'],
    }),
    point({
      id: 'load',
      name: 'float switch load',
      component: 'switch',
      spot: { on: 'switch', side: 'out' },
      aliases: ['load', 'float out'],
    }),
  ],
  faults: [
    fault({
      id: 'switch.contact-burnt',
      name: 'Float contact burnt',
      baseRate: 0.03,
      severities: degrees(
        { name: '2 Ω', share: 0.4, change: { 'switch.1': 2 } },
        { name: '20 Ω', share: 0.3, change: { 'switch.1': 20 } },
        { name: 'burnt away', share: 0.3, change: { 'switch.1': OPEN } },
      ),
      repair: newFloat,
      causes: [CAUSES.age, CAUSES.damp],
      settledBy: 'volts across it while it carries the pump',
      wears: ['starts', 'damp'],
    }),
    fault({
      id: 'switch.stuck-up',
      name: 'Float stuck up: never calls',
      baseRate: 0.05,
      severities: always({ 'switch.1': OPEN, 'switch.2': OPEN }),
      repair: freeFloat,
      causes: [CAUSES.damp, CAUSES.age],
      settledBy: 'level low and its contact open; lift and drop it by hand',
      wears: ['damp', 'age'],
    }),
    fault({
      id: 'switch.stuck-down',
      name: 'Float stuck down: never stops',
      baseRate: 0.03,
      severities: always({ 'switch.rest1': CLOSED, 'switch.rest2': CLOSED }),
      effect: 'runs',
      repair: freeFloat,
      causes: [CAUSES.damp, CAUSES.age],
      settledBy: 'water at the overflow',
      wears: ['damp', 'age'],
    }),
    fault({
      id: 'switch.wrong-sense',
      name: 'Float in the wrong sense',
      baseRate: 0.006,
      severities: degrees(
        { name: 'tank low, does not call', share: 0.5, change: { 'switch.1': OPEN, 'switch.2': OPEN } },
        {
          name: 'tank full, does not stop',
          share: 0.5,
          change: { 'switch.rest1': CLOSED, 'switch.rest2': CLOSED },
        },
      ),
      repair: repair({
        id: 'change-sense-of-float',
        name: 'Turn the float’s sense round',
        minutes: 20,
      }),
      causes: [],
      settledBy: 'lift and drop it by hand: it calls as it lifts',
    }),
  ],
  tests: [
    ...voltsAt({
      point: 'load',
      where: 'on the float switch load side',
      legs: ['d1', 'd2'],
      band: 'utilisation',
    }),
    partOhms({
      id: 'float.ohms',
      point: 'poles',
      title: 'Ohms across the float contact, float hanging',
      words: ['contact', 'ohms'],
      figure: 'switch.1',
      minutes: 3,
      steps: ['One wire off; float hanging down; across its contact.'],
    }),
    seen({
      id: 'heard',
      point: 'head',
      title: 'Listen at the well head as the float calls',
      words: ['heard', 'well pump'],
      minutes: 1,
      steps: ['Float down, so that it calls: does it run, hum, or say nothing?'],
      outcomes: {
        runs: { label: 'runs', words: ['running'] },
        groans: { label: 'groans, does not turn', words: ['hums'] },
        silent: { label: 'silent', words: ['dead', 'nothing'] },
      },
      usual: { runs: 0.9, groans: 0.03, silent: 0.07 },
      chancesByEffect: {
        ...alike(['runs', 'runs-dry', 'runs-weak'], { runs: 0.95, groans: 0.02, silent: 0.03 }),
        'groans': { runs: 0.04, groans: 0.84, silent: 0.12 },
        'silent': { runs: 0.01, groans: 0.02, silent: 0.97 },
        'trips-breaker': { runs: 0.02, groans: 0.1, silent: 0.88 },
      },
    }),
    seen({
      id: 'float-look',
      point: 'poles',
      title: 'Lift and drop the float by hand',
      words: ['float'],
      minutes: 3,
      steps: ['Hand or hook, no lean over the water: does it click and call as it drops, and stop as it lifts?'],
      cautions: ['Nobody alone over an open tank; power off before a hand goes in.'],
      outcomes: {
        works: { label: 'calls and stops', words: ['good', 'clicks'] },
        dead: { label: 'does not call' },
        hung: { label: 'hung up, and calls once it is free' },
        held: { label: 'does not stop', words: ['stuck down'] },
        wrong: { label: 'calls as it lifts, stops as it drops', words: ['up runs', 'starts when lifted'] },
      },
      usual: { works: 0.982, dead: 0.01, hung: 0.002, held: 0.004, wrong: 0.002 },
      chancesByFault: {
        'switch.stuck-up': { works: 0.03, dead: 0.505, hung: 0.45, held: 0.01, wrong: 0.005 },
        'switch.stuck-down': { works: 0.03, dead: 0.01, hung: 0.005, held: 0.95, wrong: 0.005 },
        'switch.contact-burnt': { works: 0.75, dead: 0.227, hung: 0.001, held: 0.02, wrong: 0.002 },
        'switch.wrong-sense:1': { works: 0.02, dead: 0.155, hung: 0.005, held: 0.01, wrong: 0.81 },
        'switch.wrong-sense:2': { works: 0.02, dead: 0.01, hung: 0.002, held: 0.158, wrong: 0.81 },
      },
      chancesByEffect: {
        // a click tells as much as a pump that starts
        'silent': { works: 0.45, dead: 0.526, hung: 0.002, held: 0.02, wrong: 0.002 },
        'groans': { works: 0.8, dead: 0.176, hung: 0.002, held: 0.02, wrong: 0.002 },
        'trips-breaker': { works: 0.5, dead: 0.476, hung: 0.002, held: 0.02, wrong: 0.002 },
      },
    }),
    swapTrial({
      id: 'bypass',
      point: 'poles',
      title: 'Bridge the float switch with a rated lead: does the pump run?',
      words: ['bridged', 'bypass', 'jumpered'],
      need: 'proven-dead',
      minutes: 6,
      risk: 2,
      steps: ['Dead: rated leads line to load, clipped on. Energise, watch the level.'],
      cautions: [JUMPER],
      sound: ['switch'],
      closed: { 'switch.1': CLOSED, 'switch.2': CLOSED },
    }),
    tripTrial({
      id: 'trip-switch-open',
      point: 'load',
      title: 'Load wires off at the float switch: does it still trip?',
      words: ['trips switch open', 'load wires off'],
      steps: ['Dead: load wires off, made safe and apart.', 'Stand clear and reset the breaker once.'],
      away: ['run', 'start', 'cable', 'motor'],
      opens: ['run.1', 'run.2'],
    }),
  ],
})

/** The open tank between the two pumps: what its level says of the pump that fills it. */
export const openTank = (): Block => ({
  components: [
    component({
      id: 'cistern',
      name: 'Holding tank',
      glyph: 'open-tank',
      lane: 'water',
      place: 'tank',
      fields: [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [20 * GALLON, 20000 * GALLON] }],
    }),
  ],
  points: [
    point({
      id: 'level',
      name: 'holding tank',
      component: 'cistern',
      spot: { on: 'cistern', side: 'on' },
      aliases: ['level', 'cistern'],
    }),
  ],
  tests: [
    flow({
      id: 'tank-fill',
      point: 'level',
      title: 'What the well pump puts into the holding tank',
      words: ['fills', 'filling rate', 'into the tank'],
      ask: 'supplied',
      stage: 'well',
      quantity: 'flow',
      minutes: 6,
      need: 'live',
      meter: 'bucket under the inlet, or the rise by the clock',
      steps: ['Nothing drawn; time a bucket at the inlet, or the rise of the level over five minutes.'],
      cautions: ['Never climb in: a tank is a confined space.'],
    }),
    seen({
      id: 'tank-level',
      point: 'level',
      title: 'Look into the holding tank',
      words: ['level', 'holding tank', 'cistern'],
      minutes: 1.5,
      steps: ['Hatch open, from the side: where does the water stand?'],
      cautions: ['Never climb in: a tank is a confined space.'],
      outcomes: {
        normal: { label: 'between the floats', words: ['normal', 'full'] },
        low: { label: 'low or empty', words: ['empty', 'low'] },
        over: { label: 'at the overflow', words: ['overflows'] },
      },
      usual: { normal: 0.985, low: 0.01, over: 0.005 },
      chancesByFault: {
        'well-switch.stuck-down': { normal: 0.06, low: 0.01, over: 0.93 },
        'well-switch.wrong-sense:2': { normal: 0.06, low: 0.01, over: 0.93 },
      },
      chancesByEffect: {
        'well:runs-weak': { normal: 0.5, low: 0.49, over: 0.01 },
        ...alike(['well:silent', 'well:groans', 'well:trips-breaker', 'well:trips-overload', 'well:runs-dry'], {
          normal: 0.06,
          low: 0.93,
          over: 0.01,
        }),
      },
    }),
  ],
})
