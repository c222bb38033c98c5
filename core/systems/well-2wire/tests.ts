import type { Test } from '../types'
import { amps, ohms, SEEN_TESTS, SUPPLY_TESTS, volts, WATER_TESTS } from '../wells'

const LEADS_OFF = 'Leads off at the well head, apart.'

const HEAD_TESTS: readonly Test[] = [
  volts('head.volts', 'head', 'Volts at the well head', ['l1-l2']),
  volts('head.l1g', 'head', 'Volts at the well head, leg 1 to ground', ['l1', 'l1-g', 'l1g'], 'l1g'),
  volts('head.l2g', 'head', 'Volts at the well head, leg 2 to ground', ['l2', 'l2-g', 'l2g'], 'l2g'),
  amps('black.start', 'black', 'Clamp one lead at the start', ['start', 'starting', 'inrush'], 'starting', 'Clamp one lead at the switch, inrush hold, and let it call.'),
  amps('black.run', 'black', 'Clamp one lead three seconds in', ['run', 'running', 'held', 'holds', 'stays'], 'running', 'Clamp one lead; read it three seconds after it calls.'),
  ohms('leads.by', 'leads', 'Ohms lead to lead', ['b-y', 'y-b', 'main', 'lead to lead', 'l-l'], 'box-off', 'proven-dead', 8, `${LEADS_OFF} Lead to lead.`, 'by'),
  ohms('leads.ground', 'leads', 'Megohms, either lead to ground', ['b-g', 'y-g', 'g', 'ground', 'earth', 'ins', 'megs'], 'box-off', 'proven-dead', 8, `${LEADS_OFF} Each lead to ground; note the lower.`, 'ground'),
  {
    kind: 'seen', id: 'cool-ohms', point: 'leads', title: 'Ohms now, and after it has cooled', words: ['cool', 'after cooling'], need: 'proven-dead', minutes: 20, risk: 0, steps: ['Lead to lead now; wait a quarter of an hour; again.'],
    outcomes: [{ id: 'same', label: 'a value both times', words: ['same', 'value'] }, { id: 'comes-back', label: 'OL now, a value later', words: ['comes-back', 'comes back'] }, { id: 'stays-ol', label: 'OL for good', words: ['stays-ol', 'stays ol'] }], usual: [0.97, 0.015, 0.015],
    given: { 'motor.overload-hot': [0.05, 0.9, 0.05], 'motor.main-open': [0.02, 0.03, 0.95], 'cable.open': [0.02, 0.03, 0.95] },
  },
  {
    kind: 'seen', id: 'trip-head-open', point: 'head', title: 'Leads off at the well head: does it still trip?', words: ['trips head open', 'head open'], need: 'proven-dead', minutes: 8, risk: 2, steps: ['Dead: leads off at the well head, apart and safe.', 'Stand clear and reset the breaker once.'],
    outcomes: [{ id: 'holds', label: 'holds', words: ['holds'] }, { id: 'trips', label: 'still trips', words: ['trips'] }], usual: [0.97, 0.03],
    given: { 'feed.to-earth': [0.02, 0.98], 'feed.leg-to-leg': [0.02, 0.98], 'run.to-earth': [0.02, 0.98] },
  },
]

export const TESTS: readonly Test[] = [...SUPPLY_TESTS, ...HEAD_TESTS, ...WATER_TESTS, ...SEEN_TESTS]
