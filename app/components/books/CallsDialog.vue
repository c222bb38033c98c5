<script setup lang="ts">
/** The tabs behind a figure. */
import { callsReply, type CallsReply } from '#contracts'
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'

const props = defineProps<{ tabs: readonly string[], of: string, count: number }>()
const emit = defineEmits<{ close: [] }>()
const calls = shallowRef<CallsReply['calls']>()
const trouble = ref('')
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
onMounted(async () => {
  dialog.value?.showModal()
  const answer = await askServer(`/api/calls?tabs=${props.tabs.join(',')}`, callsReply)
  if (answer.ok) calls.value = answer.value.calls
  else trouble.value = sayProblem(answer.problem)
})
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="calls-title" @close="emit('close')">
    <h2 id="calls-title" class="sentence">{{ of }} <span class="soft">{{ count }}</span></h2>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ul v-if="calls" class="ruled">
      <li v-for="c in calls" :key="c.tab">
        <NuxtLink :to="`/tabs/${c.tab}`"><b>{{ c.words }}</b></NuxtLink>
        <span class="soft">{{ [c.siteName, sayDay(c.day), c.by, c.failed].filter(Boolean).join(' · ') }}</span>
      </li>
    </ul>
    <p v-if="count > tabs.length" class="soft">The latest {{ tabs.length }} of {{ count }}.</p>
    <form method="dialog"><button class="press">Close</button></form>
  </dialog>
</template>

<style scoped>
dialog { display: grid; gap: 12px; }
dialog:not([open]) { display: none; }
.ruled li { display: block; padding: 8px 0; min-height: 0; }
.ruled span { display: block; font-size: var(--size-note); }
.sentence::first-letter { text-transform: uppercase; }
</style>
