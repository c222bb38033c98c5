/** A single-phase motor: windings, bearings, load. Down the well it comes up with the pump; in the open it is changed where it stands. */
import { HORSEPOWER } from '#core/units'
import { OPEN } from '../power/pieces'
import type { NameplateField, Repair } from '../types'
import { CAUSES } from './causes'
import { always, amps, degrees, fault, fit, leadOhms, outcome, point, renew, seen, thing, tripTrial, voltsAt, type Block } from './rows'

export const pullPump = renew('Pull the pump', 240, 'motor and pump', 'motor', 'pump')
export const newMotor = renew('Replace the motor', 90, 'motor', 'motor')

export const MOTOR_FIELDS: readonly NameplateField[] = [
  { id: 'power', label: 'Power', quantity: 'horsepower', range: [0.1 * HORSEPOWER, 30 * HORSEPOWER] },
  { id: 'volts', label: 'Volts', quantity: 'volts', range: [100, 600] },
  { id: 'amps', label: 'Full-load amps', quantity: 'amps', range: [0.5, 120] },
  { id: 'maxAmps', label: 'Max (service-factor) amps', quantity: 'amps', range: [0.5, 150] },
  { id: 'lockedAmps', label: 'Locked-rotor amps', quantity: 'amps', range: [3, 900] },
  { id: 'codeLetter', label: 'Code letter', quantity: 'code-letter', range: [0, 17] },
]
const WINDINGS: readonly NameplateField[] = [
  { id: 'mainOhms', label: 'Main winding', quantity: 'ohms', range: [0.05, 60] },
  { id: 'startOhms', label: 'Start winding', quantity: 'ohms', range: [0.1, 150] },
]

const seized = (repair: Repair, what: string) => [
  fault('motor', 'seized', `${what} seized`, 0.04, always({ 'motor.seized': 1 }), { repair, causes: [CAUSES.sand, CAUSES.dry, CAUSES.age], settledBy: 'locked amps on every lead with the start circuit proven good', wears: ['age', 'sand'] }),
  fault('motor', 'binding', `${what} binding`, 0.02, degrees(['a third over', 0.6, { 'motor.load': 1.3 }], ['two thirds over', 0.4, { 'motor.load': 1.65 }]), { effect: 'runs-weak', repair, causes: [CAUSES.sand, CAUSES.dry], settledBy: 'running amps over the nameplate maximum', wears: ['age', 'sand'] }),
]

const windingFaults = (repair: Repair) => [
  fault('motor', 'main-open', 'Main winding open', 0.015, always({ 'motor.mainJoint': OPEN }), { repair, causes: [CAUSES.retries, CAUSES.lowVolts, CAUSES.surge, CAUSES.age], settledBy: 'ohms across the main winding', wears: ['age'] }),
  fault('motor', 'turn-short', 'Main winding short between turns', 0.015, degrees(['a few turns', 0.5, { 'motor.shorted': 0.03 }], ['a tenth of the turns', 0.5, { 'motor.shorted': 0.12 }]), { repair, causes: [CAUSES.retries, CAUSES.surge, CAUSES.age], settledBy: 'amps high with the winding cold; ohms across it low', wears: ['age'] }),
  fault('motor', 'ground', 'Winding to ground', 0.03, degrees(['dead short', 0.5, { 'motor.earth': 0.6 }], ['about 2 kΩ', 0.3, { 'motor.earth': 2e3 }], ['about 80 kΩ', 0.2, { 'motor.earth': 80e3 }]), { repair, causes: [CAUSES.surge, CAUSES.age, CAUSES.retries], settledBy: 'megohms to ground with the leads off', wears: ['age'] }),
]

const startOpen = (repair: Repair, gear: string) => fault('motor', 'start-open', 'Start winding open', 0.01, always({ 'motor.startJoint': OPEN }), { repair, causes: [{ because: gear, why: 'a start winding left in burns out' }, CAUSES.retries, CAUSES.age], settledBy: 'ohms across the start winding', wears: ['age'] })

/** Down the well; the start winding can be tried from the top only with three wires. */
export const drownedMotor = ({ wires }: { wires: 2 | 3 }): Block => ({
  components: [thing('motor', 'Motor', 'motor', 'power', 'down-hole', [...MOTOR_FIELDS, ...WINDINGS])],
  faults: [...windingFaults(pullPump), ...seized(pullPump, 'Motor or pump'), ...(wires === 3 ? [startOpen(pullPump, 'box.relay-closed')] : [])],
})

