/** Start gear of a motor in the open: capacitor, centrifugal switch, overload; common practice, no source. */
import { OPEN } from '../power/resistances'
import { HEAD_BY_HAND } from './airFaults'
import { type Block, point } from './block'
import { capacitors } from './capacitors'
import { CAUSES, lockedBy } from './causes'
import { always, degrees, fault, madeBy, repair } from './faultEntry'
import { wornOverload } from './startFigures'
import { partOhms, seen } from './testEntry'
import { overloadBridged } from './toldGear'

export interface SurfaceGearOptions {
  readonly runCapacitor: boolean
  /** no start switch and no start capacitor: the run capacitor is always in */
  readonly permanentSplit: boolean
}

/** What a motor without a start switch does not have. */
const OF_THE_SWITCH = [
  'motor.centrifugal-open', 'motor.centrifugal-closed',
  'centrifugal.ohms', 'click', 'startswitch-look',
]

export function surfaceGear({ runCapacitor, permanentSplit }: SurfaceGearOptions): readonly Block[] {
  const has = ({ id }: { readonly id: string }) => !(permanentSplit && OF_THE_SWITCH.includes(id))
  const newStartSwitch = repair({
    id: 'clean-or-replace-start-switch-in-motor',
    name: 'Clean or replace the start switch in the motor',
    minutes: 50,
    part: 'centrifugal switch',
  })
  return [
    {
      points: [
        point({
          id: 'cap',
          name: 'start capacitor',
          component: 'motor',
          spot: { on: 'motor', side: 'on', part: 'cap' },
          aliases: ['start cap', 'capacitor', 'uf'],
        }),
        point({
          id: 'centrifugal',
          name: 'start switch in the motor',
          component: 'motor',
          spot: { on: 'motor', side: 'on', part: 'contact' },
          aliases: ['start switch', 'cent', 'governor'],
        }),
        point({
          id: 'thermal',
          name: 'motor overload',
          component: 'motor',
          spot: { on: 'motor', side: 'on', part: 'overload' },
          aliases: ['overload', 'thermal'],
        }),
      ],
      faults: [
        fault({
          id: 'motor.centrifugal-open',
          name: 'Start switch in the motor stuck open',
          baseRate: 0.04,
          severities: degrees(
            { name: 'open', share: 0.8, change: { 'start.contact': OPEN } },
            { name: 'burnt, 40 Ω', share: 0.2, change: { 'start.contact': 40 } },
          ),
          repair: newStartSwitch,
          causes: [CAUSES.rapidCycling, CAUSES.damp, CAUSES.age],
          settledBy: 'ohms across it at rest; spin the shaft by hand as it calls',
          wears: ['starts', 'damp'],
        }),
        fault({
          id: 'motor.centrifugal-closed',
          name: 'Start switch in the motor does not open',
          baseRate: 0.025,
          severities: degrees(
            { name: 'closed', share: 0.5, change: h => ({ 'start.contactRunning': h['start.contact'] }) },
            {
              name: 'through burnt contacts',
              share: 0.3,
              change: h => ({ 'start.contactRunning': h['motor.locked'] }),
            },
            {
              name: 'through contacts burnt away',
              share: 0.2,
              change: h => ({ 'start.contactRunning': 2.5 * h['motor.locked'] }),
            },
          ),
          repair: newStartSwitch,
          causes: [CAUSES.rapidCycling, CAUSES.lowVolts, CAUSES.age],
          settledBy: 'no click as it comes up to speed; amps stay high',
          wears: ['starts'],
        }),
        fault({
          id: 'motor.overload-hot',
          protects: true,
          name: 'Motor overload open, hot',
          baseRate: 0.03,
          severities: always({ 'start.overload': OPEN }),
          repair: repair({
            id: 'let-it-cool-find-why',
            name: 'Let it cool, find why',
            minutes: 30,
          }),
          causes: [
            { because: 'motor.cap-open', why: 'locked starts open it' },
            { because: 'motor.seized', why: 'locked starts open it' },
            { because: 'head.seized', why: 'a seized pump locks its motor' },
            ...lockedBy('motor.cap-low'),
            madeBy('motor.binding', 'a motor that draws too much opens it'),
            madeBy('motor.no-cooling', 'without air nothing cools it'),
            madeBy('unloader.not-venting', 'starts against pressure open it'),
            madeBy('feed.high-resistance', 'a bad joint or a long thin cord starves it'),
            CAUSES.lowVolts,
            CAUSES.hot,
            CAUSES.rapidCycling,
          ],
          settledBy: 'OL now, a value after it has cooled',
          heals: true,
        }),
        fault({
          id: 'motor.overload-failed',
          name: 'Motor overload worn out',
          baseRate: 0.016,
          severities: wornOverload,
          repair: repair({
            id: 'replace-motor-overload',
            name: 'Replace the motor overload',
            minutes: 30,
            part: 'thermal overload',
          }),
          causes: [CAUSES.age, CAUSES.rapidCycling],
          settledBy: 'OL still, an hour cold; or it goes at the plate’s amps',
          wears: ['age'],
        }),
      ].filter(has),
      tests: [
        partOhms({
          id: 'centrifugal.ohms',
          point: 'centrifugal',
          title: 'Ohms across the start switch, at rest',
          words: ['rest', 'contact'],
          figure: 'start.contact',
          minutes: 6,
          steps: ['End cover off; across the start switch at rest.'],
        }),
        partOhms({
          id: 'thermal.ohms',
          point: 'thermal',
          title: 'Ohms across the motor overload',
          words: [],
          figure: 'start.overload',
          minutes: 3,
          steps: ['Across the overload, one lead off.'],
        }),
        seen({
          id: 'cool-ohms',
          point: 'thermal',
          title: 'Overload: OL now, and after it has cooled?',
          words: ['cool', 'after cooling'],
          need: 'proven-dead',
          minutes: 2,
          wait: { minutes: 30, why: 'a surface motor’s overload needs up to an hour to close again' },
          steps: ['Across the overload now; leave it; across it again.'],
          outcomes: {
            'same': { label: 'closed both times', words: ['value'] },
            'comes-back': { label: 'OL now, closed later', words: ['comes back'] },
            'stays-ol': { label: 'OL for good', words: ['stays ol'] },
          },
          usual: { 'same': 0.986, 'comes-back': 0.008, 'stays-ol': 0.006 },
          chancesByFault: {
            'motor.overload-hot': { 'same': 0.05, 'comes-back': 0.9, 'stays-ol': 0.05 },
            'motor.overload-failed': { 'same': 0.02, 'comes-back': 0.03, 'stays-ol': 0.95 },
            'motor.overload-failed:2': { 'same': 0.3, 'comes-back': 0.68, 'stays-ol': 0.02 },
          },
          chancesByEffect: {
            'groans': { 'same': 0.55, 'comes-back': 0.43, 'stays-ol': 0.02 },
            // as it is found, hot
            'trips-overload': { 'same': 0.55, 'comes-back': 0.43, 'stays-ol': 0.02 },
          },
        }),
        overloadBridged({
          id: 'thermal-bridged', point: 'thermal', hot: 'motor.overload-hot', failed: 'motor.overload-failed',
        }),
        seen({
          id: 'startswitch-look',
          point: 'centrifugal',
          title: 'Look at the start switch in the motor',
          words: ['start switch looks'],
          need: 'proven-dead',
          minutes: 6,
          steps: ['End cover off: contact closed at rest, clean or burnt; weights free; insects?'],
          outcomes: {
            clean: { label: 'clean, closed at rest' },
            burnt: { label: 'burnt or off its seat' },
            insects: { label: 'insects or dirt' },
          },
          usual: { clean: 0.94, burnt: 0.04, insects: 0.02 },
          chancesByFault: {
            'motor.centrifugal-open': { clean: 0.15, burnt: 0.45, insects: 0.4 },
            'motor.centrifugal-closed': { clean: 0.3, burnt: 0.65, insects: 0.05 },
          },
        }),
        seen({
          id: 'spin',
          point: 'centrifugal',
          title: 'Spin the shaft as it calls: does it pick up?',
          words: ['spin', 'spun'],
          need: 'live',
          risk: 2,
          minutes: 3,
          steps: [
            'A cord or a screwdriver slot at the far end only, never fingers near the fan; one quick turn as it hums.',
          ],
          cautions: ['Loose sleeves off; it can start either way and at once.'],
          outcomes: {
            no: { label: 'still stuck', words: ['stuck', 'nothing'] },
            runs: { label: 'picks up and runs', words: ['picks up'] },
          },
          usual: { no: 0.97, runs: 0.03 },
          chancesByFault: {
            'motor.cap-open': { no: 0.12, runs: 0.88 },
            'motor.cap-low': { no: 0.15, runs: 0.85 },
            'motor.centrifugal-open': { no: 0.12, runs: 0.88 },
            ...(permanentSplit ? { 'motor.runcap-open': { no: 0.12, runs: 0.88 } } : {}),
            'motor.start-open': { no: 0.15, runs: 0.85 },
            'motor.seized': { no: 0.98, runs: 0.02 },
          },
          chancesByEffect: {
            silent: { no: 0.99, runs: 0.01 },
          },
        }),
        seen({
          id: 'click',
          point: 'centrifugal',
          title: 'Listen for the start switch as it slows',
          words: ['click'],
          minutes: 1,
          steps: ['Let it stop: a click as it slows says that the start switch had opened.'],
          outcomes: {
            'clicks': { label: 'clicks', words: ['yes'] },
            'no-click': { label: 'no click', words: ['no'] },
          },
          usual: { 'clicks': 0.5, 'no-click': 0.5 },
          chancesByFault: {
            'motor.centrifugal-closed': { 'clicks': 0.06, 'no-click': 0.94 },
            // they come up to speed before they quit
            'motor.turn-short': { 'clicks': 0.85, 'no-click': 0.15 },
            'motor.binding': { 'clicks': 0.8, 'no-click': 0.2 },
          },
          chancesByEffect: {
            'runs': { 'clicks': 0.93, 'no-click': 0.07 },
            'runs-weak': { 'clicks': 0.93, 'no-click': 0.07 },
            'runs-dry': { 'clicks': 0.93, 'no-click': 0.07 },
            'rapid-cycles': { 'clicks': 0.93, 'no-click': 0.07 },
            'runs-on': { 'clicks': 0.93, 'no-click': 0.07 },
            'groans': { 'clicks': 0.03, 'no-click': 0.97 },
            'silent': { 'clicks': 0.02, 'no-click': 0.98 },
          },
        }),
        seen({
          id: 'shaft',
          point: 'centrifugal',
          title: 'Turn the shaft by hand',
          words: ['shaft'],
          need: 'proven-dead',
          minutes: 2.5,
          steps: ['Dead and locked. Turn it by hand at the far end.'],
          outcomes: {
            free: { label: 'free', words: ['turns'] },
            stiff: { label: 'stiff', words: ['rough', 'grinds'] },
            seized: { label: 'will not turn', words: ['locked'] },
          },
          usual: { free: 0.966, stiff: 0.03, seized: 0.004 },
          chancesByFault: {
            'motor.seized': { free: 0.02, stiff: 0.08, seized: 0.9 },
            'motor.binding': { free: 0.25, stiff: 0.72, seized: 0.03 },
            'pump.jammed': { free: 0.03, stiff: 0.12, seized: 0.85 },
            'head.seized': HEAD_BY_HAND,
          },
        }),
      ].filter(has),
    },
    capacitors({ part: 'motor', at: 'motor', start: !permanentSplit, run: runCapacitor || permanentSplit }),
  ]
}
