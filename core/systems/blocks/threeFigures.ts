/** Healthy figures of a three-phase path; common practice, no source. */
import { poles, type Change } from '../figures'
import { CLOSED } from '../power/resistances'

export const threeFigures = (
  phaseVolts: number,
  feedOhms: number,
  leadOhmsEach: number,
  lockedOhms: number,
  load: number,
): Change => ({
  ...poles('supply.leg', 3, phaseVolts),
  ...poles('supply.z', 3, 0.04),
  ...poles('breaker.', 3, CLOSED),
  ...poles('disconnect.', 3, CLOSED),
  ...poles('feed.', 3, feedOhms),
  'feed.earth': 5e9,
  ...poles('cable.', 3, leadOhmsEach),
  'cable.earth': 2e9,
  ...poles('cable.across', 3, 5e9),
  ...poles('motor.joint', 3, 0),
  'motor.turns': 1,
  'motor.locked': lockedOhms,
  'motor.rolled': 0,
  ...poles('motor.left', 3, 1),
  'motor.earth': 50e6,
  'motor.seized': 0,
  'motor.load': load,
  'motor.startLoad': 0,
})
