/** `118/0/3`, with readings of one go in hand: nothing but figures, in the order in which they were asked. */
import { readingSetOf, type NumericTest, type SystemKind } from '#core/systems'
import { readValue, type Units } from '#core/units'
import type { DraftLine } from '#core/tab'

const NO_WAY = /^(?:ol|o\.l\.?|open|∞)$/i
const NOTHING = /^(?:nothing|none|nil|zero|dead)$/i

/** @returns nothing where it says anything else, or more figures or fewer, or figures of another quantity */
export function setInHand(
  kind: SystemKind, text: string, expected: string | undefined, units: Units,
): DraftLine[] | undefined {
  const set = expected === undefined ? undefined : readingSetOf(kind, expected)
  const said = partsOf(text)
  if (!set || said.length !== set.tests.length) return undefined
  const lines = set.tests.flatMap((test, n): DraftLine[] => {
    const own = said[n] ?? ''
    if (NO_WAY.test(own)) return [{ kind: 'reading' as const, test: test.id, value: null, ol: true }]
    const value = NOTHING.test(own) ? 0 : readValue(test.quantity, withUnit(own, said.at(-1) ?? '', test), units)
    return value === undefined ? [] : [{ kind: 'reading' as const, test: test.id, value }]
  })
  return lines.length === set.tests.length ? lines : undefined
}

const partsOf = (text: string): readonly string[] =>
  text.trim().split(/\s*[/;]\s*|,\s+|\s+and\s+/i).flatMap(part => (/^[\d.\s]+$/.test(part) ? part.split(/\s+/) : part))

/** A unit said once, at the end, is of all. */
const withUnit = (one: string, last: string, { quantity }: NumericTest): string => {
  const unit = /\d\s*([a-zµΩ]+)$/i.exec(last)?.[1]
  return /\d$/.test(one) && unit && quantity !== 'time' ? `${one} ${unit}` : one
}
