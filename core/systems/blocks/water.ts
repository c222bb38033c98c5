/** The water side: pump, check valve, pipes, filters, tank and taps. Base rates and tables are common practice, no source. */
import { GALLON, PSI } from '#core/units'
import type { Figures } from '../types'
import { CAUSES } from './causes'
import { pullPump } from './motor'
import { always, beside, degrees, fault, fit, flow, outcome, point, renew, seen, thing, times, type Block } from './rows'

const OPEN_ALL = 1e9 // Pa: a relief valve that never opens
export const BLOCKED = 1e9 // s: the delay of a port that passes nothing

const newCheck = (minutes: number) => fit('Replace the check valve', minutes, 'check valve')
const flowField = { id: 'flow', label: 'Delivery', quantity: 'flow', range: [0.5 * GALLON / 60, 400 * GALLON / 60] } as const
const shutOffField = { id: 'shutOff', label: 'Shut-off pressure', quantity: 'pressure', range: [15 * PSI, 300 * PSI] } as const

const worn = (repair: typeof pullPump) => fault('pump', 'worn', 'Pump worn or clogged', 0.03, degrees(
  ['two thirds left', 0.5, h => ({ 'motor.load': h['motor.load']! * 0.83, 'pump.flow': h['pump.flow']! * 0.65 })],
  ['a third left', 0.5, h => ({ 'motor.load': h['motor.load']! * 0.67, 'pump.flow': h['pump.flow']! * 0.3, 'pump.shutOff': h['pump.shutOff']! * 0.8 })],
), { effect: 'runs-weak', repair, causes: [CAUSES.sand, CAUSES.age], settledBy: 'delivery at the tap against what it gave before', wears: ['sand', 'age'] })

const coupling = (repair: typeof pullPump) => fault('pump', 'coupling', 'Shaft or coupling broken', 0.015, always({ 'motor.load': 0, 'pump.turns': 0 }), { effect: 'runs-dry', repair, causes: [CAUSES.age, CAUSES.rapidCycling], settledBy: 'running amps near no-load and no delivery', wears: ['starts', 'age'] })

/** Pump, check valve and drop pipe of a well. */
export const wellPump = (): Block => ({
  components: [
    thing('pump', 'Pump', 'pump', 'water', 'down-hole', [flowField, shutOffField, { id: 'yield', label: 'Well yield', quantity: 'flow', range: [0.1 * GALLON / 60, 400 * GALLON / 60] }]),
    thing('check', 'Check valve', 'check-valve', 'water', 'down-hole'),
    thing('pipe', 'Drop pipe', 'drop-pipe', 'water', 'well-head'),
  ],
  faults: [
    coupling(pullPump), worn(pullPump),
    fault('pump', 'dry-well', 'Well dry or drawn down', 0.03, degrees(['dry', 0.6, { 'motor.load': 0.12, 'source.yield': 0 }], ['low yield', 0.4, h => ({ 'motor.load': h['motor.load']! * 0.6, 'source.yield': h['pump.flow']! * 0.25 })]), { effect: 'runs-dry', repair: beside('Rest the well; fit dry-run protection', 60, 'underload protector'), causes: [], settledBy: 'delivery that comes back after a rest' }),
    fault('check', 'leaking', 'Check valve leaking back', 0.03, degrees(['weeps', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.06 })], ['runs back', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.25 })]), { effect: 'starts-alone', repair: newCheck(180), causes: [CAUSES.sand, CAUSES.age], settledBy: 'leak-down with the house valve shut', wears: ['sand', 'age'] }),
    fault('check', 'stuck-shut', 'Check valve stuck shut', 0.01, always(h => ({ 'motor.load': h['motor.load']! * 0.5, 'check.stuck': 1 })), { effect: 'runs-dry', repair: newCheck(180), causes: [CAUSES.sand], settledBy: 'no delivery with amps between no load and full load', wears: ['sand'] }),
    fault('pipe', 'holed', 'Hole in the drop pipe', 0.015, degrees(['small', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.15, 'pump.flow': h['pump.flow']! * 0.85 })], ['large', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.6, 'pump.flow': h['pump.flow']! * 0.4 })]), { effect: 'runs-weak', repair: fit('Pull and replace the drop pipe', 230, 'drop pipe'), causes: [CAUSES.age, CAUSES.chafe], settledBy: 'water heard falling in the well once it stops', wears: ['age'] }),
  ],
  tests: [
    seen({
      id: 'rest-well', point: 'tap', title: 'Does delivery come back after a rest?', words: ['rested', 'after a rest', 'comes back'], minutes: 3, need: 'live', whileRunning: true, wait: { minutes: 30, why: 'the well needs half an hour to make water' }, steps: ['Switch off for half an hour. Run it again and time a bucket.'],
      outcomes: [outcome('same', 'same as before'), outcome('back', 'comes back, then dies', 'recovers', 'for a while')], usual: [0.95, 0.05], given: { 'pump.dry-well': [0.08, 0.92] },
    }),
    seen({
      id: 'well-heard', point: 'head', title: 'Listen in the well once it stops', words: ['well', 'listen in the well'], minutes: 2.5, steps: ['Cap off clean, ear or a phone at the casing, pump off, pressure up.'],
      outcomes: [outcome('quiet', 'quiet'), outcome('falls', 'water falls', 'trickles', 'splashes')], usual: [0.94, 0.06], given: { 'pipe.holed': [0.08, 0.92], 'check.leaking': [0.6, 0.4] },
    }),
  ],
})

