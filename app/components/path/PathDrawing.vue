<script setup lang="ts">
/** The loop: power along the top, water back along the bottom, with every test point's last reading on its flag. */
import type { ComponentStanding } from '#core/isolation'
import type { SystemOutline } from '#core/systems'
import { labelWidth, placeLabels, type FlagReading } from './flags'
import { layOutPath, USUAL_Y } from './layout'
import { wrapped } from './names'
import { LINE, WIDTH, type DrawnLane, type Flag, type Name, type Placed } from './placed'
import PathGlyph from './PathGlyph.vue'

const props = defineProps<{
  kind: SystemOutline
  standings: readonly ComponentStanding[]
  readings: ReadonlyMap<string, FlagReading>
  notes: Readonly<Record<string, string>>
  positions: {
    /** components whose contacts stand open */ readonly open: ReadonlySet<string>
    readonly startOpen: boolean
    readonly tripped: boolean
    readonly fill: number
    readonly needle: number
  }
  next?: string | undefined
  picked?: string | undefined
  lane?: 'both' | 'power' | 'flow'
}>()
const emit = defineEmits<{ pick: [point: string] }>()

const layout = computed(() => layOutPath(props.kind))
const standing = (component: string) => props.standings.find(s => s.component === component)
/** Where the highest thing of it begins: a conductor that runs above, a flag, or the words over a motor. */
const top = computed(() => {
  const { powerY, placed } = layout.value
  if (placed[0]!.y > USUAL_Y) return 0
  return Math.max(0, Math.min(powerY - OVER_MOTOR, ...labels.value.map(l => l.y - 14)))
})
const box = (from: number, to: number) => `0 ${from} ${WIDTH} ${to - from}`
const view = computed(() => {
  const { flowY, placed, powerY } = layout.value
  const pilot = placed.some(p => p.lane === 'pilot')
  const shown = new Set(placed.filter(p => p.lane === 'power').map(p => p.component.id))
  if (props.lane === 'power')
    return box(top.value, pilot ? flowY - 74 : Math.max(powerY + 82, ...lowest(n => shown.has(n.component))))
  return props.lane === 'flow' ? box(flowY - 80, bottom.value) : box(top.value, bottom.value)
})
/** Where the lowest thing of it ends: what stands under a name may take two lines. */
const bottom = computed(() => Math.max(layout.value.height, ...lowest(() => true)))
const lowest = (isOf: (n: Name) => boolean) =>
  layout.value.names.filter(n => !n.above && isOf(n))
    .map(n => n.y + LINE * (n.lines.length + under(n).length - 1) + DESCENT)

const STATE_WORDS = { proven: 'proven', unproven: '', suspect: 'suspect', condemned: 'condemned' } as const
function word(p: Placed) {
  const s = standing(p.component.id)
  if (!s || s.standing === 'unproven') return ''
  return s.standing === 'suspect' ? `suspect ${Math.max(1, Math.round(s.weight * 100))}` : STATE_WORDS[s.standing]
}

const widthOf = (f: Flag) => labelWidth(props.readings.get(f.point.id), f.point.id === props.next)
const labels = computed(() => placeLabels(layout.value, f => inLane(f.lane), widthOf, props.readings, under))
const bare = computed(() => layout.value.flags.filter(f => widthOf(f) === 0 && inLane(f.lane)))
const glyphState = (p: Placed) => ({
  open: props.positions.open.has(p.component.id),
  startOpen: props.positions.startOpen,
  tripped: props.positions.tripped,
  fill: props.positions.fill,
  needle: props.positions.needle,
})
const poles = (p: Placed) =>
  props.kind.drawing.stretches.find(s => s.from === p.component.id && s.route !== 'pilot' && s.route !== 'over')
    ?.wires
    ?? props.kind.drawing.stretches.find(s => s.to === p.component.id && s.route !== 'pilot')?.wires
    ?? 2
/** One lane at a time on a narrow screen; the pilot circuit goes with the power. */
const inLane = (lane: DrawnLane) =>
  !props.lane || props.lane === 'both' || (props.lane === 'flow') === (lane === 'flow')
