/** Days and ids that files leave out. */
export const addDays = (day: string, days: number) => new Date(Date.parse(`${day}T00:00:00Z`) + days * 86400e3).toISOString().slice(0, 10)
export const daysBetween = (from: string, to: string) => Math.round((Date.parse(to) - Date.parse(from)) / 86400e3)

/** A stable id from content: 64-bit FNV-1a in two halves, with its kind in front. */
export function makeId(kind: string, ...parts: readonly string[]): string {
  const hash = (seed: number) => {
    let h = seed >>> 0
    for (const c of parts.join('\u0001')) h = Math.imul(h ^ c.codePointAt(0)!, 16777619) >>> 0
    return h.toString(16).padStart(8, '0')
  }
  return `${kind}-${hash(2166136261)}${hash(374761393)}`
}
