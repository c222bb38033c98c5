<script setup lang="ts">
/** What is fitted, since when, and how much of its life is behind it; what was taken off. */
import type { FittedPart } from '#contracts'
import type { SystemOutline } from '#core/systems'
import { labelOf } from '~/components/tab/tapeRows'
import { sayDay, useClock } from '~/composables/useClock'

const props = defineProps<{ fitted: readonly FittedPart[], kind: SystemOutline | undefined }>()
const nameOf = (component: string) => props.kind?.components.find(c => c.id === component)?.name ?? component
const now = computed(() => props.fitted.filter(f => !f.removed).map(f => ({ ...f, age: ageOf(f) })))
const gone = computed(() => props.fitted.filter(f => f.removed))
const YEAR = 365.25 * 86400e3
/** years, where it is known since when */
const ageOf = ({ fitted }: FittedPart) =>
  (fitted ? Math.max(0, (Date.parse(useClock().today()) - Date.parse(fitted)) / YEAR) : undefined)
const sayYears = (y: number) =>
  (y < 1 ? `${Math.max(1, Math.round(12 * y))} mo` : `${y < 3 ? y.toFixed(1) : Math.round(y)} y`)
const share = (age: number, life: number) => Math.min(1, age / life)
const BY = { shelf: 'as the shelf lists it', books: 'half of such parts here lasted so long' } as const
</script>

<template>
  <div>
    <h3 class="caps">Fitted</h3>
    <ul v-if="now.length" class="parts">
      <li v-for="f in now" :key="f.component + f.part">
        <span><b>{{ f.part }}</b>
          <span class="soft">{{
            [nameOf(f.component), f.number, f.fitted ? sayDay(f.fitted) : ''].filter(Boolean).join(' · ')
          }}</span></span>
        <span v-if="f.age !== undefined" class="age" :class="{ over: f.life && f.age > f.life }">
          <span v-if="f.life" class="bar" aria-hidden="true"
            ><i :style="{ width: `${100 * share(f.age, f.life)}%` }" /></span>
          <span :title="f.lifeBy && BY[f.lifeBy]">{{ sayYears(f.age) }}<template v-if="f.life">
            of {{ sayYears(f.life) }}</template></span>
        </span>
      </li>
    </ul>
    <p v-else class="soft">Nothing on record.</p>
    <details v-if="gone.length">
      <summary>{{ gone.length }} taken off</summary>
      <ul class="parts">
        <li v-for="f in gone" :key="f.component + f.part + f.removed">
          <span>{{ f.part }}
            <span class="soft">{{ f.fitted ? sayDay(f.fitted) : '' }} – {{ sayDay(f.removed!)
              }}{{ f.why && kind ? ` · ${labelOf(kind, f.why)}` : '' }}</span></span>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.parts { list-style: none; padding: 0; margin: 6px 0 0; }
.parts li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px dashed var(--rule);
}
.parts b { margin-inline-end: 8px; }
.age {
  white-space: nowrap;
  font-size: var(--size-note);
  display: flex;
  gap: 8px;
  align-items: center;
  font-variant-numeric: tabular-nums;
}
.bar {
  display: inline-block;
  width: 64px;
  height: 8px;
  border: 1px solid var(--edge);
}
.bar i { display: block; height: 100%; background: var(--soft); }
.over { font-weight: 700; }
.over .bar i {
  background: repeating-linear-gradient(135deg, var(--edge) 0 2px, transparent 2px 4px);
}
summary { cursor: pointer; min-height: 32px; color: var(--soft); }
</style>
