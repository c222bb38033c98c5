/** What a line may hang on: the place, the figure and the doing that were spoken of before it. */
import { findTest, type NumericTest, type SystemKind } from '#core/systems'

export interface Spoken {
  /** the point of the reading or observation before */
  readonly near?: string | undefined
  /** the reading before, in SI: `same at the line side` */
  readonly value?: number | null | undefined
  readonly quantity?: NumericTest['quantity'] | undefined
  /** words of the line just before, where it was no finding: `took the wires off at the well head` */
  readonly action?: string | undefined
}

interface Line {
  readonly kind: string
}

export function spokenBefore(kind: SystemKind, lines: readonly Line[]): Spoken {
  const last = lines.at(-1)
  const told = lines.findLast((l): l is Line & { test: string, value?: number | null } =>
    'test' in l && (l.kind === 'reading' || l.kind === 'observation'))
  const test = told && findTest(kind, told.test)
  return {
    ...(last?.kind === 'remark' && 'text' in last ? { action: String(last.text) } : {}),
    ...(told ? { near: test?.point, value: told.value } : {}),
    ...(test?.kind === 'numeric' ? { quantity: test.quantity } : {}),
  }
}
