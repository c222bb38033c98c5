/** What any centrifugal pump may have: worn, coupling broken, impeller jammed; common practice, no source. */
import { GALLON, PSI } from '#core/units'
import type { Repair } from '../faultTypes'
import type { Figures } from '../figures'
import { CAUSES } from './causes'
import { always, degrees, fault, madeBy, repair, type CauseEntry } from './faultEntry'
import { seen } from './testEntry'

/** Water that is churned in a shut pump boils, and cooks the seal. */
const DEADHEADED = madeBy('check.stuck-shut', 'shut in, it churns its water hot and cooks the seal')

export const newCheck = (minutes: number) =>
  repair({
    id: 'replace-check-valve',
    name: 'Replace the check valve',
    minutes,
    part: 'check valve',
  })

export const flowField = {
  id: 'flow',
  label: 'Delivery',
  quantity: 'flow',
  range: [(0.5 * GALLON) / 60, (400 * GALLON) / 60],
} as const

export const shutOffField = {
  id: 'shutOff',
  label: 'Shut-off pressure',
  quantity: 'pressure',
  range: [15 * PSI, 300 * PSI],
} as const

/** A pump is called worn when it no longer gets to cut-out, whatever it did when new; common practice, no source. */
const wornTo = (h: Figures, ofNew: number, ofCutOut: number) =>
  Math.min(h['pump.shutOff'] * ofNew, Math.max(ofCutOut * h['set.cutOut'] - h['pump.inlet'], 5 * PSI))

export const worn = (mend: Repair) =>
  fault({
    id: 'pump.worn',
    name: 'Pump worn',
    baseRate: 0.03,
    severities: degrees(
      {
        name: 'two thirds left',
        share: 0.45,
        change: h => ({ 'motor.load': h['motor.load'] * 0.83, 'pump.flow': h['pump.flow'] * 0.65 }),
      },
      {
        name: 'a third left',
        share: 0.4,
        change: h => ({
          'motor.load': h['motor.load'] * 0.67,
          'pump.flow': h['pump.flow'] * 0.3,
          'pump.shutOff': wornTo(h, 0.8, 0.92),
        }),
      },
      {
        name: 'an eighth left',
        share: 0.15,
        change: h => ({
          'motor.load': h['motor.load'] * 0.6,
          'pump.flow': h['pump.flow'] * 0.12,
          'pump.shutOff': wornTo(h, 0.7, 0.65),
        }),
      },
    ),
    effect: 'runs-weak',
    repair: mend,
    causes: [CAUSES.sand, CAUSES.age],
    settledBy: 'delivery at the tap against what it gave before',
    wears: ['sand', 'age'],
  })

export const coupling = (mend: Repair) =>
  fault({
    id: 'pump.coupling',
    name: 'Shaft or coupling broken',
    baseRate: 0.015,
    severities: always({ 'motor.load': 0, 'pump.turns': 0 }),
    effect: 'runs-dry',
    repair: mend,
    causes: [CAUSES.age, CAUSES.rapidCycling],
    settledBy: 'running amps near no-load and no delivery',
    wears: ['starts', 'age'],
  })

/** Leaves, scale or a rag in the wheel: it turns, and moves little. */
export const clogged = () =>
  fault({
    id: 'pump.clogged',
    name: 'Impeller clogged',
    baseRate: 0.008,
    severities: degrees(
      {
        name: 'half',
        share: 0.5,
        change: h => ({ 'motor.load': h['motor.load'] * 0.85, 'pump.flow': h['pump.flow'] * 0.5 }),
      },
      {
        name: 'nearly shut',
        share: 0.5,
        change: h => ({
          'motor.load': h['motor.load'] * 0.65,
          'pump.flow': h['pump.flow'] * 0.15,
          'pump.shutOff': wornTo(h, 0.85, 0.9),
        }),
      },
    ),
    effect: 'runs-weak',
    repair: repair({ id: 'clear-impeller', name: 'Open the volute and clear the impeller', minutes: 60 }),
    causes: [CAUSES.sand],
    settledBy: 'volute open: the eye of the impeller',
    wears: ['sand'],
  })

