/** How it is said: a direct-current circuit. */
import { TRIED } from './tried'
import type { Sayings } from './types'

export const DIRECT: Sayings = {
  'panel-wiggle': {
    what: ['wiggle the panelswitch', 'panelswitch', 'pushed on the panelswitch'],
    is: {
      same: ['noth'],
      comes: ['comes and goes', 'cuts in and out', 'runs', 'flickers', 'works sometimes'],
    },
    said: {
      same: [
        'wiggle the panelswitch nothing', 'panelswitch same', 'wiggled the panelswitch no difference',
        'worked the rocker no luck', 'rocker back and forth nothing',
      ],
      comes: [
        'wiggle the panelswitch and it runs', 'panelswitch comes and goes', 'runs when I push the panelswitch',
        'panelswitch loose', 'panelswitch start', 'wiggle pump switch comes and goes', 'wiggle switch panel comes',
        'panelswitch works if you hold it', 'pump switch works if you hold it just right',
        'works if you hold the switch', 'wiggle pump switch in and out', 'panelswitch in and out',
      ],
    },
  },
  'wires-look': {
    what: ['wire', 'harness', 'wire at the bulkhead', 'loom'],
    is: {
      whole: ['good', 'whole', 'not chafed', 'not bare'],
      chafed: ['chafed', 'bare', 'screw through', 'cut', 'melted', 'smashed'],
    },
    said: {
      whole: [
        'wires good', 'no chafed wire', 'wires whole', 'followed wires no damage', 'wires no damage', 'no damage',
      ],
      chafed: [
        'wire rubbed', 'insulation rubbed off', 'screw through the wire', 'wire broken',
        'chafed wire at the bulkhead',
        'bare wire', 'positive wire rubbed through',
        'wire pinched copper showing',
      ],
    },
  },
  'straight-feed': {
    what: [
      'straightfeed', 'pump straight to the battery', 'motor straight on the battery', 'both leads to the battery',
    ],
    is: TRIED,
    said: {
      runs: [
        'straightfeed runs', 'straight off the battery runs', 'pump straight on the battery runs',
        'wires from the battery to the pump runs', 'runs off the jump pack',
      ],
      groans: ['straightfeed still hums', 'straight on the battery still hums'],
      silent: ['straightfeed nothing', 'straightfeed still dead', 'straight on the battery nothing'],
      trips: ['straightfeed trips', 'straight on the battery blows the fuse'],
    },
  },
  'second-return': {
    what: [
      'second ground', 'jumper to battery negative', 'ground straight to the battery', 'new ground wire',
      'temporary ground', 'jumper from black to negative', 'ran a ground to the battery',
      'wire from negative to the battery', 'jumper ground battery', 'extra ground', 'extra ground lead',
      'another ground', 'jumper pump ground battery', 'jumper negative',
    ],
    is: TRIED,
    said: {
      runs: [
        'ran a wire from battery negative', 'wire from battery negative runs', 'jumper negative battery runs',
        'straight to battery negative runs', 'ground wire battery runs', 'secondreturn runs',
        'secondreturn to the battery and it runs', 'secondreturn and it runs strong',
        'secondreturn to the battery run strong',
      ],
      groans: ['secondreturn still hums', 'secondreturn hum'],
      silent: [
        'secondreturn nothing', 'secondreturn same', 'secondreturn still dead', 'extra ground wire no help',
        'extra ground no help',
      ],
      trips: ['secondreturn trips', 'secondreturn blows the fuse'],
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
    said: {
      bright: ['return good', 'chassis ground clean', 'ground tight', 'ground good', 'chassis return bright'],
      rusty: [
        'black wire broke off', 'black broke off at the crimp', 'black broken off',
        'ground wire all rust', 'ground wire at the frame rusty', 'ground strap corroded', 'ground bolt rusty',
        'ground bad', 'strap rusty', 'ground screw loose', 'negative corroded', 'chassis bolt rusty', 'ground rusty',
        'ground loose', 'return rusty', 'chassis ground corroded', 'ground bolt loose', 'ground under paint',
        'chassis rust',
      ],
    },
  },
  'tank-vent': {
    what: [
      'tank vent', 'vent of the fresh tank', 'fresh tank vent', 'vent hose', 'fill cap off', 'took the fill cap off',
    ],
    is: {
      same: ['not blocked', 'no difference', 'same'],
      better: [
        'plugged', 'blocked', 'kinked', 'stopped up', 'full of mud', 'pinched', 'pumps fine', 'picks up', 'runs fine',
        'pumps good',
      ],
    },
    said: {
      same: ['tank vent open', 'fill cap off no difference', 'took the fill cap off no change'],
      better: [
        'tank sucked in', 'fresh tank sucked flat', 'took the fill cap off and it pumps', 'fill cap off picks up',
        'opened the fill cap and it pumps fine', 'tank pulled in a vacuum',
      ],
    },
  },
  'posts-look': {
    what: ['battery post', 'battery terminal', 'battery clamp', 'battery cable', 'posts'],
    is: {
      clean: ['clean', 'tight', 'good', 'clean and tight'],
      furred: ['corroded', 'loose', 'white', 'fuzzy', 'dirty', 'crusty', 'powder', 'blue crud'],
    },
    said: {
      clean: [
        'battery terminals clean', 'terminals clean', 'terminals tight', 'posts clean', 'posts clean and tight',
        'posts good', 'battery posts good', 'clamps tight',
      ],
      furred: [
        'battery terminals corroded', 'terminals white', 'battery clamps loose', 'posts furry', 'posts loose',
        'battery corroded', 'clamp loose',
      ],
    },
  },
}
