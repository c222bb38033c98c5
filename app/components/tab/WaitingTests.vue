<script setup lang="ts">
/** Tests that wait, with what is left of each wait; the next test fills it meanwhile. */
import { useNow } from '@vueuse/core'
import type { Isolation } from '#core/isolation'
import { useClock } from '~/composables/useClock'

const props = defineProps<{ waiting: Isolation['waiting'] }>()
const emit = defineEmits<{ read: [test: string] }>()
const tick = useNow({ interval: 1000 })
const rows = computed(() =>
  props.waiting.map((w) => {
    void tick.value
    const left = Math.max(0, Math.round((Date.parse(w.due) - Date.parse(useClock().now())) / 1000))
    return { ...w, left, clock: `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}` }
  }),
)
</script>

<template>
  <ul class="waiting" aria-label="Waiting tests">
    <li v-for="w in rows" :key="w.test" :class="{ due: w.left === 0 }">
      <span class="clock" role="timer">{{ w.left === 0 ? 'due' : w.clock }}</span>
      <span class="what">
        <b>{{ w.title }}</b>
        <small class="soft">{{ w.left === 0 ? 'the wait is over' : w.why }}</small>
      </span>
      <button class="press" :class="{ main: w.left === 0 }" @click="emit('read', w.test)">
        {{ w.left === 0 ? 'Read it now' : 'Read it early' }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.waiting {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: grid;
  grid-template-columns: 64px 1fr auto;
  gap: 10px;
  align-items: center;
  border-left: 4px solid var(--rule);
  padding: 2px 0 2px 10px;
  background: var(--panel-2);
}
li.due {
  border-color: var(--brass);
  background: var(--brass-ground);
}
.clock {
  font-size: var(--size-head);
  font-weight: 700;
  text-align: right;
}
.what {
  display: grid;
  line-height: 1.2;
  font-size: var(--size-note);
}
</style>
