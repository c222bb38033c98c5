/** Put right: recorded, locked out, bled, drained, and then each repair. */
import { airPressureAt } from '#core/flow'
import { healthyFigures } from '#core/setup'
import { repairCautions, type SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'
import { formatValue, formatVolume } from '#core/units'
import { needsDead, opens } from './asks'
import { drainMinutes, waterIn } from './drain'
import type { PlannedRepair } from './repairs'
import { PARTS_WIRED } from '#core/wiring'
import type { JudgedWiring } from './records'
import type { DraftStep } from './steps'

/** The last landing of a part that has something on record under every terminal of its poles. */
const wholeRecord = (wiring: readonly JudgedWiring[]): string | undefined =>
  wiring.flatMap(({ circuit, record: { found } }) => {
    const { poles, joined } = PARTS_WIRED[circuit.part]
    const wanted = [...poles, ...joined].flat().filter(t => OF_WIRES.test(t))
    const has = (t: string) => found.some(l => l.terminal === t)
    // of a starter only what comes off is written down
    const isWhole = circuit.part === 'starter' ? found.length > 1 : wanted.every(has)
    return isWhole ? (found.at(-1)?.line ?? []) : []
  })[0]
/** Terminals that conductors of the supply and of the motor lie under; those of a coil are looked at besides. */
const OF_WIRES = /^(?:[1-8]|[lt][1-8]|y|b|r|c|up|down|plus|minus)$/

export function putRight(
  model: SystemModel,
  state: TabState,
  repairs: readonly PlannedRepair[],
  wiring: readonly JudgedWiring[],
): DraftStep[] {
  const { kind } = model
  const steps: DraftStep[] = []
  const add = (step: Omit<DraftStep, 'station'>) => steps.push({ station: 'put-right', ...step })
  const begun = repairs.some(r => r.by)
  if (opens(repairs, 'wires'))
    add({
      id: 'record',
      title: 'Picture and terminals as found',
      need: 'any',
      work: ['Picture with the cover off.', 'Each terminal: colour, and where it goes.'],
      cautions: [
        state.work['proven-dead']
          ? 'Nothing is loosened before its place is written down.'
          : 'Hands off: nothing is proven yet.',
      ],
      why: 'What comes off has to go back where it was; colours are habit and not law.',
      minutes: 3,
      picture: true,
      doneBy: wholeRecord(wiring) ?? (begun || undefined),
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
