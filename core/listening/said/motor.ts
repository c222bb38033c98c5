/** How it is said: the motor: heat, speed, shaft, links, a known good one. */
import { RAN, TRIED } from './tried'
import type { Sayings } from './types'

export const MOTOR: Sayings = {
  'climbs': {
    what: ['pressure', 'gauge', 'tank', 'it'],
    is: {
      reaches: [
        'builds', 'builds fine', 'comes right up', 'climbs right up', 'gets to cut out', 'reaches cut out',
        'goes to cutout', 'builds to cut out with everything shut', 'goes to cut out with everything shut',
        'gets to cut out with everything shut', 'builds up good', 'shoots right up', 'comes up good',
        'climbs like it should',
      ],
      stalls: [
        'not build', 'not climb', 'never gets there', 'stops climbing', 'not go past', 'stalls', 'tops out',
        'not come up', 'levels off', 'hangs', 'sits there', 'will not get past', 'stuck', 'barely climbs',
        'never reaches',
      ],
    },
    said: {
      reaches: [
        'built right up', 'builds right up', 'builds fine', 'builds pressure good', 'gets to cut out',
        'makes cut out',
        'builds to cut out', 'pressure comes up', 'reaches pressure', 'gets up to cutout no trouble',
        'reaches cut out fine'],
      stalls: [
        'builds sits there', 'climbs to then sits', 'housevalve shut not climb past', 'will not climb past',
        'not make more', 'only makes', 'not climb', 'housevalve shut not climb', 'gauge not go higher',
        'not go higher',
        'gauge sits at not climb', 'runs nonstop not climb', 'not build past', 'hangs at', 'stalls out',
        'only builds', 'builds slow', 'pressure tops out', 'maxes out at', 'not build pressure',
        'never gets to cut out', 'never reaches cut out', 'stops climbing at', 'stalls at', 'no pressure builds',
        'stands still at', 'stuck at', 'pressure never comes up', 'hardly any pressure',
        'runs smooth hardly any pressure', 'won\'t go any further', 'not go further',
        'runs forever without reaching', 'never reaches', 'not reach cut out',
      ],
    },
  },
  'keeps-running': {
    said: {
      keeps: [
        'keeps going', 'stays running', 'runs without stopping', 'runs steady not cut out', 'not cut itself out',
        'running minutes without hiccup', 'running without hiccup',
      ],
      seconds: [
        'hum seconds overload click', 'hum seconds quits', 'run seconds stop', 'stops after seconds',
        'runs a few seconds then quits', 'quits after seconds', 'hums then clicks off', 'clicks off',
        'hums then overload trips', 'starts growls quits', 'start quits', 'overload trips',
        'runs few seconds cuts itself out', 'runs seconds cuts out',
      ],
      minutes: [
        'overload goes after a minute', 'runs ten minutes then nothing', 'ran a while then nothing',
        'overload trip tminutes reset', 'runs then overload trips tminutes', 'run minutes stop',
        'runs a while then stops', 'overload stop minutes', 'stops after minutes', 'runs tminutes quits',
        'quits after a while', 'runs quits comeback cool', 'runs minutes stop comeback cool',
        'stop hot comeback cool',
        'run quits', 'run quits comeback', 'runs stop comeback', 'cuts out on heat', 'heat cuts it out',
        'overheats after minutes',
      ],
    },
  },
  'vents-look': {
    what: ['motor vents', 'vents on the motor', 'cooling fan', 'motor fan', 'fan shroud', 'vents', 'air slots'],
    is: {
      clear: ['clear', 'clean', 'open', 'good', 'fine'],
      packed: [
        'packed', 'plugged', 'full of lint', 'full of leaves', 'full of mud', 'broken', 'mouse nest', 'blocked',
        'covered', 'stripped', 'came loose', 'missing', 'dauber nest', 'caked',
      ],
    },
    said: {
      packed: ['mouse nest in the motor', 'motor packed with lint', 'vents full of nests', 'fan blades gone'],
    },
  },
  'motor-heat': {
    what: ['motor', 'motor case', 'motor housing'],
    is: {
      usual: ['cool', 'warm', 'not hot', 'barely warm', 'stone cold', 'normal temperature', 'normal heat'],
      hot: [
        'hot', 'way too hot', 'so hot not touch', 'not touch', 'too hot to touch', 'toohot', 'overheated',
        'fry an egg', 'hot as a stove',
      ],
    },
    said: {
      usual: [
        'motor cool', 'motor warm', 'motor not hot', 'motor feels normal', 'motor only warm', 'motor is just warm',
        'motor barely warm', 'motor only warm',
        'motor just warm',
      ],
      hot: [
        'fry an egg', 'toohot motor', 'toohot', 'motor toohot to touch', 'too hot to touch', 'motor burning up',
        'motor scalding', 'motor too hot to touch',
      ],
    },
  },
  'speed': {
    what: ['motor', 'pump', 'it', 'motor turning', 'pump turning', 'motor sound'],
    is: {
      usual: ['full speed', 'up to speed', 'normal speed', 'sounds normal', 'sounds right', 'sounds good'],
      slow: [
        'slow', 'turning slow', 'labour', 'bogs down', 'dragging', 'not up to speed', 'never gets up to speed',
        'half speed', 'slow to start', 'loaded down',
      ],
    },
    said: {
      usual: ['runs at full speed', 'normal speed', 'sounds normal', 'usual pitch', 'runs strong', 'turns fast'],
      slow: [
        'motor labour', 'sounds like labour', 'turning slow', 'motor dragging', 'sounds slow', 'labours',
        'starts hard',
        'dim start slow', 'slow start', 'bogs down', 'drawn out start', 'runs slow', 'pump slow', 'slow to come up',
        'motor slow', 'sluggish', 'hardly turns', 'drags', 'hum hardly turns', 'lugging slow', 'lugging along',
      ],
    },
  },
  'cord-look': {
    said: {
      short: [
        'no extension cord', 'not on an extension cord', 'short heavy cord', 'no cord', 'plugged right in no cord',
        'direct to the wall',
      ],
      long: [
        'on an extension cord', 'on a long thin cord', 'long extension cord', 'skinny extension cord',
        'on a long cord',
        'extension cord skinny', 'thin cord', 'cord is warm', 'long orange cord', 'light cord',
        'cords daisy chained',
      ],
    },
  },
  'known-feed': {
    what: [
      'another outlet', 'good outlet', 'different outlet', 'different circuit', 'another circuit',
      'straight off the panel', 'plugged in the wall', 'short cord', 'heavy cord', 'generator', 'wall outlet',
      'different plug', 'temporary feed', 'straight in the wall', 'extension from the house', 'cord from the house',
      'plugged direct', 'plugged in the house', 'other outlet', 'good extension cord',
    ],
    is: TRIED,
    said: {
      runs: [
        'pluggedin starts', 'pluggedin wall starts good', 'runs on another outlet', 'good outlet runs',
        'plugged straight in the wall goes', 'straight in the wall goes', 'plugged straight in starts',
        'runs off the house', 'runs straight off the panel', 'runs on a good outlet', 'plugged in runs fine',
        'runs plugged into the wall', 'runs on another circuit', 'on a short cord it runs', 'runs on the generator',
      ],
      groans: ['hums on a good outlet too', 'pluggedin still hums', 'hums on another circuit'],
      silent: ['dead on a good outlet too', 'pluggedin nothing', 'nothing on another circuit'],
      trips: ['trips on a good outlet too', 'pluggedin still trips', 'trips on another circuit'],
    },
  },
  'known-motor': {
    what: [
      'known good pump', 'another pump', 'spare pump', 'known good motor', 'different pump', 'test pump',
      'loaner pump', 'another motor', 'different motor', 'other pump', 'good pump same wires',
      'pump from the truck', 'other motor same wires',
    ],
    is: TRIED,
    said: {
      runs: [
        'knowngood pump runs', 'knowngood motor runs', 'another pump runs on the same plug', 'other pump runs there',
        'knowngood pump runs on the same plug', 'another motor on the same wires runs', 'another motor runs',
        'different motor runs on the same wires',
        'spare motor runs',
      ],
      groans: ['knowngood pump hums too', 'knowngood motor hums', 'another pump hums there too'],
      silent: ['knowngood pump nothing', 'knowngood motor does nothing', 'another pump is dead there too'],
      trips: ['knowngood pump trips too', 'knowngood motor trips', 'another pump trips it too'],
    },
  },
  'tap-motor': {
    what: [
      'tapped the motor', 'rapped the motor', 'banged on the motor', 'hit the pump with a hammer',
      'tapped the pump', 'hit the motor', 'hit it hammer', 'hit it wrench', 'tapped it', 'whack pump',
      'whack motor', 'smack motor',
    ],
    is: {
      nothing: ['noth', 'no help', 'still dead', 'no change', 'not start'],
      runs: [...RAN, 'picks up', 'wakes up', 'takes off'],
    },
  },
  'motor-look': {
    what: ['motor', 'pump motor', 'motor housing'],
    is: {
      sound: ['looks good', 'looks new', 'clean', 'no burnt smell', 'smells fine', 'looks normal'],
      burnt: [
        'smells burnt', 'smells', 'burnt up', 'smoked', 'burnt smell', 'let the smoke out', 'smells electrical',
      ],
      wet: ['wet', 'under water', 'full of water', 'water in', 'sprayed', 'rained on'],
      rumbles: [
        'noisy', 'bearings gone', 'bearings shot', 'howls', 'grinding noise', 'growling bearings', 'rough bearings',
        'shaking', 'bearing noise', 'play in the shaft',
      ],
    },
    said: {
      sound: ['motor looks good', 'motor clean', 'no smell at the motor', 'motor smells fine'],
      burnt: [
        'motor smells', 'burnt varnish', 'windings black', 'motor cooked', 'windings fried', 'smell burnt motor',
        'smells like burnt windings', 'burnt smell', 'smellburnt', 'varnish smell', 'smoke from the motor',
        'burnt smell at the motor',
      ],
      wet: [
        'motor soaked', 'water ran out of the motor', 'motor wet pit flooded', 'pit flooded', 'motor under water',
        'water in the motor',
        'water dripping on the motor', 'motor dripped on',
      ],
      rumbles: [
        'howls', 'screeches', 'bearing roars', 'bearings howl', 'bearing noise', 'motor noisy', 'bearing',
        'shaft wobbles', 'play in the bearings', 'sand in the bearings', 'bearings bad',
        'sounds like sand in the bearings', 'bearing gone', 'motor howls', 'bearings rough', 'bearing play',
        'coffee grinder', 'sounds like a coffee grinder', 'bearings howling',
        'marbles in the motor',
      ],
    },
  },
  'links': {
    what: [
      'links', 'jumpers', 'motor', 'voltage jumpers', 'taps', 'voltage selector', 'motor leads', 'voltage plug',
      'plug inside the cover', 'selector plug', 'brown plug',
    ],
    is: {
      right: ['correct', 'match the supply', 'set right', 'wired right'],
      wrong: [
        'wrong', 'wrong voltage', 'wired for the wrong voltage', 'othervolts', 'set wrong', 'low voltage',
        'high voltage', 'strapped wrong', 'not match the supply',
      ],
    },
    said: {
      right: ['voltage links good', 'wired for the right voltage', 'links as on the plate'],
      wrong: [
        'jumpered for 230', 'plate shows it jumpered for 230', 'set for 230', 'bridge for 230',
        'links set for low voltage', 'links for low voltage', 'jumpers wrong', 'wired low voltage',
        'wired high voltage', 'set for high voltage', 'set low voltage', 'voltage selector wrong', 'wired othervolts',
        'motor wired for the wrong voltage', 'pump wired for othervolts', 'voltage links wrong',
        'links set for the other voltage', 'links othervolts', 'tap wrong', 'wired for the wrong voltage',
        'links for high voltage', 'voltage links set for the othervolts', 'strapped for the wrong',
        'motor strapped for 230 on 115', 'strapped wrong', 'voltage plug low volts', 'plug set for low',
      ],
    },
  },
  'cool-ohms': {
    what: ['cool', 'cooled off', 'once it cooled', 'let it cool'],
    is: {
      'comes-back': [
        'comes back', 'reads again', 'closed again', 'continuity back', 'runs again', 'resets', 'works again',
      ],
      'stays-ol': ['still open', 'still ol', 'never comes back', 'still dead'],
    },
    said: {
      'same': ['closed hot and cold', 'overload closed both times', 'a value both times', 'reads the same cold'],
      'comes-back': [
        'started again by itself half an hour later', 'kicked back on by itself later', 'opens hot closes cold',
        'resets when cool', 'reads again cold', 'ol now comeback when cool', 'comes back after cooling',
        'overload closed again cold', 'ol then a value once cool', 'was ol hot reads cold', 'open hot closed cold',
        'ol hot ohms cold', 'once it cooled read good', 'cooled off reads good', 'cooled off it read fine',
        'came back by itself after half an hour', 'comes back by itself in an hour', 'let it cool starts again',
      ],
      'stays-ol': [
        'still ol after it cooled', 'stays ol', 'let it rest an hour still ol', 'ol for good', 'sit still ol',
        'ol even when cold', 'sit all night still reads open', 'cold still no continuity', 'cold still open',
        'overnight still open',
        'waited still no continuity', 'let it cool an hour still nothing',
      ],
    },
  },
  'startswitch-look': {
    what: ['startswitch', 'startswitch contacts'],
    is: {
      clean: ['good', 'closed', 'touching', 'free'],
      burnt: [
        'pitted', 'black', 'broken', 'not touching', 'not close', 'worn out', 'gone', 'stuck open', 'bent',
      ],
      insects: ['bugs', 'dirt', 'nest', 'gummed', 'grease'],
    },
    said: {
      clean: [
        'startswitch clean', 'startswitch contact clean', 'startswitch good', 'startswitch seats',
        'startswitch seats clean',
      ],
      burnt: ['start points not close', 'startswitch burnt', 'startswitch contact burnt', 'startswitch pitted'],
      insects: [
        'mouse nest in the motor', 'nest in the start switch', 'mouse nest in the back of the motor',
        'startswitch blocked', 'startswitch not shut', 'startswitch gummed grease',
        'sawdust out of the startswitch start', 'startswitch sawdust', 'blew out the startswitch',
        'blew the startswitch start', 'dirt startswitch start', 'insects in the startswitch', 'startswitch insects',
        'dirt in the startswitch',
      ],
    },
  },
  'spin': {
    what: [
      'spun the shaft', 'spun it by hand', 'spun the fan', 'helped it over', 'spin it', 'give it a spin',
      'turned it by hand', 'spin the shaft', 'turn shaft by hand as it hums',
    ],
    is: {
      no: ['still stuck', 'still hums', 'noth', 'no help', 'not start', 'still not start', 'no difference'],
      runs: [...RAN, 'went right to speed', 'picks up', 'ran fine'],
    },
    said: {
      no: [
        'spun the shaft still stuck', 'spun it nothing', 'spinning does not help', 'spun no difference',
        'spun by hand still not go', 'spun it still not start',
      ],
      runs: [
        'not turn until I spin the shaft', 'runs when I spin the shaft', 'only starts if I spin it',
        'gave shaft turn start', 'turn shaft start', 'spun the shaft it took off and ran',
        'helped it start', 'kick it over runs', 'pull start run',
        'spun it and it ran',
        'gave the flywheel a shove runs',
      ],
    },
  },
  'click': {
    what: ['startswitch', 'as it slows', 'coasting down', 'when it spins down'],
    is: {
      'clicks': ['clicks', 'hear it click'],
      'no-click': ['no click', 'not hear click'],
    },
    said: {
      'clicks': [
        'startswitch clicks', 'click as it slows', 'hear the startswitch click', 'clicks out at speed',
        'startswitch drops out',
        'hear click winds down',
      ],
      'no-click': [
        'no click winds down', 'never clicks', 'not hear click', 'not hear click speed slow', 'no click speed',
        'no click', 'no click from the startswitch',
        'no click as it slows', 'startswitch does not drop out',
      ],
    },
  },
  'shaft': {
    what: ['shaft', 'motor shaft', 'motor', 'fan', 'pump shaft', 'armature', 'rotor', 'coupling'],
    is: {
      free: [
        'free', 'turns free', 'turns easy', 'turns by hand', 'not stuck', 'turns fine', 'turns over fine',
        'rolls over',
      ],
      stiff: ['stiff', 'hard to turn', 'tight', 'drags', 'tight spot', 'gritty', 'catches', 'rubs'],
      seized: [
        'seized', 'frozen', 'not turn', 'not move', 'not budge', 'solid', 'rusted solid', 'stuck tight', 'froze',
      ],
    },
    said: {
      free: [
        'shaft turns easy', 'turns easy', 'shaft loose free', 'motor turns over easy', 'free wheels', 'shaft free',
        'shaft turns free', 'turns free by hand', 'shaft turns by hand', 'turns over by hand',
        'spins by hand no problem', 'turns over free', 'spins no problem',
      ],
      stiff: [
        'shaft catches', 'turns rough', 'rubs', 'tight spot', 'shaft gritty', 'shaft stiff', 'shaft drags',
        'shaft tight', 'shaft hard to turn', 'turns hard', 'takes effort to turn', 'takes some effort',
        'drags when I turn it',
      ],
      seized: [
        'not budge', 'shaft not budge', 'not move', 'shaft frozen', 'shaft rusted', 'stuck solid', 'cannot turn it',
        'motor locked', 'pump locked', 'shaft bound', 'shaft will not turn', 'locked solid', 'frozen solid',
        'not budge the shaft', 'tried to turn the shaft not go', 'tried to turn it not go screwdriver',
      ],
    },
  },
}
