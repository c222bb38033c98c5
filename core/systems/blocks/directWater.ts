/** The small water side of a demand pump; rates and tables are common practice, no source. */
import { GALLON } from '#core/units'
import type { ShopPractice } from '../practice'
import { asked } from './asked'
import { component, point, type Block } from './block'
import { NOTES } from './causes'
import { flow, seen } from './testEntry'
import { directWaterFaults } from './directWaterFaults'

export interface DirectWaterOptions {
  readonly accumulator: boolean
  readonly practice: Pick<ShopPractice, 'cutOffAdvice'>
}

export function directWater({ accumulator, practice }: DirectWaterOptions): Block {
  const told = asked({ point: 'tap', about: ['old', 'ran-dry', 'ran-on', 'vibration', 'frozen'], practice })
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
    faults: directWaterFaults(accumulator),
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
        usual: { water: 0.994, empty: 0.006 },
        chancesByFault: {
          'source.empty': { water: 0.01, empty: 0.99 },
        },
      }),
      seen({
        id: 'tank-vent',
        point: 'tap',
        title: 'Fill cap off as it pumps: does it pick up?',
        words: ['vent', 'fill cap'],
        minutes: 1,
        need: 'live',
        whileRunning: true,
        steps: ['Fill cap off, a tap open: the same, or more water, with the tank easing out?'],
        outcomes: {
          same: { label: 'the same', words: ['clear'] },
          better: { label: 'more water', words: ['blocked', 'picks up'] },
        },
        usual: { same: 0.988, better: 0.012 },
        chancesByFault: {
          'source.vent-blocked': { same: 0.05, better: 0.95 },
        },
      }),
      seen({
        id: 'winter-valve',
        point: 'strainer',
        title: 'Look at the valves between tank and pump',
        words: ['winter valve', 'winterizing valve', 'antifreeze valve'],
        minutes: 0.7,
        steps: ['The tank’s own valve: open? The winter valve: at the tank, or at the short hose for antifreeze?'],
        outcomes: {
          tank: { label: 'open to the tank' },
          hose: { label: 'at the antifreeze hose' },
          shut: { label: 'shut at the tank' },
        },
        usual: { tank: 0.993, hose: 0.005, shut: 0.002 },
        chancesByFault: {
          'source.valve:1': { tank: 0.02, hose: 0.97, shut: 0.01 },
          'source.valve:2': { tank: 0.02, hose: 0.97, shut: 0.01 },
          'source.valve:3': { tank: 0.02, hose: 0.01, shut: 0.97 },
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
        usual: { clear: 0.96, packed: 0.02, bubbles: 0.02 },
        chancesByFault: {
          'strainer.blocked': { clear: 0.04, packed: 0.94, bubbles: 0.02 },
          'strainer.air-leak': { clear: 0.08, packed: 0.02, bubbles: 0.9 },
          'source.empty': { clear: 0.2, packed: 0.02, bubbles: 0.78 },
          'source.valve:1': { clear: 0.25, packed: 0.02, bubbles: 0.73 },
          'source.valve:2': { clear: 0.25, packed: 0.02, bubbles: 0.73 },
          'source.valve:3': { clear: 0.9, packed: 0.02, bubbles: 0.08 },
        },
      }),
      seen({
        id: 'water-look',
        point: 'tap',
        title: 'Look at the water',
        words: ['water is'],
        minutes: 1,
        steps: ['Draw a glass: a clear stream, or air with it?'],
        outcomes: {
          clear: { label: 'clear' },
          air: { label: 'spits air', words: ['spits'] },
        },
        usual: { clear: 0.95, air: 0.05 },
        chancesByFault: {
          'strainer.air-leak': { clear: 0.12, air: 0.88 },
          'source.empty': { clear: 0.3, air: 0.7 },
          'source.valve:1': { clear: 0.3, air: 0.7 },
          'source.valve:2': { clear: 0.3, air: 0.7 },
          'pump.diaphragm': { clear: 0.8, air: 0.2 },
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
        usual: { dry: 0.985, wet: 0.015 },
        chancesByFault: {
          'pump.diaphragm': { dry: 0.08, wet: 0.92 },
          'pump.cracked': { dry: 0.15, wet: 0.85 },
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
        usual: { quiet: 0.96, starts: 0.04 },
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
        usual: { dry: 0.985, leak: 0.015 },
        chancesByFault: {
          'house.leak': { dry: 0.12, leak: 0.88 },
          // these drip where they stand, and each has a look of its own
          'house.city-check': { dry: 0.8, leak: 0.2 },
          'pump.cracked': { dry: 0.7, leak: 0.3 },
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
        usual: { agree: 0.985, differ: 0.015 },
        chancesByFault: {
          'gauge.stuck': { agree: 0.03, differ: 0.97 },
        },
      }),
      ...(told.tests ?? []),
    ],
    notes: [...(told.notes ?? []), ...(accumulator ? [NOTES.lowPrecharge] : [])],
  }
}
