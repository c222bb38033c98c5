<script setup lang="ts">
/** The shop's parts, kind by kind, with how many there are and what is short. */
import type { ShelfPart } from '#contracts'
import { isPartType, PART_TYPES } from '#core/parts'
import { sayMoney } from '~/composables/partWords'
import { shortage } from './shortage'

const props = defineProps<{ parts: readonly ShelfPart[], chosen: string }>()
const emit = defineEmits<{ choose: [part: string] }>()
const groups = computed(() => {
  const out = new Map<string, ShelfPart[]>()
  for (const p of props.parts) {
    const name = isPartType(p.type) ? PART_TYPES[p.type].name : p.type
    out.set(name, [...(out.get(name) ?? []), p])
  }
  return [...out].toSorted((a, b) => a[0].localeCompare(b[0]))
})
const least = (p: ShelfPart) => [p.least?.van ? `van ${p.least.van}` : '', p.least?.shop ? `shop ${p.least.shop}` : '']
  .filter(Boolean).join(', ')
</script>

<template>
  <table class="shelf">
    <thead>
      <tr>
        <th>Part</th><th class="n">Van</th><th class="n">Shop</th><th class="n">On order</th>
        <th class="n wide">At least</th><th class="n wide">Price</th>
      </tr>
    </thead>
    <tbody v-for="[name, own] in groups" :key="name">
      <tr class="kind"><th colspan="6" class="caps">{{ name }}</th></tr>
      <tr v-for="p in own" :key="p.part" :class="{ chosen: p.part === chosen }">
        <td>
          <button class="part" :aria-pressed="p.part === chosen" @click="emit('choose', p.part)">
            <b>{{ p.name }}</b> <span class="soft">{{ p.number }}</span>
            <span v-if="shortage(p) === 'on its way'" class="soft coming">on its way</span>
            <span v-else-if="shortage(p)" class="short">▲ {{ shortage(p) }}</span>
          </button>
        </td>
        <td class="n figure" :class="{ none: !p.stock.van }">{{ p.stock.van }}</td>
        <td class="n figure" :class="{ none: !p.stock.shop }">{{ p.stock.shop }}</td>
        <td class="n" :class="{ none: !p.stock.onOrder }">{{ p.stock.onOrder }}</td>
        <td class="n wide soft">{{ least(p) }}</td>
        <td class="n wide">{{ p.price === undefined ? '' : sayMoney(p.price) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.shelf { border-collapse: collapse; width: 100%; }
th {
  text-align: left;
  font-size: var(--size-small);
  font-weight: 600;
  padding: 8px 10px;
  color: var(--soft);
}
td { padding: 0 10px; border-bottom: 1px dashed var(--rule); }
.n { text-align: right; white-space: nowrap; }
.kind th { padding: 10px 10px 2px; border-bottom: 1px solid var(--rule); }
.none { opacity: 0.45; font-weight: 400; }
.part {
  border: 0;
  background: none;
  text-align: left;
  width: 100%;
  min-height: 44px;
  padding: 6px 0;
  cursor: pointer;
}
.chosen td { background: var(--brass-ground); }
tr:hover td { background: var(--panel-2); }
.coming {
  font-size: var(--size-small);
  margin-left: 6px;
}
.short {
  color: var(--danger);
  font-weight: 700;
  font-size: var(--size-small);
  margin-left: 6px;
  white-space: nowrap;
}
@media (max-width: 760px) {
  .wide { display: none; }
  th, td { padding-left: 5px; padding-right: 5px; }
}
</style>
