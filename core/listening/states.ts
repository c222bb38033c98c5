/** States of the work as they are said: `bled the cap, meter flat`, `drained to zero`, `power back on`. */
import type { DraftLine } from '#core/tab'

const BLED
  = /\b(?:bled|discharged|drained)\b.*\b(?:cap|capacitor|caps)\b.*\b(?:flat|zero|0 ?v?|nothing|dead)\b/i
const ZERO = new RegExp(
  [
    '\\b(?:drained|bled|emptied)\\b.*\\b(?:gauge|pressure|needle)\\b.*\\b(?:zero|0)\\b',
    '\\b(?:drained|bled)(?: \\w+){0,3} (?:down )?to zero\\b',
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

/** Dead is never taken from words alone: it wants its three readings. */
export function sayState(text: string): { readonly line: DraftLine, readonly say: string } | undefined {
  if (BLED.test(text))
    return { line: { kind: 'state', to: 'discharged', proof: [0] }, say: 'discharged: 0 V left' }
  if (ZERO.test(text))
    return { line: { kind: 'state', to: 'zero-pressure', proof: [0] }, say: 'zero pressure: gauge 0' }
  // `breaker on` is what was seen; back on is what was done
  if (LIVE.test(text)) return { line: { kind: 'state', to: 'live' }, say: 'power is on' }
  return undefined
}
