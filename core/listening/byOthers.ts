/** What is not ours to mend, and was mended by those whose it is: the main, the line. Common practice, no source. */
import type { FaultMode, SystemKind } from '#core/systems'

export const BY_OTHERS = new RegExp(
  '^(?:they|the (?:city|utility|town|power company|electric company|water (?:company|department)))(?:\'ve)? '
  + '(?:came and |came out and |got it )?(?:fixed|repaired|mended|restored)(?: (?:it|that|the (?:main|break|leak)))?$'
  + '|^(?:called the (?:power|electric) company,? (?:and )?)?they (?:came out and )?'
  + '(?:tightened|remade|replaced|changed'
  + '|swapped|re-?spliced|repaired|fixed|put in) (?:an? |the |their )(?:\\w+ ){0,2}(?:splice|connect'
  + '(?:ion|or)|drop|neutral'
  + '|jumper|cutout|fuse|transformer|lug|tap)(?: (?:at|on|in) .*)?$'
  + '|^(?:power|electric) company (?:found|replaced|spliced|fixed|changed|put up) .*'
  + '|^(?:called the (?:power|electric) company and )?(?:they|(?:the )?power company) (?:moved|changed'
  + '|raised|lowered) (?:a|the) taps?$'
  + '|^changed (?:the )?(?:transformer|pole) taps?$'
  + '|^they balanced (?:the|their) loads?$',
)

const LONG_SINCE = /\b(?:last|ago|yesterday|years?|months?|weeks?|before)\b/

/** @param near the point where something was read last: the inlet is the water supplier's, all else the utility's */
export function doneByOthers(kind: SystemKind, part: string, near: string | undefined): FaultMode | undefined {
  if (near === undefined || !BY_OTHERS.test(part) || LONG_SINCE.test(part)) return undefined
  return kind.faults.find(f => f.repair.id === (near === 'inlet' ? 'call-water-supplier' : 'call-utility'))
}
