<script setup lang="ts">
/** The Tab screen: path, next test, suspects, tape and reading line on one screen. */
import { useMediaQuery } from '@vueuse/core'
import type { ProposedTest } from '#core/isolation'
import type { Need } from '#core/systems'
import type { DraftLine, WorkState } from '#core/tab'
import { sayProblem } from '#core/words'
import { layOutPath } from '~/components/path/layout'
import { labelOf, tapeRows, wordLine } from '~/components/tab/tapeRows'
import { timeOf } from '~/composables/useClock'
import { useDraft } from '~/composables/useDraft'
import { usePathState } from '~/composables/usePathState'
import { useTabKeys } from '~/composables/useTabKeys'
import { useKeeping } from '~/stores/keeping'
import { useTab } from '~/stores/tab'

const route = useRoute()
const tab = useTab()
const keeping = useKeeping()
const id = computed(() => String(route.params.id))
const narrow = useMediaQuery('(max-width: 760px)')
const lane = ref<'power' | 'flow'>('power')
const part = ref<'next' | 'suspects' | 'tape'>('next')
const proving = ref<WorkState>()
const keysOpen = ref(false)
const leadsOpen = ref(false)
const photoTrouble = ref('')
const shown = shallowRef<ProposedTest>()
const waiting = shallowRef<{ line: DraftLine, message: string, need: WorkState }>()
const without = useDraft(String(useRoute().params.id), 'without')
const readingLine = useTemplateRef('readingLine')

/** the newest lines; the rest on request */
const LATEST = 300
const shownLines = ref(LATEST)
watch(
  id,
  (i) => {
    shownLines.value = LATEST
    void tab.open(i)
  },
  { immediate: true },
)
onUnmounted(() => tab.close())
useHead({ title: () => (tab.reply ? `${tab.reply.site.name} · ${tab.reply.system.name}` : 'Keep Tab') })

const rows = computed(() =>
  tab.kind
    ? tapeRows(tab.kind, tab.state, tab.isolation, {
        most: shownLines.value,
        units: tab.units,
        has: h => tab.attachments.has(h),
        receivedAt: tab.receivedAt,
      })
    : [],
)
const earlier = computed(() => Math.max(0, tab.lines.filter(l => l.kind !== 'strike').length - rows.value.length))
const path = usePathState()
const settled = computed(() => tab.state.status === 'settled')
const refused = computed(() =>
  tab.refused.map(u => ({ line: u.line, reason: sayProblem(u.problem!), title: sayLine(u.line) })),
)
const pickedPoint = computed(() => tab.kind?.points.find(p => p.id === tab.picked))
const nextPoint = computed(() =>
  settled.value || (tab.isolation?.decision && !shown.value)
    ? undefined
    : (shown.value ?? tab.isolation?.next[0])?.point,
)
const label = (fault: string) => (tab.kind ? labelOf(tab.kind, fault).toLowerCase() : fault)

watch(
  () => tab.lines.length,
  () => {
    shown.value = undefined
  },
)
watch(shown, (s) => {
  tab.inHand = s?.test
})
/** On a narrow screen the path shows the lane of the next test, scrolled to it. */
const drawing = useTemplateRef('drawing')
watch(
  [nextPoint, narrow],
  async ([point, small]) => {
    const flag = point && tab.kind ? layOutPath(tab.kind).flags.find(f => f.point.id === point) : undefined
    if (!flag || !small) return
    lane.value = flag.lane === 'flow' ? 'flow' : 'power'
    await nextTick()
    drawing.value?.scrollTo({ left: flag.at[0] * 0.9 - 170 })
  },
  { flush: 'post' },
)

function sayLine(line: (typeof tab.lines)[number]) {
  if (!tab.kind) return ''
  const w = wordLine(tab.kind, line)
  return [w.title, w.digits ? `${w.digits} ${w.unit ?? ''}`.trim() : w.detail].filter(Boolean).join(': ')
}
const sayId = (lineId: string) => {
  const line = tab.lines.find(l => l.id === lineId)
  return line ? sayLine(line) : ''
}
/** A line in as few words as tell it apart: its time and its figure, or what it is. */
const sayShort = (lineId: string) => {
  const line = tab.lines.find(l => l.id === lineId)
  if (!line || !tab.kind) return ''
  const w = wordLine(tab.kind, line)
  return `${timeOf(line.at)} · ${w.digits ? `${w.digits} ${w.unit ?? ''}`.trim() : w.title.toLowerCase()}`
}
function take(test: string) {
  tab.inHand = test
  const proposed = shown.value?.test === test ? shown.value : tab.isolation?.next.find(t => t.test === test)
  if (proposed?.first.length) proving.value = firstProof(proposed.need)
  else readingLine.value?.focus()
}
/** Discharged comes after dead: the proof asked for first. */
const firstProof = (need: Need): WorkState | undefined =>
  need === 'any' ? undefined : need === 'discharged' && !tab.state.work['proven-dead'] ? 'proven-dead' : need

