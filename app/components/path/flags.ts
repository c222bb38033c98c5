/** Where the labels of the flags stand: above each lane, stacked where they would run into each other. */
import { WIDTH, type DrawnLane, type Flag, type PathLayout } from './placed'

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
  { flags, powerY, pilotY, flowY }: PathLayout,
  isShown: (flag: Flag) => boolean,
  widthOf: (flag: Flag) => number,
  readings: ReadonlyMap<string, FlagReading>,
): FlagLabel[] {
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
    const stacked = stackLabels(wanted, 4, WIDTH - 4, rows[lane].levels)
    return shown.map((flag, i) => ({
      flag,
      ...stacked[i]!,
      y: aside(flag) > 0 ? flowY - 32 : rows[lane].y(stacked[i]!.level),
      reading: readings.get(flag.point.id),
    }))
  })
}

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
): Label[] {
  const taken: { from: number, to: number, level: number }[] = []
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
