<script setup lang="ts">
/**
 * The chart itself, loaded only where it is shown. As left: full points on a line, anew with each part; as found:
 * hollow ones. The band of a sound system lies behind, repairs stand as upright lines.
 */
import ApexChart from 'vue3-apexcharts'
import { useChartLook } from '~/composables/useChartLook'
import { roundSteps, type Mark, type Trend } from './trendSeries'

const props = defineProps<{
  trend: Trend
  marks: readonly Mark[]
  /** in the unit of the trend; an end that is left open has no line */
  band: { readonly low: number, readonly high: number } | undefined
}>()
const { night, colour, look } = useChartLook()
const at = (day: string) => Date.parse(day)
const runs = computed(() => [...new Set(props.trend.points.map(p => p.run))])
const drawn = (points: Trend['points']) => points.map(p => ({ x: at(p.day), y: p.value }))
const series = computed(() => [
  ...runs.value.map((run, i) => ({
    name: i === 0 ? props.trend.name : `${props.trend.name}, part ${i + 1}`,
    data: drawn(props.trend.points.filter(p => p.run === run && p.left)),
  })),
  { name: 'as found', data: drawn(props.trend.points.filter(p => !p.left)) },
])
const top = computed(() => roundSteps(Math.max(
  ...props.trend.points.map(p => p.value), Number.isFinite(props.band?.high) ? props.band!.high : 0,
)).top)
const options = computed(() => {
  const [ink, rule, water, brass] = [colour('ink'), colour('rule'), colour('water'), colour('brass')]
  const count = runs.value.length
  const { band } = props
  return {
    ...look.value,
    stroke: { width: [...runs.value.map(() => 2), 0], dashArray: [...runs.value.map((_, i) => (i % 2) * 5), 0] },
    markers: {
      size: [...runs.value.map(() => 5), 5],
      colors: [...runs.value.map(() => ink), 'transparent'],
      strokeColors: [...runs.value.map(() => ink), ink],
      strokeWidth: 2,
    },
    colors: [...Array.from({ length: count }, () => ink), ink],
    legend: { show: false },
    annotations: {
      yaxis: band
        ? [{
            y: Math.max(0, band.low), y2: Math.min(top.value, band.high), fillColor: water, opacity: 0.12,
            borderColor: water, strokeDashArray: 0,
            label: { text: 'sound', style: { color: ink, background: 'transparent' }, borderWidth: 0, position: 'left',
              textAnchor: 'start' },
          }]
        : [],
      xaxis: props.marks.map(m => ({
        x: at(m.day), borderColor: brass, strokeDashArray: m.renews ? 0 : 3, opacity: m.renews ? 1 : 0.5,
        label: {
          text: m.renews ? m.text : '',
          style: { color: ink, background: 'transparent' },
          borderWidth: 0,
          orientation: 'vertical',
          offsetX: 14,
        },
      })),
    },
    xaxis: {
      type: 'datetime',
      labels: { datetimeUTC: true },
      axisBorder: { color: rule },
      axisTicks: { color: rule },
      tooltip: { enabled: false },
    },
    yaxis: {
      min: 0,
      max: top.value,
      tickAmount: 3,
      labels: { formatter: (v: number) => `${Number(v.toPrecision(3))} ${props.trend.unit}` },
    },
    tooltip: { theme: night.value ? 'dark' : 'light', x: { format: 'd MMM yyyy' }, shared: false },
  }
})
</script>

<template>
  <div aria-hidden="true">
    <ApexChart type="line" height="220" :options="options" :series="series" />
  </div>
</template>
