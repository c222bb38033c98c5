<script setup lang="ts">
/** One component as a small plain picture of its own working parts, in its present position. Drawn about 0,0. */
import type { Glyph } from '#core/systems'

defineProps<{ glyph: Glyph, width: number, height: number, open?: boolean, tripped?: boolean, startOpen?: boolean, fill?: number, needle?: number }>()
</script>

<template>
  <g class="glyph">
    <template v-if="glyph === 'supply'">
      <path d="M-12 -8 H14 M-12 8 H14" />
      <circle cx="-12" cy="-8" r="3" class="solid" /><circle cx="-12" cy="8" r="3" class="solid" />
    </template>
    <template v-else-if="glyph === 'breaker' || glyph === 'disconnect'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path v-for="y in [-8, 8]" :key="y" :d="`M-20 ${y} h8 M20 ${y} h-8 M-12 ${y} L${open ? '8 ' + (y - 9) : '12 ' + y}`" />
      <template v-for="y in [-8, 8]" :key="`d${y}`">
        <circle cx="-12" :cy="y" r="2" class="solid" /><circle cx="12" :cy="y" r="2" class="solid" />
      </template>
    </template>
    <template v-else-if="glyph === 'pressure-switch'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-40 -8 h24 M-40 8 h24 M40 -8 h-24 M40 8 h-24" />
      <path :d="open ? 'M-16 -14 H16 M-16 2 H16' : 'M-16 -8 H16 M-16 8 H16'" class="heavy" />
      <path :d="`M0 28 V${open ? -1 : 9}`" class="water" />
      <path d="M-12 22 q12 -7 24 0" class="water" />
    </template>
    <template v-else-if="glyph === 'control-box'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <rect x="-50" y="-38" width="34" height="30" class="inner" />
      <path d="M-36 -32 v18 M-30 -32 v18" class="heavy" />
      <rect x="-8" y="-38" width="58" height="30" class="inner" />
      <path :d="`M-8 -23 h16 M50 -23 h-14 M8 -23 L${startOpen ? '32 -34' : '36 -23'}`" />
      <circle cx="8" cy="-23" r="2" class="solid" /><circle cx="36" cy="-23" r="2" class="solid" />
      <rect x="-34" y="16" width="44" height="22" class="inner" />
      <path :d="tripped ? 'M-34 27 h10 l9 -9 M10 27 h-12' : 'M-34 27 h10 q5 -10 11 0 t11 0 h12'" />
    </template>
    <template v-else-if="glyph === 'cable'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" :rx="height / 2" class="body" />
      <path d="M-30 -9 H30 M-30 0 H30 M-30 9 H30" class="thin" />
    </template>
    <template v-else-if="glyph === 'motor'">
      <circle r="38" class="body" />
      <path d="M-18 0 c0 -12 9 -12 9 0 c0 -12 9 -12 9 0 c0 -12 9 -12 9 0 c0 -12 9 -12 9 0" />
    </template>
    <template v-else-if="glyph === 'pump'">
      <circle r="20" class="body" /><path d="M0 -12 L11 9 H-11 Z" />
    </template>
    <template v-else-if="glyph === 'check-valve'">
      <path d="M-17 -12 V12 L0 0 Z M17 -12 V12 L0 0 Z" class="body" />
    </template>
    <template v-else-if="glyph === 'drop-pipe'">
      <rect x="-17" y="-13" width="34" height="26" class="body" /><path d="M-8 -13 V13 M8 -13 V13" class="thin" />
    </template>
    <template v-else-if="glyph === 'tank'">
      <path d="M0 0 v-8" class="water" />
      <rect x="-27" y="-54" width="54" height="48" rx="14" class="body" />
      <path :d="`M-26 ${-30 + 14 * (0.5 - (fill ?? 0.5)) * 2} q13 -7 26 0 t26 0 V-18 q0 12 -12 12 h-28 q-12 0 -12 -12 Z`" class="wet" />
    </template>
    <template v-else-if="glyph === 'gauge'">
      <path d="M0 0 v-12" class="water" />
      <circle cy="-28" r="17" class="body" />
      <path :d="`M0 -28 L${-11 * Math.cos(needle ?? 0.6)} ${-28 - 11 * Math.sin(needle ?? 0.6)}`" class="heavy" />
      <circle cy="-28" r="2" class="solid" />
    </template>
    <template v-else-if="glyph === 'house'">
      <path d="M-24 22 V-4 L0 -24 L24 -4 V22 Z" class="body" /><path d="M-6 22 v-13 h12 v13" class="thin" />
    </template>
  </g>
</template>

<style scoped>
.glyph { fill: none; stroke: var(--ink); stroke-width: 1.6; stroke-linecap: round; stroke-linejoin: round; }
.body { fill: var(--panel); }
.inner { fill: var(--panel-2); stroke-width: 1.1; }
.solid { fill: var(--ink); stroke: none; }
.heavy { stroke-width: 2.6; }
.thin { stroke-width: 1.1; }
.water { stroke: var(--water); stroke-width: 2.4; }
.wet { fill: var(--water-fill); stroke: var(--water); stroke-width: 1.6; }
</style>
