<script setup lang="ts">
/** One call of the day: when, what, where, who is suspected, and how its minutes fall. */
import IconCalendar from '@lucide/vue/dist/esm/icons/calendar-arrow-up.mjs'
import { sayTimeOfDay } from '#core/day'
import { sayDay, timeOf } from '~/composables/useClock'
import { saySplit, sayMinutes, sumOf, type DayRow } from './dayRows'

const props = defineProps<{ row: DayRow, from: number, today: string, widest: number, others: boolean }>()
const emit = defineEmits<{ place: [] }>()
const STANDING = { open: 'open', carried: 'carried', due: 'due' } as const
const suspects = computed(() => {
  const [first, ...rest] = props.row.brief?.suspects ?? []
  return first && !props.row.brief?.found
    ? { first: `${first.name} ${Math.round(100 * first.chance)}`, rest: rest.map(s =>
        `${s.name} ${Math.round(100 * s.chance)}`).join(', ') }
    : undefined
})
const since = computed(() => {
  const { standing, since: at } = props.row
  if (standing === 'due') return `${at < props.today ? 'due since' : 'due'} ${sayDay(at, props.today)}`
  const days = Math.round((Date.parse(props.today) - Date.parse(at.slice(0, 10))) / 86400e3)
  if (standing === 'carried') return days > 0 ? `carried, opened ${days} ${days === 1 ? 'day' : 'days'} ago` : 'carried'
  return days > 0 ? `open since ${sayDay(at, props.today)}` : `open since ${timeOf(at)}`
})
const parts = computed(() => [
  { what: 'isolate', minutes: props.row.minutes.isolate },
  { what: 'mend', minutes: props.row.minutes.mend },
  { what: 'prove', minutes: props.row.minutes.prove },
].filter(p => p.minutes > 0))
const split = computed(() => {
  const { minutes, by, standing } = props.row
  const said = standing === 'due' ? '' : saySplit(minutes)
  return `${said ? `: ${said}` : ''}${by === 'usual' && standing !== 'due' ? ', as usual' : ''}`
})
const width = (minutes: number) => `${(100 * minutes) / props.widest}%`
</script>

<template>
  <div class="row" :class="{ hazard: row.hazards.length, waits: row.waits }">
    <span class="when">{{ sayTimeOfDay(from) }}</span>
    <svg class="mark" viewBox="0 0 16 16" role="img" :aria-label="STANDING[row.standing]">
      <circle
        cx="8" cy="8" r="5.5" :fill="row.standing === 'open' ? 'none' : row.standing === 'due' ? 'var(--ink)' : 'none'"
        stroke="var(--ink)" stroke-width="2" :stroke-dasharray="row.standing === 'carried' ? '5 3.6' : undefined"
      />
    </svg>
    <div class="what">
      <p class="title">
        <NuxtLink :to="row.to"><b>{{ row.title }}</b></NuxtLink>
        <span v-for="h in row.hazards" :key="h" class="danger">▲ {{ h }}</span>
        <span v-if="row.waits" class="waiting">waits for parts</span>
        <span v-else-if="row.standing === 'carried' && row.bring.length" class="in">parts are in</span>
      </p>
      <p class="soft">{{ row.siteName }} · {{ row.systemName }} · {{ since }}<template
        v-if="row.late"
      > · was on {{ sayDay(row.late, today) }}</template><template
        v-if="others && row.planned?.person"
      > · {{ row.planned.person.replaceAll(' ', '\u00a0') }}</template></p>
      <p v-if="suspects" class="said">
        <b>{{ suspects.first }}</b><template v-if="suspects.rest">, {{ suspects.rest }}</template>
        <span v-if="row.brief?.next" class="soft"> · next: {{ row.brief.next.toLowerCase() }}</span></p>
      <p v-else-if="row.brief?.next" class="soft">next: {{ row.brief.next.toLowerCase() }}</p>
      <p v-else-if="row.note" class="soft">{{ row.note }}</p>
    </div>
    <div class="takes">
      <p>{{ sayMinutes(sumOf(row.minutes)) }}<span class="soft">{{ split }}</span></p>
      <div class="bar" aria-hidden="true">
        <span v-for="p in parts" :key="p.what" :class="p.what" :style="{ width: width(p.minutes) }" />
      </div>
    </div>
    <button class="press plain move" :aria-label="`Move ${row.title} to another day or person`" @click="emit('place')">
      <IconCalendar :size="20" /></button>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 56px 18px minmax(0, 1fr) 236px 40px;
  gap: 2px 10px;
  align-items: start;
  padding: 10px 8px 10px 12px;
  border-bottom: 1px dashed var(--rule);
  /* what the engine says of it comes later, and moves nothing */
  min-height: 104px;
}
.hazard { background: var(--danger-ground); }
.when { font-weight: 700; font-size: var(--size-title); line-height: 1.35; }
.mark { width: 16px; height: 16px; margin-top: 4px; }
.title b { font-size: var(--size-title); }
.title a { color: var(--ink); text-decoration: none; }
.title a:hover { text-decoration: underline; }
.title > span { margin-left: 6px; font-size: var(--size-note); font-weight: 700; }
.danger { color: var(--danger); }
.waiting { color: var(--soft); }
.in { color: var(--brass); }
.soft, .said, .takes p { font-size: var(--size-note); }
.takes { display: grid; gap: 5px; }
.bar { display: flex; height: 14px; }
.bar span { border: 1px solid var(--edge); border-left-width: 0; min-width: 3px; }
.bar span:first-child { border-left-width: 1px; }
.isolate {
  background: repeating-linear-gradient(135deg, var(--edge) 0 1.4px, transparent 1.4px 6px);
}
.mend { background: var(--brass); }
.prove { background: var(--water); }
.move { font-size: var(--size-note); padding: 0 6px; }
@media (max-width: 760px) {
  .row { grid-template-columns: 50px 16px minmax(0, 1fr) auto; padding-right: 2px; }
  .takes { grid-column: 3 / 5; grid-row: 2; }
}
</style>
