/** The papers of one tab, in the words of its screens: the customer's sheet, and the work sheet with its whole tape. */
import type { SignedSheet } from '#core/tab'
import type { TapeRow } from '~/components/tab/tapeRows'
import { VERDICT_WORDS } from '~/components/tab/verdictWords'
import { HEADS } from '~/composables/signedSheet'
import { partsOf } from '~/composables/useDrawnSheet'
import { CAUTION, fileName, type Block, type Paper } from './paper'

export interface About {
  readonly company: string
  readonly site: string
  readonly place?: string
  readonly system: string
  /** in words: 15 June 2026 */
  readonly day: string
  /** ISO */
  readonly date: string
  readonly sheet: Paper['sheet']
}

export interface SheetOf extends About {
  readonly entries: SignedSheet['entries']
  /** that it is signed, by whom, or that it is not settled yet */
  readonly standing: string
  readonly record?: string
  /** of the customer, as a data URL */
  readonly signature?: string
}

export function sheetPaper(of: SheetOf): Paper {
  const { company, site, system, day, date, entries, standing, record, signature, sheet } = of
  return {
    name: fileName(date, site, 'sheet'),
    title: `${site}: sheet of ${day}`,
    foot: [company, CAUTION].filter(Boolean).join(' · '),
    sheet,
    blocks: [
      { is: 'line', text: company, soft: true },
      { is: 'title', text: site, under: `${system} · ${day}` },
      ...entriesOf(entries),
      ...(signature ? [{ is: 'picture', data: signature, width: 180 } as const] : []),
      { is: 'line', text: standing, soft: true },
      ...(record ? [{ is: 'line', text: record, soft: true } as const] : []),
    ],
  }
}

function entriesOf(entries: SignedSheet['entries']): Block[] {
  return partsOf(entries, HEADS).flatMap(({ head, entries: own, figures }): Block[] => [
    { is: 'head', text: head },
    figures
      ? {
          is: 'rows',
          columns: [
            { head: 'Reading', width: '*' }, { head: 'Found', width: 90, right: true },
            { head: 'Left', width: 90, right: true },
          ],
          rows: own.map(e => [e.text, e.found ?? '', { text: e.left ?? '', bold: true }]),
        }
      : own.length > 1 ? { is: 'list', items: own.map(e => e.text) } : { is: 'line', text: own[0]?.text ?? '' },
  ])
}

export interface WorkOf extends About {
  readonly complaint: string
  readonly rows: readonly TapeRow[]
  readonly entries: SignedSheet['entries']
  readonly drawing?: string
}

export function workPaper(of: WorkOf): Paper {
  const { company, site, system, day, date, complaint, rows, entries, drawing, sheet } = of
  return {
    name: fileName(date, site, 'work'),
    title: `${site}: work sheet of ${day}`,
    foot: [company, CAUTION].filter(Boolean).join(' · '),
    sheet,
    blocks: [
      { is: 'line', text: company, soft: true },
      { is: 'title', text: complaint || site, under: [site, system, day].join(' · ') },
      ...(drawing ? [{ is: 'drawing', svg: drawing } as const] : []),
      { is: 'head', text: 'Tape' },
      {
        is: 'rows',
        columns: [
          { head: 'Time', width: 64 }, { head: 'Line', width: '*' }, { head: 'Figure', width: 66, right: true },
          { head: 'Verdict', width: 46 },
        ],
        rows: rows.map((r) => {
          const struck = r.struck !== undefined
          const n = r.pictures?.length ?? 0
          const told = [
            r.title, r.detail, r.ruledOut, r.slip, r.puzzle, r.struck ? `struck: ${r.struck}` : '', r.by,
            ...(r.marks ?? []), n > 0 ? `${n} ${n === 1 ? 'picture' : 'pictures'}` : '',
          ]
          return [
            [r.day, r.time].filter(Boolean).join('\n'),
            { text: told.filter(Boolean).join(' · '), struck },
            { text: [r.digits, r.unit].filter(Boolean).join(' '), bold: true, struck },
            r.verdict ? VERDICT_WORDS[r.verdict] : '',
          ]
        }),
      },
      ...entriesOf(entries.filter(e => e.head !== 'What you told us')),
    ],
  }
}
