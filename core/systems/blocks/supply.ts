/** Supply, breaker, disconnect and feed of a single-phase path. Base rates are common practice, no source. */
import { only, type Change } from '../figures'
import { CLOSED, OPEN } from '../power/resistances'
import type { Block } from './block'
import { CAUSES, NOTES } from './causes'
import { always, badJoint, burntContact, degrees, fault, repair, trippedOrOff } from './faultEntry'
import { feedEarth, feedToGround, supplyPath, type SupplyPathOptions } from './supplyPath'
import { seen, volts, voltsAt, wireOhms } from './testEntry'
import { lettingGo } from './trials'
import { breakerHeat, disconnectLook, fedBy, otherBreaker, otherLights } from './toldSupply'
import { allLegs, highVolts, landedWrong } from './strongSupply'
import { disconnectOff, generator, weakAhead, weakBreaker } from './weakSupply'

export const rewire = repair({
  id: 'replace-damaged-run',
  name: 'Replace the damaged run',
  minutes: 60,
  part: 'wire',
  renews: ['feed'],
})

export interface SingleSupplyOptions extends Omit<SupplyPathOptions, 'breaker' | 'amps'> {
  /** a leg and the neutral in place of two legs */
  readonly neutral: boolean
}

export function singleSupply({ to, where, disconnect, neutral }: SingleSupplyOptions): Block {
  const second = neutral ? 'neutral' : 'leg 2'
  return {
    ...supplyPath({ breaker: 'Breaker', amps: [10, 200], to, where, disconnect }),
    faults: [
      fault({
        id: 'supply.leg-lost',
        name: neutral ? 'Hot or neutral lost ahead of the breaker' : 'One leg of the supply lost',
        baseRate: 0.02,
        severities: degrees(
          { name: 'leg 1', share: 0.5, change: { 'supply.leg1': 0, 'supply.z1': 1e6 } },
          { name: second, share: 0.5, change: { 'supply.leg2': 0, 'supply.z2': 1e6 } },
        ),
        repair: repair({
          id: 'call-utility',
          name: 'Call the utility',
          minutes: 20,
        }),
        causes: [CAUSES.surge],
        settledBy: 'each leg to ground at the breaker',
      }),
      fault({
        id: 'supply.low-volts',
        name: 'Supply voltage low',
        baseRate: 0.02,
        severities: degrees(
          {
            name: '12 % low',
            share: 0.5,
            change: h => allLegs(h, 2, 0.88),
          },
          {
            name: '22 % low',
            share: 0.3,
            change: h => allLegs(h, 2, 0.78),
          },
          ...weakAhead(2),
        ),
        repair: repair({
          id: 'find-drop-ahead-of-breaker',
          name: 'Find the drop ahead of the breaker',
          minutes: 40,
        }),
        causes: [],
        settledBy: 'volts at the breaker, at rest and under load',
      }),
      highVolts(2),
      generator(2),
      fault({
        id: 'breaker.off',
        protects: true,
        name: 'Breaker tripped or off',
        baseRate: 0.05,
        severities: trippedOrOff(neutral ? { 'breaker.1': OPEN } : { 'breaker.1': OPEN, 'breaker.2': OPEN }),
        repair: repair({
          id: 'find-why-then-reset-breaker',
          name: 'Find why, then reset the breaker',
          minutes: 5,
        }),
        causes: [{ because: 'motor.ground', why: 'a motor or cable to ground trips it' }, CAUSES.surge],
        settledBy: 'breaker position and volts out of it',
      }),
      ...(neutral
        ? [
            fault({
              id: 'breaker.pole-open',
              name: 'Breaker contact open or burnt',
              baseRate: 0.015,
              severities: degrees(
                { name: 'open', share: 0.7, change: { 'breaker.1': OPEN } },
                { name: 'burnt', share: 0.12, change: burntContact('breaker.1', 0.15) },
                { name: 'badly burnt', share: 0.1, change: burntContact('breaker.1', 0.6) },
                { name: 'burnt nearly through', share: 0.08, change: burntContact('breaker.1', 1.1) },
              ),
              repair: repair({
                id: 'replace-breaker',
                name: 'Replace the breaker',
                minutes: 25,
                part: 'breaker',
                renews: ['breaker'],
              }),
              causes: [CAUSES.age, CAUSES.loose],
              settledBy: 'volts out of it with the handle on',
              wears: ['age'],
            }),
          ]
        : [
            fault({
              id: 'breaker.pole-open',
              name: 'Breaker pole open or burnt',
              baseRate: 0.02,
              severities: degrees(
                { name: 'pole 1', share: 0.35, change: { 'breaker.1': OPEN } },
                { name: 'pole 2', share: 0.35, change: { 'breaker.2': OPEN } },
                { name: 'pole 1 burnt', share: 0.06, change: burntContact('breaker.1', 0.15) },
                { name: 'pole 2 burnt', share: 0.06, change: burntContact('breaker.2', 0.15) },
                { name: 'pole 1 badly burnt', share: 0.05, change: burntContact('breaker.1', 0.6) },
                { name: 'pole 2 badly burnt', share: 0.05, change: burntContact('breaker.2', 0.6) },
                { name: 'pole 1 burnt nearly through', share: 0.04, change: burntContact('breaker.1', 1.1) },
                { name: 'pole 2 burnt nearly through', share: 0.04, change: burntContact('breaker.2', 1.1) },
              ),
              repair: repair({
                id: 'replace-breaker',
                name: 'Replace the breaker',
                minutes: 25,
                part: 'two-pole breaker',
                renews: ['breaker'],
              }),
              causes: [CAUSES.age, CAUSES.loose],
              settledBy: 'each leg to ground out of the breaker',
              wears: ['age'],
            }),
          ]),
      weakBreaker(neutral ? 'breaker' : 'two-pole breaker'),
      ...(neutral ? [] : landedWrong()),
      ...(disconnect
        ? [
            disconnectOff({ 'disconnect.1': OPEN, 'disconnect.2': OPEN }),
            fault({
              id: 'disconnect.pole-open',
              name: 'Disconnect open or burnt',
              baseRate: 0.02,
              severities: degrees(
                // shares and amounts: judgement, no source
                { name: 'pole 1', share: 0.35, change: { 'disconnect.1': OPEN } },
                { name: 'pole 2', share: 0.35, change: { 'disconnect.2': OPEN } },
                { name: 'burnt, 3 Ω', share: 0.1, change: { 'disconnect.1': 3 } },
                { name: 'burnt, pole 2, 3 Ω', share: 0.1, change: { 'disconnect.2': 3 } },
                { name: 'burnt, 0.7 Ω', share: 0.05, change: { 'disconnect.1': 0.7 } },
                { name: 'burnt, pole 2, 0.7 Ω', share: 0.05, change: { 'disconnect.2': 0.7 } },
              ),
              repair: repair({
                id: 'replace-disconnect',
                name: 'Replace the disconnect',
                minutes: 35,
                part: 'disconnect',
              }),
              causes: [CAUSES.damp, CAUSES.loose],
              settledBy: 'volts into it against volts out of it',
              wears: ['age', 'damp'],
            }),
          ]
        : []),
      fault({
        id: 'feed.open',
        name: `Feed to the ${to} open`,
        baseRate: 0.02,
        severities: degrees(
          { name: 'leg 1', share: 0.5, change: { 'feed.1': OPEN } },
          { name: second, share: 0.5, change: { 'feed.2': OPEN } },
        ),
        repair: rewire,
        causes: [CAUSES.loose, CAUSES.chafe, CAUSES.dug],
        settledBy: 'volts at the line side against the breaker',
      }),
      fault({
        id: 'feed.high-resistance',
        name: `High-resistance joint ahead of the ${to}`,
        baseRate: 0.015,
        severities: badJoint(
          ([1, 2] as const).map(leg => ({ name: `leg ${leg}`, change: r => only(`feed.${leg}`, r) })),
          [[0.15, 0.35], [0.6, 0.3], [1.5, 0.2], [2.5, 0.15]],
        ),
        repair: repair({
          id: 'remake-joint',
          name: 'Remake the joint',
          minutes: 30,
          part: 'terminals',
        }),
        causes: [CAUSES.loose],
        settledBy: 'line volts while the motor draws',
      }),
      fault({
        id: 'feed.to-earth',
        name: 'Feed to earth',
        baseRate: 0.01,
        severities: feedEarth(),
        repair: rewire,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: `breaker trips with the ${to} opened`,
      }),
      fault({
        id: 'feed.leg-to-leg',
        name: 'Feed shorted leg to leg',
        baseRate: 0.005,
        severities: always({ 'feed.across': 0.2 }),
        repair: rewire,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: `breaker trips with the ${to} opened`,
      }),
    ],
    tests: [
      lettingGo('breaker'),
      otherLights(),
      fedBy(),
      breakerHeat(),
      otherBreaker(),
      ...(disconnect ? [disconnectLook()] : []),
      ...voltsAt({
        point: 'supply',
        where: 'into the breaker',
        legs: ['u1', 'u2'],
        band: 'service',
        neutral,
      }),
      ...voltsAt({
        point: 'breaker',
        where: 'out of the breaker',
        legs: ['b1', 'b2'],
        band: 'service',
        neutral,
      }),
      ...(disconnect
        ? voltsAt({
            point: 'disconnect',
            where: 'out of the disconnect',
            legs: ['e1', 'e2'],
            band: 'utilisation',
            neutral,
          })
        : []),
      wireOhms({
        id: 'feed.between',
        point: 'line',
        title: 'Ohms between the wires of the feed, both ends off',
        words: ['feed wires', 'between the feed wires'],
        variant: 'between',
        figure: 'feed.across',
        minutes: 10,
        steps: [`Its wires off at the breaker and at the ${to}; one to the other.`],
      }),
      feedToGround(to),
      ...voltsAt({
        point: 'line',
        where: `on the ${to} line side`,
        legs: ['l1', 'l2'],
        band: 'utilisation',
        neutral,
      }),
      volts({
        id: 'line.idle',
        point: 'line',
        title: `Volts on the ${to} line side with nothing running`,
        words: ['line idle', 'line rest', 'nothing running'],
        between: ['l1', 'l2'],
        scenario: 'idle',
        steps: [`Leads on the ${to} line side, nothing running.`],
        band: 'utilisation',
      }),
      volts({
        id: 'line.start',
        point: 'line',
        title: `Volts on the ${to} line side as it starts`,
        words: ['line dip'],
        between: ['l1', 'l2'],
        variant: 'dip',
        scenario: 'starting',
        steps: [`Leads on the ${to} line side, lowest-reading hold, and let it call.`],
        band: 'model',
      }),
      volts({
        id: 'breaker.idle',
        point: 'breaker',
        title: 'Volts out of the breaker with nothing running',
        words: ['panel idle', 'breaker idle', 'panel rest'],
        between: ['b1', 'b2'],
        scenario: 'idle',
        steps: ['Leads out of the breaker, nothing running.'],
        band: 'service',
      }),
      seen({
        id: 'breaker-seen',
        point: 'breaker',
        title: 'Look at the breaker',
        words: ['breaker'],
        steps: ['Handle on, tripped in the middle, or off?'],
        outcomes: {
          on: { label: 'on' },
          tripped: { label: 'tripped' },
          off: { label: 'off' },
        },
        usual: { on: 0.986, tripped: 0.01, off: 0.004 },
        chancesByFault: {
          'breaker.off:1': { on: 0.04, tripped: 0.93, off: 0.03 },
          'breaker.off:2': { on: 0.03, tripped: 0.03, off: 0.94 },
          'breaker.weak': { on: 0.35, tripped: 0.63, off: 0.02 },
        },
        chancesByEffect: {
          'trips-breaker': { on: 0.15, tripped: 0.8, off: 0.05 },
          // locked amps are past what it holds for more than seconds; common practice, no source
          'groans': { on: 0.7, tripped: 0.28, off: 0.02 },
        },
      }),
      seen({
        id: 'terminals',
        point: 'line',
        title: 'Look at the terminals and wire',
        words: ['terminals', 'wire', 'wiring'],
        minutes: 2,
        need: 'proven-dead',
        steps: ['Dead. Tug each wire; look for heat and rubbing.'],
        outcomes: {
          tight: { label: 'tight and bright', words: ['good', 'fine'] },
          burnt: { label: 'loose or burnt', words: ['loose', 'burned', 'brown'] },
          chafed: { label: 'chafed or chewed', words: ['chewed'] },
        },
        usual: { tight: 0.955, burnt: 0.025, chafed: 0.02 },
        chancesByFault: {
          'feed.high-resistance': { tight: 0.15, burnt: 0.8, chafed: 0.05 },
          'feed.open': { tight: 0.3, burnt: 0.35, chafed: 0.35 },
          'feed.to-earth': { tight: 0.3, burnt: 0.1, chafed: 0.6 },
          'run.high-resistance': { tight: 0.15, burnt: 0.8, chafed: 0.05 },
          'run.open': { tight: 0.3, burnt: 0.35, chafed: 0.35 },
          'run.to-earth': { tight: 0.3, burnt: 0.1, chafed: 0.6 },
          'feed.leg-to-leg': { tight: 0.3, burnt: 0.15, chafed: 0.55 },
          // what burns a contact heats the screw beside it
          'switch.pole1-burnt': { tight: 0.56, burnt: 0.42, chafed: 0.02 },
          'switch.pole2-burnt': { tight: 0.56, burnt: 0.42, chafed: 0.02 },
          // what drips on them turns them green
          'switch.diaphragm': { tight: 0.68, burnt: 0.3, chafed: 0.02 },
        },
      }),
    ],
    notes: [NOTES.lowVolts, NOTES.loose, NOTES.chafed],
  }
}

/** Healthy figures of the supply side. */
export const supplyFigures = (volts: readonly [number, number], feedOhms: number, sourceOhms = 0.04): Change => ({
  'supply.leg1': volts[0],
  'supply.leg2': volts[1],
  'supply.z1': sourceOhms,
  'supply.z2': sourceOhms,
  'breaker.1': CLOSED,
  'breaker.2': CLOSED,
  'disconnect.1': CLOSED,
  'disconnect.2': CLOSED,
  'feed.1': feedOhms,
  'feed.2': feedOhms,
  'feed.earth': 5e9,
  'feed.across': 5e9,
})
