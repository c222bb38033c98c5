/** How it is said: the pressure switch: contacts, port, lever, what a tap or a bridge does, how it cycles. */
import { RAN, TRIED } from './tried'
import type { Sayings } from './types'

export const SWITCH: Sayings = {
  'wiring-look': {
    what: ['switch wiring', 'wires on the switch', 'switch wires', 'wires at the switch', 'four wires'],
    is: {
      right: ['right', 'correct', 'as they belong', 'landed right', 'where they belong', 'wired right'],
      wrong: ['wiredwrong', 'mixed up', 'backwards', 'crossed', 'swapped', 'wired wrong'],
    },
    said: {
      right: ['switch wired right', 'switch wired correctly'],
      wrong: [
        'samepole', 'bothlegs samepole',
        'hots same pole', 'hots same side', 'hot and neutral same pole', 'hot and'
        + ' neutral same side', 'legs same pole',
        'feeds same pole', 'switch wired wrong', 'switch miswired', 'load wires on the line side',
        'motor wires on the line terminals', 'load wires on line terminals', 'line and load swapped',
        'line and load mixed up', 'legs on one pole', 'hots on one pole', 'pump wires on the line side',
        'hots same contact', 'feed wires on the same pole',
      ],
    },
  },
  'switch-heard': {
    what: ['switch', 'pressure switch', 'switch contacts'],
    is: {
      once: ['clicks once', 'snaps once'],
      bounces: [
        'bounces', 'hammers', 'chatters as it starts',
        'chatters when pump starts', 'clicks several times', 'flutters', 'bangs in and out',
        'rattles when pump starts', 'chatters on start', 'slams in and out',
      ],
    },
    said: {
      once: [
        'one clean click', 'switch clicks once', 'switch makes one click', 'switch clacks once',
        'clacks once it is on', 'switch snaps once',
      ],
      bounces: [
        'switch bounces on start', 'machine guns on start', 'switch bounces', 'contactor slams in and out on start',
        'chatters then settles', 'hammers on start', 'bangs several times then runs',
        'tick tick tick', 'tick tick tick starts', 'switch flutters start', 'machine gun second then run',
        'switch stutters', 'switch clicks like a machine gun on start', 'machine gun then run',
        'hear it machine gun', 'switch machine guns',
        'switch rattles', 'clack on off comes in',
      ],
    },
  },
  'switch-place': {
    what: ['switch', 'pressure switch', 'switch mounted', 'switch sits'],
    is: {
      near: ['at the tank', 'on the tank tee', 'right by the tank', 'next to the tank', 'on the tank'],
      far: [
        'away from the tank', 'far from the tank', 'long way from the tank', 'down the line from the tank',
        'end of a hose', 'feet from the tank', 'on a long pipe', 'on the other wall', 'other end of the basement',
        'off the tank', 'remote mounted',
      ],
    },
    said: {
      near: ['switch at the tank', 'switch on the tank tee', 'switch right at the tank', 'switch beside the tank'],
      far: [
        'switch remote', 'switch mounted remote', 'switch away from the tank', 'switch far from the tank',
        'switch in the basement tank out in shed', 'switch on the pump tank across', 'switch basement tank shed',
        'switch on the pump',
      ],
    },
  },
  'switch-heat': {
    what: ['switch', 'switch cover', 'switch housing'],
    is: {
      cool: ['not warm', 'not hot', 'normal temperature'],
      hot: ['real warm', 'too hot to touch', 'smells hot', 'burning up', 'cooking'],
    },
    said: {
      cool: ['switch cool', 'cover cool', 'switch not hot'],
      hot: [
        'switch cover warm', 'cover too hot', 'switch hot', 'switch warm', 'switch smells hot',
        'switch too hot to touch',
      ],
    },
  },
  'self-starts': {
    what: ['pump', 'it', 'booster'],
    is: {
      no: ['stays off', 'not start by itself', 'never comes on by itself'],
      yes: [
        'kicks on with nothing running', 'burps with everything off', 'comes on nobody using water',
        'kicks on with everything shut', 'cycles all night', 'burps every few minutes',
        'bumps on every couple of minutes', 'cycles on its own', 'cycles with nothing open',
      ],
    },
    said: {
      no: [
        'holds pressure overnight', 'tank holds when it is off', 'holds fine off', 'holds its pressure off',
        'stays off', 'does not start by itself', 'never starts alone', 'stays quiet at night',
        'stays off noth running', 'stays off',
      ],
      yes: [
        'house shut off still kicks on', 'everything off and it still starts', 'all shut off still starts',
        'comes on every couple of minutes with nothing open', 'cycles with nobody using water', 'cycles tapsshut',
        'keeps cycling tapsshut', 'starts every minutes', 'kicks on tapsshut', 'starts byitself', 'starts atnight',
        'pump start byitself', 'starts every few minutes', 'starts byitself every couple of minutes',
        'cycles with everything off', 'runs with everything off', 'not shut up cycles', 'starts byitself minutes',
        'starts by itself every', 'comes on every', 'runs every half hour', 'pump comes on itself no water',
        'kicks in all night', 'kicks on middle of the night', 'kicks in nobody using water',
        'kicks on for no reason',
      ],
    },
  },
  'bypass': {
    what: [
      'bridged', 'bypassed the switch', 'jumped it out', 'wire across the switch', 'put a jumper',
      'jumper across the switch', 'switch bridged', 'jumped the switch', 'jumper line to load',
      'held two together jumper', 'jumper on the switch', 'jumped it',
    ],
    is: { ...TRIED, runs: [...RAN, 'pullin', 'starter pullin'] },
    said: {
      runs: [
        'bridge hold', 'bridge steady', 'bridge hold steady', 'jumper across the switch runs', 'hot wired runs',
        'jumped it out runs', 'bridge pullin', 'bridge start', 'bridged pressure switch starter pullin',
        'pump runs with the switch bridged', 'bridged the float pump runs', 'jumper on the switch it starts',
        'switch bypassed pumps',
        'held the points shut ran', 'held the contacts closed runs',
      ],
      groans: ['bridged it hums', 'switch bridged still hums', 'bridged still hums'],
      silent: [
        'bridge not pullin', 'jumpered still nothing', 'bridged nothing', 'switch bridged nothing',
        'jumpered no difference', 'bridged still dead', 'bridged switch same', 'jumpered the switch no difference',
        'jumped the pressure switch still dead', 'jumped switch no change still dead',
      ],
      trips: ['bridged it trips', 'switch bridged trips', 'jumpered and the breaker trips'],
    },
  },
  'contacts': {
    what: ['contact', 'switch contacts'],
    is: {
      clean: ['good', 'look new', 'not burnt', 'not pitted'],
      sooty: ['sooty', 'dark', 'discoloured', 'carbon', 'tarnished', 'oxidized'],
      pitted: ['pitted', 'worn', 'rough', 'worn down', 'chewed up', 'ate up', 'beat up', 'uneven', 'dished'],
      burnt: [
        'burnt', 'burnt bad', 'gone', 'missing', 'arced', 'smoked', 'burned to nothing', 'burnt down to metal',
        'destroyed', 'not make', 'no metal left', 'blown off',
      ],
      welded: [
        'welded', 'welded shut', 'stuck', 'stuck together', 'fused', 'fused together', 'stuck closed', 'not open',
        'not separate', 'will not let go', 'pried apart', 'melted together', 'stay closed',
      ],
      insects: [
        'ants', 'ant nest', 'ants between', 'dead ants', 'crushed ants', 'mud dauber nest', 'dirt', 'sand',
        'ants held apart', 'dirt held apart', 'ants apart',
      ],
      wet: ['wet', 'green', 'rusty', 'water in', 'full of water'],
    },
    said: {
      clean: [
        'contacts look new', 'contacts like new', 'contacts clean', 'switch contacts clean', 'noth wrong points',
        'noth wrong contacts',
      ],
      sooty: [
        'contacts dark', 'contacts discoloured', 'contacts sooty', 'soot on the contacts',
      ],
      pitted: [
        'contacts pitted', 'contacts rough', 'contacts worn', 'surface of the moon', 'points like the moon',
        'sandblasted', 'contact sandblasted', 'hole burned in the points', 'points hole burned',
        'contacts pitted bad', 'points pitted bad',
      ],
      burnt: [
        'contact burnt bad', 'points burned up', 'side burnt', 'contacts black', 'contacts gone', 'contact missing',
        'pole burnt', 'contacts pitted one burnt away', 'contacts burnt on one side', 'contacts burnt black',
        'both poles black', 'contacts burnt both poles black', 'switch burnt', 'switch contacts black',
        'contact pad fell off', 'contact pads fell off', 'contact pad gone', 'contact fell off',
        'half the contact melted', 'contact melted away',
      ],
      welded: [
        'points stuck together', 'pried them apart', 'contacts stuck pried apart', 'contacts welded',
        'contacts stuck shut', 'switch welded', 'points stuck', 'pole welded', 'pole welded solid'],
      insects: [
        'ants packed in the points', 'ants in the points', 'nest in the points', 'ants in the switch',
        'ants in the cover', 'full of ants', 'bugs in there', 'insect burnt across contact', 'bug between the points',
        'ants on the contacts', 'crushed ant contacts', 'slug across the points', 'snake across the contacts',
        'nest in the switch', 'insect squashed between the contacts', 'dirt in the contacts', 'contacts dirty',
        'dirt between the contacts', 'ants fried on the contacts', 'ants crawled in'],
      wet: [
        'contacts wet', 'contacts green', 'switch corroded', 'water in the switch',
        'moisture switch cover', 'switch cover wet',
      ],
    },
  },
  'switch-seen': {
    what: ['switch', 'contacts', 'switch contacts'],
    is: {
      closed: ['made', 'made up', 'together', 'touching', 'pulled in', 'closed by itself'],
      open: ['wide open', 'apart', 'not closed', 'not made', 'not touching', 'stay open', 'separated'],
    },
    said: {
      closed: [
        'switch closed', 'switch made', 'contacts closed', 'switch contacts closed', 'switch is in',
        'contacts together', 'contacts in', 'contacts are in', 'points in'],
      open: [
        'switch open', 'contacts open', 'switch not made', 'contacts apart', 'gap between points',
        'gap between contacts', 'gap points', 'points not making', 'contacts not making', 'points not making',
        'contacts not making',
      ],
    },
  },
  'port-look': {
    what: [
      'port', 'pipe to the switch', 'tube to the switch', 'line to the switch', 'switch nipple',
      'pipe under the switch', 'fitting under the switch', 'hole in the switch', 'opening in the switch',
      'riser to the switch',
    ],
    is: {
      clear: ['clear', 'open', 'clean', 'not blocked', 'wide open', 'no rust'],
      blocked: [
        'blocked', 'plugged solid', 'rust', 'mud', 'sand', 'scale', 'iron', 'slime', 'closed up', 'rusted shut',
        'stopped up', 'frozen', 'not blow through', 'solid rust',
      ],
    },
    said: {
      clear: [
        'port not blocked', 'daylight through the nipple', 'nipple is open', 'port clear', 'nipple clean',
        'water shoots nipple', 'water comes out of the nipple', 'water squirts nipple',
      ],
      blocked: [
        'line to the switch frozen', 'sensing line frozen solid', 'copper line to the switch frozen',
        'tube to the switch frozen', 'port blocked scale', 'fitting blocked scale', 'hole blocked scale',
        'fitting under the switch blocked', 'nipple solid', 'port packed', 'port crud', 'hole plugged', 'nipple mud',
        'iron in the nipple', 'pick will not go through the nipple', 'tube to the switch packed with rust',
        'tube packed with rust', 'port tube rust', 'switch tube blocked', 'nipple full of rust',
        'nipple plugged solid with rust', 'rust in the port', 'port scaled up', 'sand in the port',
        'nipple rusted shut', 'port scale', 'not push wire nipple', 'not push wire through nipple', 'no water nipple',
        'pipe chock full of rust',
      ],
    },
  },
  'lever': {
    what: ['lever', 'cut off lever', 'low pressure lever', 'reset lever', 'auto off lever', 'arm on the side'],
    is: {
      auto: ['auto', 'in auto', 'run position', 'set'],
      off: ['off', 'down', 'tripped', 'dropped', 'flipped off', 'all the way up', 'tripped low', 'in off'],
    },
    said: {
      auto: [
        'lever auto', 'lever on', 'lever up', 'lever set', 'lever up where it belongs', 'lever up', 'knob on auto',
      ],
      off: [
        'knob on off', 'switch knob off', 'lever switch off', 'flipped lever off', 'lever turned off', 'knob off',
        'lever knocked off', 'auto off lever off', 'lever was off', 'arm in the off position', 'cutoff is tripped',
        'lever in off', 'lever down', 'lever tripped', 'cutoff lever off', 'lever is down tripped', 'lever dropped',
        'low pressure cutoff out',
      ],
    },
  },
  'valve-under': {
    said: {
      open: ['valve under the switch open', 'switch valve open', 'valve under open'],
      shut: [
        'valve under the switch shut', 'switch valve shut', 'valve under closed', 'gauge valve off',
        'gauge valve shut', 'gauge valve at the switch off',
        'cock below the switch off', 'cock under the switch shut',
        'isolation cock below off', 'cock below the lever off',
      ],
    },
  },
  'tap-switch': {
    what: [
      'pushed the contacts together', 'pushed the contacts closed', 'held the contacts closed', 'tapped the switch',
      'tapped it', 'bumped the switch',
    ],
    is: {
      nothing: ['noth', 'no change', 'still dead', 'still noth'],
      starts: ['runs', 'it started right up', 'contacts closed'],
    },
    said: {
      nothing: [
        'tapped the switch nothing', 'tapped nothing', 'tapped it no difference', 'tapped the switch still nothing',
        'knocked switch housing still dead', 'knocked on the switch dead', 'rapped on the switch no change',
      ],
      starts: [
        'push contact start', 'push contact run', 'push contact shut start', 'push contact together start',
        'push contact together run', 'contacts pushed together pump start', 'push shut start',
        'pressed the contacts runs', 'flicked the contacts start', 'moved the contacts runs', 'tap switch start',
        'tapped the switch and it started', 'tapped and it starts', 'tapped it runs', 'tapped the switch it ran',
        'smack switch goes', 'smack the switch starts',
      ],
    },
  },
  'runs-past': {
    what: ['pump', 'it', 'motor'],
    is: {
      'stops': ['shuts off', 'kicks off', 'cuts off', 'shuts off like it should'],
      'runs-on': [
        'not shut off', 'keeps running', 'runs forever', 'runs nonstop', 'runs past cut out',
        'runs continuous',
      ],
    },
    said: {
      'stops': [
        'stops at cut out', 'stops when it should', 'shuts off right', 'cuts off at cut out',
        'shuts off like it should', 'stops like it should', 'stops on its own'],
      'runs-on': [
        'runon tapsshut', 'run tapsshut', 'not turn off', 'keeps pumping', 'passes cut out', 'goes over cut out',
        'keeps building', 'not cut off', 'runon hold', 'past cut out', 'keeps running past',
        'pops the relief keeps running', 'runon past cut out', 'runon relief blow', 'not cutout', 'blew by cutout',
        'blew past cutout kept going', 'blew by the cut out',
      ],
    },
  },
  'cycles-how': {
    what: ['pump', 'it', 'switch', 'booster'],
    is: {
      usual: ['cycles normal', 'long cycles', 'cycles like it should'],
      rapid: [
        'short cycles', 'cycles fast', 'onoff onoff', 'kicks on and off', 'clicks on and off',
        'cycles every few seconds', 'starts and stops constantly', 'onoff constantly',
      ],
    },
    said: {
      usual: [
        'cycles normal', 'cycles minutes apart', 'long cycles', 'comes on every few minutes like normal',
        'every few minutes like normal'],
      rapid: [
        'rapid cycle', 'on for seconds and off for seconds', 'onoff when a tap is open', 'on off on off',
        'onoff every second', 'clicks like a machine gun', 'chatters on and off', 'start stop start stop',
        'cycles fast', 'cycles constantly', 'pump shortcycle', 'shortcycle fast', 'onoff fast', 'onoff nonstop',
        'clicks onoff fast', 'starts and stops fast', 'switch clicks onoff', 'starts stops every few seconds',
        'onoff every few seconds', 'bangs on and off the whole time', 'short cycling crazy',
        'short cycling like crazy', 'bangs on off water running', 'shortcycle crazy',
        'on off turn signal', 'tat tat', 'on off like a signal',
        'short cycling',
      ],
    },
  },
  'protector-seen': {
    what: ['underload', 'pump protector'],
    is: {
      run: ['run light on', 'says run', 'green', 'shows run', 'lit green', 'showing run'],
      waiting: [
        'tripped', 'counting down', 'waiting', 'timing out', 'dry well light', 'flashing', 'in its delay', 'red light',
        'locked out', 'shows dry well', 'light is blinking',
      ],
      dark: ['dark', 'dead', 'no lights', 'no light on it', 'not lit', 'blank', 'lamp out'],
    },
    said: {
      waiting: [
        'dry run box tripped', 'protector timed out', 'dry well light is on', 'underload light on',
        'pump saver red light', 'pump saver blinking', 'saver red', 'protector light red',
      ],
      run: [
        'protector green light', 'protector green',
      ],
      dark: [
        'no lights on the protector', 'protector no light',
      ],
    },
  },
}
