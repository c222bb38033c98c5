/**
 * The air of a bladder tank: what it is to be, read with the water side at zero, and what it takes to get there.
 *   target = cut-in to be set − the practice's difference;  free air = V·ΔP/Pa;  minutes = free air over what the
 *   compressor gives
 * Worked example (repeated in the tests): 20 gal from 11 to 28 psi at sea level takes 23 gal of free air, some 3
 * minutes of a small compressor of 1 ft³/min (common practice, no source).
 */
import { drawdown } from '#core/flow'
import { FOOT, PSI } from '#core/units'

export interface TankAir {
  readonly volume: number
  readonly airPressure: number
  /** to be set, Pa gauge */
  readonly cutIn: number
  readonly cutOut: number
  /** how far under cut-in by practice, Pa */
  readonly under: number
  readonly pumpFlow: number
}

export interface AirAdvice {
  readonly target: number
  /** read last at zero, Pa; nothing where it was not */
  readonly read?: number
  readonly do: 'read' | 'add' | 'bleed' | 'leave' | 'renew-tank'
  /** Pa to add, or to let out */
  readonly change: number
  readonly minutes: number
  /** where it stands over cut-in: change the air, or change the switch; what each leaves in the tank, m³ */
  readonly waysOut?: { readonly air: number, readonly switchTo: number, readonly raised: number }
}

/** Free air of a small compressor that a technician carries; common practice, no source. */
const SMALL_COMPRESSOR = FOOT ** 3 / 60
/** Near enough not to touch it. */
const NEAR = 1 * PSI
/** A quick gauge goes on and off; common practice, no source. */
const AT_LEAST = 1

export const airTarget = ({ cutIn, under }: Pick<TankAir, 'cutIn' | 'under'>): number =>
  Math.max(cutIn - under, 2 * PSI)

/**
 * @param read at the valve, with water at zero
 * @param water it came at the valve: the bladder is gone
 */
export function adviseAir(tank: TankAir, read: number | undefined, water = false): AirAdvice {
  const target = airTarget(tank)
  if (water) return { target, ...(read === undefined ? {} : { read }), do: 'renew-tank', change: 0, minutes: 60 }
  if (read === undefined) return { target, do: 'read', change: 0, minutes: 2 }
  const change = target - read
  if (Math.abs(change) <= NEAR) return { target, read, do: 'leave', change, minutes: 0 }
  const freeAir = (tank.volume * Math.abs(change)) / tank.airPressure
  return {
    target,
    read,
    do: change > 0 ? 'add' : 'bleed',
    change,
    minutes: Math.max(AT_LEAST, freeAir / SMALL_COMPRESSOR / 60),
    ...(read > tank.cutIn ? { waysOut: waysOutOf(tank, read) } : {}),
  }
}

/** Air over cut-in: the tank is empty before the switch calls. */
function waysOutOf(tank: TankAir, read: number): NonNullable<AirAdvice['waysOut']> {
  const { volume, airPressure, cutIn, cutOut, under } = tank
  const of = (precharge: number, low: number, high: number) =>
    drawdown({ volume, precharge, airPressure }, { cutIn: low, cutOut: high })
  const raisedBy = read + under - cutIn
  return {
    air: of(airTarget(tank), cutIn, cutOut),
    switchTo: cutIn + raisedBy,
    raised: of(read, cutIn + raisedBy, cutOut + raisedBy),
  }
}
