/** Draws a call: a system, one fault or two by base rate, and the words that its owner rings up with. */
import type { Random } from '#core/foundation'
import { complaintChance } from '#core/isolation'
import {
  kindFor,
  type Complaint,
  type FaultMode,
  type KindId,
  type Nameplate,
  type SystemKind,
} from '#core/systems'
import { FOOT, GALLON, HORSEPOWER, PSI } from '#core/units'
import type { Planted } from './solved'
import { drawWorld, type World } from './world'

export const DOUBLES = 0.15
const CHAINED = 2 / 3 // of doubles are a casualty with one of its catalogued causes; common practice, no source

export interface Call {
  readonly world: World
  readonly kind: SystemKind
  readonly nameplate: Nameplate
  readonly planted: readonly Planted[]
  readonly complaint: Complaint
}

/** Nameplates as a technician has them: some figures, not all. */
const PLATES: Record<KindId, readonly Nameplate[]> = {
  'well-2wire': [
    {
      'motor.power': 0.5 * HORSEPOWER,
      'motor.amps': 6.3,
      'cable.length': 140 * FOOT,
      'tank.volume': 32 * GALLON,
    },
    { 'motor.power': HORSEPOWER, 'switch.cutOff': 1, 'switch.cutIn': 30 * PSI },
  ],
  'well-3wire': [
    {
      'motor.power': 0.75 * HORSEPOWER,
      'motor.amps': 7.8,
      'box.capLow': 130e-6,
      'box.capHigh': 156e-6,
      'cable.length': 180 * FOOT,
    },
    { 'motor.power': 1.5 * HORSEPOWER, 'motor.amps': 10.5, 'supply.disconnect': 1 },
  ],
  'jet': [
    { 'motor.power': 0.5 * HORSEPOWER, 'motor.volts': 115, 'motor.amps': 9.8 },
    { 'motor.power': 0.75 * HORSEPOWER, 'house.filter': 2 },
  ],
  'booster': [
    { 'motor.power': 0.75 * HORSEPOWER, 'motor.volts': 230, 'motor.amps': 6.9, 'inlet.pressure': 25 * PSI },
    { 'motor.power': 0.5 * HORSEPOWER, 'house.filter': 1 },
  ],
  'holding-tank': [
    { 'motor.power': 0.75 * HORSEPOWER, 'motor.amps': 6.9, 'well-motor.power': 0.5 * HORSEPOWER },
    {},
  ],
  'rv': [{ 'motor.amps': 7.5, 'feed.length': 18 * FOOT }, { 'pump.accumulator': 1 }],
  'compressor-direct': [
    { 'motor.power': 1.5 * HORSEPOWER, 'motor.volts': 115, 'motor.amps': 15 },
    { 'motor.power': 2 * HORSEPOWER, 'motor.volts': 230, 'tank.volume': 30 * GALLON },
  ],
  'compressor-pilot': [
    { 'motor.power': 5 * HORSEPOWER, 'motor.amps': 15.2 },
    { 'motor.power': 7.5 * HORSEPOWER, 'motor.volts': 460, 'starter.control': 1 },
    { 'supply.phases': 1, 'motor.power': 5 * HORSEPOWER, 'motor.amps': 26 },
  ],
  'three-phase': [
    { 'motor.power': 5 * HORSEPOWER, 'motor.amps': 15.2, 'cable.length': 260 * FOOT },
    { 'motor.power': 10 * HORSEPOWER, 'motor.volts': 460, 'starter.control': 1, 'starter.float': 1 },
  ],
}

/** @param doubles share of calls with two faults */
export function drawCall(id: KindId, random: Random, doubles = DOUBLES): Promise<Call> {
  const nameplate = PLATES[id][random.below(PLATES[id].length)]!
  const kind = kindFor(id, nameplate)
  const first = pick(kind.faults, f => f.baseRate, random)
  const planted = [plant(first, random)]
  if (random.uniform() < doubles) {
    const causes = causesOf(kind, first)
    const chained = causes.length > 0 && random.uniform() < CHAINED
    const others = kind.faults.filter(f => f.component !== first.component)
    planted.push(
      plant(chained ? causes[random.below(causes.length)]! : pick(others, f => f.baseRate, random), random),
    )
  }
  return finish(id, kind, nameplate, planted, random)
}

async function finish(
  id: KindId,
  kind: SystemKind,
  nameplate: Nameplate,
  planted: readonly Planted[],
  random: Random,
): Promise<Call> {
  const world = drawWorld(id, nameplate, planted, random)
  const effect = await world.effect([])
  const complaint = pick(
    kind.complaints,
    c =>
      complaintChance(
        c,
        planted.map(p => p.mode.id),
        effect,
      ),
    random,
  )
  return { world, kind, nameplate, planted, complaint }
}

/** Catalogued causes that are faults themselves and may be found beside what they made. */
function causesOf(kind: SystemKind, f: FaultMode): FaultMode[] {
  const ids = f.causes.filter(c => c.stillThere !== 0)
    .map(c => kind.causeNotes.find(n => n.id === c.because)?.fault ?? c.because)
  return kind.faults.filter(x => ids.includes(x.id) && x.component !== f.component)
}

function plant(mode: FaultMode, random: Random): Planted {
  const severity = pick(mode.severities, s => s.share, random)
  return { mode, degree: mode.severities.indexOf(severity) }
}

function pick<T>(from: readonly T[], weight: (x: T) => number, random: Random): T {
  let left = random.uniform() * from.reduce((sum, x) => sum + weight(x), 0)
  return from.find(x => (left -= weight(x)) <= 0) ?? from.at(-1)!
}
