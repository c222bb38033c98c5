<script setup lang="ts">
/**
 * The terminals of the part in hand, with its conductors as landed drawn full and as found drawn thin; contacts shown
 * closed. Lines come from the left where they come from the supply, and leave to the right.
 */
import type { Attachment, DraftLine } from '#core/tab'
import { PARTS_WIRED } from '#core/wiring'
import { sayWiringFault } from '#core/words'
import type { PlanView } from '~/workers/openTabs'
import { useTab } from '~/stores/tab'
import { drawTerminals } from './terminals'

const props = defineProps<{
  wired: PlanView['wiring'][number]
  narrow: boolean
  /** how what is tapped counts */
  as: 'found' | 'left'
  picture: Attachment | undefined
  /** logs lines; tells whether they are kept */
  keep: (lines: readonly DraftLine[]) => Promise<boolean>
}>()
const tab = useTab()
const drawing = computed(() => drawTerminals(props.wired, props.narrow))
const part = computed(() => PARTS_WIRED[props.wired.circuit.part])
const record = computed(() => props.wired.record)
const isBlank = computed(() => record.value.found.length + record.value.left.length === 0)
/** poles of what was found that nothing is on record of yet */
const unread = computed(() =>
  (props.wired.of === 'found'
    ? part.value.poles.flat().filter(t => !record.value.found.some(l => l.terminal === t)).map(t => t.toUpperCase())
    : []))
const hasBoth = computed(() => props.wired.of === 'left' && record.value.found.length > 0)
const worst = computed(() => props.wired.verdict.faults[0])
const picture = computed(() => (props.picture?.type.startsWith('image/') ? props.picture : undefined))
/** the terminal in hand, and where it was tapped on the picture */
const taken = ref<string>()
const spot = ref<{ x: number, y: number }>()
const picking = computed(() => taken.value !== undefined || spot.value !== undefined)
const here = computed(() => record.value[props.as].filter(l => l.terminal === taken.value))
const on = computed(() => (spot.value && picture.value ? { picture: picture.value.hash, ...spot.value } : undefined))
function close() {
  taken.value = undefined
  spot.value = undefined
}
</script>

<template>
  <section class="panel terminals" aria-label="Terminals">
    <p class="head">
      <span class="caps">The {{ part.name }}, as {{ wired.of === 'left' ? 'landed' : 'found' }}</span>
      <span class="soft"><template v-if="hasBoth">as found drawn thin · </template>contacts shown closed</span>
    </p>
    <div class="seen" :class="{ two: picture }">
      <svg :viewBox="`0 0 ${drawing.width} ${drawing.height}`" role="group" :aria-label="drawing.say">
      <rect v-bind="drawing.box" class="box" rx="6" />
      <path v-for="w in drawing.wires" :key="w.key" :d="w.path" class="wire" :class="[w.colour, { thin: w.thin }]" />
      <path v-for="p in drawing.poles" :key="p" :d="p" class="pole" />
      <g
        v-for="t in drawing.terminals"
        :key="t.id"
        class="terminal"
        role="button"
        tabindex="0"
        :aria-label="`terminal ${t.label}`"
        @click="taken = t.id"
        @keydown.enter.prevent="taken = t.id"
      >
        <circle :cx="t.x" :cy="t.y" r="22" class="reach" />
        <circle :cx="t.x" :cy="t.y" r="15" class="screw" :class="{ taken: taken === t.id }" />
        <text :x="t.x" :y="t.y + 5" class="id">{{ t.label }}</text>
      </g>
      <text v-for="e in drawing.ends" :key="e.key" :x="e.x" :y="e.y" :class="['end', e.anchor]">{{ e.text }}</text>
    </svg>
      <MarkedPicture
        v-if="picture"
        :name="picture.hash"
        :come="tab.attachments.has(picture.hash)"
        :landings="[...record.found, ...record.left]"
        :at="spot"
        @mark="at => (spot = at)"
      />
    </div>
    <TerminalPick
      v-if="picking"
      :part="wired.circuit.part"
      :component="wired.component"
      :terminal="taken"
      :here="here"
      :as="as"
      :on="on"
      :keep="keep"
      @pick="t => (taken = t)"
      @close="close"
    />
    <p v-else-if="isBlank" class="right"><b>Tap a screw:</b> its colour, and where it goes.</p>
    <p v-else-if="unread.length" class="right">
      <b>On record so far, as found.</b> Still to come: {{ unread.join(', ') }}.
    </p>
    <p v-else-if="worst" class="wrong" role="status"><b>Not so.</b> {{ sayWiringFault(worst) }}</p>
    <p v-else class="right"><b>As it should be.</b> The record is right; the wires still want their ohms.</p>
    <p v-if="!picking" class="soft say">
      Tap a screw, or by the line: <b>t1 black supply</b>, <b>found t2 white motor</b>, <b>t2 white off</b>
    </p>
  </section>
</template>

<style scoped>
.terminals {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto auto;
  padding: 8px 16px;
  min-height: 0;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  margin: 0;
}
.seen {
  display: grid;
  min-height: 0;
}
.seen.two {
  grid-template-columns: minmax(0, 1fr) minmax(0, 260px);
  gap: 12px;
}
svg {
  width: 100%;
  height: 100%;
  min-height: 0;
}
.terminal {
  cursor: pointer;
}
.terminal:focus-visible {
  outline: none;
}
.terminal:focus-visible .reach,
.terminal:hover .reach {
  fill: var(--panel-2);
}
.reach {
  fill: transparent;
}
.screw.taken {
  stroke: var(--brass);
  stroke-width: 4;
}
.box {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.wire {
  fill: none;
  stroke: var(--ink);
  stroke-width: 5;
}
.wire.thin {
  stroke-width: 1.5;
  stroke-dasharray: 4 4;
}
.wire.white,
.wire.gray {
  stroke: var(--panel-2);
  filter: drop-shadow(0 0 1px var(--ink)) drop-shadow(0 0 1px var(--ink));
}
.wire.red {
  stroke: #a8322a;
}
.wire.yellow {
  stroke: #c59a17;
}
.wire.blue {
  stroke: #2b5f9e;
}
.wire.brown,
.wire.orange {
  stroke: #8a5a2b;
}
.wire.green,
.wire.bare {
  stroke: #3c7a3c;
}
.pole {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
.screw {
  fill: var(--panel);
  stroke: var(--ink);
  stroke-width: 2;
}
.id {
  text-anchor: middle;
  font-weight: 700;
  font-size: 15px;
  fill: var(--ink);
}
.end {
  font-size: 14px;
  fill: var(--ink);
}
.end.end-right {
  text-anchor: end;
}
.wrong {
  border-left: 4px solid var(--danger);
  padding-left: 10px;
  margin: 0;
}
.right,
.say {
  margin: 0;
  font-size: var(--size-small);
}
@media (max-width: 760px) {
  .terminals {
    display: block;
    flex: 0 0 auto;
  }
  .head {
    display: block;
    font-size: var(--size-small);
  }
  .head span {
    display: block;
  }
  .seen.two {
    display: block;
  }
  svg {
    display: block;
    height: auto;
    margin: 6px 0;
  }
}
</style>
