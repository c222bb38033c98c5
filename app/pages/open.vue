<script setup lang="ts">
/** Opening a tab in under half a minute: site, system kind and complaint are enough. */
import { v7 as uuid } from 'uuid'
import type { ListedSite, OpenTabRequest } from '#contracts'
import { COMPLAINTS, KIND_IDS, kindOf, type Complaint, type KindId } from '#core/systems'
import { sayProblem } from '#core/words'
import { useClock } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'

const COMPLAINT_WORDS: Record<Complaint, string> = { 'no-water': 'No water', 'groans': 'Groans, does not start', 'overload-trips': 'Overload lets go', 'breaker-trips': 'Breaker trips', 'low-pressure': 'Low pressure', 'rapid-cycles': 'Starts every few seconds', 'runs-on': 'Runs on', 'surges': 'Taps pulse and surge', 'check-up': 'Check-up' }
const sites = ref<readonly ListedSite[]>([])
const route = useRoute()
const siteName = ref('')
const place = ref('')
const systemId = ref(String(route.query.system ?? ''))
const kind = ref<KindId>('well-3wire')
const systemName = ref('')
const complaint = ref<Complaint>()
const words = ref('')
const since = ref('')
const trouble = ref('')
const sending = ref(false)
useHead({ title: 'Open a tab · Keep Tab' })

onMounted(async () => {
  const answer = await askServer<ListedSite[]>('/api/sites')
  if (answer.ok) sites.value = answer.value
  else trouble.value = sayProblem(answer.problem)
  const of = sites.value.find(s => s.id === route.query.site || s.systems.some(x => x.id === systemId.value))
  if (of) siteName.value = of.name
})
const offered = ref<string[]>([])
const offer = (query: string) => { offered.value = sites.value.map(s => s.name).filter(n => n.toLowerCase().includes(query.trim().toLowerCase())) }
const known = computed(() => sites.value.find(s => s.name.toLowerCase() === siteName.value.trim().toLowerCase()))
watch(known, (k) => { if (k && !k.systems.some(s => s.id === systemId.value)) systemId.value = k.systems[0]?.id ?? '' })
const newSystem = computed(() => !known.value || systemId.value === '')
const missing = computed(() => !siteName.value.trim() ? 'Say which site.' : newSystem.value && !kind.value ? 'Say what kind of system it is.' : !complaint.value ? 'Choose what the customer says.' : '')

async function open() {
  if (missing.value || !complaint.value) {
    trouble.value = missing.value
    return
  }
  sending.value = true
  const tab = uuid()
  const request: OpenTabRequest = {
    site: { id: known.value?.id ?? uuid(), name: siteName.value.trim(), ...(place.value.trim() ? { place: place.value.trim() } : {}) },
    system: newSystem.value ? { id: uuid(), name: systemName.value.trim() || 'well', kind: kind.value } : { id: systemId.value },
    tab: { id: tab, opened: { id: uuid(), at: useClock().now(), kind: 'opened', complaint: complaint.value, words: words.value.trim() || COMPLAINT_WORDS[complaint.value], ...(since.value.trim() ? { since: since.value.trim() } : {}) } },
  }
  const answer = await askServer<{ tab: string }>('/api/tabs', { method: 'POST', body: request })
  sending.value = false
  if (answer.ok) await navigateTo(`/tabs/${answer.value.tab}`)
  else trouble.value = `${sayProblem(answer.problem)} What you typed is still here.`
}
</script>

<template>
  <form class="page narrow" @submit.prevent="open">
    <h1>Open a tab</h1>
    <div class="field">
      <label for="site">Site</label>
      <AutoComplete v-model="siteName" input-id="site" :suggestions="offered" fluid placeholder="Name of the place, known or new" @complete="e => offer(e.query)" />
    </div>
    <label v-if="siteName && !known" class="field"><span>Where (optional)</span><input v-model="place" autocomplete="off"></label>
    <fieldset v-if="known" class="choices">
      <legend>System</legend>
      <label v-for="s in known.systems" :key="s.id" class="choice"><input v-model="systemId" type="radio" :value="s.id"> {{ s.name }} <span class="soft">{{ kindOf(s.kind as KindId).name.toLowerCase() }}</span></label>
      <label class="choice"><input v-model="systemId" type="radio" value=""> Another system here</label>
    </fieldset>
    <fieldset v-if="siteName && newSystem" class="choices">
      <legend>Kind of system</legend>
      <label v-for="k in KIND_IDS" :key="k" class="choice"><input v-model="kind" type="radio" :value="k"> {{ kindOf(k).name }}</label>
      <label class="field"><span>What it is called (optional)</span><input v-model="systemName" autocomplete="off" placeholder="well"></label>
      <p class="soft">Nameplate figures can come later; each one sharpens what is expected.</p>
    </fieldset>
    <fieldset class="choices">
      <legend>What the customer says</legend>
      <label v-for="c in COMPLAINTS" :key="c" class="choice"><input v-model="complaint" type="radio" :value="c"> {{ COMPLAINT_WORDS[c] }}</label>
    </fieldset>
    <label class="field"><span>In their words (optional)</span><input v-model="words" autocomplete="off" maxlength="500"></label>
    <label class="field"><span>Since when, and what changed (optional)</span><input v-model="since" autocomplete="off" maxlength="500"></label>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div>
      <button class="press main" :disabled="sending">{{ sending ? 'Opening…' : 'Open the tab' }}</button>
    </div>
  </form>
</template>

<style scoped>
.narrow { max-width: 720px; gap: 16px; }
.choices { border: 0; padding: 0; margin: 0; display: flex; flex-wrap: wrap; gap: 8px; }
legend { font-weight: 600; font-size: 14px; margin-bottom: 6px; }
.choice { display: inline-flex; align-items: center; gap: 8px; min-height: 44px; padding: 0 14px; border: 1.5px solid var(--rule); border-radius: 4px; background: var(--panel); cursor: pointer; }
.choice:has(:checked) { border-color: var(--brass); background: var(--brass-ground); font-weight: 700; }
.choice input { accent-color: var(--brass); width: 18px; height: 18px; }
.choices .field { flex: 1 0 100%; }
.choices p { flex: 1 0 100%; }
</style>
