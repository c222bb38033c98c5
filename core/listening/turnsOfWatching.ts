/**
 * What was watched: how a figure went while something was shut, filled, rested or tried, told as it happened. Common
 * practice, no source.
 */
import type { Joined } from './turnOf'

const SHUT_MAIN = '(?:shut|closed|turned off|isolated) (?:the )?(?:main|valve|gate valve|ball valve|shutoff)(?: valve)?'
  + ' (?:to|for|going to) the house,? (?:and )?(?:it |the pressure |the gauge |she )?'
const WENT_UP = '(?:goes|went|shot|climbs|climbed|comes|came|builds|built)(?: straight| right)*(?: up)?(?: to \\d+)?'
const STOPPED = '(?:clicks|clicked|shuts|shut|cuts|cut|kicks|kicked|stops|stopped)(?: right)?(?: off| out)?'
const IS_OUT = '(?:is|are|\'s) (?:out|down|off|dead|gone)'
const N = '(\\d{2,3})(?: ?v(?:olts)?)?'
const WHILE = '(?:when|as|while|once) (?:it|she|the pump|the motor)'

export const TURNS_OF_WATCHING: readonly Joined[] = [
  // words that say nothing by themselves
  ['reads', 'gives? me(?= \\d| zero| nothing)'],
  ['$1 terminals', '(incoming|line|load|main|line side|load side|top|bottom|two) lugs?(?! down)'],
  ['bothlegs', '(?:both|each|either)(?: of the)? (?:lugs?|screws?|terminals?|posts?)(?= to (?:the )?ground)'],
  ['n1 toground', '(?<=^ |, |and )a to (?:the )?ground'],
  ['n2 toground', '(?<=^ |, |and )b to (?:the )?ground'],
  ['n3 toground', '(?<=^ |, |and )c to (?:the )?ground'],
  ['severed', 'cut (?:clean |right )?in (?:two|half)'],
  ['floatcord', 'float(?:\'s)? (?:cord|wire|cable)'],
  ['calling', 'with (?:one|a|the) (?:\\w+ )?(?:faucet|tap|hose|spigot) (?:cracked|barely open)'],
  // how far down a thing was broken says nothing of what it is
  ['', '(?<=(?:broken|split|bare|skinned|nicked|hole|cut|chafed|burnt|rubbed|off)[^,]{0,25} )(?:about |some |maybe |around )?(?:\\d+|two|three'
  + '|four|five|ten|twenty|thirty|forty|fifty|sixty|eighty|a hundred) (?:feet|foot|ft)(?: (?:above|below|down|up|from)(?: (?:from )?the \\w+)?)?'],
  // volts
  ['zero betweenlegs, bothlegs toground $1', `(?:zero|nothing|0)(?: volts)? between(?: them)?,? (?:and |but )?${N} to (?:the )?ground on`
  + ' (?:both|each)(?: of them| one)?'],
  ['$1 volts resting, drops to $2 volts when it tries to start', `${N} (?:sitting still|standing still|at rest|static|not running|with`
  + ` it off|idle),? (?:and |but )?(?:drops to |falls to |only )?${N} ${WHILE}[^,]*`],
  ['float load side zero volts', '(?:nothing|no power|zero)(?: volts)? (?:coming |going )?(?:back |out )(?:from|of|through|on) the float[^,]*'],
  // pressures
  ['drops from $1 to $2 in 480 minutes', '(?:drops?|falls?|goes|went|lost)(?: down)? from (\\d+) to (\\d+) (?:overnight|over night|by morning)'],
  ['gauge $1, runs on', 'runs at (\\d+) and (?:just )?(?:stays|sits|hangs)(?: there)?(?: forever| all day| all night)?'],
  ['house valve shut holds', `${SHUT_MAIN}${WENT_UP}(?:,? (?:and )?${STOPPED})`],
  ['leak in the house', '\\d+ (?:gallons? a minute|gpm|gallons per minute) going somewhere[^,]*'],
  ['ventscrew', '(?:cracked|opened|loosened|backed off) the (?:plug|bleeder|screw|vent) on (?:top of )?the (?:house )?pump(?: and)?'],
  ['spits air', 'it (?:just )?(?:hissed|blew|spit|burped) (?:out )?(?:a lot of |a bunch of )?air(?: for [\\w ]+)?'],
  // what was filled, and what rested
  ['filled suctionline runs back', 'filled (?:the )?(?:drop ?pipe|suction(?: line| pipe)?|pipe)[^,]*,? (?:and )?(?:watched it,? )?(?:the )?'
  + '(?:level|water|it)(?: level)? (?:goes|went|drops|dropped|fell|falls|runs|ran)(?: right)? (?:down|back|away)[^,]*'],
  ['let it rest comes back', 'let it (?:sit|rest|recover)(?: overnight| an hour| a while| for [\\w ]+?)?,? (?:and )?(?:it|we|she) (?:gave|got|had|made)'
  + '(?: us| me)? (?:another|some more|more|water)[^,]*'],
  // what lets go
  ['overload lets go again', 'overload (?:drops|kicks|trips|pops) out (?:anyway|again|regardless)[^,]*'],
  ['lights all out', `neighbou?r(?:'?s)?(?: \\w+)?(?:'?s)? (?:three phase|power|lights|service|shop) ${IS_OUT} too`],
  ['splice open, motor is down', `motor leads? (?:0?\\.\\d+|zero|0)(?: meg\\w*)? to ground with the cable (?:off|cut off|disconnected)`],
]
