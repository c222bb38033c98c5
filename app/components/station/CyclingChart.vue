<script setup lang="ts">
/** What the system will do now: starts an hour over what is drawn, beside a larger tank; one sentence under it. */
import type { Foreseen } from '#core/setup'
import { unitsOf, type Units } from '#core/units'
import { sayCycling, sayForeseen } from '#core/words'
import { useChartLook } from '~/composables/useChartLook'

const ApexChart = defineAsyncComponent(() => import('vue3-apexcharts'))
const props = defineProps<{ foreseen: Foreseen, units: Units }>()
const { night, colour, look } = useChartLook()
const unit = computed(() => unitsOf('flow', props.units)[0])
const drawn = (share: (startsAnHour: number) => number) =>
  props.foreseen.cycling.map(c => ({
    x: Number((c.draw / unit.value.perUnit).toPrecision(3)), y: Number(share(c.startsAnHour).toPrecision(3)),
  }))
/** At every draw a tank starts in one proportion to another: that of their runs, half drawn. */
const against = (run: number) => props.foreseen.half.run / run
const series = computed(() => {
  const { larger } = props.foreseen
  return [
    { name: 'as it stands', data: drawn(n => n) },
    ...(larger ? [{ name: 'with the larger tank', data: drawn(n => n * against(larger.half.run)) }] : []),
  ]
})
/** What the pump gives, in a figure that five steps make round. */
const most = computed(() => {
  const gives = props.foreseen.half.draw * 2 / unit.value.perUnit
  const step = 10 ** Math.floor(Math.log10(gives / 5))
  return Math.ceil(gives / (5 * step)) * 5 * step
})
const options = computed(() => ({
  ...look.value,
  stroke: { width: [3, 2], dashArray: [0, 5], curve: 'smooth' },
  colors: [colour('water'), colour('brass')],
  markers: { size: 4, strokeWidth: 0 },
  legend: { show: series.value.length > 1, position: 'top', horizontalAlign: 'right', fontSize: '13px' },
  xaxis: {
    type: 'numeric',
    min: 0,
    max: most.value,
    tickAmount: 5,
    title: { text: `${unit.value.symbol} drawn`, style: { fontSize: '13px', fontWeight: 400 } },
    labels: { formatter: (v: string) => String(Number(Number(v).toPrecision(2))), style: { fontSize: '13px' } },
    tooltip: { enabled: false },
  },
  yaxis: {
    min: 0,
    tickAmount: 4,
    labels: { formatter: (v: number) => String(Math.round(v)), style: { fontSize: '13px' } },
  },
  tooltip: { theme: night.value ? 'dark' : 'light', y: { formatter: (v: number) => `${v} starts an hour` } },
}))
</script>

<template>
  <section class="panel cycling" aria-label="What it will do now">
    <p class="head"><span class="caps">Starts an hour, by what is drawn</span>
      <b class="figure">{{ sayCycling(foreseen.half) }}</b> <span class="soft">half drawn</span></p>
    <div class="drawn" aria-hidden="true">
      <ApexChart type="line" height="100%" :options="options" :series="series" />
    </div>
    <p class="say">{{ sayForeseen(foreseen, units) }}</p>
  </section>
</template>

<style scoped>
.cycling {
  display: flex;
  flex-direction: column;
  padding: 8px 14px 6px;
  min-height: 0;
}
.head,
.say {
  margin: 0;
}
.head .figure {
  margin-left: 12px;
}
.drawn {
  flex: 1;
  min-height: 0;
}
@media (max-width: 760px) {
  .cycling {
    flex: none;
  }
  .head .figure {
    display: block;
    margin-left: 0;
  }
  .drawn {
    flex: none;
    height: 200px;
  }
}
</style>
