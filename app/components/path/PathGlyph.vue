<script setup lang="ts">
/** One component as a small plain picture of its own working parts, in its present position. Drawn about 0,0. */
import type { Glyph } from '#core/systems'

defineProps<{
  glyph: Glyph
  width: number
  height: number
  medium?: 'water' | 'air'
  /** conductors that pass through it */ poles?: number
  open?: boolean
  tripped?: boolean
  startOpen?: boolean
  fill?: number
  needle?: number
}>()
const ROWS: Record<number, readonly number[]> = { 1: [0], 2: [-8, 8], 3: [-14, 0, 14] }
</script>

<template>
  <g class="glyph">
    <template v-if="glyph === 'supply'">
      <template v-for="y in ROWS[poles ?? 2] ?? [0]" :key="y">
        <path :d="`M-12 ${y} H14`" /><circle cx="-12" :cy="y" r="3" class="solid" />
      </template>
    </template>
    <template v-else-if="glyph === 'breaker' || glyph === 'disconnect'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path
        v-for="y in ROWS[poles ?? 2] ?? [0]"
        :key="y"
        :d="`M-20 ${y} h8 M20 ${y} h-8 M-12 ${y} L${open ? '8 ' + (y - 9) : '12 ' + y}`"
      />
      <template v-for="y in ROWS[poles ?? 2] ?? [0]" :key="`d${y}`">
        <circle cx="-12" :cy="y" r="2" class="solid" /><circle cx="12" :cy="y" r="2" class="solid" />
      </template>
    </template>
    <template v-else-if="glyph === 'battery'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-16 -20 v-4 h8 v4 M8 -20 v-4 h8 v4" class="body" />
      <path d="M-16 -6 h8 M-12 -10 v8 M8 -6 h8" class="heavy" />
    </template>
    <template v-else-if="glyph === 'fuse'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" :rx="height / 2" class="body" />
      <path :d="open ? 'M-22 0 h12 l4 -5 M22 0 h-12 l-4 5' : 'M-22 0 H-12 q6 -8 12 0 t12 0 H22'" />
    </template>
    <template v-else-if="glyph === 'panel-switch'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path :d="`M-22 4 h10 M22 4 h-10 M-12 4 L${open ? '8 -10' : '12 4'}`" />
      <circle cx="-12" cy="4" r="2" class="solid" /><circle cx="12" cy="4" r="2" class="solid" />
      <path d="M-6 -14 h12" class="thin" />
    </template>
    <template v-else-if="glyph === 'pressure-switch' && height < 50">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-32 0 h16 M32 0 h-16" /><path :d="open ? 'M-16 -9 H16' : 'M-16 0 H16'" class="heavy" />
      <path :d="`M0 19 V${open ? -4 : 4}`" class="water" /><path d="M-10 14 q10 -6 20 0" class="water" />
    </template>
    <template v-else-if="glyph === 'pressure-switch'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-40 -8 h24 M-40 8 h24 M40 -8 h-24 M40 8 h-24" />
      <path :d="open ? 'M-16 -14 H16 M-16 2 H16' : 'M-16 -8 H16 M-16 8 H16'" class="heavy" />
      <path :d="`M0 28 V${open ? -1 : 9}`" class="water" />
      <path d="M-12 22 q12 -7 24 0" class="water" />
    </template>
    <template v-else-if="glyph === 'float-switch'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-28 -8 h14 M28 -8 h-14 M-28 8 h14 M28 8 h-14" />
      <path :d="open ? 'M-14 -14 L12 -14 M-14 2 L12 2' : 'M-14 -8 H14 M-14 8 H14'" class="heavy" />
      <circle cy="16" r="5" class="wet" />
    </template>
    <template v-else-if="glyph === 'starter'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path
        v-for="y in [-16, 0, 16]"
        :key="y"
        :d="`M-38 ${y} h16 M-4 ${y} h8 M-22 ${y} L${open ? '-8 ' + (y - 8) : '-4 ' + y}`"
      />
      <path v-for="y in [-16, 0, 16]" :key="`h${y}`" :d="`M4 ${y} h6 q4 -7 8 0 t8 0 H38`" />
      <rect x="-8" y="22" width="16" height="9" class="inner" />
      <path d="M-13 22 V-22" class="thin dashed" />
    </template>
    <template v-else-if="glyph === 'transformer'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-14 -13 q10 4 0 9 q10 4 0 9 q10 4 0 9 M14 -13 q-10 4 0 9 q-10 4 0 9 q-10 4 0 9" /><path
        d="M-2 -14 V14 M2 -14 V14"
        class="thin"
      />
    </template>
    <template v-else-if="glyph === 'protector'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" />
      <path d="M-24 -8 H24 M-24 8 H24" /><circle r="11" class="inner" /><path
        d="M-5 4 q5 -14 10 0"
        class="thin"
      />
    </template>
    <template v-else-if="glyph === 'return'">
      <path d="M-17 0 H2 M2 -11 V11 M8 -7 V7 M14 -3 V3" class="heavy" />
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
      <path
        :d="`M-26 ${-30 + 14 * (0.5 - (fill ?? 0.5)) * 2} q13 -7 26 0 t26 0 V-18 q0 12 -12 12 h-28 q-12 0 -12 -12 Z`"
        class="wet"
      />
    </template>
    <template v-else-if="glyph === 'open-tank'">
      <path d="M-29 -30 V26 q0 4 4 4 h50 q4 0 4 -4 V-30" class="body" />
      <path d="M-28 -8 q14 -6 28 0 t28 0 V25 q0 4 -4 4 h-48 q-4 0 -4 -4 Z" class="wet" />
    </template>
    <template v-else-if="glyph === 'filter'">
      <path d="M-17 -14 h34 M-13 -14 V14 q0 8 13 8 t13 -8 V-14" class="body" /><path
        d="M-6 -10 V14 M0 -10 V16 M6 -10 V14"
        class="thin"
      />
    </template>
    <template v-else-if="glyph === 'source'">
      <path d="M20 -10 H-10 q-8 0 -8 10 t8 10 H20" class="body" /><path
        d="M-2 0 h16 m-6 -5 l6 5 l-6 5"
        class="thin"
      />
    </template>
    <template v-else-if="glyph === 'compressor'">
      <path d="M-20 25 V0 H20 V25 Z" class="body" /><path
        d="M-12 0 V-25 H12 V0 M-12 -18 H12 M-12 -11 H12 M-12 -4 H12"
        class="body"
      /><circle cy="13" r="7" class="inner" />
    </template>
    <template v-else-if="glyph === 'receiver'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" :rx="height / 2" class="body" /><path
        d="M-22 22 v6 M22 22 v6"
      /><path d="M-28 12 q14 5 28 0 t28 0" class="water thin" />
    </template>
    <template v-else-if="glyph === 'regulator'">
      <circle r="14" class="body" /><path d="M0 -14 V-20 M-6 -20 H6 M-6 3 L5 -5 m-5 -1 l5 1 l-1 5" />
    </template>
    <template v-else-if="glyph === 'relief'">
      <path d="M0 0 V-10" class="water" /><path d="M-9 -10 H9 L0 -20 Z" class="body" /><path
        d="M-7 -24 H7 M-5 -28 H5"
        class="thin"
      />
    </template>
    <template v-else-if="glyph === 'unloader'">
      <rect :x="-width / 2" :y="-height / 2" :width="width" :height="height" rx="3" class="body" /><path
        d="M-8 8 L0 -6 L8 8 Z"
      /><path d="M0 -6 V-12" />
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
.glyph {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.body {
  fill: var(--panel);
}
.inner {
  fill: var(--panel-2);
  stroke-width: 1.1;
}
.solid {
  fill: var(--ink);
  stroke: none;
}
.heavy {
  stroke-width: 2.6;
}
.thin {
  stroke-width: 1.1;
}
.dashed {
  stroke-dasharray: 3 3;
}
.water {
  stroke: var(--water);
  stroke-width: 2.4;
}
.wet {
  fill: var(--water-fill);
  stroke: var(--water);
  stroke-width: 1.6;
}
</style>
