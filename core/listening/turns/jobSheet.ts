/** As it is put on a job sheet: short, and in turns of the tongue. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const TIME = '(?:an?|one|two|three|four|five|ten|fifteen|twenty|thirty|forty|\\d+|half an|a quarter) (?:of an )?'
  + '(?:minutes?|mins?|hours?)'
const PIECE = '(?:piece|bit|chunk|hunk|wad|sliver|flake)'

/** It holds, or between what it works. */
const OF_PROOF: readonly Joined[] = [
  ['leak down 0 psi', `(?:${TIME} and )(?:it|needle|gauge)(?:'s| has)? ?(?:hasn't|not|never|didn't|did not)`
  + ' (?:moved|budged|dropped|move|budge|drop)(?: off)?(?: \\d+)?',
  `not a (?:pound|psi)(?: lost| gone| off)? in ${TIME}`, `\\d\\d flat for ${TIME}`],
  ['cut out $1, cut in $2', '(\\d{2,3}) and (?:out|off),? (?:and )?(\\d{2,3}) (?:in|on)(?= ?$|,)'],
  [', cut out $1', '(?<!on, )(?<=, )(\\d\\d) off(?= ?$)'],
  ['runs $1 amps, starts every time', `${N} ?a(?:mps?)?,? (?:and )?(?:started|starts) (?:\\w+ times(?: in a row)?`
  + '|every time|right up|fine)'],
  ['cut in $1, cut out $2', '(\\d\\d) and (\\d\\d) on the (?:nose|money|dot)', '(?<=^ ?)gauge (\\d\\d) (?:to|-)'
  + ' (\\d\\d)(?= ?$)'],
  ['works', `(?:it's )?quiet for (?:the |a )?(?:half hour|hour|${TIME})[\\w ]*`],
  ['starts every time', 'start(?:s|ed) (?:\\d+|three|four|five|six|ten) for (?:\\d+|three|four|five|six|ten)'],
  ['works', 'did it \\w+ times,? same(?: thing)?(?: every time)?'],
  ['peak $1 psi', 'shut in(?: at)? (\\d\\d+)', '(\\d\\d+) shut in'],
  ['works', '(?:stops|off|quits) when it\'s up,? (?:and )?(?:starts|on|runs|kicks on) when it\'s down'],
]

/** Amps of the first instants, and of three lines in pairs. */
const OF_READINGS: readonly Joined[] = [
  ['amps $1 at start, lets go in $2 seconds', `${N} ?a(?:mps?)?(?: on the \\w+)?,? (?:and )?(?:lets? go|trips?|kicks?`
  + ' (?:off|out)|drops out) in (?:about )?(\\w+) seconds?'],
  ['amps $1 at start', `${N} ?a(?:mps?)? for (?:a|one|half a) second(?! and)`],
  [' $1 / $2 / $3 ', '(\\d{1,3})(?: on top| in| at the top)? a(?: to |-| )?b,? (\\d{1,3}) b(?: to |-| )?c,? (?:and )?'
  + '(\\d{1,3}) (?:a(?: to |-| )?c|c(?: to |-| )?a)'],
  [' $1 / $2 / $3 line', '(\\d{3}) one pair,? (?:and )?(\\d{1,3})(?: and|,) (\\d{1,3}) (?:on )?the other two,?'
  + ' (?:(?:on|at) (?:the )?)?top of the starter'],
  [' $1 / $2 / $3 ', '(\\d{3}) one pair,? (?:and )?(\\d{1,3})(?: and|,) (\\d{1,3}) (?:on )?the other two'],
  ['line $1 volts, load $2 volts', '(\\d{2,3}) on top(?: of the switch)?,? (?:and )?(\\d{1,3})(?: and a bit)?'
  + ' (?:underneath|below|on the bottom|under it)'],
  ['line $1 volts, load $2 volts', '(\\d{3}) at the switch,? (?:and )?(\\d{1,3}) out of (?:it|the \\w+)'],
  ['amps', 'amps flowing'],
  ['toground $1 meg', `${N} ?megs?,? (?:it )?was (?:over )?\\d+`],
  ['inlet $1 psi', 'street gauge(?:\'s| is| at| says)? (\\d\\d)'],
  ['precharge $1 psi', '(\\d+)(?: ?psi| pounds)? on the (?:tire|air) gauge'],
  ['$1 volts at the motor', '(1[012]\\d|2[0-5]\\d) right at it'],
  ['line $1 volts, switch closed', '(1[012]\\d|2[0-5]\\d) at the switch, closed'],
  ['water\'s at $1, pump hangs at $2', '(?:weighted )?(?:tape|sounder|string|line) (?:says|reads|shows)'
  + ' (\\d+)(?: feet| ft)? to'
  + ' (?:the )?water,? (?:and )?(?:the )?pump(?:\'s| is)? (?:set|hung|hangs|hanging) at (\\d+)'],
  ['comes back after a rest , $1 amps', `(?:water|ran fine|runs fine|good|runs|ran) for (?:about`
  + ` )?(?:${TIME}),? (?:and )?then (?:it )?`
  + `(?:drops?|falls?|goes|went) (?:back |down |right )*to ${N} ?a(?:mps?)?`],
  ['inlet $1 psi', 'gauge in(?:\'s| is) (\\d+)'],
  ['', `(?:shut it (?:off|down),? )?(?:and )?waited (?:about )?${TIME}(?= ?$)`],
]

