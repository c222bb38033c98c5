/**
 * Water and air by where it stands and where it goes: ahead of the pump, on either side of a check valve, brim full,
 * gone while it runs, out of the wrong opening. Common practice, no source.
 */
import { END, FIGURE, NOUGHT } from './partsOfSpeech'
import type { Joined } from './turnOf'

const PSI = '(?: ?(?:psi|pounds|lbs))?'
const PRESSURE = '(?:the )?(?:pressure|gauge|water)'
const AHEAD = '(?:ahead of|before|upstream of|going into|coming into|entering|into|on the (?:inlet|suction|street'
  + '|supply|city) side of)'
const RUNS = '(?:(?:hums|runs|goes|keeps|pumps|spins|just keeps)(?: along| on| right along| going| running| away)*'
  + '|is (?:running|pumping|humming|going))'
const WHILE_RUNNING = '(?:while|when|as|with|and|but) (?:the |it |she )?(?:pump|motor|still)?(?:\'s)? ?(?:still )?'
const OUT_OF = '(?:out (?:of |from )?|from |at |back out )'
const CITY = '(?:the )?(?:city|shore|hose|park)(?: water)? (?:connection|inlet|fitting|port|hookup)'
const DRIBBLES = '(?:is |\'s )?(?:dribbling|dripping|running|leaking|spitting|coming|dribbles|drips|runs|leaks|comes)'

