import type { FlowStory } from '#core/flow'
import type { Spread } from '../describe/description'
import type { Effect } from '../faultTypes'
import type { Change, Figures } from '../figures'
import type { SolvedStage } from '../power/stage'

/** One system in one condition, solved: what a prediction is made from. */
export interface Standing {
  readonly figures: Figures & Change
  readonly healthy: Figures & Change
  readonly stage: SolvedStage
  readonly spread: Spread
  readonly story: FlowStory
  readonly effect: Effect
  /** the effect as tables of what is seen know it */
  readonly seenAs: string
  /** the fault has only let go for now and closes again cold */
  readonly heals: boolean
  /** the tank's own fault, or none at all: its precharge is as the figures say */
  readonly tankKnown: boolean
  /** the nameplate says how large the tank or receiver is */
  readonly volumeKnown: boolean
}

/** Whether the motor has next to nothing to move. */
export const isIdling = ({ stage: { figures }, effect }: Pick<Standing, 'stage' | 'effect'>) =>
  effect === 'runs-dry' || figures['motor.load'] < 0.5
