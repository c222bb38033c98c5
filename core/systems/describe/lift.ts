/** What a pump delivers at the surface, from its rated point, the level it lifts from and its drop pipe. */
import { curveThrough, operatingFlow, WATER_WEIGHT } from '#core/flow'
import { FOOT, formatLength, formatValue } from '#core/units'
import type { Plate } from './plate'

export interface Delivery {
  /** half-way between cut-in and cut-out, m³/s */
  readonly flow: number
  /** gauge at the surface against a shut valve, Pa */
  readonly shutOff: number
}

const sayProblemOfCurve = 'a pump gives less head the more it delivers, and this one would give more'
const PLASTIC = 150 // Hazen–Williams C
const BORE = 1.049 * (FOOT / 12) // 1 in pipe, schedule 40

/**
 * Nothing where the plate does not give the head of the rated flow. Says where the pump cannot reach the pressure.
 * @param pressures half-way between cut-in and cut-out, and cut-out, Pa
 */
export function liftedDelivery(plate: Plate, pressures: { mid: number, cutOut: number }): Delivery | undefined {
  const [head, rated] = [plate.value('pump.head'), plate.value('pump.flow')]
  if (head === undefined || rated === undefined) return undefined
  const level = plate.take('pump.level', 0, 'pumping level not given: none taken', 0.3)
  const rested = plate.value('pump.staticLevel') ?? level
  const shut = plate.value('pump.shutOff')
  const ratedPoint = { flow: rated, head }
  const curve = curveThrough(
    shut === undefined ? [ratedPoint] : [{ flow: 0, head: shut / WATER_WEIGHT + rested }, ratedPoint],
  )
  if (!curve.ok) {
    plate.assume('pump.head', `${sayProblemOfCurve}: its rated flow is used as it stands`, 0.5)
    return undefined
  }
  const pipe = {
    length: plate.value('pump.pipeLength') ?? level + 6,
    bore: plate.value('pump.pipeBore') ?? BORE,
    smoothness: PLASTIC,
  }
  const shutOff = (curve.value.shutOffHead - rested) * WATER_WEIGHT
  const flow = operatingFlow(curve.value, {
    lift: level,
    pipes: [pipe],
    pressureHead: pressures.mid / WATER_WEIGHT,
  })
  if (flow > 0 && shutOff > pressures.cutOut) return { flow, shutOff }
  plate.assume(
    'pump.head',
    `a pump of ${formatLength(head, plate.units)} of head cannot lift from ${formatLength(level, plate.units)} and `
    + `reach ${formatValue('pressure', pressures.cutOut, plate.units)}: its rated flow is used as it stands`,
    0.5,
  )
  return undefined
}
