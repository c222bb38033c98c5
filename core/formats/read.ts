/** What reading a book gives, and why one cannot be read. */
import type { KindId, Nameplate } from '#core/systems'
import type { AnyLine } from '#core/tab'
import type { ArchiveProblem } from './archive'
import type { BookFile, PracticeRecord, SystemFile } from './book'

export interface ReadTab {
  readonly id: string
  readonly day: string
  readonly by?: string
  readonly lines: readonly AnyLine[]
}
/** A nameplate as it was known from an instant on. */
export interface ReadPlate {
  readonly from: string
  readonly by?: string
  readonly nameplate: Nameplate
}
export interface ReadSystem {
  readonly id: string
  readonly name: string
  readonly kind: KindId
  readonly location?: string
  readonly installed?: string
  readonly nameplate: Nameplate
  readonly plates: readonly ReadPlate[]
  readonly fitted: NonNullable<SystemFile['fitted']>
  readonly tabs: readonly ReadTab[]
}
export interface ReadSite {
  readonly id: string
  readonly name: string
  readonly place?: string
  readonly contact?: string
  readonly access?: string
  readonly systems: readonly ReadSystem[]
}
export interface ReadBook {
  readonly company?: string
  readonly meters: NonNullable<BookFile['meters']>
  readonly practice: readonly PracticeRecord[]
  readonly sites: readonly ReadSite[]
  /** as written: read one by one where they are kept (core/ledger) */
  readonly ledger: NonNullable<BookFile['ledger']>
  /** by hash */ readonly attachments: ReadonlyMap<string, Uint8Array>
}

export type BookProblem
  = | ArchiveProblem
    | {
      readonly code:
        'not-json' | 'not-a-book' | 'newer-version' | 'bad-place' | 'bad-line' | 'bad-nameplate' | 'unknown-kind'
      readonly facts: Readonly<Record<string, string | number>>
    }
