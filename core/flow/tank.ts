/**
 * A bladder tank between two pressures, and the cycling it allows. Gauge pressures in pascals, volumes in m³, flows
 * in m³/s. Isothermal (Boyle): drawdown = V·[(Ppre+Pa)/(Pin+Pa) − (Ppre+Pa)/(Pout+Pa)], Pa the air pressure at the
 * site. Worked example (repeated in the tests): 44 gal, 40/60, precharge 38, sea level → factor 0.258, 11.4 gal.
 */
import { FOOT, PSI } from '#core/units'

export interface Tank {
  readonly volume: number
  readonly precharge: number
  readonly airPressure: number
}
export interface SwitchSetting {
  readonly cutIn: number
  readonly cutOut: number
}
export interface Cycle {
  readonly run: number
  readonly rest: number
}

/** Air pressure at a height above sea level (US Standard Atmosphere 1976), Pa absolute. */
export function airPressureAt(metres: number): number {
  return 14.696 * PSI * (1 - (6.8754e-6 * metres) / FOOT) ** 5.2559
}

/**
 * Water given between cut-out and cut-in, m³. With the precharge above cut-in the tank is empty before the switch
 * calls, so only the water above the precharge counts.
 */
export function drawdown({ volume, precharge, airPressure }: Tank, { cutIn, cutOut }: SwitchSetting): number {
  const gas = volume * (precharge + airPressure)
  const full = gas / (Math.max(cutOut, precharge) + airPressure)
  const empty = gas / (Math.max(cutIn, precharge) + airPressure)
  return Math.max(0, empty - full)
}

/** Run and rest in seconds while `draw` flows; a draw at or above the pump's flow never cuts out (infinite run). */
export function cycleAt(tank: Tank, setting: SwitchSetting, pumpFlow: number, draw: number): Cycle {
  return cycleOf(drawdown(tank, setting), pumpFlow, draw)
}

/** The same of any store that gives so much, m³, between its two pressures. */
export const cycleOf = (between: number, pumpFlow: number, draw: number): Cycle => ({
  run: pumpFlow > draw ? between / (pumpFlow - draw) : Infinity,
  rest: draw > 0 ? between / draw : Infinity,
})

/** The shortest cycle the system can be driven to, at a draw of half the pump's flow: 4·drawdown/Qpump. */
export function shortestCycle(tank: Tank, setting: SwitchSetting, pumpFlow: number): number {
  return (4 * drawdown(tank, setting)) / pumpFlow
}
