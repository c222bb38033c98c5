/**
 * Holes and lines. A leak is said as the hole that it is like.
 *   water: q = 0.61 · A · √(2p/ρ) (orifice; from memory)
 *   air, choked: m = C · A · p · √(γ/RT) · (2/(γ+1))^((γ+1)/(2(γ−1))), as free air at 20 °C (from memory; a rounded
 *   hole has C = 1, a sharp one 0.61). Worked example (repeated in the tests): 1/16 in at 100 psi, rounded, 6.5 cfm.
 *   air line: Δp = 0.1025 · L · Q² / (r · d^5.31), psi, ft, free cubic feet a second, r the pressure in atmospheres, in
 *   (Harris; from memory)
 */
import { FOOT, PSI } from '#core/units'

const SHARP = 0.61
const WATER_DENSITY = 998 // kg/m³
const [GAMMA, GAS, KELVIN] = [1.4, 287, 293]
const FREE_AIR_DENSITY = 1.204 // kg/m³
const CHOKED = Math.sqrt(GAMMA / (GAS * KELVIN)) * (2 / (GAMMA + 1)) ** ((GAMMA + 1) / (2 * (GAMMA - 1)))
const areaOf = (bore: number) => (Math.PI / 4) * bore ** 2
const boreOf = (area: number) => Math.sqrt((4 * area) / Math.PI)

/** m³/s of water through a sharp hole. @param pressure gauge, Pa */
export const waterThrough = (bore: number, pressure: number): number =>
  SHARP * areaOf(bore) * Math.sqrt((2 * Math.max(0, pressure)) / WATER_DENSITY)

/** m³/s of free air through a hole, where the pressure is over one atmosphere or so. @param pressure gauge, Pa */
export const airThrough = (bore: number, pressure: number, airPressure: number, shape = SHARP): number =>
  (shape * areaOf(bore) * (pressure + airPressure) * CHOKED) / FREE_AIR_DENSITY

/** The bore of the sharp hole that passes so much, m. */
export function holeLike(medium: 'water' | 'air', flow: number, pressure: number, airPressure: number): number {
  const unit = medium === 'water' ? waterThrough(1, pressure) : airThrough(1, pressure, airPressure)
  return unit > 0 ? boreOf((areaOf(1) * flow) / unit) : 0
}

/** Pa lost in an air line. @param flow free air, m³/s; @param pressure at its beginning, gauge, Pa */
export function airLineDrop(
  line: { readonly length: number, readonly bore: number },
  flow: number,
  pressure: number,
  airPressure: number,
): number {
  const feet = line.length / FOOT
  const inches = (12 * line.bore) / FOOT
  const cubicFeet = flow / FOOT ** 3
  const atmospheres = (pressure + airPressure) / airPressure
  return Math.min(pressure, (PSI * 0.1025 * feet * cubicFeet ** 2) / (atmospheres * inches ** 5.31))
}
