/** "What changed?": storm, outage, age, duty, as the customer tells it, and what each points to. */
import type { ShopPractice } from '../practice'
import type { SeenTest } from '../testTypes'
import type { Block } from './block'
import { note, type NoteEntry } from './causes'
import { type Chances, type OutcomeEntry, seen } from './testEntry'

interface Answer extends OutcomeEntry {
  readonly usual: number
  /** the condition that it shows */
  readonly shows?: Pick<NoteEntry, 'id' | 'name' | 'advice' | 'or'>
}

const ANSWERS = {
  'storm': {
    label: 'storm',
    words: ['lightning'],
    usual: 0.07,
    shows: { id: 'surge', name: 'Lightning or switching surge', advice: 'Surge protection at the panel.' },
  },
  'outage': {
    label: 'outage',
    words: ['power cut'],
    usual: 0.07,
    shows: { id: 'outage', name: 'Power outage', advice: 'Show the customer how to hold the lever.' },
  },
  'old': {
    label: 'old, long in service',
    usual: 0.14,
    shows: { id: 'age', name: 'Worn out in its time', advice: 'Note the age on the site file.' },
  },
  'ran-dry': {
    label: 'ran dry',
    words: ['ran dry'],
    usual: 0.05,
    shows: {
      id: 'ran-dry',
      name: 'Ran dry',
      or: { test: 'level-look', shownBy: 'low' },
      advice: 'A low-pressure cut-off where it stays dry, an underload ' + 'protector where the well recovers.',
    },
  },
  'ran-on': {
    label: 'ran for days without a stop',
    words: ['ran on'],
    usual: 0.03,
    shows: { id: 'ran-on', name: 'Ran for days without a stop', advice: 'Find why it did not stop.' },
  },
  'lost-line': {
    label: 'ran on two lines of three',
    words: ['singlephased'],
    usual: 0.03,
    shows: {
      id: 'single-phased',
      name: 'Ran on two lines of three',
      advice: 'A phase-loss relay; find which line was lost and where.',
    },
  },
  'open-fill': {
    label: 'was filling a pond or pool',
    words: ['open fill'],
    usual: 0.02,
    shows: {
      id: 'filled-open',
      name: 'Open discharge: filled a pond or pool',
      advice: 'Throttle the discharge, or fit an underload protector instead of a cut-off.',
    },
  },
  'dug': {
    label: 'someone dug or set posts',
    words: ['trench'],
    usual: 0.02,
    shows: {
      id: 'dug',
      name: 'Buried cable hit by digging',
      advice: 'Mark the run for the owner; deeper or in conduit, by the local code, with warning tape over it.',
    },
  },
  'vibration': {
    label: 'shakes, things come loose',
    usual: 0.05,
    shows: {
      id: 'vibration',
      name: 'Shaken loose',
      advice: 'Mounts, whip check and a flexible last metre of cable.',
    },
  },
  'hot': {
    label: 'stands hot, no air round it',
    usual: 0.04,
    shows: { id: 'hot-room', name: 'Runs too hot', advice: 'Air round the machine, and a duty it can bear.' },
  },
  'frozen': {
    label: 'stood in the frost',
    words: ['froze'],
    usual: 0.06,
    shows: { id: 'frozen', name: 'Has been frozen', advice: 'Drain it down for the winter.' },
  },
  'worked-on': {
    label: 'someone worked on it, new parts',
    usual: 0.06,
  },
  'cycled': {
    label: 'clicked on and off for weeks before',
    usual: 0.05,
  },
  'retries': {
    label: 'kept trying for hours',
    words: ['kept trying'],
    usual: 0.07,
    shows: {
      id: 'locked-retries',
      name: 'Endless starts against a dead start circuit',
      advice: 'Find the start gear that failed first.',
    },
  },
} as const satisfies Readonly<Record<string, Answer>>

type AnswerId = keyof typeof ANSWERS
/** What may be told besides what is always asked. */
export type Told = Exclude<AnswerId, 'storm' | 'outage' | 'retries' | 'worked-on' | 'cycled'>

const ORDER = Object.keys(ANSWERS) as AnswerId[]
const ALWAYS: readonly AnswerId[] = ['storm', 'outage', 'retries', 'worked-on', 'cycled']

/** The question, and the notes that its answers are; common practice, no source. */
export interface AskedOptions {
  readonly point: string
  readonly about: readonly Told[]
  readonly practice: Pick<ShopPractice, 'cutOffAdvice'>
}

