/** Days and ids that files leave out. */
export const addDays = (day: string, days: number) =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * 86400e3).toISOString().slice(0, 10)
export const daysBetween = (from: string, to: string) => Math.round((Date.parse(to) - Date.parse(from)) / 86400e3)

/** A stable id from content: 64-bit FNV-1a in two halves, with its kind in front. */
export function makeId(kind: string, ...parts: readonly string[]): string {
  let [a, b] = [2166136261, 374761393]
  for (const c of parts.join('\u0001')) {
    const point = c.codePointAt(0)!
    a = Math.imul(a ^ point, 16777619)
    b = Math.imul(b ^ point, 16777619)
  }
  const half = (h: number) => (h >>> 0).toString(16).padStart(8, '0')
  return `${kind}-${half(a)}${half(b)}`
}
