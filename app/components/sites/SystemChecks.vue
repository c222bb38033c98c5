<script setup lang="ts">
/** What is checked on a system again and again: when last, when next, and by whose rule. */
import type { SystemCheck } from '#contracts'
import type { CheckId } from '#core/ledger'
import { sayDay, useClock } from '~/composables/useClock'
import { useLedger } from '~/stores/ledger'
import { CHECK_WORDS, isCheck, sayMonths } from './checkWords'

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
const CHOICES = [0, 1, 3, 6, 12, 24, 36, 60] as const
function choose(check: CheckId, event: Event) {
  const months = Number((event.target as HTMLSelectElement).value)
  return ledger.write({ kind: 'check', system: props.system, check, months })
}
const choicesFor = (months: number) => [...new Set([...CHOICES, months])].toSorted((a, b) => a - b)
</script>

<template>
  <div v-if="rows.length">
    <h3 class="caps">Checks</h3>
    <table class="checks">
      <thead class="visually-hidden"><tr><th>What</th><th>How often</th><th>Last</th><th>Next</th></tr></thead>
      <tbody>
        <tr v-for="c in rows" :key="c.check">
          <th scope="row">{{ c.name }}</th>
          <td><select
            :value="c.months" :aria-label="`How often: ${c.name}`" :title="c.own ? 'this system’s own rule' : c.usual"
            @change="choose(c.check, $event)"
          >
            <option v-for="m in choicesFor(c.months)" :key="m" :value="m">{{ sayMonths(m) }}</option>
          </select></td>
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
</style>
