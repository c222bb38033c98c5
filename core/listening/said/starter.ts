/** How it is said: the starter, its coil and its heaters. */
import { RAN, TRIED } from './tried'
import type { Sayings } from './types'

export const STARTER: Sayings = {
  'coil-heard': {
    what: ['starter'],
    is: {
      pulls: ['engages', 'made', 'energized'],
      chatters: ['buzzing loud', 'clacks', 'machine gun', 'in and out'],
      nothing: [
        'not pulling in', 'noth pullin', 'noth pull',
        'not engage', 'not energize', 'not click', 'not clunk', 'no click',
      ],
    },
    said: {
      pulls: [
        'pulls in good', 'starter snaps in', 'contactor in', 'starter pulled', 'starter clunks', 'starter closes',
        'coil pullin', 'picks up solid', 'pulls in solid'],
      chatters: [
        'contactor buzzes', 'starter rattles', 'rattles like a machine gun', 'starter chatters', 'coil chatters',
        'starter chatters loud', 'new starter fit hums',
        'contactor machine gunning',
      ],
      nothing: [
        'coil not pulling', 'not pullin', 'starter noth', 'starter not move', 'coil not pullin',
        'contactor not close',
        'starter sits', 'starter open', 'starter silent', 'starter not pullin', 'starter dead',
        'starter does not come in', 'starter silent not pullin', 'coil dead',
        'starter not make a sound',
      ],
    },
  },
  'push-in': {
    what: [
      'pushin', 'push in the starter', 'starter pushed in by hand', 'held in by hand', 'starter by hand',
      'push in the contactor', 'contactor pushed in', 'push it in hand', 'push it in with a stick', 'pushed it in',
    ],
    is: TRIED,
    said: { runs: ['pushin runs', 'pushin start'] },
  },
  'float-bypass': {
    what: [
      'bridged the float contact', 'jumper across the float contact', 'jumped the float', 'bridged the float',
      'float bridged', 'jumper across the float', 'bypassed the float',
    ],
    is: { ...TRIED, runs: [...RAN, 'pullin', 'starter pullin'] },
    said: {
      silent: [
        'jumped the float still will not pull in', 'jumped the float not pull in',
      ],
    },
  },
  'coil-figure': {
    what: ['coil', 'coil label', 'coil tag', 'new coil'],
    is: {
      right: ['matches', 'correct', 'right voltage'],
      wrong: ['wrong', 'wrong voltage', 'not match', 'othervolts', 'different voltage'],
    },
    said: {
      right: [
        'coil right volts', 'coil matches', 'coil figure right', 'coil printed for the control volts',
      ],
      wrong: [
        'coil printed for 240', 'coil stamped 240', 'coil marked 480', 'coil rated 240', 'coil says 240',
        'coil wrong',
        'coil othervolts', 'coil printed for othervolts', 'coil for the wrong voltage', 'coil printed for',
        'coil says 480 control is 120', 'coil for the wrong volts',
      ],
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
    said: {
      in: [
        'overload in', 'reset pushed in', 'reset is in', 'reset in dial matches the plate', 'overload good',
        'overload not tripped', 'overload reset', 'overload is reset', 'reset is in', 'overload stays reset'],
      tripped: [
        'overload popped', 'overload keeps tripping', 'heaters tripped', 'overload was out', 'reset was out',
        'overload opened', 'pushed reset runs', 'overload will not reset', 'overload tripped reset',
        'overload trips again', 'hum overload trips',
      ],
      dial: [
        'overload set too low', 'overload set under', 'heaters too small', 'dial set low', 'dial turned down',
        'dial low', 'dial under the nameplate', 'dial set under the plate', 'overload dial too low', 'dial wrong',
        'dial cranked down', 'dial all the way down',
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
    said: {
      good: [
        'starter contacts good', 'starter contacts clean', 'contactor tips silver', 'tips nice and silver',
        'contacts silver',
      ],
      burnt: [
        'contact burnt away', 'starter points black', 'contact pole burnt', 'starter pole burnt', 'contactor burnt',
        'starter contacts burnt', 'contact n1 burnt', 'contact n2 burnt', 'contact n3 burnt',
        'starter contact pitted', 'contact tips shot', 'contact tips bad'],
      welded: [
        'pried contacts stuck together', 'contacts stuck together', 'contacts stuck shut', 'contacts stuck',
        'contacts welded', 'contacts fused',
        'pried the contacts apart', 'contactor stuck in', 'contactor welded', 'contactor stuck', 'starter held in',
        'starter not drop out', 'starter contacts welded', 'starter contacts stuck', 'starter stuck closed',
      ],
      insects: [
        'insects in the starter', 'starter contacts insects', 'dirt in the starter', 'starter full of insects',
      ],
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
    said: {
      even: ['rolled the leads even', 'roll amps even', 'rolled balanced'],
      line: [
        'high amps stays on the same line', 'high leg hold line', 'amps hold line',
        'rolled three leads high hold line',
        'imbalance stays on the line', 'roll lead high hold line', 'same line hold roll',
        'odd one stays with the line',
        'rolled the leads stays with the line', 'roll odd one hold with the line',
        'rolled the leads and the odd one stays with the line', 'stays with the line',
        'imbalance stayed utility side',
      ],
      lead: [
        'high amps moves with the lead', 'imbalance follows the motor', 'high leg moves lead', 'roll follows lead',
        'amps move lead', 'odd one moves with the lead', 'rolled the leads odd one moves with the lead',
        'moves with the lead',
        'swapped all three high amps moved motor lead', 'high amps moved with the motor lead',
      ],
    },
  },
  'swap-two': {
    what: ['swapped two leads', 'swapped two wires', 'swapped any two', 'reversed rotation', 'flipped two phases'],
    is: {
      less: ['less', 'worse', 'pressure dropped', 'lower'],
      more: ['more', 'better', 'pumps good', 'pressure came up', 'full pressure', 'pumps now', 'water', 'fixed'],
      same: ['same', 'noth'],
    },
    said: {
      less: [
        'swapped two leads less', 'changed two leads worse', 'reversed gives less', 'swapped two leads worse',
        'swapped two worse',
      ],
      more: [
        'swapped lead n1 n2 pressure up', 'swapped two leads pressure is up', 'backwards swap two lead pumps',
        'swap two lead pump', 'swap two lead run good', 'swap two motorleads pressure up', 'swap two motorleads',
        'swap two motorleads better', 'swap two lead pressure up', 'swap two lead up', 'swap two lead pressure',
        'swapped two legs came right up', 'swapped legs came up', 'swapped two legs better', 'swap two leg',
        'swapped two leads more', 'changed two leads better', 'reversed and it gives more',
        'turned it around twice the pressure', 'twice the pressure', 'reversed twice the pressure',
      ],
      same: [
        'swapped two leads same', 'changed two leads no difference', 'reversed same', 'swap legs no difference',
        'swap two no difference',
      ],
    },
  },
}
