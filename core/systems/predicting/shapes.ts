/** The shapes that readings spread in. */
import type { Prediction } from '../testTypes'

/** Spreads that have nothing to do with one another; `Math.hypot` is several times slower. */
export const together = (a: number, b: number, c = 0) => Math.sqrt(a * a + b * b + c * c)
export const figure = (mean: number, sigma: number): Prediction => ({ mean, sigma, log: false, ol: 0 })
/** Where a hand meter shows OL, Ω. */
export const OHMS_RANGE = 40e6
export const contact = (ohms: number, spread = 0.4): Prediction =>
  ohms >= OHMS_RANGE ? { mean: Math.log(20e6), sigma: 1, log: true, ol: 0.985 } : figure(ohms, 0.25 + spread * ohms)

/** Of readings taken on what is locked or overloaded, so many after it has let go; common practice, no source. */
export const RESTED = 0.25
/** Of readings on what lets go, so many are caught before it does; common practice, no source. */
export const CAUGHT = 0.35
/**
 * Of readings on a motor that will not start with a phase lost, so many are of one that ran when it was lost; common
 * practice, no source.
 */
export const RAN_ON = 0.35
