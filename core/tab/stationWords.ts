/**
 * What is said at the stations, in short: wires landed (landedWords.ts), nuts turned (turnedWords.ts), and times: `hold
 * 10 min 48→46`, `held 58 for ten minutes`, `run 60 s`. Grammar: docs/shorthand.md.
 */
import { entryOf, ok, type Result } from '#core/foundation'
import type { SystemKind } from '#core/systems'
import { findUnit, formatTurns, US, unitsOf, type Units } from '#core/units'
import { readLandedWords } from './landedWords'
import type { DraftLine } from './lines'
import { readTurnedWords, type TurnProblem } from './turnedWords'

export interface StationLines {
  readonly lines: readonly DraftLine[]
  readonly say: string
}
export type StationProblem = TurnProblem

/** @returns nothing where the line is of something else */
export function readStationWords(
  kind: SystemKind,
  typed: string,
  units: Units = US,
): Result<StationLines, StationProblem> | undefined {
  const landed = readLandedWords(kind, typed)
  if (landed)
    return ok({ lines: landed, say: landed.map(l => `terminal ${l.terminal}: ${l.colour} to ${l.to}`).join(' · ') })
  const turned = readTurnedWords(kind, typed)
  if (turned && !turned.ok) return turned
  if (turned) return ok({ lines: [turned.value], say: `${turned.value.nut} nut: ${formatTurns(turned.value.turns)}` })
  const text = plain(typed)
  return readHeld(text, typed, units) ?? readTimes(text, typed)
}

const NUMBERS: Readonly<Record<string, string>> = {
  five: '5', ten: '10', fifteen: '15', twenty: '20', thirty: '30', sixty: '60',
}
const plain = (typed: string) =>
  typed
    .trim()
    .toLowerCase()
    .replace(/\b(?:five|ten|fifteen|twenty|thirty|sixty)\b/g, w => entryOf(NUMBERS, w))
    .replace(/\s+/g, ' ')
    .replace(/[.]$/, '')

const TIME = '(?<count>\\d+(?:\\.\\d+)?) ?(?<unit>s|sec\\w*|m|min\\w*|h|hr|hours?)'
const UNIT = '(?: ?(?<in>psi|bar|pounds|lbs?))?'
const HELD = new RegExp(
  `^(?:held|hold|holds|holding)(?: for)? ${TIME}`
  + `(?:,? (?:at |from )?(?<from>\\d+(?:\\.\\d+)?)(?: ?(?:psi|bar|pounds))?`
  + `(?: ?(?:->|→|to|-|then) ?(?<to>\\d+(?:\\.\\d+)?)${UNIT})?)?$`,
)
/** `it held steady at 58 for 10 minutes`. */
const STEADY = new RegExp(
  `^(?:it |gauge |pressure )?(?:held|holds|stayed|sat)(?: steady| solid| right there| rock solid)?(?: at| on)? `
  + `(?<from>\\d+(?:\\.\\d+)?)${UNIT},? (?:for )?${TIME}$`,
)
const TIMES = new RegExp(`^(?<what>run|ran|rest|rested) (?:for )?${TIME}$`)

const secondsIn = (unit: string) => (unit.startsWith('h') ? 3600 : unit.startsWith('m') ? 60 : 1)

function readHeld(text: string, typed: string, units: Units): Result<StationLines, never> | undefined {
  const found = (HELD.exec(text) ?? STEADY.exec(text))?.groups
  if (!found) return undefined
  const written = found.in?.replace(/^(?:pounds|lbs?)$/, 'psi')
  const unit = (written && findUnit(written)) || unitsOf('pressure', units)[0]
  const pa = (figure: string | undefined) => (figure === undefined ? undefined : Number(figure) * unit.perUnit)
  const seconds = Number(found.count) * secondsIn(found.unit!)
  const from = pa(found.from)
  const held = from === undefined ? {} : { from, to: pa(found.to) ?? from }
  return ok({
    lines: [{ kind: 'timed', what: 'hold', seconds, ...held, typed }],
    say: `held ${found.count} ${found.unit}`,
  })
}

function readTimes(text: string, typed: string): Result<StationLines, never> | undefined {
  const found = TIMES.exec(text)?.groups
  if (!found) return undefined
  const what = found.what!.startsWith('re') ? 'rest' : 'run'
  const seconds = Number(found.count) * secondsIn(found.unit!)
  return ok({ lines: [{ kind: 'timed', what, seconds, typed }], say: `${what} ${seconds} s` })
}
