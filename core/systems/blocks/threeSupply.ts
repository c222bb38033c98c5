/** Supply, breaker, disconnect and feed of a three-phase path; rates are common practice, no source. */
import { only, POLES, poles, type Change, type Figures, type Pole } from '../figures'
import { OPEN } from '../power/resistances'
import type { Block } from './block'
import { CAUSES, NOTES } from './causes'
import { badJoint, degrees, fault, repair, trippedOrOff, type Effects, type JointDegrees } from './faultEntry'
import { rewire } from './supply'
import { allLegs, highVolts, slowDrive } from './strongSupply'
import { feedEarth, feedToGround, supplyPath } from './supplyPath'
import { seen, volts, voltsThree } from './testEntry'
import { lettingGo } from './trials'
import { breakerHeat, disconnectLook, fedBy, fusesLook, otherBreaker, otherLights } from './toldSupply'
import { disconnectOff, generator, weakAhead, weakBreaker } from './weakSupply'

/** A fault that is as likely on each line. */
export const eachLine = (change: (line: Pole) => Change) =>
  degrees(...POLES.map(line => ({ name: `line ${line}`, share: 1 / 3, change: change(line) })))

/** A short that is as likely between each two lines. */
export const eachPair = (change: (first: Pole) => Change) =>
  degrees(...POLES.map(i => ({ name: `lines ${i} and ${(i % 3) + 1}`, share: 1 / 3, change: change(i) })))

/** So often its control hangs on the two lines that are left, where it would hang on the one that is lost. */
const LEFT = 0.4
/** A line lost ahead of the starter: its control is dead, or hangs on the other two. */
const eachLineAhead = (change: (line: Pole) => Change) =>
  degrees(
    ...POLES.map(line => ({ name: `line ${line}`, share: (line === 3 ? 1 : 1 - LEFT) / 3, change: change(line) })),
    ...([[1, 1], [2, 2]] as const).map(([line, tap]) => ({
      name: `line ${line}, control on the others`,
      share: LEFT / 3,
      change: { ...change(line), 'pilot.tap': tap },
    })),
  )

/** The same on each line, in several degrees. */
export const jointOnLine = (
  change: (line: Pole, ohms: number) => Effects,
  degrees: JointDegrees,
) => badJoint(POLES.map(line => ({ name: `line ${line}`, change: (r: number) => change(line, r) })), degrees)

/** One leg low: the largest deviation of the three pairs from their mean is a third of it. */
const UNBALANCE = [
  { name: '2.5 %', share: 0.45, low: 0.075 },
  { name: '4.5 %', share: 0.35, low: 0.135 },
  { name: '7 %', share: 0.2, low: 0.21 },
] as const

/** One pair low: the same, of the two lines that it lies between. */
const PAIR_LOW = [
  { name: '3 %', share: 0.65, low: 0.07 },
  { name: '6 %', share: 0.35, low: 0.14 },
] as const

/** All three pairs unlike: one line low, one that stands high. Judgement. */
const ALL_UNLIKE = [
  { name: '3 %', share: 0.5, low: 0.06, high: 0.03 },
  { name: '5 %', share: 0.35, low: 0.1, high: 0.045 },
  { name: '7 %', share: 0.15, low: 0.14, high: 0.06 },
] as const

/** Both lines but one, by the same share. */
const twoLow = (h: Figures, but: number, low: number) =>
  Object.assign({}, ...POLES.filter(i => i !== but)
    .map(i => only(`supply.leg${i}`, h[`supply.leg${i}`] * (1 - low)))) as Partial<Figures>

