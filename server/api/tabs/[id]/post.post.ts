import { postRequest } from '#contracts'
import { write } from '../../../database/write'
import { handle, idOf, readBodyAs } from '../../../http/handle'
import { limits } from '../../../http/limits'
import { auditWork } from '../../../services/audit'
import { openOutbox } from '../../../services/outbox'
import { readSheet } from '../../../services/sheetLinks'

/** Base 64 of the largest sheet. */
const MOST = 6 * 1024 * 1024

/** Sends a settled tab's sheet, as its device has drawn it. */
export default handle('write', async ({ db, url, event, who }) => {
  limits.count('mails', who.session)
  const tab = idOf(event)
  const { to, subject, text, name, pdf } = await readBodyAs(event, postRequest, MOST)
  await readSheet(db, tab)
  const bytes = Buffer.from(pdf, 'base64')
  const told = await openOutbox(url).send({ to, subject, text, attachment: { name, type: 'application/pdf', bytes } })
  await write(db, [auditWork(db, who.name, 'sheet-sent', { tab })])
  return { told }
})
