/** The flow side of a kind from its nameplate: water through pump, tank and taps, or air through head and receiver. */
import type { NonEmpty } from '#core/foundation'
import { AIR_FALL_OFF, airLineDrop, airPressureAt, freeFlowOf, runAir, runWater, type FlowStory } from '#core/flow'
import { formatValue, formatVolume, GALLON, PSI } from '#core/units'
import { airFigures, CFM } from '../blocks/air'
import { waterFigures } from '../blocks/waterFigures'
import { BLOCKED, completeFigures, requireFinite, type Change, type Figures } from '../figures'
import { OPEN } from '../power/resistances'
import type { SolvedStage } from '../power/stage'
import type { ShopPractice } from '../practice'
import { liftedDelivery } from './lift'
import type { Plate } from './plate'

interface Usual {
  readonly flow: number
  readonly draw: number
  readonly rapidBelow: number
}
export interface FlowSide {
  readonly healthy: Change
  readonly usualCycle: number
  run(f: Figures, stages: NonEmpty<SolvedStage>): FlowStory
}

export interface WaterOptions {
  readonly cutIn: number
  readonly cutOff: boolean
  readonly volume: number
  readonly flow: number
  readonly inlet: number
  /** no tank at all but the give of the hoses */
  readonly tankless?: boolean
  /** a displacement pump gives nearly the same up to its by-pass */
  readonly displacement?: boolean
  /** the nameplate says what the well gives */
  readonly well?: boolean
  readonly practice: Pick<ShopPractice, 'prechargeUnderCutIn'>
}

const gpm = GALLON / 60
const HALF_INCH = 0.0127
/** Pressure behind a regulator as it is usually set, Pa; common practice, no source. */
const AT_TOOL = 90 * PSI
const HOSES = 2e-9 // m³/Pa, give of pipes and hoses; common practice, no source

/** What a main loses in a pump that it pushes its own flow through; common practice, no source. */
const THROUGH = 5 * PSI

export function describeWater(plate: Plate, o: WaterOptions): FlowSide {
  const psi = (pa: number) => formatValue('pressure', Math.round(pa / PSI) * PSI, plate.units)
  const cutIn = plate.take(
    'switch.cutIn',
    o.cutIn,
    `cut-in not given: ${psi(o.cutIn)} taken`,
    0.5,
  )
  let cutOut = plate.value('switch.cutOut') ?? cutIn + 20 * PSI
  if (cutOut <= cutIn) {
    plate.assume(
      'switch.cutOut',
      `cut-out (${psi(cutOut)}) is not above cut-in (${psi(cutIn)}): `
      + `${psi(cutIn + 20 * PSI)} is used instead`,
      0.5,
    )
    cutOut = cutIn + 20 * PSI
  }
  const mid = 0.5 * (cutIn + cutOut)
  const lifted = o.well ? liftedDelivery(plate, { mid, cutOut }) : undefined
  const flow = lifted?.flow ?? plate.take(
    'pump.flow',
    o.flow,
    `pump delivery not given: ${formatValue('flow', o.flow, plate.units)} taken`,
    0.8,
  )
  const inlet = plate.value('inlet.pressure') ?? o.inlet
  let shutOff = plate.value('pump.shutOff') ?? lifted?.shutOff ?? (o.displacement ? 1.25 : 1.7) * cutOut
  if (shutOff + inlet <= cutOut * 1.02) {
    plate.assume(
      'pump.shutOff',
      `a shut-off pressure of ${psi(shutOff)} never reaches the cut-out of `
      + `${psi(cutOut)}: ${psi(1.7 * cutOut)} is used instead`,
      0.5,
    )
    shutOff = 1.7 * cutOut
  }
  const volume = o.tankless
    ? 0
    : plate.take(
        'tank.volume',
        o.volume,
        `tank size not given: ${formatVolume(o.volume, plate.units)} taken`,
        0.4,
      )
  const healthy = waterFigures({
    cutIn,
    cutOut,
    cutOff: o.cutOff ? Math.max(cutIn - 10 * PSI, 4 * PSI) : 0,
    volume,
    precharge: Math.max(cutIn - o.practice.prechargeUnderCutIn, 2 * PSI),
    flow,
    shutOff,
    inlet,
    yield: (o.well ? plate.value('pump.yield') : undefined) ?? 6 * flow,
  })
  const airPressure = airPressureAt(plate.value('site.altitude') ?? 0)
  const passage = THROUGH / Math.max(flow, 1e-9) ** 2
  const plant = (f: Figures, stages: NonEmpty<SolvedStage>, usual: Usual) => {
    const main = stages[0]
    const speed = main.turning === 'running' ? (1 - main.slip) / (1 - main.ratedSlip) : 1
    const rise = f['pump.shutOff'] * (o.displacement ? 1 : speed ** 2)
    return runWater({
      airPressure,
      tank: { volume: f['tank.volume'], precharge: f['tank.precharge'] },
      give: o.tankless ? 6 * HOSES : HOSES,
      pump: {
        freeFlow: Math.max(1e-9, freeFlowOf(f['pump.flow'], mid - f['pump.inlet'], shutOff) * speed),
        shutOff: Math.max(rise, 1e3),
        passage,
        inlet: f['pump.inlet'],
        turns: main.turning === 'running' && f['pump.turns'] > 0,
      },
      yield: f['source.yield'],
      check: { leak: f['check.leak'], stuckShut: f['check.stuck'] > 0 },
      filterBefore: f['filter.before'],
      filterAfter: f['filter.after'],
      leak: f['leak.house'],
      reliefOpens: f['relief.opens'],
      switch: switchOf(f),
      usual,
      constantDraw: plate.value('house.draw') === 1,
    })
  }
  return finish(healthy, (f, stages, usual) => plant(f, stages, usual), 22)
}

