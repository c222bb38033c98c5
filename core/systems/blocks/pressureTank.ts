/** Pressure tank and gauge. Rates and tables are common practice, no source. */
import { GALLON, PSI } from '#core/units'
import { type Block, component, point } from './block'
import { CAUSES, NOTES } from './causes'
import { always, degrees, fault, repair, times } from './faultEntry'
import { flow, seen } from './testEntry'
import { MOST_PRESSURE } from './pressureLimits'

export function pressureTank({ charged, small = false }: { charged: boolean, small?: boolean }): Block {
  const aired = repair({
    id: 'air-tank-at-zero-pressure',
    name: 'Air the tank at zero pressure',
    minutes: 20,
  })
  return {
    components: [
      component({
        id: 'tank',
        name: charged ? 'Air-charged tank' : 'Tank',
        glyph: 'tank',
        lane: 'water',
        place: small ? 'machine' : 'tank',
        fields: [
          { id: 'volume', label: 'Volume', quantity: 'volume', range: [0.1 * GALLON, 1000 * GALLON] },
          { id: 'kind', label: 'Kind of tank', quantity: 'choice', choices: ['bladder', 'air-charged'] },
          MOST_PRESSURE,
        ],
      }),
      component({
        id: 'gauge',
        name: 'Gauge',
        glyph: 'gauge',
        lane: 'water',
        place: small ? 'machine' : 'tank',
      }),
    ],
    points: [
      point({
        id: 'valve',
        name: 'tank air valve',
        component: 'tank',
        spot: { on: 'tank', side: 'on', part: 'valve' },
        aliases: ['pre', 'precharge', 'air valve', 'air'],
      }),
      point({
        id: 'gauge',
        name: 'tank gauge',
        component: 'gauge',
        spot: { on: 'gauge', side: 'on' },
        aliases: ['pressure', 'psi'],
      }),
    ],
    faults: [
      fault({
        id: 'tank.waterlogged',
        name: charged ? 'Tank waterlogged, air lost' : 'Tank waterlogged, bladder gone',
        baseRate: 0.06,
        // with the tap open what air is left stands at the yard's own pressure; common practice, no source
        severities: always(h => ({
          'tank.precharge': h['tank.precharge'] * 0.05,
          'tank.volume': h['tank.volume'] * 0.1,
        })),
        effect: 'rapid-cycles',
        repair: charged
          ? repair({
              id: 'drain-and-recharge-tank',
              name: 'Drain and recharge the tank',
              minutes: 40,
              renews: ['tank'],
            })
          : repair({
              id: 'replace-tank',
              name: 'Replace the tank',
              minutes: 120,
              part: 'pressure tank',
              renews: ['tank'],
            }),
        causes: charged
          ? [{ because: 'tank.charger', why: 'a dead air charger lets the water take the air' }, CAUSES.age]
          : [CAUSES.age, CAUSES.lowPrecharge],
        settledBy: charged ? 'sight glass or knock' : 'water at the air valve; knock and tilt',
        wears: ['age'],
      }),
      ...(charged
        ? [
            fault({
              id: 'tank.charger',
              name: 'Air charger or its check valve failed',
              baseRate: 0.03,
              severities: always(h => ({
                'tank.precharge': h['tank.precharge'] * 0.3,
                'tank.volume': h['tank.volume'] * 0.25,
              })),
              effect: 'rapid-cycles',
              repair: repair({
                id: 'replace-air-volume-control',
                name: 'Replace the air volume control',
                minutes: 35,
                part: 'air volume control',
                outlives: true,
              }),
              causes: [CAUSES.age, CAUSES.sand],
              settledBy: 'no puff of air at a start',
              wears: ['age', 'sand'],
            }),
          ]
        : [
            fault({
              id: 'tank.precharge-low',
              name: 'Tank precharge low',
              baseRate: 0.06,
              severities: degrees(
                { name: 'half', share: 0.45, change: times('tank.precharge', 0.5) },
                { name: 'a quarter', share: 0.27, change: times('tank.precharge', 0.25) },
                { name: 'nearly none', share: 0.16, change: times('tank.precharge', 0.05) },
                // what leaks out while the tank stands under pressure leaves none behind; share is judgement
                {
                  name: 'none left, the tank full of water',
                  share: 0.12,
                  change: h => ({ 'tank.precharge': h['tank.precharge'] * 0.05,
                    'tank.volume': h['tank.volume'] * 0.12 }),
                },
              ),
              effect: 'rapid-cycles',
              repair: aired,
              causes: [CAUSES.age],
              settledBy: 'air valve with the tank empty',
              wears: ['age'],
            }),
            fault({
              id: 'tank.precharge-high',
              name: 'Tank precharge over cut-in',
              baseRate: 0.02,
              severities: degrees(
                { name: '8 psi over', share: 0.5, change: h => ({ 'tank.precharge': h['set.cutIn'] + 8 * PSI }) },
                { name: '3 psi over', share: 0.25, change: h => ({ 'tank.precharge': h['set.cutIn'] + 3 * PSI }) },
                { name: '20 psi over', share: 0.25, change: h => ({ 'tank.precharge': h['set.cutIn'] + 20 * PSI }) },
              ),
              effect: 'surges',
              repair: repair({
                id: 'bleed-tank-at-zero-pressure',
                name: 'Bleed the tank at zero pressure',
                minutes: 15,
              }),
              causes: [],
              settledBy: 'air valve with the tank empty',
            }),
          ]),
      fault({
        id: 'tank.port-blocked',
        name: 'Way into the tank blocked',
        baseRate: 0.003,
        // what is in the pipes is all that gives; common practice, no source
        severities: always(h => ({ 'tank.volume': h['tank.volume'] * 0.03 })),
        effect: 'rapid-cycles',
        repair: repair({
          id: 'clear-way-into-tank',
          name: 'Clear the tee and the elbow under the tank',
          minutes: 60,
        }),
        causes: [CAUSES.sand],
        settledBy: 'air right at the valve, and the tank gives no water',
        wears: ['sand'],
      }),
      fault({
        id: 'gauge.stuck',
        name: 'Gauge stuck or wrong',
        baseRate: 0.02,
        severities: always({ 'gauge.stuck': 1 }),
        effect: 'runs',
        repair: repair({
          id: 'replace-gauge',
          name: 'Replace the gauge',
          minutes: 20,
          part: 'gauge',
        }),
        causes: [CAUSES.age, CAUSES.sand, CAUSES.frozen],
        settledBy: 'against a second gauge',
        wears: ['age'],
      }),
    ],
    tests: [
      ...(charged
        ? []
        : [
            flow({
              id: 'precharge',
              point: 'valve',
              title: 'Tank precharge',
              words: [],
              ask: 'precharge',
              quantity: 'pressure',
              minutes: 6,
              steps: ['Water side at zero and a tap open.', 'Gauge on the tank air valve.'],
              condition: 'static',
              need: 'zero-pressure',
              meter: 'tyre gauge',
              cautions: ['Never air a tank beyond its plate.'],
              band: 'precharge',
              proves: true,
            }),
          ]),
      seen({
        id: 'knock',
        point: 'valve',
        title: 'Knock and tilt the tank',
        words: ['tank', 'knock'],
        minutes: 1,
        steps: ['Knock from top to bottom; rock it if it is free to move.'],
        outcomes: {
          rings: { label: 'rings, moves', words: ['ring'] },
          dull: { label: 'dull, heavy', words: ['heavy', 'waterlogged'] },
        },
        usual: { rings: 0.87, dull: 0.13 },
        chancesByFault: {
          'tank.waterlogged': { rings: 0.06, dull: 0.94 },
          'tank.precharge-low': { rings: 0.5, dull: 0.5 },
          'tank.precharge-low:4': { rings: 0.1, dull: 0.9 },
          'tank.charger': { rings: 0.2, dull: 0.8 },
          'tank.port-blocked': { rings: 0.93, dull: 0.07 },
        },
      }),
      charged
        ? seen({
            id: 'air-valve',
            point: 'valve',
            title: 'Does the air charger puff at a start?',
            words: ['charger', 'puff', 'bleeder'],
            minutes: 3,
            steps: ['Hand at the snifter or air control as it starts.'],
            outcomes: {
              puffs: { label: 'puffs', words: ['yes', 'air'] },
              nothing: { label: 'nothing', words: ['no'] },
              water: { label: 'spits water', words: ['wet'] },
            },
            usual: { puffs: 0.974, nothing: 0.02, water: 0.006 },
            chancesByFault: {
              'tank.charger': { puffs: 0.04, nothing: 0.66, water: 0.3 },
            },
            chancesByEffect: {
              silent: { puffs: 0.02, nothing: 0.97, water: 0.01 },
              groans: { puffs: 0.02, nothing: 0.97, water: 0.01 },
            },
          })
        : seen({
            id: 'air-valve',
            point: 'valve',
            title: 'Press the tank air valve',
            words: ['air valve'],
            minutes: 0.5,
            steps: ['Press the pin for a moment.'],
            outcomes: {
              air: { label: 'air' },
              water: { label: 'water', words: ['wet'] },
              nothing: { label: 'nothing' },
            },
            usual: { air: 0.974, water: 0.006, nothing: 0.02 },
            chancesByFault: {
              'tank.waterlogged': { air: 0.1, water: 0.72, nothing: 0.18 },
              // by how much air is left; judgement, no source
              'tank.precharge-low:1': { air: 0.96, water: 0.02, nothing: 0.02 },
              'tank.precharge-low:2': { air: 0.94, water: 0.02, nothing: 0.04 },
              'tank.precharge-low:3': { air: 0.48, water: 0.02, nothing: 0.5 },
              'tank.precharge-low:4': { air: 0.16, water: 0.04, nothing: 0.8 },
            },
          }),
      seen({
        id: 'gauge-agrees',
        point: 'gauge',
        title: 'Second gauge at a tap: do they agree?',
        words: ['second gauge', 'gauges'],
        minutes: 4,
        steps: ['Gauge on the hose tap nearest the tank; compare, at two pressures.'],
        outcomes: {
          agree: { label: 'they agree', words: ['agrees', 'same'] },
          differ: { label: 'they differ', words: ['differs', 'stuck'] },
        },
        usual: { agree: 0.985, differ: 0.015 },
        chancesByFault: {
          'gauge.stuck': { agree: 0.03, differ: 0.97 },
          // where the gauge sits on the nipple of the switch
          'switch.port-blocked': { agree: 0.7, differ: 0.3 },
        },
      }),
    ],
    notes: [NOTES.waterlogged, ...(charged ? [] : [NOTES.lowPrecharge, NOTES.highPrecharge])],
  }
}
