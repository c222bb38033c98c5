/**
 * A machine without a ground wire: what leaks to its frame has only the soil to flow back through, and no breaker
 * notices. Dead, a meter still finds the winding on the frame.
 */
import type { Figures } from '../figures'
import { isLive, type NetworkState } from './pieces'

/** From a frame through the soil to the service, Ω; common practice, no source. */
export const SOIL_OHMS = 40

/** The figures as the live network has them. */
export function withoutGroundWire(f: Figures, state: NetworkState): Figures {
  if (!isLive(state)) return f
  return {
    ...f,
    'feed.earth': f['feed.earth'] + SOIL_OHMS,
    'run.earth': f['run.earth'] + SOIL_OHMS,
    'cable.earth': f['cable.earth'] + SOIL_OHMS,
    'motor.earth': f['motor.earth'] + SOIL_OHMS,
  }
}
