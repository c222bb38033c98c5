/**
 * Faults that every well shares: supply, conductors, switch, motor, pump and water side. Base rates are shares of calls,
 * common practice with no source; a shop's own settled tabs will move them. The rest of each row is the handbook's.
 */
import { PSI } from '#core/units'
import type { FaultMode, Severity } from '../types'
import { CLOSED, OPEN, type Pair, type WellParams } from './params'

export type WellFault = FaultMode<WellParams>
type Apply = (h: WellParams) => Partial<WellParams>

export const always = (apply: Apply): readonly Severity<WellParams>[] => [{ id: 'full', label: '', share: 1, apply }]
export const degrees = (...rows: readonly (readonly [string, number, Apply])[]): readonly Severity<WellParams>[] =>
  rows.map(([label, share, apply], i) => ({ id: String(i + 1), label, share, apply }))

const first = (p: Pair, ohms: number): Pair => [ohms, p[1]]
const second = (p: Pair, ohms: number): Pair => [p[0], ohms]

const fit = (label: string, minutes: number, part: string) => ({ label, minutes, part })
const newSwitch = fit('Replace the pressure switch', 40, 'pressure switch')
const rewire = fit('Replace the damaged run', 60, 'wire')
export const pullPump = fit('Pull the pump', 240, 'motor and pump')

export const CAUSES = {
  rapidCycling: { because: 'rapid-cycling', why: 'a start every few seconds pits contacts and cooks start gear' },
  lowPrecharge: { because: 'precharge-low', why: 'little air in the tank means little water between starts' },
  waterlogged: { because: 'tank-waterlogged', why: 'a tank without air gives no drawdown' },
  lowVolts: { because: 'low-volts', why: 'low voltage keeps the motor from coming up to speed' },
  surge: { because: 'surge', why: 'lightning and switching surges break insulation and contacts' },
  age: { because: 'age', why: 'worn out in its time' },
  damp: { because: 'damp', why: 'water or insects in the enclosure' },
  loose: { because: 'loose-terminal', why: 'a loose terminal heats, oxidises and heats more' },
  sand: { because: 'sand', why: 'sand and rust plug the nipple and wear the stages' },
  dry: { because: 'ran-dry', why: 'a pump without water loses its cooling and its bearings' },
  retries: { because: 'locked-retries', why: 'endless starts against a dead start circuit overheat the winding' },
  chafe: { because: 'chafed', why: 'missing torque arrestor or bushing lets the wire rub through' },
} as const

export const SUPPLY_FAULTS: readonly WellFault[] = [
  { component: 'supply', mode: 'leg-lost', label: 'One leg of the supply lost', baseRate: 0.02, severities: degrees(['leg 1', 0.5, h => ({ legs: first(h.legs, 0) })], ['leg 2', 0.5, h => ({ legs: second(h.legs, 0) })]), repair: fit('Call the utility', 20, ''), causes: [CAUSES.surge], settledBy: 'each leg to ground at the breaker' },
  { component: 'supply', mode: 'low-volts', label: 'Supply voltage low', baseRate: 0.02, severities: degrees(['12 % low', 0.6, h => ({ legs: [h.legs[0] * 0.88, h.legs[1] * 0.88] })], ['22 % low', 0.4, h => ({ legs: [h.legs[0] * 0.78, h.legs[1] * 0.78] })]), repair: fit('Find the drop ahead of the breaker', 40, ''), causes: [], settledBy: 'volts at the breaker, at rest and under load' },
  { component: 'breaker', mode: 'off', label: 'Breaker tripped or off', baseRate: 0.05, severities: always(() => ({ breaker: [OPEN, OPEN] })), repair: fit('Find why, then reset the breaker', 5, ''), causes: [{ because: 'motor.ground', why: 'a motor or cable to ground trips it' }, CAUSES.surge], settledBy: 'breaker position and volts out of it' },
  { component: 'breaker', mode: 'pole-open', label: 'Breaker pole open', baseRate: 0.02, severities: degrees(['pole 1', 0.5, h => ({ breaker: first(h.breaker, OPEN) })], ['pole 2', 0.5, h => ({ breaker: second(h.breaker, OPEN) })]), repair: fit('Replace the breaker', 25, 'two-pole breaker'), causes: [CAUSES.age, CAUSES.loose], settledBy: 'each leg to ground out of the breaker' },
  { component: 'feed', mode: 'open', label: 'Feed to the switch open', baseRate: 0.02, severities: degrees(['leg 1', 0.5, h => ({ feed: first(h.feed, OPEN) })], ['leg 2', 0.5, h => ({ feed: second(h.feed, OPEN) })]), repair: rewire, causes: [CAUSES.loose, CAUSES.chafe], settledBy: 'volts at the switch line against the breaker' },
  { component: 'feed', mode: 'high-resistance', label: 'High-resistance joint ahead of the switch', baseRate: 0.015, severities: degrees(['1 Ω', 0.5, h => ({ feed: first(h.feed, 1) })], ['4 Ω', 0.3, h => ({ feed: second(h.feed, 4) })], ['20 Ω', 0.2, h => ({ feed: first(h.feed, 20) })]), repair: fit('Remake the joint', 30, 'terminals'), causes: [CAUSES.loose], settledBy: 'line volts while the motor draws' },
  { component: 'feed', mode: 'to-earth', label: 'Feed to earth', baseRate: 0.01, severities: always(() => ({ feedToEarth: 0.2 })), repair: rewire, causes: [CAUSES.chafe], settledBy: 'breaker trips with the switch opened' },
  { component: 'feed', mode: 'leg-to-leg', label: 'Feed shorted leg to leg', baseRate: 0.005, severities: always(() => ({ feedAcross: 0.2 })), repair: rewire, causes: [CAUSES.chafe], settledBy: 'breaker trips with the switch opened' },
]

