<script setup lang="ts">
/** The path of the system in hand; on a narrow screen the lane of the next test, scrolled to it. */
import { layOutPath } from '~/components/path/layout'
import { usePathState } from '~/composables/usePathState'
import { useTab } from '~/stores/tab'

const props = defineProps<{ next: string | undefined, narrow: boolean }>()
const tab = useTab()
const path = usePathState()
const lane = ref<'power' | 'flow'>('power')
const drawing = useTemplateRef('drawing')
const lanes = computed(() => [
  { id: 'power' as const, label: 'power' },
  { id: 'flow' as const, label: tab.kind?.medium ?? 'flow' },
])
watch(
  () => [props.next, props.narrow] as const,
  async ([point, small]) => {
    const flag = point && tab.kind ? layOutPath(tab.kind).flags.find(f => f.point.id === point) : undefined
    if (!flag || !small) return
    lane.value = flag.lane === 'flow' ? 'flow' : 'power'
    await nextTick()
    drawing.value?.scrollTo({ left: flag.at[0] - 170 })
  },
  { flush: 'post', immediate: true },
)
</script>

<template>
  <section v-if="tab.kind" class="panel path" aria-label="The path">
    <LaneChoice v-if="narrow" v-model="lane" :choices="lanes" label="Lane" />
    <div ref="drawing" class="drawing">
      <PathDrawing
        :kind="tab.kind"
        :standings="tab.isolation?.path ?? []"
        :readings="path.readings.value"
        :notes="path.notes.value"
        :positions="path.positions.value"
        :next="next"
        :picked="tab.picked"
        :lane="narrow ? lane : 'both'"
        @pick="p => (tab.picked = tab.picked === p ? undefined : p)"
      />
    </div>
  </section>
</template>

<style scoped>
.path {
  min-height: 0;
  padding: 4px 8px;
}
.drawing > :deep(svg) {
  height: auto;
  max-height: 46vh;
}
@media (max-width: 760px) {
  .path {
    flex: none;
    padding: 6px;
  }
  .drawing {
    overflow-x: auto;
    scrollbar-width: none;
    height: auto;
  }
  /* as large as it is drawn: it is moved under the thumb */
  .drawing > :deep(svg) {
    width: 890px;
    max-height: none;
  }
}
</style>
