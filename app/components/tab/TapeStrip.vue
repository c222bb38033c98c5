<script setup lang="ts">
/**
 * The tape: the tab's lines in order, newest at hand, with verdicts and what each ruled out. Strike and re-read from
 * here.
 */
import type { Isolation } from '#core/isolation'
import type { AnyLine } from '#core/tab'
import { useDraftAt } from '~/composables/useDraft'
import type { Remark } from '~/composables/usePlacing'
import type { TapeRow } from './tapeRows'

const props = defineProps<{
  rows: readonly TapeRow[]
  /** lines before those shown */ earlier: number
  isolation: Isolation | undefined
  notKept: ReadonlySet<string>
  refused: readonly { readonly line: AnyLine, readonly reason: string, readonly title: string }[]
  settled: boolean
}>()
const emit = defineEmits<{
  strike: [line: string, reason: string]
  again: [test: string]
  place: [remark: Remark]
  drop: [line: string]
  asNote: [line: string, text: string]
  photo: [file: File, caption: string]
  leads: []
  earlier: []
}>()
const scroller = useTemplateRef('scroller')
const chosen = ref<string>()
const reason = useDraftAt(String(useRoute().params.id), 'strike', () => chosen.value)
/** a refused line stands nowhere else, so it takes a second press */
const dropping = ref<string>()

const picture = useTemplateRef<HTMLInputElement>('picture')
function pick() {
  const file = picture.value?.files?.[0]
  if (file) emit('photo', file, '')
  if (picture.value) picture.value.value = ''
}
const toEnd = () => nextTick(() => scroller.value?.scrollTo({ top: scroller.value.scrollHeight }))
watch(() => [props.rows.at(-1)?.id, props.refused.length, props.isolation], toEnd, { immediate: true })
onMounted(toEnd)
function strike(line: string) {
  if (!reason.value.trim()) return
  const why = reason.value.trim()
  reason.value = ''
  emit('strike', line, why)
  chosen.value = undefined
}
</script>

