<script setup lang="ts">
/** The sites, and the way in and out for the open file. */
import { importReply, sitesReply, type ListedSite } from '#contracts'
import { sayProblem } from '#core/words'
import { askServer } from '~/composables/useServer'
import { useKinds } from '~/composables/useSystems'

const sites = ref<readonly ListedSite[]>()
const trouble = ref('')
const taken = ref('')
const seek = ref('')
useHead({ title: 'Sites · Keep Tab' })

async function load() {
  const answer = await askServer('/api/sites', sitesReply)
  if (answer.ok) sites.value = answer.value
  else trouble.value = sayProblem(answer.problem)
}
onMounted(load)
const found = computed(
  () =>
    sites.value?.filter(s =>
      `${s.name} ${s.place} ${s.systems.map(x => x.name).join(' ')}`
        .toLowerCase()
        .includes(seek.value.trim().toLowerCase()),
    ) ?? [],
)
const { nameOf: kindName } = useKinds()

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  trouble.value = taken.value = ''
  const answer = await askServer('/api/books', importReply, { method: 'POST', bytes: file })
  input.value = ''
  if (!answer.ok) {
    trouble.value = `${file.name}: ${sayProblem(answer.problem)}`
    return
  }
  const { tabs, lines, already, refused } = answer.value
  taken.value = `${file.name}: ${tabs} ${tabs === 1 ? 'tab' : 'tabs'} with ${lines} lines taken `
    + `in${already ? `, ${already} already here` : ''}.`
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
        <a class="press" href="/api/books" download>Give out the book</a>
        <NuxtLink class="press main" to="/open">Open a tab</NuxtLink>
      </div>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="taken" role="status">{{ taken }}</p>
    <label class="field seek">
      <span class="visually-hidden">Find a site</span>
      <input v-model="seek" type="search" placeholder="Find a site or system">
    </label>
    <ul v-if="found.length" class="list">
      <li v-for="s in found" :key="s.id">
        <NuxtLink :to="`/sites/${s.id}`" class="row panel">
          <b>{{ s.name }}</b>
          <span class="soft">{{ s.place }}</span>
          <span>{{ s.systems.map(x => `${x.name} (${kindName(x.kind)})`).join(' · ') }}</span>
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
    <p v-else-if="!trouble" class="soft">Reading the book…</p>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
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
