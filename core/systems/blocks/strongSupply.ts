/**
 * Volts that stand too high, and a breaker whose two wires are not on two legs; rates are common practice, no source.
 */
import { POLES, type Change, type Figures } from '../figures'
import type { FaultMode } from '../faultTypes'
import { always, degrees, fault, repair } from './faultEntry'

/** The volts of every leg, by the same share. */
export const allLegs = (h: Figures, legs: 2 | 3, by: number): Change =>
  Object.fromEntries(POLES.slice(0, legs).map(leg => [`supply.leg${leg}`, h[`supply.leg${leg}`] * by]))

export const highVolts = (legs: 2 | 3): FaultMode =>
  fault({
    id: 'supply.high-volts',
    name: 'Supply voltage high',
    baseRate: 0.006,
    severities: degrees(
      { name: '12 % high', share: 0.6, change: h => allLegs(h, legs, 1.12) },
      { name: '20 % high', share: 0.4, change: h => allLegs(h, legs, 1.2) },
    ),
    repair: repair({
      id: 'have-volts-brought-down',
      name: 'Have the utility bring the volts down',
      minutes: 20,
    }),
    causes: [],
    settledBy: 'volts at the breaker with nothing running, over a day',
  })

const landOnBothLegs = repair({
  id: 'land-on-both-legs',
  name: 'Land its two wires on the two legs',
  minutes: 25,
})

/** Two hots that are one, or one of them on the neutral bar: found after work on the panel. */
export const landedWrong = (): readonly FaultMode[] => [
  fault({
    id: 'breaker.wrong-leg',
    name: 'Both hots on the same leg of the panel',
    baseRate: 0.001,
    // a leg is counted from its own side: the other way round it is the first
    severities: always(h => ({ 'supply.leg2': -h['supply.leg1'] })),
    repair: landOnBothLegs,
    causes: [],
    settledBy: 'each leg to ground whole and nothing between them, the rest of the house all there',
  }),
  fault({
    id: 'breaker.on-neutral',
    name: 'One of its wires on the neutral bar',
    baseRate: 0.001,
    severities: always({ 'supply.leg2': 0 }),
    repair: landOnBothLegs,
    causes: [],
    settledBy: 'half the volts, one wire with none to ground, and where it is landed',
  }),
]

/** A drive ahead of it, turned down: fewer hertz, and with them the volts. */
export const slowDrive = (): FaultMode =>
  fault({
    id: 'supply.drive',
    name: 'A drive ahead of it runs it slow',
    baseRate: 0.004,
    severities: degrees(
      { name: 'nine tenths of its speed', share: 0.3, change: h => slowed(h, 0.88) },
      { name: 'three quarters', share: 0.3, change: h => slowed(h, 0.75) },
      { name: 'five eighths', share: 0.25, change: h => slowed(h, 0.62) },
      { name: 'half', share: 0.15, change: h => slowed(h, 0.5) },
    ),
    repair: repair({
      id: 'set-drive-to-rated-hertz',
      name: 'Set the drive to the motor’s hertz',
      minutes: 30,
    }),
    causes: [],
    settledBy: 'the hertz that its display shows',
  })

/**
 * Volts with the hertz, so that the field stays; flow by its speed, a pump's head and torque by the square (affinity
 * laws), a compressor's torque not at all. What switches it is fed ahead of the drive.
 */
const slowed = (h: Figures, speed: number): Change => ({
  ...allLegs(h, 3, speed),
  'motor.hertz': speed,
  'coil.rated': h['coil.rated'] * speed,
  'pump.flow': h['pump.flow'] * speed,
  ...(h['pump.shutOff']
    ? { 'pump.shutOff': h['pump.shutOff'] * speed ** 2, 'motor.load': h['motor.load'] * speed ** 2 }
    : {}),
})
