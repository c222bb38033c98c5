<script setup lang="ts">
/** A system's tag as it will stick on it: sized for a label, printed or saved. */
import { siteReply, type SiteReply } from '#contracts'
import { codeOf } from '#core/tags'
import { sayProblem } from '#core/words'
import { askOrCopy } from '~/composables/useCopies'
import { usePrinting } from '~/composables/usePrinter'
import { LABELS, tagPaper, type LabelId } from '~/papers/tagPaper'
import { useLedger } from '~/stores/ledger'
import { useToday } from '~/stores/today'

const route = useRoute()
const reply = shallowRef<SiteReply>()
const trouble = ref('')
const label = ref<LabelId>('62 × 29 mm')
const { busy, trouble: printing, print } = usePrinting()
onMounted(async () => {
  const answer = await askOrCopy(`/api/sites/${String(route.params.id)}`, siteReply, (copy) => {
    reply.value = copy.reply
  })
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
})
const entry = computed(() => reply.value?.systems.find(s => s.system.id === route.query.system))
const token = computed(() =>
  useLedger().own.tags().find(t => t.system === route.query.system)?.token ?? entry.value?.token)
const lines = computed(() => [entry.value?.system.name ?? '', useToday().reply?.company ?? ''].filter(Boolean))
const paper = computed(() => token.value && tagPaper(token.value, lines.value, label.value))
useHead({ title: 'Tag · Keep Tab' })
</script>

<template>
  <div class="page narrow">
    <header class="headed">
      <div>
        <h1>Tag</h1>
        <p v-if="entry" class="soft">{{ reply?.site.name }} · {{ entry.system.name }}</p>
      </div>
      <div class="acts">
        <NuxtLink class="press" :to="`/sites/${String(route.params.id)}`">Back</NuxtLink>
        <button v-if="paper" class="press main" :disabled="busy !== ''" @click="print(paper)">
          {{ busy ? 'Drawing…' : 'Save as PDF' }}</button>
      </div>
    </header>
    <p v-if="trouble || printing" class="trouble" role="alert">{{ trouble || printing }}</p>
    <template v-if="token">
      <label class="field size"><span>Label</span>
        <select v-model="label"><option v-for="(_, id) in LABELS" :key="id" :value="id">{{ id }}</option></select>
      </label>
      <div class="label" :style="{ aspectRatio: `${LABELS[label].width} / ${LABELS[label].height}` }">
        <QrPicture :text="token" />
        <div><b class="code">{{ codeOf(token) }}</b><span v-for="l in lines" :key="l">{{ l }}</span></div>
      </div>
      <p class="soft">
        Stick it where it stays dry and can be read without opening anything. The picture holds nothing but a random
        number; whoever finds it learns nothing of the place. Without a camera the eight letters do the same.
      </p>
    </template>
    <p v-else-if="reply" class="soft">This system has no tag yet: give it one on its site’s page.</p>
  </div>
</template>

<style scoped>
.narrow { max-width: 720px; }
.acts { display: flex; gap: 8px; }
.size { max-width: 220px; }
.label {
  width: min(420px, 100%);
  background: #fff;
  color: #000;
  border: 1px solid var(--edge);
  border-radius: 6px;
  padding: 12px;
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 16px;
  align-items: center;
}
.label :deep(svg) { height: 100%; max-height: 180px; aspect-ratio: 1; }
.label div { display: grid; gap: 4px; min-width: 0; }
.code { font-size: var(--size-head); letter-spacing: 0.04em; }
</style>
