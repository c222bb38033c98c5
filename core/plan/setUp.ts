/** Set up: air, water and power back, and what has to be set. */
import { itemAt } from '#core/foundation'
import { hazardsOf, type Tables } from '#core/isolation'
import type { SetUp } from '#core/setup'
import type { SystemModel } from '#core/systems'
import { isKnownLine, readAsLeft, type TabState } from '#core/tab'
import { formatTurns, formatValue } from '#core/units'
import { STOPS } from '#core/wiring'
import { after, opens } from './asks'
import type { JudgedWiring } from './records'
import type { PlannedRepair } from './repairs'
import type { DraftStep } from './steps'

interface SettingUp {
  readonly tables: Tables
  readonly state: TabState
  readonly repairs: readonly PlannedRepair[]
  readonly wiring: readonly JudgedWiring[]
  readonly setUp: SetUp | undefined
}

export function toSetUp({ tables, state, repairs, wiring, setUp }: SettingUp): DraftStep[] {
  const { kind, practice } = tables.model
  const { units } = practice
  const steps: DraftStep[] = []
  const add = (step: Omit<DraftStep, 'station'>) => steps.push({ station: 'set-up', ...step })
  const air = setUp?.air
  if (air && (after(repairs, 'air') || air.read !== undefined))
    add({
      id: 'air',
      title: `Tank to ${formatValue('pressure', air.target, units)}`,
      need: 'zero-pressure',
      work: [
        'Gauge at zero, a tap open; read at the valve.',
        air.do === 'renew-tank'
          ? 'Water at the valve: the bladder is gone. Air is a bandage on it; the tank is renewed.'
          : air.do === 'add' || air.do === 'bleed'
            ? `${air.do === 'add' ? 'Add' : 'Let out'} ${formatValue('pressure', Math.abs(air.change), units)}: about `
            + `${Math.ceil(air.minutes)} min of a small compressor; read again.`
            : 'Read it; add or let out to the figure.',
      ],
      cautions: ['Never over the tank’s plate. Water pushed out while airing: it was not empty.'],
      why: 'By the cut-in that will be set, not by the lid.',
      minutes: Math.ceil(air.minutes) + 3,
      readings: ['precharge'],
      ...puts(repairs, /^(?:air|bleed)-/, `aired to ${formatValue('pressure', air.target, units)}`),
      doneBy: air.do === 'leave' ? true : undefined,
    })
  if (opens(repairs, 'pressure'))
    add({
      id: kind.medium === 'air' ? 'air-in' : 'water-back',
      title: kind.medium === 'air' ? 'Drain shut' : 'Water back slowly, air out at a tap',
      need: 'any',
      work: kind.medium === 'air'
        ? ['Drain shut, regulator backed off.']
        : ['Valves open a little at a time.', 'Look at every joint.'],
      cautions: [],
      why: 'A joint that leaks is easier to see before the pump is loud.',
      minutes: 4,
    })
  if (after(repairs, 'prime'))
    add({
      id: 'prime',
      title: 'Prime before power',
      need: 'any',
      work: ['Full at the plug, plug sealed.', 'Never dry: a seal is gone in seconds.'],
      cautions: [],
      why: 'A pump that starts dry is the next call.',
      minutes: 5,
    })
  if (after(repairs, 'overload') && kind.components.some(c => c.id === 'starter'))
    add({
      id: 'overload',
      title: 'Overload dial at the plate’s amps',
      need: 'proven-dead',
      work: ['The plate’s full-load amps on the dial, never multiplied: what the code allows is built in.'],
      cautions: [],
      why: 'Set too high it protects nothing; too low it is the next call.',
      minutes: 2,
      ...puts(repairs, /^set-overload/, 'dial set to the plate’s amps'),
    })
  add(powerOn({ tables, state, repairs, wiring, setUp }))
  if (after(repairs, 'rotation') && kind.components.some(c => c.id === 'starter'))
    add({
      id: 'rotation',
      title: 'Rotation by delivery, not by the nameplate’s arrow alone',
      need: 'live',
      work: ['Bump it; watch delivery and amps.', 'Little delivery: change two leads, dead, and try again.'],
      cautions: ['A screw or scroll compressor is damaged by seconds backwards.'],
      why: 'Backwards a pump delivers little, not nothing.',
      minutes: 3,
    })
  // the lever of a compressor is on, off or auto: no cut-off
  if (after(repairs, 'cut-off') && kind.medium === 'water' && kind.tests.some(t => t.id === 'lever'))
    add({
      id: 'cut-off',
      title: 'Low-pressure cut-off held in, then proved once',
      need: 'live',
      work: [
        'Hold the lever part-way (fully up is off) 20 to 30 s, till the gauge is well over cut-in; let go slowly.',
        'Let pressure fall once: it must trip.',
      ],
      cautions: ['If it will not hold, no water is coming: do not hold it on.'],
      why: 'A cut-off that was never seen to trip is none.',
      minutes: 4,
      ...puts(repairs, /cut-off|lever/, 'cut-off held in and proved'),
    })
  if (after(repairs, 'float')) add(floatLevels(kind))
  // a compressor's switch has the unloader in it
  const unloads = kind.tests.some(t => t.id === 'unloader-stop')
  if (unloads && (after(repairs, 'unloader') || after(repairs, 'switch'))) add(unloading(kind))
  if (setUp && (after(repairs, 'switch') || isLeftOff(state, setUp))) add(adjust(tables.model, setUp, repairs))
  return steps
}

