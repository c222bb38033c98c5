/**
 * The kinds of line, and the closed sets that lines draw from. Without a schema, so that what only folds need not
 * carry one.
 */

export const LINE_KINDS = [
  'opened',
  'reading',
  'observation',
  'state',
  'part',
  'repair',
  'finding',
  'skip',
  'wait',
  'photo',
  'note',
  'remark',
  'strike',
  'carried',
  'resumed',
  'taken-up',
  'step',
  'landed',
  'adjusted',
  'timed',
  'proved',
  'follow-up',
  'advice',
  'settled',
] as const
export type LineKind = (typeof LINE_KINDS)[number]

export const WORK_STATES = ['live', 'proven-dead', 'discharged', 'zero-pressure'] as const
export type WorkState = (typeof WORK_STATES)[number]
export const FINDING_ROLES = ['failed', 'cause', 'also'] as const
/** Where a call is once the fault is found. */
export const STATIONS = ['put-right', 'wire', 'set-up', 'prove', 'settle'] as const
export type Station = (typeof STATIONS)[number]
export const NUTS = ['range', 'differential'] as const
export type Nut = (typeof NUTS)[number]
export const TIMED = ['hold', 'run', 'rest', 'cycle'] as const
export type Timed = (typeof TIMED)[number]
export type FindingRole = (typeof FINDING_ROLES)[number]

const KNOWN: ReadonlySet<string> = new Set(LINE_KINDS)
export const isKnownKind = (kind: string): kind is LineKind => KNOWN.has(kind)
