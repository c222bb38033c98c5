<script setup lang="ts">
/** The Tab screen: path, next test, suspects, tape and reading line on one screen. */
import { useMediaQuery } from '@vueuse/core'
import { nextProof, type WorkState } from '#core/tab'
import { unitsOf } from '#core/units'
import { sayProblem } from '#core/words'
import { shortTitle } from '~/components/tab/tapeRows'
import { useProving } from '~/composables/useProving'
import { usePlacing } from '~/composables/usePlacing'
import { useDrawnSheet } from '~/composables/useDrawnSheet'
import { useTabKeys } from '~/composables/useTabKeys'
import { useStations } from '~/composables/useStations'
import { useTabWords } from '~/composables/useTabWords'
import { useTestInHand } from '~/composables/useTestInHand'
import { useKeeping } from '~/stores/keeping'
import { useTab } from '~/stores/tab'

const route = useRoute()
const tab = useTab()
const keeping = useKeeping()
const id = computed(() => String(route.params.id))
const narrow = useMediaQuery('(max-width: 760px)')
const part = ref<'next' | 'suspects' | 'tape'>('next')
const parts = computed(() => [
  { id: 'next', label: settled.value ? 'settled' : stations.on.value ? 'next step' : 'next test' },
  { id: 'suspects', label: settled.value ? 'as left' : stations.on.value ? 'stations' : 'suspects' },
  { id: 'tape', label: 'tape' },
] as const)
const keysOpen = ref(false)
const leadsOpen = ref(false)
const photoTrouble = ref('')
const readingLine = useTemplateRef('readingLine')
const focus = () => readingLine.value?.focus()

const words = useTabWords()
const { rows, earlier, refused } = words
const { proving, waiting, without, refusal, write, proved, goWithout, leave } = useProving(id.value, focus)
const hand = useTestInHand({
  prove: (state) => {
    proving.value = state
  },
  write,
  focus,
})
const { shown, nextPoint } = hand
const stations = useStations(write)
const { placing, trouble: placeTrouble, begin: beginPlacing, leave: leavePlacing, place } = usePlacing(write)
const { sheet } = useDrawnSheet(() => tab.state.status === 'settled')
const drawn = computed(() => sheet.value?.entries ?? [])
const settled = computed(() => tab.state.status === 'settled')
const pickedPoint = computed(() => tab.kind?.points.find(p => p.id === tab.picked))

watch(
  id,
  (i) => {
    words.begin()
    void tab.open(i)
  },
  { immediate: true },
)
onUnmounted(() => tab.close())
useHead({ title: () => (tab.reply ? `${tab.reply.site.name} · ${tab.reply.system.name}` : 'Keep Tab') })

const prove = (state: WorkState) => {
  proving.value = state
}
async function show(test: string) {
  part.value = 'next'
  await hand.show(test)
}
function quantityOf(test: string) {
  const known = tab.kind?.tests.find(t => t.id === test)
  return known?.kind === 'numeric' ? known.quantity : undefined
}
/** The picture taken last: terminals are marked on it. */
const lastPicture = computed(() => {
  const photo = tab.lines.findLast(l => l.kind === 'photo' && !tab.state.struck.has(l.id))
  return photo?.attachments?.[0]
})
async function addPhoto(file: File, caption: string) {
  const kept = await tab.addPhoto(file, caption)
  photoTrouble.value = kept.ok ? '' : sayProblem(kept.problem)
}
/** What waited for its proof and is left goes back to where it was typed. */
function putBack() {
  const text = leave()
  if (text) readingLine.value?.put(text)
  focus()
}
async function keepLeads(text: string) {
  leadsOpen.value = false
  await tab.log({ kind: 'note', text })
}
/** What the server does not take as a line it still takes in words. */
async function keepAsNote(line: string, text: string) {
  const kept = await tab.log({ kind: 'note', text: `Could not be kept as a line of its own: ${text}` })
  if (kept.ok) await keeping.drop(line)
}
// with the keys open for a thumb the card stays in sight: it comes up over them
watch(() => tab.picked, async (point) => {
  if (!point || !narrow.value) return
  part.value = 'next'
  await nextTick()
  document.querySelector('.work .area-next')?.scrollIntoView({ block: 'start' })
})
// where no service worker may run, what the call needs next is fetched once the tab is on screen
onNuxtReady(() => void preloadRouteComponents(`/tabs/${id.value}/settle`))
const strike = (line: string, reason: string) => tab.log({ kind: 'strike', line, reason })
const settle = () => navigateTo(`/tabs/${id.value}/settle`)

