/** The fewest moves that put a record right: one conductor elsewhere, or two changed for each other. */
import type { WiredCircuit } from './circuit'
import { PARTS_WIRED } from './parts'
import type { Landing } from './record'
import { judgeWiring, type WiringFault } from './verdict'

export interface Move {
  readonly colour: string
  readonly to: string
  readonly from: string
  readonly terminal: string
}

/** @returns nothing where it is right as it is, or where no two moves put it right */
export function findMend(
  circuit: WiredCircuit,
  landings: readonly Landing[],
  found: readonly Landing[] = [],
): readonly Move[] | undefined {
  // a ground that is missing is not put right by moving another wire
  const left = new Set(judgeWiring(circuit, landings, found).faults.map(f => f.code).filter(c => STAYS.has(c)))
  const isRight = (own: readonly Landing[]) => judgeWiring(circuit, own, found).faults.every(f => left.has(f.code))
  if (isRight(landings)) return undefined
  const { terminals } = PARTS_WIRED[circuit.part]
  const moved = (own: readonly Landing[], i: number, terminal: string) =>
    own.map((l, j) => (j === i ? { ...l, terminal } : l))
  const say = (l: Landing, terminal: string): Move => ({ colour: l.colour, to: l.to, from: l.terminal, terminal })
  for (const [i, l] of landings.entries())
    for (const terminal of terminals)
      if (terminal !== l.terminal && isFree(landings, terminal) && isRight(moved(landings, i, terminal)))
        return [say(l, terminal)]
  for (const [i, one] of landings.entries())
    for (const [j, two] of landings.entries()) {
      if (j <= i || one.terminal === two.terminal) continue
      if (isRight(moved(moved(landings, i, two.terminal), j, one.terminal)))
        return [say(one, two.terminal), say(two, one.terminal)]
    }
  return undefined
}

const STAYS: ReadonlySet<WiringFault> = new Set(['not-landed', 'ground-missing', 'case-unbonded'])

const isFree = (landings: readonly Landing[], terminal: string) =>
  terminal === 'g' || !landings.some(l => l.terminal === terminal)
