/**
 * What would happen at power-on with the wires as they are on record: the circuit as landed (circuit.ts), solved in
 * each position of its contacts, and read. Facts only; `core/words` says them. It proves the record and not the wires:
 * ohms, dead, follow as a step of their own.
 */
import type { SolvedNetwork } from '#core/circuit'
import { magnitude, subtract } from '#core/foundation'
import { farEnds, leadNode, solveAsLanded, terminalNode, type Position, type WiredCircuit } from './circuit'
import { PARTS_WIRED } from './parts'
import { conductorOf, type Landing } from './record'

export const WIRING_FAULTS = [
  'leg-to-leg', 'leg-to-ground', 'always-fed', 'leg-unswitched', 'hot-unswitched', 'motor-dead', 'motor-low',
  'motor-high', 'phase-missing', 'ground-missing', 'case-unbonded', 'frame-live', 'start-winding-on-main',
  'start-winding-dead', 'coil-wrong-volts', 'coil-dead', 'fed-from-load', 'no-hold-in', 'pilot-bypassed',
  'overload-bridged', 'float-reversed', 'polarity-reversed', 'rotation-reversed', 'fed-backwards', 'halves-oppose',
  'not-landed',
] as const
export type WiringFault = (typeof WIRING_FAULTS)[number]

/** What does no harm and is said all the same. */
export const WIRING_NOTES = [
  'either-leg', 'motor-stays-live', 'two-under-one-screw', 'white-is-a-leg', 'record-incomplete', 'ground-not-recorded',
] as const
export type WiringNote = (typeof WIRING_NOTES)[number]

export interface WiringFinding<C extends string = WiringFault> {
  readonly code: C
  readonly facts: Readonly<Record<string, string | number>>
}
export interface WiringVerdict {
  readonly faults: readonly WiringFinding[]
  readonly notes: readonly WiringFinding<WiringNote>[]
  /** motor volts with the contacts open and closed */
  readonly motorVolts: { readonly open: number, readonly closed: number }
  /** the most that flows in a conductor of the supply, A */
  readonly amps: { readonly open: number, readonly closed: number }
}

/** Volts from which a conductor counts as live, as a share of a leg's; and those that a motor lives on, of its own. */
const [LIVE, DEAD_MOTOR, LOW, HIGH] = [0.3, 0.1, 0.85, 1.15]
/** Times the locked amps from which it is a short, and the least amps that are one; judgement, no source. */
const [SHORT, LEAST_SHORT] = [2.5, 60]
/** On the wrong tap a motor draws four times as much by itself. */
const SHORT_OF_LINKS = 6
/** Volts over a winding beside what it is made for from which it is on the wrong tap. */
const [COIL_LOW, COIL_HIGH] = [0.8, 1.2]
/** More than a bond has, far less than none; judgement, no source. */
const BONDED_OHMS = 5

/** Those that end it: power-on is not to be gone on with, whatever reason is given. */
export const STOPS: ReadonlySet<WiringFault> = new Set([
  'leg-to-leg', 'leg-to-ground', 'always-fed', 'ground-missing', 'frame-live',
])

/** @param forgiven for a trial: done as soon as there is any other fault than these */
export function judgeWiring(
  circuit: WiredCircuit,
  landings: readonly Landing[],
  found: readonly Landing[] = [],
  forgiven?: ReadonlySet<WiringFault>,
): WiringVerdict {
  const faults: WiringFinding[] = []
  const notes: WiringFinding<WiringNote>[] = []
  const fault = (code: WiringFault, facts: WiringFinding['facts'] = {}) => {
    if (!faults.some(f => f.code === code)) faults.push({ code, facts })
  }
  const note = (code: WiringNote, facts: WiringFinding['facts'] = {}) => notes.push({ code, facts })
  const solve = (position: Position) => read(circuit, landings, solveAsLanded(circuit, landings, position))
  const closed = solve({ closed: true, pilot: true, start: true })
  const rest = solve({ closed: false })
  for (const lost of found)
    if (!landings.some(l => conductorOf(l) === conductorOf(lost)))
      fault('not-landed', { colour: lost.colour, to: lost.to })
  judgeShorts(circuit, { rest, closed }, fault)
  if (hasPower(landings)) judgeGround(circuit, landings, closed, fault)
  const isWrong = forgiven !== undefined && faults.some(f => !forgiven.has(f.code))
  if (!isWrong && !faults.some(f => f.code === 'leg-to-leg' || f.code === 'leg-to-ground')) {
    if (circuit.part === 'starter') judgeStarter(circuit, landings, solve, fault)
    else if (circuit.part === 'voltage-links') judgeLinks(circuit, landings, fault)
    else if (circuit.part === 'control-box') judgeBox(circuit, closed, fault)
    else judgeSwitched(circuit, landings, { rest, closed }, fault, note)
  }
  if (circuit.supply === 'three-phase') judgeRotation(circuit, landings, found, fault)
  noteHabits(circuit, landings, note)
  return {
    faults,
    notes,
    motorVolts: { open: rest.motor, closed: closed.motor },
    amps: { open: rest.supplyAmps, closed: closed.supplyAmps },
  }
}