/** Whether the switch was read off its setting once all was put right, though nothing was done to it. */
const isLeftOff = (state: TabState, { coach }: SetUp) =>
  readAsLeft(state).some(l => l.test === 'cut-in' || l.test === 'cut-out')
  && (coach.advice.do === 'turn' || isTurned(state))

const isTurned = ({ lines, struck }: TabState) =>
  lines.some(l => isKnownLine(l) && l.kind === 'adjusted' && !struck.has(l.id))

/** The float calls and stops at two levels: the length of cord between anchor and float is the gap between them. */
const floatLevels = (kind: SystemModel['kind']): Omit<DraftStep, 'station'> => ({
  id: 'float',
  title: 'Float: where it calls and where it stops',
  need: 'live',
  work: [
    'By hand, slowly: down it calls, up it stops; a pump-down float the other way about.',
    'More cord between anchor and float: further apart. Calling level over the pump’s intake, stop under the overflow.',
    'It must swing clear of ladder, pipe and inlet; then let the water move it once.',
  ],
  cautions: ['Cord and weight only from outside: nobody enters a tank for it. Live: covers on, one hand.'],
  why: 'A float the wrong way about runs a tank over, or a pump dry.',
  minutes: 10,
  readings: ['well-float-look', 'tank-level'].filter(id => kind.tests.some(t => t.id === id)),
})

/** Head and line are let down at every stop, and shut while it runs. */
const unloading = (kind: SystemModel['kind']): Omit<DraftStep, 'station'> => ({
  id: 'unloader',
  title: 'Unloader: a sigh at every stop, nothing while it runs',
  need: 'live',
  work: [
    'Let it stop at cut-out: one short sigh, then quiet. A hiss that goes on is the check valve.',
    'Let it run: no air out of it. A restart against full pressure: it starts without a groan.',
    'Where it has an adjustment: a quarter turn at a time, off between, till the sigh comes with the stop.',
  ],
  cautions: ['It starts by itself: keep clear of belt and flywheel.'],
  why: 'A head that is not let down stalls the next start and burns the motor.',
  minutes: 6,
  readings: ['unloader-stop', 'unloader-run'].filter(id => kind.tests.some(t => t.id === id)),
})

/** A repair that is done at the set-up becomes a line with its step. */
function puts(repairs: readonly PlannedRepair[], which: RegExp, text: string): Pick<DraftStep, 'puts'> {
  const own = repairs.find(r => r.recipe.later && !r.by && which.test(r.mode.repair.id))
  return own ? { puts: { component: own.mode.component, fault: own.mode.id, text } } : {}
}

/** Power comes back only where nothing on record speaks against it. */
function powerOn({ tables, state, repairs, wiring }: SettingUp): Omit<DraftStep, 'station'> {
  const landed = wiring.filter(w => w.of === 'left')
  const stops = landed.flatMap(w => w.verdict.faults.filter(f => STOPS.has(f.code)))
  const hazards = hazardsOf(tables, state)
  const wired = opens(repairs, 'wires')
  const onAfter = state.work.live?.line
  const shut = hazards.first.size > 0 || hazards.shown.size > 0
  return {
    id: 'power-on',
    title: 'Power on, covers on, watch the first start',
    need: 'any',
    work: ['Nobody at the wires; stand to the side.', 'Amps at the first instant, on one conductor.'],
    cautions: wired ? ['Only after the record and the dead check.'] : [],
    why: 'The first start tells most.',
    minutes: 2,
    ...(stops.length === 0 && shut ? { readings: [...hazards.first.values()].flat() } : {}),
    doneBy: stops.length === 0 ? onAfter : undefined,
    blocked: stops[0] ? `wiring:${stops[0].code}` : shut ? 'look-for-the-short-first' : undefined,
  }
}

function adjust(
  { kind, practice: { units } }: SystemModel,
  { coach, target, problems, read }: SetUp,
  repairs: readonly PlannedRepair[],
): Omit<DraftStep, 'station'> {
  const { advice } = coach
  const say = (pa: number) => formatValue('pressure', pa, units)
  const work = advice.do === 'turn'
    ? [
        `Off, proven dead: ${advice.nut === 'range' ? 'range nut' : 'small nut'} ${formatTurns(advice.turns)}; cover `
        + 'on, power, watch.',
        `Expect cut-in ${say(advice.expect.cutIn)}, cut-out ${say(advice.expect.cutOut)} `
        + `(${say(advice.gain.perTurn)} a turn${advice.gain.learnt ? ', learnt here' : ', as usual'}).`,
      ]
    : advice.do === 'watch'
      ? [`Small flow, so that it moves slowly: watch the ${advice.what} and say it.`]
      : ['Both near enough: leave it.']
  return {
    id: 'switch-set',
    title: `Cut-in ${say(target.cutIn)}, cut-out ${say(target.cutOut)}`,
    need: advice.do === 'turn' ? 'proven-dead' : 'live',
    work,
    cautions: [
      'The nuts sit beside live terminals: power off and proven dead for every turn.',
      ...(kind.medium === 'air' ? ['A compressor’s setting is left as it came unless its maker allows it.'] : []),
    ],
    why: 'A new switch off the shelf can be 5 to 10 psi out.',
    minutes: 8,
    readings: ['cut-in', 'cut-out'],
    ...puts(repairs, /^set-switch/, 'switch set by its nuts'),
    doneBy: advice.do === 'done' && (read.cutIn !== undefined) ? true : undefined,
    blocked: problems.length > 0 ? `setting:${itemAt(problems, 0, 'problem').code}` : undefined,
  }
}
