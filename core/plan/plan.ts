/**
 * The plan: from what failed, what made it fail and what was found besides, to steps in a safe order, all repairs
 * together: one lock-out, one drain, one power-on (handbook §§10–12). Stations: put right → wire → set up → prove →
 * settle. What the lines show done is done; the rest is offered one step at a time.
 */
import { airPressureAt } from '#core/flow'
import { hazardsOf, type Isolation, type Tables } from '#core/isolation'
import { healthyFigures, setUpOf, type SetUp } from '#core/setup'
import { repairCautions, type SystemModel } from '#core/systems'
import { STATIONS, type LineOf, type Station, type TabState } from '#core/tab'
import { formatTurns, formatValue, formatVolume } from '#core/units'
import {
  findMend, judgeWiring, recordsOf, STOPS, wiredPlaces, type Difference, type Move, type WiredPlace, type WiringRecord,
  type WiringVerdict, differences, isGround,
} from '#core/wiring'
import { drainMinutes, waterIn } from './drain'
import { proofOf, type ProofStatus } from './proof'
import type { Afterwards } from './recipes'
import { repairsFor, type PlannedRepair } from './repairs'
import type { DraftStep, PlanStep } from './steps'

export interface JudgedWiring extends WiredPlace {
  readonly record: WiringRecord
  readonly differences: readonly Difference[]
  /** of the wires as landed, or as found where nothing is landed yet */
  readonly of: 'left' | 'found'
  readonly verdict: WiringVerdict
  readonly mend?: readonly Move[]
}
export interface Plan {
  readonly repairs: readonly PlannedRepair[]
  readonly stations: readonly { readonly station: Station, readonly steps: readonly PlanStep[] }[]
  /** the step to do now; nothing once all is done */
  readonly next?: PlanStep
  readonly minutesLeft: number
  readonly wiring: readonly JudgedWiring[]
  readonly setUp?: SetUp
  readonly proof: ProofStatus
}

export function planFor(tables: Tables, state: TabState, isolation: Isolation): Plan {
  const { model } = tables
  const repairs = repairsFor(model, state, isolation)
  const wiring = judgeRecords(model, state)
  const setUp = setUpOf(model, state)
  const proof = proofOf(tables, state, isolation)
  const drafts = repairs.length === 0
    ? []
    : [
        ...putRight(model, state, repairs),
        ...wire(state, repairs, wiring),
        ...toSetUp({ tables, state, repairs, wiring, setUp }),
        ...toProve(model, state, proof),
        ...toSettle(state, isolation),
      ]
  const steps = checkedFirst(drafts.map(d => stand(state, d)))
  const next = steps.find(s => s.standing === 'open' || s.standing === 'blocked')
  return {
    repairs,
    stations: STATIONS.map(station => ({ station, steps: steps.filter(s => s.station === station) })),
    ...(next ? { next } : {}),
    minutesLeft: steps.reduce((sum, s) => sum + (s.standing === 'open' ? s.minutes : 0), 0),
    wiring,
    ...(setUp ? { setUp } : {}),
    proof,
  }
}

/** A step line has the last word on its step; else the lines show it. */
function stand(state: TabState, { doneBy, blocked, ...step }: DraftStep): PlanStep {
  const said = state.worked.findLast((l): l is LineOf<'step'> => l.kind === 'step' && l.step === step.id)
  if (said && (said.done ? !blocked : true))
    return said.done
      ? { ...step, standing: 'done', by: said.id }
      : { ...step, standing: 'left-out', by: said.id, ...(said.reason ? { reason: said.reason } : {}) }
  if (doneBy) return { ...step, standing: 'done', ...(typeof doneBy === 'string' ? { by: doneBy } : {}) }
  return blocked ? { ...step, standing: 'blocked', reason: blocked } : { ...step, standing: 'open' }
}

/** After a refit power waits for the proof of the record and for the ohms, unless a reason was given for each. */
function checkedFirst(steps: readonly PlanStep[]): readonly PlanStep[] {
  const open = steps.some(s =>
    (s.id === 'paper-proof' || s.id === 'ohms') && (s.standing === 'open' || s.standing === 'blocked'))
  return steps.map(s =>
    (s.id === 'power-on' && s.standing === 'open' && open ? { ...s, standing: 'blocked', reason: 'check-first' } : s))
}

export function judgeRecords(model: SystemModel, state: TabState): readonly JudgedWiring[] {
  return recordsOf(wiredPlaces(model), state).flatMap((place): JudgedWiring[] => {
    const { record, circuit } = place
    const of = record.left.length > 0 ? 'left' : 'found'
    const landings = record[of]
    // a ground screw alone is of any part
    if (landings.every(l => l.terminal === 'g')) return []
    const before = of === 'left' ? record.found : []
    const mend = findMend(circuit, landings, before)
    const verdict = judgeWiring(circuit, landings, before)
    return [{
      ...place,
      of,
      differences: differences(record),
      // as it was found, what nobody wrote down of grounds is no fault yet
      verdict: of === 'found' && circuit.supply !== 'direct' && !landings.some(isGround)
        ? withoutGrounds(verdict)
        : verdict,
      ...(mend ? { mend } : {}),
    }]
  })
}

