<script setup lang="ts">
/** Repair, clean, a kit or a new one, side by side: minutes, money, the trip, how long it lasts; and which, and why. */
import type { ShelfPart } from '#contracts'
import { chooseWay, isPartType, waysFor } from '#core/parts'
import { sayChosen, WAY_WORDS } from '#core/words'
import { sayMoney } from '~/composables/partWords'
import { usePractice } from '~/stores/practice'

const props = defineProps<{
  component: string
  fault: string
  /** of the catalogue's repair */
  minutes: number
  /** years that such parts lasted here */
  booked: number | undefined
  offered: readonly ShelfPart[]
}>()
const practice = usePractice()
const chosen = computed(() => chooseWay(waysFor({
  component: props.component,
  fault: props.fault,
  minutes: props.minutes,
  ...(props.booked === undefined ? {} : { booked: props.booked }),
  offers: props.offered.flatMap(({ type, price, minutes, life, stock }) => (isPartType(type)
    ? [{
        type, onVan: stock.van > 0,
        ...(price === undefined ? {} : { price }),
        ...(minutes === undefined ? {} : { minutes }),
        ...(life === undefined ? {} : { life }),
      }]
    : [])),
}), practice.now.hourRate))
const sayYears = (y: number | undefined) =>
  (y === undefined ? '?' : y < 1 ? `${Math.round(12 * y)} mo` : `${Number(y.toFixed(1))} y`)
</script>

<template>
  <div v-if="chosen.ways.length > 1" class="ways">
    <table>
      <thead>
        <tr><th>Way</th><th>Minutes</th><th>Trip</th><th>Parts</th><th>In all</th><th>Lasts</th><th>A year</th></tr>
      </thead>
      <tbody>
        <tr v-for="w in chosen.ways" :key="w.way" :class="{ best: w.way === chosen.best?.way }">
          <th scope="row">{{ w.way === chosen.best?.way ? '▸ ' : '' }}{{ WAY_WORDS[w.way] }}{{
            w.temporary ? ', for the time being' : '' }}</th>
          <td>{{ w.minutes }}</td>
          <td>{{ w.trip || '—' }}</td>
          <td>{{ w.price ? sayMoney(w.price) : '—' }}</td>
          <td>{{ sayMoney(w.cost) }}</td>
          <td>{{ sayYears(w.life) }}</td>
          <td>{{ w.costAYear === undefined ? '?' : sayMoney(w.costAYear) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="soft">{{ sayChosen(chosen) }}</p>
  </div>
</template>

<style scoped>
.ways { overflow-x: auto; font-size: var(--size-small); display: grid; gap: 2px; }
table { border-collapse: collapse; width: 100%; font-variant-numeric: tabular-nums; }
th, td { text-align: right; padding: 2px 8px 2px 0; border-bottom: 1px dashed var(--rule); font-weight: 400; }
th:first-child { text-align: left; }
thead th { color: var(--soft); }
.best th, .best td { font-weight: 700; }
</style>
