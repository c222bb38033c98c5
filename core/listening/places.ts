/**
 * How points, leads, legs and conditions are said, by the id of the point or the variant of the test. Besides these
 * each point brings its own name and aliases.
 */
import type { Condition } from '#core/systems'

/** One side of a thing: each word for the side with each name of the thing. */
const sideOf = (sides: readonly string[], things: readonly string[]) =>
  things.flatMap(thing => sides.map(side => `${side} ${thing}`))
const AHEAD = [
  'into', 'incoming', 'line of', 'top of', 'feed of', 'ahead of', 'before', 'coming into', 'going into', 'input of',
  'top screws of', 'line screws of', 'incoming screws of', 'upstream of',
]
const BEHIND = [
  'out of', 'outgoing', 'load of', 'bottom of', 'leaving', 'after', 'behind', 'past', 'coming out of', 'going out of',
  'output of', 'bottom screws of', 'load screws of', 'outgoing screws of', 'downstream of',
]
const SWITCHES = ['switch', 'pressure switch', 'float', 'float switch']

/** By point, without the prefix of its stage. */
export const PLACES: Readonly<Record<string, readonly string[]>> = {
  'supply': [
    'into the breaker', 'breaker in', 'mains', 'incoming', 'supply', 'into the fuses', 'service',
    'ahead of the breaker', 'outlet', 'wall', 'receptacle', 'breaker feed', 'feed of the breaker', 'breaker line',
    'top of the fuses', 'top of the breaker', 'line of the fuses',
    'into the panel', 'going in the breaker', 'service drop', 'bus', 'bus bar', 'bus bars', 'main lugs',
    'main breaker', 'main panel', 'ahead of the main',
    ...sideOf(AHEAD, ['breaker', 'fuses']),
  ],
  'breaker': [
    'out of the breaker', 'breaker', 'breaker out', 'panel', 'out of the panel', 'out of the fuses', 'fuse block',
    'at the fuses', 'after the breaker', 'behind the breaker', 'load of the breaker', 'bottom of the fuses',
    'top of the disconnect', 'line of the disconnect', 'across the top of the disconnect',
    'bottom of the breaker', 'load of the fuses', 'panel pump breaker',
    ...sideOf(BEHIND, ['breaker', 'fuses']), ...sideOf(AHEAD, ['disconnect']),
  ],
  'disconnect': [
    'disconnect', 'bottom of the disconnect', 'load of the disconnect', 'out of the disconnect',
    'after the disconnect', 'behind the disconnect', 'disconnect out', ...sideOf(BEHIND, ['disconnect']),
  ],
  'line': [
    'line', 'switch line', 'into the switch', 'in', 'coming in', 'switch in', 'feed to the switch', 'to the switch',
    'starter line', 'into the starter', 'starter', 'line of the starter', 'line terminals', 'arrives at the switch',
    'at the switch', 'into the float', 'float line', 'at the float', 'incoming screws', 'incoming terminals',
    'incoming wires', 'incoming lugs', 'line screws', 'both incoming screws', 'incoming side',
    ...sideOf(AHEAD, SWITCHES), 'power to the switch', 'power to the pressure switch',
  ],
  'poles': [
    'pole', 'across pole', 'across the pole', 'across the contact', 'contact', 'poles', 'switch contact', 'points',
    'across the switch', 'across the demand switch', 'line to load', 'line to the load', 'line to load same pole',
    'line to load on the same pole', 'across one set of contacts',
  ],
  'load': [
    'load', 'switch load', 'out of the switch', 'out', 'going out', 'leaving the switch', 'switch out',
    'after the switch', 'behind the switch', 'load terminals', 'out of the starter', 'load of the starter',
    'past the switch', 'through the switch', 'float load', 'out of the float', 'behind the float',
    'outgoing screws', 'outgoing terminals', 'outgoing wires', 'outgoing side', 'outgoing lugs', 'load screws',
    ...sideOf(BEHIND, SWITCHES), 'motor terminals of the switch', 'going to the pump', 'going out to the pump',
  ],
  'contacts': ['contact', 'across contact', 'starter contact', 'across the contact', 'pole', 'contacts'],
  'control': ['control supply', 'control', 'transformer', 'control circuit', 'secondary',
    'x1 x2', 'secondary of the control transformer', 'transformer secondary'],
  'aux': [
    'aux contact', 'behind the aux contact', 'behind the overload', 'after the overload', 'overload contact',
    'out of the overload contact',
  ],
  'dial': ['dial', 'overload dial', 'dialset', 'overload setting', 'setting of the overload', 'heater setting'],
  'coil': ['coil', 'across the coil', 'coil terminals', 'a1-a2', 'holding coil'],
  'pilot': [
    'behind the switch', 'through the switch', 'after the switch', 'switch out', 'out of the switch', 'pilot',
    'past the switch', 'switch contact', 'pilot contact',
    ...sideOf([...BEHIND, 'leaves'], ['switch', 'pressure switch']),
  ],
  't1': ['n1', 'lead n1', 'line 1', 'phase 1'],
  't2': ['n2', 'lead n2', 'line 2', 'phase 2'],
  't3': ['n3', 'lead n3', 'line 3', 'phase 3'],
  'motor': [
    'motor', 'motor terminals', 'at the motor', 'across the motor', 'into the motor', 'pump terminals',
    'motor leads', 'motor in', 'at the pump',
  ],
  'lead': ['motor lead', 'lead', 'clamp', 'motor', 'hot', 'positive', 'clamped', 'pump'],
  'black': ['black', 'either lead', 'lead', 'clamp', 'clamped', 'hot', 'main', 'pump', 'motor'],
  'red': ['red', 'red lead', 'red wire', 'start lead'],
  'yellow': ['yellow', 'yellow lead', 'yellow wire', 'common'],
  'windings': ['winding', 'motor', 'motor leads', 'leads', 'armature', 'brushes', 'windings'],
  'leads': ['leads', 'lead', 'motor leads', 'winding', 'motor', 'leads off', 'pump', 'cable', 'windings', 'pump leads',
    'pump wires', 'motor wires', 'pump wire', 'two pump wires', 'pump wires at the switch',
    'motor wires at the switch', 'leads at the switch',
    'motor leads at the switch', 'motor wires at the well head', 'both wires', 'either wire',
    'wires to the pump', 'wires down the well'],
  'head': ['well head', 'well', 'at the well', 'casing', 'top of the well'],
  'box': ['box', 'into the box', 'box line', 'at the box', 'box in'],
  'box-out': ['box out', 'box load', 'box load side', ...sideOf([...BEHIND, 'leaves'], ['box', 'control box'])],
  'cap': ['cap', 'start cap', 'capacitor', 'cap reads', 'capacitance', 'microfarads'],
  'runcap': ['run cap', 'runcap', 'run capacitor'],
  'relay': ['relay', 'relay contact', 'start contact', 'start relay', 'across the relay'],
  'overload': ['overload', 'across the overload', 'heater', 'overload reset'],
  'centrifugal': ['start switch', 'across the start switch', 'start switch contact', 'centrifugal switch'],
  'thermal': ['overload', 'thermal', 'across the overload', 'motor overload', 'protector'],
  'valve': [
    'precharge', 'air valve', 'tank air', 'air in the tank', 'pre', 'air charge', 'tank precharge', 'air pressure',
    'bladder',
  ],
  'gauge': ['gauge', 'pressure gauge', 'pressure', 'tank gauge', 'receiver gauge', 'system pressure', 'gauge on',
    'outlet', 'discharge', 'discharge side', 'outlet side'],
  'tap': ['tap', 'hose', 'delivery', 'flow', 'yield', 'bucket', 'gives', 'at the tap', 'out of the hose'],
  'inlet': [
    'inlet', 'inlet pressure', 'suction', 'incoming', 'inlet main', 'town pressure', 'main', 'from the city',
    'inlet gauge', 'suction gauge',
    'after the strainer', 'past the strainer', 'behind the strainer',
    'city pressure', 'street pressure', 'from the street', 'coming in from the city', 'feed pressure', 'city water',
  ],
  'battery': ['battery', 'battery posts', 'posts', 'at the battery', 'bat'],
  'fuse': [
    'into the panel switch', 'going into the panel switch', 'ahead of the panel switch', 'to the panel switch',
    'behind the fuse', 'fuse', 'after the fuse', 'fuse out', 'past the fuse', 'into panelswitch'],
  'panel': ['behind the panel switch', 'panel switch', 'after the panel switch', 'panel', 'out of the panel switch'],
  'return': [
    'return', 'negative', 'black wire to battery negative', 'pump negative to battery negative',
    'pump black to battery negative', 'motor negative to battery negative', 'ground', 'chassis', 'motor negative',
    'ground side', 'negative side',
  ],
  'outlet': [
    'outlet', 'outletgauge', 'outletgauge withdraw', 'withdraw', 'regulator', 'behind the regulator', 'tool',
    'after the regulator', 'at the hose', 'air line',
  ],
  'level': ['cistern', 'level'],
  'prime': ['prime', 'prime plug'],
}

