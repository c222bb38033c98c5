/** The kinds that the long sweeps go through: all of them, or three that differ most in the quick lane. */
import { KIND_IDS, type KindId } from '#core/systems'

const FEW: readonly KindId[] = ['well-3wire', 'holding-tank', 'rv']
export const SWEPT: readonly KindId[] = process.env.QUICK ? FEW : KIND_IDS
