import { describe, expect, it } from 'vitest'
import { complex, createRandom, magnitude, requireOk, subtract } from '#core/foundation'
import {
  capacitor,
  resistor,
  solveNetwork,
  writeSpice,
  type Element,
  type Network,
  type Winding,
} from '.'
import { layOut } from './layout'

const source = (volts: number, ohms = 0): Element => ({
  kind: 'source',
  id: 'source',
  a: 'top',
  b: '0',
  volts: complex(volts),
  z: complex(ohms),
})

describe('solving a network', () => {
  it('gives 10 A and 110 V for 120 V behind 1 Ω into 11 Ω', () => {
    const solved = requireOk(
      solveNetwork({ hertz: 60, elements: [source(120, 1), resistor('load', 'top', '0', 11)] }),
    )
    expect(magnitude(solved.voltage('top'))).toBeCloseTo(110, 9)
    expect(solved.current('load').re).toBeCloseTo(10, 9)
    expect(solved.current('source').re).toBeCloseTo(10, 9)
  })

  it('gives capacitor current I = V·2πfC: 230 V across 100 µF at 60 Hz is 8.67 A, the handbook\'s 2652·I/V', () => {
    const solved = requireOk(
      solveNetwork({ hertz: 60, elements: [source(230), capacitor('c', 'top', '0', 100e-6)] }),
    )
    const amps = magnitude(solved.current('c'))
    expect(amps).toBeCloseTo(8.6708, 3)
    expect((2652 * amps) / 230).toBeCloseTo(100, 1)
  })

  it('balances the current at every node of seeded random networks', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const random = createRandom(seed)
      const network = randomNetwork(random)
      const solved = requireOk(solveNetwork(network))
      const largest = Math.max(...network.elements.map(e => magnitude(solved.current(e.id))))
      expect(solved.residual(), `seed ${seed}`).toBeLessThan(1e-9 * (1 + largest))
    }
  })

  it('reads with a meter as if the meter stood in the network', () => {
    const elements: Element[] = [
      source(120),
      capacitor('coupling', 'top', 'ghost', 2e-9),
      resistor('leak', 'ghost', '0', 5e9),
    ]
    const quick = requireOk(solveNetwork({ hertz: 60, elements })).meterReading('ghost', '0', 10e6).volts
    const plain = requireOk(
      solveNetwork({ hertz: 60, elements: [...elements, resistor('meter', 'ghost', '0', 10e6)] }),
    ).voltage('ghost')
    expect(magnitude(subtract(quick, plain))).toBeLessThan(1e-9)
    expect(magnitude(quick)).toBeGreaterThan(50)
  })

  it('sees the port impedance of a dead network', () => {
    const solved = requireOk(
      solveNetwork({
        hertz: 0,
        elements: [resistor('a', 'x', 'y', 3.2), resistor('b', 'y', 'z', 12), resistor('leak', 'z', '0', 5e7)],
      }),
    )
    expect(solved.portImpedance('x', 'z').re).toBeCloseTo(15.2, 6)
  })

  it.each([
    [
      'floating-node',
      { hertz: 60, elements: [source(120), resistor('r', 'top', '0', 1), resistor('lost', 'island', 'isle', 5)] },
      { node: 'island' },
    ],
    [
      'floating-node',
      { hertz: 0, elements: [resistor('r', 'top', '0', 1), capacitor('c', 'top', 'far', 1e-6)] },
      undefined,
    ],
    ['bad-element', { hertz: 60, elements: [resistor('r', 'top', '0', Number.NaN)] }, undefined],
    ['bad-element', { hertz: 60, elements: [resistor('r', 'top', '0', 0)] }, undefined],
    [
      'repeated-element',
      { hertz: 60, elements: [resistor('r', 'top', '0', 1), resistor('r', 'top', '0', 2)] },
      { element: 'r' },
    ],
    ['singular', { hertz: 60, elements: [source(120), { ...source(100), id: 'other' }] }, undefined],
  ] as const)('refuses a network by name: %s', (code, network, facts) => {
    // a capacitor is open at 0 Hz: its far node is simply absent from the conducting graph
    const solved = solveNetwork(network as Network)
    expect(solved.ok ? 'solved' : solved.problem.code).toBe(code)
    if (facts && !solved.ok) expect(solved.problem.facts).toMatchObject(facts)
  })

  it.each([
    ['no farads', capacitor('c', 'top', '0', 0), { element: 'c', farads: 0 }],
    ['farads without end', capacitor('c', 'top', '0', Infinity), { element: 'c' }],
    ['no ohms at all', resistor('r', 'top', '0', 0), { element: 'r', ohms: 0, reactance: 0 }],
    ['negative ohms', resistor('r', 'top', '0', -1), { element: 'r', ohms: -1 }],
    [
      'a reactance that is no number',
      { kind: 'impedance', id: 'z', a: 'top', b: '0', z: complex(1, Number.NaN) },
      { element: 'z', ohms: 1 },
    ],
    [
      'a resistance that is no number beside a reactance that is',
      { kind: 'impedance', id: 'z', a: 'top', b: '0', z: complex(Number.NaN, 1) },
      { element: 'z', reactance: 1 },
    ],
  ] as const)('refuses an element with %s, by its name and its figures', (_, element, facts) => {
    const solved = solveNetwork({ hertz: 60, elements: [source(120, 1), element as Element] })
    expect(solved.ok ? 'solved' : solved.problem.code).toBe('bad-element')
    if (!solved.ok) expect(solved.problem.facts).toMatchObject(facts)
  })
  it('takes a pure reactance, and a source without any impedance', () => {
    const coil: Element = { kind: 'impedance', id: 'coil', a: 'top', b: '0', z: complex(0, 12) }
    const solved = requireOk(solveNetwork({ hertz: 60, elements: [source(120), coil] }))
    expect(magnitude(solved.current('coil'))).toBeCloseTo(10, 6)
  })
  it('lays one kind of network out once, and tells it from another with the same names', () => {
    const one = [source(120, 1), resistor('load', 'top', '0', 11)]
    const again = [source(100, 1), resistor('load', 'top', '0', 9)]
    const other = [source(120, 1), resistor('load', 'top', 'mid', 11), resistor('rest', 'mid', '0', 1)]
    const layoutOf = (elements: Element[]) => requireOk(layOut(elements))
    const first = layoutOf(one)
    expect(layoutOf(again)).toBe(first)
    expect(layoutOf(other)).not.toBe(first)
    expect([...layoutOf(other).index.keys()].toSorted()).toEqual(['mid', 'top'])
    // whichever was asked for last, the answer is the same
    expect(layoutOf(one)).toBe(first)
  })
  it('gives a meter the same reading behind low impedances, however the elements are listed', () => {
    const parts = [
      source(120, 0.1),
      resistor('a', 'top', 'mid', 1),
      resistor('b', 'mid', 'end', 2),
      resistor('c', 'end', '0', 50),
    ]
    const reading = (elements: Element[]) =>
      magnitude(requireOk(solveNetwork({ hertz: 60, elements })).meterReading('mid', 'end', 10e6).volts)
    expect(reading(parts)).toBeCloseTo((120 * 2) / 53.1, 4)
    expect(reading(parts.toReversed())).toBeCloseTo(reading(parts), 9)
  })
  it('gives a meter little where only its own ohms tie a node, and says what stands behind', () => {
    const elements = [source(120, 1), resistor('leak', 'top', 'far', 20e6), resistor('drain', 'far', '0', 1e12)]
    const shown = requireOk(solveNetwork({ hertz: 60, elements })).meterReading('far', '0', 10e6)
    expect(magnitude(shown.volts)).toBeCloseTo(40, 1)
    expect(magnitude(shown.behind)).toBeGreaterThan(15e6)
  })

  it('takes a node that only a capacitor ties for tied at 60 Hz, and for floating at 0 Hz', () => {
    const elements = [source(120, 1), capacitor('c', 'top', 'far', 100e-6)]
    expect(solveNetwork({ hertz: 60, elements }).ok).toBe(true)
    const still = solveNetwork({ hertz: 0, elements })
    expect(still.ok ? 'solved' : still.problem).toMatchObject({ code: 'floating-node', facts: { node: 'far' } })
  })
  it('gives a meter between two nodes what stands behind both, and to earth what stands behind one', () => {
    const elements = [source(120, 1e6), resistor('upper', 'top', 'mid', 9e6), resistor('lower', 'mid', '0', 10e6)]
    const solved = requireOk(solveNetwork({ hertz: 60, elements }))
    // by hand: 1 MΩ + 9 MΩ beside 10 MΩ, and 9 MΩ beside 11 MΩ
    expect(solved.meterReading('mid', '0', 10e6).behind.re / 1e6).toBeCloseTo(5, 4)
    expect(solved.meterReading('top', 'mid', 10e6).behind.re / 1e6).toBeCloseTo(4.95, 4)
    expect(magnitude(solved.meterReading('top', 'mid', 10e6).volts)).toBeCloseTo((54 * 10) / 14.95, 3)
    expect(magnitude(solved.meterReading('0', '0', 10e6).behind)).toBe(0)
  })
  it('writes a coil as ohms and henries, a lossy one at 0 Hz as ohms alone, none as next to nothing', () => {
    const coil = (re: number, im: number): Element =>
      ({ kind: 'impedance', id: 'coil', a: 'top', b: '0', z: complex(re, im) })
    const written = (hertz: number, re: number, im: number) =>
      writeSpice({ hertz, elements: [source(120, 1), coil(re, im)] }, 'a coil')
        .split('\n')
        .filter(l => /_coil /.test(l))
    const inductance = (12 / (2 * Math.PI * 60)).toPrecision(4)
    const [at60] = written(60, 3, 12).filter(l => l.startsWith('L_'))
    expect(Number(at60?.split(' ').at(-1)).toPrecision(4)).toBe(inductance)
    expect(written(60, 3, 12).some(l => l.startsWith('R_') && Number(l.split(' ').at(-1)) === 3)).toBe(true)
    expect(written(0, 3, 12).some(l => l.startsWith('L_'))).toBe(false)
    expect(written(60, 3, 0).some(l => l.startsWith('L_'))).toBe(false)
    expect(written(0, 0, 12).some(l => l.startsWith('R_') && Number(l.split(' ').at(-1)) === 1e-9)).toBe(true)
  })

  it('writes every element into the SPICE netlist behind its own sense source', () => {
    const text = writeSpice(
      { hertz: 60, elements: [source(120, 1), resistor('the load', 'top', '0', 11)] },
      'two parts',
    )
    expect(text).toContain('V_the_load_s')
    expect(text).toContain('.ac lin 1 60 60')
  })
})

