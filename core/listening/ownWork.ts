/** Whose work a new part is, and when: the hand's own, or that of others on another day. Common practice, no source. */
import type { DraftLine } from '#core/tab'
import type { Spoken } from './spoken'

/** A new part that is told once something was put right, or is only to come, is not the work of others before. */
export function isOwnWork(typed: string, before: Spoken | undefined, lines: readonly DraftLine[]): boolean {
  const isTold = lines.length > 0 && lines.every(l => 'test' in l && l.test === 'asked' && 'outcome' in l
    && l.outcome === 'worked-on')
  return isTold && (TO_COME.test(typed) || (before?.mended === true && !OF_OTHERS.test(typed)))
}
const TO_COME = /\bon (?:the list|order)\b|\b(?:ordered|ordering|quoted?|next (?:week|visit|trip))\b/i
const OF_OTHERS = new RegExp(
  '\\b(?:last|ago|yesterday|years?|months?|weeks?|before|they|he|she|owner|customer|plumber|someone|somebody|husband'
  + '|wife|neighbou?r|guy|tenant|was|were|had)\\b', 'i',
)