useTabKeys({
  next: () => {
    const t = tab.isolation?.next[0]
    if (t) hand.take(t.test)
  },
  prove: () => {
    proving.value = nextProof(tab.state)
  },
  keys: () => {
    keysOpen.value = true
  },
  settle: () => void settle(),
  strikeLast: () => {
    const last = tab.lines.findLast(
      l => l.kind !== 'strike' && l.kind !== 'opened' && !tab.state.struck.has(l.id),
    )
    if (last) void strike(last.id, 'taken back at once')
  },
  escape: () => {
    tab.picked = undefined
    shown.value = undefined
    focus()
  },
})
</script>

<template>
  <div v-if="tab.reply && tab.kind" class="screen">
    <TabHead :say="words.sayShort" @prove="s => (proving = s)" />
    <TabBanners :trouble="photoTrouble" />
    <div class="work" :data-part="part">
      <TerminalsPanel
        v-if="stations.wired.value && (!narrow || part === 'next')"
        class="area-path"
        :wired="stations.wired.value"
        :narrow="narrow"
        :as="stations.recording.value"
        :picture="lastPicture"
        :keep="stations.log"
      />
      <RunChart
        v-else-if="stations.run.value && (!narrow || part === 'next')"
        class="area-path"
        :run="stations.run.value"
        :target="tab.plan?.setUp?.target"
        :climb="tab.plan?.proof.climb ?? []"
        :per-unit="unitsOf('pressure', tab.units)[0].perUnit"
      />
      <CyclingChart
        v-else-if="stations.foreseen.value && (!narrow || part === 'next')"
        class="area-path"
        :foreseen="stations.foreseen.value"
        :units="tab.units"
      />
      <PathPanel v-else-if="!narrow || !settled" class="area-path" :next="nextPoint" :narrow="narrow" />
      <LaneChoice v-if="narrow" v-model="part" class="parts" :choices="parts" label="Show" />
      <StationCard
        v-if="stations.on.value && tab.plan && tab.reply"
        v-show="!narrow || part === 'next'"
        class="area-next"
        :reply="tab.reply"
        :plan="tab.plan"
        :step="stations.step.value"
        :units="tab.units"
        :holds="stations.holds"
        :title-of="t => shortTitle(tab.kind!, t)"
        :quantity-of="quantityOf"
        :keep="stations.log"
        :tell="stations.tell"
        @prove="prove"
        @take="hand.take"
        @tests="stations.leave"
        @settle="settle"
      />
      <section
        v-else-if="settled"
        v-show="!narrow || part === 'next'"
        class="panel area-next settled"
        aria-label="Settled"
      >
        <SettledEntries
          :entries="drawn"
          :heads="['What we found', 'What we did', 'Still open', 'In short']"
        />
        <div class="card-foot">
          <button class="press main" @click="settle">See how it was settled</button>
          <button class="press" @click="tab.log({ kind: 'resumed' })">Open it again</button>
        </div>
      </section>
      <NextTest
        v-else
        v-show="!narrow || part === 'next'"
        class="area-next"
        :isolation="tab.isolation"
        :shown="shown"
        :in-hand="tab.inHand"
        :labels="words.label"
        :say="words.sayId"
        @wait="(t, minutes) => tab.log({ kind: 'wait', test: t, minutes })"
        @take="hand.take"
        @show="show"
        @skip="(tests, reason) => tab.logAll(tests.map(test => ({ kind: 'skip', test, reason })))"
        @answer="hand.answer"
        @settle="settle"
        @plan="stations.begin"
      />
      <StationSteps
        v-if="stations.on.value && tab.plan"
        v-show="!narrow || part === 'suspects'"
        class="area-suspects"
        :plan="tab.plan"
        :step="stations.step.value"
        @show="stations.show"
      />
      <section
        v-else-if="settled"
        v-show="!narrow || part === 'suspects'"
        class="panel area-suspects settled"
        aria-label="As it was left"
      >
        <SettledEntries :entries="drawn" :heads="['How it was left', 'What was proved']" />
        <SettledEntries :entries="drawn" :heads="['What we advise']" />
      </section>
      <SuspectList
        v-else
        v-show="!narrow || part === 'suspects'"
        class="area-suspects"
        :isolation="tab.isolation"
        :say="words.sayId"
        :clearing="tab.clearing"
        @show="show"
      />
      <TapeStrip
        v-show="!narrow || part === 'tape'"
        class="area-tape"
        :rows="rows"
        :earlier="earlier"
        :isolation="tab.isolation"
        :not-kept="tab.notKept"
        :refused="refused"
        :settled="settled"
        @strike="strike"
        @again="show"
        @place="beginPlacing"
        @drop="keeping.drop"
        @as-note="keepAsNote"
        @photo="addPhoto"
        @leads="leadsOpen = true"
        @earlier="words.showEarlier"
      />
    </div>
    <StateNeeded
      v-if="waiting"
      v-model="without"
      :message="waiting.message"
      @prove="proving = waiting.need"
      @without="goWithout"
      @leave="putBack"
    />
    <ReadingLine
      ref="readingLine"
      v-model:trouble="refusal"
      :kind="tab.kind"
      :picked="pickedPoint"
      :settled="settled"
      :say="stations.say.value"
      :write="write"
      @unpick="tab.picked = undefined"
      @help="keysOpen = true"
    />
    <ProofDialog :state="proving" @close="proving = undefined" @done="proved" />
    <PlaceWords
      :kind="tab.kind" :remark="placing" :trouble="placeTrouble" @place="place" @close="leavePlacing"
    />
    <LeadsFinder :open="leadsOpen" @close="leadsOpen = false" @keep="keepLeads" />
    <KeySheet :open="keysOpen" @close="keysOpen = false" />
  </div>
  <div v-else class="page">
    <p v-if="tab.problem" class="trouble" role="alert">
      {{ sayProblem(tab.problem) }} <NuxtLink to="/">Back to today</NuxtLink>
    </p>
    <p v-else class="soft">Opening the tab…</p>
  </div>
</template>

<style scoped>
.screen {
  height: 100%;
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.work {
  flex: 1;
  min-height: 0;
  display: grid;
  gap: 10px;
  padding: 10px 16px;
  grid-template-areas: 'path path tape' 'next suspects tape';
  grid-template-rows: minmax(288px, auto) minmax(0, 1fr);
  grid-template-columns: minmax(0, 1.62fr) minmax(0, 1fr) 344px;
}
.area-path {
  grid-area: path;
}
.area-next {
  grid-area: next;
}
.area-suspects {
  grid-area: suspects;
}
.area-tape {
  grid-area: tape;
}
.settled {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 12px 16px;
  min-height: 0;
  overflow: auto;
}
.area-next.settled {
  border: 2px solid var(--edge);
}
@media (max-width: 760px) {
  .work {
    display: flex;
    flex-direction: column;
    padding: 8px 10px;
    overflow: auto;
  }
  .area-tape {
    flex: 1 0 auto;
    max-height: none;
  }
}
</style>
