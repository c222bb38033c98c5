/** `breaker was tripped, reset it and it ran`: what had let go is on again, and holds. Common practice, no source. */
import { unstaged, type FaultMode, type SystemKind } from '#core/systems'
import type { Spoken } from './spoken'

const RESET = new RegExp(
  '\\b(?:re-?set|flipped|kicked|threw) (?:it|that|the (?:(?:well )?(?:pump )?breaker|gfc?i|outlet)(?: in the [a-z]+)?)'
  + '(?: off and)?(?: back)?(?: on| in)?(?: hard)?$',
)
const HELD_SINCE = new RegExp(
  '^[\\s,;\\d./]*(?:a |amps?,? )?(?:and |now |then |so )*'
  + '(?:it|she|he|(?:the )?(?:well )?pump|everything|that)?(?:\'s| has| is)? ?(?:been )?'
  + '(?:ran|runs?|running|came|comes|held|holds?|holding|stayed|stays|took|started|starts|works?|fired|kicked)\\b',
)
const AGAIN = /\b(?:trip|pop|blow|blew|quit|kick(?:s|ed) (?:out|off)|went (?:out|off|again)|goes)/
/** That holds which has nothing on it. */
const TAKEN_OFF = /\b(?:off|opened|pulled|lifted|disconnected|unhooked|unplugged|apart|loose)\b/
const NAMES_BREAKER = /\b(?:breaker|gfc?i)\b/

interface Told {
  readonly near: string | undefined
  /** the line before */
  readonly earlier: string
  /** the look that was last told */
  readonly shown: Spoken['shown']
  readonly before: string
  readonly part: string
  readonly after: string
}

/** The breaker that was put back, where it was, and nothing was taken off it for that. */
export function breakerReset(
  kind: SystemKind, { near, earlier, shown, before, part, after }: Told,
): FaultMode | undefined {
  if (!RESET.test(part) || !HELD_SINCE.test(after) || AGAIN.test(after)) return undefined
  if (TAKEN_OFF.test(`${earlier.toLowerCase()}, ${before}`)) return undefined
  const modes = kind.faults.filter(f => unstaged(f.repair.id) === 'find-why-then-reset-breaker')
  const wasLetGo = unstaged(shown?.test ?? '') === 'breaker-seen' && shown?.outcome !== 'on'
  const at = wasLetGo ? kind.tests.find(t => t.id === shown?.test)?.point : near
  const component = kind.points.find(p => p.id === at)?.component
  const own = modes.find(f => f.component === component)
  const said = `${before} ${part}`
  if (own || !NAMES_BREAKER.test(said)) return own
  const isStaged = /\bwell\b/.test(said)
  return modes.find(f => (f.id !== unstaged(f.id)) === isStaged) ?? modes[0]
}
