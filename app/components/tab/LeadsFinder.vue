<script setup lang="ts">
/** Three unlabelled leads told apart by their three resistances; kept on the tab as a note. */
import { computedAsync } from '@vueuse/core'
import type { Lead } from '#core/isolation'
import { sayProblem } from '#core/words'
import { useSystems } from '~/composables/useSystems'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [], keep: [text: string] }>()
const dialog = useTemplateRef('dialog')
const typed = ref<[string, string, string]>(['', '', ''])
watch(
  () => props.open,
  (o) => {
    if (!o) return dialog.value?.close()
    typed.value = ['', '', '']
    dialog.value?.showModal()
  },
)
const PAIRS = ['One to two', 'Two to three', 'Three to one'] as const
const NAMES: Record<Lead, string> = { one: 'lead one', two: 'lead two', three: 'lead three' }
const ohms = (s: string) => (/^(ol|o\.l|open|∞)$/i.test(s.trim()) ? null : Number(s.trim().replace(',', '.')))
const whole = computed(
  () =>
    typed.value.every(s => s.trim() !== '')
    && typed.value.every(s => ohms(s) === null || Number.isFinite(ohms(s))),
)
const found = computedAsync(async () => {
  const [oneTwo, twoThree, threeOne] = [ohms(typed.value[0]), ohms(typed.value[1]), ohms(typed.value[2])]
  return whole.value ? await useSystems().leads({ oneTwo, twoThree, threeOne }) : undefined
})
const text = computed(() =>
  found.value?.ok
    ? `Leads found: ${NAMES[found.value.value.common]} common (yellow), ${NAMES[found.value.value.start]} start `
    + `(red), ${NAMES[found.value.value.main]} main (black); start ${found.value.value.startOhms} Ω, main `
    + `${found.value.value.mainOhms} Ω`
    : '',
)
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="leads-title" @close="emit('close')">
    <form class="form" @submit.prevent="found?.ok && emit('keep', text)">
      <h2 id="leads-title">Which lead is which</h2>
      <p>
        Dead, leads off and apart. Mark three leads one, two and three; ohms of each pair, OL where the meter
        shows it.
      </p>
      <label v-for="(p, i) in PAIRS" :key="p" class="field">
        <span>{{ p }} (Ω)</span><input v-model="typed[i]" inputmode="decimal" autocomplete="off">
      </label>
      <div v-if="found?.ok" class="answer" role="status">
        <p
          v-for="[lead, what] in [
            [found.value.common, 'common (yellow)'],
            [found.value.start, 'start (red)'],
            [found.value.main, 'main (black)'],
          ] as const"
          :key="what"
        >
          <b>{{ NAMES[lead] }}</b> is {{ what }}
        </p>
        <p class="soft">
          The two smaller pairs add up to the largest within {{ Math.round(found.value.off * 100) }} %.
        </p>
      </div>
      <p v-else-if="found" class="trouble" role="alert">{{ sayProblem(found.problem) }}</p>
      <p v-else class="soft">The largest pair is start and main together: the lead it leaves out is common.</p>
      <div class="row">
        <button class="press main" type="submit" :disabled="!found?.ok">Keep as a note</button>
        <button class="press plain" type="button" @click="emit('close')">Close</button>
      </div>
    </form>
  </dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
}
.answer {
  border: 2px solid var(--edge);
  padding: 8px 12px;
  font-size: var(--size-title);
}
.row {
  display: flex;
  gap: 8px;
}
</style>
