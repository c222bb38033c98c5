/**
 * A book file read as it comes, so that a large one is never held whole: its head, its sites without their systems,
 * its systems without their tabs, its tabs, the lines of its ledger, and the pictures of an archive, one at a time.
 */
import { JSONParser } from '@streamparser/json'
import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate'
import { ok, type Result } from '#core/foundation'
import { hashOf, isArchive, type BookProblem } from '#core/formats'

/** Where a piece stands in the file: a site has no system, a site or system no tab. */
export interface Piece {
  readonly site: number
  readonly system: number
  readonly tab: number
  readonly body: Readonly<Record<string, unknown>>
}
export interface Pieces {
  /** what stands at the top: format, version, anchor, practice… */
  readonly head: Readonly<Record<string, unknown>>
  readonly ledger: readonly unknown[]
  readonly pieces: readonly Piece[]
  /** whole pictures by the hash of their bytes */
  readonly pictures: readonly (readonly [hash: string, bytes: Uint8Array])[]
}

const [BOOK, FOLDER] = ['book.json', 'attachments/']
const PATHS = ['$.*', '$.ledger.*', '$.sites.*', '$.sites.*.systems.*', '$.sites.*.systems.*.tabs.*']

export interface PieceReader {
  /** @returns what came whole with these bytes */
  push(bytes: Uint8Array): Result<Pieces, BookProblem>
  /** once no more comes */
  end(): Result<Pieces, BookProblem>
}

export function createPieceReader(): PieceReader {
  let taken = empty()
  let problem: BookProblem | undefined
  const json = createJson((what) => {
    problem ??= add(taken, what)
  })
  let zip: ReturnType<typeof createZip> | undefined
  let began = false
  const give = (): Result<Pieces, BookProblem> => {
    if (problem) return { ok: false, problem }
    const given = taken
    taken = empty()
    return ok(given)
  }
  const guard = (work: () => BookProblem | undefined) => {
    try {
      const told = work()
      // what it came upon meanwhile comes first
      problem ??= told
    }
    catch (error) {
      const why = error instanceof Error ? error.message : 'unreadable'
      problem ??= zip ? { code: 'torn-archive', facts: { why } } : { code: 'not-json', facts: { why } }
    }
    return give()
  }
  return {
    push: bytes => guard(() => {
      if (!began) {
        began = true
        if (isArchive(bytes)) zip = createZip(json.push, (hash, content) => taken.pictures.push([hash, content]))
      }
      return zip ? zip.push(bytes) : json.push(bytes)
    }),
    end: () => guard(() => zip?.end() ?? json.end()),
  }
}

interface Taken {
  readonly head: Record<string, unknown>
  readonly ledger: unknown[]
  readonly pieces: Piece[]
  readonly pictures: (readonly [string, Uint8Array])[]
}
const empty = (): Taken => ({ head: {}, ledger: [], pieces: [], pictures: [] })

interface Told {
  /** keys from the top down to the value */
  readonly path: readonly (string | number)[]
  readonly value: unknown
}

/** Lists of the book, by how many keys lead to what stands in them: each of what stands over it. */
const LISTS = ['sites', 'systems', 'tabs'] as const

function add(into: Taken, { path, value }: Told): BookProblem | undefined {
  const [top, site = HERE, , system = HERE, , tab = HERE] = path
  if (top === 'ledger' || top === 'sites') {
    const odd = notAList(path, value)
    if (odd) return odd
  }
  if (top === 'ledger' && path.length === 2) into.ledger.push(value)
  // a list at the top is no book: it has no names
  else if (top !== 'sites' && path.length === 1 && typeof top === 'string' && top !== 'ledger') into.head[top] = value
  else if (top === 'sites' && path.length % 2 === 0) {
    const { [LISTS[path.length / 2] ?? '']: _children, ...body } = (value ?? {}) as Record<string, unknown>
    into.pieces.push({ site: Number(site), system: Number(system), tab: Number(tab), body })
  }
  return undefined
}
const HERE = -1

/** What should be a list, or stand in one. */
function notAList(path: readonly (string | number)[], value: unknown): BookProblem | undefined {
  const said = (place: readonly (string | number)[]): BookProblem =>
    ({ code: 'bad-place', facts: { place: place.join(' › '), why: 'it is not a list' } })
  if (path.length === 1) return Array.isArray(value) ? undefined : said(path)
  if (typeof path.at(-1) !== 'number') return said(path.slice(0, -1))
  const children = LISTS[path.length / 2]
  if (path[0] !== 'sites' || !children || typeof value !== 'object' || value === null) return undefined
  const own = (value as Record<string, unknown>)[children]
  return own === undefined || Array.isArray(own) ? undefined : said([...path, children])
}

function createJson(tell: (told: Told) => void) {
  const parser = new JSONParser({ paths: PATHS, keepStack: false })
  parser.onValue = ({ value, key, parent, stack }) => {
    const path = [...stack.slice(1).map(s => s.key), key].flatMap(k => (k === undefined ? [] : [k]))
    tell({ path, value })
    // what is told is let go of: what stands over it would hold it until its own end
    if (Array.isArray(parent) && typeof key === 'number') (parent as unknown[])[key] = null
  }
  return {
    push(bytes: Uint8Array): undefined {
      if (!parser.isEnded) parser.write(bytes)
    },
    end: (): BookProblem | undefined =>
      (parser.isEnded ? undefined : { code: 'not-json', facts: { why: 'it breaks off before its end' } }),
  }
}

function createZip(
  onBook: (bytes: Uint8Array) => void, onPicture: (hash: string, bytes: Uint8Array) => void,
) {
  let problem: BookProblem | undefined
  let open = 0
  let hasBook = false
  const names: string[] = []
  const zip = new Unzip((file) => {
    names.push(file.name)
    const isBook = file.name === BOOK
    const isPicture = file.name.startsWith(FOLDER) && !file.name.endsWith('/')
    if (!isBook && !isPicture) return
    hasBook ||= isBook
    open++
    const parts: Uint8Array[] = []
    file.ondata = (error, data, final) => {
      if (error) throw error
      if (isBook) onBook(data)
      else parts.push(data.slice())
      if (!final) return
      open--
      if (isBook) return
      const bytes = joined(parts)
      const hash = hashOf(bytes)
      const told = file.name.slice(FOLDER.length).split('.')[0]
      if (hash === told) onPicture(hash, bytes)
      else problem ??= { code: 'hash-differs', facts: { name: file.name } }
    }
    file.start()
  })
  zip.register(UnzipInflate)
  zip.register(UnzipPassThrough)
  return {
    push(bytes: Uint8Array) {
      zip.push(bytes)
      return problem
    },
    end(): BookProblem | undefined {
      zip.push(new Uint8Array(), true)
      if (problem) return problem
      if (!hasBook)
        return { code: 'no-book', facts: { holds: names.slice(0, 3).join(', ') || 'nothing' } }
      return open > 0 ? { code: 'torn-archive', facts: { why: 'it breaks off before its end' } } : undefined
    },
  }
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0))
  let at = 0
  for (const p of parts) {
    all.set(p, at)
    at += p.length
  }
  return all
}
