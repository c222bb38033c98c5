<script setup lang="ts">
/** A sheet's entries under their headings; figures as found beside as left. */
import type { SignedSheet } from '#core/tab'
import { HEADS } from '~/composables/signedSheet'
import { partsOf } from '~/composables/useDrawnSheet'

const props = defineProps<{ entries: SignedSheet['entries'] }>()
const parts = computed(() => partsOf(props.entries, HEADS))
</script>

<template>
  <section v-for="p in parts" :key="p.head">
    <h2>{{ p.head }}</h2>
    <table v-if="p.figures">
      <thead>
        <tr>
          <th>Reading</th>
          <th>Found</th>
          <th>Left</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="e in p.entries" :key="e.text">
          <td>{{ e.text }}</td>
          <td>{{ e.found }}</td>
          <td>
            <b>{{ e.left }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-else-if="p.entries.length > 1">
      <li v-for="e in p.entries" :key="e.text">{{ e.text }}</li>
    </ul>
    <p v-else>{{ p.entries[0]?.text }}</p>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
td,
th {
  text-align: left;
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--rule);
}
ul {
  margin: 4px 0;
  padding-left: 20px;
}
</style>
