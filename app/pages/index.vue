<script setup lang="ts">
/** Today: the day's calls in their order with the minutes to expect, what to load, what is due; the week beside it. */
import { rankBetween, sayTimeOfDay } from '#core/day'
import { sayProblem } from '#core/words'
import { rowsOf, rowsOn, sayMinutes, sumOf, timesOf, undated, type DayRow } from '~/components/today/dayRows'
import { sayDay, timeOf } from '~/composables/useClock'
import { usePrinting } from '~/composables/usePrinter'
import { dayPaper } from '~/papers/dayPaper'
import { usePractice } from '~/stores/practice'
import { readyTabs } from '~/composables/readyTabs'
import { useKeeping } from '~/stores/keeping'
import { useLedger } from '~/stores/ledger'
import { useMe } from '~/stores/me'
import { useToday } from '~/stores/today'
import type { Brief } from '~/workers/brief'

const today = useToday()
const keeping = useKeeping()
const ledger = useLedger()
const me = useMe()
const briefs = shallowRef<ReadonlyMap<string, Brief>>(new Map())
let here = true
const stop = ledger.onKept(today.load)
onMounted(async () => {
  await today.load()
  // those of the day first, then every other that is not settled
  const onDay = rows.value.filter(r => r.item.startsWith('tab:')).map(r => r.item.slice(4))
  const ids = [...new Set([...onDay, ...(today.reply?.tabs.map(t => t.id) ?? [])])]
  await readyTabs(ids, () => here, keeping.cannotCopy, (tab, brief) => {
    briefs.value = new Map([...briefs.value, [tab, brief]])
  })
})
onBeforeUnmount(() => {
  here = false
  stop()
})
useHead({ title: 'Today · Keep Tab' })

const day = computed(() => today.reply?.today ?? '')
/** a technician's own day; everybody's for the owner and the office */
const chosen = ref<string>()
const whose = computed({
  get: () => chosen.value ?? (me.reply?.me?.role === 'technician' ? me.name : ''),
  set: (who: string) => {
    chosen.value = who
  },
})
const week = ref(false)
const all = computed(() => (today.reply ? rowsOf(today.reply, ledger.own, briefs.value) : []))
const rows = computed(() => rowsOn(day.value, day.value, all.value, whose.value))
const due = computed(() => undated(all.value))
const times = computed(() => timesOf(rows.value, mine()))
const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine']
const summary = computed(() => {
  const n = rows.value.length
  if (n === 0) return 'nothing on it'
  return `${NUMBERS[n] ?? n} ${n === 1 ? 'call' : 'calls'} · ${
    sayMinutes(rows.value.reduce((sum, r) => sum + sumOf(r.minutes), 0))} of work, done by about ${
    sayTimeOfDay(Math.ceil(times.value.end / 5) * 5)}`
})
const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']
const title = computed(() => {
  const name = DAYS[new Date(`${day.value}T00:00:00Z`).getUTCDay()]
  return name ? `${name} ${sayDay(day.value).replace(/ \d{4}$/, '')}` : 'Today'
})
const visited = computed(() => new Set(rows.value.map(r => r.site)))
const ticked = computed(() => {
  const told = new Set(today.reply?.ticked ?? [])
  for (const l of today.reply?.load ?? []) if (ledger.own.isTicked(day.value, l.what)) told.add(l.what)
  return told
})

const { busy, trouble: printing, print } = usePrinting()
const paper = () => dayPaper({
  company: today.reply?.company ?? '',
  title: title.value,
  date: day.value,
  person: whose.value,
  rows: rows.value,
  from: times.value.from,
  load: (today.reply?.load ?? []).map(l => ({ text: l.text, siteName: l.siteName, done: ticked.value.has(l.what) })),
  sheet: usePractice().units.pressure === 'si' ? 'A4' : 'LETTER',
})
const put = (item: string, on: string, person: string, rank: number) =>
  ledger.write({ kind: 'planned', item, day: on, person, rank })
const mine = () => whose.value || (today.reply?.people.includes(me.name) ? me.name : (today.reply?.people[0] ?? ''))
/** Those without a rank of their own stand in their proposed order: a move gives ranks to all that were before it. */
async function move(item: string, to: number) {
  const order = rows.value.filter(r => r.item !== item)
  const row = rows.value.find(r => r.item === item)!
  const [before, after] = [order[to - 1], order[to]]
  const known = [before, after].every(r => !r || r.planned)
  const person = row.planned?.person ?? mine()
  if (known) return put(item, day.value, person, rankBetween(before?.planned?.rank, after?.planned?.rank))
  const wanted = [...order.slice(0, to), row, ...order.slice(to)]
  for (const [i, r] of wanted.entries()) await put(r.item, day.value, r.planned?.person ?? mine(), i)
}
const placing = shallowRef<DayRow>()
const lastOn = (on: string) => rowsOn(on, day.value, all.value, '').at(-1)?.planned?.rank
const add = (row: DayRow) =>
  put(row.item, day.value, mine(), rankBetween(lastOn(day.value) ?? rows.value.length, undefined))
const place = (row: DayRow, on: string, person: string) =>
  put(row.item, on, person, rankBetween(lastOn(on), undefined))
