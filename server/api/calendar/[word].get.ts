import { connectionOf } from '../../http/connection'
import { handleAnyone, todayOf } from '../../http/handle'
import { limits } from '../../http/limits'
import { bookKey } from '../../services/bookKey'
import { admitCalendar } from '../../services/calendarLinks'
import { calendarOf } from '../../services/calendar'

/** The plan as a feed, by its signed link. */
export default handleAnyone(async ({ db, url, event }) => {
  limits.count('sheets', connectionOf(event).address)
  await admitCalendar(db, bookKey(url), getRouterParam(event, 'word') ?? '')
  setHeaders(event, { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, max-age=300' })
  return calendarOf(db, todayOf(event))
})
