<script setup lang="ts">
/**
 * A system's figures, as people write them: what is fitted first, since it decides what there is to ask, then only
 * what is on the nameplates at hand. Says at once which figure cannot be, and which missing one would sharpen the
 * readings most.
 */
import { computedAsync } from '@vueuse/core'
import type { KindId, NameplateField } from '#core/systems'
import type { ChosenUnit } from '#core/units'
import { sayProblem, UNIT_TITLES } from '#core/words'
import { useSystems } from '~/composables/useSystems'
import { usePractice } from '~/stores/practice'

const props = defineProps<{ kind: KindId }>()
const practice = usePractice()
const written = defineModel<Record<string, string>>({ required: true })

interface Row {
  readonly id: string
  readonly label: string
  readonly field: NameplateField
}
/** what the worker makes of what is written */
const plate = computedAsync(() => useSystems().plate(props.kind, written.value, practice.written))
const components = computed(() => plate.value?.outline.components ?? [])
const siteFields = computed(() => plate.value?.siteFields ?? [])
const rows = computed<Row[]>(() =>
  components.value.flatMap(c =>
    (c.fields ?? []).map(f => ({
      id: `${c.id}.${f.id}`,
      label: `${c.name}: ${f.label.toLowerCase()}`,
      field: f,
    })),
  ),
)
const siteRows = computed<Row[]>(() =>
  siteFields.value.map(f => ({ id: `site.${f.id}`, label: f.label, field: f })),
)
const options = computed(() => [...rows.value, ...siteRows.value].filter(r => r.field.choices))
const groups = computed(() => {
  const own = components.value.map(c => ({
    name: c.name,
    rows: (c.fields ?? [])
      .filter(f => !f.choices)
      .map(f => ({ id: `${c.id}.${f.id}`, label: f.label, field: f })),
  }))
  const place = { name: 'The place', rows: siteRows.value.filter(r => !r.field.choices) }
  return [...own, place].filter(g => g.rows.length > 0)
})
const given = (field: string) => Boolean(written.value[field]?.trim())
const trouble = computed(() => (plate.value?.problem ? sayProblem(plate.value.problem) : ''))
const assumptions = computed(() => plate.value?.assumptions ?? [])
/** what was given and cannot be, with what is used instead */
const contradictions = computed(() => assumptions.value.filter(a => given(a.field)))
const sharpens = computed(() => assumptions.value.filter(a => !given(a.field) && a.weight > 0.05).slice(0, 3))
const nameOf = (field: string) => rows.value.find(r => r.id === field)?.label ?? field
const FIXED: Partial<Record<NameplateField['quantity'], string>> = {
  'volts': 'V',
  'amps': 'A',
  'ohms': 'Ω',
  'farads': 'µF',
  'horsepower': 'hp',
  'gauge': 'AWG',
  'code-letter': 'A–V',
  'air-flow': 'cfm',
  'battery-capacity': 'Ah',
}
const CHOSEN: Partial<Record<NameplateField['quantity'], ChosenUnit>> = {
  pressure: 'pressure',
  flow: 'flow',
  length: 'length',
  altitude: 'length',
  volume: 'volume',
}
function unitOf(quantity: NameplateField['quantity']): string {
  const chosen = CHOSEN[quantity]
  if (quantity === 'bore') return practice.units.length === 'si' ? 'mm' : 'in'
  return chosen ? UNIT_TITLES[chosen][practice.units[chosen]] : (FIXED[quantity] ?? '')
}
/** Too long for half of the width. */
const isLong = (choices: readonly string[] = []) => choices.join('').length > 32
const set = (id: string, value: string) => {
  written.value = { ...written.value, [id]: value }
}
</script>

<template>
  <div class="plate-form">
    <fieldset class="options">
      <legend>What is fitted</legend>
      <div v-for="o in options" :key="o.id" class="option" :class="{ wide: isLong(o.field.choices) }">
        <span :id="`o-${o.id}`" class="soft">{{ o.label }}</span>
        <span class="set" role="radiogroup" :aria-labelledby="`o-${o.id}`">
          <button
            v-for="(c, i) in o.field.choices"
            :key="c"
            type="button"
            role="radio"
            class="pick"
            :aria-checked="written[o.id] ? written[o.id] === c : i === (o.field.usual ?? 0)"
            @click="set(o.id, c)"
          >
            {{ c }}
          </button>
        </span>
      </div>
    </fieldset>
    <div class="groups">
      <fieldset v-for="g in groups" :key="g.name" class="group">
        <legend>{{ g.name }}</legend>
        <label
          v-for="r in g.rows"
          :key="r.id"
          class="field"
          :class="{ wanted: sharpens.some(s => s.field === r.id) }"
        >
          <span>{{ r.label }}</span>
          <span class="with-unit">
            <input
              :value="written[r.id] ?? ''"
              :name="r.id"
              autocomplete="off"
              @input="set(r.id, ($event.target as HTMLInputElement).value)">
            <i>{{ unitOf(r.field.quantity) }}</i>
          </span>
          <small v-if="r.field.bears">{{ r.field.bears }}</small>
        </label>
      </fieldset>
    </div>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-for="c in contradictions" :key="c.field + c.text" class="caution" role="status">
      <b>{{ nameOf(c.field) }}:</b> {{ c.text }}.
    </p>
    <p v-if="sharpens.length" class="sharpen" role="status">
      <b>Would sharpen the readings most:</b>
      {{ sharpens.map(s => nameOf(s.field).toLowerCase()).join(', then ') }}.
    </p>
  </div>
</template>

<style scoped>
.plate-form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  font-weight: 700;
  font-size: var(--size-note);
  margin-bottom: 4px;
}
.options {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: 6px 22px;
}
.options legend {
  grid-column: 1 / -1;
}
.option {
  display: flex;
  align-items: center;
  justify-content: space-between;
  flex-wrap: wrap;
  gap: 4px 10px;
  font-size: var(--size-note);
}
.option.wide {
  grid-column: 1 / -1;
}
.set {
  display: inline-flex;
  flex-wrap: wrap;
  row-gap: 4px;
}
.pick {
  min-height: var(--control);
  padding: 0 12px;
  border: 1.5px solid var(--rule);
  background: var(--panel);
  cursor: pointer;
  margin-left: -1.5px;
  font-size: var(--size-note);
}
.pick[aria-checked='true'] {
  border-color: var(--brass);
  background: var(--brass-ground);
  font-weight: 700;
  z-index: 1;
}
.groups {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(210px, 100%), 1fr));
  gap: 14px 22px;
  align-items: start;
}
.group {
  display: grid;
  gap: 6px;
  border-top: 2px solid var(--rule);
  padding-top: 6px;
}
.with-unit {
  display: grid;
  grid-template-columns: 1fr 46px;
  align-items: center;
  gap: 6px;
}
.with-unit i {
  font-style: normal;
  color: var(--soft);
  font-size: var(--size-small);
}
.with-unit input {
  min-width: 0;
}
.wanted input {
  border-color: var(--brass);
  border-width: 2px;
}
.sharpen {
  border-left: 4px solid var(--brass);
  padding-left: 10px;
}
.caution {
  font-size: var(--size-note);
  padding: 6px 10px;
}
</style>
