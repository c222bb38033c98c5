<script setup lang="ts">
/** The loop: power along the top, water back along the bottom, with every test point's last reading on its flag. */
import type { ComponentStanding } from '#core/isolation'
import type { SystemKind } from '#core/systems'
import { layOutPath, POWER_Y, stackLabels, WATER_Y, WIDTH, type Flag, type Placed } from './layout'
import PathGlyph from './PathGlyph.vue'

export interface FlagReading { readonly digits: string, readonly unit: string, readonly off: boolean }

const props = defineProps<{
  kind: SystemKind<never>
  standings: readonly ComponentStanding[]
  readings: ReadonlyMap<string, FlagReading>
  notes: Readonly<Record<string, string>>
  positions: { readonly breakerOpen: boolean, readonly switchOpen: boolean, readonly startOpen: boolean, readonly tripped: boolean, readonly fill: number, readonly needle: number }
  next?: string | undefined
  picked?: string | undefined
  lane?: 'both' | 'power' | 'water'
}>()
const emit = defineEmits<{ pick: [point: string] }>()

const layout = computed(() => layOutPath(props.kind))
const standing = (component: string) => props.standings.find(s => s.component === component)
const view = computed(() => props.lane === 'power' ? `0 0 ${WIDTH} 190` : props.lane === 'water' ? `0 160 ${WIDTH} 144` : `0 0 ${layout.value.width} ${layout.value.height}`)

const STATE_WORDS = { proven: 'proven', unproven: '', suspect: 'suspect', condemned: 'condemned' } as const
function word(p: Placed) {
  const s = standing(p.component.id)
  if (!s || s.standing === 'unproven') return ''
  return s.standing === 'suspect' ? `suspect ${Math.max(1, Math.round(s.weight * 100))}` : STATE_WORDS[s.standing]
}

const wideness = (f: Flag) => {
  const r = props.readings.get(f.point.id)
  return r ? 22 + (r.digits.length * 8.4 + r.unit.length * 6.6) : f.point.id === props.next ? 62 : 0
}
const labels = computed(() => {
  const place = (lane: 'power' | 'water', levels: number) => {
    const shown = layout.value.flags.filter(f => f.lane === lane && inLane(f) && wideness(f) > 0).toSorted((a, b) => a.at[0] - b.at[0])
    // a tank's flag stands beside it: above it the switch has its words
    const aside = (f: Flag) => f.point.id === 'valve' ? 62 : 0
    const stacked = stackLabels(shown.map(f => ({ x: f.at[0] + aside(f), width: wideness(f) })), 4, WIDTH - 4, levels)
    return shown.map((flag, i) => ({ flag, ...stacked[i]!, y: lane === 'power' ? 52 - stacked[i]!.level * 30 : WATER_Y - (aside(flag) ? 34 : 62), reading: props.readings.get(flag.point.id) }))
  }
  return [...place('power', 2), ...place('water', 1)]
})
const bare = computed(() => layout.value.flags.filter(f => wideness(f) === 0 && inLane(f)))
const glyphState = (p: Placed) => ({
  open: p.component.id === 'breaker' ? props.positions.breakerOpen : p.component.id === 'switch' ? props.positions.switchOpen : false,
  startOpen: props.positions.startOpen, tripped: props.positions.tripped, fill: props.positions.fill, needle: props.positions.needle,
})
/** One lane at a time on a narrow screen. */
const placed = computed(() => [...(props.lane === 'water' ? [] : layout.value.power), ...(props.lane === 'power' ? [] : layout.value.water)])
const inLane = (f: Flag) => !props.lane || props.lane === 'both' || f.lane === props.lane
const waterRun = computed(() => props.lane === 'power' ? [] : layout.value.water.map(w => w.x))
const LABEL_DROP: Partial<Record<string, number>> = { 'motor': -46, 'control-box': 62, 'tank': 18, 'gauge': 18, 'house': 37, 'pump': 34, 'drop-pipe': 29, 'check-valve': 29 }
const labelY = (p: Placed) => p.y + (LABEL_DROP[p.component.glyph] ?? p.height / 2 + 15)
const under = (p: Placed) => [word(p), props.notes[p.component.id]].filter(Boolean).join(' · ')
const title = (f: Flag) => {
  const r = props.readings.get(f.point.id)
  if (!r) return f.point.id === props.next ? `${f.point.number} next: ${f.point.name}` : `${f.point.number} ${f.point.name}`
  return `${f.point.number} ${f.point.name}: ${r.digits} ${r.unit}`
}
</script>

