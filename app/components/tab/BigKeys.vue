<script setup lang="ts">
/** Keys for a thumb in a glove: what is read at the picked point, then digits. What they type is the same shorthand. */
import type { SystemOutline, TestPoint } from '#core/systems'

const props = defineProps<{ kind: SystemOutline, point: TestPoint }>()
const emit = defineEmits<{ start: [text: string], type: [text: string], back: [], enter: [], close: [] }>()

const tests = computed(() => props.kind.tests.filter(t => t.point === props.point.id))
const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', ' OL']
const units = computed(() => {
  const q = new Set(tests.value.map(t => (t.kind === 'numeric' ? t.quantity : '')))
  return [
    ...(q.has('volts') ? ['v'] : []),
    ...(q.has('amps') ? ['a'] : []),
    ...(q.has('ohms') ? ['ohm', 'k', 'meg'] : []),
    ...(q.has('farads') ? ['uf'] : []),
    ...(q.has('pressure') ? ['psi'] : []),
    ...(q.has('flow') ? ['gpm'] : []),
  ]
})
const starter = (id: string) => {
  const test = tests.value.find(t => t.id === id)!
  if (test.kind === 'seen') return `${test.words[0]} `
  const word = test.words[0] ?? ''
  return word
    && (test.variant || test.condition === 'starting' || test.condition === 'running' || test.condition === 'idle')
    ? `${props.point.id} ${word} `.replace(/^poles /, 'poles ')
    : `${props.point.id} `
}
</script>

<template>
  <div class="keys" role="group" :aria-label="`Keys for ${point.name}`">
    <div class="head">
      <b>#{{ point.number }} {{ point.name }}</b>
      <button class="key small" @click="emit('close')">Close</button>
    </div>
    <div class="cols">
      <div class="tests">
        <button v-for="t in tests" :key="t.id" class="key wide" @click="emit('start', starter(t.id))">
          {{ t.title }}
        </button>
      </div>
      <div class="pad">
        <button v-for="k in KEYS" :key="k" class="key" @click="emit('type', k)">{{ k.trim() }}</button>
      </div>
      <div class="units">
        <button v-for="u in units" :key="u" class="key" @click="emit('type', u)">{{ u }}</button><button
          class="key"
          @click="emit('back')"
        >
          ⌫</button>
        <button class="key go" @click="emit('enter')">Log</button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.keys {
  position: absolute;
  bottom: 100%;
  /* beside the card of the next test, never over it */
  right: 0;
  width: min(55vw, 760px);
  z-index: 2;
  background: var(--bar);
  padding: 10px 16px 8px;
  border: 1px solid var(--soft);
  border-width: 1px 0 1px 1px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 6px;
}
.cols {
  display: flex;
  gap: 14px;
}
.tests {
  flex: 1;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 6px;
  align-content: start;
  max-height: 212px;
  overflow: auto;
}
.pad {
  display: grid;
  grid-template-columns: repeat(3, 66px);
  gap: 6px;
}
.units {
  display: grid;
  grid-template-columns: repeat(2, 66px);
  gap: 6px;
  align-content: start;
}
.key {
  min-height: 48px;
  border: 1px solid var(--on-bar);
  background: transparent;
  color: var(--on-bar);
  border-radius: 5px;
  font-size: var(--size-title);
  font-weight: 600;
  cursor: pointer;
}
.key:hover {
  background: var(--bar-brass);
  color: var(--bar);
}
.wide {
  font-size: var(--size-note);
  font-weight: 400;
  text-align: left;
  padding: 4px 10px;
}
.small {
  min-height: var(--control);
  font-size: var(--size-note);
  padding: 0 12px;
  border: 0;
}
.go {
  background: var(--bar-brass);
  color: var(--bar);
  border: 0;
}
@media (max-width: 760px) {
  .keys {
    position: static;
    width: auto;
  }
  .cols {
    flex-wrap: wrap;
    gap: 8px;
  }
  .tests {
    flex: 1 0 100%;
    max-height: 108px;
    grid-template-columns: 1fr 1fr;
  }
  .pad {
    flex: 3;
    grid-template-columns: repeat(3, 1fr);
  }
  .units {
    flex: 2;
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>
