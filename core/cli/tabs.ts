/**
 * What the commands read: a book's tabs, each folded and with its system's tables, judged by the facts and the practice
 * in force at its time.
 */
import { readFileSync } from 'node:fs'
import { inForce, practiceOf, readFile, USUAL_WRITTEN, type Practice } from '#core/formats'
import { prepareSystem, prepareWith, type Tables } from '#core/isolation'
import { kindFor, type Nameplate, type NameplateKey, type SystemKind } from '#core/systems'
import { foldTab, type TabState } from '#core/tab'
import { sayProblem } from '#core/words'

export interface AskedTab {
  readonly site: string
  readonly system: string
  readonly kind: SystemKind
  readonly tab: string
  readonly day: string
  readonly state: TabState
  readonly tables: Tables
}

/** Tabs of a file that are not settled, or all of them. Ends the command with 2, and says why, where it cannot. */
export function readTabs(path: string, all: boolean): readonly AskedTab[] {
  const book = readFile(readOrStop(path))
  if (!book.ok) return stop(sayProblem(book.problem))
  const prepared = new Map<string, ReturnType<typeof prepareSystem>>()
  /** A system's tables, made once for each nameplate and practice that its tabs were judged by. */
  const prepareOnce = (
    kind: string,
    nameplate: Nameplate,
    practice: Practice,
    supposed: readonly NameplateKey[],
  ): ReturnType<typeof prepareSystem> => {
    const key = JSON.stringify([kind, nameplate, practice, supposed])
    const made = prepared.get(key) ?? prepareSystem(kind, nameplate, practiceOf(practice), { supposed })
    prepared.set(key, made)
    return made
  }
  const out: AskedTab[] = []
  for (const site of book.value.sites)
    for (const system of site.systems)
      for (const tab of system.tabs) {
        const kind = kindFor(system.kind, system.nameplate)
        const state = foldTab(kind, tab.lines)
        if (state.status === 'settled' && !all) continue
        // a settled tab is judged by the facts and the practice of its settlement, an open one by those of now
        const at = state.settled?.at
        const { nameplate } = (at ? (inForce(system.plates, at) ?? system.plates[0]) : undefined) ?? system
        const practice = at ? inForce(book.value.practice, at) : book.value.practice.at(-1)
        const tables = prepareWith(nameplate, state, (plate, supposed) =>
          prepareOnce(system.kind, plate, practice?.practice ?? USUAL_WRITTEN, supposed))
        if (!tables.ok) return stop(`${site.name} › ${system.name}: ${sayProblem(tables.problem)}`)
        out.push({
          site: site.name, system: system.name, kind, tab: tab.id, day: tab.day, state, tables: tables.value,
        })
      }
  return out
}

function readOrStop(path: string): Uint8Array {
  try {
    return readFileSync(path)
  }
  catch (error) {
    return stop(`${path} cannot be read: ${error instanceof Error ? error.message : 'unknown reason'}`)
  }
}

export function stop(message: string): never {
  process.stderr.write(`${message}\n`)
  process.exit(2)
}
