/** What came of a thing that was put right, where it is said and no more: it works, or it does not. */
import { ok, type Result } from '#core/foundation'
import { findTest, type SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import type { Done } from './done'
import type { Heard } from './meaning'
import { sayLines } from './sayLine'
import type { Spoken } from './spoken'
import { saysItIsSame, saysItRanOn, saysItWorks } from './worksNow'

const WORKS: DraftLine = { kind: 'observation', test: 'works', outcome: 'yes' }
const FAILS: DraftLine = { kind: 'observation', test: 'works', outcome: 'no' }

/** The lines that were heard; none of what was asked or is a remark. */
export const linesOf = (heard: Result<Heard> | undefined): readonly DraftLine[] =>
  heard?.ok && heard.value.kind === 'lines' ? heard.value.lines : []

/** What would be no more than a remark, said once something was put right: that it works, or does not. */
export function withWorks(
  kind: SystemKind, typed: string, before: Spoken = {}, heard: Result<Heard>,
): Result<Heard> {
  const own = linesOf(heard)
  const isSaid = heard.ok && (heard.value.kind === 'remark' || isNothingNew(own))
  if (!before.mended || !findTest(kind, 'works')) return heard
  if (isSmooth(typed, own)) {
    const all = [...own, { ...WORKS, typed } as DraftLine]
    return ok({ kind: 'lines', lines: all, say: sayLines(kind, all) })
  }
  if (!isSaid) return heard
  const line = saysItWorks(typed) ? WORKS : saysItIsSame(typed) ? FAILS : undefined
  if (!line) return heard
  const lines = [{ ...line, typed } as DraftLine]
  return ok({ kind: 'lines', lines, say: sayLines(kind, lines) })
}

/** `runs smooth to 50 and stays off`: after a repair where it stops is not all that is said of it. */
const SMOOTH
  = /^(?:and |now |it |she )*(?:runs|pumps|goes|builds|climbs) (?:smooth(?:ly)?|steady|fine|strong|right) /i
const isSmooth = (typed: string, lines: readonly DraftLine[]) =>
  SMOOTH.test(typed.trim()) && lines.length > 0 && lines.every(l => l.kind === 'reading' && l.test === 'cut-out')

/** `same`, that nothing else has changed: of what was put right it is that nothing came of it. */
const isNothingNew = ([line, ...more]: readonly DraftLine[]) =>
  line?.kind === 'observation' && line.test === 'asked' && line.outcome === 'nothing' && more.length === 0

/** After a repair that is no pump that stands still. */
const IS_CALM = new RegExp(
  '^(?:and )?(?:it[’\']s |she[’\']s |runs |nice and )*quiet'
  + '(?: now| again| as a mouse| (?:after|once|when) it (?:stops|shuts off))?\\.?$', 'i',
)

/** In one word, after a repair: whatever that word is of elsewhere. */
const DOES_ITS_WORK
  = /^(?:and )?(?:it[’']s |it )?(?:fill(?:s|ing)|pump(?:s|ing))(?: up)?(?: now| again)?\.?$|^builds?$/i

/** Of what leaked air, that none is heard is as it should be. */
const LEAKED_AIR: ReadonlySet<string> = new Set(['check.leaking', 'unloader.leaking'])
const NO_HISS = /^(?:and )?no (?:more )?hiss(?:ing)?(?: now| any ?more)?\.?$/i

/** `new relay, same`; `new breaker, ran all day`. */
export function cameOf(
  kind: SystemKind, after: string, complained: string | undefined, { line }: Pick<Done, 'line'>,
): DraftLine | undefined {
  if (!findTest(kind, 'works')) return undefined
  // `swapped the relay and cap, same`
  const last = after.replace(/^(?:the |a )?[a-z]+(?: [a-z]+)?[,;] (?=\D+$)/i, '')
  const isTight = line.kind === 'repair' && LEAKED_AIR.has(line.fault ?? '') && NO_HISS.test(after)
  if (isTight || DOES_ITS_WORK.test(after)) return WORKS
  return saysItIsSame(last) ? FAILS : saysItRanOn(after, complained) || IS_CALM.test(after) ? WORKS : undefined
}

/** `tightened it, fills in three minutes`: what was put right does its work. */
export function worksAgain(
  kind: SystemKind, after: string, done: DraftLine, told: readonly DraftLine[],
): readonly DraftLine[] {
  const stops = done.kind === 'repair' && /\.(?:out-of-setting|by-pass)$/.test(done.fault ?? '')
  const isTold = told.some(l => 'test' in l && l.test === 'works')
  return !isTold && findTest(kind, 'works') && saysItWorks(after, stops) ? [WORKS] : []
}

/** What a pump makes again, after its inlet or a filter was seen to. */
const MAKES
  = /^(?:and )?(?:it )?(?:(?:got |gives |up to )?\d+ ?(?:psi|pounds)|(?:makes|holds|holding) \d+(?: psi)?)(?: now)?$/i

/** `changed filter, 65`: no tap gives so many gallons. */
const POUNDS = /^(?:and )?(?:it[’']?s |got |now |back to )*[2-9]\d$/i

/** Where nothing but water is looked at. */
const BARE: ReadonlySet<string | undefined> = new Set([undefined, 'inlet', 'tap'])

/** What is read at the gauge, though something else was spoken of: said after a repair. */
export const isAtGauge = (after: string, near: string | undefined): boolean =>
  (near === 'inlet' && MAKES.test(after)) || (BARE.has(near) && POUNDS.test(after))
