/**
 * What is said at the stations, in short: `t1 black supply`, `found l1 red supply`, `range 2 ccw`, `small nut 1/2 in`,
 * `hold 10 min 48→46`. A turn without a direction is refused: nobody can guess it. Grammar: docs/shorthand.md.
 */
import { fail, ok, type Result } from '#core/foundation'
import type { SystemKind } from '#core/systems'
import { findUnit, US, unitsOf, type Units } from '#core/units'
import type { Nut } from './kinds'
import type { DraftLine } from './lines'

export type StationWords = Result<{ readonly line: DraftLine, readonly say: string }, StationProblem>
export type StationProblem = {
  readonly code: 'no-direction' | 'no-turns' | 'time-backwards'
  readonly facts: Readonly<Record<string, string | number>>
}

const COLOURS
  = 'black|white|red|blue|brown|yellow|orange|gr[ae]y|green(?:[ /-]yellow)?|bare|purple|violet|pink|striped'
/** Terminals as parts have them: numbers, line and load, control box, starter, coil, aux, overload, posts, float. */
const TERMINALS
  = '[1-8]|l[1-3]|t[1-8]|a[12]|13|14|95|96|y|b|r|g|gr(?:ou)?nd|c|up|down|plus|minus|[+-]|j|nut|wire ?nut|splice'
const GOALS = [
  ['supply', 'supply|line|panel|breaker|source|feed|leg(?: [123])?|l[123]|hot|incoming'],
  ['neutral', 'neutral|n'],
  ['motor', 'motor|pump|load|well'],
  ['ground', 'ground|gnd|earth|frame|case'],
  ['pilot', 'pilot|pressure switch|switch|control'],
  ['coil', 'coil'],
  ['float', 'float'],
] as const

const LANDED = new RegExp(
  '^(?:(?<as>(?:as )?found|was|(?:as )?left|now|landed)[: ]+)?'
  + '(?:(?<part>(?!t(?:erm(?:inal)?)? |screw |post )[a-z][a-z-]+) )?'
  + `(?:(?:t|term|terminal|screw|post)[. ]?(?=[\\dalt+-]))?(?<terminal>${TERMINALS})[: ]+`
  + `(?<colour>${COLOURS})(?: wire| lead)?(?: (?:to|from|goes to|is|=))?(?: the)? (?<to>[a-z0-9+ -]+?)$`,
)
const OFF = new RegExp(`^(?:t|terminal )?(?<terminal>${TERMINALS}) (?<colour>${COLOURS}) (?:off|out|removed|lifted)$`)

const NUT_NAMES: readonly (readonly [Nut, string])[] = [
  ['range', 'range|big|large|main|long|cut-?in'],
  ['differential', 'small|little|short|diff(?:erential)?|cut-?out'],
]
const TURNED = new RegExp(
  `^(?:turned |backed |ran )?(?:the )?(?<nut>${NUT_NAMES.map(([, n]) => n).join('|')})(?: nut| spring| screw)?,? ?`
  + '(?:by )?(?<turns>\\d+(?:\\.\\d+)?(?: \\d/\\d)?|\\d/\\d|a(?: full)?|one|half|quarter|two|three)?'
  + '(?: ?(?:of )?an? )?(?: ?x)?(?: ?turns?)?(?: ?half)?,? ?(?<way>[a-z -]+)?$',
)
/** `backed the big nut out a turn and a half`: the way before the count. */
const BACKED = new RegExp(
  `^(?:turned|backed|ran|wound|screwed|took|brought) (?:the )?(?<nut>${NUT_NAMES.map(([, n]) => n).join('|')})`
  + '(?: nut| spring| screw)? (?<way>[a-z-]+(?: off)?)(?: by| about)? '
  + '(?<turns>\\d+(?:\\.\\d+)?(?: \\d/\\d)?|\\d/\\d|a(?: full)?|one|half|quarter|two|three)'
  + '(?: ?an?)? ?(?:turns?)?(?: and a half| turns?)*$',
)
const CLOCKWISE = /^(?:cw|clockwise|in|down|tighter|tight|up|right|to the right)$/
const COUNTER
  = /^(?:ccw|acw|anti-?clockwise|counter ?-?clockwise|out|looser|loose|back|backed off|off|left|to the left)$/

const HELD = new RegExp(
  '^(?:held|hold|holds|holding)(?: for)? (?<count>\\d+(?:\\.\\d+)?) ?(?<unit>s|sec\\w*|m|min\\w*|h|hr|hours?)'
  + '(?:,? (?:at |from )?(?<from>\\d+(?:\\.\\d+)?)(?: ?(?:psi|bar|pounds))?'
  + '(?: ?(?:->|→|to|-|then) ?(?<to>\\d+(?:\\.\\d+)?)(?: ?(?<in>psi|bar|pounds))?)?)?$',
)
const TIMES = /^(?<what>run|ran|rest|rested) (?:for )?(?<count>\d+(?:\.\d+)?) ?(?<unit>s|sec\w*|m|min\w*)$/

/** @returns nothing where the line is of something else */
export function readStationWords(kind: SystemKind, typed: string, units: Units = US): StationWords | undefined {
  const text = plain(typed)
  return readLanded(text, typed)
    ?? readTurned(kind, text, typed)
    ?? readHeld(text, typed, units)
    ?? readTimes(text, typed)
}

