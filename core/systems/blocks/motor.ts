/**
 * A single-phase motor: windings, bearings, load. Down the well it comes up with the pump; in the open it is changed
 * where it stands.
 */
import type { Change } from '../figures'
import { OPEN } from '../power/resistances'
import type { Repair } from '../faultTypes'
import { type Block, component, point, yesNo } from './block'
import { CAUSES } from './causes'
import { always, type CauseEntry, degrees, fault, madeBy, repair } from './faultEntry'
import { motorCooling } from './motorCooling'
import { MOTOR_FIELDS, START_GEAR, WINDINGS } from './motorFields'
import { startOpen, startShort } from './startWinding'
import { amps, leadOhms, seen, voltsAt } from './testEntry'
import { tripTrial } from './trials'
import { keepsRunning, cordLook, knownGood, motorFelt } from './toldMotor'

export const pullPump = repair({
  id: 'pull-pump',
  name: 'Pull the pump',
  minutes: 240,
  part: 'motor and pump',
  renews: ['motor', 'pump'],
})
export const newMotor = repair({
  id: 'replace-motor',
  name: 'Replace the motor',
  minutes: 90,
  part: 'motor',
  renews: ['motor'],
})

const WET_BEARING = madeBy('pump.seal', 'water past a leaking seal rusts the bearing')
const SOAKED = { because: 'pump.seal', why: 'water past a leaking seal soaks the windings' } as const
const NOTHING_MOVED = madeBy('check.stuck-shut', 'against a stuck check valve nothing cools it')
/** What overheats a winding; handbook §7. */
const COOKED = [
  CAUSES.retries,
  CAUSES.lowVolts,
  CAUSES.dry,
  CAUSES.ranOn,
  NOTHING_MOVED,
  madeBy('motor.seized', 'locked starts cook the winding'),
]

const seized = (mend: Repair, what: string) => [
  fault({
    id: 'motor.seized',
    name: `${what} seized`,
    baseRate: 0.04,
    severities: always({ 'motor.seized': 1 }),
    repair: mend,
    causes: [CAUSES.sand, CAUSES.dry, CAUSES.ranOn, WET_BEARING, NOTHING_MOVED, CAUSES.age],
    settledBy: 'locked amps on every lead with the start circuit proven good',
    wears: ['age', 'sand'],
  }),
  fault({
    id: 'motor.binding',
    name: `${what} binding`,
    baseRate: 0.02,
    severities: degrees(
      // in amps: a small motor's rise much less than its load
      { name: 'a third over', share: 0.53, change: { 'motor.load': 1.7 } },
      { name: 'two thirds over', share: 0.35, change: { 'motor.load': 2.15 } },
      // heard long before it is drawn: common practice, no source
      {
        name: 'heard, and hardly drawn',
        share: 0.12,
        slight: true,
        change: h => ({ 'motor.load': 1.12 * h['motor.load'] }),
      },
    ),
    effect: 'runs-weak',
    repair: mend,
    causes: [CAUSES.sand, CAUSES.dry, CAUSES.ranOn, WET_BEARING, CAUSES.age],
    settledBy: 'running amps over the nameplate maximum',
    wears: ['age', 'sand'],
  }),
]

/**
 * @param both start winding and main winding open alike, as lead to lead on two wires
 * @param wet what lets water to the windings
 */
const windingFaults = (mend: Repair, both = false, wet: readonly CauseEntry[] = []) => [
  fault({
    id: 'motor.main-open',
    name: both ? 'Winding open' : 'Main winding open',
    baseRate: 0.015,
    severities: always({ 'motor.mainJoint': OPEN, ...(both ? { 'motor.startJoint': OPEN } : {}) }),
    repair: mend,
    causes: [...COOKED, CAUSES.surge, CAUSES.age],
    settledBy: 'ohms across the main winding',
    wears: ['age'],
  }),
  fault({
    id: 'motor.turn-short',
    name: 'Main winding short between turns',
    baseRate: 0.015,
    severities: degrees(
      { name: 'a few turns', share: 0.4, change: { 'motor.shorted': 0.03 } },
      { name: 'a tenth of the turns', share: 0.4, change: { 'motor.shorted': 0.12 } },
      // burnt together: it reads next to nothing; common practice, no source
      { name: 'most of it', share: 0.2, change: { 'motor.shorted': 0.75 } },
    ),
    repair: mend,
    causes: [...COOKED, CAUSES.surge, CAUSES.age],
    settledBy: 'amps high with the winding cold; ohms across it low',
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
    repair: mend,
    causes: [CAUSES.surge, ...wet, ...COOKED, CAUSES.age],
    settledBy: 'megohms to ground with the leads off',
    wears: ['age'],
  }),
]

