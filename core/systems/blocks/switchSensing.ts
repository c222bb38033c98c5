/** What the sensing side and the mechanism of a pressure switch do wrong; common practice, no source. */
import { PSI } from '#core/units'
import { BLOCKED, type Change, type FigureGroup, type Figures } from '../figures'
import type { ShopPractice } from '../practice'
import type { ComponentDef } from '../componentTypes'
import { component, type ComponentEntry, yesNo } from './block'
import { CAUSES } from './causes'
import { always, degrees, fault, repair } from './faultEntry'
import { MOST_OF_SWITCH } from './pressureLimits'

export const newSwitch = repair({
  id: 'replace-pressure-switch',
  name: 'Replace the pressure switch',
  minutes: 40,
  part: 'pressure switch',
  renews: ['switch'],
})

const cleanContacts = repair({
  id: 'clean-switch-contacts',
  name: 'Clean the switch contacts, as a stop-gap',
  minutes: 20,
  part: 'abrasive strip',
})

/** Wires on the wrong screws of a switch that carries its motor; how often is common practice, no source. */
export const miswired = (held: Change) =>
  fault({
    id: 'switch.miswired',
    name: 'Switch landed wrong',
    baseRate: 0.008,
    severities: degrees(
      { name: 'both feeds on one pole', share: 0.5, change: { 'switch.across': 0.01 } },
      { name: 'motor on the line side', share: 0.5, change: held },
    ),
    repair: repair({
      id: 'land-switch-as-marked',
      name: 'Land the switch as it is marked',
      minutes: 15,
    }),
    causes: [],
    settledBy: 'each of the four wires traced, dead',
  })

/** Far from the tank every stroke of the pump reaches the switch; common practice, no source. */
const bounces = () =>
  fault({
    id: 'switch.bounces',
    name: 'Switch too far from the tank: bounces',
    baseRate: 0.01,
    severities: always({}),
    effect: 'rapid-cycles',
    repair: repair({
      id: 'move-switch-to-tank',
      name: 'Move the switch to the tank',
      minutes: 60,
      part: 'tank tee',
    }),
    causes: [],
    settledBy: 'it clicks several times as the pump starts, with the tank’s air right',
  })

/** Burnt contacts are a wear part: the shop replaces the switch, or cleans them for the time being. */
export const contactRepair = ({ burntContacts }: Pick<ShopPractice, 'burntContacts'>) =>
  burntContacts === 'clean' ? cleanContacts : newSwitch

const clearPort = repair({
  id: 'clear-port-brass-nipple',
  name: 'Clear the port, brass nipple',
  minutes: 30,
  part: 'brass nipple',
  outlives: true,
})

export interface SwitchOptions {
  readonly medium: 'water' | 'air'
  readonly cutOff: boolean
  readonly practice: Pick<ShopPractice, 'burntContacts'>
  readonly valve: boolean
  readonly neutral?: boolean
  /** may have an underload protector behind it */
  readonly protector?: boolean
  /** what the load side feeds, for the trial that opens it */
  readonly below: readonly FigureGroup[]
}

/** The same of a switch that carries no motor. */
export type SensingOptions = Omit<SwitchOptions, 'below'>

type SwitchField = NonNullable<ComponentEntry<'switch'>['fields']>[number]

const fieldsOf = (medium: 'water' | 'air', guarded = false): readonly SwitchField[] => [
  {
    id: 'cutIn',
    label: 'Cut-in',
    quantity: 'pressure',
    range: medium === 'air' ? [20 * PSI, 300 * PSI] : [5 * PSI, 90 * PSI],
  },
  {
    id: 'cutOut',
    label: 'Cut-out',
    quantity: 'pressure',
    range: medium === 'air' ? [40 * PSI, 350 * PSI] : [15 * PSI, 120 * PSI],
  },
  MOST_OF_SWITCH,
  ...(medium === 'water'
    ? [
        yesNo('cutOff', 'Low-pressure cut-off'),
        yesNo('valve', 'Isolation valve under it'),
        ...(guarded ? [yesNo('protector', 'Underload protector')] : []),
      ]
    : []),
]

export const switchPart = (medium: 'water' | 'air', guarded = false): ComponentDef =>
  component({
    id: 'switch',
    name: 'Pressure switch',
    glyph: 'pressure-switch',
    lane: 'power',
    place: 'switch',
    fields: fieldsOf(medium, guarded),
  })

/** Range moved by so much: cut-in, cut-out and the cut-off with them. */
const moved = (name: string, share: number, by: number) => ({
  name,
  share,
  change: (h: Figures) => ({
    'set.cutIn': Math.max(0, h['set.cutIn'] + by),
    'set.cutOut': h['set.cutOut'] + by,
    'set.cutOff': h['set.cutOff'] > 0 ? Math.max(0, h['set.cutOff'] + by) : 0,
  }),
})

/** Wound so far up that the pump never opens it. */
const OUT_OF_REACH = {
  name: 'set to stop where the pump never gets',
  share: 0.1,
  change: (h: Figures) => ({ 'set.cutOut': h['pump.inlet'] + h['pump.shutOff'] * 1.05 }),
}

