/** Days as tables write them: 2026-06-15, 15.6.2026, 6/15/26, 15 Jun 2026; with or without a time behind. */
export const ORDERS = ['day-first', 'month-first'] as const
export type DateOrder = (typeof ORDERS)[number]

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const ISO = /^(\d{4})-(\d{1,2})-(\d{1,2})/
const FIGURES = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})\b/
const NAMED = /^(?:(\d{1,2})\.? ([a-z]{3})[a-z]*\.?,? (\d{4}))|^(?:([a-z]{3})[a-z]*\.? (\d{1,2}),? (\d{4}))/i
const TIME = /[ T](\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*(am|pm)?/i

/** Which order the figures of a column tell; nothing where none of them does, or they tell both. */
export function orderOf(written: readonly string[]): DateOrder | undefined {
  const found = new Set<DateOrder>()
  for (const w of written) {
    const [, a, b] = FIGURES.exec(w.trim()) ?? []
    if (a && Number(a) > 12) found.add('day-first')
    if (b && Number(b) > 12) found.add('month-first')
  }
  return found.size === 1 ? [...found][0] : undefined
}

export interface ReadDate {
  /** ISO day */
  readonly day: string
  /** 14:05, where it is written */
  readonly time?: string
}

/** @returns nothing for what is no day, 30 February among it */
export function readDate(written: string, order: DateOrder): ReadDate | undefined {
  const text = written.trim()
  const parts = partsOf(text, order)
  if (!parts) return undefined
  const [y, m, d] = parts
  const date = new Date(Date.UTC(y, m - 1, d))
  if (date.getUTCFullYear() !== y || date.getUTCMonth() !== m - 1 || date.getUTCDate() !== d) return undefined
  const time = timeIn(text)
  return { day: date.toISOString().slice(0, 10), ...(time ? { time } : {}) }
}

function partsOf(text: string, order: DateOrder): readonly [y: number, m: number, d: number] | undefined {
  const iso = ISO.exec(text)
  if (iso) return [Number(iso[1]), Number(iso[2]), Number(iso[3])]
  const named = NAMED.exec(text)
  if (named) {
    const month = MONTHS.indexOf((named[2] ?? named[4] ?? '').toLowerCase()) + 1
    return [Number(named[3] ?? named[6]), month, Number(named[1] ?? named[5])]
  }
  const figures = FIGURES.exec(text)
  if (!figures) return undefined
  const [a, b, y] = [Number(figures[1]), Number(figures[2]), Number(figures[3])]
  const year = y < 100 ? 2000 + y : y
  return order === 'day-first' ? [year, b, a] : [year, a, b]
}

function timeIn(text: string): string | undefined {
  const [, h, min, half] = TIME.exec(text) ?? []
  if (!h || !min) return undefined
  const hour = (Number(h) % (half ? 12 : 24)) + (half?.toLowerCase() === 'pm' ? 12 : 0)
  return Number(min) < 60 ? `${String(hour).padStart(2, '0')}:${min}` : undefined
}
