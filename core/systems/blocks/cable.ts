/** The run behind the switch, the drop cable and its splice. */
import { FOOT } from '#core/units'
import { OPEN } from '../power/pieces'
import { CAUSES } from './causes'
import { DEAD_CAUTIONS, LIFT, LIVE_CAUTIONS, always, amps, degrees, fault, fit, leadOhms, point, renew, seen, thing, tripTrial, volts, voltsAt, type Block } from './rows'

const remakeSplice = renew('Remake the splice or replace the cable', 120, 'splice kit', 'cable')

const cableThing = thing('cable', 'Cable', 'cable', 'power', 'well-head', [
  { id: 'length', label: 'Length', quantity: 'length', range: [5 * FOOT, 3000 * FOOT] },
  { id: 'gauge', label: 'Wire size (AWG)', quantity: 'gauge', range: [2, 16] },
])

/** Conductors from the switch (or starter) to the box, the well head or the motor. */
export const run = (to: string, label: string, toEarth: number, repairMinutes: number): Block => ({
  components: [thing('run', `Run to the ${to}`, 'conductor', 'power', 'switch')],
  faults: [
    fault('run', 'open', `Wire from switch to ${to} open`, 0.012, degrees(['leg 1', 0.5, { 'run.1': OPEN }], ['leg 2', 0.5, { 'run.2': OPEN }]), { repair: renew(label, repairMinutes, 'wire', 'run'), causes: [CAUSES.loose, CAUSES.chafe], settledBy: `volts at the ${to} against the switch load` }),
    fault('run', 'high-resistance', 'High-resistance joint after the switch', 0.012, degrees(['1 Ω', 0.5, { 'run.1': 1 }], ['6 Ω', 0.5, { 'run.2': 6 }]), { repair: fit('Remake the joint', 30, 'terminals'), causes: [CAUSES.loose], settledBy: `volts at the ${to} while the motor draws` }),
    fault('run', 'to-earth', `Wire from switch to ${to} to earth`, toEarth, always({ 'run.earth': 0.2 }), { repair: renew(label, repairMinutes, 'wire', 'run'), causes: [CAUSES.chafe], settledBy: to === 'box' ? 'breaker holds with the load wires off' : `breaker trips with the ${to} open` }),
  ],
})

const toEarth = degrees(['dead short', 0.5, { 'cable.earth': 0.5 }], ['about 3 kΩ', 0.3, { 'cable.earth': 3e3 }], ['about 120 kΩ', 0.2, { 'cable.earth': 120e3 }])

export function twoWireCable(): Block {
  const off = 'Leads off at the well head, apart.'
  return {
    components: [cableThing],
    points: [
      point('black', 'either lead', 'run', ['cable', 'in'], 'blk', 'lead', 'start', 'run', 'amps', 'yellow'),
      point('head', 'well head', 'cable', ['cable', 'on'], 'well', 'splice'),
      point('leads', 'leads at the well head', 'motor', ['motor', 'in'], 'b-y', 'y-b', 'b-g', 'y-g', 'l-l', 'main', 'ins', 'megs'),
    ],
    faults: [
      fault('cable', 'open', 'Drop cable open', 0.02, degrees(['black', 0.5, { 'cable.black': OPEN }], ['yellow', 0.5, { 'cable.yellow': OPEN }]), { repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'ohms lead to lead at the well head', wears: ['age'] }),
      fault('cable', 'high-resistance', 'Bad splice in the well', 0.012, degrees(['2 Ω', 0.5, h => ({ 'cable.black': h['cable.black']! + 2 })], ['8 Ω', 0.5, h => ({ 'cable.yellow': h['cable.yellow']! + 8 })]), { repair: remakeSplice, causes: [CAUSES.damp, CAUSES.loose], settledBy: 'ohms lead to lead against the chart' }),
      fault('cable', 'to-earth', 'Cable to ground', 0.025, toEarth, { repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'megohms again with the splice open', wears: ['age'] }),
      fault('cable', 'leg-to-leg', 'Cable shorted lead to lead', 0.01, always({ 'cable.across': 0.4 }), { repair: remakeSplice, causes: [CAUSES.chafe], settledBy: 'ohms lead to lead near nothing' }),
    ],
    tests: [
      ...voltsAt('head', 'at the well head', ['x1', 'x2']),
      amps('black.start', 'black', 'Clamp one lead at the start', ['start', 'starting', 'inrush'], 'black lead', 'starting', 'Clamp one lead at the switch, inrush hold, and let it call.', { risk: 1, proves: true }),
      amps('black.run', 'black', 'Clamp one lead three seconds in', ['run', 'running', 'held', 'holds', 'stays'], 'black lead', 'running', 'Clamp one lead; read it three seconds after it calls.', { band: 'running-amps', proves: true }),
      leadOhms('leads.by', 'leads', 'Ohms lead to lead', ['b-y', 'y-b', 'main', 'lead to lead', 'l-l'], 'x1', 'x2', 8, `${off} Lead to lead.`, { variant: 'by' }),
      leadOhms('leads.ground', 'leads', 'Megohms, either lead to ground', ['b-g', 'y-g', 'g', 'ground', 'earth', 'ins', 'megs'], 'x1', '0', 8, `${off} Each lead to ground; note the lower.`, { variant: 'ground', proves: true }),
      tripTrial('trip-head-open', 'head', 'Leads off at the well head: does it still trip?', ['trips head open', 'head open'], ['Dead: leads off at the well head, apart and safe.', 'Stand clear and reset the breaker once.'], ['start.', 'cable.', 'motor.'], ['cable.black', 'cable.yellow']),
      openSplice('head'),
      groundAgain('leads'),
    ],
  }
}

