/**
 * Three of one go, each with its name, in any order: of pairs (`l1-l2 238, l2-l3 240, l1-l3 239`, `240 on T1 to T2,
 * …`) and of lines (`zero on L2, 40 on L1 and 41 on L3`, `22 on A, 31 on B and 24 on C`). They become a row.
 */
import type { SystemKind } from '#core/systems'

const UNIT = '(?: ?(v(?:olts?)?|a(?:mps?)?|ohms?)\\b)?'
const JOINT = ',?(?: and)?'
/** Three pairs and the figures to them, each ahead of its pair or behind it; two that read alike share one. */
const OF_PAIRS = new RegExp(
  `(lead )?n([123]) (?:lead )?n([123])(?!\\d)|(?<![\\dn.])(?:(\\d*\\.?\\d+)${UNIT}|(ol|open)\\b)`
  + '|(,? ?\\b(?:but|and)\\b)',
  'g',
)
/** From so much on leads are a starter's load side. */
const LOAD_VOLTS = 60

interface Token {
  readonly pair?: string
  readonly value?: string
}

export function threePairs(words: string): string {
  const found = [...words.matchAll(OF_PAIRS)].filter(m => !m[7])
  const tokens = found.map((m): Token => (m[2]
    ? { pair: [m[2], m[3]].toSorted().join('') }
    : { value: m[4] ?? 'ol' }))
  const by = matched(tokens)
  const row = NAMES.map(p => by?.get(p))
  if (!by || row.some(v => v === undefined)) return words
  if (row.some(v => Number.isNaN(Number(v)))) return withRow(words, OF_PAIRS, ohmsOf(by))
  const unit = found.map(m => m[5]).find(Boolean)
  const areVolts = row.some(v => Number(v) > LOAD_VOLTS) || row.every(v => Number(v) === 0)
  const place = found.some(m => m[1]) ? (areVolts ? 'load' : 'lead') : ''
  return withRow(words, OF_PAIRS, `${place} ${row.join('/')} ${unit ?? (areVolts ? '' : 'ohms')}`)
}

const NAMES = ['12', '23', '13']
/** Of three that are not all figures: ohms of leads, and one that is open. */
const ohmsOf = (by: ReadonlyMap<string, string>): string =>
  NAMES.map((name, i) => {
    const value = by.get(name) ?? ''
    return `${i > 0 ? 'lead ' : ''}n${name[0]} n${name[1]} ${Number.isNaN(Number(value)) ? 'ol' : `${value} ohms`}`
  }).join(', ')

/** Pairs by their figures, where three pairs have them all. */
function matched(tokens: readonly Token[]): Map<string, string> | undefined {
  const by = new Map<string, string>()
  for (let at = 0; at < tokens.length;) {
    const [one, two, three] = tokens.slice(at, at + 3)
    const [pair, value] = [one?.pair ?? two?.pair, one?.value ?? two?.value]
    const isShared = one?.pair !== undefined && two?.pair !== undefined && three?.value !== undefined
    if (isShared) {
      by.set(one.pair, three.value)
      by.set(two.pair, three.value)
    }
    else if (pair !== undefined && value !== undefined) by.set(pair, value)
    else return undefined
    at += isShared ? 3 : 2
  }
  return by.size === 3 ? by : undefined
}

/** `480 on A-B, 210 on the other two`: those by name. */
const OTHER_TWO = new RegExp(
  `(?<![\\d.])(\\d+(?:\\.\\d+)?)${UNIT} (?:on|across|at) ([lt]?)([123abc])(?: ?- ?| to )\\3([123abc])`
  + `,? (?:and |but )?(\\d+(?:\\.\\d+)?)${UNIT} (?:on|across|at) the (?:other two|others)\\b`,
  'g',
)
export const otherTwo = (words: string): string =>
  words.replace(OTHER_TWO, (_, one: string, unit = '', of: string, a: string, b: string, others: string) => {
    const own = [a, b].toSorted().join('')
    const pairs = /\d/.test(a) ? ['12', '23', '13'] : ['ab', 'bc', 'ac']
    return pairs.map(p => `${of}${p[0]}-${of}${p[1]} ${p === own ? one : others} ${unit}`).join(', ')
  })

const GAP = '(?:,? and |, ?| ?/ ?| )'
const FIGURE = '(\\d+(?:\\.\\d+)?)'
const ROW = `${FIGURE}${GAP}${FIGURE}${GAP}${FIGURE}`
const IN_A_ROW = new RegExp(
  `\\b(?:ohms?|leads)(?: ohm| are| is| read| at| fine| good| ok|,)* ${ROW}(?![\\d.])|(?<![\\d.])${ROW} ohms?\\b`,
)
/** So far the two may be off the third, on leads and a meter; judgement, no source. */
const NEAR_SUM = 0.12

/**
 * Three ohms without their leads, of which two make the third: of a motor with a start winding the least is across the
 * main one, the greatest across both in a row.
 */
export const threeWindings = (words: string): string =>
  words.replace(IN_A_ROW, (whole, ...found: readonly string[]) => {
    const [main = 0, start = 0, both = 0] = found.slice(0, 6).filter(Boolean).map(Number).toSorted((a, b) => a - b)
    const isSum = main < start && start < both && Math.abs((main + start) / both - 1) <= NEAR_SUM
    return isSum ? `black to yellow ${main} ohms, red to yellow ${start} ohms, red to black ${both} ohms` : whole
  })

const LINE = '(?:the )?(?:lead |leg |line |phase |number )?(?:n([123])|([abc])|(one|two|three|first|second|third))'
  + '(?: one| leg| line)?(?![a-z\\d])(?! n\\d)'
const LINES = new RegExp(`(zero|noth(?:ing)?|none|\\d*\\.?\\d+)${UNIT}(?: on)? ${LINE}(?: ?${JOINT})`, 'g')
const WORDS: Readonly<Record<string, string>> = {
  a: '1', b: '2', c: '3', one: '1', two: '2', three: '3', first: '1', second: '2', third: '3',
}

export function threeLines(words: string): string {
  const lines = [...words.matchAll(LINES)]
  const by = new Map(lines.map(([, value = '', , number, letter = '', word = '']) =>
    [number ?? WORDS[letter || word] ?? '', value]))
  if (lines.length !== 3 || by.size !== 3) return words
  const row = ['1', '2', '3'].map(n => by.get(n) ?? '').map(v => (/\d/.test(v) ? v : '0'))
  return withRow(words, LINES, `${row.join('/')} ${lines.map(l => l[2]).find(Boolean) ?? ''}`)
}

function withRow(words: string, of: RegExp, row: string): string {
  const first = words.search(of)
  const after = words.slice(first).replace(of, ' ')
  return `${words.slice(0, first)} ${row} ${after}`.replace(/ ,/g, '')
}

const THREE_OHMS = new RegExp(
  `^\\s*(?:the )?(?:motor )?(?:ohms?|ohmed|reads) ${ROW}(?: ohms?)?\\s*$`
  + `|^\\s*(?:the )?(?:motor )?${ROW} ohms?(?: between (?:the )?leads| lead to lead)?\\s*$`, 'i',
)
/** Of a motor of three phases they are lead to lead, whichever two make the third: an open delta reads so. */
export const leadToLead = (kind: SystemKind, text: string): string =>
  kind.id === 'three-phase'
    ? text.replace(THREE_OHMS, (_, ...found: readonly string[]) =>
        `windings ${found.slice(0, 6).filter(Boolean).join(' ')}`)
    : text
