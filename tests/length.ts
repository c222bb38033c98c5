/**
 * How long the sweeps run: the usual way in `npm test`, a short one in `npm run quick` (QUICK=1), and all of it in
 * `npm run trials` (TRIALS=long).
 */
import { KIND_IDS, type KindId } from '#core/systems'

export const LENGTH = process.env.TRIALS === 'long' ? 'long' : process.env.QUICK ? 'quick' : 'usual'

/** Of several amounts the one for this run. */
export const forLength = <T>({ long, usual, quick = usual }: { long: T, usual: T, quick?: T }): T =>
  ({ long, usual, quick })[LENGTH]

const FEW: readonly KindId[] = ['well-3wire', 'holding-tank', 'rv']
/** The kinds that they go through: all of them, or three that differ most in the quick lane. */
export const SWEPT: readonly KindId[] = LENGTH === 'quick' ? FEW : KIND_IDS
