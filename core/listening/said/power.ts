/** How it is said: fuses, the breaker, terminals and their neighbours. */
import { HELD, TRIPPED } from './tried'
import type { Sayings } from './types'

export const POWER: Sayings = {
  'breaker-heat': {
    what: ['breaker', 'breaker face', 'two pole breaker'],
    is: {
      cool: ['cool', 'not hot', 'not warm', 'barely warm', 'normal temperature', 'cool to the touch'],
      hot: [
        'hot', 'warm', 'real warm', 'too hot to touch', 'burning up', 'hot to the touch', 'warm to the touch',
        'fry an egg on', 'smokes', 'melted', 'roasting',
      ],
    },
    said: {
      cool: ['breaker feels cool', 'breaker not hot', 'breaker not warm'],
      hot: [
        'breaker feels hot', 'breaker hotter than the others', 'breaker runs hot', 'breaker warmer than the rest',
        'breaker cooking',
        'breaker glowing',
      ],
    },
  },
  'breaker-other': {
    what: [
      'another breaker', 'new breaker', 'different breaker', 'swapped the breaker', 'other breaker',
      'put on another breaker', 'moved to another breaker', 'spare breaker', 'breaker next to it',
      'breaker of the same size', 'changed the breaker',
    ],
    is: {
      holds: [
        ...HELD, 'holds fine', 'never trips', 'running hour', 'runs', 'runs fine', 'runs all day', 'been running',
        'going for an hour', 'fine', 'works now', 'good now'],
      trips: [...TRIPPED, 'trips too', 'kicks too', 'kicks the same'],
    },
  },
  'fed-by': {
    what: ['fed', 'plugged in', 'house'],
    is: {
      utility: ['by the utility', 'by the grid', 'by utility', 'into the grid', 'at the pole'],
      generator: [
        'by a generator', 'into a generator', 'by the genset', 'to a portable generator', 'by the standby set',
      ],
      drive: ['by a drive', 'from a drive', 'off a drive', 'by an inverter', 'through a drive', 'by a vfd'],
    },
    said: {
      utility: [
        'on utility', 'on the grid', 'no generator', 'utility feed', 'grid feed', 'utility power',
        'straight utility power', 'on the grid', 'grid power',
        'city power', 'fed from the power company'],
      generator: [
        'generator', 'portable generator', 'genset', 'little generator', 'house on a generator',
        'running off the genset', 'off the diesel genset',
      ],
      drive: [
        'drive ahead of it', 'vfd ahead of it', 'there is a drive on the wall', 'frequency drive feeds it',
        'drive turned down', 'drive set low', 'drive reads hertz', 'vfd set low', 'vfd turned down',
        'variable speed drive ahead',
      ],
      slow: [
        'driveslow',
      ],
    },
  },
  'lights': {
    what: ['lights', 'house', 'other outlets', 'other circuits', 'other appliances'],
    is: {
      fine: ['good', 'works', 'on', 'has power', 'normal'],
      half: ['half out', 'half dead', 'some not work', 'half work'],
      all: ['no power at all', 'dark', 'pitch black'],
      dim: ['dim', 'dim when pump starts', 'dips', 'brown', 'goes dim when it tries'],
    },
    said: {
      fine: [
        'other circuits fine', 'lights all good', 'rest of the house fine', 'house has power',
        'everything else has power', 'no problem with anything else', 'everything else on the panel fine',
        'everything else works',
      ],
      half: [
        'half the outlets dead', 'other circuits dead too', 'some outlets dead', 'half the lights out',
        'half the house out', 'half the lights in the house are out', 'some of the house is out',
        'half the circuits dead', 'some lights dead rest bright', 'lights brighter others off',
        'only half the circuits', 'half circuits power', 'some lights bright some off', 'one side of the panel dead',
        'half the panel dead', 'stove not heat half the lights',
      ],
      all: [
        'whole house out', 'house dark', 'whole house is dead', 'all lights out', 'nothing in the house works',
        'whole place dark', 'lights off as well', 'nothing electric works', 'building dark',
        'no power in the building', 'neighbourhood dark',
      ],
      street: [
        'streetout', 'neighbours out too', 'street has it too', 'neighbour lost a leg too', 'same down the road',
        'neighbours lights out too',
      ],
      dim: [
        'lights dim', 'lights dim when it starts', 'lights go dim', 'lights dip', 'bulbs go yellow',
        'lights go yellow', 'lights go brown', 'lights fall every start', 'lights fall when it starts',
        'lights brown when it starts', 'lights dip',
      ],
    },
  },
  'fuses-look': {
    what: ['line fuse', 'main fuse', 'one fuse', 'cartridge fuse', 'fuse in the disconnect'],
    is: {
      good: ['good', 'test good', 'not blown', 'have continuity'],
      one: ['open', 'no continuity', 'bad', 'popped', 'dead'],
      more: ['two blown', 'two open', 'all three blown'],
    },
    said: {
      good: [
        'all line fuses good', 'all fuses test good', 'every line fuse whole', 'fuses check out', 'all fuses good',
        'three fuses good', 'fuses all test good',
        'all three fuses ring out', 'three fuses ring out',
      ],
      one: [
        'middle fuse blown', 'line fuse blown', 'pulled fuse open', 'fuse is open', 'fuse tests open', 'bad fuse',
        'fuse dead', 'lost a fuse', 'fuse blown', 'fuse n1 blown', 'fuse n3 blown', 'a fuse is gone',
      ],
      more: ['two fuses blown', 'fuses blown', 'three fuses blown', 'took two fuses'],
    },
  },
  'disconnect-look': {
    what: [
      'disconnect', 'disconnect blade', 'knife blade', 'disconnect lug', 'disconnect jaw', 'pull out disconnect',
    ],
    is: {
      bright: ['good', 'clean', 'tight', 'not burnt'],
      burnt: ['burnt', 'loose', 'hot', 'corroded', 'black', 'arced', 'not make', 'discoloured', 'blue', 'not close'],
      off: ['off', 'turned off', 'pulled', 'standing open', 'switched off', 'down', 'pulled out'],
    },
    said: {
      bright: ['disconnect clean', 'disconnect looks good', 'disconnect tight', 'blades clean', 'jaws tight'],
      burnt: [
        'disconnect burnt', 'disconnect smell burnt', 'blade burnt', 'jaw loose', 'disconnect hot',
        'terminals loose at the disconnect', 'terminals burnt at the disconnect', 'terminals loose burnt disconnect',
        'disconnect clip melted', 'pulled disconnect clip melted', 'disconnect jaw burnt', 'disconnect blade burnt',
        'disconnect clip burnt',
        'disconnect blade blued', 'disconnect blade pitted', 'disconnect clips discoloured',
      ],
      off: [
        'disconnect off', 'disconnect was off', 'disconnect turned off', 'somebody pulled the disconnect',
        'disconnect left open', 'safety switch off',
        'safety switch down position', 'disconnect down position',
      ],
    },
  },
  'breaker-seen': {
    what: ['breaker', 'pump breaker', 'breaker handle'],
    is: {
      on: ['on', 'still on', 'not tripped', 'set', 'closed', 'in the on position'],
      tripped: ['tripped', 'kicked', 'in the middle', 'half way'],
      off: ['off', 'turned off', 'in the off position', 'switched off'],
    },
    said: {
      on: [
        'breaker panel on', 'breaker in the panel on', 'breaker good', 'breaker on', 'breaker is in', 'breaker set',
        'breaker closed', 'breaker on did not trip', 'breaker made', 'breaker is made',
        'breakerison',
      ],
      tripped: [
        'breaker in the tripped position', 'breaker position tripped', 'breaker half way', 'breaker kicked',
        'breaker tripped', 'breaker in the middle', 'breaker in the middle', 'handle halfway',
        'breaker handle halfway',
      ],
      off: [
        'breaker off', 'breaker flipped off', 'breaker for it flipped off', 'breaker in the off position',
        'breaker flipped off', 'breaker was flipped off',
      ],
    },
  },
  'terminals': {
    what: [
      'wire', 'terminal', 'wire at the switch', 'wire at the motor', 'wire nut', 'connection', 'spade', 'connector',
      'crimp', 'lug', 'feed lug',
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
    said: {
      tight: [
        'terminals tight', 'wires tight', 'terminals good', 'wiring looks good', 'terminals clean', 'connections'
        + ' tight', 'tugged every wire noth moves', 'tugged wires noth moves', 'wires all tight'],
      burnt: [
        'wire nut burnt', 'connector melted', 'wire discoloured', 'wire burnt off', 'wire nuts corroded',
        'splice corroded', 'burnt wire on the load terminal', 'wire burnt at the terminal', 'burnt terminal',
        'burnt load terminal', 'terminal loose', 'insulation burnt', 'loose wire', 'terminal hot',
        'terminals loose brown', 'terminals loose at the motor', 'terminals loose burnt motor', 'terminal burnt'
        + ' motor',
        'loose connection', 'wire came off', 'terminal green', 'insulation screw black crisp',
        'wire barely hanging screw', 'wire hanging under screw', 'wire loose under the screw',
      ],
      chafed: [
        'wire nicked', 'cord chafed motor box', 'bare copper', 'insulation chafed',
        'chafed at the entry', 'cord chafed', 'wire bare',
      ],
    },
  },
  'neighbours': {
    said: {
      yes: ['neighbour has pressure', 'neighbour fine', 'pressure in the street is fine'],
      no: [
        'street low', 'neighbour out too', 'neighbour no pressure', 'neighbour weak', 'neighbour low',
        'neighbour has none', 'neighbour no water', 'city working on the main', 'working on the main',
        'whole street down', 'street down', 'neighbourhood dark', 'neighbour complain', 'neighbour same',
        'neighbour same problem',
      ],
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
    said: {
      whole: [
        'controlfuse good', 'controlfuse whole', 'fuse good', 'control fuse continuity',
      ],
      good: ['fuse good', 'fuse whole', 'fuse holder bright', 'fuse not blown'],
      blown: [
        'after the controlfuse nothing', 'new fuse blows at once', 'blows a new fuse', 'blows fuses', 'fuse open',
        'control fuse popped', 'fuse no continuity', 'fuse gone', 'fuse keeps blowing', 'fuse keeps popping',
        'fuse pops', 'fuse blown', 'controlfuse blown', 'dead fuse', 'found a dead fuse', 'bad fuse',
        'control fuse black inside', 'control fuse black', 'little glass fuse popped',
      ],
      burnt: [
        'fuse holder loose', 'fuse holder loose comes and goes', 'fuse holder hot', 'fuse holder discoloured',
        'holder hot', 'fuse clip burnt', 'fuse holder corroded', 'holder melt', 'fuse holder burnt',
        'fuse good holder burnt',
      ],
    },
  },
}
