<script setup lang="ts">
/** The next step of a repair, where the next test stood: what to do, in which state, why, and that it is done. */
import type { ShelfPart, TabReply } from '#contracts'
import type { PlanStep } from '#core/plan'
import type { DraftLine, WorkState } from '#core/tab'
import { formatFigure, formatRange, formatTurns, type Quantity, type Units } from '#core/units'
import { sayBlocked, sayMove, sayWiringFault, sayWiringNote, STATION_WORDS } from '#core/words'
import { useStopwatch } from '~/composables/useStopwatch'
import { NEEDS } from '~/composables/needWords'
import { useDraftAt } from '~/composables/useDraft'
import type { PlanView } from '~/workers/openTabs'

const props = defineProps<{
  /** with what is fitted */
  reply: TabReply
  plan: PlanView
  step: PlanStep | undefined
  units: Units
  holds: (need: PlanStep['need']) => boolean
  titleOf: (test: string) => string
  quantityOf: (test: string) => Quantity | undefined
  /** logs lines, or what is said; tells whether that is kept */
  keep: (lines: readonly DraftLine[]) => Promise<boolean>
  tell: (text: string) => Promise<boolean>
}>()
const emit = defineEmits<{
  prove: [state: Exclude<WorkState, 'live'>]
  take: [test: string]
  tests: []
  settle: []
}>()

const FIRST = { 'proven-dead': 'Prove it dead', 'discharged': 'Bleed it', 'zero-pressure': 'Drain it' } as const
/** Steps that are the proof of a state. */
const PROVES: Partial<Record<string, Exclude<WorkState, 'live'>>> = {
  dead: 'proven-dead',
  discharge: 'discharged',
  drain: 'zero-pressure',
}

const leaving = ref(false)
const reason = useDraftAt(String(useRoute().params.id), 'leave step', () => props.step?.id)
const number = useDraftAt(String(useRoute().params.id), 'part number', () => props.step?.id)
const temporary = ref(false)
/** of the shelf, for this step */
const chosen = shallowRef<ShelfPart>()
watch(() => props.step?.id, () => {
  leaving.value = temporary.value = false
  chosen.value = undefined
})

const wiring = computed(() => props.plan.wiring.filter(w => w.of === 'left'))
const wrong = computed(() => wiring.value.filter(w => w.verdict.faults.length > 0))
const needed = computed(() => {
  const need = props.step?.need
  return need && need !== 'any' && need !== 'live' && !props.holds(need) ? need : undefined
})
const advice = computed(() => (props.step?.id === 'switch-set' ? props.plan.setUp : undefined))
const figure = (pa: number | undefined) =>
  pa === undefined ? { digits: '–', unit: '' } : formatFigure('pressure', pa, props.units)

const heading = computed(() => {
  const coach = advice.value?.coach.advice
  if (coach?.do !== 'turn') return props.step?.title
  return `${coach.nut === 'range' ? 'Range nut' : 'Small nut'}, ${formatTurns(coach.turns)}`
})
/** The reading that is wanted now: of the run, or before it can be gone on with. */
const asked = computed(() =>
  (props.step?.id === 'run' || props.step?.standing === 'blocked' ? props.step.readings?.[0] : undefined))
/** What the run still wants read, and what each should show as the system now stands. */
const toRead = computed(() =>
  props.plan.proof.items.flatMap(({ test, title, proved, wanted }) => {
    if (!test || proved || test === 'leak-down') return []
    const quantity = wanted && props.quantityOf(test)
    return [{ title, wanted: quantity ? formatRange(quantity, wanted, props.units) : '' }]
  }))
/** What is watched with the gauge in sight and a thumb on the key. */
const stopwatch = useStopwatch(String(useRoute().params.id))
const watched = computed(() => {
  // a hold that was begun is in sight whatever step is
  if (stopwatch.running.value?.what === 'hold') return 'hold'
  const id = props.step?.id
  const turning = id === 'switch-set' && advice.value?.coach.advice.do === 'turn'
  const open = props.step?.standing === 'open' && !turning
  return open && (id === 'hold' || id === 'cycles' || id === 'switch-set') ? id : undefined
})
const minutes = computed(() =>
  props.plan.stations.flatMap(s => s.steps).find(s => s.id === 'hold')?.wait ?? 0)
/** Of the range nut, and how far that may be off: one standard deviation. */
const perTurn = computed(() => {
  const { mean, covariance } = advice.value?.coach.state ?? {}
  return { ...figure(mean?.[2]), off: covariance ? figure(Math.sqrt(covariance[2][2])).digits : '' }
})

