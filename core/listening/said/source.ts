/** How it is said: what the water comes through: suction, prime, jet, check valve, strainer, fresh tank. */
import type { Sayings } from './types'

export const SOURCE: Sayings = {
  'winter-valve': {
    what: [
      'winter valve', 'winterizing valve', 'antifreeze valve', 'winterizing bypass', 'winterizing kit',
      'valve ahead of the pump',
    ],
    is: {
      tank: ['at the tank', 'turned to the tank', 'normal', 'set to tank', 'right', 'set right'],
      hose: [
        'open', 'at the hose', 'turned to antifreeze', 'wrong way', 'turned wrong', 'left on', 'at the antifreeze',
        'turned to the hose', 'set to antifreeze', 'on the wrong side', 'turned to winterize',
      ],
    },
    said: {
      tank: [
        'winter valve right', 'winter valve at the tank',
      ],
      hose: [
        'winter valve wrong', 'turned winterizing valve back pumps', 'still on winterize', 'winter valve open',
        'pink stuff', 'antifreeze position',
        'bypass still in winterize', 'still in winterize',
      ],
      shut: [
        'tankvalve shut', 'tank valve shut', 'tank shutoff shut', 'tankvalve off', 'valve under the tank shut',
        'outlet valve of the tank shut', 'valve at the bottom of the tank shut',
      ],
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
      blocked: ['blocked', 'leaves', 'mud', 'sand', 'buried', 'clogged with leaves', 'in the mud'],
      shut: ['stuck shut', 'stuck closed', 'jammed shut', 'stuck', 'not open'],
    },
    said: {
      holds: ['footvalve holds', 'footvalve good', 'suction line holds', 'holds its prime', 'filled to the brim stays'],
      falls: [
        'suctionline empty back', 'suctionline empty well', 'suction drains back', 'water runs back down the suction',
        'prime runs back down', 'water drops in the suction', 'footvalve stuck open', 'footvalve open',
        'footvalve leaks', 'footvalve leaks water runs back', 'water runs back', 'footvalve bad',
        'will not hold prime',
        'suction line drains back', 'footvalve does not hold', 'poured water in disappears', 'ran right back down',
        'water ran back down the well', 'filled suctionline ran back down', 'filled it ran right back down the well',
        'ran back down the well',
      ],
      blocked: [
        'footvalve blocked', 'footvalve plugged with leaves', 'leaves in the footvalve', 'footvalve full of sand',
        'footvalve screen plugged',
      ],
      shut: [
        'check valve stuck shut', 'footvalve stuck', 'footvalve stuck shut', 'flapper in the footvalve stuck shut',
        'footvalve will not open',
      ],
    },
  },
  'vacuum': {
    what: ['vacuum', 'suction gauge', 'vacuum gauge', 'suction'],
    is: {
      steady: ['steady', 'normal', 'good', 'usual'],
      high: ['high', 'pegged', 'way up', 'strong', 'climbs and stays', 'pulling hard'],
      low: ['low', 'none', 'weak', 'jumping', 'unsteady', 'bounces', 'falls off', 'not pull', 'zero'],
    },
    said: {
      steady: ['vacuum steady', 'vacuum normal', 'vacuum good', 'suction gauge steady'],
      high: [
        'inches of vacuum', 'strong vacuum', 'vacuum pegged', 'vacuum high', 'vacuum high and steady', 'full vacuum',
        'suction blocked vacuum', 'inches suction blocked', 'inches suction blocked'],
      low: [
        'vacuum drops', 'suction gauge low', 'vacuum low', 'vacuum low and jumping', 'vacuum jumps', 'no vacuum',
        'vacuum unsteady', 'vacuum swings',
      ],
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
    said: {
      full: [
        'prime good', 'solid water', 'full prime', 'holds prime', 'prime filled', 'primeplug full',
        'full of water at the primeplug', 'has its prime',
      ],
      empty: [
        'prime gone', 'no water in the prime plug', 'primeplug no water', 'pulled the priming plug no water in it',
        'hadtoprime', 'dry again', 'hadtoprime runs', 'prime gone again', 'no water at the prime', 'dry at the plug',
        'took a gallon to fill', 'pump was dry', 'pump lost prime', 'lost prime again', 'prime fall',
        'primeplug empty',
        'no prime', 'primeplug open empty', 'primeplug dry', 'pump empty',
      ],
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
    said: {
      clear: [
        'jet clear', 'nozzle clear', 'nozzle clean', 'jet clean', 'daylight through nozzle',
        'see through the nozzle', 'see daylight',
      ],
      blocked: [
        'wad in the nozzle', 'plastic in the nozzle', 'plastic in the jet', 'leaf in the nozzle',
        'took the injector out nozzle plugged', 'injector plugged', 'ejector full of', 'trash in the nozzle',
        'trash in the jet', 'something stuck in the nozzle', 'nozzle rust', 'nozzle dirt', 'nozzle sand', 'jet rust',
        'stone in the nozzle', 'rust in the jet', 'venturi blocked', 'ejector plugged', 'jet blocked',
        'nozzle blocked',
        'pulled the jet blocked with scale', 'jet full of scale', 'scale in the nozzle',
      ],
    },
  },
  'inlet-tap': {
    what: ['inlettap'],
    is: {
      strong: ['good', 'strong', 'plenty', 'good pressure', 'full', 'lots of water', 'blasts', 'steady'],
      weak: ['weak', 'no water', 'nothing', 'drips', 'hardly any', 'low pressure', 'dribbles', 'barely', 'dead'],
    },
    said: {
      strong: ['inlettap good', 'inlettap strong', 'inlettap good pressure'],
      weak: ['inlettap weak', 'inlettap barely', 'inlettap nothing', 'inlettap dribbles', 'inlettap no water'],
    },
  },
  'check-look': {
    what: ['checkvalve', 'check', 'flapper', 'check flap', 'poppet', 'check valve disc', 'check in the line'],
    is: {
      good: ['good', 'clean', 'seats', 'moves', 'works', 'free', 'holds'],
      shut: ['stuck shut', 'jammed shut', 'not open', 'backwards', 'in backwards'],
      open: [
        'stuckopen', 'not seat', 'not close', 'broken', 'spring broken', 'worn', 'bad', 'cracked', 'junk in',
        'sand in', 'melted', 'chewed up', 'gone', 'warped', 'not sealed', 'carbon on the seat', 'split',
        'carbon in', 'leaks', 'leaks back', 'passes air', 'bleeds back',
      ],
    },
    said: {
      good: ['checkvalve clean', 'check flap moves', 'checkvalve seats', 'check disc good', 'check valve good'],
      shut: [
        'flap jammed shut', 'checkvalve stuck shut', 'flap stuck shut', 'check jammed shut', 'check flap stuck shut',
        'checkvalve jammed', 'poppet stuck shut',
      ],
      open: [
        'trash under the seat', 'chip under the seat', 'rubber under the seat', 'check disc broken',
        'check valve trash', 'check valve rubber gone', 'check spring gone', 'seat pitted', 'checkvalve stuck open',
        'dirt on the check seat', 'checkvalve disc cracked', 'flap not seat', 'chip on the seat',
        'check spring broken',
        'checkvalve seat bad', 'sand under the flap', 'something holding the check open', 'holding the check open',
        'check flap missing', 'check valve flap missing', 'checkvalve carbon holding it open',
        'checkvalve carbon stuck in the seat',
      ],
    },
  },
  'impeller-look': {
    what: ['impeller', 'impeller vanes', 'vanes', 'pump end', 'volute', 'diffuser'],
    is: {
      turns: ['turns', 'free', 'spins free', 'good', 'clear'],
      jammed: [
        'jammed', 'stuck', 'rock', 'stone', 'pebble', 'packed', 'clogged', 'full of string', 'full of weeds', 'rust',
        'scale', 'stick in', 'gravel in', 'rag',
        'wedged',
      ],
      worn: [
        'worn', 'worn out', 'ate up', 'eaten away', 'chewed up', 'gone', 'rounded off', 'sand cut', 'broken',
        'stripped',
      ],
      stuck: ['off motor still stuck', 'out motor still stuck'],
    },
    said: {
      worn: ['impeller worn', 'impeller eaten', 'wear ring open', 'vanes worn', 'impeller vanes gone', 'volute worn'],
      turns: [
        'impeller turns', 'impeller free', 'volute open turns free', 'nothing in the impeller',
        'pump apart everything spins', 'impeller fine turns free',
      ],
      jammed: [
        'pump off motor turn good', 'pump end off motor turn', 'impeller rust', 'impeller rust hous',
        'impeller stuck',
        'impeller frozen', 'pebble in the impeller', 'pump end off motor turn free', 'wet end off motor turns',
        'impeller jammed', 'stone in the impeller', 'opened the volute sand in the impeller', 'impeller blocked',
        'impeller full of scale', 'motor turns free with the volute off',
        'impeller passages packed', 'impeller passages plugged', 'impeller packed with iron',
      ],
      stuck: [
        'impeller off motor still stuck', 'motor still stuck with the volute off', 'volute open motor stuck',
        'impeller solid with rust', 'motor alone stuck', 'motor alone not turn', 'pump off motor not turn',
        'pump off motor still stuck', 'motor by itself stuck', 'motor by itself not turn', 'pump off motor locked',
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
    said: {
      clean: [
        'strainer clean', 'strainer clear', 'strainer good', 'strainer clean', 'strainer clean', 'strainer spotless',
      ],
      clear: ['strainer clear', 'strainer clean', 'strainer good', 'tank full strainer clear'],
      blocked: [
        'screen caked with mud', 'strainer sand', 'strainer plastic', 'strainer screen plugged', 'strainer slime',
        'basket full', 'strainer half blocked', 'strainer full', 'strainer blocked with rust',
        'strainer plugged leaves', 'strainer plugged', 'strainer full of leaves', 'strainer plugged',
        'leaves out of the strainer', 'strainer leaves', 'cleaned leaves out of the strainer',
        'strainer packed with leaves',
      ],
      packed: [
        'strainer sand', 'strainer screen plastic', 'strainer bowl blocked', 'strainer bowl sand',
        'bowl blocked sand',
        'strainer blocked', 'strainer full', 'strainer dirty',
      ],
      bubbles: [
        'o-ring dry bubbles', 'bowl bubbles', 'o-ring cracked bubbles', 'bubbles in the bowl',
        'strainer bowl cracked',
        'strainer air', 'strainer o-ring bubbles', 'strainer bubbles', 'bubbles in the strainer',
        'air in the strainer',
        'strainer bowl bubbles',
      ],
    },
  },
  'vent': {
    what: ['vent screw', 'bled the pump', 'vent', 'cracked the vent'],
    is: {
      water: ['water', 'solid water', 'no air', 'water right away'],
      air: ['spits', 'air for a minute', 'hissed air', 'hiss air', 'air then water', 'big air pocket'],
    },
    said: {
      water: [
        'bled water', 'pump bled water', 'solid water no air', 'ventscrew water', 'solid water at the vent',
        'vent water at once', 'cracked water no air', 'water straight off no air'],
      air: [
        'ventscrew air', 'noth but air', 'plug noth but air', 'cracked the plug air', 'cracked the plug noth but air',
        'crack ventscrew air', 'bled a lot of air', 'air out of the bleeder', 'ventscrew spits air',
        'air out of the vent', 'vent spits', 'air came out priming plug', 'air came out then water',
        'air out of the plug', 'cracked the plug hiss air', 'cracked the plug spits air', 'plug hiss air no water',
        'cracked the priming plug air',
      ],
    },
  },
  'tank-look': {
    what: ['freshtank', 'fresh water tank', 'tank', 'tank gauge'],
    is: {
      water: [
        'full', 'half full', 'over half', 'half', 'two thirds', 'three quarters', 'has water', 'plenty',
        'water in it',
        'topped off',
      ],
      empty: ['empty', 'dry', 'no water', 'out of water', 'drained', 'nothing in it'],
    },
    said: {
      water: [
        'tank is full', 'fresh tank full', 'plenty in the tank', 'freshtank has water', 'water in the freshtank',
        'freshtank good',
      ],
      empty: [
        'tank nearlyempty', 'out of water', 'tank dry', 'no water on board', 'freshtank empty', 'freshtank dry',
        'no water in the freshtank', 'tank is empty', 'tank bone dry', 'opened the lid empty', 'lid off empty'],
    },
  },
  'weep': {
    what: ['pump head', 'weephole', 'under the pump', 'bottom of the pump', 'pump housing'],
    is: {
      dry: ['dry', 'not leak', 'bone dry'],
      wet: ['wet', 'leaks', 'water', 'puddle'],
    },
    said: {
      dry: [
        'weephole dry', 'pump head dry', 'dry under the head', 'pump dry underneath',
      ],
      wet: [
        'leaks at the head', 'drips from the pump head', 'pump leaks', 'weephole leaks', 'weephole wet',
        'leaks under the head', 'wet under the pump',
      ],
    },
  },
}
