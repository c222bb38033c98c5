/** The air side: pump head, unloader, tank check valve, receiver and what hangs on it. Rates and tables are common practice, no source. */
import { GALLON, PSI } from '#core/units'
import { CAUSES } from './causes'
import { always, degrees, fault, fit, flow, outcome, point, renew, seen, thing, times, type Block } from './rows'
import { askedTest } from './water'

const CFM = 0.3048 ** 3 / 60

export function airSide({ belt }: { belt: boolean }): Block {
  const checkLeaks = fit('Clean or replace the tank check valve', 30, 'tank check valve')
  const newUnloader = fit('Clean or replace the unloader valve', 25, 'unloader valve')
  return {
    components: [
      thing('head', 'Pump head', 'compressor', 'air', 'machine', [{ id: 'delivery', label: 'Free air delivered', quantity: 'air-flow', range: [0.3 * CFM, 200 * CFM] }]),
      thing('unloader', 'Unloader', 'unloader', 'air', 'switch'),
      thing('check', 'Tank check valve', 'check-valve', 'air', 'machine'),
      thing('tank', 'Receiver', 'receiver', 'air', 'machine', [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [0.5 * GALLON, 1000 * GALLON] }]),
      thing('gauge', 'Gauge', 'gauge', 'air', 'machine'),
      thing('relief', 'Relief valve', 'relief', 'air', 'machine'),
      thing('regulator', 'Regulator', 'regulator', 'air', 'machine'),
      thing('house', 'Air line', 'house', 'air', 'house'),
    ],
    points: [
      point('head', 'pump head', 'head', ['head', 'on'], 'head', 'compressor'),
      point('unloader', 'unloader', 'unloader', ['unloader', 'on'], 'unloader', 'bleed'),
      point('gauge', 'receiver gauge', 'gauge', ['gauge', 'on'], 'pressure', 'psi', 'tank gauge'),
      point('drain', 'receiver drain', 'tank', ['tank', 'on', 'drain'], 'drain', 'condensate'),
      point('outlet', 'outlet', 'house', ['house', 'in'], 'outlet', 'line', 'tools'),
    ],
    faults: [
      fault('head', 'reed', 'Reed valves broken or leaking', 0.05, degrees(['half the air', 0.6, times('pump.flow', 0.5)], ['hardly any', 0.4, h => ({ 'pump.flow': h['pump.flow']! * 0.12, 'motor.load': h['motor.load']! * 0.65 })]), { effect: 'runs-weak', repair: fit('Fit a valve plate kit', 90, 'valve plate kit'), causes: [CAUSES.hot, CAUSES.oil, CAUSES.age], settledBy: 'pump-up time; breath back at the intake', wears: ['age'] }),
      fault('head', 'gasket', 'Head gasket blown', 0.02, always(times('pump.flow', 0.4)), { effect: 'runs-weak', repair: fit('Fit a head gasket', 80, 'head gasket'), causes: [CAUSES.hot, CAUSES.vibration], settledBy: 'air heard at the head as it pumps' }),
      fault('head', 'intake', 'Intake filter blocked', 0.03, always(times('pump.flow', 0.65)), { effect: 'runs-weak', repair: fit('Change the intake filter', 5, 'intake filter'), causes: [CAUSES.age], settledBy: 'run it a moment with the filter off' }),
      ...(belt ? [fault('head', 'belt', 'Belt slipping or off', 0.03, degrees(['slips', 0.5, h => ({ 'pump.flow': h['pump.flow']! * 0.55, 'motor.load': h['motor.load']! * 0.75 })], ['off', 0.5, { 'motor.load': 0, 'pump.turns': 0 }]), { effect: 'runs-weak', repair: fit('Set or replace the belt', 20, 'belt'), causes: [CAUSES.age, CAUSES.vibration], settledBy: 'belt looked at, guard off, locked', wears: ['age'] })] : []),
      fault('check', 'leaking', 'Tank check valve leaking back', 0.06, degrees(['past the vent at rest', 0.6, h => ({ 'check.leak': h['pump.flow']! * 0.1 })], ['loads the next start', 0.4, h => ({ 'check.leak': h['pump.flow']! * 0.04, 'motor.startLoad': 1.6 })]), { effect: 'starts-alone', repair: checkLeaks, causes: [CAUSES.hot, CAUSES.age], settledBy: 'unloader hisses on after it has stopped', wears: ['age'] }),
      fault('unloader', 'not-venting', 'Unloader does not vent', 0.05, always({ 'motor.startLoad': 1.8 }), { repair: newUnloader, causes: [CAUSES.age, CAUSES.oil], settledBy: 'no sigh at cut-out; starts once the line is cracked', wears: ['age'] }),
      fault('unloader', 'leaking', 'Unloader leaks while it runs', 0.03, always(times('pump.flow', 0.6)), { effect: 'runs-weak', repair: newUnloader, causes: [CAUSES.age, CAUSES.vibration], settledBy: 'air at its vent while it pumps', wears: ['age'] }),
      fault('relief', 'weeping', 'Relief valve leaking', 0.02, degrees(['weeps', 0.6, h => ({ 'leak.house': h['pump.flow']! * 0.08 })], ['opens early', 0.4, h => ({ 'relief.opens': 0.5 * (h['set.cutIn']! + h['set.cutOut']!) })]), { effect: 'starts-alone', repair: fit('Replace the relief valve', 15, 'relief valve'), causes: [CAUSES.age], settledBy: 'soap over its outlet' }),
      fault('house', 'leak', 'Leak in the air line', 0.06, degrees(['a fitting', 0.6, h => ({ 'leak.house': h['pump.flow']! * 0.12 })], ['a hose', 0.4, h => ({ 'leak.house': h['pump.flow']! * 0.55 })]), { effect: 'starts-alone', repair: fit('Mend the air line', 30), causes: [CAUSES.vibration, CAUSES.age], settledBy: 'leak-down stops with the outlet valve shut', wears: ['age'] }),
      fault('tank', 'leak', 'Receiver leaks: rusted through', 0.008, always(h => ({ 'leak.house': h['pump.flow']! * 0.15 })), { effect: 'starts-alone', repair: renew('Take the receiver out of use', 120, 'receiver', 'tank'), causes: [{ because: 'tank.condensate', why: 'undrained water rusts it from inside' }, CAUSES.age], settledBy: 'soap along its belly and seams', wears: ['age'] }),
      fault('tank', 'condensate', 'Receiver half full of condensate', 0.03, always(times('tank.volume', 0.3)), { effect: 'rapid-cycles', repair: fit('Drain the receiver', 15), causes: [CAUSES.age], settledBy: 'what the drain gives' }),
      fault('regulator', 'stuck', 'Regulator stuck or frozen', 0.02, always({ 'regulator.share': 0.35 }), { effect: 'runs', repair: fit('Replace the regulator', 25, 'regulator'), causes: [CAUSES.age], settledBy: 'pressure ahead of it against behind it while air is drawn' }),
      fault('gauge', 'stuck', 'Gauge stuck or wrong', 0.015, always({ 'gauge.stuck': 1 }), { effect: 'runs', repair: fit('Replace the gauge', 20, 'gauge'), causes: [CAUSES.age, CAUSES.vibration], settledBy: 'against a second gauge' }),
    ],
    tests: [
      flow('fill', 'gauge', 'Pump-up time, cut-in to cut-out', ['pump up', 'pump-up', 'fill', 'recovery'], 'fill-time', 'time', 6, ['Outlet shut. Stopwatch from cut-in to cut-out.'], { variant: 'fill', proves: true, need: 'live', meter: 'stopwatch', whileRunning: true, cautions: ['If it runs past the setting, switch off: never lean on the relief valve.'] }),
      flow('outlet.pressure', 'outlet', 'Pressure behind the regulator, air drawn', ['regulator', 'tool pressure'], 'open-pressure', 'pressure', 2, ['Tool or blow-gun open; gauge behind the regulator.'], { condition: 'running', band: 'model' }),
      seen({ id: 'unloader-stop', point: 'unloader', title: 'Listen at cut-out: the sigh', words: ['sigh', 'unloader', 'vents'], minutes: 2, steps: ['At cut-out: a short sigh from the vent, then silence.'], outcomes: [outcome('sigh', 'a sigh, then silence', 'vents', 'good'), outcome('hisses', 'hisses on', 'keeps hissing'), outcome('nothing', 'nothing', 'silent')], usual: [0.7, 0.05, 0.25], given: { 'unloader.not-venting': [0.03, 0.02, 0.95], 'check.leaking': [0.06, 0.92, 0.02], 'effect:runs': [0.95, 0.03, 0.02], 'effect:starts-alone': [0.93, 0.04, 0.03], 'effect:rapid-cycles': [0.94, 0.03, 0.03], 'effect:groans': [0.3, 0.05, 0.65], 'effect:silent': [0.1, 0.03, 0.87], 'effect:runs-weak': [0.55, 0.05, 0.4] } }),
      seen({ id: 'unloader-run', point: 'unloader', title: 'Feel the unloader vent while it pumps', words: ['vent', 'unloader blows'], minutes: 1, need: 'live', whileRunning: true, steps: ['A finger near the vent as it pumps: still, or blowing?'], outcomes: [outcome('still', 'still'), outcome('blows', 'blows', 'leaks')], usual: [0.95, 0.05], given: { 'unloader.leaking': [0.03, 0.97] } }),
      seen({ id: 'crack-line', point: 'unloader', title: 'Unloader line cracked: does it start?', words: ['cracked line', 'head vented'], minutes: 5, need: 'proven-dead', risk: 1, steps: ['Off. Crack the unloader line at the switch until it stops hissing; tighten; energise.'], cautions: ['Eyes covered; a nut slacked, never taken off under pressure.'], outcomes: [outcome('same', 'no difference', 'still groans', 'same'), outcome('starts', 'starts', 'runs')], usual: [0.93, 0.07], given: { 'unloader.not-venting': [0.05, 0.95], 'check.leaking:2': [0.12, 0.88], 'effect:runs': [0.3, 0.7], 'effect:runs-weak': [0.3, 0.7], 'effect:starts-alone': [0.3, 0.7] } }),
      seen({ id: 'intake-breath', point: 'head', title: 'Hand at the intake as it pumps', words: ['intake', 'breath'], minutes: 2, need: 'live', whileRunning: true, risk: 1, steps: ['Filter off: steady pull, breath blown back, or hardly any pull?'], outcomes: [outcome('pulls', 'steady pull', 'pulls', 'good'), outcome('back', 'blows back', 'breath back'), outcome('better', 'pumps better with the filter off', 'filter')], usual: [0.92, 0.05, 0.03], given: { 'head.reed': [0.07, 0.9, 0.03], 'head.intake': [0.06, 0.02, 0.92], 'head.gasket': [0.5, 0.48, 0.02] } }),
      seen({ id: 'head-heard', point: 'head', title: 'Listen round the head', words: ['head', 'gasket', 'knock'], minutes: 1.5, need: 'live', whileRunning: true, steps: ['Along the head joint and the bearings as it pumps.'], outcomes: [outcome('even', 'even beat', 'good'), outcome('blows', 'air at the joint', 'gasket'), outcome('knocks', 'knocks', 'rattles')], usual: [0.9, 0.03, 0.07], given: { 'head.gasket': [0.06, 0.92, 0.02], 'motor.binding': [0.3, 0.02, 0.68] } }),
      ...(belt ? [seen({ id: 'belt-look', point: 'head', title: 'Look at the belt', words: ['belt'], minutes: 3, need: 'proven-dead', steps: ['Locked, guard off: tight, glazed, off?'], outcomes: [outcome('good', 'good', 'tight'), outcome('slack', 'slack or glazed', 'loose', 'glazed'), outcome('off', 'off or broken', 'broken')], usual: [0.93, 0.06, 0.01], given: { 'head.belt:1': [0.05, 0.93, 0.02], 'head.belt:2': [0.01, 0.03, 0.96] } })] : []),
      seen({ id: 'soap', point: 'outlet', title: 'Soap the joints under pressure', words: ['soap', 'bubbles'], minutes: 8, steps: ['Off at cut-out. Soap fittings, hoses, switch, relief outlet, seams.'], outcomes: [outcome('none', 'no bubbles', 'dry'), outcome('line', 'at the line or a fitting', 'fitting', 'hose'), outcome('switch', 'at the pressure switch'), outcome('relief', 'at the relief valve'), outcome('receiver', 'at the receiver', 'seam')], usual: [0.9, 0.06, 0.015, 0.015, 0.01], given: { 'house.leak': [0.05, 0.92, 0.01, 0.01, 0.01], 'switch.diaphragm': [0.06, 0.02, 0.9, 0.01, 0.01], 'relief.weeping': [0.08, 0.02, 0.01, 0.88, 0.01], 'tank.leak': [0.08, 0.02, 0.01, 0.01, 0.88] } }),
      seen({ id: 'outlet-shut', point: 'outlet', title: 'Outlet valve shut: does the leak-down stop?', words: ['outlet shut', 'valve shut'], minutes: 2, wait: { minutes: 10, why: 'ten minutes with the outlet shut' }, steps: ['At cut-out, off, outlet valve shut: watch the gauge.'], outcomes: [outcome('holds', 'holds, or held before', 'stops'), outcome('falls', 'still falls', 'drops')], usual: [0.93, 0.07], given: { 'check.leaking': [0.06, 0.94], 'switch.diaphragm': [0.08, 0.92], 'relief.weeping': [0.1, 0.9], 'tank.leak': [0.04, 0.96], 'house.leak': [0.96, 0.04] } }),
      seen({ id: 'drain', point: 'drain', title: 'Open the drain', words: ['drained', 'condensate'], minutes: 4, steps: ['Low pressure on it, drain cracked: air at once, or water, and how much?'], outcomes: [outcome('air', 'air, a cupful at most', 'dry', 'cupful'), outcome('water', 'water and more water', 'litres', 'gallons')], usual: [0.9, 0.1], given: { 'tank.condensate': [0.02, 0.98], 'tank.leak': [0.4, 0.6] } }),
      seen({ id: 'oil', point: 'head', title: 'Look at the oil', words: ['oil'], minutes: 1, need: 'proven-dead', steps: ['Sight glass or dipstick, level ground: level and colour.'], outcomes: [outcome('good', 'good'), outcome('low', 'low or black', 'black', 'old'), outcome('milky', 'milky', 'water')], usual: [0.88, 0.1, 0.02], given: { 'motor.seized': [0.45, 0.53, 0.02], 'motor.binding': [0.5, 0.48, 0.02], 'head.reed': [0.75, 0.23, 0.02] } }),
      seen({ id: 'gauge-agrees', point: 'gauge', title: 'Second gauge on the outlet: do they agree?', words: ['second gauge', 'gauges'], minutes: 3, steps: ['Regulator wide open; gauge on the outlet; compare.'], outcomes: [outcome('agree', 'they agree', 'agrees', 'same'), outcome('differ', 'they differ', 'differs', 'stuck')], usual: [0.95, 0.05], given: { 'gauge.stuck': [0.03, 0.97] } }),
      seen({
        id: 'sound', point: 'head', title: 'Listen as it calls', words: ['sound', 'hears', 'motor'], steps: ['Does it start, groan, chatter, or do nothing?'],
        outcomes: [outcome('runs', 'runs', 'running'), outcome('groans', 'groans, does not turn', 'hums', 'groan', 'hum'), outcome('silent', 'silent', 'dead', 'nothing', 'quiet'), outcome('chatters', 'chatters', 'chatter', 'buzzes on and off')], usual: [0.5, 0.2, 0.28, 0.02],
        given: { ...Object.fromEntries(['runs', 'runs-dry', 'runs-weak', 'runs-on', 'rapid-cycles', 'starts-alone', 'trips-overload'].map(e => [`effect:${e}`, [0.95, 0.02, 0.025, 0.005]])), 'effect:groans': [0.035, 0.86, 0.1, 0.005], 'effect:silent': [0.01, 0.025, 0.96, 0.005], 'effect:trips-breaker': [0.02, 0.1, 0.875, 0.005], 'effect:chatters': [0.02, 0.03, 0.03, 0.92] },
      }),
      askedTest('outlet', ['old', 'vibration', 'hot']),
    ],
    notes: [{ id: 'undrained', label: 'Receiver never drained', test: 'drain', shownBy: 'water', advice: 'Drain weekly, or fit an automatic drain.', fault: 'tank.condensate' }],
  }
}

export { CFM }
export const AIR_SETTING = { cutIn: 90 * PSI, cutOut: 125 * PSI } as const

/** Healthy figures of an air side. */
export const airFigures = (a: { cutIn: number, cutOut: number, volume: number, delivery: number }): Record<string, number> => ({
  'set.cutIn': a.cutIn, 'set.cutOut': a.cutOut, 'set.cutOff': 0, 'port.delay': 0, 'port.held': 0, 'tank.volume': a.volume, 'pump.flow': a.delivery, 'pump.turns': 1, 'check.leak': 0, 'leak.house': 0, 'gauge.stuck': 0, 'relief.opens': a.cutOut * 1.2, 'regulator.share': 1,
})