/** A surface jet pump on a suction line: it must keep its prime. */
export const jetPump = (repair: ReturnType<typeof fit>): Block => ({
  components: [
    thing('suction', 'Suction line', 'drop-pipe', 'water', 'well-head'),
    thing('check', 'Foot valve', 'check-valve', 'water', 'down-hole'),
    thing('pump', 'Jet pump', 'pump', 'water', 'machine', [flowField, shutOffField, { id: 'yield', label: 'Well yield', quantity: 'flow', range: [0.1 * GALLON / 60, 400 * GALLON / 60] }]),
  ],
  points: [point('prime', 'prime plug', 'pump', ['pump', 'on', 'prime'], 'prime', 'priming plug')],
  faults: [
    coupling(repair), worn(fit('Replace impeller and seal', 80, 'impeller kit')),
    fault('pump', 'prime-lost', 'Prime lost', 0.05, always(h => ({ 'motor.load': h['motor.load']! * 0.4, 'source.yield': 0 })), { effect: 'runs-dry', repair: fit('Prime the pump', 15), causes: [{ because: 'check.leaking', why: 'a foot valve that leaks lets the prime run back' }, { because: 'suction.air-leak', why: 'air drawn in breaks the suction' }, CAUSES.dry], settledBy: 'water at the prime plug' }),
    fault('pump', 'nozzle', 'Jet nozzle blocked', 0.02, degrees(['half', 0.6, times('pump.flow', 0.45)], ['nearly shut', 0.4, times('pump.flow', 0.12)]), { effect: 'runs-weak', repair: fit('Clean the jet', 45), causes: [CAUSES.sand], settledBy: 'jet taken out and looked through', wears: ['sand'] }),
    fault('pump', 'jammed', 'Impeller jammed', 0.02, always({ 'motor.seized': 1 }), { repair: fit('Free the impeller', 60), causes: [CAUSES.sand, CAUSES.damp], settledBy: 'shaft will not turn by hand', wears: ['sand'] }),
    fault('check', 'leaking', 'Foot valve leaking', 0.04, degrees(['weeps', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.06 })], ['runs back', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.3 })]), { effect: 'starts-alone', repair: fit('Replace the foot valve', 120, 'foot valve'), causes: [CAUSES.sand, CAUSES.age], settledBy: 'leak-down; prime gone by morning', wears: ['sand', 'age'] }),
    fault('check', 'stuck-shut', 'Foot valve blocked or stuck shut', 0.015, always(h => ({ 'motor.load': h['motor.load']! * 0.5, 'check.stuck': 1 })), { effect: 'runs-dry', repair: fit('Replace the foot valve', 120, 'foot valve'), causes: [CAUSES.sand], settledBy: 'full vacuum and no water' }),
    fault('suction', 'air-leak', 'Suction line draws air', 0.03, degrees(['a little', 0.5, times('pump.flow', 0.5)], ['a lot', 0.5, h => ({ 'motor.load': h['motor.load']! * 0.5, 'source.yield': h['pump.flow']! * 0.05 })]), { effect: 'runs-weak', repair: fit('Remake the suction joints', 50, 'PTFE tape'), causes: [CAUSES.age, CAUSES.vibration], settledBy: 'vacuum gauge low and unsteady; foam on the joints drawn in', wears: ['age'] }),
    fault('suction', 'dry-well', 'Well dry or drawn down', 0.02, degrees(['dry', 0.5, h => ({ 'motor.load': h['motor.load']! * 0.4, 'source.yield': 0 })], ['low yield', 0.5, h => ({ 'motor.load': h['motor.load']! * 0.7, 'source.yield': h['pump.flow']! * 0.25 })]), { effect: 'runs-dry', repair: beside('Rest the well; fit dry-run protection', 60, 'underload protector'), causes: [], settledBy: 'delivery that comes back after a rest' }),
  ],
  tests: [
    seen({ id: 'prime-look', point: 'prime', title: 'Open the prime plug: is it full?', words: ['prime', 'prime plug'], minutes: 5, need: 'zero-pressure', steps: ['Off, pressure at zero, plug out: water to the top?'], outcomes: [outcome('full', 'full'), outcome('empty', 'empty', 'low', 'dry')], usual: [0.94, 0.06], given: { 'pump.prime-lost': [0.03, 0.97], 'check.leaking': [0.5, 0.5], 'suction.air-leak': [0.6, 0.4], 'suction.dry-well': [0.45, 0.55] } }),
    impellerLook('prime'),
    seen({ id: 'vacuum', point: 'prime', title: 'Vacuum gauge on the suction while it runs', words: ['vacuum'], minutes: 8, need: 'live', whileRunning: true, steps: ['Gauge in the suction port; run it, outlet half open.'], outcomes: [outcome('steady', 'steady, usual', 'normal'), outcome('high', 'high and steady', 'full'), outcome('low', 'low or unsteady', 'jumps', 'none')], usual: [0.86, 0.06, 0.08], given: { 'check.stuck-shut': [0.03, 0.95, 0.02], 'suction.air-leak': [0.08, 0.02, 0.9], 'suction.dry-well': [0.2, 0.35, 0.45], 'pump.prime-lost': [0.04, 0.02, 0.94], 'pump.worn': [0.35, 0.02, 0.63], 'pump.nozzle': [0.35, 0.02, 0.63] } }),
    seen({ id: 'jet-look', point: 'prime', title: 'Take the jet out and look through it', words: ['jet', 'nozzle'], minutes: 20, need: 'zero-pressure', steps: ['Off, at zero; jet out; look through the nozzle.'], outcomes: [outcome('clear', 'clear', 'clean'), outcome('blocked', 'blocked', 'plugged')], usual: [0.97, 0.03], given: { 'pump.nozzle': [0.03, 0.97] } }),
    seen({ id: 'rest-well', point: 'tap', title: 'Does delivery come back after a rest?', words: ['rested', 'after a rest'], minutes: 3, need: 'live', whileRunning: true, wait: { minutes: 30, why: 'the well needs half an hour to make water' }, steps: ['Off for half an hour. Prime, run it again and time a bucket.'], outcomes: [outcome('same', 'same as before'), outcome('back', 'comes back, then dies', 'recovers')], usual: [0.95, 0.05], given: { 'suction.dry-well': [0.08, 0.92] } }),
  ],
})