describe('a network with other windings', () => {
  const windings = (random: ReturnType<typeof createRandom>): Winding[] => [
    {
      kind: 'winding',
      id: 'main',
      a: 'top',
      b: '0',
      z: complex(2 + 8 * random.uniform(), 40 * random.uniform()),
      couplings: [{ to: 'start', z: complex(2, -8 * random.uniform()) }],
    },
    {
      kind: 'winding',
      id: 'start',
      a: 'n0',
      b: '0',
      z: complex(4 + 20 * random.uniform(), 40 * random.uniform()),
      couplings: [{ to: 'main', z: complex(-3 * random.uniform(), 9) }],
    },
  ]
  const swapped = ({ hertz, elements }: Network, others: readonly Winding[]): Network => ({
    hertz,
    elements: elements.map(e => others.find(w => w.id === e.id) ?? e),
  })

  it('shows what it shows when it is solved from the beginning, and again when they are changed once more', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const random = createRandom(seed)
      const network = randomNetwork(random)
      let revised = requireOk(solveNetwork(network))
      for (const others of [windings(random), windings(random)]) {
        revised = revised.revised(others)
        const fresh = requireOk(solveNetwork(swapped(network, others)))
        for (const node of fresh.nodes)
          expect(
            magnitude(subtract(revised.voltage(node), fresh.voltage(node))),
            `seed ${seed} ${node}`,
          ).toBeLessThan(1e-8 * (1 + magnitude(fresh.voltage(node))))
        for (const { id } of network.elements)
          expect(magnitude(subtract(revised.current(id), fresh.current(id))), `seed ${seed} ${id}`).toBeLessThan(
            1e-7 * (1 + magnitude(fresh.current(id))),
          )
        expect(
          magnitude(subtract(revised.portImpedance('n1', 'n4'), fresh.portImpedance('n1', 'n4'))),
        ).toBeLessThan(1e-7 * (1 + magnitude(fresh.portImpedance('n1', 'n4'))))
        expect(revised.residual()).toBeLessThan(1e-6)
      }
    }
  })
})

