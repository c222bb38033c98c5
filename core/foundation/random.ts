/** Seeded random numbers, so that every drawn case can be drawn again. Not for secrets. */
export interface Random {
  /** uniform in [0, 1) */ uniform(): number
  /** standard normal */ normal(): number
  /** whole number in [0, n) */ below(n: number): number
}

/** The 32-bit mulberry generator: period 2³², passes the usual small batteries. */
export function createRandom(seed: number): Random {
  let state = seed >>> 0
  const uniform = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  const normal = () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform())
  return { uniform, normal, below: n => Math.floor(uniform() * n) }
}
