<script setup lang="ts">
/** How often the shop checks what: by this rule for every system that has none of its own. */
import { CHECKS, EVERY_SYSTEM } from '#core/ledger'
import { CHECK_WORDS } from '~/components/sites/checkWords'
import { useLedger } from '~/stores/ledger'
import { useToday } from '~/stores/today'

const ledger = useLedger()
const today = useToday()
onMounted(() => void today.load())
onBeforeUnmount(ledger.onKept(today.load))
const rules = computed(() => CHECKS.map((check) => {
  const own = ledger.own.hasOwnMonths(EVERY_SYSTEM, check) ? ledger.own.months(EVERY_SYSTEM, check) : undefined
  return { check, months: own ?? today.reply?.rules[check] }
}))
</script>

<template>
  <section class="panel rules" aria-labelledby="checks-title">
    <h2 id="checks-title">Checks</h2>
    <p class="soft">What falls due on every system, unless its site’s page says otherwise for it.</p>
    <p v-for="r in rules" :key="r.check" class="row">
      <span>{{ CHECK_WORDS[r.check][0] }}</span>
      <CheckMonths :system="EVERY_SYSTEM" :check="r.check" :months="r.months" />
    </p>
  </section>
</template>

<style scoped>
.rules {
  padding: var(--space-3) var(--space-4);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-2);
}
.row { margin: 0; display: flex; gap: var(--space-3); align-items: center; }
.row span { flex: 0 0 190px; }
@media (max-width: 760px) { .row span { flex-basis: 118px; } }
.row span::first-letter { text-transform: uppercase; }
select {
  min-width: 0;
  min-height: var(--control);
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: var(--panel);
  padding: 0 8px;
}
</style>
