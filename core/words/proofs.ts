/** Why a proof of dead, discharged or zero pressure does not prove, as facts into words. */
import type { Facts } from '#core/foundation'
import type { ProofFault } from '#core/tab'
import { formatValue } from '#core/units'

const SENTENCES: Readonly<Record<ProofFault, (value: number) => string>> = {
  'dead-first': () => 'prove it dead first',
  'no-reading': () => 'no reading was given',
  'three-readings': () => 'it takes live, dead and live again: three readings at least',
  'source-silent': () => 'the known live source must read before and after',
  'volts-here': v => `it still reads ${formatValue('volts', v)}`,
  'capacitor-charged': v => `the capacitor still holds ${formatValue('volts', v)}`,
  'pressure-here': v => `the gauge still reads ${formatValue('pressure', v)}`,
}

export const sayProofFault = (why: ProofFault, value: number): string => SENTENCES[why](value)

/** The same out of the facts of a problem or a mark. */
export const sayProofFacts = (f: Facts): string => sayProofFault(f.why as ProofFault, Number(f.value))