/** A pump jammed and a motor seized feel alike at the shaft: only apart do they tell. */
const impellerLook = (at: string) => seen({
  id: 'impeller-look', point: at, title: 'Volute open: what holds the shaft?', words: ['impeller', 'volute'], minutes: 18, need: 'zero-pressure', steps: ['Off and locked, pressure at zero, motor and back plate drawn off: impeller free of the volute, does the shaft turn now?'],
  outcomes: [outcome('turns', 'turns freely', 'free'), outcome('jammed', 'was jammed by grit or scale', 'grit', 'scale', 'jammed'), outcome('stuck', 'motor still stuck', 'still stuck')], usual: [0.94, 0.04, 0.02], given: { 'pump.jammed': [0.04, 0.94, 0.02], 'motor.seized': [0.03, 0.03, 0.94], 'pump.worn': [0.6, 0.38, 0.02] },
})

/** A booster on a main or a cistern: what feeds it, its strainer, pump and check valve. */
export const boosterPump = (repair: ReturnType<typeof fit>, from: 'main' | 'cistern'): Block => ({
  components: [
    ...(from === 'main' ? [thing('inlet', 'Inlet main', 'source', 'water', 'machine', [{ id: 'pressure', label: 'Main pressure', quantity: 'pressure', range: [0, 80 * PSI] }])] : []),
    thing('strainer', 'Strainer', 'filter', 'water', 'machine'),
    thing('pump', 'Booster pump', 'pump', 'water', 'machine', [flowField, shutOffField]),
    thing('check', 'Check valve', 'check-valve', 'water', 'machine'),
  ],
  points: [point('inlet', from === 'main' ? 'inlet main' : 'pump inlet', 'strainer', [from === 'main' ? 'inlet' : 'strainer', 'on'], 'suction', 'incoming')],
  faults: [
    coupling(repair), worn(fit('Replace impeller and seal', 80, 'impeller kit')),
    fault('pump', 'jammed', 'Impeller jammed', 0.03, always({ 'motor.seized': 1 }), { repair: fit('Free the impeller', 60), causes: [CAUSES.sand, CAUSES.damp], settledBy: 'shaft will not turn by hand', wears: ['sand'] }),
    fault('pump', 'air-lock', 'Air lock in the pump', 0.03, always(h => ({ 'motor.load': h['motor.load']! * 0.4, 'source.yield': 0 })), { effect: 'runs-dry', repair: fit('Vent the pump', 10), causes: [{ because: 'strainer.blocked', why: 'a blocked strainer draws air in' }, CAUSES.dry], settledBy: 'air at the vent screw' }),
    fault('strainer', 'blocked', 'Inlet strainer blocked', 0.05, degrees(['half', 0.5, h => ({ 'source.yield': h['pump.flow']! * 0.4 })], ['nearly shut', 0.5, h => ({ 'motor.load': h['motor.load']! * 0.6, 'source.yield': h['pump.flow']! * 0.06 })]), { effect: 'runs-weak', repair: fit('Clean the strainer', 20), causes: [CAUSES.sand], settledBy: 'strainer opened and looked at', wears: ['sand'] }),
    ...(from === 'main'
      ? [fault('inlet', 'low', 'Inlet pressure low', 0.04, degrees(['half', 0.5, times('pump.inlet', 0.4)], ['none', 0.5, h => ({ 'pump.inlet': 0, 'source.yield': h['pump.flow']! * 0.1, 'motor.load': h['motor.load']! * 0.6 })]), { effect: 'runs-weak', repair: fit('Call the water supplier', 20), causes: [], settledBy: 'gauge on the inlet while it draws' })]
      : []),
    fault('check', 'leaking', 'Check valve leaking back', 0.03, degrees(['weeps', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.06 })], ['runs back', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.3 })]), { effect: 'starts-alone', repair: newCheck(45), causes: [CAUSES.sand, CAUSES.age], settledBy: 'leak-down with the outlet shut', wears: ['sand', 'age'] }),
    fault('check', 'stuck-shut', 'Check valve stuck shut', 0.012, always(h => ({ 'motor.load': h['motor.load']! * 0.5, 'check.stuck': 1 })), { effect: 'runs-dry', repair: newCheck(45), causes: [CAUSES.sand], settledBy: 'no delivery with the pump under pressure', wears: ['sand'] }),
  ],
  tests: [
    ...(from === 'main' ? [flow('inlet.pressure', 'inlet', 'Inlet pressure while it draws', ['inlet', 'suction'], 'inlet', 'pressure', 2, ['Gauge on the inlet; open a tap.'], { condition: 'running', band: 'model' })] : []),
    seen({ id: 'strainer-look', point: 'inlet', title: 'Open the strainer', words: ['strainer'], minutes: 6, need: 'zero-pressure', steps: ['Valves shut, pressure at zero, cap off; look at the screen.'], outcomes: [outcome('clean', 'clean', 'clear'), outcome('blocked', 'blocked', 'full', 'plugged')], usual: [0.93, 0.07], given: { 'strainer.blocked': [0.02, 0.98] } }),
    impellerLook('inlet'),
    seen({ id: 'vent', point: 'inlet', title: 'Crack the vent screw', words: ['vent', 'bled pump'], minutes: 2, need: 'proven-dead', steps: ['Off. Vent screw a turn: water at once, or air?'], outcomes: [outcome('water', 'water at once', 'solid'), outcome('air', 'air', 'spits')], usual: [0.93, 0.07], given: { 'pump.air-lock': [0.03, 0.97], 'strainer.blocked:2': [0.6, 0.4] } }),
  ],
})

