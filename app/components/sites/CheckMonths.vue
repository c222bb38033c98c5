<script setup lang="ts">
/** How often something is checked, chosen: on one system, or by the shop's rule on every one. */
import type { CheckId } from '#core/ledger'
import { useLedger } from '~/stores/ledger'
import { CHECK_WORDS, sayMonths } from './checkWords'

/** `months` left out: as usual */
const props = defineProps<{ system: string, check: CheckId, months?: number | undefined }>()
const AS_USUAL = -1
const CHOICES = [0, 1, 3, 6, 12, 24, 36, 60]
const choices = computed(() => [...new Set([...CHOICES, props.months ?? 0])].toSorted((a, b) => a - b))
const ledger = useLedger()
const choose = (event: Event) => ledger.write({
  kind: 'check', system: props.system, check: props.check, months: Number((event.target as HTMLSelectElement).value),
})
</script>

<template>
  <select :value="months ?? AS_USUAL" :aria-label="`How often: ${CHECK_WORDS[check][0]}`" @change="choose">
    <option v-if="months === undefined" :value="AS_USUAL">{{ CHECK_WORDS[check][1] }}</option>
    <option v-for="m in choices" :key="m" :value="m">{{ sayMonths(m) }}</option>
  </select>
</template>
