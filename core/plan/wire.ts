/** Wire: landed, proved on paper, proved by ohms, covered. */
import type { SystemModel } from '#core/systems'
import { isKnownLine, type TabState } from '#core/tab'
import { opens } from './asks'
import type { JudgedWiring } from './records'
import type { PlannedRepair } from './repairs'
import type { DraftStep } from './steps'

export function wire(
  { kind }: SystemModel,
  state: TabState,
  repairs: readonly PlannedRepair[],
  wiring: readonly JudgedWiring[],
): DraftStep[] {
  if (!opens(repairs, 'wires')) return []
  const landed = wiring.filter(w => w.of === 'left')
  const wrong = landed.filter(w => w.verdict.faults.length > 0)
  const isOhms = (id: string) => kind.tests.some(t => t.id === id && t.kind === 'numeric' && t.quantity === 'ohms')
  // what was done elsewhere since, at the tank say, leaves the wires as they were checked
  const opened = new Set([
    ...repairs.flatMap(r => (r.recipe.opens.includes('wires') ? (r.by ?? []) : [])),
    ...landed.flatMap(w => w.record.left.flatMap(l => l.line ?? [])),
  ])
  const since = state.lines.findLastIndex(l => opened.has(l.id))
  const ohms = state.lines.slice(since + 1).find(l =>
    isKnownLine(l) && l.kind === 'reading' && !state.struck.has(l.id) && isOhms(l.test))
  return [
    {
      id: 'land',
      station: 'wire',
      title: 'Wires landed as they were found',
      need: 'proven-dead',
      work: [
        'Ground first on, last off.',
        'Conductor bent clockwise round the screw, slack, no strand under insulation.',
        'Clamp on the jacket; a bushing in every entry.',
        'Say each: terminal, colour, where it goes.',
      ],
      cautions: ['Dead and locked while hands are in it.'],
      why: 'A wire on the wrong pole is found at power-on, by a bang.',
      minutes: 7,
      picture: true,
      doneBy: landed[0]?.record.left.at(-1)?.line,
    },
    {
      id: 'paper-proof',
      station: 'wire',
      title: 'Proof of the record before power',
      need: 'any',
      work: ['The circuit as landed is worked out with its contacts open and closed.'],
      cautions: ['It proves the record, not the wires.'],
      why: 'It costs nothing, and says what power-on would do.',
      minutes: 1,
      doneBy: landed.length > 0 && wrong.length === 0 ? true : undefined,
      blocked: wrong.length > 0 ? 'wired-wrongly' : landed.length === 0 ? 'nothing-landed' : undefined,
    },
    {
      id: 'ohms',
      station: 'wire',
      title: 'Dead check of the wires themselves',
      need: 'proven-dead',
      work: [
        'Ohms across each pole, open and closed by hand lever or pressure.',
        'Load pair against the motor’s ohms; each leg to ground: open.',
        'Ground to a known ground: under 1 Ω.',
      ],
      cautions: ['Ohms on dead wires only.'],
      why: 'The record can be right and a wire under the wrong screw all the same.',
      minutes: 4,
      doneBy: since < 0 ? undefined : ohms?.id,
    },
    {
      id: 'cover',
      station: 'wire',
      title: 'Cover on',
      need: 'proven-dead',
      work: ['Bushings in, no wire pinched, cover on, tools out.'],
      cautions: [],
      why: 'The next hand there may be a child’s.',
      minutes: 2,
    },
  ]
}