/** How a thing is, in a turn of the tongue. */
const OF_THINGS: readonly Joined[] = [
  ['free', 'loose as a goose|free as a bird|easy as pie'],
  ['belt off motor runs', 'belts?(?:\'s| is| are)? off,? (?:and )?(?:the )?motor (?:alone )?(?:runs|spins|turns'
  + '|winds)(?: right up| up| fine| good| free)*'],
  ['runs', 'winds (?:right )?up(?: fine)?'],
  ['air out of the vent', '(?:got |had )?nothing but air(?: for [\\w ]+)?(?: out)?'],
  ['switch diaphragm leaks', '(?:weeping|leaking|seeping|dripping) (?:at|around|from|past) the (?:switch )?diaphragm'],
  ['they found a blown cutout', '(?:they |he )?(?:had|found) an? (?:fuse|cutout|jack) (?:out|blown|open|gone)'
  + ' (?:on|at|up) (?:the|their) (?:pole|transformer)'],
  ['level fell below the pump', '(?:it\'s |she\'s )?(?:pulling|pumping|drawing) (?:it|itself|the level|the well)'
  + ' (?:down|dry)'],
  ['comes back after a rest', `shut (?:it )?down (?:for )?${TIME},? (?:\\w+ )?good minutes(?: again)?`],
  ['moved with the motor lead', '(?:stays|stayed) with the (?:same )?motor(?: leads?)?(?= ?$|,)'],
  ['hot room', '(?:closet|room|shed|shop|box|pump house|garage|attic)(?:\'s| is| was)? (?:\\d{3}|over a hundred'
  + '|a hundred(?: and \\w+)?)(?: degrees)?(?: in there)?'],
  ['battery clamp loose', '[\\d.]+ on the post(?: itself)?,? (?:and |but )?(?:only )?[\\d.]+ on the'
  + ' clamp', 'clamp (?:spins|turns|moves|wiggles) on the post'],
  ['', '(?:pulled |took )?(?:the )?float wires?(?: off)?,? (?:it )?still has continuity[\\w ]*'],
  ['motor alone open', 'motor leads? by (?:itself|themselves)(?: is| are| reads?)? (?:open|ol)'],
  ['check junk in the seat', `check(?: valve)?(?:'s| has| had| is)* got an? ${PIECE} of [\\w ]+ in (?:it|the seat)`],
  ['check valve leaks', '(?:can )?hear (?:it|water) (?:trickl|run|runn|drain)(?:e|ing)? back(?: in(?:to)?|'
  + ' down)?(?: the)?'
  + ' (?:tank|well|cistern)'],
  ['', 'heat (?:lamp|bulb|tape)(?: was| is|\'s)? (?:out|burnt out|dead|off)[\\w ]*'],
  ['pump casing is cracked , has been frozen', '(?:casing|housing|volute)(?:\'s| is) (?:split|cracked|busted'
  + '|burst)[\\w ]*,?'
  + ' (?:and )?ice in it'],
  ['gauge needle stuck', 'gauge(?:\'s| is)? (?:stuck|frozen|hung) (?:on|at) \\d+ with [\\w ]+'],
  ['', '(?:cuts?|kicks?|comes?|shuts?)[\\w ]* (?:by|on) (?:mine|my (?:own )?gauge)'],
  ['gauge differs from mine', '(?:screwed|put|threw|stuck) my own (?:gauge )?on [\\w ]+,? (?:it says |reads'
  + ' )?\\d+(?= ?$)'],
  ['neighbour out too', 'neighbou?r (?:across|down|up) the (?:road|street|way|hill)(?: ?\'s| is) out(?: too)?'],
  ['city working on the main', 'city(?:\'s| has)? (?:got )?the (?:street|road|main) (?:dug up|torn up|shut down|off)'],
  ['', 'put (?:in )?an? (?:pump )?protector(?: in)?'],
  ['motor wet inside', '(?:end bell|end cover|motor)(?: off)?,? (?:it\'s |it is )?wet inside(?:,? (?:and )?rusty)?'],
  ['pump side whole', 'from there down(?: it\'s| reads| is)? [\\d.]+(?: ohms?)?(?: (?:red|black|yellow) to'
  + ' (?:red|black|yellow))?'],
  ['float works backwards', 'float(?:\'s| is) up and (?:it|the pump)(?:\'s| is) still (?:on|running),?'
  + ' (?:flipped|pushed|turned'
  + '|tipped) it down and (?:the )?(?:well )?pump (?:quits|stops|shuts off)'],
  ['', '(?:pulled|took|lifted) the wires off (?:at|on) [\\w ]+(?= ?$)'],
  ['$1 broken at the splice', '(red|black|yellow)(?:\'s| is)? hanging,? (?:and )?(?:the )?wire ?nut (?:fell|came'
  + '|is) off'],
]

export const TURNS_OF_JOB_SHEETS: readonly Joined[] = [...OF_PROOF, ...OF_READINGS, ...OF_THINGS]
