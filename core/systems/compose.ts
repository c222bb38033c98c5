/**
 * Makes a kind from blocks: numbers its points, names a second stage, checks that whatever is referred to is there.
 *
 * A block speaks of parts that some kinds lack (a table of chances of a well's pump, on a booster). Such a reference
 * is left out here; one to an id that is in no list of the catalogue throws, and so does one to a test, point or
 * component that the kind does not have.
 */
import type { Block } from './blocks/block'
import { findPathProblem } from './drawing'
import { scoped, staged, type StagedKey } from './figures'
import { isCauseId, isFaultId, stagePrefix, unstaged, type NameplateKey, type StageId } from './ids'
import type { Drawing } from './componentTypes'
import type { CauseNote, FaultMode, Repair } from './faultTypes'
import type { NumericTest, Probe, SeenTest, Test, Trial } from './testTypes'
import { seenItself } from './seenItself'
import { withToldCauses } from './toldCauses'
import type { Complaint, SystemKind } from './types'

export interface KindHead {
  readonly id: string
  readonly name: string
  readonly medium: 'water' | 'air'
  readonly complaints: readonly Complaint[]
  readonly drawing: Drawing
  /** choices that this kind usually has, by field */
  readonly usual?: Readonly<Partial<Record<NameplateKey, number>>>
}

/** Throws by name for a kind that cannot be: no source ahead of a part, a loop, a reference to what is not there. */
export function compose({ usual = {}, ...head }: KindHead, ...blocks: readonly Block[]): SystemKind {
  const all = <T>(pick: (b: Block) => readonly T[] | undefined): T[] => blocks.flatMap(b => pick(b) ?? [])
  const components = all(b => b.components).map(c => ({
    ...c,
    ...(c.fields ? { fields: c.fields.map(usually(c.id)) } : {}),
  }))
  const faults = all(b => b.faults)
  const points = all(b => b.points).map((p, i) => ({ ...p, number: i + 1 }))
  const kind: SystemKind = {
    ...head,
    components,
    points,
    tests: [...all(b => b.tests), ...seenItself(faults, points[0]?.id)],
    causeNotes: all(b => b.notes),
    faults,
  }
  const problem = findPathProblem(head.drawing, components) ?? findBadReference(kind)
  if (problem) throw new Error(`kind ${head.id}: ${problem}`)
  return present(kind)

  function usually(component: string) {
    return <F extends { readonly id: string }>(field: F) => {
      const choice = usual[`${component}.${field.id}` as NameplateKey]
      return choice === undefined ? field : { ...field, usual: choice }
    }
  }
}

/** The kind without what speaks of parts that this system does not have. */
function present(kind: SystemKind): SystemKind {
  const faultIds = new Set(kind.faults.map(f => f.id))
  const noteIds = new Set(kind.causeNotes.map(n => n.id))
  const hasFault = (key: string) => faultIds.has(faultOfKey(key))
  const tests = kind.tests.map((t): Test =>
    t.kind === 'numeric'
      ? t
      : {
          ...t,
          chancesByFault: Object.fromEntries(Object.entries(t.chancesByFault).filter(([key]) => hasFault(key))),
        },
  )
  const causeNotes = kind.causeNotes.map(({ fault, ...n }): CauseNote =>
    fault && faultIds.has(fault) ? { ...n, fault } : n,
  )
  const faults = kind.faults.map((f): FaultMode => ({
    ...f,
    causes: f.causes
      .map(c =>
        noteIds.has(stagePrefix(f.id) + c.because) ? { ...c, because: stagePrefix(f.id) + c.because } : c,
      )
      .filter(c => c.because !== f.id && (faultIds.has(c.because) || noteIds.has(c.because))),
  }))
  return { ...kind, tests: withToldCauses(tests, { faults, causeNotes }), causeNotes, faults }
}

/** `pump.worn:1`, one degree of a fault, is a key of `pump.worn`. */
const faultOfKey = (key: string) => key.split(':')[0] ?? key

/** What a kind refers to and what nobody has, in words. */
export function findBadReference(kind: SystemKind): string | undefined {
  const components = new Set(kind.components.map(c => c.id))
  const points = new Set(kind.points.map(p => p.id))
  const tests = new Map(kind.tests.map(t => [t.id, t]))
  const repairs = new Map<string, Repair>()
  for (const p of kind.points) {
    if (!components.has(p.component)) return `point ${p.id} is on ${p.component}, which is no component of it`
    if (!components.has(p.spot.on)) return `point ${p.id} stands at ${p.spot.on}, which is no component of it`
  }
  for (const t of kind.tests) {
    if (!points.has(t.point)) return `test ${t.id} is at ${t.point}, which is no point of it`
    const row = t.kind === 'seen' ? findBadRow(t) : undefined
    if (row) return `test ${t.id} ${row}`
  }
  for (const f of kind.faults) {
    if (!isFaultId(f.id)) return `${f.id} is in no list of faults`
    if (!components.has(f.component)) return `fault ${f.id} is of ${f.component}, which is no component of it`
    const cause = f.causes.find(c => !isFaultId(c.because) && !isCauseId(c.because))
    if (cause) return `fault ${f.id} comes of ${cause.because}, which is no fault and no cause`
    const same = repairs.get(f.repair.id)
    if (same && !isSame(same, f.repair))
      return `two repairs are called ${f.repair.id}: ${same.name}, ${f.repair.name}`
    repairs.set(f.repair.id, f.repair)
  }
  for (const n of kind.causeNotes) {
    const test = tests.get(n.test)
    if (!isCauseId(n.id)) return `${n.id} is in no list of causes`
    if (!test) return `note ${n.id} is shown by ${n.test}, which is no test of it`
    const shows = test.kind === 'numeric' ? ['low', 'high'] : test.outcomes.map(o => o.id)
    if (!shows.includes(n.shownBy))
      return `note ${n.id} is shown by ${n.test} being ${n.shownBy}, which it cannot be`
    if (n.fault && !isFaultId(n.fault)) return `note ${n.id} is ${n.fault}, which is in no list of faults`
  }
  return undefined
}

