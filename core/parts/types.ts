/**
 * Kinds of part, and the attributes by which one may stand in for another: which must be equal, which are a least or a
 * most, which must take in a figure, and which are only looked at. Handbook §13; common practice, no source besides.
 */
import type { NameplateField } from '#core/systems'

type Attribute = Omit<NameplateField, 'id'>

const figure = (label: string, quantity: Attribute['quantity']): Attribute => ({ label, quantity })
const choice = (label: string, ...choices: string[]): Attribute => ({ label, quantity: 'choice', choices })
const YES = ['no', 'yes'] as const

export const ATTRIBUTES = {
  thread: choice('Thread', '⅛ in', '¼ in', '⅜ in', '½ in', '¾ in', '1 in', '1¼ in', '1½ in', '2 in'),
  duty: choice('Duty', 'water', 'air', 'pilot'),
  unloader: choice('Unloader valve', ...YES),
  lever: choice('Lever', 'none', 'cut-off', 'auto–off'),
  poles: figure('Poles', 'count'),
  phases: figure('Phases', 'count'),
  wires: choice('Wires', 'two', 'three'),
  volts: figure('Volts', 'volts'),
  coilVolts: figure('Coil volts', 'volts'),
  hertz: figure('Hertz', 'count'),
  power: figure('Horsepower at these volts', 'horsepower'),
  amps: figure('Amps', 'amps'),
  maximum: figure('Highest pressure', 'pressure'),
  lowest: figure('Lowest cut-in', 'pressure'),
  highest: figure('Highest cut-out', 'pressure'),
  cutIn: figure('Cut-in as delivered', 'pressure'),
  cutOut: figure('Cut-out as delivered', 'pressure'),
  capLow: figure('Capacitance from', 'farads'),
  capHigh: figure('Capacitance to', 'farads'),
  bleed: choice('Bleed resistor', ...YES),
  makeUp: choice('Make-up', 'relay', 'solid state', 'run capacitor'),
  diameter: figure('Diameter', 'bore'),
  flow: figure('Flow', 'flow'),
  head: figure('Head', 'length'),
  dialLow: figure('Dial from', 'amps'),
  dialHigh: figure('Dial to', 'amps'),
  volume: figure('Volume', 'volume'),
  precharge: figure('Air as delivered', 'pressure'),
  opens: figure('Opens at', 'pressure'),
  material: choice('Metal', 'brass', 'stainless', 'galvanized', 'plastic'),
  conductors: figure('Conductors', 'count'),
  ground: choice('Ground wire', ...YES),
  wet: choice('Rated wet', ...YES),
  gauge: figure('Gauge', 'gauge'),
  length: figure('Length', 'length'),
  temperature: choice('Temperature', '60 °C', '75 °C', '90 °C', '105 °C'),
  outer: figure('Outer size', 'bore'),
} as const satisfies Readonly<Record<string, Attribute>>
export type AttributeId = keyof typeof ATTRIBUTES
/** Figures in SI, choices by their place in the list. */
export type Attributes = Readonly<Partial<Record<AttributeId, number>>>

/** At least and at most go for choices by their place in the list; `look` is said and not judged. */
export const RULES = ['equal', 'at-least', 'at-most', 'look'] as const
export type Rule = (typeof RULES)[number]

export interface PartType {
  readonly name: string
  /** where it goes, by the component's id */
  readonly goesTo: readonly string[]
  readonly rules: Readonly<Partial<Record<AttributeId, Rule>>>
}

