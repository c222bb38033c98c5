<script setup lang="ts">
/** The one clear next action: what to measure, what each outcome would leave, and why this one. */
import type { Isolation, ProposedTest } from '#core/isolation'
import type { Need } from '#core/systems'
import { sayAfterRepair } from '#core/words'
import { NEEDS } from '~/composables/needWords'
import { useDraftAt } from '~/composables/useDraft'

const props = defineProps<{
  isolation: Isolation | undefined
  shown: ProposedTest | undefined
  inHand: string | undefined
  labels: (fault: string) => string
  say: (line: string) => string
}>()
const emit = defineEmits<{
  take: [test: string]
  show: [test: string]
  skip: [tests: readonly string[], reason: string]
  answer: [test: string, outcome: string]
  wait: [test: string, minutes: number]
  settle: []
  plan: []
}>()

/** after a repair, with nothing left to part, the proof run is what comes next */
const first = computed(() => props.shown ?? props.isolation?.next[0] ?? props.isolation?.proof[0])
/** The answer is what was seen: it is tapped. */
const isSeen = computed(() => first.value?.meter === 'eyes and ears')
const waits = computed(() =>
  first.value?.wait && !props.isolation?.waiting.some(w => w.test === first.value!.test)
    ? first.value.wait
    : undefined,
)
const others = computed(() =>
  [...(props.isolation?.next ?? []), ...(props.isolation?.causeTests ?? []), ...(props.isolation?.proof ?? [])]
    .filter((t, i, all) => t.test !== first.value?.test && all.findIndex(x => x.test === t.test) === i)
    // patterns take a row each, and a caution one of its own
    .slice(0, first.value?.set || first.value?.cautions.length ? 1 : 2),
)
/** What another test has in common with this one is not said again: `…, to the coil’s return`. */
const tail = computed(() => /,.*$/.exec(first.value?.title ?? '')?.[0] ?? '')
const shortly = (title: string) =>
  tail.value && title.endsWith(tail.value) ? title.slice(0, -tail.value.length) : title
const FIRST: Record<Need, string> = {
  'any': '',
  'live': 'Power on',
  'proven-dead': 'Prove dead',
  'discharged': 'Prove and bleed',
  'zero-pressure': 'Drain',
}
/** once something has been put right: whether that was all */
const afterRepair = computed(
  () =>
    sayAfterRepair(props.isolation?.afterRepair)
    ?? (props.isolation?.afterRepair ? 'By the lines nothing more is wrong.' : undefined),
)
const mended = computed(() => (props.shown ? undefined : props.isolation?.mended))
const skipping = ref(false)
const reason = useDraftAt(String(useRoute().params.id), 'leave out', () => first.value?.test)
const outcomes = computed(() => first.value?.outcomes ?? [])

watch(
  () => first.value?.test,
  () => {
    skipping.value = reason.value !== ''
  },
  { immediate: true },
)
function skip() {
  const why = reason.value.trim()
  if (!first.value || !why) return
  reason.value = ''
  emit('skip', first.value.set?.map(s => s.test) ?? [first.value.test], why)
}
</script>

