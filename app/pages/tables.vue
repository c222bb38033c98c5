<script setup lang="ts">
/**
 * Takes in a table from a spreadsheet: parts, readings or calls. Its columns are guessed and can be chosen; every row
 * that is wrong is said; nothing is taken while one is.
 */
import { shelfReply, sitesReply } from '#contracts'
import {
  guessColumns, guessTable, orderOf, readTable, TABLE_IDS, TABLES, takeTable,
  type ColumnMap, type DateOrder, type Field, type KnownSystem, type Table, type TableId,
} from '#core/tables'
import { sayProblem } from '#core/words'
import { useClock } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { useTakingIn } from '~/composables/useTakingIn'
import { usePractice } from '~/stores/practice'

useHead({ title: 'Take in a table · Keep Tab' })
const practice = usePractice()
const table = shallowRef<Table>()
const name = ref('')
const trouble = ref('')
const told = ref('')
const of = ref<TableId>('parts')
const columns = ref<ColumnMap>({})
const order = ref<DateOrder>('month-first')
const without = ref<ReadonlySet<number>>(new Set())
const known = shallowRef<readonly KnownSystem[]>([])
const listed = shallowRef<Readonly<Record<string, string>>>({})
const sending = ref(false)
const { takeIn } = useTakingIn()
const now = ref('')

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  trouble.value = told.value = ''
  table.value = undefined
  const read = readTable(new Uint8Array(await file.arrayBuffer()))
  if (!read.ok) {
    trouble.value = `${file.name}: ${sayProblem(read.problem)}`
    return
  }
  await learn()
  name.value = file.name
  now.value = useClock().now()
  without.value = new Set()
  of.value = guessTable(read.value.heads)
  table.value = read.value
}
/** What the book has already, so that a table adds to it rather than beside it. */
async function learn() {
  const [shelf, sites] = await Promise.all([
    askServer('/api/shelf', shelfReply), askServer('/api/sites?most=1000', sitesReply),
  ])
  if (shelf.ok) listed.value = Object.fromEntries(shelf.value.parts.map(p => [p.number, p.part]))
  if (!sites.ok) return void (trouble.value = sayProblem(sites.problem))
  known.value = sites.value.sites.flatMap(s => s.systems.map(y =>
    ({ site: s.id, siteName: s.name, system: y.id, name: y.name, kind: y.kind })))
}
const fields = computed(() => TABLES[of.value].fields as readonly Field[])
watch([of, table], () => {
  columns.value = guessColumns(of.value, table.value?.heads ?? [])
  order.value = orderIn(columns.value.date)
})
/** As the column's figures tell; where none does, as it is usual where pressure is read in psi. */
function orderIn(at: number | undefined): DateOrder {
  const written = at === undefined ? [] : (table.value?.rows.map(r => r.cells[at] ?? '') ?? [])
  return orderOf(written) ?? (practice.units.pressure === 'si' ? 'day-first' : 'month-first')
}
const setColumn = (id: string, event: Event) => {
  const at = Number((event.target as HTMLSelectElement).value)
  const { [id]: _before, ...rest } = columns.value
  columns.value = at < 0 ? rest : { ...rest, [id]: at }
}
const taken = computed(() => table.value && takeTable(table.value, {
  of: of.value, columns: columns.value, order: order.value, units: practice.units, known: known.value,
  listed: listed.value, without: without.value, now: now.value,
}))
const bad = computed(() => [...new Set(taken.value?.troubles.map(t => t.row))].filter(n => n > 0))
const troubleOf = (row: number) => (taken.value?.troubles ?? []).filter(t => t.row === row).map(t =>
  [fields.value.find(f => f.id === t.field)?.label, sayProblem(t.problem, practice.units)].filter(Boolean).join(': '))
const general = computed(() => (taken.value?.troubles ?? []).filter(t => t.row === 0).map(t => sayProblem(t.problem)))
const leaveOut = () => {
  without.value = new Set([...without.value, ...bad.value])
}
/** those that are wrong first: they are what is looked for */
const shown = computed(() => {
  const odd = new Set(bad.value)
  const rows = (table.value?.rows ?? []).filter(r => !without.value.has(r.number))
  return [...rows.filter(r => odd.has(r.number)).slice(0, 12), ...rows.filter(r => !odd.has(r.number)).slice(0, 6)]
})
const used = computed(() => fields.value.filter(f => columns.value[f.id] !== undefined))
async function take() {
  if (!taken.value) return
  sending.value = true
  trouble.value = ''
  const bytes = new Blob([JSON.stringify(taken.value.book)])
  const answer = await takeIn(bytes)
  sending.value = false
  if (!answer.ok) {
    trouble.value = `${name.value}: ${sayProblem(answer.problem)}`
    return
  }
  const { tabs, lines, refused } = answer.value
  const n = taken.value.taken
  told.value = `${name.value}: ${n} ${n === 1 ? 'row' : 'rows'} taken in`
    + (of.value === 'parts' ? '.' : `: ${tabs} new tabs, ${lines} new lines.`)
    + (refused.length > 0 ? ` Left out, since another has its number here: ${refused.slice(0, 5).join(', ')}.` : '')
  table.value = undefined
}
</script>

