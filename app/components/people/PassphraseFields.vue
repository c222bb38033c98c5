<script setup lang="ts">
/** A name, a passphrase that can be shown, and whether this device is trusted with it. */
import { Checkbox } from 'primevue'

defineProps<{ fresh?: boolean }>()
const name = defineModel<string>('name', { required: true })
const passphrase = defineModel<string>('passphrase', { required: true })
const trusted = defineModel<boolean>('trusted', { required: true })
const shown = ref(false)
</script>

<template>
  <label class="field">
    <span>Name</span>
    <input v-model.trim="name" name="name" autocomplete="username" maxlength="80" required>
  </label>
  <label class="field">
    <span>Passphrase</span>
    <input
      v-model="passphrase"
      name="passphrase"
      :type="shown ? 'text' : 'password'"
      :autocomplete="fresh ? 'new-password' : 'current-password'"
      maxlength="1024"
      required
    >
  </label>
  <p v-if="fresh" class="soft">Four words that do not belong together are easy to keep and hard to guess.</p>
  <div class="ticks">
    <label><Checkbox v-model="shown" binary /> show it</label>
    <label><Checkbox v-model="trusted" binary /> stay signed in here for 90 days</label>
  </div>
</template>

<style scoped>
.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
.ticks label {
  display: flex;
  gap: var(--space-2);
  align-items: center;
  min-height: var(--control);
}
</style>