/** On a vehicle `line` is the demand switch and the load the motor. */
export const VEHICLE_PLACES: Readonly<Record<string, readonly string[]>> = {
  line: [
    'line', 'into the switch', 'switch in', 'in', 'feed', 'pump feed', 'to the switch', 'into the demand switch',
    'switch',
    'ahead of the switch', 'red wire', 'red wire on the pump', 'red wire at the pump', 'red at the pump',
    'hot wire at the pump',
    'red to black', 'red to black at the pump', 'red and black at the pump',
  ],
  poles: ['across the switch', 'across the demand switch', 'switch', 'switch drop', 'pole', 'demand switch'],
  motor: [
    'motor', 'across the motor', 'pump', 'load', 'out of the switch',
    'at the motor plug', 'motor terminals', 'at the pump',
    'across the pump', 'pump plug', 'motor wires', 'right at the pump', 'at the plug',
    'pump leads calling',
  ],
  return: [
    'return', 'negative', 'black wire to battery negative', 'pump negative to battery negative',
    'pump black to battery negative', 'motor negative to battery negative', 'ground', 'chassis', 'motor negative',
    'ground side', 'negative side', 'black to ground', 'negative to ground',
  ],
  positive: ['positive side', 'battery positive to motor positive'],
  lead: ['positive', 'red', 'clamped'],
}

