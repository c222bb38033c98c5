<script setup lang="ts">
/** A picture on the tape: from this device while it is on its way, from the server once it has come there. */
import { device } from '~/keeper/device'

const props = defineProps<{ name: string, come: boolean, caption: string }>()
const source = ref('')
/** neither here nor, so far, on the server */
const missing = ref(false)
let held: string | undefined
watch(
  () => [props.name, props.come] as const,
  async ([name, come]) => {
    const local = await device.readPicture(name).catch(() => undefined)
    letGo()
    held = local ? URL.createObjectURL(local.blob) : undefined
    missing.value = !local && !come
    source.value = held ?? (come ? `/api/attachments/${name}` : '')
  },
  { immediate: true },
)
onUnmounted(letGo)
function letGo() {
  if (held) URL.revokeObjectURL(held)
  held = undefined
}
</script>

<template>
  <span class="frame">
    <img v-if="source && !missing" class="picture" :src="source" :alt="caption" @error="missing = true">
    <span v-if="missing" class="missing">The picture has not come from its device yet.</span>
  </span>
</template>

<style scoped>
.picture {
  max-width: 100%;
  max-height: 180px;
  object-fit: contain;
  border: 1px solid var(--rule);
  background: var(--panel-2);
  justify-self: start;
}
.missing {
  display: block;
  color: var(--soft);
  border: 1.5px dashed var(--rule);
  padding: 6px 10px;
}
</style>
