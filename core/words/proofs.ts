/** Why a proof of dead, discharged or zero pressure does not prove, as facts into words. */
import type { Facts } from '#core/foundation'
import type { ProofFault } from '#core/tab'
import { formatValue, US, type Units } from '#core/units'

const SENTENCES: Readonly<Record<ProofFault, (value: number, units: Units) => string>> = {
  'dead-first': () => 'prove it dead first',
  'no-reading': () => 'no reading was given',
  'three-readings': () => 'it takes live, dead and live again: three readings at least',
  'source-silent': () => 'the known live source must read before and after',
  'volts-here': v => `it still reads ${formatValue('volts', v)}`,
  'capacitor-charged': v => `the capacitor still holds ${formatValue('volts', v)}`,
  'pressure-here': (v, units) => `the gauge still reads ${formatValue('pressure', v, units)}`,
}

export const sayProofFault = (why: ProofFault, value: number, units: Units = US): string =>
  SENTENCES[why](value, units)

/** The same out of the facts of a problem or a mark. */
export const sayProofFacts = (f: Facts, units: Units = US): string =>
  sayProofFault(f.why as ProofFault, Number(f.value), units)
