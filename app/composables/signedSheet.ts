/**
 * The customer's sheet, entry by entry: what was told, found, done and left. Signed, it stays as it was on the line
 * that settles the tab.
 */
import type { SystemOutline } from '#core/systems'
import type { Sheet, SheetFigure } from '#core/plan'
import { unread, type LineOf, type SignedSheet } from '#core/tab'
import { formatValue, type Units } from '#core/units'
import { sayOpenPoints } from '#core/words'
import { findTest, nameOf, shortTitle } from '~/components/tab/tapeRows'
import { sayDay } from '~/composables/useClock'
import type { TabView } from '~/workers/openTabs'

type Entry = SignedSheet['entries'][number]

/** The headings of the sheet, in their order; entries of one stand together. */
export const HEADS = [
  'What you told us',
  'In short',
  'What we found',
  'What we did',
  'How it was left',
  'What was proved',
  'Still open',
  'What we advise',
] as const
export type Head = (typeof HEADS)[number]

export interface SheetOptions {
  /** the version of the engine that has judged */
  readonly engine: string
  readonly sheet: Sheet
  readonly summary?: string | undefined
  readonly units: Units
}

export function drawSheet(kind: SystemOutline, state: TabView, options: SheetOptions): SignedSheet {
  const { engine, sheet, summary, units } = options
  const proved = sheet.proof.items.filter(i => i.proved).map(i => i.title)
  const entries = [
    ...told(state),
    ...(summary ? [{ head: 'In short', text: summary }] : []),
    ...found(sheet.findings),
    ...done(kind, state),
    ...sheet.figures.flatMap(f => left(kind, state, f, units)),
    ...(proved.length > 0 ? [{ head: 'What was proved', text: `${proved.join('; ')}.` }] : []),
    ...sayOpenPoints(sheet).map(text => ({ head: 'Still open', text })),
    ...advised(state),
  ]
  return { engine, entries }
}

const told = ({ opened }: TabView): Entry[] =>
  opened ? [{ head: 'What you told us', text: `${opened.words}${opened.since ? ` (${opened.since})` : ''}` }] : []

const SAID = { failed: 'Failed', cause: 'Because', also: 'Also' } as const

/** As it is named; before it is signed also as it is proposed. */
function found(findings: Sheet['findings']): Entry[] {
  const entries = findings.map(f => ({
    head: 'What we found',
    text: `${SAID[f.role]}: ${[f.label, f.text === f.label ? '' : f.text].filter(Boolean).join('. ')}`,
  }))
  const open = findings.some(f => f.role === 'failed') && !findings.some(f => f.role === 'cause')
  const at = findings.findLastIndex(f => f.role === 'failed') + 1
  return open
    ? entries.toSpliced(at, 0, { head: 'What we found', text: 'Because: not yet known, the cause is still open.' })
    : entries
}

function done(kind: SystemOutline, { parts, repairs }: TabView): Entry[] {
  return [
    ...parts.map((p) => {
      const name = nameOf(kind, p.component)
      const number = p.number ? ` (${p.number})` : ''
      const what = !p.on
        ? `Took off ${p.off} on the ${name}`
        : p.on.toLowerCase() === name.toLowerCase() ? `New ${p.on}${number}` : `Fitted ${p.on}${number} on the ${name}`
      return { head: 'What we did', text: `${what}${p.temporary ? ' — temporary, to be finished' : ''}` }
    }),
    ...repairs.map(r => ({ head: 'What we did', text: `${r.text} (${nameOf(kind, r.component)})` })),
  ]
}

function left(kind: SystemOutline, { lines }: TabView, figure: SheetFigure, units: Units): Entry[] {
  const test = findTest(kind, figure.test)
  const read = (id: string | undefined) => lines.find((l): l is LineOf<'reading'> => l.id === id)
  const now = read(figure.left)
  if (!now || test?.kind !== 'numeric') return []
  const say = (l: LineOf<'reading'>) => (l.value === null ? unread(l) : formatValue(test.quantity, l.value, units))
  const was = read(figure.found)
  return [{
    head: 'How it was left',
    text: shortTitle(kind, figure.test),
    left: say(now),
    ...(was ? { found: say(was) } : {}),
  }]
}

const advised = ({ advice, followUps }: TabView): Entry[] => [
  ...advice.map(a => ({ head: 'What we advise', text: a.text })),
  ...followUps.map(f => ({ head: 'What we advise', text: `${f.text}, ${sayDay(f.due)}` })),
]
