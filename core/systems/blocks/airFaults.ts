/** What fails on the air side; rates are common practice, no source. */
import type { FaultMode } from '../faultTypes'
import { CAUSES } from './causes'
import { always, degrees, fault, repair, times } from './faultEntry'

const checkLeaks = repair({
  id: 'clean-or-replace-tank-check-valve',
  name: 'Clean or replace the tank check valve',
  minutes: 30,
  part: 'tank check valve',
})
const newUnloader = repair({
  id: 'clean-or-replace-unloader-valve',
  name: 'Clean or replace the unloader valve',
  minutes: 25,
  part: 'unloader valve',
})

const overhaul = repair({
  id: 'overhaul-pump-head',
  name: 'Overhaul or replace the pump',
  minutes: 150,
  part: 'compressor pump',
  renews: ['head'],
})

/** The shaft turned by hand with the pump on it; who tells of it may have the belt off. Common practice, no source. */
export const HEAD_BY_HAND = { free: 0.15, stiff: 0.08, seized: 0.77 }

export const airFaults = (belt: boolean): readonly FaultMode[] => [
  fault({
    id: 'head.seized',
    name: 'Pump seized or tight',
    baseRate: 0.025,
    // common practice, no source
    severities: degrees(
      { name: 'seized', share: 0.6, change: { 'motor.seized': 1 } },
      { name: 'tight, does not start', share: 0.25, change: { 'motor.startLoad': 4 } },
      { name: 'tight, runs heavy', share: 0.15, change: h => ({ 'motor.load': h['motor.load'] * 1.5 }) },
    ),
    repair: overhaul,
    causes: [CAUSES.oil, CAUSES.hot, CAUSES.ranOn, CAUSES.age],
    settledBy: 'belt off or coupling open: the motor runs, the pump does not turn by hand',
    wears: ['age'],
  }),
  fault({
    id: 'head.reed',
    name: 'Reed valves broken or leaking',
    baseRate: 0.05,
    severities: degrees(
      { name: 'half the air', share: 0.6, change: times('pump.flow', 0.5) },
      {
        name: 'hardly any',
        share: 0.4,
        change: h => ({ 'pump.flow': h['pump.flow'] * 0.12, 'motor.load': h['motor.load'] * 0.65 }),
      },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'fit-valve-plate-kit',
      name: 'Fit a valve plate kit',
      minutes: 90,
      part: 'valve plate kit',
    }),
    causes: [CAUSES.hot, CAUSES.oil, CAUSES.age],
    settledBy: 'pump-up time; breath back at the intake',
    wears: ['age'],
  }),
  fault({
    id: 'head.gasket',
    name: 'Head gasket blown',
    baseRate: 0.02,
    severities: degrees(
      { name: 'seeps', share: 0.6, change: times('pump.flow', 0.5) },
      {
        name: 'blown through',
        share: 0.4,
        // what it draws in it does not push against the tank
        change: h => ({ 'pump.flow': h['pump.flow'] * 0.14, 'motor.load': h['motor.load'] * 0.7 }),
      },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'fit-head-gasket',
      name: 'Fit a head gasket',
      minutes: 80,
      part: 'head gasket',
    }),
    causes: [CAUSES.hot, CAUSES.vibration],
    settledBy: 'air heard at the head as it pumps',
  }),
  fault({
    id: 'head.rings',
    name: 'Piston rings worn',
    // common practice, no source
    baseRate: 0.015,
    severities: degrees(
      { name: 'two thirds of the air', share: 0.6, change: times('pump.flow', 0.65) },
      { name: 'a third', share: 0.4, change: times('pump.flow', 0.33) },
    ),
    effect: 'runs-weak',
    repair: overhaul,
    causes: [CAUSES.oil, CAUSES.hot, CAUSES.age],
    settledBy: 'breath at the crankcase as it pumps, oil in the air',
    wears: ['age'],
  }),
  fault({
    id: 'head.intake',
    name: 'Intake filter blocked',
    baseRate: 0.03,
    severities: degrees(
      { name: 'half', share: 0.6, change: times('pump.flow', 0.65) },
      { name: 'nearly shut', share: 0.4, change: times('pump.flow', 0.3) },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'change-intake-filter',
      name: 'Change the intake filter',
      minutes: 5,
      part: 'intake filter',
    }),
    causes: [CAUSES.age],
    settledBy: 'run it a moment with the filter off',
  }),
  ...(belt
    ? [
        fault({
          id: 'head.belt',
          name: 'Belt slipping or off',
          baseRate: 0.03,
          severities: degrees(
            {
              name: 'slips',
              share: 0.35,
              change: h => ({ 'pump.flow': h['pump.flow'] * 0.55, 'motor.load': h['motor.load'] * 0.75 }),
            },
            {
              name: 'slips badly',
              share: 0.25,
              change: h => ({ 'pump.flow': h['pump.flow'] * 0.22, 'motor.load': h['motor.load'] * 0.6 }),
            },
            { name: 'off', share: 0.4, change: { 'motor.load': 0, 'pump.turns': 0 } },
          ),
          effect: 'runs-weak',
          repair: repair({
            id: 'set-or-replace-belt',
            name: 'Set or replace the belt',
            minutes: 20,
            part: 'belt',
          }),
          causes: [CAUSES.age, CAUSES.vibration],
          settledBy: 'belt looked at, guard off, locked',
          wears: ['age'],
        }),
      ]
    : []),
  fault({
    id: 'check.leaking',
    name: 'Tank check valve leaking back',
    baseRate: 0.06,
    severities: degrees(
      { name: 'past the vent at rest', share: 0.6, change: h => ({ 'check.leak': h['pump.flow'] * 0.05 }) },
      {
        name: 'loads the next start',
        share: 0.4,
        change: h => ({ 'check.leak': h['pump.flow'] * 0.04, 'motor.startLoad': 3.5 }),
      },
    ),
    effect: 'starts-alone',
    repair: checkLeaks,
    causes: [CAUSES.hot, CAUSES.age],
    settledBy: 'unloader hisses on after it has stopped',
    wears: ['age'],
  }),
  fault({
    id: 'unloader.not-venting',
    name: 'Unloader does not vent',
    baseRate: 0.05,
    severities: always({ 'motor.startLoad': 4 }),
    repair: newUnloader,
    causes: [CAUSES.age, CAUSES.oil],
    settledBy: 'no sigh at cut-out; starts once the line is cracked',
    wears: ['age'],
  }),
  fault({
    id: 'unloader.leaking',
    name: 'Unloader leaks while it runs',
    baseRate: 0.03,
    severities: always(times('pump.flow', 0.6)),
    effect: 'runs-weak',
    repair: newUnloader,
    causes: [CAUSES.age, CAUSES.vibration],
    settledBy: 'air at its vent while it pumps',
    wears: ['age'],
  }),
  fault({
    id: 'relief.weeping',
    name: 'Relief valve leaking',
    baseRate: 0.02,
    severities: degrees(
      { name: 'weeps', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.025 }) },
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
      minutes: 15,
      part: 'relief valve',
    }),
    causes: [CAUSES.age],
    settledBy: 'soap over its outlet',
  }),
  fault({
    id: 'house.leak',
    name: 'Leak in the air line',
    baseRate: 0.06,
    // 60 psi in a night is a hundredth of what such a pump gives, by gas law; the degrees are judgement, no source
    severities: degrees(
      { name: 'a fitting', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.03 }) },
      { name: 'a hose', share: 0.4, change: h => ({ 'leak.house': h['pump.flow'] * 0.55 }) },
    ),
    effect: 'starts-alone',
    repair: repair({
      id: 'mend-air-line',
      name: 'Mend the air line',
      minutes: 30,
    }),
    causes: [CAUSES.vibration, CAUSES.age],
    settledBy: 'leak-down stops with the outlet valve shut',
    wears: ['age'],
  }),
  fault({
    id: 'tank.leak',
    name: 'Receiver leaks: rusted through',
    baseRate: 0.008,
    severities: degrees(
      { name: 'a pinhole', share: 0.55, change: h => ({ 'leak.house': h['pump.flow'] * 0.02 }) },
      { name: 'a seam', share: 0.35, change: h => ({ 'leak.house': h['pump.flow'] * 0.2 }) },
      { name: 'a split', share: 0.1, change: h => ({ 'leak.house': h['pump.flow'] * 0.9 }) },
    ),
    effect: 'starts-alone',
    repair: repair({
      id: 'take-receiver-out-of-use',
      name: 'Take the receiver out of use',
      minutes: 120,
      part: 'receiver',
      renews: ['tank'],
    }),
    causes: [{ because: 'undrained', why: 'undrained water rusts it from inside' }, CAUSES.age],
    settledBy: 'soap along its belly and seams',
    wears: ['age'],
  }),
  fault({
    id: 'tank.drain',
    name: 'Drain valve leaks, or stands open',
    baseRate: 0.02,
    severities: degrees(
      { name: 'weeping', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.02 }) },
      { name: 'cracked open', share: 0.25, change: h => ({ 'leak.house': h['pump.flow'] * 0.35 }) },
      { name: 'open', share: 0.15, change: h => ({ 'leak.house': h['pump.flow'] * 0.9 }) },
    ),
    effect: 'starts-alone',
    repair: repair({
      id: 'close-or-replace-drain',
      name: 'Close or replace the drain valve',
      minutes: 15,
      part: 'drain valve',
    }),
    causes: [CAUSES.vibration, CAUSES.age],
    settledBy: 'soap on the drain valve',
  }),
  fault({
    id: 'tank.condensate',
    name: 'Receiver half full of condensate',
    baseRate: 0.03,
    severities: always(times('tank.volume', 0.3)),
    effect: 'rapid-cycles',
    repair: repair({
      id: 'drain-receiver',
      name: 'Drain the receiver',
      minutes: 15,
    }),
    causes: [CAUSES.age],
    settledBy: 'what the drain gives',
  }),
  fault({
    id: 'regulator.stuck',
    name: 'Regulator stuck or frozen',
    baseRate: 0.02,
    severities: degrees(
      { name: 'lets a third through', share: 0.6, change: { 'regulator.share': 0.35 } },
      { name: 'lets nothing through', share: 0.4, change: { 'regulator.share': 0 } },
    ),
    effect: 'runs',
    repair: repair({
      id: 'replace-regulator',
      name: 'Replace the regulator',
      minutes: 25,
      part: 'regulator',
    }),
    causes: [CAUSES.age],
    settledBy: 'pressure ahead of it against behind it while air is drawn',
  }),
  fault({
    id: 'gauge.stuck',
    name: 'Gauge stuck or wrong',
    baseRate: 0.015,
    severities: always({ 'gauge.stuck': 1 }),
    effect: 'runs',
    repair: repair({
      id: 'replace-gauge',
      name: 'Replace the gauge',
      minutes: 20,
      part: 'gauge',
    }),
    causes: [CAUSES.age, CAUSES.vibration],
    settledBy: 'against a second gauge',
  }),
]
