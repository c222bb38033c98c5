/** What becomes of a start winding that can be read by itself; rates are common practice, no source. */
import type { Repair } from '../faultTypes'
import type { FaultId } from '../ids'
import { OPEN } from '../power/resistances'
import { CAUSES } from './causes'
import { always, degrees, fault } from './faultEntry'

const NO_CAPACITOR = (['box.cap-open', 'motor.cap-open'] as const)
  .map(because => ({ because, why: 'endless starts without it burn it out' }))

export const startOpen = (mend: Repair, gear: FaultId) =>
  fault({
    id: 'motor.start-open',
    name: 'Start winding open',
    baseRate: 0.01,
    severities: always({ 'motor.startJoint': OPEN }),
    repair: mend,
    causes: [
      { because: gear, why: 'a start winding left in burns out' },
      ...NO_CAPACITOR,
      CAUSES.retries,
      CAUSES.age,
    ],
    settledBy: 'ohms across the start winding',
    wears: ['age'],
  })

/** Burnt together by what left it in; common practice, no source. */
export const startShort = (mend: Repair, gear: FaultId) =>
  fault({
    id: 'motor.start-short',
    name: 'Start winding short between turns',
    baseRate: 0.008,
    severities: degrees(
      // what is shorted brakes it as it starts; judgement, no source
      { name: 'some of its turns', share: 0.4, change: { 'motor.startLeft': 0.6, 'motor.startLoad': 0.6 } },
      { name: 'most of it', share: 0.6, change: { 'motor.startLeft': 0.15, 'motor.startLoad': 1.2 } },
    ),
    repair: mend,
    causes: [
      { because: gear, why: 'a start winding left in burns together' },
      CAUSES.retries,
      CAUSES.surge,
      CAUSES.age,
    ],
    settledBy: 'ohms across the start winding, far under the chart',
    wears: ['age'],
  })
