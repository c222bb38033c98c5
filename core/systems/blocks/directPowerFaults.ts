/** What fails on a 12 V supply, its switch and its motor; rates are common practice, no source. */
import type { Figures } from '../figures'
import { CLOSED, OPEN } from '../power/resistances'
import type { FaultMode } from '../faultTypes'
import { CAUSES } from './causes'
import { always, degrees, fault, repair } from './faultEntry'

const newPump = repair({
  id: 'replace-pump',
  name: 'Replace the pump',
  minutes: 40,
  part: 'demand pump',
  renews: ['motor', 'pump', 'switch'],
})

const newSwitch = repair({
  id: 'replace-demand-switch',
  name: 'Replace the demand switch',
  minutes: 25,
  part: 'demand switch',
  renews: ['switch'],
})

/** Rested and spent: lead at 12.0 V, lithium iron phosphate at 12.6; on twice the cells twice as much. */
const spent = (h: Figures) => {
  const rest = h['battery.volts']
  const cells = rest > 18 ? 2 : 1
  return { 'battery.volts': cells * (rest / cells > 13 ? 12.6 : 12) }
}

export const directPowerFaults = (): readonly FaultMode[] => [
  fault({
    id: 'battery.low',
    name: 'Battery low',
    baseRate: 0.08,
    severities: degrees(
      { name: 'spent', share: 0.3, change: h => ({ ...spent(h), 'battery.ohms': 0.06 }) },
      { name: 'spent, and gives way under load', share: 0.17, change: h => ({ ...spent(h), 'battery.ohms': 0.3 }) },
      { name: 'flat', share: 0.25, change: { 'battery.volts': 9.5, 'battery.ohms': 0.25 } },
      { name: 'stands, and gives way under load', share: 0.16, change: { 'battery.ohms': 0.35 } },
      { name: 'stands, but has no strength', share: 0.12, change: { 'battery.ohms': 0.7 } },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'charge-or-replace-battery',
      name: 'Charge or replace the battery',
      minutes: 30,
      part: 'battery',
    }),
    causes: [CAUSES.age],
    settledBy: 'volts at the posts while it runs',
    wears: ['age'],
  }),
  fault({
    id: 'battery.overcharged',
    name: 'Charger drives the volts too high',
    baseRate: 0.006,
    // common practice, no source
    severities: degrees(
      { name: '15.6 V', share: 0.6, change: { 'battery.volts': 15.6 } },
      { name: '17 V', share: 0.4, change: { 'battery.volts': 17 } },
    ),
    effect: 'runs',
    repair: repair({ id: 'set-or-replace-charger', name: 'Set or replace the charger', minutes: 40, part: 'charger' }),
    causes: [CAUSES.age, CAUSES.surge],
    settledBy: 'volts at the posts with the charger on, and with it off',
  }),
  fault({
    id: 'battery.post',
    name: 'Battery post corroded',
    baseRate: 0.04,
    severities: degrees(
      { name: '0.6 Ω', share: 0.22, change: { 'battery.post': 0.6 } },
      { name: 'open', share: 0.3, change: { 'battery.post': OPEN } },
      { name: '0.35 Ω', share: 0.2, change: { 'battery.post': 0.35 } },
      { name: '0.2 Ω', share: 0.2, change: { 'battery.post': 0.2 } },
      { name: '1.2 Ω', share: 0.08, change: { 'battery.post': 1.2 } },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'clean-and-remake-battery-posts',
      name: 'Clean and remake the battery posts',
      minutes: 15,
    }),
    causes: [CAUSES.wet, CAUSES.loose],
    settledBy: 'post to clamp millivolts while it runs',
    wears: ['damp'],
  }),
  fault({
    id: 'fuse.blown',
    protects: true,
    name: 'Fuse blown',
    baseRate: 0.08,
    severities: always({ 'fuse.1': OPEN }),
    repair: repair({
      id: 'find-why-then-replace-fuse',
      name: 'Find why, then replace the fuse',
      minutes: 10,
      part: 'fuse',
    }),
    causes: [
      { because: 'motor.seized', why: 'a stalled motor blows it' },
      { because: 'feed.to-chassis', why: 'a chafed feed blows it' },
      { because: 'motor.ground', why: 'a motor to chassis blows it' },
      CAUSES.vibration,
    ],
    settledBy: 'volts on both sides of it',
  }),
  fault({
    id: 'fuse.holder',
    name: 'Fuse holder burnt',
    baseRate: 0.03,
    severities: degrees(
      { name: '0.8 Ω', share: 0.4, change: { 'fuse.1': 0.8 } },
      { name: '3 Ω', share: 0.25, change: { 'fuse.1': 3 } },
      { name: 'open', share: 0.15, change: { 'fuse.1': OPEN } },
      { name: '0.25 Ω', share: 0.2, change: { 'fuse.1': 0.25 } },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'replace-fuse-holder',
      name: 'Replace the fuse holder',
      minutes: 20,
      part: 'fuse holder',
    }),
    causes: [CAUSES.wet, CAUSES.loose],
    settledBy: 'volts across it while it runs',
    wears: ['damp'],
  }),
  fault({
    id: 'panel.open',
    name: 'Panel switch does not make',
    baseRate: 0.05,
    severities: degrees(
      { name: 'open', share: 0.7, change: { 'panel.1': OPEN } },
      { name: '1.5 Ω', share: 0.3, change: { 'panel.1': 1.5 } },
    ),
    repair: repair({
      id: 'replace-panel-switch',
      name: 'Replace the panel switch',
      minutes: 20,
      part: 'panel switch',
    }),
    causes: [CAUSES.wet, CAUSES.age],
    settledBy: 'volts behind it against ahead of it',
    wears: ['damp', 'age'],
  }),
  fault({
    id: 'feed.open',
    name: 'Feed open',
    baseRate: 0.03,
    severities: always({ 'feed.1': OPEN }),
    repair: repair({
      id: 'replace-feed',
      name: 'Replace the feed',
      minutes: 40,
      part: 'wire',
      renews: ['feed'],
    }),
    causes: [CAUSES.vibration, CAUSES.chafe],
    settledBy: 'volts at the pump against behind the panel switch',
  }),
  fault({
    id: 'feed.high-resistance',
    name: 'High-resistance joint in the feed',
    baseRate: 0.05,
    severities: degrees(
      { name: '0.4 Ω', share: 0.4, change: { 'feed.1': 0.4 } },
      { name: '2 Ω', share: 0.3, change: { 'feed.1': 2 } },
      { name: '0.2 Ω', share: 0.3, change: { 'feed.1': 0.22 } },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'remake-feed-joint',
      name: 'Remake the feed joint',
      minutes: 20,
      part: 'terminals',
    }),
    causes: [CAUSES.wet, CAUSES.vibration],
    settledBy: 'volts along the feed while it runs',
    wears: ['damp'],
  }),
  fault({
    id: 'feed.to-chassis',
    name: 'Feed chafed to chassis',
    baseRate: 0.02,
    severities: always({ 'feed.earth': 0.03 }),
    repair: repair({
      id: 'replace-feed',
      name: 'Replace the feed',
      minutes: 40,
      part: 'wire',
      renews: ['feed'],
    }),
    causes: [CAUSES.chafe, CAUSES.vibration],
    settledBy: 'fuse blows with the pump unplugged',
  }),
  fault({
    id: 'switch.burnt',
    name: 'Demand switch contact burnt',
    baseRate: 0.05,
    severities: degrees(
      { name: '0.6 Ω', share: 0.4, change: { 'switch.1': 0.6 } },
      { name: '4 Ω', share: 0.4, change: { 'switch.1': 4 } },
      { name: '0.2 Ω', share: 0.2, change: { 'switch.1': 0.2 } },
    ),
    effect: 'runs-weak',
    repair: newSwitch,
    causes: [CAUSES.rapidCycling, CAUSES.wet],
    settledBy: 'volts across it while it runs',
    wears: ['starts', 'damp'],
  }),
  fault({
    id: 'switch.stuck-open',
    name: 'Demand switch does not make',
    baseRate: 0.05,
    severities: always({ 'switch.1': OPEN }),
    repair: newSwitch,
    causes: [CAUSES.wet, CAUSES.age],
    settledBy: 'volts into it and none out, a tap open',
    wears: ['damp', 'age'],
  }),
  fault({
    id: 'switch.welded',
    name: 'Demand switch stuck closed',
    baseRate: 0.03,
    severities: always({ 'switch.rest1': CLOSED }),
    effect: 'runs-on',
    repair: newSwitch,
    causes: [CAUSES.rapidCycling],
    settledBy: 'runs on with every tap shut',
    wears: ['starts'],
  }),
  fault({
    id: 'switch.out-of-setting',
    name: 'Demand switch out of adjustment',
    baseRate: 0.03,
    severities: degrees(
      {
        name: '10 psi low',
        share: 0.4,
        change: h => ({ 'set.cutIn': h['set.cutIn'] * 0.6, 'set.cutOut': h['set.cutOut'] * 0.75 }),
      },
      {
        name: '15 psi high',
        share: 0.3,
        change: h => ({ 'set.cutIn': h['set.cutIn'] * 1.3, 'set.cutOut': h['set.cutOut'] * 1.35 }),
      },
      // shares of these two are judgement, no source
      {
        name: '25 psi high',
        share: 0.15,
        change: h => ({ 'set.cutIn': h['set.cutIn'] * 1.5, 'set.cutOut': h['set.cutOut'] * 1.55 }),
      },
      {
        name: 'set to stop where the pump never gets',
        share: 0.15,
        change: h => ({ 'set.cutIn': h['set.cutIn'] * 1.3, 'set.cutOut': h['set.cutOut'] * 4 }),
      },
    ),
    repair: repair({
      id: 'set-demand-switch',
      name: 'Set the demand switch',
      minutes: 10,
    }),
    causes: [],
    settledBy: 'where it switches on and off, off the gauge',
  }),
  fault({
    id: 'motor.brushes',
    name: 'Brushes worn out or stuck',
    baseRate: 0.05,
    severities: degrees(
      { name: 'open', share: 0.6, change: { 'motor.joint1': OPEN } },
      { name: '1.5 Ω', share: 0.4, change: { 'motor.joint1': 1.5 } },
    ),
    repair: newPump,
    causes: [CAUSES.age, CAUSES.dry],
    settledBy: 'ohms across the motor leads',
    wears: ['age'],
  }),
  fault({
    id: 'motor.seized',
    name: 'Motor or pump seized',
    baseRate: 0.05,
    severities: always({ 'motor.seized': 1 }),
    repair: newPump,
    causes: [CAUSES.dry, { because: 'frozen', why: 'ice splits heads and locks rotors' }, CAUSES.age],
    settledBy: 'stalled amps with full volts',
    wears: ['age'],
  }),
  fault({
    id: 'motor.turn-short',
    name: 'Armature shorted between turns',
    baseRate: 0.015,
    severities: always({ 'motor.turns': 0.6 }),
    effect: 'runs-weak',
    repair: newPump,
    causes: [CAUSES.dry, CAUSES.age],
    settledBy: 'amps high with the pump giving little',
  }),
  fault({
    id: 'motor.ground',
    name: 'Motor to chassis',
    baseRate: 0.01,
    severities: always({ 'motor.earth': 0.05 }),
    repair: newPump,
    causes: [CAUSES.wet],
    settledBy: 'ohms lead to case, unplugged',
    wears: ['damp'],
  }),
  fault({
    id: 'return.bad',
    name: 'Bad chassis return',
    baseRate: 0.1,
    severities: degrees(
      { name: '0.4 Ω', share: 0.3, change: { 'return.1': 0.4 } },
      { name: '2 Ω', share: 0.2, change: { 'return.1': 2 } },
      { name: 'open', share: 0.3, change: { 'return.1': OPEN } },
      { name: '0.2 Ω', share: 0.2, change: { 'return.1': 0.2 } },
    ),
    effect: 'runs-weak',
    repair: repair({
      id: 'clean-and-remake-chassis-return',
      name: 'Clean and remake the chassis return',
      minutes: 20,
      part: 'ring terminal',
    }),
    causes: [CAUSES.wet, CAUSES.vibration],
    settledBy: 'volts from motor negative to battery negative while it runs',
    wears: ['damp'],
  }),
]
