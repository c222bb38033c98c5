/**
 * What `it` is, where a line goes on from the one before: the thing that stood there last. `the other side of it`,
 * `6 after it`, `bypassed it with a hose`. Common practice, no source.
 */
import type { Spoken } from './spoken'
import { topicOf, withTopic } from './topic'

/** Things that have two sides, or are gone around; the longer name first. */
const THINGS = '(?:pressure|demand|float|panel) switch|float|well breaker|overload|breaker|disconnect|strainer'
  + '|(?:(?:control|little|small|glass) )+fuse'
  + '|filter|regulator|check valve|transformer|relay'
const NAMED = new RegExp(`\\b(?:${THINGS})\\b`, 'gi')
const OF_IT = new RegExp(
  '\\b((?:the )?(?:other|far|out|load|pump|motor) side of|bottom of|out of|past|behind|after|ahead of|before'
  + '|bypass(?:ed)?|went around|around|contacts in|points in) (?:it|that)\\b'
  + '(?! (?:was|is|had|has|ran|runs|starts?|started|quit|sat|goes|went)\\b)',
  'i',
)

/** What stands where the reading before was made, should it not be named. */
const AT: Readonly<Record<string, string>> = { outlet: 'regulator' }

/** `same at the motor`: after what read open, it is open there too. */
const SAME = /^(?:[^,]*, ?)?[^,]*\bsame (?:thing|readings?|way|at)\b[^,]*$/i
const BELOW = /\b(?:motor|peckerhead|well ?(?:cap|head)|splice)\b/i
/** `motor side zero`, after insulation was read: of the two that were parted. */
const SIDE_ALONE = /^\s*(?:the )?((?:motor|pump|well|cable|house) side)(?: is| reads)? (zero|0|nothing|ol|clear)\s*$/i
const isOfGround = (test = ''): boolean => test.endsWith('.ground') || test.startsWith('ground-')
/** `still 40 ohms`, after insulation was read: to ground. */
const STILL = /\bstill (?:about )?\d+(?:\.\d+)? ?(?:ohms?|megs?|k)\b/i

/** `drops to 6 with two taps open`, after the inlet was read: the inlet does. */
const GOES_ON = /^(?:and |but )?(?:then )?(?:it )?(?:drops|falls|sags|dips|sinks|goes) (?:down |off )?to \d/i
const READ_AT: Readonly<Record<string, string>> = { 'inlet.pressure': 'inlet' }

/** `bottom 480 245 236`, after the top of the fuses was read. */
const BOTTOM
  = /^(?:and |out |on |at |the )*(?:bottom|load)(?: side| lugs| end)?,?(?= \d| [abc] to | l?[123] (?:to|and) | i )/i
const TOP_OF = /\b(?:top|line side) of the (fuses|breaker|disconnect|contactor|starter)\b/i
/** `in the disconnect, top side 478 479 478` */
const IN_ITS_TOP
  = /\b(?:in|at) the (disconnect|contactor|starter),? (?:the |on the )?(?:top|line|incoming)(?: side)?\b/i

/** `line side all three 478`, after the load side of the fuses was read. */
const TOP = new RegExp(
  '^(?:and |in |on |at |the )*(?:top|line|incoming)(?: side| lugs| end)?,?'
  + '(?= (?:all|is|i|[abc] to|l?[123] to|\\d))', 'i',
)
const BOTTOM_OF
  = /\b(?:bottom|load side|below|behind|out) (?:of )?(?:the )?(fuses|breaker|disconnect)\b|\b(fuses|disconnect) out\b/i

/** `pulled the fuse, it's open`, after the control fuse was spoken of: that fuse. */
const OF_FUSE = /\b(?:(?:pulled|took|popped)(?: out)?|ohmed)(?: out)? (?:the fuse|it)\b(?= ?(?:out)?,? (?:and )?it)/i
const ITS_FUSE = /^(?:the )?fuse(?= )/i
const SMALL_FUSE = /\b(?:glass|control|little|small|transformer) (?:glass )?fuse\b/i

/** `there's a split along the bottom`, after the casing was spoken of. */
const SPLIT = /^(?:there['’]?s |it['’]?s |has |and )*(?:an? )?(?:split|crack(?:ed)?)\b/i
const CASING = /\b(?:pump )?(?:casing|housing|volute)\b/i

