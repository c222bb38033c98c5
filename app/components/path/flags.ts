/** Where the labels of the flags stand: above each lane, stacked where they would run into each other. */
import { LINE, WIDTH, type DrawnLane, type Flag, type Name, type PathLayout, type Placed } from './placed'

export interface FlagReading {
  readonly digits: string
  readonly unit: string
  readonly off: boolean
}
export interface FlagLabel {
  readonly flag: Flag
  readonly x: number
  readonly y: number
  readonly width: number
  readonly reading: FlagReading | undefined
}

const LANES = ['power', 'pilot', 'flow'] as const
/** Widths of a digit and of a letter of a unit, of the padding, and of the words "15 next". */
const [DIGIT, LETTER, PADDING, NEXT] = [8.4, 7.4, 22, 66]

/** @returns nought where the flag has no label */
export function labelWidth(reading: FlagReading | undefined, isNext: boolean): number {
  if (!reading) return isNext ? NEXT : 0
  return PADDING + reading.digits.length * DIGIT + reading.unit.length * LETTER
}

export function placeLabels(
  layout: PathLayout,
  isShown: (flag: Flag) => boolean,
  widthOf: (flag: Flag) => number,
  readings: ReadonlyMap<string, FlagReading>,
  notesOf: (name: Name) => readonly string[] = () => [],
): FlagLabel[] {
  const { flags, powerY, pilotY, flowY } = layout
  const rows: Record<DrawnLane, { levels: number, y: (level: number) => number }> = {
    power: { levels: 2, y: l => powerY - 58 - l * 24 },
    pilot: { levels: 1, y: () => pilotY + 42 },
    flow: { levels: 1, y: () => flowY - 58 },
  }
  // a tank's flag stands beside it: above it the switch, or the float, has its words
  const aside = (f: Flag) =>
    (f.lane !== 'flow' ? 0 : f.point.spot.part === 'valve' ? 62 : f.onGlyph === 'open-tank' ? -66 : 0)
  return LANES.flatMap((lane) => {
    const shown = flags
      .filter(f => f.lane === lane && isShown(f) && widthOf(f) > 0)
      .toSorted((a, b) => a.at[0] - b.at[0])
    const wanted = shown.map(f => ({ x: f.at[0] + aside(f), width: widthOf(f) }))
    const levels = Array.from({ length: rows[lane].levels }, (_, l) => rows[lane].y(l))
    const words = lane === 'power' ? layout.names.filter(n => n.above).map(n => boxOfNoted(n, notesOf(n))) : []
    const stacked = stackLabels(wanted, 4, WIDTH - 4, levels.length, takenBy(words, levels))
    return shown.map((flag, i) => ({
      flag,
      ...stacked[i]!,
      y: aside(flag) > 0 ? flowY - 32 : rows[lane].y(stacked[i]!.level),
      ...(lane === 'pilot' ? placeAmong(flag, widthOf(flag), layout) : {}),
      reading: readings.get(flag.point.id),
    }))
  })
}

interface Box { readonly left: number, readonly right: number, readonly top: number, readonly bottom: number }

/** Half a label's height, and how far it keeps from what stands beside it. */
const [HALF, GAP] = [11, 3]
/** Where a label may stand from its point: right or left of it, or so far above and below, straight or to a side. */
const BESIDE = 44
const DOWN = [-32, 44, 60, 76]
const ACROSS = [0, -20, 20, -40, 40, -60, 60]
const WAYS = [[BESIDE, 0], ...DOWN.flatMap(down => ACROSS.map(x => [x, down] as const)), [-BESIDE, 0]] as const

/** Between the lanes there is little room: where a label covers least of names, glyphs and points. */
export function placeAmong(flag: Flag, width: number, { placed, names, flags }: PathLayout): { x: number, y: number } {
  const taken = [
    ...placed.map(boxOfGlyph),
    ...names.map(boxOfName),
    ...flags.filter(f => f !== flag).map(f => boxOf(f.at[0], f.at[1], 16, 8)),
  ]
  const ways = WAYS.map(([across, down]) => {
    const x = flag.at[0] + across
    const y = flag.at[1] + down
    const label = boxOf(x, y, width + GAP, HALF)
    return { x, y, covered: taken.reduce((sum, t) => sum + shared(label, t), 0) }
  })
  const { x, y } = ways.reduce((best, w) => (w.covered < best.covered ? w : best))
  return { x, y }
}

const boxOf = (x: number, y: number, width: number, half: number): Box =>
  ({ left: x - width / 2, right: x + width / 2, top: y - half, bottom: y + half })
const boxOfGlyph = (p: Placed) => boxOf(p.x, p.y, p.width, p.height / 2)
/** Its words, with a line of state under them. */
function boxOfName(n: Name): Box {
  const left = n.anchor === 'start' ? n.x : n.x - (n.anchor === 'end' ? n.width : n.width / 2)
  const height = n.lines.length * LINE
  const top = n.above ? n.y - height : n.y - LINE + 2
  return { left, right: left + n.width, top, bottom: top + height + LINE }
}
/** Width of a letter of what stands by a name. */
const NOTE_LETTER = 6.9
/** The name of a motor, and what is noted over it. */
function boxOfNoted(n: Name, notes: readonly string[]): Box {
  const width = Math.max(n.width, ...notes.map(line => line.length * NOTE_LETTER))
  const top = n.y - LINE * (n.lines.length + notes.length)
  return { left: n.x - width / 2, right: n.x + width / 2, top, bottom: n.y + 4 }
}
/** Of each level what words take up. */
const takenBy = (boxes: readonly Box[], levels: readonly number[]): Taken[] =>
  levels.flatMap((y, level) => boxes.flatMap(b =>
    (b.top < y + HALF && y - HALF < b.bottom ? [{ from: b.left, to: b.right, level }] : [])))
interface Taken { readonly from: number, readonly to: number, readonly level: number }

const shared = (a: Box, b: Box) =>
  Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left))
  * Math.max(0, Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top))

export interface Label {
  readonly x: number
  readonly width: number
  readonly level: number
}

/** Puts the flags' boxes on as few levels as keep them apart; wider boxes and later points give way upwards. */
export function stackLabels(
  anchors: readonly { readonly x: number, readonly width: number }[],
  left: number,
  right: number,
  levels: number,
  before: readonly Taken[] = [],
): Label[] {
  const taken = [...before]
  return anchors.map(({ x, width }) => {
    const clamp = (v: number) => Math.max(left + width / 2, Math.min(right - width / 2, v))
    for (const shift of [0, -14, 14, -28, 28, -42, 42, -56, 56, -70, 70, -98, 98]) {
      for (let level = 0; level < levels; level++) {
        const centre = clamp(x + shift)
        const [from, to] = [centre - width / 2 - 3, centre + width / 2 + 3]
        if (taken.some(t => t.level === level && t.from < to && from < t.to)) continue
        taken.push({ from, to, level })
        return { x: centre, width, level }
      }
    }
    return { x: clamp(x), width, level: 0 }
  })
}
