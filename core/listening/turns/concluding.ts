/**
 * What a hand makes of what was found, expects, or would hold if things were otherwise: no finding, and passed over
 * before any turn takes a word of it for one. Common practice, no source.
 */
import type { Joined } from './turnOf'

const BE = '(?:\'s| is| has to be| must be| would be| ought to be)'
const PART = '(?:pumps?|motors?|switch|breaker|fuses?|cap(?:acitor)?|relay|coil|wiring|wires?|cable|splice|tank'
  + '|bladder|valve|check valve|foot valve|filter|strainer|belt|box|starter|contactor|float|battery|ground|leak|well'
  + '|overload|heaters?|problem|trouble|culprit|reeds?|rings|gasket|regulator|leg|pole|phase)'
const WHERE = '(?:somewhere |something |just |either |definitely |probably |got to be |going to be )*'
const KIND_OF = '(?:supply|start|power|control|wiring|pump|motor|water|air|electrical)'
const SUPPOSED = '(?:supposed to|should|ought to|meant to)'
const THOUGHT = '(?:i |we )?(?:thought|figured|assumed|suspected|guessed|would have bet|was sure|would\'ve bet)'

const MAYBE = '(?:might|may|could|would|should)(?: just| well| still| even)?(?: be| have| have been)?'
const SUSPECT = '(?:i(?:\'d| would)? (?:bet|suspect|wonder|wager|guess it\'s the)|suspect|wonder(?:ing)?'
  + '|my (?:guess|bet|money)'
  + '|pretty sure|thinking|afraid|hoping|i\'m (?:thinking|afraid|guessing|betting)|ruled? out)'
const IF = '(?:if|when|cause|because)'

/** What is only suspected, or would be so: no figure in it. */
const SUSPECTED: Joined = [
  '',
  `^ ?(?:and |but |so )*${SUSPECT}(?! (?:the )?contacts)\\b[^;,\\d]*(?= ?$|[;,])`,
  `^ ?(?:it|that)(?:'d| would) (?:trip|hum|hold|run|read|be|do|blow|groan|start|stop|explain)[^;,\\d]*(?= ?$|[;,])`,
  `^ ?${IF} (?:the |a |my )?[a-z' ]+,? (?:it|that|they)(?:'d| would)\\b[^;,\\d]*(?= ?$|[;,])`,
  `^ ?(?:it |the |that )?(?:${PART} )?${MAYBE} (?:an? |the |some )?(?:bad |dead |little |slow )?(?:leak(?:ing`
  + `|s)?|stuck|weak`
  + `|shorted|grounded|open|worn|clogged|low|dry|frozen|sucking|losing|tripp(?:ed|ing)|burnt|loose`
  + `|${PART})[^;,\\d]*(?= ?$|[;,])`,
]

/** Of another that stands elsewhere. */
const ELSEWHERE: Joined = [
  '',
  '(?:the |a |my )?(?:spare|other|good|new)(?: one| motor| pump)? (?:on|in|at|off|from) (?:the |my )?(?:truck'
  + '|shelf|shop|van)'
  + ' (?:reads|pulls|draws|has|is|shows)[^;,]*',
  '(?:the |my )(?:spare|spare (?:motor|pump|one)) (?:reads|pulls|draws|has|is|shows) \\d[^;,]*',
  '(?:a|any) (?:good|new|known good) one (?:reads|pulls|draws|has|is|shows) \\d[^;,]*',
]

/** Said to be well, and not how that was seen. */
const SAID_FINE: Joined = ['', '(?:the )?(?:tank|switch|well)(?:\'s| is) (?:fine|ok|okay|good)(?=,? (?:the '
  + '|and )?(?:tank|switch|power'
  + '|pump|well|breaker|motor|wiring)(?:\'s| is| are) )']

