/** States of the work as they are said: `bled the cap, meter flat`, `drained to zero`, `power back on`. */
import type { DraftLine } from '#core/tab'

/** What a meter then shows of the capacitor itself is no proof: `a dead short across it`. */
const BLED
  = new RegExp(
    '\\b(?:bled|discharged|drained)\\b.*\\b(?:cap|capacitor|caps|meter|it off|(?<!drained )it down)\\b'
    + '.*\\b(?:flat|zero|0 ?v?|nothing|dead)\\b(?! ?(?:short|ohms?|uf|mfd|microfarads?))'
    + '|\\b(?:bled|discharged)\\b.*\\b(?:zero|0|no) ?v(?:olts?)?\\b',
    'i',
  )
const ZERO = new RegExp(
  [
    '\\b(?:drained|bled|emptied)\\b.*\\b(?:gauge|pressure|needle)\\b.*\\b(?:zero|0)\\b',
    '(?<!\\b(?:it|she|pressure|gauge|needle) )\\b(?:drained|bled)(?: \\w+){0,3} (?:down )?to (?:zero|nothing)\\b',
    '\\bpressure (?:is )?(?:at|to) zero\\b',
    '\\bno pressure left\\b',
  ].join('|'),
  'i',
)
const LIVE
  = new RegExp(
    '^(?:the )?(?:power (?:is )?(?:back )?|breaker (?:is )?back )on(?: again)?$'
    + '|^(?:re-?)?energi[sz]ed$|^switched (?:it )?back on$',
    'i',
  )

/** Made dead, in any words, and at the end what the meter showed: on a live source, there, on the live source again. */
const MADE_DEAD = new RegExp(
  '\\b(?:dead|locked|tagged|killed|prove[nd]?|shut (?:it |the \\w+ )?(?:off|down)'
  + '|(?:turned|switched) (?:it |the \\w+ )?off'
  + '|(?:power|breaker|disconnect|main)(?:[\'’]?s| is| was)? (?:off|out|open|pulled))\\b',
  'i',
)
const SHOWN = '(\\d+(?:\\.\\d+)?)(?: ?v(?:olts?)?)?'
const THREE = new RegExp(`(?<![\\d.])${SHOWN}(?:[\\s,/]+(?:then )?)${SHOWN}(?:[\\s,/]+(?:then )?)${SHOWN}$`, 'i')

function sayDead(text: string) {
  const [, ...shown] = THREE.exec(text) ?? []
  const [before = 0, there = 0, after = 0] = shown.map(Number)
  // a source that is the same before and after, and next to nothing between
  const holds = before >= 10 && Math.abs(before - after) <= 0.1 * before && there <= 0.3 * before
  if (!holds || !MADE_DEAD.test(text)) return undefined
  const proof = [before, there, after]
  const say = `proven dead: ${proof.map(n => `${n} V`).join(' → ')}`
  return { line: { kind: 'state', to: 'proven-dead', proof } as const, say }
}

/** Dead is never taken from words alone: it wants its three readings. */
export function sayState(text: string): { readonly line: DraftLine, readonly say: string } | undefined {
  const dead = sayDead(text)
  if (dead) return dead
  if (BLED.test(text))
    return { line: { kind: 'state', to: 'discharged', proof: [0] }, say: 'discharged: 0 V left' }
  if (ZERO.test(text))
    return { line: { kind: 'state', to: 'zero-pressure', proof: [0] }, say: 'zero pressure: gauge 0' }
  // `breaker on` is what was seen; back on is what was done
  if (LIVE.test(text)) return { line: { kind: 'state', to: 'live' }, say: 'power is on' }
  return undefined
}
