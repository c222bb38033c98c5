<script setup lang="ts">
/**
 * The one always-focused entry. Takes the trade's shorthand, completes it, says back what it understood and what that
 * would leave, and only then logs. With a point picked on the path, big keys stand above it for a thumb in a glove.
 */
import type { Result } from '#core/foundation'
import type { Heard } from '#core/listening'
import type { SystemOutline, TestPoint } from '#core/systems'
import { findProofFailure, type Choice, type DraftLine } from '#core/tab'
import { sayProblem, sayProofFault } from '#core/words'
import { v7 as uuid } from 'uuid'
import { useDraft } from '~/composables/useDraft'
import { sayDay } from '~/composables/useClock'
import { learn } from '~/composables/usePlacing'
import type { Write, Written } from '~/composables/useProving'
import { useTab } from '~/stores/tab'

const props = defineProps<{
  kind: SystemOutline
  picked: TestPoint | undefined
  settled: boolean
  /** what is said at the station in hand, for an example */
  say?: string | undefined
  write: Write
}>()
/** why what was said last was not kept */
const trouble = defineModel<string>('trouble', { required: true })
const emit = defineEmits<{
  unpick: []
  help: []
}>()
const USUAL = 'Type a reading: load 0v, y-b 4.8, cap 118uf, contacts burnt…'
const tab = useTab()
const typed = useDraft(String(useRoute().params.id), 'reading')
const leaves = ref('')
const kept = ref('')
const input = useTemplateRef('input')

/** what the worker makes of what is typed */
const understood = shallowRef<Result<Heard>>()
const offered = shallowRef<Awaited<ReturnType<typeof tab.complete>>>([])
let hearing = Promise.resolve()
let heardText = ''
async function hear() {
  const text = typed.value
  const [heard, words] = await Promise.all([text.trim() ? tab.hear(text) : undefined, tab.complete(text)])
  if (text !== typed.value) return
  heardText = text
  understood.value = heard && (heard.ok ? heard.value : heard)
  offered.value = words
}
watch(
  [typed, () => tab.inHand, () => props.kind, () => tab.units],
  () => {
    hearing = hear()
  },
  { immediate: true },
)
const said = computed(() => (understood.value?.ok ? understood.value.value : undefined))
const reading = computed(() => (said.value?.kind === 'lines' ? said.value : undefined))
const remark = computed(() => (said.value?.kind === 'remark' ? said.value : undefined))
const question = computed(() => (said.value?.kind === 'ask' ? said.value : undefined))
/** readings of one go are typed as they are asked */
const inOrder = computed(() => {
  const set = tab.isolation?.next.find(t => t.test === tab.inHand)?.set
  return set && `Type them in this order: ${set.map(s => s.name).join(' / ')}`
})
const completions = computed(() => (question.value || reading.value ? [] : offered.value))
const hint = computed(() => {
  if (trouble.value) return ''
  if (!typed.value.trim())
    return tab.inHand
      ? (inOrder.value ?? 'Type what the meter shows.')
      : kept.value || (props.say ? `Say it: ${props.say}` : USUAL)
  if (remark.value) return REMARK
  return understood.value && !understood.value.ok && completions.value.length === 0
    ? sayProblem(understood.value.problem)
    : ''
})

/** Whose words it was heard by. */
const placed = computed(() => {
  const [saying] = reading.value?.placed ?? []
  return saying && `own words${saying.by ? ` of ${saying.by}` : ''}${saying.at ? `, ${sayDay(saying.at)}` : ''}`
})
const REMARK = 'Not placed. Enter keeps it as a remark, not weighed.'

let asked = 0
watch(reading, async (r) => {
  leaves.value = ''
  if (!r) return
  const mine = ++asked
  const left = await tab.preview(r.lines)
  if (mine === asked)
    leaves.value = left
      .filter(l => l.chance > 0.05)
      // beside several figures, or whose words they are, there is room for the first alone
      .slice(0, r.lines.length > 1 || r.placed ? 1 : 3)
      .map(l => `${l.label.toLowerCase()} ${Math.round(l.chance * 100)}`)
      .join(', ')
})
watch(typed, (text) => {
  if (text) trouble.value = ''
})

let logging = false
/** Once, however often it is pressed. Figures of one go share the name of their set. */
async function log(said: readonly DraftLine[], say: string): Promise<Written> {
  if (logging) return 'refused'
  logging = true
  const text = typed.value
  const set = said.length > 1 ? { set: uuid() } : {}
  const lines = said.map(l => (l.kind === 'reading' || l.kind === 'observation' ? { ...l, ...set } : l))
  const became = await props.write(lines, text).finally(() => {
    logging = false
  })
  if (became !== 'refused') {
    kept.value = became === 'kept' ? sayKept(lines, say) : ''
    // what was typed on while the line was being kept stays
    if (typed.value.startsWith(text)) typed.value = typed.value.slice(text.length)
    emit('unpick')
  }
  focus()
  return became
}

function sayKept([line]: readonly DraftLine[], say: string): string {
  const failure = line?.kind === 'state' ? findProofFailure(props.kind, line) : undefined
  return failure
    ? `Logged, and it is not so: ${sayProofFault(failure.why, failure.value, tab.units)}.`
    : `Logged: ${say}`
}

async function enter() {
  await hearing
  // typed on meanwhile: what is heard is not what stands there
  if (heardText !== typed.value) return
  if (reading.value) return void log(withLeft(reading.value), reading.value.say)
  if (remark.value) return void log([remark.value.line], 'a remark, not weighed')
  if (understood.value && !understood.value.ok) trouble.value = sayProblem(understood.value.problem)
}
/** What no line took up is kept beside them. */
const withLeft = ({ lines, left }: Extract<Heard, { kind: 'lines' }>): readonly DraftLine[] =>
  left ? [...lines, { kind: 'remark', text: left }] : lines
