export { ALIASES, resolveLine, type Aliases } from './aliases'
export { asFound } from './asFound'
export { checkLine, type LineProblem, type LineProblemCode } from './check'
export { CLOCK_START, MOST_AHEAD, msOf, tick, type Clock } from './clock'
export { foldFitted, type FittedPiece, type PartUsed } from './fitted'
export { createFold, foldTab, type Evidence, type Fold, type TabState, type TabStatus } from './fold'
export {
  attachmentSchema, contentHash, FINDING_ROLES, isKnownLine, isPlaced, LINE_KINDS, LINE_VERSION, lineId, MOST_LINE_LENGTH, parseLine, parseUnplaced, stampSchema, WORK_STATES, writtenObjectSchema,
  type AnyLine, type Attachment, type BadLine, type DraftLine, type FindingRole, type ForeignLine, type Line, type LineKind, type LineOf, type SignedSheet, type Stamp, type UnplacedLine, type WorkState,
} from './lines'
export { MARK_CODES, type Mark, type MarkCode } from './marks'
export { holdsNeed } from './needs'
export { orderLines } from './order'
export { createWriter, FILE_DEVICE, isFileDevice, newPen, nextStamp, type Pen } from './pen'
export { completeShorthand, parseShorthand, type Choice, type ShorthandProblem, type Understood } from './shorthand'
export { type EndedProofs, type HeldState, type Work } from './work'