async function show(test: string) {
  shown.value = await tab.describe(test)
  part.value = 'next'
  readingLine.value?.focus()
}
async function answer(test: string, outcomeLabel: string) {
  const seen = tab.kind?.tests.find(t => t.id === test)
  const outcome = seen?.kind === 'seen' ? seen.outcomes.find(o => o.label === outcomeLabel) : undefined
  if (outcome) await logOrAsk({ kind: 'observation', test, outcome: outcome.id })
}
async function logOrAsk(line: DraftLine) {
  const done = await tab.log(line)
  if (!done.ok && done.problem.code === 'state-needed') needs(line, sayProblem(done.problem))
  else readingLine.value?.focus()
}
function needs(line: DraftLine, message: string) {
  const test = 'test' in line ? tab.kind?.tests.find(t => t.id === line.test) : undefined
  const need = firstProof(test?.need ?? 'any')
  if (need) waiting.value = { line, message, need }
}
async function proved() {
  proving.value = undefined
  const held = waiting.value
  waiting.value = undefined
  if (held) await logOrAsk(held.line)
  else readingLine.value?.focus()
}
async function goWithout() {
  const held = waiting.value
  if (!held || !without.value.trim() || !('test' in held.line)) return
  const done = await tab.log({ ...held.line, without: without.value.trim() } as DraftLine)
  waiting.value = done.ok ? undefined : { ...held, message: sayProblem(done.problem) }
  if (!done.ok) return
  without.value = ''
  readingLine.value?.focus()
}
async function addPhoto(file: File, caption: string) {
  const kept = await tab.addPhoto(file, caption)
  photoTrouble.value = kept.ok ? '' : sayProblem(kept.problem)
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
const strike = (line: string, reason: string) => tab.log({ kind: 'strike', line, reason })
const settle = () => navigateTo(`/tabs/${id.value}/settle`)
const resume = () => tab.log({ kind: 'resumed' })
const late = computed(() => tab.state.afterSettling)
async function takeUp() {
  for (const line of late.value) await tab.log({ kind: 'taken-up', line: line.id })
}

useTabKeys({
  next: () => {
    const t = tab.isolation?.next[0]
    if (t) take(t.test)
  },
  prove: () => {
    proving.value = tab.state.work['proven-dead']
      ? tab.state.work.discharged
        ? 'live'
        : 'discharged'
      : 'proven-dead'
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
    readingLine.value?.focus()
  },
})
</script>

<template>
  <div v-if="tab.reply && tab.kind" class="screen">
    <div class="top panel">
      <div class="complaint">
        <h1>{{ tab.state.opened?.words || 'No complaint given' }}</h1>
        <p class="soft">
          {{ tab.reply.site.name }} · {{ tab.reply.system.name }} · {{ tab.kind.name.toLowerCase()
          }}<span v-if="tab.state.opened?.since"> · {{ tab.state.opened.since }}</span>
        </p>
      </div>
      <StateStrip
        :work="tab.state.work"
        :ended="tab.state.ended"
        :units="tab.units"
        :say="sayShort"
        :disabled="settled"
        @prove="s => (proving = s)"
      />
    </div>
    <p v-if="tab.state.status === 'carried'" class="banner">
      Carried: {{ tab.state.carried?.reason }} <button class="press" @click="resume">Take it up again</button>
    </p>
    <p v-if="late.length" class="banner">
      {{ late.length }} {{ late.length === 1 ? 'line' : 'lines' }} came after the tab was settled and
      {{ late.length === 1 ? 'is' : 'are' }} not weighed.
      <button v-if="settled" class="press" @click="resume">Open the tab again</button
      ><button v-else class="press" @click="takeUp">Weigh {{ late.length === 1 ? 'it' : 'them' }}</button>
    </p>
    <KeepingBanner />
    <p v-if="photoTrouble" class="banner trouble" role="alert">{{ photoTrouble }}</p>
    <div class="work" :data-part="part">
      <section class="panel path" aria-label="The path">
        <div v-if="narrow" class="lanes">
          <button
            v-for="l in ['power', 'flow'] as const"
            :key="l"
            class="lane"
            :aria-pressed="lane === l"
            @click="lane = l"
          >
            {{ l === 'flow' ? tab.kind.medium : l }}
          </button>
        </div>
        <div ref="drawing" class="drawing">
          <PathDrawing
            :kind="tab.kind"
            :standings="tab.isolation?.path ?? []"
            :readings="path.readings.value"
            :notes="path.notes.value"
            :positions="path.positions.value"
            :next="nextPoint"
            :picked="tab.picked"
            :lane="narrow ? lane : 'both'"
            @pick="p => (tab.picked = tab.picked === p ? undefined : p)"
          />
        </div>
      </section>
      <div v-if="narrow" class="parts" role="group" aria-label="Show">
        <button
          v-for="p in ['next', 'suspects', 'tape'] as const"
          :key="p"
          class="lane"
          :aria-pressed="part === p"
          @click="part = p"
        >
          {{ p === 'next' ? 'next test' : p }}
        </button>
      </div>
      <NextTest
        v-show="!narrow || part === 'next'"
        class="area-next"
        :isolation="tab.isolation"
        :shown="shown"
        :in-hand="tab.inHand"
        :labels="label"
        :say="sayId"
        :settled="settled"
        @wait="(t, minutes) => tab.log({ kind: 'wait', test: t, minutes })"
        @take="take"
        @show="show"
        @skip="(t, r) => tab.log({ kind: 'skip', test: t, reason: r })"
        @answer="answer"
        @settle="settle"
        @resume="resume"
      />
      <SuspectList
        v-show="!narrow || part === 'suspects'"
        class="area-suspects"
        :isolation="tab.isolation"
        :say="sayId"
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
        @drop="keeping.drop"
        @as-note="keepAsNote"
        @photo="addPhoto"
        @leads="leadsOpen = true"
        @earlier="shownLines += LATEST"
      />
    </div>
    <div v-if="waiting" class="ask panel" role="alertdialog" aria-label="State needed">
      <p>{{ waiting.message }}</p>
      <button class="press main" @click="proving = waiting.need">Prove it</button>
      <form class="without" @submit.prevent="goWithout">
        <input
          v-model="without"
          placeholder="or say why you go on without"
          aria-label="Why you go on without"
        ><button class="press danger">Go on without</button>
      </form>
      <button class="press plain" @click="waiting = undefined">Leave it</button>
    </div>
    <ReadingLine
      ref="readingLine"
      :kind="tab.kind"
      :picked="pickedPoint"
      :settled="settled"
      @needs="needs"
      @unpick="tab.picked = undefined"
      @help="keysOpen = true"
    />
    <ProofDialog :state="proving" @close="proving = undefined" @done="proved" />
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
.top {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 16px;
  padding: 7px 16px;
  border-width: 0 0 1px;
}
.complaint {
  min-width: 0;
}
.complaint h1 {
  font-size: 19px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.complaint p {
  font-size: 14px;
}
.work {
  flex: 1;
  min-height: 0;
  display: grid;
  gap: 10px;
  padding: 10px 16px;
  grid-template: 'path path tape' 288px 'next suspects tape' minmax(0, 1fr) / minmax(0, 1.62fr) minmax(
      0,
      1fr
    ) 344px;
}
.path {
  grid-area: path;
  min-height: 0;
  padding: 4px 8px;
}
.drawing {
  height: 100%;
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
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 10px 16px;
  border: 2px solid var(--danger);
  margin: 0 16px 8px;
}
.without {
  display: flex;
  gap: 6px;
  flex: 1;
  min-width: 260px;
}
.without input {
  flex: 1;
  min-height: 44px;
  min-width: 0;
  padding: 0 10px;
  border: 1.5px solid var(--soft);
  border-radius: 4px;
  background: var(--panel);
}
.lanes,
.parts {
  display: flex;
  gap: 6px;
}
.lane {
  flex: 1;
  min-height: 44px;
  border: 1.5px solid var(--rule);
  background: var(--panel-2);
  border-radius: 4px;
  cursor: pointer;
  text-transform: capitalize;
}
.lane[aria-pressed='true'] {
  background: var(--panel);
  border-color: var(--edge);
  font-weight: 700;
}
@media (max-width: 760px) {
  .top {
    flex-direction: column;
    align-items: stretch;
    gap: 6px;
    padding: 6px 10px;
  }
  .work {
    display: flex;
    flex-direction: column;
    padding: 8px 10px;
    overflow: auto;
  }
  .path {
    flex: none;
    padding: 6px;
  }
  .drawing {
    overflow-x: auto;
    scrollbar-width: none;
    height: auto;
  }
  .drawing > :deep(svg) {
    width: 800px;
    height: 176px;
  }
  .complaint p {
    display: none;
  }
  .next {
    order: 3;
  }
  .area-tape {
    flex: 1 0 auto;
    max-height: none;
  }
}
</style>