/** Whether the power's own conductors are on record: a coil is changed without touching them. */
const hasPower = (landings: readonly Landing[]): boolean =>
  landings.some(l => !isGround(l) && (l.to === 'supply' || l.to === 'motor'))
const CONTROL: ReadonlySet<string> = new Set(['a1', 'a2', '13', '14', '95', '96'])
const hasControl = (landings: readonly Landing[]): boolean => landings.some(l => CONTROL.has(l.terminal))

/** What is there for safety: by its colour, or since it goes to ground. */
export const isGround = (l: Landing): boolean => l.colour === 'green' || l.colour === 'bare' || l.to === 'ground'

interface Reading {
  readonly solved: SolvedNetwork
  readonly has: (node: string) => boolean
  readonly volts: (a: string, b: string) => number
  /** volts across the motor, the least of its pairs */
  readonly motor: number
  readonly most: number
  readonly supplyAmps: number
  readonly groundAmps: number
}

function read(circuit: WiredCircuit, landings: readonly Landing[], solved: SolvedNetwork): Reading {
  const nodes = new Set(solved.nodes)
  const at = (node: string) => solved.voltage(node)
  const volts = (a: string, b: string) => magnitude(subtract(at(a), at(b)))
  const pairs: readonly (readonly [string, string])[]
    = circuit.supply === 'three-phase' ? [['m1', 'm2'], ['m2', 'm3'], ['m1', 'm3']] : [motorPair(circuit)]
  const across = pairs.map(([a, b]) => (nodes.has(a) && nodes.has(b) ? volts(a, b) : 0))
  return {
    solved,
    has: node => nodes.has(node),
    volts,
    motor: Math.min(...across),
    most: Math.max(...across),
    supplyAmps: Math.max(...FEEDS[circuit.supply].map(l => magnitude(solved.current(`supply ${l}`)))),
    groundAmps: magnitude(solved.current('earthing')),
  }
}

const FEEDS = {
  'split': ['leg1', 'leg2'],
  'line-neutral': ['leg1'],
  'three-phase': ['leg1', 'leg2', 'leg3'],
  'direct': ['plus'],
} as const

const motorPair = ({ part }: WiredCircuit): readonly [string, string] =>
  (part === 'control-box' ? ['m2', 'm1'] : ['m1', 'm2'])

type Faulting = (code: WiringFault, facts?: WiringFinding['facts']) => void
type Noting = (code: WiringNote, facts?: WiringFinding['facts']) => void
interface Both {
  readonly rest: Reading
  readonly closed: Reading
}

function judgeShorts({ part, lockedAmps, volts }: WiredCircuit, { rest, closed }: Both, fault: Faulting) {
  const times = part === 'voltage-links' ? SHORT_OF_LINKS : SHORT
  const least = Math.max(times * lockedAmps, LEAST_SHORT)
  for (const [when, reading] of [['open', rest], ['closed', closed]] as const) {
    if (reading.supplyAmps < least) continue
    const amps = Math.round(reading.supplyAmps)
    fault(reading.groundAmps > 0.5 * reading.supplyAmps ? 'leg-to-ground' : 'leg-to-leg', { when, amps, volts })
  }
}

/** Whether the frame of the motor and the case come to ground by metal; what is not on record is asked for. */
function judgeGround(circuit: WiredCircuit, landings: readonly Landing[], { solved, has }: Reading, fault: Faulting) {
  if (circuit.supply === 'direct' || circuit.part === 'voltage-links') return
  const ends = farEnds(circuit, landings)
  const limit = LIVE * (circuit.volts / 2)
  const volts = has('frame') ? magnitude(solved.voltage('frame')) : 0
  if (landings.some(l => ends.get(conductorOf(l)) === 'frame') && volts > limit)
    return fault('frame-live', { volts: Math.round(volts) })
  // the motor's ground does not pass through a float on its cord
  if (circuit.part === 'float-switch') return
  if (!has('frame') || magnitude(solved.portImpedance('frame', '0')) > BONDED_OHMS)
    return fault('ground-missing', { of: 'motor' })
  if (!landings.some(l => isGround(l) && l.terminal === 'g')) fault('case-unbonded')
}

