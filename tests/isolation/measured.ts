/** What a meter, a gauge or a watch shows in a world, with the error of its kind. */
import { resistor, type Network } from '#core/circuit'
import { magnitude, subtract, type Random } from '#core/foundation'
import { figureOf, scoped, stageOf, type Description, type Figures, type NumericTest } from '#core/systems'
import { PSI } from '#core/units'
import { OPEN, type SolvedWorld } from './solved'
import { askSpice } from './spice'

const METER_OHMS = 10e6

/** How often nothing is told where there is nothing to tell; common practice, no source. */
const NEVER = 0.9

const withMeter = (network: Network, a: string, b: string): Network => ({
  ...network,
  elements: [...network.elements, resistor('the meter', a, b, METER_OHMS)],
})

export async function measure(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  test: NumericTest,
  random: Random,
): Promise<number | null> {
  const { probe } = test
  const i = Math.max(
    0,
    d.stages.findIndex(s => s.id === stageOf(test)),
  )
  const stage = d.stages[i]!
  const f = scoped(w.f, stage.prefix)
  const heals = w.left.length === 1 && w.left[0]!.mode.heals === true
  switch (probe.ask) {
    case 'volts': {
      // a locked motor's overload has let go before some readings are taken
      const rested
        = w.stages[i]!.turning === 'locked'
          && probe.scenario === 'running'
          && !w.stages[i]!.direct
          && random.uniform() < 0.2
          ? stage.power.overload?.figure
          : undefined
      const state = w.stages[i]!.stateOf(probe.scenario)
      const network = stage.power.network(
        rested ? { ...f, [rested]: OPEN } : f,
        rested && stage.power.coil ? { ...state, pulledIn: false } : state,
      )
      const at = await askSpice(withMeter(network, probe.a, probe.b))
      return roughly(
        magnitude(subtract(at.volts(probe.a), at.volts(probe.b))),
        0.008,
        stage.power.direct ? 0.01 : 0.2,
        random,
      )
    }
    case 'amps': {
      const at = await askSpice(stage.power.network(f, w.stages[i]!.stateOf(probe.scenario)))
      const amps = magnitude(at.amps(probe.element))
      return w.stages[i]!.tripped && random.uniform() < 0.3
        ? null
        : roughly(amps, probe.scenario === 'starting' ? 0.06 : 0.02, 0.05, random)
    }
    case 'ohms': {
      const at = await askSpice(stage.power.network(f, w.stages[i]!.stateOf('leads-off')), {
        a: probe.a,
        b: probe.b,
      })
      const ohms = magnitude(subtract(at.volts(probe.a), at.volts(probe.b)))
      return ohms > (probe.insulation ? 2e9 : 40e6)
        ? null
        : roughly(ohms * (ohms > 1e6 ? Math.exp(0.5 * random.normal()) : 1), 0.01, 0.05, random)
    }
    case 'dial':
      return roughly(figureOf(w.f, probe.figure), 0.05, 0.2, random)
    case 'part': {
      const ohms = probe.cold && heals ? figureOf(healthy, probe.figure) : figureOf(w.f, probe.figure)
      return ohms >= OPEN ? null : roughly(ohms, 0.02, 0.05, random)
    }
    case 'farads': {
      const farads = figureOf(w.f, probe.farads)
      return farads > 0 && farads < 5e-3
        ? roughly(farads, 0.02, 0.2e-6, random)
        : random.uniform() < 0.7
          ? null
          : 0
    }
    case 'capacitor-ohms': {
      const farads = figureOf(w.f, probe.farads)
      return farads > 0 && farads < 5e-3
        ? random.uniform() < 0.5
          ? null
          : 200e3 * Math.exp(random.normal())
        : roughly(figureOf(w.f, probe.ohms), 0.05, 0.1, random)
    }
    case 'flow':
      return flowReading(d, healthy, w, probe.what, random)
  }
}

const roughly = (value: number, relative: number, least: number, random: Random) =>
  Math.max(0, value + Math.hypot(relative * value, least) * random.normal())

function flowReading(
  d: Description,
  healthy: Figures,
  w: SolvedWorld,
  what: Extract<NumericTest['probe'], { ask: 'flow' }>['what'],
  random: Random,
): number | null {
  const { story, f } = w
  const gauge = (p: number) =>
    f['gauge.stuck']
      ? 0.5 * f['set.cutOut'] * (1 + 0.05 * random.normal())
      : Math.max(0, p + 0.8 * PSI * random.normal())
  const turns = w.stages[0]!.turning === 'running'
  const cutOut = f['set.cutOut']
  const cutIn = f['set.cutIn']
  switch (what) {
    case 'gauge':
    case 'tap-static':
      return gauge(standingPressure(w, cutIn, cutOut, random))
    case 'precharge':
      return Math.max(0, f['tank.precharge'] + 0.7 * PSI * random.normal())
    // what does not start or stop by its switch has no such pressure, and seldom is one told
    case 'cut-in':
      return story.cutIn === undefined && random.uniform() < NEVER ? null : gauge(story.cutIn ?? cutIn)
    case 'cut-out':
      return story.cutOut === undefined && random.uniform() < NEVER ? null : gauge(story.cutOut ?? story.peak)
    case 'peak':
      return turns ? gauge(story.peak) : 0
    case 'cycle':
      return Number.isFinite(story.cycle) ? story.cycle * Math.exp(0.15 * random.normal()) : 1500
    case 'delivery':
      return turns ? Math.max(0, story.delivery * (1 + 0.06 * random.normal())) : 0
    case 'supplied': {
      const well = w.stages[1]!
      const moves = well.turning === 'running' && figureOf(f, 'well:pump.turns') > 0 && !figureOf(f, 'well:check.stuck')
      const given = moves ? Math.min(figureOf(f, 'well:pump.flow'), figureOf(f, 'well:source.yield')) : 0
      return given * Math.max(0, 1 + 0.08 * random.normal())
    }
    case 'leak-down':
      return gauge(story.leakDown)
    case 'fill-time':
      return Number.isFinite(story.fillTime) ? story.fillTime * Math.exp(0.05 * random.normal()) : 1800
    case 'open-pressure':
      return gauge(Math.min(90 * PSI, story.peak) * (f['regulator.share'] ?? 1))
    case 'cut-off':
      return gauge(f['set.cutOff'])
    case 'inlet':
      return gauge(f['pump.inlet'])
  }
}

/** Where the gauge happens to stand when somebody looks. */
function standingPressure(w: SolvedWorld, cutIn: number, cutOut: number, random: Random): number {
  const between = cutIn + random.uniform() * (cutOut - cutIn)
  switch (w.effects[0]!) {
    case 'runs':
    case 'rapid-cycles':
    case 'starts-alone':
      return between
    case 'runs-on':
      return Math.max(cutOut, w.story.peak * (0.9 + 0.1 * random.uniform()))
    case 'runs-weak':
    case 'trips-overload':
      return Math.min(between, w.story.peak) * (0.6 + 0.4 * random.uniform())
    default:
      return cutIn * Math.max(0, 0.5 * random.uniform() * random.uniform())
  }
}