<template>
  <svg class="path" :viewBox="view" role="group" :aria-label="`Path of the system: ${kind.name}`">
    <defs>
      <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0 V7" stroke="var(--ink)" stroke-width="1.2" /></pattern>
    </defs>
    <path
      v-for="(x, i) in waterRun.slice(0, -1)"
      :key="`w${i}`"
      :d="`M${x} ${WATER_Y} H${waterRun[i + 1]}`"
      class="pipe"
      :class="standing(layout.water[i + 1]!.component.id)?.standing"
    />
    <path
      :d="`M${layout.port[0]} ${layout.port[1]} V${layout.port[2]}`"
      class="pipe port"
      :class="standing('switch')?.standing === 'proven' ? 'proven' : ''"
    />
    <circle :cx="layout.port[0]" :cy="WATER_Y" r="5" class="joint" />
    <path :d="`M${layout.shaft[0]} ${layout.shaft[1]} V${layout.shaft[2]}`" class="shaft" />
    <template v-for="(wire, i) in lane === 'water' ? [] : layout.wires" :key="`c${i}`">
      <path :d="`M${wire.from[0]} ${wire.from[1]} L${wire.to[0]} ${wire.to[1]}`" class="wire" :class="standing(wire.conductor)?.standing" />
      <path
        v-if="standing(wire.conductor)?.standing === 'condemned'"
        :d="`M${(wire.from[0] + wire.to[0]) / 2 - 5} ${wire.from[1] - 5} l10 10 m0 -10 l-10 10`"
        class="struck"
      />
      <text v-if="wire.name && i < layout.wires.length - 3" :x="wire.from[0] + 4" :y="wire.from[1] - 4" class="wire-name">{{ wire.name }}</text>
    </template>
    <g v-for="p in placed" :key="p.component.id" :transform="`translate(${p.x} ${p.y})`">
      <PathGlyph :glyph="p.component.glyph" :width="p.width" :height="p.height" v-bind="glyphState(p)" />
      <template v-if="standing(p.component.id)?.standing === 'suspect'">
        <circle v-if="p.component.glyph === 'motor'" r="37" fill="url(#hatch)" :opacity="0.12 + 0.4 * standing(p.component.id)!.weight" />
        <rect
          v-else-if="p.component.glyph !== 'supply'"
          :x="-p.width / 2 + 1"
          :y="(p.component.glyph === 'tank' ? -54 : -p.height / 2) + 1"
          :width="p.width - 2"
          :height="(p.component.glyph === 'tank' ? 48 : p.height) - 2"
          fill="url(#hatch)"
          :opacity="0.12 + 0.4 * standing(p.component.id)!.weight"
        />
      </template>
      <path
        v-if="standing(p.component.id)?.standing === 'condemned'"
        :d="`M${-p.width / 2 - 5} ${p.height / 2 + 5} L${p.width / 2 + 5} ${-p.height / 2 - 5}`"
        class="condemn"
      />
    </g>
    <g
      v-for="p in placed"
      :key="`t${p.component.id}`"
      class="names"
      :transform="p.component.glyph === 'pressure-switch' ? `translate(${p.x + 8} ${POWER_Y + 43})` : `translate(${p.x} ${labelY(p)})`"
      :text-anchor="p.component.glyph === 'pressure-switch' ? 'start' : 'middle'"
    >
      <text v-if="p.component.glyph !== 'supply'" class="name">{{ p.component.name }}</text>
      <text v-if="p.component.glyph !== 'supply' && under(p)" :y="p.component.glyph === 'motor' ? -14 : 14" class="note">{{ under(p) }}</text>
    </g>
    <g
      v-for="f in bare"
      :key="f.point.id"
      class="dot"
      tabindex="0"
      role="button"
      :aria-label="title(f)"
      @click="emit('pick', f.point.id)"
      @keydown.enter="emit('pick', f.point.id)"
    >
      <circle :cx="f.at[0]" :cy="f.at[1]" r="15" class="hit" />
      <circle :cx="f.at[0]" :cy="f.at[1]" r="7.5" class="pin" :class="{ picked: f.point.id === picked }" />
      <text :x="f.at[0]" :y="f.at[1] + 3.4" text-anchor="middle" class="pin-number">{{ f.point.number }}</text>
    </g>
    <g
      v-for="l in labels"
      :key="l.flag.point.id"
      class="flag"
      :class="{ next: l.flag.point.id === next, picked: l.flag.point.id === picked, off: l.reading?.off }"
      tabindex="0"
      role="button"
      :aria-label="title(l.flag)"
      @click="emit('pick', l.flag.point.id)"
      @keydown.enter="emit('pick', l.flag.point.id)"
    >
      <path :d="`M${l.flag.at[0]} ${l.flag.at[1]} L${l.x} ${l.y + 11}`" class="leader" />
      <circle :cx="l.flag.at[0]" :cy="l.flag.at[1]" r="4" class="probe" />
      <rect :x="l.x - l.width / 2" :y="l.y - 12" :width="l.width" height="24" rx="3" class="label" />
      <text :x="l.x" :y="l.y + 5.5" text-anchor="middle" class="value"><template v-if="l.reading">{{ l.reading.digits }} <tspan class="unit">{{ l.reading.unit }}</tspan></template><template v-else>{{ l.flag.point.number }} next</template></text>
    </g>
  </svg>
