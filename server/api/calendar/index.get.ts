import { handle, todayOf } from '../../http/handle'
import { calendarOf } from '../../services/calendar'

export default handle('read', async ({ db, event }) => {
  setHeaders(event, {
    'content-type': 'text/calendar; charset=utf-8',
    'content-disposition': 'attachment; filename="keep-tab.ics"',
  })
  return calendarOf(db, todayOf(event))
})
