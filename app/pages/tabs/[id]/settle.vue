<script setup lang="ts">
/** Settling: the guided end of the same tab. Everything entered here is a line on it. */
import type { DraftLine, WorkState } from '#core/tab'
import { sayProblem } from '#core/words'
import { useTab } from '~/stores/tab'

const route = useRoute()
const tab = useTab()
const id = computed(() => String(route.params.id))
watch(id, i => void tab.open(i), { immediate: true })
onUnmounted(() => tab.close())
useHead({ title: () => (tab.reply ? `Settle · ${tab.reply.site.name}` : 'Keep Tab') })
const trouble = ref('')
const proving = ref<WorkState>()
const settled = computed(() => tab.state.status === 'settled')

async function log(draft: DraftLine) {
  const done = await tab.log(draft)
  trouble.value = done.ok ? '' : sayProblem(done.problem)
  return done.ok
}
</script>

<template>
  <div v-if="tab.reply && tab.kind" class="page">
    <header class="top">
      <div>
        <p class="soft">{{ tab.reply.site.name }} · {{ tab.reply.system.name }}</p>
        <h1>{{ settled ? 'Settled' : 'Settle' }}: {{ tab.state.opened?.words }}</h1>
      </div>
      <div class="acts">
        <NuxtLink class="press" :to="`/tabs/${id}`">Back to the tab</NuxtLink>
        <NuxtLink class="press" :to="`/tabs/${id}/summary`">Customer summary</NuxtLink>
      </div>
    </header>
    <KeepingBanner />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <SettleFindings :log="log" :settled="settled" />
    <SettleParts :log="log" :settled="settled" />
    <SettleAsLeft :log="log" :settled="settled" @prove="s => (proving = s)" />
    <SettleClose :log="log" :settled="settled" />
    <ProofDialog :state="proving" @close="proving = undefined" @done="proving = undefined" />
  </div>
  <div v-else class="page">
    <p v-if="tab.problem" class="trouble" role="alert">{{ sayProblem(tab.problem) }}</p>
    <p v-else class="soft">Opening the tab…</p>
  </div>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  flex-wrap: wrap;
  align-items: center;
}
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
</style>
