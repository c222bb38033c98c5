/** The overload of a control box, watched; common practice, no source. */
import type { SeenTest } from '../testTypes'
import { seen } from './testEntry'

/** Whether it holds once it is reset, or lets go again. */
export const overloadSeen = (): SeenTest =>
  seen({
    id: 'overload-seen',
    point: 'overload',
    title: 'Watch the overload',
    words: ['overload'],
    minutes: 1,
    steps: ['Reset it; does it hold, or let go again within seconds?'],
    outcomes: {
      'holds': { label: 'holds', words: ['in', 'set'] },
      'lets-go': { label: 'lets go again', words: ['lets go', 'trips', 'out', 'let go'] },
      'stuck': { label: 'will not be reset, though cool' },
    },
    usual: { 'holds': 0.967, 'lets-go': 0.03, 'stuck': 0.003 },
    // what makes it let go is not seen at it
    pointsTo: ['box.relay-closed', 'box.cap-shorted', 'motor.binding', 'supply.low-volts',
      'feed.high-resistance'],
    chancesByFault: {
      'box.relay-closed': { 'holds': 0.2, 'lets-go': 0.79, 'stuck': 0.01 },
      'box.cap-shorted': { 'holds': 0.4, 'lets-go': 0.59, 'stuck': 0.01 },
      // who says that it was out has seen it so
      'box.overload-hot': { 'holds': 0.55, 'lets-go': 0.4, 'stuck': 0.05 },
      'motor.binding': { 'holds': 0.4, 'lets-go': 0.595, 'stuck': 0.005 },
      // it runs on too few volts until it is too hot
      'supply.low-volts': { 'holds': 0.55, 'lets-go': 0.445, 'stuck': 0.005 },
      'feed.high-resistance': { 'holds': 0.6, 'lets-go': 0.395, 'stuck': 0.005 },
      'box.overload-failed': { 'holds': 0.1, 'lets-go': 0.3, 'stuck': 0.6 },
      'box.overload-failed:2': { 'holds': 0.28, 'lets-go': 0.67, 'stuck': 0.05 },
    },
    chancesByEffect: {
      'groans': { 'holds': 0.05, 'lets-go': 0.94, 'stuck': 0.01 },
      'runs-weak': { 'holds': 0.75, 'lets-go': 0.245, 'stuck': 0.005 },
    },
  })
