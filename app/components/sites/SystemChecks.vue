<script setup lang="ts">
/** What is checked on a system again and again: when last, when next, and by whose rule. */
import type { SystemCheck } from '#contracts'
import { sayDay, useClock } from '~/composables/useClock'
import { useLedger } from '~/stores/ledger'
import { CHECK_WORDS, isCheck } from './checkWords'

const props = defineProps<{ system: string, checks: readonly SystemCheck[] }>()
const ledger = useLedger()
const today = useClock().today()
const rows = computed(() => props.checks.flatMap((c) => {
  const { check } = c
  if (!isCheck(check)) return []
  const [name, usual] = CHECK_WORDS[check]
  const own = ledger.own.hasOwnMonths(props.system, check)
  const months = own ? (ledger.own.months(props.system, check) ?? c.months) : c.months
  return [{ ...c, check, name, usual, months, own: own || c.own }]
}))
</script>

<template>
  <div v-if="rows.length">
    <h3 class="caps">Checks</h3>
    <table class="checks">
      <thead class="visually-hidden"><tr><th>What</th><th>How often</th><th>Last</th><th>Next</th></tr></thead>
      <tbody>
        <tr v-for="c in rows" :key="c.check">
          <th scope="row">{{ c.name }}</th>
          <td>
            <CheckMonths
              :system="system" :check="c.check" :months="c.months" :title="c.own ? 'this system’s own rule' : c.usual"
            />
          </td>
          <td class="soft">{{ c.last ? `last ${sayDay(c.last)}` : 'never on record' }}</td>
          <td :class="{ over: c.due && c.due < today }">{{
            c.due ? `${c.due < today ? 'over since' : 'due'} ${sayDay(c.due)}` : '' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.checks { border-collapse: collapse; width: 100%; font-size: var(--size-note); }
th, td { text-align: left; font-weight: 400; padding: 1px 10px 1px 0; border-bottom: 1px dashed var(--rule); }
th::first-letter { text-transform: uppercase; }
select {
  min-height: 40px;
  border: 0;
  background: none;
  color: var(--brass);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  max-width: 132px;
}
select option { background: var(--panel); color: var(--ink); }
.over { font-weight: 700; }
@media (max-width: 760px) {
  tr { display: grid; grid-template-columns: 1fr 1fr; border-bottom: 1px dashed var(--rule); align-items: center; }
  th, td { border: 0; }
  td:nth-child(n + 3) { padding-bottom: 6px; }
}
</style>
