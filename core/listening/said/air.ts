/** How it is said: the air side of a compressor. */
import type { Sayings } from './types'

export const AIR: Sayings = {
  'pump-turn': {
    what: [
      'pump', 'pump pulley', 'pump wheel', 'pump sheave', 'pump flywheel',
    ],
    is: {
      free: ['turns by hand', 'turns free', 'turns easy', 'not stuck', 'turns over by hand'],
      stiff: ['stiff', 'hard to turn', 'tight', 'barely turns', 'turns hard', 'drags', 'stiff with the belt off'],
      locked: ['not turn', 'locked', 'not budge', 'stuck', 'not move', 'not turn by hand', 'locked solid', 'seized'],
    },
    said: {
      free: [
        'pump wheel turns easy',
      ],
      stiff: [
        'pump pulley turns hard by hand', 'pump wheel stiff', 'pump tight to turn', 'pump awful tight',
      ],
      locked: [
        'pump pulley not move', 'pump wheel locked', 'pump pulley will not turn', 'flywheel not budge',

        'flywheel will not budge',
        'pump will not turn by hand', 'pump not turn by hand',
      ],
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
        'tube plugged', 'line plugged', 'not release',
      ],
    },
    said: {
      sigh: [
        'unloader hiss every stop', 'unloader puff', 'hiss every stop', 'unloads fine', 'pssh when it stops',
        'hiss when it stops', 'unloader vents', 'short hiss at cut out', 'psst then quiet',
        'dumps the head when it stops', 'dumps the head at stop', 'bleeds the head when it stops',
        'fart when it shuts off', 'quick fart', 'pfft at cutoff', 'pfft shuts off',
        'burps when it stops',
      ],
      hisses: [
        'air blowing out of the tube when stopped', 'air out of the unloader tube', 'air blow tube',
        'hisson switch stop', 'hisson after stop', 'bleed off after stop', 'hissing at the switch after it stops',
        'hisses out of the unloader', 'unloader leaks when off', 'leaks at the unloader', 'hiss unloader off',
        'unloader hiss until empty', 'air out of the unloader when off', 'hiss when off',
        'blows air out the unloader',
        'unloader hisses nonstop', 'hiss nonstop', 'hisson', 'hisson at the unloader',
        'hisses until the tank is empty',
        'hisson at the unloader after it stops until the tank is empty', 'hisson at the switch', 'hisson when off',
        'hisson unloader stops', 'hiss valve under the switch off', 'hiss valve under the switch',
      ],
      nothing: [
        'no psst when it stops', 'no psst', 'no whoosh when it stops', 'unloader not vent stop', 'unloader not vent',
        'not hear bleed', 'not hear bleed off', 'not hear unload', 'not hear air stop', 'no pssh', 'no puff',
        'not unload', 'head pressure not bleeding off', 'not bleed off', 'head does not bleed',
        'pressure stays on the head', 'no hiss', 'no hiss when it stops', 'no vent at cut out', 'unloader nothing',
        'unloader silent', 'not let the air off when it stops', 'not let air off at stop', 'no air off when'
        + ' it stops'],
    },
  },
  'unloader-run': {
    what: ['unloader while running', 'switch while it runs', 'unloader when it pumps', 'vent running'],
    is: {
      still: ['quiet', 'dry', 'not leak', 'no air', 'noth'],
      blows: ['leaks', 'blows', 'hisses', 'air out', 'blowing air'],
    },
    said: {
      still: ['unloader still while it pumps', 'vent still running', 'no air at the unloader while it runs'],
      blows: [
        'blows air out of the switch while it runs', 'air out of the bottom of the switch while running',
        'leaks at the switch while it runs', 'air blow switch run', 'unloader blows while it runs',
        'vent blows running', 'hisses under the switch the whole time it runs', 'pinch the hose builds right',
        'pinch the hose and it builds', 'unloader leaks while it runs', 'air at the unloader while it pumps',
      ],
    },
  },
  'crack-line': {
    what: [
      'cracked the unloaderline', 'loosened the tube', 'bled the head', 'cracked the fitting',
      'loosened the unloaderline', 'cracked the tube', 'cracked the line', 'loosened the line',
      'let the air out of the line', 'cracked the line to the head', 'line loose', 'bled the line',
    ],
    is: {
      same: ['still hums', 'no difference', 'noth', 'still not start', 'not start', 'same'],
      starts: [
        'starts', 'starts right up', 'runs', 'psst starts', 'air came out starts', 'take off', 'took right off',
      ],
    },
    said: {
      same: ['cracked the unloaderline same', 'unloaderline cracked still hums', 'cracked line no difference'],
      starts: [
        'cracked the unloaderline let the air out started', 'let the air out of the line started right up',
        'cracked the unloaderline loose started right up', 'cracked the unloaderline and it started',
        'head vented it starts', 'bled the head and it starts',
      ],
    },
  },
  'intake-breath': {
    what: ['intake', 'intake filter', 'air filter', 'filter', 'hand over the intake', 'air intake'],
    is: {
      pulls: ['pulls', 'sucks', 'good pull', 'strong suction', 'pulls hard', 'sucks good'],
      back: [
        'blows back', 'blowing back', 'puffs', 'spits back', 'air comes back', 'blowing out', 'puffs back',
        'blows out', 'chuffs',
        'breathes back',
      ],
      better: ['dirty', 'caked', 'filter off better', 'filter off builds', 'black with dirt'],
    },
    said: {
      pulls: [
        'intake pulls', 'intake pulls steady', 'good pull at the intake', 'intake good', 'no air back at the intake',
        'not blow back at the intake',
        'good suction at the filter', 'suction at the filter',
      ],
      back: [
        'puffing back at the filter', 'air back filter', 'puffs back out the filter', 'air puff filter',
        'blows back filter', 'intake backfires', 'air blow out intake', 'air puffing out the intake',
        'air out of the intake', 'intake puffs', 'blows back at the intake', 'breath back at the intake',
        'air comes back out of the intake', 'intake spits', 'breathing out of the intake', 'breathing out intake',
      ],
      better: [
        'intake clogged', 'intake filter packed', 'filter blocked', 'air filter plugged', 'filter dirt',
        'pumps better with the strainer off', 'better without the intake filter', 'intake plugged with sawdust',
      ],
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
    said: {
      even: [
        'head even', 'head sounds good', 'even beat', 'pump sounds even', 'no blow head', 'no air out the head',
        'no knock in the head', 'no leak round the head',
      ],
      blows: [
        'head leaks', 'head gasket blown', 'gasket blown between', 'air between the head', 'head blows',
        'gasket blows',
        'air at the head joint', 'gasket blown', 'head gasket leaks',
      ],
      knocks: [
        'knock head', 'knocking in the head', 'loud clack', 'clack every turn', 'loud clank', 'knock in the pump',
        'knock every revolution',
      ],
    },
  },
  'breather': {
    what: ['breather', 'crankcase breather', 'crankcase', 'oil fill'],
    is: {
      quiet: ['quiet', 'hardly anything', 'good', 'no pressure', 'nothing coming out'],
      puffs: ['puffs hard', 'pushes my hand off', 'blows oil', 'smokes', 'huffing', 'chugging'],
    },
    said: {
      quiet: ['breather quiet', 'no blow-by', 'hardly a breath at the breather', 'no blow-by at the breather',
        'nothing out of the breather', 'no puff at the breather'],
      puffs: [
        'breather puffs hard', 'blow-by at the breather', 'breather blowing oil', 'oil in the air', 'passing oil',
        'oil out of the drain', 'pushing oil', 'oil in the air line', 'oil smoke out the breather',
        'smoke out the breather', 'rings worn', 'rings shot', 'rings gone', 'piston rings worn', 'rings broken',
        'piston rings shot', 'rings worn out', 'ring broken', 'oil mist out the breather',
      ],
    },
  },
  'valves-look': {
    what: ['reed', 'reeds', 'reed valve', 'valve plate', 'intake reed', 'exhaust reed', 'discharge reed'],
    is: {
      good: ['good', 'flat', 'whole', 'clean'],
      reed: [
        'broken', 'cracked', 'bent', 'snapped', 'chipped', 'burnt', 'carboned up', 'stuck', 'in half',
        'piece missing', 'missing', 'gone',
      ],
    },
    said: {
      good: ['reeds good', 'valve plate clean', 'reeds and gasket good'],
      reed: ['reed broken', 'broken reed', 'reed valve broken', 'reeds carboned up'],
      gasket: ['headoffgasket'],
    },
  },
  'belt-look': {
    what: ['belt', 'drive belt', 'v belt'],
    is: {
      good: ['good', 'tight', 'new', 'snug'],
      slack: [
        'slack', 'slipping', 'squeals', 'glazed', 'smokes', 'worn', 'stretched', 'cracked', 'burnt',
        'flopping', 'rubber smell', 'barely tight', 'hot', 'walks',
      ],
      off: ['off', 'broken', 'gone', 'shredded', 'jumped off', 'thrown', 'missing', 'in two', 'laying in the guard'],
    },
    said: {
      good: ['belt good', 'belt tight'],
      slack: [
        'belts slapping', 'squeals on start up', 'squeals when it starts', 'belts glazed', 'belts loose squealing',
        'belts slipping', 'belt loose', 'belt smoke', 'belt squeals', 'belt loose push in two inches', 'belt loose',
        'push it in inches',
      ],
      off: [
        'motorturnsalone',
        'belt snapped', 'belt laying', 'belt jumped', 'threw the belt', 'belt shredded', 'belt off',
        'head does not turn', 'belt gone',
        'no belt on the floor', 'no belt on it',
      ],
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
        'at the tank', 'at the bottom of the tank', 'pinhole', 'at the belly of the tank',
      ],
      drain: [
        'at the drain', 'at the drain cock', 'at the drain valve', 'at the petcock', 'drain wet', 'drain whistles',
      ],
    },
    said: {
      fittings: [
        'soap nothing at the fittings', 'no bubbles at the fittings', 'fittings dry', 'soap fittings dry',
        'fittings do not leak',
        'bubbles at the coupler', 'bubbles at the quick coupler', 'fitting blowing bubbles',
      ],
      none: [
        'no leaks at the joints', 'joints are dry', 'soaped every joint no bubbles',
        'no air leak soap', 'not find leak soap', 'no leaks sprayed everything', 'sprayed everything no leaks',
        'no air leaks', 'no bubbles', 'soap nothing',
      ],
      line: [
        'leak at a fitting', 'hose leaks', 'coupler leaks', 'hose hiss', 'fitting hiss', 'bubbles at the regulator',
        'soap bubbles regulator', 'bubbles round the fittings', 'bubbles at a fitting', 'bubbles at a hose fitting',
        'soap bubbles at the line', 'fitting leaks air', 'bubbles at the hose', 'leak at tank fitting soap',
        'leak at the fitting', 'bubbles at the fitting',
      ],
      switch: [
        'bubbles out of the diaphragm', 'bubbles diaphragm', 'soap bubbles diaphragm', 'bubbles at the switch',
        'air leaks at the switch', 'soap bubbles at the switch',
      ],
      relief: [
        'relief spitting all the time', 'relief spits a little', 'safety dribbles', 'relief dribbles all the time',
        'safety valve bubbles', 'soap outlet bubbles', 'bubbles at its outlet', 'relief leaks', 'relief leaks air',
        'soap bubbles at the relief', 'relief hisses',
        'ring valve leaking', 'relief leaking by',
      ],
      receiver: [
        'pinhole bubbles tank', 'pinhole tank blow bubble', 'pinhole bottom tank', 'pinhole in the bottom',
        'tank pinhole', 'weld leaks', 'pinhole', 'tank seam leaks', 'bottom rusted', 'bubbles at the tank seam',
        'soap bubbles at the seam', 'soap bubbles at the seam of the tank', 'pinhole in the tank',
        'bubbles at the receiver', 'tank rusted through'],
      drain: [
        'petcock bubbling', 'drain leaks', 'drain left open', 'drain hisses', 'drain cock leaks',
        'petcock leaks', 'drain valve leaks', 'drain cracked open',
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
    said: {
      air: ['drain dry', 'drain air', 'a cupful out of the drain'],
      water: [
        'gallons of brown water out of the drain', 'cracked the drain and got gallons of water', 'tank full of water',
        'receiver full of water', 'gallon of water out', 'water drained', 'lots of water', 'rust water',
        'drained a gallon of rusty water', 'tank drained rusty water', 'water in the tank', 'water out of the drain',
        'litres of water out of the drain', 'tank full of condensate', 'gallons of water out of the drain',
        'rust water out of the drain',
        'drain spit water', 'quarts of water',
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
    said: {
      good: [
        'oil good', 'oil level good', 'oil on the dot', 'oil right on the dot',
      ],
      low: [
        'oil low', 'oil black', 'no oil', 'oil old', 'oil dirty', 'oil not on the stick', 'dipstick dry',
        'nothing on the dipstick', 'not a drop of oil',
        'oil below the mark',
      ],
      milky: [
        'oil milky', 'water in the oil', 'oil white', 'mayonnaise', 'looks like mayonnaise', 'oil milkshake',
        'oil coffee with cream', 'oil coffee cream',
      ],
    },
  },
  'starts-empty': {
    what: ['tank empty', 'no air in the tank', 'drained the tank', 'zero in the tank'],
    is: {
      same: ['still hums', 'still not start', 'still will not', 'same', 'still trips', 'not start either'],
      empty: ['starts', 'starts fine', 'starts right up', 'runs', 'runs fine', 'kicks right on'],
    },
    said: {
      same: [
        'tank drained still hums', 'drained still hums', 'empty still hums', 'tank empty still groans',
        'receiver empty hums', 'no air in it still hums', 'hums even empty', 'no difference empty',
        'same with the tank empty', 'will not start empty either', 'hums with no air in it',
      ],
      empty: [
        'starts fine with the tank empty', 'first start of the day is fine', 'starts the first time only',
        'starts empty only', 'labour against pressure', 'labour pressure tank', 'hum pressure tank',
        'starts fine empty', 'starts good with no air', 'not start full tank', 'not start against air', 'drain start',
        'will not restart till drained', 'not restart drain tank', 'not start until the tank is drained',
        'only starts with the tank drained', 'restart drain', 'starts empty hums against pressure',
        'will not start against pressure', 'hums against pressure', 'starts with the drain open',
      ],
    },
  },
}