</template>

<style scoped>
.path { display: block; width: 100%; height: 100%; user-select: none; }
text { fill: var(--ink); font-family: var(--face); font-size: 12px; }
.name { font-weight: 700; }
.note { font-weight: 400; fill: var(--soft); font-size: 11.5px; }
.wire-name { font-size: 10.5px; fill: var(--soft); }
.wire { stroke: var(--copper); stroke-width: 3; fill: none; stroke-dasharray: 1 5.5; stroke-linecap: round; }
.wire.proven { stroke-dasharray: none; }
.wire.suspect { stroke-dasharray: 9 5; stroke-linecap: butt; stroke-width: 4; }
.wire.condemned { stroke-dasharray: none; opacity: 0.7; }
.pipe { stroke: var(--water); stroke-width: 6; fill: none; stroke-dasharray: 3.5 5; }
.pipe.proven { stroke-dasharray: none; }
.pipe.suspect { stroke-dasharray: 12 5; }
.port { stroke-width: 3.5; }
.joint { fill: var(--water); }
.shaft { stroke: var(--ink); stroke-width: 3; stroke-dasharray: 6 3; }
.struck, .condemn { stroke: var(--ink); stroke-width: 3; stroke-linecap: round; fill: none; }
.dot, .flag { cursor: pointer; }
.hit { fill: transparent; }
.pin { fill: var(--panel); stroke: var(--brass); stroke-width: 1.4; }
.pin-number { font-size: 9.5px; font-weight: 700; fill: var(--brass); }
.dot:hover .pin, .pin.picked { fill: var(--brass); }
.dot:hover .pin-number, .pin.picked + .pin-number { fill: var(--on-brass); }
.leader { stroke: var(--ink); stroke-width: 1; }
.probe { fill: var(--panel); stroke: var(--ink); stroke-width: 1.4; }
.label { fill: var(--panel); stroke: var(--ink); stroke-width: 1.2; }
.value { font-size: 16px; font-weight: 700; }
.unit { font-size: 11px; font-weight: 400; }
.flag:hover .label { fill: var(--brass-ground); }
.flag.picked .label { stroke: var(--brass); stroke-width: 2.4; }
.flag.off .label { stroke-width: 2.6; }
.flag.next .label { fill: var(--brass); stroke: var(--brass); }
.flag.next .value { fill: var(--on-brass); font-size: 13px; }
.flag:focus-visible, .dot:focus-visible { outline: none; }
.flag:focus-visible .label { stroke: var(--brass); stroke-width: 3.5; }
.dot:focus-visible .pin { stroke-width: 4; }
</style>
