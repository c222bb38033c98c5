/** A gauge that shows the same whatever the pressure is, and what a second one says of it. */
import type { Joined } from './turnOf'

const P = '(?: ?(?:psi|pounds|lbs?))?'
const STAYS = '(?:stays?|stuck|sticks|sits|stayed|hangs|hung|frozen|is stuck|always (?:reads|says|shows|on|at)'
  + '|reads|says'
  + '|shows|still (?:reads|says|shows))'
const WHATEVER = '(?:(?:with the )?pump on or off|on or off|no matter what|all the time|whatever (?:it|the pump) does'
  + '|running or not|with (?:the (?:tank|system|line|house)|it|everything) (?:drained|empty|open|off|shut off|bled)'
  + '(?: down)?(?: and (?:a|the) \\w+ open)?|with (?:a|the|every) (?:tap|valve|drain|faucet|spigot|hose)s? (?:wide'
  + ' )?open'
  + '|with no (?:pressure|water|air)(?: in it)?|with the (?:water|air) (?:off|gone|dumped))'

const STRONG = '(?:blasts|strong|great|full|good(?: pressure)?|plenty(?: of (?:water|pressure))?)'
const WEAK = '(?:weak|poor|slow|a dribble|a trickle|nothing|low|no good)'

const IS_PACKED = '(?:\'s| is| was)* (?:packed|plugged|full|choked|clogged|solid)'
const INDOOR = '(?:(?:kitchen|bathroom|laundry|upstairs|shower)(?: (?:sink|tap|faucet|spigot))?|house (?:tap|faucet))'
  + '(?! (?:outlet|light|plug|breaker|receptacle|switch|panel))'

export const TURNS_OF_GAUGES: readonly Joined[] = [
  ['gauge stuck', `(?:the )?(?:pressure |tank )?gauge ${STAYS}(?: right)?(?: on| at)? \\d+${P} ${WHATEVER}`,
    `(?:the )?(?:pressure |tank )?gauge (?:has|does|is|wo)(?:n't| not) mov(?:e|ed|ing)(?: at all| off \\d+${P}|`
    + ` since .*)?`,
    `(?:the )?(?:pressure |tank )?gauge never moves(?: off \\d+${P})?`,
    `(?:(?:(?:stop|off|shut off|killed) (?:the pump|it) and |stop and |off and )?drained(?: (?:her|it|down|out|to`
    + ` nothing|the tank|everything))*)(?:,| and|, and)? (?:the |it )?(?:gauge )?(?:is )?still (?:at |says |reads `
    + `|shows |on )*\\d+${P}`],
  ['strong at the tank, weak in the house',
    `(?:the )?(?:outside|yard|hydrant|tank)(?: tap| faucet| spigot| hydrant| valve)? (?:is|has|runs`
    + `|'s)? ?${STRONG},? (?:and |but )?`
    + `(?:the )?(?:inside|house|kitchen|upstairs)(?: tap)? (?:is|runs|has|'s)? ?${WEAK}`],
  ['reducer plugged',
    `(?:screen|strainer|filter|seat) (?:in|of|on|inside) the (?:pressure )?(?:reducer|prv)${IS_PACKED}`
    + `(?: (?:solid|up|with|of) ?\\w*)*`,
    `(?:pressure )?(?:reducer|prv)${IS_PACKED} (?:of|with) \\w+`],
  ['$2 before the $1, $3 after it', '(?:gauge )?(?:ahead of|upstream of|before|in front of) the (reducer'
  + '|prv)(?: is| reads)? '
  + '(\\d+)(?: ?psi)?,? (?:and )?(?:behind|after|past|downstream of|out of)(?: it| the (?:reducer|prv))? (\\d+)'],
  ['gauge $2 psi, $1 psi indoor', `(\\d+)(?: ?(?:psi|pounds|lbs?))? at (?:the |a )?${INDOOR},? (?:and |but )?(?:the )?`
  + `(\\d+)(?: ?(?:psi|pounds|lbs?))? (?:at|on) the (?:tank|gauge|pump)(?: gauge)?`],
  ['$1 psi indoor', `(\\d+)(?: ?(?:psi|pounds|lbs?))? at (?:the |a )?${INDOOR}(?: on (?:a|my) (?:test )?gauge)?`],
  ['indoor $1 psi', `(?:the )?${INDOOR}(?: is| reads| shows| has| gets| only|'s)* (\\d+)(?: ?(?:psi|pounds|lbs?))`
  + `(?: on (?:a|my) (?:test )?gauge)?`],
  ['strong at the tank, weak in the house', `(?:the )?(?:hydrant|tap|hose) (?:right )?(?:by|at|near) the`
  + ` (?:well|tank|pump) (?:is|has|runs|'s)? ?${STRONG}`],
  ['cut in $1, cut out $2', `(?:the )?(?:second|other|test|good|new|my) gauge (?:(?:on|at|in) (?:the |a )?(?:\\w+`
  + ` ){1,3})?`
  + `(?:says|reads|goes|shows|runs|cycles|swings)(?: from)? (\\d+) (?:to|-|up to|and) (\\d+)${P}`],
]
