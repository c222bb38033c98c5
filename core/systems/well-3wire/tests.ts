import type { SeenTest, Test } from '../types'
import { amps, ohms, row, SEEN_TESTS, SUPPLY_TESTS, volts, WATER_TESTS } from '../wells'

const BOX_OFF = 'Box lid off its base, leads free: black, red, yellow.'
const BLEED = 'Bleed through 15–20 kΩ, 2 W or more, then measure it flat. The screwdriver short is an old habit: it welds, spits and ruins the capacitor.'

const BOX_TESTS: readonly Test[] = [
  volts('box.volts', 'box', 'Volts into the control box', ['l1-l2']),
  volts('box.l1g', 'box', 'Volts into the box, leg 1 to ground', ['l1', 'l1-g', 'l1g'], 'l1g'),
  volts('box.l2g', 'box', 'Volts into the box, leg 2 to ground', ['l2', 'l2-g', 'l2g'], 'l2g'),
  amps('black.start', 'black', 'Clamp black at the start', ['start', 'starting', 'inrush'], 'starting', 'Clamp black at the box, inrush hold, and let it call.'),
  amps('black.run', 'black', 'Clamp black three seconds in', ['run', 'running', 'held', 'holds', 'stays'], 'running', 'Clamp black at the box; read it three seconds after it calls.'),
  amps('red.start', 'red', 'Clamp the red lead while it tries to start', ['start', 'starting'], 'starting', 'Clamp red at the box, inrush hold, and let it call.'),
  amps('red.run', 'red', 'Clamp red once it runs', ['run', 'running'], 'running', 'Clamp red at the box three seconds after it calls.'),
  amps('yellow.run', 'yellow', 'Clamp yellow three seconds in', ['run', 'running'], 'running', 'Clamp yellow at the box three seconds after it calls.'),
  row({ id: 'cap.farads', point: 'cap', title: 'Measure the start capacitor', words: [], condition: 'dead', quantity: 'farads', minutes: 3, meter: 'µF', need: 'discharged', steps: ['Bled and measured flat; one lead off.', 'Across the capacitor.'], cautions: [BLEED] }),
  ohms('cap.ohms', 'cap', 'Ohms across the start capacitor', ['short'], 'dead', 'discharged', 3, 'Bled; one lead off; ohms across it. It should climb and not settle near nothing.'),
  ohms('relay.ohms', 'relay', 'Ohms across the relay start contact', [], 'dead', 'discharged', 8, 'Note and pull the relay wires; across the start contact at rest.'),
  ohms('overload.ohms', 'overload', 'Ohms across the overload, reset and cool', [], 'dead', 'proven-dead', 2, 'Reset pushed and cool; across the overload.'),
  ohms('leads.by', 'leads', 'Ohms black–yellow (main winding)', ['b-y', 'y-b', 'black-yellow', 'main'], 'box-off', 'discharged', 6, `${BOX_OFF} Black to yellow.`, 'by'),
  ohms('leads.ry', 'leads', 'Ohms red–yellow (start winding)', ['r-y', 'y-r', 'red-yellow', 'start'], 'box-off', 'discharged', 6, `${BOX_OFF} Red to yellow.`, 'ry'),
  ohms('leads.rb', 'leads', 'Ohms red–black (both windings)', ['r-b', 'b-r', 'red-black', 'both'], 'box-off', 'discharged', 7, `${BOX_OFF} Red to black.`, 'rb'),
  ohms('leads.ground', 'leads', 'Megohms, any lead to ground', ['b-g', 'r-g', 'y-g', 'g', 'ground', 'earth', 'ins', 'megs'], 'box-off', 'discharged', 7, `${BOX_OFF} Each lead to ground in turn; note the lowest.`, 'ground'),
]

const at = (id: string, t: Omit<SeenTest, 'kind' | 'id' | 'need' | 'minutes' | 'risk'> & Partial<Pick<SeenTest, 'need' | 'minutes' | 'risk'>>): SeenTest => ({ kind: 'seen', id, need: 'any', minutes: 0.5, risk: 0, ...t })

