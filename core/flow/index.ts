export { AIR_FALL_OFF, runAir, type AirPlant } from './air'
export { airLineDrop, airThrough, holeLike, waterThrough } from './holes'
export {
  curveThrough,
  frictionHead,
  headAt,
  operatingFlow,
  WATER_WEIGHT,
  type Against,
  type Pipe,
  type PumpCurve,
  type PumpPoint,
} from './pipes'
export { FLOW_EFFECTS, type FlowEffect, type FlowStory, type PressureSwitch } from './story'
export {
  airPressureAt, cycleAt, cycleOf, drawdown, shortestCycle, type Cycle, type SwitchSetting, type Tank,
} from './tank'
export { freeFlowOf, runWater, type WaterPlant } from './water'
