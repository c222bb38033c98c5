<script setup lang="ts">
/** A part as the shop lists it: new, or changed. What cannot be read is said beside its field, and nothing is lost. */
import { v7 as uuid } from 'uuid'
import type { ShelfPart } from '#contracts'
import type { LedgerDraft } from '#core/ledger'
import { ATTRIBUTES, isPartType, PART_TYPE_IDS, PART_TYPES, rulesOf, type AttributeId } from '#core/parts'
import { sayProblem } from '#core/words'
import { attributeChoices, readAttribute, sayAttribute } from '~/composables/partWords'
import { usePractice } from '~/stores/practice'

const props = defineProps<{ part?: ShelfPart | undefined }>()
const emit = defineEmits<{ write: [draft: LedgerDraft], close: [] }>()
const { units } = usePractice()
const type = ref(props.part?.type ?? 'pressure-switch')
const text = reactive({
  name: props.part?.name ?? '', number: props.part?.number ?? '', maker: props.part?.maker ?? '',
})
const asked = (n: number | undefined) => (n === undefined ? '' : String(n))
const figures = reactive({
  price: asked(props.part?.price), minutes: asked(props.part?.minutes), life: asked(props.part?.life),
  van: asked(props.part?.least?.van), shop: asked(props.part?.least?.shop),
})
const FIGURES = [
  ['price', 'Price'], ['minutes', 'Minutes to fit'], ['life', 'Years it lasts'], ['van', 'Least on the van'],
  ['shop', 'Least in the shop'],
] as const
const rules = computed(() => (isPartType(type.value) ? rulesOf(type.value).map(([id]) => id) : []))
const written = reactive<Partial<Record<AttributeId, string>>>(Object.fromEntries(
  Object.entries(props.part?.attributes ?? {}).map(([id, v]) => [id, sayAttribute(id as AttributeId, v, units)]),
))
const tried = ref(false)
const troubles = computed(() => {
  const out: Record<string, string> = {}
  for (const id of rules.value) {
    const read = written[id]?.trim() ? readAttribute(id, written[id]!, units) : undefined
    if (read && !read.ok) out[id] = sayProblem(read.problem)
  }
  for (const [id, label] of FIGURES) {
    const n = Number(figures[id] || 0)
    if (!(n >= 0)) out[id] = `${label}: a number is wanted.`
  }
  if (!text.name.trim()) out.name = 'Say what it is called.'
  return out
})
const figureOf = (id: keyof typeof figures) => (figures[id].trim() ? { [id]: Number(figures[id]) } : {})
function save(gone = false) {
  tried.value = true
  if (Object.keys(troubles.value).length > 0 && !gone) return
  const attributes = Object.fromEntries(rules.value.flatMap((id) => {
    const read = written[id]?.trim() ? readAttribute(id, written[id]!, units) : undefined
    return read?.ok ? [[id, read.value]] : []
  }))
  const whole = (n: string) => Math.floor(Number(n))
  emit('write', {
    kind: 'listed',
    part: props.part?.part ?? uuid(),
    type: type.value,
    name: text.name.trim(),
    number: text.number.trim(),
    ...(text.maker.trim() ? { maker: text.maker.trim() } : {}),
    ...(Object.keys(attributes).length > 0 ? { attributes } : {}),
    ...figureOf('price'), ...figureOf('minutes'), ...figureOf('life'),
    least: {
      ...(figures.van ? { van: whole(figures.van) } : {}), ...(figures.shop ? { shop: whole(figures.shop) } : {}),
    },
    ...(gone ? { gone: true } : {}),
  })
  emit('close')
}
</script>

<template>
  <form class="panel card" aria-label="A part of the shelf" @submit.prevent="save()">
    <h2>{{ part ? 'Change this part' : 'A new part' }}</h2>
    <label class="field"><span>Kind</span>
      <select v-model="type">
        <option v-for="id in PART_TYPE_IDS" :key="id" :value="id">{{ PART_TYPES[id].name }}</option>
      </select>
    </label>
    <label class="field"><span>What it is called</span><input v-model="text.name" autocomplete="off"></label>
    <p v-if="tried && troubles.name" class="trouble">{{ troubles.name }}</p>
    <div class="pair">
      <label class="field"><span>Number</span><input v-model="text.number" autocomplete="off"></label>
      <label class="field"><span>Maker’s words</span><input v-model="text.maker" autocomplete="off"></label>
    </div>
    <div class="pair">
      <label v-for="[id, label] in FIGURES" :key="id" class="field">
        <span>{{ label }}</span><input v-model="figures[id]" inputmode="decimal">
      </label>
    </div>
    <h3 v-if="rules.length" class="caps">By which it is judged to fit</h3>
    <div class="pair">
      <label v-for="id in rules" :key="id" class="field">
        <span>{{ ATTRIBUTES[id].label }}</span>
        <select v-if="attributeChoices(id)" v-model="written[id]">
          <option value="">not known</option>
          <option v-for="c in attributeChoices(id)" :key="c" :value="c">{{ c }}</option>
        </select>
        <input v-else v-model="written[id]" autocomplete="off">
        <b v-if="troubles[id]" class="wrong">{{ troubles[id] }}</b>
      </label>
    </div>
    <div class="acts">
      <button class="press main">Put it on the shelf</button>
      <button type="button" class="press plain" @click="emit('close')">Leave it</button>
      <button v-if="part" type="button" class="press danger" @click="save(true)">No longer kept</button>
    </div>
  </form>
</template>

<style scoped>
.card { padding: 14px 16px; display: grid; gap: 12px; }
.pair { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; }
.wrong { color: var(--danger); font-size: var(--size-small); }
</style>
