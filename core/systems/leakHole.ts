/** The hole that a leak is like: a technician looks for a hole, not for a flow. */
import { holeLike } from '#core/flow'
import { PSI } from '#core/units'
import type { Figures } from './figures'

/** Where leaks are counted in the plants' models, Pa gauge. */
const COUNTED_AT = { water: 50 * PSI, air: 110 * PSI } as const

/** Its bore, m; nothing where it leaks no more than the sound system. */
export function leakHole(
  medium: 'water' | 'air',
  figures: Figures,
  sound: Figures,
  airPressure: number,
): number | undefined {
  const flow = figures['leak.house'] + figures['check.leak'] - sound['leak.house'] - sound['check.leak']
  return flow > 0 ? holeLike(medium, flow, COUNTED_AT[medium], airPressure) : undefined
}
