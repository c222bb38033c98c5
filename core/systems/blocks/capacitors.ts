/**
 * Faults and tests of the capacitors that feed the windings: the same wherever they sit; common practice, no source.
 */
import type { Figures } from '../figures'
import { type Block, type ComponentEntry, yesNo } from './block'
import { CAUSES, OFTEN_STARTED } from './causes'
import { BLEED, DEAD_CAUTIONS } from './cautions'
import { always, type CauseEntry, degrees, fault, madeBy, repair, times } from './faultEntry'
import { reading, seen } from './testEntry'
import { swapTrial } from './trials'

export const CAP_FIELDS: NonNullable<ComponentEntry<'box'>['fields']> = [
  { id: 'capLow', label: 'Start capacitor, low end', quantity: 'farads', range: [20e-6, 1000e-6] },
  { id: 'capHigh', label: 'Start capacitor, high end', quantity: 'farads', range: [20e-6, 1200e-6] },
  yesNo('runCapacitor', 'Run capacitor'),
  { id: 'runMicrofarads', label: 'Run capacitor value', quantity: 'farads', range: [2e-6, 120e-6] },
]

type ByLook = Parameters<typeof seen<'sound' | 'bulged'>>[0]['chancesByFault']

/** How a capacitor looks, whichever of the two it is: so often it shows; common practice, no source. */
const lookAt = (id: string, which: 'start' | 'run', words: readonly string[], chancesByFault: ByLook) => seen({
  id,
  point: 'cap',
  title: `Look at the ${which} capacitor`,
  words,
  minutes: 1.5,
  need: 'proven-dead',
  steps: ['Lid off, dead, hands off until bled: bulge, split, oil?'],
  outcomes: {
    sound: { label: 'looks sound', words: ['sound', 'good', 'ok'] },
    bulged: { label: 'bulged or split', words: ['split', 'leaking', 'oil', 'swollen'] },
  },
  usual: { sound: 0.988, bulged: 0.012 },
  chancesByFault,
})

const newCapacitor = repair({
  id: 'replace-start-capacitor',
  name: 'Replace the start capacitor',
  minutes: 20,
  part: 'start capacitor',
})

/**
 * A capacitor that dries out loses farads and gains ohms. It is called for on the day on which the load, of full-load
 * torque, is more than it can still break away: `load` is what that takes over the usual.
 */
const driedOut = ({ left, ohms, load }: { left: number, ohms: number, load: number }) => (h: Figures) => ({
  'start.farads': h['start.farads'] * left,
  'start.ohms': h['start.ohms'] + ohms,
  'motor.startLoad': load,
})

export interface CapacitorOptions {
  readonly part: 'box' | 'motor'
  /** where they sit, in words */
  readonly at: string
  readonly start: boolean
  readonly run: boolean
}

export function capacitors(o: CapacitorOptions): Block {
  const [starting, running] = [o.start ? startCapacitor(o) : {}, o.run ? runCapacitor(o) : {}]
  const merge = <Key extends 'faults' | 'tests'>(key: Key) => [...(starting[key] ?? []), ...(running[key] ?? [])]
  return { faults: merge('faults'), tests: merge('tests') }
}

const TOO_LONG = 'start gear that never lets go cooks the capacitor'
/** What makes each start last too long; handbook §7. */
const HARD_STARTS: readonly CauseEntry[] = [
  CAUSES.retries,
  CAUSES.lowVolts,
  CAUSES.hot,
  madeBy('motor.seized', 'locked starts cook it'),
  madeBy('head.seized', 'locked starts cook it'),
  { because: 'unloader.not-venting', why: 'every start against pressure lasts too long' },
  madeBy('check.leaking', 'every start against pressure lasts too long'),
]

