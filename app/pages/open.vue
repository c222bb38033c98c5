<script setup lang="ts">
/** Opening a tab in under half a minute: site, system kind and complaint are enough. */
import { v7 as uuid } from 'uuid'
import { openTabReply, siteReply, sitesReply, type ListedSite, type OpenTabRequest } from '#contracts'
import type { Complaint, KindId } from '#core/systems'
import { sayProblem } from '#core/words'
import { COMPLAINT_WORDS, isComplaint } from '~/composables/complaints'
import { openHere } from '~/composables/openHere'
import { askOrCopy } from '~/composables/useCopies'
import { useDraft, useDraftOfMany } from '~/composables/useDraft'
import { newPen, type DraftLine, type Line } from '#core/tab'
import { useClock } from '~/composables/useClock'
import { askServer, isPassing } from '~/composables/useServer'
import { useSites } from '~/composables/useSites'
import { useKinds, useSystems } from '~/composables/useSystems'
import { usePractice } from '~/stores/practice'
import { device, lineOf } from '~/keeper/device'
import { useKeeping } from '~/stores/keeping'
import { useMe } from '~/stores/me'

const route = useRoute()
/** what was typed for one system is not for another */
const of = `open ${String(route.query.system ?? route.query.site ?? '')}`
const siteName = useDraft(of, 'site')
const place = useDraft(of, 'place')
const { sites: listedSites, load } = useSites(siteName)
/** the one that was asked for by the address, and what its name finds */
const named = shallowRef<ListedSite>()
const sites = computed(() => [...(named.value ? [named.value] : []), ...(listedSites.value ?? [])])
const systemId = ref(String(route.query.system ?? ''))
const { kinds, nameOf } = useKinds()
const systems = useSystems()
const chosen = useDraft(of, 'kind')
/** until the worker has told the kinds, whatever was chosen before stands */
const listed = computed(() =>
  kinds.value.length > 0 ? kinds.value.find(k => k.id === chosen.value) : asChosen(chosen.value),
)
const asChosen = (id: string) => (id ? { id: id as KindId } : undefined)
const kind = computed<KindId>({
  get: () => listed.value?.id ?? 'well-3wire',
  set: (k) => {
    chosen.value = k
    written.value = {}
  },
})
const systemName = useDraft(of, 'system')
const asked = (name: 'complaint' | 'said') => String(route.query[name] ?? '')
const told = asked('complaint')
const complaint = ref<Complaint | undefined>(isComplaint(told) ? told : undefined)
const words = useDraft(of, 'words')
if (asked('said')) words.value = asked('said')
const since = useDraft(of, 'since')
const trouble = ref('')
const sending = ref(false)
/** the site that the address asks for is not here yet: of which kind its system is, and so what is said of it */
const coming = ref(Boolean(route.query.site))
useHead({ title: 'Open a tab · Keep Tab' })

