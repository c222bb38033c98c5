/** A day's calls in their order on one sheet, with what to load and what to look out for. */
import { sayTimeOfDay } from '#core/day'
import { sayMinutes, sumOf, type DayRow } from '~/components/today/dayRows'
import { fileName, type Paper } from './paper'

export interface DayOf {
  readonly company: string
  /** in words: Monday 15 June */
  readonly title: string
  readonly date: string
  readonly person: string
  readonly rows: readonly DayRow[]
  /** when each begins, minutes of the day */
  readonly from: ReadonlyMap<string, number>
  readonly load: readonly { readonly text: string, readonly siteName: string, readonly done: boolean }[]
  readonly sheet: Paper['sheet']
}

const joined = (...words: readonly string[]) => words.filter(Boolean).join(' · ')
const callOf = (r: DayRow) =>
  joined(r.title, ...r.hazards.map(h => `! ${h}`), r.bring.length > 0 ? `bring ${r.bring.join(', ')}` : '')
const sayLoad = (l: DayOf['load'][number]) => `${l.done ? '[x]' : '[  ]'} ${joined(l.text, l.siteName)}`

export function dayPaper({ company, title, date, person, rows, from, load, sheet }: DayOf): Paper {
  return {
    name: fileName(date, person || 'everyone', 'day'),
    title: `${title}${person ? `, ${person}` : ''}`,
    foot: [company, 'Times are what such calls usually take; work that can hurt comes before any of them.'].join(' · '),
    sheet,
    blocks: [
      { is: 'line', text: company, soft: true },
      { is: 'title', text: title, under: person || 'everyone' },
      rows.length === 0
        ? { is: 'line', text: 'No call stands on this day.' }
        : {
            is: 'rows',
            columns: [
              { head: 'About', width: 40 }, { head: 'Call', width: '*' }, { head: 'Where', width: 150 },
              { head: 'Expected', width: 62, right: true },
            ],
            rows: rows.map(r => [
              sayTimeOfDay(from.get(r.item) ?? 0),
              { text: callOf(r), bold: r.hazards.length > 0 },
              [r.siteName, r.systemName, r.planned?.person ?? ''].filter(Boolean).join(' · '),
              sayMinutes(sumOf(r.minutes)),
            ]),
          },
      ...(load.length > 0
        ? [
            { is: 'head', text: 'To load' } as const,
            { is: 'list', items: load.map(sayLoad) } as const,
          ]
        : []),
    ],
  }
}
