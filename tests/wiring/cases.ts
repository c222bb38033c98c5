/**
 * Wirings to hold the proof against, written from the trade's side: how parts are landed wrong in the field, and how
 * they may lawfully differ. Handbook §11; common practice, no source.
 */
import type { Landing, WiredCircuit, WiringFault, WiringNote } from '#core/wiring'

export interface WiringCase {
  readonly name: string
  readonly circuit: WiredCircuit
  readonly landed: string
  readonly found?: string
  /** what must be among the faults; nothing where there must be none */
  readonly fault?: WiringFault
  readonly note?: WiringNote
}

/** `1 black supply; g green motor`: as in lines. */
export const landingsOf = (text: string): readonly Landing[] =>
  text.split(';').map((t) => {
    const [terminal = '', colour = '', to = ''] = t.trim().split(/\s+/)
    return { terminal, colour, to }
  })

const motor = { hertz: 60, runningAmps: 8, lockedAmps: 38 }
const well: WiredCircuit = { part: 'two-pole-switch', supply: 'split', volts: 240, ...motor }
const lawful: WiredCircuit = { ...well, onePoleLawful: true }
const outlet: WiredCircuit = { part: 'two-pole-switch', supply: 'line-neutral', volts: 120, ...motor, lockedAmps: 60 }
const single: WiredCircuit = { ...outlet, part: 'one-pole-switch' }
const box: WiredCircuit = { part: 'control-box', supply: 'split', volts: 240, ...motor, startFarads: 70e-6 }
const three: WiredCircuit = { part: 'starter', supply: 'three-phase', volts: 460, coilVolts: 460, ...motor }
const transformer: WiredCircuit = { ...three, coilVolts: 120 }
const float: WiredCircuit = { ...well, part: 'float-switch', callsWhen: 'down', onePoleLawful: true }
const drain: WiredCircuit = { ...float, callsWhen: 'up' }
const guard: WiredCircuit = { ...well, part: 'protector' }
const low: WiredCircuit = { part: 'voltage-links', supply: 'line-neutral', volts: 115, ...motor }
const high: WiredCircuit = { ...low, supply: 'split', volts: 230 }
const battery: WiredCircuit = {
  part: 'one-pole-switch', supply: 'direct', volts: 12.6, hertz: 0, runningAmps: 6, lockedAmps: 30,
}
const plug: WiredCircuit = { ...battery, part: 'plug' }

const GROUNDS = 'g green supply; g green motor'
const SWITCH = `1 black supply; 2 black motor; 3 white supply; 4 white motor; ${GROUNDS}`
const BOX = `l1 black supply; l2 white supply; y yellow motor; b black motor; r red motor; ${GROUNDS}`
const MAINS = 'l1 black supply; l2 red supply; l3 blue supply; t1 black motor; t2 red motor; t3 blue motor'
/** by the pilot's two wires from line 1 to the coil, and through the overload's contact to line 2 */
const CONTROL = 'l1 black pilot; a1 red pilot; a2 white 95; 96 yellow l2'
const STARTER = `${MAINS}; ${CONTROL}; ${GROUNDS}`

