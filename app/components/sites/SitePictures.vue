<script setup lang="ts">
/** Pictures that were taken at a system, newest first, each with its caption and day; pressed, they open whole. */
import type { SiteReply } from '#contracts'
import { sayDay } from '~/composables/useClock'

const props = defineProps<{ tabs: SiteReply['systems'][number]['tabs'] }>()
interface Taken { readonly caption?: string, readonly attachments?: readonly { readonly hash: string }[] }
const MOST = 12
const all = computed(() => props.tabs.flatMap(({ lines }) => lines.flatMap((line) => {
  if (line.kind !== 'photo') return []
  const { caption, attachments } = line as Taken
  const hash = attachments?.[0]?.hash
  return hash ? [{ hash, caption: caption || 'no caption', day: line.at }] : []
})).toSorted((a, b) => b.day.localeCompare(a.day)))
const shown = ref(MOST)
/** those that have not come to the server yet */
const lacking = ref<ReadonlySet<string>>(new Set())
const lack = (hash: string) => {
  lacking.value = new Set([...lacking.value, hash])
}
</script>

<template>
  <div v-if="all.length">
    <h3 class="caps">Pictures</h3>
    <ul class="pictures">
      <li v-for="p in all.slice(0, shown)" :key="p.hash + p.day">
        <a v-if="!lacking.has(p.hash)" :href="`/api/attachments/${p.hash}`" target="_blank" rel="noopener">
          <img :src="`/api/attachments/${p.hash}`" :alt="p.caption" loading="lazy" @error="lack(p.hash)"></a>
        <span v-else class="soft gone">not come yet</span>
        <span>{{ p.caption }} <small class="soft">{{ sayDay(p.day) }}</small></span>
      </li>
    </ul>
    <button v-if="all.length > shown" class="press plain" @click="shown += MOST">
      {{ all.length - shown }} older</button>
  </div>
</template>

<style scoped>
.pictures {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 8px 10px;
}
img, .gone { width: 100%; aspect-ratio: 4 / 3; object-fit: cover; border: 1px solid var(--rule); display: block; }
.gone { display: grid; place-items: center; }
li { font-size: var(--size-small); display: grid; gap: 2px; align-content: start; }
</style>
