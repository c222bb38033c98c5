import type { VerdictWord } from '#core/isolation'

/** What a verdict is called, beside its shape. */
export const VERDICT_WORDS: Readonly<Record<VerdictWord | 'state', string>> = {
  'in-band': 'in band',
  'low': 'low',
  'high': 'high',
  'open': 'open',
  'seen': 'seen',
  'unknown': 'no band',
  'state': 'state',
}
