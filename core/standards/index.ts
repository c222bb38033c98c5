export {
  CAPACITOR_BANDS,
  capacitanceByCurrent,
  dischargeTime,
  INSULATION_LEAST,
  insulationAt40,
  RUN_CAPACITORS,
  SURFACE_START_CAPACITORS,
  SURFACE_START_CAPACITORS_230,
} from './capacitors'
export {
  DEVICE_RATINGS,
  FUSE_RATINGS,
  protectMotor,
  STARTER_SIZES,
  starterSize,
  startsADay,
  THREE_PHASE_MOTORS,
  threePhaseAmps,
  threePhaseLockedAmps,
  unbalance,
  UNBALANCE_LIMITS,
  voltageDrop,
  type DeviceKind,
  type StarterColumn,
} from './motors'
export {
  CODE_LETTERS,
  codeLetterAmps,
  INSULATION,
  SINGLE_PHASE_MOTORS,
  SOURCES,
  type CodeLetter,
  type Source,
  type SourceId,
  type Standing,
} from './tables'
export {
  ampacity,
  areaOfGauge,
  CONDUCTORS,
  conductorOhms,
  gaugeForAmps,
  gaugeOfArea,
  METALS,
  METRIC_CONDUCTORS,
  type Metal,
} from './conductors'
export { nearestBySize, THREE_WIRE_MOTORS, TWO_WIRE_MOTORS, type SubmersibleMotor } from './submersible'
