/** Short ways to write the rows of a block. Minutes and risk are common practice, no source. */
import type { BandRule, CauseNote, ComponentDef, Condition, FaultMode, Figures, Lane, Need, NumericTest, Place, Probe, Repair, SeenTest, Severity, Spot, Test, TestPoint } from '../types'

export type PointDef = Omit<TestPoint, 'number'>

/** A part of a kind: what it adds to the components, points, faults, tests and cause notes. */
export interface Block {
  readonly components?: readonly ComponentDef[]
  readonly points?: readonly PointDef[]
  readonly faults?: readonly FaultMode[]
  readonly tests?: readonly Test[]
  readonly notes?: readonly CauseNote[]
}

type Change = (healthy: Figures) => Figures
export const always = (change: Change | Figures): readonly Severity[] => [{ id: 'full', label: '', share: 1, change: typeof change === 'function' ? change : () => change }]
export const degrees = (...rows: readonly (readonly [label: string, share: number, change: Change | Figures])[]): readonly Severity[] =>
  rows.map(([label, share, change], i) => ({ id: String(i + 1), label, share, change: typeof change === 'function' ? change : () => change }))
export const times = (key: string, k: number): Change => h => ({ [key]: h[key]! * k })

export const fit = (label: string, minutes: number, part = ''): Repair => ({ label, minutes, part })
/** A repair after which whole components are new. */
export const renew = (label: string, minutes: number, part: string, ...renews: string[]): Repair => ({ label, minutes, part, renews })
/** A repair to something that a new component would not bring with it. */
export const beside = (label: string, minutes: number, part = ''): Repair => ({ label, minutes, part, outlives: true })

type FaultRow = Omit<FaultMode, 'component' | 'mode' | 'label' | 'baseRate' | 'severities'>
export const fault = (component: string, mode: string, label: string, baseRate: number, severities: readonly Severity[], rest: FaultRow): FaultMode => ({ component, mode, label, baseRate, severities, ...rest })

export const thing = (id: string, name: string, glyph: ComponentDef['glyph'], lane: Lane, place: Place, fields?: ComponentDef['fields']): ComponentDef => ({ id, name, glyph, lane, place, ...(fields ? { fields } : {}) })

export const point = (id: string, name: string, component: string, spot: Spot | [string, Spot['side'], (string | number)?], ...aliases: string[]): PointDef =>
  ({ id, name, component, aliases, spot: Array.isArray(spot) ? { on: spot[0], side: spot[1], ...(typeof spot[2] === 'string' ? { part: spot[2] } : typeof spot[2] === 'number' ? { wire: spot[2] } : {}) } : spot })

export const LIVE_CAUTIONS = ['Covers off and alive: rated meter and leads, one hand, dry footing.']
export const DEAD_CAUTIONS = ['Locked, and proven live–dead–live at this point.']
export const BLEED = 'Bleed through 15–20 kΩ, 2 W or more, then measure it flat. The screwdriver short is an old habit: it welds, spits and ruins the capacitor.'
export const LIFT = 'Look up before anything comes up: overhead lines. Two to lift, clear of the hole; sanitary cap and disinfection after.'
/** Where a test names no caution of its own, the state it needs does. */
const BY_NEED: Partial<Record<Need, readonly string[]>> = { 'proven-dead': DEAD_CAUTIONS, 'discharged': [...DEAD_CAUTIONS, BLEED], 'zero-pressure': ['Pump locked off; gauge at zero and an outlet open before anything is undone.'] }
const cautioned = <T extends { readonly need: Need, readonly cautions?: readonly string[] }>(t: T): T => BY_NEED[t.need] && !t.cautions ? { ...t, cautions: BY_NEED[t.need]! } : t
export const JUMPER = 'Rated lead with clips, put on DEAD, then energised. Bridging live contacts with a tool, or flicking them with the cover, is a habit that burns hands.'

type Row = Pick<NumericTest, 'id' | 'point' | 'title' | 'words' | 'condition' | 'quantity' | 'minutes' | 'probe' | 'band'> & Partial<NumericTest>
export const row = (r: Row): NumericTest => cautioned({ kind: 'numeric', need: 'any', risk: 0, meter: '', steps: [], ...r })