const KNOCK = [outcome('rings', 'rings, moves', 'ring'), outcome('dull', 'dull, heavy', 'heavy', 'waterlogged', 'full')]

/** Pressure tank: a bladder between water and air, or a plain tank whose air is charged again and again. */
export function pressureTank({ charged, small = false }: { charged: boolean, small?: boolean }): Block {
  const aired = fit('Air the tank at zero pressure', 20)
  return {
    components: [
      thing('tank', charged ? 'Air-charged tank' : 'Tank', 'tank', 'water', small ? 'machine' : 'tank', [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [0.1 * GALLON, 1000 * GALLON] }, { id: 'kind', label: 'Kind of tank', quantity: 'choice', choices: ['bladder', 'air-charged'] }]),
      thing('gauge', 'Gauge', 'gauge', 'water', small ? 'machine' : 'tank'),
    ],
    points: [point('valve', 'tank air valve', 'tank', ['tank', 'on', 'valve'], 'pre', 'precharge', 'air valve', 'air'), point('gauge', 'tank gauge', 'gauge', ['gauge', 'on'], 'pressure', 'psi')],
    faults: [
      fault('tank', 'waterlogged', charged ? 'Tank waterlogged, air lost' : 'Tank waterlogged, bladder gone', 0.06, always(h => ({ 'tank.precharge': h['tank.precharge']! * 0.2, 'tank.volume': h['tank.volume']! * 0.1 })), { effect: 'rapid-cycles', repair: charged ? renew('Drain and recharge the tank', 40, '', 'tank') : renew('Replace the tank', 120, 'pressure tank', 'tank'), causes: charged ? [{ because: 'tank.charger', why: 'a dead air charger lets the water take the air' }, CAUSES.age] : [CAUSES.age, CAUSES.lowPrecharge], settledBy: charged ? 'sight glass or knock' : 'water at the air valve; knock and tilt', wears: ['age'] }),
      ...(charged
        ? [fault('tank', 'charger', 'Air charger or its check valve failed', 0.03, always(h => ({ 'tank.precharge': h['tank.precharge']! * 0.3, 'tank.volume': h['tank.volume']! * 0.25 })), { effect: 'rapid-cycles', repair: beside('Replace the air volume control', 35, 'air volume control'), causes: [CAUSES.age, CAUSES.sand], settledBy: 'no puff of air at a start', wears: ['age', 'sand'] })]
        : [
            fault('tank', 'precharge-low', 'Tank precharge low', 0.06, degrees(['half', 0.6, times('tank.precharge', 0.5)], ['a quarter', 0.4, times('tank.precharge', 0.25)]), { effect: 'rapid-cycles', repair: aired, causes: [CAUSES.age], settledBy: 'air valve with the tank empty', wears: ['age'] }),
            fault('tank', 'precharge-high', 'Tank precharge over cut-in', 0.02, always(h => ({ 'tank.precharge': h['set.cutIn']! + 8 * PSI })), { effect: 'surges', repair: fit('Bleed the tank at zero pressure', 15), causes: [], settledBy: 'air valve with the tank empty' }),
          ]),
      fault('gauge', 'stuck', 'Gauge stuck or wrong', 0.02, always({ 'gauge.stuck': 1 }), { effect: 'runs', repair: fit('Replace the gauge', 20, 'gauge'), causes: [CAUSES.age, CAUSES.sand], settledBy: 'against a second gauge', wears: ['age'] }),
    ],
    tests: [
      ...(charged ? [] : [flow('precharge', 'valve', 'Tank precharge', [], 'precharge', 'pressure', 6, ['Water side at zero and a tap open.', 'Gauge on the tank air valve.'], { condition: 'static', need: 'zero-pressure', meter: 'tyre gauge', cautions: ['Never air a tank beyond its plate.'], band: 'precharge', proves: true })]),
      seen({ id: 'knock', point: 'valve', title: 'Knock and tilt the tank', words: ['tank', 'knock'], minutes: 1, steps: ['Knock from top to bottom; rock it if it is free to move.'], outcomes: KNOCK, usual: [0.85, 0.15], given: { 'tank.waterlogged': [0.06, 0.94], 'tank.precharge-low': [0.5, 0.5], 'tank.charger': [0.2, 0.8] } }),
      charged
        ? seen({ id: 'air-valve', point: 'valve', title: 'Does the air charger puff at a start?', words: ['charger', 'puff', 'bleeder'], minutes: 3, steps: ['Hand at the snifter or air control as it starts.'], outcomes: [outcome('puffs', 'puffs', 'yes', 'air'), outcome('nothing', 'nothing', 'no'), outcome('water', 'spits water', 'wet')], usual: [0.93, 0.05, 0.02], given: { 'tank.charger': [0.04, 0.66, 0.3], 'effect:silent': [0.02, 0.97, 0.01], 'effect:groans': [0.02, 0.97, 0.01] } })
        : seen({ id: 'air-valve', point: 'valve', title: 'Press the tank air valve', words: ['air valve'], minutes: 0.5, steps: ['Press the pin for a moment.'], outcomes: [outcome('air', 'air'), outcome('water', 'water', 'wet'), outcome('nothing', 'nothing')], usual: [0.93, 0.02, 0.05], given: { 'tank.waterlogged': [0.1, 0.72, 0.18], 'tank.precharge-low': [0.85, 0.02, 0.13] } }),
      seen({ id: 'gauge-agrees', point: 'gauge', title: 'Second gauge at a tap: do they agree?', words: ['second gauge', 'gauges'], minutes: 4, steps: ['Gauge on the hose tap nearest the tank; compare, at two pressures.'], outcomes: [outcome('agree', 'they agree', 'agrees', 'same'), outcome('differ', 'they differ', 'differs', 'stuck')], usual: [0.96, 0.04], given: { 'gauge.stuck': [0.03, 0.97] } }),
    ],
  }
}

