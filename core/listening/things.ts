/**
 * What is looked at and how it may be: each word for the thing with each word for its state is a way to say the
 * answer. Short speech is made of these two, in either order; whole turns stand in the tables beside. Synonyms are
 * one word already (words.ts): `burnt` is charred, melted and toast too.
 */
export interface Thing {
  readonly what: readonly string[]
  readonly is: Readonly<Record<string, readonly string[]>>
}

const RAN = [
  'runs', 'start', 'took off', 'came alive', 'fires up', 'fires right up', 'kicks', 'comes on', 'works', 'lights up',
  'spun up', 'pumps', 'came on',
]
const HUMMED = ['hum', 'still hums', 'same hum', 'just hums', 'not start hum', 'strains']
const DEAD = ['noth', 'still noth', 'dead', 'silent', 'no difference', 'no change', 'not start', 'not run', 'same']
const TRIPPED = ['trip', 'still trips', 'breaker goes', 'trip atonce', 'blows', 'still blows']
const TRIED = { runs: RAN, groans: HUMMED, silent: DEAD, trips: TRIPPED }

export const THINGS: Readonly<Record<string, Thing>> = {
  'let-go': {
    what: ['breaker', 'it', 'breaker in the panel', 'gfci'],
    is: {
      'at-once': [
        'trips instantly', 'pops instantly', 'trips immediately', 'trip atonce', 'snaps right off', 'snaps back off',
        'not latch', 'not reset', 'goes right off', 'trips when the pump starts', 'trips when it kicks on',
        'trips when it starts', 'trips before it turns', 'trips straight away', 'trips as the contactor closes',
        'trips the instant it calls',
      ],
      'seconds': [
        'trips within seconds', 'trips after ten seconds', 'trips in a couple of seconds', 'goes after a few seconds',
        'trips again in seconds', 'trips inside seconds',
      ],
      'minutes': [
        'trips after minutes', 'trips after an hour', 'trips now and then', 'trips every so often', 'trips randomly',
        'trips when it warms up', 'trips after it warms up', 'trips every day', 'trips at random', 'trips sometimes',
      ],
      'holds': [
        'never tripped', 'still on', 'not trip', 'stays on', 'stays in', 'did not trip this time', 'holds fine',
      ],
    },
  },
  'lights': {
    what: ['lights', 'house', 'other outlets', 'other circuits', 'other appliances'],
    is: {
      fine: ['good', 'works', 'all work', 'bright', 'on', 'has power', 'got power', 'normal'],
      half: ['half out', 'half dead', 'some out', 'some dead', 'some not work', 'half work', 'some off'],
      all: ['all out', 'all dead', 'no power at all', 'all off', 'dark', 'pitch black'],
      dim: ['dim', 'dim when pump starts', 'dips', 'brown', 'flicker', 'goes dim when it tries'],
    },
  },
  'terminals': {
    what: [
      'wire', 'terminal', 'terminals', 'wire at the switch', 'wire at the motor', 'wire nut', 'connection', 'lug',
      'screw', 'spade', 'connector', 'crimp', 'wiring',
    ],
    is: {
      tight: ['tight', 'good and tight', 'all tight', 'looks good', 'clean', 'clean and tight', 'snug', 'not loose'],
      burnt: [
        'loose', 'burnt', 'burnt off', 'melted', 'corroded', 'hot', 'arcing', 'arced', 'came off', 'fell off',
        'fell out', 'hanging off', 'barely on', 'crumbles', 'rotten', 'discoloured', 'not tight', 'backed out',
        'overheated', 'rotted off', 'full of water', 'disconnected', 'just laying there',
      ],
      chafed: [
        'chewed', 'chewed on', 'chewed through', 'nicked', 'bare', 'bare copper showing', 'rubbed through', 'skinned',
        'rubbing on the metal', 'cut', 'pinched', 'insulation gone', 'worn through', 'frayed',
      ],
    },
  },
  'contacts': {
    what: ['contact', 'contacts', 'points', 'switch contacts', 'set of contacts', 'pressure switch contacts'],
    is: {
      clean: [
        'clean', 'good', 'fine', 'shiny', 'like new', 'look new', 'perfect', 'not burnt', 'not pitted', 'look okay',
        'bright',
      ],
      sooty: ['sooty', 'dark', 'discoloured', 'carbon', 'tarnished', 'oxidized'],
      pitted: [
        'pitted', 'worn', 'rough', 'cratered', 'worn down', 'chewed up', 'ate up', 'beat up', 'uneven', 'dished',
      ],
      burnt: [
        'burnt', 'burnt up', 'burnt bad', 'burnt off', 'gone', 'missing', 'black', 'charred', 'toast', 'fried',
        'melted', 'arced', 'smoked', 'burned to nothing', 'burnt down to metal', 'destroyed', 'not make',
        'no metal left', 'crispy', 'blown off',
      ],
      welded: [
        'welded', 'welded shut', 'stuck', 'stuck together', 'fused', 'fused together', 'stuck closed', 'not open',
        'not separate', 'will not let go', 'pried apart', 'melted together', 'stay closed',
      ],
      insects: [
        'ants', 'bugs', 'ant nest', 'spider web', 'earwigs', 'insects', 'full of ants', 'bug', 'ants between',
        'dead ants', 'crushed ants', 'mud dauber nest', 'wasp nest', 'slug', 'lizard', 'dirt', 'sand',
        'packed with ants', 'ants held apart', 'bugs held apart', 'dirt held apart', 'ants apart',
      ],
      wet: ['wet', 'green', 'corroded', 'rusty', 'water in', 'damp', 'full of water', 'soaked', 'rusted'],
    },
  },
  'switch-seen': {
    what: ['switch', 'contacts', 'points', 'pressure switch', 'switch contacts'],
    is: {
      closed: ['closed', 'made', 'made up', 'together', 'touching', 'pulled in', 'shut', 'closed by itself'],
      open: ['open', 'wide open', 'apart', 'not closed', 'not made', 'not touching', 'stay open', 'separated'],
    },
  },
  'port-look': {
    what: [
      'port', 'nipple', 'pipe to the switch', 'tube to the switch', 'line to the switch', 'switch nipple',
      'pipe under the switch', 'fitting under the switch', 'hole in the switch', 'opening in the switch', 'orifice',
      'riser to the switch',
    ],
    is: {
      clear: ['clear', 'open', 'clean', 'not blocked', 'wide open', 'no rust'],
      blocked: [
        'blocked', 'plugged', 'plugged solid', 'clogged', 'packed', 'rust', 'full of rust', 'mud', 'sand',
        'full of sand', 'sediment', 'scale', 'crud', 'iron', 'slime', 'closed up', 'rusted shut', 'stopped up',
        'frozen', 'not blow through', 'full of gunk', 'solid rust',
      ],
    },
  },
  'lever': {
    what: [
      'lever', 'handle', 'cut off lever', 'low pressure lever', 'reset lever', 'auto off lever', 'arm on the side',
    ],
    is: {
      auto: ['auto', 'in auto', 'run position', 'set'],
      off: [
        'off', 'down', 'tripped', 'dropped', 'flipped off', 'all the way up', 'tripped low', 'in off', 'kicked off',
      ],
    },
  },
  'switch-heat': {
    what: ['switch', 'switch cover', 'pressure switch', 'cover of the switch', 'switch housing'],
    is: {
      cool: ['cool', 'cold', 'not warm', 'not hot', 'normal temperature'],
      hot: [
        'hot', 'warm', 'real warm', 'too hot to touch', 'smells hot', 'burning up', 'cooking', 'melted', 'scorched',
      ],
    },
  },
  'tap-switch': {
    what: [
      'pushed the contacts together', 'pushed the contacts closed', 'held the contacts closed', 'tapped the switch',
      'tapped it', 'hit the switch', 'whacked the switch', 'bumped the switch',
    ],
    is: {
      nothing: ['noth', 'no change', 'no difference', 'still dead', 'still noth', 'does nothing'],
      starts: ['start', 'runs', 'took off', 'kicks on', 'came on', 'it started right up', 'contacts closed'],
    },
  },
  'bypass': {
    what: [
      'bridged', 'jumped', 'jumpered', 'bypassed the switch', 'jumped the switch', 'jumper across', 'jumped it out',
      'jumped across the switch', 'wire across the switch', 'bypassed it', 'put a jumper',
    ],
    is: TRIED,
  },
  'motor-look': {
    what: ['motor', 'the motor', 'pump motor', 'motor housing'],
    is: {
      sound: ['looks good', 'looks fine', 'looks new', 'clean', 'no burnt smell', 'smells fine', 'looks normal'],
      burnt: [
        'smells burnt', 'smells', 'burnt up', 'cooked', 'smoked', 'smoke coming', 'smoking', 'fried', 'smell varnish',
        'toast', 'stinks', 'burnt smell', 'let the smoke out', 'roasted', 'smells electrical',
      ],
      wet: [
        'wet', 'soaked', 'flooded', 'under water', 'full of water', 'water in', 'got wet', 'sprayed', 'rained on',
      ],
      rumbles: [
        'noisy', 'bearings gone', 'bearings shot', 'screaming', 'squeals', 'howls', 'rumbles', 'grinding noise',
        'roars', 'growling bearings', 'whines', 'rough bearings', 'shaking', 'bearing noise', 'play in the shaft',
      ],
    },
  },
  'motor-heat': {
    what: ['motor', 'the motor', 'motor case', 'motor housing', 'side of the motor'],
    is: {
      usual: ['cool', 'warm', 'cold', 'not hot', 'barely warm', 'stone cold', 'normal temperature', 'normal heat'],
      hot: [
        'hot', 'very hot', 'burning hot', 'too hot to touch', 'toohot', 'overheated', 'fry an egg', 'scalding',
        'cooking', 'hot as a stove',
      ],
    },
  },
  'speed': {
    what: ['motor', 'pump', 'it', 'motor turning', 'pump turning', 'motor sound'],
    is: {
      usual: ['full speed', 'up to speed', 'normal speed', 'sounds normal', 'sounds right', 'sounds good'],
      slow: [
        'slow', 'turning slow', 'labour', 'bogs down', 'bogged down', 'dragging', 'sluggish', 'not up to speed',
        'never gets up to speed', 'half speed', 'struggling', 'slow to start', 'loaded down', 'lugging',
      ],
    },
  },
  'shaft': {
    what: ['shaft', 'motor shaft', 'motor', 'fan', 'pump shaft', 'armature', 'rotor', 'coupling', 'motor by hand'],
    is: {
      free: [
        'free', 'turns free', 'spins free', 'turns easy', 'spins easy', 'turns by hand', 'spins by hand', 'not stuck',
        'turns fine', 'turns over fine', 'rolls over', 'spins nice',
      ],
      stiff: [
        'stiff', 'hard to turn', 'rough', 'tight', 'drags', 'grinds', 'tight spot', 'gritty', 'catches', 'rubs',
      ],
      seized: [
        'seized', 'stuck', 'locked', 'locked up', 'frozen', 'not turn', 'not move', 'not budge', 'froze up', 'solid',
        'rusted solid', 'bound up', 'not spin', 'will not rotate', 'cannot turn', 'stuck tight', 'froze',
      ],
    },
  },
  'open-again': {
    what: [
      'wellhead', 'splice box', 'splice at the well', 'down the well', 'pump side', 'motor side', 'looking down',
    ],
    is: {
      whole: ['good', 'reads good', 'has continuity', 'whole', 'reads fine'],
      open: ['still open', 'open too', 'still ol', 'no continuity', 'still infinite', 'still no continuity'],
    },
  },
  'cap-seen': {
    what: ['cap', 'start cap', 'run cap', 'top of the cap', 'cap in the box', 'cap on the motor', 'side of the cap'],
    is: {
      sound: ['looks good', 'looks fine', 'looks okay', 'not bulged', 'not swollen', 'looks new'],
      bulged: [
        'bulged', 'swollen', 'blown', 'blew', 'blew up', 'exploded', 'leaking', 'leaked', 'popped', 'split',
        'cracked open', 'burst', 'oil out', 'burnt', 'melted', 'smoked', 'goo', 'puffed up', 'domed', 'blown out',
        'black', 'ruptured',
      ],
    },
  },
  'cap-label': {
    what: ['cap', 'start cap', 'run cap', 'cap on the meter'],
    is: {
      within: [
        'tests good', 'checks good', 'in range', 'in spec', 'right on', 'on the money', 'within range', 'good',
      ],
      under: [
        'tests bad', 'way low', 'low', 'weak', 'out of range', 'out of spec', 'bad', 'way under', 'way off',
        'no good', 'not good', 'failed',
      ],
    },
  },
  'cap-swap': {
    what: [
      'known good cap', 'new cap', 'another cap', 'spare cap', 'swapped the cap', 'changed the cap', 'test cap',
      'different cap', 'cap off the truck',
    ],
    is: TRIED,
  },
  'box-swap': {
    what: [
      'known good box', 'another box', 'spare box', 'new box', 'swapped the box', 'test box', 'box off the truck',
    ],
    is: TRIED,
  },
  'known-feed': {
    what: [
      'another outlet', 'good outlet', 'different outlet', 'different circuit', 'another circuit',
      'straight off the panel', 'plugged in the wall', 'short cord', 'heavy cord', 'generator', 'wall outlet',
      'different plug', 'temporary feed',
    ],
    is: TRIED,
  },
  'known-motor': {
    what: ['known good pump', 'another pump', 'spare pump', 'known good motor', 'different pump', 'test pump'],
    is: TRIED,
  },
  'second-return': {
    what: [
      'second ground', 'jumper to battery negative', 'ground straight to the battery', 'new ground wire',
      'temporary ground', 'jumper from black to negative', 'ran a ground to the battery', 'jumped the ground',
      'wire from negative to the battery',
    ],
    is: TRIED,
  },
  'relay-seen': {
    what: ['relay', 'start relay', 'relay contacts', 'relay in the box', 'potential relay'],
    is: {
      clean: ['clean', 'good', 'looks fine', 'looks good', 'looks new'],
      pitted: ['pitted', 'burnt', 'black', 'burnt up', 'charred', 'melted', 'cooked', 'arced'],
      welded: ['welded', 'stuck', 'stuck closed', 'stuck shut', 'fused', 'stuck together', 'not open', 'never opens'],
    },
  },
  'box-seen': {
    what: ['box', 'control box', 'inside of the box', 'box inside'],
    is: {
      clean: ['clean', 'dry', 'looks good', 'looks fine', 'looks new', 'not burnt'],
      burnt: ['burnt', 'burnt up', 'smells burnt', 'black', 'scorched', 'smoked', 'melted', 'burnt inside', 'soot'],
      terminal: ['terminal burnt', 'terminal melted', 'lug burnt', 'spade burnt', 'wire burnt off', 'terminal loose'],
      wrong: [
        'wrong size', 'wrong horsepower', 'too small', 'too big', 'wrong', 'for a different motor', 'mismatched',
        'not match the motor', 'wrong one',
      ],
    },
  },
  'overload-seen': {
    what: ['overload', 'red button', 'reset on the box', 'overload on the box', 'box overload', 'thermal'],
    is: {
      'holds': ['holds', 'in', 'not tripped', 'stays in', 'not popped', 'good'],
      'lets-go': [
        'trips', 'pops', 'trips again', 'pops again', 'popped out', 'kicks out', 'out', 'tripped', 'not stay in',
        'not hold', 'trips after seconds', 'pops seconds', 'clicks', 'keeps tripping', 'opens',
      ],
    },
  },
  'cool-ohms': {
    what: ['cool', 'cooled off', 'once it cooled', 'after it cooled', 'when cold', 'let it cool'],
    is: {
      'comes-back': [
        'comes back', 'reads again', 'closed again', 'continuity back', 'runs again', 'resets', 'works again',
      ],
      'stays-ol': [
        'still open', 'still ol', 'still no continuity', 'never comes back', 'still dead', 'still infinite',
      ],
    },
  },
  'links': {
    what: ['links', 'jumpers', 'motor', 'voltage jumpers', 'taps', 'voltage selector', 'motor leads', 'voltage plug'],
    is: {
      right: ['right', 'correct', 'match the supply', 'set right', 'wired right'],
      wrong: [
        'wrong', 'wrong voltage', 'wired for the wrong voltage', 'othervolts', 'set wrong', 'low voltage',
        'high voltage', 'strapped wrong', 'not match the supply',
      ],
    },
  },
  'startswitch-look': {
    what: ['startswitch', 'startswitch contacts', 'startswitch points', 'centrifugal switch'],
    is: {
      clean: ['clean', 'good', 'closed', 'looks good', 'touching', 'free'],
      burnt: [
        'burnt', 'pitted', 'black', 'broken', 'not touching', 'not close', 'worn out', 'gone', 'stuck open', 'bent',
      ],
      insects: [
        'bugs', 'dirt', 'ants', 'sawdust', 'dust', 'full of dirt', 'nest', 'gummed', 'grease', 'packed with dust',
      ],
    },
  },
  'spin': {
    what: [
      'spun the shaft', 'spun it by hand', 'gave it a spin', 'turned it by hand', 'spun the fan', 'helped it over',
    ],
    is: {
      no: ['still stuck', 'still hums', 'noth', 'no help', 'not start', 'still not start', 'no difference'],
      runs: [...RAN, 'went right to speed', 'picks up', 'ran fine', 'running good'],
    },
  },
  'click': {
    what: ['startswitch', 'centrifugal switch', 'as it slows', 'coasting down', 'when it spins down'],
    is: {
      'clicks': ['clicks', 'click', 'hear it click'],
      'no-click': ['no click', 'not click', 'never clicks', 'not hear click'],
    },
  },
  'foot-look': {
    what: ['footvalve', 'suctionline', 'check in the suction', 'footvalve down the well'],
    is: {
      holds: ['holds', 'good', 'not leak', 'holds water', 'seats'],
      falls: [
        'leaks', 'bad', 'not hold', 'stuck open', 'drains back', 'leaks back', 'runs back', 'bleeds back', 'not seat',
        'flapper gone', 'worn out', 'empties out', 'shot', 'junk in the seat',
      ],
      blocked: [
        'blocked', 'plugged', 'stuck shut', 'leaves', 'mud', 'sand', 'buried', 'clogged with leaves', 'in the mud',
      ],
    },
  },
  'prime-look': {
    what: ['prime', 'plug', 'top plug', 'priming plug', 'prime plug', 'pump case', 'pump housing', 'volute'],
    is: {
      full: ['full', 'full of water', 'holds', 'good', 'water to the top', 'solid water', 'water in'],
      empty: [
        'empty', 'dry', 'no water', 'gone', 'lost', 'air', 'took two gallons to fill', 'drained out', 'not hold',
        'keeps losing', 'half empty', 'low',
      ],
    },
  },
  'impeller-look': {
    what: ['impeller', 'impeller vanes', 'vanes', 'pump end', 'volute', 'diffuser'],
    is: {
      turns: ['turns', 'free', 'spins free', 'good', 'clear', 'looks good'],
      jammed: [
        'jammed', 'stuck', 'rock', 'stone', 'pebble', 'packed', 'rust', 'scale', 'plugged', 'stick in', 'gravel in',
        'blocked', 'rag', 'clogged', 'full of sand', 'wedged',
      ],
      worn: [
        'worn', 'worn out', 'ate up', 'eaten away', 'chewed up', 'gone', 'rounded off', 'sand cut', 'broken',
        'stripped',
      ],
      stuck: ['off motor still stuck', 'off motor still locked', 'out motor still stuck'],
    },
  },
  'vacuum': {
    what: ['vacuum', 'suction gauge', 'vacuum gauge', 'suction'],
    is: {
      steady: ['steady', 'normal', 'good', 'usual'],
      high: ['high', 'pegged', 'way up', 'strong', 'climbs and stays', 'very high', 'pulling hard'],
      low: ['low', 'none', 'weak', 'jumping', 'unsteady', 'bounces', 'falls off', 'not pull', 'zero', 'drops off'],
    },
  },
  'jet-look': {
    what: ['jet', 'nozzle', 'venturi', 'ejector', 'injector', 'jet assembly', 'jet body'],
    is: {
      clear: ['clear', 'clean', 'open', 'not blocked', 'good'],
      blocked: [
        'blocked', 'plugged', 'clogged', 'rock in', 'stone in', 'sand in', 'rust', 'scale', 'pebble in', 'dirt',
        'packed', 'stopped up', 'piece of plastic', 'debris',
      ],
    },
  },
  'strainer-look': {
    what: [
      'strainer', 'inlet screen', 'screen', 'y strainer', 'strainer basket', 'strainer bowl', 'inlet filter',
      'basket',
    ],
    is: {
      clean: ['clean', 'clear', 'good', 'not blocked', 'nothing in'],
      clear: ['clean', 'clear', 'good', 'not blocked', 'nothing in'],
      blocked: [
        'blocked', 'plugged', 'clogged', 'full', 'packed', 'packed solid', 'dirty', 'sand', 'scale', 'rust', 'junk',
        'plastic shavings', 'slime', 'half plugged', 'full of crud', 'mud', 'covered', 'solid', 'filthy', 'pipe dope',
      ],
      packed: [
        'blocked', 'plugged', 'clogged', 'full', 'packed', 'packed solid', 'dirty', 'sand', 'scale', 'junk', 'debris',
        'plastic shavings', 'slime', 'half plugged', 'full of crud', 'covered', 'filthy',
      ],
      bubbles: [
        'bubbles', 'air', 'cracked', 'loose', 'o-ring bad', 'o-ring missing', 'o-ring flat', 'sucks air',
        'not sealed',
      ],
    },
  },
  'check-look': {
    what: ['checkvalve', 'check', 'flapper', 'check flap', 'poppet', 'check valve disc', 'check in the line'],
    is: {
      good: ['good', 'clean', 'seats', 'moves', 'works', 'free', 'looks good', 'holds'],
      shut: ['stuck shut', 'jammed shut', 'stuck closed', 'not open', 'seized shut', 'backwards', 'in backwards'],
      open: [
        'stuck open', 'not seat', 'not close', 'broken', 'spring broken', 'worn', 'bad', 'cracked', 'torn', 'junk in',
        'sand in', 'trash in', 'melted', 'chewed up', 'gone', 'warped', 'not sealed', 'carbon on the seat', 'split',
      ],
    },
  },
  'vent': {
    what: ['vent screw', 'bled the pump', 'bleeder', 'vent', 'cracked the vent'],
    is: {
      water: ['water', 'solid water', 'no air', 'water right away'],
      air: ['air', 'spits', 'lot of air', 'nothing but air', 'air for a minute', 'hissed air', 'big air pocket'],
    },
  },
  'tank-level': {
    what: [
      'cistern', 'holding tank', 'storage tank', 'big tank', 'water in the tank', 'tank through the hatch', 'hatch',
    ],
    is: {
      normal: [
        'full', 'good', 'half full', 'plenty', 'lots of water', 'three feet', 'has water', 'normal',
        'up to the float',
      ],
      low: [
        'low', 'empty', 'dry', 'bone dry', 'nearly empty', 'foot left', 'foot of water left', 'inches', 'few inches',
        'mud at the bottom', 'no water',
        'no level', 'six inches in the bottom', 'bottom', 'just mud', 'sucked down', 'way down',
      ],
      over: [
        'overflow', 'overflowing', 'running over', 'spilling', 'out the top', 'to the brim running out', 'flooding',
      ],
    },
  },
  'float-look': {
    what: ['float', 'float switch', 'float ball', 'float in the tank', 'float cord', 'float arm'],
    is: {
      works: [
        'works', 'moves', 'calls', 'good', 'clicks', 'down', 'down and calling', 'free', 'hanging down', 'works fine',
      ],
      dead: [
        'hung up', 'stuck', 'caught', 'stuck up', 'tangled', 'wrapped', 'laid over', 'hung', 'sunk', 'waterlogged',
        'full of water', 'not call', 'dead', 'broken', 'hung on a pipe', 'hung on the ladder', 'stuck high',
        'pinned up', 'laying on the pipe', 'not click', 'does nothing', 'snagged', 'not drop',
      ],
      held: [
        'lifted still runs', 'lifted noth', 'lifted by hand still runs', 'lifted not stop', 'wire off pump stop',
        'unplugged pump stop', 'wire off stop', 'unplugged stop', 'disconnected pump stop', 'disconnected stop',
        'stuck down', 'held down', 'not rise', 'not float', 'not shut off', 'pinned down', 'under a pipe',
        'never stops',
      ],
    },
  },
  'level-look': {
    what: ['water level', 'static level', 'level in the well', 'water in the well', 'well level'],
    is: {
      covered: ['good', 'plenty', 'high', 'way over the pump', 'above the pump', 'full', 'near the top', 'feet over'],
      low: [
        'low', 'dry', 'down to the pump', 'empty', 'pumped down', 'below the pump', 'way down', 'dropped',
        'at the pump',
      ],
    },
  },
  'rest-well': {
    what: [
      'after an hour', 'let it sit', 'let it rest', 'shut it off for a while', 'next morning', 'let the well recover',
    ],
    is: {
      same: ['no better', 'no difference', 'still no water', 'still the same'],
      back: [
        'water again', 'pumps again', 'good for a while', 'comes back', 'pumps fine for minutes', 'runs out again',
      ],
    },
  },
  'knock': {
    what: [
      'tank', 'knocked on the tank', 'rapped on the tank', 'pressure tank', 'bladder tank', 'top of the tank',
      'rocked the tank',
    ],
    is: {
      rings: [
        'rings', 'hollow', 'light', 'empty sounding', 'rocks easy', 'tips easy', 'sounds hollow on top', 'moves easy',
      ],
      dull: [
        'dull', 'thud', 'dull thud', 'solid', 'heavy', 'full of water', 'sounds full', 'not budge', 'heavy as lead',
        'waterlogged', 'weighs a ton', 'sloshes', 'solid all the way up', 'thunk', 'cannot move it',
        'full to the top',
      ],
    },
  },
  'air-valve': {
    what: [
      'airvalve', 'valve stem', 'stem on the tank', 'valve on top of the tank', 'pin', 'tire gauge', 'air valve',
    ],
    is: {
      air: ['air', 'just air', 'only air', 'dry', 'no water', 'hisses air'],
      water: [
        'water', 'water out', 'squirts water', 'spits water', 'wet', 'water sprayed', 'water came out', 'drips water',
      ],
      nothing: ['noth', 'no air', 'zero', 'flat', 'no air no water', 'nothing out'],
    },
  },
  'gauge-agrees': {
    what: ['gauge', 'pressure gauge', 'old gauge'],
    is: {
      agree: ['good', 'right', 'accurate', 'matches', 'agrees', 'reads the same', 'correct', 'moves'],
      differ: [
        'stuck', 'bad', 'broken', 'wrong', 'not move', 'not budge', 'tapped not move', 'off', 'does not match',
        'pegged', 'reads wrong', 'junk',
        'lies',
      ],
    },
  },
  'house-shut': {
    what: [
      'house valve shut', 'shut the house off', 'closed the valve to the house', 'isolated the house',
      'valve to the house closed',
    ],
    is: {
      holds: [
        'holds', 'stays', 'quits falling', 'stopped dropping', 'not drop', 'steady', 'stops', 'stays put',
        'rock steady',
      ],
      falls: [
        'still falls', 'still drops', 'still loses', 'still leaks down', 'keeps dropping', 'falls', 'no change',
        'still cycles',
      ],
    },
  },
  'leaks-look': {
    what: [
      'toilet', 'faucet', 'pipe', 'line', 'yard', 'fitting', 'hose bib', 'house', 'water heater', 'valve', 'hydrant',
    ],
    is: {
      leak: [
        'leaks', 'runs', 'running', 'drips', 'not shut off', 'seeping', 'dribbles', 'burst', 'broken', 'wet', 'split',
        'not stop', 'leaking', 'keeps running', 'stuck open', 'blown off',
      ],
    },
  },
  'self-starts': {
    what: ['pump', 'it', 'booster', 'compressor'],
    is: {
      no: ['stays off', 'not start by itself', 'not kick on', 'never comes on by itself'],
      yes: [
        'kicks on by itself', 'starts by itself', 'comes on by itself', 'kicks on with nothing running',
        'burps with everything off', 'comes on nobody using water', 'kicks on with everything shut',
        'cycles all night', 'burps every few minutes', 'bumps on every couple of minutes', 'cycles on its own',
        'cycles with nothing open',
      ],
    },
  },
  'heard': {
    what: ['well pump', 'pump', 'pump in the well'],
    is: {
      runs: [...RAN, 'running', 'running now', 'kicked right on', 'runs fine', 'started right up'],
      groans: HUMMED,
      silent: [
        'dead', 'silent', 'not run', 'not start', 'not come on', 'not kick on', 'does nothing', 'no sound',
        'no noise',
      ],
    },
  },
  'cycles-how': {
    what: ['pump', 'it', 'switch', 'compressor', 'booster'],
    is: {
      usual: ['cycles normal', 'long cycles', 'normal cycles', 'cycles like it should'],
      rapid: [
        'short cycles', 'rapid cycles', 'cycles fast', 'onoff onoff', 'kicks on and off', 'clicks on and off',
        'cycles every few seconds', 'starts and stops constantly', 'onoff constantly',
      ],
    },
  },
  'climbs': {
    what: ['pressure', 'gauge', 'needle', 'tank', 'it'],
    is: {
      reaches: [
        'builds', 'builds fine', 'comes right up', 'climbs right up', 'gets to cut out', 'reaches cut out',
        'goes to cutout', 'builds up good', 'shoots right up', 'comes up good', 'climbs like it should',
      ],
      stalls: [
        'not build', 'not climb', 'never gets there', 'stops climbing', 'not go past', 'stalls', 'tops out',
        'not come up', 'not rise', 'levels off', 'hangs', 'sits there', 'will not get past', 'stuck', 'not move',
        'barely climbs', 'never reaches', 'not build any', 'just sits',
      ],
    },
  },
  'falls-how': {
    what: ['pressure', 'gauge', 'needle', 'tank', 'it'],
    is: {
      holds: [
        'holds', 'stays put', 'not drop', 'not fall', 'rock solid', 'holds all night', 'not move',
        'steady with the pump off',
      ],
      slow: [
        'falls slow', 'bleeds down', 'creeps down', 'leaks down', 'drops slow', 'bleeds off slow', 'drifts down',
        'slowly loses',
      ],
      once: [
        'falls at once', 'drops right off', 'falls to zero', 'drops to zero', 'falls fast', 'dumps',
        'falls like a rock', 'gone in seconds',
      ],
    },
  },
  'works': {
    what: ['it', 'system', 'pump', 'everything'],
    is: {
      yes: [
        'works now', 'works great', 'back to normal', 'good to go', 'fixed', 'works like new', 'runs like it should',
        'all good',
      ],
      no: [
        'still not right', 'not fixed', 'same problem', 'still does the same', 'still acting up',
        'problem is still there',
      ],
    },
  },
  'runs-past': {
    what: ['pump', 'it', 'compressor', 'motor'],
    is: {
      'stops': ['shuts off', 'stops', 'kicks off', 'cuts off', 'shuts off right', 'shuts off like it should'],
      'runs-on': [
        'not shut off', 'not stop', 'never shuts off', 'keeps running', 'runs forever', 'not kick off', 'not quit',
        'runs nonstop', 'runs past cut out', 'runs continuous', 'not turn off', 'runs constantly',
      ],
    },
  },
  'sound': {
    what: ['pump', 'motor', 'it', 'booster', 'compressor'],
    is: {
      runs: [
        'runs', 'running', 'turns', 'spinning', 'starts', 'runs fine', 'runs good', 'going', 'runs quiet', 'came on',
      ],
      groans: [
        'hums', 'buzzes', 'groans', 'growls', 'hums not start', 'hums not turn', 'trying to start', 'just hums',
        'grunts', 'sits and hums', 'stalled humming',
      ],
      silent: [
        'dead', 'noth', 'silent', 'not run', 'not start', 'not come on', 'not kick on', 'does nothing', 'no noise',
        'no sound', 'no hum', 'not make a sound', 'not running', 'no click', 'not do anything',
        'deader than a doornail',
      ],
      chatters: ['chatters', 'clicks fast', 'clicking', 'buzzes on and off', 'rattles'],
    },
  },
  'pulses': {
    what: ['water', 'tap', 'faucet', 'hose', 'shower', 'pressure at the tap', 'flow'],
    is: {
      steady: ['good', 'strong', 'steady', 'plenty', 'fine', 'full flow', 'good pressure', 'good flow'],
      pulses: [
        'pulses', 'surges', 'comes and goes', 'goes up and down', 'up and down', 'hot and cold', 'strong then weak',
        'cuts out',
      ],
      weak: ['weak', 'trickle', 'low', 'slow', 'dribble', 'barely', 'poor', 'pathetic', 'no pressure', 'not much'],
      none: ['none', 'noth', 'dry', 'no water', 'not a drop', 'zero', 'nothing comes out', 'dead'],
    },
  },
  'water-look': {
    what: ['water', 'tap water', 'water coming out', 'bucket', 'glass'],
    is: {
      clear: ['clear', 'clean', 'looks good', 'no sand', 'no air'],
      sand: [
        'sand', 'sandy', 'dirty', 'muddy', 'rusty', 'brown', 'gritty', 'cloudy', 'orange', 'grit', 'sediment', 'red',
      ],
      air: [
        'air', 'spits', 'sputters', 'bubbles', 'milky', 'spits air', 'burps', 'air pockets', 'coughs', 'full of air',
      ],
    },
  },
  'fuse-look': {
    what: ['fuse', 'inline fuse', 'fuse in the panel', 'blade fuse', 'pump fuse'],
    is: {
      good: ['good', 'fine', 'not blown', 'whole', 'okay', 'tests good', 'has continuity'],
      whole: ['good', 'fine', 'not blown', 'whole', 'okay', 'tests good', 'has continuity'],
      blown: [
        'black', 'dark', 'blown', 'popped', 'open', 'no continuity', 'burnt', 'gone', 'keeps blowing', 'bad', 'blew',
      ],
      burnt: [
        'holder melted', 'holder burnt', 'holder corroded', 'holder green', 'holder loose', 'clip loose',
        'holder hot',
      ],
    },
  },
  'fuses-look': {
    what: ['line fuse', 'main fuse', 'one fuse', 'cartridge fuse', 'fuse in the disconnect'],
    is: {
      good: ['good', 'all good', 'test good', 'not blown', 'fine', 'have continuity'],
      one: ['blown', 'open', 'no continuity', 'bad', 'popped', 'dead'],
      more: ['two blown', 'two open', 'all three blown', 'both blown'],
    },
  },
  'disconnect-look': {
    what: [
      'disconnect', 'disconnect blade', 'knife blade', 'disconnect lug', 'disconnect jaw', 'pull out disconnect',
    ],
    is: {
      bright: ['good', 'clean', 'tight', 'looks fine', 'bright', 'not burnt'],
      burnt: [
        'burnt', 'melted', 'loose', 'hot', 'corroded', 'black', 'arced', 'not make', 'discoloured', 'blue',
        'not close', 'cooked',
      ],
    },
  },
  'breaker-seen': {
    what: ['breaker', 'pump breaker', 'breaker handle'],
    is: {
      on: ['on', 'is on', 'still on', 'not tripped', 'set', 'closed', 'in the on position'],
      tripped: ['tripped', 'was tripped', 'popped', 'kicked', 'in the middle', 'half way', 'found tripped'],
      off: ['off', 'was off', 'turned off', 'in the off position', 'switched off'],
    },
  },
  'return-look': {
    what: [
      'ground', 'ground wire', 'ground strap', 'chassis ground', 'ground screw', 'ground bolt', 'ring terminal',
      'negative wire',
    ],
    is: {
      bright: ['clean', 'tight', 'good', 'bright', 'clean and tight', 'looks good'],
      rusty: ['rusty', 'rusted', 'loose', 'corroded', 'painted', 'broken', 'rusted off', 'hanging', 'dirty', 'bad'],
    },
  },
  'posts-look': {
    what: ['battery post', 'battery terminal', 'battery clamp', 'battery cable', 'posts'],
    is: {
      clean: ['clean', 'tight', 'good', 'clean and tight'],
      furred: ['corroded', 'loose', 'white', 'green', 'fuzzy', 'furred', 'dirty', 'crusty', 'powder', 'blue crud'],
    },
  },
  'panel-wiggle': {
    what: ['wiggle the panelswitch', 'panelswitch', 'rocker', 'pushed on the panelswitch'],
    is: {
      same: ['no difference', 'noth', 'same'],
      comes: ['comes and goes', 'cuts in and out', 'runs', 'flickers', 'works sometimes'],
    },
  },
  'wires-look': {
    what: ['wire', 'harness', 'wires', 'wiring', 'wire at the bulkhead', 'loom'],
    is: {
      whole: ['good', 'whole', 'looks fine', 'not chafed', 'not bare'],
      chafed: [
        'chafed', 'pinched', 'bare', 'rubbed through', 'screw through', 'cut', 'chewed', 'melted', 'smashed',
        'nicked',
      ],
    },
  },
  'tank-look': {
    what: ['freshtank', 'fresh water tank', 'tank', 'tank gauge', 'water tank'],
    is: {
      water: ['full', 'half full', 'has water', 'plenty', 'water in it', 'topped off'],
      empty: ['empty', 'dry', 'bone dry', 'no water', 'out of water', 'drained', 'nothing in it'],
    },
  },
  'weep': {
    what: ['pump head', 'weephole', 'head of the pump', 'under the pump', 'bottom of the pump', 'pump housing'],
    is: {
      dry: ['dry', 'not leak', 'no leak', 'bone dry'],
      wet: ['wet', 'leaks', 'drips', 'water', 'weeps', 'puddle', 'dripping'],
    },
  },
  'unloader-stop': {
    what: [
      'unloader', 'unloader valve', 'bleed off', 'at shut off', 'when it stops', 'when it shuts off', 'at cut out',
    ],
    is: {
      sigh: [
        'psst', 'short hiss', 'pssh', 'unloads', 'vents', 'bleeds off', 'pop of air', 'releases', 'dumps',
        'hear it unload',
      ],
      hisses: [
        'keeps hissing', 'hisson', 'hisses constantly', 'hiss does not stop', 'leaks air', 'bleeds constant',
        'keeps leaking', 'air keeps coming', 'blows air constantly', 'never stops hissing', 'hiss not stop',
        'air hisson not stop', 'air blow not stop', 'air keeps blowing', 'leaks down',
      ],
      nothing: [
        'no hiss', 'no psst', 'no sound', 'not unload', 'not vent', 'not bleed off', 'no air', 'noth',
        'not hear anything', 'stuck', 'plugged', 'blocked', 'tube plugged', 'line plugged', 'stuck shut',
        'not release', 'no release',
      ],
    },
  },
  'unloader-run': {
    what: [
      'unloader while running', 'unloader running', 'switch while it runs', 'unloader when it pumps', 'vent running',
    ],
    is: {
      still: ['quiet', 'dry', 'not leak', 'no air', 'noth'],
      blows: ['leaks', 'blows', 'hisses', 'air out', 'blowing air', 'leaking'],
    },
  },
  'crack-line': {
    what: [
      'cracked the unloaderline', 'loosened the tube', 'bled the head', 'cracked the fitting',
      'loosened the unloaderline', 'cracked the tube',
    ],
    is: {
      same: ['still hums', 'no difference', 'noth', 'same', 'still not start'],
      starts: ['starts', 'starts right up', 'fires up', 'runs', 'psst starts', 'took off', 'air came out starts'],
    },
  },
  'intake-breath': {
    what: ['intake', 'intake filter', 'air filter', 'filter', 'hand over the intake', 'air intake'],
    is: {
      pulls: ['pulls', 'sucks', 'good pull', 'strong suction', 'pulls hard', 'sucks good'],
      back: [
        'blows back', 'puffs', 'spits back', 'air comes back', 'blowing out', 'puffs back', 'blows out', 'chuffs',
        'breathes back',
      ],
      better: [
        'plugged', 'blocked', 'packed', 'dirty', 'clogged', 'full of dust', 'caked', 'filter off better',
        'filter off builds',
      ],
    },
  },
  'head-heard': {
    what: ['head', 'pump head', 'compressor head', 'head gasket', 'cylinder head', 'head bolts'],
    is: {
      even: ['even', 'good', 'sounds good', 'quiet', 'no leak'],
      blows: [
        'blows', 'leaks', 'blown', 'hisses', 'air out', 'leaking air', 'loose', 'bubbles', 'blowing by',
        'gasket blown',
      ],
      knocks: ['knocks', 'rattles', 'clanks', 'knocking', 'rod knock', 'banging'],
    },
  },
  'belt-look': {
    what: ['belt', 'belts', 'drive belt', 'v belt'],
    is: {
      good: ['good', 'tight', 'fine', 'new', 'snug', 'looks good'],
      slack: [
        'slack', 'loose', 'slipping', 'slips', 'squeals', 'glazed', 'shiny', 'smokes', 'worn', 'stretched', 'cracked',
        'burnt', 'flopping', 'rubber smell', 'barely tight', 'hot', 'walks',
      ],
      off: [
        'off', 'broken', 'snapped', 'gone', 'shredded', 'jumped off', 'thrown', 'missing', 'in two',
        'laying in the guard',
      ],
    },
  },
  'belt-off': {
    what: ['belt off', 'took the belt off', 'slipped the belt off', 'belt removed', 'without the belt'],
    is: {
      runs: RAN,
      heavy: ['same amps', 'still draws high', 'amps still high'],
      groans: HUMMED,
      silent: DEAD,
      trips: TRIPPED,
    },
  },
  'soap': {
    what: ['soap', 'soapy water', 'bubbles', 'sprayed soap', 'leak', 'hiss', 'hear air', 'air leak'],
    is: {
      none: ['no bubbles anywhere', 'noth', 'not leak', 'none found'],
      line: [
        'at the fitting', 'at the coupler', 'at the hose', 'at the quick connect', 'at the regulator', 'at the drain',
        'at the ball valve',
      ],
      switch: ['at the switch', 'at the diaphragm', 'under the switch', 'out of the switch'],
      relief: ['at the relief', 'at the safety', 'at the pop off', 'relief valve'],
      receiver: ['at the tank', 'at the bottom of the tank', 'pinhole', 'at the belly of the tank'],
    },
  },
  'drain': {
    what: ['drain', 'opened the drain', 'tank drain', 'drained it', 'drained the tank', 'petcock'],
    is: {
      air: ['air', 'just air', 'dry', 'no water', 'cupful', 'spoonful', 'hardly any water'],
      water: [
        'water', 'gallons', 'lot of water', 'rusty water', 'bucket full', 'brown water', 'quarts',
        'gallons of rusty water', 'five gallons',
      ],
    },
  },
  'oil': {
    what: ['oil', 'crankcase oil', 'oil in the sight glass', 'compressor oil', 'sight glass'],
    is: {
      good: ['good', 'clean', 'full', 'clear', 'fine', 'half way'],
      low: ['low', 'black', 'empty', 'none', 'burnt', 'old', 'way low', 'dirty', 'not on the stick'],
      milky: ['milky', 'white', 'water in', 'chocolate milk', 'foamy', 'creamy'],
    },
  },
  'starts-empty': {
    what: ['tank empty', 'no air in the tank', 'drained the tank', 'with the tank drained', 'zero in the tank'],
    is: {
      same: ['still hums', 'still not start', 'same', 'still trips', 'no difference', 'not start either'],
      empty: ['starts', 'starts fine', 'starts right up', 'runs', 'runs fine', 'fires right up', 'kicks right on'],
    },
  },
  'coil-heard': {
    what: ['starter', 'contactor', 'mag starter', 'magnetic starter'],
    is: {
      pulls: ['pulls in', 'in', 'pulled in', 'clunks in', 'closes', 'snaps in', 'engages', 'made', 'energized'],
      chatters: [
        'chatters', 'buzzes', 'hums', 'rattles', 'chattering', 'buzzing loud', 'clacks', 'machine gun', 'in and out',
      ],
      nothing: [
        'not pull in', 'not pulling in', 'not close', 'not engage', 'silent', 'not come in', 'not move',
        'not energize', 'never pulls in', 'just sits',
      ],
    },
  },
  'coil-figure': {
    what: ['coil', 'coil label', 'coil tag', 'new coil', 'coil rating'],
    is: {
      right: ['right', 'matches', 'correct', 'right voltage'],
      wrong: ['wrong', 'wrong voltage', 'not match', 'othervolts', 'different voltage'],
    },
  },
  'reset': {
    what: ['overload', 'heater', 'reset button', 'overload relay', 'overload block', 'reset'],
    is: {
      in: ['in', 'set', 'not tripped', 'good', 'holds', 'already in'],
      tripped: [
        'tripped', 'out', 'popped', 'kicked out', 'was tripped', 'clicked when pushed', 'clicked', 'needed reset',
        'trips again',
      ],
      dial: [
        'set low', 'too low', 'set wrong', 'turned down', 'set under the plate', 'too small', 'undersized',
        'set below the plate',
      ],
    },
  },
  'starter-look': {
    what: [
      'starter contacts', 'contactor contacts', 'starter', 'contactor', 'contact in the starter', 'contactor points',
      'contacts',
    ],
    is: {
      good: ['good', 'clean', 'bright', 'look fine', 'look new', 'shiny'],
      burnt: [
        'burnt', 'pitted', 'black', 'burnt up', 'worn', 'burnt off', 'gone', 'ate up', 'down to the copper', 'melted',
        'chewed up', 'rough',
      ],
      welded: [
        'welded', 'stuck', 'stuck in', 'fused', 'not open', 'not drop out', 'stuck closed', 'pried apart',
        'stuck together',
      ],
      insects: ['bugs', 'ants', 'dirt', 'insects', 'full of ants', 'wasp nest', 'lizard', 'dust', 'sawdust'],
    },
  },
  'roll': {
    what: [
      'rolled the leads', 'rotated the leads', 'rolled them one place', 'swapped the leads around',
      'moved the leads over one',
    ],
    is: {
      even: ['even', 'balanced', 'all the same'],
      line: [
        'stays with the line', 'stays on the same leg', 'same leg high', 'stays', 'stays on the line', 'same line',
      ],
      lead: [
        'moves with the lead', 'moved', 'followed the motor', 'follows the lead', 'went with the motor',
        'followed the wire',
      ],
    },
  },
  'swap-two': {
    what: [
      'swapped two leads', 'swapped two wires', 'reversed two leads', 'swapped any two', 'reversed rotation',
      'flipped two phases',
    ],
    is: {
      less: ['less', 'worse', 'pressure dropped', 'lower'],
      more: [
        'more', 'better', 'pumps good', 'pressure came up', 'full pressure', 'pumps now', 'water', 'lots of water',
        'fixed',
      ],
      same: ['same', 'no difference', 'no change', 'noth'],
    },
  },
}