/** In the open, capacitor-start, often dual voltage. */
export function surfaceMotor({ what, neutral, dual }: { what: string, neutral: boolean, dual: boolean }): Block {
  const off = 'Leads off at the motor terminals.'
  return {
    components: [thing('motor', 'Motor', 'motor', 'power', 'machine', [
      ...MOTOR_FIELDS, ...WINDINGS,
      { id: 'capLow', label: 'Start capacitor, low end', quantity: 'farads', range: [20e-6, 1000e-6] },
      { id: 'capHigh', label: 'Start capacitor, high end', quantity: 'farads', range: [20e-6, 1200e-6] },
      { id: 'runCapacitor', label: 'Run capacitor', quantity: 'choice', choices: ['no', 'yes'] },
      { id: 'runMicrofarads', label: 'Run capacitor value', quantity: 'farads', range: [2e-6, 120e-6] },
    ])],
    points: [
      point('motor', 'motor terminals', 'motor', ['motor', 'in'], 'motor in', 'terminals'),
      point('lead', 'one motor lead', 'run', ['motor', 'in', 0], 'amps', 'black', 'hot', 'start', 'run'),
      point('windings', 'motor leads, off', 'motor', ['motor', 'on', 'coil'], 'main', 'ins', 'megs', 'b-y'),
    ],
    faults: [
      ...windingFaults(newMotor), ...seized(newMotor, what), startOpen(newMotor, 'motor.centrifugal-closed'),
      ...(dual ? [fault('motor', 'wrong-tap', 'Motor tapped for the wrong voltage', 0.012, always({ 'motor.turns': neutral ? 1.9 : 0.5 }), { repair: fit('Set the voltage links', 20), causes: [], settledBy: 'the links inside the cover against the supply' })] : []),
    ],
    tests: [
      ...voltsAt('motor', 'at the motor terminals', ['x1', 'x2'], 'utilisation', neutral),
      amps('black.start', 'lead', 'Clamp one lead at the start', ['start', 'starting', 'inrush'], 'black lead', 'starting', 'Clamp one lead, inrush hold, and let it call.', { proves: true }),
      amps('black.run', 'lead', 'Clamp one lead three seconds in', ['run', 'running', 'held', 'holds', 'stays'], 'black lead', 'running', 'Clamp one lead; read it three seconds after it calls.', { band: 'running-amps', proves: true }),
      leadOhms('leads.by', 'windings', 'Ohms across the main winding', ['main', 'b-y', 'main winding'], 'black.m', 'yellow.m', 8, `${off} Across the main winding.`, { variant: 'by' }),
      leadOhms('leads.ry', 'windings', 'Ohms across the start winding', ['start', 'r-y', 'start winding'], 'red.m', 'yellow.m', 8, `${off} Across the start winding, its capacitor bled and off.`, { variant: 'ry', need: 'discharged' }),
      leadOhms('leads.ground', 'windings', 'Megohms, winding to frame', ['g', 'ground', 'earth', 'ins', 'megs', 'frame'], 'black.m', '0', 6, `${off} Winding to bare frame.`, { variant: 'ground', proves: true }),
      tripTrial('trip-motor-off', 'motor', 'Motor leads off: does it still trip?', ['trips motor off', 'motor off'], ['Dead: motor leads off, apart and safe.', 'Stand clear and reset the breaker once.'], ['start.', 'cable.', 'motor.'], ['cable.black', 'cable.yellow']),
      seen({
        id: 'motor-look', point: 'motor', title: 'Look and smell at the motor', words: ['motor', 'smells'], minutes: 0.7, steps: ['Heat, smell of varnish, oil, water inside, sound of the bearings.'],
        outcomes: [outcome('sound', 'looks sound', 'sound', 'good', 'ok'), outcome('burnt', 'smells burnt', 'burnt', 'varnish'), outcome('wet', 'wet or flooded', 'flooded'), outcome('rumbles', 'bearings rumble', 'noisy', 'screams')], usual: [0.84, 0.06, 0.03, 0.07],
        given: { 'motor.turn-short': [0.2, 0.76, 0.02, 0.02], 'motor.ground': [0.35, 0.4, 0.2, 0.05], 'motor.main-open': [0.35, 0.6, 0.03, 0.02], 'motor.binding': [0.25, 0.07, 0.03, 0.65], 'motor.wrong-tap': [0.55, 0.4, 0.02, 0.03], 'motor.start-open': [0.5, 0.45, 0.02, 0.03] },
      }),
      ...(dual ? [seen({ id: 'links', point: 'motor', title: 'Look at the voltage links', words: ['links', 'tap'], minutes: 4, need: 'proven-dead', steps: ['Cover off, dead: links or wires as drawn for the volts of this supply?'], outcomes: [outcome('right', 'right for the supply', 'good'), outcome('wrong', 'for the other voltage')], usual: [0.985, 0.015], given: { 'motor.wrong-tap': [0.02, 0.98] } })] : []),
    ],
  }
}

/** Healthy figures of any single-phase motor. */
export const motorFigures = (load = 0.9): Record<string, number> => ({ 'motor.turns': 1, 'motor.shorted': 0, 'motor.mainJoint': 0, 'motor.startJoint': 0, 'motor.earth': 50e6, 'motor.seized': 0, 'motor.load': load, 'motor.startLoad': 0 })
