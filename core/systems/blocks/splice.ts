/** What drop cables have in common: the splice, insulation, healthy figures. */
import { FOOT } from '#core/units'
import type { Change } from '../figures'
import type { FaultId } from '../ids'
import { component } from './block'
import { DEAD_CAUTIONS, LIFT, LIVE_CAUTIONS } from './cautions'
import { degrees, repair } from './faultEntry'
import { alike, seen, volts } from './testEntry'

/** Where the leads are parted to read either side. */
interface Where {
  readonly title: string
  readonly step: string
}
const AT_THE_WELL: Where = { title: 'at the well head, splice apart', step: 'splice at the well head apart' }
export const AT_THE_MOTOR: Where = {
  title: 'at the motor, its leads off there',
  step: 'leads off at the motor’s terminals',
}

export const remakeSplice = repair({
  id: 'remake-splice-or-replace-cable',
  name: 'Remake the splice or replace the cable',
  minutes: 120,
  part: 'splice kit',
  renews: ['cable'],
})

export const cablePart = component({
  id: 'cable',
  name: 'Cable',
  glyph: 'cable',
  lane: 'power',
  place: 'well-head',
  fields: [
    { id: 'length', label: 'Length', quantity: 'length', range: [5 * FOOT, 3000 * FOOT] },
    { id: 'gauge', label: 'Wire size', quantity: 'gauge', range: [-3, 18] },
  ],
})

/** Insulation gone, from a dead short to what only the insulation tester finds. */
export const downToEarth = degrees(
  { name: 'dead short', share: 0.5, change: { 'cable.earth': 0.5 } },
  { name: 'about 3 kΩ', share: 0.3, change: { 'cable.earth': 3e3 } },
  { name: 'about 120 kΩ', share: 0.2, change: { 'cable.earth': 120e3 } },
)

/**
 * One splice opened, alive: leg voltage on the pump side comes back through the motor only if cable and winding are
 * whole.
 */
export const openSplice = (at: string) =>
  volts({
    id: 'splice.pump',
    point: at,
    title: 'Volts to ground on the pump side of the opened black splice',
    words: ['splice', 'pump side', 'below'],
    between: ['black.m', '0'],
    scenario: 'splice',
    condition: 'splice',
    minutes: 14,
    variant: 'splice',
    band: 'model',
    risk: 2,
    cautions: [...LIVE_CAUTIONS, 'Dead to open it, ends apart and capped; then alive, hands clear, probes only.'],
    steps: [
      'Dead: black opened at the well head, both ends capped and apart.',
      'Alive, calling: pump side to ground. Leg voltage: whole below. Tens of volts or nothing: open below.',
    ],
  })

/** Earth found from the top is cable or motor: opening the splice parts them, where the splice can be reached. */
export const groundAgain = (at: string) =>
  seen({
    id: 'ground-again',
    point: at,
    title: 'Megohms again with the splice open',
    words: ['splice open', 'ground again'],
    minutes: 150,
    need: 'proven-dead',
    cautions: [...DEAD_CAUTIONS, LIFT],
    steps: ['Pump lifted to the splice; splice cut; cable alone to ground, then motor alone.'],
    outcomes: {
      'both-good': { label: 'both good', words: ['good'] },
      'cable': { label: 'cable is down', words: ['cable bad'] },
      'motor': { label: 'motor is down', words: ['motor bad'] },
    },
    usual: { 'both-good': 0.984, 'cable': 0.008, 'motor': 0.008 },
    chancesByFault: {
      'cable.to-earth': { 'both-good': 0.02, 'cable': 0.96, 'motor': 0.02 },
      'motor.ground': { 'both-good': 0.02, 'cable': 0.02, 'motor': 0.96 },
    },
  })

/** On which side of an opened splice it still is; chances are common practice, no source. */
const SIDES = {
  neither: { neither: 0.984, above: 0.008, below: 0.008 },
  above: { neither: 0.02, above: 0.96, below: 0.02 },
  below: { neither: 0.02, above: 0.02, below: 0.96 },
  // the wires up to it and those behind it are one cable of the catalogue
  either: { neither: 0.02, above: 0.48, below: 0.5 },
}
type Side = 'above' | 'below' | 'either'

interface EitherSide {
  readonly id: string
  readonly title: string
  readonly words: readonly string[]
  readonly step: string
  readonly behind: string
  readonly faults: Readonly<Partial<Record<FaultId, Side>>>
  readonly onlyTold?: boolean
  readonly beside?: 'ohms'
}

