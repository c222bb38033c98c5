<script setup lang="ts">
/** A first trend: one kind of reading over the years, with the figures beside the line for those who do not see it. */
import type { Nameplate, SystemOutline } from '#core/systems'
import { sayDay, useClock } from '~/composables/useClock'
import { usePractice } from '~/stores/practice'
import type { History } from '~/workers/askedSystems'
import { foretell } from './foretold'
import { trendsOf } from './trendSeries'

const props = defineProps<{ kind: SystemOutline, nameplate: Nameplate, calls: History['states'] }>()
const practice = usePractice()
const TrendChart = defineAsyncComponent(() => import('./TrendChart.vue'))
const trends = computed(() => trendsOf(props.kind, props.calls, practice.units))
const chosen = ref('black.run')
const trend = computed(() => trends.value.find(t => t.id === chosen.value) ?? trends.value[0])
const foretold = computed(() => (trend.value ? foretell(trend.value, props.nameplate, useClock().today()) : ''))
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
    <TrendChart
      v-if="trend.points.length > 1"
      :key="trend.id"
      :name="trend.name"
      :unit="trend.unit"
      :points="trend.points"
    />
    <p v-else>
      <span class="figure">{{ trend.points[0]!.value }}<small>{{ trend.unit }}</small></span>
      <span class="soft"> {{ sayDay(trend.points[0]!.day) }}: one reading so far.</span>
    </p>
    <p v-if="foretold" class="foretold">{{ foretold }}</p>
    <p class="visually-hidden">
      {{ trend.points.map(p => `${sayDay(p.day)}: ${p.value} ${trend!.unit}`).join('; ') }}
    </p>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
</style>