export const TURNS_OF_WATER: readonly Joined[] = [
  ['relief leaks', 'relief (?:valve )?(?:drip |discharge |drain )?(?:line|pipe|tube)(?:\'s| is)? (?:wet'
  + '|dripping|running)'
  + '(?: and (?:wet|dripping|running))?'],
  ['cistern $1 gpm', `(?:the )?well(?: pump)?(?:'s| is)? (?:only )?(?:putting|giving|making|delivering|pumping|puts`
  + `|gives|makes)(?: about| only)? (${FIGURE}) ?(?:gpm|gallons? (?:a|per) minute)(?: in(?:to)? (?:the )?(?:holding `
  + '|storage )?(?:tank|cistern))?'],
  ['cistern $1 gpm', `(?:(?:the )?(?:bucket|stopwatch) (?:says|shows) )?(${FIGURE}|a|one|two|three) ?(?:gpm`
  + `|gallons? (?:a|per) minute) (?:coming |going `
  + `|running )?into (?:the )?`
  + '(?:holding |storage )?(?:tank|cistern)'],
  ['0', '0?\\.0+'],
  ['inlet $1 psi', `${PRESSURE} ${AHEAD} the (?:pump|booster)(?: is| reads| was| sits at| shows|'s)* `
  + `(${FIGURE})${PSI}(?: with (?:nothing|everything)[^,]*)?`],
  ['inlet $1 psi', `inlet(?: gauge| pressure)? (?:drops|falls|sags|goes|dips|sinks)(?: down| off)? to (${FIGURE})`
  + `${PSI}(?: (?:with|when|while|as) [^,]*)?`],
  ['inlet', '(?:street|city|supply)[- ]side gauge', 'gauge on the (?:street|city|supply|inlet) side'],
  // air, water and what is drained, beside what it is not
  ['check bad seat', '(?<=\\bcheck(?: ?valve)?[^;]*)(?:the |its )?(?:disc|disk|flapper|seat|poppet|rubber'
  + '|ball)(?: has|\'s got|is|\'s)? (?:a groove'
  + '|grooved|chewed|cut|worn|pitted|cracked|nicked|hard|gone|split|torn|warped)(?: in it)?'],
  ['starts fine empty', 'starts (?:fine|good|right up|ok) (?:with|when) the tank(?: is|\'s)? (?:bled down'
  + '|bled off|empty|drained|dumped|at zero)'],
  ['pump seal leaks', 'water (?:is )?(?:dripping|coming|leaking|running|spraying)(?: out)? (?:from )?between'
  + ' the (?:motor and the pump'
  + '|pump and the motor|pump and motor|motor and pump)'],
  ['', 'water(?:\'s| is)? (?:a|one|two|three|\\d+) (?:foot|feet) (?:over|above) the foot ?valve'],
  ['rested well back', 'after (?:an|half an|a couple of) hours? (?:it\'s |it is |she\'s )?(?:good|fine|back'
  + '|runs)(?: again)?[^,;]*'],
  // either side of a check valve
  ['checkvalve stuck shut', `\\d{2,3}${PSI} (?:on|at) the (?:pump|motor|well) side(?: of the check(?: ?valve)?)?,? `
  + `(?:and |but )?(?:${NOUGHT})${PSI} (?:on|at) the (?:house|tank|far|other|outlet) side(?: of (?:it|the check`
  + ' ?valve?))?', 'arrow on the (?:\\w+ )?check(?: ?valve)? (?:points|is pointing|pointing|faces)(?: back)?'
  + ' (?:at|to|towards?) the (?:pump|well|suction)'],
  // how far it comes with everything shut
  ['stalls at $1 psi', `(?:shut|closed)(?: off)? the (?:discharge|outlet)(?: valve)?,? (?:and |it )*(?:dead ?heads?`
  + `|deadhead(?:ed)?|dead head is|tops out|makes|holds|only makes|gets to|is)(?: is| at| to| only)*`
  + ` ([1-5]\\d)${PSI}`,
  `(?:dead ?head(?:s|ed)?|shut ?off head)(?: pressure)?(?: is| at| to| only|:)* ([1-5]\\d)${PSI}`,
  `(?:holds|makes|only makes) ([1-5]\\d)${PSI} dead ?head(?:ed)?`],
  ['stalls at $1 psi', `(?:gets|got|hangs|hung)(?: up)?(?: stuck| parked)? at (\\d{2})${PSI}${END}`,
    `won't go (?:past|over|above) (\\d{2})${PSI}${END}`],
  ['falls slow', '(?:drifts|creeps|eases)(?: back)? down(?: (?:a|one|a couple(?: of)?|\\d) (?:pound|psi)s?(?:'
  + ' or (?:two'
  + '|so))?)? (?:a|every|per) minute', 'loses (?:about )?\\w+ (?:pounds|psi) (?:an|every|per) hour'],
  ['falls none, holds', 'still had (?:full|all its) pressure (?:this|in the) morning'],
  ['line frozen', 'pipe(?:\'s| is)(?: solid)? (?:ice|with ice)', '(?:line|pipe) (?:to|for) the (?:house'
  + '|barn)(?: is|\'s) froze(?:n)?'
  + '(?: up| solid)?'],
  ['filled suctionline runs back', 'filled (?:it|the (?:pump|case|casing|housing))(?: up)?,? (?:and )?(?:it'
  + ' )?(?:pumped|ran|worked)'
  + '(?: great| fine| good)? (?:un)?till? it (?:shut off|stopped|sat),? (?:and )?(?:then )?(?:it )?lost (?:it'
  + '|its prime)(?: again)?'],
  ['water falls back', '(?:can )?hear (?:it|the water|water) (?:sucking|draining|gurgling|pouring) back(?:'
  + ' down)?(?: the [\\w ]+?)?'
  + '(?: when (?:it|she|the pump) (?:shuts off|stops|quits))?(?= ?$|,)'],
  [', house valve shut still falls', '(?<=(?:drops?|falls?|loses?|lost|went|goes)[^;]*minutes?,? )with the'
  + ' (?:main|house valve|valve to'
  + ' the house|valve after the tank)(?: valve)? (?:closed|shut|off)'],
  ['leak in the house', '(?:found )?(?:the )?(?:water )?softener(?: is|\'s| was)? (?:stuck|running|dumping'
  + '|hung up)[^,;]*(?:backwash|regen'
  + '\\w*|drain)(?:,? (?:running|dumping) (?:to|down) the drain)?'],
  ['tap at the tank no better', 'same (?:dribble|trickle|weak stream) at the tank(?: as [\\w ]+)?'],
  ['intake blows back', '(?:breathing|breathes|puffing|puffs) (?:back )?out (?:of )?the (?:air )?(?:filter|intake)'],
  ['when it stops', 'at shut-? ?(?:off|down)(?= like| as| ?$|,)'],
  ['runs on', 'does ?n[o\']t know when to (?:quit|stop|shut off)'],
  // an open tank
  ['overflow', '(?:brim ?full|full to the brim|full and running over|up to the (?:lid|overflow))'],
  ['overflow', 'tank (?:won\'t|doesn\'t|never) (?:quits?|stops?) filling(?:,? water everywhere)?'],
  ['level normal', '(?:water(?:\'s| is)? )?(?:about )?half ?way (?:up )?between the (?:two )?floats'],
  ['float wrong sense', 'float opens when it should close', 'float closes when it should open'],
  ['float held down', 'float(?: is|\'s| was)? (?:tangled|caught|hung|snagged|stuck|pinned|lying|held)(?:(?!'
  + ' up)[^.;])*?'
  + '(?:under ?water|under the water|submerged|down)'],
  ['float lifted not stop', 'lift(?:ed)?(?: up)? the float,? (?:and )?(?:it |the pump )?(?:does not|doesn\'t|won\'t'
  + '|didn\'t) (?:stop|quit|shut off)'],
  ['well pump $1', '(?:the )?well(?:\'s| is)((?: not| n\'t| still)? (?:running|humming|pumping|going))(?: at all)?'],
  ['float works', '(?<!not )float(?: is|\'s)? (?:hanging|hangs) straight(?: up and)? down'],
  ['float held down', '(?:shook|pulled|knocked|freed|untangled|worked) (?:it|the float)(?: up)? (?:loose|free)'
  + ' and the pump (?:stopped|quit|shut off)'],
  // gone while it runs
  ['tap dies', `${PRESSURE} (?:falls|drops|goes|runs|dies)(?: off| down| away)* (?:to )?(?:nothing|zero`
  + `|0)?(?: psi)? ?`
  + `${WHILE_RUNNING}${RUNS}`],
  ['running $1 amps', `amps? (?:drop|fall|go|drops|falls|goes)(?: down| off)? from ${FIGURE} to (${FIGURE})`
  + '(?: amps?)? (?:when|as|while) it (?:starts|begins) (?:spitting|sucking|surging|sputtering)(?: air)?'],
  // a valve of an open tank, and a tap at a pressure tank
  ['tankvalve shut', '(?:the )?(?:fresh|water|holding|fresh water) tank(?:\'s)?(?: outlet| shut ?off)?'
  + ' valve(?: is|\'s| was)?'
  + '(?: turned)? (?:off|shut|closed)', '(?:the )?valve (?:at the bottom of|under|below) the (?:fresh |water '
  + '|holding )?tank'
  + '(?: is|\'s| was)?(?: turned)? (?:off|shut|closed)'],
  ['tap at the tank strong', 'water (?:runs|comes|flows)(?: out)? (?:fine |good |great )?at the tank(?: drain'
  + '| tap)?(?= ?$|,)'],
  // out of the wrong opening
  ['city inlet leaks', `water ${DRIBBLES} (?:back )?${OUT_OF}${CITY}`, `${CITY} ${DRIBBLES}(?: water| back| out)*`],
  ['', `(?:screwed|put|threaded|spun) (?:a|the) cap on (?:it|${CITY}) and(?= (?:the pump|it) stays quiet)`],
  ['spits air', '(?:air )?bubbles? in the (?:clear filter(?: bowl| housing)?|filter bowl)'],
  // valves by how the handle lies
  ['housevalve foundshut', '(?:the )?valve (?:past|after|beyond|out of|downstream of) the (?:pressure )?tank'
  + '(?: is|\'s| was)?(?: turned| sitting| set)* (?:crossways|cross-?wise|across|sideways|perpendicular|closed|shut)'
  + `(?: (?:to|of) the pipe)?${END}`],
  // what lies deep says nothing until the pump's own depth is known
  ['', '(?:the )?well(?:\'s| is) only (?:down |about )*\\d+ (?:feet|foot|ft)(?: deep| down)?'],
]