/** Taps, plumbing and whatever filter stands on the way. */
export function plumbing({ filter, relief }: { filter: 'none' | 'before' | 'after', relief: boolean }): Block {
  return {
    components: [
      ...(filter === 'none' ? [] : [thing('filter', filter === 'before' ? 'Filter ahead of the switch' : 'House filter', 'filter', 'water', 'tank')]),
      ...(relief ? [thing('relief', 'Relief valve', 'relief', 'water', 'tank')] : []),
      thing('house', 'House', 'house', 'water', 'house', [{ id: 'filter', label: 'Filter', quantity: 'choice', choices: ['none', 'ahead of the switch', 'after the switch'] }]),
    ],
    points: [point('tap', 'hose tap', 'house', ['house', 'in'], 'hose', 'delivery', 'flow', 'taps')],
    faults: [
      fault('house', 'leak', 'Leak in the plumbing', 0.03, degrees(['running toilet', 0.6, h => ({ 'leak.house': h['pump.flow']! * 0.08 })], ['burst line', 0.4, h => ({ 'leak.house': h['pump.flow']! * 0.6 })]), { effect: 'starts-alone', repair: fit('Find and mend the leak', 60), causes: [CAUSES.age], settledBy: 'leak-down stops with the house valve shut', wears: ['age'] }),
      ...(relief ? [fault('relief', 'weeping', 'Relief valve weeping', 0.012, degrees(['weeps', 0.6, h => ({ 'leak.house': h['pump.flow']! * 0.04 })], ['opens early', 0.4, h => ({ 'relief.opens': 0.5 * (h['set.cutIn']! + h['set.cutOut']!) })]), { effect: 'starts-alone', repair: fit('Replace the relief valve', 30, 'relief valve'), causes: [CAUSES.sand, CAUSES.age], settledBy: 'water at its outlet', wears: ['sand', 'age'] })] : []),
      ...(filter === 'before' ? [fault('filter', 'blocked', 'Filter ahead of the switch blocked', 0.06, degrees(['half', 0.4, h => ({ 'filter.before': filterLoss(h, 0.5) })], ['nearly shut', 0.6, h => ({ 'filter.before': filterLoss(h, 0.12) })]), { effect: 'runs-weak', repair: fit('Change the filter; move the switch ahead of it', 30, 'filter cartridge'), causes: [CAUSES.sand], settledBy: 'pressure before it against after it under draw', wears: ['sand'] })] : []),
      ...(filter === 'after' ? [fault('filter', 'blocked', 'House filter blocked', 0.06, degrees(['half', 0.4, h => ({ 'filter.after': filterLoss(h, 0.5) })], ['nearly shut', 0.6, h => ({ 'filter.after': filterLoss(h, 0.15) })]), { effect: 'runs-weak', repair: fit('Change the filter cartridge', 20, 'filter cartridge'), causes: [CAUSES.sand], settledBy: 'flow with the cartridge out', wears: ['sand'] })] : []),
    ],
    tests: [
      flow('flow', 'tap', 'Delivery at the tap', [], 'delivery', 'flow', 5, ['Let it settle, then time a bucket.'], { need: 'live', meter: 'bucket and stopwatch', whileRunning: true, proves: true }),
      seen({ id: 'house-shut', point: 'tap', title: 'House valve shut: does the leak-down stop?', words: ['house valve', 'house shut'], minutes: 2, wait: { minutes: 10, why: 'ten minutes with the house valve shut' }, steps: ['At cut-out, off at the breaker, house valve shut: watch the gauge for ten minutes.'], whileRunning: true, outcomes: [outcome('holds', 'holds, or held before', 'stops'), outcome('falls', 'still falls', 'drops')], usual: [0.93, 0.07], given: { 'check.leaking': [0.05, 0.95], 'pipe.holed': [0.04, 0.96], 'switch.diaphragm': [0.1, 0.9], 'relief.weeping': [0.15, 0.85], 'house.leak': [0.97, 0.03] } }),
      seen({ id: 'leaks-look', point: 'tap', title: 'Walk the plumbing: any water where none should be?', words: ['leaks', 'plumbing'], minutes: 6, steps: ['Toilets, hose ends, softener drain, wet ground, relief outlet, under the switch.'], outcomes: [outcome('dry', 'all dry', 'none'), outcome('leak', 'a leak in the house', 'toilet', 'burst'), outcome('relief', 'at the relief valve'), outcome('switch', 'under the switch')], usual: [0.94, 0.03, 0.015, 0.015], given: { 'house.leak': [0.15, 0.83, 0.01, 0.01], 'relief.weeping': [0.08, 0.02, 0.89, 0.01], 'switch.diaphragm': [0.08, 0.01, 0.01, 0.9] } }),
      ...(filter === 'none' ? [] : [seen({ id: 'filter-out', point: 'tap', title: 'Cartridge out: is the flow back?', words: ['filter', 'cartridge'], minutes: 9, need: 'zero-pressure', steps: ['Valves shut, pressure off, cartridge out, housing closed; run a tap.'], outcomes: [outcome('same', 'no better', 'clean'), outcome('back', 'flow is back', 'blocked', 'better')], usual: [0.95, 0.05], given: { 'filter.blocked': [0.03, 0.97] } })]),
    ],
  }
}

