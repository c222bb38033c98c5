/** A large book as a file: the made-up company's three years, over and over, at as many sites as are asked for. */
import { createHash } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { once } from 'node:events'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import sharp from 'sharp'
import { readBook, type BookFile, type TabFile } from '#core/formats'
import { createRandom, requireOk } from '#core/foundation'
import type { AnyLine } from '#core/tab'
import { growBook } from '../../demo/grow'

export interface World {
  readonly sites: number
  /** tabs of each site */
  readonly tabs: number
  readonly linesATab: number
  /** a site besides, with so many tabs */
  readonly longest: number
  readonly pictures: number
}
type Tab = Omit<TabFile, 'lines'> & { readonly lines: readonly AnyLine[] }

const READ = ['line.volts', 'load.volts', 'gauge']
const dayOf = (n: number) => new Date(Date.UTC(2019, 0, 1) + n * 86400e3).toISOString().slice(0, 10)

/** The grown book's tabs with whole lines, as a book that is given out has them. */
function grownTabs(book: BookFile): ReadonlyMap<string, readonly Tab[]> {
  const read = requireOk(readBook(JSON.stringify(book)))
  const lines = new Map(read.sites.flatMap(s => s.systems.map(y => [s.name, y.tabs.map(t => t.lines)] as const)))
  return new Map(book.sites.map(s => [s.name, s.systems.flatMap(y => y.tabs ?? [])
    .map((tab, i) => ({ ...tab, lines: lines.get(s.name)![i]! }))]))
}

/** A tab of the grown book on another day, with readings behind its first line until it has as many as asked for. */
function tabOf(
  { lines: [opened, ...rest], ...tab }: Tab, n: number, linesATab: number, picture?: object,
): TabFile {
  const more = Math.max(0, linesATab - 1 - rest.length)
  const day = dayOf(n % 2500)
  const begun = Date.parse(`${day}T08:00:00.000Z`)
  const readings = Array.from({ length: more }, (_, i) => ({
    kind: 'reading', test: READ[i % READ.length], value: (i % READ.length === 2 ? 280e3 : 230) + ((n + i) % 9),
  }))
  return {
    ...tab, id: `tab-world-${n}`, day,
    lines: [opened!, ...readings, ...rest].map((line, i) => ({
      ...line, ...(i === 1 && picture ? { attachments: [picture] } : {}),
      id: `line-world-${n}-${i}`, device: `dev-world-${n}`, counter: i + 1,
      at: new Date(begun + i * 60e3).toISOString(), clock: `${String(begun + i * 60e3).padStart(14, '0')}.0000`,
      seen: i > 0 ? [`line-world-${n}-${i - 1}`] : [],
    })),
  }
}

function* textOf(world: World, pictures: readonly object[]): Generator<string> {
  const book = growBook() as BookFile
  const { sites, anchor: _none, ...head } = book
  const grown = grownTabs(book)
  yield `${JSON.stringify(head).slice(0, -1)},"sites":[`
  let n = 0
  for (let s = 0; s <= world.sites; s++) {
    const like = sites[s % sites.length]!
    const own = grown.get(like.name)!
    const tabs = Array.from({ length: s === world.sites ? world.longest : world.tabs }, () => {
      const picture = n % 80 === 0 ? pictures[n / 80] : undefined
      return tabOf(own[n % own.length]!, n++, world.linesATab, picture)
    })
    const [system] = like.systems
    const site = { ...like, name: `${like.name} ${s + 1}`, systems: [{ ...system, tabs }] }
    yield (s > 0 ? ',' : '') + JSON.stringify(site)
  }
  yield ']}'
}

/** Noise, which no picture's format makes small: what a camera gives of a panel, in bytes. */
async function pictureOf(n: number): Promise<Buffer> {
  const random = createRandom(n)
  const pixels = Buffer.from(Uint8Array.from({ length: 700 * 700 * 3 }, () => random.below(256)))
  return sharp(pixels, { raw: { width: 700, height: 700, channels: 3 } }).jpeg({ quality: 80 }).toBuffer()
}

/** @returns bytes written */
export async function writeWorld(path: string, world: World): Promise<number> {
  const out = createWriteStream(path)
  const put = async (piece: string | Uint8Array) => {
    if (!out.write(piece)) await once(out, 'drain')
  }
  if (world.pictures === 0) for (const text of textOf(world, [])) await put(text)
  else {
    const zip = new Zip()
    const ready: Uint8Array[] = []
    zip.ondata = (error, bytes) => {
      if (error) throw error
      ready.push(bytes)
    }
    const drain = async () => {
      for (const bytes of ready.splice(0)) await put(bytes)
    }
    const pictures: object[] = []
    for (let i = 0; i < world.pictures; i++) {
      const bytes = await pictureOf(i + 1)
      const hash = createHash('sha256').update(bytes).digest('hex')
      pictures.push({ hash, type: 'image/jpeg', bytes: bytes.length, width: 700, height: 700 })
      const file = new ZipPassThrough(`attachments/${hash}.jpg`)
      zip.add(file)
      file.push(bytes, true)
      await drain()
    }
    const book = new ZipDeflate('book.json')
    zip.add(book)
    for (const text of textOf(world, pictures)) {
      book.push(new TextEncoder().encode(text))
      await drain()
    }
    book.push(new Uint8Array(0), true)
    zip.end()
    await drain()
  }
  out.end()
  await once(out, 'finish')
  return out.bytesWritten
}
