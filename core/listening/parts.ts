/** A line taken apart into clauses, each heard with what the ones before it spoke of, as explains most of it. */
import { itemAt } from '#core/foundation'
import { findTest, unstaged, type SystemKind } from '#core/systems'
import type { Units } from '#core/units'
import { meaningsOf } from './clause'
import type { Lexicon } from './entries'
import { figuresOf, inFigures } from './figures'
import { lexiconOf } from './lexicon'
import type { Bearing, Figures, Meaning } from './meaning'
import type { Clause } from './score'
import { join } from './joining'
import { wordsOf } from './words'

/** Longer than this it is a story: kept as a remark without being taken apart. */
export const LONGEST = 400

/** What words that a hand has placed come to; nothing where they were not. */
export type HearPlaced = (clause: Clause, units: Units) => Meaning | undefined

export interface Part {
  readonly clause: Clause
  readonly meanings: readonly Meaning[]
  /** the atoms that it is made of */
  readonly from: number
  readonly end: number
}

/** Clauses are parted by marks and by these words. */
const PARTED = / *[,;:!?]+ *| *\. +| (?:and|then|but|now) (?=\S)| with (?=fig\d)/g

/**
 * What was done stands in the line before, what came of it in this one: then the two are heard as one. Words that a
 * hand has placed are taken whole.
 */
export function hearWithDoing(
  kind: SystemKind, text: string, bearing: Bearing, action: string | undefined, placed?: HearPlaced,
): Part[] {
  const clause = placed && wholeClause(text)
  const own = clause && placed(clause, bearing.units)
  if (own) return [{ clause: { ...clause, text }, meanings: [own], from: 0, end: 1 }]
  const alone = hearParts(kind, text, bearing, placed)
  if (!action || !DOING.test(action) || action.length + text.length > LONGEST || tellsOfTrial(kind, alone)) return alone
  const done = atomsOf(toldOf(action).words).length
  const both = hearParts(kind, `${action}, ${text}`, bearing)
  const isSeen = ([m]: readonly Meaning[]) => m?.lines[0]?.kind === 'observation' && isTrial(kind, m.lines[0].test)
  const across = both.find(p => p.from < done && p.end > done && isSeen(p.meanings))
  if (!across || saysItself(alone, across)) return alone
  return both.filter(p => p === across || p.from >= done)
}

/** Words for something done, of which the next line may tell what came of it. */
const DOING = new RegExp(
  '\\b(?:pull|took|take|put|unhook|disconnect|swap|bridg|jump|open|clos|shut|remov|lift|held|hold|turn|bypass|plug'
  + '|hook|undid|undo|cut|split|separat|isolat|gave|spun|spin|tap|drain|fill|let|wait|mov|unplug|crack|loosen|bled'
  + '|bleed|push|press|try|tried|land|switch|flip|reset|new|known|good|belt|box|wires?|leads?|off|drop|unscrew|slip'
  + '|pinch|block|rais|set|fit|stuck|wire|with|run)',
)

/** Something that is done to see what comes of it, and no look. */
function isTrial(kind: SystemKind, id: string): boolean {
  const test = findTest(kind, id)
  return test?.kind === 'seen' && (test.trial !== undefined || SHUT_FIRST.has(unstaged(id)))
}
const SHUT_FIRST: ReadonlySet<string> = new Set(['house-shut', 'outlet-shut'])

/** Of the same test the line gives its own answer. */
const saysItself = (alone: readonly Part[], { meanings: [m] }: Part): boolean =>
  alone.some(p => p.meanings[0]?.test === m?.test && itemAt(p.meanings, 0, 'meaning').left < PLAIN)
const PLAIN = 0.1

/** What was tried is in the line itself. */
const tellsOfTrial = (kind: SystemKind, parts: readonly Part[]): boolean =>
  parts.some(({ meanings: [m] }) => {
    const test = m?.lines[0]?.kind === 'observation' ? findTest(kind, m.lines[0].test) : undefined
    return test?.kind === 'seen' && test.trial?.watch === 'effect'
  })

/** A hand that thinks as it speaks. */
const PAUSE = /\s*(?:\.{2,}|…)\s*(?=\S)/g
const toldOf = (text: string) =>
  figuresOf(join(inFigures(text.replace(PAUSE, ', ').replace(/\.$/, '').replace(RUNS_WITHOUT, '$1, '))))

/** A line as one clause. */
export function wholeClause(text: string): Clause {
  const told = toldOf(text)
  return clauseOf(atomsOf(told.words).join(' '), told)
}

/** What stands at a point, in a word. */
const AT: Readonly<Record<string, string>> = { cap: 'cap', relay: 'relay', box: 'control box', poles: 'switch' }
const ONE = /\b(a|an|another) ((?:known )?good|new|spare|different) one\b/i

