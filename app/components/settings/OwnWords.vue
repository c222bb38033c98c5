<script setup lang="ts">
/** Words that this shop has placed, each with what it is heard as; each can be forgotten. */
import { computedAsync } from '@vueuse/core'
import { wordsReply, type PlacedWords } from '#contracts'
import type { Problem } from '#core/foundation'
import { sayProblem } from '#core/words'
import { sayDay } from '~/composables/useClock'
import { askServer } from '~/composables/useServer'
import { useSystems } from '~/composables/useSystems'
import { useLedger } from '~/stores/ledger'

const ledger = useLedger()
const told = shallowRef<readonly PlacedWords[]>([])
const problem = shallowRef<Problem>()
async function load() {
  const answer = await askServer('/api/words', wordsReply)
  problem.value = answer.ok ? undefined : answer.problem
  if (answer.ok) told.value = answer.value
}
onMounted(() => void load())
onBeforeUnmount(ledger.onKept(load))
const placed = computed(() => ledger.sayings(told.value).toReversed())
const meant = computedAsync(() => useSystems().meant(placed.value), [])
const forget = (line: string) => ledger.write({ kind: 'struck', line, reason: 'not heard so any more' })
</script>

<template>
  <section class="panel own-words" aria-labelledby="words-title">
    <h2 id="words-title">Own words</h2>
    <p class="soft">Remarks that were placed by hand. On every kind of system that has the test they are heard so.</p>
    <p v-if="problem" class="trouble" role="alert">{{ sayProblem(problem) }}</p>
    <p v-else-if="!placed.length" class="soft">
      None yet. A remark on the tape is placed by pressing it: “Place it”.
    </p>
    <ul v-else class="rows">
      <li v-for="(p, i) in placed" :key="p.id" class="row">
        <span><b>“{{ p.words }}”</b><small class="soft">{{ sayDay(p.at) }}{{ p.by ? `, ${p.by}` : '' }}</small></span>
        <span>{{ meant[i] }}</span>
        <button class="press plain" :aria-label="`Forget “${p.words}”`" @click="forget(p.id)">Forget</button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.own-words {
  padding: var(--space-3) var(--space-4);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-2);
}
.rows { list-style: none; margin: 0; padding: 0; }
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 2px var(--space-3);
  align-items: center;
  border-top: 1px solid var(--rule);
}
.row span { overflow-wrap: anywhere; }
.row small { display: block; }
@media (max-width: 760px) {
  .row { grid-template-columns: minmax(0, 1fr) auto; padding-top: 6px; }
  .row span:first-child { grid-column: 1 / -1; }
}
</style>
