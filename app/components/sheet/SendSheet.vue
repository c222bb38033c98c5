<script setup lang="ts">
/** The sheet by mail: to whom, with which words; what is attached is what is shown. */
import { postReply } from '#contracts'
import { sayProblem } from '#core/words'
import { useDraft } from '~/composables/useDraft'
import { drawPaper } from '~/composables/usePrinter'
import { askServer } from '~/composables/useServer'
import type { Paper } from '~/papers/paper'
import { useTab } from '~/stores/tab'
import { useToday } from '~/stores/today'

const props = defineProps<{ draw: () => Promise<Paper> }>()
const emit = defineEmits<{ close: [] }>()
const tab = useTab()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
onMounted(() => dialog.value?.showModal())
const known = computed(() =>
  [tab.reply?.site.contact ?? '', ...(tab.reply?.facts ?? []).map(f => f.text)]
    .join(' ').match(/[\w.+-]+@[\w-]+(\.[\w-]+)+/)?.[0] ?? '')
const of = `post ${tab.reply?.tab.id ?? ''}`
const typed = useDraft(of, 'to')
const to = computed({
  get: () => typed.value || known.value,
  set: (text: string) => {
    typed.value = text
  },
})
const company = useToday().reply?.company ?? ''
const subject = ref(`${tab.reply?.system.name ?? ''}: what was done`)
const text = ref(
  `Attached is the sheet of our call at ${tab.reply?.site.name ?? ''}: what was wrong, why, what was done and how it `
  + `was left.\n\n${company}`)
const trouble = ref('')
const told = ref('')
const sending = ref(false)
async function send() {
  sending.value = true
  trouble.value = ''
  try {
    const paper = await props.draw()
    const bytes = await drawPaper(paper)
    const answer = await askServer(`/api/tabs/${tab.reply!.tab.id}/post`, postReply, {
      method: 'POST',
      body: {
        to: to.value.trim(), subject: subject.value, text: text.value, name: `${paper.name}.pdf`, pdf: base64(bytes),
      },
    })
    if (answer.ok) told.value = answer.value.told
    else trouble.value = sayProblem(answer.problem)
  }
  catch (error) {
    trouble.value = `The sheet could not be drawn: ${error instanceof Error ? error.message : String(error)}.`
  }
  sending.value = false
}
function base64(bytes: Uint8Array): string {
  let binary = ''
  for (let i = 0; i < bytes.length; i += 0x8000) binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000))
  return btoa(binary)
}
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="send-title" @close="emit('close')">
    <form v-if="!told" class="send" @submit.prevent="send">
      <h2 id="send-title">Send the sheet</h2>
      <label class="field"><span>To</span><input v-model="to" type="email" required maxlength="200" autofocus></label>
      <label class="field"><span>Subject</span><input v-model="subject" required maxlength="200"></label>
      <label class="field"><span>Message</span><textarea v-model="text" rows="5" maxlength="5000" /></label>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <p class="acts">
        <button type="button" class="press" @click="dialog?.close()">Leave it</button>
        <button class="press main" :disabled="sending">{{ sending ? 'Sending…' : 'Send' }}</button>
      </p>
    </form>
    <div v-else class="send">
      <p role="status"><b>Sent to {{ to }}.</b> {{ told }}</p>
      <p class="acts"><button class="press main" @click="dialog?.close()">Good</button></p>
    </div>
  </dialog>
</template>

<style scoped>
.send { display: grid; gap: 12px; }
.acts { display: flex; gap: 8px; justify-content: end; }
</style>