/** `shut` is the contact open for good, `held` closed when it should rest. */
export function sensing(o: SensingOptions, shut: Change, held: Change) {
  const water = o.medium === 'water'
  return [
    fault({
      id: 'switch.stuck-open',
      name: 'Switch mechanism stuck open',
      baseRate: 0.025,
      severities: always(shut),
      repair: newSwitch,
      causes: [CAUSES.damp, CAUSES.age],
      settledBy: 'contacts open with the gauge under cut-in',
      wears: ['damp', 'age'],
    }),
    fault({
      id: 'switch.port-blocked',
      name: water ? 'Sensing port or nipple blocked' : 'Sensing port blocked',
      baseRate: water ? 0.06 : 0.02,
      severities: degrees(
        {
          name: 'blocked under pressure',
          share: 0.5,
          change: h => ({ ...shut, 'port.delay': BLOCKED, 'port.held': h['set.cutOut'] * 1.1 }),
        },
        {
          name: 'blocked empty, runs on',
          share: 0.3,
          change: { ...held, 'port.delay': BLOCKED, 'port.held': 0 },
        },
        { name: 'half blocked, slow', share: 0.2, change: { 'port.delay': 25 } },
      ),
      repair: clearPort,
      causes: [CAUSES.sand, CAUSES.frozen],
      settledBy: 'pressure at a tap against what the switch does',
      wears: ['sand'],
    }),
    fault({
      id: 'switch.out-of-setting',
      name: 'Switch out of adjustment',
      baseRate: 0.03,
      severities: degrees(
        moved('10 psi low', water ? 0.25 : 0.3, -10 * PSI),
        moved('20 psi low', 0.15, -20 * PSI),
        moved('8 psi high', 0.2, 8 * PSI),
        moved('18 psi high', 0.13, 18 * PSI),
        {
          name: 'stops 6 psi over its start',
          share: 0.08,
          change: h => ({ 'set.cutOut': h['set.cutIn'] + 6 * PSI }),
        },
        {
          name: 'starts 7 psi under its stop',
          share: 0.05,
          change: h => ({ 'set.cutIn': h['set.cutOut'] - 7 * PSI }),
        },
        water ? OUT_OF_REACH : moved('35 psi high', 0.05, 35 * PSI),
        // share is judgement, no source
        {
          name: 'starts 20 psi low, stops right',
          share: 0.04,
          change: h => ({ 'set.cutIn': Math.max(5 * PSI, h['set.cutIn'] - 20 * PSI) }),
        },
      ),
      repair: repair({
        id: 'set-switch',
        name: 'Set the switch',
        minutes: 15,
      }),
      causes: [],
      settledBy: 'cut-in and cut-out read off the gauge',
    }),
    fault({
      id: 'switch.diaphragm',
      name: water ? 'Switch diaphragm split, drips' : 'Switch diaphragm leaking air',
      baseRate: 0.012,
      severities: degrees(
        { name: 'weeps', share: 0.6, change: h => ({ 'leak.house': h['pump.flow'] * 0.02 }) },
        { name: 'split', share: 0.3, change: h => ({ 'leak.house': h['pump.flow'] * 0.06 }) },
        { name: 'torn', share: 0.1, change: h => ({ 'leak.house': h['pump.flow'] * 0.18 }) },
      ),
      ...(water ? {} : { effect: 'starts-alone' as const }),
      repair: newSwitch,
      causes: [CAUSES.frozen, CAUSES.age],
      settledBy: water ? 'water under its cover' : 'soap round its cover',
      wears: ['age'],
    }),
    ...(water ? [bounces()] : []),
    ...(o.cutOff
      ? [
          fault({
            id: 'switch.cut-off-tripped',
            name: 'Low-pressure cut-off tripped or lever off',
            baseRate: 0.06,
            severities: always(shut),
            repair: repair({
              id: 'hold-lever-until-pressure-is-over-cut-in',
              name: 'Hold the lever until pressure is over cut-in',
              minutes: 5,
            }),
            causes: [
              { because: 'outage', why: 'pressure fell while the power was off' },
              { because: 'filter.blocked', why: 'a blocked filter starves it under draw' },
              { because: 'strainer.blocked', why: 'a blocked strainer starves it under draw' },
              { because: 'inlet.low', why: 'a main that gives little lets the pressure fall' },
              { because: 'pump.dry-well', why: 'a well that gives little lets the pressure fall' },
              { because: 'filled-open', why: 'an open discharge never builds pressure' },
              CAUSES.dry,
            ],
            settledBy: 'lever position',
          }),
        ]
      : []),
    ...(o.valve
      ? [
          fault({
            id: 'switch.valve-shut',
            name: 'Isolation valve under the switch shut',
            baseRate: 0.02,
            severities: degrees(
              {
                name: 'shut under pressure',
                share: 0.6,
                change: h => ({ ...shut, 'port.delay': BLOCKED, 'port.held': h['set.cutOut'] * 1.02 }),
              },
              { name: 'shut empty', share: 0.4, change: { ...held, 'port.delay': BLOCKED, 'port.held': 0 } },
            ),
            repair: repair({
              id: 'open-valve-under-switch',
              name: 'Open the valve under the switch',
              minutes: 2,
            }),
            causes: [],
            settledBy: 'the handle of the valve',
          }),
        ]
      : []),
    ...(o.medium === 'air'
      ? [
          fault({
            id: 'switch.lever-off',
            name: 'Lever left at off',
            baseRate: 0.03,
            severities: always(shut),
            repair: repair({
              id: 'turn-lever-to-auto',
              name: 'Turn the lever to auto',
              minutes: 1,
            }),
            causes: [],
            settledBy: 'lever position',
          }),
        ]
      : []),
  ]
}
