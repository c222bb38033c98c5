/**
 * A supply that sags as a motor starts, a breaker that lets go early, a disconnect that was left off; rates are common
 * practice, no source.
 */
import { POLES, type Change, type Figures } from '../figures'
import { CAUSES } from './causes'
import { always, degrees, fault, repair, type DegreeEntry, type Effects } from './faultEntry'

/**
 * So much in each leg ahead of the breaker, of what the locked motor has. A neutral is bonded to ground at the panel:
 * there both lie in the hot leg.
 */
function sags(h: Figures, legs: 2 | 3, ofLocked: number): Change {
  const each = ofLocked * h['motor.locked']
  if (legs === 2 && h['supply.leg2'] === 0) return { 'supply.z1': 2 * each }
  return Object.fromEntries(POLES.slice(0, legs).map(leg => [`supply.z${leg}`, each]))
}

/**
 * It never comes up on what is left: an engine loses speed with its volts, a joint on the pole arcs. As a load on the
 * start; common practice, no source.
 */
const bogs = (h: Figures, legs: 2 | 3, ofLocked: number): Change => ({
  ...sags(h, legs, ofLocked),
  'motor.startLoad': 4,
})

/** Weak ahead of the panel: good volts at rest, and not as it starts. */
export const weakAhead = (legs: 2 | 3): readonly DegreeEntry[] => [
  { name: 'sags as it starts', share: 0.12, change: h => sags(h, legs, 0.1) },
  { name: 'sags, and it does not start', share: 0.055, change: h => bogs(h, legs, 0.12) },
  { name: 'sags far, and it does not start', share: 0.025, change: h => bogs(h, legs, 0.25) },
]

/** It holds its volts while nothing starts. */
export const generator = (legs: 2 | 3) =>
  fault({
    id: 'supply.generator',
    name: 'Generator too small to start it',
    baseRate: 0.002,
    severities: degrees(
      { name: 'sags, and starts it', share: 0.3, change: h => sags(h, legs, 0.1) },
      { name: 'bogs down', share: 0.7, change: h => bogs(h, legs, 0.25) },
    ),
    repair: repair({
      id: 'feed-from-larger-generator',
      name: 'Feed it from the mains or a larger generator',
      minutes: 20,
    }),
    causes: [{ because: 'outage', why: 'the house ran on a generator while the power was off' }],
    settledBy: 'volts at the breaker as it tries to start, and what feeds it',
  })

export const weakBreaker = (part: string) =>
  fault({
    id: 'breaker.weak',
    name: 'Breaker lets go under its rating',
    baseRate: 0.01,
    severities: always({}),
    repair: repair({
      id: 'replace-breaker',
      name: 'Replace the breaker',
      minutes: 25,
      part,
      renews: ['breaker'],
    }),
    causes: [CAUSES.age, CAUSES.loose],
    settledBy: 'it trips at the plate’s amps, and another of its rating holds',
    wears: ['age'],
  })

/** A disconnect that somebody opened and left so. */
export const disconnectOff = (change: Effects) =>
  fault({
    id: 'disconnect.off',
    name: 'Disconnect standing off',
    baseRate: 0.01,
    severities: always(change),
    repair: repair({ id: 'close-disconnect', name: 'Ask why, then close the disconnect', minutes: 3 }),
    causes: [],
    settledBy: 'its handle, and volts out of it',
  })
