/**
 * The world a call is played against. Its systems differ from their nameplates, its meters err, one reading in fifty
 * is grossly wrong, and its circuits are solved by an outside SPICE engine: whether the contactor pulls in, whether
 * the motor starts, at what slip it runs, what trips, and what every meter shows. The water and air sides use the
 * flow model; what is seen and heard is drawn from the tables. Healthy spreads are common practice, no source.
 */
import type { Random } from '#core/foundation'
import {
  describeSystem,
  isPutRight,
  scalesOf,
  type Change,
  type Description,
  type Effect,
  type Figures,
  type KindId,
  type Nameplate,
  type NameplateKey,
  type NumericTest,
  type SeenTest,
} from '#core/systems'
import { PSI } from '#core/units'
import { look } from './looked'
import { measure } from './measured'
import { misread } from './slips'
import { solveWorld, type Planted, type SolvedWorld } from './solved'

export interface World {
  readonly kind: KindId
  readonly description: Description
  readonly faults: readonly Planted[]
  /** what the system does, as its owner would see it */
  effect(repaired: readonly string[]): Promise<Effect>
  /** whether something has let go by itself: a breaker, a fuse, an overload, a low-pressure cut-off */
  hasLetGo(repaired: readonly string[]): Promise<boolean>
  read(test: NumericTest, repaired: readonly string[], random: Random): Promise<number | null>
  see(test: SeenTest, repaired: readonly string[], random: Random): Promise<string>
}

/** Draws the true figures of a system about its description: what no nameplate says. */
export function drawWorld(kind: KindId, nameplate: Nameplate, faults: readonly Planted[], random: Random): World {
  const description = describeSystem(kind, trueNameplate(nameplate, random))
  const healthy = vary(description.healthy, random)
  const solved = new Map<string, Promise<SolvedWorld>>()
  const drawn = new Map(faults.map(p => [p, between(p, healthy, random)]))
  const changeOf = (left: readonly Planted[]) =>
    Object.assign({}, ...left.toReversed().map(p => drawn.get(p))) as Figures
  const at = (repaired: readonly string[]) => {
    const left = faults.filter(p => !isPutRight(description.kind, p.mode, repaired))
    const key = left.map(p => p.mode.id).join()
    const known = solved.get(key) ?? solveWorld(description, { ...healthy, ...changeOf(left) }, left)
    solved.set(key, known)
    return known
  }
  return {
    kind,
    description,
    faults,
    effect: async repaired => (await at(repaired)).effects[0]!,
    hasLetGo: async (repaired) => {
      const { effects, stages, story } = await at(repaired)
      return story.cutOffTripped || stages.some(s => s.tripped) || effects.some(e => e.startsWith('trips-'))
    },
    read: async (test, repaired, random) =>
      misread(test, await measure(description, healthy, await at(repaired), test, random), random),
    see: async (test, repaired, random) => look(description, healthy, await at(repaired), test, random),
  }
}

/**
 * How bad a fault is: its degrees are points that the engine knows, the world's lie anywhere between. Up to half way to
 * a neighbour on its scale, by ratio.
 */
function between({ mode, degree }: Planted, healthy: Figures, random: Random): Change {
  const own = mode.severities[degree]!.change(healthy)
  const scale = scalesOf(mode, healthy).find(s => s.includes(degree))
  if (!scale) return own
  const at = scale.indexOf(degree)
  const sides = [scale[at - 1], scale[at + 1]].filter(s => s !== undefined)
  const other = mode.severities[sides[random.below(sides.length)]!]!.change(healthy) as Readonly<Record<string, number>>
  const t = 0.5 * random.uniform()
  return Object.fromEntries(
    Object.entries(own).map(([key, v]) => {
      const far = other[key] ?? v
      return [key, v > 0 && far > 0 ? v * (far / v) ** t : v + t * (far - v)]
    }),
  )
}

/** Motors and pumps are made to a tolerance: the true machine is not quite its plate. */
function trueNameplate(plate: Nameplate, random: Random): Nameplate {
  const about = (k: NameplateKey, spread: number) =>
    plate[k] === undefined ? {} : { [k]: plate[k] * (1 + spread * random.normal()) }
  return {
    ...plate,
    ...about('motor.amps', 0.04),
    ...about('motor.mainOhms', 0.03),
    ...about('pump.flow', 0.08),
    ...about('cable.length', 0.06),
    ...about('head.delivery', 0.06),
  }
}

function vary(healthy: Figures, random: Random): Figures {
  const out: Record<string, number> = {}
  const supply = 1 + 0.015 * random.normal()
  for (const [key, value] of Object.entries(healthy)) {
    const stem = key.slice(key.indexOf(':') + 1)
    out[key]
      = stem.startsWith('supply.leg') || stem === 'battery.volts'
        ? value * supply
        : stem === 'start.farads'
          ? value * (1 + 0.04 * random.normal())
          : stem === 'tank.precharge'
            ? Math.max(PSI, value + (-1.2 + 1.8 * random.normal()) * PSI)
            : stem === 'set.cutIn' || stem === 'set.cutOut'
              ? value + 1.2 * PSI * random.normal()
              : value > 0 && value < 0.5 && /^(switch|starter|breaker|feed|run|heater|cable|pilot)\./.test(stem)
                ? value * Math.exp(0.3 * random.normal())
                : value
  }
  // a sound tank is never aired above cut-in: that would be a fault nobody planted
  for (const key of Object.keys(out))
    if (key.endsWith('tank.precharge'))
      out[key] = Math.min(out[key]!, out[key.replace('tank.precharge', 'set.cutIn')]! - 0.5 * PSI)
  return out as Figures
}
