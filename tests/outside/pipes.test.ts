/**
 * Pipes and pumps against an independent pipe-network engine (EPANET 2.2, as WebAssembly): thirty pipes and
 * twenty-four pump points, drawn by a seed over the sizes that wells and houses have.
 */
import { NodeProperty, LinkProperty, Project, Workspace } from 'epanet-js'
import { beforeAll, describe, expect, it } from 'vitest'
import { createRandom, requireOk } from '#core/foundation'
import { curveThrough, frictionHead, headAt, operatingFlow, type Pipe, type PumpPoint } from '#core/flow'

const random = createRandom(23)
const between = (low: number, high: number) => low + (high - low) * random.uniform()
const pick = <T>(list: readonly T[]): T => list[Math.floor(list.length * random.uniform())] ?? list[0]!

const workspace = new Workspace()
beforeAll(() => workspace.loadModule())

/** One network written as the engine's own file and solved; litres a second, metres, millimetres. */
function solve(sections: Readonly<Record<string, readonly string[]>>) {
  const project = new Project(workspace)
  const text = Object.entries({
    ...sections,
    OPTIONS: ['Units LPS', 'Headloss H-W', 'Accuracy 0.0000001', 'Trials 200'],
    TIMES: ['Duration 0'],
  })
    .map(([name, rows]) => `[${name}]\n${rows.join('\n')}\n`)
    .join('\n')
  workspace.writeFile('net.inp', `${text}\n[END]\n`)
  project.open('net.inp', 'report.rpt', 'out.bin')
  project.solveH()
  const headOf = (id: string) => project.getNodeValue(project.getNodeIndex(id), NodeProperty.Head)
  const flowOf = (id: string) => project.getLinkValue(project.getLinkIndex(id), LinkProperty.Flow)
  const answer = { head: headOf('end'), flow: flowOf('pipe') }
  project.close()
  return answer
}

const pipeRow = ({ length, bore, smoothness }: Pipe, from: string) =>
  `pipe ${from} end ${length} ${1000 * bore} ${smoothness} 0 Open`

const anyPipe = (): Pipe => ({
  length: between(5, 200),
  bore: pick([0.0158, 0.0209, 0.0266, 0.0351, 0.0409, 0.0525]),
  smoothness: pick([100, 120, 140, 150]),
})

describe('the head that a pipe loses', () => {
  const pipes = Array.from({ length: 30 }, () => ({ pipe: anyPipe(), speed: between(0.3, 2.5) }))
  const title = 'agrees with the engine within 1 %: $pipe.length m of $pipe.bore m at $speed m/s'
  it.each(pipes)(title, ({ pipe, speed }) => {
    const flow = speed * (Math.PI / 4) * pipe.bore ** 2
    const outside = solve({
      JUNCTIONS: [`end 0 ${1000 * flow}`],
      RESERVOIRS: ['well 500'],
      PIPES: [pipeRow(pipe, 'well')],
    })
    expect(frictionHead(pipe, flow) / (500 - outside.head)).toBeGreaterThan(0.99)
    expect(frictionHead(pipe, flow) / (500 - outside.head)).toBeLessThan(1.01)
  })
})

describe('where a pump works', () => {
  const cases = Array.from({ length: 24 }, (_, i) => {
    const shutOff = between(40, 140)
    const rated = between(0.3, 2.5) / 1000
    const points: readonly PumpPoint[]
      = i % 2
        ? [{ flow: rated, head: 0.75 * shutOff }]
        : [
            { flow: 0, head: shutOff },
            { flow: rated, head: shutOff * between(0.7, 0.85) },
            { flow: 1.6 * rated, head: shutOff * between(0.3, 0.6) },
          ]
    return { points, pipe: { ...anyPipe(), bore: 0.0351 }, lift: between(0.2, 0.7) * shutOff }
  })
  it.each(cases)('agrees with the engine within 1 %, lifting $lift m', ({ points, pipe, lift }) => {
    const curve = requireOk(curveThrough(points))
    const flow = operatingFlow(curve, { lift, pipes: [pipe], pressureHead: 0 })
    const outside = solve({
      RESERVOIRS: ['well 0', `end ${lift}`],
      JUNCTIONS: ['top 0 0'],
      PIPES: [pipeRow(pipe, 'top')],
      PUMPS: ['pump well top HEAD curve'],
      CURVES: points.map(p => `curve ${1000 * p.flow} ${p.head}`),
    })
    expect(Math.abs((1000 * flow) / outside.flow - 1)).toBeLessThan(0.01)
    expect(headAt(curve, flow)).toBeGreaterThan(lift)
  })
})