/** Alternating volts between two nodes, the switch calling unless said otherwise. */
export const volts = (id: string, at: string, title: string, words: readonly string[], a: string, b: string, more: Partial<NumericTest> & { scenario?: 'running' | 'idle' | 'starting' | 'splice' } = {}): NumericTest => {
  const { scenario = 'running', ...rest } = more
  return row({
    id, point: at, title, words, condition: scenario === 'idle' ? 'idle' : 'calling', quantity: 'volts', minutes: rest.variant ? 0.7 : 1, meter: 'V AC, 600 V', need: 'live', risk: 1, cautions: LIVE_CAUTIONS,
    steps: [`Leads on ${title.replace(/^Volts /, '')}, switch calling.`], probe: { ask: 'volts', a, b, scenario }, band: 'utilisation', ...rest,
  })
}

/** Volts between legs and each leg to ground at one place of a two-pole path. */
export const voltsAt = (at: string, where: string, [a, b]: readonly [string, string], band: BandRule = 'utilisation', neutral = false): NumericTest[] => [
  volts(`${at}.volts`, at, `Volts ${where}`, ['l1-l2', 'legs', 'l1-n'], a, b, { band, ...(at === 'load' ? { proves: true } : {}) }),
  volts(`${at}.l1g`, at, `Volts ${where}, leg 1 to ground`, ['l1', 'l1-g', 'l1g', 'leg1', 'leg 1'], a, '0', { variant: 'l1g', band }),
  volts(`${at}.l2g`, at, `Volts ${where}, leg 2 to ground`, ['l2', 'l2-g', 'l2g', 'leg2', 'leg 2', 'n', 'n-g'], b, '0', { variant: 'l2g', band: neutral ? 'model' : band }),
]

/** The three pairs of a three-phase path, and each line to ground. */
export const voltsThree = (at: string, where: string, node: string, band: BandRule = 'utilisation'): NumericTest[] => [
  ...([[1, 2], [2, 3], [3, 1]] as const).map(([i, j]) => volts(`${at}.v${i}${j}`, at, `Volts ${where}, ${i}–${j}`, [`l${i}-l${j}`, `${i}-${j}`, `l${j}-l${i}`, `${j}-${i}`], `${node}${i}`, `${node}${j}`, { band, variant: `v${i}${j}`, ...(at === 'load' ? { proves: true } : {}) })),
  ...([1, 2, 3] as const).map(i => volts(`${at}.l${i}g`, at, `Volts ${where}, line ${i} to ground`, [`l${i}`, `l${i}-g`, `l${i}g`, `leg ${i}`], `${node}${i}`, '0', { variant: `l${i}g`, band: 'model' })),
]

export const amps = (id: string, at: string, title: string, words: readonly string[], element: string, scenario: 'starting' | 'running', step: string, more: Partial<NumericTest> = {}): NumericTest => row({
  id, point: at, title, words, condition: scenario, quantity: 'amps', minutes: 1.5, meter: scenario === 'starting' ? 'A AC, inrush hold' : 'A AC', need: 'live', risk: scenario === 'starting' ? 2 : 1,
  cautions: [...LIVE_CAUTIONS, 'ONE conductor in the jaw: round two it reads about nothing.'], steps: [step], probe: { ask: 'amps', element, scenario }, band: 'model', ...more,
})

/** Ohms between two nodes with the leads off. */
export const leadOhms = (id: string, at: string, title: string, words: readonly string[], a: string, b: string, minutes: number, step: string, more: Partial<NumericTest> = {}): NumericTest => row({
  id, point: at, title, words, condition: 'leads-off', quantity: 'ohms', minutes, meter: more.variant === 'ground' ? 'insulation 500 V DC' : 'Ω', need: 'proven-dead', cautions: DEAD_CAUTIONS, steps: [step],
  probe: { ask: 'ohms', a, b, ...(more.variant === 'ground' ? { insulation: true } : {}) }, band: more.variant === 'ground' ? 'insulation' : 'winding', ...more,
})

/** Ohms across one part, off the circuit. */
export const partOhms = (id: string, at: string, title: string, words: readonly string[], figure: string, minutes: number, step: string, more: Partial<NumericTest> = {}): NumericTest => row({
  id, point: at, title, words, condition: 'dead', quantity: 'ohms', minutes, meter: 'Ω', need: 'proven-dead', cautions: DEAD_CAUTIONS, steps: [step], probe: { ask: 'part', figure }, band: 'contact-ohms', ...more,
})

