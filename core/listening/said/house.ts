/** How it is said: the valve to the house, its filter, a tap at the tank. */
import type { Sayings } from './types'

export const HOUSE: Sayings = {
  'house-valve': {
    what: [
      'valve to the house', 'valve after the tank', 'valve at the tank outlet', 'main valve', 'house supply valve',
      'valve past the tank', 'valve behind the tank', 'valve going up', 'housevalve',
    ],
    is: {
      'open': ['found open', 'is wide open', 'all the way open'],
      'was-shut': ['foundshut', 'foundshut off'],
      'frozen': ['frozen', 'froze solid', 'iced up'],
    },
    said: {
      'open': ['main valve open', 'valve to the house open'],
      'was-shut': [
        'foundshut', 'someone foundshut the valve', 'valve foundshut', 'housevalve foundshut',
        'shut off main valve after tank', 'main valve after the tank shut', 'main valve was off',
        'main valve to house was shut',
        'cranked the main off',
      ],
      'frozen': [
        'line to the house frozen', 'pipe to the house frozen', 'house line frozen', 'pipe under the house frozen',
        'pipe in the crawl space frozen', 'pipe in the wall frozen', 'line to the barn frozen',
        'line to house frozen', 'pipe to house froze', 'valve open line froze',
        'line frozen',
      ],
    },
  },
  'filter-look': {
    what: [
      'filter', 'cartridge', 'house filter', 'sediment filter', 'filter element', 'whole house filter',
      'filter housing', 'water filter',
    ],
    is: {
      clean: ['clean', 'new', 'not blocked', 'looks good', 'white', 'not dirty'],
      dirty: ['blocked', 'black', 'dirt', 'slimed', 'brown', 'solid', 'full of rust', 'full of sand', 'iron', 'rust'],
    },
    said: {
      clean: ['filter clean', 'filter like new', 'cartridge clean'],
      dirty: [
        'filter blocked', 'cartridge blocked', 'filter full of sand', 'filter needs changing', 'filter slimed over',
        'filter not changed in years', 'slimed over',
      ],
    },
  },
  'filter-sides': {
    said: {
      alike: [
        'filter same both sides', 'same pressure before and after the filter', 'no drop across the filter',
        'filter both sides alike', 'nothing lost across the filter',
      ],
      drops: [
        'drops across the filter', 'only after the filter', 'far less behind the filter', 'pressure lost across'
        + ' the filter',
        'filter drops', 'low after the filter', 'big drop across the filter',
      ],
    },
  },
  'filter-out': {
    what: [
      'filter out', 'cartridge out', 'bypassed the filter', 'filter bypassed', 'without the filter',
      'pulled the filter', 'pulled the cartridge', 'cartridge removed', 'no cartridge', 'took the filter out',
      'no filter',
    ],
    is: {
      same: ['no better', 'no change', 'still weak', 'no difference', 'same', 'just as weak', 'weak'],
      back: [
        'flow back', 'better', 'good pressure', 'strong', 'full flow', 'good flow', 'plenty', 'pressure back',
        'plenty of water', 'flows great', 'flow good',
      ],
    },
    said: {
      same: ['filter out same', 'filter out no better', 'bypassed the filter no change'],
      back: [
        'filter out better', 'filter out flow back', 'bypassed the filter flow back', 'filter out strong flow',
        'bypassed the filter fire hose', 'bypassed the filter back',
      ],
    },
  },
  'tank-tap': {
    what: ['tap at the tank', 'drain at the tank', 'boiler drain', 'faucet at the tank', 'hose bib at the tank'],
    is: {
      both: ['same as the house', 'no better', 'no different', 'weak as in the house'],
      only: ['good', 'strong', 'runs great', 'blasts', 'full flow', 'plenty', 'good none in the house'],
      none: ['nothing', 'dry', 'no water', 'not a drop', 'dead'],
    },
    said: {
      both: [
        'tap at the tank same', 'tap at the tank no better', 'drain at the tank no better',
        'tank drain strong so is kitchen', 'strong at tank and in house', 'same at tank and house',
      ],
      only: [
        'tap at the tank strong none in the house', 'water at the tank none in the house',
        'good flow tank poor upstairs', 'flow tank poor house', 'strong tank poor upstairs',
        'at the tank gushes',
      ],
      none: ['nothing at the tank either', 'tank tap dry', 'nothing out of the tank drain'],
    },
  },
}
