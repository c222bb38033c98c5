/** Healthy figures of start gear. */
import type { Change } from '../figures'
import { OPEN } from '../power/resistances'

export const startFigures = (farads: number, runFarads = 0): Change => ({
  'start.overload': 0.02,
  'start.contact': 0.02,
  'start.contactRunning': OPEN,
  'start.farads': farads,
  'start.ohms': 0.1,
  'start.runFarads': runFarads,
  'start.runOhms': 0.1,
})
