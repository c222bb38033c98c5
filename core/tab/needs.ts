/** What a test needs before it is done, and which figures it can give at all. */
import type { Need, NumericTest } from '#core/systems'
import { PSI } from '#core/units'
import type { WorkState } from './kinds'
import type { Work } from './work'

/** Whether the state that a test needs holds now; unknown power counts as live. */
export function holdsNeed(state: { readonly work: Work }, need: Need): boolean {
  const { work } = state
  switch (need) {
    case 'any':
      return true
    case 'live':
      return !work['proven-dead']
    case 'proven-dead':
      return Boolean(work['proven-dead'])
    case 'discharged':
      return Boolean(work['proven-dead'] && work.discharged)
    case 'zero-pressure':
      return Boolean(work['zero-pressure'])
  }
}

/** The proof that a need asks for first: discharged comes after dead. */
export function firstProof(state: { readonly work: Work }, need: Need): WorkState | undefined {
  if (need === 'any') return undefined
  return need === 'discharged' && !state.work['proven-dead'] ? 'proven-dead' : need
}

/** What is proven next where nobody says what for: dead, then discharged, then the power goes on again. */
export const nextProof = ({ work }: { readonly work: Work }): WorkState =>
  !work['proven-dead'] ? 'proven-dead' : !work.discharged ? 'discharged' : 'live'

const LIMITS: Partial<Record<NumericTest['quantity'], readonly [number, number]>> = {
  volts: [0, 1000],
  amps: [0, 1500],
  ohms: [0, 1e12],
  farads: [0, 0.01],
  pressure: [-0.1 * PSI, 400 * PSI],
  flow: [0, 0.1],
  time: [0, 86400],
  count: [0, 100000],
}

/** The least and the most, SI. */
export const limitsOf = (test: NumericTest): readonly [number, number] =>
  LIMITS[test.quantity] ?? [-Infinity, Infinity]

/** Whether a figure can have been read at all, whatever is broken. */
export function isPossible(test: NumericTest, value: number): boolean {
  const [low, high] = limitsOf(test)
  return Number.isFinite(value) && value >= low && value <= high
}
