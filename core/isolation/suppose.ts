/**
 * What the readings say of a nameplate that leaves the motor's volts open: 238 V at the line side is no fault of a
 * 115 V booster, it is a 230 V one. Only volts between the wires of the feed count, and only where they lie as near to
 * another usual supply as they lie far from the one that would be taken.
 */
import {
  USUAL_SUPPLIES,
  type Nameplate,
  type NameplateKey,
  type NumericTest,
  type SystemKind,
  type SystemModel,
} from '#core/systems'
import type { Result } from '#core/foundation'
import type { TabState } from '#core/tab'
import type { Tables } from './tables'

/** Within so much of a service voltage a reading belongs to it (utilization range of ANSI C84.1, from memory). */
const NEAR = 0.1

/** Motor volts by the supply that they usually hang on. */
const MOTOR_VOLTS: Readonly<Record<number, number>> = { 120: 115, 208: 208, 240: 230, 400: 400, 480: 460, 600: 575 }

/**
 * The tables of a tab's system: those of its nameplate, or of what the lines make of it.
 * @param prepare makes them, or has them; with the fields that were supposed
 */
export function prepareWith(
  nameplate: Nameplate,
  state: Pick<TabState, 'evidence'>,
  prepare: (nameplate: Nameplate, supposed: readonly NameplateKey[]) => Result<Tables>,
): Result<Tables> {
  const plain = prepare(nameplate, [])
  if (!plain.ok) return plain
  const { model } = plain.value
  const supposed = supposePlate(model.kind, nameplate, state, model)
  return supposed === nameplate ? plain : prepare(supposed, ['motor.volts'])
}

/** The nameplate with its motor's volts supposed; the same one where nothing is to be supposed. */
export function supposePlate(
  kind: SystemKind,
  nameplate: Nameplate,
  { evidence }: Pick<TabState, 'evidence'>,
  taken: Pick<SystemModel, 'supplyVolts'>,
): Nameplate {
  if (nameplate['motor.volts'] !== undefined || nameplate['supply.volts'] !== undefined) return nameplate
  if (kind.components.some(c => c.glyph === 'battery')) return nameplate
  const fed = new Set(kind.tests.flatMap(t => (t.kind === 'numeric' && isOfFeed(t) ? [t.id] : [])))
  const read = evidence.flatMap(({ line }) =>
    line.kind === 'reading' && line.value !== null && fed.has(line.test) ? [line.value] : [])
  const most = Math.max(0, ...read)
  const isNear = (volts: number) => Math.abs(most / volts - 1) <= NEAR
  if (most === 0 || isNear(taken.supplyVolts)) return nameplate
  const phases = kind.tests.some(t => t.kind === 'numeric' && t.variant === 'v12') ? 3 : 1
  const usual = USUAL_SUPPLIES.filter(s => s.phases === phases && s.hertz === 60 && isNear(s.volts))
    .toSorted((a, b) => Math.abs(most - a.volts) - Math.abs(most - b.volts))[0]
  // a leg that is lost leaves half of the volts: less than was taken says nothing
  if (!usual || usual.volts < taken.supplyVolts) return nameplate
  return { ...nameplate, 'motor.volts': MOTOR_VOLTS[usual.volts] ?? usual.volts }
}

const isOfFeed = ({ quantity, probe, variant }: NumericTest) =>
  quantity === 'volts' && probe.ask === 'volts' && !probe.drop && (variant === undefined || /^v\d\d$/.test(variant))
