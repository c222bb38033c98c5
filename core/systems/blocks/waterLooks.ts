/** Looking, listening and asking: the same on every water system; common practice, no source. */
import type { ShopPractice } from '../practice'
import { asked, type Told } from './asked'
import type { Block } from './block'
import { NOTES } from './causes'
import { alike, seen, TURNING } from './testEntry'

/** @param more what may be told of this kind besides */
export function waterLooks(practice: Pick<ShopPractice, 'cutOffAdvice'>, ...more: readonly Told[]): Block {
  const about = ['old', 'ran-dry', 'ran-on', 'open-fill', 'frozen', 'dug', ...more] as const
  const told = asked({ point: 'tap', about, practice })
  return {
    tests: [
      seen({
        id: 'sound',
        point: 'gauge',
        title: 'Listen as it calls',
        words: ['sound', 'hears', 'pump'],
        steps: ['Listen at the pump and the switch while it calls.'],
        outcomes: {
          runs: { label: 'runs', words: ['running'] },
          groans: { label: 'groans, does not turn', words: ['hums', 'groan', 'hum', 'buzzes'] },
          silent: { label: 'silent', words: ['dead', 'nothing', 'quiet'] },
          chatters: { label: 'chatters', words: ['chatter', 'buzzes on and off'] },
        },
        usual: { runs: 0.5, groans: 0.2, silent: 0.28, chatters: 0.02 },
        chancesByEffect: {
          ...alike(TURNING, { runs: 0.95, groans: 0.02, silent: 0.025, chatters: 0.005 }),
          'cuts-off': { runs: 0.55, groans: 0.02, silent: 0.42, chatters: 0.01 },
          'groans': { runs: 0.035, groans: 0.86, silent: 0.1, chatters: 0.005 },
          'silent': { runs: 0.01, groans: 0.025, silent: 0.96, chatters: 0.005 },
          'trips-breaker': { runs: 0.02, groans: 0.1, silent: 0.875, chatters: 0.005 },
          'chatters': { runs: 0.02, groans: 0.03, silent: 0.03, chatters: 0.92 },
        },
      }),
      seen({
        id: 'pulses',
        proves: true,
        point: 'tap',
        title: 'Watch a tap',
        words: ['taps', 'water'],
        minutes: 1,
        steps: ['Half-open tap: steady, pulsing, or dying and surging?'],
        outcomes: {
          steady: { label: 'steady' },
          pulses: { label: 'pulses, dies, surges', words: ['surges', 'dies'] },
          weak: { label: 'weak', words: ['trickle'] },
          none: { label: 'none', words: ['dry', 'flat'] },
        },
        usual: { steady: 0.25, pulses: 0.1, weak: 0.2, none: 0.45 },
        chancesByEffect: {
          'runs': { steady: 0.9, pulses: 0.05, weak: 0.04, none: 0.01 },
          'starts-alone': { steady: 0.85, pulses: 0.1, weak: 0.04, none: 0.01 },
          'rapid-cycles': { steady: 0.55, pulses: 0.38, weak: 0.06, none: 0.01 },
          'surges': { steady: 0.08, pulses: 0.88, weak: 0.03, none: 0.01 },
          'runs-weak': { steady: 0.1, pulses: 0.08, weak: 0.78, none: 0.04 },
          'runs-dry': { steady: 0.02, pulses: 0.06, weak: 0.22, none: 0.7 },
          'groans': { steady: 0.04, pulses: 0.02, weak: 0.14, none: 0.8 },
          'silent': { steady: 0.04, pulses: 0.02, weak: 0.14, none: 0.8 },
          'trips-breaker': { steady: 0.04, pulses: 0.02, weak: 0.14, none: 0.8 },
          'runs-on': { steady: 0.9, pulses: 0.02, weak: 0.06, none: 0.02 },
          'cuts-off': { steady: 0.04, pulses: 0.3, weak: 0.16, none: 0.5 },
          'trips-overload': { steady: 0.5, pulses: 0.1, weak: 0.25, none: 0.15 },
          'chatters': { steady: 0.1, pulses: 0.15, weak: 0.25, none: 0.5 },
        },
      }),
      seen({
        id: 'water-look',
        point: 'tap',
        title: 'Look at the water',
        words: ['water is', 'sediment'],
        minutes: 1,
        steps: ['Draw a glass; look for sand, rust, air.'],
        outcomes: {
          clear: { label: 'clear' },
          sand: { label: 'sand or rust', words: ['rust', 'sandy'] },
          air: { label: 'spits air', words: ['spits'] },
        },
        usual: { clear: 0.86, sand: 0.1, air: 0.04 },
        chancesByFault: {
          'switch.port-blocked': { clear: 0.5, sand: 0.47, air: 0.03 },
          'pump.worn': { clear: 0.5, sand: 0.46, air: 0.04 },
          'pump.dry-well': { clear: 0.4, sand: 0.15, air: 0.45 },
          'check.leaking': { clear: 0.66, sand: 0.3, air: 0.04 },
          'suction.air-leak': { clear: 0.3, sand: 0.05, air: 0.65 },
          'suction.dry-well': { clear: 0.4, sand: 0.15, air: 0.45 },
          'pump.nozzle': { clear: 0.5, sand: 0.46, air: 0.04 },
          'strainer.blocked': { clear: 0.5, sand: 0.45, air: 0.05 },
          'tank.charger': { clear: 0.8, sand: 0.1, air: 0.1 },
        },
      }),
      ...(told.tests ?? []),
    ],
    notes: [NOTES.sand, ...(told.notes ?? [])],
  }
}
