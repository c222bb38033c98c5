<script setup lang="ts">
/** The day on paper, the plan as a calendar file, and as a feed that another calendar reads by a link. */
import { calendarLinkReply } from '#contracts'
import { sayProblem } from '#core/words'
import { askServer } from '~/composables/useServer'

defineProps<{ print: () => void, busy: string, trouble: string }>()
const link = ref('')
const refusal = ref('')
async function makeLink() {
  const made = await askServer('/api/calendar/link', calendarLinkReply, { method: 'POST', body: {} })
  refusal.value = made.ok ? '' : sayProblem(made.problem)
  link.value = made.ok ? `${location.origin}/api/calendar/${made.value.word}` : ''
}
</script>

<template>
  <p class="files soft">
    <button class="press plain" :disabled="busy !== ''" @click="print()">{{
      busy ? 'Drawing…' : 'Day sheet (PDF)' }}</button>
    <a class="press plain" href="/api/calendar" download="keep-tab.ics">Plan as a calendar file</a>
    <button class="press plain" @click="makeLink">Link for a calendar</button>
    <span v-if="trouble || refusal" class="trouble" role="alert">{{ trouble || refusal }}</span>
    <span v-if="link" class="link" role="status">Whoever has it reads the plan, until you are let go: {{ link }}</span>
  </p>
</template>

<style scoped>
.files { display: flex; flex-wrap: wrap; gap: 0 6px; padding: 4px 8px 0; font-size: var(--size-note); }
.link { flex-basis: 100%; overflow-wrap: anywhere; background: var(--brass-ground); padding: 8px 12px; }
</style>
