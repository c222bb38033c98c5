<script setup lang="ts">
/** One part: what it is, how many there are, and what can be done with them; each thing done is a line. */
import type { ShelfPart } from '#contracts'
import type { LedgerDraft } from '#core/ledger'
import { isPartType, PART_TYPES, ATTRIBUTES } from '#core/parts'
import { isAttribute, sayAttribute, sayMoney } from '~/composables/partWords'
import { sayDay } from '~/composables/useClock'
import { usePractice } from '~/stores/practice'

const props = defineProps<{ part: ShelfPart }>()
const emit = defineEmits<{ write: [draft: LedgerDraft], edit: [] }>()
const practice = usePractice()
const place = ref<'van' | 'shop'>('van')
const count = ref(1)
watch(() => props.part.part, () => {
  count.value = 1
})
const attributes = computed(() => Object.entries(props.part.attributes ?? {}).flatMap(([id, v]) =>
  (isAttribute(id) ? [{ label: ATTRIBUTES[id].label, value: sayAttribute(id, v, practice.units) }] : [])))
const typeName = computed(() => (isPartType(props.part.type) ? PART_TYPES[props.part.type].name : props.part.type))
const some = computed(() => Math.max(1, Math.floor(count.value || 1)))
const move = (doing: 'ordered' | 'brought' | 'loaded' | 'returned' | 'used') => emit('write', {
  kind: 'moved', part: props.part.part, do: doing, count: some.value,
  ...(doing === 'brought' || doing === 'returned' || doing === 'used' ? { place: place.value } : {}),
})
const counted = computed(() => {
  const at = props.part.stock.counted[place.value]
  return at ? `counted ${sayDay(at)}` : 'never counted'
})
</script>

<template>
  <section class="panel card" :aria-label="part.name">
    <header class="headed">
      <div>
        <h2>{{ part.name }}</h2>
        <p class="soft">{{ [typeName, part.number, part.maker].filter(Boolean).join(' · ') }}</p>
      </div>
      <button class="press" @click="emit('edit')">Change</button>
    </header>
    <dl class="figures">
      <div><dt>van</dt><dd class="figure">{{ part.stock.van }}</dd></div>
      <div><dt>shop</dt><dd class="figure">{{ part.stock.shop }}</dd></div>
      <div><dt>on order</dt><dd class="figure">{{ part.stock.onOrder }}</dd></div>
      <div v-if="part.price !== undefined"><dt>price</dt><dd class="figure">{{ sayMoney(part.price) }}</dd></div>
      <div v-if="part.minutes"><dt>to fit</dt><dd class="figure">{{ part.minutes }}<small>min</small></dd></div>
      <div v-if="part.life"><dt>lasts</dt><dd class="figure">{{ part.life }}<small>years</small></dd></div>
    </dl>
    <form class="do" @submit.prevent>
      <label class="field"><span>How many</span><input v-model.number="count" type="number" min="0" max="9999"></label>
      <span class="where" role="radiogroup" aria-label="Where">
        <button
          v-for="p in (['van', 'shop'] as const)" :key="p" type="button" role="radio" class="pick"
          :aria-checked="place === p" @click="place = p"
        >{{ p }}</button>
      </span>
      <button
        type="button" class="press main"
        @click="emit('write', { kind: 'counted', part: part.part, place, count: Math.max(0, Math.floor(count || 0)) })"
      >Set the count</button>
      <p class="soft">{{ counted }}</p>
      <div class="acts">
        <button type="button" class="press" @click="move('loaded')">Shop to van</button>
        <button type="button" class="press" @click="move('brought')">Brought in</button>
        <button type="button" class="press" @click="move('ordered')">Ordered</button>
        <button type="button" class="press" @click="move('used')">Used</button>
        <button type="button" class="press" @click="move('returned')">Sent back</button>
      </div>
    </form>
    <AskDesk v-if="part.number" :key="part.part" :part="part" :count="some" @write="emit('write', $event)" />
    <dl v-if="attributes.length" class="attributes">
      <div v-for="a in attributes" :key="a.label"><dt>{{ a.label }}</dt><dd>{{ a.value }}</dd></div>
    </dl>
    <p v-else class="soft">No attribute is on record: whether it fits is not known.</p>
  </section>
</template>

<style scoped>
.card { padding: 14px 16px; display: grid; gap: 14px; }
.figures { display: flex; flex-wrap: wrap; gap: 6px 22px; margin: 0; }
dt { font-size: var(--size-small); color: var(--soft); }
dd { margin: 0; }
.do { display: grid; grid-template-columns: 88px auto 1fr; gap: 8px; align-items: end; }
.do .acts, .do > p { grid-column: 1 / -1; }
.do .main { justify-self: start; }
.where { display: flex; }
.pick {
  min-height: 44px;
  padding: 0 14px;
  border: 1.5px solid var(--brass);
  background: transparent;
  color: var(--brass);
  cursor: pointer;
}
.pick[aria-checked='true'] {
  background: var(--brass);
  color: var(--on-brass);
  font-weight: 700;
}
.attributes { margin: 0; display: grid; gap: 2px; }
.attributes div {
  display: grid;
  grid-template-columns: 1fr auto;
  border-bottom: 1px dashed var(--rule);
  padding: 4px 0;
}
.attributes dt { font-size: var(--size-note); }
.attributes dd { font-weight: 600; }
@media (max-width: 760px) {
  .do .main {
    grid-column: 1 / -1;
  }
}
</style>
