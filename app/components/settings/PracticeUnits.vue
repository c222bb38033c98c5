<script setup lang="ts">
/** What figures are shown in, quantity by quantity; what is typed with its unit is read in either. */
import { CHOSEN_UNITS, SYSTEMS_OF_UNITS, type ChosenUnit, type SystemOfUnits } from '#core/units'
import { UNIT_TITLES } from '#core/words'
import { usePractice } from '~/stores/practice'

const practice = usePractice()
const choose = (quantity: ChosenUnit, system: SystemOfUnits) =>
  practice.change({ units: { ...practice.units, [quantity]: system } })
</script>

<template>
  <section class="panel units" aria-labelledby="units-title">
    <h2 id="units-title">Units</h2>
    <div v-for="q in CHOSEN_UNITS" :key="q" class="row" role="radiogroup" :aria-label="UNIT_TITLES[q].title">
      <span>{{ UNIT_TITLES[q].title }}</span>
      <button
        v-for="s in SYSTEMS_OF_UNITS"
        :key="s"
        type="button"
        role="radio"
        class="press"
        :aria-checked="practice.units[q] === s"
        @click="choose(q, s)"
      >
        {{ UNIT_TITLES[q][s] }}
      </button>
    </div>
    <p class="soft">
      A bare figure is taken in the unit that is chosen here; one with its unit is read in either.
    </p>
  </section>
</template>

<style scoped>
.units {
  padding: var(--space-3) var(--space-4);
  display: grid;
  gap: var(--space-2);
}
.row {
  display: flex;
  gap: var(--space-2);
  align-items: center;
}
.row > span {
  width: 90px;
}
.press {
  min-width: 84px;
}
.press[aria-checked='true'] {
  background: var(--brass-ground);
  border-color: var(--edge);
}
</style>
