/**
 * What went on over a time: from one pressure to another in so many minutes, a pound a minute, on for so long and off
 * for so long, a bucket filled. It is told of what the readings are: psi in ten minutes, start to start, gpm.
 */
import { countOf, NAMES } from './numberNames'

const COUNT = `\\d+|${Object.keys(NAMES).join('|')}`
/** `six seconds`, `a minute fifty`, `a minute and a half`, `four`. */
const SPAN = `(an?|half an?|\\d+\\.\\d+|${COUNT})(?:(?: |-)?(minutes?|mins?|seconds?|secs?))?`
  + `(?: (?:and )?(a half|${COUNT})(?: seconds?)?)?`
const NO_SPAN = '(?! ?(?:later|before|volts?|v|amps?|psi|pounds?|lbs?|\\d))'
/** `on six seconds, off four`, `on a minute fifty, off two minutes`: from start to start. */
const ON_AND_OFF = new RegExp(
  `\\b(?:on|runs)(?: for)? ${SPAN} ?,? (?:and |then )?(?:off|rests|stops)(?: for)? ${SPAN}\\b${NO_SPAN}`
  + `|\\b${SPAN} on,? (?:and )?${SPAN} off\\b`,
  'g',
)
function startToStart(all: string, ...of: (string | undefined)[]): string {
  const [on, onUnit, andOn, off, offUnit, andOff] = of[0] === undefined ? of.slice(6, 12) : of
  const unit = onUnit ?? offUnit
  if (unit === undefined) return all
  const seconds = secondsOf(on, unit, andOn) + secondsOf(off, offUnit ?? unit, andOff)
  return ` cycles every ${seconds} seconds`
}
function secondsOf(count = '', unit: string, and: string | undefined): number {
  const n = count.startsWith('half') ? 0.5 : count.startsWith('a') ? 1 : countOf(count)
  const more = and === 'a half' ? 30 : and ? countOf(and) : 0
  return unit.startsWith('s') ? n : 60 * n + more
}

/** `drops a pound a minute`: what the gauge loses is told of ten. */
const A_MINUTE = /\b(a|one|\d+(?:\.\d+)?) (?:pound|pounds|psi|lbs?) (?:a|per|every|each) minute\b/g

/** `five gallon bucket in 40 seconds`, `fills a 5 gallon pail in a minute`. */
const BUCKET = new RegExp(
  `\\b(?:fills?|filled)?(?: an?| the| my)? ?(${COUNT})[ -]gal(?:lons?)?(?: (?:bucket|pail|jug|can|drum)s?)?`
  + `(?: (?:fills?|filled|takes|took|in|up|about|every|only|one|per))* (${COUNT})(?:-| )?(minutes?|mins?`
  + `|seconds?|secs?)\\b`,
  'g',
)
function bucket(all: string, gallons: string, count: string, unit: string): string {
  const minutes = countOf(count) / (unit.startsWith('s') ? 60 : 1)
  const gpm = countOf(gallons) / minutes
  return Number.isFinite(gpm) && minutes > 0 ? ` tap ${Number(gpm.toPrecision(3))} gpm ` : all
}

/** `0 to 125 in six minutes`: how long it took to fill. */
const FILLED = /(?:\bfrom )?\b(?:0|zero|empty|nothing) to (?:\d{2,3})(?: ?psi| pounds)?,? in\b/g
const TO_FULL = new RegExp(
  '^(?:and |now |just |only )*((?:[\\w½.]+ ){1,5}minutes?) to \\d{2,3}(?: ?psi| pounds)?(?: now)?'
  + '(?:,? (?:was|down from|used to be) .*)?$',
)

/** `a minute and forty between clicks`. */
const AND_SECONDS = new RegExp(
  `\\b(an?|${COUNT}) minutes? and (?:a half|(${COUNT})(?: seconds?)?) (?=between|to fill|apart)`, 'g',
)
const inSeconds = (_: string, minutes: string, seconds: string | undefined) =>
  `${60 * (/^an?$/.test(minutes) ? 1 : countOf(minutes)) + (seconds ? countOf(seconds) : 30)} seconds `
const BETWEEN = /\b(?:takes )?(\d+ seconds|(?:\w+ ){1,2}minutes?) between (?:clicks|starts|cycles|kicks)\b/g