/** What is tapped to see whether it frees: the motor where it was spoken of, else the switch. */
const TAPPED = /\b((?:tapped|rapped|banged|thumped|knocked)(?: on)?|smacked|whacked|hit|bumped) it\b/i
const FREED: ReadonlySet<string> = new Set(['line', 'load', 'gauge', 'pilot'])
const HANDLE = /^ *(?:the |its )?handle(?:['’]?s| is| was)? (?=on\b|off\b|down\b|up\b|tripped|in the middle)/i

/** `put in a good one`, `tapped it`: of what was spoken of before. */
function withName(text: string, near: string | undefined): string {
  if (near === undefined) return text
  const named = AT[near] ? text.replace(ONE, `$1 $2 ${AT[near]}`) : text
  if (near.endsWith('breaker')) return named.replace(HANDLE, `${near.replace('-', ' ')} `)
  if (near.endsWith('disconnect')) return named.replace(HANDLE, 'disconnect ')
  return FREED.has(near) ? named.replace(TAPPED, '$1 the switch') : named
}

/** The way to take a line apart that explains most of it. */
function hearParts(kind: SystemKind, text: string, bearing: Bearing, placed?: HearPlaced): Part[] {
  const told = toldOf(withName(text, bearing.near))
  const lexicon = lexiconOf(kind)
  const atoms = atomsOf(told.words)
  const n = Math.min(atoms.length, MOST_ATOMS)
  const best: { value: number, parts: readonly Part[], bearing: Bearing }[] = [{ value: 0, parts: [], bearing }]
  for (let end = 1; end <= n; end++) {
    for (let from = end - 1; from >= Math.max(0, end - MOST_JOINED); from--) {
      const before = itemAt(best, from, 'clause')
      const clause = clauseOf(atoms.slice(from, end === n ? undefined : end).join(' '), told)
      const own = placed?.(clause, bearing.units)
      const meanings = own ? [own] : meaningsOf(lexicon, clause, before.bearing)
      const value = before.value + valueOf(clause, meanings[0], lexicon)
      if ((best[end]?.value ?? -Infinity) >= value) continue
      best[end] = {
        value,
        parts: [...before.parts, { clause: { ...clause, text: withFigures(clause.text, told) }, meanings, from, end }],
        bearing: meanings[0] ? bearingAfter(before.bearing, meanings[0]) : before.bearing,
      }
    }
  }
  return [...itemAt(best, n, 'clause').parts]
}

function bearingAfter(before: Bearing, { point, quantity, lines }: Meaning): Bearing {
  const last = lines.at(-1)
  const read = last?.kind === 'reading' ? { nearValue: last.value, nearTest: last.test } : {}
  const fed = last?.kind === 'reading' && quantity === 'volts' && last.value ? { fed: last.value } : {}
  return { ...before, near: point, nearQuantity: quantity, ...read, ...fed }
}

/** `runs no water` is two things. */
const RUNS_WITHOUT = /\b(runs?|running|ran) (?=(?:but )?(?:no|not|without) water)/gi
const [MOST_ATOMS, MOST_JOINED] = [10, 4]

/** Split at marks and small words, and behind a figure that another follows with words between them. */
function atomsOf(words: string): string[] {
  const parts = words.split(PARTED).filter(p => p.trim())
  return parts.flatMap((part) => {
    const figures = part.match(/\bfig\d+\b(?! t(?:seconds|minutes))/g) ?? []
    if (figures.length < 2) return [part]
    const after = part.split(/(?<=\bfig\d+\b) (?!t(?:seconds|minutes))/).map(p => p.trim())
    // `24 on black 2 on red`: what is named stands behind its figure
    return /^fig\d/.test(part) ? part.split(/ (?=fig\d+\b)/) : after
  })
}

function clauseOf(text: string, { figures, rows }: Figures): Clause {
  const those = <T>(all: readonly T[], name: RegExp): readonly T[] => {
    const numbers = new Set([...text.matchAll(name)].map(m => Number(m[1])))
    return all.filter((_, i) => numbers.has(i))
  }
  return {
    text,
    figures: those(figures, /\bfig(\d+)\b/g),
    rows: those(rows, /\brow(\d+)\b/g),
    words: wordsOf(text.replace(/\b(?:fig|row)\d+\b/g, ' ')),
  }
}

/** What a clause is worth: its score, or what is lost by not hearing it. */
function valueOf(clause: Clause, meaning: Meaning | undefined, { known }: Lexicon): number {
  if (meaning) return meaning.score - 0.35
  const lost = clause.words.reduce((sum, w) => sum + (w.filler ? 0 : known.has(w.means) ? w.weight : 0.3 * w.weight), 0)
  return -0.2 - 0.6 * lost - 0.6 * clause.figures.length
}

const withFigures = (text: string, told: Figures) =>
  text
    .replace(/\bfig(\d+)\b/g, (_, i: string) => String(told.figures[Number(i)]?.value ?? 'OL'))
    .replace(/\brow(\d+)\b/g, (_, i: string) => (told.rows[Number(i)] ?? []).map(f => f.value).join('/'))
    .replace(/ t(?:seconds|minutes)\b/g, '')
