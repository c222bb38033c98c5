export { checkLine, holdsNeed, type LineProblem, type LineProblemCode } from './check'
export { foldTab, type Evidence, type HeldState, type TabState, type TabStatus } from './fold'
export { FINDING_ROLES, lineId, lineSchema, WORK_STATES, type DraftLine, type FindingRole, type Line, type LineKind, type LineOf, type WorkState } from './lines'
export { completeShorthand, parseShorthand, type Choice, type ShorthandProblem, type Understood } from './shorthand'
