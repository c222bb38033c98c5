/** What a motor's plate may say, and what each figure does to the readings. */
import { HORSEPOWER } from '#core/units'
import type { ComponentEntry } from './block'

type MotorFields = NonNullable<ComponentEntry<'motor'>['fields']>

export const MOTOR_FIELDS: MotorFields = [
  {
    id: 'power',
    label: 'Power',
    quantity: 'horsepower',
    range: [0.1 * HORSEPOWER, 50 * HORSEPOWER],
    bears: 'The size: every figure that is not given is taken from it.',
  },
  {
    id: 'volts',
    label: 'Volts',
    quantity: 'volts',
    range: [100, 600],
    bears: 'The band of the volts at the motor, and which supply it hangs on.',
  },
  {
    id: 'amps',
    label: 'Full-load amps',
    quantity: 'amps',
    range: [0.5, 150],
    bears: 'The amps while it runs.',
  },
  {
    id: 'maxAmps',
    label: 'Max (service-factor) amps',
    quantity: 'amps',
    range: [0.5, 180],
    bears: 'Where the amps while it runs become too many.',
  },
  {
    id: 'lockedAmps',
    label: 'Locked-rotor amps',
    quantity: 'amps',
    range: [3, 1200],
    bears: 'The amps at a start and while it stands: line amps of the whole motor.',
  },
  {
    id: 'codeLetter',
    label: 'Code letter',
    quantity: 'code-letter',
    range: [0, 18],
    bears: 'Stands in for the locked-rotor amps.',
  },
  {
    id: 'rpm',
    label: 'Rpm at full load',
    quantity: 'count',
    range: [600, 3600],
    bears: 'How much the amps rise with the load.',
  },
  {
    id: 'serviceFactor',
    label: 'Service factor',
    quantity: 'count',
    range: [1, 2],
    bears: 'Stands in for the max amps.',
  },
]
/** How a motor in the open is started. */
export const START_GEAR: MotorFields[number] = {
  id: 'startGear',
  label: 'Start gear',
  quantity: 'choice',
  choices: ['capacitor', 'permanent split'],
}
export const WINDINGS: MotorFields = [
  {
    id: 'mainOhms',
    label: 'Main winding',
    quantity: 'ohms',
    range: [0.05, 60],
    bears: 'The ohms between its leads, less the cable; on two wires lead to lead.',
  },
  {
    id: 'startOhms',
    label: 'Start winding',
    quantity: 'ohms',
    range: [0.1, 150],
    bears: 'The ohms of the start lead, and the amps on it at a start.',
  },
]