const OF_GROUND = new Set(['ground-missing', 'case-unbonded'])
const withoutGrounds = (verdict: WiringVerdict): WiringVerdict => ({
  ...verdict,
  faults: verdict.faults.filter(f => !OF_GROUND.has(f.code)),
  notes: [...verdict.notes, { code: 'ground-not-recorded', facts: {} }],
})

const opens = (repairs: readonly PlannedRepair[], what: 'wires' | 'pressure' | 'well') =>
  repairs.some(r => r.recipe.opens.includes(what))
const needsDead = (repairs: readonly PlannedRepair[]) => repairs.some(r => !r.recipe.harmless)
const after = (repairs: readonly PlannedRepair[], what: Afterwards) =>
  repairs.some(r => r.recipe.after?.includes(what))

function putRight(model: SystemModel, state: TabState, repairs: readonly PlannedRepair[]): DraftStep[] {
  const { kind } = model
  const steps: DraftStep[] = []
  const add = (step: Omit<DraftStep, 'station'>) => steps.push({ station: 'put-right', ...step })
  const begun = repairs.some(r => r.by)
  const landed = state.worked.find(l => l.kind === 'landed')
  if (opens(repairs, 'wires'))
    add({
      id: 'record',
      title: 'Picture and terminals as found',
      need: 'any',
      work: ['Picture with the cover off.', 'Each terminal: colour, and where it goes.'],
      cautions: ['Hands off: nothing is proven yet.'],
      why: 'What comes off has to go back where it was; colours are habit and not law.',
      minutes: 3,
      picture: true,
      doneBy: landed?.id ?? state.photos[0]?.id ?? (begun || undefined),
    })
  if (needsDead(repairs))
    add({
      id: 'dead',
      title: 'Breaker off, locked, proven dead at the work',
      need: 'any',
      work: ['Off, lock and tag.', 'Known live source, every pair and each leg to ground here, the source again.'],
      cautions: ['The right breaker is the one that makes the meter drop, not the one with the label.'],
      why: 'Nothing is opened that could be live (OSHA 1910.333).',
      minutes: 3,
      doneBy: state.work['proven-dead']?.line ?? (begun || undefined),
    })
  if (repairs.some(r => r.recipe.charged))
    add({
      id: 'discharge',
      title: 'Capacitors bled and measured flat',
      need: 'proven-dead',
      work: ['Bleed through 15 to 20 kΩ; measure under 2 V.'],
      cautions: ['A capacitor can hold its charge for hours.'],
      why: 'A charged capacitor throws a hand and ruins a meter.',
      minutes: 2,
      doneBy: state.work.discharged?.line ?? (begun || undefined),
    })
  if (opens(repairs, 'pressure'))
    add(kind.medium === 'air' ? emptyAir(state, begun) : drainWater(model, state, begun))
  for (const { mode, recipe, by, because } of repairs)
    if (!recipe.later) add({
      id: `fix:${mode.repair.id}`,
      title: mode.repair.name,
      need: recipe.running
        ? 'live'
        : recipe.harmless
          ? 'any'
          : recipe.charged
            ? 'discharged'
            : recipe.opens.includes('pressure') && !recipe.opens.includes('wires') ? 'zero-pressure' : 'proven-dead',
      work: [...recipe.work, ...(recipe.sealed ? [sealOf(model)] : [])],
      cautions: repairCautions(kind, mode),
      why: WHY[because],
      minutes: mode.repair.minutes,
      tools: recipe.tools,
      ...(mode.repair.part ? { part: mode.repair.part } : {}),
      ...(recipe.fits ? { fits: recipe.fits } : {}),
      ...(recipe.cure ? { wait: recipe.cure } : {}),
      doneBy: by,
    })
  return steps
}

const WHY: Readonly<Record<PlannedRepair['because'], string>> = {
  failed: 'It is what failed.',
  trial: 'As a trial: it can be undone, and tells more than another test.',
  cause: 'It made the other fail, and would again.',
  done: 'It was put right.',
}

const sealOf = ({ kind, practice }: SystemModel): string =>
  kind.medium === 'air' || practice.threadSealant === 'paste'
    ? 'Paste on the thread; no tape: its shreds reach valves and tools. None on compression fittings, new ferrules.'
    : 'PTFE tape clockwise seen from the end, two or three turns, clear of the bore. None on compression fittings.'

