/** Cable and motor of a three-phase pump or compressor; rates are common practice, no source. */
import { FOOT } from '#core/units'
import { only, POLES, type Change, type Figures, type Pole } from '../figures'
import { OPEN } from '../power/resistances'
import { type Block, component, point } from './block'
import { CAUSES, THREE_COOKED } from './causes'
import { always, degrees, fault, repair } from './faultEntry'
import { newMotor, pullPump } from './motor'
import { motorCooling } from './motorCooling'
import { MOTOR_FIELDS } from './motorFields'
import { AT_THE_MOTOR, groundAgain, groundParted, motorAlone, openAgain, shortAgain } from './splice'
import { amps, leadOhms, PAIRS, seen } from './testEntry'
import { HEAD_BY_HAND } from './airFaults'
import { eachLine, eachPair, jointOnLine } from './threeSupply'

/** Rolling the leads one place: what stays with the line is supply, what moves with the lead is cable or motor. */
const rollLeads = (now: Figures): Change => ({
  'cable.1': now['cable.3'],
  'cable.2': now['cable.1'],
  'cable.3': now['cable.2'],
  'motor.joint1': now['motor.joint3'],
  'motor.joint2': now['motor.joint1'],
  'motor.joint3': now['motor.joint2'],
  'motor.rolled': 1,
})

/** Turning backwards it still moves some water, at a good half of its pressure; common practice, no source. */
const backwards = (h: Figures, load: number, head = 0.55): Change => ({
  'motor.load': load,
  'pump.flow': h['pump.flow'] * 0.45,
  'pump.shutOff': h['pump.shutOff'] * head,
})

const SHORTED = [
  { name: 'a tenth of its turns short', left: 0.88 },
  { name: 'a third of its turns short', left: 0.66 },
  // burnt together; common practice, no source
  { name: 'most of its turns short', left: 0.2 },
] as const