/** A filter that lets through so much of the pump's flow with half the cut-in to drive it, Pa per (m³/s)². */
const filterLoss = (h: Figures, share: number) => 0.5 * h['set.cutIn']! / (share * h['pump.flow']!) ** 2

/** Underload protector: it stops a pump that runs dry and starts it again after a delay; set wrong, it stops a sound one. */
export const protector = (): Block => ({
  components: [thing('protector', 'Underload protector', 'protector', 'power', 'switch')],
  points: [point('protector', 'underload protector', 'protector', ['protector', 'on'], 'protector', 'underload')],
  faults: [
    fault('protector', 'tripped', 'Underload protector waiting to restart', 0.03, always({ 'run.1': 1e10 }), { repair: fit('Find why it ran dry; let it restart', 15), causes: [{ because: 'pump.dry-well', why: 'it tripped because the well ran dry' }, CAUSES.dry], settledBy: 'its lamp, and its delay', heals: true }),
    fault('protector', 'failed', 'Underload protector failed open', 0.015, always({ 'run.1': 1e10 }), { repair: fit('Replace the underload protector', 45, 'underload protector'), causes: [CAUSES.surge, CAUSES.age], settledBy: 'volts into it and none out, lamp dark', wears: ['age'] }),
  ],
  tests: [seen({ id: 'protector-seen', point: 'protector', title: 'Look at the underload protector', words: ['protector', 'underload'], steps: ['Lamp: run, waiting, or dark?'], outcomes: [outcome('run', 'run'), outcome('waiting', 'waiting, counting down', 'counting', 'tripped'), outcome('dark', 'dark', 'dead')], usual: [0.92, 0.04, 0.04], given: { 'protector.tripped': [0.03, 0.95, 0.02], 'protector.failed': [0.1, 0.05, 0.85], 'pump.dry-well': [0.3, 0.68, 0.02], 'pump.coupling': [0.35, 0.63, 0.02], 'supply.leg-lost': [0.2, 0.02, 0.78], 'breaker.off': [0.02, 0.01, 0.97] } })],
})