/** What is chosen for words that were not placed is what they mean from then on. */
async function choose(c: Choice) {
  const words = remark.value ? typed.value.trim() : ''
  const became = await log([c.line, ...c.beside ?? []], words ? `${c.say}. Heard so from now on` : c.say)
  if (words && became !== 'refused') await learn(words, c.line)
}
function complete(text: string) {
  typed.value = text
  focus()
}
/** Completes what is typed; pressed before the worker has heard it, the key waits for that. */
async function tabKey(event: KeyboardEvent) {
  if (event.shiftKey || (heardText === typed.value && completions.value.length === 0)) return
  event.preventDefault()
  await hearing
  const [first] = completions.value
  if (first) complete(first.insert)
}
const focus = () => input.value?.focus({ preventScroll: true })
const put = (text: string) => {
  typed.value = text
}
const type = (text: string) => {
  typed.value += text
}
const back = () => {
  typed.value = typed.value.slice(0, -1)
}
onMounted(focus)
defineExpose({ focus, put })
</script>

<template>
  <div class="bar no-print">
    <BigKeys
      v-if="picked"
      :kind="kind"
      :point="picked"
      @start="put"
      @type="type"
      @back="back"
      @enter="enter"
      @close="emit('unpick')"
    />
    <div v-if="completions.length || question || remark?.nearest.length" class="offers">
      <template v-if="question || remark?.nearest.length">
        <span class="ask">{{ question?.question ?? 'Do you mean?' }}</span><button
          v-for="c in question?.choices ?? remark?.nearest"
          :key="c.say"
          class="offer"
          @click="choose(c)"
        >
          {{ c.say }}
        </button>
      </template>
      <button v-for="c in completions" v-else :key="c.insert" class="offer" @click="complete(c.insert)">
        <b>{{ c.insert }}</b> {{ c.say }}
      </button>
    </div>
    <form class="entry" @submit.prevent="enter">
      <label class="visually-hidden" for="reading">Reading</label>
      <input
        id="reading"
        ref="input"
        v-model="typed"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        enterkeyhint="done"
        :placeholder="settled ? 'settled: notes only' : (say ?? 'load 0v')"
        aria-describedby="says"
        @keydown.tab="tabKey"
        @keydown.esc="put('')"
      >
      <p id="says" class="says" role="status" aria-live="polite">
        <span v-if="trouble" class="no" role="alert">{{ trouble }}</span>
        <template v-else-if="reading">
          <b>{{ reading.say }}</b>
          <span v-if="placed" class="leaves"> · {{ placed }}</span>
          <span v-if="reading.left" class="leaves"> · as a remark: {{ reading.left }}</span>
          <span v-if="leaves" class="leaves"> · leaves {{ leaves }}</span>
        </template>
        <span v-else>{{ hint }}</span>
      </p>
      <button class="log" type="submit" :disabled="!typed.trim()">Log</button>
      <p class="hints">
        <kbd>Enter</kbd> log <kbd>F2</kbd> next test
        <button type="button" class="help" @click="emit('help')"><kbd>?</kbd> keys</button>
      </p>
    </form>
  </div>
</template>

<style scoped>
.bar {
  background: var(--bar);
  color: var(--on-bar);
  position: relative;
}
.entry {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 9px 16px;
}
.entry input {
  flex: 0 0 390px;
  min-width: 0;
  height: 46px;
  padding: 0 14px;
  border: 0;
  border-radius: var(--round);
  font-size: var(--size-head);
  background: var(--bar-field);
  color: var(--on-bar-field);
}
.entry input::placeholder {
  color: var(--soft);
  opacity: 1;
}
.entry input:focus-visible {
  outline: 3px solid var(--bar-brass);
  outline-offset: 1px;
}
.says {
  flex: 1;
  min-width: 0;
  font-size: var(--size-text);
  line-height: 1.25;
  max-height: 44px;
  overflow: hidden;
}
.says b {
  color: var(--bar-brass);
}
.no {
  font-weight: 700;
}
.log {
  min-height: var(--control);
  min-width: 64px;
  border: 0;
  border-radius: var(--round);
  background: var(--bar-brass);
  color: var(--bar);
  font-weight: 700;
  cursor: pointer;
}
.log:disabled {
  opacity: 0.45;
  cursor: default;
}
.hints {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: var(--size-note);
  white-space: nowrap;
}
kbd {
  font: inherit;
  font-size: var(--size-small);
  border: 1px solid currentColor;
  border-radius: 3px;
  padding: 1px 6px;
  margin-left: 6px;
}
.help {
  background: none;
  border: 0;
  padding: 8px 0;
  cursor: pointer;
  color: inherit;
}
.offers {
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
  padding: 8px 16px 0;
  position: absolute;
  bottom: 100%;
  left: 0;
  right: 0;
  background: var(--bar);
  padding-bottom: 6px;
  z-index: 3;
}
.offer {
  min-height: var(--control);
  padding: 0 12px;
  border: 1px solid var(--on-bar);
  background: transparent;
  color: var(--on-bar);
  border-radius: var(--round);
  cursor: pointer;
}
.offer:hover {
  background: var(--bar-brass);
  color: var(--bar);
}
.ask {
  font-weight: 700;
}
@media (max-width: 760px) {
  .entry {
    flex-wrap: wrap;
    gap: 6px 8px;
    padding: 8px 10px;
  }
  .entry input {
    flex: 1;
    font-size: var(--size-figure);
  }
  .says {
    order: -1;
    flex: 1 0 100%;
    font-size: var(--size-note);
    max-height: 3.8em;
  }
  .hints {
    display: none;
  }
}
</style>
