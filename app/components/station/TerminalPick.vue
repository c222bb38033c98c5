<script setup lang="ts">
/** What is under a terminal: a colour, then where it goes; or what is there already, taken off. */
import { PARTS_WIRED, type WiredPartId } from '#core/wiring'
import type { DraftLine } from '#core/tab'

type Landed = Extract<DraftLine, { readonly kind: 'landed' }>
const props = defineProps<{
  part: WiredPartId
  component: string
  terminal: string | undefined
  /** conductors on record there */
  here: readonly { readonly colour: string, readonly to: string }[]
  as: 'found' | 'left'
  on: Landed['on']
  /** logs lines; tells whether they are kept */
  keep: (lines: readonly DraftLine[]) => Promise<boolean>
}>()
const emit = defineEmits<{ pick: [terminal: string], close: [] }>()

const COLOURS = ['black', 'white', 'red', 'yellow', 'blue', 'green', 'bare', 'brown'] as const
const colour = ref<string>()
watch(() => props.terminal, () => {
  colour.value = undefined
})
const terminals = computed(() => PARTS_WIRED[props.part].terminals)
const goals = computed(() => [
  'supply', 'motor', 'ground', 'neutral', ...(props.part === 'starter' ? ['pilot'] : []),
  ...terminals.value.filter(t => t !== props.terminal && t !== 'g'),
])
const sayGoal = (to: string) => (terminals.value.includes(to) ? `terminal ${to.toUpperCase()}` : to)
const line = (more: Pick<Landed, 'colour' | 'to'> & { readonly off?: true }): Landed => ({
  kind: 'landed', part: props.component, terminal: props.terminal!, as: props.as, ...more,
  ...(props.on && !more.off ? { on: props.on } : {}),
})
async function keepLine(landed: Landed) {
  if (await props.keep([landed])) emit('close')
}
const land = (to: string) => keepLine(line({ colour: colour.value!, to }))
const takeOff = (which: { readonly colour: string, readonly to: string }) => keepLine(line({ ...which, off: true }))
</script>

<template>
  <div class="pick" role="group" :aria-label="terminal ? `Terminal ${terminal.toUpperCase()}` : 'Which terminal?'">
    <template v-if="!terminal">
      <b>Which terminal is that?</b>
      <button v-for="t in terminals" :key="t" class="press chip" @click="emit('pick', t)">{{ t.toUpperCase() }}</button>
    </template>
    <template v-else-if="!colour">
      <b>{{ terminal.toUpperCase() }}, as {{ as === 'left' ? 'landed' : 'found' }}:</b>
      <button v-for="c in COLOURS" :key="c" class="press chip" @click="colour = c">
        <span class="swatch" :class="c" aria-hidden="true" />{{ c }}
      </button>
      <button v-for="h in here" :key="h.colour + h.to" class="press plain" @click="takeOff(h)">
        {{ h.colour }} off
      </button>
    </template>
    <template v-else>
      <b>{{ terminal.toUpperCase() }} {{ colour }} goes to</b>
      <button v-for="to in goals" :key="to" class="press chip" @click="land(to)">{{ sayGoal(to) }}</button>
    </template>
    <button class="press plain" @click="emit('close')">never mind</button>
  </div>
</template>

<style scoped>
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
}
.chip {
  padding: 0 9px;
  min-height: 44px;
}
.swatch {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 4px;
  border: 1px solid var(--ink);
  vertical-align: -2px;
  background: #1b2328;
}
.swatch.white {
  background: #fff;
}
.swatch.red {
  background: #a8322a;
}
.swatch.yellow {
  background: #c59a17;
}
.swatch.blue {
  background: #2b5f9e;
}
.swatch.green {
  background: #3c7a3c;
}
.swatch.bare {
  background: #b87333;
}
.swatch.brown {
  background: #8a5a2b;
}
</style>
