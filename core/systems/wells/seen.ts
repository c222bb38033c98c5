/**
 * What is seen, heard or felt, as conditional tables. Rows are chances of the outcomes in order, given a fault or the
 * system's effect; judgement from the trade, common practice with no source.
 */
import type { SeenTest } from '../types'

const seen = (t: Omit<SeenTest, 'kind' | 'risk' | 'need' | 'minutes'> & Partial<Pick<SeenTest, 'risk' | 'need' | 'minutes'>>): SeenTest => ({ kind: 'seen', risk: 0, need: 'any', minutes: 0.5, ...t })
const outcome = (id: string, label: string, ...words: string[]) => ({ id, label, words: [id, ...words] })

export const SEEN_TESTS: readonly SeenTest[] = [
  seen({
    id: 'sound', point: 'gauge', title: 'Listen as it calls', words: ['sound', 'hears', 'pump'], steps: ['Listen at the well head and the box while the switch calls.'],
    outcomes: [outcome('runs', 'runs', 'running'), outcome('groans', 'groans, does not turn', 'hums', 'groan', 'hum', 'buzzes'), outcome('silent', 'silent', 'dead', 'nothing', 'quiet')],
    usual: [0.5, 0.2, 0.3],
    given: { 'effect:runs': [0.96, 0.02, 0.02], 'effect:runs-dry': [0.94, 0.03, 0.03], 'effect:runs-weak': [0.94, 0.04, 0.02], 'effect:groans': [0.04, 0.86, 0.1], 'effect:silent': [0.01, 0.03, 0.96], 'effect:trips-breaker': [0.02, 0.1, 0.88], 'effect:runs-on': [0.96, 0.02, 0.02], 'effect:rapid-cycles': [0.95, 0.03, 0.02], 'effect:surges': [0.95, 0.03, 0.02] },
  }),
  seen({
    id: 'breaker-seen', point: 'breaker', title: 'Look at the breaker', words: ['breaker'], steps: ['Handle on, tripped in the middle, or off?'],
    outcomes: [outcome('on', 'on'), outcome('tripped', 'tripped'), outcome('off', 'off')], usual: [0.93, 0.04, 0.03],
    given: { 'effect:trips-breaker': [0.15, 0.8, 0.05], 'breaker.off': [0.04, 0.62, 0.34] },
  }),
  seen({
    id: 'contacts', point: 'poles', title: 'Look at the switch contacts', words: ['contacts', 'contact'], minutes: 1.5, need: 'proven-dead', steps: ['Cover off, dead. Look at both poles.'],
    outcomes: [outcome('clean', 'clean', 'good', 'ok'), outcome('sooty', 'sooty', 'black'), outcome('pitted', 'pitted'), outcome('burnt', 'burnt', 'burned'), outcome('welded', 'welded', 'stuck closed'), outcome('insects', 'insects or dirt', 'ants', 'bugs', 'spider', 'dirt')],
    usual: [0.5, 0.22, 0.18, 0.05, 0.01, 0.04],
    given: { 'switch.pole1-burnt': [0.02, 0.1, 0.23, 0.62, 0.02, 0.01], 'switch.pole2-burnt': [0.02, 0.1, 0.23, 0.62, 0.02, 0.01], 'switch.welded': [0.02, 0.03, 0.1, 0.15, 0.69, 0.01], 'switch.pole1-open': [0.1, 0.1, 0.12, 0.13, 0.01, 0.54], 'switch.pole2-open': [0.1, 0.1, 0.12, 0.13, 0.01, 0.54], 'effect:rapid-cycles': [0.2, 0.28, 0.35, 0.13, 0.02, 0.02] },
  }),
  seen({
    id: 'switch-seen', point: 'poles', title: 'Is the switch made?', words: ['switch'], steps: ['Gauge under cut-in: are the contacts together?'],
    outcomes: [outcome('closed', 'closed', 'made', 'in'), outcome('open', 'open', 'out')], usual: [0.96, 0.04],
    given: { 'switch.stuck-open': [0.04, 0.96], 'switch.port-blocked:1': [0.05, 0.95], 'switch.cut-off-tripped': [0.03, 0.97], 'effect:runs-on': [0.97, 0.03] },
  }),
  seen({
    id: 'lever', point: 'poles', title: 'Look at the cut-off lever', words: ['lever'], minutes: 0.3, steps: ['Is the lever on the side at auto, or off?'],
    outcomes: [outcome('auto', 'auto', 'on'), outcome('off', 'off', 'tripped', 'down'), outcome('none', 'no lever')], usual: [0.5, 0.02, 0.48],
    given: { 'switch.cut-off-tripped': [0.05, 0.94, 0.01] },
  }),
  seen({
    id: 'knock', point: 'valve', title: 'Knock and tilt the tank', words: ['tank', 'knock'], minutes: 1, steps: ['Knock from top to bottom; rock it if it is free to move.'],
    outcomes: [outcome('rings', 'rings, moves', 'ring'), outcome('dull', 'dull, heavy', 'heavy', 'waterlogged', 'full')], usual: [0.85, 0.15],
    given: { 'tank.waterlogged': [0.06, 0.94], 'tank.precharge-low': [0.5, 0.5] },
  }),
  seen({
    id: 'air-valve', point: 'valve', title: 'Press the tank air valve', words: ['air valve'], minutes: 0.5, steps: ['Press the pin for a moment.'],
    outcomes: [outcome('air', 'air'), outcome('water', 'water', 'wet'), outcome('nothing', 'nothing')], usual: [0.93, 0.02, 0.05],
    given: { 'tank.waterlogged': [0.1, 0.72, 0.18], 'tank.precharge-low': [0.85, 0.02, 0.13] },
  }),
  seen({
    id: 'terminals', point: 'line', title: 'Look at the terminals and wire', words: ['terminals', 'wire', 'wiring'], minutes: 2, need: 'proven-dead', steps: ['Dead. Tug each wire; look for heat and rubbing.'],
    outcomes: [outcome('tight', 'tight and bright', 'good', 'fine'), outcome('burnt', 'loose or burnt', 'loose', 'burned', 'brown'), outcome('chafed', 'chafed or chewed', 'chewed')], usual: [0.88, 0.08, 0.04],
    given: { 'feed.high-resistance': [0.15, 0.8, 0.05], 'feed.open': [0.3, 0.35, 0.35], 'feed.to-earth': [0.3, 0.1, 0.6], 'run.high-resistance': [0.15, 0.8, 0.05], 'run.open': [0.3, 0.35, 0.35], 'feed.leg-to-leg': [0.3, 0.15, 0.55] },
  }),
  seen({
    id: 'trip-switch-open', point: 'load', title: 'Load wires off at the switch: does it still trip?', words: ['trips switch open', 'load wires off'], minutes: 6, risk: 2, need: 'proven-dead', steps: ['Dead: load wires off, made safe and apart.', 'Stand clear and reset the breaker once.'],
    cautions: ['Reset once, from the side, nobody at the open ends.'],
    outcomes: [outcome('holds', 'holds'), outcome('trips', 'still trips', 'trip')], usual: [0.97, 0.03],
    given: { 'feed.to-earth': [0.02, 0.98], 'feed.leg-to-leg': [0.02, 0.98] },
  }),
  seen({
    id: 'runs-past', point: 'gauge', title: 'Does it stop at cut-out?', words: ['stops', 'runs on', 'runs past'], minutes: 3, need: 'live', steps: ['Taps shut, hand on the disconnect; watch the gauge.'], cautions: ['Switch off if it climbs 10 psi past cut-out: pipe can burst.'],
    outcomes: [outcome('stops', 'stops', 'yes'), outcome('runs-on', 'runs on', 'no')], usual: [0.9, 0.1],
    given: { 'effect:runs': [0.97, 0.03], 'effect:runs-on': [0.02, 0.98], 'effect:runs-dry': [0.08, 0.92], 'effect:runs-weak': [0.6, 0.4], 'effect:rapid-cycles': [0.95, 0.05] },
  }),
  seen({
    id: 'pulses', point: 'tap', title: 'Watch a tap', words: ['taps', 'water'], minutes: 1, steps: ['Half-open tap: steady, pulsing, or dying and surging?'],
    outcomes: [outcome('steady', 'steady'), outcome('pulses', 'pulses, dies, surges', 'surges', 'dies'), outcome('weak', 'weak', 'trickle'), outcome('none', 'none', 'dry', 'flat')], usual: [0.25, 0.1, 0.2, 0.45],
    given: { 'effect:runs': [0.9, 0.05, 0.04, 0.01], 'effect:rapid-cycles': [0.55, 0.38, 0.06, 0.01], 'effect:surges': [0.08, 0.88, 0.03, 0.01], 'effect:runs-weak': [0.1, 0.08, 0.78, 0.04], 'effect:runs-dry': [0.02, 0.06, 0.22, 0.7], 'effect:groans': [0.04, 0.02, 0.14, 0.8], 'effect:silent': [0.04, 0.02, 0.14, 0.8], 'effect:trips-breaker': [0.04, 0.02, 0.14, 0.8], 'effect:runs-on': [0.9, 0.02, 0.06, 0.02] },
  }),
  seen({
    id: 'water-look', point: 'tap', title: 'Look at the water', words: ['water is', 'sediment'], minutes: 1, steps: ['Draw a glass; look for sand, rust, air.'],
    outcomes: [outcome('clear', 'clear'), outcome('sand', 'sand or rust', 'rust', 'sandy'), outcome('air', 'spits air', 'spits')], usual: [0.86, 0.1, 0.04],
    given: { 'switch.port-blocked': [0.5, 0.47, 0.03], 'pump.worn': [0.5, 0.46, 0.04], 'pump.dry-well': [0.4, 0.15, 0.45], 'check.leaking': [0.66, 0.3, 0.04] },
  }),
  seen({
    id: 'asked', point: 'tap', title: 'Ask what changed', words: ['asked', 'customer says', 'history'], minutes: 1, steps: ['Storm, outage, heavy use, how old is it, how long has it been trying?'],
    outcomes: [outcome('nothing', 'nothing new'), outcome('storm', 'storm', 'lightning'), outcome('outage', 'outage', 'power cut'), outcome('old', 'old, long in service', 'old'), outcome('ran-dry', 'ran dry', 'ran dry'), outcome('retries', 'kept trying for hours', 'kept trying', 'retries')], usual: [0.6, 0.07, 0.07, 0.14, 0.05, 0.07],
    given: { 'switch.cut-off-tripped': [0.35, 0.03, 0.45, 0.05, 0.1, 0.02], 'motor.ground': [0.4, 0.3, 0.04, 0.18, 0.02, 0.06], 'pump.dry-well': [0.4, 0.03, 0.03, 0.05, 0.46, 0.03], 'motor.main-open': [0.4, 0.18, 0.04, 0.18, 0.03, 0.17] },
  }),
]
