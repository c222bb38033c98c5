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

export const TURNS_OF_GAUGES: readonly Joined[] = [
  ['gauge stuck', `(?:the )?(?:pressure |tank )?gauge ${STAYS}(?: right)?(?: on| at)? \\d+${P} ${WHATEVER}`,
    `(?:the )?(?:pressure |tank )?gauge (?:has|does|is|wo)(?:n't| not) mov(?:e|ed|ing)(?: at all| off \\d+${P}|`
    + ` since .*)?`,
    `(?:the )?(?:pressure |tank )?gauge never moves(?: off \\d+${P})?`],
  ['cut in $1, cut out $2', `(?:the )?(?:second|other|test|good|new|my) gauge (?:(?:on|at|in) (?:the |a )?(?:\\w+`
  + ` ){1,3})?`
  + `(?:says|reads|goes|shows|runs|cycles|swings)(?: from)? (\\d+) (?:to|-|up to|and) (\\d+)${P}`],
]
