<script setup lang="ts">
/** Today: what is open, what is carried and what to load for it, what is due. */
import { sayProblem } from '#core/words'
import { sayDay, timeOf } from '~/composables/useClock'
import { readyTabs } from '~/composables/readyTabs'
import { useKeeping } from '~/stores/keeping'
import { useToday } from '~/stores/today'

const today = useToday()
const keeping = useKeeping()
let here = true
onMounted(async () => {
  await today.load()
  await readyTabs(today.reply?.tabs.map(t => t.id) ?? [], () => here, keeping.cannotCopy)
})
onBeforeUnmount(() => {
  here = false
})
useHead({ title: 'Today · Keep Tab' })
const open = computed(() => today.reply?.tabs.filter(t => t.status === 'open') ?? [])
const carried = computed(() => today.reply?.tabs.filter(t => t.status === 'carried') ?? [])
const bringFor = (tab: string) =>
  today.reply?.bring
    .filter(b => b.tab === tab)
    .map(b => b.text)
    .join(', ')
const when = (at: string) => `${sayDay(at, today.reply?.today)} ${timeOf(at)}`
const due = (day: string) =>
  day < (today.reply?.today ?? '')
    ? 'overdue'
    : day === today.reply?.today
      ? 'due today'
      : `due ${sayDay(day, today.reply?.today)}`
</script>

<template>
  <div class="page today">
    <header class="headed">
      <div>
        <h1>Today</h1>
        <p v-if="today.reply" class="soft">
          {{ sayDay(today.reply.today) }}<span v-if="today.reply.company"> · {{ today.reply.company }}</span>
        </p>
      </div>
      <NuxtLink class="press main" to="/open">Open a tab</NuxtLink>
    </header>
    <p
      v-if="today.problem || today.asOf"
      :class="today.problem ? 'trouble' : 'soft'"
      :role="today.problem ? 'alert' : 'status'"
    >
      {{ today.problem ? sayProblem(today.problem) : 'The server has not answered yet.'
      }}<template v-if="today.asOf">
        This is the list as this device had it {{ when(today.asOf) }}; its tabs open from the same
        copies.</template>
    </p>
    <div v-if="today.reply" class="cols">
      <section aria-labelledby="open-title">
        <h2 id="open-title" class="caps">Open</h2>
        <ul v-if="open.length" class="list">
          <li v-for="t in open" :key="t.id">
            <NuxtLink :to="`/tabs/${t.id}`" class="row panel">
              <b>{{ t.words }}</b>
              <span>{{ t.siteName }} · {{ t.systemName }}</span>
              <span class="soft">since {{ when(t.openedAt) }}</span>
            </NuxtLink>
          </li>
        </ul>
        <p v-else class="soft none">No tab is open. A call opens one: site, system, complaint.</p>
        <h2 class="caps">Carried</h2>
        <ul v-if="carried.length" class="list">
          <li v-for="t in carried" :key="t.id">
            <NuxtLink :to="`/tabs/${t.id}`" class="row panel">
              <b>{{ t.words }}</b>
              <span>{{ t.siteName }} · {{ t.systemName }}</span>
              <span class="soft">{{ t.note }}</span>
              <span v-if="bringFor(t.id)" class="bring"><b>Bring</b> {{ bringFor(t.id) }}</span>
            </NuxtLink>
          </li>
        </ul>
        <p v-else class="soft none">Nothing waits for a part or another trip.</p>
      </section>
      <section aria-labelledby="due-title">
        <h2 id="due-title" class="caps">Follow-ups</h2>
        <ul v-if="today.reply.followUps.length" class="list">
          <li v-for="f in today.reply.followUps" :key="f.tab + f.text">
            <NuxtLink :to="`/tabs/${f.tab}`" class="row panel" :class="{ over: f.due < today.reply.today }">
              <b class="sentence">{{ f.text }}</b>
              <span>{{ f.siteName }} · {{ f.systemName }}</span>
              <span class="soft">{{ due(f.due) }}</span>
            </NuxtLink>
          </li>
        </ul>
        <p v-else class="soft none">No follow-up falls due this month.</p>
        <p v-if="!keeping.lasting" class="soft">
          This browser has not promised to keep what is stored here if its room runs short. Lines are safe once
          the server has them; adding Keep Tab to the home screen usually gets the promise.
        </p>
      </section>
    </div>
    <p v-else-if="!today.problem" class="soft">Reading the book…</p>
  </div>
</template>

<style scoped>
.cols {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 28px;
}
.cols section {
  display: grid;
  gap: 10px;
  align-content: start;
}
.list {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
  display: grid;
  gap: 8px;
}
.row {
  display: grid;
  gap: 2px;
  padding: 12px 16px;
  color: var(--ink);
  text-decoration: none;
}
.row:hover {
  border-color: var(--brass);
  background: var(--brass-ground);
}
.row > b:first-child {
  font-size: var(--size-title);
}
.bring {
  margin-top: 4px;
  padding: 4px 10px;
  background: var(--brass-ground);
  justify-self: start;
}
.over {
  border-left: 4px solid var(--brass);
}
.none {
  padding: 8px 0;
}
@media (max-width: 760px) {
  .cols {
    grid-template-columns: 1fr;
  }
}
.sentence::first-letter {
  text-transform: uppercase;
}
</style>
