/** The shop's clock: this device's, set right by the server's, so that two devices stamp lines alike. */
let offset = 0

export function setClock(serverNow: string) {
  const server = Date.parse(serverNow)
  if (Number.isFinite(server)) offset = server - Date.now()
}

export const useClock = () => ({
  now: () => wallClock(new Date(Date.now() + offset)),
  /** one instant, as it is written and in ms since 1970 */
  stamp: () => {
    const now = Date.now() + offset
    return { now, at: wallClock(new Date(now)) }
  },
  today: () => wallClock(new Date(Date.now() + offset)).slice(0, 10),
})

/** ISO 8601 with this device's offset, so that a line shows the time on the wall where it was written. */
function wallClock(date: Date): string {
  const minutes = -date.getTimezoneOffset()
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0')
  const local = new Date(date.getTime() + minutes * 60e3).toISOString().slice(0, -1)
  return minutes === 0 ? `${local}Z` : `${local}${minutes < 0 ? '-' : '+'}${two(minutes / 60)}:${two(minutes % 60)}`
}

/** Hours and minutes as written on the line; times are the site's own wall clock. */
export const timeOf = (at: string) => at.slice(11, 16)
export const dayOf = (at: string) => at.slice(0, 10)

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
export function sayDay(day: string, today?: string): string {
  const [y, m, d] = day.slice(0, 10).split('-').map(Number)
  if (today && day.slice(0, 10) === today) return 'today'
  const text = `${d} ${MONTHS[(m ?? 1) - 1]}`
  return today && String(y) === today.slice(0, 4) ? text : `${text} ${y}`
}
