<script setup lang="ts">
/** Seven days beside each other: what stands on each, and how full it is. */
import { dayAfter } from '#core/day'
import { sayMinutes, sumOf, rowsOn, type DayRow } from './dayRows'

const props = defineProps<{ rows: readonly DayRow[], today: string, person: string }>()
const emit = defineEmits<{ place: [row: DayRow] }>()
const NAMES = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat']
const nameOf = (day: string) => NAMES[new Date(`${day}T00:00:00Z`).getUTCDay()]
const days = computed(() => Array.from({ length: 7 }, (_, i) => {
  const day = dayAfter(props.today, i)
  const rows = rowsOn(day, props.today, props.rows, props.person)
  return { day, rows, minutes: rows.reduce((sum, r) => sum + sumOf(r.minutes), 0) }
}))
</script>

<template>
  <ol class="week">
    <li v-for="d in days" :key="d.day" :class="{ now: d.day === today }">
      <h3><b>{{ nameOf(d.day) }}</b> {{ Number(d.day.slice(8)) }}</h3>
      <p class="soft">{{ d.rows.length ? sayMinutes(d.minutes) : 'free' }}</p>
      <button
        v-for="r in d.rows"
        :key="r.item"
        class="slip"
        :class="{ hazard: r.hazards.length }"
        @click="emit('place', r)"
      >
        <b>{{ r.title }}</b>
        <span class="soft">{{ r.siteName }}{{ r.planned?.person && !person ? ` · ${r.planned.person}` : '' }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.week {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
}
li {
  border-right: 1px dashed var(--rule);
  padding: 10px 8px;
  display: grid;
  gap: 6px;
  align-content: start;
  min-height: 240px;
}
li:last-child { border-right: 0; }
.now { background: var(--panel-2); }
h3 { font-weight: 400; }
.slip {
  display: grid;
  text-align: left;
  padding: 8px;
  border: 1.5px solid var(--brass);
  border-radius: var(--round);
  background: var(--panel);
  cursor: pointer;
  font-size: var(--size-small);
  min-height: 44px;
  overflow-wrap: anywhere;
}
.slip.hazard { border-left: 4px solid var(--danger); }
.slip:hover { background: var(--brass-ground); }
.soft { font-size: var(--size-small); }
@media (max-width: 760px) {
  .week { grid-template-columns: 1fr; }
  li { border-right: 0; border-bottom: 1px dashed var(--rule); min-height: 0; }
}
</style>
