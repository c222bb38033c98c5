<script setup lang="ts">
/** Advice and follow-ups, drafted from what was done and what is open: each can be said otherwise, or left out. */
import type { DraftLine } from '#core/tab'
import { sayDay } from '~/composables/useClock'
import { useDraft } from '~/composables/useDraft'
import type { Proposed } from '~/composables/useSheet'
import { useTab } from '~/stores/tab'

defineProps<{ advice: readonly Proposed[], followUps: readonly Proposed[], settled: boolean }>()
const emit = defineEmits<{
  change: [key: string, text: string]
  leave: [key: string, out: boolean]
  write: [lines: readonly DraftLine[]]
}>()
const tab = useTab()
const own = useDraft(String(useRoute().params.id), 'advice')
function addOwn() {
  const text = own.value.trim()
  if (text) emit('write', [{ kind: 'advice', text }])
}
// what was typed goes once its line is there, not before
watch(() => tab.state.advice, (all) => {
  if (all.some(a => a.text === own.value.trim())) own.value = ''
})
</script>

<template>
  <section class="sentences" aria-label="Advice and follow-ups">
    <h2>Advice and follow-ups</h2>
    <p v-for="a in tab.state.advice" :key="a.id">{{ a.text }}</p>
    <p v-for="f in tab.state.followUps" :key="f.id"><b>{{ sayDay(f.due) }}</b> {{ f.text }}</p>
    <template v-if="!settled">
      <div v-for="s in [...advice, ...followUps]" :key="s.key" class="sentence" :class="{ out: s.out }">
        <span v-if="s.due" class="due">{{ sayDay(s.due) }}</span>
        <Textarea
          :model-value="s.text"
          :aria-label="s.due ? 'Follow-up' : 'Advice'"
          :disabled="s.out"
          rows="1"
          auto-resize
          maxlength="1500"
          @update:model-value="t => emit('change', s.key, String(t ?? ''))"
        />
        <button class="press plain" @click="emit('leave', s.key, !s.out)">
          {{ s.out ? 'put back' : 'leave out' }}
        </button>
      </div>
      <form class="sentence" @submit.prevent="addOwn">
        <input v-model="own" aria-label="Advice of your own" placeholder="Something of your own" autocomplete="off">
        <button class="press plain" :disabled="!own.trim()">add</button>
      </form>
    </template>
  </section>
</template>

<style scoped>
.sentences {
  display: grid;
  gap: 4px;
}
.sentence {
  display: flex;
  align-items: center;
  gap: 8px;
}
.sentence :deep(textarea),
.sentence input {
  flex: 1;
  min-width: 0;
  border: 0;
  border-bottom: 1px dashed var(--soft);
  border-radius: 0;
  background: none;
  padding: 6px 0;
  font-size: var(--size-note);
  color: inherit;
}
.sentence input {
  min-height: var(--control);
}
.sentence .press {
  font-size: var(--size-small);
}
.due {
  font-weight: 700;
  font-size: var(--size-small);
  white-space: nowrap;
}
.out :deep(textarea) {
  text-decoration: line-through;
  color: var(--soft);
}
</style>
