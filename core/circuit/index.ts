export { capacitor, EARTH, resistor, type Coupling, type Element, type Network, type Winding } from './network'
export { type SolvedNetwork } from './solution'
export { solveNetwork, type NetworkProblem } from './solve'
export { spiceName, writeSpice } from './spice'
export {
  airGapTorque,
  calibrateMotor,
  ROTATIONAL_LOSS,
  windingImpedances,
  type MotorModel,
  type MotorNameplate,
} from './motor'
export {
  calibrateThreePhase,
  phaseImpedances,
  threePhaseTorque,
  type ThreePhaseModel,
  type ThreePhaseNameplate,
} from './threePhaseMotor'
