/**
 * What the lines say of a nameplate that leaves a thing open: 238 V at the line side is no fault of a 115 V booster,
 * it is a 230 V one, and who looks at the voltage links has a motor for two voltages. Only volts between the wires of
 * the feed count, and only where they lie as near to another usual supply as they lie far from the one that would be
 * taken. A good main at the inlet is what the main has there.
 */
import {
  kindFor,
  motorVoltsOn,
  USUAL_SUPPLIES,
  type KindId,
  type Nameplate,
  type NameplateKey,
  type NumericTest,
  type SystemKind,
  testOf,
  type SystemModel,
  type Test,
} from '#core/systems'
import type { Result } from '#core/foundation'
import { PSI } from '#core/units'
import type { TabState } from '#core/tab'
import type { Tables } from './tables'

/**
 * The tables of a tab's system: those of its nameplate, or of what the lines make of it.
 * @param prepare makes them, or has them; with the fields that were supposed
 */
export function prepareWith(
  nameplate: Nameplate,
  state: Told,
  prepare: (nameplate: Nameplate, supposed: readonly NameplateKey[]) => Result<Tables>,
): Result<Tables> {
  const supposed: Partial<Record<NameplateKey, number>> = {}
  let tables = prepare(nameplate, [])
  for (const suppose of [supposeFeed, supposeBehind]) {
    if (!tables.ok) return tables
    const more = suppose(tables.value.model, { ...nameplate, ...supposed }, state)
    if (Object.keys(more).length === 0) continue
    Object.assign(supposed, more)
    tables = prepare({ ...nameplate, ...supposed }, Object.keys(supposed) as NameplateKey[])
  }
  return tables
}

type Told = Pick<TabState, 'evidence' | 'repaired'> & Partial<Pick<TabState, 'opened'>>

const supposeFeed = (model: SystemModel, nameplate: Nameplate, told: Told): Nameplate => ({
  ...supposeOptions(model.kind, nameplate, told),
  ...supposeDevice(model.kind, nameplate, told),
  ...supposeVolts(model, nameplate, told),
  ...supposeLinks(model.kind, nameplate, told),
})

/** What hangs on the feed: the volts of its coil, where its switch is set. */
const supposeBehind = (model: SystemModel, nameplate: Nameplate, told: Told): Nameplate => ({
  ...supposeControl(model, nameplate, told),
  ...supposeInlet(model, nameplate, told),
  ...supposeSetting(model, nameplate, told),
})

const GROUND_FAULT = /\bg\.?f\.?c?\.?i\b|\bground[- ]?fault\b|\brcd\b|\bresidual[- ]current\b/i

/** A breaker that is called one for ground faults lets go at leaks that no other minds. */
function supposeDevice(kind: SystemKind, nameplate: Nameplate, { opened, evidence }: Told): Nameplate {
  const field = kind.components.find(c => c.id === 'breaker')?.fields?.find(f => f.id === 'device')
  const choice = field?.choices?.indexOf('ground-fault breaker') ?? -1
  if (choice < 0 || nameplate['breaker.device'] !== undefined) return {}
  const said = [opened?.words, ...evidence.map(e => ('typed' in e.line ? e.line.typed : undefined))]
  return said.some(text => text && GROUND_FAULT.test(text)) ? { 'breaker.device': choice } : {}
}

/** Options that a line speaks of: who looks at the voltage links has a motor that has them. */
function supposeOptions(kind: SystemKind, nameplate: Nameplate, { evidence, repaired }: Told): Nameplate {
  const has = (own: SystemKind, id: string) => [...own.tests, ...own.faults].some(known => known.id === id)
  // who holds up the lever of the low-pressure cut-off has a switch with one
  const strange = new Set([...evidence.map(e => e.line.test), ...repaired].filter(id => !has(kind, id)))
  if (strange.size === 0) return {}
  const supposed: Partial<Record<NameplateKey, number>> = {}
  // what only adds a part comes before what puts another in its place: a run capacitor is no permanent split
  for (const adds of [true, false])
    for (const { key, choices } of optionsOf(kind)) {
      if (nameplate[key] !== undefined || supposed[key] !== undefined) continue
      for (const choice of choices) {
        const other = kindFor(kind.id as KindId, { ...nameplate, ...supposed, [key]: choice })
        const told = [...strange].filter(id => has(other, id))
        if (told.length === 0 || (adds && !kind.tests.every(own => has(other, own.id)))) continue
        supposed[key] = choice
        for (const id of told) strange.delete(id)
        break
      }
    }
  return supposed
}

