<script setup lang="ts">
/** Readings as left, beside what was found and the band: the proof that it works. */
import type { TestOutline } from '#core/systems'
import { asFound, type DraftLine, type WorkState } from '#core/tab'
import { formatFigure } from '#core/units'
import { sayProblem } from '#core/words'
import { shortTitle } from '~/components/tab/tapeRows'
import { useDraftOfMany } from '~/composables/useDraft'
import { useTab } from '~/stores/tab'

const props = defineProps<{ log: (line: DraftLine) => Promise<boolean>, settled: boolean }>()
const emit = defineEmits<{ prove: [state: WorkState] }>()
const tab = useTab()
const typed = useDraftOfMany(String(useRoute().params.id), 'as-left')
const trouble = ref<Record<string, string>>({})
/** the proof run, and what a site's file is kept for besides */
const BESIDES = ['line.volts', 'red.run', 'cycle', 'leads.ground']
type NumericTest = Extract<TestOutline, { kind: 'numeric' }>
const tests = computed(
  () =>
    tab.kind?.tests.filter(
      (t): t is NumericTest => t.kind === 'numeric' && (t.proves === true || BESIDES.includes(t.id)),
    ) ?? [],
)

const found = (test: string) => asFound(tab.state, test)
const left = (test: string) => tab.state.asLeft.findLast(l => l.test === test)
const verdict = (id: string | undefined) => tab.isolation?.verdicts.find(v => v.line === id)
const figure = (test: NumericTest, line: ReturnType<typeof found> | ReturnType<typeof left>) =>
  line?.kind === 'reading'
    ? line.value === null
      ? { digits: 'OL', unit: '' }
      : formatFigure(test.quantity, line.value, tab.units)
    : undefined

async function keep(test: NumericTest) {
  const text = (typed.value[test.id] ?? '').trim()
  if (!text || !tab.kind) return
  const asked = await tab.hear(text, test.id)
  const read = asked.ok ? asked.value : asked
  const meant = (lines: readonly DraftLine[]) => lines.find(l => 'test' in l && l.test === test.id)
  const choice = read.ok
    ? read.value.kind === 'lines'
      ? meant(read.value.lines)
      : read.value.kind === 'ask'
        ? meant(read.value.choices.map(c => c.line))
        : undefined
    : undefined
  if (!read.ok || choice?.kind !== 'reading' || choice.test !== test.id) {
    trouble.value = {
      ...trouble.value,
      [test.id]: read.ok ? 'Type the figure with its unit.' : sayProblem(read.problem),
    }
    return
  }
  const done = await props.log({ ...choice, asLeft: true })
  const needs = !done && test.need !== 'any' ? test.need : undefined
  trouble.value = { ...trouble.value, [test.id]: needs ? 'needs its proof first' : '' }
  if (needs) emit('prove', needs === 'discharged' && !tab.state.work['proven-dead'] ? 'proven-dead' : needs)
  if (done) typed.value = { ...typed.value, [test.id]: '' }
}
</script>

<template>
  <section class="panel box" aria-label="As left">
    <h2>As left</h2>
    <table>
      <thead>
        <tr>
          <th>Reading</th>
          <th class="num">Found</th>
          <th class="num">Left</th>
          <th>Verdict</th>
          <th v-if="!settled">Read now</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in tests" :key="t.id">
          <th scope="row">{{ shortTitle(tab.kind!, t.id) }}</th>
          <td class="num" data-is="found">
            <span v-if="figure(t, found(t.id))" class="figure"
              >{{ figure(t, found(t.id))!.digits }}<small>{{ figure(t, found(t.id))!.unit }}</small>
            </span>
          </td>
          <td class="num" data-is="left">
            <span v-if="figure(t, left(t.id))" class="figure"
              >{{ figure(t, left(t.id))!.digits }}<small>{{ figure(t, left(t.id))!.unit }}</small>
            </span>
          </td>
          <td>
            <VerdictMark v-if="verdict(left(t.id)?.id)" :word="verdict(left(t.id)!.id)!.word" words />
          </td>
          <td v-if="!settled">
            <form class="row" @submit.prevent="keep(t)">
              <input
                :value="typed[t.id]"
                :aria-label="`${t.title}, as left`"
                autocomplete="off"
                @input="e => (typed = { ...typed, [t.id]: (e.target as HTMLInputElement).value })">
              <button class="press" :disabled="!typed[t.id]?.trim()">Keep</button>
            </form>
            <p v-if="trouble[t.id]" class="no" role="alert">{{ trouble[t.id] }}</p>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.box {
  padding: 16px 18px;
  display: grid;
  gap: 10px;
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 5px 12px 5px 0;
  border-bottom: 1px dashed var(--rule);
  font-weight: 400;
}
thead th {
  font-size: var(--size-small);
  color: var(--soft);
}
.num {
  text-align: right;
}
.row {
  display: flex;
  gap: 6px;
}
.row input {
  width: 120px;
  min-height: var(--control);
  padding: 0 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
.no {
  font-size: var(--size-small);
}
@media (max-width: 760px) {
  thead {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: 1fr 1fr 1fr;
    align-items: center;
    padding: 8px 0;
    border-bottom: 1px dashed var(--rule);
  }
  th,
  td,
  .num {
    border: 0;
    padding: 2px 0;
    text-align: left;
  }
  th,
  td:last-child {
    grid-column: 1 / -1;
  }
  td[data-is]:not(:empty)::before {
    content: attr(data-is) ' ';
    font-size: var(--size-small);
    color: var(--soft);
  }
  .row input {
    flex: 1;
  }
}
</style>
