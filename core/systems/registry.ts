/** The kinds of system the product knows. Adding a kind is adding its folder and its row here. */
import { fail } from '#core/foundation'
import { PSI } from '#core/units'
import type { ModelResult, Nameplate, SystemKind } from './types'
import { well2wire } from './well-2wire'
import { well3wire } from './well-3wire'
import { buildWellModel } from './wells'

/** Choices that belong to the shop, not to one system. */
export interface Schools {
  /** how far under cut-in the precharge is set, Pa */
  readonly prechargeOffset: number
}
export const DEFAULT_SCHOOLS: Schools = { prechargeOffset: 2 * PSI }

export const KIND_IDS = ['well-2wire', 'well-3wire'] as const
export type KindId = typeof KIND_IDS[number]

type Build = (nameplate: Nameplate, schools: Schools) => ModelResult
const KINDS: Record<KindId, { readonly kind: SystemKind<never>, readonly build: Build }> = {
  'well-2wire': { kind: well2wire as unknown as SystemKind<never>, build: (plate, schools) => buildWellModel(well2wire, plate, { startGear: 'motor', ...schools }) },
  'well-3wire': { kind: well3wire as unknown as SystemKind<never>, build: (plate, schools) => buildWellModel(well3wire, plate, { startGear: 'box', ...schools }) },
}

export const isKindId = (id: string): id is KindId => (KIND_IDS as readonly string[]).includes(id)
export const kindOf = (id: KindId) => KINDS[id].kind

/** Builds the model of a system from its kind and nameplate; refuses an unknown kind or a figure outside its range. */
export function buildModel(kind: string, nameplate: Nameplate, schools: Schools = DEFAULT_SCHOOLS): ModelResult {
  if (!isKindId(kind)) return fail('unknown-kind', { kind, known: KIND_IDS.join(', ') })
  return KINDS[kind].build(nameplate, schools)
}