<template>
  <section class="panel next" aria-label="Next test">
    <WaitingTests
      v-if="isolation?.waiting.length"
      :waiting="isolation.waiting"
      @read="t => emit('show', t)"
    />
    <DecisionCard
      v-if="isolation?.decision && !shown"
      :isolation="isolation"
      :say="say"
      @show="t => emit('show', t)"
      @settle="emit('settle')"
      @plan="emit('plan')"
    />
    <template v-else-if="first">
      <p class="caps">
        {{
          inHand === first.test
            ? 'In hand'
            : first.again
              ? 'Read it again'
              : shown
                ? 'This test'
                : isolation?.proof.some(t => t.test === first!.test)
                  ? 'Prove it'
                  : 'Next test'
        }}
        <span v-if="first.need !== 'any'" class="need">· {{ NEEDS[first.need] }}</span>{{ ' ' }}
        <span v-if="isSeen" class="need">· tap what you saw</span>
      </p>
      <p v-if="isolation?.leading && !shown" class="leads">
        Likeliest by the numbers: <b>{{ isolation.leading.label.toLowerCase() }}</b>. Not found yet: this settles it.
      </p>
      <p v-if="mended" class="leads">
        Put right: <b>{{ mended.label.toLowerCase() }}</b>. {{ mended.why }}
      </p>
      <h2>{{ first.title }}</h2>
      <p class="steps">
        <b v-if="first.first.length">First: {{ first.first.join(' ') }}</b> {{ first.steps.join(' ') }}
        <span v-if="!isSeen && !first.set" class="soft">Meter: {{ first.meter }}.</span>
      </p>
      <p v-if="first.cautions.length" class="caution">{{ first.cautions.join(' ') }}</p>
      <ul class="outcomes" :class="{ patterns: first.set }">
        <li v-for="o in outcomes" :key="o.label">
          <component
            :is="isSeen ? 'button' : 'div'"
            class="outcome"
            :class="{ answer: isSeen }"
            @click="isSeen && emit('answer', first.test, o.label)"
          >
            <span class="figure">{{ o.label }}</span>
            <span class="leaves">{{
              o.leaves
                .slice(0, first.set ? 1 : 2)
                .map(l => `${labels(l.fault)} ${Math.round(l.chance * 100)}`)
                .join(', ')
            }}</span>
          </component>
        </li>
      </ul>
      <p class="why">
        <span v-if="first.band" class="soft">Healthy here: <b>{{ first.band }}</b> ({{ first.bandSource }}).</span>
        {{ first.why }}
        <template v-if="first.again && afterRepair">
          {{ afterRepair }}
        </template>
      </p>
      <div v-if="!skipping" class="card-foot foot">
        <button v-if="waits" class="press main" @click="emit('wait', first.test, waits.minutes)">
          Start the wait: {{ waits.minutes }} min
        </button>
        <button
          v-if="!isSeen"
          class="press"
          :class="{ main: !waits }"
          @click="emit('take', first.test)"
        >
          {{ first.first.length ? `${FIRST[first.need]}, then this` : 'Do this one' }}
        </button>
        <p class="others">
          <span class="soft">or</span>
          <button
            v-for="t in others"
            :key="t.test"
            class="other"
            :aria-label="t.title"
            @click="emit('show', t.test)"
          >
            {{ shortly(t.title) }}
          </button>
          <button class="other" @click="skipping = true">can’t do that here</button>
        </p>
      </div>
      <form v-else class="card-foot foot" @submit.prevent="skip">
        <label class="field grow">
          <span class="visually-hidden">Why not</span>
          <input v-model="reason" placeholder="Why not? (kept on the tab)" autocomplete="off">
        </label>
        <button class="press" type="submit">Leave it out</button>
        <button class="press plain" type="button" @click="skipping = false">Back</button>
      </form>
    </template>
    <template v-else>
      <p class="caps">Next test</p>
      <h2>
        {{ isolation ? 'Nothing more to test from here' : 'Working out the system…' }}
      </h2>
      <p v-if="mended" class="leads">
        Put right: <b>{{ mended.label.toLowerCase() }}</b>. {{ mended.why }}
      </p>
      <p class="soft">
        {{
          afterRepair
            ?? (isolation ? 'What is left cannot be told apart by tests on site. Decide, repair and prove it.' : '')
        }}
      </p>
      <div v-if="isolation" class="card-foot foot">
        <button class="press main" @click="emit('settle')">To the sheet</button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.leads {
  margin: 2px 0 0;
  font-size: var(--size-note);
}
.next {
  border: 2px solid var(--edge);
  padding: 10px 16px 12px;
  display: flex;
  flex-direction: column;
  gap: 5px;
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
.outcomes {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 8px;
}
.outcomes li {
  display: grid;
}
.outcome {
  background: var(--panel-2);
  padding: 4px 10px 5px;
  display: grid;
  align-content: start;
  text-align: left;
  border: 0;
  color: inherit;
  font: inherit;
}
/* readings of one go: a row each, what it reads beside what it leaves */
.patterns {
  grid-auto-flow: row;
  grid-auto-columns: auto;
  gap: 2px;
}
.patterns .outcome {
  grid-template-columns: minmax(0, 4fr) minmax(0, 3fr);
  align-items: baseline;
  gap: 10px;
  padding: 0 10px;
}
.patterns .figure {
  font-size: var(--size-note);
  line-height: 1.25;
}
.patterns .leaves {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.outcome.answer {
  border: 1px solid var(--brass);
  border-radius: var(--round);
  min-height: var(--control);
  cursor: pointer;
}
.outcome.answer:hover {
  background: var(--brass-ground);
}
.figure {
  white-space: normal;
  line-height: 1.15;
}
.leaves {
  font-size: var(--size-small);
}
.steps,
.why {
  font-size: var(--size-small);
  line-height: 1.3;
}
.caution {
  font-size: var(--size-caps);
  padding: 2px 8px;
  line-height: 1.25;
}
.foot .press {
  padding: 0 10px;
  font-size: var(--size-note);
  flex: 0 0 auto;
}
.others {
  flex: 1 1 200px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
  font-size: var(--size-small);
  line-height: 1.2;
}
.other {
  min-height: 24px;
  padding: 2px 0;
  border: 0;
  background: none;
  color: var(--brass);
  font: inherit;
  font-weight: 600;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.foot {
  gap: 6px;
}
@media (max-width: 760px) {
  .outcomes {
    grid-auto-flow: row;
  }
  .patterns .outcome {
    grid-template-columns: minmax(0, 1fr);
    row-gap: 0;
  }
  .next {
    overflow: visible;
    flex: 1 0 auto;
  }
  .other {
    min-height: 44px;
  }
}
</style>
