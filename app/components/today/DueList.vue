<script setup lang="ts">
/** Due or carried, and on no day yet: added to the day with one press; and what fails again and again. */
import type { TodayReply } from '#contracts'
import { sayDay } from '~/composables/useClock'
import type { DayRow } from './dayRows'

const props = defineProps<{
  rows: readonly DayRow[]
  today: string
  /** sites gone to today anyway */
  visited: ReadonlySet<string>
  recurring: TodayReply['recurring']
}>()
const emit = defineEmits<{ add: [row: DayRow] }>()
function when({ due, standing, since }: DayRow): string {
  if (standing === 'carried') return `carried, opened ${sayDay(since, props.today)}`
  const days = Math.round((Date.parse(props.today) - Date.parse(due!)) / 86400e3)
  if (days > 0) return `${days} ${days === 1 ? 'day' : 'days'} over`
  return days === 0 ? 'due today' : `due ${sayDay(due!, props.today)}`
}
const ORDINALS = ['', 'First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth']
const nth = (n: number) => ORDINALS[n] ?? `${n}th`
</script>

<template>
  <section class="panel box" aria-labelledby="due-title">
    <h2 id="due-title" class="caps">Due, and not on a day yet</h2>
    <ul v-if="rows.length" class="list">
      <li v-for="r in rows" :key="r.item">
        <div>
          <NuxtLink :to="r.to" class="title"><b class="sentence">{{ r.title }}</b></NuxtLink>
          <p class="soft">
            {{ r.siteName }} · <span :class="{ over: r.due && r.due < today }">{{ when(r) }}</span>{{
              visited.has(r.site) ? ' · you are there today' : '' }}{{ r.waits ? ' · waits for parts' : '' }}
          </p>
        </div>
        <button class="press" :aria-label="`Add ${r.title} to today`" @click="emit('add', r)">add</button>
      </li>
    </ul>
    <p v-else class="soft none">Nothing is due this month, and nothing carried is without a day.</p>
    <p v-for="r in recurring" :key="r.system + r.fault" class="again">
      <NuxtLink :to="`/sites/${r.siteId}`">{{ nth(r.times) }} {{ r.fault }} fault at {{ r.siteName }}</NuxtLink>
      in {{ r.years }} {{ r.years === 1 ? 'year' : 'years' }}{{ r.closed ? '.' : ', its cause never closed.' }}
    </p>
  </section>
</template>

<style scoped>
.box { padding: 12px 14px; }
.list { list-style: none; margin: 6px 0 0; padding: 0; }
.list li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px dashed var(--rule);
}
.title { color: var(--ink); text-decoration: none; }
.title:hover { text-decoration: underline; }
.sentence { display: inline-block; }
.sentence::first-letter { text-transform: uppercase; }
.soft { font-size: var(--size-note); }
.over { color: var(--ink); font-weight: 700; }
.none { padding: 8px 0; }
.again { margin-top: 10px; font-size: var(--size-note); }
.press { padding: 0 10px; }
</style>
