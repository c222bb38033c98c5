/**
 * The schools that a shop chooses between, each in a sentence, and what the choice changes (handbook §6, §10;
 * practice).
 */
import {
  CONTACTS,
  CUT_OFF_ADVICE,
  LEAK_DOWN_MINUTES,
  PROOF_CYCLES,
  SEALANTS,
  type ShopPractice,
} from '#core/systems'
import type { Practice } from '#core/formats'
import { formatValue, PSI, type ChosenUnit, type Units } from '#core/units'

export interface SchoolChoice {
  readonly value: string | number
  readonly label: string
  /** why one would */
  readonly says: string
}

export interface School {
  readonly key: Exclude<keyof Practice, 'units'>
  readonly title: string
  choices(units: Units): readonly SchoolChoice[]
  /** what of the product goes by it, as chosen now */
  changes(practice: ShopPractice): string
}

const PRECHARGES = [2, 3, 4, 5]
const PRECHARGE_SAYS = [
  'the usual: the tank is never quite empty when the switch calls',
  'between the schools',
  'for tanks that fill slowly after a long pipe',
  'the most that is done: under it the drawdown suffers',
]
const SEALANT_SAYS: Readonly<Record<(typeof SEALANTS)[number], string>> = {
  tape: 'clockwise seen from the end, clear of the bore; accepted on water',
  paste: 'no shreds that can reach a valve or a nipple',
}
const CONTACT_SAYS: Readonly<Record<(typeof CONTACTS)[number], string>> = {
  replace: 'contacts are a wear part: a cleaned one is back within the year',
  clean: 'a fine abrasive strip, dead, as a stop-gap: recorded as temporary',
}
const CUT_OFF_SAYS: Readonly<Record<(typeof CUT_OFF_ADVICE)[number], string>> = {
  'where-it-stays-dry':
    'a low-pressure cut-off on tanks and boosters, an underload protector where the well recovers',
  'protector-only': 'a cut-off strands a house after every outage: an underload protector restarts by itself',
}
const CUT_OFF_LABELS: Readonly<Record<(typeof CUT_OFF_ADVICE)[number], string>> = {
  'where-it-stays-dry': 'by the source',
  'protector-only': 'protector only',
}

export const SCHOOLS: readonly School[] = [
  {
    key: 'prechargeOffsetPsi',
    title: 'Precharge under cut-in',
    choices: units =>
      PRECHARGES.map((psi, i) => ({
        value: psi,
        label: formatValue('pressure', psi * PSI, units),
        says: PRECHARGE_SAYS[i] ?? '',
      })),
    changes: ({ prechargeUnderCutIn, units }) => {
      const target = formatValue('pressure', 40 * PSI - prechargeUnderCutIn, units)
      return (
        `A tank on a 40/60 switch is sound at ${target}: its band, its drawdown and what it is aired to go `
        + `by that.`
      )
    },
  },
  {
    key: 'threadSealant',
    title: 'Threads on water',
    choices: () => SEALANTS.map(value => ({ value, label: value, says: SEALANT_SAYS[value] })),
    changes: ({ threadSealant }) =>
      `Suction joints are remade with ${threadSealant === 'tape' ? 'PTFE tape' : 'pipe thread paste'}. Compressors get `
      + 'paste whatever is chosen here.',
  },
  {
    key: 'burntContacts',
    title: 'Burnt switch contacts',
    choices: () => CONTACTS.map(value => ({ value, label: value, says: CONTACT_SAYS[value] })),
    changes: ({ burntContacts }) =>
      burntContacts === 'replace'
        ? 'A burnt pole is put right by a new switch: 40 minutes.'
        : 'A burnt pole is put right by cleaning, 20 minutes, as a stop-gap.',
  },
  {
    key: 'cutOffAdvice',
    title: 'Against running dry',
    choices: () =>
      CUT_OFF_ADVICE.map(value => ({ value, label: CUT_OFF_LABELS[value], says: CUT_OFF_SAYS[value] })),
    changes: ({ cutOffAdvice }) =>
      `Where a pump ran dry the customer is advised: ${
        cutOffAdvice === 'protector-only'
          ? 'an underload protector that restarts by itself.'
          : 'a cut-off where it stays dry, a protector where the well recovers.'
      }`,
  },
  {
    key: 'proofCycles',
    title: 'Proof after a repair',
    choices: () =>
      PROOF_CYCLES.map(n => ({
        value: n,
        label: n === 1 ? '1 cycle' : `${n} cycles`,
        says: n < 3 ? 'start, run, stop and hold, seen with your own eyes' : 'for faults that come and go',
      })),
    changes: ({ proofCycles }) =>
      `The proof run asks for ` + `${proofCycles === 1 ? 'one whole cycle' : `${proofCycles} whole cycles`}.`,
  },
  {
    key: 'leakDownMinutes',
    title: 'Leak-down watched for',
    choices: () =>
      LEAK_DOWN_MINUTES.map(n => ({
        value: n,
        label: `${n} min`,
        says: n === 10 ? 'shows a running toilet or a check valve' : 'shows a weep too',
      })),
    changes: ({ leakDownMinutes }) =>
      `Leak-down tests wait ${leakDownMinutes} minutes, and what a fault would lose is reckoned over them.`,
  },
]

export const UNIT_TITLES: Readonly<
  Record<ChosenUnit, { readonly title: string, readonly us: string, readonly si: string }>
> = {
  pressure: { title: 'Pressure', us: 'psi', si: 'kPa' },
  flow: { title: 'Flow', us: 'gpm', si: 'L/min' },
  length: { title: 'Length', us: 'ft', si: 'm' },
  volume: { title: 'Volume', us: 'gal', si: 'L' },
}
