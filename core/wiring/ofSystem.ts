/** The parts of a system that are wired terminal by terminal, each with the circuit that it stands in. */
import type { SystemModel } from '#core/systems'
import type { TabState } from '#core/tab'
import { PARTS_WIRED, type WiredPartId } from './parts'
import { wiringRecord, type WiringRecord } from './record'
import type { WiredCircuit, WiredSupply } from './circuit'

export interface WiredPlace {
  /** the component that has the terminals */
  readonly component: string
  readonly circuit: WiredCircuit
}

const BETWEEN_TAPS = 150
/** The second of the choices on a nameplate. */
const [ONE_PHASE, FIFTY, YES] = [1, 1, 1]
const isFifty = ({ nameplate }: SystemModel) => nameplate['supply.hertz'] === FIFTY

export function wiredPlaces(model: SystemModel): readonly WiredPlace[] {
  const { kind, nameplate, supplyVolts } = model
  const has = (component: string) => kind.components.some(c => c.id === component)
  const read = (...tests: readonly string[]) => {
    const test = kind.tests.find(t => tests.includes(t.id))
    return test?.kind === 'numeric' ? model.predict(0, test).mean : undefined
  }
  const hertz = isFifty(model) ? 50 : 60
  const runningAmps = read('black.run', 'amps1.run') ?? 8
  const base = {
    supply: supplyOf(model),
    volts: supplyVolts,
    hertz,
    runningAmps,
    lockedAmps: read('black.start', 'amps1.start') ?? 6 * runningAmps,
    // one pole may control a motor that is fed by two legs (430.84): then its other leg stays live
    onePoleLawful: false,
  }
  const place = (component: string, part: WiredPartId, more: Partial<WiredCircuit> = {}): WiredPlace[] =>
    has(component) ? [{ component, circuit: { ...base, part, ...more } }] : []
  const box = () => {
    const [main, start, farads] = [read('leads.by'), read('leads.ry'), read('cap.farads')]
    return {
      ...(main && start ? { startRatio: start / main } : {}),
      ...(farads && farads > 1e-6 ? { startFarads: farads } : {}),
    }
  }
  if (base.supply === 'direct')
    return [...place('switch', 'one-pole-switch'), ...place('motor', 'plug')]
  if (has('starter'))
    return place('starter', 'starter', { coilVolts: read('coil.volts') ?? supplyVolts })
  return [
    ...place('switch', 'two-pole-switch'),
    ...place('box', 'control-box', has('box') ? box() : {}),
    ...place('protector', 'protector'),
    ...place('well-switch', 'float-switch', { callsWhen: 'down', onePoleLawful: true }),
    ...(nameplate['motor.dualVoltage'] === YES ? place('motor', 'voltage-links') : []),
  ]
}

/** A motor by two hots has no neutral; at 50 Hz and under 150 V it has one. */
function supplyOf(model: SystemModel): WiredSupply {
  const { kind, nameplate, supplyVolts } = model
  if (kind.components.some(c => c.glyph === 'battery')) return 'direct'
  if (kind.components.some(c => c.id === 'starter') && nameplate['supply.phases'] !== ONE_PHASE) return 'three-phase'
  return supplyVolts < BETWEEN_TAPS || isFifty(model) ? 'line-neutral' : 'split'
}

/** The record of each part; a line that names no part is of the first that has its terminal. */
export function recordsOf(
  places: readonly WiredPlace[],
  state: TabState,
): readonly (WiredPlace & { readonly record: WiringRecord })[] {
  return places.map((place, i) => {
    const others = new Set(places.slice(0, i).flatMap(p => PARTS_WIRED[p.circuit.part].terminals))
    others.delete('g')
    return { ...place, record: wiringRecord(state, place, others) }
  })
}
