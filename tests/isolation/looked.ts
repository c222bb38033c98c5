/** What is seen and heard in a world, and what comes of trying something. */
import { magnitude, type Random } from '#core/foundation'
import type { Description, Figures, SeenTest, StageDescription } from '#core/systems'
import { settle, solveWorld, type Settled, type SolvedWorld } from './solved'
import { askSpice } from './spice'
import { GROSS } from './slips'

export async function look(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: SeenTest,
  random: Random,
): Promise<string> {
  if (random.uniform() < GROSS) return test.outcomes[random.below(test.outcomes.length)]!.id
  const row = await rowOf(d, healthy, w, test)
  let left = random.uniform()
  const i = row.findIndex(p => (left -= p) <= 0)
  return test.outcomes[i < 0 ? 0 : i]!.id
}

async function rowOf(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: SeenTest,
): Promise<readonly number[]> {
  if (test.trial) return await tried(d, healthy, w, test)
  const own = w.left
    .map((p) => {
      const id = p.mode.id
      return test.chancesByFault[`${id}:${p.mode.severities[p.degree]!.id}`] ?? test.chancesByFault[id]
    })
    .filter(r => r !== undefined)
  const byEffect = d.stages
    .map((s, i) => test.chancesByEffect[s.id ? `${s.id}:${w.effects[i]}` : w.effects[i]!])
    .find(r => r)
  // of two faults the one that shows more is what is seen
  const telling = own.toSorted((a, b) => distance(b, test.usual) - distance(a, test.usual))[0]
  return telling ?? byEffect ?? test.usual
}

const distance = (a: readonly number[], b: readonly number[]) => a.reduce((s, v, i) => s + Math.abs(v - b[i]!), 0)

/** An elimination test: something is opened, bridged or rolled, and the circuit is solved outside again. */
async function tried(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: SeenTest,
): Promise<readonly number[]> {
  const trial = test.trial!
  const i = Math.max(
    0,
    d.stages.findIndex(s => s.id === (trial.stage ?? '')),
  )
  const changed = { ...w.f, ...trial.change(healthy, () => w.f) }
  if (trial.watch === 'odd-current') {
    if (w.stages[0]!.turning !== 'running') return [0.34, 0.33, 0.33]
    const before = await oddLine(d.stages[0]!, w.f, w.stages[0]!)
    if (before === undefined) return [1, 0, 0]
    const rolled = await settle(d.stages[0]!, changed)
    return (await oddLine(d.stages[0]!, changed, rolled)) === before ? [0, 1, 0] : [0, 0, 1]
  }
  const after = await solveWorld(d, changed, w.left)
  const effect
    = i === 0 && 'runs-dry' in test.chancesByEffect
      ? after.stages[0]!.effect !== 'runs'
        ? after.stages[0]!.effect
        : after.story.effect
      : after.stages[i]!.effect
  return test.chancesByEffect[trial.stage ? `${trial.stage}:${effect}` : effect] ?? test.usual
}

async function oddLine(stage: StageDescription, f: Figures, s: Settled): Promise<number | undefined> {
  const at = await askSpice(stage.power.network(f, s.stateOf('running')))
  const amps = [1, 2, 3].map(k => magnitude(at.amps(`lead ${k}`)))
  const mean = (amps[0]! + amps[1]! + amps[2]!) / 3
  const off = amps.map(a => Math.abs(a - mean))
  return Math.max(...off) < 0.06 * mean ? undefined : off.indexOf(Math.max(...off))
}
