/**
 * Elimination trials: a part is taken off, swapped for a good one, or bridged; the model works out how it then
 * behaves.
 */
import { soundOf, type Change, type FigureGroup, type FigureKey } from '../figures'
import { OPEN } from '../power/resistances'
import type { SeenTest } from '../testTypes'
import { alike, seen, type SeenEntry } from './testEntry'

type Named = Pick<SeenTest, 'id' | 'point' | 'title' | 'words' | 'steps'>

export interface TripTrialEntry extends Named {
  /** what is downstream of the opening: it counts as sound and away */
  readonly away: readonly FigureGroup[]
  readonly opens: readonly FigureKey[]
}

/** "Take it off and re-energise: does it still trip?" */
export const tripTrial = ({ away, opens, ...entry }: TripTrialEntry): SeenTest =>
  seen({
    ...entry,
    need: 'proven-dead',
    minutes: 6,
    risk: 2,
    cautions: ['Ends apart and made safe; reset once, from the side, nobody near them.'],
    outcomes: {
      holds: { label: 'holds' },
      trips: { label: 'still trips', words: ['trip'] },
    },
    usual: { holds: 0.97, trips: 0.03 },
    chancesByEffect: { 'trips-breaker': { holds: 0.02, trips: 0.98 } },
    trial: {
      watch: 'effect',
      opens: true,
      change: healthy => ({ ...soundOf(healthy, away), ...Object.fromEntries(opens.map(key => [key, OPEN])) }),
    },
  })

type SwapNamed = Named & Partial<Pick<SeenEntry<string>, 'minutes' | 'need' | 'risk' | 'cautions' | 'onlyTold'>>
export interface SwapTrialEntry extends SwapNamed {
  /** figures that are as in a sound system once it is swapped or bridged */
  readonly sound: readonly (FigureGroup | FigureKey)[]
  readonly closed?: Change
}

/** A part swapped for a known good one, or bridged: how does it behave then? */
export const swapTrial = ({ sound, closed = {}, ...entry }: SwapTrialEntry): SeenTest =>
  seen({
    ...entry,
    outcomes: {
      runs: { label: 'runs', words: ['running', 'starts'] },
      groans: { label: 'groans, hums', words: ['hums', 'groan'] },
      silent: { label: 'nothing', words: ['dead', 'no change'] },
      trips: { label: 'trips', words: ['trip'] },
    },
    usual: { runs: 0.4, groans: 0.2, silent: 0.3, trips: 0.1 },
    chancesByEffect: {
      ...alike(['runs', 'runs-on'], { runs: 0.96, groans: 0.02, silent: 0.01, trips: 0.01 }),
      ...alike(['rapid-cycles', 'surges', 'starts-alone'], {
        runs: 0.95,
        groans: 0.02,
        silent: 0.02,
        trips: 0.01,
      }),
      ...alike(['runs-dry', 'runs-weak'], { runs: 0.94, groans: 0.03, silent: 0.02, trips: 0.01 }),
      'cuts-off': { runs: 0.93, groans: 0.02, silent: 0.04, trips: 0.01 },
      'trips-overload': { runs: 0.9, groans: 0.05, silent: 0.02, trips: 0.03 },
      'groans': { runs: 0.03, groans: 0.9, silent: 0.04, trips: 0.03 },
      'chatters': { runs: 0.06, groans: 0.8, silent: 0.12, trips: 0.02 },
      'silent': { runs: 0.01, groans: 0.02, silent: 0.96, trips: 0.01 },
      'trips-breaker': { runs: 0.01, groans: 0.03, silent: 0.06, trips: 0.9 },
    },
    trial: { watch: 'effect', change: healthy => ({ ...soundOf(healthy, sound), ...closed }) },
  })

/** How soon what is in the panel lets go, when it is told: nobody is sent to try it. */
export const lettingGo = (what: string): SeenTest =>
  seen({
    id: 'let-go',
    point: 'breaker',
    title: `How soon does the ${what} let go?`,
    words: ['breaker trips', 'breaker lets go', 'breaker let go', 'lets go', 'trips', 'it trips'],
    minutes: 2,
    risk: 2,
    onlyTold: true,
    steps: ['Told by who saw it: from switching on to letting go. Do not close it again onto a short to find out.'],
    outcomes: {
      'at-once': { label: 'at once', words: ['at once', 'instantly', 'immediately', 'right away', 'straight away'] },
      'seconds': { label: 'after seconds', words: ['after seconds', 'after a few seconds', 'in seconds'] },
      'minutes': { label: 'after minutes', words: ['after minutes', 'after a minute', 'after a while'] },
      'holds': { label: 'holds', words: ['never', 'not at all'] },
    },
    usual: { 'at-once': 0.02, 'seconds': 0.02, 'minutes': 0.02, 'holds': 0.94 },
    // tired by heat: it takes no start for a short
    chancesByFault: { 'breaker.weak': { 'at-once': 0.03, 'seconds': 0.05, 'minutes': 0.87, 'holds': 0.05 } },
    trial: { watch: 'letting-go', change: () => ({}) },
  })