const placed = computed(() => layout.value.placed.filter(p => inLane(p.lane)))
const names = computed(() =>
  layout.value.names.filter(n => placed.value.some(p => p.component.id === n.component)),
)
const pipes = computed(() => {
  if (props.lane === 'power') return []
  const run = layout.value.placed.filter(p => p.lane === 'flow')
  return run.slice(1).map((p, i) => ({ from: run[i]!.x, to: p.x, standing: standing(p.component.id)?.standing }))
})
/** What letters reach below their line. */
const DESCENT = 6
/** The name of a motor and two lines of note. */
const OVER_MOTOR = 86
/** Its state and its note, on a line each where both would run across a shaft. */
const under = (n: Name) => {
  const said = [
    word(layout.value.placed.find(x => x.component.id === n.component)!),
    props.notes[n.component],
  ].filter(Boolean)
  return wrapped(said.join(' · '), n.room)
}
const title = (f: Flag) => {
  const r = props.readings.get(f.point.id)
  if (!r)
    return f.point.id === props.next
      ? `${f.point.number} next: ${f.point.name}`
      : `${f.point.number} ${f.point.name}`
  return `${f.point.number} ${f.point.name}: ${r.digits} ${r.unit}`
}
</script>

<template>
  <svg class="path" :viewBox="view" role="group" :aria-label="`Path of the system: ${kind.name}`">
    <defs>
      <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0 V7" stroke="var(--ink)" stroke-width="1.2" />
      </pattern>
    </defs>
    <g :class="kind.medium">
      <template v-for="(pipe, i) in pipes" :key="`w${i}`">
        <path :d="`M${pipe.from} ${layout.flowY} H${pipe.to}`" class="pipe" :class="pipe.standing" />
        <path v-if="kind.medium === 'air'" :d="`M${pipe.from} ${layout.flowY} H${pipe.to}`" class="bore" />
      </template>
      <template v-for="(port, i) in layout.ports" :key="`p${i}`">
        <path
          :d="`M${port.x} ${port.from} V${port.to}`"
          class="pipe port"
          :class="standing(port.ends[1])?.standing === 'proven' ? 'proven' : ''"
        />
        <circle v-if="lane !== 'power'" :cx="port.x" :cy="port.to" r="5" class="joint" />
      </template>
    </g>
    <path
      v-for="(shaft, i) in layout.shafts"
      :key="`s${i}`"
      :d="`M${shaft.x} ${shaft.from} V${shaft.to}`"
      class="shaft"
    />
    <template v-for="(wire, i) in lane === 'flow' ? [] : layout.wires" :key="`c${i}`">
      <path :d="wire.path" class="wire" :class="[standing(wire.conductor)?.standing, { pilot: wire.pilot }]" />
      <path
        v-if="standing(wire.conductor)?.standing === 'condemned'"
        :d="`M${wire.mid[0] - 5} ${wire.mid[1] - 5} l10 10 m0 -10 l-10 10`"
        class="struck"
      />
      <text v-if="wire.name" :x="wire.name.x" :y="wire.name.y" class="wire-name">{{ wire.name.text }}</text>
    </template>
    <g v-for="p in placed" :key="p.component.id" :transform="`translate(${p.x} ${p.y})`">
      <PathGlyph
        :glyph="p.component.glyph"
        :width="p.width"
        :height="p.height"
        :medium="kind.medium"
        :poles="poles(p)"
        v-bind="glyphState(p)"
      />
      <template v-if="standing(p.component.id)?.standing === 'suspect'">
        <circle
          v-if="p.component.glyph === 'motor'"
          r="37"
          fill="url(#hatch)"
          :opacity="0.12 + 0.4 * standing(p.component.id)!.weight"
        />
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
      v-for="n in names"
      :key="`t${n.component}`"
      class="names"
      :transform="`translate(${n.x} ${n.y})`"
      :text-anchor="n.anchor"
    >
      <text v-for="(line, i) in n.lines" :key="i" :y="(n.above ? i - n.lines.length + 1 : i) * LINE" class="name">
        {{ line }}
      </text>
      <text
        v-for="(line, i) in under(n)"
        :key="`u${i}`"
        :y="n.above ? -LINE * (n.lines.length + under(n).length - 1 - i) : LINE * (n.lines.length + i)"
        class="note"
      >
        {{ line }}
      </text>
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
      <circle :cx="f.at[0]" :cy="f.at[1]" r="16" class="hit" />
      <circle :cx="f.at[0]" :cy="f.at[1]" r="9.6" class="pin" :class="{ picked: f.point.id === picked }" />
      <text :x="f.at[0]" :y="f.at[1] + 4.6" text-anchor="middle" class="pin-number">{{ f.point.number }}</text>
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
      <path :d="`M${l.flag.at[0]} ${l.flag.at[1]} L${l.x} ${l.y + 10}`" class="leader" />
      <circle :cx="l.flag.at[0]" :cy="l.flag.at[1]" r="4" class="probe" />
      <rect :x="l.x - l.width / 2" :y="l.y - 11" :width="l.width" height="22" rx="3" class="label" />
      <text :x="l.x" :y="l.y + 5" text-anchor="middle" class="value">
        <template v-if="l.reading">
          {{ l.reading.digits }}
          <tspan class="unit">{{ l.reading.unit }}</tspan>
        </template>
        <template v-else>{{ l.flag.point.number }} next</template>
      </text>
    </g>
  </svg>