onMounted(async () => {
  void load()
  if (!route.query.site) return
  const path = `/api/sites/${String(route.query.site)}`
  const answer = await askOrCopy(path, siteReply, ({ reply: { site, systems } }) => {
    const own = systems.map(({ system: { id, name, kind, retired } }) => ({ id, name, kind, retired }))
    named.value = { ...site, systems: own, tabs: 0, open: 0 }
    siteName.value = site.name
    coming.value = false
  })
  coming.value = false
  if (!answer.ok) trouble.value = sayProblem(answer.problem)
})
/** asked as it is typed */
const offered = ref<string[]>([])
const offer = (query: string) => {
  const names = sites.value.map(s => s.name).filter(n => n.toLowerCase().includes(query.trim().toLowerCase()))
  offered.value = [...new Set(names)]
}
watch(listedSites, () => siteName.value && offer(siteName.value))
const known = computed(() => {
  const typed = siteName.value.trim().toLowerCase()
  const site = sites.value.find(s => s.name.toLowerCase() === typed)
  return site && { ...site, systems: site.systems.filter(s => !s.retired) }
})
watch(known, (k) => {
  if (k && !k.systems.some(s => s.id === systemId.value)) systemId.value = k.systems[0]?.id ?? ''
})
const practice = usePractice()
const written = useDraftOfMany(of, 'nameplate')
const installed = ref('')
/** Systems of this kind elsewhere, whose figures may be taken over. */
const ofKind = shallowRef<readonly ListedSite[]>([])
watch(kind, async () => {
  const answer = await askServer(`/api/sites?kind=${kind.value}`, sitesReply)
  if (answer.ok) ofKind.value = answer.value.sites
}, { immediate: true })
const alike = computed(() =>
  ofKind.value.flatMap(s =>
    s.systems
      .filter(x => x.kind === kind.value)
      .map(x => ({ id: x.id, site: s.id, label: `${s.name}: ${x.name}` })),
  ),
)
async function takeOver(event: Event) {
  const other = alike.value.find(a => a.id === (event.target as HTMLSelectElement).value)
  if (!other) return
  const site = await askServer(`/api/sites/${other.site}`, siteReply)
  const system = site.ok ? site.value.systems.find(x => x.system.id === other.id)?.system : undefined
  if (system) written.value = await systems.write(system.kind, system.nameplate, practice.units)
  else if (!site.ok) trouble.value = sayProblem(site.problem)
}
const newSystem = computed(() => !known.value || systemId.value === '')
/** The kind in question: chosen now, or of the known system. */
const kindNow = computed<KindId>(() =>
  newSystem.value
    ? kind.value
    : ((known.value?.systems.find(s => s.id === systemId.value)?.kind as KindId | undefined) ?? kind.value),
)
const complaints = computed(() =>
  coming.value ? [] : (kinds.value.find(k => k.id === kindNow.value)?.complaints ?? []))
watch(complaints, (list) => {
  if (list.length > 0 && complaint.value && !list.includes(complaint.value)) complaint.value = undefined
})
const missing = computed(() =>
  coming.value
    ? 'The site is on its way: press again once it is here.'
    : !siteName.value.trim()
        ? 'Say which site.'
        : newSystem.value && !kind.value
          ? 'Say what kind of system it is.'
          : !complaint.value
              ? 'Choose what the customer says.'
              : '',
)

/** The line that opens the tab: of this device's pen, stored here once the server has it. */
async function openingLine(complaint: Complaint): Promise<Line> {
  const draft: DraftLine = {
    kind: 'opened',
    complaint,
    words: words.value.trim() || COMPLAINT_WORDS[complaint],
    ...(since.value.trim() ? { since: since.value.trim() } : {}),
  }
  const by = useMe().writer
  const writing = { id: uuid(), ...useClock().stamp(), ...(by ? { by } : {}), heads: [] }
  return device.stamp(draft, writing).catch(() => lineOf(newPen(`dev-${uuid()}`), draft, writing).line)
}

/** What the owner says of what went before stands on the tab as lines, each to be taken back like any other. */
async function logOwner(tab: string, opened: Line) {
  const said = { words: words.value.trim(), since: since.value.trim() }
  // without the engine his words are still what the tab was opened with
  const told = await systems.owner(kindNow.value, said).catch(() => [])
  for (const draft of told) await useKeeping().add(tab, draft, [opened])
}

async function open() {
  if (missing.value || !complaint.value) {
    trouble.value = missing.value
    return
  }
  sending.value = true
  const tab = uuid()
  const opened = await openingLine(complaint.value)
  const request: OpenTabRequest = {
    site: {
      id: known.value?.id ?? uuid(),
      name: siteName.value.trim(),
      ...(place.value.trim() ? { place: place.value.trim() } : {}),
    },
    system: newSystem.value
      ? {
          id: uuid(),
          name: systemName.value.trim() || nameOf(kind.value),
          kind: kind.value,
          nameplate: await systems.spell(kindNow.value, written.value, practice.units),
          ...(installed.value ? { installed: installed.value } : {}),
        }
      : { id: systemId.value },
    tab: { id: tab, opened },
  }
  const answer = await askServer('/api/tabs', openTabReply, { method: 'POST', body: request })
  sending.value = false
  // without a signal it is opened on this device, and there once the server is back
  const here = !answer.ok && isPassing(answer.problem) && await openHere(request, opened, {
    site: known.value, kind: kindNow.value,
  })
  if (answer.ok || here) {
    if (answer.ok) await device.saveOpening({ tab, request }, opened).catch(useKeeping().cannotCopy)
    await logOwner(tab, opened)
    siteName.value = place.value = chosen.value = systemName.value = words.value = since.value = ''
    written.value = {}
    await navigateTo(`/tabs/${tab}`)
  }
  else {
    trouble.value = `${sayProblem(answer.problem)} What you typed is still here.`
  }
}
</script>

