/** A site's history: what is known of it, its systems with what is fitted, and every call with what it came to. */
import type { FittedPart, SiteReply } from '#contracts'
import type { Nameplate, SystemOutline } from '#core/systems'
import type { Units } from '#core/units'
import { labelOf, nameOf } from '~/components/tab/tapeRows'
import { FACT_WORDS } from '~/components/sites/factWords'
import { FACTS } from '#core/ledger'
import { trendsOf } from '~/components/sites/trendSeries'
import { sayDay } from '~/composables/useClock'
import type { History } from '~/workers/askedSystems'
import { CAUTION, fileName, type Block, type Paper } from './paper'

export interface HistoryOf {
  readonly company: string
  readonly reply: SiteReply
  /** of each system, in the order of the reply */
  readonly histories: readonly (History | undefined)[]
  /** of each system, as people write it */
  readonly plates: readonly Readonly<Record<string, string>>[]
  readonly date: string
  readonly units: Units
  readonly sheet: Paper['sheet']
}
export type { Nameplate }

export function sitePaper({ company, reply, histories, plates, date, units, sheet }: HistoryOf): Paper {
  const { site } = reply
  const facts = FACTS.flatMap((id) => {
    const told = reply.facts.find(f => f.fact === id)
    return told ? [[FACT_WORDS[id][0], told.text, [sayDay(told.at), told.by ?? ''].filter(Boolean).join(', ')]] : []
  })
  return {
    name: fileName(date, site.name, 'history'),
    title: `${site.name}: history`,
    foot: [company, CAUTION].filter(Boolean).join(' · '),
    sheet,
    blocks: [
      { is: 'line', text: company, soft: true },
      { is: 'title', text: site.name, under: [site.place, sayDay(date)].filter(Boolean).join(' · ') },
      ...(facts.length > 0
        ? [{
            is: 'rows',
            columns: [{ head: 'Known', width: 80 }, { head: '', width: '*' }, { head: 'Said', width: 120 }],
            rows: facts,
          } as const]
        : []),
      ...reply.systems.flatMap((entry, i) => systemBlocks(entry, histories[i], plates[i] ?? {}, units)),
    ],
  }
}

function systemBlocks(
  { system, fitted, tabs }: SiteReply['systems'][number], history: History | undefined,
  plate: Readonly<Record<string, string>>, units: Units,
): Block[] {
  const outline = history?.outline
  const fields = outline?.components.flatMap(c => (c.fields ?? []).flatMap((f) => {
    const value = plate[`${c.id}.${f.id}`]
    return value ? [`${c.name.toLowerCase()} ${f.label.toLowerCase()} ${value}`] : []
  })) ?? []
  const retired = system.retired ? `retired ${sayDay(system.retired)}` : ''
  const trends = outline && history ? trendsOf(outline, history.states, units) : []
  return [
    { is: 'head', text: [system.name, outline?.name.toLowerCase() ?? '', retired].filter(Boolean).join(' · ') },
    ...(fields.length > 0 ? [{ is: 'line', text: `Nameplate: ${fields.join('; ')}.` } as const] : []),
    ...(fitted.length > 0
      ? [{
          is: 'rows',
          columns: [
            { head: 'Part', width: '*' }, { head: 'Number', width: 90 }, { head: 'On', width: 74 },
            { head: 'Off', width: 74 },
          ],
          rows: fitted.map(f => [partOf(f, outline), f.number, sayDate(f.fitted), sayDate(f.removed)]),
        } as const]
      : []),
    ...(tabs.length > 0
      ? [{
          is: 'rows',
          columns: [
            { head: 'Call', width: 66 }, { head: 'Complaint', width: 130 }, { head: 'What it came to', width: '*' },
          ],
          rows: tabs.map(({ tab }, i) => [
            sayDay(tab.openedAt), tab.words, outline && history ? foundOn(outline, history.states[i]!, tab) : tab.note,
          ]),
        } as const]
      : [{ is: 'line', text: 'No calls yet.', soft: true } as const]),
    ...(trends.length > 0
      ? [{
          is: 'rows',
          columns: [
            { head: 'Reading', width: 120 },
            { head: 'Over the years, as left (as found in brackets)', width: '*' },
          ],
          rows: trends.map(t => [t.name, t.points.map(p =>
            `${sayDay(p.day).slice(-4)}: ${p.left ? `${p.value}` : `(${p.value})`} ${t.unit}`).join(', ')]),
        } as const]
      : []),
  ]
}

const sayDate = (day: string | null) => (day ? sayDay(day) : '')
const partOf = (f: FittedPart, outline: SystemOutline | undefined) =>
  [f.part, outline ? nameOf(outline, f.component) : f.component].filter(Boolean).join(' · ')

function foundOn(
  outline: SystemOutline, { findings, status }: History['states'][number], tab: { readonly note: string },
): string {
  const say = (head: string, list: readonly { readonly about: string, readonly text: string }[]) =>
    (list.length > 0 ? [`${head} ${list.map(f => labelOf(outline, f.about) || f.text).join(', ')}`] : [])
  const told = [
    ...say('failed:', findings.failed), ...say('because:', findings.cause), ...say('also:', findings.also),
    findings.failed.length > 0 && findings.cause.length === 0 ? 'cause still open' : '', tab.note,
    status === 'settled' ? '' : status,
  ]
  return told.filter(Boolean).join('; ')
}
