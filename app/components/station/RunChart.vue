<script setup lang="ts">
/** Pressure and amps as they were read, over time, with what is wanted behind: grows with every line. */
import { useMediaQuery } from '@vueuse/core'
import type { SetUp } from '#core/setup'
import { interpolate } from '#core/foundation'
import type { ClimbPoint } from '#core/systems'
import { useChartLook } from '~/composables/useChartLook'
import { labelled, type Run } from './runSeries'

const ApexChart = defineAsyncComponent(() => import('vue3-apexcharts'))
const props = defineProps<{
  run: Run
  target: SetUp['target'] | undefined
  /** what the clamp should show over the gauge */
  climb: readonly ClimbPoint[]
  perUnit: number
}>()
const { night, colour, look } = useChartLook()
const narrow = useMediaQuery('(max-width: 760px)')
const scaled = (pa: number) => Number((pa / props.perUnit).toFixed(1))
/** What the clamp should show while the gauge stood where it was read. */
const wantedAmps = computed(() =>
  (props.run.amps.length === 0 || props.climb.length === 0
    ? []
    : props.run.pressure.map(({ x, y }) => {
        const edge = (of: 'low' | 'high') =>
          Number(interpolate(props.climb.map(c => [c.pressure, c[of]]), y * props.perUnit)!.toFixed(1))
        return { x, y: [edge('low'), edge('high')] }
      })))
const series = computed(() => [
  { name: props.run.unit, type: 'line', data: props.run.pressure },
  ...(props.run.amps.length ? [{ name: 'A', type: 'line', data: props.run.amps }] : []),
  ...(wantedAmps.value.length ? [{ name: 'A wanted', type: 'rangeArea', data: wantedAmps.value }] : []),
])
const wanted = computed(() => {
  const { target } = props
  if (!target) return []
  return [[target.cutIn, 'in'], [target.cutOut, 'out']].map(([pa, word]) => ({
    y: scaled(Number(pa) - target.tolerance),
    y2: scaled(Number(pa) + target.tolerance),
    fillColor: colour('brass'),
    opacity: 0.22,
    borderColor: 'transparent',
    label: {
      text: `${scaled(Number(pa))} ${word}`,
      ...(narrow.value ? { position: 'left', textAnchor: 'start' } : {}),
      borderColor: 'transparent',
      style: { color: colour('ink'), background: 'transparent', fontSize: '13px' },
    },
  }))
})
const turns = computed(() =>
  props.run.turns.map(t => ({
    x: t.x,
    borderColor: colour('brass'),
    strokeDashArray: 3,
    label: {
      text: t.label,
      orientation: 'horizontal',
      borderColor: 'transparent',
      style: { color: colour('brass'), background: 'transparent', fontSize: '13px' },
    },
  })))
const top = computed(() => {
  const most = Math.max(
    ...props.run.pressure.map(p => p.y),
    props.target ? scaled(props.target.cutOut + 2 * props.target.tolerance) : 0,
  )
  return Math.ceil((most * 1.12) / 20) * 20
})
/** Room on the left for the first figure, on the right for what is wanted. */
const span = computed(() => {
  const all = [...props.run.pressure, ...props.run.amps, ...props.run.turns].map(p => p.x)
  const [first, last] = [Math.min(...all), Math.max(...all)]
  const long = Math.max(last - first, 10e3)
  return { min: first - 0.05 * long, max: last + 0.14 * long }
})
/** A label takes so much of the chart's width. */
const shown = computed(() =>
  labelled(props.run.pressure, (narrow.value ? 0.17 : 0.07) * (span.value.max - span.value.min)))
const say = (at: number) => {
  const point = props.run.pressure[at]
  return point && shown.value.has(point) ? point.label : ''
}
const options = computed(() => ({
  ...look.value,
  stroke: { width: [3, 2, 0], dashArray: [0, 4, 0] },
  fill: { opacity: [1, 1, 0.16] },
  colors: [colour('water'), colour('copper'), colour('copper')],
  markers: { size: [6, 6, 0], strokeWidth: 2, strokeColors: colour('ink') },
  dataLabels: {
    enabled: true,
    enabledOnSeries: [0],
    offsetY: -8,
    background: { enabled: false },
    style: { fontSize: '13px', fontWeight: 700, colors: [colour('ink')] },
    formatter: (_: number, at: { dataPointIndex: number }) => say(at.dataPointIndex),
  },
  legend: { show: false },
  annotations: { yaxis: wanted.value, xaxis: turns.value },
  xaxis: {
    type: 'datetime',
    ...span.value,
    tickAmount: 6,
    labels: {
      datetimeUTC: false,
      format: span.value.max - span.value.min < 5 * 60e3 ? 'HH:mm:ss' : 'HH:mm',
      style: { fontSize: '13px' },
    },
    tooltip: { enabled: false },
  },
  yaxis: [
    {
      seriesName: [props.run.unit],
      min: 0,
      max: top.value,
      tickAmount: 4,
      labels: { formatter: (v: number) => `${Math.round(v)}`, style: { fontSize: '13px' } },
    },
    ...(props.run.amps.length
      ? [{
          seriesName: wantedAmps.value.length ? ['A', 'A wanted'] : ['A'],
          opposite: true,
          min: 0,
          tickAmount: 4,
          labels: { formatter: (v: number) => `${Math.round(v)} A`, style: { fontSize: '13px' } },
        }]
      : []),
  ],
  tooltip: { theme: night.value ? 'dark' : 'light', x: { format: 'HH:mm:ss' } },
}))
const told = computed(() =>
  [...props.run.pressure.map(p => `${p.label} ${props.run.unit}`), ...props.run.amps.map(a => `${a.y} A`)].join(', '))
</script>

<template>
  <section class="panel chart" aria-label="The run">
    <p class="caps">Pressure{{ run.amps.length ? ' and amps' : '' }}, as read and as wanted</p>
    <p class="visually-hidden">{{ told }}</p>
    <div class="drawn" aria-hidden="true">
      <ApexChart type="line" height="100%" :options="options" :series="series" />
    </div>
  </section>
</template>

<style scoped>
.chart {
  display: flex;
  flex-direction: column;
  padding: 8px 14px 0;
  min-height: 0;
}
.drawn {
  flex: 1;
  min-height: 0;
}
@media (max-width: 760px) {
  .chart {
    flex: none;
  }
  .drawn {
    flex: none;
    height: 220px;
  }
}
</style>
