<script setup lang="ts">
/** The books: what settled tabs add up to. Each figure opens the tabs that it is of; each table goes out as CSV. */
import { booksReply, type BooksReply } from '#contracts'
import { dayAfter } from '#core/day'
import { sayProblem } from '#core/words'
import { sayDay, useClock } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'

const LifeChart = defineAsyncComponent(() => import('~/components/books/LifeChart.vue'))
useHead({ title: 'Books · Keep Tab' })
const reply = shallowRef<BooksReply>()
const trouble = ref('')
const asked = reactive({ kind: '', site: '', person: '', period: '' })
const PERIODS = [['', 'all years'], ['365', 'the last twelve months'], ['90', 'the last three months']] as const
const query = computed(() => {
  const { kind, site, person, period } = asked
  const from = period ? dayAfter(useClock().today(), -Number(period)) : ''
  return new URLSearchParams(Object.entries({ kind, site, person, from }).filter(([, v]) => v)).toString()
})
watch(query, load)
onMounted(load)
async function load() {
  const of = query.value
  const answer = await askServer(`/api/sums?${of}`, booksReply)
  if (of !== query.value) return
  trouble.value = answer.ok ? '' : sayProblem(answer.problem)
  if (answer.ok) reply.value = answer.value
}
const csv = (table: string) => `/api/sums?${query.value}${query.value ? '&' : ''}table=${table}`
const opened = shallowRef<{ readonly tabs: readonly string[], readonly of: string, readonly count: number }>()
const open = (tabs: readonly string[], of: string, count: number) => {
  opened.value = { tabs, of, count }
}
const about = ref('')
const life = computed(() => reply.value?.lives.find(l => l.about === about.value) ?? reply.value?.lives[0])
const lifeSays = computed(() => {
  const { parts, ended, median } = life.value!
  const few = ended < 10 ? ` Only ${ended} of ${parts} have ended: the band is wide.` : ''
  return median === undefined
    ? `More than half of ${parts} outlast the record.${few}`
    : `Half of them last ${median.toFixed(1)} years or less; ${ended} of ${parts} have ended.${
      ended < 10 ? ' Few: the band is wide.' : ''}`
})
const tests = computed(() => (reply.value?.tests ?? []).filter(t => t.closedCount > 0)
  .toSorted((a, b) => b.closedCount / b.count - a.closedCount / a.count).slice(0, 8))
const minutes = computed(() => {
  const { isolate = 0, mend = 0, prove = 0 } = reply.value?.minutes ?? {}
  return [['isolate', isolate], ['mend', mend], ['prove', prove]] as const
})
</script>