/** Down the well; the start winding can be tried from the top only with three wires. */
export const drownedMotor = ({ wires }: { wires: 2 | 3 }): Block => ({
  components: [
    component({
      id: 'motor',
      name: 'Motor',
      glyph: 'motor',
      lane: 'power',
      place: 'down-hole',
      fields: [...MOTOR_FIELDS, ...WINDINGS],
    }),
  ],
  faults: [
    ...windingFaults(pullPump, wires === 2),
    ...seized(pullPump, 'Motor or pump'),
    ...(wires === 3 ? [startOpen(pullPump, 'box.relay-closed'), startShort(pullPump, 'box.relay-closed')] : []),
  ],
})

/** In the open, capacitor-start, often dual voltage. */
export function surfaceMotor({ what, neutral, dual }: { what: string, neutral: boolean, dual: boolean }): Block {
  const off = 'Leads off at the motor terminals.'
  const cooling = motorCooling('motor')
  return {
    components: [
      component({
        id: 'motor',
        name: 'Motor',
        glyph: 'motor',
        lane: 'power',
        place: 'machine',
        fields: [
          ...MOTOR_FIELDS,
          ...WINDINGS,
          ...(dual
            ? [
                yesNo('dualVoltage', 'Dual voltage, with links'),
                START_GEAR,
              ]
            : []),
          { id: 'capLow', label: 'Start capacitor, low end', quantity: 'farads', range: [20e-6, 1000e-6] },
          { id: 'capHigh', label: 'Start capacitor, high end', quantity: 'farads', range: [20e-6, 1200e-6] },
          yesNo('runCapacitor', 'Run capacitor'),
          { id: 'runMicrofarads', label: 'Run capacitor value', quantity: 'farads', range: [2e-6, 120e-6] },
        ],
      }),
    ],
    points: [
      point({
        id: 'motor',
        name: 'motor terminals',
        component: 'motor',
        spot: { on: 'motor', side: 'in' },
        aliases: ['motor in', 'terminals'],
      }),
      point({
        id: 'lead',
        name: 'one motor lead',
        component: 'run',
        spot: { on: 'motor', side: 'in', wire: 0 },
        aliases: ['amps', 'black', 'hot', 'start', 'run'],
      }),
      point({
        id: 'windings',
        name: 'motor leads, off',
        component: 'motor',
        spot: { on: 'motor', side: 'on', part: 'coil' },
        aliases: ['main', 'ins', 'megs', 'b-y'],
      }),
    ],
    faults: [
      ...windingFaults(newMotor, false, [SOAKED]),
      ...seized(newMotor, what),
      startOpen(newMotor, 'motor.centrifugal-closed'),
      ...(cooling.faults ?? []),
      ...(dual
        ? [
            fault({
              id: 'motor.wrong-tap',
              name: 'Motor tapped for the wrong voltage',
              baseRate: 0.012,
              severities: neutral
                ? degrees(
                    { name: 'comes up', share: 0.5, change: { 'motor.turns': 2 } },
                    // with a quarter of its torque it may stay below its speed; its load, judgement, no source
                    {
                      name: 'stays slow',
                      share: 0.5,
                      change: h => ({ 'motor.turns': 2, 'motor.load': h['motor.load'] * 1.6 }),
                    },
                  )
                : degrees(
                    // its iron is full: it draws less than by its turns alone; judgement, no source
                    { name: 'trips as it starts', share: 0.45, change: { 'motor.turns': 0.5 } },
                    { name: 'trips within seconds', share: 0.3, change: { 'motor.turns': 0.7 } },
                    { name: 'runs, far too hot', share: 0.25, change: { 'motor.turns': 0.78 } },
                  ),
              repair: repair({
                id: 'set-voltage-links',
                name: 'Set the voltage links',
                minutes: 20,
              }),
              causes: [],
              settledBy: 'the links inside the cover against the supply',
            }),
          ]
        : []),
    ],
    tests: [
      ...voltsAt({
        point: 'motor',
        where: 'at the motor terminals',
        legs: ['x1', 'x2'],
        band: 'utilisation',
        neutral,
      }),
      amps({
        id: 'black.start',
        point: 'lead',
        title: 'Clamp one lead at the start',
        words: ['start', 'starting', 'inrush'],
        conductor: 'black lead',
        condition: 'starting',
        steps: ['Clamp one lead, inrush hold, and let it call.'],
        proves: true,
      }),
      amps({
        id: 'black.run',
        point: 'lead',
        title: 'Clamp one lead three seconds in',
        words: ['run', 'running', 'held', 'holds', 'stays'],
        conductor: 'black lead',
        condition: 'running',
        steps: ['Clamp one lead; read it three seconds after it calls.'],
        band: 'running-amps',
        proves: true,
      }),
      leadOhms({
        id: 'leads.by',
        point: 'windings',
        title: 'Ohms across the main winding',
        words: ['main', 'b-y', 'main winding'],
        between: ['black.m', 'yellow.m'],
        minutes: 8,
        steps: [`${off} Across the main winding.`],
        variant: 'by',
      }),
      leadOhms({
        id: 'leads.ry',
        point: 'windings',
        title: 'Ohms across the start winding',
        words: ['start', 'r-y', 'start winding'],
        between: ['red.m', 'yellow.m'],
        minutes: 8,
        steps: [`${off} Across the start winding, its capacitor bled and off.`],
        variant: 'ry',
        need: 'discharged',
      }),
      leadOhms({
        id: 'leads.ground',
        point: 'windings',
        title: 'Megohms, winding to frame',
        words: ['g', 'ground', 'earth', 'ins', 'megs', 'frame'],
        between: ['black.m', '0'],
        minutes: 6,
        steps: [`${off} Winding to bare frame.`],
        variant: 'ground',
        proves: true,
      }),
      keepsRunning('motor'),
      ...motorFelt('motor'),
      ...(cooling.tests ?? []),
      ...knownGood('motor'),
      cordLook(),
      tripTrial({
        id: 'trip-motor-off',
        point: 'motor',
        title: 'Motor leads off: does it still trip?',
        words: ['trips motor off', 'motor off'],
        steps: ['Dead: motor leads off, apart and safe.', 'Stand clear and reset the breaker once.'],
        away: ['start', 'cable', 'motor'],
        opens: ['cable.black', 'cable.yellow'],
      }),
      seen({
        id: 'motor-look',
        point: 'motor',
        title: 'Look and smell at the motor',
        words: ['motor', 'smells'],
        minutes: 0.7,
        // what burnt it, and which winding, is for the meter
        points: ['burnt', 'wet'],
        steps: ['Heat, smell of varnish, oil, water inside, sound of the bearings.'],
        outcomes: {
          sound: { label: 'looks sound', words: ['sound', 'good', 'ok'] },
          burnt: { label: 'smells burnt', words: ['burnt', 'varnish'] },
          wet: { label: 'wet or flooded', words: ['flooded'] },
          rumbles: { label: 'bearings rumble', words: ['noisy', 'screams'] },
        },
        usual: { sound: 0.915, burnt: 0.03, wet: 0.015, rumbles: 0.04 },
        chancesByFault: {
          'motor.turn-short': { sound: 0.2, burnt: 0.76, wet: 0.02, rumbles: 0.02 },
          'motor.ground': { sound: 0.35, burnt: 0.4, wet: 0.2, rumbles: 0.05 },
          'motor.main-open': { sound: 0.35, burnt: 0.6, wet: 0.03, rumbles: 0.02 },
          'motor.binding': { sound: 0.25, burnt: 0.07, wet: 0.03, rumbles: 0.65 },
          'motor.wrong-tap': { sound: 0.55, burnt: 0.4, wet: 0.02, rumbles: 0.03 },
          'motor.start-open': { sound: 0.5, burnt: 0.45, wet: 0.02, rumbles: 0.03 },
          'motor.centrifugal-closed': { sound: 0.4, burnt: 0.55, wet: 0.02, rumbles: 0.03 },
        },
      }),
      ...(dual
        ? [
            seen({
              id: 'links',
              point: 'motor',
              title: 'Look at the voltage links',
              words: ['links', 'tap'],
              minutes: 4,
              need: 'proven-dead',
              steps: ['Cover off, dead: links or wires as drawn for the volts of this supply?'],
              outcomes: {
                right: { label: 'right for the supply', words: ['good'] },
                wrong: { label: 'for the other voltage' },
              },
              usual: { right: 0.997, wrong: 0.003 },
              chancesByFault: {
                'motor.wrong-tap': { right: 0.02, wrong: 0.98 },
              },
            }),
          ]
        : []),
    ],
  }
}

/** Healthy figures of any single-phase motor. */
export const motorFigures = (lockedOhms: number, load = 0.9): Change => ({
  'motor.locked': lockedOhms,
  'motor.turns': 1,
  'motor.shorted': 0,
  'motor.mainJoint': 0,
  'motor.startJoint': 0,
  'motor.earth': 50e6,
  'motor.seized': 0,
  'motor.load': load,
  'motor.startLoad': 0,
})
