/**
 * Submersible service figures at 230 V, 60 Hz, as they are commonly printed inside box lids and manuals: full-load and
 * maximum line amps, windings by their ohms from and to, capacitors, locked line amps. From memory; the plate or the
 * chart in the box always goes before. On a two-wire motor the ohms are lead to lead.
 */
type Span = readonly [number, number]
export interface SubmersibleMotor {
  readonly hp: number
  readonly fullLoadAmps: number
  readonly maxAmps: number
  readonly mainOhms: Span
  readonly startOhms?: Span
  /** µF */
  readonly startMicrofarads?: Span
  readonly runMicrofarads?: number
  readonly lockedRotorAmps: number
}

export const TWO_WIRE_MOTORS: readonly SubmersibleMotor[] = [
  { hp: 0.5, fullLoadAmps: 5, maxAmps: 6, mainOhms: [4.2, 5.2], lockedRotorAmps: 32 },
  { hp: 0.75, fullLoadAmps: 6.8, maxAmps: 8, mainOhms: [3, 3.6], lockedRotorAmps: 41 },
  { hp: 1, fullLoadAmps: 8.2, maxAmps: 9.8, mainOhms: [2.2, 2.7], lockedRotorAmps: 49 },
  { hp: 1.5, fullLoadAmps: 10.6, maxAmps: 13.1, mainOhms: [1.5, 2.1], lockedRotorAmps: 66 },
]

export const THREE_WIRE_MOTORS: readonly SubmersibleMotor[] = [
  {
    hp: 0.5,
    fullLoadAmps: 5,
    maxAmps: 6,
    mainOhms: [4.2, 5.2],
    startOhms: [16.7, 20.5],
    startMicrofarads: [59, 71],
    lockedRotorAmps: 23,
  },
  {
    hp: 0.75,
    fullLoadAmps: 6.8,
    maxAmps: 8,
    mainOhms: [3, 3.6],
    startOhms: [10.7, 13.1],
    startMicrofarads: [86, 103],
    lockedRotorAmps: 34,
  },
  {
    hp: 1,
    fullLoadAmps: 8.2,
    maxAmps: 9.8,
    mainOhms: [2.2, 2.7],
    startOhms: [9.9, 12.1],
    startMicrofarads: [105, 126],
    lockedRotorAmps: 42,
  },
  {
    hp: 1.5,
    fullLoadAmps: 10,
    maxAmps: 11.5,
    mainOhms: [1.5, 2.3],
    startOhms: [6.2, 12],
    startMicrofarads: [105, 126],
    runMicrofarads: 10,
    lockedRotorAmps: 52,
  },
  {
    hp: 2,
    fullLoadAmps: 10,
    maxAmps: 13.2,
    mainOhms: [1.6, 2.3],
    startOhms: [5.2, 7.15],
    startMicrofarads: [105, 126],
    runMicrofarads: 20,
    lockedRotorAmps: 51,
  },
  {
    hp: 3,
    fullLoadAmps: 14,
    maxAmps: 17,
    mainOhms: [1, 1.5],
    startOhms: [3, 4.9],
    startMicrofarads: [208, 250],
    runMicrofarads: 45,
    lockedRotorAmps: 83,
  },
  {
    hp: 5,
    fullLoadAmps: 23,
    maxAmps: 27.5,
    mainOhms: [0.68, 1],
    startOhms: [2.1, 2.8],
    startMicrofarads: [270, 324],
    runMicrofarads: 80,
    lockedRotorAmps: 125,
  },
]

/** The row nearest to a power, by its ratio. */
export const nearestBySize = <Row extends { readonly hp: number }>(rows: readonly Row[], hp: number): Row =>
  rows.reduce((best, row) => (Math.abs(Math.log(row.hp / hp)) < Math.abs(Math.log(best.hp / hp)) ? row : best))
