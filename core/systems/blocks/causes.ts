/**
 * Conditions that wear other parts out: as links from a fault, and as notes with the test and the answer that shows
 * each. A block lists the notes whose tests it has.
 */
import type { CauseId, FaultId } from '../ids'
import type { CauseNote } from '../faultTypes'
import { madeBy, type CauseEntry } from './faultEntry'

export const CAUSES = {
  rapidCycling: { because: 'rapid-cycling', why: 'a start every few seconds pits contacts and cooks start gear' },
  lowPrecharge: { because: 'precharge-low', why: 'little air in the tank means little water between starts' },
  highPrecharge: madeBy('precharge-high', 'air over cut-in leaves as little water between starts'),
  remote: madeBy('remote-switch', 'away from the tank it feels every stroke of the pump, and chatters'),
  waterlogged: { because: 'tank-waterlogged', why: 'a tank without air gives no drawdown' },
  lowVolts: { because: 'low-volts', why: 'low voltage keeps the motor from coming up to speed' },
  surge: { because: 'surge', why: 'lightning and switching surges break insulation and contacts' },
  age: { because: 'age', why: 'it has done its years' },
  damp: { because: 'damp', why: 'water or insects in the enclosure' },
  wet: { because: 'terminals-wet', why: 'damp creeps under terminals and eats them' },
  loose: { because: 'loose-terminal', why: 'a loose terminal heats, oxidises and heats more' },
  sand: { because: 'sand', why: 'sand and rust plug the nipple and wear the stages' },
  dry: { because: 'ran-dry', why: 'a pump without water loses its cooling and its bearings' },
  ranOn: { because: 'ran-on', why: 'days without a stop wear it and cook it' },
  onePhase: { because: 'single-phased', why: 'on two lines of three the other windings burn' },
  frozen: { because: 'frozen', why: 'ice splits what holds water' },
  retries: { because: 'locked-retries', why: 'endless starts against a dead start circuit overheat the winding' },
  chafe: { because: 'chafed', why: 'missing torque arrestor or bushing lets the wire rub through' },
  dug: madeBy('dug', 'spade, post or plough cuts or nicks a buried cable'),
  vibration: { because: 'vibration', why: 'a machine that shakes loosens and chafes its own wiring' },
  hot: { because: 'hot-room', why: 'no air round the machine: oil, valves and windings cook' },
  oil: { because: 'oil-low', why: 'low or old oil scores the cylinder and the bearings' },
} as const satisfies Readonly<Record<string, CauseEntry>>

/** What starts a pump every few seconds, and wears out whatever starts it; handbook §7. */
export const OFTEN_STARTED: readonly CauseEntry[] = [
  CAUSES.rapidCycling,
  CAUSES.lowPrecharge,
  CAUSES.waterlogged,
  CAUSES.highPrecharge,
  CAUSES.remote,
  madeBy('house.leak', 'a leak starts the pump day and night'),
  madeBy('check.leaking', 'a check valve that leaks back starts the pump day and night'),
]

const ONE_PHASE = 'single-phasing burns two windings'
/** What overheats three windings; handbook §7. */
export const THREE_COOKED: readonly CauseEntry[] = [
  madeBy('supply.leg-lost', ONE_PHASE),
  CAUSES.onePhase,
  madeBy('starter.contact-open', ONE_PHASE),
  madeBy('starter.contact-burnt', ONE_PHASE),
  madeBy('breaker.pole-open', ONE_PHASE),
  madeBy('supply.unbalanced', 'unbalanced volts heat one winding far more'),
  madeBy('supply.low-volts', 'low voltage raises its amps'),
  madeBy('motor.binding', 'a motor that draws too much cooks'),
  CAUSES.retries,
  CAUSES.dry,
  CAUSES.ranOn,
]

const LOCKED = 'locked starts open it'
/** What keeps a motor from getting going: found beside what let go, or no more. */
export const stillLockedBy = (...faults: readonly FaultId[]): readonly CauseEntry[] =>
  faults.map(because => ({ because, why: LOCKED }))
export const lockedBy = (...faults: readonly FaultId[]): readonly CauseEntry[] => faults.map(f => madeBy(f, LOCKED))

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
  highPrecharge: note({
    id: 'precharge-high',
    name: 'Tank precharge over cut-in',
    test: 'precharge',
    shownBy: 'high',
    advice: 'Bleed the tank to the precharge for its cut-in, with the water side at zero.',
    fault: 'tank.precharge-high',
  }),
  remote: note({
    id: 'remote-switch',
    name: 'Switch away from the tank',
    test: 'switch-place',
    shownBy: 'far',
    advice: 'Move the switch to the tee at the tank.',
  }),
  waterlogged: note({
    id: 'tank-waterlogged',
    name: 'Tank waterlogged',
    test: 'air-valve',
    shownBy: 'water',
    or: { test: 'knock', shownBy: 'dull' },
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
    or: { test: 'box-seen', shownBy: 'terminal' },
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
