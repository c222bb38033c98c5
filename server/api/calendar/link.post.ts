import { write } from '../../database/write'
import { handle } from '../../http/handle'
import { auditWork } from '../../services/audit'
import { bookKey } from '../../services/bookKey'
import { makeCalendarWord } from '../../services/calendarLinks'

export default handle('read', async ({ db, url, who }) => {
  await write(db, [auditWork(db, who.name, 'calendar-link-made')])
  return { word: makeCalendarWord(bookKey(url), who.person) }
})
