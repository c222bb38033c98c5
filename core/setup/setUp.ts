/**
 * Setting up, out of the tab's lines: the tank's air, the switch by the coach, and what the system will do as it then
 * stands. Only what was read and turned since the switch was renewed counts.
 */
import { airPressureAt } from '#core/flow'
import { startsADay } from '#core/standards'
import { describeSystem, isKindId, type Figures, type SystemModel } from '#core/systems'
import { isKnownLine, type Line, type LineOf, type TabState } from '#core/tab'
import { HORSEPOWER, PSI } from '#core/units'
import { advise, learn, startCoach, type Advice, type CoachState } from './coach'
import { checkSetting, mostOf, springEndOf, type SettingProblem, type SwitchLimits } from './limits'
import { foresee, type Foreseen, type Store } from './foreseen'
import { adviseAir, type AirAdvice, type TankAir } from './tankAir'

export interface SetUp {
  readonly target: { readonly cutIn: number, readonly cutOut: number, readonly tolerance: number }
  readonly problems: readonly SettingProblem[]
  readonly air?: AirAdvice
  readonly coach: { readonly state: CoachState, readonly advice: Advice }
  /** cut-in and cut-out as they were read last */
  readonly read: { readonly cutIn?: number, readonly cutOut?: number }
  readonly after?: Foreseen
}
/** How near is near enough: 2 psi on water; common practice, no source. */
const TOLERANCE = 2 * PSI
/** Of a small pressure tank whose plate nobody has read; common practice, no source. */
const WATER_PLATE = 100 * PSI
/** Seconds that a motor should run once started, up to 1 hp and over it; common practice, no source. */
const [LEAST_RUN, LEAST_RUN_LARGE] = [60, 120]

/** The figures of a system as its nameplate and the practice have it. */
export function healthyFigures({ kind, nameplate, practice }: SystemModel): Figures {
  if (!isKindId(kind.id)) throw new Error(`no such kind: ${kind.id}`)
  return describeSystem(kind.id, nameplate, practice).healthy
}

export function setUpOf(model: SystemModel, state: TabState): SetUp | undefined {
  const { kind, nameplate } = model
  const healthy = healthyFigures(model)
  const [cutIn, cutOut] = [healthy['set.cutIn'], healthy['set.cutOut']]
  if (!cutIn || !cutOut) return undefined
  const has = (component: string) => kind.components.some(c => c.id === component)
  const since = sinceSwitch(state)
  const coach = since.reduce((s, line) => coachAfter(s, line), startCoach(cutIn, cutOut))
  const water = kind.medium === 'water'
  const target = { cutIn, cutOut, tolerance: TOLERANCE, oneNut: has('battery') }
  const [readIn, readOut] = [lastOf(since, 'cut-in'), lastOf(since, 'cut-out')]
  const crossed = readIn !== undefined && readOut !== undefined && readOut <= readIn
  const limits = limitsOf(model, healthy, cutOut)
  const checked = checkSetting({ cutIn, cutOut, ...limits })
  const problems: readonly SettingProblem[] = crossed ? [{ code: 'read-crossed', most: 0 }, ...checked] : checked
  const tank: TankAir | undefined = water && healthy['tank.volume'] && has('tank')
    ? {
        volume: healthy['tank.volume'],
        airPressure: airPressureAt(nameplate['site.altitude'] ?? 0),
        cutIn,
        cutOut,
        under: cutIn - (healthy['tank.precharge'] ?? cutIn),
        pumpFlow: healthy['pump.flow'] ?? 0,
      }
    : undefined
  const air = tank && adviseAir(tank, precharge(state), waterAtValve(state))
  const read = {
    ...(readIn === undefined ? {} : { cutIn: readIn }),
    ...(readOut === undefined ? {} : { cutOut: readOut }),
  }
  const airPressure = airPressureAt(nameplate['site.altitude'] ?? 0)
  const after = foreseeNow(model, storeOf(healthy, airPressure, kind.medium, read, air?.read), mostOf(limits))
  return {
    target: { cutIn, cutOut, tolerance: TOLERANCE },
    problems,
    ...(air ? { air } : {}),
    coach: { state: coach, advice: advise(coach, target) },
    read,
    ...(after ? { after } : {}),
  }
}

