/** What a bad joint or contact burns while the machine runs: a motor that starts through one is never sound. */
import { magnitude } from '#core/foundation'
import type { SolvedStage } from './power/stage'

const [LEAST_OHMS, MOST_OHMS, LEAST_WATTS] = [0.15, 2000, 5]
/** Elements that are no joint: what leaks, what bridges, what winds. */
const NO_JOINT = /^leak |earth|across|winding|turns|capacitor|coil/

/**
 * Watts in the joint that a fault has added, of one stage; nothing where it adds none, or no current flows.
 * @param sound the same stage with nothing wrong
 */
export function jointWatts(faulty: SolvedStage, sound: SolvedStage): number | undefined {
  if (faulty.tripped || faulty === sound) return undefined
  const usual = new Map(sound.network('running').elements.map(e => [e.id, e]))
  let watts = 0
  for (const e of faulty.network('running').elements) {
    const was = usual.get(e.id)
    if (e.kind !== 'impedance' || was?.kind !== 'impedance' || NO_JOINT.test(e.id)) continue
    const added = e.z.re - was.z.re
    if (added < LEAST_OHMS || added > MOST_OHMS) continue
    watts = Math.max(watts, magnitude(faulty.solved('running').current(e.id)) ** 2 * added)
  }
  return watts > LEAST_WATTS ? watts : undefined
}
