export {
  CHECK_RULES, checksOf, monthsAfter, visitDue, type CheckedSystem, type CheckState, type DueCheck,
} from './checks'
export { layOut, sayTimeOfDay, USUAL_DAY, type DayCall, type LaidOut } from './layOut'
export { isSpent, proposeOrder, rankBetween, type Orderable } from './order'
export { dayAfter, MOST_A_DAY, SPAN, spreadDue, type Due, type Spread } from './spread'