export const WRONG: readonly WiringCase[] = [
  { name: 'two phases changed at a contact kit, the control not on record', circuit: three, fault: 'rotation-reversed',
    found: `${MAINS}; ${GROUNDS}`, landed: `${MAINS.replace('2 red motor', '2 blue motor').replace('3 blue motor',
      '3 red motor')}; ${GROUNDS}` },
  { name: 'a coil wire left off when it was changed', circuit: three, fault: 'not-landed',
    found: 'a1 red pilot; a2 white 95', landed: 'a1 red pilot' },
  // a pressure switch at 240 V
  { name: 'both feeds on one pole', circuit: well, fault: 'leg-to-leg',
    landed: `1 black supply; 2 white supply; 3 white motor; 4 black motor; ${GROUNDS}` },
  { name: 'both feeds on the other pole', circuit: well, fault: 'leg-to-leg',
    landed: `1 black motor; 2 white motor; 3 white supply; 4 black supply; ${GROUNDS}` },
  { name: 'both feeds under one screw', circuit: well, fault: 'leg-to-leg',
    landed: `1 black supply; 1 white supply; 2 black motor; 4 white motor; ${GROUNDS}` },
  { name: 'a feed and a motor lead changed across the poles', circuit: well, fault: 'leg-unswitched',
    landed: `1 black supply; 2 black motor; 3 white supply; 3 white motor; ${GROUNDS}` },
  { name: 'motor fed past the contacts', circuit: well, fault: 'always-fed',
    landed: `1 black supply; 1 black motor; 3 white supply; 3 white motor; ${GROUNDS}` },
  { name: 'motor on one pole only, both its leads', circuit: well, fault: 'motor-dead',
    landed: `1 black supply; 2 black motor; 2 white motor; 3 white supply; ${GROUNDS}` },
  { name: 'a motor lead on an empty pole', circuit: well, fault: 'not-landed', found: SWITCH,
    landed: `1 black supply; 2 black motor; 3 white supply; ${GROUNDS}` },
  { name: 'both motor leads on the pole that has no feed', circuit: well, fault: 'motor-dead',
    landed: `1 black supply; 3 black motor; 4 white motor; ${GROUNDS}` },
  { name: 'a feed under the ground screw', circuit: well, fault: 'leg-to-ground',
    landed: `1 black supply; 2 black motor; g white supply; 4 white motor; ${GROUNDS}` },
  { name: 'the motor’s lead under the ground screw', circuit: well, fault: 'leg-to-ground',
    landed: `1 black supply; 2 black motor; 2 white motor; g white supply; ${GROUNDS}` },
  { name: 'ground of the supply under a line screw', circuit: well, fault: 'leg-to-ground',
    landed: `1 black supply; 2 black motor; 3 white supply; 4 white motor; 1 green supply; g green motor` },
  { name: 'ground of the supply under a load screw', circuit: well, fault: 'leg-to-ground',
    landed: `1 black supply; 2 black motor; 3 white supply; 4 white motor; 4 green supply; g green motor` },
  { name: 'ground of the motor under a load screw', circuit: well, fault: 'frame-live',
    landed: '1 black supply; 2 black motor; 3 white supply; 4 white motor; g green supply; 2 green motor' },
  { name: 'ground of the motor under a line screw', circuit: well, fault: 'frame-live',
    landed: '1 black supply; 2 black motor; 3 white supply; 4 white motor; g green supply; 3 green motor' },
  { name: 'ground of the motor left off', circuit: well, fault: 'ground-missing',
    landed: '1 black supply; 2 black motor; 3 white supply; 4 white motor; g green supply' },
  { name: 'ground of the supply left off', circuit: well, fault: 'ground-missing',
    landed: '1 black supply; 2 black motor; 3 white supply; 4 white motor; g green motor' },
  { name: 'no ground at all', circuit: well, fault: 'ground-missing',
    landed: '1 black supply; 2 black motor; 3 white supply; 4 white motor' },
  { name: 'supply and load changed on one pole of two', circuit: well, fault: 'leg-to-leg',
    landed: `1 black supply; 2 white supply; 3 black motor; 4 white motor; ${GROUNDS}` },
  // at 120 V
  { name: 'the neutral switched and the hot not', circuit: single, fault: 'hot-unswitched',
    landed: `1 white supply; 2 white motor; nut black supply; nut black motor; ${GROUNDS}` },
  { name: 'hot past the contact, neutral through it', circuit: outlet, fault: 'hot-unswitched',
    landed: `1 white supply; 2 white motor; 3 black supply; 3 black motor; ${GROUNDS}` },
  { name: 'hot and neutral on one pole', circuit: outlet, fault: 'leg-to-leg',
    landed: `1 black supply; 2 white supply; 3 black motor; 4 white motor; ${GROUNDS}` },
  { name: 'hot and neutral in one wire nut', circuit: single, fault: 'leg-to-leg',
    landed: `nut black supply; nut white supply; 1 white motor; 2 black motor; ${GROUNDS}` },
  // a control box
  { name: 'red and black of the motor changed', circuit: box, fault: 'start-winding-on-main',
    landed: 'l1 black supply; l2 white supply; y yellow motor; b red motor; r black motor; '
      + 'g green supply; g green motor' },
  { name: 'yellow and red of the motor changed', circuit: box, fault: 'start-winding-on-main',
    landed: 'l1 black supply; l2 white supply; y red motor; b black motor; r yellow motor; '
      + 'g green supply; g green motor' },
  { name: 'yellow and black changed', circuit: box, fault: 'start-winding-dead',
    landed: 'l1 black supply; l2 white supply; y black motor; b yellow motor; r red motor; '
      + 'g green supply; g green motor' },
  { name: 'red left off', circuit: box, fault: 'start-winding-dead',
    landed: 'l1 black supply; l2 white supply; y yellow motor; b black motor; g green supply; g green motor' },
  { name: 'both feeds on line 1', circuit: box, fault: 'leg-to-leg',
    landed: 'l1 black supply; l1 white supply; y yellow motor; b black motor; r red motor; '
      + 'g green supply; g green motor' },
  { name: 'a feed on yellow', circuit: box, fault: 'leg-to-leg',
    landed: 'l2 black supply; y white supply; y yellow motor; b black motor; r red motor; '
      + 'g green supply; g green motor' },
  { name: 'ground of the well left off', circuit: box, fault: 'ground-missing',
    landed: 'l1 black supply; l2 white supply; y yellow motor; b black motor; r red motor; g green supply' },
  // a starter
  { name: 'coil of 460 V on 120 V control', circuit: { ...three, coilVolts: 230 }, fault: 'coil-wrong-volts',
    landed: STARTER },
  { name: 'coil of 120 V across two legs', circuit: transformer, fault: 'coil-wrong-volts', landed: STARTER },
  { name: 'coil between a leg and neutral', circuit: three, fault: 'coil-wrong-volts',
    landed: `${MAINS}; l1 black pilot; a1 red pilot; a2 white 95; 96 gray neutral; ${GROUNDS}` },
  { name: 'overload contact left out', circuit: three, fault: 'overload-bridged',
    landed: `${MAINS}; l1 black pilot; a1 red pilot; a2 white l2; ${GROUNDS}` },
  { name: 'overload contact bridged', circuit: three, fault: 'overload-bridged',
    landed: `${STARTER}; 95 orange 96` },
  { name: 'pilot fed from the load side', circuit: three, fault: 'fed-from-load',
    landed: `${MAINS}; t1 black pilot; a1 red pilot; a2 white 95; 96 yellow l2; ${GROUNDS}` },
  { name: 'pilot left out: coil across two legs', circuit: three, fault: 'pilot-bypassed',
    landed: `${MAINS}; a1 red l1; a2 white 95; 96 yellow l2; ${GROUNDS}` },
  { name: 'both ends of the coil on one leg', circuit: three, fault: 'coil-dead',
    landed: `${MAINS}; l1 black pilot; a1 red pilot; a2 white 95; 96 yellow l1; ${GROUNDS}` },
  { name: 'holding contact with one wire', circuit: three, fault: 'no-hold-in',
    landed: `${STARTER}; 13 orange l1` },
  { name: 'holding contact past the pilot', circuit: three, fault: 'pilot-bypassed',
    landed: `${STARTER}; 13 orange l1; 14 brown a1` },
  { name: 'a feed and a motor lead changed', circuit: three, fault: 'always-fed',
    landed: `l1 black supply; l1 black motor; l2 red supply; l2 red motor; l3 blue supply; `
      + `l3 blue motor; ${CONTROL}; ${GROUNDS}` },
  { name: 'two legs under one screw', circuit: three, fault: 'leg-to-leg',
    landed: `l1 black supply; l1 red supply; l3 blue supply; t1 black motor; t2 red motor; `
      + `t3 blue motor; ${CONTROL}; ${GROUNDS}` },
  { name: 'two motor leads under one screw', circuit: three, fault: 'phase-missing',
    landed: `l1 black supply; l2 red supply; l3 blue supply; t1 black motor; t1 red motor; `
      + `t3 blue motor; ${CONTROL}; ${GROUNDS}` },
  { name: 'two motor leads changed against how they were', circuit: three, fault: 'rotation-reversed', found: STARTER,
    landed: `l1 black supply; l2 red supply; l3 blue supply; t1 red motor; t2 black motor; `
      + `t3 blue motor; ${CONTROL}; ${GROUNDS}` },
  { name: 'two legs changed against how they were', circuit: three, fault: 'rotation-reversed', found: STARTER,
    landed: `l2 black supply; l1 red supply; l3 blue supply; t1 black motor; t2 red motor; `
      + `t3 blue motor; ${CONTROL}; ${GROUNDS}` },
  // floats, protectors, links, 12 V
  { name: 'a filling float on its upper contact', circuit: float, fault: 'float-reversed',
    landed: `c black supply; up black motor; nut white supply; nut white motor; ${GROUNDS}` },
  { name: 'a draining float on its lower contact', circuit: drain, fault: 'float-reversed',
    landed: `c black supply; down black motor; nut white supply; nut white motor; ${GROUNDS}` },
  { name: 'a protector fed from its load side', circuit: guard, fault: 'fed-backwards',
    landed: `t1 black supply; t2 white supply; l1 black motor; l2 white motor; ${GROUNDS}` },
  { name: 'a protector with one feed on each side', circuit: guard, fault: 'leg-to-leg',
    landed: `l1 black supply; t1 white supply; l2 black motor; t2 white motor; ${GROUNDS}` },
  { name: 'strapped for low volts on 230', circuit: high, fault: 'motor-high',
    landed: 'l1 black supply; l2 white supply; l1 brown t1; l1 orange t3; l2 blue t2; l2 yellow t4' },
  { name: 'strapped for high volts on 115', circuit: low, fault: 'motor-low',
    landed: 'l1 black supply; l2 white supply; l1 brown t1; j blue t2; j orange t3; l2 yellow t4' },
  { name: 'one half the wrong way round', circuit: low, fault: 'halves-oppose',
    landed: 'l1 black supply; l2 white supply; l1 brown t1; l2 blue t2; l2 orange t3; l1 yellow t4' },
  { name: 'one half left off', circuit: low, fault: 'motor-dead',
    landed: 'l1 black supply; l2 white supply; l1 brown t1; l2 blue t2; l1 orange t3' },
  { name: '12 V with plus and minus changed at the plug', circuit: plug, fault: 'polarity-reversed',
    landed: 'plus black supply; minus red supply; plus red motor; minus black motor' },
  { name: '12 V motor past its switch', circuit: battery, fault: 'always-fed',
    landed: '1 red supply; 1 red motor; nut black supply; nut black motor' },
  { name: '12 V motor with both leads on plus', circuit: battery, fault: 'motor-dead',
    landed: '1 red supply; 2 red motor; 2 black motor; nut black supply' },
  { name: '12 V plus and minus joined by the switch', circuit: battery, fault: 'leg-to-leg',
    landed: '1 red supply; 2 black supply; nut red motor; nut black motor' },
]

