/** Whether what was done and what came of it are one test, or a repair and what was seen after it. */
import { unstaged, type SystemKind } from '#core/systems'
import type { DraftLine } from '#core/tab'
import type { Done } from './done'
import type { Heard } from './meaning'
import { HELPED, isTrialLine } from './wholeLine'

/** What was done and what came of it are one test: `drained the tank, still hums`. */
export function isOneTest(
  kind: SystemKind, heard: Heard, { line: done }: Done, after: readonly DraftLine[], near: string | undefined,
): boolean {
  if (heard.kind !== 'lines' || heard.left || heard.lines.length !== 1) return false
  if (after.some(l => l.kind === 'repair')) return false
  const [line] = heard.lines
  const part = done.kind === 'repair' ? done.component : undefined
  const wasReadThere = part !== undefined && kind.points.some(p => p.id === near && p.component === part)
  // `new coil, pulls right in`: a new part is no test, but where it is a spare that was tried
  const isRenewal = done.kind === 'repair' && /^(?:swapped|changed|replaced|tried)/.test(done.text)
  const isSpare = (line && isTrialLine(kind, line) && !wasReadThere)
    || (isRenewal && line && 'test' in line && IS_SPARE.test(unstaged(line.test)))
  if (done.kind === 'repair' && IS_NEW.test(done.text) && line && !isSpare) return false
  if (line?.kind === 'observation' && HELPED.has(unstaged(line.test))) return true
  // `cleaned the nozzle, 55 now`: the figure is of afterwards
  if (after.some(l => l.kind === 'reading') && !heard.lines.some(l => l.kind === 'reading')) return false
  const same = after.some(l => 'test' in l && line && 'test' in line && l.test === line.test)
  const isTried = line && (isTrialLine(kind, line) || (done.kind === 'repair' && ONLY_TRIED.test(done.text)))
  return line?.kind === 'observation' && isTried === true && !ASKED.has(line.test) && !same
}

const ASKED: ReadonlySet<string> = new Set(['asked', 'works', 'fed-by'])
/** What is switched, held or set in again is as much a test as a repair. */
const ONLY_TRIED = new RegExp(
  '^(?:filled|primed|re-?primed|topped|poured|drained|emptied|blew down'
  + '|pushed|pressed|hit|punched|popped|re-?set|held|hold|flipped|switched|threw|put(?! (?:an? )?(?:new|fresh))'
  + '|moved|kicked'
  + '|lifted|turned(?!.* to (?:auto|tank|city)\\b))\\b',
)

const IS_NEW = new RegExp(
  '^(?:an? )?(?:new|fresh) |^(?:freed|unstuck|unjammed|blew up|aired|tightened|remade)\\b'
  + '|^(?:swapped|replaced|renewed|changed|tried)(?: out)? (?:in )?(?:the |an? )?'
  + '(?!(?:two|2|any|leads?|legs?|wires?|lines?|phases?|red|black|l\\d|t\\d|over|to)\\b)',
)
/** A spare that is tried in its place. */
const IS_SPARE = /-swap$/

/** `replaced the switch, still nothing`: it was done, whatever came of it. */
export const isRenewed = ({ line, after }: Done) =>
  line.kind === 'repair' && IS_NEW.test(line.text) && /^(?:and |but )?(?:still )?nothing\b/i.test(after)