/** A switch of one or two poles, a float, a protector, a plug: what it leaves fed, and what it feeds. */
function judgeSwitched(
  circuit: WiredCircuit,
  landings: readonly Landing[],
  { rest, closed }: Both,
  fault: Faulting,
  note: Noting,
) {
  const { volts, supply, part } = circuit
  const calls = part === 'float-switch' && circuit.callsWhen === 'up' ? rest : closed
  const idle = calls === closed ? rest : closed
  const leg = supply === 'split' ? volts / 2 : volts
  if (part === 'float-switch' && calls.motor < DEAD_MOTOR * volts && idle.motor > LOW * volts)
    return fault('float-reversed', { calls: circuit.callsWhen ?? 'down' })
  if (part !== 'plug' && idle.motor > 0.5 * volts) return fault('always-fed', { volts: Math.round(idle.motor) })
  if (calls.motor < DEAD_MOTOR * volts) fault('motor-dead')
  else if (calls.motor < LOW * volts) fault('motor-low', { volts: Math.round(calls.motor) })
  else if (calls.motor > HIGH * volts) fault('motor-high', { volts: Math.round(calls.motor) })
  if (supply === 'direct') {
    const to = (node: string) => (calls.has(node) ? calls.solved.voltage(node).re : 0)
    if (to('m1') - to('m2') < -0.5 * volts) fault('polarity-reversed')
  }
  if (part === 'protector') return judgeProtector(landings, fault)
  if (part === 'plug') return
  const live = ['m1', 'm2'].filter(m => idle.has(m) && magnitude(idle.solved.voltage(m)) > LIVE * leg)
  if (live.length === 0) return
  if (supply === 'line-neutral') return fault('hot-unswitched')
  if (supply === 'direct') return
  if (circuit.onePoleLawful) return void note('motor-stays-live')
  fault('leg-unswitched', { volts: Math.round(leg) })
}

/** Its electronics watch what goes out by T: fed there, they never see the motor stop. */
function judgeProtector(landings: readonly Landing[], fault: Faulting) {
  const on = (to: string) => landings.filter(l => l.to === to && /^[lt]/.test(l.terminal)).map(l => l.terminal[0])
  if (on('supply').includes('t') || on('motor').includes('l')) fault('fed-backwards')
}

/** A three-wire motor from its box: the main winding at full volts, the start winding by the capacitor. */
function judgeBox({ volts }: WiredCircuit, closed: Reading, fault: Faulting) {
  const at = (node: string) => (closed.has(node) ? node : undefined)
  const across = (a: string, b: string) => (at(a) && at(b) ? closed.volts(a, b) : 0)
  const amps = (id: string) => magnitude(closed.solved.current(id))
  const [main, start] = [across('m2', 'm1'), across('m3', 'm1')]
  const reached = (id: string) => amps(id) > 0.1
  if (!reached('main') && !reached('start')) return fault('motor-dead')
  const direct = closed.has(terminalNode('l1')) && at('m3')
    && closed.volts('m3', terminalNode('l1')) < 0.05 * volts
    && start > LOW * volts
  const swapped = direct || (reached('start') && closed.has(terminalNode('l2')) && at('m3')
    && closed.volts('m3', terminalNode('l2')) < 0.05 * volts)
  if (swapped) return fault('start-winding-on-main', { amps: Math.round(amps('start')) })
  if (main < LOW * volts) fault('motor-low', { volts: Math.round(main) })
  if (!reached('start')) fault('start-winding-dead')
}

/**
 * A starter: at rest, when the pilot calls, with its contacts in, when the pilot lets go, when the overload opens; and
 * with a start button, once that is let go. Power and control are judged where they are on record: a coil is changed
 * without the one, a contact kit without the other.
 */
