/** Start capacitors and insulation: usual bands, capacitance by current, discharge, temperature correction. */

/** Usual start-capacitor bands, µF (from memory). */
export const CAPACITOR_BANDS = [
  [88, 108],
  [108, 130],
  [124, 149],
  [130, 156],
  [145, 174],
  [161, 193],
  [189, 227],
  [216, 259],
  [233, 280],
  [270, 324],
  [324, 389],
  [340, 408],
  [400, 480],
  [430, 516],
  [540, 648],
  [590, 708],
  [708, 850],
] as const

/** Capacitance from the current it passes: C = I / (2πfV). Farads. 2652·I/V µF at 60 Hz, 3183·I/V at 50 Hz. */
export const capacitanceByCurrent = (amps: number, volts: number, hertz: number) =>
  amps / (2 * Math.PI * hertz * volts)

/** Seconds for a capacitor to fall from one voltage to another through a resistor: t = RC·ln(V₀/V). */
export const dischargeTime = (from: number, to: number, ohms: number, farads: number) =>
  ohms * farads * Math.log(from / to)

/**
 * Insulation resistance corrected to 40 °C: halved for each 10 °C that the winding was cooler (IEEE 43; from memory).
 */
export const insulationAt40 = (ohms: number, celsius: number) => ohms * 2 ** ((celsius - 40) / 10)
export const INSULATION_LEAST = 5e6 // Ω at 40 °C, random-wound under 1 kV (IEEE 43)
