export { airPressureAt, cycleAt, drawdown, shortestCycle, type Cycle, type SwitchSetting, type Tank } from './tank'