export function threeMotor({ drowned, what }: { drowned: boolean, what: string }): Block {
  const newOne = drowned ? pullPump : newMotor
  const mendCable = drowned
    ? repair({
        id: 'remake-splice-or-replace-cable',
        name: 'Remake the splice or replace the cable',
        minutes: 120,
        part: 'splice kit',
      })
    : repair({ id: 'replace-motor-leads', name: 'Replace the motor leads', minutes: 40, part: 'cable' })
  const at = drowned ? 'down-hole' : 'machine'
  // what hangs in water is cooled by it
  const cooling = drowned ? undefined : motorCooling('t1')
  const parted = { where: drowned ? undefined : AT_THE_MOTOR }
  const clamp = (i: Pole, c: 'starting' | 'running') =>
    amps({
      id: `amps${i}.${c === 'running' ? 'run' : 'start'}`,
      point: `t${i}`,
      title: `Clamp line ${i}, ${c === 'running' ? 'running' : 'at the start'}`,
      words: c === 'running' ? ['run', 'running', 'amps'] : ['start', 'starting', 'inrush'],
      conductor: `lead ${i}`,
      condition: c,
      steps: [`Clamp lead ${i} at the starter.`],
      ...(c === 'running' ? { band: 'running-amps', minutes: 1, proves: true } : { proves: true }),
    })
  return {
    components: [
      component({
        id: 'cable',
        name: drowned ? 'Cable' : 'Motor leads',
        glyph: 'cable',
        lane: 'power',
        place: drowned ? 'well-head' : 'switch',
        fields: [
          { id: 'length', label: 'Length', quantity: 'length', range: [1 * FOOT, 3000 * FOOT] },
          { id: 'gauge', label: 'Wire size', quantity: 'gauge', range: [-3, 18] },
        ],
      }),
      component({
        id: 'motor',
        name: 'Motor',
        glyph: 'motor',
        lane: 'power',
        place: at,
        fields: [
          ...MOTOR_FIELDS,
          { id: 'leadOhms', label: 'Ohms lead to lead', quantity: 'ohms', range: [0.02, 60] },
        ],
      }),
    ],
    points: [
      ...POLES.map(i =>
        point({
          id: `t${i}`,
          name: `lead ${i}`,
          component: 'starter',
          spot: { on: 'starter', side: 'out', wire: i - 1 },
          aliases: [`line ${i}`, `lead ${i}`, `a${i}`],
        }),
      ),
      point({
        id: 'leads',
        name: 'leads off, at the starter',
        component: 'motor',
        spot: { on: 'motor', side: 'in' },
        aliases: ['ins', 'megs', 't1-t2', 'windings'],
      }),
    ],
    faults: [
      fault({
        id: 'cable.open',
        name: drowned ? 'Cable conductor open below' : 'Motor lead open',
        baseRate: 0.02,
        severities: eachLine(i => only(`cable.${i}`, OPEN)),
        repair: mendCable,
        causes: [CAUSES.chafe, CAUSES.loose, CAUSES.dug],
        settledBy: 'ohms lead to lead, three pairs',
        wears: ['age'],
      }),
      fault({
        id: 'cable.high-resistance',
        name: drowned ? 'Bad splice below' : 'High-resistance joint in the motor leads',
        baseRate: 0.02,
        severities: jointOnLine(
          (line, r) => only(`cable.${line}`, r),
          [[1.2, 0.5], [0.35, 0.5]],
        ),
        repair: mendCable,
        causes: [CAUSES.damp, CAUSES.loose],
        settledBy: 'ohms lead to lead, three pairs; roll the leads',
      }),
      fault({
        id: 'cable.to-earth',
        name: 'Cable to ground',
        baseRate: 0.02,
        severities: degrees(
          { name: 'dead short', share: 0.5, change: { 'cable.earth': 0.5 } },
          { name: 'about 3 kΩ', share: 0.3, change: { 'cable.earth': 3e3 } },
          { name: 'about 120 kΩ', share: 0.2, change: { 'cable.earth': 120e3 } },
        ),
        repair: mendCable,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'megohms again with the splice open',
        wears: ['age'],
      }),
      fault({
        id: 'cable.leg-to-leg',
        name: 'Cable shorted lead to lead',
        baseRate: 0.008,
        severities: eachPair(i => only(`cable.across${i}`, 0.4)),
        repair: mendCable,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: 'ohms lead to lead near nothing',
      }),
      fault({
        id: 'motor.phase-open',
        name: 'Winding open',
        baseRate: 0.015,
        severities: eachLine(i => only(`motor.joint${i}`, OPEN)),
        repair: newOne,
        causes: [
          { because: 'supply.leg-lost', why: 'single-phasing burns two windings' },
          ...THREE_COOKED.slice(1),
          CAUSES.surge,
          CAUSES.age,
        ],
        settledBy: 'ohms lead to lead, three pairs',
        wears: ['age'],
      }),
      fault({
        id: 'motor.turn-short',
        name: 'Winding short between turns',
        baseRate: 0.015,
        severities: degrees(
          ...SHORTED.flatMap(({ name, left }) =>
            POLES.map(winding => ({
              name: `winding ${winding}, ${name}`,
              share: 1 / (POLES.length * SHORTED.length),
              change: only(`motor.left${winding}`, left),
            }))),
        ),
        repair: newOne,
        causes: [...THREE_COOKED, CAUSES.surge, CAUSES.age],
        settledBy: 'the three resistances against each other; roll the leads',
        wears: ['age'],
      }),
      fault({
        id: 'motor.phase-short',
        name: 'Windings shorted phase to phase',
        baseRate: 0.012,
        severities: eachPair(i => only(`motor.across${i}`, 0.3)),
        repair: newOne,
        causes: [...THREE_COOKED, CAUSES.surge, CAUSES.age],
        settledBy: 'ohms lead to lead near nothing on one pair, the leads to it proven',
        wears: ['age'],
      }),
      fault({
        id: 'motor.ground',
        name: 'Winding to ground',
        baseRate: 0.03,
        severities: degrees(
          { name: 'dead short', share: 0.5, change: { 'motor.earth': 0.6 } },
          { name: 'about 2 kΩ', share: 0.3, change: { 'motor.earth': 2e3 } },
          { name: 'about 80 kΩ', share: 0.2, change: { 'motor.earth': 80e3 } },
        ),
        repair: newOne,
        causes: [CAUSES.surge, ...THREE_COOKED, CAUSES.age],
        settledBy: 'megohms to ground with the leads off',
        wears: ['age'],
      }),
      fault({
        id: 'motor.seized',
        name: `${what} seized`,
        baseRate: 0.04,
        severities: always({ 'motor.seized': 1 }),
        repair: newOne,
        causes: [drowned ? CAUSES.sand : CAUSES.oil, CAUSES.dry, CAUSES.ranOn, CAUSES.age],
        settledBy: 'locked amps on all three with the supply proven good',
        wears: ['age', 'sand'],
      }),
      fault({
        id: 'motor.binding',
        name: `${what} binding`,
        baseRate: 0.03,
        severities: degrees(
          { name: 'a third over', share: 0.6, change: { 'motor.load': 1.35 } },
          { name: 'two thirds over', share: 0.4, change: { 'motor.load': 1.7 } },
        ),
        repair: newOne,
        causes: [drowned ? CAUSES.sand : CAUSES.oil, CAUSES.dry, CAUSES.ranOn, CAUSES.age],
        settledBy: 'amps high and even on all three',
        effect: 'runs-weak',
        wears: ['age', 'sand'],
      }),
      ...(cooling?.faults ?? []),
      ...(drowned
        ? [
            fault({
              id: 'motor.backwards',
              name: 'Turns backwards',
              baseRate: 0.012,
              // what it draws the wrong way round lies anywhere from light to full; common practice, no source
              severities: degrees(
                { name: 'draws little', share: 0.4, change: h => backwards(h, 0.6) },
                { name: 'draws nearly its full amps', share: 0.3, change: h => backwards(h, 0.95) },
                // many stages lose more of their head; common practice, no source
                { name: 'makes a third of its head', share: 0.3, change: h => backwards(h, 0.7, 0.33) },
              ),
              repair: repair({
                id: 'change-two-leads-at-starter',
                name: 'Change two leads at the starter',
                minutes: 10,
              }),
              causes: [],
              settledBy: 'change two leads: does it give more?',
              effect: 'runs-weak',
            }),
          ]
        : []),
    ],
    tests: [
      ...(cooling?.tests ?? []),
      ...POLES.map(i => clamp(i, 'running')),
      clamp(1, 'starting'),
      ...PAIRS.map(([i, j]) =>
        leadOhms({
          id: `leads.r${i}${j}`,
          point: 'leads',
          title: `Ohms lead ${i} to lead ${j}`,
          words: [`${i}-${j}`, `t${i}-t${j}`, `${j}-${i}`],
          between: [`d${i}`, `d${j}`],
          minutes: 4,
          steps: [`Leads off at the starter. ${i} to ${j}.`],
          variant: `r${i}${j}`,
        }),
      ),
      leadOhms({
        id: 'leads.ground',
        point: 'leads',
        title: 'Megohms, any lead to ground',
        words: ['g', 'ground', 'earth', 'ins', 'megs'],
        between: ['d1', '0'],
        minutes: 5,
        steps: ['Leads off at the starter. Each to ground; note the lowest.'],
        variant: 'ground',
        proves: true,
      }),
      seen({
        id: 'roll',
        point: 't1',
        title: 'Roll the leads one place: what does the odd current follow?',
        words: ['rolled', 'roll', 'odd amps'],
        minutes: 18,
        need: 'proven-dead',
        risk: 1,
        steps: [
          'Note three running amps. Dead: every lead moved one terminal on, so that it turns the same way.',
          'Run it; note three amps again.',
        ],
        cautions: ['All three moved, none swapped: a swap turns it backwards.'],
        outcomes: {
          even: { label: 'amps even', words: ['balanced'] },
          line: { label: 'odd one stays with the line', words: ['stays'] },
          lead: { label: 'odd one moves with the lead', words: ['moves'] },
        },
        usual: { even: 0.9, line: 0.05, lead: 0.05 },
        trial: { watch: 'odd-current', change: (_, now) => rollLeads(now()) },
      }),
      ...(drowned
        ? [
            seen({
              id: 'swap-two',
              point: 't1',
              title: 'Change two leads: does it give more?',
              words: ['changed two', 'reversed'],
              minutes: 10,
              need: 'proven-dead',
              steps: ['Dead: change any two leads at the starter; run it; compare pressure and flow.'],
              outcomes: {
                less: { label: 'gives less', words: ['worse'] },
                more: { label: 'gives more', words: ['better'] },
                same: { label: 'no difference' },
              },
              // common practice, no source: it hardly ever gives more by chance
              usual: { less: 0.85, more: 0.004, same: 0.146 },
              chancesByFault: {
                'motor.backwards': { less: 0.02, more: 0.97, same: 0.01 },
              },
              chancesByEffect: {
                'groans': { less: 0.01, more: 0.01, same: 0.98 },
                'silent': { less: 0.01, more: 0.01, same: 0.98 },
                'trips-breaker': { less: 0.01, more: 0.01, same: 0.98 },
              },
            }),
          ]
        : []),
      openAgain('leads', { id: 'open-apart', cable: 'above', ...parted }),
      shortAgain('leads', { 'cable.leg-to-leg': 'above', 'motor.phase-short': 'below' }, parted.where),
      ...(drowned
        ? [groundAgain('leads'), groundParted('leads', { 'cable.to-earth': 'either' }), motorAlone('leads')]
        : [
            seen({
              id: 'ground-again',
              point: 'leads',
              title: 'Megohms again at the motor, its leads off there',
              words: ['ground again', 'motor alone'],
              minutes: 10,
              need: 'proven-dead',
              steps: ['Leads off at the motor’s own terminals too; cable alone to ground, then motor alone.'],
              outcomes: {
                'both-good': { label: 'both good', words: ['good'] },
                'cable': { label: 'leads are down', words: ['leads bad'] },
                'motor': { label: 'motor is down', words: ['motor bad'] },
              },
              usual: { 'both-good': 0.984, 'cable': 0.008, 'motor': 0.008 },
              chancesByFault: {
                'cable.to-earth': { 'both-good': 0.02, 'cable': 0.96, 'motor': 0.02 },
                'motor.ground': { 'both-good': 0.02, 'cable': 0.02, 'motor': 0.96 },
              },
            }),
            seen({
              id: 'shaft',
              point: 'leads',
              title: 'Turn the shaft by hand',
              words: ['shaft'],
              need: 'proven-dead',
              minutes: 3,
              steps: ['Dead and locked, receiver vented or pump drained. Turn it by hand.'],
              outcomes: {
                free: { label: 'free', words: ['turns'] },
                stiff: { label: 'stiff', words: ['rough', 'grinds'] },
                seized: { label: 'will not turn', words: ['locked'] },
              },
              usual: { free: 0.966, stiff: 0.03, seized: 0.004 },
              chancesByFault: {
                'motor.seized': { free: 0.02, stiff: 0.08, seized: 0.9 },
                'head.seized': HEAD_BY_HAND,
                'motor.binding': { free: 0.25, stiff: 0.72, seized: 0.03 },
              },
            }),
          ]),
    ],
  }
}
