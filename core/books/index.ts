export { survivalOf, type Lifetime, type Survival, type SurvivalStep } from './survival'
export { fitLine, forecast, type Dated, type Forecast, type Limit } from './forecast'
export { FEW, median, shareOf, type Share } from './rates'
export { PHASES, settledCallOf, type Phase, type PhaseMinutes, type SettledCall } from './settledCall'
export {
  COMEBACK_DAYS, comebacksOf, mediansOf, sumBooks,
  type BookedCall, type BookSums, type Counted, type FaultSum, type TestSum,
} from './sums'
