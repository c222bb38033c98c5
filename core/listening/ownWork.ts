/** What the hand does by himself on the way and is no test of the machine as it was. Common practice, no source. */
import type { DraftLine } from '#core/tab'
import type { Spoken } from './spoken'

/** A new part that is told once something was put right, or is only to come, is not the work of others before. */
export function isOwnWork(typed: string, before: Spoken | undefined, lines: readonly DraftLine[]): boolean {
  const isTold = lines.length > 0 && lines.every(l => 'test' in l && l.test === 'asked' && 'outcome' in l
    && l.outcome === 'worked-on')
  return isTold && (TO_COME.test(typed) || (before?.mended === true && !OF_OTHERS.test(typed)))
}

/** What leaked was capped to see whether it stays off: nothing of how the machine is with the leak open. */
export const isCapped = (typed: string, lines: readonly DraftLine[]): boolean => lines.length > 0
  && CAPPED.test(typed) && lines.every(l => 'test' in l && (l.test === 'self-starts' || l.test === 'pulses'))
const CAPPED = /^ *(?:i )?(?:capped|plugged|corked|taped) (?:it|that|the (?:\w+ )?(?:inlet|end|line|fitting))\b/i

const TO_COME = /\bon (?:the list|order)\b|\b(?:ordered|ordering|quoted?|next (?:week|visit|trip))\b/i
const OF_OTHERS = new RegExp(
  '\\b(?:last|ago|yesterday|years?|months?|weeks?|before|they|he|she|owner|customer|plumber|someone|somebody|husband'
  + '|wife|neighbou?r|guy|tenant|was|were|had)\\b', 'i',
)
