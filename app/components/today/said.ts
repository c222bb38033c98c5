/** What is said to open a tab: `willow bend no water`. The site by its words, the complaint by how it is put. */
export interface Sayable { readonly id: string, readonly words: string }
export interface SaidCall { readonly site?: string, readonly complaint?: string, readonly rest: string }

const wordsOf = (text: string): readonly string[] => text.toLowerCase().match(/[\p{L}\p{N}½¾¼]+/gu) ?? []

/** @param complaints each with one way of putting it; the longest that is said whole is meant */
export function readCall(
  said: string, sites: readonly Sayable[], complaints: readonly Sayable[],
): SaidCall {
  const words = wordsOf(said)
  const begins = (site: Sayable) => {
    const own = wordsOf(site.words)
    let n = 0
    while (n < words.length && n < own.length && own[n]!.startsWith(words[n]!) && words[n]!.length > 1) n++
    return n
  }
  const best = sites.map(s => ({ site: s, n: begins(s) })).toSorted((a, b) => b.n - a.n)
  const [first, second] = best
  // one word that begins two sites' names names neither
  const site = first && first.n > 0 && first.n > (second?.n ?? 0) ? first : undefined
  const left = words.slice(site?.n ?? 0)
  const meant = complaints.filter(c => wordsOf(c.words).every(w => left.includes(w)))
    .toSorted((a, b) => wordsOf(b.words).length - wordsOf(a.words).length)[0]
  return {
    ...(site ? { site: site.site.id } : {}),
    ...(meant ? { complaint: meant.id } : {}),
    rest: left.join(' '),
  }
}