export function threeSupply({ disconnect }: { disconnect: boolean }): Block {
  return {
    ...supplyPath({ breaker: 'Breaker or fuses', amps: [5, 250], to: 'starter', where: 'starter line', disconnect }),
    faults: [
      fault({
        id: 'supply.leg-lost',
        name: 'One leg of the supply lost',
        baseRate: 0.05,
        severities: eachLineAhead(i => ({ ...only(`supply.leg${i}`, 0), ...only(`supply.z${i}`, 1e8) })),
        repair: repair({
          id: 'call-utility',
          name: 'Call the utility',
          minutes: 20,
        }),
        causes: [CAUSES.surge],
        settledBy: 'the three pairs at the breaker',
      }),
      fault({
        id: 'supply.low-volts',
        name: 'Supply voltage low',
        baseRate: 0.02,
        severities: degrees(
          { name: '12 % low', share: 0.5, change: h => allLegs(h, 3, 0.88) },
          { name: '22 % low', share: 0.3, change: h => allLegs(h, 3, 0.78) },
          ...weakAhead(3),
        ),
        repair: repair({
          id: 'find-drop-ahead-of-breaker',
          name: 'Find the drop ahead of the breaker',
          minutes: 40,
        }),
        causes: [],
        settledBy: 'the three pairs at the breaker, at rest and under load',
      }),
      highVolts(3),
      generator(3),
      slowDrive(),
      weakBreaker('breaker'),
      fault({
        id: 'supply.unbalanced',
        name: 'Supply voltages unbalanced',
        baseRate: 0.02,
        severities: degrees(
          ...UNBALANCE.flatMap(({ name, share, low }) =>
            POLES.map(line => ({
              name: `line ${line}, ${name}`,
              share: share / 6,
              change: (h: Figures) => only(`supply.leg${line}`, h[`supply.leg${line}`] * (1 - low)),
            }))),
          // one pair low and two high: two lines are down, as on an open delta
          ...PAIR_LOW.flatMap(({ name, share, low }) =>
            POLES.map(line => ({
              name: `the pair without line ${line}, ${name}`,
              share: share / 12,
              change: (h: Figures) => twoLow(h, line, low),
            }))),
          ...ALL_UNLIKE.flatMap(({ name, share, low, high }) =>
            POLES.flatMap(down => POLES.filter(up => up !== down).map(up => ({
              name: `line ${down} low, line ${up} high, ${name}`,
              share: share / 24,
              change: (h: Figures) => ({
                ...only(`supply.leg${down}`, h[`supply.leg${down}`] * (1 - low)),
                ...only(`supply.leg${up}`, h[`supply.leg${up}`] * (1 + high)),
              }),
            })))),
        ),
        repair: repair({
          id: 'call-utility',
          name: 'Call the utility',
          minutes: 20,
        }),
        causes: [],
        settledBy: 'largest deviation of the three pairs over their mean',
        effect: 'runs',
      }),
      fault({
        id: 'breaker.off',
        protects: true,
        name: 'Breaker tripped or off',
        baseRate: 0.04,
        severities: trippedOrOff(poles('breaker.', 3, OPEN)),
        repair: repair({
          id: 'find-why-then-reset-breaker',
          name: 'Find why, then reset the breaker',
          minutes: 5,
        }),
        causes: [{ because: 'motor.ground', why: 'a motor or cable to ground trips it' }, CAUSES.surge],
        settledBy: 'handle and volts out of it',
      }),
      fault({
        id: 'breaker.pole-open',
        name: 'One fuse blown or breaker pole open',
        baseRate: 0.04,
        severities: eachLineAhead(i => only(`breaker.${i}`, OPEN)),
        repair: repair({
          id: 'replace-fuse-or-breaker',
          name: 'Replace the fuse or breaker',
          minutes: 25,
          part: 'fuses',
          renews: ['breaker'],
        }),
        causes: [CAUSES.surge, CAUSES.age, CAUSES.loose],
        settledBy: 'the three pairs out of it against into it',
        wears: ['age'],
      }),
      ...(disconnect
        ? [
            disconnectOff(poles('disconnect.', 3, OPEN)),
            fault({
              id: 'disconnect.pole-open',
              name: 'Disconnect pole open or burnt',
              baseRate: 0.02,
              severities: [
                ...eachLineAhead(i => only(`disconnect.${i}`, OPEN)).map(s => ({ ...s, share: 0.6 * s.share })),
                // the amounts of a contact of the starter; judgement, no source
                ...jointOnLine((line, r) => only(`disconnect.${line}`, r), [[3, 0.4], [1, 0.3], [0.3, 0.3]]).map(s => ({
                  ...s,
                  id: `${s.id}-burnt`,
                  name: `${s.name}, burnt`,
                  share: 0.4 * s.share,
                })),
              ],
              repair: repair({
                id: 'replace-disconnect',
                name: 'Replace the disconnect',
                minutes: 35,
                part: 'disconnect',
              }),
              causes: [CAUSES.damp, CAUSES.loose],
              settledBy: 'the three pairs out of it against into it',
              wears: ['age', 'damp'],
            }),
          ]
        : []),
      fault({
        id: 'feed.open',
        name: 'Feed to the starter open',
        baseRate: 0.015,
        severities: eachLineAhead(i => only(`feed.${i}`, OPEN)),
        repair: rewire,
        causes: [CAUSES.loose, CAUSES.chafe, CAUSES.dug],
        settledBy: 'the three pairs at the starter against the breaker',
      }),
      fault({
        id: 'feed.high-resistance',
        name: 'High-resistance joint ahead of the starter',
        baseRate: 0.015,
        severities: jointOnLine((line, r) => only(`feed.${line}`, r), [[0.4, 0.5], [2, 0.5]]),
        repair: repair({
          id: 'remake-joint',
          name: 'Remake the joint',
          minutes: 30,
          part: 'terminals',
        }),
        causes: [CAUSES.loose],
        settledBy: 'the three pairs at the starter while the motor draws',
      }),
      fault({
        id: 'feed.to-earth',
        name: 'Feed to earth',
        baseRate: 0.008,
        severities: feedEarth(),
        repair: rewire,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: 'breaker trips with the starter out',
      }),
    ],
    tests: [
      lettingGo('breaker or fuses'),
      otherLights(),
      fedBy(),
      breakerHeat(),
      otherBreaker(),
      fusesLook(),
      ...(disconnect ? [disconnectLook()] : []),
      ...voltsThree({
        point: 'supply',
        where: 'into the breaker',
        node: 'u',
        band: 'service',
      }),
      ...voltsThree({
        point: 'breaker',
        where: 'out of the breaker',
        node: 'b',
        band: 'service',
      }),
      ...(disconnect
        ? voltsThree({
            point: 'disconnect',
            where: 'out of the disconnect',
            node: 'e',
          })
        : []),
      feedToGround('starter'),
      ...voltsThree({
        point: 'line',
        where: 'on the starter line side',
        node: 'l',
      }),
      volts({
        id: 'line.start',
        point: 'line',
        title: 'Volts on the starter line side as it starts',
        words: ['line dip'],
        between: ['l1', 'l2'],
        variant: 'dip',
        scenario: 'starting',
        steps: ['Leads on two lines of the starter’s line side, lowest-reading hold, and let it call.'],
        band: 'model',
      }),
      seen({
        id: 'breaker-seen',
        point: 'breaker',
        title: 'Look at the breaker and fuses',
        words: ['breaker', 'fuses'],
        steps: ['Handle on, tripped, or off?'],
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
        usual: { tight: 0.94, burnt: 0.04, chafed: 0.02 },
        chancesByFault: {
          'feed.high-resistance': { tight: 0.15, burnt: 0.8, chafed: 0.05 },
          'feed.open': { tight: 0.3, burnt: 0.35, chafed: 0.35 },
          'feed.to-earth': { tight: 0.3, burnt: 0.1, chafed: 0.6 },
          'starter.control-wire': { tight: 0.3, burnt: 0.6, chafed: 0.1 },
        },
      }),
    ],
    notes: [NOTES.loose, NOTES.chafed],
  }
}
