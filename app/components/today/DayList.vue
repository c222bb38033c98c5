<script setup lang="ts">
/** The day's calls in their order: dragged, or moved by Alt and an arrow; each begins where the one before ends. */
import Sortable from 'sortablejs'
import { sumOf, type DayRow } from './dayRows'

const props = defineProps<{
  rows: readonly DayRow[]
  /** when each begins, minutes of the day */
  from: ReadonlyMap<string, number>
  today: string
  others: boolean
}>()
const emit = defineEmits<{ move: [item: string, to: number], place: [row: DayRow] }>()
const list = useTemplateRef<HTMLElement>('list')
const widest = computed(() => Math.max(60, ...props.rows.map(r => sumOf(r.minutes))))

let sortable: Sortable | undefined
onMounted(() => {
  sortable = Sortable.create(list.value!, {
    animation: 0,
    // pointers alone, so that a thumb, a mouse and a pen drag alike
    forceFallback: true,
    delay: 150,
    delayOnTouchOnly: true,
    filter: 'a, button',
    preventOnFilter: false,
    onEnd: ({ item, oldIndex, newIndex, from }) => {
      if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
      // the page draws the new order itself
      from.insertBefore(item, from.children[oldIndex > newIndex ? oldIndex + 1 : oldIndex] ?? null)
      emit('move', props.rows[oldIndex]!.item, newIndex)
    },
  })
})
onBeforeUnmount(() => sortable?.destroy())

async function byKey(event: KeyboardEvent, index: number) {
  const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0
  if (!event.altKey || by === 0) return
  event.preventDefault()
  const to = index + by
  if (to < 0 || to >= props.rows.length) return
  emit('move', props.rows[index]!.item, to)
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('.call')[to]?.focus()
}
</script>

<template>
  <ol ref="list" class="day">
    <li
      v-for="(row, i) in rows"
      :key="row.item"
      class="call"
      tabindex="0"
      :aria-label="`${i + 1} of ${rows.length}: ${row.title}, ${row.siteName}`"
      @keydown="byKey($event, i)"
    >
      <DayRow
        :row="row"
        :from="from.get(row.item) ?? 0"
        :today="today"
        :widest="widest"
        :others="others"
        @place="emit('place', row)"
      />
    </li>
  </ol>
</template>

<style scoped>
.day { list-style: none; margin: 0; padding: 0; }
.call { cursor: grab; }
.call:focus-visible { outline-offset: -3px; }
</style>
