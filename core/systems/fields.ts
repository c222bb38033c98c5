/** Figures that belong to the place, and which figures a nameplate may hold. */
import { fail } from '#core/foundation'
import { componentOf } from './byId'
import type { NameplateKey } from './ids'
import type { NameplateField } from './componentTypes'
import type { Nameplate, SystemKind } from './types'

/** The nameplate's name for a field of a component, as a composed kind has them. */
export const keyOf = (component: string, field: string) => `${component}.${field}` as NameplateKey

/** What is known of the place and the life of a system rather than of a part. */
export const SITE_FIELDS: readonly NameplateField[] = [
  { id: 'altitude', label: 'Height above sea level', quantity: 'altitude', range: [-500, 5000] },
  { id: 'duty', label: 'Duty', quantity: 'choice', choices: ['usual', 'heavy'] },
  { id: 'water', label: 'Water', quantity: 'choice', choices: ['clear', 'sandy or rusty'] },
  { id: 'surroundings', label: 'Surroundings', quantity: 'choice', choices: ['dry', 'damp'] },
]

/** Names a figure that the kind does not have or that makes no sense. */
export function findBadField(kind: SystemKind, nameplate: Nameplate) {
  for (const [field, value] of Object.entries(nameplate)) {
    const [component, id] = field.split('.')
    const known
      = component === 'site'
        ? SITE_FIELDS.find(f => f.id === id)
        : componentOf(kind, component ?? '')?.fields?.find(f => f.id === id)
    if (!known) return fail('unknown-field', { field, kind: kind.name })
    const [low, high] = known.choices ? [0, known.choices.length - 1] : (known.range ?? [-Infinity, Infinity])
    if (!(value >= low && value <= high))
      return fail('figure-out-of-range', { field, label: known.label, value, low, high })
  }
  return undefined
}
