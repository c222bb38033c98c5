/**
 * A line as it is written in a log: `Action: switch replaced; bearings to be ordered`, `Result: starts, 8.4 A`,
 * `Tank air (drained): 12 psi`. Taken down to what was said. Common practice, no source.
 */

const HEADS = new RegExp(
  '^\\s*(?:[-•*]\\s*)?(?:(?:step|test|check|item|reading|entry|line) ?#?\\d+[.):]?\\s*)?(?:'
  + 'actions?(?: taken)?|repairs?(?: made| done)?|work(?: done| performed)?|fix|remedy|correct(?:ion|ive action)'
  + '|resolution|solution|service(?: performed)?'
  + '|results?|outcome|after(?:wards?)?(?: (?:the )?(?:repair|replacement|fix|that))?|post[- ]repair(?: check| test)?'
  + '|re-?test(?:ed)?|verification|verified|final(?: check| test| run)?|test run|proof run|follow[- ]?up'
  + '|findings?|found|observations?|observed|visual(?: inspection| check)?|inspection|inspected|measured'
  + '|measurements?|symptoms?|(?:on )?arrival|as found|as left|tests?|readings?|checks?'
  + ')\\s*(?::|\\s[-–—]+\\s)\\s*(?=\\S)',
  'i',
)
/** How the work stood while it was read; no finding. */
const STOOD = '(?:power|supply|system|mains?|breaker|all|unit)? ?(?:is |was )?(?:off|dead|de-?energi[sz]ed|drained'
  + '|locked'
  + '(?: out)?|isolated|empty)(?: and (?:locked|drained|tagged|dead|isolated))*'
const ASIDE = new RegExp(`\\s*[([]${STOOD}[)\\]]`, 'gi')
const AMONG = new RegExp(`, ?${STOOD}(?=\\s*:|,.*:)`, 'gi')

/** `After 5 min: 48 psi. After 10 min: 36 psi`. */
const COURSE = new RegExp(
  '(?:pressure )?(?:after|at) (\\d+) ?min(?:utes?)?[:,]? (\\d+)(?: ?psi)?[.,;] ?(?:after|at) (\\d+) ?min(?:utes?)?'
  + '[:,]? (\\d+)(?: ?psi)?', 'i',
)
const courseOf = (_all: string, from: string, high: string, to: string, low: string) =>
  `drops from ${high} to ${low} psi in ${Number(to) - Number(from)} minutes`

/** `120 psi, motor off: 95 after 20 min` */
const AFTER = new RegExp(
  '\\b(\\d+) ?psi\\b([^\\d]*?)[:;,.] ?(?:to )?(\\d+)(?: ?psi)? after (\\d+) ?(min(?:utes?)?|h(?:ou)?rs?)\\b', 'i',
)
const fallOf = (all: string, from: string, between: string, to: string, time: string, unit: string) =>
  Number(to) > Number(from)
    ? all
    : `${between.replace(/^[,: ]+/, '')}, drops from ${from} to ${to} psi in ${time}`
      + ` ${unit}`

/** What was said, without the head of its entry; all of it where nothing else is said. */
export function withoutHead(typed: string): string {
  const said = inPast(typed).replace(READS, '').replace(HEADS, '').replace(COURSE, courseOf).replace(AFTER,
    fallOf).replace(ASIDE, '').replace(AMONG, '')
    .replace(/;\s+/g, ', ').trim()
  return /[a-z\d]/i.test(said) ? said : typed
}

/** `Replaces the switch`, of one who writes what another does. */
const THIRD: Readonly<Record<string, string>> = {
  replaces: 'replaced', reinstalls: 'reinstalled', reassembles: 'reassembled', renews: 'renewed',
  installs: 'installed', fits: 'fitted', cleans: 'cleaned', clears: 'cleared',
  tightens: 'tightened', sets: 'set', repairs: 'repaired', rebuilds: 'rebuilt', remakes: 'remade', adjusts: 'adjusted',
  inflates: 'aired up', primes: 'primed', frees: 'freed', swaps: 'swapped', changes: 'changed', makes: 'made',
  moves: 'moved', resplices: 'respliced', splices: 'spliced', seals: 'sealed', patches: 'patched', flushes: 'flushed',
  reconnects: 'reconnected', relands: 'relanded', bleeds: 'bled', drains: 'drained', opens: 'opened', closes: 'closed',
  bypasses: 'bypassed', jumpers: 'jumpered', taps: 'tapped', spins: 'spun', pulls: 'pulled', removes: 'removed',
  disconnects: 'disconnected', separates: 'separated', lifts: 'lifted', pushes: 'pushed', pokes: 'poked', puts: 'put',
  unplugs: 'unplugged', plugs: 'plugged', shuts: 'shut', powers: 'powered', calls: 'called',
  wiggles: 'wiggled', swabs: 'swabbed', sands: 'sanded', files: 'filed', lubricates: 'lubricated', rewires: 'rewired',
  resets: 'reset', presses: 'pressed', isolates: 'isolated', restores: 'restored', traces: 'traced',
}
const WHO = '(?:(?:the )?(?:technician|tech|mechanic|plumber|electrician) )?'
const BY_HIM = new RegExp(
  `(?<=^\\s*|[,;.]\\s+|\\b(?:and|then) )${WHO}(${Object.keys(THIRD).join('|')})(?= (?:the|an?|it|its|out|up|off|down`
  + '|back|all|both|each|new|two|one|power|pump|motor|switch|box|control|pressure|tank|float|breaker|wires?|leads?'
  + '|contactor|head|drop|check|foot|dial|overload|impeller|capacitor|compressor|belts?|splices?|strainer|system'
  + '|vol[a-z]+|selector|precharge|cover|supply|red|black|isolation|house|priming|air|nipple|a[a-z]{3,}'
  + '|c[a-z]{3,})\\b)',
  'gi',
)
/** `Measures 240 V`: read. */
const READS = new RegExp(`^\\s*${WHO}(?:measures|records|observes|sees|hears|finds`
  + ` that)\\s+(?=\\S)`, 'i')
