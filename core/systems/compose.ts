/** Makes a kind from blocks: numbers its points, drops what speaks of parts that this system does not have, names a second stage. */
import type { CauseNote, Complaint, Drawing, FaultMode, Figures, SeenTest, SystemKind, Test } from './types'
import { faultId } from './types'
import { NOTES } from './blocks/causes'
import type { Block } from './blocks/rows'
import { findPathProblem } from './drawing'
import { scoped } from './power/pieces'

export interface KindHead { readonly id: string, readonly name: string, readonly medium: 'water' | 'air', readonly complaints: readonly Complaint[], readonly drawing: Drawing, /** choices that this kind usually has, by field */ readonly usual?: Readonly<Record<string, number>> }

/** Throws for a kind that cannot be: no source ahead of a part, a path that is a loop. */
export function compose({ usual = {}, ...head }: KindHead, ...blocks: readonly Block[]): SystemKind {
  const all = <T>(pick: (b: Block) => readonly T[] | undefined): T[] => blocks.flatMap(b => pick(b) ?? [])
  const components = all(b => b.components)
  const problem = findPathProblem(head.drawing, components)
  if (problem) throw new Error(`kind ${head.id}: ${problem}`)
  const faults = all(b => b.faults)
  const faultIds = new Set(faults.map(faultId))
  const known = (key: string) => {
    const fault = key.split(':')[0]!
    return key.includes(':') && !key.includes('.') ? true : faultIds.has(fault)
  }
  const tests = all(b => b.tests).map((t): Test => t.kind === 'seen' ? { ...t, given: Object.fromEntries(Object.entries(t.given).filter(([k]) => known(k))) } : t)
  const causeNotes = [...NOTES, ...all(b => b.notes)].filter(n => shows(tests, n)).map(({ fault, ...n }): CauseNote => fault && faultIds.has(fault) ? { ...n, fault } : n)
  const causeIds = new Set([...causeNotes.map(n => n.id), ...faultIds])
  return {
    ...head, components: components.map(c => c.fields ? { ...c, fields: c.fields.map(f => usual[`${c.id}.${f.id}`] === undefined ? f : { ...f, usual: usual[`${c.id}.${f.id}`]! }) } : c), points: all(b => b.points).map((p, i) => ({ ...p, number: i + 1 })), tests, causeNotes,
    faults: faults.map((f): FaultMode => ({ ...f, causes: f.causes.filter(c => causeIds.has(c.because) && c.because !== faultId(f)) })),
  }
}

function shows(tests: readonly Test[], note: CauseNote): boolean {
  const test = tests.find(t => t.id === note.test)
  return test !== undefined && (test.kind === 'numeric' || test.outcomes.some(o => o.id === note.shownBy))
}

/** Gives a block's parts names of their own: `well` makes the component `well-motor`, its figures `well:motor.…`, its effects `well:silent`. */
export function rescope(block: Block, stage: string, name: string): Block {
  const own = (id: string) => `${stage}-${id}`
  const prefix = `${stage}:`
  const labelled = (label: string) => `${name}: ${label.charAt(0).toLowerCase()}${label.slice(1)}`
  const keys = (f: Figures): Figures => Object.fromEntries(Object.entries(f).map(([k, v]) => [prefix + k, v]))
  const given = (key: string) => key.startsWith('effect:') ? prefix + key.slice(7) : own(key)
  const test = (t: Test): Test => {
    const base = { ...t, id: own(t.id), point: own(t.point), title: labelled(t.title), words: t.words.map(w => w) }
    if (base.kind === 'numeric') {
      const { probe } = base
      const figure = (k: string) => prefix + k
      return { ...base, probe: probe.ask === 'part' ? { ...probe, figure: figure(probe.figure) } : probe.ask === 'farads' || probe.ask === 'capacitor-ohms' ? { ...probe, farads: figure(probe.farads), ohms: figure(probe.ohms) } : probe.ask === 'flow' ? probe : { ...probe, stage } }
    }
    const { trial } = base
    return { ...base, given: Object.fromEntries(Object.entries(base.given).map(([k, r]) => [given(k), r])), ...(trial ? { trial: { ...trial, stage, change: (healthy: Figures, now: () => Figures) => keys(trial.change(scoped(healthy, prefix), () => scoped(now(), prefix))) } } : {}) } satisfies SeenTest
  }
  return {
    components: block.components?.map(c => ({ ...c, id: own(c.id), name: labelled(c.name) })) ?? [],
    points: block.points?.map(p => ({ ...p, id: own(p.id), name: `${stage} ${p.name}`, component: own(p.component), aliases: [`${stage} ${p.id}`, ...p.aliases.map(a => `${stage} ${a}`)], spot: { ...p.spot, on: own(p.spot.on) } })) ?? [],
    faults: block.faults?.map(f => ({
      ...f, component: own(f.component), label: labelled(f.label), repair: { ...f.repair, label: labelled(f.repair.label), ...(f.repair.renews ? { renews: f.repair.renews.map(own) } : {}) }, severities: f.severities.map(s => ({ ...s, change: (h: Figures) => keys(s.change(scoped(h, prefix))) })),
      causes: f.causes.map(c => c.because.includes('.') ? { ...c, because: own(c.because) } : c),
    })) ?? [],
    tests: block.tests?.map(test) ?? [],
    notes: block.notes?.map(n => ({ ...n, id: own(n.id), test: own(n.test) })) ?? [],
  }
}
