<script setup lang="ts">
/** One point's readings over the years, with the figures beside the chart for those who do not see it. */
import type { Nameplate, SystemOutline } from '#core/systems'
import { sayDay, useClock } from '~/composables/useClock'
import { usePractice } from '~/stores/practice'
import type { History } from '~/workers/askedSystems'
import { foretell } from './foretold'
import { marksOf, trendsOf } from './trendSeries'

const props = defineProps<{
  kind: SystemOutline
  nameplate: Nameplate
  calls: History['states']
  bands: History['bands']
}>()
const practice = usePractice()
const TrendChart = defineAsyncComponent(() => import('./TrendChart.vue'))
const trends = computed(() => trendsOf(props.kind, props.calls, practice.units))
const chosen = ref('black.run')
const trend = computed(() => trends.value.find(t => t.id === chosen.value) ?? trends.value[0])
const marks = computed(() => (trend.value ? marksOf(props.kind, props.calls, trend.value.id) : []))
const si = computed(() => (trend.value ? props.bands[trend.value.id] : undefined))
const band = computed(() => si.value && trend.value && {
  low: si.value.low / trend.value.perUnit, high: si.value.high / trend.value.perUnit,
})
const foretold = computed(() =>
  (trend.value ? foretell(trend.value, props.nameplate, useClock().today(), si.value) : ''))
</script>

<template>
  <div v-if="trend">
    <div class="head">
      <h3 class="caps">Over the years</h3>
      <Select
        v-model="chosen"
        :options="[...trends]"
        option-label="name"
        option-value="id"
        aria-label="Which reading"
      />
    </div>
    <TrendChart v-if="trend.points.length > 1" :key="trend.id" :trend="trend" :marks="marks" :band="band" />
    <p v-else>
      <span class="figure">{{ trend.points[0]!.value }}<small>{{ trend.unit }}</small></span>
      <span class="soft"> {{ sayDay(trend.points[0]!.day) }}: one reading so far.</span>
    </p>
    <p v-if="trend.points.length > 1" class="soft key">
      <b>●</b> as left <b>○</b> as found<template v-if="marks.length">
        · <b>┆</b> repairs<template v-if="marks.some(m => m.renews)">, a new line begins with a named one</template>
      </template></p>
    <p v-if="foretold" class="foretold">{{ foretold }}</p>
    <p class="visually-hidden">
      {{ trend.points.map(p =>
        `${sayDay(p.day)}: ${p.value} ${trend!.unit}${p.left ? '' : ' as found'}`).join('; ') }}
    </p>
  </div>
</template>

<style scoped>
.head { display: flex; justify-content: space-between; align-items: center; }
.key { font-size: var(--size-small); }
</style>
