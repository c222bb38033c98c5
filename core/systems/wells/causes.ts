/** Conditions that wear other parts out, how each is shown and what to do about it. Verdicts on their tests decide. */
import type { CauseNote } from '../types'

export const WELL_CAUSES: readonly CauseNote[] = [
  { id: 'precharge-low', label: 'Tank precharge low', test: 'precharge', shownBy: 'low', advice: 'Air the tank to the precharge for its cut-in, with the water side at zero.' },
  { id: 'rapid-cycling', label: 'Starts every few seconds', test: 'cycle', shownBy: 'low', advice: 'Give the pump a minute of run at least: tank, precharge, leaks.' },
  { id: 'tank-waterlogged', label: 'Tank waterlogged', test: 'air-valve', shownBy: 'water', advice: 'Replace the tank.' },
  { id: 'low-volts', label: 'Low voltage', test: 'breaker.volts', shownBy: 'low', advice: 'Have the supply and every joint ahead of the breaker checked under load.' },
  { id: 'loose-terminal', label: 'Loose or burnt terminals', test: 'terminals', shownBy: 'burnt', advice: 'Cut back to bright copper and remake.' },
  { id: 'damp', label: 'Damp or insects in the enclosure', test: 'contacts', shownBy: 'insects', advice: 'Seal the entries; bushing at every sheet-metal hole.' },
  { id: 'sand', label: 'Sand or rust in the water', test: 'water-look', shownBy: 'sand', advice: 'Brass nipple; flush; ask about the well screen.' },
  { id: 'ran-dry', label: 'Ran dry', test: 'asked', shownBy: 'ran-dry', advice: 'Fit dry-run protection suited to the well.' },
  { id: 'age', label: 'Worn out in its time', test: 'asked', shownBy: 'old', advice: 'Note the age on the site file.' },
  { id: 'surge', label: 'Lightning or switching surge', test: 'asked', shownBy: 'storm', advice: 'Surge protection at the panel.' },
  { id: 'locked-retries', label: 'Endless starts against a dead start circuit', test: 'asked', shownBy: 'retries', advice: 'Find the start gear that failed first.' },
  { id: 'chafed', label: 'Wire chafed through', test: 'terminals', shownBy: 'chafed', advice: 'Bushing or torque arrestor where it rubbed.' },
  { id: 'outage', label: 'Power outage', test: 'asked', shownBy: 'outage', advice: 'Show the customer how to hold the lever.' },
]
