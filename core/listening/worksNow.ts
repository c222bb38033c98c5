/** Said of what was put right: that it does its work again, in the words of those who saw it. Common practice. */

const IT = '(?:it|she|they|that|everything|all|pump|motor|compressor|switch|pressure|flow|stream|water|gauge)'
const IS = '(?:[\'’]?s| is| was| are| runs?| ran| works?| came| comes?| went| goes| stays?| holds?| starts?| pumps?'
  + '| fills?| builds?| spins?| sounds?| has been| been)'
const WELL = '(?:strong|smooth|steady|quiet|solid|perfect|great|fine|good|happy|normal|like new|right|every time'
  + '|back to normal|up to speed)'
const FAULT = '(?:hiss(?:ing)?|leak(?:ing)?|drip(?:ping)?|noise|chatter(?:ing)?|bubbles?|hum(?:ming)?|bang(?:ing)?'
  + '|flutter(?:ing)?|surging|cycling|tripping|problem|clicking|squeal(?:ing)?)'

const SAYS = [
  `\\b${IT}${IS}* (?:now |all |nice and |real |just |running |pumping |right )*${WELL}\\b`,
  `\\b${FAULT}(?: is| has|[’']s)? (?:gone|quit|quits|stopped|went away|cleared(?: right)?(?: up)?)\\b`,
  `\\bno more (?:${FAULT}|drop-?outs?|gaps?)\\b`,
  '^(?:it |she )?(?:has(?:n[’\']t| not)) tripped(?: since)?$', '\\bruns (?:long|nice|good)(?: and \\w+)? now\\b',
  `^(?:and |a |nice )*(?:smooth|steady|strong|full)(?: as a rock| stream| flow| pressure)?(?: now)?$`,
  '\\b(?:re)?starts? every time\\b', '\\bback in business\\b', '\\bgood to go\\b',
  '^(?:the |and )*(?:water|flow|pressure|air)(?:[’\']s| is| came)? back(?: up)?(?: on)?(?: now)?$',
  '^(?:and )?(?:it |she )?pumps? (?:right )?up (?:fine|great|good|right|normal)(?: now)?$',
  '^(?:and |all |now |it[’\']?s |that )*(?:fixed|cured|quiet|fixed it|did it)(?: now)?$',
  '\\bstarts? (?:(?:right|fine) )?(?:under (?:load|pressure|air)|loaded|against \\d+)(?: now| fine| ok)?$',
  '^(?:and |it |she )*(?:holds|is holding|holding|spins|seals|vents|drains|primes|unloads)(?: right| fine| good| free)?'
  + ' (?:now|again)$',
  '^(?:and )?(?:it[’\']s )?(?:back )?down to (?:\\d+|two|three|four|five|six) minutes(?: now)?$',
  '^(?:and )?no(?: more)? (?:drips?|leaks?|drop|hiss|smell|smoke|spark(?:s|ing)?)(?: now| any ?more| across it)?$',
  '^(?:and |at |up to )*full speed(?: now| again)?$', '\\bhas water(?: again| now)?$',
  '^(?:and |now |it[’\']s |she[’\']s )*pumping(?: away| again| fine| good| now)*$',
  '^(?:and |now |it[’\']s |she[’\']s )*(?:back )?up to [\\w ]{1,16} and hold(?:s|ing)(?: there)?$',
  '\\b(?:re)?starts (?:right|straight) (?:up|off)\\b',
  '\\b(?:turns|works?|fills|cycles|stops|builds|clears|holds)(?:(?: right)? up)?(?: fine| right| great'
  + '| good)? (?:now|again)\\b',
  '^(?:and )?(?:it |she )?(?:primed|clears?|cleared|cleaned|caught|picked) (?:right )?up(?: fine| good| now)?$',
  '^(?:and )?(?:it |she )?(?:comes on|kicks in|starts) with (?:the|a) (?:tap|faucet|hose)(?: (?:now|again|open))*$',
  '^(?:and )?(?:it |she )(?:holds|held|stays in)(?: now)?$',
  '\\bnow (?:it|she)(?:[’\']s)? (?:turns|works?|fills|cycles|stops|strong|good|fine)\\b',
  '\\b(?:fill(?:s|ing)|builds?|pump(?:s|ing) up|comes? up)(?: up)?(?: to \\d+)? in (?:only |just |about )?'
  + '[\\w.½¼ ]{1,14}min',
  '^(?:and |it[’\']?s |it is |pressure(?:[’\']s| is)? |we[’\']re )*back (?:up )?to'
  + ' (?:\\d{2,3}|normal|full|where it was)(?: psi| pounds)?(?: now| again)?$',
  '\\b(?:spins?|spun|came|comes|went|fires?|fired|shot) (?:right )?up (?:right|fine|great|like it should)\\b',
  '^(?:and )?(?:now )?(?:it |she )?(?:now )?runs (?:two|three|four|five|\\d+|a couple(?: of)?) minutes(?: now)?$',
].map(said => new RegExp(said, 'i'))