const BOX_SEEN: readonly SeenTest[] = [
  at('overload-seen', {
    point: 'overload', title: 'Watch the overload', words: ['overload'], minutes: 1, steps: ['Reset it; does it hold, or let go again within seconds?'],
    outcomes: [{ id: 'holds', label: 'holds', words: ['holds', 'in', 'set'] }, { id: 'lets-go', label: 'lets go again', words: ['lets-go', 'lets go', 'trips', 'out', 'let go'] }], usual: [0.9, 0.1],
    given: { 'effect:groans': [0.05, 0.95], 'effect:runs-weak': [0.75, 0.25], 'box.relay-closed': [0.2, 0.8], 'motor.binding': [0.4, 0.6], 'box.overload-failed': [0.5, 0.5] },
  }),
  at('cap-seen', {
    point: 'cap', title: 'Look at the start capacitor', words: ['capacitor', 'cap is', 'cap looks'], minutes: 1.5, need: 'proven-dead', steps: ['Lid off, dead, hands off until bled: bulge, split, oil?'],
    outcomes: [{ id: 'sound', label: 'looks sound', words: ['sound', 'good', 'ok'] }, { id: 'bulged', label: 'bulged or split', words: ['bulged', 'split', 'leaking', 'oil', 'swollen'] }], usual: [0.96, 0.04],
    given: { 'box.cap-open': [0.45, 0.55], 'box.cap-shorted': [0.4, 0.6], 'box.cap-low': [0.7, 0.3], 'box.relay-closed': [0.7, 0.3] },
  }),
  at('relay-seen', {
    point: 'relay', title: 'Look at the relay contact', words: ['relay'], minutes: 7, need: 'discharged', steps: ['Note and pull the relay wires; open its cover and look at the start contact.'],
    outcomes: [{ id: 'clean', label: 'clean', words: ['clean', 'good'] }, { id: 'pitted', label: 'pitted or burnt', words: ['pitted', 'burnt', 'burned', 'black'] }, { id: 'welded', label: 'stuck closed', words: ['welded', 'stuck'] }], usual: [0.8, 0.18, 0.02],
    given: { 'box.relay-open': [0.1, 0.88, 0.02], 'box.relay-closed': [0.08, 0.22, 0.7] },
  }),
  at('box-seen', {
    point: 'box', title: 'Look and smell inside the box', words: ['box', 'box smells', 'smell'], minutes: 1.5, need: 'proven-dead', steps: ['Lid off, dead. Jabs, wires, smell.'],
    outcomes: [{ id: 'clean', label: 'clean', words: ['clean', 'good'] }, { id: 'burnt', label: 'burnt', words: ['burnt', 'burned', 'scorched'] }], usual: [0.93, 0.07],
    given: { 'box.terminal-burnt': [0.08, 0.92], 'box.cap-shorted': [0.7, 0.3], 'box.relay-closed': [0.75, 0.25] },
  }),
  at('trip-box-off', {
    point: 'box', title: 'Box off its base: does it still trip?', words: ['trips box off', 'box off'], minutes: 5, risk: 2, need: 'proven-dead', steps: ['Dead: box lid off its base, leads apart and safe.', 'Stand clear and reset the breaker once.'],
    outcomes: [{ id: 'holds', label: 'holds', words: ['holds'] }, { id: 'trips', label: 'still trips', words: ['trips'] }], usual: [0.97, 0.03],
    given: { 'feed.to-earth': [0.02, 0.98], 'feed.leg-to-leg': [0.02, 0.98], 'run.to-earth': [0.02, 0.98] },
  }),
]

export const TESTS: readonly Test[] = [...SUPPLY_TESTS, ...BOX_TESTS, ...WATER_TESTS, ...SEEN_TESTS, ...BOX_SEEN]
