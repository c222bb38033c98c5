<script setup lang="ts">
/** One large key for the thumb: it came on, it went off, the hold begins, the hold ends; the gauge beside it. */
import { refAutoReset } from '@vueuse/core'
import type { DraftLine } from '#core/tab'
import { readValue, unitsOf, type Units } from '#core/units'
import { useDraft } from '~/composables/useDraft'
import type { useStopwatch } from '~/composables/useStopwatch'
import { sayWatch } from './stopwatch'

const props = defineProps<{
  step: 'hold' | 'cycles' | 'switch-set'
  /** of the hold, by the practice */
  minutes: number
  units: Units
  stopwatch: ReturnType<typeof useStopwatch>
  /** logs lines, or what is said; tells whether that is kept */
  keep: (lines: readonly DraftLine[]) => Promise<boolean>
  tell: (text: string) => Promise<boolean>
}>()
const of = String(useRoute().params.id)
const gauge = useDraft(of, 'gauge')
const { running, start, beat, stop } = props.stopwatch
const pressure = (text: string) => readValue('pressure', text, props.units)
const unread = computed(() => gauge.value.trim() !== '' && pressure(gauge.value) === undefined)
const holding = computed(() => running.value?.what === 'hold')
const left = computed(() => Math.max(0, props.minutes * 60e3 - (running.value?.elapsed ?? 0)))
const isOn = computed(() => running.value?.what === 'on')
const word = computed(() => {
  if (props.step === 'hold') return holding.value ? 'Now: the hold ends' : 'Now: all closed'
  return isOn.value ? 'Now: it went off' : 'Now: it came on'
})

/** One press is kept before the next is taken; neither the figure nor the watch goes before that. */
const keeping = ref(false)
async function press() {
  if (unread.value || keeping.value) return
  keeping.value = true
  const kept = await (props.step === 'hold' ? holdNow() : turnNow()).finally(() => {
    keeping.value = false
  })
  if (kept) gauge.value = ''
}
async function holdNow(): Promise<boolean> {
  const stood = beat()
  if (stood?.what !== 'hold') {
    start('hold', gauge.value)
    return true
  }
  const [from, to] = [pressure(stood.from), pressure(gauge.value)]
  const figure = (pa: number) => Number((pa / unitsOf('pressure', props.units)[0].perUnit).toFixed(2))
  const held = from === undefined || to === undefined ? '' : ` ${figure(from)}→${figure(to)}`
  const kept = await props.tell(`hold ${Math.round(stood.elapsed / 1000)} s${held}`)
  if (kept) stop()
  return kept
}
/** What was timed goes only by a second press. */
const dropping = refAutoReset(false, 4000)
function drop() {
  if (dropping.value) stop()
  dropping.value = !dropping.value
}
/** It came on or went off: the gauge at that instant, how long it ran or rested, and from start to start. */
async function turnNow(): Promise<boolean> {
  const at = pressure(gauge.value)
  const stood = beat()
  const cameOn = stood?.what !== 'on'
  const test = cameOn ? 'cut-in' : 'cut-out'
  const timed = (what: 'run' | 'rest' | 'cycle', ms: number): DraftLine => ({
    kind: 'timed', what, seconds: Math.round(ms / 1000),
  })
  const cycle = cameOn ? stood?.cycle : undefined
  const kept = await props.keep([
    ...(at === undefined ? [] : [{ kind: 'reading', test, value: at } as const]),
    ...(stood && stood.what !== 'hold' ? [timed(cameOn ? 'rest' : 'run', stood.elapsed)] : []),
    ...(cycle === undefined ? [] : [timed('cycle', cycle)]),
  ])
  if (kept) start(cameOn ? 'on' : 'off', '', cameOn ? 0 : stood?.cycle)
  return kept
}
</script>

<template>
  <div class="watch">
    <label class="gauge">
      <span class="soft">gauge</span>
      <input v-model="gauge" inputmode="decimal" autocomplete="off" aria-label="Gauge" @keydown.enter.prevent="press">
    </label>
    <button class="press main now" :disabled="unread || keeping" @click="press">{{ word }}</button>
    <p v-if="running" class="time">
      <b class="figure" role="timer">{{ sayWatch(running.elapsed) }}</b>
      <span v-if="holding" class="soft">{{ left > 0 ? `${sayWatch(left)} to go` : 'long enough' }}</span>
      <span v-else class="soft">{{ isOn ? 'running' : 'resting' }}</span>
      <button class="press plain" @click="drop">{{ dropping ? 'yes, drop it' : 'drop it' }}</button>
    </p>
    <p v-if="unread" class="soft">That is no pressure: a figure, or a figure with its unit.</p>
  </div>
</template>

<style scoped>
.watch {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  background: var(--panel-2);
  padding: 8px 10px;
}
.gauge {
  display: flex;
  gap: 6px;
  align-items: center;
}
.gauge input {
  width: 84px;
  min-height: 52px;
  padding: 0 10px;
  font-size: var(--size-figure);
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
.now {
  min-height: 52px;
  flex: 1 1 160px;
}
.time {
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin: 0;
}
</style>
