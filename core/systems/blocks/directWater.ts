/** The small water side of a demand pump; rates and tables are common practice, no source. */
import { GALLON } from '#core/units'
import type { ShopPractice } from '../practice'
import { asked } from './asked'
import { type Block, component, point } from './block'
import { CAUSES, NOTES } from './causes'
import { always, degrees, fault, repair, times } from './faultEntry'
import { flow, seen } from './testEntry'

export interface DirectWaterOptions {
  readonly accumulator: boolean
  readonly practice: Pick<ShopPractice, 'cutOffAdvice'>
}

export function directWater({ accumulator, practice }: DirectWaterOptions): Block {
  const told = asked({ point: 'tap', about: ['old', 'ran-dry', 'vibration', 'frozen'], practice })
  return {
    components: [
      component({
        id: 'source',
        name: 'Fresh tank',
        glyph: 'open-tank',
        lane: 'water',
        place: 'bay',
        fields: [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [GALLON, 2000 * GALLON] }],
      }),
      component({
        id: 'strainer',
        name: 'Strainer',
        glyph: 'filter',
        lane: 'water',
        place: 'bay',
      }),
      component({
        id: 'pump',
        name: 'Diaphragm pump',
        glyph: 'pump',
        lane: 'water',
        place: 'machine',
        fields: [
          { id: 'flow', label: 'Delivery', quantity: 'flow', range: [(0.3 * GALLON) / 60, (30 * GALLON) / 60] },
          { id: 'accumulator', label: 'Accumulator', quantity: 'choice', choices: ['no', 'yes'] },
        ],
      }),
      ...(accumulator
        ? [
            component({
              id: 'tank',
              name: 'Accumulator',
              glyph: 'tank',
              lane: 'water',
              place: 'bay',
              fields: [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [0.05 * GALLON, 5 * GALLON] }],
            }),
          ]
        : []),
      component({
        id: 'gauge',
        name: 'Gauge',
        glyph: 'gauge',
        lane: 'water',
        place: 'bay',
      }),
      component({
        id: 'house',
        name: 'Taps',
        glyph: 'house',
        lane: 'water',
        place: 'house',
      }),
    ],
    points: [
      point({
        id: 'strainer',
        name: 'strainer',
        component: 'strainer',
        spot: { on: 'strainer', side: 'on' },
        aliases: ['screen'],
      }),
      ...(accumulator
        ? [
            point({
              id: 'valve',
              name: 'accumulator air valve',
              component: 'tank',
              spot: { on: 'tank', side: 'on', part: 'valve' },
              aliases: ['pre', 'precharge', 'air valve'],
            }),
          ]
        : []),
      point({
        id: 'gauge',
        name: 'gauge on the line',
        component: 'gauge',
        spot: { on: 'gauge', side: 'on' },
        aliases: ['pressure', 'psi'],
      }),
      point({
        id: 'tap',
        name: 'tap',
        component: 'house',
        spot: { on: 'house', side: 'in' },
        aliases: ['taps', 'flow', 'delivery'],
      }),
    ],
    faults: [
      fault({
        id: 'source.empty',
        name: 'Fresh tank empty',
        baseRate: 0.05,
        severities: always({ 'source.yield': 0, 'motor.load': 0.25 }),
        effect: 'runs-dry',
        repair: repair({
          id: 'fill-tank',
          name: 'Fill the tank',
          minutes: 10,
        }),
        causes: [],
        settledBy: 'look into it',
      }),
      fault({
        id: 'strainer.blocked',
        name: 'Strainer blocked',
        baseRate: 0.07,
        severities: degrees(
          {
            name: 'half',
            share: 0.5,
            change: h => ({ 'source.yield': h['pump.flow'] * 0.4, 'motor.load': h['motor.load'] * 0.8 }),
          },
          {
            name: 'nearly shut',
            share: 0.5,
            change: h => ({ 'source.yield': h['pump.flow'] * 0.08, 'motor.load': h['motor.load'] * 0.6 }),
          },
        ),
        effect: 'runs-weak',
        repair: repair({
          id: 'clean-strainer',
          name: 'Clean the strainer',
          minutes: 8,
        }),
        causes: [CAUSES.sand],
        settledBy: 'bowl off, screen looked at',
        wears: ['sand'],
      }),
      fault({
        id: 'strainer.air-leak',
        name: 'Suction draws air',
        baseRate: 0.05,
        severities: degrees(
          { name: 'a little', share: 0.5, change: times('pump.flow', 0.5) },
          {
            name: 'a lot',
            share: 0.5,
            change: h => ({ 'source.yield': h['pump.flow'] * 0.03, 'motor.load': h['motor.load'] * 0.4 }),
          },
        ),
        effect: 'runs-weak',
        repair: repair({
          id: 'remake-suction-hose',
          name: 'Remake the suction hose',
          minutes: 15,
          part: 'hose clamps',
        }),
        causes: [CAUSES.vibration, CAUSES.age],
        settledBy: 'bubbles in the strainer bowl',
        wears: ['age'],
      }),
      fault({
        id: 'pump.valves',
        name: 'Pump valves worn or dirty',
        baseRate: 0.06,
        severities: degrees(
          { name: 'gives less', share: 0.5, change: times('pump.flow', 0.5) },
          { name: 'leaks back', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.08 }) },
        ),
        effect: 'starts-alone',
        repair: repair({
          id: 'fit-pump-head-kit',
          name: 'Fit a pump head kit',
          minutes: 30,
          part: 'pump head kit',
        }),
        causes: [CAUSES.sand, CAUSES.age],
        settledBy: 'runs a moment every few minutes with every tap shut',
        wears: ['sand', 'age'],
      }),
      fault({
        id: 'pump.diaphragm',
        name: 'Pump diaphragm split',
        baseRate: 0.03,
        severities: always(h => ({ 'pump.flow': h['pump.flow'] * 0.25, 'motor.load': h['motor.load'] * 0.7 })),
        effect: 'runs-weak',
        repair: repair({
          id: 'fit-pump-head-kit',
          name: 'Fit a pump head kit',
          minutes: 30,
          part: 'pump head kit',
        }),
        causes: [{ because: 'frozen', why: 'ice splits diaphragms' }, CAUSES.age],
        settledBy: 'water at the head’s weep hole',
        wears: ['age'],
      }),
      fault({
        id: 'pump.by-pass',
        name: 'By-pass valve set wrong',
        baseRate: 0.03,
        severities: always(h => ({ 'pump.shutOff': h['set.cutOut'] * 0.93 })),
        effect: 'runs-weak',
        repair: repair({
          id: 'set-by-pass',
          name: 'Set the by-pass',
          minutes: 10,
        }),
        causes: [],
        settledBy: 'runs on under its cut-out with every tap shut',
      }),
      fault({
        id: 'house.leak',
        name: 'Leak in the plumbing',
        baseRate: 0.04,
        severities: degrees(
          { name: 'drips', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.05 }) },
          { name: 'burst fitting', share: 0.4, change: h => ({ 'leak.house': h['pump.flow'] * 0.5 }) },
        ),
        effect: 'starts-alone',
        repair: repair({
          id: 'find-and-mend-leak',
          name: 'Find and mend the leak',
          minutes: 40,
        }),
        causes: [{ because: 'frozen', why: 'ice bursts fittings' }, CAUSES.vibration],
        settledBy: 'walk the plumbing; isolate the outlet',
        wears: ['age'],
      }),
      ...(accumulator
        ? [
            fault({
              id: 'tank.precharge-low',
              name: 'Accumulator flat',
              baseRate: 0.05,
              severities: always(times('tank.precharge', 0.15)),
              effect: 'rapid-cycles',
              repair: repair({
                id: 'air-accumulator-at-zero-pressure',
                name: 'Air the accumulator at zero pressure',
                minutes: 10,
              }),
              causes: [CAUSES.age],
              settledBy: 'its air valve with the pressure off',
              wears: ['age'],
            }),
          ]
        : []),
      fault({
        id: 'gauge.stuck',
        name: 'Gauge stuck or wrong',
        baseRate: 0.01,
        severities: always({ 'gauge.stuck': 1 }),
        effect: 'runs',
        repair: repair({
          id: 'replace-gauge',
          name: 'Replace the gauge',
          minutes: 20,
          part: 'gauge',
        }),
        causes: [CAUSES.age],
        settledBy: 'against a second gauge',
      }),
    ],
    tests: [
      flow({
        id: 'flow',
        point: 'tap',
        title: 'Delivery at the tap',
        words: [],
        ask: 'delivery',
        quantity: 'flow',
        minutes: 3,
        steps: ['Let it settle, then time a jug.'],
        need: 'live',
        meter: 'jug and stopwatch',
        whileRunning: true,
        proves: true,
      }),
      ...(accumulator
        ? [
            flow({
              id: 'precharge',
              point: 'valve',
              title: 'Accumulator precharge',
              words: [],
              ask: 'precharge',
              quantity: 'pressure',
              minutes: 4,
              steps: ['Pressure off and a tap open; gauge on the air valve.'],
              condition: 'static',
              need: 'zero-pressure',
              meter: 'tyre gauge',
              band: 'precharge',
              proves: true,
            }),
          ]
        : []),
      seen({
        id: 'tank-look',
        point: 'tap',
        title: 'Look into the fresh tank',
        words: ['fresh tank', 'water level'],
        minutes: 0.7,
        steps: ['Level by eye, not by the panel.'],
        outcomes: {
          water: { label: 'water in it', words: ['full'] },
          empty: { label: 'empty' },
        },
        usual: { water: 0.96, empty: 0.04 },
        chancesByFault: {
          'source.empty': { water: 0.01, empty: 0.99 },
        },
      }),
      seen({
        id: 'strainer-look',
        point: 'strainer',
        title: 'Look at the strainer bowl',
        words: ['strainer', 'bowl'],
        minutes: 1.5,
        steps: ['Bowl: clear, packed, or full of bubbles while it runs?'],
        outcomes: {
          clear: { label: 'clear', words: ['clean'] },
          packed: { label: 'packed', words: ['blocked', 'dirty'] },
          bubbles: { label: 'bubbles', words: ['air'] },
        },
        usual: { clear: 0.88, packed: 0.08, bubbles: 0.04 },
        chancesByFault: {
          'strainer.blocked': { clear: 0.04, packed: 0.94, bubbles: 0.02 },
          'strainer.air-leak': { clear: 0.08, packed: 0.02, bubbles: 0.9 },
          'source.empty': { clear: 0.2, packed: 0.02, bubbles: 0.78 },
        },
      }),
      seen({
        id: 'weep',
        point: 'strainer',
        title: 'Look under the pump head',
        words: ['weep hole', 'head'],
        minutes: 1,
        steps: ['Dry, or water at the weep hole?'],
        outcomes: {
          dry: { label: 'dry' },
          wet: { label: 'wet', words: ['drips', 'weeps'] },
        },
        usual: { dry: 0.95, wet: 0.05 },
        chancesByFault: {
          'pump.diaphragm': { dry: 0.08, wet: 0.92 },
          'house.leak': { dry: 0.85, wet: 0.15 },
        },
      }),
      seen({
        id: 'outlet-shut',
        point: 'tap',
        title: 'Outlet valve shut at the pump: does it still start by itself?',
        words: ['outlet shut', 'valve shut'],
        minutes: 3,
        wait: { minutes: 8, why: 'eight minutes with the outlet shut' },
        steps: ['At rest, valve behind the pump shut: does it start within eight minutes?'],
        outcomes: {
          quiet: { label: 'stays quiet', words: ['holds'] },
          starts: { label: 'starts by itself', words: ['starts'] },
        },
        usual: { quiet: 0.93, starts: 0.07 },
        chancesByFault: {
          'pump.valves:2': { quiet: 0.06, starts: 0.94 },
          'house.leak': { quiet: 0.95, starts: 0.05 },
        },
      }),
      seen({
        id: 'leaks-look',
        point: 'tap',
        title: 'Walk the plumbing: any water where none should be?',
        words: ['leaks', 'plumbing'],
        minutes: 4,
        steps: ['Lockers, toilet valve, outside shower, heater relief.'],
        outcomes: {
          dry: { label: 'all dry', words: ['none'] },
          leak: { label: 'a leak', words: ['drips', 'burst'] },
        },
        usual: { dry: 0.95, leak: 0.05 },
        chancesByFault: {
          'house.leak': { dry: 0.12, leak: 0.88 },
        },
      }),
      seen({
        id: 'gauge-agrees',
        point: 'gauge',
        title: 'Second gauge: do they agree?',
        words: ['second gauge', 'gauges'],
        minutes: 3,
        steps: ['Gauge on the outside shower; compare.'],
        outcomes: {
          agree: { label: 'they agree', words: ['same'] },
          differ: { label: 'they differ', words: ['stuck'] },
        },
        usual: { agree: 0.96, differ: 0.04 },
        chancesByFault: {
          'gauge.stuck': { agree: 0.03, differ: 0.97 },
        },
      }),
      ...(told.tests ?? []),
    ],
    notes: [...(told.notes ?? []), ...(accumulator ? [NOTES.lowPrecharge] : [])],
  }
}
