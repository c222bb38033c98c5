/**
 * What a system asks of a part: out of its nameplate and the figures it is taken to have; and of the part that comes
 * off, which alone can say some things (thread, make-up, size). Left out is what neither says.
 */
import type { Figures, Nameplate, SystemKind } from '#core/systems'
import { PSI } from '#core/units'
import { rulesOf, type Attributes, type PartTypeId } from './types'

export interface AskingSystem {
  readonly kind: SystemKind
  readonly nameplate: Nameplate
  /** its figures as sound, the nameplate's and what is assumed */
  readonly healthy: Figures
}

/** Volts that a start and a run capacitor are at least made for, on 115 V and above; common practice, no source. */
const CAP_VOLTS = { start: [125, 250], run: [250, 370] } as const
/** A gauge or a valve bears half as much again as it sees; common practice, no source. */
const MARGIN = 1.5
/** A relief opens so far over the cut-out at least, or it weeps; common practice, no source. */
export const RELIEF_OVER = 10 * PSI

/** @param off the part that comes off, as far as the shelf knows it */
export function needsOf(type: PartTypeId, system: AskingSystem, off: Attributes = {}): Attributes {
  const own = fromSystem(type, system)
  const wanted: Record<string, number> = {}
  for (const [attribute, rule] of rulesOf(type)) {
    // what the old part was counts where the system does not say
    const need = own[attribute] ?? off[attribute]
    if (need !== undefined && (rule !== 'look' || own[attribute] !== undefined)) wanted[attribute] = need
  }
  return wanted
}

function fromSystem(type: PartTypeId, { kind, nameplate, healthy }: AskingSystem): Attributes {
  const has = (component: string) => kind.components.some(c => c.id === component)
  const [volts, power, amps] = [nameplate['motor.volts'], nameplate['motor.power'], nameplate['motor.amps']]
  const [cutIn, cutOut] = [healthy['set.cutIn'], healthy['set.cutOut']]
  const phases = has('starter') && kind.id === 'three-phase' ? 3 : 1
  const hertz = nameplate['supply.hertz'] === 1 ? 50 : 60
  const motor = said({ volts, power })
  switch (type) {
    case 'pressure-switch':
      return said({
        ...(has('starter') || has('battery') ? {} : { power, poles: 2 }),
        ...(has('battery') ? { amps } : {}),
        duty: kind.medium === 'air' ? 1 : 0,
        unloader: has('unloader') ? 1 : undefined,
        maximum: cutOut,
        lowest: cutIn,
        highest: cutOut,
        cutIn,
        cutOut,
      })
    case 'start-capacitor':
    case 'run-capacitor': {
      const run = type === 'run-capacitor'
      const [low, high] = CAP_VOLTS[run ? 'run' : 'start']
      return said({ ...capacitance(nameplate, run), volts: volts && (volts < 150 ? low : high) })
    }
    case 'control-box':
    case 'start-relay':
      return motor
    case 'motor':
      return said({ ...motor, phases, amps, wires: wiresOf(kind) })
    case 'pump':
      return said({ flow: nameplate['pump.flow'], head: nameplate['pump.head'], power })
    case 'contactor':
      return said({ power, amps, hertz, coilVolts: nameplate['starter.coilVolts'], poles: phases === 3 ? 3 : 2 })
    case 'coil':
      return said({ hertz, coilVolts: nameplate['starter.coilVolts'] })
    case 'overload':
      return said({ dialLow: amps, dialHigh: amps, phases })
    case 'tank':
      return said({ volume: nameplate['tank.volume'], maximum: cutOut, precharge: healthy['tank.precharge'] })
    case 'check-valve':
      return said({ maximum: cutOut })
    case 'relief-valve':
      return said({ opens: nameplate['tank.most'] })
    case 'gauge':
      return said({ maximum: cutOut && MARGIN * cutOut })
    case 'cable':
      return said({
        gauge: nameplate['cable.gauge'],
        length: nameplate['cable.length'],
        conductors: kind.id === 'well-3wire' || phases === 3 ? 3 : 2,
        ground: 1,
        wet: has('cable') ? 1 : undefined,
      })
    case 'breaker':
      return said({ amps: nameplate['breaker.amps'], poles: phases === 3 ? 3 : volts && volts < 150 ? 1 : 2, volts })
    case 'fuse':
      return said({ amps: nameplate['fuse.amps'], volts })
    default:
      return {}
  }
}

const wiresOf = (kind: SystemKind) => (kind.id === 'well-3wire' ? 1 : kind.id === 'well-2wire' ? 0 : undefined)

function capacitance(nameplate: Nameplate, run: boolean): Partial<Record<'capLow' | 'capHigh', number>> {
  for (const component of ['box', 'motor'] as const) {
    const rated = nameplate[`${component}.runMicrofarads`]
    // ±6 % of what is on a run capacitor (handbook §4)
    if (run && rated) return { capLow: 0.94 * rated, capHigh: 1.06 * rated }
    const [low, high] = [nameplate[`${component}.capLow`], nameplate[`${component}.capHigh`]]
    if (!run && low && high) return { capLow: low, capHigh: high }
  }
  return {}
}

const said = (figures: Readonly<Record<string, number | undefined>>): Attributes =>
  Object.fromEntries(Object.entries(figures).filter(([, v]) => v !== undefined && Number.isFinite(v)))
