/** How it is said: what lets go, how soon, and what it does with things taken off. */
import { LETS_GO } from './tried'
import type { Sayings } from './types'

export const TRIPPING: Sayings = {
  'let-go': {
    what: ['breaker', 'it', 'breaker in the panel', 'gfci'],
    is: {
      'at-once': [
        'trips instantly', 'snaps back off', 'not latch', 'not reset', 'goes right off',
        'trips when the pump starts', 'trips when it kicks on', 'trips before it turns',
        'trips as the contactor closes', 'trips the instant it calls',
      ],
      'seconds': [
        'trips within seconds', 'trips after ten seconds', 'trips in a couple of seconds', 'goes after a few seconds',
        'trips again in seconds', 'trips inside seconds',
      ],
      'minutes': [
        'trips after minutes', 'trips after an hour', 'trips every so often', 'trips randomly',
        'trips when it warms up', 'trips every day', 'trips at random', 'trips sometimes',
      ],
      'holds': ['never tripped', 'still on', 'stays on', 'stays in', 'holds fine'],
    },
    said: {
      'at-once': [
        'trips the moment you flip it', 'breaker trips atonce you flip it', 'breaker slams open',
        'slams open when the starter pulls in', 'trips as soon as the starter pulls in', 'trips right away',
        'breaker bang', 'not stay on', 'not hold', 'blew again', 'blows the fuse at once', 'not stay set', 'slams'
        + ' off',
        'blew right back off', 'trips the breaker at once', 'pops as soon as it starts', 'will not reset',
        'goes as soon as it is closed', 'will not stay in', 'trips when reset', 'new fuse blows at once',
        'new ones blew at once', 'trips at once when it pulls in', 'bangs out', 'doesn\'t give a second',
        'snaps right off',
      ],
      'seconds': [
        'breaker goes after a few seconds', 'trips in about seconds', 'holds a few seconds then trips',
        'trips after some seconds', 'trips after a few seconds', 'trips in a few seconds', 'count to four kicks',
        'few seconds then gone', 'couple seconds to trip', 'seconds then trips',
      ],
      'minutes': [
        'trips once in a while', 'trips every couple of days', 'trips after rain', 'trips after running a while',
        'trips when hot', 'trips after a while', 'breaker trips after a while', 'runs good while before breaker kicks',
      ],
      'holds': [
        'breaker stays on', 'breaker stays set', 'breaker holds', 'does not trip', 'breaker did not trip', 'holds'
        + ' now',
        'breaker stays in', 'new fuse pulls in', 'not tripping any more', 'breaker stays on', 'has not kicked',
        'breaker behaving',
      ],
    },
  },
  'trip-switch-open': {
    what: [
      'load wires off', 'pump wires off switch', 'motor wires off switch', 'leads off switch',
      'load wires off switch', 'unhook pump switch', 'unhook switch', 'wires off load screws',
      'pump disconnect switch', 'motor disconnect switch', 'lifted load wires', 'lifted load leads', 'lifted load',
      'pump leads off switch', 'disconnect pump at the switch',
    ],
    is: LETS_GO,
    said: {
      holds: [
        'load wires off the float switch holds', 'wires off the float switch holds',
        'leads off the load terminals holds', 'load wires off holds', 'pulled the leads off the load terminals holds',
        'load side off it holds', 'both pump wires off holds', 'pump wires off the switch breaker holds',
        'took the motor wires off the switch holds', 'wires off the load screws holds', 'pump off the switch it'
        + ' holds',
        'leads off at the switch holds', 'pump leads off the switch holds', 'pump wires off the switch it holds',
        'wires off the load of the switch holds', 'wires off at the switch holds',
        'loadwires off at the switch it holds', 'wires off at the switch does not trip',
        'nothing on the load side breaker holds', 'breaker holds nothing on load',
      ],
      trips: [
        'leads off the load terminals still trips', 'load wires off still trips', 'both pump wires off still trips',
        'leads off at the switch still trips', 'pump wires off the switch still trips',
        'wires off at the switch still trips', 'trips with the loadwires off', 'switch open still trips',
        'pump off at the switch breaker goes', 'pump off at the switch trips',
        'pump off at the switch breaker still trips',
      ],
    },
  },
  'trip-load-off': {
    what: [
      'leads off starter', 'motor leads off', 't leads off', 'motor wires off starter', 'load wires off starter',
      'wires off bottom of starter', 'unhook motor starter', 'motor disconnected starter',
      'motor leads off starter',
    ],
    is: LETS_GO,
    said: {
      holds: [
        'leads off the load terminals holds', 'load wires off holds', 'pulled the leads off the load terminals holds',
        'load side off it holds', 'both pump wires off holds', 'pump wires off the switch breaker holds',
        'took the motor wires off the switch holds', 'wires off the load screws holds',
        'motor leads off at the starter no trip', 'motorleads off holds', 'motorleads off at the starter holds',
        'loadwires off at the starter holds', 'leads off holds',
      ],
      trips: [
        'leads off the load terminals still trips', 'load wires off still trips', 'both pump wires off still trips',
        'motorleads off still trips', 'trips with the motorleads off', 'leads off still trips',
      ],
    },
  },
  'trip-head-open': {
    what: [
      'splice apart', 'splice open', 'opened the splice', 'cut the splice', 'undid the splice', 'splice undone',
      'leads off well head', 'wires off well head', 'disconnected at the well head', 'unhooked at the well head',
      'pump off at the well head', 'drop cable off', 'wires apart well cap', 'splice off casing',
      'pump wires off well', 'disconnect well', 'unspliced at the well head', 'unspliced it well head'],
    is: LETS_GO,
    said: {
      holds: [
        'opened the well cap splice holds', 'opened the splice breaker holds',
        'opened the well head splice breaker holds', 'cut the splice breaker holds', 'splice apart breaker holds',
        'wires apart at the well cap breaker holds', 'splice open at the well it holds',
        'pump wires off at the well breaker holds', 'wires off at the well breaker holds', 'pump wire off well hold',
        'pulled the pump wires off and the breaker holds', 'pulled the pump wires off and it holds',
        'leads off at the well head holds', 'holds with the leads off', 'leads off at the well it holds',
        'head open holds', 'wires off at the well head holds', 'pump wires off holds', 'splice off breaker holds',
        'undid the splice breaker holds', 'splice apart breaker holds',
      ],
      trips: [
        'opened the splice still trips', 'splice apart still trips', 'cut the splice still trips',
        'wires apart at the well cap still trips', 'leads off at the well head still trips', 'trips with the leads'
        + ' off',
        'head open still trips', 'leads off still trips', 'wires off at the well head still trips',
      ],
    },
  },
  'trip-motor-off': {
    what: [
      'motor leads off', 'motor wires off', 'motor unhook', 'unhook motor', 'disconnected the motor',
      'motor disconnected', 'pump unplugged', 'leads off motor', 'wires off motor', 'motor unplugged',
      'pump unhook', 'unplugged the pump', 'unplugged the motor',
    ],
    is: LETS_GO,
    said: {
      holds: [
        'motor leads off no trip', 'pulled the motor wires off and it does not trip', 'motorleads off holds',
        'motor off holds', 'pump unplugged holds', 'pump unplugged new fuse holds', 'leads off at the motor holds',
        'unplug pump new fuse good', 'pump unplugged new fuse fine',
      ],
      trips: [
        'motorleads off stilldoes', 'motorleads off still trips', 'trips with the motorleads off',
        'motor disconnected still trips', 'pump unplugged still blows', 'pump unplugged new fuse still blows',
        'pump unplugged trips',
      ],
    },
  },
  'trip-box-off': {
    what: [
      'box off', 'box pulled', 'box off its base', 'box lid off', 'box cover off', 'pulled the box',
      'box unplugged', 'leads off box', 'wires off box', 'unhook box',
    ],
    is: LETS_GO,
    said: {
      holds: [
        'three leads off holds', 'leads off holds', 'off at the box it stays set', 'three wires off at the box holds',
        'leads off at the box holds', 'wires off at the box it holds',
        'unhooked the wires to the well at the box it holds', 'box off holds', 'box pulled holds',
      ],
      trips: [
        'leads off at the box still trips', 'box off still trips', 'trips with the box off', 'box pulled still trips',
      ],
    },
  },
}
