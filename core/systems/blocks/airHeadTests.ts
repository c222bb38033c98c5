/** What is asked of the head of a compressor, and of what turns it; tables are common practice, no source. */
import type { Test } from '../testTypes'
import { alike, seen } from './testEntry'

const groaning = { runs: 0.03, heavy: 0.03, groans: 0.91, silent: 0.01, trips: 0.02 }
const heavy = { runs: 0.1, heavy: 0.84, groans: 0.03, silent: 0.01, trips: 0.02 }
/** Without its load a motor that lacks torque to start still groans; one that starves for volts may start. */
const ALONE = {
  ...alike(
    ['motor.seized', 'motor.start-open', 'motor.centrifugal-open', 'motor.cap-open', 'motor.phase-open'],
    groaning,
  ),
  ...alike(['motor.binding', 'motor.turn-short', 'motor.centrifugal-closed'], heavy),
  'motor.cap-low': { runs: 0.35, heavy: 0.03, groans: 0.59, silent: 0.01, trips: 0.02 },
  ...alike(['supply.low-volts', 'feed.high-resistance', 'run.high-resistance'], {
    runs: 0.6,
    heavy: 0.05,
    groans: 0.33,
    silent: 0.01,
    trips: 0.01,
  }),
}

export function headTests({ belt }: { readonly belt: boolean }): readonly Test[] {
  return [
    seen({
      id: 'intake-breath',
      point: 'head',
      title: 'Hand at the intake as it pumps',
      words: ['intake', 'breath'],
      minutes: 2,
      need: 'live',
      whileRunning: true,
      risk: 1,
      steps: ['Filter off: steady pull, breath blown back, or hardly any pull?'],
      outcomes: {
        pulls: { label: 'steady pull', words: ['pulls', 'good'] },
        back: { label: 'blows back', words: ['breath back'] },
        better: { label: 'pumps better with the filter off', words: ['filter'] },
      },
      usual: { pulls: 0.977, back: 0.015, better: 0.008 },
      chancesByFault: {
        'head.reed': { pulls: 0.07, back: 0.9, better: 0.03 },
        'head.intake': { pulls: 0.06, back: 0.02, better: 0.92 },
        'head.gasket': { pulls: 0.68, back: 0.3, better: 0.02 },
      },
    }),
    seen({
      id: 'head-heard',
      point: 'head',
      title: 'Listen round the head',
      words: ['head', 'gasket', 'knock'],
      minutes: 1.5,
      need: 'live',
      whileRunning: true,
      steps: ['Along the head joint and the bearings as it pumps.'],
      outcomes: {
        even: { label: 'even beat', words: ['good'] },
        blows: { label: 'air at the joint', words: ['gasket'] },
        knocks: { label: 'knocks', words: ['rattles'] },
      },
      usual: { even: 0.96, blows: 0.01, knocks: 0.03 },
      chancesByFault: {
        'head.gasket': { even: 0.06, blows: 0.92, knocks: 0.02 },
        'head.seized:3': { even: 0.3, blows: 0.02, knocks: 0.68 },
        'motor.binding': { even: 0.3, blows: 0.02, knocks: 0.68 },
      },
    }),
    seen({
      id: 'breather',
      point: 'head',
      title: 'Hand at the crankcase breather as it pumps',
      words: ['breather', 'crankcase', 'blow-by'],
      minutes: 1.5,
      need: 'live',
      whileRunning: true,
      steps: ['Breather or oil filler: hardly a breath, or puffs that push the hand away?'],
      outcomes: {
        quiet: { label: 'hardly a breath', words: ['good'] },
        puffs: { label: 'puffs hard', words: ['blow-by', 'oil mist'] },
      },
      usual: { quiet: 0.97, puffs: 0.03 },
      chancesByFault: {
        'head.rings:1': { quiet: 0.2, puffs: 0.8 },
        'head.rings:2': { quiet: 0.06, puffs: 0.94 },
      },
    }),
    seen({
      id: 'valves-look',
      point: 'head',
      title: 'Head off: look at the reeds and the gasket',
      words: ['reeds', 'valve plate'],
      minutes: 35,
      need: 'zero-pressure',
      steps: ['Locked, receiver drained, head off. Reeds whole, flat, free of carbon? Gasket whole between the bores?'],
      outcomes: {
        good: { label: 'both whole', words: ['clean'] },
        reed: { label: 'a reed broken, bent or carboned', words: ['broken', 'carbon'] },
        gasket: { label: 'gasket burnt through', words: ['blown'] },
      },
      usual: { good: 0.98, reed: 0.015, gasket: 0.005 },
      chancesByFault: {
        'head.reed': { good: 0.06, reed: 0.92, gasket: 0.02 },
        'head.gasket': { good: 0.06, reed: 0.02, gasket: 0.92 },
      },
    }),
    seen({
      id: 'belt-off',
      point: 'head',
      title: 'Belt off: how does the motor run alone?',
      words: ['belt off'],
      beside: 'amps',
      minutes: 12,
      need: 'proven-dead',
      risk: 1,
      steps: ['Locked, guard and belt off, nothing near the sheave. Energise: runs free, draws as much, or groans?'],
      outcomes: {
        runs: { label: 'runs free', words: ['starts'] },
        heavy: { label: 'runs, and draws as before', words: ['same amps'] },
        groans: { label: 'groans still', words: ['hums'] },
        silent: { label: 'nothing', words: ['dead'] },
        trips: { label: 'trips still', words: ['trip'] },
      },
      usual: { runs: 0.95, heavy: 0.02, groans: 0.015, silent: 0.01, trips: 0.005 },
      chancesByFault: ALONE,
      chancesByEffect: {
        'silent': { runs: 0.01, heavy: 0.01, groans: 0.02, silent: 0.95, trips: 0.01 },
        'chatters': { runs: 0.2, heavy: 0.01, groans: 0.4, silent: 0.38, trips: 0.01 },
        'trips-breaker': { runs: 0.02, heavy: 0.02, groans: 0.03, silent: 0.02, trips: 0.91 },
      },
    }),
    seen({
      id: 'pump-turn',
      point: 'head',
      title: 'Belt off: does the pump turn by hand?',
      words: ['pump alone'],
      minutes: 10,
      need: 'proven-dead',
      steps: ['Locked, receiver drained, belt off. The pump’s wheel round by hand, past each top.'],
      outcomes: {
        free: { label: 'turns, with a bump at each top' },
        stiff: { label: 'stiff all round' },
        locked: { label: 'will not turn' },
      },
      usual: { free: 0.975, stiff: 0.02, locked: 0.005 },
      chancesByFault: {
        'head.seized:1': { free: 0.02, stiff: 0.1, locked: 0.88 },
        'head.seized:2': { free: 0.04, stiff: 0.76, locked: 0.2 },
        'head.seized:3': { free: 0.1, stiff: 0.86, locked: 0.04 },
      },
    }),
    ...(belt
      ? [
          seen({
            id: 'belt-look',
            point: 'head',
            title: 'Look at the belt',
            words: ['belt'],
            minutes: 3,
            need: 'proven-dead',
            steps: ['Locked, guard off: tight, glazed, off?'],
            outcomes: {
              good: { label: 'good', words: ['tight'] },
              slack: { label: 'slack or glazed', words: ['loose', 'glazed'] },
              off: { label: 'off or broken', words: ['broken'] },
            },
            usual: { good: 0.957, slack: 0.04, off: 0.003 },
            chancesByFault: {
              'head.belt:1': { good: 0.05, slack: 0.93, off: 0.02 },
              'head.belt:2': { good: 0.02, slack: 0.95, off: 0.03 },
              'head.belt:3': { good: 0.01, slack: 0.03, off: 0.96 },
            },
          }),
        ]
      : []),
  ]
}
