/** Writes sites back into a book file. What was read comes back equal: lines whole, ids kept, figures with units. */
import { FORMAT, VERSION, type BookFile } from './book'
import { writeNameplate } from './nameplate'
import type { ReadBook } from './readBook'

export function writeBook(book: ReadBook): BookFile {
  return {
    format: FORMAT, version: VERSION,
    ...(book.company ? { company: book.company } : {}),
    ...(book.meters.length > 0 ? { meters: [...book.meters] } : {}),
    sites: book.sites.map(({ systems, ...site }) => ({
      ...site,
      systems: systems.map(({ nameplate, tabs, fitted, ...system }) => ({
        ...system,
        nameplate: writeNameplate(system.kind, nameplate),
        ...(fitted.length > 0 ? { fitted: [...fitted] } : {}),
        tabs: tabs.map(({ id, day, by, lines, photos }) => {
          const opened = lines.find(l => l.kind === 'opened')
          return { id, day, ...(by ? { by } : {}), complaint: opened?.complaint ?? 'check-up', words: opened?.words ?? '', lines: [...lines], ...(photos.length > 0 ? { photos: [...photos] } : {}) }
        }),
      })),
    })),
  }
}
