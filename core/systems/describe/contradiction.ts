/** Which figure of a nameplate cannot be, and what is used instead, in the technician's words. */
import { formatValue } from '#core/units'

export interface Contradicted {
  readonly fullLoadAmps: number
  readonly lockedRotorAmps: number
  readonly mainOhms: number
  readonly hp: number
  readonly volts: number
}

export function contradiction(code: string, m: Contradicted): string {
  const motor = `${Number(m.hp.toPrecision(3))} hp at ${Math.round(m.volts)} V`
  const instead = 'table figures are used instead'
  switch (code) {
    case 'full-load-amps-too-low':
      return `${formatValue('amps', m.fullLoadAmps)} cannot make ${motor}: no motor is that good; ${instead}`
    case 'locked-amps-too-low':
      return `locked amps of ${formatValue('amps', m.lockedRotorAmps)} are hardly above the full-load `
        + `${formatValue('amps', m.fullLoadAmps)}: no motor of ${motor} does that; ${instead}`
    case 'main-ohms-too-high':
      return `a main winding of ${formatValue('ohms', m.mainOhms)} cannot let `
        + `${formatValue('amps', m.lockedRotorAmps)} through when locked; ${instead}`
    default:
      return `the motor's figures contradict each other (${formatValue('amps', m.fullLoadAmps)} full load, `
        + `${formatValue('amps', m.lockedRotorAmps)} locked, ${formatValue('ohms', m.mainOhms)} for ${motor}); `
        + `${instead}`
  }
}