const optionsOf = (kind: SystemKind) =>
  kind.components.flatMap(c => (c.fields ?? []).flatMap(f =>
    f.choices ? [{ key: `${c.id}.${f.id}` as NameplateKey, choices: inTurn(f.choices.length, f.likeliest) }] : []))

/** The choices after the first, the likeliest before the others. */
const inTurn = (count: number, likeliest = 1): readonly number[] =>
  [likeliest, ...Array.from({ length: count - 1 }, (_, i) => i + 1).filter(i => i !== likeliest)]

/** Within so much of a service voltage a reading belongs to it (utilization range of ANSI C84.1, from memory). */
const NEAR = 0.1

function supposeVolts(
  { kind, supplyVolts }: SystemModel,
  nameplate: Nameplate,
  { evidence }: Told,
): Nameplate {
  if (nameplate['supply.volts'] !== undefined) return {}
  const plated = nameplate['motor.volts']
  if (plated !== undefined && !isLow(kind, nameplate, plated)) return {}
  if (kind.components.some(c => c.glyph === 'battery')) return {}
  const fed = new Set(kind.tests.flatMap(t => (t.kind === 'numeric' && isOfFeed(t) ? [t.id] : [])))
  const read = evidence.flatMap(({ line }) =>
    line.kind === 'reading' && line.value !== null && fed.has(line.test) ? [line.value] : [])
  const most = Math.max(0, ...read)
  const isNear = (volts: number) => Math.abs(most / volts - 1) <= NEAR
  if (most === 0 || isNear(supplyVolts)) return {}
  const phases = kind.tests.some(t => t.kind === 'numeric' && t.variant === 'v12') ? 3 : 1
  const usual = USUAL_SUPPLIES.filter(s => s.phases === phases && s.hertz === 60 && isNear(s.volts))
    .toSorted((a, b) => Math.abs(most - a.volts) - Math.abs(most - b.volts))[0]
  // a leg that is lost leaves half of the volts, but no motor of two voltages runs or hums on what is left across it
  if (!usual || (usual.volts < supplyVolts && !(isOfTwo(kind) && isAlive(kind, evidence)))) return {}
  if (plated === undefined) return { 'motor.volts': motorVoltsOn(usual.volts, usual.volts) }
  // a motor for two voltages that is set for the low one
  return Math.abs(usual.volts / (2 * plated) - 1) <= NEAR ? { 'supply.volts': usual.volts, 'motor.dualVoltage': 1 } : {}
}

/** A plate of 230, links seen wrong, and never more than 119 V on it: it was set so, and hangs on 120. */
function supposeLinks(kind: SystemKind, nameplate: Nameplate, { evidence }: Told): Nameplate {
  const plated = nameplate['motor.volts'] ?? 0
  if (nameplate['supply.volts'] !== undefined || Math.abs(plated / SET_HIGH - 1) > NEAR || !isOfTwo(kind)) return {}
  const isWrong = evidence.some(({ line: l }) =>
    l.kind === 'observation' && l.test === 'links' && l.outcome === 'wrong')
  const read = evidence.flatMap(({ line: l }) =>
    l.kind === 'reading' && l.value && l.test.endsWith('.volts') ? [l.value] : [])
  const most = Math.max(0, ...read)
  return isWrong && Math.abs((2 * most) / SET_HIGH - 1) <= NEAR ? { 'motor.volts': SET_HIGH / 2 } : {}
}
/** Volts of the high setting of motors for two; common practice, no source. */
const SET_HIGH = 230

