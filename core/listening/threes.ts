/**
 * Three of one go, each with its name, in any order: of pairs (`l1-l2 238, l2-l3 240, l1-l3 239`, `240 on T1 to T2,
 * …`) and of lines (`zero on L2, 40 on L1 and 41 on L3`, `22 on A, 31 on B and 24 on C`). They become a row.
 */

const VALUE = '(\\d*\\.?\\d+|ol|open)'
const UNIT = '(?: ?(v(?:olts?)?|a(?:mps?)?|ohms?)\\b)?'
const JOINT = ',?(?: and)?'
/** the pair, then its figure; the figure, then its pair */
const PAIRS = [
  {
    of: new RegExp(`(lead )?n([123]) n([123]) ?[:=]? ?${VALUE}${UNIT}${JOINT}`, 'g'),
    at: { lead: 1, pair: 2, value: 4, unit: 5 },
  },
  {
    of: new RegExp(`${VALUE}${UNIT}(?: (?:on|from|across|between))? (lead )?n([123]) n([123])${JOINT}`, 'g'),
    at: { value: 1, unit: 2, lead: 3, pair: 4 },
  },
]
/** From so much on leads are a starter's load side. */
const LOAD_VOLTS = 60

export function threePairs(words: string): string {
  for (const { of, at } of PAIRS) {
    const pairs = [...words.matchAll(of)]
    const by = new Map(pairs.map(p => [[p[at.pair], p[at.pair + 1]].toSorted().join(''), p[at.value]!]))
    const row = ['12', '23', '13'].map(p => by.get(p))
    if (pairs.length !== 3 || row.some(v => v === undefined || Number.isNaN(Number(v)))) continue
    const place = pairs[0]![at.lead] ? (row.some(v => Number(v) > LOAD_VOLTS) ? 'load' : 'lead') : ''
    return withRow(words, of, `${place} ${row.join('/')} ${pairs.map(p => p[at.unit]).find(Boolean) ?? ''}`)
  }
  return words
}

const LINE = '(?:lead |leg |line |phase )?(?:n([123])|([abc]))(?![a-z\\d])(?! n\\d)'
const LINES = new RegExp(`(zero|nothing|\\d*\\.?\\d+)${UNIT} on ${LINE}${JOINT}`, 'g')

export function threeLines(words: string): string {
  const lines = [...words.matchAll(LINES)]
  const by = new Map(lines.map(l => [l[3] ?? String('abc'.indexOf(l[4]!) + 1), l[1]!]))
  if (lines.length !== 3 || by.size !== 3) return words
  const row = ['1', '2', '3'].map(n => by.get(n)!).map(v => (/\d/.test(v) ? v : '0'))
  return withRow(words, LINES, `${row.join('/')} ${lines.map(l => l[2]).find(Boolean) ?? ''}`)
}

function withRow(words: string, of: RegExp, row: string): string {
  const first = words.search(of)
  const after = words.slice(first).replace(of, ' ')
  return `${words.slice(0, first)} ${row} ${after}`.replace(/ ,/g, '')
}
