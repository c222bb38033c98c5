/**
 * A figure as it stands in a field: `58`, `58 psi`, `4,1 bar`; without a unit in the one that the quantity is shown in.
 *   readValue('pressure', '58') → 399896
 */
import { findUnit, unitsOf, US, type Quantity, type Units } from './quantities'

/** @returns SI; nothing where it is no figure of that quantity */
export function readValue(quantity: Quantity, text: string, units: Units = US): number | undefined {
  const [, figure, named] = /^(-?\d+(?:[.,]\d+)?)\s*([a-zµΩ/]*)$/i.exec(text.trim()) ?? []
  if (figure === undefined) return undefined
  const unit = named ? findUnit(named) : unitsOf(quantity, units)[0]
  return unit?.quantity === quantity ? Number(figure.replace(',', '.')) * unit.perUnit : undefined
}
