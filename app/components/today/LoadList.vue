<script setup lang="ts">
/** What to have on the van before leaving: ticked there, each tick a line. */
import type { ToLoad } from '#contracts'

defineProps<{ load: readonly ToLoad[], ticked: ReadonlySet<string> }>()
const emit = defineEmits<{ tick: [what: string, done: boolean] }>()
/** where it is, and what is to be done where it is nowhere */
function standing({ part, stock, wanted }: ToLoad): { readonly text: string, readonly lacks: boolean } {
  if (!part || !stock) return { text: '', lacks: false }
  if (stock.van >= wanted) return { text: 'on the van', lacks: false }
  if (stock.shop > 0) return { text: `${stock.shop} in the shop`, lacks: false }
  return stock.onOrder > 0
    ? { text: `${stock.onOrder} on order`, lacks: true }
    : { text: 'none on the shelf', lacks: true }
}
</script>

<template>
  <section class="panel box" aria-labelledby="load-title">
    <h2 id="load-title" class="caps">On the van before you leave</h2>
    <ul v-if="load.length" class="list">
      <li v-for="l in load" :key="l.what">
        <label>
          <input
            type="checkbox"
            :checked="ticked.has(l.what)"
            @change="emit('tick', l.what, ($event.target as HTMLInputElement).checked)"
          >
          <span class="text">{{ l.text }}
            <small class="soft">{{ l.tab ? `for ${l.siteName}` : 'the van is short' }}</small>
            <small v-if="standing(l).text" :class="standing(l).lacks ? 'lacks' : 'soft'">{{
              standing(l).lacks ? '▲ ' : '' }}{{ standing(l).text }}<template v-if="standing(l).lacks && l.part"> ·
                <NuxtLink :to="`/shelf?part=${l.part}`">order it</NuxtLink></template></small></span>
          <b class="count">{{ l.wanted }}</b>
        </label>
      </li>
    </ul>
    <p v-else class="soft none">Nothing is asked for: no call waits for a part, and the van has what it should.</p>
  </section>
</template>

<style scoped>
.box { padding: 12px 14px 6px; }
.list { list-style: none; margin: 6px 0 0; padding: 0; }
.list label {
  display: grid;
  grid-template-columns: 28px 1fr auto;
  gap: 6px;
  align-items: start;
  min-height: 44px;
  padding: 9px 0;
  border-bottom: 1px dashed var(--rule);
  cursor: pointer;
}
.list li:last-child label { border-bottom: 0; }
input { width: 20px; height: 20px; margin: 1px 0 0; accent-color: var(--ink); }
small { display: block; font-size: var(--size-small); }
.lacks { color: var(--danger); font-weight: 700; }
.none { padding: 8px 0; font-size: var(--size-note); }
</style>
