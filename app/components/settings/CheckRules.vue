<script setup lang="ts">
/** How often the shop checks what: by this rule for every system that has none of its own. */
import { CHECKS, EVERY_SYSTEM, type CheckId } from '#core/ledger'
import { CHECK_WORDS, sayMonths } from '~/components/sites/checkWords'
import { useLedger } from '~/stores/ledger'
import { useToday } from '~/stores/today'

const ledger = useLedger()
const today = useToday()
onMounted(() => void today.load())
onBeforeUnmount(ledger.onKept(today.load))
const AS_USUAL = -1
const CHOICES = [0, 1, 3, 6, 12, 24, 36]
const rules = computed(() => CHECKS.map((check) => {
  const own = ledger.own.hasOwnMonths(EVERY_SYSTEM, check) ? ledger.own.months(EVERY_SYSTEM, check) : undefined
  return { check, months: own ?? today.reply?.rules[check] ?? AS_USUAL }
}))
function choose(check: CheckId, event: Event) {
  const months = Number((event.target as HTMLSelectElement).value)
  return ledger.write({ kind: 'check', system: EVERY_SYSTEM, check, months })
}
</script>

<template>
  <section class="panel rules" aria-labelledby="checks-title">
    <h2 id="checks-title">Checks</h2>
    <p class="soft">What falls due on every system, unless its site’s page says otherwise for it.</p>
    <label v-for="r in rules" :key="r.check" class="row">
      <span>{{ CHECK_WORDS[r.check][0] }}</span>
      <select :value="r.months" @change="choose(r.check, $event)">
        <option v-if="r.months === AS_USUAL" :value="AS_USUAL">{{ CHECK_WORDS[r.check][1] }}</option>
        <option v-for="m in CHOICES" :key="m" :value="m">{{ sayMonths(m) }}</option>
      </select>
    </label>
  </section>
</template>

<style scoped>
.rules { padding: var(--space-3) var(--space-4); display: grid; gap: var(--space-2); }
.row { display: flex; gap: var(--space-3); align-items: center; }
.row span { width: 190px; }
.row span::first-letter { text-transform: uppercase; }
select {
  min-height: var(--control);
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: var(--panel);
  padding: 0 8px;
}
</style>