<template>
  <div class="page">
    <header class="headed">
      <div>
        <h1>Books</h1>
        <p v-if="reply?.calls" class="soft">
          {{ reply.calls }} settled {{ reply.calls === 1 ? 'tab' : 'tabs' }}, {{ sayDay(reply.from) }} to {{
            sayDay(reply.to) }}</p>
      </div>
      <form v-if="reply" class="acts" aria-label="Which tabs" @submit.prevent>
        <select v-model="asked.kind" aria-label="Kind of system">
          <option value="">every kind</option>
          <option v-for="k in reply.kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
        </select>
        <select v-model="asked.site" aria-label="Site">
          <option value="">every site</option>
          <option v-for="s in reply.sites" :key="s.id" :value="s.id">{{ s.name }}</option>
        </select>
        <select v-model="asked.person" aria-label="Person">
          <option value="">everyone</option>
          <option v-for="p in reply.people" :key="p" :value="p">{{ p }}</option>
        </select>
        <select v-model="asked.period" aria-label="Period">
          <option v-for="[id, name] in PERIODS" :key="id" :value="id">{{ name }}</option>
        </select>
      </form>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="reply?.calls">
      <section class="panel shares" aria-label="Shares">
        <ShareFigure
          name="Done in one visit"
          :share="reply.firstVisit"
          @open="open($event, 'done in one visit', reply.firstVisit.count)"
        />
        <ShareFigure
          name="Came back in 30 days"
          :share="reply.comebacks"
          @open="open($event, 'came back', reply.comebacks.count)"
        />
        <ShareFigure
          name="Cause left open"
          :share="reply.causesOpen"
          @open="open($event, 'cause left open', reply.causesOpen.count)"
        />
        <div class="minutes">
          <span class="caps">Minutes of a call, the middle one</span>
          <p class="phases">
            <span v-for="[what, m] in minutes" :key="what"><b class="figure">{{ Math.round(m) }}</b>
              <small class="soft">to {{ what }}</small></span>
          </p>
          <a :href="csv('calls')" download>every call as CSV</a>
        </div>
      </section>
      <div class="cols">
        <section class="panel box" aria-labelledby="faults-title">
          <header class="headed">
            <h2 id="faults-title">What fails, and why</h2><a :href="csv('faults')" download>CSV</a>
          </header>
          <p class="legend soft"><i class="known" /> cause named <i class="unknown" /> cause left open</p>
          <FaultRows :faults="reply.faults" @open="open" />
        </section>
        <div class="side">
          <section v-if="life" class="panel box" aria-labelledby="life-title">
            <header class="headed">
              <h2 id="life-title">How long parts last</h2>
              <select v-model="about" aria-label="Which part">
                <option v-for="(l, i) in reply.lives" :key="l.about" :value="i ? l.about : ''">{{ l.name }}</option>
              </select>
              <a :href="csv('lives')" download>CSV</a>
            </header>
            <LifeChart v-if="life.steps.length" :key="life.about" :life="life" />
            <p class="says">{{ lifeSays }}</p>
            <p v-if="life.steps.length" class="soft note">At risk: {{ life.steps.filter((_, i, all) =>
              i % Math.ceil(all.length / 5) === 0).map(s => `${s.atRisk} at ${s.age.toFixed(1)}`).join(', ') }}.
              The broken lines hold it with 19 chances in 20.</p>
          </section>
          <section v-if="tests.length" class="panel box" aria-labelledby="tests-title">
            <header class="headed">
              <h2 id="tests-title">Tests that earned their minutes</h2><a :href="csv('tests')" download>CSV</a>
            </header>
            <table>
              <thead><tr><th>Test</th><th class="n">read on</th><th class="n">last before found</th></tr></thead>
              <tbody>
                <tr v-for="t in tests" :key="t.about">
                  <td>{{ t.name }}</td><td class="n">{{ t.count }}</td>
                  <td class="n">
                    <button class="count" @click="open(t.closed, t.name, t.closedCount)"><b>{{
                      t.closedCount }}</b></button>
                  </td>
                </tr>
              </tbody>
            </table>
          </section>
        </div>
      </div>
      <LearnedRates />
    </template>
    <div v-else-if="reply" class="panel box">
      <p><b>No settled tab is of this kind.</b></p>
      <p class="soft">
        The books fill by themselves: each tab that is settled adds what failed, why, and what it took.
      </p>
    </div>
    <p v-else-if="!trouble" class="soft">Adding up…</p>
    <CallsDialog v-if="opened" :tabs="opened.tabs" :of="opened.of" :count="opened.count" @close="opened = undefined" />
  </div>
</template>

<style scoped>
select {
  min-height: 44px;
  padding: 6px 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
  max-width: 210px;
}
.shares { display: grid; grid-template-columns: repeat(3, 1fr) 1.3fr; }
.minutes { padding: 12px 16px; display: grid; gap: 2px; }
small {
  margin-left: 4px;
}
.phases {
  display: flex;
  gap: 14px;
}
.minutes .figure { font-size: 24px; }
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.side { display: grid; gap: 16px; }
.box { padding: 14px 16px; display: grid; gap: 8px; }
.legend { font-size: var(--size-note); }
.legend i {
  display: inline-block;
  width: 22px;
  height: 11px;
  border: 1px solid var(--edge);
  margin: 0 3px 0 8px;
}
.legend i:first-child { margin-left: 0; }
.known { background: var(--copper); }
.unknown {
  background: repeating-linear-gradient(135deg, var(--edge) 0 1.4px, transparent 1.4px 6px);
}
.note { font-size: var(--size-small); }
table { border-collapse: collapse; width: 100%; }
th {
  text-align: left;
  font-size: var(--size-small);
  color: var(--soft);
  font-weight: 600;
}
td { border-bottom: 1px dashed var(--rule); padding: 6px 0; }
.n { text-align: right; }
.count {
  border: 0;
  background: none;
  cursor: pointer;
  min-width: 32px;
  min-height: 32px;
  text-align: right;
}
@media (max-width: 1000px) {
  .acts {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    width: 100%;
  }
  .acts select {
    width: 100%;
    max-width: none;
  }
  .shares, .cols { grid-template-columns: minmax(0, 1fr); }
}
</style>
