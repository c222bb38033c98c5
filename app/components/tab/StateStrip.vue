<script setup lang="ts">
/** What is known of the work, and how and when each was proven. Pressing one asks for its proof. */
import { WORK_STATES, type TabState, type WorkState } from '#core/tab'
import { formatValue, type Units } from '#core/units'
import { timeOf } from '~/composables/useClock'

const props = defineProps<{
  work: TabState['work']
  ended: TabState['ended']
  say: (line: string) => string
  disabled?: boolean
  units: Units
}>()
const emit = defineEmits<{ prove: [state: WorkState] }>()

const NAMES: Record<WorkState, string> = {
  'live': 'Live',
  'proven-dead': 'Proven dead',
  'discharged': 'Discharged',
  'zero-pressure': 'Zero pressure',
}
function how(state: WorkState) {
  const held = props.work[state]
  if (!held) {
    const by = props.ended[state]?.by
    if (by) return `ended ${props.say(by)}`
    return state === 'live' && !props.work['proven-dead'] ? 'taken as live' : 'not now'
  }
  const proof = held.proof ?? []
  const text
    = state === 'zero-pressure'
      ? proof.map(p => `gauge ${formatValue('pressure', p, props.units)}`).join()
      : state === 'live'
        ? ''
        : proof.length > 2
          ? 'live–dead–live'
          : proof.map(p => formatValue('volts', p)).join(' → ')
  return [timeOf(held.at), text || (state === 'live' ? 'power on' : 'without proof')].join(' · ')
}
</script>

<template>
  <div class="strip" role="group" aria-label="State of the work">
    <button
      v-for="s in WORK_STATES"
      :key="s"
      class="state"
      :class="{ held: work[s], ended: !work[s] && ended[s], danger: s === 'live' && !work['proven-dead'] }"
      :title="!work[s] && ended[s] ? 'Prove it again' : undefined"
      :disabled="disabled"
      @click="emit('prove', s)"
    >
      <span class="dot" aria-hidden="true" /><span>
        <b>{{ NAMES[s] }}</b>
        <small>{{ how(s) }}</small>
      </span>
    </button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
}
.state {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: var(--control);
  padding: 2px 12px;
  border: 1.5px solid var(--rule);
  border-radius: var(--round);
  background: transparent;
  text-align: left;
  cursor: pointer;
  color: var(--soft);
}
.state:hover:enabled {
  border-color: var(--brass);
}
.state:disabled {
  cursor: default;
}
.state b {
  display: block;
  font-size: var(--size-note);
  line-height: 1.2;
}
.state small {
  font-size: var(--size-caps);
  white-space: nowrap;
  display: block;
  max-width: 168px;
  overflow: hidden;
  text-overflow: ellipsis;
}
.ended {
  border-style: dashed;
  border-color: var(--brass);
}
.dot {
  width: 10px;
  height: 10px;
  border-radius: 50%;
  border: 1.5px solid currentColor;
  flex: none;
}
.held {
  background: var(--brass-ground);
  border-color: var(--edge);
  color: var(--ink);
}
.held .dot {
  background: currentColor;
}
.danger {
  color: var(--danger);
  border-color: var(--danger);
  background: transparent;
}
@media (max-width: 760px) {
  .strip {
    overflow-x: auto;
    padding-bottom: 2px;
    scrollbar-width: none;
  }
  .state {
    flex: none;
  }
}
</style>
