/**
 * The fewest moves that put a record right: one conductor elsewhere, or two changed for each other; of several, those
 * that bring wires back to where they were found.
 */
import type { WiredCircuit } from './circuit'
import { PARTS_WIRED } from './parts'
import type { Landing } from './record'
import { isGround, judgeWiring, type WiringFault } from './verdict'

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
  const codes = judgeWiring(circuit, landings, found).faults.map(f => f.code)
  const left = new Set(codes.filter(c => STAYS.has(c)))
  const ofControl = codes.every(c => CONTROL.has(c) || STAYS.has(c))
  const tried = (l: Landing) => circuit.part !== 'starter' || isControl(l) === ofControl
  const isRight = (own: readonly Landing[]) =>
    judgeWiring(circuit, own, found, left).faults.every(f => left.has(f.code))
  if (isRight(landings)) return undefined
  const { terminals } = PARTS_WIRED[circuit.part]
  const moved = (own: readonly Landing[], i: number, terminal: string) =>
    own.map((l, j) => (j === i ? { ...l, terminal } : l))
  const say = (l: Landing, terminal: string): Move => ({ colour: l.colour, to: l.to, from: l.terminal, terminal })
  const asFound = (moves: readonly Move[]) =>
    moves.filter(m => found.some(f => f.colour === m.colour && f.to === m.to && f.terminal === m.terminal)).length
  const best = (all: readonly (readonly Move[])[]) => all.toSorted((a, b) => asFound(b) - asFound(a))[0]
  // what carries the motor's amps goes to no terminal of the control
  const mayGo = (l: Landing, t: string) => circuit.part !== 'starter' || isControl(l) || /^[lt]\d$/.test(t)
  const single = landings.flatMap((l, i) =>
    terminals.flatMap(t =>
      tried(l) && t !== l.terminal && mayGo(l, t) && isFree(landings, t) && isRight(moved(landings, i, t))
        ? [[say(l, t)]]
        : []))
  if (single.length > 0) return best(single)
  const changed = landings.flatMap((one, i) =>
    landings.slice(i + 1).flatMap((two, k) => {
      if (one.terminal === two.terminal || !tried(one) || !tried(two)) return []
      const both = moved(moved(landings, i, two.terminal), i + 1 + k, one.terminal)
      return isRight(both) ? [[say(one, two.terminal), say(two, one.terminal)]] : []
    }))
  return best(changed)
}

const STAYS: ReadonlySet<WiringFault> = new Set(['not-landed', 'ground-missing', 'case-unbonded'])

/** Faults of the coil's circuit: no wire of the motor's puts them right. */
const CONTROL: ReadonlySet<WiringFault> = new Set([
  'coil-wrong-volts', 'coil-dead', 'fed-from-load', 'no-hold-in', 'pilot-bypassed', 'overload-bridged',
])
const isControl = (l: Landing) => l.to !== 'supply' && l.to !== 'motor' && !isGround(l)

const isFree = (landings: readonly Landing[], terminal: string) =>
  terminal === 'g' || !landings.some(l => l.terminal === terminal)
