/**
 * Conditions that wear other parts out: as links from a fault, and as notes with the test and the answer that shows
 * each. A block lists the notes whose tests it has.
 */
import type { CauseId, FaultId } from '../ids'
import type { CauseNote } from '../faultTypes'
import type { CauseEntry } from './faultEntry'

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
} as const satisfies Readonly<Record<string, CauseEntry>>

export interface NoteEntry extends Omit<CauseNote, 'id' | 'fault'> {
  readonly id: CauseId
  readonly fault?: FaultId
}

export const note = (entry: NoteEntry): CauseNote => entry

export const NOTES = {
  lowPrecharge: note({
    id: 'precharge-low',
    name: 'Tank precharge low',
    test: 'precharge',
    shownBy: 'low',
    advice: 'Air the tank to the precharge for its cut-in, with the water side at zero.',
    fault: 'tank.precharge-low',
  }),
  waterlogged: note({
    id: 'tank-waterlogged',
    name: 'Tank waterlogged',
    test: 'air-valve',
    shownBy: 'water',
    advice: 'Replace the tank.',
    fault: 'tank.waterlogged',
  }),
  lowVolts: note({
    id: 'low-volts',
    name: 'Low voltage',
    test: 'breaker.volts',
    shownBy: 'low',
    advice: 'Have the supply and every joint ahead of the breaker checked under load.',
    fault: 'supply.low-volts',
  }),
  cutOff: note({
    id: 'cut-off-tripped',
    name: 'Cut-off had tripped',
    test: 'lever',
    shownBy: 'off',
    advice: 'Find what let the pressure fall.',
    fault: 'switch.cut-off-tripped',
  }),
  rapidCycling: note({
    id: 'rapid-cycling',
    name: 'Starts every few seconds',
    test: 'cycle',
    shownBy: 'low',
    or: { test: 'asked', shownBy: 'cycled' },
    advice: 'Give it a minute of run at least: tank, precharge, leaks.',
  }),
  loose: note({
    id: 'loose-terminal',
    name: 'Loose or burnt terminals',
    test: 'terminals',
    shownBy: 'burnt',
    advice: 'Cut back to bright copper and remake.',
  }),
  chafed: note({
    id: 'chafed',
    name: 'Wire chafed through',
    test: 'terminals',
    shownBy: 'chafed',
    advice: 'Bushing or torque arrestor where it rubbed.',
  }),
  damp: note({
    id: 'damp',
    name: 'Damp or insects in the enclosure',
    test: 'contacts',
    shownBy: 'insects',
    advice: 'Seal the entries; bushing at every sheet-metal hole.',
  }),
  sand: note({
    id: 'sand',
    name: 'Sand or rust in the water',
    test: 'water-look',
    shownBy: 'sand',
    advice: 'Brass nipple; flush; ask about the well screen.',
  }),
  oil: note({
    id: 'oil-low',
    name: 'Oil low or old',
    test: 'oil',
    shownBy: 'low',
    advice: 'Change the oil; look for where it went.',
  }),
} as const
