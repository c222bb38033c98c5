<script setup lang="ts" generic="T extends string">
/** On a narrow screen: which of several is shown. */
defineProps<{ choices: readonly { readonly id: T, readonly label: string }[], label: string }>()
const chosen = defineModel<T>({ required: true })
</script>

<template>
  <div class="lanes" role="group" :aria-label="label">
    <button
      v-for="c in choices"
      :key="c.id"
      class="lane"
      :aria-pressed="chosen === c.id"
      @click="chosen = c.id"
    >
      {{ c.label }}
    </button>
  </div>
</template>

<style scoped>
.lanes {
  display: flex;
  gap: 6px;
}
.lane {
  flex: 1;
  min-height: var(--control);
  border: 1.5px solid var(--rule);
  background: var(--panel-2);
  border-radius: var(--round);
  cursor: pointer;
  text-transform: capitalize;
}
.lane[aria-pressed='true'] {
  background: var(--panel);
  border-color: var(--edge);
  font-weight: 700;
}
</style>
