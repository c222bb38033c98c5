/** A surface jet pump on a suction line: it must keep its prime. Rates and tables are common practice, no source. */
import { GALLON } from '#core/units'
import type { ShopPractice } from '../practice'
import type { Repair } from '../faultTypes'
import { type Block, component, point } from './block'
import { CAUSES } from './causes'
import { always, degrees, fault, repair, times } from './faultEntry'
import {
  clogged, coupling, cracked, flowField, impellerLook, leakingSeal, newCasing, shutOffField, worn,
} from './pumpFaults'
import { seen } from './testEntry'
import { footValve, wellLevel } from './toldWater'

export const jetPump = (mend: Repair, { threadSealant }: Pick<ShopPractice, 'threadSealant'>): Block => ({
  components: [
    component({
      id: 'suction',
      name: 'Suction line',
      glyph: 'drop-pipe',
      lane: 'water',
      place: 'well-head',
    }),
    component({
      id: 'check',
      name: 'Foot valve',
      glyph: 'check-valve',
      lane: 'water',
      place: 'down-hole',
    }),
    component({
      id: 'pump',
      name: 'Jet pump',
      glyph: 'pump',
      lane: 'water',
      place: 'machine',
      fields: [
        flowField,
        shutOffField,
        { id: 'yield', label: 'Well yield', quantity: 'flow', range: [(0.1 * GALLON) / 60, (400 * GALLON) / 60] },
      ],
    }),
  ],
  points: [
    point({
      id: 'prime',
      name: 'prime plug',
      component: 'pump',
      spot: { on: 'pump', side: 'on', part: 'prime' },
      aliases: ['prime', 'priming plug'],
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
      id: 'pump.prime-lost',
      putBack: true,
      name: 'Prime lost',
      baseRate: 0.05,
      severities: always(h => ({ 'motor.load': h['motor.load'] * 0.4, 'source.yield': 0 })),
      effect: 'runs-dry',
      repair: repair({
        id: 'prime-pump',
        name: 'Prime the pump',
        minutes: 15,
      }),
      causes: [
        { because: 'check.leaking', why: 'a foot valve that leaks lets the prime run back', stillThere: 0.45 },
        { because: 'suction.air-leak', why: 'air drawn in breaks the suction', stillThere: 0.2 },
        CAUSES.dry,
      ],
      settledBy: 'water at the prime plug',
    }),
    fault({
      id: 'pump.nozzle',
      name: 'Jet nozzle blocked',
      baseRate: 0.02,
      severities: degrees(
        { name: 'half', share: 0.6, change: times('pump.flow', 0.45) },
        { name: 'nearly shut', share: 0.4, change: times('pump.flow', 0.12) },
      ),
      effect: 'runs-weak',
      repair: repair({
        id: 'clean-jet',
        name: 'Clean the jet',
        minutes: 45,
      }),
      causes: [CAUSES.sand],
      settledBy: 'jet taken out and looked through',
      wears: ['sand'],
    }),
    fault({
      id: 'pump.jammed',
      name: 'Impeller jammed',
      baseRate: 0.02,
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
      id: 'check.leaking',
      name: 'Foot valve leaking',
      baseRate: 0.04,
      severities: degrees(
        { name: 'weeps', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.06 }) },
        { name: 'runs back', share: 0.5, change: h => ({ 'check.leak': h['pump.flow'] * 0.3 }) },
      ),
      effect: 'starts-alone',
      repair: repair({
        id: 'replace-foot-valve',
        name: 'Replace the foot valve',
        minutes: 100,
        part: 'foot valve',
      }),
      causes: [CAUSES.sand, CAUSES.age],
      settledBy: 'leak-down; prime gone by morning',
      wears: ['sand', 'age'],
    }),
    fault({
      id: 'check.stuck-shut',
      name: 'Foot valve blocked or stuck shut',
      baseRate: 0.015,
      severities: always(h => ({ 'motor.load': h['motor.load'] * 0.5, 'check.stuck': 1 })),
      effect: 'runs-dry',
      repair: repair({
        id: 'replace-foot-valve',
        name: 'Replace the foot valve',
        minutes: 100,
        part: 'foot valve',
      }),
      causes: [CAUSES.sand],
      settledBy: 'full vacuum and no water',
    }),
    fault({
      id: 'suction.blocked',
      name: 'Suction strainer or hose blocked',
      baseRate: 0.01,
      severities: degrees(
        {
          name: 'half',
          share: 0.35,
          change: h => ({ 'motor.load': h['motor.load'] * 0.8, 'source.yield': h['pump.flow'] * 0.45 }),
        },
        {
          name: 'mostly',
          share: 0.3,
          change: h => ({ 'motor.load': h['motor.load'] * 0.7, 'source.yield': h['pump.flow'] * 0.2 }),
        },
        {
          name: 'nearly shut',
          share: 0.35,
          change: h => ({ 'motor.load': h['motor.load'] * 0.6, 'source.yield': h['pump.flow'] * 0.06 }),
        },
      ),
      effect: 'runs-weak',
      repair: repair({ id: 'clear-suction-line', name: 'Clear the suction strainer and line', minutes: 60 }),
      causes: [CAUSES.sand],
      settledBy: 'high vacuum and little water, the well full',
      wears: ['sand'],
    }),
    fault({
      id: 'suction.air-leak',
      name: 'Suction line draws air',
      baseRate: 0.03,
      severities: degrees(
        { name: 'a little', share: 0.5, change: times('pump.flow', 0.5) },
        {
          name: 'a lot',
          share: 0.5,
          change: h => ({ 'motor.load': h['motor.load'] * 0.5, 'source.yield': h['pump.flow'] * 0.05 }),
        },
      ),
      effect: 'runs-weak',
      repair: repair({
        id: 'remake-suction-joints',
        name: 'Remake the suction joints',
        minutes: 50,
        part: threadSealant === 'tape' ? 'PTFE tape' : 'pipe thread paste',
      }),
      causes: [CAUSES.age, CAUSES.vibration, { because: 'frozen', why: 'ice splits suction pipes and fittings' }],
      settledBy: 'vacuum gauge low and unsteady; foam on the joints drawn in',
      wears: ['age'],
    }),
    fault({
      id: 'suction.dry-well',
      name: 'Well dry or drawn down',
      baseRate: 0.02,
      severities: degrees(
        { name: 'dry', share: 0.5, change: h => ({ 'motor.load': h['motor.load'] * 0.4, 'source.yield': 0 }) },
        {
          name: 'low yield',
          share: 0.5,
          change: h => ({ 'motor.load': h['motor.load'] * 0.7, 'source.yield': h['pump.flow'] * 0.25 }),
        },
      ),
      effect: 'runs-dry',
      repair: repair({
        id: 'rest-well-fit-dry-run-protection',
        name: 'Rest the well; fit dry-run protection',
        minutes: 60,
        part: 'underload protector',
        outlives: true,
      }),
      causes: [],
      settledBy: 'delivery that comes back after a rest',
    }),
  ],
  tests: [
    wellLevel('foot valve'),
    footValve(),
    seen({
      id: 'prime-look',
      point: 'prime',
      title: 'Open the prime plug: is it full?',
      words: ['prime', 'prime plug'],
      minutes: 5,
      need: 'zero-pressure',
      steps: ['Off, pressure at zero, plug out: water to the top?'],
      outcomes: {
        full: { label: 'full' },
        empty: { label: 'empty', words: ['low', 'dry'] },
      },
      usual: { full: 0.98, empty: 0.02 },
      chancesByFault: {
        'pump.prime-lost': { full: 0.03, empty: 0.97 },
        'check.leaking': { full: 0.5, empty: 0.5 },
        'suction.air-leak': { full: 0.6, empty: 0.4 },
        'suction.dry-well': { full: 0.45, empty: 0.55 },
      },
      pointsTo: ['check.leaking', 'suction.air-leak', 'suction.dry-well'],
    }),
    impellerLook('prime'),
    seen({
      id: 'vacuum',
      point: 'prime',
      title: 'Vacuum gauge on the suction while it runs',
      words: ['vacuum'],
      minutes: 8,
      need: 'live',
      whileRunning: true,
      steps: ['Gauge in the suction port; run it, outlet half open.'],
      outcomes: {
        steady: { label: 'steady, usual', words: ['normal'] },
        high: { label: 'high and steady', words: ['full'] },
        low: { label: 'low or unsteady', words: ['jumps', 'none'] },
      },
      usual: { steady: 0.86, high: 0.06, low: 0.08 },
      chancesByFault: {
        'check.stuck-shut': { steady: 0.03, high: 0.95, low: 0.02 },
        'suction.blocked': { steady: 0.08, high: 0.89, low: 0.03 },
        'suction.air-leak': { steady: 0.08, high: 0.02, low: 0.9 },
        'suction.dry-well': { steady: 0.2, high: 0.35, low: 0.45 },
        'pump.prime-lost': { steady: 0.04, high: 0.02, low: 0.94 },
        'pump.worn': { steady: 0.35, high: 0.02, low: 0.63 },
        'pump.clogged': { steady: 0.35, high: 0.02, low: 0.63 },
        'pump.nozzle': { steady: 0.35, high: 0.02, low: 0.63 },
      },
    }),
    seen({
      id: 'jet-look',
      point: 'prime',
      title: 'Take the jet out and look through it',
      words: ['jet', 'nozzle'],
      minutes: 20,
      need: 'zero-pressure',
      steps: ['Off, at zero; jet out; look through the nozzle.'],
      outcomes: {
        clear: { label: 'clear', words: ['clean'] },
        blocked: { label: 'blocked', words: ['plugged'] },
      },
      usual: { clear: 0.992, blocked: 0.008 },
      chancesByFault: {
        'pump.nozzle': { clear: 0.03, blocked: 0.97 },
      },
    }),
    seen({
      id: 'rest-well',
      point: 'tap',
      title: 'Does delivery come back after a rest?',
      words: ['rested', 'after a rest'],
      minutes: 3,
      need: 'live',
      whileRunning: true,
      wait: { minutes: 30, why: 'the well needs half an hour to make water' },
      steps: ['Off for half an hour. Prime, run it again and time a bucket.'],
      outcomes: {
        same: { label: 'same as before' },
        back: { label: 'comes back, then dies', words: ['recovers'] },
      },
      usual: { same: 0.98, back: 0.02 },
      chancesByFault: {
        'suction.dry-well': { same: 0.08, back: 0.92 },
      },
    }),
  ],
})
