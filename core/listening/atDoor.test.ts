/** What the owner says at the door; the words are common practice, no source. */
import { describe, expect, it } from 'vitest'
import { kindFor, type KindId } from '#core/systems'
import { hearOwner } from './atDoor'

const told = (kind: KindId, words: string, since?: string) =>
  hearOwner(kindFor(kind), { words, ...(since === undefined ? {} : { since }) })
    .map(l => (l.kind === 'observation' ? `${l.test} ${l.outcome}` : l.kind))

describe('what the owner says went before', () => {
  it.each([
    ['well-2wire', 'no water since the storm Saturday', 'storm'],
    ['well-2wire', 'neighbor dug a trench yesterday', 'dug'],
    ['well-3wire', 'dead since they put the fence in', 'dug'],
    ['well-3wire', 'quit after the power blinked', 'outage'],
    ['holding-tank', 'cistern ran dry and they ran it all the same', 'ran-dry'],
    ['jet', 'it got real cold last night', 'frozen'],
    ['jet', 'new owner rewired it, trips', 'worked-on'],
    ['rv', 'sat in the cold all winter', 'frozen'],
    ['booster', 'clicked on and off for weeks, then quit', 'cycled'],
    ['three-phase', 'utility lost a leg last night', 'lost-line'],
    ['compressor-pilot', 'they kept resetting it all morning', 'retries'],
  ] as const)('on a %s: %s', (kind, words, answer) => {
    expect(told(kind, words)).toEqual([`asked ${answer}`])
  })
  it('is heard where it is told since when', () => {
    expect(told('well-2wire', 'no water', 'after the lightning on Monday')).toEqual(['asked storm'])
  })
  it('is one line where it is said twice', () => {
    expect(told('well-2wire', 'no water since the storm', 'the storm')).toEqual(['asked storm'])
  })
  it.each([
    ['well-2wire', 'no water'],
    ['well-2wire', 'nothing'],
    ['booster', 'pump hums and trips'],
    ['jet', 'barely runs a sprinkler'],
    ['jet', 'new owner says no water'],
    ['three-phase', 'irrigation pump dropped out'],
    ['well-2wire', 'used to run two sprinklers, now barely one'],
    ['well-3wire', 'the pump is only two years old'],
    ['rv', '120 volts at the outlet'],
  ] as const)('leaves to the complaint what it does now: %s, %s', (kind, words) => {
    expect(told(kind, words)).toEqual([])
  })
})