/** `same thing on the disconnect bottom`, after three figures in one go. */
const SAME_ROW = /^(?:(?:and|but|then|so|the|i (?:have|got)) )*same (?:(?:three|thing|readings?|numbers?|again) )*/i

/** `120 on one side and 0 on the other` of the pressure switch, where that is in the coil's circuit. */
const ONE_SIDE
  = /\bpressure switch (?:contacts? )?(?:has|have|reads?|shows?|got|with)?(.*?) on one side(?: of it)?\b/i
const OF_ONE_SIDE = /\bon one side of the pressure switch\b/i
const ON_OTHER = /\b(?:on|at) the other(?: side| one)?\b/i

export function withPilot(text: string): string {
  if (!ON_OTHER.test(text)) return text
  const into = text.replace(OF_ONE_SIDE, 'into the pressure switch').replace(ONE_SIDE, '$1 into the pressure switch')
  return into === text ? text : into.replace(ON_OTHER, 'out of the pressure switch')
}

/** `coil says 240 on it`, after the control circuit's volts were read: what is printed on it, beside them. */
const COIL_SAYS = /^(?:the )?coil(?: says| is marked|['’]?s marked| is stamped| reads) (\d+)(?: ?v(?:olts?)?)? on it\b/i
/** A coil so far from its rated volts is another; judgement. */
const NEAR_RATED = { from: 0.8, to: 1.25 }

/** `float's caught on the fill pipe`, after the pump would not stop: it is held down. */
const CAUGHT = /^(?:the )?float(?:['’]?s| is| was)?\b[^,;]*\b(?:caught|snagged|hung up|tangled)\b[^,;]*/i
const RUNS_ON = /\b(?:won['’]?t|doesn['’]?t|never) (?:quit|stop|shut off)|\bkeeps running|\boverflow|\bpouring out/i

/** `leaving it 240`, after what goes into it was read. */
const LEAVING = /^(?:and |but )?(?:leaving|coming out of|out of) it\b/i
const INTO = /\b(?:into|feeding) the (disconnect|starter|contactor|switch|breaker)\b/i

/** `242 on all three coming in`, after what comes out of the breaker was read. */
const COMING_IN = /^((?:and |but |i (?:have|got) )*\d[^,;]*?),? (?:coming|going) in$/i

/** `motor wires off, same`, after something let go at once: it does so still. */
const OFF_AND_SAME = new RegExp(
  '^(.*\\b(?:off|unhooked|disconnected|lifted|loose|unplugged)\\b.*?)[,;:.]* (?:and |but |it )*(?:still goes|still does'
  + '(?: it)?|(?:still )?(?:does |did |is |was )?(?:the |exactly )*same(?: (?:thing|deal))?'
  + '|(?:makes? )?no (?:difference|change|better))[.!]*$', 'i',
)
const LETS_GO: ReadonlySet<string> = new Set(['trips', 'at-once'])
const TOUCHING = new RegExp(
  '\\b(?:(?:two |bare |the )*(?:coppers?|wires|conductors|hots|legs)(?: are| were)? (?:touching|rubbed together)'
  + '|(?:black|red|white) and (?:black|red|white)(?: are| were)? (?:rubbed|melted|fused|burnt) together)\\b', 'i',
)
const AT_PANEL = /\bohms?\b.*\bat the (?:panel|breaker)(?: end)?\b/i
const PAIR = /\b(?:black|red|white) (?:to|and) (?:black|red|white)\b/i

/** Wires that were taken off, where what feeds them lets go all the same, or no more. */
function ofTrips(text: string, { shown, does, said = '', test = '' }: Spoken): string {
  const [, off] = OFF_AND_SAME.exec(text) ?? []
  if (off && (does === 'trips' || LETS_GO.has(shown?.outcome ?? ''))) return `${off}, still trips`
  if (shown?.test.endsWith('trip-switch-open') !== true) return text
  if (TOUCHING.test(text))
    return text.replace(TOUCHING, shown.outcome === 'trips' ? 'feed wires touching' : 'load wires touching')
  if (shown.outcome !== 'trips') return text
  if (AT_PANEL.test(text) && PAIR.test(text)) return text.replace(PAIR, 'feed wires between the wires')
  const isOfLine = test.includes('feed.') || /\b(?:line|feed) (?:wires?|side|leads?)\b/i.test(said)
  if (isOfLine && PAIR.test(text) && /between/i.test(text)) return `feed wires ${text}`
  return isOfLine ? text.replace(/\b(?:l1|l2|black|red|white) to ground\b/gi, 'feed wires to ground') : text
}

/** Said of a breaker before anything was read on the wires. */
const DEAD_SHORT = /^(?:it['’]?s )?(?:a )?dead short$/i

/** `178 when it tries to start`, after volts: what they drop to. */
const TO_START = new RegExp(
  '^(?:and |but |then )*(\\d{2,3}) (?:when|while|as) (?:it|she|he|the \\w+) (?:tries|is trying|goes) to start$', 'i',
)

/** A line with what it points at named. */
export function withReferred(text: string, before: Spoken): string {
  const wasOpen = before.quantity === 'ohms' && before.value === null
  if (wasOpen && SAME.test(text) && BELOW.test(text)) return 'splice open, motor side still open'
  if (isOfGround(before.test) && SIDE_ALONE.test(text)) return text.replace(SIDE_ALONE, '$1 to ground $2')
  if (before.test?.endsWith('.ground') && STILL.test(text) && !/ground/i.test(text)) return `${text} to ground`
  const [, whole] = TOP_OF.exec(before.said ?? '') ?? IN_ITS_TOP.exec(before.said ?? '') ?? []
  if (whole && BOTTOM.test(text)) return text.replace(BOTTOM, `bottom of the ${whole.toLowerCase()}`)
  const [, below, out = below] = BOTTOM_OF.exec(before.said ?? '') ?? []
  if (out && TOP.test(text)) return text.replace(TOP, `top of the ${out.toLowerCase()}`)
  const [, printed] = COIL_SAYS.exec(text) ?? []
  if (printed && before.fed) {
    const ratio = Number(printed) / before.fed
    return `coil printed ${ratio > NEAR_RATED.from && ratio < NEAR_RATED.to ? 'right' : 'wrong'} volts`
  }
  if (before.quantity === 'volts' && TO_START.test(text))
    return text.replace(TO_START, 'line dip $1 volts')
  const isShort = DEAD_SHORT.test(text) && before.quantity !== 'ohms'
  if (isShort && before.complained === 'breaker-trips') return 'trips at once'
  const tripped = ofTrips(text, before)
  if (tripped !== text) return tripped
  if (CAUGHT.test(text) && RUNS_ON.test(before.said ?? '')) return text.replace(CAUGHT, 'float held down')
  if (OF_FUSE.test(text) && SMALL_FUSE.test(before.said ?? '')) return text.replace(OF_FUSE, 'pulled the control fuse')
  if (before.near === 'fuse' && ITS_FUSE.test(text)) return text.replace(ITS_FUSE, 'control fuse')
  if (SPLIT.test(text) && CASING.test(before.said ?? '')) return `pump casing has ${text}`
  const { row = [] } = before
  const figures = row.map(v => v ?? 'OL').join('/')
  if (row.length === 3 && SAME_ROW.test(text)) return `${text.replace(SAME_ROW, '')} ${figures}`
  if (/breaker$/.test(before.near ?? '') && COMING_IN.test(text)) return text.replace(COMING_IN, '$1 into the breaker')
  const [, into] = INTO.exec(before.said ?? '') ?? []
  if (into && LEAVING.test(text)) return text.replace(LEAVING, `out of the ${into.toLowerCase()}`)
  const readAt = READ_AT[before.test ?? '']
  if (readAt && GOES_ON.test(text)) return `${readAt} ${text.replace(/^(?:and |but )?(?:then )?(?:it )?/i, '')}`
  return withNamed(withTopic(text, topicOf(before.said ?? '')), before)
}

/** `241 feeding the well breaker, 3 out of it`: what the line itself named comes before what was named before. */
function withNamed(text: string, { said, near }: Spoken): string {
  const at = OF_IT.exec(text)?.index
  if (at === undefined) return text
  const [own, after] = [text.slice(0, at).match(NAMED)?.at(-1), text.slice(at).match(NAMED)]
  const named = own ?? said?.match(NAMED)?.at(-1) ?? AT[near ?? '']
  if (!named || after) return text
  return text.replace(OF_IT, (_, side: string) =>
    `${/ side of$/i.test(side) ? 'out of' : side} the ${named.toLowerCase()}`)
}