export const SWITCH_FAULTS: readonly WellFault[] = [
  { component: 'switch', mode: 'pole1-burnt', label: 'Switch pole 1 burnt', baseRate: 0.06, severities: degrees(['1.5 Ω', 0.4, h => ({ poles: first(h.poles, 1.5) })], ['8 Ω', 0.35, h => ({ poles: first(h.poles, 8) })], ['60 Ω', 0.25, h => ({ poles: first(h.poles, 60) })]), repair: newSwitch, causes: [CAUSES.rapidCycling, CAUSES.lowPrecharge, CAUSES.waterlogged, CAUSES.loose], settledBy: 'millivolts across pole 1 while it carries the motor' },
  { component: 'switch', mode: 'pole2-burnt', label: 'Switch pole 2 burnt', baseRate: 0.06, severities: degrees(['1.5 Ω', 0.4, h => ({ poles: second(h.poles, 1.5) })], ['8 Ω', 0.35, h => ({ poles: second(h.poles, 8) })], ['60 Ω', 0.25, h => ({ poles: second(h.poles, 60) })]), repair: newSwitch, causes: [CAUSES.rapidCycling, CAUSES.lowPrecharge, CAUSES.waterlogged, CAUSES.loose], settledBy: 'millivolts across pole 2 while it carries the motor' },
  { component: 'switch', mode: 'pole1-open', label: 'Switch pole 1 not making', baseRate: 0.03, severities: always(h => ({ poles: first(h.poles, OPEN) })), repair: newSwitch, causes: [CAUSES.damp, CAUSES.rapidCycling], settledBy: 'each leg to ground on the load side' },
  { component: 'switch', mode: 'pole2-open', label: 'Switch pole 2 not making', baseRate: 0.03, severities: always(h => ({ poles: second(h.poles, OPEN) })), repair: newSwitch, causes: [CAUSES.damp, CAUSES.rapidCycling], settledBy: 'each leg to ground on the load side' },
  { component: 'switch', mode: 'stuck-open', label: 'Switch mechanism stuck open', baseRate: 0.025, severities: always(() => ({ poles: [OPEN, OPEN] })), repair: newSwitch, causes: [CAUSES.damp, CAUSES.age], settledBy: 'contacts open with the gauge under cut-in' },
  { component: 'switch', mode: 'port-blocked', label: 'Sensing port or nipple blocked', baseRate: 0.06, severities: degrees(['blocked under pressure', 0.6, () => ({ poles: [OPEN, OPEN] })], ['blocked empty, runs on', 0.4, h => ({ polesAtRest: h.poles })]), repair: fit('Clear the port, brass nipple', 30, 'brass nipple'), causes: [CAUSES.sand], settledBy: 'pressure at a tap against what the switch does' },
  { component: 'switch', mode: 'cut-off-tripped', label: 'Low-pressure cut-off tripped or lever off', baseRate: 0.04, severities: always(() => ({ poles: [OPEN, OPEN] })), repair: fit('Hold the lever until pressure is over cut-in', 5, ''), causes: [{ because: 'outage', why: 'pressure fell while the power was off' }, CAUSES.dry], settledBy: 'lever position' },
  { component: 'switch', mode: 'welded', label: 'Switch contacts welded closed', baseRate: 0.03, severities: always(() => ({ polesAtRest: [CLOSED, CLOSED] })), effect: 'runs-on', repair: newSwitch, causes: [CAUSES.rapidCycling, CAUSES.surge], settledBy: 'contacts closed over cut-out' },
  { component: 'switch', mode: 'out-of-setting', label: 'Switch out of adjustment', baseRate: 0.03, severities: degrees(['10 psi low', 0.5, h => ({ cutIn: h.cutIn - 10 * PSI, cutOut: h.cutOut - 10 * PSI })], ['12 psi high', 0.5, h => ({ cutIn: h.cutIn + 12 * PSI, cutOut: h.cutOut + 12 * PSI })]), effect: 'runs', repair: fit('Set the switch', 15, ''), causes: [], settledBy: 'cut-in and cut-out read off the gauge' },
]

