/** Files taken in by the built server: killed in the middle, and with another process on the same book. */
import { createReadStream, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { Readable } from 'node:stream'
import { createClient } from '@libsql/client'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import type { ImportReply } from '#contracts'
import { DEMO_OWNER } from '../../demo/people'
import { writeWorld } from '../bench/world'
import { forLength } from '../length'
import { DEMO_NOW, freePort, HEADERS, isUp, serveDemo, startServer, waitFor, type Served } from './drive'

const WORLD = { sites: 4, tabs: forLength({ long: 60, usual: 14 }), linesATab: 14, longest: 0, pictures: 3 }
const TABS = WORLD.sites * WORLD.tabs
let folder: string
let file: string
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'keep-tab-imports-'))
  file = join(folder, 'world.zip')
  await writeWorld(file, WORLD)
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const post = async (url: string): Promise<ImportReply> => (await fetch(`${url}/api/books`, {
  method: 'POST', headers: { ...HEADERS, 'content-type': 'application/octet-stream' },
  body: Readable.toWeb(createReadStream(file)) as BodyInit, duplex: 'half',
} as RequestInit)).json() as Promise<ImportReply>

/** Read off the book's own file: nothing that the server says. */
async function look<T>({ database }: Served, query: string): Promise<T[]> {
  const client = createClient({ url: database })
  try {
    return (await client.execute(query)).rows as T[]
  }
  finally {
    client.close()
  }
}
const count = async (served: Served, from: string) =>
  (await look<{ n: number }>(served, `SELECT count(*) AS n FROM ${from}`))[0]!.n
const going = async (served: Served) => await count(served, 'imports WHERE state IN (\'staging\', \'applying\')') > 0
/** The file's own, besides the demo's. */
const OWN = `tabs t JOIN systems y ON y.id = t.system JOIN sites s ON s.id = y.site WHERE s.name GLOB '* [1-4]'`
const LINES = `SELECT id FROM lines WHERE tab IN (SELECT t.id FROM ${OWN}) ORDER BY id`

/** What a dead run had in hand is free again after so many seconds: waited for at each kill. */
const SOON = { KEEP_TAB_IMPORT_LEASE: '3' }
/** What a book holds that took the file in without any trouble. */
async function undisturbed() {
  const served = await serveDemo()
  await post(served.url)
  await waitFor(async () => !(await going(served)), 60000, 'the file to be in')
  const lines = await look<{ id: string }>(served, LINES)
  const [told] = await look<{ counts: string }>(served, 'SELECT counts FROM imports')
  await served.remove()
  expect(JSON.parse(told!.counts)).toMatchObject({ tabs: TABS, refused: [] })
  return lines.map(l => l.id)
}
describe('a file that is taken in', () => {
  it('is in once and whole, however often the server is killed on the way', async () => {
    const expected = await undisturbed()
    const random = createRandom(7)
    const served = await serveDemo({ env: SOON })
    let kills = 0
    for (; kills < 12 && ((await count(served, OWN)) < TABS || kills < 4); kills++) {
      const begun = (await going(served)) ? undefined : post(served.url).catch(() => undefined)
      await new Promise(resolve => setTimeout(resolve, 150 + random.below(1500)))
      await served.kill()
      await begun
      await served.start()
    }
    expect(kills).toBeGreaterThan(3)
    await waitFor(async () => !(await going(served)), 60000, 'what was begun to be done')
    await post(served.url)
    await waitFor(async () => !(await going(served)), 60000, 'the file to be in')
    expect((await look<{ id: string }>(served, LINES)).map(l => l.id)).toEqual(expected)
    await waitFor(async () => await count(served, 'staged') === 0, 20000, 'what was laid by to be gone')
    await served.remove()
  }, 300_000)

  it('is gone on with by another process once the one that had it is dead, and by one at a time', async () => {
    const served = await serveDemo({ env: SOON })
    const begun = post(served.url).catch(() => undefined)
    await waitFor(() => going(served), 20000, 'it to begin')
    const port = await freePort()
    const other = startServer(served.database, port, { KEEP_TAB_NOW: DEMO_NOW, KEEP_TAB_DEMO: DEMO_OWNER, ...SOON })
    try {
      await isUp(`http://127.0.0.1:${port}`)
      const holders = async () => look<{ holder: string }>(served, 'SELECT holder FROM imports')
      const [first] = await holders()
      expect(await going(served)).toBe(true)
      expect(await holders()).toEqual([first])
      await served.kill()
      await begun
      await waitFor(async () => !(await going(served)), 90000, 'the other to go on')
      expect((await holders())[0]).not.toEqual(first)
      expect(await count(served, OWN)).toBe(TABS)
      // what was laid by for it goes once it is in
      const incoming = join(dirname(served.database.replace('file:', '')), 'incoming')
      const tidied = async () => readdirSync(incoming).length === 0 && await count(served, 'staged') === 0
      await waitFor(tidied, 20000, 'its file to be gone')
    }
    finally {
      other.kill('SIGKILL')
      await served.remove()
    }
  }, 300_000)
})
