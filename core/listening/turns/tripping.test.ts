/** How soon something lets go, in words that cross; and what is near to them and means another thing. */
import { describe, expect, it } from 'vitest'
import type { KindId } from '#core/systems'
import { told } from '../../../tests/told'

describe('how soon it lets go', () => {
  it.each<[KindId, string, string]>([
    ['well-2wire', 'breaker jumps the moment I throw it', 'let-go at-once'],
    ['well-2wire', 'soon as I put the handle over it\'s out again', 'let-go at-once'],
    ['well-2wire', 'kicks out before I can let go of the handle', 'let-go at-once'],
    ['well-2wire', 'breaker won\'t even latch', 'let-go at-once'],
    ['jet', 'I count to four and it kicks', 'let-go seconds'],
    ['jet', 'breaker lets go after a short hum', 'let-go seconds'],
    ['booster', 'takes a couple seconds to trip', 'let-go seconds'],
    ['booster', 'breaker is fine for twenty minutes then goes', 'let-go minutes'],
    ['well-3wire', 'breaker hangs in for a quarter hour then kicks', 'let-go minutes'],
    ['holding-tank', 'the well breaker trips the second you reset it', 'well-let-go at-once'],
  ])('%s: %s', (kind, said, lines) => expect(told(kind, said)).toBe(lines))

  it.each<[KindId, string, string]>([
    ['well-2wire', 'breaker won\'t latch solid, it\'s loose on the bar', 'seen-itself breaker.pole-open'],
    ['well-3wire', 'overload in the box drops out again', 'overload-seen lets-go'],
  ])('%s: %s is another thing', (kind, said, lines) => expect(told(kind, said)).toContain(lines))
})
