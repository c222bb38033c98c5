<script setup lang="ts">
/** The bar at the foot of the day: say a site and a complaint to open a tab, or anything to find it. */
import { useEventListener } from '@vueuse/core'
import { sitesReply, type ListedSite } from '#contracts'
import { askOrCopy } from '~/composables/useCopies'
import { sitesHeld } from '~/composables/useSites'
import { useSearch } from '~/composables/useSearch'
import { COMPLAINT_WORDS, SAID_AS } from '~/composables/complaints'
import { readCall } from './said'

const typed = ref('')
const sites = shallowRef<readonly ListedSite[]>([])
const input = useTemplateRef<HTMLInputElement>('input')
const { found, alone } = useSearch(typed)
const call = computed(() =>
  readCall(typed.value, sites.value.map(s => ({ id: s.id, words: s.name })), SAID_AS))
const site = computed(() => sites.value.find(s => s.id === call.value.site))
const complaint = computed(() => COMPLAINT_WORDS[call.value.complaint as keyof typeof COMPLAINT_WORDS])
const opens = computed(() => site.value || call.value.complaint)
async function load() {
  if (sites.value.length > 0) return
  const answer = await askOrCopy('/api/sites?most=1000', sitesReply, (copy) => {
    sites.value = copy.reply.sites
  })
  if (!answer.ok) sites.value = await sitesHeld()
}
const open = () => navigateTo({
  path: '/open',
  query: {
    ...(site.value ? { site: site.value.id } : {}),
    ...(call.value.complaint ? { complaint: call.value.complaint } : {}),
    ...(call.value.rest ? { said: call.value.rest } : {}),
  },
})
useEventListener('keydown', (e) => {
  if (e.key !== '/' || (e.target as HTMLElement).matches('input, textarea, select')) return
  e.preventDefault()
  input.value?.focus()
})
</script>

<template>
  <div class="say no-print">
    <div v-if="typed.trim()" class="panel above">
      <FoundList v-if="found.length" :found="found.slice(0, 7)" />
      <p v-if="alone && found.length" class="soft none">Without the server: only what this device holds.</p>
      <p v-if="!found.length && !opens" class="soft none">Nothing has these words. Enter opens a tab with them.</p>
      <!-- next to the bar: what is found grows upwards, and moves no key from under a finger -->
      <button v-if="opens" class="opens" @click="open">
        <span class="caps">open</span>
        <span><b>{{ complaint ?? 'A tab' }}</b> at <b>{{ site?.name ?? 'a new site' }}</b></span>
        <kbd>Enter</kbd>
      </button>
    </div>
    <form class="bar" @submit.prevent="open">
      <label class="visually-hidden" for="say">Site and complaint, or anything to find</label>
      <input
        id="say"
        ref="input"
        v-model="typed"
        placeholder="site, complaint…"
        autocomplete="off"
        @focus="load"
        @keydown.esc="typed = ''"
      >
      <p class="hint">Open a tab by saying it: <b>willow bend no water</b></p>
      <p class="keys"><kbd>Enter</kbd> open <kbd>/</kbd> find anything</p>
    </form>
  </div>
</template>

<style scoped>
.say { position: relative; z-index: 5; }
.above {
  position: absolute;
  bottom: 100%;
  left: 14px;
  width: min(640px, calc(100% - 28px));
  max-height: 60vh;
  overflow: auto;
  border-color: var(--edge);
}
.opens {
  display: grid;
  grid-template-columns: 66px 1fr auto;
  gap: 10px;
  align-items: center;
  position: sticky;
  bottom: 0;
  width: 100%;
  min-height: 48px;
  padding: 8px 14px;
  text-align: left;
  border: 0;
  border-top: 1px solid var(--rule);
  background: var(--brass-ground);
  cursor: pointer;
}
.none { padding: 10px 14px; }
.bar {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 8px 14px;
  background: var(--bar);
  color: var(--on-bar);
}
input {
  flex: 0 1 400px;
  min-width: 0;
  min-height: 50px;
  padding: 4px 16px;
  font-size: var(--size-head);
  border: 2px solid var(--bar-brass);
  border-radius: 6px;
  background: var(--bar-field);
  color: var(--on-bar-field);
}
.hint { flex: 1; font-size: var(--size-text); }
.keys { white-space: nowrap; font-size: var(--size-note); }
kbd {
  border: 1.5px solid currentcolor;
  border-radius: var(--round);
  padding: 2px 6px;
  font: inherit;
  font-size: var(--size-small);
}
@media (max-width: 760px) {
  .hint, .keys { display: none; }
  input { flex: 1; }
}
</style>