const inPast = (text: string): string =>
  text.replace(BY_HIM, (all: string, verb: string) => THIRD[verb.toLowerCase()] ?? all)

/** What a hand does to a part, told in the passive. */
const DONE_TO = 'replaced|renewed|changed|swapped|cleaned|cleared|flushed|descaled|fitted|installed|remade|tightened'
  + '|re-?torqued|repaired|rebuilt|freed|adjusted|primed|re-?primed|reset|patched|sealed|held(?= in| up)'
const THING = '(?:the |an? )?((?:(?!(?:was|were|had|they|he|she|owner|not|never|been|is|are|to|it|found|seen|already'
  + `|${DONE_TO})\\b)(?:[\\w/½¼-]|\\.\\d)+ ){1,6}?)`
const ENDS = '(?= ?(?:$|[,;.:] ?(?!\\d)|[,;:] | (?:with|at|and re-?|in start|by hand)))'
const PASSIVE = new RegExp(`(?<=^\\s*|[,;] |\\. )${THING}(${DONE_TO})(?: out)?${ENDS}`, 'gi')
/** `nipple and gauge replaced`: both were. */
const BOTH = / and (?=(?!re)\S)/gi

/** `brought the big nut and the small one in` */
const BOTH_NUTS
  = /\b(big|range|large) (nut|spring|screw) and (?:the )?(?:small|little|differential) (?:one|nut|spring|screw)\b/i

/** `the power company came out and found a blown fuse` */
const THEY_CAME = new RegExp(
  '\\b(?:the )?((?:power|electric) company) came (?:out|by|over) and(?= (?:found|fixed|replaced|changed|spliced))', 'i',
)

/** `back on the power company`: it was put there. */
const BACK_ON = /^(back on (?:the )?(?:utility(?: power)?|(?:house|street) power|power company|grid|mains)),? */i

/** `new cap 6.8 amps`: put in, and then read. */
const NEW_THEN_READ = new RegExp(
  '^((?:an? |two |three )?new (?:[a-z-]+ ){0,2}[a-z-]+) (?=\\d[\\d.]*(?:[ /,]+\\d[\\d.]*)*'
  + ' ?(?:amps?|a|v|volts?|psi)\\b)', 'i',
)

/** `stuck a 30/50 in there`: of what is set so a new one. */
const OF_ITS_SETTING = new RegExp(
  '\\b(?:stuck|put|threw|screwed|dropped|hung|popped) (?:in )?an? (\\d0)[/-](\\d0)(?: switch)?'
  + '(?: in| on)?(?: there| it)?\\b', 'i',
)
/** `drained it and let it suck air`: that is how air is put in without a pump. */
const TOOK_AIR = /\blet (?:it|her|the tank) (?:suck|take|draw|pull|breathe)(?: in)?(?: some)? air\b/i
/** `contact kit in it` */
const KIT_IN_IT = /^(?:a )?((?:contact |rebuild |seal |gasket )?kit) in (?:it|there)\b/i

/** `runs with the new switch in`, `new cap made no difference`: what was put in, and then what came of it. */
const PART = '(?:(?:pressure|start|run|control|check|foot|float|two[- ]pole) )?(?:switch|cap(?:acitor)?|relay'
  + '|breaker|box'
  + '|coil|contactor|valve|check|float|fuse|regulator|gauge|overload|belts?|motor|pump|tank|unloader)'
const WITH_NEW = new RegExp(`^(.{3,40}?),? with (?:the|a) new (${PART})(?: in| on| on it| in it)?$`, 'i')
const WITH_NEW_FIRST = new RegExp(`^with (?:the|a) new (${PART})(?: in| on| on it| in it)?,? (?!(?:in`
  + `|on)\\b)(.{3,})$`, 'i')
/** `new start cap 300 mfd`: as it is rated. */
const NEW_RATED = /\b(new (?:start |run )?cap(?:acitor)?),? \d+(?: ?(?:-|to) ?\d+)? ?(?:uf|mfd|mikes?)\b/i
const NEW_IN_VAIN = new RegExp(
  `^((?:put in |tried )?(?:a |the )?new ${PART}) (?:made )?(no (?:difference|help|good|change|better)`
  + '|did(?:n[’\']t| not) help|did nothing|same thing)$', 'i',
)

/** `allen screw turned out two turns` */
const SCREW_TURNED = new RegExp(
  '\\b((?:big |little |small |allen |adjusting |range |set )?(?:nut|screw)) (turned|backed) (in|out|down)\\b', 'i',
)

/** `basket cleaned`, `contact kit fitted`: as one who did it tells it. */
export const inActive = (text: string): string =>
  text.replace(TOOK_AIR, 'put air in the tank').replace(WITH_NEW, 'new $2 in, $1')
    .replace(WITH_NEW_FIRST, 'new $1 in, $2').replace(NEW_RATED, '$1')
    .replace(NEW_IN_VAIN, '$1, $2')
    .replace(SCREW_TURNED, '$2 the $1 $3').replace(BACK_ON, 'put it $1, ').replace(NEW_THEN_READ, '$1, ')
    .replace(OF_ITS_SETTING, 'put in a new $1/$2 switch').replace(KIT_IN_IT, 'put in a new $1')
    .replace(BOTH_NUTS, '$1 $2').replace(THEY_CAME, '$1')
    .replace(PASSIVE, (_all, thing: string, done: string) => `${done} ${thing.trim().replace(BOTH, `, ${done} `)}`)
