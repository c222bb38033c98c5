export { CAPACITOR_BANDS, capacitanceByCurrent, dischargeTime, INSULATION_LEAST, insulationAt40 } from './capacitors'
export { DEVICE_RATINGS, protectMotor, STARTER_SIZES, starterSize, THREE_PHASE_MOTORS, threePhaseAmps, unbalance, UNBALANCE_LIMITS, voltageDrop, type DeviceKind } from './motors'
export { CODE_LETTERS, codeLetterAmps, copperOhms, INSULATION, nearestSinglePhase, nearestSubmersible, SINGLE_PHASE_MOTORS, SOURCES, SUBMERSIBLE_MOTORS, WIRE_GAUGES, type CodeLetter, type Source, type SourceId, type Standing, type WireGauge } from './tables'
