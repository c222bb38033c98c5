/**
 * The closed lists of the catalogue: its components with their faults and their nameplate fields, and the conditions
 * that wear other parts out. Whoever names one that is not here does not compile; a sweep (catalogue.test.ts) checks
 * that each one is somewhere in the catalogue, and nothing else.
 */
export const PARTS = {
  supply: {
    faults: ['leg-lost', 'low-volts', 'high-volts', 'unbalanced', 'generator', 'drive'],
    fields: ['disconnect', 'phases', 'volts', 'hertz', 'ground'],
  },
  breaker: {
    faults: ['off', 'pole-open', 'weak', 'wrong-leg', 'on-neutral'],
    fields: ['device', 'amps', 'feedLength', 'feedGauge'],
  },
  disconnect: { faults: ['pole-open', 'off'], fields: [] },
  feed: {
    faults: ['open', 'high-resistance', 'to-earth', 'leg-to-leg', 'to-chassis'],
    fields: ['length', 'gauge'],
  },
  switch: {
    faults: [
      'pole1-burnt',
      'pole2-burnt',
      'pole1-open',
      'pole2-open',
      'stuck-open',
      'welded',
      'burnt',
      'contact-dirty',
      'port-blocked',
      'out-of-setting',
      'diaphragm',
      'cut-off-tripped',
      'valve-shut',
      'lever-off',
      'contact-burnt',
      'stuck-up',
      'stuck-down',
      'wrong-sense',
      'miswired',
      'bounces',
    ],
    fields: ['cutIn', 'cutOut', 'most', 'cutOff', 'valve', 'protector'],
  },
  protector: { faults: ['tripped', 'failed'], fields: [] },
  run: { faults: ['open', 'high-resistance', 'to-earth', 'leg-to-leg'], fields: [] },
  box: {
    faults: [
      'relay-open',
      'relay-closed',
      'overload-hot',
      'overload-failed',
      'terminal-burnt',
      'wrong-box',
      'cap-open',
      'cap-low',
      'cap-shorted',
      'runcap-open',
      'runcap-shorted',
    ],
    fields: ['startGear', 'capLow', 'capHigh', 'runCapacitor', 'runMicrofarads'],
  },
  starter: {
    faults: [
      'contact-burnt',
      'contact-open',
      'welded',
      'coil-open',
      'coil-wrong',
      'overload-tripped',
      'overload-set',
      'overload-contact',
      'heater-open',
      'control-fuse',
      'control-wire',
    ],
    fields: ['overloadAmps', 'coilVolts', 'control', 'float'],
  },
  transformer: { faults: ['dead'], fields: [] },
  float: { faults: ['stuck-open', 'stuck-shut', 'wrong-sense'], fields: [] },
  cable: {
    faults: [
      'open',
      'black-open',
      'yellow-open',
      'red-open',
      'high-resistance',
      'to-earth',
      'leg-to-leg',
      'mixed',
    ],
    fields: ['length', 'gauge'],
  },
  motor: {
    faults: [
      'main-open',
      'start-open',
      'start-short',
      'phase-open',
      'turn-short',
      'phase-short',
      'ground',
      'seized',
      'binding',
      'backwards',
      'wrong-tap',
      'start-gear',
      'start-stuck',
      'centrifugal-open',
      'centrifugal-closed',
      'overload-hot',
      'overload-failed',
      'cap-open',
      'cap-low',
      'cap-shorted',
      'runcap-open',
      'runcap-shorted',
      'brushes',
      'no-cooling',
    ],
    fields: [
      'power',
      'volts',
      'amps',
      'maxAmps',
      'lockedAmps',
      'codeLetter',
      'rpm',
      'serviceFactor',
      'dualVoltage',
      'startGear',
      'mainOhms',
      'startOhms',
      'leadOhms',
      'armatureOhms',
      'capLow',
      'capHigh',
      'runCapacitor',
      'runMicrofarads',
    ],
  },
  battery: { faults: ['low', 'post', 'overcharged'], fields: ['capacity', 'chemistry'] },
  fuse: { faults: ['blown', 'holder'], fields: ['amps'] },
  panel: { faults: ['open'], fields: [] },
  return: { faults: ['bad'], fields: [] },
  pump: {
    faults: [
      'coupling',
      'worn',
      'dry-well',
      'prime-lost',
      'nozzle',
      'jammed',
      'air-lock',
      'valves',
      'diaphragm',
      'by-pass',
      'intake-blocked',
      'clogged',
      'seal',
      'cracked',
    ],
    fields: ['flow', 'head', 'shutOff', 'level', 'staticLevel', 'pipeLength', 'pipeBore', 'yield', 'accumulator'],
  },
  check: { faults: ['leaking', 'stuck-shut'], fields: [] },
  pipe: { faults: ['holed', 'pitless'], fields: [] },
  suction: { faults: ['air-leak', 'dry-well', 'blocked'], fields: [] },
  inlet: { faults: ['low'], fields: ['pressure'] },
  strainer: { faults: ['blocked', 'air-leak'], fields: [] },
  cistern: { faults: [], fields: ['volume'] },
  source: { faults: ['empty', 'valve', 'vent-blocked'], fields: ['volume'] },
  tank: {
    faults: [
      'waterlogged', 'precharge-low', 'precharge-high', 'charger', 'port-blocked', 'leak', 'drain', 'condensate',
    ],
    fields: ['volume', 'kind', 'most'],
  },
  gauge: { faults: ['stuck'], fields: [] },
  relief: { faults: ['weeping'], fields: ['opens'] },
  filter: { faults: ['blocked'], fields: [] },
  house: { faults: ['leak', 'shut', 'reducer', 'city-check'], fields: ['filter', 'draw', 'pipeLength', 'pipeBore'] },
  head: { faults: ['reed', 'gasket', 'intake', 'belt', 'seized', 'rings'], fields: ['delivery'] },
  unloader: { faults: ['not-venting', 'leaking'], fields: [] },
  regulator: { faults: ['stuck'], fields: [] },
} as const