const isSame = (a: Repair, b: Repair) =>
  a.name === b.name && a.minutes === b.minutes && a.renews?.join() === b.renews?.join()

function findBadRow(test: SeenTest): string | undefined {
  const byFault = Object.keys(test.chancesByFault).find(key => !isFaultId(faultOfKey(key)))
  if (byFault) return `has chances for ${byFault}, which is in no list of faults`
  const rows = [test.usual, ...Object.values(test.chancesByFault), ...Object.values(test.chancesByEffect)]
  const bad = rows.find(
    row => row.some(chance => !(chance >= 0)) || Math.abs(row.reduce((a, b) => a + b, 0) - 1) > 1e-9,
  )
  return bad && `has chances that do not add up to one: ${bad.join(', ')}`
}

export interface Stage {
  readonly id: StageId
  /** what its parts are called after */ readonly name: string
}

/**
 * Gives a block's parts names of their own: `well` makes the component `well-motor`, its figures `well:motor.…`, its
 * effects `well:silent`, and looks for causes among its own first.
 */
export function rescope(block: Block, stage: Stage): Block {
  const prefix = `${stage.id}:`
  const own = (id: string) => `${stage.id}-${id}`
  const called = (name: string) => `${stage.name}: ${name.charAt(0).toLowerCase()}${name.slice(1)}`
  const ownTrial = (trial: Trial): Trial => ({
    ...trial,
    stage: stage.id,
    change: (healthy, now) =>
      staged(
        trial.change(scoped(healthy, prefix), () => scoped(now(), prefix)),
        prefix,
      ),
  })
  const ownTest = (t: Test): Test => {
    const named = { id: own(t.id), point: own(t.point), title: called(t.title) }
    if (t.kind === 'numeric') return { ...t, ...named, probe: ownProbe(t.probe, stage.id) } satisfies NumericTest
    return {
      ...t,
      ...named,
      chancesByFault: mapKeys(t.chancesByFault, own),
      chancesByEffect: mapKeys(t.chancesByEffect, key => prefix + key),
      ...(t.trial ? { trial: ownTrial(t.trial) } : {}),
    }
  }
  const ownRepair = (r: Repair): Repair => ({
    ...r,
    id: own(r.id),
    name: called(r.name),
    ...(r.renews ? { renews: r.renews.map(own) } : {}),
  })
  const notes = block.notes?.map(n => ({ ...n, id: own(n.id), name: called(n.name), test: own(n.test) })) ?? []
  return {
    components: block.components?.map(c => ({ ...c, id: own(c.id), name: called(c.name) })) ?? [],
    points:
      block.points?.map(p => ({
        ...p,
        id: own(p.id),
        name: `${stage.id} ${p.name}`,
        component: own(p.component),
        aliases: [p.id, ...p.aliases].map(a => `${stage.id} ${a}`),
        spot: { ...p.spot, on: own(p.spot.on) },
      })) ?? [],
    faults:
      // what it does is judged by its own stage, not by the tap behind the other
      block.faults?.map(({ effect: _own, ...f }) => ({
        ...f,
        id: own(f.id),
        component: own(f.component),
        name: called(f.name),
        repair: ownRepair(f.repair),
        severities: f.severities.map(s => ({
          ...s,
          change: healthy => staged(s.change(scoped(healthy, prefix)), prefix),
        })),
        causes: f.causes.map(c => (isFaultId(c.because) ? { ...c, because: own(c.because) } : c)),
      })) ?? [],
    tests: block.tests?.map(ownTest) ?? [],
    notes: notes.map(n => (n.fault ? { ...n, fault: own(unstaged(n.fault)) } : n)),
  }
}

function ownProbe(probe: Probe, stage: StageId): Probe {
  const figure = (key: StagedKey) => `${stage}:${key}` as StagedKey
  switch (probe.ask) {
    case 'volts':
    case 'amps':
      return { ...probe, stage }
    case 'ohms': {
      const { through: t } = probe
      const own = t && { ...t, series: t.series.map(figure), earth: figure(t.earth), across: figure(t.across) }
      return { ...probe, stage, ...(own ? { through: own } : {}) }
    }
    case 'part':
    case 'dial':
      return { ...probe, figure: figure(probe.figure) }
    case 'farads':
    case 'capacitor-ohms':
      return { ...probe, farads: figure(probe.farads), ohms: figure(probe.ohms) }
    case 'flow':
      return probe
  }
}

const mapKeys = <T>(table: Readonly<Record<string, T>>, to: (key: string) => string) =>
  Object.fromEntries(Object.entries(table).map(([key, value]) => [to(key), value]))
