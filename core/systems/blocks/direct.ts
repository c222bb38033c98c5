/** A 12 V demand pump: battery, fuse, switches, permanent-magnet motor, chassis return, and its small water side. */
import { FOOT, GALLON, PSI } from '#core/units'
import { CLOSED, OPEN } from '../power/pieces'
import { CAUSES } from './causes'
import { DEAD_CAUTIONS, JUMPER, always, amps, degrees, fault, fit, flow, leadOhms, outcome, partOhms, point, renew, seen, swapTrial, thing, times, volts, type Block } from './rows'
import type { NumericTest } from '../types'
import { askedTest } from './water'

const newPump = renew('Replace the pump', 40, 'demand pump', 'motor', 'pump', 'switch')
const newSwitch = renew('Replace the demand switch', 25, 'demand switch', 'switch')

const dc = (id: string, at: string, title: string, words: readonly string[], a: string, b: string, more: Parameters<typeof volts>[6] = {}): NumericTest => volts(id, at, title, words, a, b, { meter: 'V DC, 20 V', cautions: ['A shorted 12 V lead can burn: fuse in, ring off the finger.'], steps: [`Leads on ${title.replace(/^Volts /, '')}, a tap open.`], ...more })

export function directPower(): Block {
  return {
    components: [
      thing('battery', 'Battery', 'battery', 'power', 'bay', [{ id: 'capacity', label: 'Capacity (Ah)', quantity: 'battery-capacity', range: [5, 2000] }]),
      thing('fuse', 'Fuse', 'fuse', 'power', 'bay', [{ id: 'amps', label: 'Rating', quantity: 'amps', range: [3, 60] }]),
      thing('panel', 'Panel switch', 'panel-switch', 'power', 'panel'),
      thing('feed', 'Feed', 'conductor', 'power', 'bay', [{ id: 'length', label: 'Length, one way', quantity: 'length', range: [2 * FOOT, 200 * FOOT] }, { id: 'gauge', label: 'Wire size (AWG)', quantity: 'gauge', range: [2, 18] }]),
      thing('switch', 'Demand switch', 'pressure-switch', 'power', 'machine', [{ id: 'cutIn', label: 'Switches on', quantity: 'pressure', range: [5 * PSI, 70 * PSI] }, { id: 'cutOut', label: 'Switches off', quantity: 'pressure', range: [10 * PSI, 90 * PSI] }]),
      thing('motor', 'Motor', 'motor', 'power', 'machine', [{ id: 'volts', label: 'Volts', quantity: 'volts', range: [11, 26] }, { id: 'amps', label: 'Full-load amps', quantity: 'amps', range: [1, 40] }, { id: 'armatureOhms', label: 'Armature', quantity: 'ohms', range: [0.05, 10] }]),
      thing('return', 'Chassis return', 'return', 'power', 'bay'),
    ],
    points: [
      point('battery', 'battery posts', 'battery', ['battery', 'on'], 'posts', 'bat'),
      point('fuse', 'behind the fuse', 'fuse', ['fuse', 'out'], 'fuse out'),
      point('panel', 'behind the panel switch', 'panel', ['panel', 'out'], 'panel out'),
      point('line', 'switch in', 'feed', ['switch', 'in'], 'line', 'pump feed'),
      point('poles', 'demand switch', 'switch', ['switch', 'on', 'poles'], 'pole', 'switch drop'),
      point('motor', 'motor terminals', 'motor', ['motor', 'in'], 'pump', 'load', 'motor in'),
      point('lead', 'positive lead', 'switch', ['switch', 'out'], 'amps', 'red', 'run', 'start', 'black'),
      point('return', 'motor negative to battery negative', 'return', ['return', 'on'], 'ground', 'negative', 'earth'),
      point('windings', 'motor leads, off', 'motor', ['motor', 'on', 'brushes'], 'armature', 'brushes'),
    ],
    faults: [
      fault('battery', 'low', 'Battery low', 0.08, degrees(['spent', 0.6, { 'battery.volts': 11.8, 'battery.ohms': 0.06 }], ['flat', 0.4, { 'battery.volts': 9.5, 'battery.ohms': 0.25 }]), { effect: 'runs-weak', repair: fit('Charge or replace the battery', 30, 'battery'), causes: [CAUSES.age], settledBy: 'volts at the posts while it runs', wears: ['age'] }),
      fault('battery', 'post', 'Battery post corroded', 0.04, degrees(['0.5 Ω', 0.6, { 'battery.ohms': 0.5 }], ['open', 0.4, { 'battery.ohms': OPEN }]), { effect: 'runs-weak', repair: fit('Clean and remake the battery posts', 15), causes: [CAUSES.damp, CAUSES.loose], settledBy: 'post to clamp millivolts while it runs', wears: ['damp'] }),
      fault('fuse', 'blown', 'Fuse blown', 0.08, always({ 'fuse.1': OPEN }), { repair: fit('Find why, then replace the fuse', 10, 'fuse'), causes: [{ because: 'motor.seized', why: 'a stalled motor blows it' }, { because: 'feed.to-chassis', why: 'a chafed feed blows it' }, { because: 'motor.ground', why: 'a motor to chassis blows it' }, CAUSES.vibration], settledBy: 'volts on both sides of it' }),
      fault('fuse', 'holder', 'Fuse holder burnt', 0.03, degrees(['0.8 Ω', 0.6, { 'fuse.1': 0.8 }], ['3 Ω', 0.4, { 'fuse.1': 3 }]), { effect: 'runs-weak', repair: fit('Replace the fuse holder', 20, 'fuse holder'), causes: [CAUSES.damp, CAUSES.loose], settledBy: 'volts across it while it runs', wears: ['damp'] }),
      fault('panel', 'open', 'Panel switch does not make', 0.05, degrees(['open', 0.7, { 'panel.1': OPEN }], ['1.5 Ω', 0.3, { 'panel.1': 1.5 }]), { repair: fit('Replace the panel switch', 20, 'panel switch'), causes: [CAUSES.damp, CAUSES.age], settledBy: 'volts behind it against ahead of it', wears: ['damp', 'age'] }),
      fault('feed', 'open', 'Feed open', 0.03, always({ 'feed.1': OPEN }), { repair: renew('Replace the feed', 40, 'wire', 'feed'), causes: [CAUSES.vibration, CAUSES.chafe], settledBy: 'volts at the pump against behind the panel switch' }),
      fault('feed', 'high-resistance', 'High-resistance joint in the feed', 0.05, degrees(['0.4 Ω', 0.5, { 'feed.1': 0.5 }], ['2 Ω', 0.5, { 'feed.1': 2 }]), { effect: 'runs-weak', repair: fit('Remake the feed joint', 20, 'terminals'), causes: [CAUSES.damp, CAUSES.vibration], settledBy: 'volts along the feed while it runs', wears: ['damp'] }),
      fault('feed', 'to-chassis', 'Feed chafed to chassis', 0.02, always({ 'feed.earth': 0.03 }), { repair: renew('Replace the feed', 40, 'wire', 'feed'), causes: [CAUSES.chafe, CAUSES.vibration], settledBy: 'fuse blows with the pump unplugged' }),
      fault('switch', 'burnt', 'Demand switch contact burnt', 0.05, degrees(['0.6 Ω', 0.5, { 'switch.1': 0.6 }], ['4 Ω', 0.5, { 'switch.1': 4 }]), { effect: 'runs-weak', repair: newSwitch, causes: [CAUSES.rapidCycling, CAUSES.damp], settledBy: 'volts across it while it runs', wears: ['starts', 'damp'] }),
      fault('switch', 'stuck-open', 'Demand switch does not make', 0.05, always({ 'switch.1': OPEN }), { repair: newSwitch, causes: [CAUSES.damp, CAUSES.age], settledBy: 'volts into it and none out, a tap open', wears: ['damp', 'age'] }),
      fault('switch', 'welded', 'Demand switch stuck closed', 0.03, always({ 'switch.rest1': CLOSED }), { effect: 'runs-on', repair: newSwitch, causes: [CAUSES.rapidCycling], settledBy: 'runs on with every tap shut', wears: ['starts'] }),
      fault('switch', 'out-of-setting', 'Demand switch out of adjustment', 0.03, degrees(['10 psi low', 0.5, h => ({ 'set.cutIn': h['set.cutIn']! * 0.6, 'set.cutOut': h['set.cutOut']! * 0.75 })], ['15 psi high', 0.5, h => ({ 'set.cutIn': h['set.cutIn']! * 1.3, 'set.cutOut': h['set.cutOut']! * 1.35 })]), { repair: fit('Set the demand switch', 10), causes: [], settledBy: 'where it switches on and off, off the gauge' }),
      fault('motor', 'brushes', 'Brushes worn out or stuck', 0.05, degrees(['open', 0.6, { 'motor.joint1': OPEN }], ['1.5 Ω', 0.4, { 'motor.joint1': 1.5 }]), { repair: newPump, causes: [CAUSES.age, CAUSES.dry], settledBy: 'ohms across the motor leads', wears: ['age'] }),
      fault('motor', 'seized', 'Motor or pump seized', 0.05, always({ 'motor.seized': 1 }), { repair: newPump, causes: [CAUSES.dry, { because: 'frozen', why: 'ice splits heads and locks rotors' }, CAUSES.age], settledBy: 'stalled amps with full volts', wears: ['age'] }),
      fault('motor', 'turn-short', 'Armature shorted between turns', 0.015, always({ 'motor.turns': 0.6 }), { effect: 'runs-weak', repair: newPump, causes: [CAUSES.dry, CAUSES.age], settledBy: 'amps high with the pump giving little' }),
      fault('motor', 'ground', 'Motor to chassis', 0.01, always({ 'motor.earth': 0.05 }), { repair: newPump, causes: [CAUSES.damp], settledBy: 'ohms lead to case, unplugged', wears: ['damp'] }),
      fault('return', 'bad', 'Bad chassis return', 0.1, degrees(['0.4 Ω', 0.4, { 'return.1': 0.5 }], ['2 Ω', 0.3, { 'return.1': 2 }], ['open', 0.3, { 'return.1': OPEN }]), { effect: 'runs-weak', repair: fit('Clean and remake the chassis return', 20, 'ring terminal'), causes: [CAUSES.damp, CAUSES.vibration], settledBy: 'volts from motor negative to battery negative while it runs', wears: ['damp'] }),
    ],
    tests: [
      dc('battery.rest', 'battery', 'Volts at the posts, nothing running', ['rest', 'rested'], 'p', '0', { scenario: 'idle', band: 'battery', condition: 'idle' }),
      dc('battery.run', 'battery', 'Volts at the posts while it runs', ['run', 'loaded'], 'p', '0', { band: 'model', condition: 'running' }),
      dc('fuse.volts', 'fuse', 'Volts behind the fuse', [], 'pf', '0', { band: 'drop-12v' }),
      dc('panel.volts', 'panel', 'Volts behind the panel switch', [], 'pp', '0', { band: 'drop-12v' }),
      dc('line.volts', 'line', 'Volts into the demand switch', [], 'pd', '0', { band: 'drop-12v' }),
      dc('switch.drop', 'poles', 'Volts across the demand switch, running', ['drop', 'across'], 'pd', 'pm', { condition: 'running', band: 'contact-drop', proves: true, probe: { ask: 'volts', a: 'pd', b: 'pm', scenario: 'running', drop: true } }),
      dc('motor.volts', 'motor', 'Volts across the motor', [], 'pm', 'n', { band: 'drop-12v', proves: true }),
      dc('return.drop', 'return', 'Volts from motor negative to battery negative, running', ['drop', 'return'], 'n', '0', { condition: 'running', band: 'contact-drop', proves: true, probe: { ask: 'volts', a: 'n', b: '0', scenario: 'running', drop: true } }),
      amps('black.run', 'lead', 'Clamp the positive lead, running', ['run', 'running', 'amps'], 'demand switch', 'running', 'DC clamp zeroed, then round the positive lead; a tap open.', { meter: 'A DC clamp', band: 'running-amps', proves: true }),
      leadOhms('windings.ohms', 'windings', 'Ohms across the motor leads', ['armature', 'brushes'], 'pm', 'n', 4, 'Both leads off; turn the shaft slowly and note the lowest.', { variant: 'armature' }),
      leadOhms('windings.ground', 'windings', 'Ohms motor lead to case', ['ground', 'case', 'chassis'], 'pm', '0', 3, 'Both leads off; lead to case.', { variant: 'ground', proves: true, cautions: DEAD_CAUTIONS }),
      partOhms('fuse.ohms', 'fuse', 'Ohms across the fuse, out of its holder', [], 'fuse.1', 2, 'Fuse out; across it, and look at the holder.'),
      seen({ id: 'fuse-look', point: 'fuse', title: 'Take the fuse out', words: ['fuse'], minutes: 1.5, steps: ['Panel off. Fuse whole or blown; holder bright or brown?'], outcomes: [outcome('good', 'whole, holder bright', 'whole', 'good'), outcome('blown', 'blown'), outcome('burnt', 'holder burnt', 'brown', 'melted')], usual: [0.9, 0.06, 0.04], given: { 'fuse.blown': [0.01, 0.97, 0.02], 'fuse.holder': [0.08, 0.02, 0.9], 'effect:trips-breaker': [0.05, 0.93, 0.02] } }),
      seen({ id: 'trip-motor-off', point: 'motor', title: 'Pump unplugged: does a new fuse still blow?', words: ['pump unplugged', 'trips motor off'], minutes: 4, need: 'proven-dead', risk: 1, steps: ['Panel off; pump unplugged, ends apart; new fuse; panel on.'], outcomes: [outcome('holds', 'holds'), outcome('trips', 'blows again', 'blows', 'trips')], usual: [0.97, 0.03], given: { 'feed.to-chassis': [0.02, 0.98] } }),
      swapTrial({ id: 'bypass', point: 'poles', title: 'Bridge the demand switch: does it run?', words: ['bridged', 'bypass', 'jumpered'], need: 'proven-dead', minutes: 3, risk: 1, steps: ['Panel off; fused lead across the demand switch; panel on, a tap open.'], cautions: [JUMPER] }, ['switch.'], { 'switch.1': CLOSED }),
      swapTrial({ id: 'second-return', point: 'return', title: 'Second return lead to the battery: does it run?', words: ['jumper ground', 'second return'], need: 'proven-dead', minutes: 5, risk: 1, steps: ['Panel off; a heavy lead from motor negative straight to the battery’s negative; panel on, a tap open.'] }, ['return.'], { 'return.1': CLOSED }),
      seen({ id: 'contacts', point: 'poles', title: 'Look at the demand switch', words: ['contacts', 'switch'], minutes: 5, need: 'proven-dead', steps: ['Panel off. Cover off: bright, burnt, wet, stuck?'], outcomes: [outcome('clean', 'clean', 'good'), outcome('burnt', 'burnt', 'pitted'), outcome('welded', 'stuck closed', 'welded'), outcome('wet', 'wet or green', 'green', 'corroded')], usual: [0.86, 0.06, 0.01, 0.07], given: { 'switch.burnt': [0.05, 0.75, 0.02, 0.18], 'switch.stuck-open': [0.25, 0.2, 0.01, 0.54], 'switch.welded': [0.05, 0.2, 0.72, 0.03] } }),
      seen({ id: 'return-look', point: 'return', title: 'Look at the chassis return', words: ['return', 'chassis'], minutes: 2, steps: ['Ring, bolt, paint, rust; wriggle it while it runs.'], outcomes: [outcome('bright', 'bright and tight', 'good'), outcome('rusty', 'rusty, loose or painted', 'loose', 'rust', 'corroded')], usual: [0.85, 0.15], given: { 'return.bad': [0.12, 0.88] } }),
      seen({ id: 'posts-look', point: 'battery', title: 'Look at the battery posts', words: ['posts', 'battery'], minutes: 1, steps: ['Clamps tight, posts clean?'], outcomes: [outcome('clean', 'clean and tight', 'good'), outcome('furred', 'furred or loose', 'corroded', 'loose')], usual: [0.88, 0.12], given: { 'battery.post': [0.08, 0.92] } }),
    ],
    notes: [
      { id: 'terminals-wet', label: 'Damp at the terminals', test: 'contacts', shownBy: 'wet', advice: 'Seal the bay; crimp with heat-shrink.' },
      { id: 'frozen', label: 'Has been frozen', test: 'asked', shownBy: 'frozen', advice: 'Drain it down for the winter.' },
    ],
  }
}

