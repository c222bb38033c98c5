<script setup lang="ts">
/**
 * One suspect opened: the lines for and against it with their weight, how it stands beside another, and what would
 * clear it.
 */
import type { ProposedTest, Suspect } from '#core/isolation'

const props = defineProps<{
  suspect: Suspect
  say: (line: string) => string
  clearing: (fault: string) => Promise<ProposedTest | undefined>
}>()
const emit = defineEmits<{ show: [test: string] }>()
const clears = shallowRef<ProposedTest>()
watch(
  () => [props.suspect.fault, props.suspect.chance],
  async () => {
    clears.value = await props.clearing(props.suspect.fault)
  },
  { immediate: true },
)

const moves = computed(() =>
  props.suspect.moves.toSorted((a, b) => Math.abs(b.bits) - Math.abs(a.bits)).slice(0, 7),
)
const most = computed(() => Math.max(1, ...moves.value.map(m => Math.abs(m.bits))))
/** odds made so many times better or worse */
const times = (bits: number) => {
  const k = 2 ** Math.abs(bits)
  return `${bits > 0 ? '×' : '÷'} ${k >= 100 ? 'over 100' : k.toFixed(k < 10 ? 1 : 0)}`
}
const ROLE = { cause: 'with it as the cause', casualty: 'as what wore it out', beside: 'both at once' } as const
</script>

<template>
  <div class="evidence">
    <p v-if="suspect.beside" class="beside">
      Most likely together with <b>{{ suspect.beside.label.toLowerCase() }}</b>, {{ ROLE[suspect.beside.role] }}.
    </p>
    <p v-if="!moves.length" class="soft">No line has moved it yet: this is where it started.</p>
    <ul>
      <li v-for="m in moves" :key="m.line" :class="m.bits > 0 ? 'for' : 'against'">
        <span class="sign">{{ m.bits > 0 ? 'for' : 'against' }}</span>
        <span class="line">{{ say(m.line)
          }}<i class="weight" aria-hidden="true">
            <i :style="{ width: `${(100 * Math.abs(m.bits)) / most}%` }" /></i>
        </span>
        <span class="factor">{{ times(m.bits) }}</span>
      </li>
    </ul>
    <p v-if="clears" class="clears">
      <b>Would clear it or settle it: </b>
      <button class="press plain" @click="emit('show', clears.test)">{{ clears.title }}</button>
    </p>
    <p class="soft">
      Settled by {{ suspect.settledBy }}. Repair: {{ suspect.repair.label.toLowerCase() }}, about
      {{ suspect.repair.minutes }} minutes.
    </p>
  </div>
</template>

<style scoped>
.evidence {
  margin: 2px 0 8px 12px;
  padding: 6px 10px;
  background: var(--panel-2);
  font-size: var(--size-small);
  display: grid;
  gap: 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 54px 1fr auto;
  gap: 6px;
  padding: 2px 0;
}
.sign {
  font-weight: 700;
}
.line {
  line-height: 1.2;
}
.weight {
  display: block;
  height: 5px;
  margin-top: 2px;
  outline: 1px solid var(--rule);
  outline-offset: -1px;
}
.weight i {
  display: block;
  height: 100%;
  background: var(--ink);
}
.against .weight i {
  background: repeating-linear-gradient(90deg, var(--ink) 0 2px, transparent 2px 4px);
}
.factor {
  white-space: nowrap;
}
.clears .press {
  font-size: var(--size-small);
  height: auto;
  min-height: 32px;
  padding: 0;
  text-align: left;
}
</style>