async function done() {
  const { step } = props
  if (!step) return
  const own: DraftLine = { kind: 'step', station: step.station, step: step.id, done: true }
  const coach = advice.value?.coach.advice
  if (step.id === 'power-on') return props.keep([{ kind: 'state', to: 'live' }, own])
  const repair: readonly DraftLine[] = step.puts ? [{ kind: 'repair', ...step.puts }] : []
  if (coach?.do === 'turn')
    return props.keep([...repair, { kind: 'adjusted', component: 'switch', nut: coach.nut, turns: coach.turns }])
  const fixing = fix.value
  if (fixing) {
    const { component, fault } = fixing
    return props.keep([step.part ? partLine(step.part) : { kind: 'repair', component, fault, text: step.title }])
  }
  return props.keep([...repair, own])
}
/** What is put right by this step. */
const fix = computed(() => {
  const { step, plan } = props
  const repair = step?.id.startsWith('fix:') ? plan.repairs.find(r => r.name === step.title) : undefined
  return repair && { fault: repair.fault, component: repair.fault.slice(0, repair.fault.indexOf('.')) }
})
function partLine(wanted: string): DraftLine {
  const { component, fault } = fix.value!
  const before = props.reply.fitted.filter(f => f.component === component && !f.removed)
  const typed = number.value.trim()
  // another number than the chosen part's is another part
  const part = chosen.value?.number === typed ? chosen.value : undefined
  return {
    kind: 'part',
    component,
    fault,
    on: part?.name ?? wanted,
    // with several in one box nobody knows which of them came off
    ...(before.length === 1 ? { off: before[0]!.part } : {}),
    ...(typed ? { number: typed } : {}),
    ...(part ? { from: part.stock.van > 0 ? 'van' as const : 'ordered' as const } : {}),
    ...(temporary.value ? { temporary: true } : {}),
  }
}
function choose(part: ShelfPart) {
  chosen.value = part
  number.value = part.number
}
/** What the record wants moved: said at once, and judged anew. */
const moves = computed(() => {
  const all = wrong.value.flatMap(w => (w.mend ?? []).map(m => ({ ...m, part: w.component })))
  return props.step?.id === 'paper-proof' ? all : []
})
const moved = () =>
  props.keep(moves.value.map(({ colour, to, terminal, part }): DraftLine => ({
    kind: 'landed', part, terminal, colour, to, as: 'left',
  })))
function leave() {
  const why = reason.value.trim()
  if (!props.step || !why) return
  // the words stay in their draft: should the line not be kept, they are not lost
  leaving.value = false
  void props.keep([{ kind: 'step', station: props.step.station, step: props.step.id, done: false, reason: why }])
}
/** Wires are landed by saying them, a proof by being right; what is blocked is not done at all. */
const canBeDone = computed(() => props.step?.standing !== 'blocked' && props.step?.id !== 'land')
const canBeLeft = computed(() => wrong.value.length === 0 || props.step?.station !== 'wire')
const mainWord = computed(() => {
  const coach = advice.value?.coach.advice
  if (coach?.do === 'turn') return 'Turned'
  if (props.step?.id === 'power-on') return 'Power is on'
  if (props.step?.part) return 'Fitted'
  return 'Done'
})
</script>

