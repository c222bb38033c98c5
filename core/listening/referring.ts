/**
 * What `it` is, where a line goes on from the one before: the thing that stood there last. `the other side of it`,
 * `6 after it`, `bypassed it with a hose`. Common practice, no source.
 */

/** Things that have two sides, or are gone around; the longer name first. */
const THINGS = '(?:pressure|demand|float|panel) switch|float|overload|breaker|disconnect|strainer|filter|regulator'
  + '|check valve|transformer|relay'
const NAMED = new RegExp(`\\b(?:${THINGS})\\b`, 'gi')
const OF_IT = new RegExp(
  '\\b(the (?:other|far|out|load|pump|motor) side of|out of|past|behind|after|ahead of|before|bypass(?:ed)?|went'
  + ' around|around) (?:it|that)\\b(?! (?:was|is|had|has|ran|runs|starts?|started|quit|sat|goes|went)\\b)',
  'i',
)

/** What stands where the reading before was made, should it not be named. */
const AT: Readonly<Record<string, string>> = { outlet: 'regulator' }

/**
 * A line with what it points at named.
 * @param before the line before it, as it was said
 * @param near the point of the reading or observation before
 */
export function withReferred(text: string, before: string | undefined, near: string | undefined): string {
  const named = before?.match(NAMED)?.at(-1) ?? AT[near ?? '']
  if (!named || text.match(NAMED)) return text
  return text.replace(OF_IT, (_, side: string) =>
    `${/ side of$/i.test(side) ? 'out of' : side} the ${named.toLowerCase()}`)
}
