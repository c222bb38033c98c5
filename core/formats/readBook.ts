/**
 * Reads a book file into sites, systems and whole lines. Says which place of the file is wrong and why, in the user's
 * words; takes nothing from a file that it cannot take whole. Ids that the file leaves out are made from its content,
 * so reading the same file twice gives the same ids and importing it twice adds nothing.
 */
import { fail, itemAt, ok, type Result } from '#core/foundation'
import { createLedger, parseLedgerLine } from '#core/ledger'
import type { Saying } from '#core/listening'
import { isKindId, KIND_IDS, kindFor } from '#core/systems'
import { openFile } from './archive'
import { bookSchema, FORMAT, VERSION, type BookFile, type SystemFile } from './book'
import { addDays, daysBetween, makeId } from './ids'
import { parseNameplate } from './nameplate'
import type { BookProblem, ReadBook, ReadPlate, ReadSite, ReadSystem, ReadTab } from './read'
import { readTab } from './readTab'
import { placeOf, upgradeVersion1 } from './version1'

/**
 * A book as it was given, archive or plain.
 * @param layTo the day that the file's `anchor` is moved to (ISO date); without it days stay as written
 * @param sayings words placed in the shop that reads it, besides those of the file
 */
export function readFile(
  bytes: Uint8Array, layTo?: string, sayings: readonly Saying[] = [],
): Result<ReadBook, BookProblem> {
  const opened = openFile(bytes)
  if (!opened.ok) return opened
  const book = readBook(opened.value.content, layTo, sayings)
  return book.ok
    ? ok({ ...book.value, attachments: new Map([...book.value.attachments, ...opened.value.attachments]) })
    : book
}

/** @param content JSON; @param layTo @param sayings see `readFile` */
export function readBook(
  content: string, layTo?: string, sayings: readonly Saying[] = [],
): Result<ReadBook, BookProblem> {
  let json: unknown
  try {
    json = JSON.parse(content)
  }
  catch (error) {
    return fail('not-json', { why: error instanceof Error ? error.message : 'unreadable' })
  }
  const head = json as { format?: unknown, version?: unknown }
  if (typeof json !== 'object' || json === null || head.format !== FORMAT)
    // what is no text says no more than that: it may not even become one
    return fail('not-a-book', { found: typeof head?.format === 'string' ? head.format.slice(0, 60) : 'no format' })
  if (typeof head.version === 'number' && head.version > VERSION)
    return fail('newer-version', { version: head.version, reads: VERSION })
  if (head.version === 1) {
    const upgraded = upgradeVersion1(json)
    return upgraded.ok ? expand(upgraded.value.book, layTo, upgraded.value.attachments, sayings) : upgraded
  }
  const parsed = bookSchema.safeParse(json)
  return parsed.success
    ? expand(parsed.data, layTo, new Map(), sayings)
    : fail('bad-place', placeOf(itemAt(parsed.error.issues, 0, 'issue')))
}

function expand(
  book: BookFile,
  layTo: string | undefined,
  attachments: ReadonlyMap<string, Uint8Array>,
  shops: readonly Saying[],
): Result<ReadBook, BookProblem> {
  const shift = layTo && book.anchor ? daysBetween(book.anchor, layTo) : 0
  const day = (d: string) => addDays(d, shift)
  const sayings = [...shops, ...sayingsOf(book.ledger ?? [])]
  const sites: ReadSite[] = []
  for (const site of book.sites) {
    const siteId = site.id ?? makeId('site', site.name)
    const systems: ReadSystem[] = []
    for (const system of site.systems) {
      const where = `${site.name} › ${system.name}`
      if (!isKindId(system.kind))
        return fail('unknown-kind', { place: where, kind: system.kind, known: KIND_IDS.join(', ') })
      const nameplate = parseNameplate(system.kind, system.nameplate ?? {})
      if (!nameplate.ok)
        return fail('bad-nameplate', { place: where, ...nameplate.problem.facts, why: nameplate.problem.code })
      const plates = readPlates(system)
      if (!plates.ok)
        return fail('bad-nameplate', { place: where, ...plates.problem.facts, why: plates.problem.code })
      const systemId = system.id ?? makeId('system', siteId, system.name)
      const tabs: ReadTab[] = []
      for (const tab of system.tabs ?? []) {
        const read = readTab(kindFor(system.kind, nameplate.value), systemId, tab, shift, where, sayings)
        if (!read.ok) return read
        tabs.push(read.value)
      }
      systems.push({
        id: systemId,
        name: system.name,
        kind: system.kind,
        nameplate: nameplate.value,
        plates: plates.value,
        tabs,
        fitted: (system.fitted ?? []).map(f => ({
          ...f,
          ...(f.fitted ? { fitted: day(f.fitted) } : {}),
          ...(f.removed ? { removed: day(f.removed) } : {}),
        })),
        ...(system.location ? { location: system.location } : {}),
        ...(system.installed ? { installed: day(system.installed) } : {}),
      })
    }
    const { place, contact, access } = site
    sites.push({
      id: siteId,
      name: site.name,
      systems,
      ...(place ? { place } : {}),
      ...(contact ? { contact } : {}),
      ...(access ? { access } : {}),
    })
  }
  return ok({
    sites,
    attachments,
    practice: book.practice ?? [],
    ledger: book.ledger ?? [],
    meters: (book.meters ?? []).map(m => ({ ...m, ...(m.checked ? { checked: day(m.checked) } : {}) })),
    ...(book.company ? { company: book.company } : {}),
  })
}

/** The words that were placed where a file comes from. @param ledger its lines as they stand in the file */
export function sayingsOf(ledger: NonNullable<BookFile['ledger']>): readonly Saying[] {
  const lines = ledger.filter(l => l.kind === 'saying' || l.kind === 'struck').map(l => parseLedgerLine(l))
  return createLedger(lines.flatMap(l => (l.ok ? [l.value] : []))).sayings()
}

function readPlates({ kind, plates = [] }: SystemFile): Result<readonly ReadPlate[]> {
  const read: ReadPlate[] = []
  for (const { from, by, nameplate: written } of plates) {
    const nameplate = parseNameplate(kind, written)
    if (!nameplate.ok) return nameplate
    read.push({ from, ...(by ? { by } : {}), nameplate: nameplate.value })
  }
  return ok(read)
}