<template>
  <form class="page narrow" @submit.prevent="open">
    <h1>Open a tab</h1>
    <div class="field">
      <label for="site">Site</label>
      <AutoComplete
        v-model="siteName"
        input-id="site"
        :suggestions="offered"
        fluid
        :show-empty-message="false"
        placeholder="Name of the place, known or new"
        @complete="e => offer(e.query)"
      />
    </div>
    <label v-if="siteName && !known" class="field">
      <span>Where (optional)</span><input v-model="place" autocomplete="off">
    </label>
    <fieldset v-if="known" class="choices">
      <legend>System</legend>
      <label v-for="s in known.systems" :key="s.id" class="choice">
        <input v-model="systemId" type="radio" :value="s.id"> {{ s.name }}
        <span class="soft">{{ nameOf(s.kind) }}</span>
      </label>
      <label class="choice"><input v-model="systemId" type="radio" value=""> Another system here</label>
    </fieldset>
    <fieldset v-if="siteName && newSystem && !coming" class="choices">
      <legend>Kind of system</legend>
      <label v-for="k in kinds" :key="k.id" class="choice">
        <input v-model="kind" type="radio" :value="k.id"> {{ k.name }}</label>
      <label class="field">
        <span>What it is called (optional)</span>
        <input v-model="systemName" autocomplete="off" placeholder="greenhouse well">
      </label>
      <details class="figures">
        <summary>
          What is fitted, and what the nameplates say
          <span class="soft">(can come later; each figure sharpens what is expected)</span>
        </summary>
        <div class="over">
          <label v-if="alike.length" class="field">
            <span>Take the figures over from</span>
            <select @change="takeOver">
              <option value="">a system like it…</option>
              <option v-for="a in alike" :key="a.id" :value="a.id">{{ a.label }}</option>
            </select>
          </label>
          <label class="field"><span>Put in on (if known)</span><input v-model="installed" type="date"></label>
        </div>
        <NameplateForm v-model="written" :kind="kind" />
      </details>
    </fieldset>
    <fieldset class="choices">
      <legend>What the customer says</legend>
      <p v-if="coming" class="soft" role="status">Bringing the site…</p>
      <label v-for="c in complaints" :key="c" class="choice">
        <input v-model="complaint" type="radio" :value="c"> {{ COMPLAINT_WORDS[c] }}</label>
    </fieldset>
    <label class="field">
      <span>In their words (optional)</span><input v-model="words" autocomplete="off" maxlength="500">
    </label>
    <label class="field">
      <span>Since when, and what changed (optional)</span>
      <input v-model="since" autocomplete="off" maxlength="500">
    </label>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div>
      <button class="press main" :disabled="sending">{{ sending ? 'Opening…' : 'Open the tab' }}</button>
    </div>
  </form>
</template>

<style scoped>
.narrow {
  max-width: 860px;
  gap: 16px;
}
.choices {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
legend {
  font-weight: 600;
  font-size: var(--size-note);
  margin-bottom: 6px;
}
.choice {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: var(--control);
  padding: 0 14px;
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: var(--panel);
  cursor: pointer;
}
.choice:has(:checked) {
  border-color: var(--brass);
  background: var(--brass-ground);
  font-weight: 700;
}
.choice input {
  accent-color: var(--brass);
  width: 18px;
  height: 18px;
}
.choices .field {
  flex: 1 0 100%;
}
.figures {
  flex: 1 0 100%;
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  padding: 0 14px;
  background: var(--panel);
}
.figures[open] {
  padding-bottom: 14px;
}
.figures summary {
  cursor: pointer;
  min-height: var(--control);
  display: flex;
  align-items: center;
  gap: 6px;
  flex-wrap: wrap;
  font-weight: 600;
}
.figures summary .soft {
  font-weight: 400;
  font-size: var(--size-note);
}
.over {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
  margin: 6px 0 12px;
}
.over .field {
  flex: 1 1 220px;
}
</style>
