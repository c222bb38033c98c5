/** Taps, plumbing, relief valve and whatever filter stands on the way; common practice, no source. */
import type { Figures } from '../figures'
import type { Filter } from '../kinds'
import { sayNumber, type ShopPractice } from '../practice'
import { type Block, component, point } from './block'
import { CAUSES } from './causes'
import { degrees, fault, madeBy, repair } from './faultEntry'
import { alike, flow, seen } from './testEntry'
import { RELIEF_OPENS } from './pressureLimits'

export interface PlumbingOptions {
  readonly filter: Filter
  readonly relief: boolean
  readonly practice: Pick<ShopPractice, 'leakDownMinutes'>
}

export function plumbing({ filter, relief, practice }: PlumbingOptions): Block {
  const long = `${sayNumber(practice.leakDownMinutes)} minutes`
  return {
    components: [
      ...(filter === 'none'
        ? []
        : [
            component({
              id: 'filter',
              name: filter === 'before' ? 'Filter ahead of the switch' : 'House filter',
              glyph: 'filter',
              lane: 'water',
              place: 'tank',
            }),
          ]),
      ...(relief
        ? [
            component({
              id: 'relief',
              name: 'Relief valve',
              glyph: 'relief',
              lane: 'water',
              place: 'tank',
              fields: [RELIEF_OPENS],
            }),
          ]
        : []),
      component({
        id: 'house',
        name: 'House',
        glyph: 'house',
        lane: 'water',
        place: 'house',
        fields: [
          {
            id: 'filter',
            label: 'Filter',
            quantity: 'choice',
            choices: ['none', 'ahead of the switch', 'after the switch'],
            likeliest: 2,
          },
          { id: 'draw', label: 'What draws', quantity: 'choice', choices: ['taps', 'a constant draw'] },
        ],
      }),
    ],
    points: [
      point({
        id: 'tap',
        name: 'hose tap',
        component: 'house',
        spot: { on: 'house', side: 'in' },
        aliases: ['hose', 'delivery', 'flow', 'taps'],
      }),
    ],
    faults: [
      fault({
        id: 'house.leak',
        name: 'Leak in the plumbing',
        baseRate: 0.03,
        severities: degrees(
          { name: 'running toilet', share: 0.55, change: h => ({ 'leak.house': h['pump.flow'] * 0.08 }) },
          { name: 'burst line', share: 0.3, change: h => ({ 'leak.house': h['pump.flow'] * 0.6 }) },
          { name: 'more than the pump gives', share: 0.15, change: h => ({ 'leak.house': h['pump.flow'] * 1.1 }) },
        ),
        effect: 'starts-alone',
        repair: repair({
          id: 'find-and-mend-leak',
          name: 'Find and mend the leak',
          minutes: 60,
        }),
        causes: [CAUSES.frozen, CAUSES.age],
        settledBy: 'leak-down stops with the house valve shut',
        wears: ['age'],
      }),
      fault({
        id: 'house.shut',
        name: 'House valve shut, or the line frozen',
        baseRate: 0.012,
        severities: degrees(
          { name: 'valve shut', share: 0.6, change: h => ({ 'filter.after': filterLoss(h, 0.004) }) },
          { name: 'frozen or blocked', share: 0.4, change: h => ({ 'filter.after': filterLoss(h, 0.01) }) },
        ),
        effect: 'runs',
        repair: repair({
          id: 'open-house-valve-or-thaw-line',
          name: 'Open the house valve, or thaw the line',
          minutes: 15,
        }),
        causes: [CAUSES.frozen],
        settledBy: 'pressure at the tank and none in the house; the valve between',
      }),
      fault({
        id: 'house.reducer',
        name: 'Pressure-reducing valve stuck or set low',
        baseRate: 0.004,
        severities: degrees(
          { name: 'half', share: 0.5, change: h => ({ 'filter.after': filterLoss(h, 0.4) }) },
          { name: 'nearly shut', share: 0.5, change: h => ({ 'filter.after': filterLoss(h, 0.1) }) },
        ),
        effect: 'runs-weak',
        repair: repair({
          id: 'set-or-replace-reducing-valve',
          name: 'Set or replace the pressure-reducing valve',
          minutes: 40,
          part: 'pressure-reducing valve',
        }),
        causes: [CAUSES.sand, CAUSES.age],
        settledBy: 'pressure ahead of it against pressure behind it',
        wears: ['sand', 'age'],
      }),
      ...(relief
        ? [
            fault({
              id: 'relief.weeping',
              name: 'Relief valve weeping',
              baseRate: 0.012,
              severities: degrees(
                { name: 'weeps', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.04 }) },
                {
                  name: 'opens early',
                  share: 0.4,
                  change: h => ({ 'relief.opens': 0.5 * (h['set.cutIn'] + h['set.cutOut']) }),
                },
              ),
              effect: 'starts-alone',
              repair: repair({
                id: 'replace-relief-valve',
                name: 'Replace the relief valve',
                minutes: 30,
                part: 'relief valve',
              }),
              causes: [
                CAUSES.sand,
                madeBy('switch.welded', 'a pump that would not stop has lifted it'),
                madeBy('switch.port-blocked', 'a pump that would not stop has lifted it'),
                CAUSES.age,
              ],
              settledBy: 'water at its outlet',
              wears: ['sand', 'age'],
            }),
          ]
        : []),
      ...(filter === 'before'
        ? [
            fault({
              id: 'filter.blocked',
              name: 'Filter ahead of the switch blocked',
              baseRate: 0.06,
              severities: degrees(
                { name: 'half', share: 0.4, change: h => ({ 'filter.before': filterLoss(h, 0.5) }) },
                { name: 'nearly shut', share: 0.6, change: h => ({ 'filter.before': filterLoss(h, 0.12) }) },
              ),
              effect: 'runs-weak',
              repair: repair({
                id: 'change-filter-move-switch-ahead-of-it',
                name: 'Change the filter; move the switch ahead of it',
                minutes: 30,
                part: 'filter cartridge',
              }),
              causes: [CAUSES.sand],
              settledBy: 'pressure before it against after it under draw',
              wears: ['sand'],
            }),
          ]
        : []),
      ...(filter === 'after'
        ? [
            fault({
              id: 'filter.blocked',
              name: 'House filter blocked',
              baseRate: 0.06,
              severities: degrees(
                { name: 'half', share: 0.4, change: h => ({ 'filter.after': filterLoss(h, 0.5) }) },
                { name: 'nearly shut', share: 0.6, change: h => ({ 'filter.after': filterLoss(h, 0.15) }) },
              ),
              effect: 'runs-weak',
              repair: repair({
                id: 'change-filter-cartridge',
                name: 'Change the filter cartridge',
                minutes: 20,
                part: 'filter cartridge',
              }),
              causes: [CAUSES.sand],
              settledBy: 'flow with the cartridge out',
              wears: ['sand'],
            }),
          ]
        : []),
    ],
    tests: [
      flow({
        id: 'flow',
        point: 'tap',
        title: 'Delivery at the tap',
        words: [],
        ask: 'delivery',
        quantity: 'flow',
        minutes: 5,
        steps: ['Let it settle, then time a bucket.'],
        need: 'live',
        meter: 'bucket and stopwatch',
        whileRunning: true,
        proves: true,
      }),
      seen({
        id: 'tank-tap',
        point: 'tap',
        title: 'Tap at the tank: does it run there?',
        words: ['tap at the tank', 'drain at the tank'],
        minutes: 1,
        steps: ['The drain or hose tap at the tank open, then one in the house: both, or only the first?'],
        outcomes: {
          both: { label: 'runs there as in the house' },
          only: { label: 'strong there, weak or none in the house' },
          none: { label: 'nothing there either' },
        },
        usual: { both: 0.93, only: 0.01, none: 0.06 },
        chancesByFault: {
          'house.shut': { both: 0.03, only: 0.95, none: 0.02 },
          'house.reducer': { both: 0.08, only: 0.9, none: 0.02 },
          ...(filter === 'after' ? { 'filter.blocked': { both: 0.1, only: 0.87, none: 0.03 } } : {}),
        },
        chancesByEffect: alike(['silent', 'groans', 'runs-dry', 'trips-breaker'], {
          both: 0.35,
          only: 0.01,
          none: 0.64,
        }),
      }),
      seen({
        id: 'house-valve',
        point: 'tap',
        title: 'Look at the valve between tank and house',
        words: ['valve between tank and house'],
        minutes: 0.5,
        steps: ['Handle along the pipe is open; try it. In frost: is the pipe beyond it ice-cold and hard?'],
        outcomes: {
          'open': { label: 'open' },
          'was-shut': { label: 'it was shut' },
          'frozen': { label: 'open, and the line frozen' },
        },
        usual: { 'open': 0.994, 'was-shut': 0.004, 'frozen': 0.002 },
        chancesByFault: {
          'house.shut:1': { 'open': 0.03, 'was-shut': 0.96, 'frozen': 0.01 },
          'house.shut:2': { 'open': 0.3, 'was-shut': 0.02, 'frozen': 0.68 },
        },
      }),
      seen({
        id: 'house-shut',
        point: 'tap',
        title: 'House valve shut: does the leak-down stop?',
        words: ['house valve', 'house shut'],
        minutes: 2,
        wait: { minutes: practice.leakDownMinutes, why: `${long} with the house valve shut` },
        steps: [`At cut-out, off at the breaker, house valve shut: watch the gauge for ${long}.`],
        whileRunning: true,
        outcomes: {
          holds: { label: 'holds, or held before', words: ['stops'] },
          falls: { label: 'still falls', words: ['drops'] },
          builds: { label: 'now it gets to cut-out' },
        },
        usual: { holds: 0.945, falls: 0.04, builds: 0.015 },
        chancesByFault: {
          'check.leaking': { holds: 0.05, falls: 0.945, builds: 0.005 },
          'pipe.holed': { holds: 0.04, falls: 0.955, builds: 0.005 },
          'pipe.pitless': { holds: 0.05, falls: 0.945, builds: 0.005 },
          'pump.seal': { holds: 0.06, falls: 0.935, builds: 0.005 },
          'pump.cracked': { holds: 0.05, falls: 0.945, builds: 0.005 },
          'switch.diaphragm': { holds: 0.1, falls: 0.895, builds: 0.005 },
          'relief.weeping': { holds: 0.15, falls: 0.845, builds: 0.005 },
          // what runs out of it is more than it gives
          'pump.worn': { holds: 0.9, falls: 0.03, builds: 0.07 },
          'house.leak:1': { holds: 0.94, falls: 0.03, builds: 0.03 },
          'house.leak:2': { holds: 0.6, falls: 0.03, builds: 0.37 },
          'house.leak:3': { holds: 0.1, falls: 0.03, builds: 0.87 },
        },
      }),
      seen({
        id: 'leaks-look',
        point: 'tap',
        title: 'Walk the plumbing: any water where none should be?',
        words: ['leaks', 'plumbing'],
        minutes: 6,
        steps: ['Toilets, hose ends, softener drain, wet ground, relief outlet, under the switch.'],
        outcomes: {
          dry: { label: 'all dry', words: ['none'] },
          leak: { label: 'a leak in the house', words: ['toilet', 'burst'] },
          relief: { label: 'at the relief valve' },
          switch: { label: 'under the switch' },
        },
        usual: { dry: 0.975, leak: 0.015, relief: 0.005, switch: 0.005 },
        // pumped over its setting the relief valve does its work; common practice, no source
        chancesByEffect: { 'runs-on': { dry: 0.575, leak: 0.015, relief: 0.4, switch: 0.01 } },
        chancesByFault: {
          'house.leak': { dry: 0.15, leak: 0.83, relief: 0.01, switch: 0.01 },
          // out of the pump itself: not in the house, and some who walk there take it for one
          'pump.seal': { dry: 0.66, leak: 0.32, relief: 0.01, switch: 0.01 },
          'pump.cracked': { dry: 0.58, leak: 0.4, relief: 0.01, switch: 0.01 },
          'relief.weeping': { dry: 0.08, leak: 0.02, relief: 0.89, switch: 0.01 },
          'switch.diaphragm': { dry: 0.08, leak: 0.01, relief: 0.01, switch: 0.9 },
        },
      }),
      ...(filter === 'none'
        ? []
        : [
            seen({
              id: 'filter-look',
              point: 'tap',
              title: 'Look at the cartridge',
              words: ['filter', 'cartridge'],
              minutes: 4,
              need: 'zero-pressure',
              steps: ['Valves shut, pressure off, housing open: clean, or slimed and brown?'],
              outcomes: {
                clean: { label: 'clean' },
                dirty: { label: 'blocked, slimed', words: ['dirty', 'blocked'] },
              },
              usual: { clean: 0.75, dirty: 0.25 },
              chancesByFault: { 'filter.blocked': { clean: 0.03, dirty: 0.97 } },
            }),
            seen({
              id: 'filter-sides',
              point: 'tap',
              title: 'Pressure on either side of the filter, a tap open',
              words: ['either side of the filter', 'filter sides'],
              minutes: 5,
              steps: ['A gauge ahead of the housing and one behind it; open a tap and read both.'],
              outcomes: {
                alike: { label: 'nearly alike', words: ['same both sides'] },
                drops: { label: 'far less behind it', words: ['drops across it'] },
              },
              usual: { alike: 0.97, drops: 0.03 },
              chancesByFault: { 'filter.blocked': { alike: 0.04, drops: 0.96 } },
            }),
            seen({
              id: 'filter-out',
              point: 'tap',
              title: 'Cartridge out: is the flow back?',
              words: ['filter out', 'cartridge out'],
              minutes: 9,
              need: 'zero-pressure',
              steps: ['Valves shut, pressure off, cartridge out, housing closed; run a tap.'],
              outcomes: {
                same: { label: 'no better', words: ['clean'] },
                back: { label: 'flow is back', words: ['better'] },
              },
              usual: { same: 0.95, back: 0.05 },
              chancesByFault: {
                'filter.blocked': { same: 0.03, back: 0.97 },
              },
            }),
          ]),
    ],
  }
}

/** A filter that lets through so much of the pump's flow with half the cut-in to drive it, Pa per (m³/s)². */
const filterLoss = (h: Figures, share: number) => (0.5 * h['set.cutIn']) / (share * h['pump.flow']) ** 2
