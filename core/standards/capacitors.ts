/** Start capacitors and insulation: usual bands, capacitance by current, discharge, temperature correction. */

/** Usual start-capacitor bands, µF (from memory). */
export const CAPACITOR_BANDS = [
  [43, 53], [53, 64], [59, 71], [64, 77], [72, 88], [86, 103], [88, 108], [105, 126], [108, 130], [124, 149],
  [130, 156], [145, 174], [161, 193], [189, 227], [208, 250], [216, 259], [233, 280], [270, 324], [324, 389],
  [340, 408], [400, 480], [430, 516], [540, 648], [590, 708], [708, 850],
] as const

/** Usual single values of run capacitors, µF (common practice, no source); ±6 % as they are usually marked. */
export const RUN_CAPACITORS = [5, 7.5, 10, 12.5, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80] as const

/**
 * Start capacitors of motors in the open by power, µF, where the start winding sees 115 V: common practice, no source.
 */
export const SURFACE_START_CAPACITORS = [
  { hp: 1 / 6, band: [108, 130] },
  { hp: 0.25, band: [124, 149] },
  { hp: 1 / 3, band: [161, 193] },
  { hp: 0.5, band: [270, 324] },
  { hp: 0.75, band: [340, 408] },
  { hp: 1, band: [400, 480] },
  { hp: 1.5, band: [540, 648] },
  { hp: 2, band: [590, 708] },
] as const

/** The same where it sees 230 V. */
export const SURFACE_START_CAPACITORS_230 = [
  { hp: 0.5, band: [64, 77] },
  { hp: 1, band: [105, 126] },
  { hp: 2, band: [161, 193] },
  { hp: 3, band: [270, 324] },
  { hp: 5, band: [540, 648] },
  { hp: 7.5, band: [590, 708] },
  { hp: 10, band: [708, 850] },
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
