/** Of overload and relay, told by who tried it: nobody is sent to. Common practice, no source. */
import type { FaultId } from '../ids'
import type { SeenTest } from '../testTypes'
import { seen } from './testEntry'

interface Overload {
  readonly id: string
  readonly point: string
  readonly hot: FaultId
  readonly failed: FaultId
}

/** An overload bridged for a moment, a clamp on the lead: what did the motor do? */
export const overloadBridged = ({ id, point, hot, failed }: Overload): SeenTest =>
  seen({
    id,
    point,
    title: 'Overload bridged for a moment, clamp on the lead: what did the motor do?',
    words: ['overload bridged'],
    minutes: 5,
    need: 'live',
    risk: 2,
    onlyTold: true,
    steps: ['Told by who did it, with a clamp on the lead.'],
    cautions: ['A motor without its overload burns: never left bridged, nor bridged by hand on live terminals.'],
    outcomes: {
      'runs': { label: 'ran, with usual amps', words: ['runs'] },
      'no-change': { label: 'did as before', words: ['no change'] },
    },
    usual: { 'runs': 0.03, 'no-change': 0.97 },
    chancesByFault: {
      [failed]: { 'runs': 0.97, 'no-change': 0.03 },
      // bridged while it is hot it runs too
      [hot]: { 'runs': 0.3, 'no-change': 0.7 },
    },
  })

/** Whether the start relay is heard to lift. */
export const relayHeard = (): SeenTest =>
  seen({
    id: 'relay-heard',
    point: 'relay',
    title: 'Listen at the start relay: does it click?',
    words: ['relay sounds'],
    minutes: 0.5,
    need: 'live',
    onlyTold: true,
    steps: ['Cover on, as it starts: a click?'],
    outcomes: { clicks: { label: 'clicks' }, silent: { label: 'not a sound' } },
    usual: { clicks: 0.88, silent: 0.12 },
    chancesByFault: {
      'box.relay-open': { clicks: 0.3, silent: 0.7 },
      'box.relay-closed': { clicks: 0.3, silent: 0.7 },
    },
    chancesByEffect: { silent: { clicks: 0.05, silent: 0.95 } },
  })
