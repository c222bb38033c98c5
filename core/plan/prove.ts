/** Prove and settle: the run, the hold, the cycles, the cause, the sheet. */
import { itemAt } from '#core/foundation'
import type { CauseAccount, Isolation } from '#core/isolation'
import { testOf, type SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'
import type { ProofStatus } from './proof'
import type { DraftStep } from './steps'

export function toProve({ kind, practice }: SystemModel, state: TabState, proof: ProofStatus): DraftStep[] {
  const open = proof.items.filter(i => !i.proved && i.test && i.test !== 'leak-down')
  const hold = proof.items.find(i => i.what === 'hold' || i.test === 'leak-down')
  const cycles = proof.items.find(i => i.what === 'cycles')
  const readings = open.flatMap(i => i.test ?? [])
  return [
    {
      id: 'run',
      station: 'prove',
      title: 'The proof run, with its readings',
      need: 'live',
      work: readings.map(id => testOf(kind, id)?.title ?? id),
      cautions: ['One hand, rated meter; covers on where nothing is read.'],
      why: 'As found beside as left: what was not read was not proved.',
      minutes: 3 + 2 * readings.length,
      readings,
      doneBy: readings.length === 0 ? true : undefined,
    },
    {
      id: 'hold',
      station: 'prove',
      title: `All closed, ${practice.leakDownMinutes} min watched`,
      need: 'any',
      work: ['House valve shut first where toilets may be filling.', 'Gauge at the start and at the end.'],
      cautions: [],
      why: 'What leaks starts the pump by night.',
      minutes: practice.leakDownMinutes,
      wait: practice.leakDownMinutes,
      doneBy: hold?.proved ? (hold.by ?? true) : undefined,
    },
    {
      id: 'cycles',
      station: 'prove',
      title: `${practice.proofCycles} whole cycles`,
      need: 'live',
      work: ['Cut-in to cut-out, watched, as many as the practice says; six or seven where heat was in question.'],
      cautions: [],
      why: 'Once can be luck.',
      minutes: 4 * practice.proofCycles,
      doneBy: cycles?.proved ? (cycles.by ?? true) : undefined,
    },
  ]
}

const toName = ({ causes }: CauseAccount) =>
  causes.filter(c => c.standing !== 'excluded').slice(0, 4).map(({ id: about, label, standing }) => ({
    about, label, standing,
  }))

export function toSettle(state: TabState, isolation: Isolation): DraftStep[] {
  const open = isolation.causes.filter(c => c.open && !c.suspected)
  return [
    {
      id: 'cause',
      station: 'settle',
      title: open.length > 0 ? `What made it fail: ${itemAt(open, 0, 'cause').label}` : 'What made it fail',
      need: 'any',
      work: isolation.causeTests.slice(0, 2).map(t => t.title),
      cautions: [],
      why: 'A casualty put right alone comes back.',
      minutes: open.length > 0 ? 5 : 0,
      ...(open[0] ? { causes: toName(open[0]) } : {}),
      doneBy: open.length === 0 ? (state.findings.cause.at(-1)?.id ?? true) : undefined,
    },
    {
      id: 'sheet',
      station: 'settle',
      title: 'The sheet, looked over and signed',
      need: 'any',
      work: [
        'House valve open again, cover and bushings, tools out.',
        'As found beside as left; what was not proved is said.',
      ],
      cautions: [],
      why: 'It is what the customer has of the call.',
      minutes: 4,
      doneBy: state.settled?.id,
    },
  ]
}
