/** Tests that give a figure, shared by the wells. Minutes and risk are common practice, no source. */
import type { Condition, Need, NumericTest } from '../types'

type Row = Omit<NumericTest, 'kind' | 'cautions' | 'meter' | 'need' | 'risk'> & Partial<Pick<NumericTest, 'cautions' | 'meter' | 'need' | 'risk'>>

const LIVE_CAUTIONS = ['Covers off and alive: rated meter and leads, one hand, dry footing.']
const DEAD_CAUTIONS = ['Locked, and proven live–dead–live at this point.']
const WATER_CAUTIONS = ['Never air a tank beyond its plate.']

/** Alternating volts, switch calling unless said otherwise. */
export const volts = (id: string, point: string, title: string, words: readonly string[], variant?: string, condition: Condition = 'calling'): NumericTest => row({
  id, point, title, words, condition, quantity: 'volts', minutes: variant ? 0.7 : 1, meter: 'V AC, 600 V', variant, need: 'live', risk: 1, cautions: LIVE_CAUTIONS,
  steps: [`Leads on ${title.replace(/^Volts /, '')}, switch calling.`],
})

export const amps = (id: string, point: string, title: string, words: readonly string[], condition: 'starting' | 'running', step: string): NumericTest => row({
  id, point, title, words, condition, quantity: 'amps', minutes: 1.5, meter: condition === 'starting' ? 'A AC, inrush hold' : 'A AC', need: 'live', risk: condition === 'starting' ? 2 : 1,
  cautions: [...LIVE_CAUTIONS, 'ONE conductor in the jaw: round two it reads about nothing.'], steps: [step],
})

export const ohms = (id: string, point: string, title: string, words: readonly string[], condition: 'dead' | 'box-off', need: Need, minutes: number, step: string, variant?: string): NumericTest => row({
  id, point, title, words, condition, quantity: 'ohms', minutes, meter: variant === 'ground' ? 'insulation 500 V DC' : 'Ω', need, risk: 0, cautions: DEAD_CAUTIONS, steps: [step], variant,
})

export function row(r: Row): NumericTest {
  return { kind: 'numeric', need: 'any', risk: 0, meter: '', ...r }
}

/** Volts along the path: between legs and each leg to ground. */
export const SUPPLY_TESTS: readonly NumericTest[] = [
  ...alongPath('breaker', 'out of the breaker'), ...alongPath('line', 'on the switch line side'), ...alongPath('load', 'on the switch load side'),
  volts('load.idle', 'load', 'Volts on the load side, pressure over cut-out', ['idle', 'open', 'rest'], undefined, 'idle'),
  row({ id: 'pole1.drop', point: 'poles', title: 'Volts across pole 1, switch closed', words: ['1', 'one', 'p1'], condition: 'running', quantity: 'volts', minutes: 1, meter: 'V AC, lowest range', need: 'live', risk: 1, cautions: LIVE_CAUTIONS, steps: ['Line screw to load screw of pole 1 while it carries the motor.'], variant: '1' }),
  row({ id: 'pole2.drop', point: 'poles', title: 'Volts across pole 2, switch closed', words: ['2', 'two', 'p2'], condition: 'running', quantity: 'volts', minutes: 1, meter: 'V AC, lowest range', need: 'live', risk: 1, cautions: LIVE_CAUTIONS, steps: ['Line screw to load screw of pole 2 while it carries the motor.'], variant: '2' }),
  ohms('pole1.ohms', 'poles', 'Ohms across pole 1, closed by hand', ['1', 'one', 'p1'], 'dead', 'proven-dead', 2, 'One load wire off; close the contacts by hand; line screw to load screw of pole 1.', '1'),
  ohms('pole2.ohms', 'poles', 'Ohms across pole 2, closed by hand', ['2', 'two', 'p2'], 'dead', 'proven-dead', 2, 'One load wire off; close the contacts by hand; line screw to load screw of pole 2.', '2'),
]

function alongPath(point: string, where: string): NumericTest[] {
  return [
    volts(`${point}.volts`, point, `Volts ${where}`, ['l1-l2', 'legs']),
    volts(`${point}.l1g`, point, `Volts ${where}, leg 1 to ground`, ['l1', 'l1-g', 'l1g', 'leg1', 'leg 1'], 'l1g'),
    volts(`${point}.l2g`, point, `Volts ${where}, leg 2 to ground`, ['l2', 'l2-g', 'l2g', 'leg2', 'leg 2'], 'l2g'),
  ]
}

export const WATER_TESTS: readonly NumericTest[] = [
  row({ id: 'gauge', point: 'gauge', title: 'Read the gauge', words: [], condition: 'static', quantity: 'pressure', minutes: 0.3, steps: ['Read it, and tap the glass: does it move?'] }),
  row({ id: 'precharge', point: 'valve', title: 'Tank precharge', words: [], condition: 'static', quantity: 'pressure', minutes: 6, need: 'zero-pressure', meter: 'tyre gauge', cautions: WATER_CAUTIONS, steps: ['Water side at zero and a tap open.', 'Gauge on the tank air valve.'] }),
  row({ id: 'cut-in', point: 'gauge', title: 'Cut-in', words: ['cut in', 'cutin', 'cut-in', 'on at'], condition: 'running', quantity: 'pressure', minutes: 4, variant: 'cut-in', need: 'live', steps: ['Open a tap a little; note the gauge as the switch closes.'] }),
  row({ id: 'cut-out', point: 'gauge', title: 'Cut-out', words: ['cut out', 'cutout', 'cut-out', 'off at'], condition: 'running', quantity: 'pressure', minutes: 4, variant: 'cut-out', need: 'live', steps: ['Shut the tap; note the gauge as the switch opens.'], cautions: ['If it runs on past the setting, switch off: pipe can burst.'] }),
  row({ id: 'cycle', point: 'gauge', title: 'Start to start, with a tap running', words: ['cycle', 'start to start', 'cycle time'], condition: 'running', quantity: 'time', minutes: 4, variant: 'cycle', need: 'live', meter: 'stopwatch', steps: ['Run a tap at about half of what the pump gives; time from start to start.'] }),
  row({ id: 'flow', point: 'tap', title: 'Delivery at the tap', words: [], condition: 'running', quantity: 'flow', minutes: 5, need: 'live', meter: 'bucket and stopwatch', steps: ['Let it settle, then time a bucket.'] }),
]

export const SWITCH_ADJUST = { range: 'Large nut clockwise raises cut-in and cut-out together.', differential: 'Small nut clockwise raises cut-out only.' } as const
