<script setup lang="ts">
/** What a settled tab comes to, by the headings that are asked for: as its sheet has them. */
import type { SignedSheet } from '#core/tab'
import type { Head } from '~/composables/signedSheet'
import { partsOf } from '~/composables/useDrawnSheet'

const props = defineProps<{ entries: SignedSheet['entries'], heads: readonly Head[] }>()
const parts = computed(() => partsOf(props.entries, props.heads))
</script>

<template>
  <section v-for="p in parts" :key="p.head" class="part">
    <h3 class="caps">{{ p.head }}</h3>
    <p v-for="e in p.entries" :key="e.text" class="entry" :class="{ row: e.left !== undefined }">
      <span>{{ e.text }}</span>
      <template v-if="e.left !== undefined">
        <span class="soft">{{ e.found }}</span>
        <b class="figure">{{ e.left }}</b>
      </template>
    </p>
  </section>
</template>

<style scoped>
.part {
  display: grid;
  gap: 2px;
}
.entry {
  font-size: var(--size-note);
  line-height: 1.3;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 84px;
  gap: 10px;
  align-items: baseline;
}
.figure {
  text-align: right;
  font-size: var(--size-text);
}
</style>
