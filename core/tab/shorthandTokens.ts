/** Splits what is typed short into words and values. */
import { entryOf, fail, itemAt } from '#core/foundation'
import type { SystemKind } from '#core/systems'
import { findUnit, type Unit } from '#core/units'

const FRACTIONS: Record<string, string> = { '¼': ' 1/4', '½': ' 1/2', '¾': ' 3/4', '⅓': ' 1/3', '⅔': ' 2/3' }
const FILLER = new Set(['is', 'at', 'the', 'to', 'of', 'reads', 'reading', '=', ':', 'on', 'and'])

export function normalise(typed: string): string {
  const fractions = typed.replace(/[¼½¾⅓⅔]/g, c => entryOf(FRACTIONS, c))
  return fractions
    .replaceAll('μ', 'µ')
    .replace(/[–—]/g, '-')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/\s+/g, ' ')
    .trim()
}

export const strip = (s: string) =>
  s
    .trim()
    .split(' ')
    .filter(w => !FILLER.has(w))
    .join(' ')
    .trim()

export interface Value {
  readonly number: number | null
  readonly unit?: Unit
}

/** Splits into words and values; a value is digits with or without a unit, a fraction, or OL. */
export function readTokens(text: string): {
  words: string[]
  values: Value[]
  problem?: ReturnType<typeof fail<'wrong-unit'>>
} {
  const words: string[] = []
  const values: Value[] = []
  const tokens = text.split(' ')
  for (let i = 0; i < tokens.length; i++) {
    const token = itemAt(tokens, i, 'token')
    if (/^(ol|o\.l|0l|open|oo|∞)$/i.test(token)) {
      values.push({ number: null })
      continue
    }
    const whole = /^(\d+)$/.exec(token)
    const fraction = /^(\d+)\/(\d+)(.*)$/.exec(whole ? (tokens[i + 1] ?? '') : token)
    if (fraction && Number(fraction[2]) > 0) {
      if (whole) i++
      const number = (whole ? Number(whole[1]) : 0) + Number(fraction[1]) / Number(fraction[2])
      const behind = tokens[i + 1]
      const isUnit = !fraction[3] && behind !== undefined && findUnit(behind) !== undefined
      if (isUnit) i++
      const named = fraction[3] || (isUnit ? behind : '')
      const unit = named ? findUnit(named) : undefined
      values.push({ number, ...(unit ? { unit } : {}) })
      continue
    }
    // `1-2` names two leads, not a figure
    const match = /^[1-3]-[1-3]$/.test(token) ? null : /^(-?\d*\.?\d+)(.*)$/.exec(token)
    if (match && !token.startsWith('#')) {
      const suffix = match[2] || (isUnitWord(tokens[i + 1]) ? itemAt(tokens, ++i, 'token') : '')
      const unit = suffix ? findUnit(suffix) : undefined
      if (suffix && !unit) return { words, values, problem: fail('wrong-unit', { unit: suffix, typed: token }) }
      values.push({ number: Number(match[1]), ...(unit ? { unit } : {}) })
      continue
    }
    if (!FILLER.has(token.toLowerCase())) words.push(token.toLowerCase())
  }
  return { words, values }
}

/** A free-standing word that can only be a unit; `r`, `k` and `m` are too short to be taken for one. */
const isUnitWord = (word: string | undefined) =>
  word !== undefined && !/^[rkm]$/i.test(word) && findUnit(word) !== undefined

type Tokens = ReturnType<typeof readTokens>

/** Of several figures, bare whole numbers before the last name a point or a pole: `5 33a`, `pole 1 0.4v`. */
export function numberAsName(kind: SystemKind, tokens: Tokens, text: string): Tokens {
  const earlier = tokens.values.slice(0, -1)
  if (earlier.length === 0 || !earlier.every(v => v.number !== null && Number.isInteger(v.number) && !v.unit))
    return tokens
  const leads = /^\d+ /.test(text)
  const names = earlier.map((v, i) => (i === 0 && leads ? `#${v.number}` : String(v.number)))
  const isName = (n: string) =>
    n.startsWith('#') ? kind.points.some(p => `#${p.number}` === n) : kind.tests.some(t => t.words.includes(n))
  if (!names.every(isName)) return tokens
  return {
    words: leads ? [itemAt(names, 0, 'name'), ...tokens.words, ...names.slice(1)] : [...tokens.words, ...names],
    values: tokens.values.slice(-1),
  }
}
