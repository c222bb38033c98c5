/**
 * Figures that are told and were not read: what a plate, a chart or a label says, what there should be, what there once
 * was, and what is only asked. Common practice, no source.
 */
const FIGURE = '\\d+(?:\\.\\d+)?'
const SO_MANY = `${FIGURE}(?: ?(?:or|to|-) ?${FIGURE})?`
const UNIT = '(?: ?-?(?:amps?|a|volts?|v|psi|pounds|ohms?|uf|mfd|megs?)\\b)?'
const VOLTS = '(?: ?v(?:olts?)?\\b)?'

/** `3 amps where it did 6`, `5, normally 9`. */
const USED_TO = '(?:used to|normally|usually|always|typically)'
const DOES = '(?:do|does|pulls?|draws?|makes?|reads?|runs?|be|is|are|shows?|has|have)'
const DID = '(?:did|does|was|were|pulled|drew|made|read|ran|had|showed)'
const OF_OLD = `${FIGURE}(?: ?(?:amps?|a|volts?|v|psi|pounds|gpm|ohms?)\\b)?`
/** `quit around 9 last night` */
const THAT_DAY = '(?:last night|yesterday|tonight|this (?:morning|afternoon|evening))'
const OCLOCK = '(?:around|about|at|since|by) (?:1[0-2]|[1-9])(?: ?(?:am|pm|o\'clock))?'
const ONCE: readonly string[] = [
  `\\b${OCLOCK} ${THAT_DAY}`,
  `(?<=\\b${THAT_DAY}) ${OCLOCK}(?= ?$|,)`,
  `\\b${OF_OLD} (?:when|back when) (?:it|they|that|she) (?:was|were|went|got) (?:put in|installed|new|set)`,
  `\\b(?:was|were|read|said) (?:at )?${OF_OLD} (?:this morning|last night|yesterday|last (?:week|month|year|time|spring`
  + '|summer|fall|winter))',
  `\\b(?:where|when) (?:it|they|she|he)(?: ${USED_TO})(?: ${DOES})? ${OF_OLD}`,
  `\\bwhere (?:it|they|she) ${DID} ${OF_OLD}`,
  `,? ?\\b(?:it |they |she )?${DID} ${OF_OLD} (?:last \\w+|before(?= ?$|,)|when (?:it was )?new|originally)`,
  `(?<=\\d[^,]*), ?(?:and )?(?:it |they )?(?:${USED_TO}|normal is|usual is)(?: ${DOES})? ${OF_OLD}`,
]

/** `115 volt pump`: what it is made for. */
const MADE_FOR = '(?:pump|motor|coil|transformer|supply|system|cap|capacitor|model)\\b'
const RATED_AMPS = '(?:fla|sfa|rla|(?:service factor|sf|full load|rated|plate)(?: amps)?)'
const PLATE = '(?:(?:motor |pump )?(?:name ?plate|data ?plate)|(?:motor|pump) (?:plate|tag))'
const MADE: readonly string[] = [
  `\\b\\d+[- ]?v(?:olts?)? (?=${MADE_FOR})`,
  `\\b(?:wired|made|rated|meant) for \\d+${VOLTS}`,
  `\\b(?:good|sized) for ${SO_MANY} ?-?(?:amps?|volts?|psi|uf|mfd)\\b`,
  `\\b(?:where |and |when )?(?:the )?(?:name)?(?:plate|tag|sticker|label) (?:says|reads|is|calls for|shows) ${FIGURE}`
  + '(?: ?(?:amps?|a|volts?|v|uf|mfd)\\b)?',
  `\\b${PLATE} ${SO_MANY}${UNIT}(?: (?:and )?${SO_MANY}${UNIT})*`,
  `\\b${RATED_AMPS}(?:'s| is| are| of|:)? ${SO_MANY}${UNIT}`,
  // `1 hp, 230 volt`
  `(?<=\\b(?:hp|horse(?:power)?),? )\\d{3} ?v(?:olts?)?\\b(?! (?:at|on|across))`,
  `,? ?\\b(?:it'?s|on|for|against) an? ${FIGURE} ?amp (?:pump|motor|(?:half|one|two|[\\d./]+) ?(?:horse|hp))\\b`,
  '\\bwire(?:\'s| is) (?:an? |number |# ?)?(?:14|12|10|8|6)(?= ?$|,)',
]

/** Whatever is told by it is written there, to the end of what is said of it. */
const WRITTEN = '(?:chart|book|table|manual|spec sheet|data ?sheet)'
const WANTED = '(?:expect(?:ed|ing)?|wanted|want to see|looking for|hop(?:ed|ing) for|needs?)'
const SHOULD: readonly string[] = [
  `\\b${WRITTEN} (?:says|gives|shows|calls for|lists|has)\\b[^,;]*`,
  `\\b(?:supposed to be|should be|ought to be|used to be|instead of) ${SO_MANY}(?: ?[a-z]+)?`,
  `\\b${WANTED} (?:to (?:see|get|have) )?(?:at least |about |around )?${SO_MANY}(?: more)?${UNIT}(?! ?(?:minutes`
  + `|hours))`,
]

const RIGHT = '(?:ok(?:ay)?|good|normal|bad|right|high|low|alright|enough|a lot|too \\w+)'
const MEND = '(?:replace|change|clean|pull|swap|file|dress|reset|adjust)'
/** `cap reads 90, is that ok?`: what is asked is not so. */
const IS_IT = `,? ?\\b(?:is|are|was) (?:that|it|this|they|those|these) ${RIGHT}`
  + '(?: for (?:that|this|it|an? [^,]*))? ?\\??(?= ?$)'
export const IS_IT_RIGHT = new RegExp(IS_IT, 'i')
/** What is asked, what it costs, how far it is: `told him 400 for a new switch`. */
const ASKED: readonly string[] = [
  IS_IT,
  `(?<=\\b${RIGHT}) for an? (?:[\\d/.]+|half|quarter|one|two|three)(?: ?-?(?:hp|horse(?:power)?))? ?\\??(?= ?$)`,
  `,? ?\\b(?:do|should|shall|can|could) i (?:need to |have to |just )?${MEND}\\b.*$`,
  '^ ?(?:why|how come) would\\b.*$',
  '\\b(?:told|quoted|charged|gave) (?:him|her|them|the (?:customer|owner|lady|guy|man)) \\$?\\d+(?: dollars| bucks)?'
  + ' (?:for|to) [^,;]*',
  '\\b(?:an? )?(?:\\d+|half(?: an)?|hour)[- ]?(?:minutes?|min|hours?|hr|mile)?[- ](?:drive|trip)'
  + '(?: (?:out|back|each way))?\\b',
]

export const NOT_READ = new RegExp([...SHOULD, ...MADE, ...ONCE, ...ASKED].join('|'), 'g')