/** Figures that belong to the place and the life of a system rather than to a part. */
export const SITE_FIELD_IDS = ['altitude', 'duty', 'water', 'surroundings'] as const

/** Conditions that wear other parts out, each with a note that says which test shows it. */
export const CAUSE_IDS = [
  'rapid-cycling',
  'precharge-low',
  'precharge-high',
  'remote-switch',
  'tank-waterlogged',
  'low-volts',
  'surge',
  'age',
  'damp',
  'loose-terminal',
  'sand',
  'ran-dry',
  'ran-on',
  'single-phased',
  'locked-retries',
  'chafed',
  'dug',
  'vibration',
  'hot-room',
  'oil-low',
  'outage',
  'cut-off-tripped',
  'filled-open',
  'terminals-wet',
  'frozen',
  'undrained',
  'chattered',
] as const

/**
 * A stage after the first has parts of its own, named after it: `well-motor`, `well-motor.ground`,
 * `well:motor.earth`.
 */
export const STAGE_IDS = ['well'] as const

type Parts = typeof PARTS
export type ComponentId = keyof Parts
export type FieldId<C extends ComponentId> = Parts[C]['fields'][number]
export type FaultId = { [C in ComponentId]: `${C}.${Parts[C]['faults'][number]}` }[ComponentId]
export type CauseId = (typeof CAUSE_IDS)[number]
export type StageId = (typeof STAGE_IDS)[number]
type PlateKey = { [C in ComponentId]: `${C}.${FieldId<C>}` }[ComponentId]
export type NameplateKey = PlateKey | `${StageId}-${PlateKey}` | `site.${(typeof SITE_FIELD_IDS)[number]}`

export const FAULT_IDS: ReadonlySet<string> = new Set(
  Object.entries(PARTS).flatMap(([component, { faults }]) => faults.map(fault => `${component}.${fault}`)),
)
export const NAMEPLATE_KEYS: ReadonlySet<string> = new Set([
  ...Object.entries(PARTS).flatMap(([component, { fields }]) => fields.map(field => `${component}.${field}`)),
  ...SITE_FIELD_IDS.map(id => `site.${id}`),
])

const STAGED = new RegExp(`^(?:${STAGE_IDS.join('|')})-`)

/** The id that a part of a later stage has in the lists above: `well-motor.ground` is the motor's ground. */
export const unstaged = (id: string): string => id.replace(STAGED, '')
/** The component that a fault is of: `motor` for `motor.ground`. */
export const componentIdOf = (fault: string): string => fault.replace(/\..*$/, '')
/** What it adds to that: `well-`, or nothing. */
export const stagePrefix = (id: string): string => id.slice(0, id.length - unstaged(id).length)
export const isFaultId = (id: string): boolean => FAULT_IDS.has(unstaged(id))
export const isCauseId = (id: string): boolean => (CAUSE_IDS as readonly string[]).includes(unstaged(id))
export const isNameplateKey = (id: string): id is NameplateKey => NAMEPLATE_KEYS.has(unstaged(id))
