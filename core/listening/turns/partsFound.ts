/** A part found bad, or put right, in the few words that are used for it. Common practice, no source. */
import { FIGURE, N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const IS = '(?:\'s| is| was| are| were| had| has)?'

const OF_THE_WELL: readonly Joined[] = [
  ['splice at the well cap came apart', `splice(?: (?:down there|in the well|down the well`
  + `|at the pump))?${IS} (?:come|came|let`
  + ' go|pulled|fell|popped)(?: apart| loose| off)?(?= ?$| ?[,;])'],
  ['red to yellow ol, red to black ol', '(?<=(?:black to yellow|b-?y|black-yellow)(?: is| reads)? (?:open|ol)[^;]*)'
  + '(?:the )?other two(?: are)?(?: open| ol)?(?: too| as well)'],
  ['leads to ground 0 ohms', '(?:(?:the )?(?:pump |motor )?(?:leads|wires|legs)(?: are)? all|all (?:three|of them|the'
  + ' leads|the wires)(?: are)?) (?:go(?:ing)? |shorted )?to ground(?= ?$)'],
  ['impellers worn', '(?<!pulled )(?:pump|wet end)(?:\'s| is)? (?:(?:just |all |plumb )?wore?n? out|worn)(?= ?$'
  + '| ?[,;])'],
  ['$1 amps', `amps? (?:(?:went|are|is|came|have) )?(?:dropped|down|up|fell|climbed|went up|went down) to ${N} from`
  + ` ${N}(?= ?$| ?[,;])`,
  `(?:dropped|down|up|fell|went|climbed) to ${N} amps? from ${N}(?: amps?)?(?= ?$| ?[,;])`],
  ['house valve shut no change', `(?:shut|closed|valved off`
  + `|valved) (?:off )?(?:the )?house(?: valve)?(?: off)?,? (?:and |but )?`
  + `(?:it's |it )?still (?:at )?${N}(?: ?psi)?`,
  `still (?:at )?${N}(?: ?psi)? with the house(?: valve)? (?:shut|closed|off|valved off)`],
]

const ASIDE: readonly Joined[] = [
  ['suction line sucks air', 'suction (?:pipe|line|hose)(?:\'s| is)? (?:sucking|drawing'
  + '|pulling) air(?: (?:in )?at (?:the|an?) [a-z]+)?'],
  ['house valve shut no change', `shut the valve (?:past|after|behind|beyond) the tank,? (?:and `
  + `|but )?(?:it's )?still (?:at )?${N}`],
  ['bothlegs toground $1', '(?<=^ ?|, ?)(1[0-3]\\d)(?: ?v(?:olts?)?)? each (?:leg|side|hot'
  + '|(?:leg )?to ground)(?= ?$| ?[,;])'],
  ['shaft seal leaks', 'water(?:\'s| is)? (?:dripping|leaking|coming|running|dribbling)(?: out)?(?: of'
  + '| from)* (?:the )?(?:back|behind)'
  + '(?: of)? the pump'],
  ['builds up fine', '(?<=^ ?)(?:and )?(?:it )?builds(?= ?$)'],
  ['rapid cycling', '(?:cycles|cycling|clicks on and off|kicks on and off) like (?:crazy|mad|a machine gun)'],
  ['$1 does not seat', '(foot valve|check)(?: valve)? in the (?:cistern|tank|well|line) (?:leaks|is leaking'
  + '|leaks back|won\'t hold)'],
  ['$1 plugged', '(suction (?:screen|strainer)) in the (?:tank|cistern)(?:\'s| is)? (?:clogged|plugged|packed'
  + '|blocked)'],
  ['leak at the switch', '(?:switch|pressure switch) tub(?:ing|e) leaks'],
  ['cistern is dry', '(?:tank|cistern)(?:\'s| is)? (?:as )?dry as a bone', '(?:tank|cistern)(?:\'s| is)? bone dry'],
]

const NEIGHBOURS = 'neighbou?rs?(?:\'s)?(?: place| house)?'
const BOOST = '(?:the )?(?:street|city|inlet|main)'

const OF_A_BOOSTER: readonly Joined[] = [
  ['neighbors low too', `pressure(?: is)?(?: at| for)+ (?:the )?${NEIGHBOURS}(?:'s| is)? (?:low|down|bad`
  + `|weak)(?: too| as well)?`],
  ['inlet $1 psi, gauge $1 psi', `${N}(?: ?psi)? (?:on )?both sides(?: of the pump)?`],
  ['does not build', `(?:gauge|discharge|pressure)(?: is)? (?:the )?same as ${BOOST}(?: pressure)?`],
  ['inlet $1 psi', `${N}(?: ?psi)? (?:in|coming in) (?:from|off) ${BOOST}`, '(?<=(?:^|,) ?)(\\d\\d) in(?= ?$)'],
  ['impeller jammed', 'impeller(?:\'s| is| has)?(?: got)? (?:an? )?[a-z]+(?: [a-z]+)? (?:in|wrapped round|stuck in) it',
    '(?:bag|rag|stick|rope|rock|stone|plastic|weed)[a-z ]* (?:in|round|around) the impeller'],
  ['shaft seal leaks', '(?:(?:shaft|pump) )?seal (?:has )?(?:let go|blew|blown|gave out|is gone|quit)(?= ?$| ?[,;])'],
  [', gauge $1 psi', '(?<=\\bair\\b[^;\\d]*),? (?:and )?(?:got |it\'s )?(\\d\\d) now(?= ?$)'],
  ['bearings bad', 'bearings?(?:\'s| is| are)? dry'],
  ['cut in $1, cut out $2', 'switch(?: is| was)? set (?:at|to|for) (\\d\\d)/(\\d\\d)'],
  ['meter runs backwards', '(?:pressure|water|it) (?:bleeds|leaks|runs|goes|drains)(?: back)+ through the meter'],
  ['tank nearly empty', '(?:only |about |maybe )*(?:a few|a couple(?: of)?|\\d+|two|three|four|six'
  + '|eight) (?:inches|feet|foot)'
  + '(?: of water)? (?:left|remaining)(?: in (?:it|the tank))?'],
]

const OF_PLACES: readonly Joined[] = [
  ['$1 in, $2 out', `(?<!\\d ?)${N} in(?: and| but)? (nothing|zero|0|none|dead|${FIGURE}) out(?! of)`],
  ['works like it should', '(?<=^ ?)(?:and )?(?:it(?:\'s| is)? )?(?:fills|filling)(?: fine| good'
  + '| right up)? (?:now|again)(?= ?$)'],
  ['volts into the box good', '(?:both|two) (?:hot )?legs (?:are )?(?:good|there|hot|fine) (?:in ?to|to|at|in) the'
  + ' (?:control )?box'],
  ['check does not seat', 'check ?valve (?:at|on|by|in|behind) the [a-z]+(?: [a-z]+)? (?:leaks by|is leaking by'
  + '|leaking by'
  + '|leaks through|seeps)'],
  ['leads to ground $1 meg', `(?:baked|dried) (?:it|the motor|her)(?: out)?,? (?:and )?(?:now )?${N} ?megs?`],
  ['suction line sucks air', 'leak (?:on|in) the suction(?: line| pipe| side)?,? (?:soaped|foamed|painted'
  + '|wet) it (?:down )?'
  + '(?:and|,) (?:it )?(?:drew|pulled|sucked|went)(?: right)? in'],
  ['motorturnsalone', '(?:motor )?shaft (?:does not|doesn\'t|not|won\'t) (?:turn|spin|drive) the impeller',
    'motor (?:turns|spins|runs),? (?:and |but )?(?:the )?impeller (?:does not|doesn\'t|not)(?: turn| spin| move)?'],
  ['silent', '(?:pressure )?switch clicks(?: in| on)?,? (?:but|and) (?:the )?(?:motor|pump|it) (?:does not'
  + '|doesn\'t|won\'t'
  + '|not|never) (?:start|run|come on|do anything|move)'],
  ['ants in the relay', '(?:control )?box(?:\'s| is)? (?:full of|has|had) (?:ants|bugs|roaches|spiders|lizards)',
    '(?:ants|bugs|roaches) in the (?:control )?box'],
]

export const TURNS_OF_PARTS_FOUND: readonly Joined[] = [...ASIDE, ...OF_THE_WELL, ...OF_A_BOOSTER, ...OF_PLACES]
