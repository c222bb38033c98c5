/** Healthy figures of start gear. */
import type { Change } from '../figures'
import { OPEN } from '../power/resistances'
import { degrees } from './faultEntry'

/** In series with a start or run capacitor, Ω. */
export const START_OHMS = 0.1

export interface StartFigures {
  readonly farads: number
  readonly runFarads?: number
  /** whether there is a start contact at all */
  readonly contact?: boolean
}

export const startFigures = ({ farads, runFarads = 0, contact = true }: StartFigures): Change => ({
  'start.overload': 0.02,
  'start.contact': contact ? 0.02 : OPEN,
  'start.contactRunning': OPEN,
  'start.farads': farads,
  'start.ohms': START_OHMS,
  'start.runFarads': runFarads,
  'start.runOhms': START_OHMS,
})

/** An overload that stays open, or that age has made let go at the plate's amps; common practice, no source. */
export const wornOverload = degrees(
  { name: 'open for good', share: 0.7, change: { 'start.overload': OPEN } },
  { name: 'lets go under its rating', share: 0.3, change: {} },
)
