/** Which kinds of part put a fault right: those that go to its component, narrowed by what is wrong with it. */
import { PART_TYPE_IDS, PART_TYPES, type PartTypeId } from './types'

const BY_FAULT: readonly (readonly [RegExp, readonly PartTypeId[]])[] = [
  [/\.runcap/, ['run-capacitor']],
  [/\.cap/, ['start-capacitor']],
  [/\.relay/, ['start-relay', 'control-box']],
  [/\.(?:overload|heater)/, ['overload', 'control-box', 'motor']],
  [/\.coil/, ['coil', 'contactor']],
  [/^starter\.contact|^starter\.welded/, ['contactor', 'kit', 'other']],
  [/\.port-blocked/, ['nipple', 'pressure-switch']],
]

export function typesFor(component: string, fault: string): readonly PartTypeId[] {
  // the same thing under the well's own switch, motor, cable
  const own = component.replace(/^.*-/, '')
  const going = PART_TYPE_IDS.filter(id => (PART_TYPES[id].goesTo as readonly string[]).includes(own))
  const meant = BY_FAULT.find(([pattern]) => pattern.test(fault))?.[1]
  const narrowed = meant?.filter(id => id === 'other' || going.includes(id))
  if (narrowed && narrowed.length > 0) return narrowed
  return own === 'switch' ? going.filter(id => id === 'pressure-switch') : going
}