/** Volts of the low setting of motors for two; common practice, no source. */
const LOW_SETTING = 130

const isOfTwo = (kind: SystemKind) => optionsOf(kind).some(o => o.key === 'motor.dualVoltage')

/** Whether the motor was heard or clamped: running, or trying to. */
const isAlive = (kind: SystemKind, evidence: Told['evidence']): boolean =>
  evidence.some(({ line }) =>
    line.kind === 'observation'
      ? ALIVE.has(`${line.test} ${line.outcome}`)
      : (line.value ?? 0) > 1 && isClamped(testOf(kind, line.test)))
const ALIVE: ReadonlySet<string> = new Set(['sound runs', 'sound groans', 'speed slow', 'motor-heat hot'])
const isClamped = (test: Test | undefined) => test?.kind === 'numeric' && test.quantity === 'amps'

const isLow = (kind: SystemKind, nameplate: Nameplate, plated: number) =>
  plated <= LOW_SETTING && nameplate['motor.dualVoltage'] !== 0
  && isOfTwo(kind)

/** Settings that switches of water systems come with, and how near one of them is read; common practice, no source. */
const USUAL_SETTINGS = [[20, 40], [30, 50], [40, 60], [50, 70]].map(([on, off]) => ({ on: on! * PSI, off: off! * PSI }))
const NEAR_SETTING = 4 * PSI
const SET_ANEW = 'switch.out-of-setting'

/** Nothing says where the switch is set, and it is read on at 48: it is one of 50 and 70. */
function supposeSetting({ kind }: SystemModel, nameplate: Nameplate, { evidence }: Told): Nameplate {
  const given = nameplate['switch.cutIn'] ?? nameplate['switch.cutOut'] ?? nameplate['inlet.pressure']
  const own = kind.components.find(c => c.id === 'switch')?.fields?.some(f => f.id === 'cutIn')
  if (given !== undefined || !own || kind.medium !== 'water' || kind.id === 'rv') return {}
  // what it was set to is what it was meant to be, and not how it was found; a new one is of the range of the old
  const [anew, asFound] = parted(evidence, e => e.repaired.includes(SET_ANEW))
  const usual = usualOf(anew) ?? usualOf(asFound)
  return usual ? { 'switch.cutIn': usual.on, 'switch.cutOut': usual.off } : {}
}

/** The usual setting that is read on and off at, where both are: one alone may be what is wrong with it. */
function usualOf(evidence: Told['evidence']) {
  const lines = evidence.map(({ line }) => line)
  const on = lines.findLast(line => line.test === 'cut-in')
  const cutIn = on?.kind === 'reading' ? on.value : null
  if (cutIn === null || !lines.some(line => line.test === 'cut-out')) return undefined
  return USUAL_SETTINGS.find(s => Math.abs(cutIn - s.on) <= NEAR_SETTING)
}

const parted = <T>(all: readonly T[], is: (one: T) => boolean): readonly [T[], T[]] =>
  [all.filter(is), all.filter(one => !is(one))]

/** From this pressure on a main is no weak one; a booster starts so far above it, and stops so far above that. */
const [GOOD_MAIN, STARTS, STOPS] = [28 * PSI, 8 * PSI, 20 * PSI]
/** So far above the main a switch that is well stops, and at least so far above it starts; judgement, no source. */
const [LEAST_ABOVE, MOST_ABOVE, LITTLE_ABOVE] = [12 * PSI, 35 * PSI, 2 * PSI]

