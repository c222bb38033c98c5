<script setup lang="ts">
/** What fails and why: a bar for each fault, hatched where nobody named the cause, with its minutes and causes. */
import type { BooksReply } from '#contracts'
import { sayMinutes } from '~/components/today/dayRows'

type Fault = BooksReply['faults'][number]
const props = defineProps<{ faults: readonly Fault[] }>()
const emit = defineEmits<{ open: [tabs: readonly string[], of: string, count: number] }>()
const FIRST = 8
const all = ref(false)
const shown = computed(() => (all.value ? props.faults : props.faults.slice(0, FIRST)))
const most = computed(() => Math.max(1, ...props.faults.map(f => f.count)))
const width = (n: number) => `${(100 * n) / most.value}%`
const minutes = ({ isolate = 0, mend = 0, prove = 0 }: Fault['minutes']) => isolate + mend + prove
</script>

<template>
  <ol class="faults">
    <li v-for="f in shown" :key="f.about">
      <button class="name" @click="emit('open', f.tabs, f.name, f.count)"><b>{{ f.name }}</b></button>
      <div class="bar" aria-hidden="true">
        <span class="known" :style="{ width: width(f.count - f.openCount) }" />
        <span class="unknown" :style="{ width: width(f.openCount) }" />
      </div>
      <span class="figure">{{ f.count }}</span>
      <span class="soft takes">{{ minutes(f.minutes) ? sayMinutes(minutes(f.minutes)) : '' }}</span>
      <p class="why">
        <span v-for="c in f.causes" :key="c.about">
          <button class="cause" @click="emit('open', c.tabs, c.name, c.count)">{{ c.name.toLowerCase() }}</button>
          {{ c.count }}</span>
        <span v-if="f.openCount">
          <button class="cause open" @click="emit('open', f.open, 'cause left open', f.openCount)">
            cause left open</button>
          {{ f.openCount }}</span>
      </p>
    </li>
  </ol>
  <button v-if="faults.length > FIRST" class="press plain" @click="all = !all">
    {{ all ? 'The first eight' : `All ${faults.length}` }}</button>
</template>

<style scoped>
.faults { list-style: none; margin: 0; padding: 0; }
li {
  display: grid;
  grid-template-columns: minmax(180px, 250px) 1fr 34px 84px;
  gap: 0 12px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px dashed var(--rule);
}
.name, .cause {
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  cursor: pointer;
}
.name { min-height: 32px; }
.cause {
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-color: var(--rule);
}
.cause.open { font-weight: 700; }
.bar { display: flex; height: 16px; }
.bar span { border: 1px solid var(--edge); border-left-width: 0; }
.bar span:first-child { border-left-width: 1px; }
.known { background: var(--copper); }
.unknown {
  background: repeating-linear-gradient(135deg, var(--edge) 0 1.4px, transparent 1.4px 6px);
}
.figure { text-align: right; }
.takes { text-align: right; font-size: var(--size-note); }
.why {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  font-size: var(--size-note);
  color: var(--soft);
}
@media (max-width: 760px) {
  li { grid-template-columns: 1fr 34px; }
  .bar { grid-column: 1 / -1; grid-row: 2; }
  .takes { display: none; }
}
</style>