/** Of the nameplate where it says so; a tank on water whose plate is not known bears what such tanks do. */
function limitsOf({ kind, nameplate }: SystemModel, healthy: Figures, cutOut: number): Limits {
  const water = kind.medium === 'water'
  const plate = nameplate['tank.most'] ?? (water ? WATER_PLATE : undefined)
  const relief = nameplate['relief.opens']
  return {
    springEnd: nameplate['switch.most'] ?? springEndOf(cutOut),
    ...(water && healthy['pump.shutOff'] ? { shutOff: healthy['pump.shutOff'] } : {}),
    ...(plate === undefined ? {} : { plate }),
    ...(relief === undefined ? {} : { relief }),
  }
}
type Limits = Omit<SwitchLimits, 'cutIn' | 'cutOut'>

/** By the settings and the air as they were read, or as they are meant to be. */
function storeOf(healthy: Figures, airPressure: number, medium: Store['medium'], read: SetUp['read'], air?: number) {
  const cutIn = read.cutIn ?? healthy['set.cutIn']
  return {
    medium,
    volume: healthy['tank.volume'],
    airPressure,
    precharge: air ?? healthy['tank.precharge'],
    cutIn,
    cutOut: Math.max(read.cutOut ?? healthy['set.cutOut'], cutIn + PSI),
    pumpFlow: healthy['pump.flow'],
  } satisfies Store
}

/** What it will do now: nothing is foreseen where there is no tank, or no pump that fills it. */
function foreseeNow({ nameplate, kind }: SystemModel, store: Store, most: number): Foreseen | undefined {
  if (!store.volume || !store.pumpFlow || !kind.components.some(c => c.id === 'tank')) return undefined
  const phases = kind.components.some(c => c.id === 'starter') ? 3 : 1
  const power = (nameplate['motor.power'] ?? 0.75 * HORSEPOWER) / HORSEPOWER
  return foresee(store, startsADay(power, phases), power <= 1 ? LEAST_RUN : LEAST_RUN_LARGE, most)
}

/** The lines that count for the switch as it is: since the last part or repair on it. */
function sinceSwitch(state: TabState): readonly Line[] {
  const own = state.lines.filter((l): l is Line => isKnownLine(l) && !state.struck.has(l.id))
  const renewed = own.findLastIndex(l =>
    (l.kind === 'part' || (l.kind === 'repair' && !l.fault?.endsWith('.out-of-setting'))) && l.component === 'switch')
  return own.slice(renewed + 1)
}

function coachAfter(state: CoachState, line: Line): CoachState {
  if (line.kind === 'adjusted') return learn(state, { kind: 'turned', nut: line.nut, turns: line.turns })
  if (line.kind !== 'reading' || line.value === null) return state
  return line.test === 'cut-in' || line.test === 'cut-out'
    ? learn(state, { kind: 'read', what: line.test, pressure: line.value })
    : state
}

const lastOf = (lines: readonly Line[], test: string): number | undefined => {
  const line = lines.findLast(l => l.kind === 'reading' && l.test === test && l.value !== null)
  return line?.kind === 'reading' ? (line.value ?? undefined) : undefined
}

/** What stands in the tank: read, or told with the airing of it (`aired the tank to 28`), whichever came last. */
function precharge(state: TabState): number | undefined {
  const line = state.lines.findLast((l): l is LineOf<'reading'> | LineOf<'repair'> =>
    isKnownLine(l) && !state.struck.has(l.id)
    && ((l.kind === 'reading' && l.test === 'precharge') || (l.kind === 'repair' && AIRED_TO.test(l.text))))
  if (line?.kind === 'reading') return line.value ?? undefined
  const [, told, unit] = (line && AIRED_TO.exec(line.text)) ?? []
  return told === undefined ? undefined : Number(told) * (UNITS[unit?.toLowerCase() ?? ''] ?? PSI)
}
const AIRED_TO = /\b(?:air|aired|precharge|pumped|charged|tank)\b.*\bto (\d+(?:\.\d+)?) ?(psi|pounds?|lbs?|kpa|bar)?$/i
/** Pa; what is not named is psi. */
const UNITS: Readonly<Record<string, number>> = { kpa: 1e3, bar: 1e5 }

/** Water at the air valve, and the tank not renewed since. */
const waterAtValve = (state: TabState): boolean =>
  state.evidence.some(({ line, repaired }) =>
    line.kind === 'observation' && line.test === 'air-valve' && line.outcome === 'water'
    && !state.repaired.slice(repaired.length).some(r => r === 'tank' || r.startsWith('tank.')))
