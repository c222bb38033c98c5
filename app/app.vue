<script setup lang="ts">
import { useKeeping } from '~/stores/keeping'
import { useMe } from '~/stores/me'
import { setClock } from '~/composables/useClock'
import { inGoodTime } from '~/composables/inGoodTime'
import { useIsolation } from '~/composables/useIsolation'
import { healthReply } from '#contracts'
import { askServer } from '~/composables/useServer'

const keeping = useKeeping()
const me = useMe()
const route = useRoute()
/** Pages that somebody who is not signed in may see. */
const isForMembers = (path: string) => !/^\/(?:sign-in|join|sheet\/.*)$/.test(path)
const ready = ref(false)
// fetched and compiled while the rest begins
useIsolation()
onMounted(async () => {
  const asking = me.load()
  await inGoodTime(askServer('/api/health', healthReply).then(async (health) => {
    if (health.ok) setClock(health.value.now)
    return asking
  }))
  ready.value = true
  void asking.then(async (answer) => {
    if (answer && !answer.me && isForMembers(route.path)) await navigateTo('/sign-in')
  })
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
