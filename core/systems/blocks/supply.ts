/** Supply, breaker, disconnect and feed of a single-phase path. Base rates are common practice, no source. */
import { FOOT } from '#core/units'
import { CLOSED, OPEN } from '../power/pieces'
import { always, degrees, fault, fit, outcome, point, renew, seen, thing, voltsAt, type Block } from './rows'
import { CAUSES } from './causes'

export const rewire = renew('Replace the damaged run', 60, 'wire', 'feed')
const YES_NO = ['no', 'yes'] as const

/** @param to the component at the end of the feed: the switch or the starter; @param where its line side in words */
export function singleSupply({ to, where, disconnect, neutral, downstream }: { to: string, where: string, disconnect: boolean, neutral: boolean, downstream: string }): Block {
  const second = neutral ? 'neutral' : 'leg 2'
  return {
    components: [
      thing('supply', 'Supply', 'supply', 'power', 'panel', [{ id: 'disconnect', label: 'Disconnect by the machine', quantity: 'choice', choices: YES_NO }]),
      thing('breaker', 'Breaker', 'breaker', 'power', 'panel', [{ id: 'amps', label: 'Rating', quantity: 'amps', range: [10, 200] }, { id: 'feedLength', label: `Wire to the ${to === 'starter' ? 'starter' : 'switch'}`, quantity: 'length', range: [3 * FOOT, 1000 * FOOT] }]),
      ...(disconnect ? [thing('disconnect', 'Disconnect', 'disconnect', 'power', 'switch')] : []),
      thing('feed', 'Feed', 'conductor', 'power', 'panel'),
    ],
    points: [
      point('supply', 'breaker in', 'supply', ['breaker', 'in'], 'breaker in', 'mains', 'incoming'),
      point('breaker', 'breaker out', 'breaker', ['breaker', 'out'], 'brk', 'panel', 'breaker out'),
      ...(disconnect ? [point('disconnect', 'disconnect out', 'disconnect', ['disconnect', 'out'], 'disc', 'disconnect out')] : []),
      point('line', where, 'feed', [to, 'in'], 'line', to === 'starter' ? 'starter in' : 'switch in', 'line side'),
    ],
    faults: [
      fault('supply', 'leg-lost', neutral ? 'Hot or neutral lost ahead of the breaker' : 'One leg of the supply lost', 0.02, degrees(['leg 1', 0.5, { 'supply.leg1': 0, 'supply.z1': 1e6 }], [second, 0.5, { 'supply.leg2': 0, 'supply.z2': 1e6 }]), { repair: fit('Call the utility', 20), causes: [CAUSES.surge], settledBy: 'each leg to ground at the breaker' }),
      fault('supply', 'low-volts', 'Supply voltage low', 0.02, degrees(['12 % low', 0.6, h => ({ 'supply.leg1': h['supply.leg1']! * 0.88, 'supply.leg2': h['supply.leg2']! * 0.88 })], ['22 % low', 0.4, h => ({ 'supply.leg1': h['supply.leg1']! * 0.78, 'supply.leg2': h['supply.leg2']! * 0.78 })]), { repair: fit('Find the drop ahead of the breaker', 40), causes: [], settledBy: 'volts at the breaker, at rest and under load' }),
      fault('breaker', 'off', 'Breaker tripped or off', 0.05, always(neutral ? { 'breaker.1': OPEN } : { 'breaker.1': OPEN, 'breaker.2': OPEN }), { repair: fit('Find why, then reset the breaker', 5), causes: [{ because: `${downstream}.ground`, why: 'a motor or cable to ground trips it' }, CAUSES.surge], settledBy: 'breaker position and volts out of it' }),
      ...(neutral
        ? [fault('breaker', 'pole-open', 'Breaker contact open though it is on', 0.015, always({ 'breaker.1': OPEN }), { repair: renew('Replace the breaker', 25, 'breaker', 'breaker'), causes: [CAUSES.age, CAUSES.loose], settledBy: 'volts out of it with the handle on', wears: ['age'] })]
        : [fault('breaker', 'pole-open', 'Breaker pole open', 0.02, degrees(['pole 1', 0.5, { 'breaker.1': OPEN }], ['pole 2', 0.5, { 'breaker.2': OPEN }]), { repair: renew('Replace the breaker', 25, 'two-pole breaker', 'breaker'), causes: [CAUSES.age, CAUSES.loose], settledBy: 'each leg to ground out of the breaker', wears: ['age'] })]),
      ...(disconnect ? [fault('disconnect', 'pole-open', 'Disconnect open or burnt', 0.02, degrees(['pole 1', 0.4, { 'disconnect.1': OPEN }], ['pole 2', 0.4, { 'disconnect.2': OPEN }], ['burnt, 3 Ω', 0.2, { 'disconnect.1': 3 }]), { repair: fit('Replace the disconnect', 35, 'disconnect'), causes: [CAUSES.damp, CAUSES.loose], settledBy: 'volts into it against volts out of it', wears: ['age', 'damp'] })] : []),
      fault('feed', 'open', `Feed to the ${to} open`, 0.02, degrees(['leg 1', 0.5, { 'feed.1': OPEN }], [second, 0.5, { 'feed.2': OPEN }]), { repair: rewire, causes: [CAUSES.loose, CAUSES.chafe], settledBy: 'volts at the line side against the breaker' }),
      fault('feed', 'high-resistance', `High-resistance joint ahead of the ${to}`, 0.015, degrees(['1 Ω', 0.5, { 'feed.1': 1 }], ['4 Ω', 0.3, { 'feed.2': 4 }], ['20 Ω', 0.2, { 'feed.1': 20 }]), { repair: fit('Remake the joint', 30, 'terminals'), causes: [CAUSES.loose], settledBy: 'line volts while the motor draws' }),
      fault('feed', 'to-earth', 'Feed to earth', 0.01, always({ 'feed.earth': 0.2 }), { repair: rewire, causes: [CAUSES.chafe], settledBy: `breaker trips with the ${to} opened` }),
      fault('feed', 'leg-to-leg', 'Feed shorted leg to leg', 0.005, always({ 'feed.across': 0.2 }), { repair: rewire, causes: [CAUSES.chafe], settledBy: `breaker trips with the ${to} opened` }),
    ],
    tests: [
      ...voltsAt('supply', 'into the breaker', ['u1', 'u2'], 'service', neutral),
      ...voltsAt('breaker', 'out of the breaker', ['b1', 'b2'], 'service', neutral),
      ...(disconnect ? voltsAt('disconnect', 'out of the disconnect', ['e1', 'e2'], 'utilisation', neutral) : []),
      ...voltsAt('line', `on the ${to} line side`, ['l1', 'l2'], 'utilisation', neutral),
      seen({
        id: 'breaker-seen', point: 'breaker', title: 'Look at the breaker', words: ['breaker'], steps: ['Handle on, tripped in the middle, or off?'],
        outcomes: [outcome('on', 'on'), outcome('tripped', 'tripped'), outcome('off', 'off')], usual: [0.93, 0.04, 0.03],
        given: { 'effect:trips-breaker': [0.15, 0.8, 0.05], 'breaker.off': [0.04, 0.62, 0.34] },
      }),
      seen({
        id: 'terminals', point: 'line', title: 'Look at the terminals and wire', words: ['terminals', 'wire', 'wiring'], minutes: 2, need: 'proven-dead', steps: ['Dead. Tug each wire; look for heat and rubbing.'],
        outcomes: [outcome('tight', 'tight and bright', 'good', 'fine'), outcome('burnt', 'loose or burnt', 'loose', 'burned', 'brown'), outcome('chafed', 'chafed or chewed', 'chewed')], usual: [0.88, 0.08, 0.04],
        given: { 'feed.high-resistance': [0.15, 0.8, 0.05], 'feed.open': [0.3, 0.35, 0.35], 'feed.to-earth': [0.3, 0.1, 0.6], 'run.high-resistance': [0.15, 0.8, 0.05], 'run.open': [0.3, 0.35, 0.35], 'feed.leg-to-leg': [0.3, 0.15, 0.55] },
      }),
    ],
  }
}

/** Healthy figures of the supply side. */
export const supplyFigures = (volts: readonly [number, number], feedOhms: number, sourceOhms = 0.06): Record<string, number> => ({
  'supply.leg1': volts[0], 'supply.leg2': volts[1], 'supply.z1': sourceOhms, 'supply.z2': sourceOhms,
  'breaker.1': CLOSED, 'breaker.2': CLOSED, 'disconnect.1': CLOSED, 'disconnect.2': CLOSED, 'feed.1': feedOhms, 'feed.2': feedOhms, 'feed.earth': 5e9, 'feed.across': 5e9,
})
