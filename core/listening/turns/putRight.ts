/** What becomes of a thing that was put right, and faults told in two words. Common practice, no source. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const SWITCH = '(?:the )?(?:pressure )?switch'
const BREATHES = '(?:unloader|switch|head|relief line)'
const MOMENT = '(?:a|one|about a|half a|maybe a) (?:second|sec|moment|beat)(?: or (?:so|two))?'

const FALLEN = '(?:went|dropped|fell|bled|ran|goes|drops|falls|bleeds)(?: right'
  + '| all the way)?(?: down)? (?:to (?:zero|nothing'
  + '|\\d+)|off)'
const OTHERS = '(?: on)? the others?(?: two| legs)*'

/** Where a figure or a look belongs that is told from the far side. */
const OF_PLACES: readonly Joined[] = [
  ['middle', 'center(?= (?:hand |line )?fuse)'],
  ['', '(?<=fuse[^;]*),? (?:and |but )?(?:the )?other two (?:are |read |is )?(?:near zero|good|fine|ok|whole'
  + '|close to zero)'],
  ['$2/$2/$1 amps', `amps? ${N} on (?:t|l|leg )(?:3|c)\\b,? (?:and |but )?${N}${OTHERS}`],
  ['$2/$1/$2 amps', `amps? ${N} on (?:t|l|leg )(?:2|b)\\b,? (?:and |but )?${N}${OTHERS}`],
  ['$1/$2/$2 amps', `amps? ${N} on (?:t|l|leg )(?:1|a)\\b,? (?:and |but )?${N}${OTHERS}`],
  ['$1/$1/0 amps', `${N} amps? on two (?:of the )?(?:legs|lines|phases),? (?:and |but )?(?:nothing|zero|0`
  + `|none) on the (?:third`
  + '|other)(?: one)?'],
  ['$1 volts into the box', `(?:volts?|voltage) (?:in ?to|coming in ?to|going in ?to|at) the box(?: is| are|:)? ${N}`],
  ['prime gone', 'water(?: level)? in the (?:prim(?:e|ing)|fill) (?:port|plug|hole)(?: has| had)? (?:dropped'
  + '|went|fell|gone'
  + '|drained|ran)[^,;]*'],
  ['house valve shut, pressure falls', `(?:sat|left it|waited|stood|let it sit)[^,;]*(?:house`
  + `|valve)[^,;]*(?:closed|shut|off)`
  + `[^,;]*?,? and (?:the |its )?(?:gauge|pressure|needle|it) ${FALLEN}`],
  ['basket', 'basket between (?:the )?tank and (?:the )?pump'],
  ['', `suction(?: gauge)?(?: reads| is| at| shows)? (?:minus |- ?|negative )${N}(?: ?psi)?`],
  ['', '(?:the )?air(?:\'s| is|\'s all| is all) gone(?: now)?(?:,? and)?(?= )'],
  ['meter runs backwards', 'water (?:goes|going|flows|runs|is going) back (?:in)?to the (?:street|main|city)',
    '(?:check |water )?(?:backs|backing|pushes|pushing) (?:back )?(?:up )?(?:in)?to the (?:street'
    + '|main)', '(?:flow |water )?meter(?: on the street side)? (?:runs|spins|turns|goes) backwards?'
    + '(?: when it (?:stops|shuts off|quits))?'],
  ['runs', '(?<=(?:psst|sigh|hiss)[^;]* and )re-?starts(?: fine| ok| good)?(?: now)?(?= ?$)'],
]

const AFTER_A_REPAIR: readonly Joined[] = [
  ['contactor pulls in', '(?<=^ ?)(?:and )?(?:it )?pulls (?:right )?in(?: now| clean| solid)?(?= ?$)'],
  ['leads to ground $1 meg', `(?<=^ ?)(?:and )?${N} ?megs?(?:ohms?)? now(?= ?$)`],
  ['sigh as it stops', '(?<=^ ?)(?:and )?(?:it )?vents(?: right| fine)? (?:now|again)(?= ?$)',
    `hiss(?:es)?(?: (?:at|from|out of) the ${BREATHES})? for (?:only |just )?${MOMENT}(?: when it (?:stops`
    + `|shuts off))?`],
  ['runs', 're-?set (?:it|the (?:motor |motor\'s )?(?:overload|protector|thermal))(?: button)?,? (?:and )?(?:it |she )?'
  + '(?:runs|starts|started|took off|ran)(?= ?$)'],
  ['', '(?:reset twice|reset it twice|tried it twice)(?=,)'],
]

const IN_TWO_WORDS: readonly Joined[] = [
  ['keeps hissing after it stops', `(?:constant |steady |air )*hiss(?:es|ing)?(?: (?:from|at|out of|under) the`
  + ` (?:pressure )?${BREATHES})?(?: on and on)? (?:after|once) it (?:stops|shuts off|quits)`,
  `(?:constant|steady) hiss(?:ing)? (?:from )?(?:under|at|out of|in) ${SWITCH}(?: after it (?:stops|shuts off))?`],
  ['shaft seal leaks', '(?:water(?:\'s| is)? )?(?:dripping|dripped|drips|leaking|leaks|coming|weeping)(?: out)?'
  + ' (?:from|of|at|past|around) the (?:shaft |pump )?seal'],
  ['suction union sucks air', '(?:(?:painted|put|smeared|sprayed|rubbed) (?:some )?)?(?:shaving )?(?:cream|soap'
  + '|suds|foam|grease)(?: [a-z]+){0,6} (?:gets|got|is|was'
  + '|goes) (?:sucked|pulled'
  + '|drawn)(?: right)? in', 'suction (?:line|pipe|hose) has a (?:pinhole|hole|crack)(?:,? air getting in)?'],
  ['line volts good, load 0 volts', `(?:power|voltage|juice|volts) (?:at|on|to) (?:the )?${SWITCH} in(?:put)?,? (?:but `
  + '|and )?(?:not|none|nothing)(?: at| on)?(?: the)? out(?:put)?'],
  ['gauges differ', `new gauge (?:reads|says|shows) ${N},? (?:the )?old (?:one|gauge) (?:still )?`
  + `(?:reads|says|shows|said) ${N}`],
]

export const TURNS_PUT_RIGHT: readonly Joined[] = [...OF_PLACES, ...AFTER_A_REPAIR, ...IN_TWO_WORDS]
