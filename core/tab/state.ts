/** What a tab's lines come to: read by everything that shows, judges or keeps a tab; made by the fold alone. */
import type { FindingRole } from './kinds'
import type { AnyLine, Line, LineOf } from './lines'
import type { Mark } from './marks'
import type { EndedProofs, Work } from './work'

export type TabStatus = 'open' | 'carried' | 'settled'

/**
 * A reading or observation in force, with what had been put right before it was taken (faults, or components where no
 * fault was named), how often it has been read again alike (a slip of meter or hand does not come twice), and what
 * was seen at the same test before, with nothing repaired in between.
 */
export interface Evidence {
  readonly line: LineOf<'reading'> | LineOf<'observation'>
  readonly repaired: readonly string[]
  readonly confirmed: number
  readonly earlier?: readonly string[]
  /** the reading before it that hangs on the same supply */
  readonly beside?: LineOf<'reading'>
  /** a figure that was held to what is printed on the part itself */
  readonly labelled?: boolean
}

export type WorkLine
  = LineOf<'step'> | LineOf<'landed'> | LineOf<'adjusted'> | LineOf<'timed'> | LineOf<'proved'>

export interface TabState {
  readonly status: TabStatus
  readonly opened?: LineOf<'opened'>
  /** all that was ever written, in order, struck and unknown ones too */
  readonly lines: readonly AnyLine[]
  /** the lines that no other has seen yet: what the next line has seen */
  readonly heads: readonly AnyLine[]
  readonly struck: ReadonlyMap<string, LineOf<'strike'>>
  readonly marks: ReadonlyMap<string, readonly Mark[]>
  readonly work: Work
  readonly ended: EndedProofs
  readonly evidence: readonly Evidence[]
  /** evidence that a later reading of the same test, with nothing repaired in between, has replaced */
  readonly replaced: ReadonlyMap<string, unknown>
  readonly repaired: readonly string[]
  readonly parts: readonly LineOf<'part'>[]
  readonly repairs: readonly LineOf<'repair'>[]
  readonly findings: Readonly<Record<FindingRole, readonly LineOf<'finding'>[]>>
  readonly skipped: ReadonlyMap<string, string>
  /** tests that wait: when each is due (ISO instant), and the line that started it */
  readonly waiting: ReadonlyMap<string, { readonly due: string, readonly line: string }>
  readonly photos: readonly LineOf<'photo'>[]
  readonly asLeft: readonly (LineOf<'reading'> | LineOf<'observation'>)[]
  /** what was done at the stations, in order: steps, wires landed, nuts turned, times taken, proofs */
  readonly worked: readonly WorkLine[]
  readonly followUps: readonly LineOf<'follow-up'>[]
  readonly advice: readonly LineOf<'advice'>[]
  readonly carried?: LineOf<'carried'>
  readonly settled?: LineOf<'settled'>
  /** lines that came after the tab was settled and have not been taken up: not weighed */
  readonly afterSettling: readonly Line[]
}
