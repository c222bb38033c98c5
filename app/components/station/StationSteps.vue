<script setup lang="ts">
/** The stations with their steps, where the suspects stood; what the system will do as it now stands, below. */
import type { PlanStep } from '#core/plan'
import type { Station } from '#core/tab'
import { sayCycling, STATION_WORDS } from '#core/words'
import type { PlanView } from '~/workers/openTabs'

const props = defineProps<{ plan: PlanView, step: PlanStep | undefined }>()
const emit = defineEmits<{ show: [step: string] }>()

const chosen = ref<Station>()
const station = computed(() => chosen.value ?? props.step?.station ?? 'settle')
watch(() => props.step?.id, () => {
  chosen.value = undefined
})
const steps = computed(() => props.plan.stations.find(s => s.station === station.value)?.steps ?? [])
const isDone = (of: Station) => {
  const own = props.plan.stations.find(s => s.station === of)?.steps ?? []
  return own.length > 0 && own.every(s => s.standing === 'done' || s.standing === 'left-out')
}
const MARKS: Record<PlanStep['standing'], string> = { 'open': '', 'done': '✓', 'left-out': '–', 'blocked': '✕' }
const SAID: Record<PlanStep['standing'], string> = {
  'open': 'to do', 'done': 'done', 'left-out': 'left out', 'blocked': 'not yet',
}
const markOf = (s: PlanStep) => (s.id === props.step?.id && s.standing === 'open' ? '▸' : MARKS[s.standing])
const asideOf = (s: PlanStep) =>
  s.standing === 'open' ? `${s.minutes} min` : s.standing === 'left-out' ? 'left out' : ''
const LATE: readonly Station[] = ['set-up', 'prove']
const after = computed(() => (LATE.includes(station.value) ? props.plan.setUp?.after : undefined))
// the step in hand stays in sight, also when what follows takes its room
const list = useTemplateRef('list')
watch([() => props.step?.id, station, after, list], () => {
  list.value?.querySelector('.now')?.scrollIntoView({ block: 'nearest' })
}, { flush: 'post', immediate: true })
</script>

<template>
  <section class="panel stations" aria-label="Stations">
    <nav class="tabs">
      <button
        v-for="s in plan.stations"
        :key="s.station"
        :aria-pressed="s.station === station"
        @click="chosen = s.station"
      >
        <span v-if="isDone(s.station)" aria-hidden="true">✓ </span>{{ STATION_WORDS[s.station] }}
      </button>
    </nav>
    <ol ref="list" class="steps">
      <li v-for="s in steps" :key="s.id" :class="{ now: s.id === step?.id }">
        <button class="step" @click="emit('show', s.id)">
          <span class="mark" :class="s.standing" aria-hidden="true">{{ markOf(s) }}</span>
          <span class="title">{{ s.title }}<span class="visually-hidden">, {{ SAID[s.standing] }}</span></span>
          <span class="minutes">{{ asideOf(s) }}</span>
        </button>
      </li>
      <li v-if="steps.length === 0" class="soft none">Nothing to do at this station.</li>
    </ol>
    <p class="left soft">One lock-out, one drain for all of it · {{ plan.minutesLeft }} min left</p>
    <div v-if="after" class="after">
      <p class="soft">What it will do now, half drawn</p>
      <p><b class="figure">{{ sayCycling(after.half) }}</b></p>
      <p class="soft">{{ Math.round(after.half.startsAnHour) }} starts an hour at worst.</p>
    </div>
  </section>
</template>

<style scoped>
.stations {
  display: flex;
  flex-direction: column;
  min-height: 0;
  overflow: hidden;
}
.tabs {
  display: flex;
  border-bottom: 1px solid var(--line);
}
.tabs button {
  flex: 1 1 auto;
  padding: 0 4px;
  white-space: nowrap;
  min-height: 44px;
  border: 0;
  border-right: 1px solid var(--line);
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--size-small);
  cursor: pointer;
}
.tabs button[aria-pressed='true'] {
  background: var(--panel-2);
  box-shadow: inset 0 -3px 0 var(--brass);
  font-weight: 700;
}
.steps {
  list-style: none;
  margin: 0;
  padding: 0 12px;
  flex: 0 1 auto;
  min-height: 0;
  overflow: auto;
}
.steps li {
  border-bottom: 1px dashed var(--line);
}
.steps .now {
  background: var(--picked, var(--panel-2));
}
.step {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  gap: 4px;
  width: 100%;
  min-height: 44px;
  align-items: center;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--size-note);
  line-height: 1.2;
  text-align: left;
  cursor: pointer;
}
.now .title {
  font-weight: 700;
}
.mark.blocked {
  color: var(--danger);
}
.minutes {
  font-size: var(--size-small);
  white-space: nowrap;
}
.none {
  padding: 10px 0;
}
.left {
  font-size: var(--size-small);
  padding: 6px 12px;
  margin: 0;
}
.after {
  margin-top: auto;
  background: var(--panel-2);
  padding: 8px 12px;
  font-size: var(--size-small);
}
.after p {
  margin: 0;
}
</style>
