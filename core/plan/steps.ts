/** A step of the plan, and how it stands by the tab's lines. */
import type { CauseStanding } from '#core/isolation'
import type { Station } from '#core/tab'
import type { Need } from '#core/systems'

export interface PlanStep {
  readonly id: string
  readonly station: Station
  readonly title: string
  /** the state in which it is done */
  readonly need: Need
  /** what to do, in order */
  readonly work: readonly string[]
  readonly cautions: readonly string[]
  readonly why: string
  readonly minutes: number
  readonly tools?: readonly string[]
  readonly part?: string
  readonly fits?: string
  /** minutes of waiting before the next */
  readonly wait?: number
  /** tests that it wants read */
  readonly readings?: readonly string[]
  /** the repair that it is, where it is one: the line that is logged when it is done */
  readonly puts?: { readonly component: string, readonly fault: string, readonly text: string }
  /** what can have made it fail, shown first: naming one is the step */
  readonly causes?: readonly { readonly about: string, readonly label: string, readonly standing: CauseStanding }[]
  /** it wants a picture */
  readonly picture?: true
  readonly standing: StepStanding
  /** the line that says so */
  readonly by?: string
  /** why it was left out, or cannot be gone on with */
  readonly reason?: string
}
export const STEP_STANDINGS = ['open', 'done', 'left-out', 'blocked'] as const
export type StepStanding = (typeof STEP_STANDINGS)[number]

export type DraftStep = Omit<PlanStep, 'standing' | 'by' | 'reason'> & {
  /** shown done by the lines themselves, without a step line */
  readonly doneBy?: string | true | undefined
  /** what must not be gone on with */
  readonly blocked?: string | undefined
}
