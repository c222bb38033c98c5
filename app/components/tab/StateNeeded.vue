<script setup lang="ts">
/** A line needs a state that is not proven: prove it, or say why you go on without. */
defineProps<{ message: string }>()
const without = defineModel<string>({ required: true })
const emit = defineEmits<{ prove: [], without: [], leave: [] }>()
</script>

<template>
  <div class="ask panel" role="alertdialog" aria-label="State needed">
    <p>{{ message }}</p>
    <button class="press main" @click="emit('prove')">Prove it</button>
    <form class="without" @submit.prevent="emit('without')">
      <input v-model="without" placeholder="or say why you go on without" aria-label="Why you go on without">
      <button class="press danger">Go on without</button>
    </form>
    <button class="press plain" @click="emit('leave')">Leave it</button>
  </div>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 10px 16px;
  border: 2px solid var(--danger);
  margin: 0 16px 8px;
}
.without {
  display: flex;
  gap: 6px;
  flex: 1;
  min-width: 260px;
}
.without input {
  flex: 1;
  min-height: var(--control);
  min-width: 0;
  padding: 0 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
}
</style>
