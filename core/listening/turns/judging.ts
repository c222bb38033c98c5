/** How it is told without a figure: it is as it should be, or it is not. Common practice, no source. */
import type { Joined } from './turnOf'

const IS = '(?:\'s|\'re| is| are| was| were| looks?| reads?| tests?| checks?| came| come)*'
const RIGHT = '(?:good|fine|normal|ok|okay|perfect|right|great)'
const SHOULD = '(?:right )?(?:where|what|like|as) (?:it|they|she)(?:\'s|\'re| is| are)? ?(?:should|ought to'
  + '|supposed to)'
  + '(?: be)?(?: at)?(?! ?\\d| be)'

export const TURNS_OF_JUDGING: readonly Joined[] = [
  ['$1 normal', `(volts|voltages?|amps|amperage|ohms|resistances?|windings|megs)${IS} (?:all )?${SHOULD}`],
  ['volts good', `good voltages?`, `voltages?${IS} (?:all )?${RIGHT}(?! ?\\d)`],
  ['volts good on all three', '(?:i\'ve |i |we )?(?:got |have )?(?:all )?three (?:good|solid|full) (?:phases'
  + '|legs|lines'
  + '|hots)', `all three (?:phases|legs|lines|hots)${IS} (?:good|there|fine|present)`],
  ['volts and amps normal', `(?:voltage|volts) and (?:amps|amperage|current)${IS} (?:both |all )?${RIGHT}`],
  ['volts normal, amps normal', '(?:amps|amperage) and (?:volts|voltage)(?: are| is)? (?:both |all )?normal',
    'volts and amps normal'],
  ['volts good $2', `(voltage|volts) ((?:at|on|into|out of|across) (?:the )?[a-z]+(?: [a-z]+)?)${IS} (?:all`
  + ` )?${RIGHT}`],
  ['volts good into the switch, volts good out of the switch', `(?:volts|voltages?)${IS} ${RIGHT} (?:in|into`
  + `|coming in|going`
  + ' in)(?: to it)? and out(?: of (?:the )?(?:pressure )?switch)?'],
  ['volts good into the switch, nothing out of the pressure switch', 'volts good (?:coming |going )?(?:in|into'
  + '|to|at) (?:the )?'
  + 'pressure switch,? (?:and |but )?(?:nothing|zero|no (?:power|voltage)) (?:coming |going )?out(?: of it)?'],
  ['amps high', `(?:amps|amperage|current)${IS} (?:through the roof|off the (?:chart|scale)|out of sight|pegged`
  + `|double)`],
  ['$1 volts main panel', `(?:it'?s|they'?re|it is) (?:low|down|good|fine|high|same|the same) (?:(?:at|on|in)`
  + ` (?:the )?(?:main|panel`
  + '|meter|service)(?: \\w+)?)(?: too| also| as well)?,? (1[0-9]\\d|2[0-5]\\d)'],
  ['precharge $1', '(?:air (?:pressure )?in the tank|tank(?:\'s)? (?:air|charge)(?: pressure)?|air charge)(?:\'s'
  + '| is| was)?'
  + ' (?:right )?(good|fine|ok|right|normal)'],
]
