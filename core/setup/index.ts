export {
  advise, learn, startCoach, type Advice, type CoachEvent, type CoachState, type CoachTarget, type Watched,
} from './coach'
export { checkSetting, SETTING_FAULTS, springEndOf, type SettingFault, type SettingProblem } from './limits'
export { healthyFigures, setUpOf, type Foreseen, type SetUp } from './setUp'
export { adviseAir, airTarget, cyclingOver, type AirAdvice, type Cycling, type TankAir } from './tankAir'
