/** What the device's store holds, by its name. */
import type { DBSchema, IDBPTransaction, StoreNames } from 'idb'
import type { OpenTabRequest, ProblemReply, TabReply, TodayReply } from '#contracts'
import type { AnyLine, Line, Pen } from '#core/tab'

export type LineStanding = 'unsent' | 'kept' | 'refused'

/** A line written on this device. */
export interface OwnLine {
  readonly id: string
  readonly tab: string
  readonly counter: number
  readonly device: string
  readonly line: Line
  readonly standing: LineStanding
  readonly problem?: ProblemReply
  /** when the server acknowledged it, ms since 1970 */
  readonly keptAt?: number
}

/** A line of a tab as the server gave it. */
export interface CopiedLine {
  readonly id: string
  readonly tab: string
  readonly seq: number
  readonly received: string
  readonly sender?: string | undefined
  readonly line: AnyLine
}
export type TabCopy = Omit<TabReply, 'lines'> & { readonly id: string }
export interface HeldPicture {
  readonly hash: string
  readonly type: string
  readonly blob: Blob
  readonly standing: LineStanding
}
export interface HeldToday {
  readonly id: 'today'
  readonly at: string
  readonly reply: TodayReply
}
/** What opened a tab from here: a server that lost the tab is given it again. */
export interface HeldOpening {
  readonly tab: string
  readonly request: OpenTabRequest
}

export interface HeldReply {
  readonly path: string
  readonly at: string
  readonly reply: unknown
}

export interface Device extends DBSchema {
  self: { key: string, value: Pen & { readonly id: 'pen' } }
  lines: { key: string, value: OwnLine, indexes: { standing: LineStanding, tab: string } }
  copies: { key: string, value: CopiedLine, indexes: { tab: string } }
  tabs: { key: string, value: TabCopy }
  pictures: { key: string, value: HeldPicture }
  openings: { key: string, value: HeldOpening }
  today: { key: string, value: HeldToday }
  /** answers of the server by what was asked, for when it cannot be reached */
  replies: { key: string, value: HeldReply }
  /** pictures of version 3 and before, until they have been read (upgrade.ts) */
  photos: { key: string, value: { readonly id: string, readonly tab: string, readonly blob: Blob } }
}
export type Upgrade = IDBPTransaction<Device, StoreNames<Device>[], 'versionchange'>
