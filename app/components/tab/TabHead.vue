<script setup lang="ts">
/** What the call is about, where, and the state of the work. */
import type { WorkState } from '#core/tab'
import { useTab } from '~/stores/tab'

defineProps<{ say: (line: string) => string }>()
const emit = defineEmits<{ prove: [state: WorkState] }>()
const tab = useTab()
const where = computed(() =>
  [
    tab.reply?.site.name,
    tab.reply?.system.name,
    tab.kind?.name.toLowerCase(),
    tab.state.opened?.since,
  ].filter(Boolean).join(' · '),
)
</script>

<template>
  <div class="top panel">
    <div class="complaint">
      <h1>{{ tab.state.opened?.words || 'No complaint given' }}</h1>
      <p class="soft">{{ where }}</p>
    </div>
    <StateStrip
      :work="tab.state.work"
      :ended="tab.state.ended"
      :units="tab.units"
      :say="say"
      :disabled="tab.state.status === 'settled'"
      @prove="s => emit('prove', s)"
    />
  </div>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 16px;
  padding: 7px 16px;
  border-width: 0 0 1px;
}
.complaint {
  min-width: 0;
}
.complaint h1 {
  font-size: var(--size-figure);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.complaint p {
  font-size: var(--size-note);
}
@media (max-width: 760px) {
  .top {
    flex-direction: column;
    align-items: stretch;
    gap: 6px;
    padding: 6px 10px;
  }
  .complaint p {
    display: none;
  }
}
</style>