/** What a shop advises against running dry, where it does not go by the source. */
const PROTECTOR_ONLY: Partial<Record<AnswerId, string>> = {
  'ran-dry': 'Fit an underload protector that restarts by itself.',
  'open-fill': 'Throttle the discharge, or fit an underload protector.',
}

export function asked({ point, about, practice }: AskedOptions): Block {
  const ids = ORDER.filter(id => ALWAYS.includes(id) || (about as readonly AnswerId[]).includes(id))
  return { tests: [question(point, ids)], notes: ids.flatMap(id => noteOf(id, practice)) }
}

function noteOf(id: AnswerId, { cutOffAdvice }: AskedOptions['practice']) {
  const { shows }: Answer = ANSWERS[id]
  if (!shows) return []
  const own = cutOffAdvice === 'protector-only' ? PROTECTOR_ONLY[id] : undefined
  return [note({ ...shows, advice: own ?? shows.advice, test: 'asked', shownBy: id })]
}

/** What whoever worked on it gets wrong, and what a start every few seconds wears out. */
const LANDED_WRONG = [
  'cable.mixed',
  'box.wrong-box',
  'motor.wrong-tap',
  'starter.coil-wrong',
  'motor.backwards',
  'switch.miswired',
  'switch.wrong-sense',
  'float.wrong-sense',
] as const
const WORN_BY_STARTS = [
  'switch.pole1-burnt',
  'switch.pole2-burnt',
  'switch.welded',
  'switch.burnt',
  'switch.bounces',
  'tank.waterlogged',
  'tank.precharge-low',
  'box.relay-open',
  'box.relay-closed',
] as const

/** So often nothing new is told though there was; judgement, no source. */
const LEAST_NOTHING = 0.08

function question(point: string, ids: readonly AnswerId[]): SeenTest {
  const told = Object.fromEntries(ids.map(id => [id, ANSWERS[id].usual])) as Chances<string>
  const usual: Chances<string> = { nothing: 1 - Object.values(told).reduce((a, b) => a + b, 0), ...told }
  /** answers that are likelier; as far as there is something new to tell, besides the others and not instead */
  const likelier = (told: Chances<string>): Chances<string> => {
    const sum = (of: Chances<string>) => Object.values(of).reduce((a, b) => a + b, 0)
    const before = usual['nothing'] ?? 0
    const were = Object.keys(told).reduce((all, id) => all + (usual[id] ?? 0), 0)
    const nothing = Math.max(LEAST_NOTHING, before - (sum(told) - were))
    const rest = (1 - sum(told) - nothing) / (1 - before - were)
    return Object.fromEntries(Object.entries(usual).map(([id, chance]) =>
      [id, told[id] ?? (id === 'nothing' ? nothing : chance * rest)]))
  }
  const raised = (id: AnswerId, to: number) => likelier({ [id]: to })
  const dry = ids.includes('ran-dry')
  const frozen = ids.includes('frozen')
  return seen({
    id: 'asked',
    point,
    title: 'Ask what changed',
    words: ['asked', 'customer says', 'history'],
    minutes: 1,
    several: true,
    points: 'all',
    steps: ['Storm, outage, heavy use, how old is it, how long has it been trying?'],
    outcomes: { nothing: { label: 'nothing new' }, ...Object.fromEntries(ids.map(id => [id, ANSWERS[id]])) },
    usual,
    chancesByFault: {
      'switch.cut-off-tripped': raised('outage', 0.45),
      'motor.ground': raised('storm', 0.3),
      'motor.main-open': raised('retries', 0.2),
      ...Object.fromEntries(LANDED_WRONG.map(id => [id, raised('worked-on', 0.5)])),
      ...Object.fromEntries(WORN_BY_STARTS.map(id => [id, raised('cycled', 0.25)])),
      ...(dry
        ? {
            'pump.dry-well': raised('ran-dry', 0.45),
            'pump.prime-lost': raised('ran-dry', 0.4),
            'protector.tripped': raised('ran-dry', 0.4),
          }
        : {}),
      ...(frozen
        ? {
            'pump.diaphragm': raised('frozen', 0.35),
            'pump.cracked': raised('frozen', 0.5),
            'house.leak': raised('frozen', 0.25),
            // whoever works on it shuts a valve, and leaves it
            'house.shut': likelier({ 'frozen': 0.25, 'worked-on': 0.25 }),
          }
        : {}),
    },
    ...(dry ? { chancesByEffect: { 'runs-dry': raised('ran-dry', 0.2) } } : {}),
  })
}
