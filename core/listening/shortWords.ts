/** Words cut short, as they are scribbled on the lid of a box, and what they stand for. */
import type { Joined } from './turns/turnOf'

export const SHORT_WORDS: readonly Joined[] = [
  ['breaker', 'brkrs?', 'bkr', 'cb', 'brk'],
  ['battery', 'batt?'],
  ['gauge', 'gage', 'guage'],
  ['gauges', 'gages'],
  ['transformer secondary', 'xfmr sec(?:ondary)?', 'transformer sec'],
  ['transformer', 'xfmr', 'xformer'],
  ['them', '\'em'],
  ['control', 'ctl', 'ctrl'],
  ['pressure switch', 'ps', 'p/s', 'press sw', 'psw'],
  ['switch', 'sw'],
  ['reducing valve', 'prv'],
  ['points', 'pts'],
  ['instantly', 'inst'],
  ['water', 'h2o'],
  ['motor', 'mtr'],
  ['winding', 'wdgs?', 'wndgs?'],
  ['contactor', 'cntctr', 'cont(?:r)?'],
  ['check valve', 'chk(?: ?vlv)?'],
  ['valve', 'vlv'],
  ['relay', 'rly'],
  ['capacitor', 'capac'],
  ['neutral', 'neu'],
  ['disconnect', 'disco', 'disc(?= at| off| box| load| line)'],
  ['over $1', '> ?(\\d[\\d.]*(?: ?m(?:eg)?)?)'],
  ['under $1', '< ?(\\d*\\.?\\d+(?: ?m(?:eg)?)?)'],
  ['at', '@'],
  ['and', '&'],
  ['pump', 'pmp'],
  ['unloader', 'unldr'],
  ['bladder', 'bldr'],
  ['filter', 'fltr'],
  ['strainer', 'strnr'],
  ['suction', 'suct'],
  ['impeller', 'imp(?:lr)?'],
  ['bearings', 'brgs?'],
  ['coupling', 'cplg'],
  ['level', 'lvl'],
  ['overnight', 'o/n'],
  ['house', 'hse'],
  ['corroded', 'corr'],
  ['terminals', 'terms'],
  ['down', 'dwn'],
  ['transformer primary', 'xfmr pri(?:mary)?'],
  ['after $1', 'p (?=\\d+ ?(?:min|sec|hr))'],
  ['every $1', 'q (\\d+)'],
  ['to ground', 'to gnd'],
  ['black', 'blk'],
  ['yellow', 'yel'],
  [
    'overload $1',
    'o\\.?l\\.? (trips?|tripped|dial|set|kicks|pops|button|heater|reset|relay|keeps|(?<!reads? o\\.?l\\.? )out)',
  ],
  ['t$1 to ground', 't([123]) (?:gnd|ground)'],
  ['l$1 to ground', 'l([123]) (?:gnd|ground)'],
  ['$1 volts', '^ ?v(?:olts)? (\\d{2,3})(?= ?$|,)'],
  ['with', 'w/?(?= )'],
  [
    '$1 meg',
    '(?<=(?:cable|motor|wire|gnd|ground|side|leads?|ug)[^,]{0,12})(\\d*\\.?\\d+) ?m(?= ?$| ?,| to )',
  ],
  ['on $1 seconds off $2 seconds', 'on (\\d+) ?s(?:ecs?)?,? off (\\d+)(?: ?s(?:ecs?)?)?'],
  [
    'refused fuse, $1',
    '(?:new|another|fresh) fuse (?:holds?|held|in|good|stays),? (?:and )?(?:it |the pump |pump )?'
    + '(runs|ran|works)',
  ],
]

const PATTERNS = SHORT_WORDS.map(([to, ...said]) => ({
  to,
  said: new RegExp(`(?<![\\p{L}\\d])(?:${said.join('|')})(?![\\p{L}\\d])`, 'giu'),
}))

/** The same, with those words written out. */
export const spellOut = (text: string): string =>
  PATTERNS.reduce((all, { to, said }) => all.replace(said, to), text)
