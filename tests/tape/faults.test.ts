/**
 * Trials of the book itself: people who are signed in post lines while it is killed, its log is torn, it is locked,
 * full, read-only, moved away, opened by a newer program, by two processes at once, restored from a backup. Whatever
 * was acknowledged is there once, in its order, by its sender, on a chain that holds. Some in every run, 1,000 by
 * `npm run trials`.
 */
import { appendFileSync, copyFileSync, existsSync, mkdirSync, mkdtempSync, renameSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createRandom } from '#core/foundation'
import { createWriter, type AnyLine } from '#core/tab'
import { filesInMemory } from '../../server/database/files'
import { openDatabase, type OpenedDatabase } from '../../server/database/open'
import { backUp, restore } from '../../server/services/backup'
import { bookKey } from '../../server/services/bookKey'
import { addLines, heldOf, readLines } from '../../server/services/lines'
import { invite, join as joinIn } from '../../server/services/people'
import { nameDatabaseError } from '../../server/services/problems'
import { signIn, type Who } from '../../server/services/sessions'
import { openTab } from '../../server/services/tabs'
import { verifyBook } from '../../server/services/verify'
import { forLength } from '../length'
import type { Random } from './histories'

const RUNS = forLength({ long: 1000, usual: 30 })
const SEED = Number(process.env.TRIALS_SEED ?? 1127)
const STEPS = 14
const TAB = 'tab-of-faults'
const PASSPHRASE = 'wet stone and a lamp'
const FAULTS = [
  'kill', 'torn log', 'locked', 'full', 'read-only', 'moved away', 'newer', 'two processes', 'restore',
] as const
type Fault = (typeof FAULTS)[number]

const home = mkdtempSync(join(tmpdir(), 'keep-tab-faults-'))
const template = join(home, 'template.db')
const met = new Map<string, number>()
const count = (what: string) => met.set(what, (met.get(what) ?? 0) + 1)
let people: readonly Who[] = []

beforeAll(async () => {
  const { db, client } = await openDatabase(`file:${template}`, filesInMemory())
  const opening = createWriter('dev-opening')({
    id: 'line-opening', at: '2026-06-15T10:00:00.000Z', kind: 'opened', complaint: 'groans', words: 'it groans',
  })
  await openTab(db, {
    site: { id: 'site-faults', name: 'x' }, system: { id: 'system-faults', name: 'x', kind: 'well-3wire' },
    tab: { id: TAB, opened: opening },
  })
  const server: Who = { session: '', person: '', name: 'the server', role: 'owner' }
  const come = async (name: string) => {
    const { word } = await invite(db, server, name, 'technician')
    await joinIn(db, word, name, PASSPHRASE)
    return (await signIn(db, { name, passphrase: PASSPHRASE, trusted: true, device: name })).who
  }
  people = [await come('Ann'), await come('Ben')]
  await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
  client.close()
})
afterAll(() => {
  rmSync(home, { recursive: true, force: true })
  // each fault was met, and each refusal that it should lead to
  for (const what of [...FAULTS, 'book-gone', 'disk-full', 'refused as newer'])
    expect(met.get(what) ?? 0, what).toBeGreaterThan(0)
})

interface Device {
  readonly who: Who
  readonly write: (line: object) => AnyLine
  readonly own: AnyLine[]
  unsent: AnyLine[]
}

/** The book as its files, where it is opened now, and by whom. */
class Book {
  private place: string
  private handles: OpenedDatabase[] = []
  private moves = 0
  constructor(private readonly folder: string) {
    mkdirSync(folder, { recursive: true })
    this.place = join(folder, 'book.db')
    copyFileSync(template, this.place)
  }

  url = () => `file:${this.place}`
  async open() {
    this.handles.push(await openDatabase(this.url(), filesInMemory()))
  }

  handle = (random: Random) => this.handles[random.below(this.handles.length)]!
  close() {
    for (const h of this.handles.splice(0)) h.client.close()
  }

  /** Dies: what is on disk at this moment is all there is. @param torn bytes behind the last synced frame */
  async die(torn: Buffer) {
    const next = join(this.folder, `book-${++this.moves}.db`)
    for (const ending of ['', '-wal'])
      if (existsSync(this.place + ending)) copyFileSync(this.place + ending, next + ending)
    if (torn.length > 0 && existsSync(`${next}-wal`)) appendFileSync(`${next}-wal`, torn)
    this.close()
    this.place = next
    await this.open()
  }

  async goBack(backup: string) {
    this.close()
    this.place = join(this.folder, `restored-${++this.moves}`, 'book.db')
    await restore(backup, this.url())
    await this.open()
  }

  /** By a process of its own, as the commands are. */
  async apart<T>(work: (opened: OpenedDatabase) => Promise<T>): Promise<T> {
    const opened = await openDatabase(this.url(), filesInMemory())
    return work(opened).finally(() => opened.client.close())
  }

  /** Elsewhere while something is tried. */
  async away(work: () => Promise<unknown>) {
    renameSync(this.place, `${this.place}.away`)
    await work()
    renameSync(`${this.place}.away`, this.place)
  }
}

/** Posts what waits. A trouble that has a name leaves it waiting; anything else is a failure of the trial. */
async function post(book: Book, device: Device, random: Random, acknowledged: Set<string>) {
  if (device.unsent.length === 0) return
  const { session, name: sender } = device.who
  try {
    const { kept, refused } = await addLines(book.handle(random).db, TAB, device.unsent, { session, sender })
    expect(refused).toEqual([])
    kept.forEach(id => acknowledged.add(id))
    device.unsent = device.unsent.filter(l => !kept.includes(l.id))
  }
  catch (error) {
    const code = nameDatabaseError(error)?.problem.code
    if (!code) throw error
    count(code)
  }
}