export const TURNS_OF_CONCLUDING: readonly Joined[] = [
  ['$1 ', `^ ?(?:and |but |so )*${SUSPECT} (?:it's |that it's )?(?:the |a )?(${PART})(?=,? (?:it's |it is |and `
  + `|i (?:get|got`
  + `|have) |only |just |about )*\\d)`],
  SUSPECTED,
  ELSEWHERE,
  SAID_FINE,
  [
    '',
    // `so it's in the control side`, `so that's your pump`
    `,? ?(?:and )?so (?:it|that|there|this)${BE} ${WHERE}(?:in|at|between|past|below|above|behind|down ?hill|up ?hill`
    + `|on) (?:the |my |their )?(?!ground)[a-z][^;,\\d]*(?= ?$|;)`,
    `,? ?(?:and |so |well,? )*(?:it|that|there|this|here)${BE} ${WHERE}(?:a|an|the|your|our|my) (?:bad |dead )?`
    + `${PART}(?= ?$|,|;)`,
    `,? ?(?:and )?so (?:it|that)${BE} (?:a|an|not a|not an) ${KIND_OF} (?:thing|problem|issue)(?= ?$|,|;)`,
    `,? ?(?:and |that's |it's )?not (?:a|an) ${KIND_OF} (?:thing|problem|issue)(?= ?$|,|;)`,
    `,? ?(?:and )?so (?:the |my |that |their )?(?!water|pressure|gauge)[a-z][a-z' ]* (?:are|is|aren't|isn't|are not`
    + `|is not)(?: all)? (?:ok|okay|fine|good|it|out of it|clear)(?= ?$|,|;)`,
    `,? ?(?:and )?so (?:the |my |that )?[a-z ]+'s(?: all)? (?:okay|ok|fine)(?= ?$|,|;)`,
    `(?:so )?(?:there's |there is )?(?:nothing|nothing's) wrong (?:there|here|with (?:it|that|them|the [a-z ]+))`
    + `(?= ?$|,|;)`,
    `, (?:it's |so it's |so it is )?not (?:the|your|my) ${PART}(?= ?$|,|;)`,
    `(?:well )?(?:there you go|there we go|there it is),? (?:it's|it is) not the ${PART}(?= ?$|,|;)`,
    `^ ?(?:so )?it (?:isn't|is not|wasn't|was not|ain't) (?:the |your |my )?${PART},?(?= \\w)`,
    `^ ?(?:so )?it's not (?:the |your |my )?${PART},?(?= \\w)`,
  ],
  // what would be so, if
  [
    '',
    '^ ?(?:and |because |cause )?if (?:it|that|this|there|the \\w+) (?:was|were|had|is)[^;]* (?:would(?:\'ve|n\'t'
    + '| have)?|should|it\'d|it\'ll)[^;]*$',
  ],
  // what should be so
  [
    '',
    `,? ?(?:so |and |that |which )*(?:he|she|it|that|they)(?:'s| is| are)? (?:${SUPPOSED}|wants? to|oughta) (?:be`
    + ` )?(?:asking|calling|running|on|going|run|start|open|closed|made|making)[^;,\\d]*(?= ?$|,|;)`,
    `,? ?(?:and |but )?(?:it|that|relay|switch|they)(?:'s| is| are)? (?:supposed to|meant to) [^;,\\d]* and`
    + ` (?:it|that`
    + `|they) (?:isn't|doesn't|is not|don't|aren't|ain't)(?= ?$|;)`,
    `,? ?(?:and |but )?(?:it|that|they)(?:'s| is| are)? (?:supposed to|meant to|should) (?:go|get|be|come|make|cut`
    + `(?: out| in| off)?|shut off|hold|read|run|pull)(?: up)?(?: out)?(?: to| at| on at| off at)?(?: about)?`
    + ` \\d+(?:\\.\\d+)?(?: ?(?:or|to|-) ?\\d+(?:\\.\\d+)?)?(?: ?(?:psi|pounds|amps?|volts?))?`,
    `,? ?(?:with (?:a|an|the) \\d+ (?:to|-|/) ?\\d+ switch,? )?(?:i|we|you) (?:want|need|should have|ought to`
    + ` have|should be at|should see) (?:about )?\\d+(?:\\.\\d+)?(?: ?(?:psi|pounds))?(?= ?$|,|;)`,
    ',? ?which is (?:what|about what|right where|where|just what|exactly what|a little|a bit|way too|too) [^;,]*',
    ',? ?(?:the )?book (?:says|calls for|wants) \\d+(?:\\.\\d+)?(?: ?[a-z]+)?(?= ?$|,|;)',
    ',? ?(?:and )?(?:the )?(?:tag|plate|nameplate|sticker|label)(?:\'s| is| says| wants)? \\d+(?:\\.\\d+)?'
    + '(?: ?(?:a|amps?))?(?= ?$|,|;)',
  ],
  // what was thought before it was looked at
  ['$1 ', `${THOUGHT} (?:it was |that |it might be |it had to be )*(?:the |a |an )?((?:[a-z]+`
  + ` ){0,2}?[a-z]+),? but(?= it)`],
  ['', `${THOUGHT} [^;,]*?,? but(?= )`],
  // what it is made for
  ['', '(?:i )?(?:read|got|checked|looked at) the number (?:off|on) [^;,]*(?: and)? it\'s for an? [^;,]*'],
  ['', '(?:and |but )?they(?:\'re| are) feeding it \\d+(?: ?v(?:olts?)?)?'],
]
