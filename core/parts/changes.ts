/** What else must change when this part goes on: one code with its figures each; words make the sentence. */
import { PSI } from '#core/units'
import type { AskingSystem } from './needs'
import { RELIEF_OVER } from './needs'
import type { Attributes, PartTypeId } from './types'

export const CHANGE_CODES = [
  'precharge', 'precharge-delivered', 'set-switch', 'lever', 'bleed', 'fitting', 'overload', 'breaker', 'plate',
  'relief',
] as const
export type ChangeCode = (typeof CHANGE_CODES)[number]
export interface AlsoChange {
  readonly code: ChangeCode
  readonly figures: Readonly<Record<string, number>>
}

/** @param under psi under cut-in that the shop airs a tank to, Pa */
export function alsoChanges(
  type: PartTypeId, { kind, nameplate, healthy }: AskingSystem, has: Attributes, off: Attributes, under: number,
): readonly AlsoChange[] {
  const changes: AlsoChange[] = []
  const add = (code: ChangeCode, figures: Readonly<Record<string, number>> = {}) => changes.push({ code, figures })
  const [cutIn, cutOut] = [healthy['set.cutIn'], healthy['set.cutOut']]
  const airs = kind.medium === 'water' && kind.components.some(c => c.id === 'tank')
  if (type === 'pressure-switch') {
    const differs = (delivered: number | undefined, set: number | undefined) =>
      delivered !== undefined && set !== undefined && Math.abs(delivered - set) > PSI
    if (differs(has.cutIn, cutIn) || differs(has.cutOut, cutOut))
      add('set-switch', { cutIn: cutIn ?? 0, cutOut: cutOut ?? 0 })
    if (airs && cutIn) add('precharge', { precharge: cutIn - under })
    if (has.lever !== undefined && off.lever !== undefined && has.lever !== off.lever) add('lever')
  }
  if (type === 'tank' && has.precharge !== undefined && cutIn && Math.abs(has.precharge - (cutIn - under)) > PSI)
    add('precharge-delivered', { delivered: has.precharge, precharge: cutIn - under })
  if (type === 'tank' && has.maximum !== undefined && nameplate['relief.opens'] !== undefined
    && nameplate['relief.opens'] > has.maximum)
    add('relief', { plate: has.maximum })
  if (type === 'relief-valve' && has.opens !== undefined && cutOut && has.opens < cutOut + RELIEF_OVER)
    add('plate', { opens: has.opens, cutOut })
  if (type === 'start-capacitor' && has.bleed === 0) add('bleed')
  if (has.thread !== undefined && off.thread !== undefined && has.thread !== off.thread) add('fitting')
  const [hp, plate] = [has.power, nameplate['motor.power']]
  if (type === 'motor' && hp !== undefined && plate !== undefined && hp > 1.01 * plate) {
    if (kind.components.some(c => c.id === 'starter')) add('overload', { amps: has.amps ?? 0 })
    add('breaker', { amps: has.amps ?? 0 })
  }
  return changes
}
