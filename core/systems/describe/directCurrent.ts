/** A 12 V demand pump from its nameplate: battery and return resistance, and the motor's own. */
import { conductorOhms } from '#core/standards'
import { FOOT, formatLength, formatValue } from '#core/units'
import { directFigures } from '../blocks/directPower'
import type { Change } from '../figures'
import { directNetwork, turnDirect, type MagnetMotor } from '../power/direct'
import type { StageDescription } from './description'
import type { Plate } from './plate'

export function describeDirect(plate: Plate): {
  readonly stage: StageDescription
  readonly healthy: Change
  readonly motor: MagnetMotor
} {
  const volts = plate.take('motor.volts', 12, 'motor voltage not given: 12 V taken', 0.2)
  const amps = plate.take('motor.amps', 7, 'full-load amps not given: 7 A taken', 1)
  const usual = (0.22 * volts) / amps
  let ohms = plate.take(
    'motor.armatureOhms',
    usual,
    `armature not given: ${formatValue('ohms', usual)} taken`,
    0.7,
  )
  if (ohms * amps > 0.6 * volts) {
    plate.assume(
      'motor.armatureOhms',
      `an armature of ${formatValue('ohms', ohms)} would drop more than half of ${Math.round(volts)} V at `
      + `${formatValue('amps', amps)}: ${formatValue('ohms', usual)} is used instead`,
      0.7,
    )
    ohms = usual
  }
  const motor: MagnetMotor = { ohms, emf: volts - 0.1 * amps * ohms, fullLoadAmps: amps, volts }
  const feedOhms
    = conductorOhms(
      plate.take('feed.gauge', 12, 'wire size not given: 12 AWG taken', 0.3),
      plate.take('feed.length', 15 * FOOT, `length of the feed not given: `
      + `${formatLength(15 * FOOT, plate.units)} taken`, 0.3),
    ) + 0.004
  const double = volts > 18 ? 2 : 1
  // rested and full: lead 12.7 V, lithium iron phosphate 13.3 V (common practice, no source)
  const lithium = plate.value('battery.chemistry') === 1
  const rested = double * (lithium ? 13.3 : 12.7)
  const fuseAmps = plate.value('fuse.amps') ?? 15
  return {
    motor,
    healthy: {
      ...directFigures(feedOhms),
      'battery.volts': rested,
      ...(lithium ? { 'battery.ohms': 0.008 } : {}),
    },
    stage: {
      id: '',
      prefix: '',
      supplyVolts: rested,
      power: {
        id: '',
        direct: true,
        turner: turnDirect(motor),
        guarded: ['fuse'],
        panel: { device: 'fuse', rating: fuseAmps },
        others: [],
        tripAmps: Math.max(4 * fuseAmps, 9 * amps),
        network: (f, state) => directNetwork({ motor }, f, state),
        depends: { 'leads-off': ['motor.'], 'idle': ['battery.', 'fuse.', 'panel.', 'feed.', 'switch.rest'] },
      },
      spread: {
        volts: 0.02,
        amps: plate.known.has('motor.amps') ? 0.1 : 0.18,
        locked: 0.15,
        ohms: plate.known.has('motor.armatureOhms') ? 0.12 : 0.3,
        farads: 0.06,
        runFarads: 0.06,
        flow: 0.2,
      },
      bands: {
        motorVolts: volts,
        maxAmps: 1.15 * amps,
        ampsSource: plate.known.has('motor.amps') ? 'nameplate' : 'model',
        cycle: 60,
      },
    },
  }
}
