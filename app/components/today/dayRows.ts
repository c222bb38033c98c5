/** The day's rows, out of what the server told, what was written here since, and what the engine makes of each tab. */
import type { FollowUp, ListedTab, PlannedItem, TodayReply } from '#contracts'
import { median, type PhaseMinutes } from '#core/books'
import { layOut, proposeOrder } from '#core/day'
import type { Ledger } from '#core/ledger'
import { CHECK_WORDS, isCheck } from '~/components/sites/checkWords'
import type { Brief } from '~/workers/brief'

export interface DayRow {
  readonly item: string
  readonly to: string
  readonly title: string
  readonly site: string
  readonly siteName: string
  readonly systemName: string
  readonly standing: 'open' | 'carried' | 'due'
  readonly since: string
  readonly due?: string
  /** the working day that it was laid to */
  readonly laid?: string
  readonly note: string
  readonly hazards: readonly string[]
  /** carried for parts that are neither in van nor shop */
  readonly waits: boolean
  readonly bring: readonly string[]
  readonly planned?: Omit<PlannedItem, 'item'>
  /** from a day before that was not kept */
  readonly late?: string
  readonly minutes: PhaseMinutes
  /** whether the engine told the minutes, the shop's books did, or neither */
  readonly by: 'engine' | 'books' | 'usual'
  readonly complaint: string
  readonly brief?: Brief
}

/** Where neither the engine nor the books tell; judgement. */
const USUAL: PhaseMinutes = { isolate: 30, mend: 40, prove: 20 }
const A_LOOK: PhaseMinutes = { isolate: 0, mend: 0, prove: 15 }

export function rowsOf(reply: TodayReply, own: Ledger, briefs: ReadonlyMap<string, Brief>): readonly DayRow[] {
  const planned = new Map(reply.planned.map(p => [p.item, p]))
  const placeOf = (item: string) => own.planned(item) ?? planned.get(item)
  const placed = (item: string) => {
    const place = placeOf(item)
    if (!place?.day) return {}
    const { day, person, rank } = place
    return day < reply.today
      ? { planned: { day: reply.today, person, rank }, late: day }
      : { planned: { day, person, rank } }
  }
  const tabs = reply.tabs.map((t): DayRow => {
    const load = reply.load.filter(l => l.tab === t.id)
    const item = `tab:${t.id}`
    return {
      item,
      to: `/tabs/${t.id}`,
      title: t.words,
      site: t.siteId,
      siteName: t.siteName,
      systemName: t.systemName,
      standing: t.status === 'carried' ? 'carried' : 'open',
      since: t.openedAt,
      note: t.note,
      hazards: reply.hazards[t.siteId] ?? [],
      waits: t.status === 'carried' && load.some(l => l.stock && l.stock.van + l.stock.shop === 0),
      bring: load.map(l => l.text),
      complaint: t.complaint,
      ...placed(item),
      ...expected(t, reply, briefs.get(t.id)),
    }
  })
  return [
    ...tabs,
    ...reply.followUps.map(f => dueRow(f, reply, placed(itemOf(f)))),
    ...reply.checks.map(c => checkRow(c, reply, placed(checkItem(c)))),
  ]
}

export const itemOf = (f: FollowUp) => `due:${f.line}`

function dueRow(f: FollowUp, reply: TodayReply, place: Pick<DayRow, 'planned' | 'late'>): DayRow {
  return {
    item: itemOf(f), to: `/tabs/${f.tab}`, title: f.text, site: f.siteId, siteName: f.siteName,
    systemName: f.systemName, standing: 'due', since: f.due, due: f.due, note: '',
    hazards: reply.hazards[f.siteId] ?? [], waits: false, bring: [], complaint: 'check-up', minutes: A_LOOK,
    by: 'usual', ...place,
  }
}

export const checkItem = ({ system }: DueVisit) => `check:${system}`
type DueVisit = TodayReply['checks'][number]

