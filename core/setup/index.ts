export { bandAsSet, modelAsSet, pressureWhen } from './asSet'
export {
  advise, learn, startCoach, type Advice, type CoachEvent, type CoachState, type CoachTarget, type Watched,
} from './coach'
export { checkSetting, SETTING_FAULTS, springEndOf, type SettingFault, type SettingProblem } from './limits'
export { cyclingAt, foresee, type Cycling, type Foreseen, type Instead, type Profile, type Store } from './foreseen'
export { healthyFigures, setUpOf, type SetUp } from './setUp'
export { adviseAir, airTarget, type AirAdvice, type TankAir } from './tankAir'
