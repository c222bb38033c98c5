<script setup lang="ts">
/** A system's name and what it is; renamed, moved to another site, retired, given a tag. All of it is lines. */
import { randomBytes } from '@noble/hashes/utils.js'
import type { SiteReply } from '#contracts'
import { codeOf, makeToken } from '#core/tags'
import { sayDay, useClock } from '~/composables/useClock'
import { useSites } from '~/composables/useSites'
import { useLedger } from '~/stores/ledger'

const props = defineProps<{ entry: SiteReply['systems'][number], site: SiteReply['site'], kindName: string }>()
const ledger = useLedger()
/** with what was said here and is not yet in the server's answer */
const system = computed(() => ({ ...props.entry.system, ...ledger.own.system(props.entry.system.id) }))
const token = computed(() =>
  ledger.own.tags().find(t => t.system === props.entry.system.id)?.token ?? props.entry.token)
const told = computed(() => [
  props.kindName,
  system.value.location,
  system.value.installed ? `installed ${sayDay(system.value.installed)}` : '',
  system.value.retired ? `retired ${sayDay(system.value.retired)}` : '',
  token.value ? `tag ${codeOf(token.value)}` : '',
].filter(Boolean).join(' · '))

const open = ref(false)
const name = ref('')
const location = ref('')
const to = ref('')
const { sites, load } = useSites(to)
function begin() {
  open.value = !open.value
  name.value = system.value.name
  location.value = system.value.location
  to.value = ''
}
const elsewhere = computed(() => (sites.value ?? []).filter(s => s.id !== props.site.id).slice(0, 6))
const say = (change: { name?: string, location?: string, site?: string, retired?: string }) =>
  ledger.write({ kind: 'system', system: props.entry.system.id, ...change })
async function rename() {
  await say({ name: name.value.trim(), location: location.value.trim() })
  open.value = false
}
async function move(site: string) {
  await say({ site })
  open.value = false
}
const isRetired = computed(() => Boolean(system.value.retired))
const retire = () => say({ retired: isRetired.value ? '' : useClock().today() })
const tag = () => ledger.write({ kind: 'tag', system: props.entry.system.id, token: makeToken(randomBytes(26)) })
</script>

<template>
  <header>
    <div class="line">
      <h2>{{ system.name }}</h2>
      <p class="soft grow">{{ told }}</p>
      <NuxtLink v-if="token" class="press plain" :to="`/sites/${site.id}/tag?system=${entry.system.id}`">
        Print its tag</NuxtLink>
      <button v-else class="press plain" @click="tag">Give it a tag</button>
      <button class="press plain" :aria-expanded="open" @click="begin">Change</button>
    </div>
    <div v-if="open" class="change">
      <form class="said" @submit.prevent="rename">
        <label class="field"><span>Name</span><input v-model="name" maxlength="200" required></label>
        <label class="field"><span>Where it stands</span><input v-model="location" maxlength="500"></label>
        <button class="press main" :disabled="!name.trim()">Say so</button>
      </form>
      <div class="said">
        <label class="field"><span>Belongs to another site</span>
          <input v-model="to" type="search" placeholder="Name of the site" @focus="load"></label>
        <template v-if="to.trim()">
          <button v-for="s in elsewhere" :key="s.id" class="press" @click="move(s.id)">
            {{ s.name }} <span class="soft">{{ s.place }}</span></button>
        </template>
      </div>
      <div class="said">
        <button class="press" @click="retire">{{ isRetired ? 'Back in service' : 'Retire it' }}</button>
        <button v-if="token" class="press" @click="tag">New tag</button>
        <p class="soft">Its tabs and readings stay; {{
          isRetired ? 'checks fall due again' : 'a retired system has no checks due' }}.
          <template v-if="token">A new tag leaves those stuck on before good.</template></p>
      </div>
    </div>
  </header>
</template>

<style scoped>
.line { display: flex; flex-wrap: wrap; gap: 4px 14px; align-items: baseline; }
.grow { flex: 1; min-width: 200px; }
.change {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 32px;
  padding: 12px 0;
  border-bottom: 1px dashed var(--rule);
}
.said { display: flex; flex-wrap: wrap; gap: 8px 12px; align-items: end; }
.said .field { min-width: 220px; }
.said p { flex: 1; min-width: 240px; font-size: var(--size-note); }
</style>