const tick = (what: string, done: boolean) => ledger.write({ kind: 'ticked', day: day.value, what, done })
const when = (at: string) => `${sayDay(at, day.value)} ${timeOf(at)}`
</script>

<template>
  <div class="today">
    <p
      v-if="today.problem || today.asOf"
      class="note"
      :class="today.problem ? 'trouble' : 'soft'"
      :role="today.problem ? 'alert' : 'status'"
    >
      {{ today.problem ? sayProblem(today.problem) : 'The server has not answered yet.'
      }}<template v-if="today.asOf">
        This is the list as this device had it {{ when(today.asOf) }}; its tabs open from the same
        copies.</template>
    </p>
    <div v-if="today.reply" class="cols">
      <section class="panel plan" aria-labelledby="day-title">
        <header class="head">
          <h1 id="day-title">{{ title }}</h1>
          <p class="soft grow">{{ summary }}</p>
          <label v-if="today.reply.people.length > 1" class="whose"><span class="visually-hidden">Whose day</span>
            <select v-model="whose">
              <option value="">everyone</option>
              <option v-for="p in today.reply.people" :key="p" :value="p">{{ p }}</option>
            </select>
          </label>
          <span class="views" role="group" aria-label="Day or week">
            <button :aria-pressed="!week" @click="week = false">day</button>
            <button :aria-pressed="week" @click="week = true">week</button>
          </span>
        </header>
        <WeekGrid v-if="week" :rows="all" :today="day" :person="whose" @place="placing = $event" />
        <template v-else>
          <DayList
            v-if="rows.length"
            :rows="rows"
            :from="times.from"
            :today="day"
            :others="!whose"
            @move="move"
            @place="placing = $event"
          />
          <div v-else class="empty">
            <p><b>No call stands on this day.</b></p>
            <p class="soft">
              A call opens a tab: say its site and what is wrong below, or add what is due at the right.
            </p>
          </div>
          <DayFiles :print="() => print(paper())" :busy="busy" :trouble="printing" />
          <p v-if="rows.length" class="legend soft">drag to reorder, or <kbd>Alt ↑↓</kbd> ·
            <i class="isolate" /> isolate <i class="mend" /> mend <i class="prove" /> prove</p>
        </template>
      </section>
      <div class="side">
        <LoadList :load="today.reply.load" :ticked="ticked" @tick="tick" />
        <DueList :rows="due" :today="day" :visited="visited" :recurring="today.reply.recurring" @add="add" />
        <p v-for="r in ledger.refused" :key="r.id" class="trouble" role="alert">
          {{ r.problem ? sayProblem(r.problem) : '' }}
          <button class="press plain" @click="keeping.drop(r.id)">Let it go</button></p>
        <p v-if="!keeping.lasting" class="soft lasting">
          This browser has not promised to keep what is stored here if its room runs short. Lines are safe once
          the server has them; adding Keep Tab to the home screen usually gets the promise.
        </p>
      </div>
    </div>
    <p v-else-if="!today.problem" class="soft note">Reading the book…</p>
    <SayBar class="foot" />
    <PlaceDialog
      v-if="placing"
      :row="placing"
      :today="day"
      :people="today.reply?.people ?? []"
      :me="mine()"
      @put="(on: string, person: string) => place(placing!, on, person)"
      @close="placing = undefined"
    />
  </div>
</template>

<style scoped>
.today { height: 100%; display: grid; grid-template-rows: auto minmax(0, 1fr) auto; gap: 12px; }
.note { margin: 14px 16px 0; }
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px;
  gap: 14px;
  padding: 14px 16px 12px;
  grid-template-rows: minmax(max-content, 1fr);
  grid-row: 2;
  overflow: auto;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  padding: 8px 16px;
  border-bottom: 1px solid var(--edge);
  min-height: 52px;
}
.grow { flex: 1; }
.whose select {
  min-height: 40px;
  border: 1.5px solid var(--rule);
  background: var(--panel);
  border-radius: var(--round);
  padding: 0 8px;
}
.views button {
  border: 0;
  background: none;
  min-height: 40px;
  padding: 0 6px;
  cursor: pointer;
  color: var(--brass);
}
.views button[aria-pressed='true'] {
  font-weight: 700;
  color: var(--ink);
  border-bottom: 3px solid var(--brass);
}
/* the foot stays at the foot */
.foot {
  grid-row: 3;
}
.side { display: grid; gap: 12px; align-content: start; }
.empty { padding: 24px 16px; display: grid; gap: 6px; }
.legend { padding: 10px 16px; font-size: var(--size-note); }
.legend i {
  display: inline-block;
  width: 22px;
  height: 11px;
  border: 1px solid var(--edge);
  margin: 0 2px 0 8px;
}
.isolate {
  background: repeating-linear-gradient(135deg, var(--edge) 0 1.4px, transparent 1.4px 6px);
}
.mend { background: var(--brass); }
.prove { background: var(--water); }
kbd {
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  padding: 1px 6px;
  font: inherit;
  font-size: var(--size-small);
}
.lasting { font-size: var(--size-small); }
/* beside each other only where both have room */
@media (max-width: 1080px) {
  .cols { grid-template: auto / minmax(0, 1fr); grid-auto-rows: max-content; }
}
@media (max-width: 760px) {
  .cols { grid-template-columns: minmax(0, 1fr); padding: 8px; }
}
</style>