function startCapacitor({ part, at }: CapacitorOptions): Block {
  const gear = part === 'box' ? 'box.relay-closed' : 'motor.centrifugal-closed'
  const cooks = { because: gear, why: TOO_LONG } as const
  return {
    faults: [
      fault({
        id: `${part}.cap-open`,
        name: 'Start capacitor open',
        baseRate: 0.06,
        severities: always({ 'start.farads': 0.4e-6 }),
        repair: newCapacitor,
        causes: [CAUSES.age, ...OFTEN_STARTED, cooks, ...HARD_STARTS],
        settledBy: 'microfarads, off the circuit',
        wears: ['age', 'starts'],
      }),
      fault({
        id: `${part}.cap-low`,
        name: 'Start capacitor low',
        baseRate: 0.05,
        severities: degrees(
          { name: 'two thirds left', share: 0.3, change: times('start.farads', 0.65) },
          { name: 'a third left', share: 0.2, change: driedOut({ left: 0.35, ohms: 20, load: 1.4 }) },
          { name: 'a fifth left', share: 0.1, change: driedOut({ left: 0.21, ohms: 40, load: 0.9 }) },
          { name: 'a tenth left', share: 0.2, change: driedOut({ left: 0.1, ohms: 60, load: 0.4 }) },
          { name: 'a third left, and starts yet', share: 0.12, change: driedOut({ left: 0.35, ohms: 20, load: 0 }) },
          { name: 'two thirds left, too little', share: 0.08, change: driedOut({ left: 0.6, ohms: 8, load: 2.2 }) },
        ),
        repair: newCapacitor,
        causes: [CAUSES.age, ...OFTEN_STARTED, madeBy(gear, TOO_LONG), ...HARD_STARTS],
        settledBy: 'microfarads, off the circuit',
        wears: ['age', 'starts'],
      }),
      fault({
        id: `${part}.cap-shorted`,
        name: 'Start capacitor shorted',
        baseRate: 0.015,
        severities: always({ 'start.farads': 0, 'start.ohms': 0.2 }),
        repair: newCapacitor,
        causes: [CAUSES.age, cooks],
        settledBy: 'ohms across the capacitor, bled',
        wears: ['age'],
      }),
    ],
    tests: [
      reading({
        id: 'cap.farads',
        point: 'cap',
        title: 'Measure the start capacitor',
        words: [],
        condition: 'dead',
        quantity: 'farads',
        minutes: 3,
        meter: 'µF',
        need: 'discharged',
        steps: ['Bled and measured flat; one lead off.', 'Across the capacitor.'],
        cautions: [BLEED],
        probe: { ask: 'farads', farads: 'start.farads', ohms: 'start.ohms' },
        band: 'capacitor',
        proves: true,
      }),
      reading({
        id: 'cap.ohms',
        point: 'cap',
        title: 'Ohms across the start capacitor',
        words: ['short'],
        condition: 'dead',
        quantity: 'ohms',
        minutes: 3,
        meter: 'Ω',
        need: 'discharged',
        steps: ['Bled; one lead off; ohms across it. It should climb and not settle near nothing.'],
        cautions: DEAD_CAUTIONS,
        probe: { ask: 'capacitor-ohms', farads: 'start.farads', ohms: 'start.ohms' },
        band: 'capacitor-ohms',
      }),
      lookAt('cap-seen', 'start', ['capacitor', 'cap is', 'cap looks'], {
        [`${part}.cap-open`]: { sound: 0.45, bulged: 0.55 },
        [`${part}.cap-shorted`]: { sound: 0.4, bulged: 0.6 },
        [`${part}.cap-low`]: { sound: 0.7, bulged: 0.3 },
        'box.relay-closed': { sound: 0.7, bulged: 0.3 },
        'motor.centrifugal-closed': { sound: 0.7, bulged: 0.3 },
      }),
      // who reads it holds it against what is printed on it; that counts where no nameplate gives the band
      seen({
        id: 'cap-label',
        point: 'cap',
        title: 'The start capacitor against its own label',
        words: ['cap against its label', 'cap in band'],
        minutes: 3,
        need: 'discharged',
        onlyTold: true,
        steps: ['Bled and measured flat; the band is printed on the case.'],
        outcomes: {
          within: { label: 'within its band', words: ['in band', 'within'] },
          under: { label: 'under its band', words: ['low', 'out of band'] },
        },
        usual: { within: 0.97, under: 0.03 },
        chancesByFault: {
          [`${part}.cap-open`]: { within: 0.01, under: 0.99 },
          [`${part}.cap-shorted`]: { within: 0.03, under: 0.97 },
          [`${part}.cap-low`]: { within: 0.05, under: 0.95 },
        },
      }),
      swapTrial({
        id: 'cap-swap',
        point: 'cap',
        title: `Known-good capacitor in the ${at}: does it start?`,
        words: ['known good cap', 'test capacitor', 'swapped cap'],
        need: 'discharged',
        minutes: 6,
        risk: 1,
        steps: [
          'Dead and bled: a capacitor of the same µF band and at least the same volts in its place.',
          'Covers on, energise, listen.',
        ],
        sound: ['start.farads', 'start.ohms'],
      }),
    ],
  }
}

