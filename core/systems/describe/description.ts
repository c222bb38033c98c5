/**
 * What a kind makes of a nameplate: healthy figures, the power stages to be solved, the flow side, and how well each
 * is known.
 */
import type { Misfit } from '#core/circuit'
import type { FlowStory } from '#core/flow'
import type { NonEmpty } from '#core/foundation'
import type { Change, Figures } from '../figures'
import type { ShopPractice } from '../practice'
import type { Effect } from '../faultTypes'
import type { Band, SystemKind } from '../types'
import type { PowerStage, SolvedStage } from '../power/stage'
import type { Plate } from './plate'

/** Relative spreads of what was not measured here. */
export interface Spread {
  readonly volts: number
  readonly amps: number
  readonly locked: number
  readonly ohms: number
  readonly farads: number
  /** of a run capacitor */
  readonly runFarads: number
  readonly flow: number
  /** pressure of the main ahead of a booster, Pa */
  readonly inlet?: number
  /** of what the switch is set to, where no plate says, Pa */
  readonly setting?: number
  /** of the logarithm of a cycle's time, where no plate gives the tank's size */
  readonly cycle?: number
}

/** Figures that the healthy bands are set by. */
export interface BandFigures {
  readonly motorVolts: number
  readonly maxAmps: number
  readonly ampsSource: Band['source']
  readonly capBand?: readonly [number, number]
  readonly runCap?: number
  readonly controlVolts?: number
  readonly cycle: number
}

export interface StageDescription {
  readonly id: string
  readonly prefix: string
  readonly power: PowerStage
  readonly spread: Spread
  readonly bands: BandFigures
  readonly supplyVolts: number
  /** by how much the motor's circuit misses what motors of its size usually do */
  readonly misfits?: readonly Misfit[]
}

export interface Description {
  readonly kind: SystemKind
  readonly practice: ShopPractice
  readonly plate: Plate
  /** all figures of the sound system; those of a later stage have its prefix */
  readonly healthy: Figures & Change
  readonly stages: NonEmpty<StageDescription>
  /** at the site, Pa absolute */
  readonly airPressure: number
  /** runs the plant with the stages as solved */
  flow(figures: Figures & Change, stages: NonEmpty<SolvedStage>): FlowStory
  /** what a stage after the first is seen to do; its electrical effect when absent */
  stageEffect?(stage: string, figures: Figures & Change, solved: SolvedStage): Effect
}