<template>
  <div class="page">
    <header class="headed">
      <div>
        <h1>Take in a table</h1>
        <p class="soft">
          Parts, readings or calls out of a spreadsheet, saved as CSV. Nothing is taken while a row is wrong.</p>
      </div>
      <label class="press main">Choose a file<input
        type="file" accept=".csv,.tsv,.txt,text/csv" class="visually-hidden" @change="choose"></label>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="told" role="status"><b>{{ told }}</b></p>
    <template v-if="table && taken">
      <section class="panel map" aria-label="Columns">
        <p class="of">
          <b>{{ name }}</b>
          <label class="field"><span class="visually-hidden">What it tells of</span>
            <select v-model="of">
              <option v-for="t in TABLE_IDS" :key="t" :value="t">{{ TABLES[t].name }}</option>
            </select>
          </label>
          <label v-if="of !== 'parts'" class="field"><span class="visually-hidden">Dates are written</span>
            <select v-model="order">
              <option value="day-first">15.6. is 15 June</option>
              <option value="month-first">6/15 is 15 June</option>
            </select>
          </label>
          <span class="soft">{{ table.rows.length }} rows · {{ table.encoding }}</span>
        </p>
        <div class="columns">
          <label
            v-for="f in fields" :key="f.id" class="column"
            :class="{ missing: f.needed && columns[f.id] === undefined }"
          >
            <span>{{ f.label }}{{ f.needed ? ' *' : '' }}</span>
            <select :value="columns[f.id] ?? -1" @change="setColumn(f.id, $event)">
              <option :value="-1">—</option>
              <option v-for="(h, i) in table.heads" :key="i" :value="i">{{ h || `column ${i + 1}` }}</option>
            </select>
          </label>
        </div>
      </section>
      <p v-for="g in general" :key="g" class="trouble">{{ g }}</p>
      <section class="panel" aria-label="Rows">
        <div class="over">
          <table>
            <thead><tr><th>Row</th><th v-for="f in used" :key="f.id">{{ f.label }}</th></tr></thead>
            <tbody>
              <template v-for="r in shown" :key="r.number">
                <tr :class="{ bad: bad.includes(r.number) }">
                  <td class="num">{{ r.number }}</td>
                  <td v-for="f in used" :key="f.id">{{ r.cells[columns[f.id]!] }}</td>
                </tr>
                <tr v-if="bad.includes(r.number)" class="why">
                  <td /><td :colspan="used.length">▲ {{ troubleOf(r.number).join(' · ') }}</td>
                </tr>
              </template>
            </tbody>
          </table>
        </div>
        <p v-if="table.rows.length - without.size > shown.length" class="soft rest">
          and {{ table.rows.length - without.size - shown.length }} more</p>
      </section>
      <div class="acts">
        <button class="press main" :disabled="sending || taken.troubles.length > 0 || taken.taken === 0" @click="take">
          {{ sending ? 'Taking in…' : `Take in ${taken.taken} ${taken.taken === 1 ? 'row' : 'rows'}` }}</button>
        <button v-if="bad.length" class="press" @click="leaveOut">
          Leave out the {{ bad.length }} that {{ bad.length === 1 ? 'is' : 'are' }} wrong</button>
        <p v-if="bad.length" class="soft">
          Set them right in the spreadsheet and choose the file again, or leave them out.</p>
      </div>
    </template>
    <section v-else class="panel empty">
      <p><b>What a table needs</b></p>
      <p>Parts: a number and a name. Readings: site, system, date, reading, value. Calls: site, system, date, complaint.
        Heads in the first row; commas, semicolons or tabs between.</p>
      <p class="soft">To see one: <a href="/api/sums?table=parts" download>the shelf</a>,
        <a href="/api/readings" download>all readings</a>, <a href="/api/sums?table=calls" download>all calls</a>.</p>
    </section>
  </div>
</template>

<style scoped>
.map { padding: 12px 16px; display: grid; gap: 10px; }
.of { display: flex; flex-wrap: wrap; gap: 8px 16px; align-items: center; }
.columns { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 4px 18px; }
.column {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-items: center;
  gap: 8px;
  font-size: var(--size-note);
}
.column select {
  min-height: 40px;
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: var(--panel);
  width: 100%;
}
.missing { font-weight: 700; }
.missing select { border-color: var(--danger); }
.over { overflow-x: auto; }
table { border-collapse: collapse; width: 100%; font-size: var(--size-note); }
th, td {
  text-align: left;
  padding: 6px 12px;
  border-bottom: 1px dashed var(--rule);
  white-space: nowrap;
  max-width: 300px;
  overflow: hidden;
  text-overflow: ellipsis;
}
th { font-size: var(--size-small); color: var(--soft); font-weight: 600; }
.num { text-align: right; color: var(--soft); }
.bad td { border-bottom: 0; font-weight: 700; }
.why td { color: var(--danger); white-space: normal; max-width: none; }
.rest { padding: 8px 16px; }
.acts { display: flex; flex-wrap: wrap; gap: 8px 14px; align-items: center; }
.empty { padding: 16px 18px; display: grid; gap: 8px; }
</style>
