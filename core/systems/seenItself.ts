/**
 * What a person sees of a broken part when it is opened, pulled or traced, where no look of its own asks for it. Told
 * and never proposed: nobody is sent to pull a pump to look. One test, one answer for each fault that shows; who says
 * so has seen the fault itself. How often it is said is common practice, no source.
 */
import type { FaultId } from './ids'
import { unstaged } from './ids'
import type { FaultMode } from './faultTypes'
import { SEEN_PARTS } from './seenParts'
import type { SeenTest } from './testTypes'

/** The id of the test. */
export const SEEN_ITSELF = 'seen-itself'

/** How often it is told where it is so, and how often by a slip where it is not. */
const [TOLD, BY_A_SLIP] = [0.5, 0.0007]

/** The one test of a kind; nothing where none of its faults has a look here. */
export function seenItself(faults: readonly FaultMode[], point: string | undefined): readonly SeenTest[] {
  const shown = faults.flatMap((f) => {
    const part = SEEN_PARTS[unstaged(f.id) as FaultId]
    return part ? [{ fault: f.id, label: f.id === unstaged(f.id) ? part.label : `well: ${part.label}` }] : []
  })
  if (shown.length === 0 || point === undefined) return []
  const none = (n: number) => 1 - n * BY_A_SLIP
  const rowOf = (fault: string) => {
    const rest = none(shown.length - 1) - TOLD
    return [rest, ...shown.map(s => (s.fault === fault ? TOLD : BY_A_SLIP))]
  }
  return [
    {
      kind: 'seen',
      id: SEEN_ITSELF,
      point,
      title: 'Seen on the part itself',
      words: ['seen itself'],
      need: 'any',
      minutes: 1,
      risk: 0,
      steps: ['Opened, pulled or traced: what is seen of the part.'],
      onlyTold: true,
      several: true,
      outcomes: [
        { id: 'nothing', label: 'nothing to see', words: ['nothing'] },
        ...shown.map(s => ({ id: s.fault, label: s.label, words: [s.fault] })),
      ],
      usual: [none(shown.length), ...shown.map(() => BY_A_SLIP)],
      chancesByFault: Object.fromEntries(shown.map(s => [s.fault, rowOf(s.fault)])),
      chancesByEffect: {},
    },
  ]
}
