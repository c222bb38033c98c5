/**
 * What a test costs besides its own minutes: reaching the place, and getting from the state held to the state needed.
 * Common practice, no source.
 */
import { componentAt, type Need, type Place, type SystemKind, type SystemModel, type Test } from '#core/systems'
import { holdsNeed, type TabState } from '#core/tab'

const REACH: Record<Place, number> = {
  'panel': 1,
  'switch': 0.5,
  'box': 0.5,
  'tank': 0.5,
  'well-head': 2,
  'down-hole': 1,
  'house': 1,
  'machine': 0.5,
  'bay': 1,
}
/** Of a wait, what is lost although other tests fill it. */
const WAIT_SHARE = 0.35
/** Minutes that any test costs besides its own: turning to it, writing it down. */
const TURNING_TO_IT = 0.7

export const STATE_STEPS: Record<Exclude<Need, 'any'>, readonly string[]> = {
  'live': ['Power on, covers as needed, nobody else at the wires.'],
  'proven-dead': [
    'Switch off and lock the breaker.',
    'Prove dead: known source, every pair here, known source again.',
  ],
  'discharged': [
    'Switch off, lock, prove dead.',
    'Bleed the start capacitor through 15–20 kΩ and measure it flat.',
  ],
  'zero-pressure': ['Switch off, drain to zero on the gauge, outlet left open.'],
}

/** Minutes to get from the state held to the state needed. */
export function stateMinutes(state: TabState, need: Need): number {
  if (holdsNeed(state, need)) return 0
  const dead = state.work['proven-dead'] ? 0 : 3
  return need === 'live'
    ? 2
    : need === 'proven-dead'
      ? dead
      : need === 'discharged'
        ? dead + 2
        : need === 'zero-pressure'
          ? 7
          : 0
}

export const placeOf = (kind: SystemKind, test: Test): Place => componentAt(kind, test).place

/** Minutes at hand for a test as things stand, and with its risk and what a wait loses counted for the choice. */
export function testCost(
  model: SystemModel,
  state: TabState,
  test: Test,
): { readonly minutes: number, readonly weighed: number } {
  const minutes = test.minutes + stateMinutes(state, test.need) + REACH[placeOf(model.kind, test)]
  return { minutes, weighed: minutes + TURNING_TO_IT + test.risk + WAIT_SHARE * (test.wait?.minutes ?? 0) }
}