function judgeStarter(
  circuit: WiredCircuit,
  landings: readonly Landing[],
  solve: (p: Position) => Reading,
  fault: Faulting,
) {
  if (!hasPower(landings)) return
  const { volts } = circuit
  const wanted = circuit.coilVolts ?? volts
  const coil = (p: Position) => {
    const reading = solve(p)
    return reading.has(terminalNode('a1')) ? reading.volts(terminalNode('a1'), terminalNode('a2')) : 0
  }
  const rest = solve({ closed: false })
  if (rest.most > 0.5 * volts) return fault('always-fed', { volts: Math.round(rest.most) })
  const running = solve({ closed: true, pilot: true })
  if (running.most < DEAD_MOTOR * volts) fault('motor-dead')
  else if (running.motor < LOW * volts) fault('phase-missing', { volts: Math.round(running.motor) })
  if (!hasControl(landings)) return
  if (coil({ closed: false }) > COIL_LOW * wanted) fault('pilot-bypassed')
  const called = coil({ closed: false, pilot: true, start: true })
  const held = coil({ closed: true, pilot: true, start: true })
  if (called < 0.1 * wanted && held > COIL_LOW * wanted) return fault('fed-from-load', { volts: Math.round(held) })
  if (called < 0.1 * wanted) fault('coil-dead')
  else if (called < COIL_LOW * wanted || called > COIL_HIGH * wanted)
    fault('coil-wrong-volts', { volts: Math.round(called), wanted: Math.round(wanted) })
  if (called > 0.1 * wanted) {
    if (coil({ closed: true, pilot: false }) > COIL_LOW * wanted) fault('pilot-bypassed')
    if (coil({ closed: true, pilot: true, overloadOpen: true }) > COIL_LOW * wanted) fault('overload-bridged')
  }
  const onAux = landings.filter(l => l.terminal === '13' || l.terminal === '14')
  if (onAux.length === 1) fault('no-hold-in')
}

/** Each half of a dual-voltage winding wants the low voltage across it, and both the same way round. */
function judgeLinks(circuit: WiredCircuit, landings: readonly Landing[], fault: Faulting) {
  const { solved, has, volts } = read(circuit, landings, solveAsLanded(circuit, landings, { closed: true }))
  const leads = [leadNode('1'), leadNode('2'), leadNode('3'), leadNode('4')] as const
  if (!leads.every(l => has(l))) return fault('motor-dead')
  const wanted = 115
  const halves = [volts(leads[0], leads[1]), volts(leads[2], leads[3])]
  const along = (a: string, b: string) => subtract(solved.voltage(a), solved.voltage(b)).re
  const [one, two] = [along(leads[0], leads[1]), along(leads[2], leads[3])]
  if (one * two < 0 && halves.every(v => v > 0.3 * wanted)) return fault('halves-oppose')
  const [least, most] = [Math.min(...halves), Math.max(...halves)]
  if (most > 1.4 * wanted) fault('motor-high', { volts: Math.round(most), wanted })
  else if (least < DEAD_MOTOR * wanted) fault('motor-dead')
  else if (least < 0.7 * wanted) fault('motor-low', { volts: Math.round(least), wanted })
}

/** Two leads changed for each other against how they were found turn it backwards. */
function judgeRotation(
  circuit: WiredCircuit,
  landings: readonly Landing[],
  found: readonly Landing[],
  fault: Faulting,
) {
  const order = (of: readonly Landing[]) => {
    const at = (to: string) => of.filter(l => l.to === to && /^[lt]\d$/.test(l.terminal))
    const legs = new Map(at('supply').map(l => [l.terminal.slice(1), l.colour]))
    return new Map(at('motor').map(l => [l.colour, legs.get(l.terminal.slice(1))]))
  }
  const [before, now] = [order(found), order(landings)]
  const moved = [...before].filter(([colour, leg]) => leg && now.get(colour) && now.get(colour) !== leg)
  if (circuit.supply === 'three-phase' && moved.length === 2) fault('rotation-reversed')
}

function noteHabits(circuit: WiredCircuit, landings: readonly Landing[], note: Noting) {
  const powered = landings.filter(l => l.terminal !== 'g')
  const crowded = powered.find((l, i) => powered.findIndex(o => o.terminal === l.terminal) !== i)
  if (crowded) note('two-under-one-screw', { terminal: crowded.terminal })
  if (circuit.supply === 'split' && landings.some(l => l.to === 'supply' && l.colour === 'white'))
    note('white-is-a-leg')
  if (circuit.part === 'two-pole-switch' && circuit.supply === 'split') note('either-leg')
  const wanted = PARTS_WIRED[circuit.part].terminals.filter(t => t !== 'g').length
  if (powered.length < Math.min(wanted, 4) || (circuit.part === 'starter' && !hasControl(landings)))
    note('record-incomplete', { landed: powered.length })
}
