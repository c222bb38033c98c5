<script setup lang="ts">
/**
 * Suspects: what failed, ranked with its rivals so that they sum to one, each opening to the lines for and against it;
 * what may have made it fail in a list of its own; and what else was found.
 */
import type { Isolation, ProposedTest } from '#core/isolation'
import { sayUnbalance } from '#core/words'
import { useTab } from '~/stores/tab'

const props = defineProps<{
  isolation: Isolation | undefined
  say: (line: string) => string
  clearing: (fault: string) => Promise<ProposedTest | undefined>
}>()
const emit = defineEmits<{ show: [test: string] }>()
const tab = useTab()
const open = ref<string>()
const left = computed(() => props.isolation?.suspects.filter(s => !s.ruledOut && s.component) ?? [])
const total = computed(() => props.isolation?.suspects.filter(s => s.component).length ?? 0)
const top = computed(
  () =>
    props.isolation?.suspects
      .filter(s => !s.ruledOut && s.failed >= 0.015)
      .toSorted((a, b) => b.failed - a.failed)
      .slice(0, 6) ?? [],
)
/** as what made something else fail, not as what failed */
const behind = computed(
  () => props.isolation?.suspects.filter(s => s.component && s.beside && s.chance - s.failed >= 0.05).slice(0, 3) ?? [],
)
/** What the lines already show to have made a suspect fail, and of which. */
const told = computed(() => {
  const accounts = props.isolation?.causes.filter(c => c.suspected) ?? []
  const causes = new Map(accounts.flatMap(a => a.causes.map(c => [c.id, c] as const)))
  return [...causes.values()].map(cause => ({
    ...cause,
    of: accounts.filter(a => a.causes.some(c => c.id === cause.id)).map(a => a.label.toLowerCase()).join(', '),
  }))
})
const also = computed(() => props.isolation?.alsoFound.filter(a => !told.value.some(c => c.id === a.id)) ?? [])
const unbalances = computed(() => props.isolation?.unbalances ?? [])
const placeOf = (point: string) => tab.kind?.points.find(p => p.id === point)?.name ?? point
const rest = computed(() => Math.max(0, left.value.length - top.value.filter(s => s.component).length))
const restChance = computed(() => Math.max(0, 1 - top.value.reduce((sum, s) => sum + s.failed, 0)))
const sayHole = (metres: number) => `${Number((1000 * metres).toPrecision(2))} mm`
const sayWatts = (watts: number) =>
  watts < 995 ? `${Number(watts.toPrecision(2))} W` : `${(watts / 1000).toFixed(1)} kW`
const percent = (x: number) => (x > 0.995 && x < 1 ? '99' : x < 0.005 ? '<1' : String(Math.round(x * 100)))
</script>

<template>
  <section class="panel suspects" aria-label="Suspects">
    <p class="caps">
      Suspects <span v-if="isolation">· {{ left.length }} of {{ total }} left</span>
    </p>
    <ul v-if="isolation">
      <li v-for="s in top" :key="s.fault">
        <button
          class="suspect"
          :aria-expanded="open === s.fault"
          @click="open = open === s.fault ? undefined : s.fault"
        >
          <span class="chance">{{ percent(s.failed) }}</span>
          <span class="body">
            <b>{{ s.label }}</b>
            <span v-if="s.severity && s.chance > 0.1" class="soft degree"> · {{ s.severity }}</span>
            <span v-if="s.watts" class="soft degree"> · burns {{ sayWatts(s.watts) }}</span>
            <span v-if="s.hole" class="soft degree"> · like a hole of {{ sayHole(s.hole) }}</span>
            <span class="bar" aria-hidden="true">
              <i :style="{ width: `${Math.max(1, s.failed * 100)}%` }"
            /></span>
            <span class="soft settle">{{ s.settledBy }}</span>
            </span>
        </button>
        <SuspectEvidence
          v-if="open === s.fault"
          :suspect="s"
          :say="say"
          :clearing="clearing"
          @show="t => emit('show', t)"
        />
      </li>
      <li v-if="rest" class="others">
        <span class="chance">{{ percent(Math.max(0, restChance)) }}</span><span
          >{{ rest }} {{ rest === 1 ? 'other' : 'others' }}</span>
      </li>
    </ul>
    <p v-else class="soft">Solving the circuit of this system…</p>
    <p v-if="behind.length || told.length" class="caps">What may have made it fail</p>
    <ul v-if="told.length" class="short found">
      <li v-for="c in told" :key="c.id">
        <b>{{ c.label }}</b> <span class="soft">behind {{ c.of }}. {{ c.advice }}</span>
      </li>
    </ul>
    <template v-if="behind.length">
      <ul class="short">
        <li v-for="s in behind" :key="s.fault">
          <span class="chance">{{ percent(s.chance - s.failed) }}</span>
          <span><b>{{ s.label }}</b> <span class="soft">behind {{ s.beside!.label.toLowerCase() }}</span></span>
        </li>
      </ul>
    </template>
    <template v-if="also.length">
      <p class="caps">Also found</p>
      <ul class="short found">
        <li v-for="a in also" :key="a.id">
          <b>{{ a.label }}</b> <span class="soft">{{ a.advice }}</span>
        </li>
      </ul>
    </template>
    <template v-if="unbalances.length">
      <p class="caps">Unbalance</p>
      <ul class="short found">
        <li v-for="u in unbalances" :key="u.of + u.point" :class="{ odd: u.standing !== 'good' }">
          {{ sayUnbalance(u, placeOf(u.point)) }}
        </li>
      </ul>
    </template>
    <details v-if="isolation && isolation.assumptions.length" class="assumed">
      <summary>{{ isolation.assumptions.length }} figures assumed</summary>
      <ul>
        <li v-for="a in isolation.assumptions" :key="a.field">{{ a.text }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.suspects {
  padding: 12px 14px;
  overflow: auto;
  min-height: 0;
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
.suspect {
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 8px;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  padding: 4px 2px;
  cursor: pointer;
  min-height: var(--control);
}
.suspect:hover {
  background: var(--brass-ground);
}
.chance {
  font-size: var(--size-figure);
  font-weight: 700;
  text-align: right;
}
.body {
  display: block;
  min-width: 0;
}
.body b {
  line-height: 1.2;
}
.degree {
  font-size: var(--size-small);
}
.bar {
  display: block;
  height: 6px;
  background: var(--panel-2);
  margin: 2px 0;
  outline: 1px solid var(--rule);
  outline-offset: -1px;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--ink);
}
.settle {
  font-size: var(--size-caps);
  display: block;
  line-height: 1.25;
}
.others {
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 8px;
  padding: 4px 2px;
  color: var(--soft);
}
p.caps + .short {
  margin-bottom: 8px;
}
.short li {
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 8px;
  padding: 3px 2px;
  line-height: 1.3;
}
.short.found li {
  display: block;
}
.assumed {
  font-size: var(--size-small);
  color: var(--soft);
  margin-top: 6px;
}
.assumed summary {
  cursor: pointer;
  min-height: 28px;
}
</style>
