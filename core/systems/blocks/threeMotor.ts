/** Supply, cable and motor of a three-phase pump or compressor. */
import { FOOT } from '#core/units'
import { CLOSED, OPEN, poleNumbers, poles } from '../power/pieces'
import type { Figures } from '../types'
import { groundAgain } from './cable'
import { CAUSES } from './causes'
import { MOTOR_FIELDS, newMotor, pullPump } from './motor'
import { always, amps, degrees, fault, fit, leadOhms, outcome, point, renew, seen, thing, voltsThree, type Block } from './rows'
import { rewire } from './supply'

const YES_NO = ['no', 'yes'] as const
const each = (share: (i: number) => Record<string, number>) => degrees(...poleNumbers(3).map(i => [`line ${i}`, 1 / 3, share(i)] as const))

export function threeSupply({ disconnect }: { disconnect: boolean }): Block {
  return {
    components: [
      thing('supply', 'Supply', 'supply', 'power', 'panel', [{ id: 'disconnect', label: 'Disconnect by the machine', quantity: 'choice', choices: YES_NO }]),
      thing('breaker', 'Breaker or fuses', 'breaker', 'power', 'panel', [{ id: 'amps', label: 'Rating', quantity: 'amps', range: [5, 250] }, { id: 'feedLength', label: 'Wire to the starter', quantity: 'length', range: [3 * FOOT, 1000 * FOOT] }]),
      ...(disconnect ? [thing('disconnect', 'Disconnect', 'disconnect', 'power', 'switch')] : []),
      thing('feed', 'Feed', 'conductor', 'power', 'panel'),
    ],
    points: [
      point('supply', 'breaker in', 'supply', ['breaker', 'in'], 'breaker in', 'mains', 'incoming'),
      point('breaker', 'breaker out', 'breaker', ['breaker', 'out'], 'brk', 'panel', 'breaker out'),
      ...(disconnect ? [point('disconnect', 'disconnect out', 'disconnect', ['disconnect', 'out'], 'disc', 'disconnect out')] : []),
      point('line', 'starter line', 'feed', ['starter', 'in'], 'line', 'starter in', 'line side'),
    ],
    faults: [
      fault('supply', 'leg-lost', 'One leg of the supply lost', 0.05, each(i => ({ [`supply.leg${i}`]: 0, [`supply.z${i}`]: 1e6 })), { repair: fit('Call the utility', 20), causes: [CAUSES.surge], settledBy: 'the three pairs at the breaker' }),
      fault('supply', 'low-volts', 'Supply voltage low', 0.02, degrees(['12 % low', 0.6, h => all(h, 'supply.leg', 0.88)], ['22 % low', 0.4, h => all(h, 'supply.leg', 0.78)]), { repair: fit('Find the drop ahead of the breaker', 40), causes: [], settledBy: 'the three pairs at the breaker, at rest and under load' }),
      fault('supply', 'unbalanced', 'Supply voltages unbalanced', 0.02, degrees(['4 %', 0.6, h => ({ 'supply.leg1': h['supply.leg1']! * 0.935 })], ['7 %', 0.4, h => ({ 'supply.leg1': h['supply.leg1']! * 0.89 })]), { repair: fit('Call the utility', 20), causes: [], settledBy: 'largest deviation of the three pairs over their mean', effect: 'runs' }),
      fault('breaker', 'off', 'Breaker tripped or off', 0.04, always(poles('breaker.', 3, OPEN)), { repair: fit('Find why, then reset the breaker', 5), causes: [{ because: 'motor.ground', why: 'a motor or cable to ground trips it' }, CAUSES.surge], settledBy: 'handle and volts out of it' }),
      fault('breaker', 'pole-open', 'One fuse blown or breaker pole open', 0.04, each(i => ({ [`breaker.${i}`]: OPEN })), { repair: renew('Replace the fuse or breaker', 25, 'fuses', 'breaker'), causes: [CAUSES.surge, CAUSES.age, CAUSES.loose], settledBy: 'the three pairs out of it against into it', wears: ['age'] }),
      ...(disconnect ? [fault('disconnect', 'pole-open', 'Disconnect pole open or burnt', 0.02, each(i => ({ [`disconnect.${i}`]: OPEN })), { repair: fit('Replace the disconnect', 35, 'disconnect'), causes: [CAUSES.damp, CAUSES.loose], settledBy: 'the three pairs out of it against into it', wears: ['age', 'damp'] })] : []),
      fault('feed', 'open', 'Feed to the starter open', 0.015, each(i => ({ [`feed.${i}`]: OPEN })), { repair: rewire, causes: [CAUSES.loose, CAUSES.chafe], settledBy: 'the three pairs at the starter against the breaker' }),
      fault('feed', 'high-resistance', 'High-resistance joint ahead of the starter', 0.015, degrees(['1 Ω', 0.5, { 'feed.1': 1 }], ['4 Ω', 0.5, { 'feed.2': 4 }]), { repair: fit('Remake the joint', 30, 'terminals'), causes: [CAUSES.loose], settledBy: 'the three pairs at the starter while the motor draws' }),
      fault('feed', 'to-earth', 'Feed to earth', 0.008, always({ 'feed.earth': 0.2 }), { repair: rewire, causes: [CAUSES.chafe], settledBy: 'breaker trips with the starter out' }),
    ],
    tests: [
      ...voltsThree('supply', 'into the breaker', 'u', 'service'), ...voltsThree('breaker', 'out of the breaker', 'b', 'service'), ...(disconnect ? voltsThree('disconnect', 'out of the disconnect', 'e') : []), ...voltsThree('line', 'on the starter line side', 'l'),
      seen({ id: 'breaker-seen', point: 'breaker', title: 'Look at the breaker and fuses', words: ['breaker', 'fuses'], steps: ['Handle on, tripped, or off?'], outcomes: [outcome('on', 'on'), outcome('tripped', 'tripped'), outcome('off', 'off')], usual: [0.93, 0.04, 0.03], given: { 'effect:trips-breaker': [0.15, 0.8, 0.05], 'breaker.off': [0.04, 0.62, 0.34] } }),
      seen({ id: 'terminals', point: 'line', title: 'Look at the terminals and wire', words: ['terminals', 'wire', 'wiring'], minutes: 2, need: 'proven-dead', steps: ['Dead. Tug each wire; look for heat and rubbing.'], outcomes: [outcome('tight', 'tight and bright', 'good', 'fine'), outcome('burnt', 'loose or burnt', 'loose', 'burned', 'brown'), outcome('chafed', 'chafed or chewed', 'chewed')], usual: [0.88, 0.08, 0.04], given: { 'feed.high-resistance': [0.15, 0.8, 0.05], 'feed.open': [0.3, 0.35, 0.35], 'feed.to-earth': [0.3, 0.1, 0.6], 'starter.control-wire': [0.3, 0.6, 0.1] } }),
    ],
  }
}

