/**
 * `npm run -s isolate -- FILE`: reads a book file, prints suspects, verdicts and next tests of every tab that is not
 * settled (or of all with --all) as JSON, with what was understood of each line.
 */
import { readFileSync } from 'node:fs'
import { inForce, readFile, practiceOf, USUAL_WRITTEN, type Practice } from '#core/formats'
import { isolate, prepareSystem, prepareWith } from '#core/isolation'
import { sayLine } from '#core/listening'
import { kindFor, type Nameplate, type NameplateKey, type SystemKind } from '#core/systems'
import { foldTab, isKnownLine, type Line } from '#core/tab'
import { sayProblem } from '#core/words'

const args = process.argv.slice(2)
const prepared = new Map<string, ReturnType<typeof prepareSystem>>()
const file = args.find(a => !a.startsWith('--'))
if (!file) stop('Name a file: npm run -s isolate -- FILE [--all]')
const content = readOrStop(file!)
const book = readFile(content)
if (!book.ok) stop(sayProblem(book.problem))
else {
  const out = []
  for (const site of book.value.sites) {
    for (const system of site.systems) {
      for (const tab of system.tabs) {
        // a settled tab is judged by the facts and the practice of its settlement, an open one by those of now
        const kind = kindFor(system.kind, system.nameplate)
        const state = foldTab(kind, tab.lines)
        if (state.status === 'settled' && !args.includes('--all')) continue
        const at = state.settled?.at
        const { nameplate } = (at ? (inForce(system.plates, at) ?? system.plates[0]) : undefined) ?? system
        const practice = at ? inForce(book.value.practice, at) : book.value.practice.at(-1)
        const tables = prepareWith(nameplate, state, (plate, supposed) =>
          prepareOnce(system.kind, plate, practice?.practice ?? USUAL_WRITTEN, supposed))
        if (!tables.ok) {
          stop(`${site.name} › ${system.name}: ${sayProblem(tables.problem)}`)
          continue
        }
        const { suspects, decision, mended, ...rest } = isolate(tables.value, state)
        out.push({
          site: site.name,
          system: system.name,
          kind: system.kind,
          tab: tab.id,
          day: tab.day,
          status: state.status,
          work: state.work,
          ended: state.ended,
          heard: state.lines.flatMap(l => (isKnownLine(l) ? (sayHeard(kind, l) ?? []) : [])),
          marks: Object.fromEntries(state.marks),
          suspects: suspects.filter(s => s.chance > 0.001),
          // once it was put right there is nothing left to decide
          decision: decision ?? mended,
          ...rest,
        })
      }
    }
  }
  process.stdout.write(`${JSON.stringify(out, null, 2)}\n`)
}

/** What a line said, and what it was taken for; a remark is not weighed. */
function sayHeard(kind: SystemKind, line: Line) {
  if (line.kind === 'repair') return { line: line.id, said: line.text, as: sayLine(kind, line) }
  if (line.kind === 'remark') return { line: line.id, said: line.text, as: 'a remark, not weighed' }
  if (line.kind !== 'reading' && line.kind !== 'observation') return undefined
  return { line: line.id, said: line.typed ?? '', as: sayLine(kind, line) }
}

/** A system's tables, made once for each nameplate and practice that its tabs were judged by. */
function prepareOnce(
  kind: string,
  nameplate: Nameplate,
  practice: Practice,
  supposed: readonly NameplateKey[],
): ReturnType<typeof prepareSystem> {
  const key = JSON.stringify([kind, nameplate, practice, supposed])
  const made = prepared.get(key) ?? prepareSystem(kind, nameplate, practiceOf(practice), { supposed })
  prepared.set(key, made)
  return made
}

function readOrStop(path: string): Uint8Array {
  try {
    return readFileSync(path)
  }
  catch (error) {
    return stop(`${path} cannot be read: ${error instanceof Error ? error.message : 'unknown reason'}`)
  }
}

function stop(message: string): never {
  process.stderr.write(`${message}\n`)
  process.exit(2)
}
