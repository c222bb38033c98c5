/** Supply, breaker, disconnect and feed, whatever the phases: what they are called and where they are measured. */
import { FOOT } from '#core/units'
import { PANEL_DEVICES } from '../power/letGo'
import type { Severity } from '../faultTypes'
import { type Block, component, point, yesNo } from './block'
import { degrees } from './faultEntry'
import { wireOhms } from './testEntry'

export interface SupplyPathOptions {
  /** what is opened at the panel, in words */
  readonly breaker: string
  /** smallest and largest rating, A */
  readonly amps: readonly [number, number]
  /** the component at the end of the feed */
  readonly to: 'switch' | 'starter'
  /** its line side in words */
  readonly where: string
  readonly disconnect: boolean
}

export function supplyPath(o: SupplyPathOptions): Required<Pick<Block, 'components' | 'points'>> {
  const { breaker, amps, to, where, disconnect } = o
  return {
    components: [
      component({
        id: 'supply',
        name: 'Supply',
        glyph: 'supply',
        lane: 'power',
        place: 'panel',
        fields: [
          yesNo('disconnect', 'Disconnect by the machine'),
          {
            id: 'volts',
            label: 'Volts',
            quantity: 'volts',
            range: [90, 650],
            bears: 'Every volt that is read; where it is not given, the usual one for the motor.',
          },
          { id: 'hertz', label: 'Hertz', quantity: 'choice', choices: ['60', '50'] },
          { id: 'ground', label: 'Ground wire to the machine', quantity: 'choice', choices: ['yes', 'no'] },
        ],
      }),
      component({
        id: 'breaker',
        name: breaker,
        glyph: 'breaker',
        lane: 'power',
        place: 'panel',
        fields: [
          { id: 'device', label: 'What it is', quantity: 'choice', choices: [...PANEL_DEVICES] },
          {
            id: 'amps',
            label: 'Rating',
            quantity: 'amps',
            range: amps,
            bears: 'Whether it lets go, and how soon.',
          },
          {
            id: 'feedLength',
            label: `Wire to the ${to}`,
            quantity: 'length',
            range: [3 * FOOT, 1000 * FOOT],
            bears: 'Volts lost on the way, and how much a short draws.',
          },
          {
            id: 'feedGauge',
            label: 'Size of that wire',
            quantity: 'gauge',
            range: [-3, 18],
            bears: 'The same: 12, 2/0 or 2.5 mm².',
          },
        ],
      }),
      ...(disconnect
        ? [
            component({
              id: 'disconnect',
              name: 'Disconnect',
              glyph: 'disconnect',
              lane: 'power',
              place: 'switch',
            }),
          ]
        : []),
      component({
        id: 'feed',
        name: 'Feed',
        glyph: 'conductor',
        lane: 'power',
        place: 'panel',
      }),
    ],
    points: [
      point({
        id: 'supply',
        name: 'breaker in',
        component: 'supply',
        spot: { on: 'breaker', side: 'in' },
        aliases: ['breaker in', 'mains', 'incoming'],
      }),
      point({
        id: 'breaker',
        name: 'breaker out',
        component: 'breaker',
        spot: { on: 'breaker', side: 'out' },
        aliases: ['brk', 'panel', 'breaker out'],
      }),
      ...(disconnect
        ? [
            point({
              id: 'disconnect',
              name: 'disconnect out',
              component: 'disconnect',
              spot: { on: 'disconnect', side: 'out' },
              aliases: ['disc', 'disconnect out'],
            }),
          ]
        : []),
      point({
        id: 'line',
        name: where,
        component: 'feed',
        spot: { on: to, side: 'in' },
        aliases: ['line', to === 'starter' ? 'starter in' : 'switch in', 'line side'],
      }),
    ],
  }
}

/** The feed by itself: what trips a breaker with all behind it open. */
export const feedToGround = (to: string) =>
  wireOhms({
    id: 'feed.ground',
    point: 'line',
    title: 'Megohms from the wires of the feed to ground, both ends off',
    words: ['feed to ground', 'feed wires to ground'],
    variant: 'ground',
    figure: 'feed.earth',
    minutes: 10,
    steps: [`Its wires off at the breaker and at the ${to}; each to ground, note the lower.`],
  })

/**
 * A wire laid bare, or wet through the insulation: a breaker for ground faults lets go at that already. Its shares are
 * judgement, no source.
 */
export const feedEarth = (): readonly Severity[] =>
  degrees(
    { name: 'dead to earth', share: 0.6, change: { 'feed.earth': 0.2 } },
    { name: 'some hundred ohms', share: 0.2, change: { 'feed.earth': 250 } },
    { name: 'wet, some kilohms', share: 0.2, change: { 'feed.earth': 4e3 } },
  )
