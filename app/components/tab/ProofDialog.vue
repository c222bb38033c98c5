<script setup lang="ts">
/**
 * Asks for the proof of a state of the work: readings, not a tick. Going on without takes a reason, which becomes a
 * line.
 */
import { findProofFailure, type DraftLine, type WorkState } from '#core/tab'
import { PSI, unitsOf } from '#core/units'
import { sayProblem, sayProofFault } from '#core/words'
import { useDraftAt } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

const props = defineProps<{ state: WorkState | undefined }>()
const emit = defineEmits<{ close: [], done: [] }>()
const tab = useTab()
const dialog = useTemplateRef('dialog')
/** never held over: a proof is of now */
const figures = ref<string[]>([])
const reason = useDraftAt(String(useRoute().params.id), 'no proof', () => props.state)
const trouble = ref('')

/** what a bare gauge figure is taken in */
const gauge = computed(() => unitsOf('pressure', tab.units)[0] ?? { symbol: 'psi', perUnit: PSI })

const ASK: Record<WorkState, { title: string, labels: string[], steps: string[], caution: string }> = {
  'live': {
    title: 'Power goes on',
    labels: [],
    steps: [
      'Everyone clear, covers as needed, tools out.',
      'Power on ends every proof on this tab: dead, discharged and zero pressure must be proven again.',
    ],
    caution: '240 V kills. Rated meter and leads, one hand, dry footing.',
  },
  'proven-dead': {
    title: 'Prove it dead',
    labels: [
      'Known source first (V)',
      'Highest reading here, every pair and each leg to ground (V)',
      'Known source again (V)',
    ],
    steps: [
      'Switch off, lock and tag the breaker that made the meter drop, not the one with the label.',
      'Meter on a known live source, then here, then the known source again.',
    ],
    caution: 'Only people qualified and, where the law says so, licensed do this work. Metal pipe can be live.',
  },
  'discharged': {
    title: 'Bled and measured',
    labels: ['Volts left across the capacitor'],
    steps: ['Dead first. Bleed through 15–20 kΩ, 2 W or more, then measure it flat.'],
    caution: 'A charged capacitor bites long after the power is off. The screwdriver short is not a substitute.',
  },
  'zero-pressure': {
    title: 'Zero pressure',
    labels: ['Gauge now'],
    steps: ['Pump off and locked, a tap open, drained to zero.'],
    caution: 'Zero before anything is opened. A gauge can stick: the open tap tells.',
  },
}
const ask = computed(() => (props.state ? ASK[props.state] : undefined))

watch(
  () => props.state,
  (s) => {
    if (!s) return dialog.value?.close()
    figures.value = ASK[s].labels.map(() => '')
    trouble.value = ''
    dialog.value?.showModal()
  },
)

async function keep(withReason: boolean) {
  if (!props.state) return
  const numbers = figures.value.map(f => Number(f.replace(',', '.')))
  if (
    !withReason
    && props.state !== 'live'
    && (figures.value.some(f => f.trim() === '') || numbers.some(n => !Number.isFinite(n)))
  ) {
    trouble.value = 'Each proof is a figure off the meter or the gauge: fill them all in.'
    return
  }
  if (withReason && !reason.value.trim()) {
    trouble.value = 'Say why you go on without the proof.'
    return
  }
  const proof = props.state === 'zero-pressure' ? numbers.map(n => n * gauge.value.perUnit) : numbers
  const draft: DraftLine = withReason
    ? { kind: 'state', to: props.state, reason: reason.value.trim() }
    : { kind: 'state', to: props.state, ...(proof.length ? { proof } : {}) }
  const logged = await tab.log(draft)
  if (!logged.ok) {
    trouble.value = sayProblem(logged.problem)
    return
  }
  reason.value = ''
  const failure = tab.kind && draft.kind === 'state' ? findProofFailure(tab.kind, draft) : undefined
  if (failure) {
    trouble.value = `Logged, and it is not so: ${sayProofFault(failure.why, failure.value, tab.units)}.`
    figures.value = ask.value?.labels.map(() => '') ?? []
    return
  }
  emit('done')
}
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="proof-title" @close="emit('close')">
    <form v-if="ask" class="form" @submit.prevent="keep(false)">
      <h2 id="proof-title">{{ ask.title }}</h2>
      <ol>
        <li v-for="s in ask.steps" :key="s">{{ s }}</li>
      </ol>
      <p class="caution">{{ ask.caution }} Local code and the maker’s instructions come first.</p>
      <label v-for="(label, i) in ask.labels" :key="label" class="field">
        <span>{{ label }}{{ state === 'zero-pressure' ? ` (${gauge.symbol})` : '' }}</span>
        <input v-model="figures[i]" inputmode="decimal" autocomplete="off">
      </label>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <div class="row">
        <button class="press main" type="submit">{{ state === 'live' ? 'Power is on' : 'Proven' }}</button>
        <button class="press plain" type="button" @click="emit('close')">Not now</button>
      </div>
      <details v-if="state !== 'live'">
        <summary>Go on without the proof</summary>
        <label class="field">
          <span>Why (this becomes a line on the tab)</span><input v-model="reason" autocomplete="off">
        </label>
        <button class="press danger" type="button" @click="keep(true)">Go on without</button>
      </details>
    </form>
  </dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
ol {
  margin: 0;
  padding-left: 20px;
}
.row {
  display: flex;
  gap: 8px;
}
details {
  border-top: 1px dashed var(--rule);
  padding-top: 10px;
}
summary {
  cursor: pointer;
  color: var(--soft);
  min-height: 32px;
}
details .press {
  margin-top: 8px;
}
</style>