export interface AirOptions {
  readonly cutIn: number
  readonly cutOut: number
  readonly volume: number
  readonly delivery: number
}

export function describeAir(plate: Plate, o: AirOptions): FlowSide {
  const psi = (pa: number) => formatValue('pressure', Math.round(pa / PSI) * PSI, plate.units)
  const cutIn = plate.take(
    'switch.cutIn',
    o.cutIn,
    `cut-in not given: ${psi(o.cutIn)} taken`,
    0.4,
  )
  let cutOut = plate.value('switch.cutOut') ?? cutIn + (o.cutOut - o.cutIn)
  if (cutOut <= cutIn) {
    plate.assume(
      'switch.cutOut',
      `cut-out (${psi(cutOut)}) is not above cut-in (${psi(cutIn)}): `
      + `${psi(cutIn + o.cutOut - o.cutIn)} is used instead`,
      0.5,
    )
    cutOut = cutIn + o.cutOut - o.cutIn
  }
  const delivery = plate.take(
    'head.delivery',
    o.delivery,
    `free air not given: ${Number((o.delivery / CFM).toPrecision(2))} cfm taken`,
    0.8,
  )
  // the plate's free air is what it delivers at working pressure; turning free it gives more
  const working = 0.5 * (cutIn + cutOut)
  const healthy = airFigures({
    cutIn,
    cutOut,
    delivery: delivery / (1 - AIR_FALL_OFF * working),
    volume: plate.take(
      'tank.volume',
      o.volume,
      `receiver not given: ${formatVolume(o.volume, plate.units)} taken`,
      0.6,
    ),
  })
  const airPressure = airPressureAt(plate.value('site.altitude') ?? 0)
  const line = { length: plate.value('house.pipeLength') ?? 0, bore: plate.value('house.pipeBore') ?? HALF_INCH }
  const loss = airLineDrop(line, delivery, AT_TOOL, airPressure)
  return finish(
    { ...healthy, 'line.loss': loss },
    (f, stages, usual) => {
      const main = stages[0]
      return runAir({
        airPressure,
        volume: f['tank.volume'],
        delivery: f['pump.flow'],
        turns: main.turning === 'running' && f['pump.turns'] > 0,
        checkLeak: f['check.leak'],
        leak: f['leak.house'],
        reliefOpens: f['relief.opens'],
        switch: switchOf(f),
        fallOff: AIR_FALL_OFF,
        usual,
      })
    },
    40,
  )
}

const switchOf = (f: Figures) => ({
  cutIn: f['set.cutIn'],
  cutOut: f['set.cutOut'],
  cutOff: f['set.cutOff'],
  delay: f['port.delay'] >= BLOCKED ? Infinity : f['port.delay'],
  held: f['port.held'],
  welded: f['switch.rest1'] < OPEN || f['starter.rest1'] < OPEN || f['pilot.switchRest'] < OPEN,
})

/** Runs the sound plant once to learn its usual delivery and cycle, by which the others are called weak or rapid. */
function finish(
  described: Change,
  run: (f: Figures, stages: NonEmpty<SolvedStage>, usual: Usual) => FlowStory,
  rapid: number,
): FlowSide {
  const healthy = completeFigures(described)
  const draw = healthy['pump.flow']
  const turning: NonEmpty<SolvedStage> = [{ turning: 'running', slip: 0, ratedSlip: 0 } as SolvedStage]
  const sound = run(healthy, turning, { flow: 0, draw, rapidBelow: 0 })
  const usual = { flow: sound.delivery, draw, rapidBelow: Math.min(rapid, 0.5 * sound.cycle) }
  return { healthy: described, usualCycle: sound.cycle, run: (f, stages) => run(requireFinite(f), stages, usual) }
}

export const AIR_VOLUME = 60 * GALLON
export const WELL_WATER = { cutIn: 40 * PSI, volume: 44 * GALLON, flow: 10 * gpm, inlet: 0 }
export const BOOSTER_WATER = { cutIn: 40 * PSI, volume: 5 * GALLON, flow: 12 * gpm, inlet: 22 * PSI }
export const RV_WATER = { cutIn: 25 * PSI, volume: 0.5 * GALLON, flow: 3 * gpm, inlet: 0 }
