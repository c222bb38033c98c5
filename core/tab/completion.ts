/** Ways to go on from what is typed so far, and the words that a kind has. */
import type { SystemKind, Test } from '#core/systems'

export const pointNames = (p: SystemKind['points'][number]) => [p.id, p.name, ...p.aliases]

/** Ways to go on from what is typed so far, best first: point names, test words, things seen. */
export function completeShorthand(
  kind: SystemKind,
  typed: string,
  most = 6,
): readonly { readonly insert: string, readonly say: string }[] {
  const lower = typed.toLowerCase().trimStart()
  if (!lower || /\d/.test(lower)) return []
  const all: { insert: string, say: string }[] = []
  for (const point of kind.points) {
    const name = [...pointNames(point)].find(n => n.startsWith(lower))
    if (name) all.push({ insert: `${name} `, say: `#${point.number} ${point.name}` })
  }
  for (const test of kind.tests) {
    if (test.kind === 'seen') {
      for (const word of test.words) {
        if (word.startsWith(lower)) all.push({ insert: `${word} `, say: test.title })
        if (lower.startsWith(`${word} `))
          for (const o of test.outcomes)
            if (`${word} ${o.words[0]}`.startsWith(lower))
              all.push({ insert: `${word} ${o.words[0]}`, say: `${test.title}: ${o.label}` })
      }
    }
    else {
      for (const word of test.words)
        if (word.length > 3 && word.startsWith(lower)) all.push({ insert: `${word} `, say: test.title })
    }
  }
  const once = all.filter((a, i) => all.findIndex(b => b.insert === a.insert) === i)
  return once.slice(0, most)
}

/** Words that a point or a test of a kind is named by, gathered once. */
export function wordsOfKind(kind: SystemKind): ReadonlySet<string> {
  const known = gathered.get(kind)
  if (known) return known
  const names = [...kind.points.flatMap(p => pointNames(p)), ...kind.tests.flatMap((t: Test) => t.words)]
  const fresh = new Set(names.flatMap(n => n.split(' ')))
  gathered.set(kind, fresh)
  return fresh
}

const gathered = new WeakMap<SystemKind, ReadonlySet<string>>()
