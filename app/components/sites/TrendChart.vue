<script setup lang="ts">
/** The chart itself, loaded only where it is shown. */
import ApexChart from 'vue3-apexcharts'
import { useChartLook } from '~/composables/useChartLook'
import { roundSteps, type TrendPoint } from './trendSeries'

const props = defineProps<{ name: string, unit: string, points: readonly TrendPoint[] }>()
const { night, colour, look } = useChartLook()
const series = computed(() => [
  { name: props.name, data: props.points.map(p => ({ x: Date.parse(p.day), y: p.value })) },
])
const options = computed(() => {
  const [ink, rule] = [colour('ink'), colour('rule')]
  const { top } = roundSteps(Math.max(...props.points.map(p => p.value)))
  return {
    ...look.value,
    stroke: { width: 2, colors: [ink] },
    markers: { size: 5, colors: [ink], strokeWidth: 0 },
    colors: [ink],
    xaxis: {
      type: 'datetime',
      labels: { datetimeUTC: true },
      axisBorder: { color: rule },
      axisTicks: { color: rule },
      tooltip: { enabled: false },
    },
    yaxis: {
      min: 0,
      max: top,
      tickAmount: 3,
      labels: { formatter: (v: number) => `${Number(v.toPrecision(3))} ${props.unit}` },
    },
    tooltip: { theme: night.value ? 'dark' : 'light', x: { format: 'd MMM yyyy' } },
  }
})
</script>

<template>
  <div aria-hidden="true">
    <ApexChart type="line" height="190" :options="options" :series="series" />
  </div>
</template>
