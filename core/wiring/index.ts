export {
  circuitAsLanded, SUPPLIES, type Position, type WiredCircuit, type WiredSupply,
} from './circuit'
export { findMend, type Move } from './mend'
export { recordsOf, wiredPlaces, type WiredPlace } from './ofSystem'
export { PARTS_WIRED, WIRED_PARTS, type WiredPart, type WiredPartId } from './parts'
export {
  conductorOf, differences, missing, wiringRecord, type Difference, type Landing, type WiringRecord,
} from './record'
export {
  isGround,
  judgeWiring,
  STOPS,
  WIRING_FAULTS,
  WIRING_NOTES,
  type WiringFault,
  type WiringFinding,
  type WiringNote,
  type WiringVerdict,
} from './verdict'
