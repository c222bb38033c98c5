<script setup lang="ts">
/** The chart itself, loaded only where it is shown. */
import ApexChart from 'vue3-apexcharts'
import { useTheme } from '~/composables/useTheme'
import { roundSteps, type TrendPoint } from './trendSeries'

const props = defineProps<{ name: string, unit: string, points: readonly TrendPoint[] }>()
const { night } = useTheme()
const series = computed(() => [
  { name: props.name, data: props.points.map(p => ({ x: Date.parse(p.day), y: p.value })) },
])
const options = computed(() => {
  const ink = night.value ? '#efe8d8' : '#1b2328'
  const rule = night.value ? '#36434a' : '#cdc3ae'
  const { top } = roundSteps(Math.max(...props.points.map(p => p.value)))
  return {
    chart: {
      type: 'line',
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      foreColor: ink,
      background: 'transparent',
    },
    stroke: { width: 2, colors: [ink] },
    markers: { size: 5, colors: [ink], strokeWidth: 0 },
    colors: [ink],
    grid: { borderColor: rule, strokeDashArray: 3 },
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
    theme: { mode: night.value ? 'dark' : 'light' },
  }
})
</script>

<template>
  <div aria-hidden="true">
    <ApexChart type="line" height="190" :options="options" :series="series" />
  </div>
</template>
