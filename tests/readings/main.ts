/**
 * `npm run readings`: twelve nameplates over all kinds, sound and under their faults, every reading beside the band
 * that was committed before the model was touched. Prints the table and writes it to docs/readings.md; ends with 1
 * where more than two readings of a hundred lie outside.
 */
import { writeFileSync } from 'node:fs'
import { SOURCES, type ReadingBand } from './band'
import { misfits, readAll, type Reading } from './read'

const three = (x: number) => (x === Infinity ? '∞' : String(Number(x.toPrecision(3))))
const bandText = (band: ReadingBand) => (band === 'OL' ? 'OL' : `${three(band[0])} – ${three(band[1])}`)
const readText = ({ read }: Reading) =>
  read === 'OL' ? 'OL' : typeof read === 'number' ? three(read) : read.why

const tableOf = (head: readonly string[], body: readonly string[]) =>
  [`| ${head.join(' | ')} |`, `|${head.map(() => '---|').join('')}`, ...body].join('\n')

const percent = ({ gives, usual }: { gives: number, usual: number }) =>
  `${gives < usual ? '−' : '+'}${Math.round(100 * Math.abs(gives / usual - 1))} %`

const all = readAll()
const outside = all.filter(r => !r.inside)
const rows = (plate: string) =>
  all
    .filter(r => r.plate === plate)
    .map(
      r =>
        `| ${r.condition} | ${r.test} | ${readText(r)} | ${bandText(r.band)} | ${r.unit} | ${r.source} |`
        + `${r.inside ? '' : ' outside'} |`,
    )
const plates = [...new Set(all.map(r => r.plate))]
const score = `${all.length - outside.length} of ${all.length} readings lie inside their bands; `
  + `${outside.length} outside (${((100 * outside.length) / all.length).toFixed(1)} of 100, wanted at most 2).`

const page = [
  '# Readings',
  'Made by `npm run readings`: do not edit. Each reading stands beside the band that was written for it before '
  + 'the model was touched (`tests/readings/`).',
  score,
  tableOf(
    ['source', 'what it is'],
    Object.entries(SOURCES).map(([id, text]) => `| ${id} | ${text} |`),
  ),
  ...plates.flatMap(plate => [
    `## ${plate}`,
    tableOf(['condition', 'test', 'reads', 'band', 'unit', 'source', ''], rows(plate)),
  ]),
  '## Motors beside what is usual',
  'What a plate does not state is wished for as motors of its size usually are; what it states is met exactly.',
  tableOf(
    ['motor', 'what', 'gives', 'usual', ''],
    misfits().map(m => `| ${m.plate} | ${m.what} | ${three(m.gives)} | ${three(m.usual)} | ${percent(m)} |`),
  ),
]
writeFileSync('docs/readings.md', `${page.join('\n\n')}\n`)
for (const r of outside) {
  const band = `band ${bandText(r.band)} (${r.source})`
  console.log(`${r.plate} · ${r.condition} · ${r.test}: ${readText(r)} ${r.unit}, ${band}`)
}
console.log(`\n${score}`)
process.exitCode = outside.length > 0.02 * all.length ? 1 : 0
