/** What fails on the water side of a demand pump; rates are common practice, no source. */
import type { FaultMode } from '../faultTypes'
import { CAUSES } from './causes'
import { always, degrees, fault, repair, times } from './faultEntry'
import { cracked } from './pumpFaults'

const newHeadKit = repair({
  id: 'fit-pump-head-kit',
  name: 'Fit a pump head kit',
  minutes: 30,
  part: 'pump head kit',
})

export const directWaterFaults = (accumulator: boolean): readonly FaultMode[] => [
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
    id: 'source.valve',
    name: 'Valve ahead of the pump shut, or left at the antifreeze hose',
    baseRate: 0.006,
    severities: degrees(
      { name: 'draws air', share: 0.5, change: h => ({ 'source.yield': 0, 'motor.load': h['motor.load'] * 0.3 }) },
      {
        name: 'half over',
        share: 0.2,
        change: h => ({ 'source.yield': h['pump.flow'] * 0.3, 'motor.load': h['motor.load'] * 0.6 }),
      },
      {
        name: 'shut at the tank',
        share: 0.3,
        change: h => ({ 'source.yield': 0, 'motor.load': h['motor.load'] * 0.6 }),
      },
    ),
    effect: 'runs-dry',
    repair: repair({
      id: 'turn-winter-valve-to-tank',
      name: 'Open the tank’s valve, winter valve to the tank',
      minutes: 3,
    }),
    causes: [],
    settledBy: 'the handle of the valve ahead of the pump',
  }),
  fault({
    id: 'source.vent-blocked',
    name: 'Vent of the fresh tank blocked',
    baseRate: 0.006,
    severities: always(h => ({ 'source.yield': h['pump.flow'] * 0.3, 'motor.load': h['motor.load'] * 0.7 })),
    effect: 'runs-weak',
    repair: repair({ id: 'clear-tank-vent', name: 'Clear the vent of the tank', minutes: 15 }),
    causes: [],
    settledBy: 'it comes with the fill cap off, the tank drawn in before',
  }),
  cracked(newHeadKit, { because: 'frozen', why: 'ice splits heads' }),
  fault({
    id: 'house.city-check',
    name: 'Check valve of the city inlet leaks',
    baseRate: 0.012,
    severities: degrees(
      { name: 'drips', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.05 }) },
      { name: 'runs out', share: 0.4, change: h => ({ 'leak.house': h['pump.flow'] * 0.3 }) },
    ),
    effect: 'starts-alone',
    repair: repair({
      id: 'replace-city-inlet-check',
      name: 'Replace the check valve of the city inlet',
      minutes: 25,
      part: 'inlet with check valve',
    }),
    causes: [CAUSES.age, CAUSES.sand],
    settledBy: 'water at the city inlet while the pump holds pressure',
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
      renews: ['strainer'],
    }),
    causes: [CAUSES.vibration, CAUSES.age, { because: 'frozen', why: 'ice cracks bowls and fittings' }],
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
    repair: newHeadKit,
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
    repair: newHeadKit,
    causes: [{ because: 'frozen', why: 'ice splits diaphragms' }, CAUSES.age],
    settledBy: 'water at the head’s weep hole',
    wears: ['age'],
  }),
  fault({
    id: 'pump.by-pass',
    name: 'By-pass valve set wrong',
    baseRate: 0.03,
    // common practice, no source
    severities: degrees(
      { name: 'opens just under cut-out', share: 0.7, change: h => ({ 'pump.shutOff': h['set.cutOut'] * 0.93 }) },
      { name: 'opens far under it', share: 0.3, change: h => ({ 'pump.shutOff': h['set.cutOut'] * 0.65 }) },
    ),
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
]