</template>

<style scoped>
.path {
  display: block;
  width: 100%;
  height: 100%;
  user-select: none;
}
text {
  fill: var(--ink);
  font-family: var(--face);
  font-size: var(--size-drawn);
}
.name {
  font-weight: 700;
}
.note {
  font-weight: 400;
  fill: var(--soft);
}
.wire-name {
  fill: var(--soft);
  text-anchor: end;
}
.wire {
  stroke: var(--copper);
  stroke-width: 3;
  fill: none;
  stroke-dasharray: 1 5.5;
  stroke-linecap: round;
}
.wire.proven {
  stroke-dasharray: none;
}
.wire.suspect {
  stroke-dasharray: 9 5;
  stroke-linecap: butt;
  stroke-width: 4;
}
.wire.condemned {
  stroke-dasharray: none;
  opacity: 0.7;
}
.pipe {
  stroke: var(--water);
  stroke-width: 6;
  fill: none;
  stroke-dasharray: 3.5 5;
}
.pipe.proven {
  stroke-dasharray: none;
}
.pipe.suspect {
  stroke-dasharray: 12 5;
}
.air .pipe {
  stroke: var(--water);
  stroke-width: 7;
}
.bore {
  stroke: var(--panel);
  stroke-width: 3.2;
  fill: none;
}
.pipe.port,
.air .pipe.port {
  stroke-width: 3.5;
}
.wire.pilot {
  stroke-width: 1.8;
}
.joint {
  fill: var(--water);
}
.shaft {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 6 3;
}
.struck,
.condemn {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-linecap: round;
  fill: none;
}
.dot,
.flag {
  cursor: pointer;
}
.hit {
  fill: transparent;
}
.pin {
  fill: var(--panel);
  stroke: var(--brass);
  stroke-width: 1.4;
}
.pin-number {
  font-weight: 700;
  fill: var(--brass);
}
.dot:hover .pin,
.pin.picked {
  fill: var(--brass);
}
.dot:hover .pin-number,
.pin.picked + .pin-number {
  fill: var(--on-brass);
}
.leader {
  stroke: var(--ink);
  stroke-width: 1;
}
.probe {
  fill: var(--panel);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.label {
  fill: var(--panel);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.value {
  font-size: var(--size-text);
  font-weight: 700;
}
.unit {
  font-size: var(--size-drawn);
  font-weight: 400;
}
.flag:hover .label {
  fill: var(--brass-ground);
}
.flag.picked .label {
  stroke: var(--brass);
  stroke-width: 2.4;
}
.flag.off .label {
  stroke-width: 2.6;
}
.flag.next .label {
  fill: var(--brass);
  stroke: var(--brass);
}
.flag.next .value {
  fill: var(--on-brass);
  font-size: var(--size-drawn);
}
.flag:focus-visible,
.dot:focus-visible {
  outline: none;
}
.flag:focus-visible .label {
  stroke: var(--brass);
  stroke-width: 3.5;
}
.dot:focus-visible .pin {
  stroke-width: 4;
}
</style>