/** One visit for all that falls due on a system; it opens a tab for a check-up there. */
function checkRow(c: DueVisit, reply: TodayReply, place: Pick<DayRow, 'planned' | 'late'>): DayRow {
  const named = c.checks.map(id => (isCheck(id) ? CHECK_WORDS[id][0] : id))
  const said = `Check ${named.join(', ')}`
  return {
    item: checkItem(c),
    to: `/open?site=${c.siteId}&system=${c.system}&complaint=check-up&said=${encodeURIComponent(said)}`,
    title: said, site: c.siteId, siteName: c.siteName, systemName: c.systemName, standing: 'due', since: c.due,
    due: c.due, note: '', hazards: reply.hazards[c.siteId] ?? [], waits: false, bring: [], complaint: 'check-up',
    minutes: { ...A_LOOK, prove: MINUTES_A_CHECK * (1 + c.checks.length) }, by: 'usual', laid: c.on, ...place,
  }
}
/** To get there counts as one more; judgement. */
const MINUTES_A_CHECK = 10

function expected(t: ListedTab, { expected: booked }: TodayReply, brief: Brief | undefined) {
  const own = booked[t.kind] ?? {}
  const usual = { ...USUAL, ...allBooked(booked), ...own }
  const minutes = t.status === 'carried' ? { ...usual, isolate: 0 } : usual
  return {
    minutes: { ...minutes, ...brief?.minutes },
    by: brief && Object.keys(brief.minutes).length > 0
      ? 'engine' as const
      : Object.keys(own).length > 0 ? 'books' as const : 'usual' as const,
    ...(brief ? { brief } : {}),
  }
}

/** Of all kinds, where the books know nothing of this one. */
function allBooked(booked: TodayReply['expected']): Partial<PhaseMinutes> {
  const out: Partial<Record<keyof PhaseMinutes, number>> = {}
  for (const phase of ['isolate', 'mend', 'prove'] as const) {
    const middle = median(Object.values(booked).flatMap(m => m[phase] ?? []))
    if (middle !== undefined) out[phase] = middle
  }
  return out
}

/** What stands on a day for somebody, in its order: what was put there by hand, then what is open, as proposed. */
export function rowsOn(day: string, today: string, rows: readonly DayRow[], person: string): readonly DayRow[] {
  const mine = rows.filter(r => !person || !r.planned || r.planned.person === person || !r.planned.person)
  const placed = mine.filter(r => r.planned?.day === day).toSorted((a, b) => a.planned!.rank - b.planned!.rank)
  if (day !== today) return placed
  const open = mine.filter(r => r.standing === 'open' && !r.planned)
  const order = proposeOrder(open)
  const rest = order.flatMap(item => open.filter(r => r.item === item))
  // each person's own calls together; what nobody was given last
  const byPerson = placed.toSorted((a, b) => a.planned!.person.localeCompare(b.planned!.person))
  return [...byPerson, ...rest]
}
/** Each person's calls one after another: when each begins, and when the last of them is done. */
export function timesOf(rows: readonly DayRow[], me: string): {
  readonly from: ReadonlyMap<string, number>
  readonly end: number
} {
  const whoseOf = (r: DayRow) => r.planned?.person || me
  const days = [...new Set(rows.map(whoseOf))].map(who => layOut(
    rows.filter(r => whoseOf(r) === who).map(r => ({ item: r.item, site: r.site, minutes: sumOf(r.minutes) })),
  ))
  return {
    from: new Map(days.flatMap(d => d.calls.map(c => [c.item, c.from] as const))),
    end: Math.max(0, ...days.map(d => d.end)),
  }
}

/** Carried or due, and on no day yet: what is due first. */
export const undated = (rows: readonly DayRow[]): readonly DayRow[] =>
  rows.filter(r => r.standing !== 'open' && !r.planned).toSorted((a, b) => (a.due ?? '9').localeCompare(b.due ?? '9'))

export const sumOf = ({ isolate, mend, prove }: PhaseMinutes) => isolate + mend + prove

/** `1 h 25 min` */
export function sayMinutes(minutes: number): string {
  const whole = Math.max(5, Math.round(minutes / 5) * 5)
  const [h, m] = [Math.floor(whole / 60), whole % 60]
  return [h ? `${h} h` : '', m ? `${m} min` : ''].filter(Boolean).join(' ')
}
/** `10 to isolate, 45 to mend, 30 to prove` */
export const saySplit = ({ isolate, mend, prove }: PhaseMinutes): string =>
  [[isolate, 'to isolate'], [mend, 'to mend'], [prove, 'to prove']]
    .flatMap(([m, what]) => (Number(m) >= 2.5 ? [`${Math.round(Number(m) / 5) * 5 || 5} ${what}`] : [])).join(', ')