/** Behind a starter the pressure switch stands in the control circuit: its line is the overload contact's far side. */
export const STARTER_PLACES: Readonly<Record<string, readonly string[]>> = {
  line: [
    'line', 'in', 'coming in', 'starter line', 'into the starter', 'starter', 'line of the starter', 'line terminals',
    'top of the starter', 'at the starter', 'across the top', ...sideOf(AHEAD, ['starter', 'contactor']),
  ],
  load: [
    'load', 'out', 'going out', 'load terminals', 'out of the starter', 'load of the starter', 'starter load',
    'bottom of the starter', 'across the bottom', 'bottom', 'under the starter', 'below the starter',
    ...sideOf(BEHIND, ['starter', 'contactor']),
  ],
  aux: [
    'aux contact', 'behind the aux contact', 'behind the overload', 'after the overload', 'overload contact',
    'out of the overload contact', 'into the switch', 'to the switch', 'switch line', 'into the pressure switch',
    'feed to the switch', 'auxcontact',
  ],
}

/** By the variant of a test at its point; the first test of a point needs none of them said. */
export const VARIANTS: Readonly<Record<string, readonly string[]>> = {
  'drop': ['acrossdrop'],
  'volts': ['n1 n2', 'between legs', 'across', 'leg to leg', 'legs'],
  'dip': ['startdip'],
  'l1g': ['n1', 'n1 to ground', 'first leg'],
  'l2g': ['n2', 'n2 to ground', 'second leg', 'neutral to ground'],
  'l3g': ['n3', 'n3 to ground', 'third leg'],
  'v12': ['n1 n2', 'a-b'],
  'v23': ['n2 n3', 'b-c'],
  'v31': ['n3 n1', 'n1 n3', 'c-a'],
  'r12': ['n1 n2', 'lead n1 n2'],
  'r23': ['n2 n3', 'lead n2 n3'],
  'r31': ['n3 n1', 'n1 n3', 'lead n3 n1'],
  '1': ['n1', 'pole n1', 'contact n1'],
  '2': ['n2', 'pole n2', 'contact n2'],
  '3': ['n3', 'pole n3', 'contact n3'],
  'h1': ['heater n1', 'heater'],
  'h2': ['heater n2'],
  'h3': ['heater n3'],
  'by': ['black to yellow', 'lead to lead', 'main winding', 'main', 'across the leads', 'across the winding'],
  'ry': ['red to yellow', 'start winding', 'start'],
  'rb': ['red to black', 'both windings'],
  'ground': [
    'to ground', 'ground', 'megs', 'meg', 'insulation', 'any lead to ground', 'black to ground', 'yellow to ground',
    'red to ground', 'earth', 'frame', 'leak to ground', 'winding to frame', 'n1 to ground', 'n2 to ground',
    'n3 to ground', 'case',
  ],
  'armature': ['armature', 'across the leads', 'lead to lead', 'motor leads', 'winding'],
  'splice': [
    'pump side', 'below the splice', 'pump side of the splice', 'splice pump side', 'black splice pump side',
    'splice open pump side',
  ],
  'cut-in': ['cut in', 'starts at', 'comes on at', 'start pressure', 'cuts in at', 'kicks in at', 'kicks on at'],
  'cut-out': [
    'cut out', 'stops at', 'off at', 'shuts off at', 'stop pressure', 'cuts out at', 'quits at', 'kicks off at',
    'shuts down at',
  ],
  'peak': ['peak', 'highest pressure', 'dead head', 'shutoff pressure', 'shutoff head', 'most it makes'],
  'cycle': [
    'cycle', 'cycles every', 'on off every', 'start to start', 'short cycles', 'switch clicks on off every',
    'clicks on off every', 'on off every', 'cycles', 'clicks every', 'rapid cycles', 'short cycle', 'shortcycle',
  ],
  'leak-down': [
    'leak down', 'falls', 'drops in', 'pressure falls', 'bleeds down', 'gauge falls', 'all taps shut', 'lost',
  ],
  'fill': ['pump up', 'fill', 'recovery', 'pump up takes', 'takes to fill', 'builds up', 'to fill'],
}

