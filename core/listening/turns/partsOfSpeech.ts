/** Parts that whole sentences are made of, as patterns: figures, a nought, when, who did it, how it reads. */
export const FIGURE = '\\d+(?:\\.\\d+)?'
/** A figure, and what may stand behind it; the figure is the pattern's own bracket. */
export const N = `(${FIGURE})`
export const V = '(?: ?v(?:olts?)?)?'
export const VOLTS = `(${FIGURE})(?: ?v(?:olts?)?)?`
export const NOUGHT = '(?:nothing|zero|zip|nada|none|dead|0)'
export const IT = '(?:it|she|the pump|the motor|the compressor|the unit|the machine|this thing|that)'
export const END = '(?= ?$|,|;| and | but )'
/** Two sides of a splice, and how they read to ground. */
export const TO_GROUND = '(?:(?<=(?:ground|earth|meg|splice|peckerhead|leads (?:off|in the|at the motor))[^;]*)'
  + '|(?=[^;]*(?:ground|earth|meg)))(?:the )?'
export const READ = `(?:'s| is| are| reads| megs| shows| still| was| at| tests?| checks?| out)*`
export const [ITS, THEIRS] = [
  '(?:motor|pump)(?: side| end| by itself| itself| alone)*',
  '(?:cable|wires?|run|feed|house side)(?: from the house| to the house| back to the house| side| itself| alone|'
  + ' by itself)*',
]
export const SOUND = '(?:clear|good|fine|ok|clean|infinite|infinity|over \\d+(?: ?meg\\w*)?|\\d{2,} ?meg\\w*)(?: to'
  + ' (?:ground|earth))?'
export const DOWN = '(?:a dead short|(?:the )?bad (?:one|side|part)|dead|zero|0(?:\\.\\d+)?|\\.\\d+|shorted|bad'
  + '|grounded|down|shot)(?: ?meg\\w*'
  + '| ohms?)?(?: (?:short'
  + ' )?to (?:ground|earth))?'
export const BUT = ' ?,? (?:and |but )?(?:the )?'
/** Down to so many volts, and when. */
export const SAGS = '(?:drops?|falls?|sags?|dips?|goes|dives?|pulls?|dropped|fell|sagged|dipped|went'
  + '|pulled)(?: right| way|'
  + ' clear| all the way)*(?: down)? to'
export const WHEN = '(?:when|as|while|the second|the moment|every time)'
export const CALLS = `(?:(?:it|she|the pump|the motor|that|the compressor)(?:'s)? )?(?:is )?(?:trying to start|tries to`
  + ` start`
  + '|tries|trying|starts|starting|kicks? (?:on|in)|comes? on|calls|turns? on|fires? up|pulls? in|picks? up|is'
  + ' running'
  + '|runs|running|loads? up)(?! (?:to |spitting|\\w+ing))'
export const TOOK_OFF = '(?:took|take|taken|pulled|pull|lifted|disconnected|unhooked|undid|removed|popped|got)'
export const FEED = '(?:going |coming )?(?:in|into|in to|up to|on the way in)'
export const OUT = '(?:coming |going )?(?:back )?out(?: of it| the other side| the other end| the far side'
  + '| to the (?:pump'
  + '|motor|well))?'
export const TAPPED = '(?:tapped|tapping|tap|thumped|flicked|rapped|hit|smacked|whacked|knocked)(?: on)?'
export const NEVER = '(?:never|won\'?t|will not|doesn\'?t|does not|don\'?t|can\'?t|cannot|couldn\'?t|wouldn\'?t'
  + '|didn\'?t|not)'
export const REACHES = '(?:gets?|reach(?:es)?|hits?|makes?|makes it|sees?|build|builds|come|comes|climb|climbs)'
export const STOPS = '(?:shuts? (?:off|down)|cuts? (?:out|off)|kicks? (?:off|out)|stops?|quits?|trips? off|turns? off'
  + '|goes off)'
/** Volts of the mains, told to ground, a valve that was shut: as they are said in passing. */
export const GROUNDED = '(?: ?to (?:the )?(?:ground|earth|frame))?'
export const MAINS = '(?:1[0-3]\\d|2[0-5]\\d|4[0-9]\\d)'
export const SHUT = '(?:closed|shut|turned off|cranked down|isolated)'
export const VALVE = '(?:(?:ball|gate|main|house|isolation|shut ?off) )?(?:valve|tap|shut ?off)'
/** Two things that are told in either order. */
export const inEitherOrder = (one: string, other: string): readonly string[] =>
  [`${one}${BUT}${other}`, `${other}${BUT}${one}`]
/** Where a part of a sentence ends: by a mark, or with the line. */
export const AT_END = '(?= ?$| ?[,;])'
