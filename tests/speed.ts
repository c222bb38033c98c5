/** Limits of time that hold on a machine that is shared: against what it gives to anybody at the moment. */

/** Ten million additions one after another, ms, on a core of 2.5 GHz that has nothing else to do. */
const USUAL = 16
/** @returns the same sum, ms, now */
export function yardstick(): number {
  const started = performance.now()
  let sum = 0
  for (let i = 0; i < 1e7; i++) sum += i * 1.0000001
  return sum > 0 ? performance.now() - started : 0
}

/** By how much the machine is slower than usual at the moment; 1 where it is not. */
export const slower = () => Math.max(1, yardstick() / USUAL)

/**
 * Some work again and again until it keeps its limit: what other processes do only adds, so the best go is nearest to
 * what it takes by itself.
 * @param limit ms on a usual machine
 * @param work done once
 * @param goes at most
 * @returns the smallest share of the limit that a go took; 1 or more: the limit is not kept
 */
export async function bestShare(limit: number, work: () => unknown, goes = 12): Promise<number> {
  let best = Infinity
  for (let go = 0; go < goes && best >= 1; go++) {
    const times = slower()
    const started = performance.now()
    await work()
    best = Math.min(best, (performance.now() - started) / limit / times)
  }
  return best
}
