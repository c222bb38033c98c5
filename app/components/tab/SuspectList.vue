<script setup lang="ts">
/** Suspects, ranked, each opening to the lines for and against it and to what would settle it. */
import type { Isolation, Suspect } from '#core/isolation'

const props = defineProps<{ isolation: Isolation | undefined, say: (line: string) => string }>()
const open = ref<string>()
const left = computed(() => props.isolation?.suspects.filter(s => !s.ruledOut && s.component) ?? [])
const total = computed(() => props.isolation?.suspects.filter(s => s.component).length ?? 0)
const top = computed(() => props.isolation?.suspects.filter(s => !s.ruledOut && s.chance >= 0.015).slice(0, 6) ?? [])
const rest = computed(() => Math.max(0, left.value.length - top.value.filter(s => s.component).length))
const restChance = computed(() => 1 - top.value.reduce((sum, s) => sum + s.chance, 0))
const percent = (x: number) => x > 0.995 && x < 1 ? '99' : x < 0.005 ? '<1' : String(Math.round(x * 100))
function weights(s: Suspect) {
  return s.moves.map(m => ({ line: m.line, factor: (m.after / Math.max(1 - m.after, 1e-9)) / (m.before / Math.max(1 - m.before, 1e-9)), before: m.before, after: m.after }))
    .toSorted((a, b) => Math.abs(Math.log(b.factor)) - Math.abs(Math.log(a.factor))).slice(0, 6)
}
const sayFactor = (f: number) => f >= 1 ? `× ${f >= 100 ? 'over 100' : f.toFixed(f < 10 ? 1 : 0)}` : `÷ ${1 / f >= 100 ? 'over 100' : (1 / f).toFixed(1 / f < 10 ? 1 : 0)}`
</script>

<template>
  <section class="panel suspects" aria-label="Suspects">
    <p class="caps">
      Suspects <span v-if="isolation">· {{ left.length }} of {{ total }} left</span>
    </p>
    <ul v-if="isolation">
      <li v-for="s in top" :key="s.fault">
        <button class="suspect" :aria-expanded="open === s.fault" @click="open = open === s.fault ? undefined : s.fault">
          <span class="chance">{{ percent(s.chance) }}</span>
          <span class="body"><b>{{ s.label }}</b><span v-if="s.severity && s.chance > 0.1" class="soft degree"> · {{ s.severity }}</span>
            <span class="bar" aria-hidden="true"><i :style="{ width: `${Math.max(1, s.chance * 100)}%` }" /></span>
            <span class="soft settle">{{ s.settledBy }}</span></span>
        </button>
        <div v-if="open === s.fault" class="evidence">
          <p v-if="!s.moves.length" class="soft">No line has moved it yet: this is where it started.</p>
          <ul>
            <li v-for="m in weights(s)" :key="m.line">
              <span class="sign">{{ m.factor >= 1 ? 'for' : 'against' }}</span><span>{{ say(m.line) }}</span><span class="factor">{{ sayFactor(m.factor) }}</span>
            </li>
          </ul>
          <p class="soft">Odds multiplied or divided by each line. Would be settled by {{ s.settledBy }}.</p>
        </div>
      </li>
      <li v-if="rest" class="others">
        <span class="chance">{{ percent(Math.max(0, restChance)) }}</span><span>{{ rest }} {{ rest === 1 ? 'other' : 'others' }}</span>
      </li>
    </ul>
    <p v-else class="soft">Solving the circuit of this system…</p>
    <details v-if="isolation && isolation.assumptions.length" class="assumed">
      <summary>{{ isolation.assumptions.length }} figures assumed</summary><ul>
        <li v-for="a in isolation.assumptions" :key="a">{{ a }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.suspects { padding: 12px 14px; overflow: auto; min-height: 0; }
ul { list-style: none; margin: 4px 0 0; padding: 0; }
.suspect { display: grid; grid-template-columns: 40px 1fr; gap: 8px; width: 100%; text-align: left; background: none; border: 0; padding: 4px 2px; cursor: pointer; min-height: 44px; }
.suspect:hover { background: var(--brass-ground); }
.chance { font-size: 19px; font-weight: 700; text-align: right; }
.body { display: block; min-width: 0; }
.body b { line-height: 1.2; }
.degree { font-size: 13px; }
.bar { display: block; height: 6px; background: var(--panel-2); margin: 2px 0; outline: 1px solid var(--rule); outline-offset: -1px; }
.bar i { display: block; height: 100%; background: var(--ink); }
.settle { font-size: 12.5px; display: block; line-height: 1.25; }
.others { display: grid; grid-template-columns: 40px 1fr; gap: 8px; padding: 4px 2px; color: var(--soft); }
.evidence { margin: 2px 0 8px 48px; padding: 6px 10px; background: var(--panel-2); font-size: 13.5px; }
.evidence li { display: grid; grid-template-columns: 54px 1fr auto; gap: 6px; padding: 2px 0; }
.sign { font-weight: 700; }
.factor { white-space: nowrap; }
.assumed { font-size: 13px; color: var(--soft); margin-top: 6px; }
.assumed summary { cursor: pointer; min-height: 28px; }
</style>
