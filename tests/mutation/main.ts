/**
 * `npm run mutation` (or with a folder: `npm run mutation -- core/tab`): the core changed in small ways at sampled
 * places, and how many of the changes a test notices. Seeded: the same seed mutates the same lines. A folder's own
 * tests are asked first, those of the whole core only about what they let live. Prints the score of each folder and
 * names what lived; ends with 1 where a folder stays under its aim.
 */
import { execFileSync } from 'node:child_process'
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createRandom } from '../../core/foundation'

const FOLDERS = ['core/tab', 'core/isolation', 'core/circuit', 'core/flow']
const SEED = Number(process.env.SEED ?? 8)
/** mutants wanted from each folder, and how many one line of code gives on average */
const [WANTED, A_LINE] = [Number(process.env.MUTANTS ?? 110), 2]
const AIM = 75
/** neighbouring lines that are taken together */
const STRETCH = 6
const LIVES = new Set(['Survived', 'NoCoverage'])
const COUNTED = new Set(['Killed', 'Timeout', ...LIVES])

interface Mutant {
  readonly status: string
  readonly mutatorName: string
  readonly replacement?: string
  readonly location: { readonly start: Spot, readonly end: Spot }
}
interface Spot {
  readonly line: number
  readonly column: number
}
interface Report {
  readonly files: Readonly<Record<string, { readonly mutants: readonly Mutant[] }>>
}

const folders = process.argv[2] ? [process.argv[2]] : FOLDERS
const scores = folders.map(folder => ({ folder, ...score(folder) }))
for (const { folder, killed, all, lived } of scores) {
  console.log(`\n${folder}: ${killed} of ${all} noticed, ${percent(killed, all)} % (aim ${AIM})`)
  for (const line of lived) console.log(`  lived: ${line}`)
}
process.exitCode = scores.some(s => percent(s.killed, s.all) < AIM) ? 1 : 0

function percent(part: number, whole: number) {
  return whole > 0 ? Math.round((100 * part) / whole) : 0
}

interface InFile extends Mutant {
  readonly file: string
}
function keyOf({ file, mutatorName, replacement, location: { start } }: InFile) {
  return [file, start.line, start.column, mutatorName, replacement].join(' ')
}

function score(folder: string) {
  const all = mutate(folder, sample(folder), `${folder}/**/*.test.ts`).filter(m => COUNTED.has(m.status))
  const left = all.filter(m => LIVES.has(m.status))
  const isEnough = percent(all.length - left.length, all.length) >= AIM
  const asked = isEnough || left.length === 0 ? [] : mutate(folder, left.map(spotOf))
  const noticed = new Set(asked.filter(m => !LIVES.has(m.status)).map(keyOf))
  const lived = left.filter(m => !noticed.has(keyOf(m)))
  return {
    killed: all.length - lived.length,
    all: all.length,
    lived: lived.map(({ file, location, mutatorName, replacement = '' }) =>
      `${file}:${location.start.line} ${mutatorName} → ${replacement.slice(0, 60)}`),
  }
}

/** Where a mutant stands, as the tester takes it; its columns count from nought there. */
function spotOf({ file, location: { start, end } }: InFile) {
  return `${file}:${start.line}:${start.column - 1}-${end.line}:${end.column}`
}

/** @param tests which of them are asked; all of the core where none are named */
function mutate(folder: string, places: readonly string[], tests?: string): readonly InFile[] {
  const report = `reports/mutation/${folder.replace('/', '-')}.json`
  const config = `stryker.${folder.replace('/', '-')}.json`
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'vitest',
      vitest: { configFile: 'vitest.mutation.config.ts' },
      mutate: places,
      ignoreStatic: true,
      coverageAnalysis: 'perTest',
      concurrency: 2,
      timeoutMS: 20000,
      reporters: ['json'],
      jsonReporter: { fileName: report },
      tempDirName: '.stryker-tmp',
      ignorePatterns: ['.output', 'data', 'public', 'reports'],
      // what only words a sentence is no rule
      mutator: { excludedMutations: ['StringLiteral'] },
    }),
  )
  try {
    const env = { ...process.env, ...(tests ? { MUTATION_TESTS: tests } : {}) }
    execFileSync('npx', ['stryker', 'run', config], { stdio: ['ignore', 'inherit', 'inherit'], env })
  }
  finally {
    rmSync(config, { force: true })
  }
  const { files } = JSON.parse(readFileSync(report, 'utf8')) as Report
  return Object.entries(files).flatMap(([file, { mutants }]) => mutants.map(m => ({ file, ...m })))
}

/** Stretches of code drawn at random from the folder, as the tester takes them: `file:first-last`. */
function sample(folder: string): string[] {
  const random = createRandom(SEED)
  const stretches = readdirSync(folder)
    .filter(f => f.endsWith('.ts') && !f.endsWith('.test.ts') && f !== 'index.ts')
    .flatMap((file) => {
      const lines = readFileSync(join(folder, file), 'utf8').split('\n')
      const count = Math.ceil(lines.length / STRETCH)
      return Array.from({ length: count }, (_, i) => ({
        at: `${folder}/${file}:${i * STRETCH + 1}-${Math.min(lines.length, (i + 1) * STRETCH)}`,
        code: lines
          .slice(i * STRETCH, (i + 1) * STRETCH)
          .filter(l => /[;{}()=]/.test(l) && !/^\s*(\*|\/|import|export (type|interface))/.test(l)).length,
        order: random.uniform(),
      }))
    })
    .filter(s => s.code > 1)
    .toSorted((a, b) => a.order - b.order)
  const taken: string[] = []
  let expected = 0
  for (const s of stretches) {
    if (expected >= WANTED) break
    taken.push(s.at)
    expected += s.code * A_LINE
  }
  return taken
}
