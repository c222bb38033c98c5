/** What a kind makes of a nameplate: healthy figures, the power stages to be solved, the flow side, and how well each is known. */
import type { FlowStory } from '#core/flow'
import type { Band, Effect, Figures, SystemKind } from '../types'
import type { PowerStage, SolvedStage } from '../power/stage'
import type { Plate } from './plate'

/** Relative spreads of what was not measured here. */
export interface Spread { readonly volts: number, readonly amps: number, readonly locked: number, readonly ohms: number, readonly farads: number, readonly flow: number }

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
}

export interface Description {
  readonly kind: SystemKind
  readonly plate: Plate
  readonly healthy: Figures
  readonly stages: readonly StageDescription[]
  readonly prechargeOffset: number
  /** whether a figure belongs to the flow side alone, so that a change to it leaves the circuits as they were */
  isFlow(key: string): boolean
  /** runs the plant with the stages as solved */
  flow(f: Figures, stages: readonly SolvedStage[]): FlowStory
  /** what a stage after the first is seen to do; its electrical effect when absent */
  stageEffect?(stage: string, f: Figures, solved: SolvedStage): Effect
}