<template>
  <section class="panel tape" aria-label="The tape">
    <div class="head">
      <p class="caps">The tape</p>
      <span v-if="!settled" class="tools">
        <button class="press plain" @click="emit('leads')">Find leads</button>
        <label class="press plain photo"
          >Photo<input ref="picture" type="file" accept="image/*" capture="environment" @change="pick">
        </label>
      </span>
    </div>
    <ol ref="scroller" class="rows">
      <li v-if="earlier" class="row">
        <button class="press plain" @click="emit('earlier')">
          {{ earlier }} earlier {{ earlier === 1 ? 'line' : 'lines' }}
        </button>
      </li>
      <li
        v-for="(r, i) in rows"
        :key="r.id"
        class="row"
        :class="{
          state: r.kind === 'state',
          struck: r.struck,
          unkept: notKept.has(r.id),
          arriving: i === rows.length - 1,
        }"
      >
        <p v-if="r.day" class="day">{{ r.day }}</p>
        <button
          class="line"
          :aria-expanded="chosen === r.id"
          @click="chosen = chosen === r.id ? undefined : r.id"
        >
          <time>{{ r.time }}</time>
          <span class="what">{{ r.title }}<small v-if="r.detail">{{ r.detail }}</small>
          </span>
          <span class="value">
            <span v-if="r.digits" class="figure" :class="{ said: r.kind === 'observation' }"
              >{{ r.digits }}<small>{{ r.unit }}</small>
            </span>
            <VerdictMark v-if="r.verdict" :word="r.verdict" :words="['low', 'high', 'open'].includes(r.verdict)"
          /></span>
          <span v-if="r.slip ?? r.puzzle" class="extra slip">{{ r.slip ?? r.puzzle }}</span>
          <TapePhoto
            v-for="p in r.pictures"
            :key="p.name"
            class="extra"
            :name="p.name"
            :come="p.come"
            :caption="r.detail || 'photo'"
          />
          <span v-for="m in r.marks" :key="m" class="extra slip">{{ m }}</span>
          <span v-if="r.ruledOut" class="extra soft">{{ r.ruledOut }}</span>
          <span v-if="r.by" class="extra soft">written by {{ r.by }}</span>
          <span v-if="r.struck" class="extra">struck: {{ r.struck }}</span>
          <span v-if="notKept.has(r.id)" class="extra waiting">not yet kept</span>
        </button>
        <div v-if="chosen === r.id && !r.struck" class="acts">
          <a v-if="r.trace" class="press" :href="`/api/attachments/${r.trace}`" download="trace.csv">
            The trace itself
          </a>
          <button
            v-if="r.remark && !settled"
            class="press main"
            @click="emit('place', { line: r.id, words: r.remark })"
          >
            Place it
          </button>
          <button v-if="r.test && !settled" class="press" @click="emit('again', r.test!)">Re-read</button>
          <form v-if="r.kind !== 'strike'" class="strike" @submit.prevent="strike(r.id)">
            <input v-model="reason" placeholder="Why is it wrong?" aria-label="Why is it wrong?"><button
              class="press danger"
            >
              Strike
            </button>
          </form>
        </div>
      </li>
      <li v-for="r in refused" :key="r.line.id" class="row refused">
        <p><b>Not kept:</b> {{ r.title }}</p>
        <p>{{ r.reason }}</p>
        <div class="choose">
          <button
            v-if="r.line.kind !== 'note' && r.line.kind !== 'photo'"
            class="press main"
            @click="emit('asNote', r.line.id, r.title)"
          >
            Keep it as a note
          </button>
          <button v-if="dropping !== r.line.id" class="press" @click="dropping = r.line.id">Take it off</button>
          <button v-else class="press danger" @click="emit('drop', r.line.id)">
            Its only copy: take it off?
          </button>
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.tape {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
  border-top: 5px double var(--rule);
}
.head {
  padding: 6px 14px 2px;
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.tools {
  display: flex;
  gap: 4px;
}
.tools .press {
  font-size: var(--size-small);
  padding: 0 6px;
  display: inline-flex;
  align-items: center;
  cursor: pointer;
}
.photo input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.photo:focus-within {
  outline: 3px solid var(--brass);
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0 0 8px;
  overflow: auto;
  min-height: 0;
  position: relative;
}
.row {
  border-bottom: 1px dashed var(--rule);
}
.row.state {
  background: var(--brass-ground);
}
.day {
  padding: 6px 14px 0;
  font-size: var(--size-caps);
  font-weight: 700;
  color: var(--soft);
}
.line {
  display: grid;
  grid-template-columns: 44px 1fr auto;
  gap: 2px 8px;
  align-items: baseline;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  padding: 6px 14px;
  cursor: pointer;
  min-height: 40px;
}
.line:hover {
  background: var(--panel-2);
}
time {
  color: var(--soft);
  font-size: var(--size-note);
}
.what {
  overflow-wrap: anywhere;
  line-height: 1.25;
}
.what small {
  display: block;
  color: var(--soft);
  font-size: var(--size-caps);
}
.value {
  display: inline-flex;
  gap: 7px;
  align-items: baseline;
}
.said {
  font-size: var(--size-text);
  white-space: normal;
  text-align: right;
  max-width: 150px;
}
.extra {
  grid-column: 2 / -1;
  font-size: var(--size-caps);
  line-height: 1.3;
}
.slip {
  color: var(--ink);
  border-left: 3px solid var(--brass);
  padding-left: 6px;
}
.waiting {
  font-weight: 700;
  color: var(--brass);
}
.unkept {
  border-left: 4px dashed var(--brass);
}
.struck .what,
.struck .figure {
  text-decoration: line-through;
  opacity: 0.65;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 2px 14px 10px 66px;
}
.strike {
  display: flex;
  gap: 6px;
  flex: 1;
}
.strike input {
  min-height: var(--control);
  min-width: 0;
  flex: 1;
  padding: 0 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.refused {
  padding: 10px 14px;
  background: var(--danger-ground);
  display: grid;
  gap: 6px;
  font-size: var(--size-note);
  justify-items: start;
}
@media (max-width: 760px) {
  .rows {
    display: flex;
    flex-direction: column-reverse;
  }
}
</style>