/** Looking, listening and asking: the same on every water system. */
export const waterLooks = (): Block => ({
  tests: [
    seen({
      id: 'sound', point: 'gauge', title: 'Listen as it calls', words: ['sound', 'hears', 'pump'], steps: ['Listen at the pump and the switch while it calls.'],
      outcomes: [outcome('runs', 'runs', 'running'), outcome('groans', 'groans, does not turn', 'hums', 'groan', 'hum', 'buzzes'), outcome('silent', 'silent', 'dead', 'nothing', 'quiet'), outcome('chatters', 'chatters', 'chatter', 'buzzes on and off')],
      usual: [0.5, 0.2, 0.28, 0.02],
      given: {
        ...Object.fromEntries(['runs', 'runs-dry', 'runs-weak', 'runs-on', 'rapid-cycles', 'surges', 'starts-alone', 'trips-overload'].map(e => [`effect:${e}`, [0.95, 0.02, 0.025, 0.005]])),
        'effect:cuts-off': [0.55, 0.02, 0.42, 0.01], 'effect:groans': [0.035, 0.86, 0.1, 0.005], 'effect:silent': [0.01, 0.025, 0.96, 0.005], 'effect:trips-breaker': [0.02, 0.1, 0.875, 0.005], 'effect:chatters': [0.02, 0.03, 0.03, 0.92],
      },
    }),
    seen({
      id: 'pulses', proves: true, point: 'tap', title: 'Watch a tap', words: ['taps', 'water'], minutes: 1, steps: ['Half-open tap: steady, pulsing, or dying and surging?'],
      outcomes: [outcome('steady', 'steady'), outcome('pulses', 'pulses, dies, surges', 'surges', 'dies'), outcome('weak', 'weak', 'trickle'), outcome('none', 'none', 'dry', 'flat')], usual: [0.25, 0.1, 0.2, 0.45],
      given: {
        'effect:runs': [0.9, 0.05, 0.04, 0.01], 'effect:starts-alone': [0.85, 0.1, 0.04, 0.01], 'effect:rapid-cycles': [0.55, 0.38, 0.06, 0.01], 'effect:surges': [0.08, 0.88, 0.03, 0.01], 'effect:runs-weak': [0.1, 0.08, 0.78, 0.04], 'effect:runs-dry': [0.02, 0.06, 0.22, 0.7], 'effect:groans': [0.04, 0.02, 0.14, 0.8],
        'effect:silent': [0.04, 0.02, 0.14, 0.8], 'effect:trips-breaker': [0.04, 0.02, 0.14, 0.8], 'effect:runs-on': [0.9, 0.02, 0.06, 0.02], 'effect:cuts-off': [0.04, 0.3, 0.16, 0.5], 'effect:trips-overload': [0.5, 0.1, 0.25, 0.15], 'effect:chatters': [0.1, 0.15, 0.25, 0.5],
      },
    }),
    seen({
      id: 'water-look', point: 'tap', title: 'Look at the water', words: ['water is', 'sediment'], minutes: 1, steps: ['Draw a glass; look for sand, rust, air.'],
      outcomes: [outcome('clear', 'clear'), outcome('sand', 'sand or rust', 'rust', 'sandy'), outcome('air', 'spits air', 'spits')], usual: [0.86, 0.1, 0.04],
      given: { 'switch.port-blocked': [0.5, 0.47, 0.03], 'pump.worn': [0.5, 0.46, 0.04], 'pump.dry-well': [0.4, 0.15, 0.45], 'check.leaking': [0.66, 0.3, 0.04], 'suction.air-leak': [0.3, 0.05, 0.65], 'suction.dry-well': [0.4, 0.15, 0.45], 'pump.nozzle': [0.5, 0.46, 0.04], 'strainer.blocked': [0.5, 0.45, 0.05], 'tank.charger': [0.8, 0.1, 0.1] },
    }),
    askedTest('tap', ['old', 'ran-dry', 'open-fill']),
  ],
})

