<script setup lang="ts">
/** What is still open, advice and follow-ups, and the two ways to close the day: carry it, or settle it. */
import type { DraftLine } from '#core/tab'
import { addDays } from '#core/formats'
import { sayDay, useClock } from '~/composables/useClock'
import { sayAfterRepair } from '~/composables/sayAfterRepair'
import { useDraft } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

const props = defineProps<{ log: (line: DraftLine) => Promise<boolean>, settled: boolean }>()
const tab = useTab()
const of = String(useRoute().params.id)
const advice = useDraft(of, 'advice')
const followUp = useDraft(of, 'follow-up')
const due = ref(new Date(`${addDays(useClock().today(), 180)}T12:00:00`))
const two = (n: number) => String(n).padStart(2, '0')
const dueDay = () => `${due.value.getFullYear()}-${two(due.value.getMonth() + 1)}-${two(due.value.getDate())}`
const summary = useDraft(of, 'summary')
const carry = useDraft(of, 'carry')
const bring = useDraft(of, 'bring')

const open = computed(() => {
  const s = tab.state
  const missing: string[] = []
  if (!s.findings.failed.length && s.opened?.complaint !== 'check-up') missing.push('What failed is not named.')
  if (s.findings.failed.length && !s.findings.cause.length)
    missing.push('What made it fail is still open: the summary will say so.')
  if (!s.parts.length && !s.repairs.length && s.findings.failed.length)
    missing.push('Nothing was fitted or put right.')
  if (!s.asLeft.length) missing.push('No reading as left: it has not been proved.')
  for (const line of s.asLeft) {
    const v = tab.isolation?.verdicts.find(x => x.line === line.id)
    if (v && ['low', 'high', 'open'].includes(v.word))
      missing.push(`Left out of band: ${tab.kind?.tests.find(t => t.id === line.test)?.title.toLowerCase()}.`)
  }
  const doubt = s.asLeft.length ? sayAfterRepair(tab.isolation?.afterRepair) : undefined
  if (doubt) missing.push(doubt)
  for (const also of tab.isolation?.alsoFound ?? [])
    if (!s.repairs.length) missing.push(`Shown by the lines and not accounted for: ${also.label.toLowerCase()}.`)
  if (s.parts.some(p => p.temporary)) missing.push('A temporary repair needs finishing: add a follow-up.')
  return missing
})

async function addAdvice() {
  if (advice.value.trim() && (await props.log({ kind: 'advice', text: advice.value.trim() }))) advice.value = ''
}
async function addFollowUp() {
  if (
    followUp.value.trim()
    && (await props.log({ kind: 'follow-up', text: followUp.value.trim(), due: dueDay() }))
  )
    followUp.value = ''
}
/** The sheet as it stands now is part of the line: what is judged otherwise later does not change what was signed. */
function signed(text: string) {
  const sheet = tab.drawn(text)
  return props.log({ kind: 'settled', summary: text, ...(sheet ? { sheet } : {}) })
}

async function settle() {
  if (summary.value.trim() && (await signed(summary.value.trim()))) summary.value = ''
}
async function carryOn() {
  if (
    carry.value.trim()
    && (await props.log({
      kind: 'carried',
      reason: carry.value.trim(),
      ...(bring.value.trim() ? { bring: bring.value.trim() } : {}),
    }))
  ) {
    carry.value = bring.value = ''
    await navigateTo('/')
  }
}
</script>

<template>
  <section class="panel box" aria-label="Close">
    <div v-if="!settled && open.length">
      <h2>Still open</h2>
      <ul class="open">
        <li v-for="o in open" :key="o">{{ o }}</li>
      </ul>
    </div>
    <div class="cols">
      <div class="col">
        <h2>Advice and follow-ups</h2>
        <p v-for="a in tab.state.advice" :key="a.id">{{ a.text }}</p>
        <p v-for="f in tab.state.followUps" :key="f.id">
          <b>{{ sayDay(f.due) }}</b> {{ f.text }}
        </p>
        <template v-if="!settled">
          <form class="row" @submit.prevent="addAdvice">
            <label class="field grow">
              <span>Advice to the customer</span><input v-model="advice" autocomplete="off">
            </label>
            <button class="press" :disabled="!advice.trim()">Add</button>
          </form>
          <form class="row" @submit.prevent="addFollowUp">
            <label class="field grow">
              <span>Follow-up</span><input v-model="followUp" autocomplete="off">
            </label>
            <div class="field">
              <label for="due">Due</label>
              <DatePicker v-model="due" input-id="due" date-format="d M yy" :manual-input="false" show-icon />
            </div>
            <button class="press" :disabled="!followUp.trim()">Add</button>
          </form>
        </template>
      </div>
      <div class="col">
        <template v-if="settled">
          <h2>Settled</h2>
          <p>{{ tab.state.settled?.summary }}</p>
        </template>
        <template v-else>
          <h2>Settle</h2>
          <form class="col" @submit.prevent="settle">
            <label class="field">
              <span>In a sentence or two, for the customer</span>
              <Textarea v-model="summary" maxlength="1500" rows="3" auto-resize fluid
            /></label>
            <div>
              <button class="press main" :disabled="!summary.trim()">
                {{ open.length ? 'Settle with this still open' : 'Settle the tab' }}
              </button>
            </div>
          </form>
          <details>
            <summary>Carry it instead</summary>
            <form class="col" @submit.prevent="carryOn">
              <label class="field"><span>Waiting for</span><input v-model="carry" autocomplete="off"></label>
              <label class="field">
                <span>Bring next time</span><input v-model="bring" autocomplete="off">
              </label>
              <div>
                <button class="press" :disabled="!carry.trim()">Carry the tab</button>
              </div>
            </form>
          </details>
        </template>
      </div>
    </div>
  </section>
</template>

<style scoped>
.box {
  padding: 16px 18px;
  display: grid;
  gap: 16px;
}
.open {
  margin: 6px 0 0;
  padding-left: 18px;
}
.cols {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
}
.col {
  display: grid;
  gap: 10px;
  align-content: start;
}
.row {
  display: flex;
  gap: 8px;
  align-items: end;
  flex-wrap: wrap;
}
.grow {
  flex: 1 1 200px;
}
summary {
  cursor: pointer;
  min-height: 36px;
  color: var(--brass);
}
@media (max-width: 760px) {
  .cols {
    grid-template-columns: 1fr;
  }
}
</style>