export function threeWireCable(): Block {
  const off = 'Box lid off its base, leads free: black, red, yellow.'
  return {
    components: [cableThing],
    points: [point('leads', 'leads at the box', 'box', ['motor', 'in'], 'b-y', 'y-b', 'r-y', 'y-r', 'r-b', 'b-r', 'b-g', 'r-g', 'y-g', 'main', 'ins', 'megs'), point('head', 'well head', 'cable', ['cable', 'on'], 'well', 'splice')],
    faults: [
      fault('cable', 'black-open', 'Black lead open below', 0.01, always({ 'cable.black': OPEN }), { repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'ohms black–yellow with the box off', wears: ['age'] }),
      fault('cable', 'yellow-open', 'Yellow lead open below', 0.01, always({ 'cable.yellow': OPEN }), { repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'ohms black–yellow and red–yellow with the box off', wears: ['age'] }),
      fault('cable', 'red-open', 'Red lead open below', 0.006, always({ 'cable.red': OPEN }), { repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'ohms red–yellow with the box off', wears: ['age'] }),
      fault('cable', 'high-resistance', 'Bad splice in the well', 0.01, degrees(['black, 4 Ω', 0.5, h => ({ 'cable.black': h['cable.black']! + 4 })], ['red, 25 Ω', 0.5, h => ({ 'cable.red': h['cable.red']! + 25 })]), { repair: remakeSplice, causes: [CAUSES.damp, CAUSES.loose], settledBy: 'ohms lead to lead against the chart' }),
      fault('cable', 'to-earth', 'Cable to ground', 0.02, toEarth, { repair: remakeSplice, causes: [CAUSES.chafe, CAUSES.surge], settledBy: 'megohms again with the splice open', wears: ['age'] }),
      fault('cable', 'leg-to-leg', 'Cable shorted lead to lead', 0.008, always({ 'cable.across': 0.4 }), { repair: remakeSplice, causes: [CAUSES.chafe], settledBy: 'ohms black–yellow near nothing' }),
      fault('cable', 'mixed', 'Leads mixed up at the box', 0.006, degrees(['red and black changed', 1, { 'cable.swap': 1 }]), { repair: fit('Find the leads and land them right', 20), causes: [], settledBy: 'the three resistances against the sum rule', effect: 'groans' }),
    ],
    tests: [
      leadOhms('leads.by', 'leads', 'Ohms black–yellow (main winding)', ['b-y', 'y-b', 'black-yellow', 'main'], 'black', 'yellow', 6, `${off} Black to yellow.`, { variant: 'by', need: 'discharged' }),
      leadOhms('leads.ry', 'leads', 'Ohms red–yellow (start winding)', ['r-y', 'y-r', 'red-yellow', 'start'], 'red', 'yellow', 6, `${off} Red to yellow.`, { variant: 'ry', need: 'discharged' }),
      leadOhms('leads.rb', 'leads', 'Ohms red–black (both windings)', ['r-b', 'b-r', 'red-black', 'both'], 'red', 'black', 7, `${off} Red to black.`, { variant: 'rb', need: 'discharged' }),
      leadOhms('leads.ground', 'leads', 'Megohms, any lead to ground', ['b-g', 'r-g', 'y-g', 'g', 'ground', 'earth', 'ins', 'megs'], 'black', '0', 7, `${off} Each lead to ground in turn; note the lowest.`, { variant: 'ground', proves: true, need: 'discharged' }),
      openSplice('head'),
      groundAgain('leads'),
    ],
  }
}

/** One splice opened, alive: leg voltage on the pump side comes back through the motor only if cable and winding are whole. */
const openSplice = (at: string) => volts('splice.pump', at, 'Volts to ground on the pump side of the opened black splice', ['splice', 'pump side', 'below'], 'black.m', '0', {
  scenario: 'splice', condition: 'splice', minutes: 14, variant: 'splice', band: 'model', risk: 2, cautions: [...LIVE_CAUTIONS, 'Dead to open it, ends apart and capped; then alive, hands clear, probes only.'],
  steps: ['Dead: black opened at the well head, both ends capped and apart.', 'Alive, calling: pump side to ground. Leg voltage: whole below. Tens of volts or nothing: open below.'],
})

/** Earth found from the top is cable or motor: opening the splice parts them, where the splice can be reached. */
export const groundAgain = (at: string) => seen({
  id: 'ground-again', point: at, title: 'Megohms again with the splice open', words: ['splice open', 'ground again'], minutes: 150, need: 'proven-dead', cautions: [...DEAD_CAUTIONS, LIFT], steps: ['Pump lifted to the splice; splice cut; cable alone to ground, then motor alone.'],
  outcomes: [{ id: 'both-good', label: 'both good', words: ['both-good', 'good'] }, { id: 'cable', label: 'cable is down', words: ['cable', 'cable bad'] }, { id: 'motor', label: 'motor is down', words: ['motor', 'motor bad'] }], usual: [0.96, 0.02, 0.02],
  given: { 'cable.to-earth': [0.02, 0.96, 0.02], 'motor.ground': [0.02, 0.02, 0.96] },
})

/** Healthy figures of the leads. */
export const cableFigures = (ohms: number): Record<string, number> => ({ 'cable.black': ohms, 'cable.yellow': ohms, 'cable.red': ohms, 'cable.earth': 2e9, 'cable.across': 5e9, 'cable.swap': 0 })
