/** Where a thing was read or seen, told by what lies beside it. Common practice, no source. */
import { N } from './partsOfSpeech'
import type { Joined } from './turnOf'

const COLOUR = '(?:black|yellow|red)'
const MUCH = '\\d[\\d.]*(?: ?[a-z]*)'
const READS = '(?: reads| is| are| ohms| shows| has)?'
const CITY = 'city(?: water)? (?:inlet|fill|connection)'

const OF_WATER: readonly Joined[] = [
  ['cistern is full', '(?:tank|cistern)(?:\'s| is)? full (?:right )?(?:up )?to the (?:overflow|brim|lid|rim)'],
  ['hole in the droppipe', '(?:pulled it,? (?:and )?)?(?:a )?(?:pin ?hole|hole|split|crack) in the (?:poly'
  + '|drop ?pipe|riser)'
  + '(?: pipe)?(?: (?:at|by|near|under|down) [^,;]*)?'],
  ['city inlet drips', `water (?:is )?(?:weeping|dripping|leaking|running|coming`
  + `|trickling)(?: back)?(?: out)?(?: of| from| at)*`
  + ` the ${CITY}(?: when(?:ever)? the pump(?:'s| is) (?:on|running))?`],
  ['gauge $1 and still running', `(?:builds|goes|climbs|gets|runs)(?: up)? to ${N}(?: psi)? and keeps (?:going`
  + `|running|on)(?:,? `
  + '(?:it )?(?:should|ought to|is supposed to)(?: have)? (?:quit|stop|shut off|cut out)(?:ped)? at \\d+)?',
  `gauge stops at ${N}(?: psi)? (?:and|but) (?:the pump|it) (?:just )?(?:stays on|keeps (?:on|running|going))`],
  ['shaft seal leaks', '(?:steady |slow |small )?drip(?:ping'
  + '|s)? (?:from )?(?:behind the pump )?(?:right )?where (?:it|the pump)'
  + ' (?:meets|bolts to|joins) the motor'],
  ['on $1 seconds off $2 seconds', `(?:cycle time |cycles )?${N} (?:seconds?|sec`
  + `|s) on,? (?:and )?${N}(?: ?(?:seconds?|sec|s))? off`],
  ['', '(?:and )?no (?:air|leaks?)(?: coming| out)?(?: at| from| of| out of)+ the unloader(?! (?:while|when))'],
  ['', 'check valve(?:\'s| is)? quiet(?=,|$)'],
  ['frozen last winter', '(?:it |she )?(?:froze|frozen)(?: up)? (?:over|during|in) (?:the |this |last )?winter'],
  ['tank at $1', '(?<=^ ?)tank ([7-9]\\d|1\\d\\d)(?: psi)?(?= ?$)'],
]

/** A figure beside what is said of it in the same breath. */
const IN_ONE_BREATH: readonly Joined[] = [
  ['gauge $1 psi', `(?:pump )?discharge(?: is| reads)? ${N}(?: psi)? and (?:steady|holding|good)(?= ?$)`],
  ['reducing valve plugged', '(?:took|taken) the reducing valve apart,? (?:the )?(?:seat|screen|it)(?: is| was)?'
  + ' (?:full of|packed with|plugged with) [a-z]+'],
  ['$1/$2/$3 amps', `(?<=^ ?)amps?(?: are| is)? ${N},? ${N},? (?:and )?${N}(?= ?$)`],
  ['cycle $1 seconds', `(?<=^ ?)(\\d+|two|three|four|five|six|eight`
  + `|ten) seconds? between starts(?= ?$)`, `${N} seconds? from start to start`],
  ['no air in the tank', 'no air (?:came|comes) out,? (?:and |but )?just water'],
  ['another breaker still trips', '(?:swapped|changed|traded) (?:the )?breakers?(?: with| for) (?:a '
  + '|the )?(?:spare|new one|good one)'
  + ',? (?:and )?(?:it does |does )?(?:the )?same(?: thing)?'],
  ['$1 amps as it tries', `locks(?: up)? at ${N} ?(?:amps?|a)`],
  ['', 'after (?:[a-z]+ ){1,3}(?:minutes?|hours?) of (?:running|pumping),? (?:the )?tape (?:says|reads'
  + '|shows) \\d+(?: feet)? and'],
  ['spits air', '(?<=(?:^ ?|and |, ))(?:it\'s|it is) (?:blowing|coughing) (?:just |only |nothing but )?air(?= ?$)'],
]

const OF_FLOATS: readonly Joined[] = [
  ['float reads open when hanging down', 'float (?:is )?hanging (?:straight )?down,? (?:and |but )?(?:the '
  + '|its )?contacts?'
  + ' (?:read|are|show|is|reads) open'],
]

const OF_WIRES: readonly Joined[] = [
  ['$1 to ground $2', `(${COLOUR}) to (?:ground|earth)(?: is| reads)? (${MUCH}),? (?:and )?${COLOUR} ${MUCH}`
  + `(?:,? (?:and )?${COLOUR} ${MUCH})?`],
  ['0 amps on both legs', '(?:zero|no) amps (?:on|in) (?:both|either|each) (?:legs?|leads?|wires?)'],
  ['motor alone open', 'splice(?:\'s| is| looks)? (?:good|fine|ok),? (?:but '
  + '|and )?(?:the )?motor (?:itself )?(?:is |\'s |reads )?'
  + 'open(?= ?$)', 'motor itself (?:is |\'s |reads )?open(?= ?$)'],
  ['motor side windings whole', `(?:at the splice (?:box )?)?(?:in the well cap,? `
  + `|at the well cap,? )?(?:the )?(?:motor|pump) side`
  + `${READS} ${N}(?: ?ohms?)? on all three(?: pairs?| legs)?`],
  ['splice apart', 'opened (?:up )?the splice(?: at the well (?:cap|head))?[:,]?(?= ?(?:the )?(?:house|motor'
  + '|pump) side)'],
  ['$1 n1 toground $2 volts, n2 toground $3 volts', `one (load|line) (?:terminal|screw|side`
  + `|lug)${READS} ${N}(?: ?v(?:olts?)?)? to`
  + ` (?:ground|earth),? (?:and |but )?the other(?: one)?${READS} ${N}(?: ?v(?:olts?)?)?`],
  ['run ohms $1 between', `(?:leads|wires)(?: going| out`
  + `| running)? to the motor${READS}(?: read)? ${N} ?ohms to each other`],
  ['leads on the wrong terminals', '(?:the )?(?:red|black|yellow|motor)(?: wire| lead) (?:is|was|were) on the wrong'
  + ' (?:terminal|screw|post)'],
  ['$1 at the pump plug', `red to (?:the )?(?:frame|chassis)(?: is| reads| shows)? (1[0-4](?:\\.\\d+)?)(?= ?v| ?$)`],
  ['switch closed', '(?<=\\b0 out of it,? )(?:and |but )?(?:it\'s|it is) (?:closed|made)(?= ?$)'],
]

export const TURNS_OF_WHERE: readonly Joined[] = [...OF_WATER, ...IN_ONE_BREATH, ...OF_FLOATS, ...OF_WIRES]
