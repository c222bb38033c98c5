<script setup lang="ts">
/** The sites, and the way in and out for the open file. */
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { useTakingIn } from '~/composables/useTakingIn'
import { useSites } from '~/composables/useSites'
import { useKinds } from '~/composables/useSystems'

const trouble = ref('')
const taken = ref('')
const seek = ref('')
const { sites, problem, asOf, next, load, more } = useSites(seek)
useHead({ title: 'Sites · Keep Tab' })

onMounted(load)
const { nameOf: kindName } = useKinds()
const { going, takeIn, stop } = useTakingIn()

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  trouble.value = taken.value = ''
  const answer = await takeIn(file)
  input.value = ''
  if (!answer.ok) {
    trouble.value = `${file.name}: ${sayProblem(answer.problem)}`
    return
  }
  const { tabs, lines, already, refused, state } = answer.value
  taken.value = `${file.name}: ${tabs} ${tabs === 1 ? 'tab' : 'tabs'} with ${lines} lines taken `
    + `in${already ? `, ${already} already here` : ''}.`
    + (state === 'cancelled' ? ' It was stopped there: the same file goes on where it stopped.' : '')
    + (refused.length > 0 ? ` Left out, since another has its number here: ${refused.slice(0, 5).join(', ')}.` : '')
  await load()
}
</script>

<template>
  <div class="page">
    <header class="headed">
      <h1>Sites</h1>
      <div class="acts">
        <label class="press">Take in a file<input
            type="file"
            accept=".json,.zip,application/json,application/zip"
            class="visually-hidden"
            @change="take">
        </label>
        <NuxtLink class="press" to="/tables">Take in a table</NuxtLink>
        <a class="press" href="/api/books" download>Give out the book</a>
        <NuxtLink class="press main" to="/open">Open a tab</NuxtLink>
      </div>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="problem" class="trouble" role="alert">{{ sayProblem(problem) }}</p>
    <p v-if="asOf" class="soft" role="status">The list as this device had it {{ sayDay(asOf) }}.</p>
    <p v-if="going" class="going" role="status">
      <progress :value="going.done" :max="going.total || 1" />
      {{ going.total ? `${going.done} of ${going.total} pieces are in the book` : 'The file is being read' }}
      <span v-if="going.problem" class="trouble">
        {{ sayProblem(going.problem) }} It goes on by itself once that is over.
      </span>
      <button class="press" @click="stop">Stop it</button>
    </p>
    <p v-if="taken" role="status">{{ taken }}</p>
    <label class="field seek">
      <span class="visually-hidden">Find a site</span>
      <input v-model="seek" type="search" placeholder="Find a site or system">
    </label>
    <ul v-if="sites?.length" class="list">
      <li v-for="s in sites" :key="s.id">
        <NuxtLink :to="`/sites/${s.id}`" class="row panel">
          <b>{{ s.name }}</b>
          <span class="soft">{{ s.place }}</span>
          <span>{{ s.systems.map(x => `${x.name} (${x.retired ? 'retired' : kindName(x.kind)})`).join(' · ') }}</span>
          <span class="count">
            <span class="figure">{{ s.tabs }}<small>{{ s.tabs === 1 ? 'tab' : 'tabs' }}</small>
            </span>
            <span v-if="s.open" class="open">{{ s.open }} open</span>
          </span>
          </NuxtLink>
      </li>
    </ul>
    <p v-else-if="sites" class="soft">
      {{ seek ? `No site matches “${seek}”.` : 'No sites yet. Open a tab on the first one, or take in a file.' }}
    </p>
    <p v-else-if="!problem" class="soft">Reading the book…</p>
    <button v-if="next" class="press more" @click="more">More sites</button>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.going { display: flex; flex-wrap: wrap; gap: 12px; align-items: center; }
.going progress { accent-color: var(--brass); width: 220px; }
.seek {
  max-width: 420px;
}
.list {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
.row {
  display: grid;
  grid-template-columns: 220px 180px 1fr 120px;
  gap: 12px;
  align-items: center;
  padding: 12px 16px;
  color: var(--ink);
  text-decoration: none;
}
.row:hover {
  border-color: var(--brass);
  background: var(--brass-ground);
}
.row b {
  font-size: var(--size-title);
}
.count {
  text-align: right;
}
.open {
  display: block;
  font-weight: 700;
  color: var(--brass);
}
@media (max-width: 760px) {
  .row {
    grid-template-columns: 1fr;
    gap: 2px;
  }
  .count {
    text-align: left;
  }
}
</style>