describe('what a meter of 10 MΩ takes', () => {
  it('is left out only where it is under three parts in ten thousand', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const network = randomNetwork(createRandom(seed))
      const solved = requireOk(solveNetwork(network))
      const largest = Math.max(...solved.nodes.map(n => magnitude(solved.voltage(n))))
      for (const [a, b] of [
        ['n0', 'n3'],
        ['n1', '0'],
        ['n5', 'top'],
        ['n4', 'n2'],
      ] as const) {
        const wired = requireOk(
          solveNetwork({ hertz: 60, elements: [...network.elements, resistor('meter', a, b, 10e6)] }),
        )
        const through = magnitude(subtract(wired.voltage(a), wired.voltage(b)))
        expect(
          Math.abs(magnitude(solved.meterReading(a, b, 10e6).volts) - through),
          `seed ${seed} ${a} ${b}`,
        ).toBeLessThan(3e-4 * (through + 1e-3 * largest))
      }
    }
  })
})

describe('networks of one shape', () => {
  it('share a layout and nothing else', () => {
    const divider = (ohms: number) =>
      requireOk(
        solveNetwork({
          hertz: 0,
          elements: [
            source(100, 1),
            resistor('upper', 'top', 'middle', 9),
            resistor('lower', 'middle', '0', ohms),
          ],
        }),
      )
    const [one, two] = [divider(10), divider(90)]
    expect(one.voltage('middle').re).toBeCloseTo(50, 9)
    expect(two.voltage('middle').re).toBeCloseTo(90, 9)
    expect(one.current('lower').re).toBeCloseTo(5, 9)
    expect(one.meterReading('middle', '0', 10e6).volts.re).toBeCloseTo(50, 2)
  })
  it('are told from one with a lead moved', () => {
    const moved = requireOk(
      solveNetwork({
        hertz: 0,
        elements: [
          source(100, 1),
          resistor('upper', 'top', 'middle', 9),
          resistor('lower', 'top', '0', 10),
          resistor('tie', 'middle', '0', 1e9),
        ],
      }),
    )
    expect(moved.current('lower').re).toBeCloseTo(100 / 11, 6)
  })
})

