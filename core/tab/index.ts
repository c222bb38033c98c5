export { ALIASES, resolveLine, type Aliases } from './aliases'
export { asFound, readAsLeft } from './asFound'
export { checkLine, type LineProblem, type LineProblemCode } from './check'
export { CLOCK_START, MOST_AHEAD, msOf, tick, type Clock } from './clock'
export { foldFitted, type FittedPiece, type PartUsed } from './fitted'
export { createFold, foldTab, type Fold } from './fold'
export {
  FINDING_ROLES,
  LINE_KINDS,
  NUTS,
  STATIONS,
  TIMED,
  WORK_STATES,
  type FindingRole,
  type LineKind,
  type Nut,
  type Station,
  type Timed,
  type WorkState,
} from './kinds'
export {
  isKnownLine,
  type AnyLine,
  type DraftLine,
  type ForeignLine,
  type Line,
  type LineOf,
  type UnplacedLine,
} from './lines'
export { MARK_CODES, type Mark, type MarkCode } from './marks'
export { firstProof, holdsNeed, nextProof } from './needs'
export { orderLines } from './order'
export { unread } from './unread'
export { isPlaced, MOST_LINE_LENGTH, parseLine, parseUnplaced, type BadLine } from './parse'
export { createWriter, FILE_DEVICE, isFileDevice, newPen, nextStamp, type Pen } from './pen'
export {
  attachmentSchema,
  lineId,
  stampSchema,
  writtenObjectSchema,
  type Attachment,
  type SignedSheet,
  type Stamp,
} from './schema'
export { readStationWords } from './stationWords'
export { findProofFailure, PROOF_FAULTS, type ProofFailure, type ProofFault } from './says'
export { completeShorthand } from './completion'
export {
  parseShorthand,
  type Choice,
  type Listening,
  type ShorthandProblem,
  type Understood,
} from './shorthand'
export { type Evidence, type TabState, type TabStatus, type WorkLine } from './state'
export { type EndedProofs, type HeldState, type Work } from './work'
