/** Of two things at once, and of what was only tried: between which parts it leaks, with what off it was read. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const UF = ' ?(?:uf|µf|mfd|mikes?|microfarads?)'
const STUCK = '(?:stuck|welded|fused|burned)(?: shut| together| closed)?'

const OF_LEAKS: readonly Joined[] = [
  ['shaft seal leaks', 'water(?:\'?s| is)? (?:dripping|leaking|coming|weeping|drips|leaks)(?: out)?(?: from)?'
  + ' between the (?:motor|pump) and the (?:pump|motor|housing)'],
  ['$1 stuck open', '(check valve|check|foot valve)(?: [a-z]+){0,3}? (?:is |was )?(?:gummed|gunked|carboned|crudded)'
  + '(?: up)? open(?: with [a-z]+)?'],
  ['posts corroded', '(?:green|white|blue) (?:crud|fuzz|powder|stuff|gunk) (?:under|on|around|all over) the'
  + ' (?:positive|negative)(?: (?:clamp|post|terminal|lug))?'],
  ['filter drops', '[4-9]\\d(?: psi| pounds)? (?:before|ahead of) the (?:cartridge|filter|housing),? and [0-3]?\\d'
  + '(?: psi| pounds)? (?:after|behind|past)(?: it)?(?= ?$)'],
]

const OF_MOTORS: readonly Joined[] = [
  ['cap $1 uf', `cap(?:acitor)?(?: reads| is| at)? ${N}${UF} ?,? (?:and )?(?:the )?(?:can|label|case|tag) says ${N}`
  + `(?: to ${N})?(?:${UF})?`],
  ['relay contacts welded', 'relay(?: in the box)? (?:is |was )?(?:[a-z]+ )*and (?:the |its )?(?:points|contacts)'
  + ` (?:are|were) ${STUCK}`],
  ['belt off runs', '(?:with the )?belts? off,? (?:and )?(?:it|the motor|she) (?:drops|falls|goes|comes down)'
  + ` (?:right )?(?:down )?to ${N}(?: ?amps?)?(?: on (?:all three|each|every leg))?`],
  ['amps fall to $2 when it quits', `${N}(?: ?amps?)? with water,? and ${N}(?: ?amps?)? when it (?:goes dry|runs dry`
  + '|quits|runs out)'],
  ['leads to ground $1 meg', `(?<=^ ?)megs? ${N}(?= ?$)`],
  ['leads $1/$2/$3 ohms', `(?<=^ ?)ohms(?: are| is)? ${N}[, /]+${N}[, /]+${N}(?= ?$)`],
]

const OF_TRYING: readonly Joined[] = [
  ['runs', '(?<=jumped (?:it|the float|that),? )(?:the )?well pump (?:runs|ran)'],
  ['comes back after a rest', '(?:let it (?:sit|rest)|rested it|waited)[^,;]*?(?:,? (?:and )?)(?:it(?:\'s)? )?'
  + `(?:back to|pumps|makes) ${N} (?:gallons(?: a minute)?|gpm)`],
  ['', '(?<=^ ?)(?:the )?sounder (?:says|shows|reads) [^,;]*(?:,? then nothing)?(?= ?$)'],
  ['starts with the tank empty', '(?:bled|dumped|drained|emptied) the (?:tank|air)(?: down| off)?,? (?:and )?(?:it|she)'
  + ' (?:starts|started|takes off|took off|fires)(?: right)?(?: up)?'],
  ['runs fine', '(?:it )?restarts (?:at|against|with) \\d+(?: pounds| psi)?(?: in the tank)?'],
  ['', ',? ?no (?:more )?hiss(?:ing)?(?: now)?(?= and )(?: and)?'],
  ['switch closed', 'pilot(?:\'s| is) (?:closed|made)'],
  ['well pump runs', '(?<=^ ?)(?:the )?(?:tank|cistern)(?:\'s| is)? filling(?: up)?(?: now)?(?= ?$)'],
]

export const TURNS_TOGETHER: readonly Joined[] = [...OF_LEAKS, ...OF_MOTORS, ...OF_TRYING]