export const MOTOR_FAULTS: readonly WellFault[] = [
  { component: 'motor', mode: 'main-open', label: 'Main winding open', baseRate: 0.015, severities: always(() => ({ mainJoint: OPEN })), repair: pullPump, causes: [CAUSES.retries, CAUSES.lowVolts, CAUSES.surge, CAUSES.age], settledBy: 'ohms across the main winding' },
  { component: 'motor', mode: 'turn-short', label: 'Main winding short between turns', baseRate: 0.015, severities: degrees(['a tenth of the turns', 0.5, () => ({ mainTurns: 0.88 })], ['a third of the turns', 0.5, () => ({ mainTurns: 0.66 })]), repair: pullPump, causes: [CAUSES.retries, CAUSES.surge, CAUSES.age], settledBy: 'ohms across the main winding' },
  { component: 'motor', mode: 'ground', label: 'Winding to ground', baseRate: 0.03, severities: degrees(['dead short', 0.5, () => ({ windingToEarth: 0.6 })], ['about 2 kΩ', 0.3, () => ({ windingToEarth: 2e3 })], ['about 80 kΩ', 0.2, () => ({ windingToEarth: 80e3 })]), repair: pullPump, causes: [CAUSES.surge, CAUSES.age, CAUSES.retries], settledBy: 'megohms to ground with the leads off' },
  { component: 'motor', mode: 'seized', label: 'Motor or pump seized', baseRate: 0.04, severities: always(() => ({ seized: true })), repair: pullPump, causes: [CAUSES.sand, CAUSES.dry, CAUSES.age], settledBy: 'locked amps on every lead with the start circuit proven good' },
  { component: 'motor', mode: 'binding', label: 'Motor or pump binding', baseRate: 0.02, severities: degrees(['a third over', 0.6, () => ({ load: 1.3 })], ['two thirds over', 0.4, () => ({ load: 1.65 })]), effect: 'runs-weak', repair: pullPump, causes: [CAUSES.sand, CAUSES.dry], settledBy: 'running amps over the nameplate maximum' },
]

export const WATER_FAULTS: readonly WellFault[] = [
  { component: 'pump', mode: 'coupling', label: 'Shaft or coupling broken', baseRate: 0.015, severities: always(() => ({ load: 0, pumpFlow: 0 })), effect: 'runs-dry', repair: pullPump, causes: [CAUSES.age, CAUSES.rapidCycling], settledBy: 'running amps near no-load and no delivery' },
  { component: 'pump', mode: 'dry-well', label: 'Well dry or drawn down', baseRate: 0.03, severities: always(() => ({ load: 0.12, pumpFlow: 0 })), effect: 'runs-dry', repair: fit('Rest the well; fit dry-run protection', 60, 'underload protector'), causes: [], settledBy: 'delivery that comes back after a rest' },
  { component: 'pump', mode: 'worn', label: 'Pump worn or clogged', baseRate: 0.03, severities: degrees(['two thirds left', 0.5, h => ({ load: 0.75, pumpFlow: h.pumpFlow * 0.65 })], ['a third left', 0.5, h => ({ load: 0.6, pumpFlow: h.pumpFlow * 0.3 })]), effect: 'runs-weak', repair: pullPump, causes: [CAUSES.sand, CAUSES.age], settledBy: 'delivery at the tap against what it gave before' },
  { component: 'check', mode: 'leaking', label: 'Check valve leaking back', baseRate: 0.03, severities: always(h => ({ leakFlow: h.pumpFlow * 0.1 })), effect: 'rapid-cycles', repair: fit('Replace the check valve', 180, 'check valve'), causes: [CAUSES.sand, CAUSES.age], settledBy: 'leak-down with the house valve shut' },
  { component: 'check', mode: 'stuck-shut', label: 'Check valve stuck shut', baseRate: 0.01, severities: always(() => ({ load: 0.45, pumpFlow: 0 })), effect: 'runs-dry', repair: fit('Replace the check valve', 180, 'check valve'), causes: [CAUSES.sand], settledBy: 'no delivery with amps between no load and full load' },
  { component: 'tank', mode: 'waterlogged', label: 'Tank waterlogged, bladder gone', baseRate: 0.06, severities: always(h => ({ waterlogged: true, precharge: h.precharge * 0.2, tankVolume: h.tankVolume * 0.1 })), effect: 'rapid-cycles', repair: fit('Replace the tank', 120, 'pressure tank'), causes: [CAUSES.age, CAUSES.lowPrecharge], settledBy: 'water at the air valve; knock and tilt' },
  { component: 'tank', mode: 'precharge-low', label: 'Tank precharge low', baseRate: 0.06, severities: degrees(['half', 0.6, h => ({ precharge: h.precharge * 0.5 })], ['a quarter', 0.4, h => ({ precharge: h.precharge * 0.25 })]), effect: 'rapid-cycles', repair: fit('Air the tank at zero pressure', 20, ''), causes: [CAUSES.age], settledBy: 'air valve with the tank empty' },
  { component: 'tank', mode: 'precharge-high', label: 'Tank precharge over cut-in', baseRate: 0.02, severities: always(h => ({ precharge: h.cutIn + 8 * PSI })), effect: 'surges', repair: fit('Bleed the tank at zero pressure', 15, ''), causes: [], settledBy: 'air valve with the tank empty' },
]
