<script setup lang="ts">
/** A picture on the tape: from this device while it is on its way, from the server once kept there. */
import { localCopies } from '~/composables/localCopies'

const props = defineProps<{ photo: string, caption: string }>()
const source = ref('')
let held: string | undefined
watch(() => props.photo, async (id) => {
  const local = await localCopies.readPhoto(id).catch(() => undefined)
  held = local ? URL.createObjectURL(local.blob) : undefined
  source.value = held ?? `/api/photos/${id}`
}, { immediate: true })
onUnmounted(() => { if (held) URL.revokeObjectURL(held) })
</script>

<template>
  <img v-if="source" class="picture" :src="source" :alt="caption">
</template>

<style scoped>
.picture { max-width: 100%; max-height: 180px; object-fit: contain; border: 1px solid var(--rule); background: var(--panel-2); justify-self: start; }
</style>
