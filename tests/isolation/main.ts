/**
 * npm run bench:isolation [-- calls [kind…]]: lets the engine run seeded calls on every kind against a world whose
 * circuits an outside SPICE engine solves, and prints how it fares against other ways of working.
 */
import { createRandom, requireOk } from '#core/foundation'
import { prepareSystem } from '#core/isolation'
import { isKindId, KIND_IDS, type KindId } from '#core/systems'
import { drawCall } from './draw'
import { byEngine, byFixedOrder, byKnowing, playCall, swapParts, type Played } from './players'

const [wanted, ...named] = process.argv.slice(2)
const calls = Number(wanted) || 60
const kinds = named.filter(isKindId).length > 0 ? named.filter(isKindId) : KIND_IDS

interface Row {
  readonly double: boolean
  readonly truth: string
  readonly engine: Played
  readonly fixed: Played
  readonly swap: Played
  readonly bound: Played
}

const mean = (xs: readonly number[]) => (xs.length > 0 ? xs.reduce((a, b) => a + b, 0) / xs.length : Number.NaN)
const share = (xs: readonly boolean[]) => (xs.length > 0 ? `${(100 * mean(xs.map(Number))).toFixed(0)} %` : '–')
const pad = (s: string, n: number) => s.padStart(n)

async function playKind(kind: KindId): Promise<Row[]> {
  const rows: Row[] = []
  for (let n = 0; n < calls; n++) {
    const seed = 7919 * (KIND_IDS.indexOf(kind) + 1) + n
    const call = await drawCall(kind, createRandom(seed))
    const tables = requireOk(prepareSystem(kind, call.nameplate))
    rows.push({
      double: call.planted.length > 1,
      truth: call.planted.map(p => `${p.mode.id}:${p.mode.severities[p.degree]!.id}`).join(' + '),
      engine: await playCall(call, tables, byEngine, seed),
      fixed: await playCall(call, tables, byFixedOrder, seed),
      swap: swapParts(call),
      bound: await playCall(call, tables, byKnowing(call), seed),
    })
  }
  return rows
}

const head = [
  'kind',
  'single',
  'double',
  'tests',
  'min',
  '| order: min',
  'tests',
  'right',
  '| swap: right',
  'min',
  '| bound: tests',
  'min',
  '| condemned',
  'order',
  'swap',
]
const widths = [18, 7, 7, 6, 6, 12, 6, 6, 14, 6, 14, 6, 12, 6, 6]
const print = (cells: readonly string[]) =>
  console.log(cells.map((c, i) => (i === 0 ? c.padEnd(widths[0]!) : pad(c, widths[i]!))).join(' '))

function line(name: string, rows: readonly Row[]) {
  const one = rows.filter(r => !r.double).map(r => r.engine.right)
  const two = rows.filter(r => r.double).map(r => r.engine.right)
  const m = (pick: (r: Row) => number) => mean(rows.map(pick)).toFixed(1)
  print([
    name,
    share(one),
    share(two),
    m(r => r.engine.tests),
    m(r => r.engine.minutes),
    m(r => r.fixed.minutes),
    m(r => r.fixed.tests),
    share(rows.map(r => r.fixed.right)),
    share(rows.map(r => r.swap.right)),
    m(r => r.swap.minutes),
    m(r => r.bound.tests),
    m(r => r.bound.minutes),
    share(rows.map(r => r.engine.condemned)),
    share(rows.map(r => r.fixed.condemned)),
    share(rows.map(r => r.swap.condemned)),
  ])
}

console.log(
  `${calls} calls a kind, 15 % with two faults, 2 % gross misreadings; circuits of the world by SPICE. Minutes `
  + `leave out the needed repair.`,
)
print(head)
const all: Row[] = []
const short: string[] = []
for (const kind of kinds) {
  const rows = await playKind(kind)
  all.push(...rows)
  line(kind, rows)
  for (const r of rows)
    if (!r.engine.right)
      short.push(
        `${kind}: ${r.truth} → `
        + `${r.engine.wrong.join(', ') || 'undecided'}`
        + `${r.engine.missing.length > 0 ? ` (missing ${r.engine.missing.join(', ')})` : ''}`,
      )
}
line('all', all)
const singles = all.filter(r => !r.double)
const doubles = all.filter(r => r.double)

/** A share with its interval of 95 %, by Wilson (1927, "Probable inference", J. Am. Stat. Assoc. 22). */
function shareWithin(xs: readonly boolean[]): string {
  if (xs.length === 0) return '–'
  const [n, p, z] = [xs.length, mean(xs.map(Number)), 1.96]
  const centre = (p + z ** 2 / (2 * n)) / (1 + z ** 2 / n)
  const half = (z / (1 + z ** 2 / n)) * Math.sqrt((p * (1 - p)) / n + z ** 2 / (4 * n ** 2))
  const say = (x: number) => (100 * x).toFixed(1)
  return `${say(p)} % (${say(centre - half)} to ${say(centre + half)}) of ${n}`
}

/** A ratio of means over the same calls, with twice its standard error by the delta method. */
function ratioWithin(top: (r: Row) => number, bottom: (r: Row) => number): string {
  const [a, b] = [mean(all.map(top)), mean(all.map(bottom))]
  const off = all.map(r => (top(r) - (a / b) * bottom(r)) / b)
  const error = Math.sqrt(mean(off.map(x => x ** 2)) / Math.max(1, all.length - 1))
  return `${(a / b).toFixed(2)} ± ${(2 * error).toFixed(2)}`
}

console.log('\nAims:')
console.log(`  right on single faults ≥ 97 %: ${shareWithin(singles.map(r => r.engine.right))}`)
console.log(`  right on two faults ≥ 90 %: ${shareWithin(doubles.map(r => r.engine.right))}`)
console.log(`  minutes ≤ 0.45 of the fixed order: ${ratioWithin(r => r.engine.minutes, r => r.fixed.minutes)}`)
console.log(`  tests ≤ 1.3 of the lower bound: ${ratioWithin(r => r.engine.tests, r => r.bound.tests)}`)
console.log(`  costly or buried sound parts condemned ≤ 0.3 %: ${shareWithin(all.map(r => r.engine.condemned))}`)
if (short.length > 0) console.log(`\nShort of right:\n${short.map(s => `  ${s}`).join('\n')}`)
process.exit(0)
