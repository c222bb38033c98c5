/**
 * What gives a line its place: the device's own counter and clock, and what had been seen on the tab when it was
 * written.
 */
import { CLOCK_START, tick, type Clock } from './clock'
import type { AnyLine, Line, UnplacedLine } from './lines'
import type { Stamp } from './schema'

/** A device's counter and clock as it last left them; kept by the device, together with the line that moved them. */
export interface Pen {
  readonly device: string
  readonly counter: number
  readonly clock: Clock
}

export const newPen = (device: string): Pen => ({ device, counter: 0, clock: CLOCK_START })

/** The most lines that a line names as last seen: more devices than this never write beside each other on one tab. */
const MOST_SEEN = 16

/**
 * The stamp of the next line.
 * @param now the wall, ms since 1970;
 * @param heads the lines of the tab that no other line has seen yet
 */
export function nextStamp(
  pen: Pen,
  now: number,
  heads: readonly Pick<AnyLine, 'id' | 'clock'>[],
): { readonly pen: Pen, readonly stamp: Stamp } {
  const seen = heads.slice(-MOST_SEEN)
  const next: Pen = {
    device: pen.device,
    counter: pen.counter + 1,
    clock: tick(
      pen.clock,
      now,
      seen.map(h => h.clock),
    ),
  }
  return { pen: next, stamp: { ...next, seen: seen.map(h => h.id) } }
}

/**
 * Places lines one after another, each having seen the one before: lines of a file, which are in the order in which
 * they stand. The clock follows their instants and never goes back.
 */
export function createWriter(device: string): (line: UnplacedLine) => Line {
  let pen = newPen(device)
  let last: Line | undefined
  return (line) => {
    const { pen: next, stamp } = nextStamp(pen, Date.parse(line.at), last ? [last] : [])
    pen = next
    last = { ...line, ...stamp } as Line
    return last
  }
}

/** Devices that stand for a file or for the records of version 1: their clocks were made from the lines' instants. */
export const FILE_DEVICE = 'file-'
export const isFileDevice = (device: string) => device.startsWith(FILE_DEVICE)
