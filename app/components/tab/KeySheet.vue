<script setup lang="ts">
/** The sheet behind `?`: every key on the Tab screen and the shape of the shorthand. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const dialog = useTemplateRef('dialog')
watch(
  () => props.open,
  o => (o ? dialog.value?.showModal() : dialog.value?.close()),
)

const KEYS = [
  ['Enter', 'log what the reading line understood'],
  ['Tab', 'complete the word being typed'],
  ['Esc', 'clear the reading line, close what is open'],
  ['F2', 'take the next test in hand'],
  ['F4', 'proof of the state of the work'],
  ['F6', 'move between path, next test, suspects and tape'],
  ['F8', 'repair and settle'],
  ['Ctrl+Z', 'strike the last line'],
  ['?', 'this sheet (when the reading line is empty)'],
] as const
const WORDS = [
  ['load 0v', 'volts at the switch load side'],
  ['line l1 120', 'leg 1 to ground at the line side'],
  ['start 33.1', 'amps on black as it starts'],
  ['black 33 held', 'amps that do not come down'],
  ['red start 0', 'red lead at the start'],
  ['y-b 4.8', 'ohms yellow to black'],
  ['ol y-g', 'open circuit to ground'],
  ['cap 147uf', 'start capacitor'],
  ['dead 238 0.4 238', 'proven live–dead–live'],
  ['bled 0.3', 'capacitor measured flat'],
  ['zero pressure 0', 'gauge at zero'],
  ['pre 21', 'tank precharge'],
  ['cut in 32', 'cut-in off the gauge'],
  ['cycle 9 s', 'start to start'],
  ['contacts burnt', 'a thing seen'],
  ['note …', 'a note'],
] as const
</script>

<template>
  <dialog ref="dialog" class="sheet" aria-labelledby="keys-title" @close="emit('close')">
    <h2 id="keys-title">Keys</h2>
    <dl>
      <template v-for="[k, v] in KEYS" :key="k">
        <dt>
          <kbd>{{ k }}</kbd>
        </dt>
        <dd>{{ v }}</dd>
      </template>
    </dl>
    <h2>What can be typed</h2>
    <dl>
      <template v-for="[k, v] in WORDS" :key="k">
        <dt>
          <code>{{ k }}</code>
        </dt>
        <dd>{{ v }}</dd>
      </template>
    </dl>
    <button class="press main" @click="emit('close')">Close</button>
  </dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 16px;
  margin: 8px 0 16px;
}
dd {
  margin: 0;
}
kbd,
code {
  font: inherit;
  font-weight: 700;
}
</style>
