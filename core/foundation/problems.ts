/**
 * Everything that may be refused or fail as expected, anywhere: one closed list. Each code has its sentence
 * (core/words); one that is missing there breaks the build.
 */
export const PROBLEM_CODES = [
  // a line, asked for before it is written
  'tab-settled', 'unknown-test', 'unknown-outcome', 'unknown-fault', 'unknown-component', 'impossible-value',
  'state-needed', 'proof-fails', 'no-such-line', 'already-struck', 'nothing-read',
  // shorthand
  'empty', 'unknown-word', 'unknown-point', 'no-value', 'two-values', 'wrong-unit', 'no-such-reading', 'ambiguous',
  // said at the stations
  'no-direction', 'no-turns',
  // three leads told apart
  'leads-all-open', 'lead-open', 'leads-cannot-be', 'leads-shorted', 'leads-sum', 'leads-alike',
  // systems and nameplates
  'pump-curve-rises', 'unknown-kind', 'no-tag', 'unknown-field', 'figure-out-of-range', 'not-a-choice', 'not-a-figure',
  // motors made from a nameplate
  'full-load-amps-too-low', 'locked-amps-too-low', 'main-ohms-too-high', 'nameplate-contradicts-itself',
  // circuits
  'floating-node', 'singular', 'bad-element', 'repeated-element', 'unknown-coupling', 'no-bracket',
  // books
  'not-json', 'not-a-book', 'newer-version', 'torn-archive', 'no-book', 'hash-differs', 'bad-place', 'bad-line',
  'bad-nameplate',
  // pictures
  'attachment-empty', 'attachment-too-large', 'attachment-differs', 'attachment-unreadable', 'attachment-unnamed',
  'attachment-no-room',
  // a logger's trace
  'trace-empty', 'trace-no-pressure', 'trace-units-mixed',
  // keeping and asking
  'bad-form', 'post-down', 'desk-down', 'desk-odd', 'desk-none',
  // tables taken in
  'table-none', 'column-missing', 'row-ragged', 'row-doubled', 'cell-empty', 'not-a-date',

  'busy', 'not-here', 'torn-reply', 'not-found', 'bad-request', 'disk-full', 'device-full', 'no-copy',
  'id-taken',
  // who may
  'sign-in-first', 'wrong-sign-in', 'needs-tls', 'no-right', 'link-spent', 'name-taken', 'weak-passphrase',
  'last-owner', 'passkey-failed', 'too-many', 'too-large',
  // the book itself
  'read-only', 'book-gone',
  'unreachable', 'engine-missing', 'cancelled', 'unknown-code',
] as const
export type ProblemCode = typeof PROBLEM_CODES[number]
export type Facts = Readonly<Record<string, string | number>>

/** A failure: what it is, and the figures and ids that a sentence can be made from. */
export interface Problem {
  readonly code: ProblemCode
  readonly facts: Facts
}

const known: ReadonlySet<string> = new Set(PROBLEM_CODES)

/** A problem from outside: one that this version does not know is said to be that. */
export const readProblem = (code: string, facts: Facts): Problem =>
  known.has(code) ? { code: code as ProblemCode, facts } : { code: 'unknown-code', facts: { code } }