<template>
  <section class="panel card" aria-label="Next step">
    <template v-if="step">
      <p class="caps">
        {{ STATION_WORDS[step.station] }}
        <span v-if="NEEDS[step.need]" class="need">· {{ NEEDS[step.need] }}</span>
      </p>
      <h2>{{ heading }}</h2>
      <p v-if="step.cautions.length" class="caution">{{ step.cautions.join(' ') }}</p>
      <div v-if="advice" class="figures">
        <p><span class="soft">cut-in · wanted {{ figure(advice.target.cutIn).digits }}</span>
          <b class="figure">{{ figure(advice.read.cutIn).digits }}</b> {{ figure(advice.read.cutIn).unit }}</p>
        <p><span class="soft">cut-out · wanted {{ figure(advice.target.cutOut).digits }}</span>
          <b class="figure">{{ figure(advice.read.cutOut).digits }}</b> {{ figure(advice.read.cutOut).unit }}</p>
        <p><span class="soft">a turn of the range nut</span>
          <b class="figure">{{ perTurn.digits }}</b> ± {{ perTurn.off }} {{ perTurn.unit }}</p>
      </div>
      <RunWatch
        v-if="watched"
        :step="watched"
        :minutes="minutes"
        :units="units"
        :stopwatch="stopwatch"
        :keep="keep"
        :tell="tell"
      />
      <ul v-if="step.id === 'paper-proof'" class="verdicts">
        <template v-for="w in wiring" :key="w.component">
          <li v-for="f in w.verdict.faults" :key="f.code" class="wrong"><b>Not so.</b> {{ sayWiringFault(f) }}</li>
          <li v-for="m in w.mend ?? []" :key="m.colour + m.to"><b>{{ sayMove(m) }}</b></li>
          <li v-for="n in w.verdict.notes" :key="n.code" class="soft">{{ sayWiringNote(n) }}</li>
        </template>
      </ul>
      <ul v-else-if="step.id === 'run' && toRead.length" class="to-read">
        <li v-for="r in toRead" :key="r.title">
          <span>{{ r.title }}</span><b class="figure">{{ r.wanted }}</b>
        </li>
      </ul>
      <ul v-else class="work">
        <li v-for="w in step.work" :key="w">{{ w }}</li>
      </ul>
      <p v-if="step.part" class="part">
        Part: <b>{{ step.part }}</b><span v-if="step.fits">, {{ step.fits }}</span>.
      </p>
      <ShelfParts
        v-if="step.part && fix && step.standing === 'open'"
        :key="step.id"
        :reply="reply"
        :component="fix.component"
        :fault="fix.fault"
        :chosen="number"
        :minutes="step.minutes"
        :name="step.part"
        @choose="choose"
      />
      <div v-if="step.part && step.standing === 'open'" class="fitted">
        <input
          v-model="number"
          aria-label="Number of the part"
          placeholder="Its number, if it has one"
          autocomplete="off"
        >
        <label><Checkbox v-model="temporary" binary /> for the time being</label>
      </div>
      <TraceIntake v-if="step.station === 'prove'" :keep="keep" />
      <p v-if="step.reason" class="blocked" role="status">{{ sayBlocked(step.reason) }}</p>
      <p class="why soft">
        {{ step.why }} About {{ step.minutes }} min.
        <template v-if="step.wait">Then {{ step.wait }} min of waiting.</template>
      </p>
      <form v-if="leaving" class="card-foot" @submit.prevent="leave">
        <label class="field grow">
          <span class="visually-hidden">Why not</span>
          <input v-model="reason" placeholder="Not here, because… (kept on the tab)" autocomplete="off">
        </label>
        <button class="press" type="submit">Leave it out</button>
        <button class="press plain" type="button" @click="leaving = false">Back</button>
      </form>
      <div v-else class="card-foot">
        <button v-if="PROVES[step.id]" class="press main" @click="emit('prove', PROVES[step.id]!)">Prove it</button>
        <button v-else-if="needed" class="press main" @click="emit('prove', needed)">
          {{ FIRST[needed] }} first
        </button>
        <button v-else-if="step.id === 'sheet'" class="press main" @click="emit('settle')">To the sheet</button>
        <button
          v-else-if="asked"
          class="press main"
          @click="emit('take', asked)"
        >
          {{ titleOf(asked) }}
        </button>
        <template v-else-if="step.causes?.length">
          <button
            v-for="c in step.causes"
            :key="c.about"
            class="press"
            :class="{ main: c.standing === 'shown' }"
            @click="keep([{ kind: 'finding', role: 'cause', about: c.about, text: '' }])"
          >
            {{ c.label }}
          </button>
        </template>
        <button v-else-if="moves.length" class="press main" @click="moved">Moved: check again</button>
        <button v-else-if="canBeDone" class="press main" @click="done">{{ mainWord }}</button>
        <button v-if="canBeLeft" class="press plain" @click="leaving = true">not here, because…</button>
        <button class="press plain" @click="emit('tests')">back to the tests</button>
      </div>
    </template>
    <template v-else>
      <p class="caps">Settle</p>
      <h2>Every step is done or left out</h2>
      <p class="soft">What is left is the sheet: look it over and sign.</p>
      <div class="card-foot"><button class="press main" @click="emit('settle')">To the sheet</button></div>
    </template>
  </section>
</template>

<style scoped>
.to-read {
  list-style: none;
  margin: 0;
  padding: 0;
}
.to-read li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 2px 0;
  border-bottom: 1px solid var(--rule);
}
.card {
  border: 2px solid var(--edge);
  padding: 10px 16px 12px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 0;
  overflow: auto;
}
h2 {
  font-size: var(--size-figure);
  line-height: 1.15;
}
.need {
  color: var(--ink);
}
.work,
.verdicts {
  margin: 0;
  padding-left: 18px;
  font-size: var(--size-small);
  line-height: 1.35;
}
.verdicts {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 4px;
}
.wrong {
  border-left: 4px solid var(--danger);
  padding-left: 10px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
}
.figures p {
  background: var(--panel-2);
  margin: 0;
  padding: 4px 10px;
}
.figures .soft {
  display: block;
  font-size: var(--size-small);
}
.card-foot .plain {
  padding: 0 4px;
}
.blocked {
  border-left: 4px solid var(--brass);
  padding-left: 10px;
  font-size: var(--size-note);
}
.part,
.why {
  font-size: var(--size-small);
  line-height: 1.3;
}
.fitted {
  display: flex;
  gap: 12px;
  align-items: center;
  font-size: var(--size-small);
}
.fitted input {
  flex: 1;
  min-width: 0;
  min-height: var(--control);
  padding: 0 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
.fitted label {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: var(--control);
}
.caution {
  font-size: var(--size-caps);
  padding: 2px 8px;
  line-height: 1.25;
}
@media (max-width: 760px) {
  .card {
    overflow: visible;
    flex: 1 0 auto;
  }
  /* what ends the step stays over the reading line, however long the step is */
  .card-foot {
    position: sticky;
    bottom: -8px;
    margin: 0 -16px -12px;
    padding: 8px 16px 12px;
    background: var(--panel);
    border-top: 1px solid var(--line);
  }
}
</style>
