/**
 * How much water stands in a tank, and how long it runs out of a hose.
 *   water = V·[1 − (Ppre+Pa)/(P+Pa)]
 * Worked example (repeated in the tests): 119 gal, 28 psi of air, 50 on the gauge: 40 gal, some 7 minutes of hose.
 */
import { GALLON } from '#core/units'

/** Of a garden hose at a falling pressure; common practice, no source. */
const HOSE = (6 * GALLON) / 60

export const waterIn = (
  { volume, precharge, airPressure }: {
    readonly volume: number
    readonly precharge: number
    readonly airPressure: number
  },
  pressure: number,
): number => Math.max(0, volume * (1 - (precharge + airPressure) / (Math.max(pressure, precharge) + airPressure)))

export const drainMinutes = (water: number): number => Math.max(1, water / HOSE / 60)
