<script setup lang="ts">
/** The share of parts still in service by age, with its band: steps down where one ended. */
import ApexChart from 'vue3-apexcharts'
import type { BooksReply } from '#contracts'
import { useChartLook } from '~/composables/useChartLook'

const props = defineProps<{ life: BooksReply['lives'][number] }>()
const { night, colour, look } = useChartLook()
const last = computed(() => Math.max(1, ...props.life.steps.map(s => s.age)))
/** in a figure that five steps make round */
const most = computed(() => Math.ceil(last.value / 5) * 5)
const drawn = (value: (s: BooksReply['lives'][number]['steps'][number]) => number) => [
  { x: 0, y: 100 },
  ...props.life.steps.map(s => ({ x: Number(s.age.toFixed(2)), y: Math.round(100 * value(s)) })),
]
const series = computed(() => [
  { name: 'still in service', data: drawn(s => s.share) },
  { name: 'at least', data: drawn(s => s.low) },
  { name: 'at most', data: drawn(s => s.high) },
])
const options = computed(() => ({
  ...look.value,
  stroke: { width: [3, 1.5, 1.5], dashArray: [0, 4, 4], curve: 'stepline' },
  colors: [colour('ink'), colour('brass'), colour('brass')],
  markers: { size: 0 },
  legend: { show: false },
  xaxis: {
    type: 'numeric',
    min: 0,
    max: most.value,
    tickAmount: 5,
    title: { text: 'years in service', style: { fontSize: '13px', fontWeight: 400 } },
    labels: { formatter: (v: string) => String(Math.round(Number(v))), style: { fontSize: '13px' } },
    tooltip: { enabled: false },
  },
  yaxis: {
    min: 0, max: 100, tickAmount: 4,
    labels: { formatter: (v: number) => `${Math.round(v)} %`, style: { fontSize: '13px' } },
  },
  tooltip: { theme: night.value ? 'dark' : 'light', x: { formatter: (v: number) => `${v} years` } },
}))
</script>

<template>
  <div aria-hidden="true">
    <ApexChart type="line" height="230" :options="options" :series="series" />
  </div>
</template>
