<script setup lang="ts">
import { useKeeping } from '~/stores/keeping'
import { setClock } from '~/composables/useClock'
import { inGoodTime } from '~/composables/inGoodTime'
import { useIsolation } from '~/composables/useIsolation'
import { healthReply } from '#contracts'
import { askServer } from '~/composables/useServer'

const keeping = useKeeping()
const ready = ref(false)
// fetched and compiled while the rest begins
useIsolation()
onMounted(async () => {
  await inGoodTime(askServer('/api/health', healthReply).then((health) => {
    if (health.ok) setClock(health.value.now)
  }))
  ready.value = true
  await keeping.begin()
})
</script>

<template>
  <div class="frame">
    <AppHead />
    <main v-if="ready" class="main">
      <NuxtPage />
    </main>
    <p v-else class="page soft">Opening…</p>
  </div>
</template>

<style scoped>
.frame { height: 100%; display: grid; grid-template: auto minmax(0, 1fr) / minmax(0, 1fr); }
.main { min-height: 0; overflow: auto; position: relative; }
@media print { .frame { display: block; height: auto; } .main { overflow: visible; } }
</style>
