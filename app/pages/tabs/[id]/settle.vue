<script setup lang="ts">
/** The sheet that ends a tab: all of it out of its lines, to look over and sign. */
import type { DraftLine } from '#core/tab'
import { sayProblem } from '#core/words'
import { dayOf, sayDay } from '~/composables/useClock'
import { useSheet } from '~/composables/useSheet'
import { useTabWords } from '~/composables/useTabWords'
import { useTab } from '~/stores/tab'

const route = useRoute()
const tab = useTab()
const id = computed(() => String(route.params.id))
watch(id, i => void tab.open(i), { immediate: true })
onUnmounted(() => tab.close())
useHead({ title: () => (tab.reply ? `Settle · ${tab.reply.site.name}` : 'Keep Tab') })
const words = useTabWords()
const trouble = ref('')
const settled = computed(() => tab.state.status === 'settled')

async function write(lines: readonly DraftLine[]) {
  const done = await tab.logAll(lines)
  trouble.value = done.ok ? '' : sayProblem(done.problem, tab.units)
  return done.ok
}
const { sheet, findings, advice, followUps, open, summary, change, leave, sign, signing } = useSheet(id.value, write)
async function signWith(png: Blob | undefined) {
  const kept = png ? await tab.keepBytes(png, 'image/png') : undefined
  if (kept && !kept.ok) return void (trouble.value = sayProblem(kept.problem))
  await sign(kept?.value)
}
async function carry(line: DraftLine) {
  if (await write([line])) await navigateTo('/')
}
</script>

<template>
  <div v-if="tab.reply && tab.kind && sheet" class="page">
    <header class="headed">
      <div>
        <p class="soft">{{ tab.reply.site.name }} · {{ tab.reply.system.name }}</p>
        <h1>{{ settled ? 'Settled' : 'The sheet' }}: {{ tab.state.opened?.words }}</h1>
      </div>
      <div class="acts">
        <NuxtLink class="press" :to="`/tabs/${id}`">Back to the tab</NuxtLink>
        <NuxtLink class="press" :to="`/tabs/${id}/summary`">Customer’s sheet</NuxtLink>
      </div>
    </header>
    <KeepingBanner />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="cols">
      <div class="panel paper">
        <SheetFindings :findings="findings" :settled="settled" :say="words.sayShort" @write="write" @leave="leave" />
        <SheetWork :sheet="sheet" :settled="settled" @write="write" />
        <SheetSentences
          :advice="advice"
          :follow-ups="followUps"
          :settled="settled"
          @change="change"
          @leave="leave"
          @write="write"
        />
      </div>
      <SheetSign
        v-if="!settled"
        :open="open"
        :summary="summary"
        :signing="signing"
        @summary="t => change('summary', t)"
        @sign="signWith"
        @carry="carry"
      />
      <aside v-else class="panel signed">
        <h2>Signed {{ sayDay(dayOf(tab.state.settled!.at)) }}</h2>
        <p>{{ tab.state.settled!.summary }}</p>
        <TapePhoto
          v-for="a in tab.state.settled!.attachments ?? []"
          :key="a.hash"
          :name="a.hash"
          :come="tab.attachments.has(a.hash)"
          caption="Signature"
        />
      </aside>
    </div>
  </div>
  <div v-else class="page">
    <p v-if="tab.problem" class="trouble" role="alert">{{ sayProblem(tab.problem) }}</p>
    <p v-else class="soft">Opening the tab…</p>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 16px;
  align-items: start;
}
.paper {
  padding: 18px 24px;
  display: grid;
  gap: 18px;
}
.signed {
  padding: 16px 18px;
  display: grid;
  gap: 10px;
}
@media (max-width: 860px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
  .paper {
    padding: 14px 16px;
  }
}
</style>
