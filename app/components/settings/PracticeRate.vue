<script setup lang="ts">
/** What an hour costs: by it repairing is weighed against replacing. */
import { usePractice } from '~/stores/practice'

const practice = usePractice()
const written = ref('')
watch(() => practice.now.hourRate, (rate) => {
  written.value = String(rate)
}, { immediate: true })
const rate = computed(() => Number(written.value.replace(',', '.')))
const isRate = computed(() => Number.isFinite(rate.value) && rate.value >= 0 && rate.value <= 10_000)
</script>

<template>
  <section class="panel rate" aria-labelledby="rate-title">
    <h2 id="rate-title">An hour’s work</h2>
    <form class="row" @submit.prevent="practice.change({ hourRate: rate })">
      <label class="field"><span class="visually-hidden">Money an hour</span>
        <input v-model="written" inputmode="decimal" maxlength="9"></label>
      <button class="press" :disabled="!isRate || rate === practice.now.hourRate">Say so</button>
      <p class="soft">In the shop’s own money. Repair, clean, kit and replace are weighed by it at the repair.</p>
    </form>
  </section>
</template>

<style scoped>
.rate {
  padding: var(--space-3) var(--space-4);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-2);
}
.row { display: flex; flex-wrap: wrap; gap: var(--space-3); align-items: center; }
.field { width: 110px; }
.row p { flex: 1; min-width: 220px; }
</style>
