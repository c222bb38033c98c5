/** A booster on a main or a cistern. Rates and tables are common practice, no source. */
import { PSI } from '#core/units'
import type { Repair } from '../faultTypes'
import { type Block, component, point } from './block'
import { CAUSES } from './causes'
import { always, degrees, fault, repair, times } from './faultEntry'
import {
  checkLook, clogged, coupling, cracked, flowField, impellerLook, leakingSeal, newCasing, newCheck, shutOffField, worn,
} from './pumpFaults'
import { flow, seen } from './testEntry'
import { neighbours } from './toldSupply'

export const boosterPump = (mend: Repair, from: 'main' | 'cistern'): Block => ({
  components: [
    ...(from === 'main'
      ? [
          component({
            id: 'inlet',
            name: 'Inlet main',
            glyph: 'source',
            lane: 'water',
            place: 'machine',
            fields: [{ id: 'pressure', label: 'Main pressure', quantity: 'pressure', range: [0, 80 * PSI] }],
          }),
        ]
      : []),
    component({
      id: 'strainer',
      name: 'Strainer',
      glyph: 'filter',
      lane: 'water',
      place: 'machine',
    }),
    component({
      id: 'pump',
      name: 'Booster pump',
      glyph: 'pump',
      lane: 'water',
      place: 'machine',
      fields: [flowField, shutOffField],
    }),
    component({
      id: 'check',
      name: 'Check valve',
      glyph: 'check-valve',
      lane: 'water',
      place: 'machine',
    }),
  ],
  points: [
    point({
      id: 'inlet',
      name: from === 'main' ? 'inlet main' : 'pump inlet',
      component: 'strainer',
      spot: { on: from === 'main' ? 'inlet' : 'strainer', side: 'on' },
      aliases: ['suction', 'incoming'],
    }),
  ],
  faults: [
    coupling(mend),
    clogged(),
    leakingSeal(),
    cracked(newCasing, CAUSES.frozen),
    worn(
      repair({
        id: 'replace-impeller-and-seal',
        name: 'Replace impeller and seal',
        minutes: 80,
        part: 'impeller kit',
      }),
    ),
    fault({
      id: 'pump.jammed',
      name: 'Impeller jammed',
      baseRate: 0.03,
      severities: always({ 'motor.seized': 1 }),
      repair: repair({
        id: 'free-impeller',
        name: 'Free the impeller',
        minutes: 60,
      }),
      causes: [CAUSES.sand, CAUSES.damp],
      settledBy: 'shaft will not turn by hand',
      wears: ['sand'],
    }),
    fault({
      id: 'pump.air-lock',
      name: 'Air lock in the pump',
      baseRate: 0.03,
      severities: always(h => ({ 'motor.load': h['motor.load'] * 0.4, 'source.yield': 0 })),
      effect: 'runs-dry',
      repair: repair({
        id: 'vent-pump',
        name: 'Vent the pump',
        minutes: 10,
      }),
      causes: [{ because: 'strainer.blocked', why: 'a blocked strainer draws air in' }, CAUSES.dry],
      settledBy: 'air at the vent screw',
    }),
    fault({
      id: 'strainer.blocked',
      name: 'Inlet strainer blocked',
      baseRate: 0.05,
      severities: degrees(
        { name: 'half', share: 0.5, change: h => ({ 'source.yield': h['pump.flow'] * 0.4 }) },
        {
          name: 'nearly shut',
          share: 0.5,
          change: h => ({ 'motor.load': h['motor.load'] * 0.6, 'source.yield': h['pump.flow'] * 0.06 }),
        },
      ),
      effect: 'runs-weak',
      repair: repair({
        id: 'clean-strainer',
        name: 'Clean the strainer',
        minutes: 20,
      }),
      causes: [CAUSES.sand],
      settledBy: 'strainer opened and looked at',
      wears: ['sand'],
    }),
    ...(from === 'main'
      ? [
          fault({
            id: 'inlet.low',
            name: 'Inlet pressure low',
            baseRate: 0.04,
            severities: degrees(
              { name: 'half', share: 0.5, change: times('pump.inlet', 0.4) },
              {
                name: 'none',
                share: 0.5,
                change: h => ({
                  'pump.inlet': 0,
                  'source.yield': h['pump.flow'] * 0.1,
                  'motor.load': h['motor.load'] * 0.6,
                }),
              },
            ),
            effect: 'runs-weak',
            repair: repair({
              id: 'call-water-supplier',
              name: 'Call the water supplier',
              minutes: 20,
            }),
            causes: [],
            settledBy: 'gauge on the inlet while it draws',
          }),
        ]
      : []),
    fault({
      id: 'check.leaking',
      name: 'Check valve leaking back',
      baseRate: 0.03,
      severities: degrees(
        { name: 'weeps', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.06 }) },
        { name: 'runs back', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.3 }) },
      ),
      effect: 'starts-alone',
      repair: newCheck(45),
      causes: [CAUSES.sand, CAUSES.age],
      settledBy: 'leak-down with the outlet shut',
      wears: ['sand', 'age'],
    }),
    fault({
      id: 'check.stuck-shut',
      name: 'Check valve stuck shut',
      baseRate: 0.012,
      severities: always(h => ({ 'motor.load': h['motor.load'] * 0.5, 'check.stuck': 1 })),
      effect: 'runs-dry',
      repair: newCheck(45),
      causes: [CAUSES.sand],
      settledBy: 'no delivery with the pump under pressure',
      wears: ['sand'],
    }),
  ],
  tests: [
    ...(from === 'main'
      ? [
          neighbours(),
          seen({
            id: 'inlet-tap',
            point: 'inlet',
            title: 'A tap ahead of the pump open: how does it run?',
            words: ['inlet tap'],
            minutes: 1.5,
            steps: ['Pump off. Drain cock or hose tap between the main and the pump, full open.'],
            outcomes: {
              strong: { label: 'strong, and stays so', words: ['good'] },
              weak: { label: 'a trickle, or nothing', words: ['trickle', 'dribbles'] },
            },
            usual: { strong: 0.975, weak: 0.025 },
            chancesByFault: {
              'inlet.low:1': { strong: 0.2, weak: 0.8 },
              'inlet.low:2': { strong: 0.03, weak: 0.97 },
            },
          }),
          flow({
            id: 'inlet.pressure',
            point: 'inlet',
            title: 'Inlet pressure while it draws',
            words: ['inlet', 'suction'],
            ask: 'inlet',
            quantity: 'pressure',
            minutes: 2,
            steps: ['Gauge on the inlet; open a tap.'],
            condition: 'running',
            band: 'model',
          }),
        ]
      : []),
    seen({
      id: 'strainer-look',
      point: 'inlet',
      title: 'Open the strainer',
      words: ['strainer'],
      minutes: 6,
      need: 'zero-pressure',
      steps: ['Valves shut, pressure at zero, cap off; look at the screen.'],
      outcomes: {
        clean: { label: 'clean', words: ['clear'] },
        blocked: { label: 'blocked', words: ['full', 'plugged'] },
      },
      usual: { clean: 0.985, blocked: 0.015 },
      chancesByFault: {
        'strainer.blocked': { clean: 0.02, blocked: 0.98 },
      },
    }),
    impellerLook('inlet'),
    checkLook('inlet'),
    seen({
      id: 'vent',
      point: 'inlet',
      title: 'Crack the vent screw',
      words: ['vent', 'bled pump'],
      minutes: 2,
      need: 'proven-dead',
      steps: ['Off. Vent screw a turn: water at once, or air?'],
      outcomes: {
        water: { label: 'water at once', words: ['solid'] },
        air: { label: 'air', words: ['spits'] },
      },
      usual: { water: 0.98, air: 0.02 },
      chancesByFault: {
        'pump.air-lock': { water: 0.03, air: 0.97 },
        'strainer.blocked:2': { water: 0.8, air: 0.2 },
      },
    }),
  ],
})
