/** The kinds of system the product knows. Adding a kind is adding its folder and its row here. */
import { fail, ok, type Result } from '#core/foundation'
import { formatValue } from '#core/units'
import { booster } from './booster'
import { compressorDirect } from './compressor-direct'
import { compressorPilot } from './compressor-pilot'
import { holdingTank } from './holding-tank'
import { jet } from './jet'
import type { Description } from './describe/description'
import type { NameplateKey } from './ids'
import type { KindPlan } from './kinds'
import { USUAL_PRACTICE, wordingOf, type ShopPractice } from './practice'
import type { ModelOptions } from './entries'
import { findBadField, keyOf } from './fields'
import { buildSystemModel } from './model'
import { rv } from './rv'
import { threePhase } from './three-phase'
import type { NameplateField } from './componentTypes'
import type { Assumption, ModelProblem, ModelResult, Nameplate, SystemKind } from './types'
import { well2wire } from './well-2wire'
import { well3wire } from './well-3wire'

export const KIND_IDS = [
  'well-2wire',
  'well-3wire',
  'jet',
  'booster',
  'holding-tank',
  'rv',
  'compressor-direct',
  'compressor-pilot',
  'three-phase',
] as const
export type KindId = (typeof KIND_IDS)[number]

const KINDS: Record<KindId, KindPlan> = {
  'well-2wire': well2wire,
  'well-3wire': well3wire,
  'jet': jet,
  'booster': booster,
  'holding-tank': holdingTank,
  'rv': rv,
  'compressor-direct': compressorDirect,
  'compressor-pilot': compressorPilot,
  'three-phase': threePhase,
}

export const isKindId = (id: string): id is KindId => (KIND_IDS as readonly string[]).includes(id)
export const kindName = (id: string): string => (isKindId(id) ? KINDS[id].name : id)

const composed = new Map<string, SystemKind>()
/** Some fifty kinds with their options are in use at once; beyond it the one composed first is composed anew. */
const MOST_COMPOSED = 64

/**
 * The parts, points, faults and tests of a kind with the options that a nameplate chooses, worded by the shop's
 * practice. The same choices give the same object.
 */
export function kindFor(id: KindId, nameplate: Nameplate = {}, practice: ShopPractice = USUAL_PRACTICE): SystemKind {
  const wording = wordingOf(practice)
  const compose = (chosen: string, choices: Nameplate) => {
    const key = `${id}|${wording}|${chosen}`
    const kind = composed.get(key) ?? KINDS[id].compose(choices, practice)
    // what was asked for last goes last
    composed.delete(key)
    composed.set(key, kind)
    if (composed.size > MOST_COMPOSED) composed.delete(composed.keys().next().value!)
    return kind
  }
  const bare = compose('', {})
  const choices = bare.components.flatMap(c =>
    (c.fields ?? []).filter(f => f.choices).map(f => keyOf(c.id, f.id)),
  )
  // a motor's volts decide whether there is a neutral
  const chosen = [...choices, 'motor.volts' as const].filter(key => nameplate[key] !== undefined)
  return chosen.length === 0 ? bare : compose(chosen.map(key => `${key}=${nameplate[key]}`).join(), nameplate)
}

/** A kind with everything on it that it may have; itself where it has all of that. */
export function withOptions(kind: SystemKind): SystemKind {
  const known = widened.get(kind)
  if (known) return known
  const may = kind.components.flatMap(c =>
    (c.fields ?? []).flatMap(f => (f.likeliest || isYesNo(f) ? [[keyOf(c.id, f.id), f.likeliest ?? 1]] : [])),
  )
  const wider = isKindId(kind.id) ? kindFor(kind.id, Object.fromEntries(may)) : kind
  const has = new Set(kind.tests.map(t => t.id))
  const fresh = wider.tests.every(t => has.has(t.id)) ? kind : wider
  widened.set(kind, fresh)
  return fresh
}

const widened = new WeakMap<SystemKind, SystemKind>()

const isYesNo = ({ choices }: NameplateField) => choices?.length === 2 && choices[1] === 'yes'

/**
 * The description a model is built from: healthy figures, power stages and the flow side, as they are asked for by
 * who plays against the model.
 */
export function describeSystem(
  kind: KindId,
  nameplate: Nameplate,
  practice: ShopPractice = USUAL_PRACTICE,
): Description {
  return { ...KINDS[kind].describe(nameplate, practice), kind: kindFor(kind, nameplate, practice), practice }
}

/**
 * What would be assumed for want of a figure, most telling first, or the figure that makes no sense. Nothing is
 * solved for it.
 */
export function reviewNameplate(
  kind: KindId,
  nameplate: Nameplate,
  practice: ShopPractice = USUAL_PRACTICE,
): Result<readonly Assumption[], ModelProblem> {
  return (
    findBadField(kindFor(kind, nameplate), nameplate)
    ?? ok(describeSystem(kind, nameplate, practice).plate.assumptions.toSorted((a, b) => b.weight - a.weight))
  )
}

/** Builds the model of a system from its kind and nameplate; refuses an unknown kind or a figure outside its range. */
export function buildModel(
  kind: string,
  nameplate: Nameplate,
  practice: ShopPractice = USUAL_PRACTICE,
  options: ModelOptions = {},
): ModelResult {
  if (!isKindId(kind)) return fail('unknown-kind', { kind, known: KIND_IDS.join(', ') })
  const badField = findBadField(kindFor(kind, nameplate), nameplate)
  if (badField) return badField
  const described = describeSystem(kind, nameplate, practice)
  const supposed = (options.supposed ?? []).map(field => supposedOf(described, field, nameplate))
  const plate = { ...described.plate, assumptions: [...described.plate.assumptions, ...supposed] }
  return buildSystemModel({ ...described, plate }, nameplate, options)
}

function supposedOf({ kind, practice }: Description, field: NameplateKey, nameplate: Nameplate): Assumption {
  const value = nameplate[field] ?? 0
  const known = kind.components
    .flatMap(c => (c.fields ?? []).map(f => ({ f, key: keyOf(c.id, f.id) })))
    .find(({ key }) => key === field)?.f
  const quantity = known?.quantity === 'pressure' ? 'pressure' : 'volts'
  const said = known?.choices?.[value] ?? formatValue(quantity, value, practice.units)
  return { field, text: `${known?.label ?? field} not given: ${said} taken, as the lines have it`, weight: 0.3 }
}