/** It stops where it should: of what would not, that is all of it. */
const STOPS = new RegExp(
  '\\b(?:shuts?|cuts?|kick(?:s|ed)|click(?:s|ed)|turn(?:s|ed)|quits?|stop(?:s|ped))(?: itself)?(?: off| out)?'
  + '(?: right)? at (?:\\d|the (?:line|mark|top))|^(?:and )?(?:now )?(?:it[’\']s )?off at \\d', 'i',
)
const NOT_SO = new RegExp(
  '\\b(?:not|no (?:better|change|good|difference)|never|still|same|but|hardly|barely|almost|last (?:night|week)'
  + '|yesterday)\\b|n[’\']t\\b', 'i',
)

const FREE_OF_IT = /^(?:it |she )?has(?:n[’']t| not) tripped(?: since)?$/i

/** Whether these words say that it works now. @param stops that it stops is all that was wanted of it */
export function saysItWorks(text: string, stops = false): boolean {
  const isFree = FREE_OF_IT.test(text.trim())
  return (isFree || !NOT_SO.test(text)) && (SAYS.some(said => said.test(text.trim())) || (stops && STOPS.test(text)))
}

/** As long as it used to take until it let go, and longer. */
const RAN_ON = new RegExp(
  '^(?:and )?(?:it |she )?(?:has |[’\']s )?(?:ran|runs?|been running|held|stayed on)(?: fine| good| great)?'
  + ' (?:(?:all|the whole|a whole) (?:day|night|morning|afternoon|week|weekend)'
  + '|(?:for )?(?:an?|two|three|four|five|six|eight|\\d+|several) (?:hours?|days?|weeks?))'
  + '(?: straight| since| now| and counting| without (?:a )?trip(?:ping)?)*\\.?$', 'i',
)
/** @param complained what was complained of: of what would not stop it is no good news */
export const saysItRanOn = (text: string, complained: string | undefined): boolean =>
  complained !== 'runs-on' && RAN_ON.test(text.trim())

/** `put a new switch on it, exactly the same`: it was not that. */
const SAME = new RegExp(
  '^(?:and |but |it |she |it[’\']s |it is |still )*(?:(?:did|does|do|doing|acts?|acted|is|was) )?'
  + '(?:exactly |just |all )?(?:the )?(?:(?:very |exact )?same(?: exact)?(?: thing| deal| problem| story| way)?'
  + '|no (?:change|different|difference|better|luck|help)|nothing changed|did(?:n[’\']t| not) help'
  + '|made no difference|no good|did nothing|still (?:nothing|dead|does it|did it|doing it|wo(?:n[’\']t| not) (?:start'
  + '|run|go|come on|pump|turn on)))'
  + '(?: as before| at all| again)?\\.?$', 'i',
)

export const saysItIsSame = (text: string): boolean => SAME.test(text.trim())