/** Water out between pump and motor. */
export const leakingSeal = () =>
  fault({
    id: 'pump.seal',
    name: 'Shaft seal leaks',
    baseRate: 0.012,
    severities: degrees(
      { name: 'drips', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.03 }) },
      { name: 'sprays', share: 0.4, change: h => ({ 'leak.house': h['pump.flow'] * 0.15 }) },
    ),
    effect: 'starts-alone',
    repair: repair({ id: 'renew-shaft-seal', name: 'Renew the shaft seal', minutes: 70, part: 'shaft seal' }),
    causes: [CAUSES.dry, DEADHEADED, CAUSES.sand, CAUSES.age],
    settledBy: 'water between pump and motor',
    wears: ['sand', 'age'],
  })

const OUT_OF_IT = degrees(
  { name: 'weeps', share: 0.4, change: h => ({ 'leak.house': h['pump.flow'] * 0.04 }) },
  { name: 'runs', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.5 }) },
)

/** Split by frost, mostly. */
export const cracked = (mend: Repair, ...causes: readonly CauseEntry[]) =>
  fault({
    id: 'pump.cracked',
    name: 'Pump housing cracked',
    baseRate: 0.008,
    severities: OUT_OF_IT,
    repair: mend,
    causes: [...causes, CAUSES.age],
    settledBy: 'water out of the housing itself',
  })

export const newCasing = repair({
  id: 'replace-pump-casing',
  name: 'Replace the pump’s housing',
  minutes: 90,
  part: 'pump housing',
})

/** A pump jammed and a motor seized feel alike at the shaft: only apart do they tell. */
export const impellerLook = (at: string) =>
  seen({
    id: 'impeller-look',
    point: at,
    title: 'Volute open: what holds the shaft?',
    words: ['impeller', 'volute'],
    minutes: 18,
    need: 'zero-pressure',
    steps: [
      'Off and locked, pressure at zero, motor and back plate drawn off: impeller free of the volute, does the '
      + 'shaft turn now?',
    ],
    outcomes: {
      turns: { label: 'turns freely', words: ['free'] },
      jammed: { label: 'jammed or packed, by grit, scale, leaves', words: ['grit', 'scale', 'jammed', 'packed'] },
      worn: { label: 'worn, wide clearance', words: ['worn', 'eaten'] },
      stuck: { label: 'motor still stuck', words: ['still stuck'] },
    },
    usual: { turns: 0.942, jammed: 0.008, worn: 0.04, stuck: 0.01 },
    chancesByFault: {
      'pump.jammed': { turns: 0.04, jammed: 0.93, worn: 0.01, stuck: 0.02 },
      'pump.clogged': { turns: 0.05, jammed: 0.92, worn: 0.02, stuck: 0.01 },
      'motor.seized': { turns: 0.03, jammed: 0.02, worn: 0.01, stuck: 0.94 },
      'pump.worn': { turns: 0.12, jammed: 0.06, worn: 0.8, stuck: 0.02 },
    },
  })

/** The check valve taken out and looked at. */
export const checkLook = (at: string) =>
  seen({
    id: 'check-look',
    point: at,
    title: 'Check valve out: look at flap and seat',
    words: ['check', 'check valve'],
    minutes: 22,
    need: 'zero-pressure',
    steps: ['Off and locked, valves shut, pressure at zero. Does the flap move, does it seat, is there grit on it?'],
    outcomes: {
      good: { label: 'moves and seats', words: ['clean'] },
      shut: { label: 'stuck shut', words: ['jammed closed'] },
      open: { label: 'does not seat', words: ['grit on the seat', 'stuck open'] },
    },
    usual: { good: 0.965, shut: 0.005, open: 0.03 },
    chancesByFault: {
      'check.stuck-shut': { good: 0.04, shut: 0.95, open: 0.01 },
      'check.leaking': { good: 0.12, shut: 0.01, open: 0.87 },
    },
  })
