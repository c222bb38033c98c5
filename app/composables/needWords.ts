/** The state of the work that a test or a step needs, held or not. */
import type { Need } from '#core/systems'

export const NEEDS: Readonly<Record<Need, string>> = {
  'any': '',
  'live': 'needs power on',
  'proven-dead': 'needs it proven dead',
  'discharged': 'needs it dead and discharged',
  'zero-pressure': 'needs zero pressure',
}
