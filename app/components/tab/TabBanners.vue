<script setup lang="ts">
/** What stands over the work: carried, lines that came after settling, a picture that could not be kept. */
import { sayProblem } from '#core/words'
import { dayOf, sayDay } from '~/composables/useClock'
import { useTab } from '~/stores/tab'

defineProps<{ trouble: string }>()
const COMEBACK_DAYS = 30
const tab = useTab()
const late = computed(() => tab.state.afterSettling)
const settled = computed(() => tab.state.status === 'settled')
/** before anything else: what can hurt whoever comes there */
const hazards = computed(() =>
  (settled.value ? [] : (tab.reply?.facts ?? []).filter(f => f.fact === 'hazard').map(f => f.text)))
const resume = () => tab.log({ kind: 'resumed' })
async function takeUp() {
  for (const line of late.value) await tab.log({ kind: 'taken-up', line: line.id })
}
</script>

<template>
  <p v-for="h in hazards" :key="h" class="banner hazard" role="alert">▲ {{ h }}</p>
  <p v-if="tab.state.status === 'carried'" class="banner">
    Carried: {{ tab.state.carried?.reason }} <button class="press" @click="resume">Take it up again</button>
  </p>
  <p v-if="tab.reply?.comebackOf && !settled" class="banner">
    Back within {{ COMEBACK_DAYS }} days of
    <NuxtLink :to="`/tabs/${tab.reply.comebackOf.tab}/settle`">{{ tab.reply.comebackOf.words }}</NuxtLink>,
    settled {{ sayDay(dayOf(tab.reply.comebackOf.settledAt)) }}: look at our own work first.
  </p>
  <p v-if="late.length" class="banner">
    {{ late.length }} {{ late.length === 1 ? 'line' : 'lines' }} came after the tab was settled and
    {{ late.length === 1 ? 'is' : 'are' }} not weighed.
    <button v-if="settled" class="press" @click="resume">Open the tab again</button>
    <button v-else class="press" @click="takeUp">Weigh {{ late.length === 1 ? 'it' : 'them' }}</button>
  </p>
  <p v-if="tab.problem" class="banner trouble" role="alert">{{ sayProblem(tab.problem, tab.units) }}</p>
  <KeepingBanner />
  <p v-if="trouble" class="banner trouble" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.hazard { background: var(--danger-ground); color: var(--danger); font-weight: 700; }
</style>