const RUNNING = [
  'run', 'running', 'while it runs', 'stays', 'and stays', 'steady', 'underload', 'hold', 'settles', 'hum',
  'while it hums', 'up to speed', 'runs and holds', 'calling',
]
const STARTING = [
  'start', 'starting', 'at the start', 'inrush', 'first instant', 'when it tries to start', 'tries to start',
  'on start', 'kick',
]

export const CONDITIONS: Readonly<Record<Condition, readonly string[]>> = {
  'starting': STARTING,
  'running': RUNNING,
  'calling': [...RUNNING, ...STARTING, 'calling', 'when it calls'],
  'idle': [
    'rest', 'resting', 'nothing running', 'idle', 'coil out', 'with the coil out', 'over cut out', 'at rest',
    'pump off', 'switch open',
  ],
  'dead': ['off', 'out of the circuit'],
  'leads-off': ['off', 'leads off', 'off at the box'],
  'splice': ['splice open', 'splice'],
  'static': ['now', 'standing', 'all taps shut'],
}

export const QUANTITY_WORDS: Readonly<Record<string, readonly string[]>> = {
  volts: ['volt', 'volts', 'power', 'voltage', 'across'],
  amps: ['amp', 'amps', 'current', 'pulling', 'draw', 'clamp'],
  ohms: ['ohm', 'ohms', 'continuity', 'resistance'],
  farads: ['uf', 'microfarads', 'farads'],
  pressure: ['psi', 'pressure', 'pounds'],
  flow: ['gpm', 'delivery', 'flow', 'gives'],
  time: ['every', 'takes', 'time'],
}
