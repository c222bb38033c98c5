import { randomUUID } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { besideBook } from '../database/files'
import { write } from '../database/write'
import { handle } from '../http/handle'
import { askJob } from '../jobs/ask'
import { auditWork } from '../services/audit'

/** Plain JSON, or an archive where there are pictures: written in a thread, then sent. */
export default handle('read', async ({ db, url, event, files, who }) => {
  const { site } = getQuery(event)
  const of = typeof site === 'string' ? site : undefined
  const path = besideBook(url, `outgoing/${randomUUID()}`)
  await mkdir(besideBook(url, 'outgoing'), { recursive: true })
  const kind = await askJob('export', { db, files, url }, { path, site: of }).catch(async (error: unknown) => {
    await rm(path, { force: true })
    throw error
  })
  await write(db, [auditWork(db, who.name, 'exported', of ? { site: of } : {})])
  setHeaders(event, {
    'content-disposition': `attachment; filename="keep-tab.${kind}"`,
    'content-type': kind === 'zip' ? 'application/zip' : 'application/json',
  })
  const stream = createReadStream(path)
  stream.once('close', () => void rm(path, { force: true }))
  return stream
})
