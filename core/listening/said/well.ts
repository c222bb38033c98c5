/** How it is said: the well, its level and its rest; the holding tank and the floats that go by a level. */
import type { Sayings } from './types'

export const WELL: Sayings = {
  'level-look': {
    what: ['water level', 'static level', 'level in the well', 'water in the well', 'well level'],
    is: {
      covered: [
        'good', 'where it always was', 'same as always', 'usual', 'normal', 'plenty', 'high', 'way over the pump',
        'above the pump', 'full', 'near the top', 'feet over',
      ],
      low: ['low', 'dry', 'down to the pump', 'empty', 'below the pump', 'way down', 'dropped'],
    },
    said: {
      covered: [
        'water level is way up', 'lots of water over the pump', 'levelabove', 'water level pump set',
        'plenty of water',
        'water stands feet over', 'water level plenty', 'plenty of water in the well', 'well full',
        'water stands high',
        'well has water', 'water level down plenty', 'level good', 'feet of water above the pump',
        'feet over the pump',
      ],
      low: [
        'water below the footvalve', 'water level below the foot valve', 'level below the foot valve',
        'water dropped below the intake', 'well level fell to the intake', 'water level at the intake',
        'water level is down to the bowls', 'water down to the pump', 'well pumped down', 'no water in the well',
        'water down at the pump', 'water level low', 'well low', 'hardly any water in the well', 'well dry',
        'well is down', 'water couple feet above intake', 'water just above the intake', 'water at the intake',
        'water below the pump',
      ],
    },
  },
  'rest-well': {
    what: [
      'after an hour', 'let it sit', 'shut it off for a while', 'next morning', 'let the well recover',
      'after a rest', 'rested it', 'rest hours', 'letting it sit', 'left it alone',
    ],
    is: {
      same: ['no better', 'no difference', 'still no water', 'still the same', 'not different', 'same'],
      back: [
        'water again', 'pumps again', 'good for a while', 'comes back', 'pumps fine for minutes', 'runs out again',
        'then dies',
      ],
    },
    said: {
      same: [
        'waited same', 'rest no better', 'rested same', 'rested overnight same',
      ],
      back: [
        'leave it an hour and it is good for minutes', 'rest and it is good for ten minutes',
        'sits an hour then good again', 'rest water again', 'rest water', 'waited hour water again',
        'rest full delivery air again', 'rest hour good minutes again', 'rest delivery again',
        'let it rest good again',
        'wait comeback die', 'came back after a rest', 'comes back then dies', 'rested it came back then died',
        'recovers after a rest', 'rest it comeback then died again', 'gives water again after an hour',
        'overnight pumps like normal', 'sitting overnight pumps normal',
      ],
    },
  },
  'casing-look': {
    what: ['pitless', 'pitless adapter', 'pitless seal', 'o ring on the pitless'],
    is: {
      dry: ['dry', 'not leak', 'good', 'tight'],
      adapter: ['leaks', 'sprays', 'leaking into the well', 'shot', 'torn', 'weeping', 'running down the casing'],
    },
    said: {
      dry: ['pitless dry', 'dry at the pitless', 'no water at the pitless'],
      adapter: ['pitless sprays', 'pitless leaks', 'water out of the pitless', 'water spraying off the pitless'],
    },
  },
  'well-heard': {
    said: {
      quiet: [
        'quiet in the well', 'well quiet', 'nothing to hear in the well', 'no water falling in the well',
        'silent in the well when it stops', 'well quiet', 'well dead quiet', 'no water falling',
        'ear on casing nothing',
        'silent down the hole',
      ],
      falls: [
        'waterfall down the casing', 'hear it roaring down the casing', 'roaring in the well',
        'hear water running down the casing', 'hear it run down the casing',
        'sounds like a waterfall', 'water running back down',
        'water falling in the well',
        'hear water falling in the well', 'hear water running in the well', 'water trickles in the well',
        'splashing in the well', 'hear it running back down the well', 'hear water fall well',
        'spraying down the hole', 'water running back down well', 'spray down hole', 'hear it spraying down',
        'water running back down', 'sounds like rain in the well', 'rain in the well', 'like rain down in the well',
        'hear water splashing back down', 'water splashing down the well',
      ],
    },
  },
  'tank-level': {
    what: ['cistern', 'tank', 'big tank', 'water in the tank', 'tank through the hatch', 'hatch'],
    is: {
      normal: ['full', 'good', 'half full', 'plenty', 'lots of water', 'three feet', 'normal', 'up to the float'],
      low: [
        'low', 'empty', 'dry', 'nearly empty', 'foot left', 'foot of water left', 'inches', 'few inches',
        'mud at the bottom', 'no water', 'no level', 'six inches in the bottom', 'bottom', 'just mud', 'sucked down',
        'way down',
      ],
      over: [
        'overflow', 'way above the float', 'running over', 'spilling', 'out the top', 'to the brim running out',
        'flooding',
      ],
    },
    said: {
      normal: [
        'tank full float', 'cistern full float', 'plenty in the cistern', 'tank level good', 'tank brim',
        'cistern full', 'cistern level normal', 'level normal', 'cistern has water', 'cistern half full',
      ],
      low: [
        'tank nearlyempty', 'cistern nearlyempty', 'cistern empty', 'tank is dry', 'cistern nearly dry',
        'tank half fall', 'tank going down', 'tank running low', 'tank empty', 'cistern low', 'tank low', 'level low',
        'cistern dry', 'tank low every evening', 'hardly any water tank', 'hardly any in the tank',
        'not much in the tank',
        'cistern sucking air',
      ],
      over: [
        'water coming out the overflow pipe', 'cistern overflows', 'tank at the overflow', 'at the overflow',
        'overflow running', 'tank runs over', 'water out of the overflow', 'pouring over the top of the tank',
      ],
    },
  },
  'float-look': {
    what: ['float', 'float ball', 'float in the tank', 'float cord', 'float arm'],
    is: {
      works: [
        'works', 'moves', 'calls', 'good', 'clicks', 'down', 'down and calling', 'free', 'hanging down', 'works fine',
      ],
      dead: [
        'stuck', 'wedged', 'jammed up', 'sunk', 'waterlogged', 'full of water', 'not call', 'dead', 'broken',
        'not click', 'does nothing',
      ],
      hung: [
        'hung up', 'caught', 'tangled', 'wrapped', 'laid over', 'hung on a pipe', 'hung on the ladder', 'stuck high',
        'pinned up', 'laying on the pipe', 'snagged', 'not drop',
      ],
      held: [
        'lifted same', 'welded', 'stuck closed', 'contacts welded', 'lifted still runs', 'lifted noth',
        'lifted not stop', 'wire off pump stop', 'unplugged pump stop',
        'wire off stop', 'unplugged stop', 'disconnected pump stop', 'disconnected stop', 'stuck down', 'held down',
        'not rise', 'not float', 'not shut off', 'pinned down', 'under a pipe',
      ],
    },
    said: {
      works: [
        'float call water', 'float calling', 'float moves free', 'float down calling', 'float down call',
        'float good',
        'float works', 'float calls', 'float calls and stops', 'float clicks', 'float works calls stops',
      ],
      hung: [
        'lifted the float off the ladder pump start', 'float cord wrapped round the ladder', 'float hung up',
        'freed the float pump runs', 'float hung on the ladder', 'freed the float and it started',
        'float tangled freed it runs', 'lifted the float pump runs', 'float caught freed pump runs',
        'float stuck under the pipe', 'float stuck held up', 'float hung freed',
      ],
      dead: [
        'ball float stuck', 'float sunk', 'float full of water sunk to the bottom',
        'float never turns pump',
        'float never starts the pump', 'float down nothing', 'float not make', 'float dead',
        'float does not call', 'dropped the float nothing', 'float up down noth',
        'float lifted by hand and dropped does not call', 'lifted the float noth', 'float up down no change',
        'raised and lowered the float never kicks on',
      ],
      held: [
        'well pump does not stop', 'well pump runs on', 'float held down', 'float stuck down', 'float does not stop',
        'float held down by the chain', 'lifted the float and it stops',
        'float held down lifted it and it stops', 'float up still runs', 'float all the way up still running',
        'float up still calls',
        'float never drops out',
      ],
      wrong: [
        'float backwards', 'float upside down', 'float wired backwards', 'float works backwards', 'float wrong way',
        'float reversed', 'float wrong sense', 'float opposite', 'float wired wrong', 'float hung upside down',
      ],
    },
  },
}