const FRACTIONS: Readonly<Record<string, string>> = { '¼': ' 1/4', '½': ' 1/2', '¾': ' 3/4' }
const plain = (typed: string) =>
  typed.replace(/[¼½¾]/g, c => FRACTIONS[c]!).trim().toLowerCase().replace(/\s+/g, ' ').replace(/[.]$/, '')

function readLanded(text: string, typed: string): StationWords | undefined {
  const off = OFF.exec(text)?.groups
  if (off) {
    const [terminal, colour] = [off.terminal!, colourOf(off.colour!)]
    const line = { kind: 'landed', terminal: terminalOf(terminal), colour, to: 'off', off: true, typed } as const
    return ok({ line, say: `terminal ${line.terminal}: ${colour} off` })
  }
  const found = LANDED.exec(text)?.groups
  if (!found) return undefined
  const to = goalOf(found.to!)
  if (!to) return undefined
  const as = found.as ? (/found|was/.test(found.as) ? 'found' as const : 'left' as const) : undefined
  const line = {
    kind: 'landed',
    ...(found.part ? { part: found.part } : {}),
    terminal: terminalOf(found.terminal!),
    colour: colourOf(found.colour!),
    to,
    ...(as ? { as } : {}),
    typed,
  } as const
  return ok({ line, say: `terminal ${line.terminal}: ${line.colour} to ${to}${as ? `, as ${as}` : ''}` })
}

const TERMINAL_NAMES: Readonly<Record<string, string>> = {
  'ground': 'g',
  'grnd': 'g',
  'gnd': 'g',
  'splice': 'nut',
  'wirenut': 'nut',
  'wire nut': 'nut',
  '+': 'plus',
  '-': 'minus',
}
const terminalOf = (written: string) => TERMINAL_NAMES[written] ?? written
const colourOf = (written: string) => written.replace('grey', 'gray').replace(/green[ /-]yellow/, 'green')

/** Where a conductor goes: a place, or another terminal by its name. */
function goalOf(written: string): string | undefined {
  const text = written.trim().replace(/^(?:terminal |t\.? )/, '')
  const place = GOALS.find(([, said]) => new RegExp(`^(?:${said})$`).test(text))
  if (place) return place[0]
  return new RegExp(`^(?:${TERMINALS})$`).test(text) ? terminalOf(text) : undefined
}

function readTurned(kind: SystemKind, text: string, typed: string): StationWords | undefined {
  const found = BACKED.exec(text)?.groups ?? TURNED.exec(text)?.groups
  const component = kind.components.find(c => c.id === 'switch')?.id
  if (!found || !component || !/\bturn|\b(?:c?cw|acw|clockwise|in|out|tighter|looser)\b|\d/.test(text)) return undefined
  if (/^cut-?(?:in|out)$/.test(found.nut!) && !/turn|cw|clockwise/.test(text)) return undefined
  const nut = NUT_NAMES.find(([, names]) => new RegExp(`^(?:${names})$`).test(found.nut!))![0]
  const turns = countOf(found.turns, text)
  const way = (found.way ?? '').trim()
  const sign = CLOCKWISE.test(way) ? 1 : COUNTER.test(way) ? -1 : 0
  if (way && sign === 0) return undefined
  if (sign === 0) return fail('no-direction', { typed })
  if (turns === undefined) return fail('no-turns', { typed })
  const line = { kind: 'adjusted', component, nut, turns: sign * turns, typed } as const
  return ok({ line, say: `${nut} nut: ${turns} ${sign > 0 ? 'clockwise' : 'anticlockwise'}` })
}

const WORDS: Readonly<Record<string, number>> = { a: 1, one: 1, half: 0.5, quarter: 0.25, two: 2, three: 3 }

function countOf(written: string | undefined, text: string): number | undefined {
  if (!written) return undefined
  const [whole = '', part] = written.split(' ').filter(w => w !== 'full')
  const single = WORDS[whole] ?? fractionOf(whole)
  return single + (part ? fractionOf(part) : 0) + (/\band a half\b/.test(text) ? 0.5 : 0)
}

function fractionOf(written: string): number {
  const [top, bottom] = written.split('/')
  return bottom ? Number(top) / Number(bottom) : Number(top)
}

const secondsIn = (unit: string) => (unit.startsWith('h') ? 3600 : unit.startsWith('m') ? 60 : 1)

function readHeld(text: string, typed: string, units: Units): StationWords | undefined {
  const found = HELD.exec(text)?.groups
  if (!found) return undefined
  const unit = (found.in && findUnit(found.in === 'pounds' ? 'psi' : found.in)) || unitsOf('pressure', units)[0]!
  const pa = (written: string | undefined) => (written === undefined ? undefined : Number(written) * unit.perUnit)
  const seconds = Number(found.count) * secondsIn(found.unit!)
  const [from, to] = [pa(found.from), pa(found.to)]
  const line = {
    kind: 'timed',
    what: 'hold',
    seconds,
    ...(from === undefined ? {} : { from }),
    ...(from === undefined ? {} : { to: to ?? from }),
    typed,
  } as const
  return ok({ line, say: `held ${found.count} ${found.unit}` })
}

function readTimes(text: string, typed: string): StationWords | undefined {
  const found = TIMES.exec(text)?.groups
  if (!found) return undefined
  const what = found.what!.startsWith('r') && /^r[au]n/.test(found.what!) ? 'run' : 'rest'
  const seconds = Number(found.count) * secondsIn(found.unit!)
  return ok({ line: { kind: 'timed', what, seconds, typed }, say: `${what} ${seconds} s` })
}
