/** Unbalance in a sentence: how much, against which limit, and what tells the supply from the motor. */
import type { Unbalance } from '#core/isolation'

const VOLTS: Readonly<Record<Unbalance['standing'], string>> = {
  good: 'within 1 %.',
  look: 'over 1 % the motor gives less than its plate, over 5 % it is not run.',
  stop: 'over 5 % the motor is not run on it.',
}
const AMPS: Readonly<Record<Unbalance['standing'], string>> = {
  good: 'within 5 %.',
  look: 'over 5 %: roll the three leads one place. What stays with the line is the supply’s, what moves with the lead '
    + 'the cable’s or the motor’s.',
  stop: 'over 10 %: stop it, and roll the three leads one place. What stays with the line is the supply’s, what moves '
    + 'with the lead the cable’s or the motor’s.',
}

/** @param place the point's name */
export function sayUnbalance({ of, share, standing }: Unbalance, place: string): string {
  const percent = `${(100 * share).toFixed(share < 0.0995 ? 1 : 0)} %`
  return of === 'volts'
    ? `Volts at ${place} ${percent} out of balance: ${VOLTS[standing]}`
    : `Amps ${percent} out of balance: ${AMPS[standing]}`
}
