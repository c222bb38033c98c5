<script setup lang="ts">
/** A verdict as a shape and a word, never a colour alone. */
import type { VerdictWord } from '#core/isolation'
import { VERDICT_WORDS } from './verdictWords'

const props = defineProps<{ word: VerdictWord | 'state', words?: boolean }>()
const SHAPES: Record<VerdictWord | 'state', string> = {
  'in-band': 'M1 5 h12 v4 h-12 Z',
  'low': 'M1 3 h12 l-6 9 Z',
  'high': 'M1 11 h12 l-6 -9 Z',
  'open': 'M1 7 h3 M10 7 h3 M4 7 l5 -4',
  'seen': 'M7 4 a3 3 0 1 0 .01 0 Z',
  'unknown': 'M3 7 h8',
  'state': 'M2 2 h10 v10 h-10 Z',
}
const hollow = computed(() => ['open', 'unknown'].includes(props.word))
</script>

<template>
  <span class="mark">
    <svg width="14" height="14" viewBox="0 0 14 14" :class="{ hollow }" aria-hidden="true">
      <path :d="SHAPES[word]" />
    </svg>
    <span :class="words ? '' : 'visually-hidden'">{{ VERDICT_WORDS[word] }}</span>
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  font-size: var(--size-small);
}
path {
  fill: currentColor;
  stroke: none;
}
.hollow path {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
  stroke-linecap: round;
}
</style>