export const PART_TYPES = {
  'pressure-switch': {
    name: 'pressure switch',
    goesTo: ['switch'],
    rules: {
      thread: 'equal', poles: 'equal', duty: 'equal', unloader: 'at-least', power: 'at-least', amps: 'at-least',
      maximum: 'at-least', lowest: 'at-most', highest: 'at-least', cutIn: 'look', cutOut: 'look', lever: 'look',
    },
  },
  'start-capacitor': {
    name: 'start capacitor',
    goesTo: ['box', 'motor'],
    rules: { capLow: 'at-least', capHigh: 'at-most', volts: 'at-least', bleed: 'look' },
  },
  'run-capacitor': {
    name: 'run capacitor',
    goesTo: ['box', 'motor'],
    rules: { capLow: 'at-least', capHigh: 'at-most', volts: 'at-least' },
  },
  'control-box': {
    name: 'control box',
    goesTo: ['box'],
    rules: { power: 'equal', volts: 'equal', makeUp: 'equal' },
  },
  'start-relay': {
    name: 'start relay',
    goesTo: ['box'],
    rules: { power: 'equal', volts: 'equal', makeUp: 'equal' },
  },
  'motor': {
    name: 'motor',
    goesTo: ['motor'],
    rules: { volts: 'equal', phases: 'equal', wires: 'equal', diameter: 'at-most', power: 'at-least', amps: 'look' },
  },
  'pump': {
    name: 'pump end',
    goesTo: ['pump'],
    rules: { diameter: 'at-most', flow: 'at-least', head: 'at-least', power: 'at-most' },
  },
  'contactor': {
    name: 'contactor',
    goesTo: ['starter'],
    rules: { coilVolts: 'equal', hertz: 'equal', poles: 'at-least', power: 'at-least', amps: 'at-least' },
  },
  'coil': { name: 'coil', goesTo: ['starter'], rules: { coilVolts: 'equal', hertz: 'equal' } },
  'overload': {
    name: 'overload',
    goesTo: ['starter'],
    rules: { dialLow: 'at-most', dialHigh: 'at-least', phases: 'at-least' },
  },
  'tank': {
    name: 'tank',
    goesTo: ['tank'],
    rules: { thread: 'equal', volume: 'at-least', maximum: 'at-least', precharge: 'look' },
  },
  'check-valve': {
    name: 'check valve',
    goesTo: ['check'],
    rules: { thread: 'equal', maximum: 'at-least', material: 'look' },
  },
  'nipple': { name: 'nipple', goesTo: ['switch', 'tank'], rules: { thread: 'equal', material: 'look' } },
  'relief-valve': { name: 'relief valve', goesTo: ['relief', 'tank'], rules: { thread: 'equal', opens: 'at-most' } },
  'gauge': { name: 'gauge', goesTo: ['gauge', 'tank'], rules: { thread: 'equal', maximum: 'at-least' } },
  'cable': {
    name: 'cable',
    goesTo: ['cable', 'feed', 'run'],
    rules: { conductors: 'at-least', ground: 'at-least', wet: 'at-least', gauge: 'at-most', length: 'at-least' },
  },
  'cord': {
    name: 'cord',
    goesTo: ['motor', 'run'],
    rules: { gauge: 'at-most', temperature: 'at-least', outer: 'equal' },
  },
  'tube': { name: 'tube and ferrules', goesTo: ['unloader', 'switch'], rules: { outer: 'equal', material: 'look' } },
  'breaker': { name: 'breaker', goesTo: ['breaker'], rules: { poles: 'equal', amps: 'equal', volts: 'at-least' } },
  'fuse': { name: 'fuse', goesTo: ['fuse', 'breaker'], rules: { amps: 'equal', volts: 'at-least' } },
  'kit': { name: 'repair kit', goesTo: ['starter', 'pump', 'head', 'unloader'], rules: { coilVolts: 'look' } },
  'other': { name: 'other part', goesTo: [], rules: {} },
} as const satisfies Readonly<Record<string, PartType>>
export type PartTypeId = keyof typeof PART_TYPES
export const PART_TYPE_IDS = Object.keys(PART_TYPES) as readonly PartTypeId[]
export const isPartType = (id: string): id is PartTypeId => id in PART_TYPES

export const rulesOf = (type: PartTypeId): readonly (readonly [AttributeId, Rule])[] =>
  Object.entries(PART_TYPES[type].rules) as [AttributeId, Rule][]
