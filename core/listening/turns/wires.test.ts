/** Wires by themselves, each leg of three, and what lets go with some of them off. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, hearsNext, psi } from '../../../tests/told'

describe('legs to ground', () => {
  hearsAs([
    ['three-phase', '277 277 12 to ground', 'line.l1g 277 | line.l2g 277 | line.l3g 12'],
    ['three-phase', 'legs to ground 277/276/278', 'line.l1g 277 | line.l2g 276 | line.l3g 278'],
    ['three-phase', '277 each leg to ground', 'line.l1g 277 | line.l2g 277 | line.l3g 277'],
    ['three-phase', 'all three 277 to ground', 'line.l1g 277 | line.l2g 277 | line.l3g 277'],
    ['three-phase', 'A to ground 277, B 277, C 12', 'line.l1g 277 | line.l2g 277 | line.l3g 12'],
    ['three-phase', '277 to ground on A and B, 12 on C', 'line.l1g 277 | line.l2g 277 | line.l3g 12'],
    ['three-phase', 'out of the breaker 277 276 0 to ground', 'breaker.l1g 277 | breaker.l2g 276 | breaker.l3g 0'],
    ['three-phase', '478 481 479', 'line.v12 478 | line.v23 481 | line.v31 479'],
  ])
})

describe('a leg that is missing', () => {
  hearsAs([
    ['three-phase', 'leg 3 missing', 'line.l3g 0'],
    ['three-phase', 'leg C dead coming in', 'line.l3g 0'],
    ['three-phase', 'L3 is dead', 'remark'],
    ['three-phase', 'utility lost a leg last night', 'asked lost-line'],
    ['three-phase', 'no voltage on B', 'line.l2g 0'],
    ['three-phase', 'all three there', 'line.v12 usual | line.v23 usual | line.v31 usual'],
    ['three-phase', 'good three phase in', 'line.v12 usual | line.v23 usual | line.v31 usual'],
    ['three-phase', 'all three hot at the disconnect',
      'disconnect.v12 usual | disconnect.v23 usual | disconnect.v31 usual'],
    ['three-phase', 'it’s a dead short', 'leads.r12 0'],
  ])
})

describe('what lets go with wires off', () => {
  hearsNext([
    ['compressor-direct', 'trips at once', 'motor wires off, same', 'trip-motor-off trips'],
    ['compressor-direct', 'trips at once', 'motor\'s unhooked, does the same thing', 'trip-motor-off trips'],
    ['compressor-direct', 'trips at once', 'took the line wires off the switch: still goes', 'trip-switch-open trips'],
    ['compressor-direct', '240 at the line', 'motor wires off, same', 'motor.volts 240'],
    ['holding-tank', 'wires off at the switch, still trips', 'two coppers touching', 'seen-itself feed.leg-to-leg'],
    ['holding-tank', 'wires off at the switch, still trips',
      'breaker off, 0.3 ohms black to red at the panel end', 'feed.between 0.3'],
  ])
  hearsAs([
    ['well-2wire', 'breaker trips with the wires off the line side of the switch', 'trip-switch-open trips'],
    ['compressor-direct', 'cord\'s been run over by the forklift', 'terminals chafed'],
    ['holding-tank', 'both blacks are on the same screw', 'wiring-look wrong'],
  ])
})

describe('volts as it starts', () => {
  hearsNext([
    ['compressor-pilot', '231 230 232', '178 when it tries to start', 'line.start 178'],
  ])
})

describe('pressure here and there', () => {
  hearsAs([
    ['well-3wire', '57 before the reducer, 18 after it', 'tank-tap only'],
    ['well-3wire', 'gauge ahead of the reducer 57, behind it 18', 'tank-tap only'],
    ['well-3wire', '57 before the reducer, 52 after it', 'tank-tap both'],
    ['well-3wire', '18 psi at the kitchen sink, 58 at the tank', `gauge ${psi(58)} | tank-tap only`],
    ['well-3wire', 'outside faucet is strong, inside is weak', 'tank-tap only'],
    ['well-3wire', 'screen in the reducer is packed with grit', 'seen-itself house.reducer'],
    ['well-3wire', 'shut the pump off and drained her, still 40', 'gauge-agrees differ'],
  ])
  hearsNext([
    ['well-3wire', 'tank gauge 58', 'kitchen 18 psi on a test gauge', 'tank-tap only'],
    ['well-3wire', 'tank gauge 58', '54 at the kitchen sink', 'tank-tap both'],
  ])
})