/** The same figure read once more on either side of the opened splice. */
const eitherSide = (at: string, { step, behind, faults, ...test }: EitherSide) =>
  seen({
    ...test,
    point: at,
    minutes: 15,
    need: 'proven-dead',
    cautions: DEAD_CAUTIONS,
    steps: [step],
    outcomes: {
      neither: { label: 'neither', words: ['neither'] },
      above: { label: 'the wires up to it', words: ['wires'] },
      below: { label: behind, words: ['below'] },
    },
    usual: SIDES.neither,
    chancesByFault: Object.fromEntries(Object.entries(faults).map(([fault, side]) => [fault, SIDES[side]])),
  })

/**
 * Megohms at the well head, where only the wires up to it are parted from what hangs in the well: the lead down there
 * and the motor are still one. Told and not asked for: who goes that far with the splice at hand pulls the pump.
 */
export const groundParted = (at: string, faults: EitherSide['faults']) =>
  eitherSide(at, {
    id: 'ground-parted',
    title: 'Megohms at the well head, splice apart: which side is down?',
    words: ['splice apart ground'],
    onlyTold: true,
    step: 'Dead: splice at the well head apart; each side of it to ground.',
    behind: 'what hangs in the well',
    faults: { ...faults, 'motor.ground': 'below' },
  })

/**
 * What reads open from the top is cable or motor: at the well head with the splice apart the motor's side is read.
 * Where the cable only hangs below it, that side is cable and motor.
 * Chances: common practice, no source.
 */
export const openAgain = (
  at: string,
  { cable, id = 'open-again', where = AT_THE_WELL }: {
    readonly cable: 'above' | 'below'
    readonly id?: string
    readonly where?: Where
  },
) =>
  seen({
    id,
    point: at,
    title: `Ohms ${where.title}: is the motor’s side whole?`,
    words: ['motor side ohms'],
    minutes: 15,
    need: 'proven-dead',
    onlyTold: true,
    beside: 'ohms',
    steps: [`Dead: ${where.step}; ohms between the leads on the motor’s side.`],
    outcomes: {
      whole: { label: 'whole', words: ['good'] },
      open: { label: 'open', words: ['open'] },
    },
    usual: { whole: 0.97, open: 0.03 },
    chancesByFault: {
      ...alike(
        ['cable.open', 'cable.black-open', 'cable.yellow-open', 'cable.red-open'],
        cable === 'below' ? { whole: 0.03, open: 0.97 } : { whole: 0.97, open: 0.03 },
      ),
      ...alike(
        ['motor.main-open', 'motor.start-open', 'motor.phase-open', 'motor.overload-hot'],
        { whole: 0.005, open: 0.995 },
      ),
    },
  })

/**
 * With the pump out of the well the motor is read by itself: whole, what read open from the top is the cable or its
 * splice. Told and not asked for: nobody pulls a pump to read it. Chances: common practice, no source.
 */
export const motorAlone = (at: string) =>
  seen({
    id: 'motor-alone',
    point: at,
    title: 'Pump out: is the motor whole at its own leads?',
    words: ['motor alone'],
    minutes: 60,
    need: 'proven-dead',
    onlyTold: true,
    beside: 'ohms',
    steps: ['Dead, the pump out of the well and parted from its cable: ohms between the motor’s own leads.'],
    outcomes: {
      whole: { label: 'whole', words: ['good'] },
      open: { label: 'open', words: ['open'] },
    },
    usual: { whole: 0.97, open: 0.03 },
    chancesByFault: {
      ...alike(['motor.main-open', 'motor.start-open', 'motor.phase-open'], { whole: 0.005, open: 0.995 }),
      // by then it has cooled
      'motor.overload-hot': { whole: 0.9, open: 0.1 },
    },
  })

/** What reads shorted from lead to lead is the wires up to the splice or what hangs behind it. */
export const shortAgain = (at: string, faults: EitherSide['faults'], where: Where = AT_THE_WELL) =>
  eitherSide(at, {
    id: 'short-again',
    title: `Ohms lead to lead ${where.title}: which side is shorted?`,
    words: ['short again', 'shorted sides'],
    beside: 'ohms',
    step: `Dead: ${where.step}; ohms between the leads on either side of it.`,
    behind: 'the motor’s side',
    faults,
  })

export const cableFigures = (ohms: number): Change => ({
  'cable.black': ohms,
  'cable.yellow': ohms,
  'cable.red': ohms,
  'cable.earth': 2e9,
  'cable.across': 5e9,
  'cable.swap': 0,
})
