/** Conditions that wear other parts out: as links from a fault, and as notes with the test and the answer that shows each. */
import type { CauseNote } from '../types'

export const CAUSES = {
  rapidCycling: { because: 'rapid-cycling', why: 'a start every few seconds pits contacts and cooks start gear' },
  lowPrecharge: { because: 'precharge-low', why: 'little air in the tank means little water between starts' },
  waterlogged: { because: 'tank-waterlogged', why: 'a tank without air gives no drawdown' },
  lowVolts: { because: 'low-volts', why: 'low voltage keeps the motor from coming up to speed' },
  surge: { because: 'surge', why: 'lightning and switching surges break insulation and contacts' },
  age: { because: 'age', why: 'it has done its years' },
  damp: { because: 'damp', why: 'water or insects in the enclosure' },
  loose: { because: 'loose-terminal', why: 'a loose terminal heats, oxidises and heats more' },
  sand: { because: 'sand', why: 'sand and rust plug the nipple and wear the stages' },
  dry: { because: 'ran-dry', why: 'a pump without water loses its cooling and its bearings' },
  retries: { because: 'locked-retries', why: 'endless starts against a dead start circuit overheat the winding' },
  chafe: { because: 'chafed', why: 'missing torque arrestor or bushing lets the wire rub through' },
  vibration: { because: 'vibration', why: 'a machine that shakes loosens and chafes its own wiring' },
  hot: { because: 'hot-room', why: 'no air round the machine: oil, valves and windings cook' },
  oil: { because: 'oil-low', why: 'low or old oil scores the cylinder and the bearings' },
} as const

const note = (id: string, label: string, test: string, shownBy: string, advice: string, fault?: string): CauseNote => ({ id, label, test, shownBy, advice, ...(fault ? { fault } : {}) })

/** Notes that any kind may use; a kind keeps those whose test it has. */
export const NOTES: readonly CauseNote[] = [
  note('precharge-low', 'Tank precharge low', 'precharge', 'low', 'Air the tank to the precharge for its cut-in, with the water side at zero.', 'tank.precharge-low'),
  note('tank-waterlogged', 'Tank waterlogged', 'air-valve', 'water', 'Replace the tank.', 'tank.waterlogged'),
  note('low-volts', 'Low voltage', 'breaker.volts', 'low', 'Have the supply and every joint ahead of the breaker checked under load.', 'supply.low-volts'),
  note('cut-off-tripped', 'Cut-off had tripped', 'lever', 'off', 'Find what let the pressure fall.', 'switch.cut-off-tripped'),
  note('rapid-cycling', 'Starts every few seconds', 'cycle', 'low', 'Give it a minute of run at least: tank, precharge, leaks.'),
  note('loose-terminal', 'Loose or burnt terminals', 'terminals', 'burnt', 'Cut back to bright copper and remake.'),
  note('damp', 'Damp or insects in the enclosure', 'contacts', 'insects', 'Seal the entries; bushing at every sheet-metal hole.'),
  note('sand', 'Sand or rust in the water', 'water-look', 'sand', 'Brass nipple; flush; ask about the well screen.'),
  note('ran-dry', 'Ran dry', 'asked', 'ran-dry', 'Fit dry-run protection suited to the source.'),
  note('age', 'Worn out in its time', 'asked', 'old', 'Note the age on the site file.'),
  note('surge', 'Lightning or switching surge', 'asked', 'storm', 'Surge protection at the panel.'),
  note('locked-retries', 'Endless starts against a dead start circuit', 'asked', 'retries', 'Find the start gear that failed first.'),
  note('chafed', 'Wire chafed through', 'terminals', 'chafed', 'Bushing or torque arrestor where it rubbed.'),
  note('outage', 'Power outage', 'asked', 'outage', 'Show the customer how to hold the lever.'),
  note('vibration', 'Shaken loose', 'asked', 'vibration', 'Mounts, whip check and a flexible last metre of cable.'),
  note('hot-room', 'Runs too hot', 'asked', 'hot', 'Air round the machine, and a duty it can bear.'),
  note('oil-low', 'Oil low or old', 'oil', 'low', 'Change the oil; look for where it went.'),
  note('filled-open', 'Open discharge: filled a pond or pool', 'asked', 'open-fill', 'Throttle the discharge, or fit an underload protector instead of a cut-off.'),
]