function drainWater(model: SystemModel, state: TabState, begun: boolean): Omit<DraftStep, 'station'> {
  const { nameplate, practice } = model
  const healthy = healthyFigures(model)
  const read = state.evidence.findLast(e => e.line.test === 'gauge')?.line
  const shown = read?.kind === 'reading' ? (read.value ?? undefined) : undefined
  const pressure = shown ?? healthy['set.cutOut'] ?? 0
  const water = waterIn(
    {
      volume: healthy['tank.volume'] ?? 0,
      precharge: healthy['tank.precharge'] ?? 0,
      airPressure: airPressureAt(nameplate['site.altitude'] ?? 0),
    },
    pressure,
  )
  const minutes = drainMinutes(water)
  return {
    id: 'drain',
    title: 'Valves shut, drained to zero, a tap left open',
    need: 'proven-dead',
    work: [
      'Shut what can be shut: incoming water, tank outlet, house.',
      `Hose on, drain to zero: about ${formatVolume(water, practice.units)}, ${Math.ceil(minutes)} min `
      + `from ${formatValue('pressure', pressure, practice.units)}.`,
      'Leave a tap open.',
    ],
    cautions: ['Nothing is opened under pressure. Never the tank’s air side to let water out.'],
    why: 'A part that comes off under pressure comes off at a face.',
    minutes: Math.ceil(minutes) + 2,
    doneBy: state.work['zero-pressure']?.line ?? (begun || undefined),
  }
}

const emptyAir = (state: TabState, begun: boolean): Omit<DraftStep, 'station'> => ({
  id: 'drain',
  title: 'Receiver drained, relief ring pulled',
  need: 'proven-dead',
  work: ['Open the drain slowly till it is still.', 'Pull the relief ring: nothing must come (OSHA 1910.169).'],
  cautions: ['Ears and eyes guarded. Never a plug for a relief valve.'],
  why: 'A gauge can stick; the relief ring does not.',
  minutes: 5,
  doneBy: state.work['zero-pressure']?.line ?? (begun || undefined),
})

function wire(state: TabState, repairs: readonly PlannedRepair[], wiring: readonly JudgedWiring[]): DraftStep[] {
  if (!opens(repairs, 'wires')) return []
  const landed = wiring.filter(w => w.of === 'left')
  const wrong = landed.filter(w => w.verdict.faults.length > 0)
  const ohms = state.evidence.find(e => e.repaired.length === state.repaired.length && isDeadCheck(e.line.test))
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
      doneBy: ohms?.line.id,
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

const isDeadCheck = (test: string) => test === 'leads.ground' || test.endsWith('.ohms')

interface SettingUp {
  readonly tables: Tables
  readonly state: TabState
  readonly repairs: readonly PlannedRepair[]
  readonly wiring: readonly JudgedWiring[]
  readonly setUp: SetUp | undefined
}

function toSetUp({ tables, state, repairs, wiring, setUp }: SettingUp): DraftStep[] {
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
  add(powerOn({ tables, state, repairs, wiring, setUp }))
  if (after(repairs, 'overload') && kind.components.some(c => c.id === 'starter'))
    add({
      id: 'overload',
      title: 'Overload dial at the plate’s amps',
      need: 'proven-dead',
      work: ['The plate’s full-load amps on the dial, never multiplied: what the code allows is built in.'],
      cautions: [],
      why: 'Set too high it protects nothing; too low it is the next call.',
      minutes: 2,
    })
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
  if (after(repairs, 'cut-off') && kind.tests.some(t => t.id === 'lever'))
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
    })
  if (setUp && after(repairs, 'switch')) add(adjust(tables.model, setUp))
  return steps
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
    doneBy: stops.length === 0 ? onAfter : undefined,
    blocked: stops.length > 0 ? `wiring:${stops[0]!.code}` : shut ? 'look-for-the-short-first' : undefined,
  }
}

function adjust(
  { practice: { units } }: SystemModel,
  { coach, target, problems, read }: SetUp,
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
    cautions: ['The nuts sit beside live terminals: power off and proven dead for every turn.'],
    why: 'A new switch off the shelf can be 5 to 10 psi out.',
    minutes: 8,
    readings: ['cut-in', 'cut-out'],
    doneBy: advice.do === 'done' && (read.cutIn !== undefined) ? true : undefined,
    blocked: problems.length > 0 ? `setting:${problems[0]!.code}` : undefined,
  }
}

function toProve({ kind, practice }: SystemModel, state: TabState, proof: ProofStatus): DraftStep[] {
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
      work: readings.map(id => kind.tests.find(t => t.id === id)?.title ?? id),
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

function toSettle(state: TabState, isolation: Isolation): DraftStep[] {
  const open = isolation.causes.filter(c => c.open)
  return [
    {
      id: 'cause',
      station: 'settle',
      title: open.length > 0 ? `What made it fail: ${open[0]!.label}` : 'What made it fail',
      need: 'any',
      work: isolation.causeTests.slice(0, 2).map(t => t.title),
      cautions: [],
      why: 'A casualty put right alone comes back.',
      minutes: open.length > 0 ? 5 : 0,
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
