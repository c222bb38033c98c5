<script setup lang="ts">
/** Parts off and on, what was put right, and the readings as found beside as left, with what is proved. */
import type { Sheet } from '#core/plan'
import { unread, type DraftLine, type LineOf } from '#core/tab'
import { formatFigure } from '#core/units'
import { nameOf, shortTitle } from '~/components/tab/tapeRows'
import { useTab } from '~/stores/tab'

const props = defineProps<{ sheet: Sheet, settled: boolean }>()
const emit = defineEmits<{ write: [lines: readonly DraftLine[]] }>()
const tab = useTab()
const done = computed(() => [
  ...tab.state.parts.map(p => ({
    id: p.id,
    component: p.component,
    text: [
      p.off ? `off: ${p.off}` : '', p.on ? `on: ${p.on}` : '', p.number ?? '', p.temporary ? 'for the time being' : '',
    ].filter(Boolean).join(' · '),
  })),
  ...tab.state.repairs.map(r => ({ id: r.id, component: r.component, text: r.text })),
])
const read = (id: string | undefined) => tab.lines.find((l): l is LineOf<'reading'> => l.id === id)
const figure = (id: string | undefined) => {
  const line = read(id)
  const test = tab.kind?.tests.find(t => t.id === line?.test)
  if (!line || test?.kind !== 'numeric') return undefined
  return line.value === null ? { digits: unread(line), unit: '' } : formatFigure(test.quantity, line.value, tab.units)
}
const verdict = (id: string) => tab.isolation?.verdicts.find(v => v.line === id)?.word
const unproved = computed(() => props.sheet.proof.items.filter(i => !i.proved))
const takeBack = (line: string) => emit('write', [{ kind: 'strike', line, reason: 'taken back on the sheet' }])
</script>

<template>
  <section class="work" aria-label="What was done">
    <h2>What was done</h2>
    <p v-for="d in done" :key="d.id" class="row">
      <span><b>{{ nameOf(tab.kind!, d.component) }}</b> {{ d.text }}</span>
      <button v-if="!settled" class="press plain" @click="takeBack(d.id)">take back</button>
    </p>
    <p v-if="!done.length" class="soft">Nothing fitted or put right yet.</p>
  </section>
  <section class="work" aria-label="As left">
    <h2>As found, as left</h2>
    <table v-if="sheet.figures.length">
      <thead>
        <tr>
          <th>Reading</th>
          <th class="num">Found</th>
          <th class="num">Left</th>
          <th><span class="visually-hidden">Verdict</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in sheet.figures" :key="f.test">
          <th scope="row">{{ shortTitle(tab.kind!, f.test) }}</th>
          <td v-for="id in [f.found, f.left]" :key="id ?? 'none'" class="num">
            <span v-if="figure(id)" class="figure">{{ figure(id)!.digits }}<small>{{ figure(id)!.unit }}</small></span>
          </td>
          <td><VerdictMark v-if="verdict(f.left)" :word="verdict(f.left)!" words /></td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft">Nothing was read since the repair.</p>
    <p v-if="unproved.length && done.length" class="open">
      <b>Not proved:</b> {{ unproved.map(i => i.title.toLowerCase()).join('; ') }}.
    </p>
    <p v-else-if="done.length"><b>All of it is proved.</b></p>
  </section>
</template>

<style scoped>
.work {
  display: grid;
  gap: 4px;
}
.row {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.row .press {
  font-size: var(--size-small);
  margin: -6px 0;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 3px 12px 3px 0;
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
.open {
  border-left: 4px solid var(--brass);
  padding-left: 10px;
}
</style>
