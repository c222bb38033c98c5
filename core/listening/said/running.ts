/** How it is said: whether it runs, how it sounds, and what comes of it. */
import { DEAD, HUMMED, RAN, TRIPPED } from './tried'
import type { Sayings } from './types'

export const RUNNING: Sayings = {
  'works': {
    what: ['it', 'system', 'pump', 'everything'],
    is: {
      yes: ['works now', 'works great', 'back to normal', 'good to go', 'fixed', 'runs like it should', 'all good'],
      no: ['not fixed', 'same problem', 'still does the same', 'still acting up',
        'problem is still there',
      ],
    },
    said: {
      yes: [
        'went back to normal', 'normal again', 'works like it should', 'good as new', 'back to normal', 'good to go',
        'works now', 'runs and stops right', 'two cycles good', 'customer has water', 'cycles like it should',
      ],
      no: [
        'not fixed', 'same problem', 'still wrong', 'does not work right', 'something still wrong',
        'still not right', 'not right yet', 'still bad', 'not fixed',
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
    said: {
      runs: ['pump runs', 'runs', 'pump starts', 'hear the pump run'],
      groans: ['pump hums', 'hums', 'pump hums does not start', 'hear it hum'],
      silent: [
        'pump not on', 'pump not coming on', 'well pump not on', 'pump dead', 'no sound', 'pump does nothing',
        'nothing from the well',
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
    said: {
      runs: [
        'pump turn', 'motor turn good', 'motor turning', 'motor runs good', 'pump run good', 'humming along',
        'running now', 'sounds good running', 'run good', 'motor start', 'pump start', 'kick', 'starts right up',
        'turns over runs', 'pump runs', 'motor runs', 'it still runs', 'runs rough', 'starts fine', 'starts',
        'starts and runs', 'runs light',
        'pump whirring',
      ],
      groans: [
        'growls', 'grunts', 'hum louder', 'strains hums', 'humming sound', 'hum dim', 'hums does not turn', 'hums'
        + ' loud',
        'pump hums', 'motor hums', 'hums does not start', 'pump hums does not turn over', 'groans when it calls',
        'tries to start', 'wants to go but cannot', 'sounds like it wants to go', 'wants to start and cannot'],
      silent: [
        'dead as a doornail', 'dead as a rock', 'click nothing', 'not a peep', 'nothing at all', 'stone dead',
        'not run', 'not start up', 'pump not run', 'motor not run', 'no response', 'not kick', 'not start nothing',
        'pump not start', 'motor not start', 'not turn on', 'no sound', 'dead', 'pump silent', 'no hum', 'pump dead',
        'no sound from the pump', 'no sound from the well', 'pump dead silent', 'nothing no hum', 'motor dead',
        'pump does nothing', 'nothing happens no sound', 'pump silent nothing', 'booster silent', 'not start',
        'not make a peep', 'not a peep', 'just silence', 'silence when it calls', 'not a thing happens',
        'not a thing when it calls',
      ],
      chatters: [
        'clicks', 'contact chatters', 'buzzes on and off', 'chatters', 'switch chatters', 'rattles on and off',
        'clicks on and off fast', 'chatters like mad', 'clacking crazy', 'clacking like crazy'],
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
    said: {
      steady: [
        'good flow', 'plenty of water',
        'plenty of water at the tap', 'strong stream', 'good pressure', 'water steady', 'steady stream',
        'water fine', 'good pressure at the tap', 'flow strong even', 'strong and even', 'flow even'],
      pulses: [
        'tap noth start', 'tap zero start', 'shower noth pump start', 'goes to nothing pump starts', 'water pulses'
        + ' tap',
        'burps pulses', 'delivery die comeback', 'water die comeback', 'water stops comes back', 'stops then blasts',
        'flow cuts in and out', 'gauge fall zero start', 'pressure fall noth start', 'pressure fall zero start',
        'falls to nothing before it starts', 'water comes and goes', 'surges at the shower', 'gauge bounces',
        'gauge swings', 'pressure bounces', 'gauge jumps', 'water pulses', 'taps pulse die and surge',
        'pressure swings', 'surges', 'water dies then surges', 'swings high and low', 'comes in spurts',
        'water in spurts', 'gushes stops gushes', 'gushes then stops', 'spurts',
      ],
      weak: [
        'weak shower', 'not much water', 'poor pressure', 'slow fill', 'no pressure upstairs', 'low pressure',
        'barely pumps', 'barely any water', 'runs barely pumps', 'low flow', 'water weak', 'weak stream', 'weak',
        'weak upstairs', 'low pressure at the tap', 'runs weak at the tap', 'runs weak',
      ],
      none: [
        'not moving water', 'moves no water', 'nothing out of the tap', 'no water upstairs', 'no water at any tap',
        'dry taps', 'noth tap', 'no water anywhere', 'not one drop', 'no water house', 'dry bone', 'nothing comes'
        + ' out',
        'not a drop at the tap', 'hose dies at once', 'faucets dry', 'taps are dry', 'faucet dry',
        'hiss of air then nothing',
      ],
    },
  },
  'water-look': {
    what: ['water', 'tap water', 'water coming out', 'bucket', 'glass'],
    is: {
      clear: ['clear', 'clean', 'looks good', 'no sand', 'no air'],
      sand: ['sand', 'dirty', 'muddy', 'rusty', 'brown', 'cloudy', 'orange', 'red'],
      air: ['air', 'spits', 'bubbles', 'milky', 'spits air', 'burps', 'air pockets'],
    },
    said: {
      clear: ['no air in the water', 'water clear', 'water clean', 'no sand'],
      sand: [
        'muddy water', 'brown water', 'gritty water', 'cloudy water', 'orange water', 'well pumping sand',
        'pumping sand', 'well makes sand', 'rust colored water', 'sand in the bucket', 'sand in the water',
        'rusty water', 'water dirty', 'sand', 'sand in the bucket when it last ran', 'water was sandy all summer',
        'sand in the toilet', 'chocolate milk', 'sand toilet tank', 'looks like chocolate milk',
      ],
      air: [
        'air out of the tap', 'bubbles in the glass', 'tap spits air', 'little bubbles in the water',
        'air in the glass', 'gurgles', 'spurts air', 'sputters air', 'water milky with air', 'faucets spit',
        'burps air', 'air in the lines', 'air discharge', 'surge air', 'sucking air', 'pump sucking air', 'draws air',
        'sucks air at the suction', 'air in the water', 'taps spit and cough', 'water spits', 'pump runs spits',
        'tap blows air', 'just blows air',
      ],
    },
  },
  'belt-off': {
    what: [
      'belt off', 'slipped the belt off', 'belt removed', 'without the belt', 'belts off', 'motor alone', 'no belt',
    ],
    is: {
      runs: RAN,
      heavy: ['same amps', 'still draws high'],
      groans: HUMMED,
      silent: DEAD,
      trips: TRIPPED,
    },
    said: {
      runs: [
        'belt off runs free', 'belt off motor runs', 'belt off it starts', 'belts off motor runs byitself',
        'belt off motor runs byitself',
        'motor fine without belt', 'took the belt off motor great', 'belt off motor runs sweet',
      ],
      heavy: [
        'belt off still amps', 'belt off same amps', 'belt off amps still high', 'belt off still pulls amps',
        'belt off still draws heavy', 'belt off still', 'belt off same',
        'motor pulling hard no belt', 'pulls hard no belt',
      ],
      groans: ['belt off still hums', 'belt off motor still hums', 'hums with the belt off'],
      silent: ['belt off nothing', 'belt off still dead', 'belt off motor dead'],
      trips: ['belt off still trips', 'trips with the belt off', 'belt off trips the same'],
    },
  },
}
