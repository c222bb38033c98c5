/** How it is said: the box, its capacitors, relay and overload. */
import { TRIED } from './tried'
import type { Sayings } from './types'

export const START_GEAR: Sayings = {
  'runcap-label': {
    what: ['run cap', 'runcap'],
    is: {
      within: ['tests good', 'checks good', 'in range', 'in spec', 'right on', 'on the money', 'good'],
      under: ['tests bad', 'way low', 'weak', 'out of range', 'bad', 'way under', 'way off', 'no good', 'tests weak'],
    },
  },
  'runcap-seen': {
    what: ['run cap', 'runcap', 'run capacitor'],
    is: {
      sound: ['looks good', 'not bulged', 'looks new', 'looks fine'],
      bulged: [
        'bulged', 'blown', 'blew', 'exploded', 'leaking', 'popped', 'cracked open', 'oil out', 'burnt', 'puffed up',
        'ruptured', 'swollen', 'split',
      ],
    },
  },
  'cap-label': {
    what: ['cap'],
    is: {
      within: [
        'tests good', 'checks good', 'in range', 'in spec', 'right on', 'on the money', 'within range',
      ],
      under: [
        'tests bad', 'way low', 'weak', 'out of range', 'out of spec', 'bad', 'way under', 'way off', 'no good',
      ],
    },
    said: {
      within: [
        'cap in band', 'cap right on', 'cap checks good', 'cap tests good', 'cap measures good', 'cap spot on',
        'cap matches its label',
      ],
      under: [
        'cap way low', 'cap under its band', 'cap out of band', 'cap weak', 'cap tests low',
        'cap down from its label',
        'cap half of what it should be', 'cap tests bad',
      ],
    },
  },
  'cap-seen': {
    what: ['cap', 'run cap', 'top of the cap', 'cap in the box', 'cap on the motor'],
    is: {
      sound: ['looks good', 'not bulged', 'looks new'],
      bulged: [
        'bulged', 'blown', 'blew', 'blew up', 'exploded', 'leaking', 'popped', 'cracked open', 'oil out', 'burnt',
        'hole blown', 'hole in', 'goo', 'puffed up', 'blown out', 'black', 'ruptured',
      ],
    },
    said: {
      sound: [
        'cap looks good', 'cap not bulged', 'capacitor looks fine', 'cap looks fine', 'cap good',
        'capacitor looks good',
        'cap ok outside', 'cap fine from outside',
      ],
      bulged: [
        'goo under the cap cover', 'goo under the capacitor', 'cap smells', 'cap leaking', 'goo out of the cap',
        'cap top popped', 'cap swelled', 'cap leaking oil', 'oil all over the bottom of the box',
        'cap bulged oil all over the box', 'cap blown', 'cap blew', 'cap burnt', 'cap exploded', 'oil in the box',
      ],
    },
  },
  'box-swap': {
    what: [
      'known good box', 'good box', 'another box', 'spare box', 'new box', 'swapped the box', 'test box',
      'box off the truck', 'different box', 'other box', 'put a box', 'another control box', 'new box lid',
      'box from the truck',
    ],
    is: TRIED,
    said: {
      runs: [
        'test box runs', 'knowngood box runs', 'spare box runs', 'swapped in a test box runs', 'another box it runs',
        'good box it starts', 'my box starts right up', 'box swapped it runs', 'test box starts', 'loaner box runs',
        'other box runs', 'known good box pumping', 'good box pumps',
        'new box pump runs', 'new box runs',
      ],
      groans: [
        'test box still hums', 'knowngood box still hums', 'spare box hums', 'another box still groans',
        'box swapped still hums',
        'new box still hums',
      ],
      silent: ['test box nothing', 'knowngood box nothing', 'another box still dead', 'spare box still nothing'],
      trips: ['test box still trips', 'knowngood box still trips', 'another box trips', 'spare box trips'],
    },
  },
  'cap-swap': {
    what: [
      'known good cap', 'good cap', 'new cap', 'another cap', 'spare cap', 'swapped the cap', 'changed the cap',
      'test cap', 'different cap', 'cap off the truck', 'put a cap', 'other cap', 'put in a cap',
      'cap from the truck',
    ],
    is: TRIED,
    said: {
      runs: [
        'knowngood cap runs', 'knowngood cap it starts', 'another cap and it runs', 'new cap it runs',
        'swapped the cap it runs', 'with a good cap it starts',
        'new cap starts', 'new cap runs',
      ],
      groans: [
        'knowngood cap still hums', 'new cap still hums', 'swapped the cap still hums', 'another cap still groans',
      ],
      silent: ['knowngood cap nothing', 'new cap nothing', 'swapped the cap no difference'],
      trips: ['knowngood cap trips', 'new cap still trips', 'swapped the cap still trips'],
    },
  },
  'relay-seen': {
    what: ['relay', 'start relay', 'relay contacts', 'relay in the box', 'potential relay'],
    is: {
      clean: ['clean', 'good', 'looks new'],
      pitted: ['pitted', 'burnt', 'black', 'arced'],
      welded: ['welded', 'stuck', 'stuck closed', 'fused', 'stuck together', 'not open'],
    },
    said: {
      clean: ['relay contact clean', 'relay good', 'relay contacts good', 'relay looks clean'],
      pitted: ['relay contacts pitted', 'relay burnt', 'relay contact burnt', 'relay contact black'],
      welded: [
        'relay contact stuck', 'relay stuck shut', 'relay welded', 'relay contact stuck closed', 'relay stuck',
        'relay never lets go', 'relay not let go', 'relay stuck closed', 'start relay never lets go',
      ],
    },
  },
  'overload-seen': {
    what: ['overload', 'reset on the box', 'overload on the box', 'box overload'],
    is: {
      'holds': ['holds', 'in', 'not tripped', 'stays in', 'good'],
      'lets-go': [
        'trips', 'trips again', 'out', 'not stay in', 'not hold', 'trips after seconds', 'clicks', 'keeps tripping',
        'opens',
      ],
      'stuck': [
        'not reset', 'not latch', 'not set', 'not reset even cold', 'not latch cold', 'not click back in',
      ],
    },
    said: {
      'stuck': [
        'overload will not reset', 'button not latch', 'red button not latch', 'reset button not latch',
        'overload not reset cold', 'button not reset', 'overload open cold', 'red button not reset',
      ],
      'holds': [
        'overload holds', 'overload in', 'overload set', 'overload stays in', 'overload did not trip', 'button holding',
        'button stays in',
      ],
      'lets-go': [
        'hum quits', 'hum seconds cuts out', 'hum then cuts out', 'hums and quits',
        'overload keeps popping', 'overload on the bottom of the box keeps popping', 'overload clicks',
        'overload in the box clicks', 'overload clicks off', 'hum overload click', 'overload trips',
        'overload trips again', 'hum then overload trips', 'overload out', 'runs then overload trips',
        'starts runs then overload trips', 'overload pops every time', 'starts fine runs then overload trips',
        'button pops back out', 'red button pops', 'pops back out', 'button won\'t stay in', 'button pops back out',
        'red button pops out', 'reset pops back out',
      ],
    },
  },
  'overload-bridged': {
    said: {
      'runs': [
        'overload bridged runs', 'jumped overload runs', 'bypass overload runs', 'jumped across the overload runs',
        'overload jumped out runs', 'overload bypassed pump runs', 'bridged the overload and it starts',
      ],
      'no-change': [
        'overload bridged no change', 'jumped overload nothing', 'bypass overload still nothing',
        'jumped overload still hums', 'overload bypassed no change', 'bridged the overload same thing',
      ],
    },
  },
  'thermal-bridged': {
    said: {
      'runs': [
        'thermal bridged runs', 'overload bridged runs', 'jumped thermal runs', 'bypass thermal runs',
        'jumped across the thermal runs',
        'thermal jumped out runs', 'jumped overload runs', 'bridged the overload runs', 'bypass overload runs',
        'thermal protector jumped runs', 'jumped protector runs',
      ],
      'no-change': [
        'thermal bridged no change', 'jumped thermal nothing', 'bypass thermal still nothing',
        'jumped overload still nothing', 'thermal jumped out still hums', 'bridged the overload no change',
      ],
    },
  },
  'relay-heard': {
    what: ['relay', 'start relay'],
    is: {
      clicks: ['clicks', 'clicks in', 'clicks over', 'clicks like it should', 'snaps', 'pulls in', 'heard'],
      silent: ['not click', 'never clicks', 'no click', 'not pull in', 'silent', 'not a sound'],
    },
    said: {
      clicks: [
        'relay clicks', 'relay clicks over', 'hear the relay click', 'relay clicks in', 'relay snaps in',
        'relay pulls in',
      ],
      silent: [
        'relay not click', 'relay never clicks', 'no click relay', 'relay does nothing', 'relay not pull in',
        'not hear the relay',
      ],
    },
  },
  'box-seen': {
    what: ['box', 'inside of the box'],
    is: {
      clean: ['clean', 'dry', 'looks good', 'looks new', 'not burnt'],
      burnt: ['smells burnt', 'black', 'smoked', 'soot'],
      terminal: ['terminal burnt', 'spade burnt', 'wire burnt off', 'terminal loose'],
      wrong: [
        'wrong size', 'wrong horsepower', 'too small', 'too big', 'wrong', 'for a different motor', 'mismatched',
        'not match the motor',
      ],
    },
    said: {
      clean: [
        'box clean', 'box looks good', 'box dry and clean', 'nothing burnt in the box', 'inside the box like new',
      ],
      burnt: [
        'box scorched', 'box black inside', 'burnt inside the box', 'box smell burnt', 'burnt varnish box',
        'box stinks', 'stinks in the box',
      ],
      terminal: [
        'terminal burnt', 'yellow terminal burnt', 'red terminal burnt', 'black terminal burnt', 'spade burnt',
        'connector burnt box', 'box terminal burnt', 'jab terminals burnt', 'terminal in the box melted',
        'jab loose and burnt', 'wire burnt in the box', 'push on tab burnt', 'tab in the box burnt', 'spade burnt'],
      wrong: [
        'box half horse', 'box horse', 'box rated for half', 'box horsepower', 'box too small', 'box too big',
        'box for the wrong horsepower', 'box does not match', 'wrong box', 'box for another motor',
        'box does not match the motor', 'box is for a bigger motor', 'box for a three quarter motor one and a half',
        'box for a different size', 'box for smaller motor',
      ],
    },
  },
  'ground-again': {
    said: {
      'both-good': [
        'splice opened both good', 'ground again both good', 'splice apart both good'],
      'cable': ['motor side clear',
        'motor side good', 'leadsdown motorgood', 'leadsdown', 'cabledown', 'cable to ground', 'wire shorted',
        'bare spot in the cable', 'motor good', 'splice open motor good', 'splice open cable is down',
        'cable shows the ground', 'motor by itself clear cable leaks', 'motor itself good wire bad',
      ],
      'motor': ['motordown leadsgood', 'motordown', 'cablegood', 'motor shorted',
        'motor to ground', 'splice open cable good', 'splice open motor is down',
        'at the motor leads off motor is down', 'motor shows the ground',
        'motor itself dead to ground',
        'motor alone dead to ground',
      ],
    },
  },
  'ground-parted': {
    said: {
      neither: [
        'splice apart neither to ground', 'splice apart neither down', 'splice apart neither side down',
      ],
      above: [
        'house side zero to ground', 'house side shorted', 'house side to ground', 'wire from the house shorted',
        'wire from the house to ground', 'underground wire shorted', 'buried wire to ground',
        'down the hole fine run from the house down', 'pump fine run from the house down',
        'pump side clear house side down',
      ],
      below: [
        'pump side zero to ground', 'motor side dead short', 'pump side to ground', 'pump side shorted',
        'drop cable side zero to ground', 'drop cable side to ground', 'down side zero to ground',
        'wire from the house good', 'wire from the house clear', 'wire from the house to the well clear',
        'wire to the well good', 'underground wire good', 'buried wire good', 'house side clear', 'house side good',
        'house side open to ground', 'house side good well side shorted', 'above the splice clean below splice down',
        'above clean below down', 'toward house infinity toward pump zero', 'house side infinity pump side zero',
      ],
    },
  },
  'open-apart': {
    what: ['motor side', 'pump side', 'motor itself', 'windings at the motor', 'in the motor box', 'down the hole'],
    is: {
      whole: ['windings whole', 'has continuity', 'windings good', 'three pairs whole', 'not open'],
      open: ['still open', 'open too', 'still ol', 'no continuity', 'windings open'],
    },
    said: {
      open: [
        'motor lead itself open cable off',
      ],
    },
  },
  'short-again': {
    what: ['splice apart', 'splice open', 'at the wellhead', 'at the motor leads off', 'splice cut'],
    is: {
      neither: [
        'neither side shorted together', 'no short between them', 'not shorted together any more',
      ],
      above: [
        'house side shorted together', 'house side short between', 'wires shorted to each other above',
        'run shorted together', 'cable itself shorted together',
      ],
      below: [
        'pump side shorted together', 'motor side shorted together', 'pump side short between',
        'going down shorted together', 'motor shorted phase to phase',
      ],
    },
    said: {
      below: [
        'unhooked cable at the motor short still in motor',
      ],
    },
  },
  'motor-alone': {
    what: ['motor alone', 'pump alone', 'motor own leads'],
    is: {
      whole: ['good', 'whole', 'has continuity', 'winding good', 'good ohms'],
      open: ['open', 'ol', 'no continuity', 'winding open'],
    },
    said: {
      whole: ['motor alone ohms', 'motor alone reads good', 'motor alone good', 'pump alone ohms', 'motor alone whole'],
      open: ['motor alone open', 'motor alone ol', 'motor alone no continuity', 'pump alone open', 'pump alone ol'],
    },
  },
  'open-again': {
    what: ['wellhead', 'splice box', 'splice at the well', 'down the well', 'pump side', 'looking down'],
    is: {
      whole: ['good', 'has continuity', 'whole'],
      open: ['still open', 'open too', 'still ol', 'no continuity'],
    },
    said: {
      whole: [
        'wellhead red to yellow', 'wellhead yellow to black', 'wellhead red to black', 'wellhead lead ohms good',
        'wellhead down reads good', 'motor side of the splice reads good', 'motor side winding good',
        'wellhead winding good', 'wellhead motor good', 'wellhead reads whole', 'motor side has continuity',
        'betweenlegs motorleads wellhead ohms', 'pump fine below splice', 'well head splice off pump reads whole',
        'continuity down well side', 'pump whole',
        'below the splice ohms fine', 'below the splice motor good',
      ],
      open: [
        'wellhead still open', 'looking down open', 'looking down ol',
        'motor side still open', 'wellhead open too', 'motor side open',
        'splice apart still open', 'open betweenlegs motorleads wellhead', 'open motorleads wellhead',
        'open betweenlegs well motorleads wellhead splice', 'motor side ol', 'wellhead ol',
        'no continuity down the hole', 'splice apart still open down well', 'down the hole open',
        'splice apart still ol', 'splice apart still open', 'splice apart motor side still open',
      ],
    },
  },
}