export function directWater({ accumulator }: { accumulator: boolean }): Block {
  return {
    components: [
      thing('source', 'Fresh tank', 'open-tank', 'water', 'bay', [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [GALLON, 2000 * GALLON] }]),
      thing('strainer', 'Strainer', 'filter', 'water', 'bay'),
      thing('pump', 'Diaphragm pump', 'pump', 'water', 'machine', [{ id: 'flow', label: 'Delivery', quantity: 'flow', range: [0.3 * GALLON / 60, 30 * GALLON / 60] }, { id: 'accumulator', label: 'Accumulator', quantity: 'choice', choices: ['no', 'yes'] }]),
      ...(accumulator ? [thing('tank', 'Accumulator', 'tank', 'water', 'bay', [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [0.05 * GALLON, 5 * GALLON] }])] : []),
      thing('gauge', 'Gauge', 'gauge', 'water', 'bay'),
      thing('house', 'Taps', 'house', 'water', 'house'),
    ],
    points: [
      point('strainer', 'strainer', 'strainer', ['strainer', 'on'], 'screen'),
      ...(accumulator ? [point('valve', 'accumulator air valve', 'tank', ['tank', 'on', 'valve'], 'pre', 'precharge', 'air valve')] : []),
      point('gauge', 'gauge on the line', 'gauge', ['gauge', 'on'], 'pressure', 'psi'),
      point('tap', 'tap', 'house', ['house', 'in'], 'taps', 'flow', 'delivery'),
    ],
    faults: [
      fault('source', 'empty', 'Fresh tank empty', 0.05, always({ 'source.yield': 0, 'motor.load': 0.25 }), { effect: 'runs-dry', repair: fit('Fill the tank', 10), causes: [], settledBy: 'look into it' }),
      fault('strainer', 'blocked', 'Strainer blocked', 0.07, degrees(['half', 0.5, h => ({ 'source.yield': h['pump.flow']! * 0.4, 'motor.load': h['motor.load']! * 0.8 })], ['nearly shut', 0.5, h => ({ 'source.yield': h['pump.flow']! * 0.08, 'motor.load': h['motor.load']! * 0.6 })]), { effect: 'runs-weak', repair: fit('Clean the strainer', 8), causes: [CAUSES.sand], settledBy: 'bowl off, screen looked at', wears: ['sand'] }),
      fault('strainer', 'air-leak', 'Suction draws air', 0.05, degrees(['a little', 0.5, times('pump.flow', 0.5)], ['a lot', 0.5, h => ({ 'source.yield': h['pump.flow']! * 0.03, 'motor.load': h['motor.load']! * 0.4 })]), { effect: 'runs-weak', repair: fit('Remake the suction hose', 15, 'hose clamps'), causes: [CAUSES.vibration, CAUSES.age], settledBy: 'bubbles in the strainer bowl', wears: ['age'] }),
      fault('pump', 'valves', 'Pump valves worn or dirty', 0.06, degrees(['gives less', 0.5, times('pump.flow', 0.5)], ['leaks back', 0.5, h => ({ 'check.leak': h['pump.flow']! * 0.08 })]), { effect: 'starts-alone', repair: fit('Fit a pump head kit', 30, 'pump head kit'), causes: [CAUSES.sand, CAUSES.age], settledBy: 'runs a moment every few minutes with every tap shut', wears: ['sand', 'age'] }),
      fault('pump', 'diaphragm', 'Pump diaphragm split', 0.03, always(h => ({ 'pump.flow': h['pump.flow']! * 0.25, 'motor.load': h['motor.load']! * 0.7 })), { effect: 'runs-weak', repair: fit('Fit a pump head kit', 30, 'pump head kit'), causes: [{ because: 'frozen', why: 'ice splits diaphragms' }, CAUSES.age], settledBy: 'water at the head’s weep hole', wears: ['age'] }),
      fault('pump', 'by-pass', 'By-pass valve set wrong', 0.03, always(h => ({ 'pump.shutOff': h['set.cutOut']! * 0.93 })), { effect: 'runs-weak', repair: fit('Set the by-pass', 10), causes: [], settledBy: 'runs on under its cut-out with every tap shut' }),
      fault('house', 'leak', 'Leak in the plumbing', 0.04, degrees(['drips', 0.6, h => ({ 'leak.house': h['pump.flow']! * 0.05 })], ['burst fitting', 0.4, h => ({ 'leak.house': h['pump.flow']! * 0.5 })]), { effect: 'starts-alone', repair: fit('Find and mend the leak', 40), causes: [{ because: 'frozen', why: 'ice bursts fittings' }, CAUSES.vibration], settledBy: 'walk the plumbing; isolate the outlet', wears: ['age'] }),
      ...(accumulator ? [fault('tank', 'precharge-low', 'Accumulator flat', 0.05, always(times('tank.precharge', 0.15)), { effect: 'rapid-cycles', repair: fit('Air the accumulator at zero pressure', 10), causes: [CAUSES.age], settledBy: 'its air valve with the pressure off', wears: ['age'] })] : []),
      fault('gauge', 'stuck', 'Gauge stuck or wrong', 0.01, always({ 'gauge.stuck': 1 }), { effect: 'runs', repair: fit('Replace the gauge', 20, 'gauge'), causes: [CAUSES.age], settledBy: 'against a second gauge' }),
    ],
    tests: [
      flow('flow', 'tap', 'Delivery at the tap', [], 'delivery', 'flow', 3, ['Let it settle, then time a jug.'], { need: 'live', meter: 'jug and stopwatch', whileRunning: true, proves: true }),
      ...(accumulator ? [flow('precharge', 'valve', 'Accumulator precharge', [], 'precharge', 'pressure', 4, ['Pressure off and a tap open; gauge on the air valve.'], { condition: 'static', need: 'zero-pressure', meter: 'tyre gauge', band: 'precharge', proves: true })] : []),
      seen({ id: 'tank-look', point: 'tap', title: 'Look into the fresh tank', words: ['fresh tank', 'water level'], minutes: 0.7, steps: ['Level by eye, not by the panel.'], outcomes: [outcome('water', 'water in it', 'full'), outcome('empty', 'empty')], usual: [0.96, 0.04], given: { 'source.empty': [0.01, 0.99] } }),
      seen({ id: 'strainer-look', point: 'strainer', title: 'Look at the strainer bowl', words: ['strainer', 'bowl'], minutes: 1.5, steps: ['Bowl: clear, packed, or full of bubbles while it runs?'], outcomes: [outcome('clear', 'clear', 'clean'), outcome('packed', 'packed', 'blocked', 'dirty'), outcome('bubbles', 'bubbles', 'air')], usual: [0.88, 0.08, 0.04], given: { 'strainer.blocked': [0.04, 0.94, 0.02], 'strainer.air-leak': [0.08, 0.02, 0.9], 'source.empty': [0.2, 0.02, 0.78] } }),
      seen({ id: 'weep', point: 'strainer', title: 'Look under the pump head', words: ['weep hole', 'head'], minutes: 1, steps: ['Dry, or water at the weep hole?'], outcomes: [outcome('dry', 'dry'), outcome('wet', 'wet', 'drips', 'weeps')], usual: [0.95, 0.05], given: { 'pump.diaphragm': [0.08, 0.92], 'house.leak': [0.85, 0.15] } }),
      seen({ id: 'outlet-shut', point: 'tap', title: 'Outlet valve shut at the pump: does it still start by itself?', words: ['outlet shut', 'valve shut'], minutes: 3, wait: { minutes: 8, why: 'eight minutes with the outlet shut' }, steps: ['At rest, valve behind the pump shut: does it start within eight minutes?'], outcomes: [outcome('quiet', 'stays quiet', 'holds'), outcome('starts', 'starts by itself', 'starts')], usual: [0.93, 0.07], given: { 'pump.valves:2': [0.06, 0.94], 'house.leak': [0.95, 0.05] } }),
      seen({ id: 'leaks-look', point: 'tap', title: 'Walk the plumbing: any water where none should be?', words: ['leaks', 'plumbing'], minutes: 4, steps: ['Lockers, toilet valve, outside shower, heater relief.'], outcomes: [outcome('dry', 'all dry', 'none'), outcome('leak', 'a leak', 'drips', 'burst')], usual: [0.95, 0.05], given: { 'house.leak': [0.12, 0.88] } }),
      seen({ id: 'gauge-agrees', point: 'gauge', title: 'Second gauge: do they agree?', words: ['second gauge', 'gauges'], minutes: 3, steps: ['Gauge on the outside shower; compare.'], outcomes: [outcome('agree', 'they agree', 'same'), outcome('differ', 'they differ', 'stuck')], usual: [0.96, 0.04], given: { 'gauge.stuck': [0.03, 0.97] } }),
      rvAsked(),
    ],
  }
}

