export { capacitor, EARTH, resistor, type Element, type Network } from './network'
export { solveNetwork, type NetworkProblem, type SolvedNetwork } from './solve'
export { spiceName, writeSpice } from './spice'
export { airGapTorque, calibrateMotor, ROTATIONAL_LOSS, windingImpedances, type MotorModel, type MotorNameplate } from './motor'
