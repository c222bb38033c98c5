<script setup lang="ts">
/** A logger's trace from a file: read in the worker, kept with the tab, and what was found in it said before it is. */
import type { DraftLine } from '#core/tab'
import { sayProblem } from '#core/words'
import { useTab } from '~/stores/tab'

const props = defineProps<{ keep: (lines: readonly DraftLine[]) => Promise<boolean> }>()
const tab = useTab()
const share = ref<number>()
const trouble = ref('')
const found = shallowRef<readonly DraftLine[]>()
const said = computed(() => {
  const note = found.value?.[0]
  return note?.kind === 'note' ? note.text : ''
})
async function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  trouble.value = ''
  found.value = undefined
  share.value = 0
  const read = await tab.addTrace(file, (s) => {
    share.value = s
  })
  share.value = undefined
  if (read.ok) found.value = read.value
  else trouble.value = sayProblem(read.problem, tab.units)
}
async function keepFound() {
  if (found.value && (await props.keep(found.value))) found.value = undefined
}
</script>

<template>
  <div class="trace">
    <label class="press plain">
      A logger’s trace…<input class="visually-hidden" type="file" accept=".csv,.txt,text/csv" @change="pick">
    </label>
    <progress v-if="share !== undefined" :value="share" max="1" aria-label="Reading the trace" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="found">
      <p>{{ said }}</p>
      <button class="press" @click="keepFound">Keep it, with its readings</button>
    </template>
  </div>
</template>

<style scoped>
.trace {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  font-size: var(--size-small);
}
.trace .press {
  font-size: var(--size-small);
  cursor: pointer;
}
.trace:focus-within label {
  outline: 3px solid var(--brass);
}
progress {
  flex: 1;
  accent-color: var(--brass);
}
</style>