function rvAsked() {
  const asked = askedTest('tap', ['old', 'ran-dry', 'vibration'])
  const frozen = 0.06
  const shrink = (row: readonly number[]) => [...row.map(v => v * (1 - frozen)), frozen]
  return { ...asked, outcomes: [...asked.outcomes, outcome('frozen', 'stood in the frost', 'frozen', 'froze')], usual: shrink(asked.usual), given: { ...Object.fromEntries(Object.entries(asked.given).map(([k, r]) => [k, shrink(r)])), 'pump.diaphragm': [...asked.usual.map(v => v * 0.65), 0.35], 'motor.seized': [...asked.usual.map(v => v * 0.8), 0.2] } }
}

/** Healthy figures of a 12 V power path. */
export const directFigures = (feedOhms: number): Record<string, number> => ({
  'battery.volts': 12.7, 'battery.ohms': 0.015, 'fuse.1': 0.008, 'panel.1': 0.012, 'feed.1': feedOhms, 'feed.earth': 5e6, 'switch.1': 0.012, 'switch.rest1': OPEN, 'return.1': 0.012,
  'motor.turns': 1, 'motor.joint1': 0, 'motor.earth': 5e6, 'motor.seized': 0, 'motor.load': 0.9, 'motor.startLoad': 0,
})
