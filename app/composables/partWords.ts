/** Parts as a page says them: attributes with their units, money, what a figure is for. */
import { formatFigureOf, parseFigure } from '#core/formats'
import { fail, ok, type Result } from '#core/foundation'
import { ATTRIBUTES, type AttributeId } from '#core/parts'
import type { Units } from '#core/units'

const choicesOf = (id: AttributeId): readonly string[] | undefined => {
  const attribute = ATTRIBUTES[id]
  return 'choices' in attribute ? attribute.choices : undefined
}
export const attributeChoices = choicesOf
export const isAttribute = (id: string): id is AttributeId => id in ATTRIBUTES

export function sayAttribute(id: AttributeId, value: number, units: Units): string {
  const choices = choicesOf(id)
  return choices ? (choices[value] ?? '') : formatFigureOf(ATTRIBUTES[id].quantity, value, units)
}

/** A figure as it is written on a part, or a choice by its words. */
export function readAttribute(id: AttributeId, written: string, units: Units): Result<number> {
  const choices = choicesOf(id)
  if (!choices) return parseFigure(ATTRIBUTES[id].quantity, written, units)
  const index = choices.indexOf(written)
  return index >= 0 ? ok(index) : fail('not-a-choice', { field: id, written, choices: choices.join(', ') })
}

export const sayMoney = (sum: number): string => sum.toFixed(2)
