/** Writes sites back into a book file. What was read comes back equal: lines whole, ids kept, figures with units. */
import { isKnownLine } from '#core/tab'
import { FORMAT, VERSION, type BookFile } from './book'
import { writeNameplate } from './nameplate'
import type { ReadBook } from './read'

export function writeBook(book: ReadBook): BookFile {
  return {
    format: FORMAT,
    version: VERSION,
    ...(book.company ? { company: book.company } : {}),
    ...(book.meters.length > 0 ? { meters: [...book.meters] } : {}),
    ...(book.practice.length > 0 ? { practice: [...book.practice] } : {}),
    ...(book.ledger.length > 0 ? { ledger: [...book.ledger] } : {}),
    sites: book.sites.map(({ systems, ...site }) => ({
      ...site,
      systems: systems.map(({ nameplate, plates, tabs, fitted, ...system }) => ({
        ...system,
        nameplate: writeNameplate(system.kind, nameplate),
        ...(plates.length > 0
          ? { plates: plates.map(p => ({ ...p, nameplate: writeNameplate(system.kind, p.nameplate) })) }
          : {}),
        ...(fitted.length > 0 ? { fitted: [...fitted] } : {}),
        tabs: tabs.map(({ id, day, by, lines }) => {
          const opened = lines.filter(isKnownLine).find(l => l.kind === 'opened')
          return {
            id,
            day,
            ...(by ? { by } : {}),
            complaint: opened?.complaint ?? 'check-up',
            words: opened?.words ?? '',
            lines: [...lines],
          }
        }),
      })),
    })),
  }
}