/** 55 psi at the inlet is no fault: it is what the main has here, and the switch of a booster is set above it. */
function supposeInlet(
  { kind }: SystemModel,
  nameplate: Nameplate,
  { evidence }: Told,
): Nameplate {
  if (nameplate['inlet.pressure'] !== undefined || !kind.tests.some(t => t.id === INLET)) return {}
  const mains = evidence.flatMap(({ line }) =>
    line.kind === 'reading' && line.test === INLET && line.value !== null ? [line.value] : [])
  const most = Math.max(0, ...mains)
  // once something was put right, and it was not the setting, it stops where it was set to stop
  const stops = evidence.findLast(({ line, repaired }) =>
    line.test === 'cut-out' && repaired.length > 0 && !repaired.includes(SET_ANEW))?.line
  const read = stops?.kind === 'reading' ? stops.value ?? 0 : 0
  const isOwn = read >= most + LEAST_ABOVE && read <= most + MOST_ABOVE
  const set = isOwn ? { cutIn: Math.max(read - STOPS, most + LITTLE_ABOVE), cutOut: read } : undefined
  const cutIn = nameplate['switch.cutIn'] ?? set?.cutIn ?? most + STARTS
  if (most < GOOD_MAIN || most >= cutIn) return {}
  const cutOut = nameplate['switch.cutOut'] ?? set?.cutOut ?? cutIn + STOPS
  return { 'inlet.pressure': most, 'switch.cutIn': cutIn, 'switch.cutOut': cutOut }
}
const INLET = 'inlet.pressure'

const UPSTREAM: ReadonlySet<string> = new Set(['supply', 'breaker', 'disconnect', 'line'])
/** Volts that control transformers usually give; common practice, no source. */
const CONTROL_VOLTS = [24, 120] as const
const CONTROL_TESTS: ReadonlySet<string> = new Set(['control.volts', 'aux.volts', 'pilot.volts', 'coil.volts'])

/** Line volts from which 120 V is no leg, and no half of what is left of a supply that has lost one. */
const NO_LEG = 300

/** 120 V of control supply, with all of the line there or far over it, is a transformer and no lost leg. */
function supposeControl(
  { kind, supplyVolts }: SystemModel,
  nameplate: Nameplate,
  { evidence }: Told,
): Nameplate {
  if (!kind.components.some(c => c.id === 'starter')) return {}
  const coil = nameplate['starter.coilVolts']
  // a coil for other volts than the line's has a transformer
  if (coil !== undefined)
    return nameplate['starter.control'] === undefined && Math.abs(coil / supplyVolts - 1) > NEAR && coil < supplyVolts
      ? { 'starter.control': 1 }
      : {}
  const read = (of: (test: NumericTest) => boolean) => {
    const own = new Set(kind.tests.flatMap(t => (t.kind === 'numeric' && of(t) ? [t.id] : [])))
    return evidence.flatMap(({ line }) =>
      line.kind === 'reading' && line.value !== null && own.has(line.test) ? [line.value] : [])
  }
  const line = read(t => isOfFeed(t) && UPSTREAM.has(t.point))
  if (line.some(v => Math.abs(v / supplyVolts - 1) > NEAR)) return {}
  const [low] = CONTROL_VOLTS
  const told = Math.max(0, ...read(t => CONTROL_TESTS.has(t.id)))
  // 24 V are neither a leg nor a half of any line's; nor are those of a coil that is stamped for others
  const stamped = evidence.some(({ line: l }) => l.kind === 'observation' && l.test === 'coil-figure'
    && l.outcome === 'wrong')
  const far = supplyVolts > NO_LEG || Math.abs(told / low - 1) <= NEAR || stamped
  const control = Math.max(0, ...read(t => CONTROL_TESTS.has(t.id) && (far || t.id === 'control.volts')))
  if (line.length === 0 && !far && !evidence.some(e => e.line.test === 'control.volts')) return {}
  const volts = CONTROL_VOLTS.find(v => Math.abs(control / v - 1) <= NEAR)
  if (volts === undefined || Math.abs(volts / supplyVolts - 1) <= NEAR) return {}
  return { 'starter.coilVolts': volts, ...(nameplate['starter.control'] === undefined ? { 'starter.control': 1 } : {}) }
}

const isOfFeed = ({ quantity, probe, variant }: NumericTest) =>
  quantity === 'volts' && probe.ask === 'volts' && !probe.drop && (variant === undefined || /^v\d\d$/.test(variant))