export const flow = (id: string, at: string, title: string, words: readonly string[], what: Extract<Probe, { ask: 'flow' }>['what'], quantity: NumericTest['quantity'], minutes: number, steps: readonly string[], more: Partial<NumericTest> & { condition?: Condition, need?: Need } = {}): NumericTest =>
  row({ id, point: at, title, words, condition: 'running', quantity, minutes, steps, probe: { ask: 'flow', what }, band: 'model', ...more })

type SeenRow = Omit<SeenTest, 'kind' | 'risk' | 'need' | 'minutes'> & Partial<Pick<SeenTest, 'risk' | 'need' | 'minutes'>>
export const seen = (t: SeenRow): SeenTest => cautioned({ kind: 'seen', risk: 0, need: 'any', minutes: 0.5, ...t })
export const outcome = (id: string, label: string, ...words: string[]) => ({ id, label, words: [id, ...words] })

/** "Take it off and re-energise: does it still trip?" What is downstream of the opening counts as sound and away. */
export const tripTrial = (id: string, at: string, title: string, words: readonly string[], steps: readonly string[], stems: readonly string[], opens: readonly string[]): SeenTest => seen({
  id, point: at, title, words, need: 'proven-dead', minutes: 6, risk: 2, steps, cautions: ['Ends apart and made safe; reset once, from the side, nobody near them.'],
  outcomes: [outcome('holds', 'holds'), outcome('trips', 'still trips', 'trip')], usual: [0.97, 0.03], given: { 'effect:trips-breaker': [0.02, 0.98] },
  trial: { watch: 'effect', opens: true, change: healthy => openBelow(healthy, stems, opens) },
})

export function openBelow(healthy: Figures, stems: readonly string[], opens: readonly string[]): Figures {
  const out: Record<string, number> = {}
  for (const key of keysUnder(healthy, stems)) out[key] = healthy[key]!
  for (const key of opens) out[key] = 1e10
  return out
}

const under = new WeakMap<Figures, Map<readonly string[], readonly string[]>>()

/** The figures whose keys begin with one of the stems; looked up once for each list of stems. */
function keysUnder(figures: Figures, stems: readonly string[]): readonly string[] {
  const known = under.get(figures) ?? new Map<readonly string[], readonly string[]>()
  under.set(figures, known)
  const keys = known.get(stems) ?? Object.keys(figures).filter(k => stems.some(s => k.startsWith(s)))
  known.set(stems, keys)
  return keys
}

/** A part swapped for a known good one, or bridged: how does it behave then? */
export const swapTrial = (t: Omit<SeenRow, 'outcomes' | 'usual' | 'given' | 'trial'>, stems: readonly string[], closed: Figures = {}): SeenTest => seen({
  ...t,
  outcomes: [outcome('runs', 'runs', 'running', 'starts'), outcome('groans', 'groans, hums', 'hums', 'groan'), outcome('silent', 'nothing', 'dead', 'no change'), outcome('trips', 'trips', 'trip')],
  usual: [0.4, 0.2, 0.3, 0.1],
  given: {
    'effect:runs': [0.96, 0.02, 0.01, 0.01], 'effect:runs-dry': [0.94, 0.03, 0.02, 0.01], 'effect:runs-weak': [0.94, 0.03, 0.02, 0.01], 'effect:rapid-cycles': [0.95, 0.02, 0.02, 0.01], 'effect:surges': [0.95, 0.02, 0.02, 0.01], 'effect:runs-on': [0.96, 0.02, 0.01, 0.01], 'effect:cuts-off': [0.93, 0.02, 0.04, 0.01],
    'effect:starts-alone': [0.95, 0.02, 0.02, 0.01], 'effect:trips-overload': [0.9, 0.05, 0.02, 0.03], 'effect:groans': [0.03, 0.9, 0.04, 0.03], 'effect:chatters': [0.06, 0.8, 0.12, 0.02], 'effect:silent': [0.01, 0.02, 0.96, 0.01], 'effect:trips-breaker': [0.01, 0.03, 0.06, 0.9],
  },
  trial: { watch: 'effect', change: healthy => ({ ...Object.fromEntries(keysUnder(healthy, stems).map(k => [k, healthy[k]!])), ...closed }) },
})