/** "What changed": storm, outage, age, duty. */
export function askedTest(at: string, kinds: readonly ('old' | 'ran-dry' | 'open-fill' | 'vibration' | 'hot')[]) {
  const extra = { 'old': ['old, long in service', 0.14], 'ran-dry': ['ran dry', 0.05], 'open-fill': ['was filling a pond or pool', 0.02], 'vibration': ['shakes, things come loose', 0.05], 'hot': ['stands hot, no air round it', 0.04] } as const
  const rows = kinds.map(k => ({ id: k, label: extra[k][0], usual: extra[k][1] }))
  const outcomes = [outcome('nothing', 'nothing new'), outcome('storm', 'storm', 'lightning'), outcome('outage', 'outage', 'power cut'), ...rows.map(r => outcome(r.id, r.label, r.id.replace('-', ' '))), outcome('retries', 'kept trying for hours', 'kept trying')]
  const usual = [0.07, 0.07, ...rows.map(r => r.usual), 0.07]
  const base = [1 - usual.reduce((a, b) => a + b, 0), ...usual]
  const raised = (id: string, to: number) => {
    const i = outcomes.findIndex(o => o.id === id)
    return i < 0 ? base : base.map((v, j) => j === i ? to : v * (1 - to) / (1 - base[i]!))
  }
  return seen({
    id: 'asked', point: at, title: 'Ask what changed', words: ['asked', 'customer says', 'history'], minutes: 1, steps: ['Storm, outage, heavy use, how old is it, how long has it been trying?'], outcomes, usual: base,
    given: { 'switch.cut-off-tripped': raised('outage', 0.45), 'motor.ground': raised('storm', 0.3), 'motor.main-open': raised('retries', 0.2), ...(kinds.includes('ran-dry') ? { 'pump.dry-well': raised('ran-dry', 0.45), 'pump.prime-lost': raised('ran-dry', 0.4), 'protector.tripped': raised('ran-dry', 0.4), 'effect:runs-dry': raised('ran-dry', 0.2) } : {}) },
  })
}

export interface WaterFigures { readonly cutIn: number, readonly cutOut: number, readonly cutOff: number, readonly volume: number, readonly precharge: number, readonly flow: number, readonly shutOff: number, readonly inlet: number, readonly yield: number }

/** Healthy figures of a water side. */
export const waterFigures = (w: WaterFigures): Record<string, number> => ({
  'set.cutIn': w.cutIn, 'set.cutOut': w.cutOut, 'set.cutOff': w.cutOff, 'port.delay': 0, 'port.held': 0, 'tank.volume': w.volume, 'tank.precharge': w.precharge,
  'pump.flow': w.flow, 'pump.shutOff': w.shutOff, 'pump.inlet': w.inlet, 'pump.turns': 1, 'source.yield': w.yield, 'check.leak': 0, 'check.stuck': 0, 'filter.before': 0, 'filter.after': 0, 'leak.house': 0, 'gauge.stuck': 0, 'relief.opens': OPEN_ALL,
})
