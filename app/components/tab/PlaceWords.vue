<script setup lang="ts">
/** Where a remark belongs: the answers and readings of this system, found by a word of theirs. */
import { computedAsync } from '@vueuse/core'
import type { SystemOutline } from '#core/systems'
import type { Answer, Remark } from '~/composables/usePlacing'
import { useTab } from '~/stores/tab'

const props = defineProps<{ kind: SystemOutline, remark: Remark | undefined, trouble: string }>()
const emit = defineEmits<{ place: [answer: Answer], close: [] }>()
const tab = useTab()
const dialog = useTemplateRef('dialog')
const sought = ref('')
watch(() => props.remark, (r) => {
  if (!r) return dialog.value?.close()
  sought.value = ''
  dialog.value?.showModal()
})

interface Choice extends Answer {
  readonly title: string
  readonly label: string
  /** what it is found by */
  readonly by: string
}
const MOST = 8
const all = computed<readonly Choice[]>(() => props.kind.tests.flatMap((t) => {
  const { id: test, title } = t
  const by = `${title} ${t.words.join(' ')}`.toLowerCase()
  if (t.kind === 'numeric') return [{ test, title, label: 'its figure', by }]
  return t.outcomes.map(({ id: outcome, label, words }) =>
    ({ test, outcome, title, label, by: `${by} ${label} ${words.join(' ')}`.toLowerCase() }))
}))
const nearest = computedAsync(async () => {
  const heard = props.remark && await tab.hear(props.remark.words)
  const said = heard?.ok && heard.value.ok ? heard.value.value : undefined
  const near = said?.kind === 'remark' ? said.nearest : said?.kind === 'ask' ? said.choices : []
  return near.flatMap(({ line: l }) => (l.kind === 'reading' || l.kind === 'observation' ? [l] : []))
}, [])
const offered = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length > 0) return all.value.filter(c => words.every(w => c.by.includes(w)))
  return nearest.value.flatMap(l =>
    all.value.find(c => c.test === l.test && c.outcome === (l.kind === 'observation' ? l.outcome : undefined)) ?? [])
})
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="place-words" @close="emit('close')">
    <form class="form" @submit.prevent="offered[0] && emit('place', offered[0])">
      <h2 id="place-words">What does it mean?</h2>
      <p class="words">“{{ remark?.words }}”</p>
      <label class="field">
        <span>What it tells of</span>
        <input v-model="sought" placeholder="contacts, gauge, capacitor…" autocomplete="off" autofocus>
      </label>
      <ul v-if="offered.length" class="answers">
        <li v-for="c in offered.slice(0, MOST)" :key="`${c.test} ${c.outcome}`">
          <button type="button" class="answer" @click="emit('place', c)">
            <b>{{ c.label }}</b><span class="soft">{{ c.title }}</span>
          </button>
        </li>
      </ul>
      <p v-else-if="sought.trim()" class="soft">Nothing that is read or seen here goes by that.</p>
      <p v-else class="soft">Nothing comes near it. Name the thing it tells of.</p>
      <p v-if="offered.length > MOST" class="soft">{{ offered.length - MOST }} more: another word narrows them.</p>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <p class="soft">
        The remark is struck, its meaning stands in its place, and these words are heard so from now on.
      </p>
      <div class="row"><button type="button" class="press plain" @click="emit('close')">Leave it</button></div>
    </form>
  </dialog>
</template>

<style scoped>
.form { display: grid; gap: var(--space-3); }
.words { font-size: var(--size-head); margin: 0; overflow-wrap: anywhere; }
.answers { list-style: none; margin: 0; padding: 0; display: grid; gap: 4px; }
.answer {
  display: flex;
  justify-content: space-between;
  gap: 2px 12px;
  flex-wrap: wrap;
  width: 100%;
  min-height: var(--control);
  align-items: center;
  padding: 4px 12px;
  text-align: left;
  background: var(--panel);
  border: 1px solid var(--rule);
  border-radius: var(--round);
  cursor: pointer;
}
.answer:hover { background: var(--panel-2); }
</style>
