/**
 * What is looked at and how it may be: each word for the thing with each word for its state is a way to say the
 * answer. Short speech is made of these two, in either order; whole turns stand in the tables beside. Synonyms are
 * one word already (words.ts): `burnt` is charred, melted and toast too.
 */
export interface Thing {
  readonly what: readonly string[]
  readonly is: Readonly<Record<string, readonly string[]>>
}

const RAN = ['runs', 'start', 'came alive', 'kicks', 'works', 'lights up', 'spun up', 'pumps']
const HUMMED = ['hum', 'still hums', 'same hum', 'not start hum', 'strains']
const DEAD = ['noth', 'still noth', 'dead', 'silent', 'no difference', 'not start', 'not run']
const TRIPPED = ['trip', 'still trips', 'breaker goes', 'trip atonce', 'blows', 'still blows']
const TRIED = { runs: RAN, groans: HUMMED, silent: DEAD, trips: TRIPPED }

export const THINGS: Readonly<Record<string, Thing>> = {
  'let-go': {
    what: ['breaker', 'it', 'breaker in the panel', 'gfci'],
    is: {
      'at-once': [
        'trips instantly', 'snaps right off', 'snaps back off', 'not latch', 'not reset', 'goes right off',
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
  },
  'lights': {
    what: ['lights', 'house', 'other outlets', 'other circuits', 'other appliances'],
    is: {
      fine: ['good', 'works', 'bright', 'on', 'has power', 'normal'],
      half: ['half out', 'half dead', 'some not work', 'half work'],
      all: ['no power at all', 'dark', 'pitch black'],
      dim: ['dim', 'dim when pump starts', 'dips', 'brown', 'goes dim when it tries'],
    },
  },
  'terminals': {
    what: [
      'wire', 'terminal', 'wire at the switch', 'wire at the motor', 'wire nut', 'connection', 'spade', 'connector',
      'crimp',
    ],
    is: {
      tight: ['tight', 'good and tight', 'looks good', 'clean', 'clean and tight', 'snug', 'not loose'],
      burnt: [
        'loose', 'burnt', 'corroded', 'hot', 'arcing', 'came off', 'fell off', 'fell out', 'hanging off', 'barely on',
        'crumbles', 'rotten', 'discoloured', 'not tight', 'backed out', 'overheated', 'rotted off', 'full of water',
        'just laying there',
      ],
      chafed: [
        'chewed', 'chewed on', 'bare', 'bare copper showing', 'rubbing on the metal', 'cut', 'insulation gone',
        'worn through', 'frayed',
      ],
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
  },
  'switch-seen': {
    what: ['switch', 'contacts', 'switch contacts'],
    is: {
      closed: ['made', 'made up', 'together', 'touching', 'pulled in', 'closed by itself'],
      open: ['wide open', 'apart', 'not closed', 'not made', 'not touching', 'stay open', 'separated'],
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
  },
  'lever': {
    what: ['lever', 'cut off lever', 'low pressure lever', 'reset lever', 'auto off lever', 'arm on the side'],
    is: {
      auto: ['auto', 'in auto', 'run position', 'set'],
      off: ['off', 'down', 'tripped', 'dropped', 'flipped off', 'all the way up', 'tripped low', 'in off'],
    },
  },
  'switch-heat': {
    what: ['switch', 'switch cover', 'switch housing'],
    is: {
      cool: ['not warm', 'not hot', 'normal temperature'],
      hot: ['real warm', 'too hot to touch', 'smells hot', 'burning up', 'cooking'],
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
  },
  'bypass': {
    what: ['bridged', 'bypassed the switch', 'jumped it out', 'wire across the switch', 'put a jumper'],
    is: TRIED,
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
  },
  'motor-heat': {
    what: ['motor', 'motor case', 'motor housing'],
    is: {
      usual: ['cool', 'warm', 'not hot', 'barely warm', 'stone cold', 'normal temperature', 'normal heat'],
      hot: ['hot', 'too hot to touch', 'toohot', 'overheated', 'fry an egg', 'hot as a stove'],
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
  },
  'open-again': {
    what: ['wellhead', 'splice box', 'splice at the well', 'down the well', 'pump side', 'looking down'],
    is: {
      whole: ['good', 'has continuity', 'whole'],
      open: ['still open', 'open too', 'still ol', 'no continuity'],
    },
  },
  'cap-seen': {
    what: ['cap', 'run cap', 'top of the cap', 'cap in the box', 'cap on the motor'],
    is: {
      sound: ['looks good', 'not bulged', 'looks new'],
      bulged: [
        'bulged', 'blown', 'blew', 'blew up', 'exploded', 'leaking', 'popped', 'cracked open', 'oil out', 'burnt',
        'goo', 'puffed up', 'blown out', 'black', 'ruptured',
      ],
    },
  },
  'cap-label': {
    what: ['cap', 'run cap'],
    is: {
      within: [
        'tests good', 'checks good', 'in range', 'in spec', 'right on', 'on the money', 'within range',
      ],
      under: [
        'tests bad', 'way low', 'weak', 'out of range', 'out of spec', 'bad', 'way under', 'way off', 'no good',
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
      'temporary ground', 'jumper from black to negative', 'ran a ground to the battery',
      'wire from negative to the battery',
    ],
    is: TRIED,
  },
  'relay-seen': {
    what: ['relay', 'start relay', 'relay contacts', 'relay in the box', 'potential relay'],
    is: {
      clean: ['clean', 'good', 'looks new'],
      pitted: ['pitted', 'burnt', 'black', 'arced'],
      welded: ['welded', 'stuck', 'stuck closed', 'fused', 'stuck together', 'not open'],
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
  },
  'overload-seen': {
    what: ['overload', 'reset on the box', 'overload on the box', 'box overload'],
    is: {
      'holds': ['holds', 'in', 'not tripped', 'stays in', 'good'],
      'lets-go': [
        'trips', 'trips again', 'out', 'not stay in', 'not hold', 'trips after seconds', 'clicks', 'keeps tripping',
        'opens',
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
  },
  'links': {
    what: ['links', 'jumpers', 'motor', 'voltage jumpers', 'taps', 'voltage selector', 'motor leads', 'voltage plug'],
    is: {
      right: ['correct', 'match the supply', 'set right', 'wired right'],
      wrong: [
        'wrong', 'wrong voltage', 'wired for the wrong voltage', 'othervolts', 'set wrong', 'low voltage',
        'high voltage', 'strapped wrong', 'not match the supply',
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
  },
  'tap-motor': {
    what: ['tapped the motor', 'rapped the motor', 'banged on the motor', 'hit the pump with a hammer'],
    is: {
      nothing: ['noth', 'no help', 'still dead', 'no change', 'not start'],
      runs: [...RAN, 'picks up', 'wakes up', 'takes off'],
    },
  },
  'spin': {
    what: ['spun the shaft', 'spun it by hand', 'spun the fan', 'helped it over'],
    is: {
      no: ['still stuck', 'still hums', 'noth', 'no help', 'not start', 'still not start', 'no difference'],
      runs: [...RAN, 'went right to speed', 'picks up', 'ran fine'],
    },
  },
  'click': {
    what: ['startswitch', 'as it slows', 'coasting down', 'when it spins down'],
    is: {
      'clicks': ['clicks', 'hear it click'],
      'no-click': ['no click', 'not hear click'],
    },
  },
  'foot-look': {
    what: ['footvalve', 'suctionline', 'check in the suction', 'footvalve down the well'],
    is: {
      holds: ['holds', 'good', 'not leak', 'holds water', 'seats'],
      falls: [
        'leaks', 'bad', 'not hold', 'stuck open', 'drains back', 'leaks back', 'runs back', 'bleeds back', 'not seat',
        'flapper gone', 'worn out', 'empties out', 'junk in the seat',
      ],
      blocked: ['blocked', 'stuck shut', 'leaves', 'mud', 'sand', 'buried', 'clogged with leaves', 'in the mud'],
    },
  },
  'prime-look': {
    what: ['prime', 'plug', 'top plug', 'priming plug', 'pump case', 'pump housing', 'volute'],
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
      turns: ['turns', 'free', 'spins free', 'good', 'clear'],
      jammed: [
        'jammed', 'stuck', 'rock', 'stone', 'pebble', 'packed', 'rust', 'scale', 'stick in', 'gravel in', 'rag',
        'wedged',
      ],
      worn: [
        'worn', 'worn out', 'ate up', 'eaten away', 'chewed up', 'gone', 'rounded off', 'sand cut', 'broken',
        'stripped',
      ],
      stuck: ['off motor still stuck', 'out motor still stuck'],
    },
  },
  'vacuum': {
    what: ['vacuum', 'suction gauge', 'vacuum gauge', 'suction'],
    is: {
      steady: ['steady', 'normal', 'good', 'usual'],
      high: ['high', 'pegged', 'way up', 'strong', 'climbs and stays', 'pulling hard'],
      low: ['low', 'none', 'weak', 'jumping', 'unsteady', 'bounces', 'falls off', 'not pull', 'zero'],
    },
  },
  'jet-look': {
    what: ['jet', 'nozzle', 'venturi', 'ejector', 'injector', 'jet assembly', 'jet body'],
    is: {
      clear: ['clear', 'clean', 'open', 'not blocked', 'good'],
      blocked: [
        'rock in', 'stone in', 'sand in', 'rust', 'scale', 'dirt', 'stopped up', 'piece of plastic',
      ],
    },
  },
  'strainer-look': {
    what: ['strainer', 'inlet screen', 'y strainer', 'strainer basket', 'strainer bowl', 'basket'],
    is: {
      clean: ['clean', 'clear', 'good', 'not blocked', 'nothing in'],
      clear: ['clean', 'clear', 'good', 'not blocked', 'nothing in'],
      blocked: [
        'blocked', 'full', 'packed solid', 'dirty', 'sand', 'scale', 'rust', 'plastic shavings', 'slime',
        'half plugged', 'covered', 'solid', 'filthy', 'pipe dope',
      ],
      packed: [
        'blocked', 'full', 'packed solid', 'dirty', 'sand', 'scale', 'plastic shavings', 'slime', 'half plugged',
        'covered', 'filthy',
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
      good: ['good', 'clean', 'seats', 'moves', 'works', 'free', 'holds'],
      shut: ['stuck shut', 'jammed shut', 'not open', 'backwards', 'in backwards'],
      open: [
        'stuck open', 'not seat', 'not close', 'broken', 'spring broken', 'worn', 'bad', 'cracked', 'junk in',
        'sand in', 'melted', 'chewed up', 'gone', 'warped', 'not sealed', 'carbon on the seat', 'split',
      ],
    },
  },
  'vent': {
    what: ['vent screw', 'bled the pump', 'vent', 'cracked the vent'],
    is: {
      water: ['water', 'solid water', 'no air', 'water right away'],
      air: ['spits', 'air for a minute', 'hissed air', 'big air pocket'],
    },
  },
  'tank-level': {
    what: ['cistern', 'big tank', 'water in the tank', 'tank through the hatch', 'hatch'],
    is: {
      normal: ['full', 'good', 'half full', 'plenty', 'lots of water', 'three feet', 'normal', 'up to the float'],
      low: [
        'low', 'empty', 'dry', 'nearly empty', 'foot left', 'foot of water left', 'inches', 'few inches',
        'mud at the bottom', 'no water', 'no level', 'six inches in the bottom', 'bottom', 'just mud', 'sucked down',
        'way down',
      ],
      over: ['overflow', 'running over', 'spilling', 'out the top', 'to the brim running out', 'flooding'],
    },
  },
  'float-look': {
    what: ['float', 'float ball', 'float in the tank', 'float cord', 'float arm'],
    is: {
      works: [
        'works', 'moves', 'calls', 'good', 'clicks', 'down', 'down and calling', 'free', 'hanging down', 'works fine',
      ],
      dead: [
        'hung up', 'stuck', 'caught', 'tangled', 'wrapped', 'laid over', 'sunk', 'waterlogged', 'full of water',
        'not call', 'dead', 'broken', 'hung on a pipe', 'hung on the ladder', 'stuck high', 'pinned up',
        'laying on the pipe', 'not click', 'does nothing', 'snagged', 'not drop',
      ],
      held: [
        'lifted still runs', 'lifted noth', 'lifted not stop', 'wire off pump stop', 'unplugged pump stop',
        'wire off stop', 'unplugged stop', 'disconnected pump stop', 'disconnected stop', 'stuck down', 'held down',
        'not rise', 'not float', 'not shut off', 'pinned down', 'under a pipe',
      ],
    },
  },
  'level-look': {
    what: ['water level', 'static level', 'level in the well', 'water in the well', 'well level'],
    is: {
      covered: ['good', 'plenty', 'high', 'way over the pump', 'above the pump', 'full', 'near the top', 'feet over'],
      low: ['low', 'dry', 'down to the pump', 'empty', 'below the pump', 'way down', 'dropped'],
    },
  },
  'rest-well': {
    what: ['after an hour', 'let it sit', 'shut it off for a while', 'next morning', 'let the well recover'],
    is: {
      same: ['no better', 'no difference', 'still no water', 'still the same'],
      back: [
        'water again', 'pumps again', 'good for a while', 'comes back', 'pumps fine for minutes', 'runs out again',
      ],
    },
  },
  'knock': {
    what: ['tank', 'knocked on the tank', 'rapped on the tank', 'top of the tank', 'rocked the tank'],
    is: {
      rings: ['rings', 'light', 'empty sounding', 'rocks easy', 'tips easy', 'sounds hollow on top', 'moves easy'],
      dull: [
        'dull', 'solid', 'heavy', 'full of water', 'sounds full', 'not budge', 'heavy as lead', 'weighs a ton',
        'sloshes', 'solid all the way up', 'thunk', 'cannot move it', 'full to the top',
      ],
    },
  },
  'air-valve': {
    what: ['airvalve', 'stem on the tank', 'valve on top of the tank', 'pin', 'tire gauge'],
    is: {
      air: ['air', 'dry', 'no water', 'hisses air'],
      water: ['water', 'water out', 'squirts water', 'spits water', 'wet', 'water sprayed', 'drips water'],
      nothing: ['noth', 'no air', 'zero', 'flat', 'no air no water', 'nothing out'],
    },
  },
  'gauge-agrees': {
    what: ['gauge', 'pressure gauge', 'old gauge'],
    is: {
      agree: ['good', 'accurate', 'matches', 'agrees', 'reads the same', 'correct', 'moves'],
      differ: [
        'stuck', 'bad', 'broken', 'wrong', 'not move', 'not budge', 'tapped not move', 'off', 'does not match',
        'pegged', 'junk', 'lies',
      ],
    },
  },
  'house-shut': {
    what: ['house valve shut', 'shut the house off', 'isolated the house'],
    is: {
      holds: [
        'holds', 'quits falling', 'stopped dropping', 'not drop', 'steady', 'stops', 'stays put', 'rock steady',
      ],
      falls: ['still leaks down', 'keeps dropping', 'falls', 'no change', 'still cycles'],
    },
  },
  'leaks-look': {
    what: ['toilet', 'faucet', 'pipe', 'line', 'yard', 'fitting', 'house', 'water heater', 'valve'],
    is: {
      leak: [
        'leaks', 'runs', 'not shut off', 'dribbles', 'burst', 'broken', 'wet', 'keeps running', 'stuck open',
        'blown off',
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
  },
  'heard': {
    what: ['well pump', 'pump', 'pump in the well'],
    is: {
      runs: [...RAN, 'kicked right on', 'runs fine', 'started right up'],
      groans: HUMMED,
      silent: ['not run', 'not start', 'no sound'],
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
  },
  'climbs': {
    what: ['pressure', 'gauge', 'tank', 'it'],
    is: {
      reaches: [
        'builds', 'builds fine', 'comes right up', 'climbs right up', 'gets to cut out', 'reaches cut out',
        'goes to cutout', 'builds up good', 'shoots right up', 'comes up good', 'climbs like it should',
      ],
      stalls: [
        'not build', 'not climb', 'never gets there', 'stops climbing', 'not go past', 'stalls', 'tops out',
        'not come up', 'levels off', 'hangs', 'sits there', 'will not get past', 'stuck', 'barely climbs',
        'never reaches',
      ],
    },
  },
  'falls-how': {
    what: ['pressure', 'gauge', 'tank', 'it'],
    is: {
      holds: [
        'stays put', 'not drop', 'rock solid', 'holds all night', 'steady with the pump off',
      ],
      slow: ['falls slow', 'bleeds down', 'creeps down', 'bleeds off slow', 'drifts down'],
      once: ['drops right off', 'falls to zero', 'falls fast', 'dumps', 'gone in seconds'],
    },
  },
  'works': {
    what: ['it', 'system', 'pump', 'everything'],
    is: {
      yes: ['works now', 'works great', 'back to normal', 'good to go', 'fixed', 'runs like it should', 'all good'],
      no: [
        'still not right', 'not fixed', 'same problem', 'still does the same', 'still acting up',
        'problem is still there',
      ],
    },
  },
  'runs-past': {
    what: ['pump', 'it', 'motor'],
    is: {
      'stops': ['shuts off', 'kicks off', 'cuts off', 'shuts off like it should'],
      'runs-on': [
        'not shut off', 'keeps running', 'runs forever', 'not kick off', 'runs nonstop', 'runs past cut out',
        'runs continuous',
      ],
    },
  },
  'sound': {
    what: ['pump', 'motor', 'it', 'booster'],
    is: {
      runs: ['runs free'],
      groans: ['hums not start', 'hums not turn', 'trying to start', 'grunts', 'stalled humming'],
      silent: [
        'noth', 'no noise', 'no hum', 'not make a sound', 'no click', 'not do anything', 'deader than a doornail',
      ],
      chatters: ['chatters', 'clicks fast', 'clicking', 'buzzes on and off', 'rattles'],
    },
  },
  'pulses': {
    what: ['water', 'tap', 'pressure at the tap', 'flow'],
    is: {
      steady: ['strong', 'steady', 'plenty', 'full flow', 'good pressure', 'good flow'],
      pulses: [
        'pulses', 'comes and goes', 'goes up and down', 'up and down', 'hot and cold', 'strong then weak', 'cuts out',
      ],
      weak: ['weak', 'low', 'slow', 'barely', 'pathetic', 'no pressure', 'not much'],
      none: ['none', 'noth', 'dry', 'no water', 'not a drop', 'zero', 'nothing comes out', 'dead'],
    },
  },
  'water-look': {
    what: ['water', 'tap water', 'water coming out', 'bucket', 'glass'],
    is: {
      clear: ['clear', 'clean', 'looks good', 'no sand', 'no air'],
      sand: ['sand', 'dirty', 'muddy', 'rusty', 'brown', 'cloudy', 'orange', 'red'],
      air: ['air', 'spits', 'bubbles', 'milky', 'spits air', 'burps', 'air pockets'],
    },
  },
  'fuse-look': {
    what: ['fuse', 'inline fuse', 'fuse in the panel', 'blade fuse', 'pump fuse'],
    is: {
      good: ['good', 'not blown', 'whole', 'tests good', 'has continuity'],
      whole: ['good', 'not blown', 'whole', 'tests good', 'has continuity'],
      blown: [
        'black', 'dark', 'blown', 'popped', 'open', 'no continuity', 'burnt', 'gone', 'keeps blowing', 'bad', 'blew',
      ],
      burnt: ['holder melted', 'holder corroded', 'holder loose', 'clip loose', 'holder hot'],
    },
  },
  'fuses-look': {
    what: ['line fuse', 'main fuse', 'one fuse', 'cartridge fuse', 'fuse in the disconnect'],
    is: {
      good: ['good', 'test good', 'not blown', 'have continuity'],
      one: ['open', 'no continuity', 'bad', 'popped', 'dead'],
      more: ['two blown', 'two open', 'all three blown'],
    },
  },
  'disconnect-look': {
    what: [
      'disconnect', 'disconnect blade', 'knife blade', 'disconnect lug', 'disconnect jaw', 'pull out disconnect',
    ],
    is: {
      bright: ['good', 'clean', 'tight', 'not burnt'],
      burnt: ['burnt', 'loose', 'hot', 'corroded', 'black', 'arced', 'not make', 'discoloured', 'blue', 'not close'],
    },
  },
  'breaker-seen': {
    what: ['breaker', 'pump breaker', 'breaker handle'],
    is: {
      on: ['on', 'still on', 'not tripped', 'set', 'closed', 'in the on position'],
      tripped: ['tripped', 'kicked', 'in the middle', 'half way'],
      off: ['off', 'turned off', 'in the off position', 'switched off'],
    },
  },
  'return-look': {
    what: [
      'ground', 'ground wire', 'ground strap', 'chassis ground', 'ground screw', 'ground bolt', 'ring terminal',
      'negative wire',
    ],
    is: {
      bright: ['clean', 'tight', 'good', 'clean and tight'],
      rusty: ['rusty', 'loose', 'corroded', 'painted', 'broken', 'rusted off', 'hanging', 'dirty', 'bad'],
    },
  },
  'posts-look': {
    what: ['battery post', 'battery terminal', 'battery clamp', 'battery cable', 'posts'],
    is: {
      clean: ['clean', 'tight', 'good', 'clean and tight'],
      furred: ['corroded', 'loose', 'white', 'fuzzy', 'dirty', 'crusty', 'powder', 'blue crud'],
    },
  },
  'panel-wiggle': {
    what: ['wiggle the panelswitch', 'panelswitch', 'pushed on the panelswitch'],
    is: {
      same: ['noth'],
      comes: ['comes and goes', 'cuts in and out', 'runs', 'flickers', 'works sometimes'],
    },
  },
  'wires-look': {
    what: ['wire', 'harness', 'wire at the bulkhead', 'loom'],
    is: {
      whole: ['good', 'whole', 'not chafed', 'not bare'],
      chafed: ['chafed', 'bare', 'screw through', 'cut', 'melted', 'smashed'],
    },
  },
  'tank-look': {
    what: ['freshtank', 'fresh water tank', 'tank', 'tank gauge'],
    is: {
      water: [
        'full', 'half full', 'over half', 'half', 'two thirds', 'three quarters', 'has water', 'plenty', 'water in it',
        'topped off',
      ],
      empty: ['empty', 'dry', 'no water', 'out of water', 'drained', 'nothing in it'],
    },
  },
  'weep': {
    what: ['pump head', 'weephole', 'under the pump', 'bottom of the pump', 'pump housing'],
    is: {
      dry: ['dry', 'not leak', 'bone dry'],
      wet: ['wet', 'leaks', 'water', 'puddle'],
    },
  },
  'unloader-stop': {
    what: ['unloader', 'unloader valve', 'bleed off', 'at shut off', 'at cut out'],
    is: {
      sigh: [
        'psst', 'short hiss', 'pssh', 'unloads', 'vents', 'bleeds off', 'pop of air', 'releases', 'dumps',
        'hear it unload',
      ],
      hisses: [
        'keeps hissing', 'hisses constantly', 'hiss does not stop', 'leaks air', 'bleeds constant',
        'air keeps coming', 'blows air constantly', 'air hisson not stop', 'air blow not stop', 'air keeps blowing',
        'leaks down',
      ],
      nothing: [
        'no hiss', 'no psst', 'no sound', 'not unload', 'not bleed off', 'no air', 'noth', 'not hear anything',
        'stuck', 'plugged', 'tube plugged', 'line plugged', 'stuck shut', 'not release',
      ],
    },
  },
  'unloader-run': {
    what: ['unloader while running', 'switch while it runs', 'unloader when it pumps', 'vent running'],
    is: {
      still: ['quiet', 'dry', 'not leak', 'no air', 'noth'],
      blows: ['leaks', 'blows', 'hisses', 'air out', 'blowing air'],
    },
  },
  'crack-line': {
    what: [
      'cracked the unloaderline', 'loosened the tube', 'bled the head', 'cracked the fitting',
      'loosened the unloaderline', 'cracked the tube',
    ],
    is: {
      same: ['still hums', 'no difference', 'noth', 'still not start'],
      starts: ['starts', 'starts right up', 'runs', 'psst starts', 'air came out starts'],
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
      better: ['dirty', 'caked', 'filter off better', 'filter off builds', 'black with dirt'],
    },
  },
  'head-heard': {
    what: ['head', 'pump head', 'head gasket', 'cylinder head', 'head bolts'],
    is: {
      even: ['even', 'good', 'sounds good', 'quiet', 'no leak'],
      blows: [
        'blows', 'leaks', 'blown', 'hisses', 'air out', 'leaking air', 'loose', 'bubbles', 'blowing by',
        'gasket blown',
      ],
      knocks: ['knocks', 'rod knock', 'banging'],
    },
  },
  'belt-look': {
    what: ['belt', 'drive belt', 'v belt'],
    is: {
      good: ['good', 'tight', 'new', 'snug'],
      slack: [
        'slack', 'slipping', 'squeals', 'glazed', 'shiny', 'smokes', 'worn', 'stretched', 'cracked', 'burnt',
        'flopping', 'rubber smell', 'barely tight', 'hot', 'walks',
      ],
      off: ['off', 'broken', 'gone', 'shredded', 'jumped off', 'thrown', 'missing', 'in two', 'laying in the guard'],
    },
  },
  'belt-off': {
    what: ['belt off', 'slipped the belt off', 'belt removed', 'without the belt'],
    is: {
      runs: RAN,
      heavy: ['same amps', 'still draws high'],
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
        'at the coupler', 'at the hose', 'at the quick connect', 'at the regulator',
        'at the ball valve',
      ],
      switch: ['at the switch', 'at the diaphragm', 'under the switch', 'out of the switch'],
      relief: ['at the safety'],
      receiver: [
        'at the tank', 'at the bottom of the tank', 'pinhole', 'at the belly of the tank', 'at the drain',
        'at the drain cock', 'at the drain valve', 'at the petcock',
      ],
    },
  },
  'drain': {
    what: ['drain', 'opened the drain', 'tank drain', 'petcock'],
    is: {
      air: ['air', 'dry', 'no water', 'cupful', 'spoonful', 'hardly any water'],
      water: [
        'water', 'gallons', 'rusty water', 'bucket full', 'brown water', 'quarts', 'gallons of rusty water',
        'five gallons',
      ],
    },
  },
  'oil': {
    what: ['oil', 'crankcase oil', 'oil in the sight glass', 'sight glass'],
    is: {
      good: ['good', 'clean', 'full', 'clear', 'half way'],
      low: ['low', 'black', 'empty', 'none', 'burnt', 'old', 'dirty', 'not on the stick'],
      milky: ['milky', 'white', 'water in', 'chocolate milk', 'foamy', 'creamy'],
    },
  },
  'starts-empty': {
    what: ['tank empty', 'no air in the tank', 'drained the tank', 'zero in the tank'],
    is: {
      same: ['still hums', 'still not start', 'same', 'still trips', 'not start either'],
      empty: ['starts', 'starts fine', 'starts right up', 'runs', 'runs fine', 'kicks right on'],
    },
  },
  'coil-heard': {
    what: ['starter'],
    is: {
      pulls: ['engages', 'made', 'energized'],
      chatters: ['buzzing loud', 'clacks', 'machine gun', 'in and out'],
      nothing: [
        'not pulling in', 'not engage', 'not energize',
      ],
    },
  },
  'coil-figure': {
    what: ['coil', 'coil label', 'coil tag', 'new coil'],
    is: {
      right: ['matches', 'correct', 'right voltage'],
      wrong: ['wrong', 'wrong voltage', 'not match', 'othervolts', 'different voltage'],
    },
  },
  'reset': {
    what: ['overload', 'heater', 'overload block', 'reset'],
    is: {
      in: ['in', 'set', 'not tripped', 'good', 'holds'],
      tripped: ['out', 'clicked when pushed', 'clicked', 'needed reset', 'trips again'],
      dial: [
        'set low', 'too low', 'set wrong', 'turned down', 'set under the plate', 'too small', 'undersized',
        'set below the plate',
      ],
    },
  },
  'starter-look': {
    what: ['starter contacts', 'starter', 'contact in the starter', 'contacts'],
    is: {
      good: ['good', 'clean', 'look new'],
      burnt: ['pitted', 'black', 'worn', 'gone', 'ate up', 'down to the copper', 'chewed up', 'rough'],
      welded: [
        'stuck in', 'fused', 'not open', 'not drop out', 'stuck closed', 'pried apart', 'stuck together',
      ],
      insects: ['dirt', 'wasp nest'],
    },
  },
  'roll': {
    what: ['rolled the leads', 'rolled them one place', 'swapped the leads around', 'moved the leads over one'],
    is: {
      even: ['even', 'balanced', 'all the same'],
      line: [
        'stays with the line', 'stays on the same leg', 'same leg high', 'stays', 'stays on the line', 'same line',
      ],
      lead: ['moves with the lead', 'moved', 'followed the motor', 'followed the wire'],
    },
  },
  'swap-two': {
    what: ['swapped two leads', 'swapped two wires', 'swapped any two', 'reversed rotation', 'flipped two phases'],
    is: {
      less: ['less', 'worse', 'pressure dropped', 'lower'],
      more: ['more', 'better', 'pumps good', 'pressure came up', 'full pressure', 'pumps now', 'water', 'fixed'],
      same: ['same', 'noth'],
    },
  },
}
