import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  complex,
  createMatrix,
  createRandom,
  divide,
  factor,
  findRoot,
  magnitude,
  multiply,
  parallel,
  requireOk,
  solveFactored,
} from '.'

describe('complex numbers', () => {
  it('divides what it multiplied', () => {
    const finite = fc.double({ min: -1e6, max: 1e6, noNaN: true })
    fc.assert(
      fc.property(finite, finite, finite, finite, (a, b, c, d) => {
        fc.pre(Math.hypot(c, d) > 1e-3)
        const back = divide(multiply(complex(a, b), complex(c, d)), complex(c, d))
        expect(Math.hypot(back.re - a, back.im - b)).toBeLessThan(1e-9 * (1 + Math.hypot(a, b)))
      }),
      { seed: 11 },
    )
  })
  it('puts two equal impedances side by side as half of one', () => {
    expect(parallel(complex(4, 6), complex(4, 6))).toEqual(complex(2, 3))
  })
})

describe('linear systems', () => {
  it('solves random complex systems to a residual near rounding', () => {
    const random = createRandom(20260615)
    for (let trial = 0; trial < 40; trial++) {
      const n = 2 + random.below(24)
      const matrix = createMatrix(n)
      for (let i = 0; i < n * n; i++) {
        matrix.re[i] = random.normal()
        matrix.im[i] = random.normal()
      }
      const b = Float64Array.from({ length: n }, () => random.normal())
      const copy = { re: matrix.re.slice(), im: matrix.im.slice() }
      const factors = factor(matrix)
      if ('singularColumn' in factors) throw new Error('a random matrix came out singular')
      const x = solveFactored(factors, b, new Float64Array(n))
      for (let i = 0; i < n; i++) {
        let re = -b[i]!
        let im = 0
        for (let j = 0; j < n; j++) {
          re += copy.re[i * n + j]! * x.re[j]! - copy.im[i * n + j]! * x.im[j]!
          im += copy.re[i * n + j]! * x.im[j]! + copy.im[i * n + j]! * x.re[j]!
        }
        expect(Math.hypot(re, im), `seed 20260615, trial ${trial}`).toBeLessThan(1e-9)
      }
    }
  })
  it('names the column of a singular matrix', () => {
    const matrix = createMatrix(2)
    matrix.re.set([1, 2, 2, 4])
    expect(factor(matrix)).toEqual({ singularColumn: 1 })
  })
})

describe('roots', () => {
  it('finds the root of a cubic in its bracket', () => {
    expect(requireOk(findRoot(x => x ** 3 - 2, 0, 2))).toBeCloseTo(Math.cbrt(2), 8)
  })
  it('refuses an interval without a change of sign', () => {
    const found = findRoot(x => x * x + 1, -1, 1)
    expect(found.ok ? '' : found.problem.code).toBe('no-bracket')
  })
})

describe('seeded random numbers', () => {
  it('draws the same case from the same seed', () => {
    const [a, b] = [createRandom(7), createRandom(7)]
    expect([a.uniform(), a.normal(), a.below(100)]).toEqual([b.uniform(), b.normal(), b.below(100)])
  })
  it('has the mean and spread of a standard normal', () => {
    const random = createRandom(3)
    const draws = Array.from({ length: 20000 }, () => random.normal())
    const mean = draws.reduce((s, x) => s + x, 0) / draws.length
    expect(Math.abs(mean)).toBeLessThan(0.03)
    expect(Math.abs(draws.reduce((s, x) => s + (x - mean) ** 2, 0) / draws.length - 1)).toBeLessThan(0.04)
    expect(magnitude(complex(3, 4))).toBe(5)
  })
})