function randomNetwork(random: ReturnType<typeof createRandom>): Network {
  const nodes = ['0', 'top', ...Array.from({ length: 6 }, (_, i) => `n${i}`)]
  const elements: Element[] = [source(100 + 100 * random.uniform(), 0.1)]
  nodes
    .slice(1)
    .forEach((node, i) =>
      elements.push(resistor(`tie ${i}`, node, nodes[random.below(i + 1)]!, 10 ** (4 * random.uniform() - 1))),
    )
  for (let i = 0; i < 8; i++) {
    const [a, b] = [nodes[random.below(nodes.length)]!, nodes[random.below(nodes.length)]!]
    if (a === b) continue
    elements.push(
      random.uniform() < 0.5
        ? capacitor(`c${i}`, a, b, 1e-6 * (1 + 100 * random.uniform()))
        : {
            kind: 'impedance',
            id: `z${i}`,
            a,
            b,
            z: complex(random.uniform() * 50, random.uniform() * 50 + 0.1),
          },
    )
  }
  elements.push(
    { kind: 'winding', id: 'main', a: 'top', b: '0', z: complex(5, 30) },
    {
      kind: 'winding',
      id: 'start',
      a: 'n0',
      b: '0',
      z: complex(14, 20),
      couplings: [{ to: 'main', z: complex(-3, 9) }],
    },
  )
  return { hertz: 60, elements }
}
