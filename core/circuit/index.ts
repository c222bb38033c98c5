export { capacitor, EARTH, resistor, type Coupling, type Element, type Network, type Winding } from './network'
export { type SolvedNetwork } from './solution'
export { solveNetwork, type NetworkProblem } from './solve'
export { spiceName, writeSpice } from './spice'
export { calibrateMotor } from './calibrate'
export {
  airGapTorque,
  barsAt,
  operate,
  ROTATIONAL_LOSS,
  startSeries,
  windingImpedances,
  type Misfit,
  type MotorModel,
  type MotorNameplate,
  type StartGear,
} from './motor'
export {
  calibrateThreePhase,
  phaseImpedances,
  threePhaseTorque,
  type ThreePhaseModel,
  type ThreePhaseNameplate,
} from './threePhaseMotor'
