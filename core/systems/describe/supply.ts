/** The supply from the nameplate: volts, hertz, how its legs stand to each other, and the wire from the panel. */
import { conductorOhms, gaugeForAmps } from '#core/standards'
import { FOOT, formatLength, formatValue } from '#core/units'
import type { NameplateKey } from '../ids'
import type { Figures } from '../figures'
import { withoutGroundWire } from '../power/groundWire'
import type { NetworkState } from '../power/pieces'
import { PANEL_DEVICES, type PanelDevice } from '../power/letGo'
import { USUAL_SUPPLIES, type SupplyForm } from '../supplies'
import type { Plate } from './plate'

export interface Supply {
  readonly form: SupplyForm
  /** between the two wires of the motor, or line to line */
  readonly volts: number
  readonly hertz: number
}

interface SupplyOptions {
  readonly neutral: boolean
  readonly phases: 1 | 3
  /** a second motor of the system, which may hang on other wires of the same panel */
  readonly further?: boolean
}

/** The supply of a motor: as the nameplate says, else the usual one for the motor's volts. Says where they differ. */
export function describeSupply(plate: Plate, motorVolts: number, o: SupplyOptions): Supply {
  const hertz = plate.value('supply.hertz') === 1 ? 50 : 60
  const usual = USUAL_SUPPLIES.find(
    s =>
      s.phases === o.phases
      && s.hertz === hertz
      && motorVolts <= s.motorsTo
      && (o.phases === 3 || s.neutral === o.neutral),
  )
  const given = plate.value('supply.volts')
  const odd = given !== undefined && Math.abs(given / motorVolts - 1) > 0.14
  const volts = (odd && o.further ? undefined : given) ?? usual?.volts ?? motorVolts
  if (odd && !o.further)
    plate.assume(
      'supply.volts',
      `a motor for ${formatValue('volts', motorVolts)} on ${formatValue('volts', given)}: it is not made for this `
      + 'supply; the readings are those it would give',
      0,
    )
  const form = formOf(volts, o)
  return { form, volts, hertz }
}

function formOf(volts: number, { phases, neutral }: SupplyOptions): SupplyForm {
  if (phases === 3) return 'three'
  if (neutral) return 'leg and neutral'
  return volts > 194 && volts < 216 ? 'two legs of three' : 'split'
}

/** How a network's figures are read: with no ground wire, what leaks to the frame finds only the soil. */
export const groundOf = (plate: Plate): ((f: Figures, state: NetworkState) => Figures) =>
  plate.value('supply.ground') === 1 ? withoutGroundWire : f => f

/** What the panel holds; a breaker where nobody has said. */
export const panelDevice = (plate: Plate, field: NameplateKey): PanelDevice =>
  PANEL_DEVICES[plate.value(field) ?? 0] ?? 'breaker'

/** Ohms of the wire from the panel, one way. @param at names the breaker's fields */
export function feedOhmsOf(
  plate: Plate,
  amps: number,
  at: (field: 'feedLength' | 'feedGauge') => NameplateKey,
): number {
  const gauge = plate.value(at('feedGauge')) ?? Math.min(12, gaugeForAmps(1.25 * amps))
  const metres = plate.take(
    at('feedLength'),
    60 * FOOT,
    `length from the breaker not given: ${formatLength(60 * FOOT, plate.units)} taken`,
    0.15,
  )
  return conductorOhms(gauge, metres)
}
