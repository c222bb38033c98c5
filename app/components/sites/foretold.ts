/** What a reading's years say of the years to come, as a sentence; nothing where they say nothing. */
import { forecast, type Forecast, type Limit } from '#core/books'
import type { Nameplate } from '#core/systems'
import type { Trend } from './trendSeries'

/** Where a sound system reads, SI. */
export interface Band { readonly low: number, readonly high: number }
type Said = Limit & { readonly says: string }

const DAY = 86400e3
const dayNumber = (day: string) => Date.parse(`${day.slice(0, 10)}T00:00:00Z`) / DAY
const MONTHS = [
  'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November',
  'December',
]
const sayMonth = (day: number) => {
  const date = new Date(day * DAY)
  return `${MONTHS[date.getUTCMonth()]} ${date.getUTCFullYear()}`
}

/** In the unit of the trend: under 1 MΩ no insulation is good (handbook §4), amps by the plate, µF by the label. */
function limitOf({ id, perUnit }: Trend, nameplate: Nameplate, band: Band | undefined): Said | undefined {
  switch (id) {
    case 'leads.ground':
    case 'windings.ground':
      return { limit: 1, side: 'below', shares: true, says: 'under 1 MΩ' }
    case 'black.run': {
      const most = nameplate['motor.maxAmps'] ?? nameplate['motor.amps']
      return most ? { limit: most, side: 'above', says: 'over the plate’s amps' } : undefined
    }
    case 'cap.farads': {
      const least = nameplate['box.capLow'] ?? nameplate['motor.capLow']
      return least ? { limit: least * 1e6, side: 'below', says: 'under its label' } : undefined
    }
    case 'precharge':
    case 'flow':
      return band?.low ? { limit: band.low / perUnit, side: 'below', says: 'under its band' } : undefined
    default:
      return undefined
  }
}

/** @param band of the system in health, SI */
export function foretell(trend: Trend, nameplate: Nameplate, today: string, band?: Band): string {
  const limit = limitOf(trend, nameplate, band)
  if (!limit) return ''
  // what was read of a part that is gone, or before a repair, says nothing of the years to come
  const run = trend.points.at(-1)?.run
  const points = trend.points.filter(p => p.left && p.run === run).map(p => ({ day: dayNumber(p.day), value: p.value }))
  return say(forecast(points, limit, dayNumber(today)), limit.says, dayNumber(today))
}

function say(told: Forecast, says: string, today: number): string {
  if (told.tells !== 'meets') return ''
  const { day, earliest, latest } = told
  if (day <= today) return `By its own line it is ${says} now.`
  const span = latest === undefined
    ? `not before ${sayMonth(earliest)}`
    : `between ${sayMonth(earliest)} and ${sayMonth(latest)}`
  return `If it goes on like this it is ${says} about ${sayMonth(day)}: ${span}, by ${told.points} readings.`
}
