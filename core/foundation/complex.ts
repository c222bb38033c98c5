/** Complex numbers as plain pairs. Phasors are RMS throughout the core, never peak. */
export interface Complex { readonly re: number, readonly im: number }

export const complex = (re: number, im = 0): Complex => ({ re, im })
export const ZERO = complex(0)
export const add = (a: Complex, b: Complex) => complex(a.re + b.re, a.im + b.im)
export const subtract = (a: Complex, b: Complex) => complex(a.re - b.re, a.im - b.im)
export const multiply = (a: Complex, b: Complex) => complex(a.re * b.re - a.im * b.im, a.re * b.im + a.im * b.re)
export const scale = (a: Complex, k: number) => complex(a.re * k, a.im * k)
/** Not by `Math.hypot`, which is several times slower: no volts or amps come near the ends of a double's range. */
export const magnitude = (a: Complex) => Math.sqrt(a.re * a.re + a.im * a.im)

/** a / b; dividing by zero gives non-finite parts, which the solver refuses by name. */
export function divide(a: Complex, b: Complex): Complex {
  const d = b.re * b.re + b.im * b.im
  return complex((a.re * b.re + a.im * b.im) / d, (a.im * b.re - a.re * b.im) / d)
}

/** Two impedances side by side: ab / (a + b). */
export const parallel = (a: Complex, b: Complex) => divide(multiply(a, b), add(a, b))