function runCapacitor({ part, start }: CapacitorOptions): Block {
  return {
    faults: [
      fault({
        id: `${part}.runcap-open`,
        name: 'Run capacitor open or low',
        baseRate: 0.02,
        severities: degrees(
          { name: 'open', share: 0.5, change: { 'start.runFarads': 0.2e-6 } },
          { name: 'half left', share: 0.5, change: times('start.runFarads', 0.5) },
        ),
        repair: repair({
          id: 'replace-run-capacitor',
          name: 'Replace the run capacitor',
          minutes: 20,
          part: 'run capacitor',
        }),
        causes: [CAUSES.age, CAUSES.hot],
        settledBy: 'microfarads, off the circuit',
        wears: ['age'],
        effect: 'runs',
      }),
      fault({
        id: `${part}.runcap-shorted`,
        name: 'Run capacitor shorted',
        baseRate: 0.008,
        severities: always({ 'start.runFarads': 0.01, 'start.runOhms': 0.2 }),
        repair: repair({
          id: 'replace-run-capacitor',
          name: 'Replace the run capacitor',
          minutes: 20,
          part: 'run capacitor',
        }),
        causes: [CAUSES.age, CAUSES.surge],
        settledBy: 'ohms across the capacitor, bled',
      }),
    ],
    tests: [
      reading({
        id: 'runcap.farads',
        point: 'cap',
        title: 'Measure the run capacitor',
        words: start ? ['run', 'run cap'] : [],
        ...(start ? { variant: 'run' } : {}),
        condition: 'dead',
        quantity: 'farads',
        minutes: 3,
        meter: 'µF',
        need: 'discharged',
        steps: ['Bled and measured flat; one lead off; across the run capacitor.'],
        cautions: [BLEED],
        probe: { ask: 'farads', farads: 'start.runFarads', ohms: 'start.runOhms' },
        band: 'capacitor',
        proves: true,
      }),
      lookAt('runcap-seen', 'run', ['run cap is', 'run cap looks', 'run capacitor looks'], {
        [`${part}.runcap-open`]: { sound: 0.5, bulged: 0.5 },
        [`${part}.runcap-shorted`]: { sound: 0.4, bulged: 0.6 },
      }),
      seen({
        id: 'runcap-label',
        point: 'cap',
        title: 'The run capacitor against its own label',
        words: ['run cap against its label'],
        minutes: 3,
        need: 'discharged',
        onlyTold: true,
        steps: ['Bled and measured flat; what it should have is printed on the case.'],
        outcomes: {
          within: { label: 'within a tenth of it', words: ['within'] },
          under: { label: 'under it', words: ['low'] },
        },
        usual: { within: 0.97, under: 0.03 },
        chancesByFault: {
          [`${part}.runcap-open`]: { within: 0.02, under: 0.98 },
          [`${part}.runcap-shorted`]: { within: 0.03, under: 0.97 },
        },
      }),
    ],
  }
}
