/**
 * Bands that readings are to fall in, written down from the trade's side before the model is touched: what a
 * technician with any handbook on his knees would call right. Volts, amps, ohms, µF, psi, gpm, seconds, as the trade
 * reads them. They are not to be moved after a reading; what lies outside is explained beside it (explained.ts).
 */
import type { KindId } from '#core/systems'

/** Where a band comes from. What quotes a published table does so from memory unless it says otherwise. */
export const SOURCES = {
  service: 'ANSI C84.1, service voltage ±5 %, from memory',
  drop: 'NFPA 70 210.19 note, 3 % on a branch and 5 % in all, from memory; twice that while starting',
  table: 'NFPA 70 tables 430.248, 430.250 and 430.251, from memory',
  submersible: 'submersible service figures, from memory, the cable added',
  plate: 'the plate itself: amps within full load and maximum, locked amps at plate volts',
  practice: 'common practice, no source',
  open: 'an open circuit carries nothing and reads OL',
  short: 'what is put down as the fault itself, within a meter and its leads',
  ohm: 'Ohm’s law on the plate’s figures, worked by hand',
  insulation: 'insulation of a drowned motor with its cable, common practice, no source',
  setting: 'switch within about 3 psi of its setting, common practice, no source',
  boyle: 'Boyle’s law on absolute pressures, worked by hand',
  coil: 'a coil lives between 85 and 110 % of its volts (NEMA ICS 2, from memory)',
  battery: 'a 12 V lead battery, rested and under load, common practice, no source',
} as const
export type BandSource = keyof typeof SOURCES

/** What a reading may be: from, to, and who says so; or that the meter is to show OL. */
export type ReadingBand = readonly [low: number, high: number, source: BandSource] | 'OL'
export type Bands = Readonly<Record<string, ReadingBand>>

/** One system by its nameplate, as a person would type it, and what it is to read, sound and under five faults. */
export interface PlateCase {
  readonly name: string
  readonly kind: KindId
  readonly plate: Readonly<Record<string, string | number>>
  readonly sound: Bands
  /** by fault, or by fault and degree: `switch.pole1-burnt @ 1.5 Ω` */
  readonly faults: Readonly<Record<string, Bands>>
}

export const none: ReadingBand = [0, 0.5, 'open']
export const dead: ReadingBand = [0, 2, 'practice']
export const closed: ReadingBand = [0, 0.6, 'practice']
export const contactDrop: ReadingBand = [0, 0.2, 'practice']
export const dry: ReadingBand = [2e6, Infinity, 'insulation']
