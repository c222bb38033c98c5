/** What a record of wires would do at power-on, in words. */
import type { Difference, Move, WiringFault, WiringFinding, WiringNote } from '#core/wiring'
import type { Facts } from '#core/foundation'

const FAULTS: Readonly<Record<WiringFault, (f: Facts) => string>> = {
  'leg-to-leg': f =>
    `Leg meets leg ${f.when === 'open' ? 'as soon as power is on' : 'when the contacts close'}: some ${f.amps} A till `
    + 'the breaker opens.',
  'leg-to-ground': f =>
    `A leg meets ground ${f.when === 'open' ? 'as soon as power is on' : 'when the contacts close'}: some ${f.amps} A.`,
  'always-fed': f => `The motor is fed past the contacts: ${f.volts} V with them open. It cannot be switched off.`,
  'leg-unswitched': f =>
    `One leg is not switched: the motor stays live (${f.volts} V to ground) with the contacts open.`,
  'hot-unswitched': () => 'The neutral is switched and the hot is not: the motor stays live with the contacts open.',
  'motor-dead': () => 'The motor gets nothing when the contacts close.',
  'motor-low': f => `The motor gets only ${f.volts} V when the contacts close.`,
  'motor-high': f =>
    `A winding gets ${f.volts} V${f.wanted ? `, made for ${f.wanted} V` : ''}: several times the amps.`,
  'phase-missing': f => `A phase is missing at the motor: ${f.volts} V on the lowest pair.`,
  'ground-missing': () => 'The motor’s frame has no way to ground: a fault would make it live and trip nothing.',
  'case-unbonded': () => 'No ground is on the ground screw: the case is not bonded.',
  'frame-live': f => `The motor’s frame would be live: ${f.volts} V to ground.`,
  'start-winding-on-main': f => `The start winding stands where the main belongs: it would draw about ${f.amps} A.`,
  'start-winding-dead': () => 'The start winding gets nothing: the motor hums and does not start.',
  'coil-wrong-volts': f => `The coil gets ${f.volts} V; it is made for ${f.wanted} V.`,
  'coil-dead': () => 'The coil gets nothing when the pilot calls.',
  'fed-from-load': () =>
    'The control is fed from the load side: dead until the starter is in, so that it never pulls in.',
  'no-hold-in': () => 'The holding contact has one wire: it cannot hold the coil.',
  'pilot-bypassed': () => 'The coil stays in whatever the pilot does.',
  'overload-bridged': () => 'The overload’s contact is not in the coil’s circuit: it would trip and stop nothing.',
  'float-reversed': f =>
    f.calls === 'down'
      ? 'The float works in the wrong sense: it calls when the tank is full and stops when it is empty.'
      : 'The float works in the wrong sense: it calls when the pit is empty and stops when it is full.',
  'polarity-reversed': () => 'Plus and minus are changed at the motor: it turns backwards.',
  'rotation-reversed': () =>
    'Two phases lie otherwise than they were found: it turns backwards. A pump delivers little, a screw or scroll '
    + 'compressor is damaged.',
  'fed-backwards': () => 'Supply and motor are changed at the protector: it is fed from its load side.',
  'halves-oppose': () => 'One half of the winding is the wrong way round: the two work against each other.',
  'not-landed': f => `The ${f.colour} that goes to ${f.to} was there and is landed nowhere.`,
}

const NOTES: Readonly<Record<WiringNote, (f: Facts) => string>> = {
  'either-leg': () => 'Either leg on either pole is all right.',
  'motor-stays-live': () =>
    'One pole is switched, which is lawful here (430.84): the motor stays live, so only the breaker makes it dead.',
  'two-under-one-screw': f => `Two conductors are under screw ${f.terminal}: only where the screw is made for two.`,
  'white-is-a-leg': () => 'The white is a leg here, not a neutral: mark it.',
  'ground-not-recorded': () => 'No ground is on record: look for it, and say where it lies.',
  'record-incomplete': f => `Only ${f.landed} conductors are on record: what is not recorded is not proved.`,
}

export const sayWiringFault = ({ code, facts }: WiringFinding): string => FAULTS[code](facts)
export const sayWiringNote = ({ code, facts }: WiringFinding<WiringNote>): string => NOTES[code](facts)
export const sayDifference = (d: Difference): string =>
  `The ${d.colour} that goes to ${d.to} was on ${d.found} and is on ${d.left}.`
export const sayMove = (m: Move): string => `Move the ${m.colour} of the ${m.to} from ${m.from} to ${m.terminal}.`