/** How they may lawfully differ: none of these is an alarm. */
export const LAWFUL: readonly WiringCase[] = [
  { name: 'a coil changed, its two wires on record alone', circuit: three, landed: 'a1 red pilot; a2 white 95',
    found: 'a1 red pilot; a2 white 95', note: 'record-incomplete' },
  { name: 'a contact kit, the control not on record', circuit: three, landed: `${MAINS}; ${GROUNDS}`,
    found: `${MAINS}; ${GROUNDS}`, note: 'record-incomplete' },
  { name: 'line on the left pair', circuit: well, landed: SWITCH },
  { name: 'line on the right of each pole', circuit: well,
    landed: `2 black supply; 1 black motor; 4 white supply; 3 white motor; ${GROUNDS}` },
  { name: 'line on the inner terminals', circuit: well,
    landed: `2 black supply; 1 black motor; 3 white supply; 4 white motor; ${GROUNDS}` },
  { name: 'line on the outer terminals', circuit: well,
    landed: `1 black supply; 2 black motor; 4 white supply; 3 white motor; ${GROUNDS}` },
  { name: 'colours changed over on the load', circuit: well,
    landed: `1 black supply; 2 white motor; 3 white supply; 4 black motor; ${GROUNDS}` },
  { name: 'either leg on either pole', circuit: well,
    landed: `1 white supply; 2 black motor; 3 black supply; 4 white motor; ${GROUNDS}`, note: 'either-leg' },
  { name: 'red and black', circuit: well,
    landed: `1 black supply; 2 black motor; 3 red supply; 4 red motor; ${GROUNDS}` },
  { name: 'blue and brown', circuit: well,
    landed: `1 brown supply; 2 brown motor; 3 blue supply; 4 blue motor; ${GROUNDS}` },
  { name: 'a bare ground and a green one', circuit: well,
    landed: '1 black supply; 2 black motor; 3 white supply; 4 white motor; g bare supply; g green motor' },
  { name: 'a white that is a leg', circuit: well, landed: SWITCH, note: 'white-is-a-leg' },
  { name: 'one pole where that is lawful', circuit: lawful, note: 'motor-stays-live',
    landed: `1 black supply; 2 black motor; 3 white supply; 3 white motor; ${GROUNDS}` },
  { name: 'as it was found', circuit: well, landed: SWITCH, found: SWITCH },
  { name: 'moved from one side to the other, all of it', circuit: well, found: SWITCH,
    landed: `2 black supply; 1 black motor; 4 white supply; 3 white motor; ${GROUNDS}` },
  { name: 'at 208 V', circuit: { ...well, volts: 208 }, landed: SWITCH },
  { name: 'a small motor', circuit: { ...well, runningAmps: 4, lockedAmps: 15 }, landed: SWITCH },
  { name: 'a large motor', circuit: { ...well, runningAmps: 28, lockedAmps: 140 }, landed: SWITCH },
  { name: '120 V, both switched', circuit: outlet,
    landed: `1 black supply; 2 black motor; 3 white supply; 4 white motor; ${GROUNDS}` },
  { name: '120 V, the hot switched', circuit: outlet,
    landed: `1 black supply; 2 black motor; 3 white supply; 3 white motor; ${GROUNDS}` },
  { name: '120 V, one pole and a wire nut', circuit: single,
    landed: `1 black supply; 2 black motor; nut white supply; nut white motor; ${GROUNDS}` },
  { name: '120 V, one pole and nothing said of the rest', circuit: single,
    landed: `1 black supply; 2 black motor; ${GROUNDS}` },
  { name: '120 V, a white feed in a switch loop', circuit: single,
    landed: `1 white supply; 2 black motor; ${GROUNDS}` },
  { name: 'a box as its lid says', circuit: box, landed: BOX },
  { name: 'a box with its feeds changed', circuit: box,
    landed: 'l1 white supply; l2 black supply; y yellow motor; b black motor; r red motor; '
      + 'g green supply; g green motor' },
  { name: 'a box fed red and black', circuit: box,
    landed: 'l1 black supply; l2 red supply; y yellow motor; b black motor; r red motor; '
      + 'g bare supply; g bare motor' },
  { name: 'a box of a larger motor', circuit: { ...box, lockedAmps: 90, startFarads: 200e-6 }, landed: BOX },
  { name: 'a starter with its control across two legs', circuit: three, landed: STARTER },
  { name: 'a starter with its pilot on the other leg', circuit: three,
    landed: `${MAINS}; l3 black pilot; a1 red pilot; a2 white 95; 96 yellow l1; ${GROUNDS}` },
  { name: 'a starter with the overload’s contact ahead', circuit: three,
    landed: `${MAINS}; 95 orange l1; 96 black pilot; a1 red pilot; a2 yellow l2; ${GROUNDS}` },
  { name: 'a starter with its coil on a neutral', circuit: { ...three, volts: 208, coilVolts: 120 },
    landed: `${MAINS}; l1 black pilot; a1 red pilot; a2 white 95; 96 gray neutral; ${GROUNDS}` },
  { name: 'a starter at 230 V', circuit: { ...three, volts: 230, coilVolts: 230 }, landed: STARTER },
  { name: 'a starter at 400 V', circuit: { ...three, volts: 400, coilVolts: 400, hertz: 50 }, landed: STARTER },
  { name: 'a starter’s coil the other way round', circuit: three,
    landed: `${MAINS}; l1 black pilot; a2 red pilot; a1 white 95; 96 yellow l2; ${GROUNDS}` },
  { name: 'legs in another order, nothing found before', circuit: three,
    landed: `l1 blue supply; l2 black supply; l3 red supply; t1 black motor; t2 red motor; t3 blue motor; `
      + `${CONTROL}; ${GROUNDS}` },
  { name: 'all three leads moved round by one', circuit: three, found: STARTER,
    landed: `l1 black supply; l2 red supply; l3 blue supply; t1 red motor; t2 blue motor; t3 black motor; `
      + `${CONTROL}; ${GROUNDS}` },
  { name: 'a filling float on its lower contact', circuit: float,
    landed: `c black supply; down black motor; nut white supply; nut white motor; ${GROUNDS}` },
  { name: 'a filling float fed at its contact', circuit: float,
    landed: `down black supply; c black motor; nut white supply; nut white motor; ${GROUNDS}` },
  { name: 'a draining float on its upper contact', circuit: drain,
    landed: `c black supply; up black motor; nut white supply; nut white motor; ${GROUNDS}` },
  { name: 'a protector as marked', circuit: guard,
    landed: `l1 black supply; l2 white supply; t1 black motor; t2 white motor; ${GROUNDS}` },
  { name: 'a protector with its legs changed', circuit: guard,
    landed: `l1 white supply; l2 black supply; t1 white motor; t2 black motor; ${GROUNDS}` },
  { name: 'strapped for 115 on 115', circuit: low,
    landed: 'l1 black supply; l2 white supply; l1 brown t1; l1 orange t3; l2 blue t2; l2 yellow t4' },
  { name: 'strapped for 230 on 230', circuit: high,
    landed: 'l1 black supply; l2 white supply; l1 brown t1; j blue t2; j orange t3; l2 yellow t4' },
  { name: 'a plug, red on plus', circuit: plug,
    landed: 'plus red supply; minus black supply; plus red motor; minus black motor' },
  { name: 'a demand switch in the plus lead', circuit: battery,
    landed: '1 red supply; 2 red motor; nut black supply; nut black motor' },
  { name: 'a demand switch, nothing said of the rest', circuit: battery, landed: '1 red supply; 2 red motor' },
]