const all = (h: Figures, stem: string, k: number): Figures => Object.fromEntries(poleNumbers(3).map(i => [`${stem}${i}`, h[`${stem}${i}`]! * k]))

/** Rolling the leads one place: what stays with the line is supply, what moves with the lead is cable or motor. */
function rollLeads(now: Figures): Figures {
  const out: Record<string, number> = {}
  for (const stem of ['cable.', 'motor.joint']) for (const i of poleNumbers(3)) out[`${stem}${i % 3 + 1}`] = now[`${stem}${i}`]!
  return { ...out, 'motor.rolled': 1 }
}

export function threeMotor({ drowned, what }: { drowned: boolean, what: string }): Block {
  const repair = drowned ? pullPump : newMotor
  const at = drowned ? 'down-hole' : 'machine'
  const clamp = (i: number, c: 'starting' | 'running') => amps(`amps${i}.${c === 'running' ? 'run' : 'start'}`, `t${i}`, `Clamp line ${i}, ${c === 'running' ? 'running' : 'at the start'}`, c === 'running' ? ['run', 'running', 'amps'] : ['start', 'starting', 'inrush'], `lead ${i}`, c, `Clamp lead ${i} at the starter.`, c === 'running' ? { band: 'running-amps', minutes: 1, proves: true } : { proves: true })
  return {
    components: [
      thing('cable', drowned ? 'Cable' : 'Motor leads', 'cable', 'power', drowned ? 'well-head' : 'switch', [{ id: 'length', label: 'Length', quantity: 'length', range: [1 * FOOT, 3000 * FOOT] }, { id: 'gauge', label: 'Wire size (AWG)', quantity: 'gauge', range: [2, 16] }]),
      thing('motor', 'Motor', 'motor', 'power', at, [...MOTOR_FIELDS, { id: 'leadOhms', label: 'Ohms lead to lead', quantity: 'ohms', range: [0.02, 60] }]),
    ],
    points: [
      ...poleNumbers(3).map(i => point(`t${i}`, `lead ${i}`, 'starter', ['starter', 'out', i - 1], `line ${i}`, `lead ${i}`, `a${i}`)),
      point('leads', 'leads off, at the starter', 'motor', ['motor', 'in'], 'ins', 'megs', 't1-t2', 'windings'),
    ],
    faults: [
      fault('cable', 'open', drowned ? 'Cable conductor open below' : 'Motor lead open', 0.02, each(i => ({ [`cable.${i}`]: OPEN })), { repair: fit(drowned ? 'Remake the splice or replace the cable' : 'Replace the motor leads', drowned ? 120 : 40, drowned ? 'splice kit' : 'cable'), causes: [CAUSES.chafe, CAUSES.loose], settledBy: 'ohms lead to lead, three pairs', wears: ['age'] }),
      fault('cable', 'high-resistance', drowned ? 'Bad splice below' : 'High-resistance joint in the motor leads', 0.02, each(i => ({ [`cable.${i}`]: drowned ? 2.5 : 1.5 })), { repair: fit(drowned ? 'Remake the splice or replace the cable' : 'Replace the motor leads', drowned ? 120 : 40, drowned ? 'splice kit' : 'cable'), causes: [CAUSES.damp, CAUSES.loose], settledBy: 'ohms lead to lead, three pairs; roll the leads' }),
      fault('cable', 'to-earth', 'Cable to ground', 0.02, degrees(['dead short', 0.5, { 'cable.earth': 0.5 }], ['about 3 kΩ', 0.3, { 'cable.earth': 3e3 }], ['about 120 kΩ', 0.2, { 'cable.earth': 120e3 }]), { repair: fit(drowned ? 'Remake the splice or replace the cable' : 'Replace the motor leads', drowned ? 120 : 40, drowned ? 'splice kit' : 'cable'), causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'megohms again with the splice open', wears: ['age'] }),
      fault('cable', 'leg-to-leg', 'Cable shorted lead to lead', 0.008, always({ 'cable.across': 0.4 }), { repair: fit(drowned ? 'Remake the splice or replace the cable' : 'Replace the motor leads', drowned ? 120 : 40, drowned ? 'splice kit' : 'cable'), causes: [CAUSES.chafe], settledBy: 'ohms lead to lead near nothing' }),
      fault('motor', 'phase-open', 'Winding open', 0.015, each(i => ({ [`motor.joint${i}`]: OPEN })), { repair, causes: [{ because: 'supply.leg-lost', why: 'single-phasing burns two windings' }, CAUSES.surge, CAUSES.age], settledBy: 'ohms lead to lead, three pairs', wears: ['age'] }),
      fault('motor', 'turn-short', 'Winding short between turns', 0.015, degrees(['a tenth of the turns', 0.5, { 'motor.turns': 0.88 }], ['a third of the turns', 0.5, { 'motor.turns': 0.66 }]), { repair, causes: [CAUSES.surge, CAUSES.age], settledBy: 'the three resistances against each other; roll the leads', wears: ['age'] }),
      fault('motor', 'ground', 'Winding to ground', 0.03, degrees(['dead short', 0.5, { 'motor.earth': 0.6 }], ['about 2 kΩ', 0.3, { 'motor.earth': 2e3 }], ['about 80 kΩ', 0.2, { 'motor.earth': 80e3 }]), { repair, causes: [CAUSES.surge, CAUSES.age], settledBy: 'megohms to ground with the leads off', wears: ['age'] }),
      fault('motor', 'seized', `${what} seized`, 0.04, always({ 'motor.seized': 1 }), { repair, causes: [drowned ? CAUSES.sand : CAUSES.oil, CAUSES.dry, CAUSES.age], settledBy: 'locked amps on all three with the supply proven good', wears: ['age', 'sand'] }),
      fault('motor', 'binding', `${what} binding`, 0.03, degrees(['a third over', 0.6, { 'motor.load': 1.35 }], ['two thirds over', 0.4, { 'motor.load': 1.7 }]), { repair, causes: [drowned ? CAUSES.sand : CAUSES.oil, CAUSES.dry], settledBy: 'amps high and even on all three', effect: 'runs-weak', wears: ['age', 'sand'] }),
      ...(drowned ? [fault('motor', 'backwards', 'Turns backwards', 0.012, always(h => ({ 'motor.load': 0.6, 'pump.flow': h['pump.flow']! * 0.45, 'pump.shutOff': h['pump.shutOff']! * 0.55 })), { repair: fit('Change two leads at the starter', 10), causes: [], settledBy: 'change two leads: does it give more?', effect: 'runs-weak' })] : []),
    ],
    tests: [
      ...poleNumbers(3).map(i => clamp(i, 'running')), clamp(1, 'starting'),
      ...([[1, 2], [2, 3], [3, 1]] as const).map(([i, j]) => leadOhms(`leads.r${i}${j}`, 'leads', `Ohms lead ${i} to lead ${j}`, [`${i}-${j}`, `t${i}-t${j}`, `${j}-${i}`], `d${i}`, `d${j}`, 4, `Leads off at the starter. ${i} to ${j}.`, { variant: `r${i}${j}` })),
      leadOhms('leads.ground', 'leads', 'Megohms, any lead to ground', ['g', 'ground', 'earth', 'ins', 'megs'], 'd1', '0', 5, 'Leads off at the starter. Each to ground; note the lowest.', { variant: 'ground', proves: true }),
      seen({
        id: 'roll', point: 't1', title: 'Roll the leads one place: what does the odd current follow?', words: ['rolled', 'roll', 'odd amps'], minutes: 18, need: 'proven-dead', risk: 1, steps: ['Note three running amps. Dead: every lead moved one terminal on, so that it turns the same way.', 'Run it; note three amps again.'], cautions: ['All three moved, none swapped: a swap turns it backwards.'],
        outcomes: [outcome('even', 'amps even', 'balanced'), outcome('line', 'odd one stays with the line', 'stays'), outcome('lead', 'odd one moves with the lead', 'moves')], usual: [0.9, 0.05, 0.05], given: {},
        trial: { watch: 'odd-current', change: (_, now) => rollLeads(now()) },
      }),
      ...(drowned
        ? [seen({ id: 'swap-two', point: 't1', title: 'Change two leads: does it give more?', words: ['changed two', 'reversed'], minutes: 10, need: 'proven-dead', steps: ['Dead: change any two leads at the starter; run it; compare pressure and flow.'], outcomes: [outcome('less', 'gives less', 'worse'), outcome('more', 'gives more', 'better'), outcome('same', 'no difference')], usual: [0.85, 0.01, 0.14], given: { 'motor.backwards': [0.02, 0.97, 0.01], 'effect:groans': [0.01, 0.01, 0.98], 'effect:silent': [0.01, 0.01, 0.98], 'effect:trips-breaker': [0.01, 0.01, 0.98] } })]
        : []),
      ...(drowned
        ? [groundAgain('leads')]
        : [
            seen({ id: 'ground-again', point: 'leads', title: 'Megohms again at the motor, its leads off there', words: ['ground again', 'motor alone'], minutes: 10, need: 'proven-dead', steps: ['Leads off at the motor’s own terminals too; cable alone to ground, then motor alone.'], outcomes: [outcome('both-good', 'both good', 'good'), outcome('cable', 'leads are down', 'leads bad'), outcome('motor', 'motor is down', 'motor bad')], usual: [0.96, 0.02, 0.02], given: { 'cable.to-earth': [0.02, 0.96, 0.02], 'motor.ground': [0.02, 0.02, 0.96] } }),
            seen({ id: 'shaft', point: 'leads', title: 'Turn the shaft by hand', words: ['shaft'], need: 'proven-dead', minutes: 3, steps: ['Dead and locked, receiver vented or pump drained. Turn it by hand.'], outcomes: [outcome('free', 'free', 'turns'), outcome('stiff', 'stiff', 'rough', 'grinds'), outcome('seized', 'will not turn', 'locked')], usual: [0.93, 0.06, 0.01], given: { 'motor.seized': [0.02, 0.08, 0.9], 'motor.binding': [0.25, 0.72, 0.03] } }),
          ]),
    ],
  }
}

/** Healthy figures of a three-phase supply, cable and motor. */
export const threeFigures = (phaseVolts: number, feedOhms: number, leadOhmsEach: number, load: number): Record<string, number> => ({
  ...poles('supply.leg', 3, phaseVolts), ...poles('supply.z', 3, 0.04), ...poles('breaker.', 3, CLOSED), ...poles('disconnect.', 3, CLOSED), ...poles('feed.', 3, feedOhms), 'feed.earth': 5e9,
  ...poles('cable.', 3, leadOhmsEach), 'cable.earth': 2e9, 'cable.across': 5e9, ...poles('motor.joint', 3, 0), 'motor.turns': 1, 'motor.rolled': 0, 'motor.earth': 50e6, 'motor.seized': 0, 'motor.load': load, 'motor.startLoad': 0,
})
