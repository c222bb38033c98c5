<script setup lang="ts">
/** What is still open, the call in two sentences, a signature if wanted; or it is carried instead. */
import SignaturePad from 'signature_pad'
import type { DraftLine } from '#core/tab'
import { useDraft } from '~/composables/useDraft'

defineProps<{ open: readonly string[], summary: string, signing: boolean }>()
const emit = defineEmits<{
  summary: [text: string]
  sign: [signature: Blob | undefined]
  carry: [line: DraftLine]
}>()
const wanted = ref(false)
const canvas = useTemplateRef('canvas')
let pad: SignaturePad | undefined
watch(canvas, (on) => {
  pad?.off()
  pad = undefined
  if (!on) return
  // drawn at the screen's own points, so that a finger's line stays sharp
  const scale = window.devicePixelRatio || 1
  on.width = on.offsetWidth * scale
  on.height = on.offsetHeight * scale
  on.getContext('2d')?.scale(scale, scale)
  pad = new SignaturePad(on, { penColor: '#1b2328', backgroundColor: '#fffaf0' })
})
onUnmounted(() => pad?.off())
async function sign() {
  const drawn = pad && !pad.isEmpty() ? canvas.value : undefined
  const png = drawn ? await new Promise<Blob | null>(done => drawn.toBlob(done, 'image/png')) : null
  emit('sign', png ?? undefined)
}

const of = String(useRoute().params.id)
const carry = useDraft(of, 'carry')
const bring = useDraft(of, 'bring')
function carryOn() {
  const [reason, what] = [carry.value.trim(), bring.value.trim()]
  if (reason) emit('carry', { kind: 'carried', reason, ...(what ? { bring: what } : {}) })
}
</script>

<template>
  <aside class="panel sign" aria-label="Sign">
    <div v-if="open.length">
      <h2>Still open</h2>
      <ul class="open">
        <li v-for="o in open" :key="o">{{ o }}</li>
      </ul>
      <p class="soft note">Settling with this open is allowed: the customer’s sheet says so.</p>
    </div>
    <label class="field">
      <span>In short, for the customer</span>
      <Textarea
        :model-value="summary"
        maxlength="1500"
        rows="3"
        auto-resize
        fluid
        @update:model-value="t => emit('summary', String(t ?? ''))"
      />
    </label>
    <div v-if="wanted" class="field">
      <label for="signature">Sign here</label>
      <canvas id="signature" ref="canvas" />
      <button class="press plain" @click="pad?.clear()">wipe it</button>
    </div>
    <div class="acts">
      <button class="press main" :disabled="signing" @click="sign">
        {{ open.length ? 'Settle with this still open' : 'Settle the tab' }}
      </button>
      <button v-if="!wanted" class="press" @click="wanted = true">With a signature</button>
    </div>
    <details>
      <summary>Carry it instead</summary>
      <form class="carry" @submit.prevent="carryOn">
        <label class="field"><span>Waiting for</span><input v-model="carry" autocomplete="off"></label>
        <label class="field"><span>Bring next time</span><input v-model="bring" autocomplete="off"></label>
        <div><button class="press" :disabled="!carry.trim()">Carry the tab</button></div>
      </form>
    </details>
  </aside>
</template>

<style scoped>
.sign {
  padding: 16px 18px;
  display: grid;
  gap: 14px;
  align-content: start;
  border: 2px solid var(--edge);
}
.open {
  margin: 6px 0 4px;
  padding-left: 18px;
  font-size: var(--size-note);
}
.note {
  font-size: var(--size-small);
}
canvas {
  width: 100%;
  height: 140px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  touch-action: none;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.carry {
  display: grid;
  gap: 10px;
}
summary {
  cursor: pointer;
  min-height: var(--control);
  display: flex;
  align-items: center;
  color: var(--brass);
}
</style>