async function meet(fault: Fault, book: Book, random: Random, go: () => Promise<void>, giveBack: () => Promise<void>) {
  count(fault)
  switch (fault) {
    case 'kill':
      return book.die(Buffer.alloc(0))
    case 'torn log':
      return book.die(Buffer.from(Array.from({ length: 1 + random.below(6000) }, () => random.below(256))))
    case 'locked': {
      const other = createClient({ url: book.url() })
      const lock = await other.transaction('write')
      const going = go()
      await new Promise(resolve => setTimeout(resolve, 30))
      await lock.rollback()
      other.close()
      return going
    }
    case 'full': {
      const { client } = book.handle(random)
      const pages = Number((await client.execute('PRAGMA page_count')).rows[0]![0])
      await client.execute(`PRAGMA max_page_count = ${pages}`)
      return go()
    }
    case 'read-only':
      await book.handle(random).client.execute('PRAGMA query_only = ON')
      return go()
    case 'moved away':
      return book.away(go)
    case 'newer':
      return book.apart(async ({ client }) => {
        await client.execute('INSERT INTO __drizzle_migrations (hash, created_at) VALUES (\'newer\', 9999999999999)')
        await openDatabase(book.url(), filesInMemory()).then(o => o.client.close(), () => count('refused as newer'))
        await client.execute('DELETE FROM __drizzle_migrations WHERE hash = \'newer\'')
      })
    case 'two processes':
      return book.open()
    case 'restore': {
      const to = join(home, 'backups')
      const { place } = await book.apart(({ db, url }) => backUp({ db, url, to, key: bookKey(url), most: 2 }))
      // some of what comes now is lost with the book, and comes back from the devices
      await go()
      await book.goBack(place)
      return giveBack()
    }
  }
}

async function runTrial(seed: number) {
  const random = createRandom(seed)
  const book = new Book(join(home, `trial-${seed}`))
  await book.open()
  const acknowledged = new Set<string>()
  const devices = people.map((who, i): Device =>
    ({ who, write: createWriter(`dev-${i}-${seed}`) as Device['write'], own: [], unsent: [] }))
  const write = (device: Device) => {
    const line = device.write({
      id: `line-${seed}-${device.who.name}-${device.own.length}`, at: '2026-06-15T10:00:00.000Z', kind: 'note',
      // long ones fill the pages that are there
      text: 'x'.repeat(random.below(1800)), by: device.who.name,
    })
    device.own.push(line)
    device.unsent.push(line)
  }
  const go = async () => {
    const device = devices[random.below(devices.length)]!
    for (let n = 1 + random.below(4); n > 0; n--) write(device)
    await post(book, device, random, acknowledged)
  }
  /** What a server lacks that once acknowledged it, its devices give back (app/keeper). */
  const giveBack = async () => {
    for (const device of devices) {
      const { ranges } = await heldOf(book.handle(random).db, `dev-${devices.indexOf(device)}-${seed}`)
      device.unsent = device.own.filter(l => !ranges.some(([a, b]) => l.counter >= a && l.counter <= b))
      await post(book, device, random, acknowledged)
    }
  }
  for (let step = 0; step < STEPS; step++) {
    if (random.uniform() < 0.55) await go()
    else await meet(FAULTS[random.below(FAULTS.length)]!, book, random, go, giveBack)
  }
  // whatever was in the way is over: what waits is sent
  book.close()
  await book.open()
  for (const device of devices) await post(book, device, random, acknowledged)
  const { db } = book.handle(random)
  const kept = await readLines(db, TAB)
  const ids = kept.map(k => k.line.id)
  const written = devices.flatMap(d => d.own.map(l => l.id))
  const { breaks } = await verifyBook(db)
  const ofDevice = (d: Device) => kept.filter(k => k.line.by === d.who.name)
  const outcome = {
    lost: [...acknowledged].filter(id => !ids.includes(id)),
    doubled: ids.filter((id, i) => ids.indexOf(id) !== i),
    missing: written.filter(id => !ids.includes(id)),
    disordered: devices.filter(d => ofDevice(d).some((k, i, all) => i > 0 && k.line.counter < all[i - 1]!.line.counter))
      .map(d => d.who.name),
    misnamed: devices.flatMap(d => ofDevice(d).filter(k => k.sender !== d.who.name).map(k => k.line.id)),
    breaks,
  }
  book.close()
  return { outcome, lines: kept.length }
}

describe('the book, whatever happens to it', () => {
  it(`loses and doubles nothing that it acknowledged: ${RUNS} trials`, { timeout: RUNS * 5000 }, async () => {
    let lines = 0
    for (let i = 0; i < RUNS; i++) {
      const { outcome, lines: kept } = await runTrial(SEED + i)
      lines += kept
      expect(outcome, `seed ${SEED + i}`)
        .toEqual({ lost: [], doubled: [], missing: [], disordered: [], misnamed: [], breaks: [] })
      rmSync(join(home, `trial-${SEED + i}`), { recursive: true, force: true })
    }
    console.log(`${RUNS} trials, ${lines} lines, ${[...met].map(([what, n]) => `${what} ${n}`).join(', ')}`)
  })
})