/** What is told by the minute, by a start and the next. */
export const perTime = (text: string): string =>
  text
    .replace(FILLED, 'fill in')
    .replace(TO_FULL, 'fill in $1')
    .replace(AND_SECONDS, inSeconds)
    .replace(BETWEEN, 'cycles every $1')
    .replace(BUCKET, bucket)
    .replace(ON_AND_OFF, startToStart)
    .replace(A_MINUTE, (_, n: string) => `${10 * (Number(n) || 1)} psi in 10 minutes`)

/** What went from one figure to another. */
export const asCourse = (text: string): string =>
  text.replace(DOWN_TO, 'drops from $1 to $2 in').replace(FROM_TO, fromTo).replace(LOST, lostSoMuch)

/** `62 down to 40 in three minutes`. */
const DOWN_TO = /(?<!\bfrom )\b(\d{2,3}) (?:psi )?(?:down|back) to (\d{1,3}) in\b/

/**
 * `falls from 60 to 45 in ten minutes` is a fall of 15, from 50 to 30 in five minutes one of 40 in ten; `went from 15
 * amps to 8` is 8 now.
 */
const FROM_TO = /\bfrom (\d*\.?\d+) ?([a-z]+)? (?:(?:all the way|back|down|up) )*to (\d*\.?\d+)(.*)/
const COUNTED_TIME = `(half an?|a quarter of an|\\d+(?:\\.\\d+)?|${Object.keys(NAMES).join('|')})(?: an?)?`
const TIMED = new RegExp(
  `\\b(?:in|over|within|after)(?: about)? ${COUNTED_TIME} ?(min|minutes?|mins|m|hours?|hrs?|h)\\b`,
)

/** What was lost in so long, told of ten minutes. @returns nothing where no time is said */
function lostInTen(lost: number, rest: string): { lost: string, rest: string } | undefined {
  const [all, count, unit] = TIMED.exec(rest) ?? []
  if (!all || !count || !unit || lost <= 0) return undefined
  const many = count.startsWith('half') ? 0.5 : count.startsWith('a quarter') ? 0.25 : countOf(count)
  const minutes = many * (unit.startsWith('h') ? 60 : 1)
  return minutes > 0
    ? { lost: String(Number(((lost * 10) / minutes).toPrecision(3))), rest: rest.replace(all, 'in 10 minutes') }
    : undefined
}

function fromTo(
  _: string, first: string, unit: string | undefined, second: string, rest: string, at: number, whole: string,
): string {
  const fell = lostInTen(Number(first) - Number(second), rest)
  const after = fell?.rest ?? rest
  if (fell && !unit && !OF_NO_PRESSURE.test(whole.slice(0, at)))
    return `${WATCHED.test(whole.slice(0, at)) ? 'leakdown ' : ''}${fell.lost} psi${after}`
  return `${fell?.lost ?? second} ${unit && !/^[a-z]{1,5}\b/.test(after.trim()) ? unit : ''}${after}`
}

/** Nothing but that the gauge was watched. */
const GONE = '(?:has|went|go(?:es)?|gone|going|drops|dropped|falls?|fell|bleeds?|leaks?|\'s gone|down|off|slowly)'
const WATCHED = new RegExp(`^ *(?:(?:[^,;\\d]*\\b(?:gauge|it|pressure|needle|she))?(?: ?${GONE})* *)?$`)
const OF_NO_PRESSURE = /\b(?:amp|volt|ohm|gpm|gallon|current|draw)/

/** `lost 8 pounds in 20 minutes`. */
const LOST = new RegExp(
  '\\b(?<=(?:loses?|lost|drops?|dropped|falls?|fell|bleeds?(?: off| down)?|down) )'
  + '(\\d+(?:\\.\\d+)?)( ?(?:psi|pounds|lbs?))?( (?:in|over|within) .*)',
)
const lostSoMuch = (all: string, lost: string, unit: string | undefined, rest: string): string => {
  const fell = lostInTen(Number(lost), rest)
  return fell ? `${unit ? '' : 'leakdown '}${fell.lost}${unit ?? ' psi'}${fell.rest}` : all
}
