/**
 * Conductors: resistance, ampacity, and sizes by gauge and by cross-section. A gauge is a number in the American wire
 * gauge: 14, 12 … 1, then 0, −1, −2, −3 for 1/0, 2/0, 3/0, 4/0; a metric size is the gauge of the same cross-section.
 */
export const METALS = ['copper', 'aluminium'] as const
export type Metal = (typeof METALS)[number]

export interface Conductor {
  readonly gauge: number
  /** Ω per 1000 ft at 75 °C, uncoated stranded (NFPA 70 chapter 9 table 8; from memory) */
  readonly copper: number
  readonly aluminium?: number
  /** A, three in a raceway, 60 and 75 °C (NFPA 70 table 310.16; from memory) */
  readonly copperAmps?: readonly [number, number]
  readonly aluminiumAmps?: readonly [number, number]
}

export const CONDUCTORS: readonly Conductor[] = [
  { gauge: 18, copper: 7.95 },
  { gauge: 16, copper: 4.99 },
  { gauge: 14, copper: 3.14, copperAmps: [15, 20] },
  { gauge: 12, copper: 1.98, aluminium: 3.25, copperAmps: [20, 25], aluminiumAmps: [15, 20] },
  { gauge: 10, copper: 1.24, aluminium: 2.04, copperAmps: [30, 35], aluminiumAmps: [25, 30] },
  { gauge: 8, copper: 0.778, aluminium: 1.28, copperAmps: [40, 50], aluminiumAmps: [35, 40] },
  { gauge: 6, copper: 0.491, aluminium: 0.808, copperAmps: [55, 65], aluminiumAmps: [40, 50] },
  { gauge: 4, copper: 0.308, aluminium: 0.508, copperAmps: [70, 85], aluminiumAmps: [55, 65] },
  { gauge: 3, copper: 0.245, aluminium: 0.403, copperAmps: [85, 100], aluminiumAmps: [65, 75] },
  { gauge: 2, copper: 0.194, aluminium: 0.319, copperAmps: [95, 115], aluminiumAmps: [75, 90] },
  { gauge: 1, copper: 0.154, aluminium: 0.253, copperAmps: [110, 130], aluminiumAmps: [85, 100] },
  { gauge: 0, copper: 0.122, aluminium: 0.201, copperAmps: [125, 150], aluminiumAmps: [100, 120] },
  { gauge: -1, copper: 0.0967, aluminium: 0.159, copperAmps: [145, 175], aluminiumAmps: [115, 135] },
  { gauge: -2, copper: 0.0766, aluminium: 0.126, copperAmps: [165, 200], aluminiumAmps: [130, 155] },
  { gauge: -3, copper: 0.0608, aluminium: 0.1, copperAmps: [195, 230], aluminiumAmps: [150, 180] },
]

/** Metric sizes: mm², and Ω per km of stranded copper at 20 °C (IEC 60228 class 2; from memory). */
export const METRIC_CONDUCTORS = [
  { area: 1, copper: 18.1 },
  { area: 1.5, copper: 12.1 },
  { area: 2.5, copper: 7.41 },
  { area: 4, copper: 4.61 },
  { area: 6, copper: 3.08 },
  { area: 10, copper: 1.83 },
  { area: 16, copper: 1.15 },
  { area: 25, copper: 0.727 },
  { area: 35, copper: 0.524 },
  { area: 50, copper: 0.387 },
  { area: 70, copper: 0.268 },
  { area: 95, copper: 0.193 },
] as const

const MIL = 25.4e-6 // m
/** m of the wire of a gauge (ASTM B258): 5 mil × 92^((36 − n)/39). */
const diameterOf = (gauge: number) => 5 * MIL * 92 ** ((36 - gauge) / 39)

/** mm² of a gauge. */
export const areaOfGauge = (gauge: number) => (Math.PI / 4) * (1000 * diameterOf(gauge)) ** 2

/** The gauge, seldom a whole one, of a cross-section in mm². */
export const gaugeOfArea = (area: number) =>
  36 - (39 * Math.log(Math.sqrt((4 * area) / Math.PI) / 1000 / (5 * MIL))) / Math.log(92)

/** Copper 10.371 Ω·cmil/ft (IEC 60028); aluminium at 61 % of its conductance (IEC 60889; from memory). Per kelvin. */
const METAL = {
  copper: { cmilFoot: 10.371, perKelvin: 0.00393 },
  aluminium: { cmilFoot: 17.002, perKelvin: 0.00403 },
} as const satisfies Record<Metal, object>

/**
 * Resistance of one conductor in ohms, solid, by its gauge.
 * @param metres length of the single conductor, one way
 * @param celsius conductor temperature
 */
export function conductorOhms(gauge: number, metres: number, celsius = 15, metal: Metal = 'copper'): number {
  const { cmilFoot, perKelvin } = METAL[metal]
  const mils = diameterOf(gauge) / MIL
  return (cmilFoot / mils ** 2) * (metres / 0.3048) * (1 + perKelvin * (celsius - 20))
}

/** Ampacity of a gauge at 60 °C terminals, A; of a size between rows that of the next smaller one. */
export function ampacity(gauge: number, metal: Metal = 'copper'): number | undefined {
  const amps = (row: Conductor) => (metal === 'copper' ? row.copperAmps : row.aluminiumAmps)
  return CONDUCTORS.filter(row => amps(row) && row.gauge >= gauge - 1e-6)
    .map(row => amps(row)?.[0])
    .at(-1)
}

/** The smallest copper gauge that carries so many amps; the largest of the table where none does. */
export const gaugeForAmps = (amps: number): number =>
  (CONDUCTORS.find(row => row.copperAmps && row.copperAmps[0] >= amps) ?? CONDUCTORS.at(-1))?.gauge ?? 14
