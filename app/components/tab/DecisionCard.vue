<script setup lang="ts">
/**
 * Enough is known: the repair, why to stop here, what excludes what stands above ground, and the cause that is still
 * open.
 */
import type { Isolation } from '#core/isolation'

const props = defineProps<{ isolation: Isolation, say: (line: string) => string }>()
const emit = defineEmits<{ show: [test: string], settle: [], plan: [] }>()
const decision = computed(() => props.isolation.decision!)
const HEADS = {
  found: 'Enough is known',
  trial: 'A trial: cheaper to do than to know more',
  inseparable: 'One decision',
} as const
const others = computed(() => decision.value.covers.filter(c => c.fault !== decision.value.fault))
const cause = computed(() => props.isolation.causes.find(c => c.open))
const shown = computed(() => cause.value?.causes.find(c => c.standing === 'shown'))
const excluded = ref(false)
</script>

<template>
  <div class="decision">
    <p class="caps">{{ HEADS[decision.kind] }} · {{ Math.min(99, Math.round(decision.chance * 100)) }} in 100</p>
    <h2>{{ decision.repair }}</h2>
    <p>
      <b>{{ decision.label }}.</b> {{ decision.why }} About {{ decision.minutes }} minutes.<span
        v-if="others.length"
      >
        The same repair would cover
        {{
          others.map(o => `${o.label.toLowerCase()} (${Math.max(1, Math.round(o.chance * 100))})`).join(', ')
        }}.</span>
    </p>
    <div v-if="decision.excludes?.length" class="excludes">
      <button class="press plain" :aria-expanded="excluded" @click="excluded = !excluded">
        Above ground is excluded: {{ decision.excludes.map(e => e.label.toLowerCase()).join(', ') }}
      </button>
      <ul v-if="excluded">
        <li v-for="e in decision.excludes" :key="e.label">
          <b>{{ e.label }}</b> by {{ e.lines.map(say).join('; ') }}
        </li>
      </ul>
    </div>
    <p v-for="c in decision.cautions" :key="c" class="caution">{{ c }}</p>
    <p v-if="cause" class="open-cause">
      <b>What made it fail is {{ shown ? `shown: ${shown.label.toLowerCase()}` : 'still open' }}.</b>
      {{
        shown
          ? 'Put that right too, and name it when you settle.'
          : isolation.causeTests.length
            ? 'Look for it before it runs again.'
            : 'Name it when you settle.'
      }}
    </p>
    <div class="card-foot">
      <button class="press main" @click="emit('plan')">Put it right, step by step</button>
      <button class="press" @click="emit('settle')">To the sheet</button>
      <button
        v-for="t in isolation.causeTests.slice(0, 2)"
        :key="t.test"
        class="press"
        @click="emit('show', t.test)"
      >
        {{ t.title }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.decision {
  display: grid;
  gap: 7px;
}
h2 {
  font-size: var(--size-figure);
  line-height: 1.15;
}
.caution {
  font-size: var(--size-small);
  line-height: 1.25;
}
.open-cause {
  border-left: 4px solid var(--brass);
  padding-left: 10px;
}
.excludes .press {
  text-align: left;
  height: auto;
  padding: 4px 0;
  font-size: var(--size-note);
}
.excludes ul {
  margin: 2px 0 0;
  padding-left: 18px;
  font-size: var(--size-small);
}
</style>
